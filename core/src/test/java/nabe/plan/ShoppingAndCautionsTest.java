package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.bake.OvenChoice;
import nabe.bake.Start;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.swap.ConvertedLine;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What to have in the kitchen, and what can hurt. */
class ShoppingAndCautionsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs STRICT = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    static List<String> recipes() {
        return Recipes.all();
    }

    private static Plan plan(String text, Needs needs, Pan pan, OvenChoice oven, Map<String, String> schools) {
        return PLANNER.plan(new Brief(
                Brief.RecipeBrief.ofText(text), needs, pan, oven, null, null, null, schools, null, null, null, false));
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void eachThingIsBoughtOnceAndAllOfIt(String text) {
        Plan plan = plan(text, STRICT, null, null, null);
        assertThat(plan.ingredients().stream().map(ShoppingItem::ingredient).filter(java.util.Objects::nonNull))
                .doesNotHaveDuplicates();
        double bought = plan.ingredients().stream()
                .filter(i -> i.grams() != null)
                .mapToDouble(ShoppingItem::grams)
                .sum();
        double wanted = plan.conversion().toBuy().stream()
                .mapToDouble(ConvertedLine::gramsOrZero)
                .sum();
        assertThat(bought).isCloseTo(wanted, within(0.5));
        assertThat(plan.ingredients()).allSatisfy(item -> {
            assertThat(item.display()).isNotBlank();
            assertThat(item.label() == null).as(item.item()).isEqualTo(item.buy() == ShoppingItem.Buy.ANY);
        });
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void strictFoodIsKeptApartAndEveryLabelWarned(String text) {
        Plan plan = plan(text, STRICT, null, null, null);
        assertThat(plan.cautions()).allSatisfy(c -> assertThat(c.source()).isNotBlank());
        assertThat(plan.cautions())
                .extracting(Caution::text)
                .anyMatch(t -> t.contains("Keep this dish apart"))
                .anyMatch(t -> t.contains("cannot promise"));
        plan.ingredients().stream()
                .map(ShoppingItem::label)
                .filter(java.util.Objects::nonNull)
                .forEach(label ->
                        assertThat(plan.cautions()).extracting(Caution::text).contains(label));
    }

    @ParameterizedTest
    @CsvSource({"GLASS, FRIDGE, true", "CERAMIC, FROZEN, true", "METAL, FRIDGE, false", "GLASS, ROOM, false"})
    void coldGlassIsWarnedOf(Material material, Start start, boolean warned) {
        Plan plan = plan(
                Recipes.LASAGNA,
                Needs.none(),
                Pan.rectangle(330, 230, 75, material),
                new OvenChoice(null, false, start),
                null);
        assertThat(plan.cautions().stream().anyMatch(c -> c.kind().equals("glass")))
                .isEqualTo(warned);
    }

    @Test
    void theGrillIsNotForGlass() {
        String grilled = Recipes.LASAGNA + " Brown under the grill for 2 minutes.";
        assertThat(kinds(plan(grilled, Needs.none(), Pan.rectangle(330, 230, 75, Material.GLASS), null, null)))
                .contains("grill");
        assertThat(kinds(plan(grilled, Needs.none(), Pan.rectangle(330, 230, 75, Material.METAL), null, null)))
                .doesNotContain("grill");
    }

    @Test
    void slicersBeansAndSchoolsAreSpokenOfOnlyWhereTheyAre() {
        Plan gratin = plan(
                "Gratin\n\nIngredients\n1 kg potatoes\n300 ml cream\n400 g tin kidney beans\n\nMethod\nSlice, layer and bake at 180C for 1 hour.",
                Needs.none(),
                null,
                null,
                null);
        assertThat(kinds(gratin)).contains("beans", "cooling");
        assertThat(kinds(plan(Recipes.LASAGNA, Needs.none(), null, null, null)))
                .doesNotContain("beans", "allergen", "label");
        Plan apart = plan(Recipes.LASAGNA, STRICT, null, null, Map.of("one-strict", "separate"));
        assertThat(apart.cautions()).extracting(Caution::text).anyMatch(t -> t.contains("small dish of its own"));
        assertThat(kinds(plan(Recipes.LASAGNA, STRICT, null, null, Map.of("salt", "each"))))
                .contains("salt");
    }

    private static List<String> kinds(Plan plan) {
        return plan.cautions().stream().map(Caution::kind).toList();
    }
}
