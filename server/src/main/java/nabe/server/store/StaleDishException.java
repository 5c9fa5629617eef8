package nabe.server.store;

import nabe.words.Messages;

/** Someone changed the dish since the cook's page last saw it. */
public class StaleDishException extends RuntimeException {
    private final transient Dish current;

    public StaleDishException(Dish current) {
        super(Messages.say("server.this-dish-was-changed-in-another"));
        this.current = current;
    }

    /** @return the dish as it stands now */
    public Dish current() {
        return current;
    }
}
