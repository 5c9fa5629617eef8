package nabe.server.api;

import nabe.words.Messages;

/** Something asked for by id is not there (any more). */
final class NoSuchThingException extends RuntimeException {
    private NoSuchThingException(String message) {
        super(message);
    }

    static NoSuchThingException packet() {
        return new NoSuchThingException(Messages.say("server.there-is-no-such-packet-in"));
    }

    static NoSuchThingException wording() {
        return new NoSuchThingException(Messages.say("server.nabe-does-not-remember-this-wording"));
    }
}
