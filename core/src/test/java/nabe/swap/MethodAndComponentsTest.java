package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Larder;
import nabe.measure.AmountStyle;
import nabe.measure.Spoons;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.reading.Division;
import nabe.reading.ProcedureReader;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;

class MethodAndComponentsTest {
    private static final Larder LARDER = Larder.load();
    private static final RecipeReader READER = new RecipeReader(LARDER);
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    static List<String> recipes() {
        return Recipes.all();
    }

    private static House house(Map<String, String> schools, Set<String> lacks) {
        return new House(List.of(), new Schools(schools), lacks, Set.of(), Spoons.US, AmountStyle.BOTH);
    }

    private static Conversion convert(String text, Needs needs, Map<String, String> schools, Map<String, String> made) {
        return Conversions.of(text, new Kitchen(needs, house(schools, Set.of()), Map.of(), made));
    }

    private static Conversion convert(String text) {
        return convert(text, VEGAN, Map.of(), Map.of());
    }

    @Test
    void eachHomeMadeThingIsOneBatchThatWeighsWhatItsPartsNeed() {
        for (String recipe : Recipes.all()) {
            Conversion conversion = convert(recipe);
            for (MadeComponent made : conversion.made()) {
                double wanted = conversion.lines().stream()
                        .filter(l ->
                                l.ingredient() != null && l.ingredient().id().equals(made.makes()))
                        .mapToDouble(ConvertedLine::gramsOrZero)
                        .sum();
                assertThat(made.grams()).isCloseTo(wanted, within(0.5));
                assertThat(made.ingredients())
                        .allSatisfy(i -> assertThat(
                                        VEGAN.judge(LARDER.get(i.ingredient())).fits())
                                .isTrue());
                assertThat(made.ingredients().stream()
                                .mapToDouble(MadeComponent.Constituent::grams)
                                .sum())
                        .isGreaterThanOrEqualTo(made.grams() - 0.5);
            }
        }
    }

    @Test
    void oneBatchServesTwoParts() {
        Conversion conversion = convert(
                "Lasagna\n\nIngredients\n9 lasagna sheets\n250 g ricotta\n60 g parmesan, divided\n\nFor the topping\n40 g parmesan\n\nMethod\nMix the ricotta with half of the parmesan. Layer, and scatter with the rest.");
        assertThat(conversion.made())
                .filteredOn(m -> m.makes().endsWith("-hard"))
                .hasSize(1);
    }

    @Test
    void boughtOrHomeMadeIsOneChoice() {
        Conversion home = convert(Recipes.LASAGNA);
        MadeComponent sprinkle =
                home.made().stream().filter(MadeComponent::canBuy).findFirst().orElseThrow();
        Conversion bought = convert(Recipes.LASAGNA, VEGAN, Map.of(), Map.of(sprinkle.makes(), "bought"));
        assertThat(bought.made()).noneMatch(m -> m.makes().equals(sprinkle.makes()));
        assertThat(bought.toBuy())
                .anyMatch(l -> l.ingredient() != null && l.ingredient().id().equals(sprinkle.makes()));
        assertThat(home.toBuy())
                .noneMatch(l -> l.ingredient() != null && l.ingredient().id().equals(sprinkle.makes()));
    }

    @Test
    void aSchoolMovesItsAnswerToTheFront() {
        assertThat(sheets(Map.of("sheets", "parboil"))).isEqualTo("sheets-maize-rice");
        assertThat(sheets(Map.of("sheets", "slices"))).isNotIn("sheets-brown-rice", "sheets-maize-rice");
        assertThat(sheets(Map.of())).isEqualTo("sheets-brown-rice");
    }

    private static String sheets(Map<String, String> schools) {
        return convert(Recipes.LASAGNA, new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true), schools, Map.of())
                .swaps()
                .getFirst()
                .rule();
    }

    @Test
    void aMissingToolIsNamedAndCounts() {
        Recipe recipe = READER.read(Recipes.LASAGNA);
        Conversion without = Conversions.of(
                recipe, new Kitchen(VEGAN, house(Map.of(), Set.of("blender", "food-processor")), Map.of(), Map.of()));
        for (Swap swap : without.swaps()) {
            swap.alternatives().stream()
                    .filter(a -> a.cost().tools().contains("blender"))
                    .forEach(a -> assertThat(a.cost().missing()).contains("blender"));
        }
        assertThat(without.made()).allSatisfy(m -> assertThat(m.missing()).isSubsetOf(m.tools()));
    }

    @Test
    void fidelityIsTheSumOfItsTerms() {
        for (String recipe : Recipes.all()) {
            convert(recipe).swaps().forEach(s -> {
                Fidelity t = s.terms();
                assertThat(t.score())
                        .isCloseTo(
                                0.4 * t.taste() + 0.4 * t.texture() + 0.1 * t.richness() + 0.1 * t.moisture(),
                                within(1e-9));
                assertThat(List.of(t.taste(), t.texture(), t.richness(), t.moisture()))
                        .allMatch(v -> v >= 0 && v <= 1);
            });
        }
    }

    @Test
    void alternativesComeRankedForThisHouse() {
        for (String recipe : Recipes.all()) {
            for (Swap swap : convert(recipe).swaps()) {
                List<Double> scores = swap.alternatives().stream()
                        .map(a -> a.ranking().score())
                        .toList();
                assertThat(scores).isSortedAccordingTo((a, b) -> Double.compare(b, a));
                assertThat(swap.alternatives())
                        .extracting(Swap.Alternative::rule)
                        .doesNotHaveDuplicates()
                        .doesNotContain(swap.rule());
            }
        }
    }

    @Test
    void whatIsNearerButShutOutIsSaidWithTheNeedThatShutsIt() {
        Needs needs = new Needs(EnumSet.of(Need.DAIRY_FREE, Need.NUT_FREE, Need.SOY_FREE), Set.of(), true);
        List<Swap> swaps = Conversions.of(Recipes.LASAGNA, Kitchen.of(needs)).swaps();
        assertThat(swaps.stream().flatMap(s -> s.passedOver().stream()))
                .isNotEmpty()
                .allSatisfy(p -> assertThat(p.because()).isNotBlank());
    }

    @Test
    void whatIsLeftOutByTheCookIsNotInTheDish() {
        Recipe recipe = READER.read(Recipes.LASAGNA);
        int ricotta = recipe.lines()
                .indexOf(recipe.lines().stream()
                        .filter(l -> l.text().contains("ricotta"))
                        .findFirst()
                        .orElseThrow());
        Conversion conversion =
                Conversions.of(recipe, new Kitchen(VEGAN, House.usual(), Map.of(ricotta, "leave-out"), Map.of()));
        assertThat(conversion.lines()).noneMatch(l -> l.source() == ricotta);
        Swap left = conversion.swaps().stream()
                .filter(s -> s.source() == ricotta)
                .findFirst()
                .orElseThrow();
        assertThat(left.becomes()).isEmpty();
        assertThat(left.alternatives()).isNotEmpty();
    }

    @Test
    void aDividedLineIsFollowedToItsParts() {
        Recipe read = READER.read(
                "Lasagna\n\nIngredients\n9 lasagna sheets\n250 g ricotta\n100 g parmesan, divided\n300 g mozzarella\n\nMethod\nMix the ricotta with half of the parmesan. Layer with the mozzarella. Scatter with the rest of the parmesan and bake.");
        Recipe divided = Division.of(read, new ProcedureReader().read(read.lines(), read.steps()));
        Conversion conversion = Conversions.of(divided, new Kitchen(VEGAN, House.usual(), Map.of(), Map.of()));
        List<ConvertedLine> hard =
                conversion.lines().stream().filter(l -> l.source() == 2).toList();
        assertThat(hard).extracting(ConvertedLine::part).contains(Part.SOFT_CHEESE, Part.HARD_CHEESE);
        assertThat(hard.stream().mapToDouble(ConvertedLine::gramsOrZero).sum()).isCloseTo(100, within(12.0));
    }

    @Test
    void theCheckSpeaksOfThePacketsTheCookWillHold() {
        Conversion conversion = convert(Recipes.LASAGNA);
        for (Swap swap : conversion.swaps()) {
            boolean allMade = !swap.becomes().isEmpty()
                    && swap.becomes().stream()
                            .allMatch(b -> conversion.made().stream()
                                    .anyMatch(m -> m.makes().equals(b.ingredient())));
            if (allMade && swap.check() != null) {
                assertThat(swap.becomes())
                        .allSatisfy(b -> assertThat(swap.check()).doesNotContain("the " + b.item() + " is of a kind"));
            }
        }
    }
}
