package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nabe.house.House;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Thickeners;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Recipe;
import nabe.swap.job.Job;
import nabe.testing.ForbiddenWords;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SwapperTest {
    private static final Larder LARDER = Larder.load();
    private static final Swapper.Tables TABLES = Swapper.Tables.load(LARDER);
    private static final RecipeReader READER = new RecipeReader(LARDER);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static Conversion convert(String text, Need... needs) {
        Set<Need> set = needs.length == 0 ? Set.of() : EnumSet.copyOf(List.of(needs));
        return Conversions.of(text, Kitchen.of(new Needs(set, Set.of(), true)));
    }

    private static ConvertedLine only(Conversion conversion, String id) {
        return conversion.lines().stream()
                .filter(l -> l.ingredient() != null && l.ingredient().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Every set of the six needs: nothing forbidden stays, mass stays near, every line is accounted for. */
    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void everySetOfNeedsIsMetOrSaidNotToBe(String text) {
        Recipe recipe = READER.read(text);
        List<Need> six =
                List.of(Need.GLUTEN_FREE, Need.DAIRY_FREE, Need.VEGAN, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE);
        Set<String> bad = new java.util.TreeSet<>();
        for (int bits = 1; bits < 64; bits++) {
            int mask = bits;
            Set<Need> set = EnumSet.noneOf(Need.class);
            IntStream.range(0, 6).filter(i -> (mask >> i & 1) == 1).forEach(i -> set.add(six.get(i)));
            Conversion conversion = Conversions.of(recipe, Kitchen.of(new Needs(set, Set.of(), true)));
            conversion.lines().forEach(line -> ForbiddenWords.check(line.item(), set));
            conversion
                    .procedure()
                    .components()
                    .forEach(pot -> pot.steps().forEach(step -> bad.addAll(ForbiddenWords.in(step.words(), set))));
            assertThat(conversion.massAfterGrams())
                    .as("%s", set)
                    .isCloseTo(conversion.massBeforeGrams(), within(conversion.massBeforeGrams() * 0.25));
            assertThat(conversion.unresolved())
                    .as("%s", set)
                    .hasSizeLessThanOrEqualTo(recipe.lines().size() * 3 / 100);
            Set<Integer> accounted = new java.util.HashSet<>(
                    conversion.lines().stream().map(ConvertedLine::source).toList());
            conversion.unresolved().forEach(u -> accounted.add(u.source()));
            conversion.swaps().forEach(s -> accounted.add(s.source()));
            assertThat(conversion.swaps()).allMatch(s -> s.job() != null);
            assertThat(accounted).hasSize(recipe.lines().size());
        }
        assertThat(bad).as(recipe.title()).isEmpty();
    }

    @Test
    void withoutNeedsNothingChanges() {
        Conversion conversion = convert(Recipes.LASAGNA);
        assertThat(conversion.swaps()).isEmpty();
        assertThat(conversion.massAfterGrams()).isEqualTo(conversion.massBeforeGrams());
    }

    @Test
    void thickenersAreMatchedByStrength() {
        Conversion conversion = convert(Recipes.LASAGNA, Need.GLUTEN_FREE);
        Ingredient rice = LARDER.get("sweet-rice-flour");
        assertThat(only(conversion, "sweet-rice-flour").grams() * new Thickeners().of(rice))
                .isCloseTo(40, within(0.01));
    }

    @Test
    void theFatThatMilkLosesIsMadeUp() {
        Conversion conversion = convert(Recipes.LASAGNA, Need.DAIRY_FREE);
        Swap milk = conversion.swaps().stream()
                .filter(s -> s.was().contains("milk"))
                .findFirst()
                .orElseThrow();
        double fat = milk.becomes().stream()
                .mapToDouble(b ->
                        b.grams() * LARDER.get(b.ingredient()).composition().fat() / 100)
                .sum();
        assertThat(fat)
                .isCloseTo(
                        milk.wasGrams() * LARDER.get("whole-milk").composition().fat() / 100, within(0.1));
    }

    @Test
    void butterInACrustStaysSolidButInAPanIsOil() {
        Conversion conversion = convert(Recipes.POT_PIE, Need.DAIRY_FREE);
        assertThat(conversion.swaps()).extracting(Swap::rule).contains("butter-block", "butter-olive-oil");
    }

    @Test
    void eggsAreSwappedByWhatTheyDo() {
        assertThat(convert(Recipes.LASAGNA, Need.VEGAN).swaps())
                .extracting(Swap::job)
                .contains(Job.BINDS);
        assertThat(convert(Recipes.MOUSSAKA, Need.VEGAN).swaps())
                .extracting(Swap::job)
                .contains(Job.SETS);
        assertThat(convert(Recipes.POT_PIE, Need.VEGAN).swaps())
                .extracting(Swap::job)
                .contains(Job.GLAZE);
    }

    @Test
    void alternativesMeetEveryNeedAndAChoiceIsTaken() {
        Needs needs = new Needs(Set.of(Need.GLUTEN_FREE, Need.SOY_FREE), Set.of(Allergen.MILK), true);
        Recipe recipe = READER.read(Recipes.LASAGNA);
        Conversion first = Conversions.of(recipe, Kitchen.of(needs));
        for (Swap swap : first.swaps()) {
            swap.alternatives()
                    .forEach(a -> a.becomes()
                            .forEach(b -> assertThat(needs.judge(LARDER.get(b.ingredient()))
                                            .fits())
                                    .isTrue()));
            assertThat(swap.alternatives()).hasSizeLessThanOrEqualTo(6);
        }
        Swap milk = first.swaps().stream()
                .filter(s -> !s.alternatives().isEmpty())
                .findFirst()
                .orElseThrow();
        String other = milk.alternatives().getFirst().rule();
        assertThat(Conversions.of(recipe, new Kitchen(needs, House.usual(), Map.of(milk.source(), other), Map.of()))
                        .swaps())
                .extracting(Swap::rule)
                .contains(other);
    }

    @Test
    void whatCannotBeDoneIsSaidWithTheReason() {
        Needs needs = new Needs(Set.of(), Set.of(Allergen.SULPHITE, Allergen.CELERY), true);
        Recipe recipe = READER.read(
                "Bake\n\nIngredients\n1 kg potatoes\n2 tbsp balsamic vinegar\n2 cups mystery powder\n\nMethod\nBake.");
        Conversion conversion = Conversions.of(recipe, Kitchen.of(needs));
        assertThat(conversion.unresolved())
                .extracting(Unresolved::text)
                .containsExactly("2 tbsp balsamic vinegar", "2 cups mystery powder");
        assertThat(conversion.unresolved().getFirst().why()).contains("sulphite");
        assertThat(conversion.lines()).hasSize(1);
    }

    @Test
    void everyRuleMeetsItsOwnRoleAndThereAreEnough() {
        assertThat(TABLES.book().size()).isGreaterThan(50);
    }
}
