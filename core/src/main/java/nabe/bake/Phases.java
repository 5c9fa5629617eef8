package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nabe.bake.Course.Stretch;
import nabe.house.Schools;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;

/** Writes a course out as phases, each with its reason. */
final class Phases {
    private static final double GRILL_CELSIUS = 250;
    private static final int GRILL_MINUTES = 3;
    private static final int TALL_MM = 45;
    private static final int MOST_GRILL = 10;

    private Phases() {}

    /** @param pale whether the top is not golden when all else is done; {@code rest} minutes */
    static List<Phase> of(Baking baking, Course course, boolean pale, int rest) {
        List<Phase> phases = new ArrayList<>();
        for (int i = 0; i < course.stretches().size(); i++) {
            Stretch stretch = course.stretches().get(i);
            phases.add(PhaseBuilder.builder()
                    .kind("bake")
                    .covered(stretch.covered())
                    .celsius(baking.oven.celsius() + stretch.warmer())
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
                                ? "Foil off; only as long as it is not brown enough yet. Watched all the time; no paper under it."
                                : "For colour. Watched all the time; no paper under it.")
                .said(told == null ? null : Said.words(told))
                .asSaid(told != null)
                .adds(said == null ? List.of() : RecipeCourse.names(said, baking.said))
                .build());
    }

    private static String words(Baking baking, Course course, int index) {
        Stretch stretch = course.stretches().get(index);
        if (stretch.covered()) {
            return stretch.shields()
                    ? "Golden by now: lay foil on loosely so that it gets no darker while the middle gets hot."
                    : baking.wanted.cover().equals("sealed")
                            ? "Sealed airtight all the way, paper under the foil: hot through and tender in its own steam."
                            : "Covered until nearly hot through, so that the top does not dry before the middle is hot.";
        }
        boolean bare = !stretch.topped();
        boolean afterBare = index > 0
                && !course.stretches().get(index - 1).covered()
                && !course.stretches().get(index - 1).topped();
        if (bare && baking.wanted.lateTopping()) {
            return "Foil off, away from you: steam. Lets it steam off before the topping goes on.";
        }
        if (baking.wanted.lateTopping() && baking.dish.layers().stream().anyMatch(l -> l.topping())) {
            return (afterBare
                            ? "The late topping goes on now"
                            : "Foil off, away from you: steam. The late topping goes on now")
                    + ": it browns, and does not catch.";
        }
        return course.covered() == 0
                ? "Open: a lid, slices or a custard top want dry heat; lay foil on only if it browns early."
                : "Foil off, away from you: steam. Open to brown and to steam off.";
    }

    private static String restWords(Baking baking, int rest) {
        Integer said = baking.said.rest();
        String why = "It sets while it rests and the heat evens out; cut too soon it slides.";
        return said == null
                ? why
                : said == rest
                        ? "As your recipe says. " + why
                        : "Your recipe: " + baking.said.restWords() + ". What binds it now sets slower.";
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
