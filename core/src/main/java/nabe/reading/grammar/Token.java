package nabe.reading.grammar;

/**
 * A word, number or mark of a method.
 *
 * @param text as written; {@code key} its comparable form: singular, lower case, without accents; a mark is its own key
 * @param low,high the value of a number, both ends of "8–10"; 0 for words and marks
 * @param start,end where it stands in its step
 */
public record Token(Kind kind, String text, String key, double low, double high, int start, int end) {
    /** What a token is. */
    public enum Kind {
        WORD,
        NUMBER,
        MARK
    }

    public boolean isWord() {
        return kind == Kind.WORD;
    }

    public boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    public boolean isMark() {
        return kind == Kind.MARK;
    }

    public boolean is(String other) {
        return key.equals(other);
    }
}
