package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** What cooks for hours takes the oven or the hob, and not the cook. */
class LongCookingTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static PrepStep step(String method, String words) {
        String text = """
                Supper bake
                Serves 4

                900 g pork shoulder
                2 onions, sliced
                400 g chopped tomatoes
                300 g penne
                1 tbsp oil

                Method
                """ + method + "\n";
        return PLANNER
                .plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(), Set.of(), false)))
                .prep()
                .steps()
                .stream()
                .filter(s -> s.text().contains(words))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBraiseBeforeTheDishStandsInTheOven() {
        PrepStep braise = step(
                "Put the pork, onions and tomatoes in a lidded casserole, cover and cook at 150C for 4 hours. "
                        + "Shred the pork into the sauce.\nBoil the penne. Mix all in a 2 litre dish and bake at 200C for 20 minutes.",
                "150C for 4 hours");
        assertThat(braise.doing().ovenCelsius()).isEqualTo(150);
        assertThat(braise.doing().ovenMinutes()).isEqualTo(240);
        assertThat(braise.tool())
                .as("the casserole of the words, no frying pan")
                .isNull();
        assertThat(braise.sign()).isNull();
        assertThat(braise.passiveMinutes()).isGreaterThan(180);
        assertThat(braise.activeMinutes()).isLessThan(braise.passiveMinutes() / 4);
    }

    @Test
    void whatCooksForAnHourIsStirredNowAndThen() {
        PrepStep sauce = step(
                "Brown the pork in the oil, add the onions and tomatoes and cook slowly for 1 hour.\n"
                        + "Boil the penne. Mix all in a 2 litre dish and bake at 200C for 20 minutes.",
                "cook slowly for 1 hour");
        assertThat(sauce.activeMinutes()).isLessThan(2 * sauce.passiveMinutes());
        assertThat(sauce.doing().ovenCelsius()).isNull();
    }

    @Test
    void whatIsFriedIsWatchedAllTheTime() {
        PrepStep fried = step(
                "Fry the onions in the oil for 8 minutes.\n"
                        + "Boil the penne. Mix all with the tomatoes in a 2 litre dish and bake at 200C for 20 minutes.",
                "Fry the onions");
        assertThat(fried.activeMinutes()).isGreaterThan(3 * fried.passiveMinutes());
    }
}
