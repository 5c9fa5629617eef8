package nabe.reading.text;

import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A place in a line of text that moves forward as pieces are recognised. */
final class Scan {
    private final String text;
    private int at;
    /** A matcher that found nothing, to be asked again. */
    private @Nullable Matcher spare;

    Scan(String text) {
        this.text = text;
    }

    String text() {
        return text;
    }

    int at() {
        return at;
    }

    void back(int to) {
        at = to;
    }

    /** Matches right here and moves past it, or gives null and stays. */
    @Nullable
    Matcher take(Pattern pattern) {
        Matcher matcher = spare == null ? pattern.matcher(text).useTransparentBounds(true) : spare.usePattern(pattern);
        if (!matcher.region(at, text.length()).lookingAt()) {
            spare = matcher;
            return null;
        }
        spare = null;
        at = matcher.end();
        return matcher;
    }

    boolean nextIs(IntPredicate test) {
        return at < text.length() && test.test(text.charAt(at));
    }

    void skipSpace() {
        while (nextIs(Character::isWhitespace)) {
            at++;
        }
    }

    String rest() {
        return text.substring(at);
    }
}
