package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.PhaseKind;
import nabe.recipe.Recipe;
import org.junit.jupiter.params.provider.Arguments;

/** A reading in a few words, so that a test can say what it expects of one in a line. */
record Told(Recipe recipe, Procedure procedure) {
    private static final RecipeReader RECIPES = new RecipeReader(Larder.load());
    private static final ProcedureReader READER = new ProcedureReader();

    /** One row of a table of rules: what it is about, a recipe, and the pots and layers that a careful cook reads. */
    static Arguments rule(String rule, String lines, String method, String pots, String layers) {
        return Arguments.of(rule, "Supper bake\nServes 4\n\n" + lines + "\nMethod\n" + method + "\n", pots, layers);
    }

    static Told of(String text) {
        Recipe recipe = RECIPES.read(text);
        return new Told(recipe, READER.read(recipe.lines(), recipe.steps()));
    }

    /** @return every pot with what is in it: "onion mince 1/2:cheddar; penne" */
    String pots() {
        return procedure.components().stream()
                .map(c -> c.of().stream().map(this::part).collect(Collectors.joining(" ")))
                .collect(Collectors.joining("; "));
    }

    private String part(Procedure.Of of) {
        String what = of.line() != null
                ? last(recipe.lines().get(of.line()).item())
                : "<" + first(byId().get(of.component())) + ">";
        return share(of.share()) + what;
    }

    /** @return every layer by the first thing in its pot: "1/3:sauce 1/3:sheets" */
    String layers() {
        return procedure.layers().stream()
                .map(l -> share(l.share())
                        + first(byId().get(l.of()))
                        + (l.inside() ? " inside" : "")
                        + (l.late() ? " late" : ""))
                .collect(Collectors.joining("; "));
    }

    /** @return every phase: "190 covered 20; grill 5" */
    String oven() {
        return procedure.oven().stream().map(Told::phase).collect(Collectors.joining("; "));
    }

    private static String phase(OvenPhase p) {
        String heat = p.kind() == PhaseKind.GRILL ? "grill" : p.celsius() == null ? "-" : "" + Math.round(p.celsius());
        String adds = p.adds().isEmpty() ? "" : " adds";
        return heat + (p.covered() ? " covered " : " ") + minutes(p.minutes()) + adds + (p.stir() ? " stirred" : "");
    }

    static String minutes(Procedure.Minutes m) {
        if (m == null) {
            return "-";
        }
        String low = "%.0f".formatted(m.min());
        return m.min() == m.max() ? low : low + "–" + "%.0f".formatted(m.max());
    }

    private Map<String, Procedure.Vessel> byId() {
        return procedure.components().stream().collect(Collectors.toMap(Procedure.Vessel::id, Function.identity()));
    }

    private String first(Procedure.Vessel pot) {
        Procedure.Of of = pot.of().getFirst();
        return of.line() != null ? last(recipe.lines().get(of.line()).item()) : first(byId().get(of.component()));
    }

    private static String last(String item) {
        String[] words = item.toLowerCase(Locale.ROOT).split(" ");
        return words[words.length - 1];
    }

    /** Shares a recipe speaks of, else per cent. */
    private static String share(double share) {
        for (var known : List.of(
                Map.entry(1.0, ""),
                Map.entry(1 / 2.0, "1/2:"),
                Map.entry(1 / 3.0, "1/3:"),
                Map.entry(2 / 3.0, "2/3:"),
                Map.entry(1 / 4.0, "1/4:"),
                Map.entry(3 / 4.0, "3/4:"))) {
            if (Math.abs(known.getKey() - share) < 0.006) {
                return known.getValue();
            }
        }
        return Math.round(100 * share) + "%:";
    }
}
