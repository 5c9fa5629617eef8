package nabe.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nabe.larder.Figures;
import nabe.words.Messages;

/** How more than the recipe's amount may be put into dishes: several of its size, a bigger one, or a second smaller one. */
final class PanWays {
    private static final double MORE = Figures.of("build.second-dish-from");
    private static final double A_LITTLE = Figures.of("build.little-fuller");

    private PanWays() {}

    /**
     * @param pan in use, {@code usual} the recipe's or the one that would be taken without a choice
     * @param scale what the recipe's amounts were multiplied by; {@code litres} of all of it
     * @return none where the amounts are the recipe's and it fits
     */
    static List<BuildPlan.PanWay> of(Pan pan, Pan usual, double scale, double litres, boolean overflows) {
        if (scale < MORE && !overflows) {
            return List.of();
        }
        List<BuildPlan.PanWay> ways = new ArrayList<>();
        int several = Math.max(2, (int) Math.ceil(scale - A_LITTLE)) * usual.count();
        if (several <= Pan.MOST_PANS) {
            Pan many = usual.times(several);
            ways.add(new BuildPlan.PanWay(
                    "several",
                    Messages.say("build.dishes-of-built-alike", several, size(usual)),
                    many,
                    many.equals(pan)));
        }
        Pan bigger = Pans.smallest(litres).of(usual.material());
        if (bigger.litres() > usual.litres() && !bigger.equals(usual)) {
            ways.add(new BuildPlan.PanWay(
                    "bigger", Messages.say("build.one-bigger-dish", size(bigger)), bigger, bigger.equals(pan)));
        }
        if (overflows || usual.equals(pan)) {
            ways.add(new BuildPlan.PanWay(
                    "second", Messages.say("build.one-dish-of-and-the-rest", size(usual)), usual, usual.equals(pan)));
        }
        return List.copyOf(ways);
    }

    private static String size(Pan pan) {
        return pan.shape() == Shape.ROUND
                ? Messages.say("build.cm-across", pan.lengthMm() / 10)
                : String.format(Locale.ROOT, "%d × %d cm", pan.lengthMm() / 10, pan.widthMm() / 10);
    }
}
