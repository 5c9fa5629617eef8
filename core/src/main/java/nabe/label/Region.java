package nabe.label;

/**
 * A stretch of the label that speaks in one way.
 *
 * @param way what it says of the things it names
 */
record Region(Way way, String text) {

    enum Way {
        /** These are in it. */
        HOLDS,
        /** These may be in it: traces, shared lines. */
        MAY,
        /** These are said not to be in it. */
        FREE,
        /** Not suitable for these people. */
        UNSUITABLE
    }
}
