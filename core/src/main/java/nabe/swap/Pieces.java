package nabe.swap;

import java.util.regex.Pattern;
import nabe.larder.Words;

/** The number of a name beside a word for its pieces: "8 tortilla halves" are no "tortillas halves". */
final class Pieces {
    private static final Pattern AFTER = Pattern.compile(
            "^ (?:halves|half|quarters|strips|slices|pieces|squares|wedges|triangles|rounds)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ONE_OF_THEM =
            Pattern.compile("\\b(?:each|every|another|per)\\s$", Pattern.CASE_INSENSITIVE);

    private Pieces() {}

    /** @return what is said now, in the singular after "each" and "every" */
    static String ofOne(CharSequence before, String says) {
        return ONE_OF_THEM.matcher(before).find() ? Words.one(says) : says;
    }

    /** @return what is said now, in the singular where pieces of the name follow */
    static String fitted(String says, String name, String after) {
        boolean one = says.endsWith("s")
                && !name.endsWith("s")
                && AFTER.matcher(after).find();
        int last = says.lastIndexOf(' ') + 1;
        return one ? says.substring(0, last) + Words.key(says.substring(last)) : says;
    }
}
