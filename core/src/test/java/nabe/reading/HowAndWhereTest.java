package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.plan.Planner;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Procedure.Vessel;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that say how a thing is done name nothing, and where it is done tells whose pot it is. */
class HowAndWhereTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final String BAKED = " Bake at 190C for 30 minutes.";

    private static Procedure read(String lines, String method) {
        return PLANNER.read("Bake\n\n" + lines.replace("; ", "\n") + "\n\nMethod\n" + method + BAKED)
                .procedure();
    }

    private static List<Integer> linesWith(Procedure procedure, int line) {
        return procedure.components().stream()
                .map(HowAndWhereTest::lines)
                .filter(l -> l.contains(line))
                .findFirst()
                .orElseThrow();
    }

    private static List<Integer> lines(Vessel pot) {
        return pot.of().stream().map(Procedure.Of::line).toList();
    }

    /** Its layers, each by the lines of its pot. */
    private static List<List<Integer>> layers(Procedure procedure) {
        return procedure.layers().stream()
                .map(p -> procedure.components().stream()
                        .filter(c -> c.id().equals(p.of()))
                        .map(HowAndWhereTest::lines)
                        .findFirst()
                        .orElseThrow())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Lightly oil", "Oil", "Carefully oil", "Spray"})
    void whatIsPutOnAReadiedTrayIsAPotOfItsOwn(String oiled) {
        Procedure procedure = read(
                "50 g butter; 50 g plain flour; 500 ml milk; 3 red peppers; 2 aubergines",
                "Melt the butter, stir in the flour and whisk in the milk. " + oiled
                        + " two large baking trays and add the peppers and aubergines. Roast for 25 minutes."
                        + " Spread the peppers and aubergines in a dish and pour over the white sauce.");
        assertThat(linesWith(procedure, 3)).containsExactlyInAnyOrder(3, 4);
        assertThat(linesWith(procedure, 0)).containsExactlyInAnyOrder(0, 1, 2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Slowly", "Gradually", "Very gently", "Carefully"})
    void whatSaysHowStaysWithItsVerb(String how) {
        List<Step> steps = read(
                        "50 g butter; 50 g plain flour; 500 ml milk; 400 g penne",
                        "Melt the butter and stir in the flour. " + how
                                + " whisk in the milk. Boil the penne. Mix the penne with the sauce in a dish.")
                .components()
                .getFirst()
                .steps();
        assertThat(steps).extracting(Step::words).anyMatch(w -> w.startsWith(how + " whisk"));
    }

    @Test
    void theRestComesOnTopOfTheLastRound() {
        Procedure procedure = read(
                "12 corn tortillas; 900 g cooked chicken; 250 g cheddar, grated",
                "Lay 4 tortillas in a dish. Top with a third of the chicken and 50 g of the cheddar."
                        + " Repeat the layers twice, using all the rest of the cheddar on top.");
        assertThat(procedure.layers()).hasSize(9);
        assertThat(procedure.layers().getLast().share()).isGreaterThan(0.5);
        assertThat(procedure.beside()).isEmpty();
        assertThat(procedure.layers().stream()
                        .filter(p -> p.of().equals(procedure.layers().getLast().of()))
                        .mapToDouble(Placement::share)
                        .sum())
                .isEqualTo(1, org.assertj.core.api.Assertions.within(1e-6));
    }

    @Test
    void tubesLaidAsTheyAreFilledLieUnderWhatCoversThem() {
        Procedure procedure = read(
                "250 g dried cannelloni tubes; 500 g ricotta; 1 egg; 700 g passata; 100 g mozzarella",
                "Mix the ricotta and egg. Spread a third of the passata in a dish. Fill the tubes with the ricotta,"
                        + " laying them side by side in the dish as you go. Cover with the rest of the passata and"
                        + " dot with the mozzarella.");
        assertThat(layers(procedure)).element(1).isEqualTo(List.of(0));
        assertThat(procedure.layers().get(2).inside()).isTrue();
        assertThat(layers(procedure).getLast()).isEqualTo(List.of(4));
    }

    @Test
    void aPanPutBackOnTheHeatIsNoLayer() {
        Procedure procedure = read(
                "1 cauliflower; 500 ml milk; 40 g flour; 50 g butter; 100 g cheddar, grated",
                "Boil the cauliflower for 5 minutes, drain and tip into a dish. Put the saucepan back on the heat and"
                        + " add the milk, flour and butter. Whisk until thick. Stir in most of the cheddar and pour over"
                        + " the cauliflower. Scatter over the rest of the cheddar.");
        assertThat(layers(procedure)).hasSize(3);
        assertThat(linesWith(procedure, 1)).containsExactlyInAnyOrder(1, 2, 3, 4);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The pie can now be covered and chilled for 2 days. | false",
                "It can also be covered and frozen. | false",
                "Cover the pie with foil. | true"
            })
    void whatCanBeDoneIsNotAsked(String said, boolean covered) {
        Procedure procedure = read(
                "500 g beef mince; 800 g potatoes; 50 g butter",
                "Brown the mince. Boil the potatoes and mash with the butter. Put the mince in a dish and top with the"
                        + " mash. " + said);
        assertThat(procedure.oven().getFirst().covered()).isEqualTo(covered);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Cook the rice until tender and drain.", "Cook the rice according to the packet and drain well."
            })
    void drainingEndsASign(String said) {
        Procedure procedure = read(
                "200 g rice; 1 onion; 30 g butter; 1 can mushroom soup",
                said + " Fry the onion in the butter. Add the soup. Mix with the rice in a dish.");
        assertThat(procedure.components().stream()
                        .flatMap(c -> c.steps().stream())
                        .map(Step::action))
                .contains("drain");
    }

    @ParameterizedTest
    @ValueSource(strings = {"*For the sauce*", "_For the sauce_", "**For the sauce**", "For the sauce:"})
    void aLineInItalicsIsAHeading(String heading) {
        var recipe = PLANNER.read("Bake\n\n" + heading + "\n400 g passata\n1 onion\n\nMethod\nBake it.")
                .recipe();
        assertThat(recipe.lines()).hasSize(2).allMatch(l -> "For the sauce".equals(l.heading()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Preparation time 45 minutes", "Prep 15 mins", "Cooking time 1 hour 10 minutes"})
    void aTimeWithoutAColonHeadsNoMethod(String time) {
        var recipe = PLANNER.read("Bake\n" + time + "\nServes 4\n\n400 g penne\n500 ml passata\n\nBoil the penne."
                        + " Mix with the passata in a dish." + BAKED)
                .recipe();
        assertThat(recipe.lines()).hasSize(2);
    }

    @Test
    void saltSaidInPassingGoesWhereItIsSaid() {
        Procedure procedure = read(
                "2 aubergines; 2 tsp salt; 4 tbsp oil; 400 g passata",
                "Slice the aubergines. Layer the slices in a colander, salting each layer, and drain for 30 minutes."
                        + " Fry in the oil. Lay the aubergines in a dish and pour over the passata.");
        assertThat(linesWith(procedure, 1)).contains(0);
        assertThat(procedure.doubts()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Turn into the tin.", "Spoon into a dish.", "Tip into a 2 litre dish."})
    void whereItGoesIsLaid(String said) {
        assertThat(read(
                                "400 g penne; 500 ml passata; 100 g cheddar",
                                "Butter a 9-inch square tin. Boil the penne and stir in the passata. " + said
                                        + " Scatter over the cheddar.")
                        .doubts())
                .isEmpty();
    }

    @Test
    void reservedWhileLiftedIsThereForTheSauce() {
        Procedure procedure = read(
                "300 g smoked haddock; 250 ml milk; 20 g butter; 20 g flour; 400 g potatoes",
                "Put the haddock in a pan, cover with the milk and simmer for 5 minutes. Lift out the fish, reserving the"
                        + " milk, and flake it into a dish. Melt the butter and stir in the flour. Add the reserved milk"
                        + " and pour over the fish. Boil the potatoes, mash them and spread on top.");
        assertThat(linesWith(procedure, 2)).contains(1, 3);
    }

    @Test
    void layersGoOnUntilEitherMeasureRunsOut() {
        Procedure procedure = read(
                "3 courgettes, sliced; 400 g passata; 400 g mozzarella, grated; 450 g ricotta; 1 egg",
                "Mix the ricotta and egg. Layer the courgettes in a dish, spread with 100 g of the ricotta mixture and top with"
                        + " 100 g of the mozzarella. Repeat until everything is used up. Pour over the passata.");
        assertThat(procedure.layers()).hasSize(4 * 3 + 1);
        assertThat(procedure.beside()).isEmpty();
    }

    @Test
    void fatThatIsSpoonedOffLeavesTheMeatInThePan() {
        Procedure procedure = read(
                "500 g lamb mince; 1 onion; 300 ml beef stock; 800 g potatoes",
                "1. Boil the potatoes and mash.\n2. Brown the lamb. Spoon off the excess fat.\n3. Add the onion and cook for 5"
                        + " minutes. Add the stock and simmer for 20 minutes. Put in a dish and top with the mash.");
        assertThat(linesWith(procedure, 0)).containsExactlyInAnyOrder(0, 1, 2);
    }

    @Test
    void eggsThatAreCutAreAFilling() {
        Procedure procedure = read(
                "3 hard-boiled eggs; 400 g cod; 800 g potatoes",
                "Boil the potatoes and mash. Flake the cod into a dish. Shell and quarter the eggs and arrange them on the"
                        + " cod. Spread the mash on top.");
        assertThat(procedure.components())
                .filteredOn(c -> lines(c).equals(List.of(0)))
                .extracting(Vessel::kind)
                .containsExactly(Procedure.Kind.FILLING);
    }

    @ParameterizedTest
    @CsvSource({
        "Seasoning, salt-and-pepper",
        "'Seasoning, to taste', salt-and-pepper",
        "Adobo seasoning, taco-seasoning",
        "Fish seasoning, taco-seasoning"
    })
    void onlyBareSeasoningIsSaltAndPepper(String line, String food) {
        var recipe = PLANNER.read("Bake\n\n400 g penne\n" + line + "\n\nMethod\nBoil the penne." + BAKED)
                .recipe();
        assertThat(recipe.lines().get(1).ingredient())
                .isNotNull()
                .satisfies(i -> assertThat(i.id()).isEqualTo(food));
    }
}
