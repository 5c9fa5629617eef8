package nabe.prep;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.swap.ConvertedLine;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What is stirred into a pot that wants more liquid: hot stock or water, or where egg sets it more of its own liquid.
 *
 * @param item in a cook's words; {@code of} what it is, or null for water
 */
public record Loosening(String item, @Nullable Ingredient of) {
    private static final Set<String> EGGS = Set.of("egg", "egg-yolk");
    private static final double SETS = Figures.of("prep.egg-sets-from");

    private static final double THIN = Figures.of("prep.thin-from");

    private static final Loosening WITH_STOCK = new Loosening(Messages.say("prep.hot-stock-or-water"), null);

    /** @param pot all that is in it */
    public static Loosening of(List<ConvertedLine> pot) {
        double all = grams(pot);
        double eggs = grams(pot.stream().filter(l -> is(l, EGGS)).toList());
        return all <= 0 || eggs < SETS * all
                ? WITH_STOCK
                : pot.stream()
                        .filter(l -> l.ingredient() != null && l.ingredient().isLiquid() && !is(l, EGGS))
                        .max(Comparator.comparing(Loosening::isThin).thenComparingDouble(ConvertedLine::gramsOrZero))
                        .map(l -> new Loosening(Messages.say("prep.more", l.item()), l.ingredient()))
                        .orElse(WITH_STOCK);
    }

    /** Milk before cream: what is mostly water loosens most. */
    private static boolean isThin(ConvertedLine line) {
        return line.food().composition().water() >= THIN;
    }

    private static boolean is(ConvertedLine line, Set<String> roles) {
        return line.ingredient() != null && roles.contains(line.ingredient().role());
    }

    private static double grams(List<ConvertedLine> lines) {
        return lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
    }
}
