package nabe.bake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.bake.OvenChoice.OwnPhases;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;

class OvenSharingTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);
    private static final String PUDDING =
            "Toad in the hole\nServes 4\n\n8 sausages\n140 g plain flour\n4 eggs\n200 ml milk\n2 tbsp sunflower oil\n\n"
                    + "Whisk the flour, eggs and milk. Roast the sausages in the oil in a 30 x 20 cm metal tin at 220C for 15 minutes. Pour the batter round them and bake for 30 minutes.";

    private static Brief brief(String text, Needs needs, OvenChoice oven) {
        return BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .oven(oven)
                .choices(Map.of())
                .brief();
    }

    private static OvenSharing.Shared share(Brief... briefs) {
        return PLANNER.share(List.of(briefs));
    }

    private static OvenChoice at(Double celsius, boolean fan, OwnPhases own) {
        return new OvenChoice(celsius, fan, null, 0, true, false, own);
    }

    private static Brief lasagna(OvenChoice oven) {
        return brief(Recipes.LASAGNA, Needs.none(), oven);
    }

    private static Brief gratin(OvenChoice oven) {
        return brief(Recipes.GRATIN, Needs.none(), oven);
    }

    @Test
    void dishesOfLikeHeatComeOutTogether() {
        OvenSharing.Shared shared = share(
                brief(Recipes.LASAGNA, VEGAN, new OvenChoice(null, false, Start.FRIDGE)),
                brief(Recipes.POT_PIE, Needs.none(), null),
                gratin(null));
        assertThat(shared.rounds()).hasSize(1);
        assertThat(shared.dishes()).allSatisfy(d -> {
            assertThat(d.inAfterMinutes() + d.bake().ovenMinutes()).isEqualTo(shared.minutes());
            assertThat(Math.abs(d.ownCelsius() - shared.celsius())).isLessThanOrEqualTo(20);
        });
        assertThat(shared.dishes().getFirst().shelf()).isEqualTo("top");
        assertThatThrownBy(() -> share(lasagna(null))).hasMessageContaining("two to six dishes");
    }

    @Test
    void aBatterNeverBakesAtLowHeat() {
        OvenSharing.Shared shared = share(gratin(at(160.0, false, null)), brief(PUDDING, Needs.none(), null));
        OvenSharing.Place pudding = shared.dishes().getLast();
        assertThat(pudding.bake().oven().celsius()).isGreaterThanOrEqualTo(205);
        assertThat(shared.rounds()).hasSize(2);
        assertThat(pudding.round()).isEqualTo(1);
        assertThat(pudding.inAfterMinutes())
                .isGreaterThanOrEqualTo(shared.dishes().getFirst().bake().ovenMinutes());
        assertThat(shared.notes()).anyMatch(n -> n.contains("A batter rises only in a hot oven"));
    }

    @Test
    void aWishBelowTheUsualHeatIsHonoured() {
        OvenSharing.Shared shared = share(gratin(at(140.0, false, null)), lasagna(at(150.0, false, null)));
        assertThat(shared.rounds()).hasSize(1);
        assertThat(shared.celsius()).isBetween(140.0, 150.0);
        assertThat(share(gratin(at(140.0, false, null)), lasagna(at(200.0, false, null)))
                        .rounds())
                .hasSize(2);
    }

    @Test
    void ownPhasesStay() {
        OvenSharing.Shared shared = share(lasagna(at(null, false, new OwnPhases(35, 25, null))), gratin(null));
        BakePlan own = shared.dishes().getFirst().bake();
        assertThat(own.minutes(true)).isEqualTo(35);
        assertThat(own.minutes(false)).isEqualTo(25);
        assertThat(shared.notes()).anyMatch(n -> n.contains("keeps the minutes that you set"));
    }

    /** One oven, one fan: "180 fan" beside "200" is the same heat, and nobody's crumbs blow into strict food. */
    @Test
    void theFanIsOnForAllOrForNone() {
        OvenSharing.Shared mixed = share(lasagna(at(180.0, true, null)), gratin(at(200.0, false, null)));
        assertThat(mixed.fan()).isFalse();
        assertThat(mixed.celsius()).isCloseTo(200, within(1.0));
        assertThat(mixed.dishes().getFirst().alone())
                .isEqualTo(share(lasagna(at(200.0, false, null)), gratin(at(200.0, false, null)))
                        .dishes()
                        .getFirst()
                        .alone());
        assertThat(mixed.notes()).anyMatch(n -> n.contains("fan"));
        assertThat(share(lasagna(at(180.0, true, null)), gratin(at(180.0, true, null)))
                        .fan())
                .isTrue();
        assertThat(share(brief(Recipes.LASAGNA, VEGAN, at(180.0, true, null)), gratin(at(180.0, true, null)))
                        .fan())
                .isFalse();
    }
}
