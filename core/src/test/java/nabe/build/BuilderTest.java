package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import nabe.budgets.WaterBudget;
import nabe.build.lay.Outline;
import nabe.build.lay.Rolls;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.recipe.Family;
import nabe.recipe.Part;
import nabe.testing.Bought;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class BuilderTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    private static Plan plan(String text, Needs needs, Pan pan, BuildChoice choice, Map<String, String> schools) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .pan(pan)
                .schools(schools)
                .build(choice)
                .brief());
    }

    private static Plan plan(String text, Needs needs, Pan pan) {
        return plan(text, needs, pan, null, null);
    }

    private static Pan anyPan(Random random) {
        Material material = Material.values()[random.nextInt(Material.values().length)];
        int length = 180 + random.nextInt(220);
        int width = 150 + random.nextInt(Math.max(1, length - 150));
        int depth = 35 + random.nextInt(50);
        return switch (random.nextInt(4)) {
            case 0 -> Pan.round(length, depth, material);
            case 1 -> new Pan(Shape.OVAL, length, width, depth, material);
            case 2 ->
                new Pan(
                        Shape.RECTANGLE,
                        length,
                        width,
                        depth,
                        material,
                        length - random.nextInt(40),
                        width - random.nextInt(40),
                        1);
            default -> new Pan(Shape.RECTANGLE, length, width, depth, material, length, width, 1 + random.nextInt(3));
        };
    }

    /** Random pans, dishes and needs: mass is kept, layers fit, pieces lie inside, and no thirsty layer goes unsaid. */
    @Tag("sweep")
    @Test
    void whateverThePanNothingIsLostAndNothingSpills() {
        Random random = new Random(2027);
        List<String> recipes = Recipes.all();
        for (int i = 0; i < 400; i++) {
            Pan pan = anyPan(random);
            Plan plan = plan(recipes.get(i % recipes.size()), random.nextBoolean() ? VEGAN : Needs.none(), pan);
            BuildPlan build = plan.build();
            double layers = build.layers().stream().mapToDouble(Layer::grams).sum()
                    + (build.overflow() == null
                            ? 0
                            : build.overflow().layers().stream()
                                    .mapToDouble(Layer::grams)
                                    .sum());
            double components = build.components().stream()
                    .mapToDouble(BuildPlan.Share::grams)
                    .sum();
            assertThat(layers).isCloseTo(components, within(1.0));
            assertThat(components
                            + build.leftovers().stream()
                                    .mapToDouble(BuildPlan.Leftover::grams)
                                    .sum())
                    .isCloseTo(plan.prep().readyGrams() + Bought.grams(plan), within(1.0));
            assertThat(build.heightMm()).isLessThanOrEqualTo(pan.depthMm() - Builder.HEADROOM_MM + 0.1);
            for (Laid laid : build.laid()) {
                Outline outline = new Outline(laid.round(), laid.lengthMm(), laid.widthMm());
                laid.pieces()
                        .forEach(p -> p.corners()
                                .forEach(c -> assertThat(outline.holds(c, 0.5))
                                        .as("%s %s", pan, p)
                                        .isTrue()));
            }
            thirstIsSaid(plan.budgets().water());
        }
    }

    /** The rule anew: water in the wet neighbours up to the next dry layer, halved where that serves two. */
    private static void thirstIsSaid(WaterBudget water) {
        List<WaterBudget.LayerWater> layers = water.layers();
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).takesUpGrams() <= 5) {
                continue;
            }
            double reach = layers.get(i).freeGrams() + layers.get(i).reserveGrams();
            for (int k = 0; k < layers.size(); k++) {
                int low = Math.min(i, k);
                int high = Math.max(i, k);
                boolean touches = k != i
                        && layers.subList(low + (low == i ? 1 : 0), high + (high == i ? 0 : 1)).stream()
                                .allMatch(l -> l.takesUpGrams() <= 0);
                if (touches) {
                    boolean shared = layers.subList(0, k).stream().anyMatch(l -> l.takesUpGrams() > 0)
                            && layers.subList(k + 1, layers.size()).stream().anyMatch(l -> l.takesUpGrams() > 0);
                    reach += (layers.get(k).freeGrams()
                                    + layers.get(k).reserveGrams()
                                    + layers.get(k).givesOffGrams())
                            / (shared ? 2 : 1);
                }
            }
            assertThat(layers.get(i).underWet())
                    .as("%s reaches %s", layers.get(i), reach)
                    .isEqualTo(reach < 0.9 * layers.get(i).takesUpGrams());
            assertThat(!layers.get(i).underWet() || water.state().equals("short"))
                    .isTrue();
        }
    }

    @Test
    void aTaperedPanHoldsLessAtTheBase() {
        Pan cone = new Pan(Shape.ROUND, 200, 200, 60, Material.METAL, 140, 140, 1);
        double frustum = Math.PI / 3 * 60 * (100 * 100 + 100 * 70 + 70 * 70);
        assertThat(cone.volumeTo(60)).isCloseTo(frustum, within(1.0));
        assertThat(cone.heightOf(cone.volumeTo(23))).isCloseTo(23, within(0.01));
    }

    @Test
    void theCooksOwnOrderIsBuiltWithWhatItRisks() {
        List<Part> order = List.of(
                Part.STRUCTURE,
                Part.FILLING,
                Part.STRUCTURE,
                Part.SOFT_CHEESE,
                Part.RED_SAUCE,
                Part.MELTING_CHEESE,
                Part.STRUCTURE);
        Plan plan = plan(
                Recipes.LASAGNA,
                VEGAN,
                null,
                new BuildChoice(order.stream().map(Part::id).toList(), null, null, null, null),
                null);
        assertThat(plan.build().layers().getLast().part()).isEqualTo(Part.STRUCTURE);
        assertThat(plan.build().layers().stream().map(Layer::part).toList())
                .containsSubsequence(order)
                .contains(Part.WHITE_SAUCE, Part.HARD_CHEESE);
        assertThat(plan.build().risks())
                .extracting(BuildPlan.Risk::text)
                .anyMatch(t -> t.contains("on top stays hard"));
    }

    @Test
    void aWayThatWouldFailIsRefusedWithTheBetterOne() {
        Needs needs = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true);
        Plan plan = PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(Recipes.LASAGNA))
                .needs(needs)
                .choices(Map.of(0, "sheets-lentil"))
                .schools(Map.of("sheets", "unboiled"))
                .brief());
        assertThat(plan.build().sheets().refused()).isEqualTo("unboiled");
        assertThat(plan.build().sheets().way()).isEqualTo("parboil");
        assertThat(plan.prep().steps()).anyMatch(s -> s.text().startsWith("Parboil"));
    }

    @Test
    void anotherPanIsMetByAreaOrByVolume() {
        Pan twice = Pan.rectangle(400, 300, 55, Material.GLASS);
        Plan kept = plan(Recipes.LASAGNA, VEGAN, twice);
        Plan scaled = plan(Recipes.LASAGNA, VEGAN, twice, new BuildChoice(null, null, null, null, "area"), null);
        assertThat(kept.build().rescale().areaFactor()).isCloseTo(2, within(0.01));
        assertThat(kept.build().rescale().words()).contains("lower");
        assertThat(scaled.conversion().massAfterGrams())
                .isCloseTo(2 * kept.conversion().massAfterGrams(), within(2.0));
    }

    @Test
    void rollsAreCountedBothWaysAndTurned() {
        assertThat(Rolls.most(new Outline(false, 300, 200), 100, 30, false).count())
                .isEqualTo(20);
        assertThat(Rolls.most(new Outline(false, 230, 130), 100, 30, false).count())
                .isGreaterThanOrEqualTo(8);
        assertThat(Rolls.most(new Outline(false, 200, 150), 205, 30, false).how())
                .isEqualTo("slantwise");
        assertThat(Rolls.most(new Outline(true, 280, 280), 60, 40, true).pieces())
                .allSatisfy(p -> p.corners()
                        .forEach(c -> assertThat(new Outline(true, 280, 280).holds(c, 0.5))
                                .isTrue()));
    }

    @Test
    void everyFamilyIsBuiltInItsOwnWay() {
        for (String recipe : Recipes.all()) {
            Plan plan = plan(recipe, VEGAN, null);
            BuildPlan build = plan.build();
            Family family = plan.recipe().family();
            assertThat(build.layers()).as(plan.recipe().title()).isNotEmpty();
            switch (family) {
                case LASAGNA -> assertThat(build.laid()).isNotEmpty();
                case STUFFED_TUBES ->
                    assertThat(build.rolls().fillingEachGrams()).isPositive();
                case POT_PIE ->
                    assertThat(build.lid().lengthMm()).isGreaterThan(build.pan().lengthMm());
                case GRATIN ->
                    assertThat(build.marks()).extracting(BuildPlan.Mark::kind).contains("liquid-line");
                case MOUSSAKA ->
                    assertThat(build.laid())
                            .isNotEmpty()
                            .allSatisfy(l -> assertThat(l.kind()).isEqualTo("slices"));
                default -> assertThat(build.components()).isNotEmpty();
            }
        }
    }

    @Test
    void absurdPansAreRefusedInWords() {
        assertThatThrownBy(() -> new Pan(Shape.RECTANGLE, 300, 200, 50, Material.GLASS, 320, 200, 1))
                .hasMessageContaining("no larger than its rim");
        assertThatThrownBy(() -> new Pan(Shape.RECTANGLE, 300, 200, 50, Material.GLASS, 300, 200, 99))
                .hasMessageContaining("between 1 and 24");
    }

    private static final String LASAGNE =
            "Lasagne\n\nServes 4\n\n9 dried lasagne sheets\n800 g tomato sauce\n500 ml white sauce\n150 g mozzarella\n\n"
                    + "Layer the tomato sauce, sheets and white sauce three times in a 28 x 18 cm enamel dish, and scatter over the mozzarella. Bake at 190C for 35 minutes.";

    private static Plan served(Integer servings, Pan pan) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(LASAGNE))
                .needs(Needs.none())
                .pan(pan)
                .servings(servings)
                .brief());
    }

    @Test
    void moreThanTheRecipeGoesIntoSeveralDishesABiggerOneOrASecond() {
        assertThat(served(null, null).build().ways()).isEmpty();
        BuildPlan twice = served(8, null).build();
        assertThat(twice.ways()).extracting(BuildPlan.PanWay::way).contains("several", "bigger", "second");
        Pan two = twice.ways().getFirst().pan();
        assertThat(two.count()).isEqualTo(2);
        Plan inTwo = served(8, two);
        assertThat(inTwo.build().overflow()).isNull();
        assertThat(inTwo.build().heightMm())
                .isCloseTo(served(null, null).build().heightMm(), within(2.0));
        assertThat(inTwo.bake().ovenMinutes())
                .isEqualTo(served(null, null).bake().ovenMinutes());
        assertThat(inTwo.build().ways()).filteredOn(BuildPlan.PanWay::taken).hasSize(1);
    }

    @Test
    void whatThePanTakesBeyondTheRecipesSheetsIsOnTheShoppingList() {
        Plan wide = served(null, Pan.rectangle(380, 260, 65, Material.ENAMEL));
        BuildPlan.Sheets sheets = wide.build().sheets();
        assertThat(sheets.toBuy()).isPositive();
        assertThat(wide.differences())
                .anySatisfy(d -> assertThat(d.what()).isEqualTo(sheets.needed() + " sheets, not " + sheets.have()));
        assertThat(wide.ingredients())
                .filteredOn(i -> i.item().contains("sheets"))
                .singleElement()
                .satisfies(i -> assertThat(i.display())
                        .contains(
                                sheets.toBuy() + sheets.spare() + " more",
                                sheets.needed() + sheets.spare() + " sheets in all"));
    }
}
