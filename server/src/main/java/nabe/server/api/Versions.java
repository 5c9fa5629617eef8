package nabe.server.api;

/** Reads the version a change was made on. */
final class Versions {
    private Versions() {}

    /** @throws IllegalArgumentException when the header is no version of ours */
    static int of(String ifMatch) {
        try {
            return Integer.parseInt(ifMatch.replaceAll("^W/|\"", ""));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("The version (" + ifMatch + ") must be the ETag this was read with.");
        }
    }
}
