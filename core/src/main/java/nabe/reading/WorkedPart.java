package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Verb;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** A line worked in several ways, "1 lb mozzarella (half cubed, half shredded)", of which a noun means one: "the cubed". */
final class WorkedPart {
    private static final Map<String, Double> SHARES =
            Map.of("half", 0.5, "one half", 0.5, "a third", 1 / 3.0, "two thirds", 2 / 3.0, "a quarter", 0.25);

    /** A share or grams, and a few words on the part's work or cut before the next. */
    private static final Pattern WORKED = Pattern.compile(
            "\\b(?<share>one half|half|a third|two[- ]thirds|a quarter|(?<grams>\\d+) ?g)\\s+(?:of it )?(?<how>\\p{L}[\\p{L}\\d/ -]{2,40}?)(?=[,;)]| and |$)",
            Pattern.CASE_INSENSITIVE);

    /** Where the note on the work begins; a bracket's comma is its own. */
    private static final Pattern NOTE = Pattern.compile("\\(|[:,]");

    private WorkedPart() {}

    /** @return the share of the line that is worked as the noun says, or null where the line does not tell */
    static @Nullable Portion of(List<Token> said, Line line, KitchenWords words) {
        String text = line.text();
        Matcher mark = NOTE.matcher(text);
        Matcher part = WORKED.matcher(text.substring(mark.find() ? mark.start() : 0));
        int parts = 0;
        Portion meant = null;
        while (part.find()) {
            parts++;
            String how = part.group("how").toLowerCase(Locale.ROOT);
            boolean so = said.stream().map(t -> work(t, words)).anyMatch(w -> w != null && how.contains(w));
            meant = so ? portion(part, line) : meant;
        }
        return parts > 1 ? meant : null;
    }

    /** @return "cube" of "the cubed" and of "the cubes", or null where the word tells of no work */
    private static @Nullable String work(Token t, KitchenWords words) {
        if (words.is(t, Use.SHAPE)) {
            return t.key();
        }
        Verb.Spoken verb = words.verb(t);
        return verb != null && verb.form() == Verb.Form.PAST ? verb.verb().base() : null;
    }

    private static @Nullable Portion portion(Matcher part, Line line) {
        String grams = part.group("grams");
        Double share = grams == null
                ? SHARES.get(part.group("share").toLowerCase(Locale.ROOT).replace('-', ' '))
                : line.gramsOrZero() > 0 ? Double.valueOf(Double.parseDouble(grams) / line.gramsOrZero()) : null;
        return share == null || share >= 1 ? null : new Portion(Portion.Kind.FRACTION, share, null);
    }
}
