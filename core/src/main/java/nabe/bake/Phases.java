package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nabe.bake.Course.Stretch;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.measure.Dial;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.words.Messages;

/** Writes a course out as phases, each with its reason. */
final class Phases {
    private static final double GRILL_CELSIUS = Figures.of("bake.grill-dial");
    private static final int GRILL_MINUTES = Figures.whole("bake.grill-minutes");
    private static final int TALL_MM = Figures.whole("bake.tall-dish");
    private static final int MOST_GRILL = Figures.whole("bake.most-grill");

    private Phases() {}

    /** @param pale whether the top is not golden when all else is done; {@code rest} minutes */
    static List<Phase> of(Baking baking, Course course, boolean pale, int rest) {
        List<Phase> phases = new ArrayList<>();
        for (int i = 0; i < course.stretches().size(); i++) {
            Stretch stretch = course.stretches().get(i);
            phases.add(PhaseBuilder.builder()
                    .kind("bake")
                    .covered(stretch.covered())
                    .celsius(Dial.warmed(baking.oven.celsius(), stretch.warmer()))
                    .minutes(stretch.minutes())
                    .reason(stretch.reason() != null ? stretch.reason() : words(baking, course, i))
                    .said(stretch.said())
                    .asSaid(stretch.isAsSaid())
                    .adds(stretch.adds())
                    .stir(stretch.stir())
                    .build());
        }
        grill(baking, course, pale).ifPresent(phases::add);
        phases.add(PhaseBuilder.builder()
                .kind("rest")
                .minutes(rest)
                .reason(restWords(baking, rest))
                .said(baking.said.restWords())
                .asSaid(Integer.valueOf(rest).equals(baking.said.rest()))
                .adds(List.of())
                .build());
        return phases;
    }

    /** The recipe's own grilling, as long as it says; else a short one where the top would stay pale. */
    private static Optional<Phase> grill(Baking baking, Course course, boolean pale) {
        OvenPhase written = RecipeCourse.grill(baking.said);
        OvenPhase said = baking.recipe.oven().grilled() ? written : null;
        boolean wanted = said != null
                || pale && !baking.followsRecipe() && !baking.wanted.cover().equals("sealed");
        if (!wanted || baking.build.pan().material().mayShatter()) {
            return Optional.empty();
        }
        Minutes told = said == null ? null : said.minutes();
        int minutes =
                told == null ? GRILL_MINUTES : Math.clamp(Math.round((told.min() + told.max()) / 2), 1, MOST_GRILL);
        return Optional.of(PhaseBuilder.builder()
                .kind("grill")
                .celsius(GRILL_CELSIUS)
                .minutes(minutes)
                .reason(
                        course.stretches().getLast().shields()
                                ? Messages.say("bake.foil-off-only-as-long-as")
                                : Messages.say("bake.for-colour-watched-all-the-time"))
                .said(told == null ? null : Said.words(told))
                .asSaid(told != null)
                .adds(said == null ? List.of() : RecipeCourse.names(said, baking.said))
                .build());
    }

    private static String words(Baking baking, Course course, int index) {
        Stretch stretch = course.stretches().get(index);
        if (stretch.covered()) {
            return stretch.shields()
                    ? Messages.say("bake.golden-by-now-lay-foil-on")
                    : baking.wanted.cover().equals("sealed")
                            ? Messages.say("bake.sealed-airtight-all-the-way-paper")
                            : Messages.say("bake.covered-until-nearly-hot-through-so");
        }
        boolean bare = !stretch.topped();
        boolean afterBare = index > 0
                && !course.stretches().get(index - 1).covered()
                && !course.stretches().get(index - 1).topped();
        if (bare && baking.wanted.lateTopping()) {
            return Messages.say("bake.foil-off-away-from-you-steam");
        }
        if (baking.wanted.lateTopping() && baking.dish.layers().stream().anyMatch(l -> l.topping())) {
            return Messages.say("bake.the-late-topping-goes-on-now", afterBare);
        }
        return course.covered() == 0
                ? Messages.say("bake.open-a-lid-slices-or-a")
                : Messages.say("bake.foil-off-to-brown");
    }

    private static String restWords(Baking baking, int rest) {
        Integer said = baking.said.rest();
        String why = Messages.say("bake.it-sets-while-it-rests-and");
        return said == null
                ? why
                : said == rest
                        ? Messages.say("bake.as-your-recipe-says-because", why)
                        : Messages.say(
                                "bake.your-recipe-what-binds-it-now", Objects.requireNonNull(baking.said.restWords()));
    }

    /**
     * The cook's own answer, else the recipe's, longer where egg that set it is gone; else from the heat: taller and egg-free
     * dishes set slower. Domain: 10-15 min, tall or egg-free 20-30.
     */
    static int rest(Baking baking, BakeFinder.Whole whole, Schools schools) {
        String asked = schools.answer("rest");
        if (!asked.equals("computed")) {
            return Integer.parseInt(asked);
        }
        Integer said = baking.said.rest();
        if (said != null && !baking.eggGone()) {
            return said;
        }
        int cooled = whole.rest(baking.eggFree ? 84 : 88);
        boolean slow = baking.eggFree || baking.build.heightMm() > TALL_MM;
        int computed = Math.clamp(cooled, slow ? 15 : 10, slow ? 30 : 20);
        return said == null ? computed : computed >= said + 5 ? computed : said;
    }
}
