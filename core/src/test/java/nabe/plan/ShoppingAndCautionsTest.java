package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
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
    private static final Larder LARDER = Larder.load();
    private static final Planner PLANNER = new Planner(LARDER);
    private static final Needs STRICT = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    static List<String> recipes() {
        return Recipes.all();
    }

    private static Plan plan(String text, Needs needs, Pan pan, OvenChoice oven, Map<String, String> schools) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .pan(pan)
                .oven(oven)
                .schools(schools)
                .brief());
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
        List<Caution> labels =
                plan.cautions().stream().filter(c -> c.kind().equals("label")).toList();
        Set<String> gathered = labels.stream().flatMap(c -> c.items().stream()).collect(Collectors.toSet());
        plan.ingredients().stream()
                .filter(i -> i.label() != null)
                .forEach(i -> assertThat(gathered).anyMatch(item -> item.startsWith(i.item())));
        assertThat(labels)
                .extracting(Caution::text)
                .as("one sentence of a kind")
                .doesNotHaveDuplicates();
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

    private static final String GRILLED =
            "Pasta bake\nServes 4\n\nIngredients\n300 g penne\n200 g cheddar\n400 g tin tomatoes\n\nMethod\nBoil the pasta. Mix with the tomatoes in a %s. "
                    + "Top with the cheese. Bake at 190C for 20 minutes, then finish under a hot grill.";

    /** No phase, step or word that the plan's own cautions forbid. */
    @ParameterizedTest
    @CsvSource({
        "30 x 20 cm glass dish, false",
        "30 x 20 cm ceramic dish, false",
        "30 x 20 cm dish, false",
        "30 x 20 cm metal roasting tin, true",
        "25 cm cast iron pan, true",
        "30 x 20 cm enamelled tin, true"
    })
    void onlyWhatStandsTheGrillGoesUnderIt(String dish, boolean grills) {
        Plan plan = plan(GRILLED.formatted(dish), Needs.none(), null, null, null);
        assertThat(plan.bake().phases().stream().anyMatch(p -> p.kind().equals("grill")))
                .isEqualTo(grills);
        assertThat(plan.cautions().stream().anyMatch(c -> c.kind().equals("grill")))
                .isEqualTo(!grills);
    }

    @Test
    void spicesAreOneGatheredLine() {
        Plan plan = plan(
                "Chilli bake\nServes 4\n\nIngredients\n400 g tin kidney beans\n1 tsp cumin\n1 tsp paprika\n1 tsp dried oregano\n2 tbsp yeast flakes\n"
                        + "\nMethod\nMix and bake 30 minutes.",
                STRICT,
                null,
                null,
                null);
        List<Caution> spices = plan.cautions().stream()
                .filter(c -> c.text().startsWith("Spices and dried herbs"))
                .toList();
        assertThat(spices).hasSize(1);
        assertThat(spices.getFirst().items()).contains("cumin", "paprika", "dried oregano", "yeast flakes");
    }

    @Test
    void whatOnlyTheMethodNamesIsJudgedToo() {
        Plan plan = plan(
                "Bean bake\nServes 4\n\nIngredients\n400 g tin kidney beans\n400 g tin tomatoes\n\nMethod\nButter a dish. Mix and bake 30 minutes. "
                        + "Brush with beaten egg. Drizzle with honey. Serve with garlic bread and soured cream.",
                new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN), Set.of(), true),
                null,
                null,
                null);
        String method = plan.method().stream().map(s -> s.text()).collect(Collectors.joining(" "));
        assertThat(method)
                .doesNotContainPattern("(?i)\\b(?:butter|honey|garlic bread)\\b")
                .doesNotContainPattern("(?i)soured? cream");
        assertThat(plan.conversion().methodFoods())
                .extracting(f -> f.name())
                .contains("garlic bread", "soured cream", "beaten egg");
        assertThat(plan.cautions())
                .filteredOn(c -> c.kind().equals("unknown"))
                .hasSize(1)
                .first()
                .satisfies(c -> assertThat(c.items()).contains("honey"));
    }
}
