package nabe.prep;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import org.jspecify.annotations.Nullable;

/** What the words say of the liquid when the work is done: "until hardly any liquid is left", "until reduced by half". */
final class LiquidSign {
    private static final double GONE = Figures.of("prep.liquid-gone");

    private static final String WET =
            "(?:liquids?|water|stock|broth|wine|milk|cream|juices?|moisture|sherry|beer|ale|cider|it|they)";
    /** "A little water" is put in, "gone golden" is a colour, and halved tomatoes are cut: only a sign tells. */
    private static final Pattern IS_GONE = Pattern.compile(
            "\\b" + WET
                    + "\\b[^.;,]{0,30}\\b(?:gone(?! \\p{L}+(?<!and|or))|evaporate[sd]?|(?:boiled|cooked|bubbled) (?:off|away|out)|disappeared|dried (?:up|off))\\b"
                    + "|\\b(?:until|till|til)\\b[^.;,]{0,30}\\b(?:hardly|barely|scarcely|almost no|no) (?:any )?(?:free |more )?(?:liquid|water|moisture|juice)\\b"
                    + "|\\b(?:until|till|til) (?:\\p{L}+ ){0,3}dry\\b|\\bnearly (?:all )?gone\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern REDUCED = Pattern.compile(
            "\\breduc(?:e|es|ed|ing) (?:\\p{L}+ ){0,3}?(?<how>by|to) (?:about |around |roughly |at least |almost |nearly )?(?<part>(?:(?:one|a|two|three)[- ])?(?:half|thirds?|quarters?))\\b"
                    + "|\\b(?:until|till|til)\\b[^.;,]{0,30}\\b(?<halved>halved)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Map<String, Double> PARTS = Map.of("half", 1 / 2.0, "third", 1 / 3.0, "quarter", 1 / 4.0);

    private LiquidSign() {}

    /** @return whether the words tell how far the liquid boils away */
    static boolean isSaid(String words) {
        return leftOfAll(words) != null || leftOfNow(words) != null;
    }

    /** @return of what goes in, the share of liquid left when it has boiled away as said; null where the words do not say so */
    static @Nullable Double leftOfAll(String words) {
        return IS_GONE.matcher(words).find() ? GONE : null;
    }

    /** @return of what is there, the share left when it is reduced as said; null where the words do not say so */
    static @Nullable Double leftOfNow(String words) {
        Matcher m = REDUCED.matcher(words);
        if (!m.find()) {
            return null;
        }
        if (m.group("halved") != null) {
            return 0.5;
        }
        String part = m.group("part").toLowerCase(Locale.ROOT);
        double times = part.startsWith("two") ? 2 : part.startsWith("three") ? 3 : 1;
        double share = times
                * PARTS.entrySet().stream()
                        .filter(e -> part.contains(e.getKey()))
                        .mapToDouble(Map.Entry::getValue)
                        .findFirst()
                        .orElse(0.5);
        return m.group("how").equalsIgnoreCase("by") ? 1 - share : share;
    }
}
