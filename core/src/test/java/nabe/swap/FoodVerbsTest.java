package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A food's name is work only where it does something; in doubt it is the food, and judged. */
class FoodVerbsTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Drain the potatoes and | mash | with the oil
            ''                     | Wrap | in foil
            Cover and              | wrap | in foil
            ''                     | Toast | in a dry pan
            Slice and              | roll | up
            Set the                | rolls | in the sauce
            ''                     | Fish | out the bay leaf
            Slice the aubergine and| bread | the slices
            """)
    void thisIsWork(String before, String name, String after) {
        assertThat(FoodVerbs.isVerb(name, before.isEmpty() ? "" : before + " ", " " + after))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Layer the cheese and    | bread | in a dish
            Serve with soup and     | toast | in a basket
            Top with beans and      | batter | over the sausages
            Serve with a            | roll  | each
            Serve with warm         | rolls | and butter
            Add the stock, then     | steak | with its juices
            """)
    void thisIsFood(String before, String name, String after) {
        assertThat(FoodVerbs.isVerb(name, before + " ", " " + after)).isFalse();
    }

    /** What no line lists is still judged where only the method names it. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Lay the tomatoes and bread in the pan and stir. | bread in         | true
            Stir until thick, no flour needed.              | no flour needed  | false
            Soften the tomatoes with a roll torn up.        | a roll           | true
            """)
    void aFoodOnlyTheMethodNamesIsJudged(String sentence, String words, boolean gone) {
        String text = """
                Tomato gratin
                1 tbsp oil
                400 g tinned tomatoes
                600 g potatoes, sliced
                Method
                1. Heat the oil in a pan, add the tomatoes and simmer for 10 minutes. %s
                2. Layer the potatoes and the tomatoes in a 1-litre dish. Bake at 190C for 1 hour.
                """.formatted(sentence);
        Conversion conversion = PLANNER.plan(
                        Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true)))
                .conversion();
        String said = conversion.procedure().components().stream()
                .flatMap(p -> p.steps().stream())
                .map(PlannedProcedure.Work::words)
                .collect(Collectors.joining(". "));
        assertThat(said).contains("Heat the oil");
        assertThat(said.contains(" " + words)).as(said).isNotEqualTo(gone);
    }
}
