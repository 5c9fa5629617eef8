package nabe.server.store;

/** Someone changed the dish since the cook's page last saw it. */
public class StaleDishException extends RuntimeException {
    private final transient Dish current;

    public StaleDishException(Dish current) {
        super("This dish was changed in another window since you opened it.");
        this.current = current;
    }

    /** @return the dish as it stands now */
    public Dish current() {
        return current;
    }
}
