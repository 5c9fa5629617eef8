package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the words say of the liquid comes before the clock. */
class LiquidSignTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static double stock(String simmers) {
        String text = "Cottage pie\n\n500 g lamb mince\n250 ml lamb stock\n800 g potatoes\n\n"
                + "Fry the mince for 8 minutes. Add the stock and " + simmers + ".\n"
                + "Boil the potatoes for 15 minutes and mash them.\n"
                + "Tip the mince into a 2 litre dish and top with the mash. Bake at 200C for 30 minutes.";
        return PLANNER
                .plan(BriefBuilder.builder()
                        .recipe(Brief.RecipeBrief.ofText(text))
                        .needs(new Needs(Set.of(), Set.of(), true))
                        .brief())
                .prep()
                .ready()
                .stream()
                .filter(r -> r.line().source() == 1)
                .mapToDouble(r -> r.readyGrams() / r.line().gramsOrZero())
                .sum();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "simmer for 20 minutes until the liquid has mostly gone",
                "simmer until hardly any liquid is left",
                "simmer for 5 minutes, until the stock has evaporated",
                "cook until nearly dry"
            })
    void whatHasGoneIsGoneHoweverLongItTook(String simmers) {
        assertThat(stock(simmers)).isLessThan(0.15);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "simmer for 5 minutes until reduced by half | 0.5",
                "simmer for 30 minutes until reduced by a third | 0.667",
                "simmer until reduced by two-thirds | 0.333",
                "bubble until the stock has reduced to a quarter | 0.25"
            })
    void whatIsReducedIsReducedByWhatIsSaid(String simmers, double share) {
        assertThat(stock(simmers)).isCloseTo(share, within(0.03));
    }

    /** Each would be a sign where it stands otherwise. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "a little water and simmer for 10 minutes",
                "2 tomatoes, halved, and simmer for 10 minutes",
                "simmer for 10 minutes until it has gone golden",
                "simmer for 10 minutes without stirring"
            })
    void whatIsPutInOrCutOrColouredIsNoSign(String simmers) {
        assertThat(LiquidSign.isSaid(simmers)).isFalse();
        assertThat(stock(simmers)).isGreaterThan(0.7);
    }

    @Test
    void longerIsNeverMoreAndALidKeepsMore() {
        List<Double> left =
                List.of(stock("simmer for 10 minutes"), stock("simmer for 30 minutes"), stock("simmer for 60 minutes"));
        assertThat(left).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(stock("cover and simmer for 30 minutes")).isGreaterThan(left.get(1));
    }
}
