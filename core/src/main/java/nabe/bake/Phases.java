package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import nabe.house.Schools;

/** Writes a course out as phases, each with its reason. */
final class Phases {
    private static final double GRILL_CELSIUS = 250;
    private static final int GRILL_MINUTES = 3;
    private static final int TALL_MM = 45;

    private Phases() {}

    /** @param pale whether the top is not golden when all else is done; {@code rest} minutes */
    static List<Phase> of(Baking baking, Course course, boolean pale, int rest) {
        List<Phase> phases = new ArrayList<>();
        double celsius = baking.oven.celsius();
        add(
                phases,
                true,
                celsius,
                course.covered(),
                baking.wanted.cover().equals("sealed")
                        ? "Sealed airtight all the way, paper under the foil: hot through and tender in its own steam."
                        : "Covered until nearly hot through, so that the top does not dry before the middle is hot.");
        int bare = baking.wanted.lateTopping() ? Math.max(0, course.open() - course.topped()) : 0;
        add(
                phases,
                false,
                celsius,
                bare,
                "Foil off, away from you: steam. Lets it steam off before the topping goes on.");
        add(phases, false, celsius, course.open() - bare, openWords(baking, course));
        add(
                phases,
                true,
                celsius,
                course.shielded(),
                "Golden by now: lay foil on loosely so that it gets no darker while the middle gets hot.");
        boolean asked = baking.recipe.oven().grilled();
        boolean mayGrill = !baking.build.pan().material().mayShatter();
        if (mayGrill && (asked || pale && !baking.wanted.cover().equals("sealed"))) {
            phases.add(new Phase(
                    "grill",
                    false,
                    GRILL_CELSIUS,
                    asked ? 2 : GRILL_MINUTES,
                    "For colour. Watched all the time; no paper under it."));
        }
        phases.add(new Phase(
                "rest", false, null, rest, "It sets while it rests and the heat evens out; cut too soon it slides."));
        return phases;
    }

    private static void add(List<Phase> phases, boolean covered, double celsius, int minutes, String reason) {
        if (minutes > 0) {
            phases.add(new Phase("bake", covered, celsius, minutes, reason));
        }
    }

    private static String openWords(Baking baking, Course course) {
        if (baking.wanted.lateTopping() && baking.dish.layers().stream().anyMatch(l -> l.topping())) {
            return (course.open() > course.topped()
                            ? "The late topping goes on now"
                            : "Foil off, away from you: steam. The late topping goes on now")
                    + ": it browns, and does not catch.";
        }
        return course.covered() == 0
                ? "Open: a lid, slices or a custard top want dry heat; lay foil on only if it browns early."
                : "Foil off, away from you: steam. Open to brown and to steam off.";
    }

    /** The cook's own answer, else from the heat; taller and egg-free dishes set slower. Domain: 10-15 min, tall or egg-free 20-30. */
    static int rest(Baking baking, Course course, Schools schools) {
        String asked = schools.answer("rest");
        if (!asked.equals("computed")) {
            return Integer.parseInt(asked);
        }
        int cooled = baking.finder().rest(course, baking.wanted.lateTopping(), baking.eggFree ? 84 : 88);
        boolean slow = baking.eggFree || baking.build.heightMm() > TALL_MM;
        return Math.clamp(cooled, slow ? 15 : 10, slow ? 30 : 20);
    }
}
