package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.house.House;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.swap.job.Job;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The choice there is each time: what is left open, other dishes, conditions, schools, names that stay. */
class ChoicesTest {
    private static final Needs EGG_FREE = new Needs(Set.of(Need.EGG_FREE), Set.of(), true);
    private static final Needs GLUTEN_FREE = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true);
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN), Set.of(), true);
    private static final String PUDDING = """
            Herb pudding with roots
            Serves 4

            400 g carrots
            140 g plain flour
            4 eggs
            200 ml milk
            2 tbsp rapeseed oil

            Whisk the flour, eggs and milk to a smooth batter and rest it half an hour. Roast the carrots in the oil at 220C in a tin. Pour the batter round and bake 30 minutes at 220C.
            """;
    private static final String SAUCE = """
            Pumpkin bake
            Serves 4

            1 kg pumpkin, sliced
            2 tbsp rapeseed oil
            50 g butter
            50 g plain flour
            600 ml milk

            Fry the pumpkin in the oil. Melt the butter, stir in the flour and cook a minute, then whisk in the milk and simmer 5 minutes. Layer the pumpkin with the sauce in a dish and bake at 190C for 40 minutes.
            """;

    private static Swap of(Conversion conversion, String line) {
        return conversion.swaps().stream()
                .filter(s -> s.was().contains(line))
                .findFirst()
                .orElseThrow();
    }

    private static Kitchen schooled(Needs needs, String question, String answer) {
        return new Kitchen(needs, House.usual().with(Map.of(question, answer)), Map.of(), Map.of());
    }

    @Test
    void whatNothingDoesWellIsLeftToTheCookWithWhatWouldBeLost() {
        Conversion conversion = Conversions.of(PUDDING, Kitchen.of(EGG_FREE));
        Swap eggs = of(conversion, "4 eggs");
        assertThat(eggs.rule()).isEqualTo(Swap.OPEN);
        assertThat(eggs.becomes()).isEmpty();
        assertThat(eggs.notice()).contains("flat");
        assertThat(eggs.alternatives()).hasSizeGreaterThanOrEqualTo(3);
        assertThat(eggs.alternatives()).anyMatch(Swap.Alternative::dish);
        assertThat(conversion.lines()).noneMatch(l -> l.source() == eggs.source());
    }

    @Test
    void anotherDishStandsForTheWholeMixtureAndItsWork() {
        Conversion conversion = Conversions.of(
                PUDDING, new Kitchen(EGG_FREE, House.usual(), Map.of(2, "dish-scone-topping"), Map.of()));
        double mixture = 140 + 200 + 206;
        assertThat(of(conversion, "4 eggs").becomes().getFirst().grams()).isBetween(0.7 * mixture, mixture);
        assertThat(conversion.lines())
                .extracting(ConvertedLine::source)
                .doesNotContain(1, 3)
                .contains(0, 4);
        List<String> words = conversion.procedure().components().stream()
                .flatMap(pot -> pot.steps().stream().map(PlannedProcedure.Work::words))
                .toList();
        assertThat(words).noneMatch(w -> w.contains("batter")).anyMatch(w -> w.contains("spoonfuls"));
    }

    @Test
    void whoSaysNothingOfOatsIsAskedAndWhoEatsThemGetsThem() {
        Conversion unsaid = Conversions.of(SAUCE, Kitchen.of(GLUTEN_FREE));
        Swap flour = of(unsaid, "50 g plain flour");
        assertThat(flour.alternatives()).noneMatch(a -> a.rule().equals("thicken-oat"));
        assertThat(flour.conditional())
                .filteredOn(a -> a.rule().equals("thicken-oat"))
                .hasSize(1)
                .allMatch(a -> a.onlyIf() != null && a.onlyIf().contains("certified"));
        Needs fine = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true, Needs.Oats.FINE);
        assertThat(of(Conversions.of(SAUCE, Kitchen.of(fine)), "50 g plain flour")
                        .alternatives())
                .anyMatch(a -> a.rule().equals("thicken-oat"));
        Needs never = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true, Needs.Oats.NEVER);
        assertThat(of(Conversions.of(SAUCE, Kitchen.of(never)), "50 g plain flour")
                        .conditional())
                .isEmpty();
        Needs avoided = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(Allergen.OATS), true);
        assertThat(of(Conversions.of(SAUCE, Kitchen.of(avoided)), "50 g plain flour")
                        .conditional())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"white-sauce, slurry, starch", "white-sauce, puree, beans", "white-sauce, tofu, tofu"})
    void aSchoolOfWhiteSauceBringsItsOwnThickener(String question, String answer, String thickener) {
        Conversion conversion = Conversions.of(SAUCE, schooled(GLUTEN_FREE, question, answer));
        assertThat(of(conversion, "50 g plain flour").becomes().getFirst().item())
                .contains(thickener);
    }

    @Test
    void theStepsOfARouxGoWithTheFlour() {
        Conversion conversion = Conversions.of(SAUCE, schooled(GLUTEN_FREE, "white-sauce", "puree"));
        List<String> words = conversion.procedure().components().stream()
                .flatMap(pot -> pot.steps().stream().map(PlannedProcedure.Work::words))
                .toList();
        assertThat(words).anyMatch(w -> w.startsWith("Blend the")).noneMatch(w -> w.contains("cook a minute"));
        assertThat(conversion.procedure().dropped()).anyMatch(d -> d.words().contains("cook a minute"));
    }

    @ParameterizedTest
    @CsvSource({
        "vegetables, water, 50 g butter, oil",
        "bought, none, 600 ml milk, cream",
        "foods, whole, 50 g plain flour, starch",
        "salt, free, 600 ml milk, salt"
    })
    void whatASchoolDoesWithoutIsNotFirst(String question, String answer, String line, String not) {
        Conversion conversion = Conversions.of(SAUCE, schooled(VEGAN.and(GLUTEN_FREE), question, answer));
        Swap swap = of(conversion, line);
        if (swap.job() == Job.SOFTENS) {
            assertThat(swap.becomes().getFirst().item()).doesNotContain(not);
        } else {
            assertThat(swap.ranking().school()).isGreaterThanOrEqualTo(0);
        }
    }

    @Test
    void nothingSoakedOvernightMeansNothingThatWaitsLong() {
        Conversion conversion =
                Conversions.of(PUDDING.replace("batter", "custard"), schooled(EGG_FREE, "nuts", "not-overnight"));
        conversion.swaps().stream()
                .filter(s -> !s.becomes().isEmpty())
                .forEach(s -> assertThat(s.cost().passiveMinutes()).isLessThanOrEqualTo(180));
    }

    @Test
    void theCooksOwnNamesStay() {
        Conversion conversion = Conversions.of(SAUCE, Kitchen.of(VEGAN));
        assertThat(conversion.lines()).extracting(ConvertedLine::item).contains("pumpkin", "rapeseed oil");
    }

    @Test
    void whatIsConvertedAlreadyIsLeftAlone() {
        String text = SAUCE.replace("50 g butter", "50 g vegan block")
                .replace("50 g plain flour", "50 g gluten-free flour")
                .replace("600 ml milk", "600 ml soya milk");
        Conversion vegan = Conversions.of(text, Kitchen.of(VEGAN.and(GLUTEN_FREE)));
        assertThat(vegan.swaps()).isEmpty();
        Conversion noSoy = Conversions.of(text, Kitchen.of(new Needs(Set.of(Need.SOY_FREE), Set.of(), true)));
        assertThat(noSoy.swaps()).extracting(Swap::was).containsExactly("600 ml soya milk");
    }

    @Test
    void whatIsNotKnownComesWithTheNearestThree() {
        Conversion conversion =
                Conversions.of(SAUCE.replace("50 g plain flour", "50 g tiroserra"), Kitchen.of(GLUTEN_FREE));
        assertThat(conversion.unresolved()).hasSize(1).allSatisfy(u -> {
            assertThat(u.nearest()).hasSize(3).doesNotHaveDuplicates();
        });
    }
}
