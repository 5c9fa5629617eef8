package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** What is roasted before the dish is built is told how hot, and what two things make of one is stirred. */
class OvenHeatTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), false)));
    }

    @Test
    void theRoastIsAsHotAsTheOvenWasHeatedBefore() {
        Plan plan = plan("""
                Moussaka
                1 kg aubergines
                2 tbsp olive oil
                600 g passata

                Method
                Heat the oven to 220C. Slice the aubergines, brush with the oil and roast on a tray for 25 minutes.
                Turn the oven down to 180C. Lay half the aubergines in a 2 litre dish, pour over half the passata and repeat.
                Bake for 40 minutes.
                """);
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("roast"))
                .extracting(PrepStep::heat)
                .containsExactly("oven 220 °C");
        assertThat(plan.bake().phases().getFirst().celsius()).isEqualTo(180);
    }

    @Test
    void aGlazeOfTwoThingsIsStirredTogether() {
        Plan plan = plan("""
                Pot pie
                600 g mushrooms
                300 ml vegetable stock
                320 g shortcrust pastry
                1 egg, beaten, to glaze

                Method
                Simmer the mushrooms in the stock for 15 minutes and tip into a 1.5 litre pie dish.
                Lay over the pastry and brush with the egg. Bake at 200C for 30 minutes.
                """, Need.VEGAN);
        assertThat(plan.prep().steps())
                .anyMatch(s -> s.text().startsWith("Stir the ") && s.uses().size() == 2);
    }

    @Test
    void whatIsBroiledTakesNoOvenHeat() {
        Plan plan = plan("""
                Enchiladas
                500 g tomatillos
                2 cloves garlic
                10 corn tortillas
                300 g cooked chicken

                Method
                Put the tomatillos and garlic on a sheet pan and broil until charred, 6 minutes. Blend to a salsa.
                Fill each tortilla with chicken, roll and lay in a 33 x 23 cm dish. Pour over the salsa. Bake at 190C for 20 minutes.
                """);
        assertThat(plan.prep().steps())
                .noneMatch(s -> s.heat() != null && s.heat().startsWith("oven"));
    }

    @Test
    void theSamePanComesAfterWhatWasFriedInIt() {
        Plan plan = plan("""
                Aubergine bake
                1 kg aubergines
                5 tbsp oil
                400 g lamb mince
                1 tin chopped tomatoes

                Method
                Slice the aubergines, soak in salted water for 20 minutes and drain.
                Fry the slices in 4 tbsp of the oil for 6 minutes. Set aside.
                In the same pan, warm the remaining oil and brown the mince for 10 minutes. Add the tomatoes and simmer for 40 minutes.
                Lay half the aubergines in a 2 litre dish, spread with the mince and cover with the other half. Bake at 190C for 30 minutes.
                """);
        List<String> texts = plan.prep().steps().stream().map(PrepStep::text).toList();
        int fried = IntStream.range(0, texts.size())
                .filter(i -> texts.get(i).startsWith("Fry the slices"))
                .findFirst()
                .orElseThrow();
        int same = IntStream.range(0, texts.size())
                .filter(i -> texts.get(i).contains("same pan"))
                .findFirst()
                .orElseThrow();
        assertThat(same).isGreaterThan(fried);
    }

    @Test
    void thePanOfTheSameSentenceWaitsForNothingBefore() {
        Plan plan = plan("""
                Aubergine bake
                1 kg aubergines
                5 tbsp oil
                400 g lamb mince
                2 onions

                Method
                Slice the aubergines, brush with 4 tbsp of the oil and roast at 200C for 25 minutes.
                Brown the mince in the remaining oil, then soften the onions in the same pan.
                Lay half the aubergines in a 2 litre dish, spread with the mince and cover with the other half. Bake at 190C for 30 minutes.
                """);
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("Brown the mince"))
                .singleElement()
                .satisfies(s -> assertThat(s.needs()).isEmpty());
    }

    @Test
    void ofThisSaysOfWhatWhereTheStepsHaveAnOrderOfTheirOwn() {
        Plan plan = plan("""
                Moussaka
                800 g aubergines
                600 g lamb mince
                60 g butter
                60 g plain flour
                700 ml milk

                Method
                Slice and roast the aubergines at 200C for 25 minutes. Brown the mince for 30 minutes.
                Melt the butter, stir in the flour and whisk in the milk.
                Stir a fifth of this into the meat.
                Lay the aubergines in a 2.5 litre dish, then the meat and the rest of the sauce. Bake at 180C for 40 minutes.
                """);
        assertThat(plan.prep().steps())
                .extracting(PrepStep::text)
                .anyMatch(t -> t.startsWith("Stir a fifth of the white sauce into"));
    }

    @Test
    void whatIsCookedInFatAloneFries() {
        Plan plan = plan("""
                Bean pie
                2 tbsp olive oil
                300 g carrots, sliced
                1 tin (400 g) chickpeas, drained
                300 ml vegetable stock
                320 g shortcrust pastry

                Method
                Heat the oil in a frying pan, add the carrots and chickpeas and cook for 8 minutes. Pour in the stock and simmer for 10 minutes.
                Tip into a 1.5 litre pie dish, lay over the pastry and bake at 200C for 30 minutes.
                """);
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("cook for 8 minutes"))
                .extracting(PrepStep::heat)
                .containsExactly("medium");
    }
}
