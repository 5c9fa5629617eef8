package nabe.build;

import java.util.Map;
import java.util.Objects;
import nabe.larder.Figures;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/** How densely each part lies in a dish, grams per ml with the air between pieces. Source: kitchen practice. */
final class Densities {
    private static final Map<Part, Double> LOOSE = Map.ofEntries(
            Map.entry(Part.STRUCTURE, 0.85),
            Map.entry(Part.FILLING, 0.95),
            Map.entry(Part.RED_SAUCE, 1.03),
            Map.entry(Part.WHITE_SAUCE, 1.05),
            Map.entry(Part.SOFT_CHEESE, 1.0),
            Map.entry(Part.MELTING_CHEESE, 0.5),
            Map.entry(Part.HARD_CHEESE, 0.42),
            Map.entry(Part.TOPPING, 0.4),
            Map.entry(Part.BINDER, 1.0),
            Map.entry(Part.SEASONING, 0.9),
            Map.entry(Part.PAN_RELEASE, 0.92));
    static final double SHEETS = Figures.of("build.density-dry-sheets");

    private Densities() {}

    /** A thing laid as it is measures by its own cup; what is mixed, by its part. */
    static double ofMeasure(Component component) {
        if (component.lines().size() == 1) {
            ReadyLine only = component.lines().getFirst();
            boolean raw = Math.abs(only.readyGrams() - only.line().gramsOrZero()) < 0.02 * only.readyGrams();
            if (raw
                    && only.line().ingredient() != null
                    && only.line().ingredient().gramsPerMl().isPresent()) {
                return only.line().ingredient().gramsPerMl().getAsDouble();
            }
        }
        return of(component);
    }

    static double of(Component component) {
        boolean sheets = component.part() == Part.STRUCTURE
                && component.lines().stream()
                        .anyMatch(r -> r.line().ingredient() != null
                                && r.line().ingredient().role().endsWith("sheets"));
        return component.name().equals("Glaze")
                ? 1
                : sheets ? SHEETS : Objects.requireNonNull(LOOSE.get(component.part()));
    }
}
