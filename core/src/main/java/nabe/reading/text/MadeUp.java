package nabe.reading.text;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Takes apart a line whose thing is made up with a measure of another: "1 stock cube in 300 ml hot water", "1 egg beaten with 2 tbsp milk". */
final class MadeUp {
    private static final String HOW =
            "made up|let down|mixed|blended|whisked|stirred|beaten|dissolved|slaked|crumbled|combined|diluted|loosened|thinned|infused|steeped|soaked|rehydrated";
    private static final Pattern WITH = Pattern.compile(
            "(?<thing>.+?)[, (]+(?:(?<how>" + HOW
                    + ") (?:up )?(?:in|into|with)|in) (?<other>(?:about )?[\\d½¼¾⅓⅔⅛](?:(?! to | of the )[^,()])*?)\\)?(?<purpose>,? (?:for|to) [^,]+)?",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> SOAKED = Set.of("soaked", "rehydrated");
    private static final Pattern PACKED = Pattern.compile("\\b(?:tins?|cans?|jars?)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern WATER = Pattern.compile("\\bwater\\b", Pattern.CASE_INSENSITIVE);

    private final LineKind kinds;

    MadeUp(LineKind kinds) {
        this.kinds = kinds;
    }

    /** @return the thing, and the other with what it is for; the line itself where it holds one */
    List<String> parts(String line) {
        Matcher m = Glance.hasDigitAfterWords(line) ? WITH.matcher(line) : null;
        if (m == null || !m.matches()) {
            return List.of(line);
        }
        String thing = m.group("thing");
        String other = m.group("other");
        boolean kept = m.group("how") == null
                ? !PACKED.matcher(thing).find() && thing.indexOf(',') < 0 && kinds.isName(kinds.nameOf(thing))
                : !isSoaking(m);
        String purpose = m.group("purpose") == null ? "" : m.group("purpose");
        String how = m.group("how") == null ? "" : ", " + m.group("how");
        return kept && kinds.startsWithAmount(thing) && kinds.isMeasureOfKnown(other) && kinds.isIngredient(thing)
                ? List.of(thing + how + purpose, other + ", for the " + kinds.nameOf(thing))
                : List.of(line);
    }

    /** The water of mushrooms is spoken of again where it is used; milk is not poured away. */
    private static boolean isSoaking(Matcher m) {
        return SOAKED.contains(m.group("how").toLowerCase(Locale.ROOT))
                && WATER.matcher(m.group("other")).find();
    }
}
