package nabe.budgets;

import java.util.List;
import java.util.Set;
import nabe.larder.Figures;
import nabe.prep.Loosening;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/** What was mixed in one pot, over all its layers. */
record Pot(@Nullable String id, Part part, List<ReadyLine> lines) {
    private static final Set<String> SAUCY = Set.of(
            "tomato",
            "tomato-sauce",
            "stock",
            "milk",
            "cream",
            "sour-milk",
            "sour-cream",
            "yogurt",
            "coconut",
            "white-sauce",
            "white-sauce-bought",
            "thick-sauce",
            "soup-tin",
            "soup-tin-tomato",
            "gravy-ready",
            "wine",
            "beer",
            "water",
            "soft-cheese");
    private static final Set<String> PIECES = Set.of(
            "sausage",
            "cured-meat",
            "meat",
            "poultry",
            "poultry-cooked",
            "fish",
            "fish-cooked",
            "shellfish",
            "mock-meat",
            "slice-root",
            "bread");
    private static final Set<Part> STIRRED = Set.of(Part.RED_SAUCE, Part.WHITE_SAUCE, Part.FILLING, Part.SOFT_CHEESE);
    private static final double A_SAUCE = Figures.of("budgets.sauce-from");

    private static final double MOSTLY = Figures.of("budgets.pieces-from");
    private static final double A_POTFUL = Figures.of("budgets.potful");

    private static final Set<String> DOUGH = Set.of("pastry", "batter", "lid-dough", "flour-raising");

    static Pot of(List<WetLayer> layers) {
        WetLayer first = layers.getFirst();
        return new Pot(
                first.component(),
                first.part(),
                layers.stream().flatMap(l -> l.lines().stream()).toList());
    }

    double saucy() {
        return share(SAUCY);
    }

    boolean takesLiquid() {
        boolean sauce = saucy() >= A_SAUCE && share(DOUGH) == 0;
        boolean loose = STIRRED.contains(part) && isMixed() && share(PIECES) < MOSTLY;
        return grams() >= A_POTFUL && (sauce || loose);
    }

    /** Several things, not one that lies in several layers. */
    private boolean isMixed() {
        return lines.stream().map(l -> l.line().source()).distinct().count() > 1;
    }

    String loosenedWith() {
        return Loosening.of(lines.stream().map(ReadyLine::line).toList()).item();
    }

    private double grams() {
        return lines.stream().mapToDouble(ReadyLine::readyGrams).sum();
    }

    private double share(Set<String> roles) {
        double all = grams();
        double some = lines.stream()
                .filter(l -> roles.stream().anyMatch(l::hasRole))
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        return all <= 0 ? 0 : some / all;
    }
}
