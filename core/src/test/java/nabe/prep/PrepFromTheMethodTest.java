package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.prep.PrepStep.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Prep is what the method says: its sentences in an order that works, and weights by the work it names. */
class PrepFromTheMethodTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan plan(String text, Set<Need> needs, Map<String, String> schools, PrepChoice prep) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(new Needs(needs, Set.of(), true))
                .schools(schools)
                .prep(prep)
                .brief());
    }

    private static Plan plan(String text) {
        return plan(text, Set.of(), null, null);
    }

    private static Plan vegan(String text) {
        return plan(text, Set.of(Need.VEGAN, Need.GLUTEN_FREE), null, null);
    }

    private static String bake(String lines, String method) {
        return "Tuesday bake\n\nServes 4\n\n" + lines.replace("; ", "\n") + "\n\n" + method
                + " Tip into a 30 x 20 cm dish and scatter over the cheddar. Bake at 190C for 30 minutes.";
    }

    private static double share(Plan plan, String item) {
        return plan.prep().ready().stream()
                .filter(r -> r.line().item().contains(item))
                .mapToDouble(r -> r.readyGrams() / r.line().gramsOrZero())
                .findFirst()
                .orElseThrow();
    }

    /** A dish that is stirred and laid raw and bakes two hours: nothing is cooked before that the text lays as it is. */
    @Test
    void whatTheTextLaysRawGoesInRaw() {
        Plan plan = plan("""
                Rice and chicken bake
                Serves 4

                1 cup long grain rice
                1 can cream of chicken soup
                1 soup can of water
                8 chicken thighs, skin on

                Grease a 9x13 pan. Stir the rice, the soup and the water together in the pan. Lay the chicken on top, skin side up. \
                Cover tightly with foil. Bake 2 hours at 325F.
                """);

        assertThat(plan.prep().steps()).noneMatch(PrepStep::own);
        assertThat(share(plan, "rice")).isEqualTo(1);
        assertThat(share(plan, "chicken thighs")).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 onions | Soften the onions in the oil for 10 minutes. | onions | 0.75 | 0.88",
                "2 onions | Caramelise the onions in the oil for 40 minutes. | onions | 0.35 | 0.45",
                "2 onions | Roast the onions with the oil for 30 minutes. | onions | 0.60 | 0.75",
                "500 g mushrooms | Fry the mushrooms in the oil until dry. | mushrooms | 0.40 | 0.50",
                "500 g spinach | Wilt the spinach with the oil in a big pan. | spinach | 0.65 | 0.85",
                "500 g spinach | Wilt the spinach in the oil, cool it and squeeze it dry. | spinach | 0.25 | 0.32",
                "500 g spinach | Mix the spinach with the oil. | spinach | 1.00 | 1.00",
                "4 carrots | Grate the carrots and mix with the oil. | carrots | 1.00 | 1.00",
                "2 aubergines | Roast the aubergines in the oil for 30 minutes. | aubergines | 0.60 | 0.75",
                "500 g beef mince | Brown the mince in the oil. | mince | 0.72 | 0.80",
                "400 g penne | Boil the penne for 9 minutes, drain and toss with the oil. | penne | 2.00 | 2.20",
                "400 g penne | Boil the penne for half the time on the packet, drain and toss with the oil. | penne | 1.70 | 1.90"
            })
    void whatIsLeftFollowsTheWorkNamed(String line, String method, String item, double low, double high) {
        Plan plan = plan(bake(line + "; 2 tbsp olive oil; 100 g cheddar", method));
        assertThat(share(plan, item)).isBetween(low, high);
    }

    @Test
    void aSauceLosesWhatItSimmersForAndTheLidKeepsItIn() {
        String lines = "2 tbsp olive oil; 1 onion; 800 g tinned tomatoes; 400 g penne; 100 g cheddar";
        String open = "Soften the onion in the oil, add the tomatoes and simmer for %d minutes. Stir in the raw penne.";
        double ten = share(plan(bake(lines, open.formatted(10))), "tomatoes");
        double hour = share(plan(bake(lines, open.formatted(60))), "tomatoes");
        double covered = share(plan(bake(lines, open.formatted(60).replace("simmer", "simmer, covered,"))), "tomatoes");
        assertThat(hour).isLessThan(ten).isBetween(0.5, 0.7);
        assertThat(covered).isGreaterThan(0.85);
        assertThat(ten).isGreaterThan(0.9);
    }

    @Test
    void aJarredSaucePouredOverIsNotReducedAndPastaBakedDryIsNotBoiled() {
        Plan plan = plan(bake(
                "680 g jar tomato pasta sauce; 400 g penne; 500 ml vegetable stock; 100 g cheddar",
                "Mix the dry penne, the sauce and the stock."));
        assertThat(share(plan, "sauce")).isEqualTo(1);
        assertThat(share(plan, "penne")).isEqualTo(1);
        assertThat(plan.prep().steps()).noneMatch(s -> s.text().toLowerCase().contains("boil"));
    }

    @Test
    void lentilsDrinkThePotsOwnStock() {
        Plan plan = plan(bake(
                "1 tbsp olive oil; 1 onion; 200 g brown lentils; 900 ml vegetable stock; 100 g cheddar",
                "Soften the onion in the oil. Add the lentils and stock and simmer for 30 minutes, covered."));
        assertThat(share(plan, "lentils")).isBetween(2.4, 2.6);
        assertThat(share(plan, "stock")).isBetween(0.5, 0.75);
        double before = plan.prep().ready().stream()
                .mapToDouble(r -> r.line().gramsOrZero())
                .sum();
        assertThat(plan.prep().readyGrams()).isLessThanOrEqualTo(before);
    }

    @Test
    void theStepsAreTheCooksSentencesWithTheirAmounts() {
        Plan plan = plan(
                bake(
                        "2 tbsp olive oil; 2 onions, sliced; 500 g beef mince; 400 g tin tomatoes; 100 g cheddar, grated",
                        "Warm the oil in a wide pan and soften the onions for 10 minutes. Add the mince and brown it for 8 minutes. Stir in the tomatoes and simmer for 20 minutes."));
        List<PrepStep> own = plan.prep().steps();
        assertThat(own)
                .extracting(PrepStep::text)
                .containsSubsequence(
                        "Warm the oil in a wide pan and soften the onions for 10 minutes.",
                        "Add the mince and brown it for 8 minutes.",
                        "Stir in the tomatoes and simmer for 20 minutes.");
        assertThat(own.getFirst().text()).contains("onions sliced", "cheddar grated");
        PrepStep soften = own.get(1);
        assertThat(soften.uses()).extracting(PrepStep.Used::item).containsExactly("olive oil", "onions");
        assertThat(soften.own()).isFalse();
        assertThat(soften.why()).isNull();
        PrepStep simmer = own.getLast();
        assertThat(simmer.passiveMinutes()).isGreaterThan(10);
        assertThat(simmer.ahead()).isNotNull();
    }

    @Test
    void whatIsSwappedIsWorkedAsItNeedsAndMarkedAsNabesOwn() {
        Plan plan = vegan(bake(
                "2 tbsp olive oil; 500 g chicken breast; 300 ml chicken stock; 100 g cheddar",
                "Mix the chicken with the oil and the stock."));
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.own() && s.text().contains("mushroom"))
                .hasSize(1)
                .allSatisfy(s -> assertThat(s.why()).contains("worked differently"));
    }

    @Test
    void theFatOfMeatGoesWithTheMeat() {
        String text = bake(
                "1 tbsp olive oil; 500 g beef mince; 400 g tin tomatoes; 100 g cheddar",
                "Brown the mince in the oil until no longer pink. Drain off the fat. Add the tomatoes and simmer for 20 minutes.");
        assertThat(plan(text).prep().steps()).anyMatch(s -> s.text().equals("Drain off the fat."));
        Plan vegan = vegan(text);
        assertThat(vegan.prep().steps())
                .noneMatch(s -> s.text().contains("fat") && !s.own())
                .noneMatch(s -> s.text().contains("pink"));
        assertThat(vegan.differences()).anyMatch(d -> d.what().contains("Drain off the fat"));
    }

    private static final String CREAM = bake(
            "200 g cashews; 300 ml water; 2 leeks; 1 tbsp olive oil; 100 g cheddar",
            "Soak the cashews for 4 hours, drain, and blend them with the water. Soften the leeks in the oil and stir in the cream.");

    @ParameterizedTest
    @CsvSource({"900, 4 hours", "120, 30 min", "20, wait 5 min"})
    void aSoakTakesTheRungThereIsTimeFor(int minutesLeft, String words) {
        Plan plan = plan(CREAM, Set.of(), null, new PrepChoice(minutesLeft, null));
        assertThat(plan.prep().steps())
                .filteredOn(s -> !s.ladder().isEmpty())
                .singleElement()
                .satisfies(s -> assertThat(s.text()).contains(words, "drain", "blend them with the water"))
                .satisfies(s -> assertThat(s.ladder()).hasSize(3));
    }

    private static final String BOILED_SHEETS =
            "Lasagne\n\n12 dried lasagne sheets\n800 g tomato sauce\n400 g ricotta\n150 g mozzarella\n\n"
                    + "Boil the sheets for 8 minutes and drain. Spread a third of the sauce in a 30 x 20 cm dish, then 4 sheets and half of the ricotta. Repeat, then the last sheets and sauce and the mozzarella. Bake at 190C for 30 minutes.";

    @Test
    void theSheetsHaveOneWayInEveryPart() {
        Plan asRead = plan(BOILED_SHEETS);
        assertThat(asRead.build().sheets().way()).isEqualTo("boil");
        assertThat(share(asRead, "sheets")).isBetween(2.05, 2.25);
        Plan free = vegan(BOILED_SHEETS.replace("800 g tomato sauce", "1600 g tomato sauce"));
        assertThat(free.build().sheets().way()).isEqualTo("unboiled");
        assertThat(share(free, "sheets")).isCloseTo(1, within(0.001));
        assertThat(free.prep().steps()).noneMatch(s -> s.text().startsWith("Boil"));
        assertThat(free.differences()).anyMatch(d -> d.what().contains("Boil the"));
    }

    @Test
    void whatGoesOnDuringTheBakeIsMadeMeanwhile() {
        Plan plan = plan(
                "Gratin\n\n1 kg potatoes\n400 ml cream\n50 g breadcrumbs\n1 tbsp olive oil\n\n"
                        + "Slice the potatoes and lay them in a 30 x 20 cm dish. Pour over the cream. Cover with foil and bake at 180C for 50 minutes. Toss the crumbs with the oil. Uncover, scatter the crumbs over and bake for another 20 minutes.");
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("crumbs"))
                .singleElement()
                .extracting(PrepStep::when)
                .isEqualTo(When.WHILE_BAKING);
    }

    @Test
    void whatIsDoneWhileTheDishIsBuiltIsNotForTheTable() {
        Plan plan = plan(
                "Polenta bake\n\n200 g polenta\n1 litre vegetable stock\n600 g mushrooms\n2 tbsp oil\n150 ml cream\n\nMethod\n"
                        + "1. Boil the stock, pour in the polenta and cook for 5 minutes. Leave to set for 1 hour.\n"
                        + "2. Fry the mushrooms in the oil for 8 minutes.\n"
                        + "3. Cut the polenta into 12 squares. Lay half in a gratin dish. Spoon on the mushrooms and cover with the rest of the polenta. Pour over the cream.\n"
                        + "4. Bake at 200C for 25 minutes. Cut into wedges.");
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("squares"))
                .singleElement()
                .extracting(PrepStep::when)
                .isEqualTo(When.BEFORE);
    }

    @Test
    void whatLiesInTheDishIsPressedThereAndChilled() {
        Plan plan = plan("Strata\n\n400 g bread\n6 eggs\n500 ml milk\n200 g cheddar\n\nMethod\n"
                + "1. Spread the bread in a 30 x 20 cm dish.\n"
                + "2. Whisk the eggs and milk and pour over everything. Press the bread down and refrigerate overnight.\n"
                + "3. Scatter over the cheddar. Bake at 180C for 50 minutes.");
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("refrigerate"))
                .singleElement()
                .extracting(PrepStep::when)
                .isEqualTo(When.BUILT);
    }

    @Test
    void oneClauseDoneToSeveralThingsIsSaidOnce() {
        Plan plan = plan(
                bake(
                        "2 onions; 3 carrots; 1 tbsp oil; 500 g beef mince",
                        "Chop the onions and carrots small. Soften the onions and carrots in the oil for 10 minutes. Add the mince and brown it for 8 minutes."));
        String all = plan.prep().steps().stream().map(PrepStep::text).collect(Collectors.joining(" "));
        assertThat(all.split("Chop the onions and carrots small", -1)).hasSize(2);
    }
}
