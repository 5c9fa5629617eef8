package nabe.label;

/**
 * A word, number or mark of a label.
 *
 * @param key a word's comparable form, a number's digits, else empty
 * @param text as written
 * @param gap characters between it and the token before it; 0 where they touch or a hyphen joins them
 */
record Token(Kind kind, String key, String text, int start, int end, int gap) implements Node {

    enum Kind {
        WORD,
        /** A count, share or weight: "12", "12 %", "30 g". */
        NUMBER,
        COMMA,
        SEMICOLON,
        COLON,
        /** A bullet, a slash, a bar or a dash with spaces around it. */
        BULLET,
        OPEN,
        CLOSE,
        /** A full stop, exclamation or question mark. */
        STOP,
        LINE,
        /** Dots that say the list goes on. */
        CUT,
        /** An asterisk or dagger. */
        NOTE
    }

    boolean is(Kind other) {
        return kind == other;
    }

    boolean isWord() {
        return kind == Kind.WORD;
    }

    Token spelt(String newKey) {
        return new Token(Kind.WORD, newKey, text, start, end, gap);
    }
}
