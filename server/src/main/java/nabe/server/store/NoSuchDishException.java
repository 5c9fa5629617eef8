package nabe.server.store;

/** No dish has this id. */
public class NoSuchDishException extends RuntimeException {
    public NoSuchDishException() {
        super("There is no such dish. Maybe the address was cut short; go back to the shelf.");
    }
}
