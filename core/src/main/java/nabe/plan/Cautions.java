package nabe.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.bake.BakePlan;
import nabe.bake.OvenChoice;
import nabe.bake.Start;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.house.Schools;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;
import nabe.swap.MethodFood;
import nabe.swap.Unresolved;

/** Says what in this very plan can hurt, and what to do. */
final class Cautions {
    private static final String PRACTICE = "Kitchen practice; follow your local food-safety advice";
    private static final String CODEX = "Codex Standard 118-1979 (gluten-free: below 20 mg/kg) and local labelling law";
    private static final String FSIS = "USDA FSIS; follow your local food-safety advice";
    private static final Pattern SLICED =
            Pattern.compile("\\b(?:slic(?:e[ds]?|ing)|mandoline?|thin(?:ly)?|rounds)\\b", Pattern.CASE_INSENSITIVE);
    private final List<Caution> list = new ArrayList<>();

    static List<Caution> of(
            Recipe recipe,
            Needs needs,
            Schools schools,
            Conversion conversion,
            Pan pan,
            OvenChoice oven,
            BakePlan bake,
            Larder larder) {
        Cautions cautions = new Cautions();
        cautions.allergens(needs, conversion, larder);
        cautions.heat(recipe, pan, oven, bake);
        cautions.hands(recipe, conversion);
        cautions.schools(needs, schools);
        return List.copyOf(cautions.list);
    }

    private void add(String kind, String text, String source) {
        list.add(new Caution(kind, text, List.of(), source));
    }

    private void allergens(Needs needs, Conversion conversion, Larder larder) {
        if (needs.isEmpty()) {
            return;
        }
        list.addAll(LabelChecks.of(needs, conversion, larder));
        List<String> out = leftOut(conversion);
        if (!out.isEmpty()) {
            list.add(new Caution(
                    "unknown",
                    "Left out, because they do not fit or nobody knows what is in them: see them before you cook.",
                    out,
                    PRACTICE));
        }
        if (needs.strict()) {
            add(
                    "allergen",
                    "Keep this dish apart the whole way: clean boards, knives, colander and spoons first, its own "
                            + "water, the top oven shelf, its own serving spoon. Cooking does not destroy gluten or allergens.",
                    PRACTICE);
        }
        add(
                "allergen",
                "Nabe helps you read and plan; it cannot promise that a product is safe. Read every packet each time, "
                        + "and when unsure ask the maker. For coeliac disease or an allergy, the doctor and dietitian decide.",
                CODEX);
    }

    private static List<String> leftOut(Conversion conversion) {
        return Stream.concat(
                        conversion.unresolved().stream().map(Unresolved::text),
                        conversion.methodFoods().stream()
                                .filter(f -> f.why() != null && f.becomes() == null)
                                .map(MethodFood::name))
                .distinct()
                .toList();
    }

    private void schools(Needs needs, Schools schools) {
        if (needs.strict() && schools.is("one-strict", "separate")) {
            add(
                    "allergen",
                    "You make the strict person's share as a small dish of its own: cook it first, on clean surfaces with its "
                            + "own tools, cover it and put it by before the rest begins.",
                    PRACTICE);
        }
        if (schools.is("salt", "each")) {
            add(
                    "salt",
                    "You season each component: lightly and once, and count the salt that stock, cheese and tins bring.",
                    PRACTICE);
        }
    }

    private void heat(Recipe recipe, Pan pan, OvenChoice oven, BakePlan bake) {
        if (bake.coreCelsius() != null) {
            add(
                    "core",
                    "Bake until the coldest point, the centre, shows " + Math.round(bake.coreCelsius())
                            + " °C on a thermometer.",
                    Objects.requireNonNull(bake.coreSource()));
        }
        boolean cold = oven.start() == Start.FRIDGE || oven.start() == Start.FROZEN;
        boolean brittle = pan.material().mayShatter();
        String dish = pan.material() == Material.UNKNOWN ? "If the dish is glass or ceramic: " : "";
        if (cold && brittle) {
            add(
                    "glass",
                    (dish.isEmpty() ? "A cold dish of this kind" : dish + "a cold one")
                            + " can shatter in a hot oven, so let it warm, or put it in while the oven heats. Never under a grill.",
                    PRACTICE);
        }
        boolean covered = bake.phases().stream().anyMatch(p -> p.covered());
        if (covered) {
            add("steam", "Lift foil or a lid off away from you: the steam scalds.", PRACTICE);
        }
        if (recipe.family() == Family.BATTER && brittle) {
            add("batter", "Batter goes into a hot metal tin: cold batter cracks hot glass or ceramic.", PRACTICE);
        }
        if (recipe.oven().grilled() && brittle) {
            add(
                    "grill",
                    dish.isEmpty()
                            ? "The recipe grills it at the end: not in this dish, which can break. Brown it at the oven's top instead."
                            : "The recipe grills it at the end: only if your dish is metal, enamel or cast iron. Else brown it at the oven's top.",
                    PRACTICE);
        }
        add(
                "cooling",
                "Out of the fridge at most 2 hours (1 hour above 32 °C); leftovers in shallow boxes, 3-4 days in the fridge, "
                        + "reheated once to 74 °C.",
                FSIS);
    }

    private void hands(Recipe recipe, Conversion conversion) {
        boolean slices = conversion.lines().stream()
                .anyMatch(l -> l.ingredient() != null && l.ingredient().role().startsWith("slice-"));
        boolean thin = Stream.concat(recipe.lines().stream().map(Line::text), recipe.steps().stream())
                .anyMatch(t -> SLICED.matcher(t).find());
        if (slices && thin) {
            add("slicer", "Use the slicer's guard and a cut-proof glove.", PRACTICE);
        }
        boolean kidney = conversion.lines().stream()
                .anyMatch(l -> l.ingredient() != null && l.ingredient().id().equals("kidney-beans"));
        if (kidney) {
            add(
                    "beans",
                    "If you start from dried red kidney beans, boil them hard for at least 10 minutes: they are poisonous before.",
                    FSIS);
        }
    }
}
