package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Line;
import nabe.recipe.Procedure.Doubt;

/** Lines the method never named, or named in part: with their group, else by their nature, always with a doubt. */
final class Leftovers {
    static final Pattern FOR_THE_DISH = Pattern.compile(
            "\\bfor (?:the|greasing)\\b.{0,12}\\b(?:dish|tin|pan)?\\b|\\bto grease\\b|\\bgreasing\\b|\\bspray\\b",
            Pattern.CASE_INSENSITIVE);
    static final Pattern TO_SERVE =
            Pattern.compile("\\bto serve\\b|\\bgarnish\\b|\\bfor serving\\b", Pattern.CASE_INSENSITIVE);
    private static final Set<String> LAID = Set.of(
            "sheets",
            "fresh-sheets",
            "tubes",
            "shells",
            "wrap",
            "pastry",
            "pastry-thin",
            "melting-cheese",
            "hard-cheese",
            "crumbs",
            "short-pasta");

    private Leftovers() {}

    static void settle(List<Line> lines, double[] left, List<Pot> pots, Layering layers, List<Doubt> doubts) {
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            if (left[i] <= 0.01
                    || FOR_THE_DISH.matcher(line.text()).find()
                    || TO_SERVE.matcher(line.text()).find()) {
                continue;
            }
            Pot home = home(i, line, lines, pots);
            if (home == null) {
                home = new Pot(pots.size() + 1, line.heading());
                pots.add(home);
            }
            home.add(i, left[i]);
            doubts.add(new Doubt(
                    -1,
                    line.text(),
                    left[i] > 0.99
                            ? "The method never names it: put where its group goes."
                            : "Part of it is named nowhere: left where the rest went."));
            left[i] = 0;
        }
    }

    private static Pot home(int i, Line line, List<Line> lines, List<Pot> pots) {
        Pot partly = pots.stream().filter(p -> p.holds(i)).findFirst().orElse(null);
        if (partly != null) {
            return partly;
        }
        if (line.ingredient() != null && LAID.contains(line.ingredient().role())) {
            return null;
        }
        Pot best = null;
        long most = 0;
        for (Pot pot : pots) {
            long near = pot.lines.keySet().stream()
                    .filter(l -> line.heading() != null
                            && line.heading().equals(lines.get(l).heading()))
                    .count();
            if (near > most) {
                most = near;
                best = pot;
            }
        }
        if (best != null) {
            return best;
        }
        return pots.stream()
                .filter(p -> p.holds(i - 1) && p.lines.size() > 1 || p.holds(i + 1) && p.lines.size() > 1)
                .findFirst()
                .orElse(pots.isEmpty() ? null : pots.getFirst());
    }
}
