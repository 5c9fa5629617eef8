package nabe.server.api;

import nabe.measure.WrongValueException;
import nabe.words.Messages;

/** Reads the version a change was made on. */
final class Versions {
    private Versions() {}

    /** @throws WrongValueException when the header is no version of ours */
    static int of(String ifMatch) {
        try {
            return Integer.parseInt(ifMatch.replaceAll("^W/|\"", ""));
        } catch (NumberFormatException e) {
            throw new WrongValueException(Messages.say("server.the-version-must-be-the-etag", ifMatch));
        }
    }
}
