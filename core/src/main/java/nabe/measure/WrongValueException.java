package nabe.measure;

/** Something given makes no sense: its message tells whoever gave it what is wrong, in a cook's words. Any other illegal argument is a fault of the program. */
public final class WrongValueException extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    public WrongValueException(String message) {
        super(message);
    }

    public WrongValueException(String message, Throwable cause) {
        super(message, cause);
    }
}
