package nabe.bake;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** What was cooked before needs the oven only to get hot and brown; what was not, to get tender. */
class BegunTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static int ovenMinutes(String potatoes) {
        String text = """
                Potato and ham gratin
                1 kg waxy potatoes
                150 g ham, diced
                300 ml double cream
                1 onion, sliced
                120 g grated hard cheese

                %s
                Soften the onion in a pan for 8 minutes, stir in the ham and the cream and heat through.
                Lay the slices in a 30 x 20 cm dish, pour the hot cream over and scatter with the cheese.
                Bake at 190C until golden and bubbling.
                """.formatted(potatoes);
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), Needs.none()))
                .bake()
                .ovenMinutes();
    }

    @Test
    void slicesBoiledTenderGoInDoneHalfBoiledOnesHalfAndRawOnesRaw() {
        int raw = ovenMinutes("Peel the potatoes and slice them thinly.");
        int half = ovenMinutes("Peel the potatoes, slice them, and boil for 6 minutes until not quite tender. Drain.");
        int tender = ovenMinutes("Boil the potatoes until tender, drain, peel and slice.");
        assertThat(raw).isGreaterThan(half);
        assertThat(half).isGreaterThanOrEqualTo(tender);
        assertThat(tender).isLessThanOrEqualTo(45);
    }

    @Test
    void whatWasInThePotBeforeThemCooksThemNot() {
        assertThat(ovenMinutes("Fry the bacon bits in a pan until done. Peel the potatoes and slice them thinly."))
                .isEqualTo(ovenMinutes("Peel the potatoes and slice them thinly."));
    }
}
