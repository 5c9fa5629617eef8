package nabe.server.store;

/** The house was changed elsewhere since the cook read it. Carries what it is now. */
public final class StaleHouseException extends RuntimeException {
    private final transient HomeStore.KeptHouse current;

    StaleHouseException(HomeStore.KeptHouse current) {
        super("The house was changed in another window since you opened it.");
        this.current = current;
    }

    public HomeStore.KeptHouse current() {
        return current;
    }
}
