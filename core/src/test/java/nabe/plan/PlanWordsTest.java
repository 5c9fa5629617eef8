package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.PrepStep;
import org.junit.jupiter.api.Test;

/** What a cook reads of a plan: nothing twice, nothing that is no longer done, all of it at its time. */
class PlanWordsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final String SHEETS = """
            Water börek
            8 fresh lasagne sheets
            150 g butter, melted
            4 eggs
            200 ml milk
            350 g feta, crumbled
            Method
            1. Boil the sheets two at a time for 2 minutes, lift them into iced water, then spread them on tea towels. Whisk the eggs, milk and half the butter.
            2. Brush a 20x30 cm tin with a little butter. Lay in two sheets, ladle over a quarter of the egg milk. Two more sheets, another quarter of the egg milk, then all the feta. Two more sheets and a quarter of the egg milk. The last two sheets, the last of the egg milk and the rest of the butter.
            3. Leave it to soak for half an hour. Bake at 190C for 35 minutes. Cover with a cloth for 10 minutes.
            """;

    private static final String GRATIN = """
            Leek gratin
            3 leeks
            50 g butter
            2 tbsp milk
            300 ml cream
            40 g breadcrumbs
            Method
            1. Soften the leeks in half the butter for 10 minutes, stir in the milk and cream. Butter a 1.5 litre dish with 10 g of the butter.
            2. Tip into the dish, scatter over the breadcrumbs, dot with the rest of the butter and bake at 190C for 25 minutes.
            """;

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(brief(text, needs));
    }

    private static Brief brief(String text, Need... needs) {
        return Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), true));
    }

    private static List<String> texts(Plan plan) {
        return plan.prep().steps().stream().map(PrepStep::text).toList();
    }

    @Test
    void whatOnlyCoolsThemGoesWithTheBoilingAndStaysWithAShorterOne() {
        Plan dry = PLANNER.plan(BriefBuilder.builder(brief(SHEETS, Need.GLUTEN_FREE))
                .schools(Map.of("sheets", "unboiled"))
                .brief());
        assertThat(texts(dry)).noneMatch(t -> t.contains("iced water") || t.contains("tea towels"));
        assertThat(dry.conversion().swaps().getFirst().method()).startsWith("Lay them dry");

        Plan parboiled = plan(SHEETS, Need.GLUTEN_FREE);
        assertThat(texts(parboiled))
                .anyMatch(t -> t.startsWith("Parboil the brown-rice lasagna sheets in salted water for 5 min")
                        && t.contains("iced water")
                        && t.contains("tea towels"));
        assertThat(parboiled.conversion().swaps().getFirst().method()).startsWith("Parboil");
    }

    @Test
    void sheetsThatTheRecipeBoilsGoInDryOnlyWhereThereIsSauceForThem() {
        assertThat(plan(SHEETS, Need.GLUTEN_FREE).build().sheets().way()).isEqualTo("parboil");
        String lasagne = """
                Lasagne
                12 dried lasagne sheets
                1600 g tomato sauce
                400 g ricotta
                150 g mozzarella
                Method
                Boil the sheets for 8 minutes and drain. Spread a third of the sauce in a 30 x 20 cm dish, then 4 sheets and half of the ricotta. Repeat, then the last sheets and sauce and the mozzarella. Bake at 190C for 30 minutes.
                """;
        assertThat(plan(lasagne, Need.GLUTEN_FREE).build().sheets().way()).isEqualTo("unboiled");
        assertThat(plan(lasagne.replace("1600 g", "600 g"), Need.GLUTEN_FREE)
                        .build()
                        .sheets()
                        .way())
                .isEqualTo("parboil");
    }

    @Test
    void sheetsBoughtForThePanWeighInItsLayersAndEveryLayerSaysTheirNumber() {
        Plan plan = plan(SHEETS, Need.GLUTEN_FREE);
        var sheets = plan.build().sheets();
        assertThat(sheets.toBuy()).isPositive();
        assertThat(plan.build().layers().stream()
                        .filter(l -> l.name().contains("sheets"))
                        .mapToDouble(l -> l.grams() / sheets.perLayer()))
                .as("parboiled sheets of 26 g")
                .allSatisfy(one -> assertThat(one).isBetween(42.0, 52.0));
        assertThat(plan.build().layers())
                .extracting(l -> String.valueOf(l.words()))
                .noneMatch(w -> w.toLowerCase().contains("two more"));
    }

    @Test
    void whatTheBuiltDishWaitsIsSaidOnceItIsBuilt() {
        assertThat(plan(SHEETS).prep().steps().stream()
                        .filter(s -> s.text().contains("soak"))
                        .map(PrepStep::when))
                .containsExactly(PrepStep.When.BUILT);
    }

    @Test
    void aLineThatBecomesTheSameEverywhereIsOneDifference() {
        String both = GRATIN.replace("40 g breadcrumbs", "100 g cheddar, grated")
                .replace("stir in the milk and cream", "stir in the milk, cream and half the cheddar")
                .replace("scatter over the breadcrumbs", "scatter over the rest of the cheddar");
        assertThat(plan(both, Need.DAIRY_FREE).differences())
                .extracting(Difference::what)
                .filteredOn(w -> w.startsWith("100 g cheddar"))
                .singleElement()
                .satisfies(w -> assertThat(w).startsWith("100 g cheddar, grated →"));
    }

    @Test
    void whatGreasesTheDishIsOfTheThingItsLineBecame() {
        Plan plan = plan(GRATIN, Need.DAIRY_FREE);
        assertThat(plan.conversion().swaps().stream()
                        .filter(s -> s.was().contains("the dish"))
                        .flatMap(s -> s.becomes().stream())
                        .map(b -> b.item()))
                .hasSize(1);
        assertThat(plan.prep().steps()).extracting(PrepStep::text).noneMatch(t -> t.contains("olive oil and plant"));
    }

    @Test
    void oilThatIsTooLittleToMeasureIsNeitherBoughtNorWhiskedIn() {
        Plan plan = plan(GRATIN, Need.DAIRY_FREE);
        var milk = plan.conversion().swaps().stream()
                .filter(s -> s.was().contains("milk"))
                .findFirst()
                .orElseThrow();
        assertThat(milk.becomes()).hasSize(1);
        assertThat(milk.method()).doesNotContain("oil");
        assertThat(milk.reason()).doesNotContain("oil");
    }

    private static final String FISH_PIE = """
            Fish pie
            400 g smoked haddock
            500 ml whole milk
            2 leeks, sliced
            50 g butter
            50 g plain flour
            1 tin (400 g) peeled plum tomatoes
            900 g potatoes, peeled
            Method
            1. Boil the potatoes for 18 minutes, drain and mash.
            2. Lay the haddock in a wide pan, pour over the milk and bring to a simmer. Leave for 8 minutes. Lift out the fish and flake it into a 2-litre pie dish with the tomatoes. Strain the milk and keep it.
            3. Sweat the leeks in the butter for ten minutes, stir in the flour, then gradually add the milk, stirring till thick. Pour over the fish. Spoon the mash on top. Bake at 200C for 30 minutes.
            """;

    @Test
    void milkThatIsDrawnOffIsStrainedBeforeItIsStirredIn() {
        List<String> texts = texts(plan(FISH_PIE));
        int strained = indexOf(texts, "Strain the milk and keep it");
        assertThat(strained).isNotNegative().isLessThan(indexOf(texts, "add the milk"));
    }

    @Test
    void twoFillingsAreCalledByWhatIsSolidInThem() {
        assertThat(plan(FISH_PIE).build().layers()).extracting(l -> l.name()).noneMatch(n -> n.contains("ilk"));
    }

    @Test
    void whatComesPeeledInATinIsNotPeeled() {
        assertThat(texts(plan(FISH_PIE)).getFirst()).contains("potatoes peeled").doesNotContain("tomatoes");
    }

    @Test
    void aFlavourGoesWithTheThingThatItNames() {
        String pie = """
                Pie
                400 g roast lamb, chopped
                300 ml lamb gravy
                800 g potatoes
                Method
                Put the lamb in a 2-litre dish. Pour in the gravy. Boil the potatoes, mash and spoon over. Bake at 200C for 30 minutes.
                """;
        Plan plan = plan(pie, Need.VEGAN);
        assertThat(plan.conversion().swaps().stream().filter(s -> s.source() == 1))
                .hasSize(1);
    }

    @Test
    void aColdCustardRunsDownThoughStarchWillSetIt() {
        String strata = """
                Strata
                450 g bread, torn
                5 eggs
                500 ml milk
                200 ml cream
                100 g cheddar, grated
                Method
                Whisk the eggs, milk and cream. Put half the bread into a 2.5-litre dish, scatter with the cheddar, cover with the rest of the bread and pour over the custard. Bake at 180C for 45 minutes.
                """;
        assertThat(plan(strata, Need.VEGAN).budgets().water().state()).isEqualTo("good");
    }

    private static int indexOf(List<String> texts, String words) {
        return IntStream.range(0, texts.size())
                .filter(i -> texts.get(i).contains(words))
                .findFirst()
                .orElse(-1);
    }
}
