package nabe.server.store;

import nabe.words.Messages;

/** The house was changed elsewhere since the cook read it. Carries what it is now. */
public final class StaleHouseException extends RuntimeException {
    private final transient HomeStore.KeptHouse current;

    StaleHouseException(HomeStore.KeptHouse current) {
        super(Messages.say("server.the-house-was-changed-in-another"));
        this.current = current;
    }

    public HomeStore.KeptHouse current() {
        return current;
    }
}
