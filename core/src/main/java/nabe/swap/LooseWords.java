package nabe.swap;

import java.util.regex.Pattern;

/** Nobody grates, tears or slices what comes as shreds or as a sprinkle: it is scattered. */
final class LooseWords {
    private static final String LOOSE = "(?:(?!(?:and|over|on)\\b)[\\p{L}-]+ ){0,5}?(?:shreds|sprinkle)\\b";
    private static final String CUTS = "(?:grate|tear|crumble|shred|cube|dice|slice|shave)";
    private static final String SHARE =
            "(?:(?:the|all|half|most|rest|remaining|last|what is|what's|left|of|both) ){0,5}";

    /** "Tear the shreds over", "grate over the shreds". */
    private static final Pattern CUT_OVER = Pattern.compile(
            "\\b" + CUTS + "(?=(?: over| on)? " + SHARE + LOOSE + "(?:[^.;]*\\b(?:over|on|top)\\b)?)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ONLY_CUTS = Pattern.compile(
            "(?:and |then )?(?:(?:coarsely|finely|roughly) )?(?:" + CUTS + "|cut|halve|split) " + SHARE + LOOSE
                    + "(?: (?:in half|in two|in quarters|horizontally|lengthways|lengthwise|through the middle|thinly|up|into [^.;]{0,40}|in [^.;]{0,20}))*[\\s.,;]*(?:and|then)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ALREADY = Pattern.compile(
            "\\b(?:cubed|grated|sliced|torn|crumbled|diced|shredded|slices of|cubes of|chunks of) (?=" + LOOSE + ")",
            Pattern.CASE_INSENSITIVE);

    /** "The coconut-based melting shreds cubes", of mozzarella that was cubed. */
    private static final Pattern IN_SHAPES = Pattern.compile(
            "\\b(shreds|sprinkle) (?:cubes|slices|chunks|balls|pieces|strips|rounds|wedges)\\b",
            Pattern.CASE_INSENSITIVE);

    private LooseWords() {}

    /** @return whether the clause does nothing but cut such a thing */
    static boolean onlyCuts(String words) {
        return ONLY_CUTS.matcher(words.strip()).matches();
    }

    /** @param words once the swaps are written in */
    static String fitted(String words) {
        if (!words.contains("shreds") && !words.contains("sprinkle")) {
            return words;
        }
        String whole = IN_SHAPES.matcher(ALREADY.matcher(words).replaceAll("")).replaceAll("$1");
        return onlyCuts(whole)
                ? whole
                : CUT_OVER.matcher(whole)
                        .replaceAll(m -> Character.isUpperCase(m.group().charAt(0)) ? "Scatter" : "scatter");
    }
}
