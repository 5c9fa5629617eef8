package nabe.prep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.prep.PrepStep.When;
import nabe.reading.ListedWork;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.swap.Ahead;
import nabe.swap.ConvertedLine;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What the ingredient list asks to be cut before the first pot: "onion, finely chopped". */
public final class GettingReady {
    private static final Pattern CUT = Pattern.compile(
            "\\b(?:chopped|diced|sliced|grated|crushed|minced|shredded|cubed|halved|quartered|torn|trimmed|peeled|snipped|julienned|crumbled|zested|deseeded|seeded|cored|in (?:dice|cubes|strips|chunks|rings|matchsticks)|cut)\\b",
            Pattern.CASE_INSENSITIVE);
    /** "Cooked peeled prawns" are bought so. */
    private static final Pattern COOKED = Pattern.compile("\\bcooked\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern TINNED =
            Pattern.compile("\\b(?:tins?|cans?|tinned|canned|jars?|frozen)\\b", Pattern.CASE_INSENSITIVE);
    private static final double A_LINE = Figures.of("prep.cuts-a-line");

    private static final double A_HUNDRED = Figures.of("prep.cuts-100-g");
    private static final double MOST_GRAMS = 600;

    private GettingReady() {}

    /** @param asked what is cut and how, one thing each */
    public static String text(List<String> asked) {
        return Messages.say("prep.have-cut-as-the-list-says", String.join("; ", asked));
    }

    /** Of all that stands behind the name, what is cutting. */
    private static String cuts(String preparation) {
        return Arrays.stream(preparation.toLowerCase(Locale.ROOT).split("\\s*[,;]\\s*"))
                .filter(part ->
                        CUT.matcher(part).find() && !COOKED.matcher(part).find())
                .collect(Collectors.joining(", "));
    }

    /** "2 tins peeled plum tomatoes", not "1 tin tomatoes, chopped". */
    private static boolean comesSo(String line) {
        String before = line.split(",", 2)[0];
        return TINNED.matcher(before).find() && CUT.matcher(before).find();
    }

    /** @return lines, each once, that the list wants cut and the method does not cut */
    static List<ConvertedLine> asked(Recipe recipe, List<ConvertedLine> lines, Set<Integer> cutInMethod) {
        Set<Integer> seen = new HashSet<>(cutInMethod);
        return lines.stream()
                .filter(line -> isAsked(recipe.lines().get(line.source()), line))
                .filter(line -> seen.add(line.source()))
                .toList();
    }

    private static boolean isAsked(Line written, ConvertedLine line) {
        return !line.swapped()
                && written.preparation() != null
                && !cuts(written.preparation()).isEmpty()
                && !ListedWork.isCooking(written)
                && !comesSo(written.text());
    }

    /** @return one step for all of it, or null where the list asks for nothing */
    static @Nullable PrepStep of(Recipe recipe, List<ConvertedLine> lines) {
        List<String> asked = new ArrayList<>();
        double minutes = 0;
        for (ConvertedLine line : lines) {
            Line written = recipe.lines().get(line.source());
            String one = line.item() + " " + cuts(Objects.requireNonNull(written.preparation()));
            if (!asked.contains(one)) {
                asked.add(one);
            }
            minutes += A_LINE + A_HUNDRED * Math.min(MOST_GRAMS, written.gramsOrZero()) / 100;
        }
        return asked.isEmpty()
                ? null
                : PrepStepBuilder.builder()
                        .id("ready")
                        .item(Messages.say("prep.getting-ready"))
                        .part(Part.FILLING)
                        .text(text(asked))
                        .uses(List.of())
                        .activeMinutes((int) Math.max(1, Math.round(minutes)))
                        .tool("board")
                        .keeps(new Ahead(1, Ahead.Way.FRIDGE))
                        .ladder(List.of())
                        .when(When.BEFORE)
                        .doing(PrepStep.Doing.cutting(asked))
                        .build();
    }
}
