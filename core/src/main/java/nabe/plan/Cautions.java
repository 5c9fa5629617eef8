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
import nabe.words.Messages;

/** Says what in this very plan can hurt, and what to do. */
final class Cautions {
    private static final String PRACTICE = Messages.say("plan.kitchen-practice-follow-your-local-food");
    private static final String CODEX = Messages.say("plan.codex-standard-118-1979-gluten-free");
    private static final String FSIS = Messages.say("plan.usda-fsis-follow-your-local-food");
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
            list.add(new Caution("unknown", Messages.say("plan.left-out-because-they-do-not"), out, PRACTICE));
        }
        if (needs.strict()) {
            add("allergen", Messages.say("plan.keep-this-dish-apart-the-whole"), PRACTICE);
        }
        add("allergen", Messages.say("plan.nabe-helps-you-read-and-plan"), CODEX);
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
            add("allergen", Messages.say("plan.you-make-the-strict-persons-share"), PRACTICE);
        }
        if (schools.is("salt", "each")) {
            add("salt", Messages.say("plan.you-season-each-component-lightly-and"), PRACTICE);
        }
    }

    private void heat(Recipe recipe, Pan pan, OvenChoice oven, BakePlan bake) {
        if (bake.coreCelsius() != null) {
            add(
                    "core",
                    Messages.say("plan.bake-until-the-coldest-point-the", Math.round(bake.coreCelsius())),
                    Objects.requireNonNull(bake.coreSource()));
        }
        boolean cold = oven.start() == Start.FRIDGE || oven.start() == Start.FROZEN;
        boolean brittle = pan.material().mayShatter();
        String dish = pan.material() == Material.UNKNOWN ? Messages.say("plan.if-the-dish-is-glass-or") : "";
        if (cold && brittle) {
            add("glass", Messages.say("plan.a-cold-dish-of-this-kind", dish, dish.isEmpty()), PRACTICE);
        }
        boolean covered = bake.phases().stream().anyMatch(p -> p.covered());
        if (covered) {
            add("steam", Messages.say("plan.lift-foil-or-a-lid-off"), PRACTICE);
        }
        if (recipe.family() == Family.BATTER && brittle) {
            add("batter", Messages.say("plan.batter-goes-into-a-hot-metal"), PRACTICE);
        }
        if (recipe.oven().grilled() && brittle) {
            add(
                    "grill",
                    dish.isEmpty()
                            ? Messages.say("plan.the-recipe-grills-it-at-the")
                            : Messages.say("plan.the-recipe-grills-it-only-if"),
                    PRACTICE);
        }
        add("cooling", Messages.say("plan.out-of-the-fridge-at-most"), FSIS);
    }

    private void hands(Recipe recipe, Conversion conversion) {
        boolean slices = conversion.lines().stream()
                .anyMatch(l -> l.ingredient() != null && l.ingredient().role().startsWith("slice-"));
        boolean thin = Stream.concat(recipe.lines().stream().map(Line::text), recipe.steps().stream())
                .anyMatch(t -> SLICED.matcher(t).find());
        if (slices && thin) {
            add("slicer", Messages.say("plan.use-the-slicers-guard-and-a"), PRACTICE);
        }
        boolean kidney = conversion.lines().stream()
                .anyMatch(l -> l.ingredient() != null && l.ingredient().id().equals("kidney-beans"));
        if (kidney) {
            add("beans", Messages.say("plan.if-you-start-from-dried-red"), FSIS);
        }
    }
}
