package nabe.server.store;

import nabe.words.Messages;

/** No dish has this id. */
public class NoSuchDishException extends RuntimeException {
    public NoSuchDishException() {
        super(Messages.say("server.there-is-no-such-dish-maybe"));
    }
}
