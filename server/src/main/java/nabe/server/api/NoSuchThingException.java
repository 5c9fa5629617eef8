package nabe.server.api;

/** Something asked for by id is not there (any more). */
final class NoSuchThingException extends RuntimeException {
    private NoSuchThingException(String message) {
        super(message);
    }

    static NoSuchThingException packet() {
        return new NoSuchThingException(
                "There is no such packet in the larder. Maybe it was thrown out in another window.");
    }

    static NoSuchThingException wording() {
        return new NoSuchThingException("Nabe does not remember this wording.");
    }
}
