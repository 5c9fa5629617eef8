package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nabe.build.BuildPlan;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.measure.Temperature;
import nabe.recipe.Family;
import nabe.recipe.Recipe;

/**
 * The rule of thumb for oven minutes, until a heat forecast takes its place. Base minutes for a 50 mm deep dish at
 * 190 °C from room temperature in glass, times (depth / 50) to the power 1.3, times 165 / (oven - 25), times the
 * pan's factor; then the start: hot -20 %, fridge +17 min, frozen x 1.7. Every figure: kitchen practice.
 */
public final class BakeRule {
    private static final double USUAL_CELSIUS = 190;
    private static final double DEPTH_POWER = 1.3;
    private static final double FRIDGE_MINUTES = 17;
    private static final double FROZEN_FACTOR = 1.7;
    private static final double HOT_FACTOR = 0.8;

    /**
     * @param minutes for 50 mm at 190 °C; {@code coveredShare} of them under cover
     */
    private record Base(double minutes, double coveredShare) {
    }

    private static final Map<Family, Base> BASES = Map.ofEntries(Map.entry(Family.LASAGNA, new Base(50, 0.7)),
            Map.entry(Family.GRATIN, new Base(68, 0.65)), Map.entry(Family.MOUSSAKA, new Base(48, 0)),
            Map.entry(Family.PASTA_BAKE, new Base(34, 0.6)), Map.entry(Family.STUFFED_TUBES, new Base(46, 0.7)),
            Map.entry(Family.ROLLED, new Base(32, 0.6)), Map.entry(Family.POT_PIE, new Base(42, 0)),
            Map.entry(Family.MASH_TOPPED, new Base(38, 0)), Map.entry(Family.STRATA, new Base(48, 0.5)),
            Map.entry(Family.BATTER, new Base(38, 0)), Map.entry(Family.CASSEROLE, new Base(44, 0.65)));

    /** @param ingredients everything in the dish; {@code uncoverSooner} minutes the cook takes the foil off before the usual */
    public BakePlan plan(Recipe recipe, BuildPlan build, List<Ingredient> ingredients, OvenChoice choice, Schools schools, int uncoverSooner) {
        Temperature oven = oven(recipe, choice);
        Base base = BASES.get(recipe.family());
        double depth = Math.max(15, build.heightMm());
        double minutes = base.minutes * Math.pow(depth / 50, DEPTH_POWER) * (USUAL_CELSIUS - 25) / (oven.celsius() - 25)
                * build.pan().material().timeFactor();
        int total = (int) (5 * Math.round(fromStart(minutes, choice.start()) / 5));
        total = Math.max(15, total);
        Double core = CoreTemperature.of(ingredients, choice.start());
        boolean eggFree = ingredients.stream().noneMatch(i -> i.role().startsWith("egg"));
        double stated = recipe.oven().totalMinutes();
        return new BakePlan(BakePlan.Scales.of(oven), phases(recipe, base, total, oven, build, eggFree, choice, schools, uncoverSooner), total,
                words(depth, oven, build, choice), core, core == null ? null : CoreTemperature.SOURCE,
                signs(recipe.family(), core), stated == 0 ? null : Integer.valueOf((int) Math.round(stated)));
    }

    private static Temperature oven(Recipe recipe, OvenChoice choice) {
        if (choice.celsius() != null) {
            return choice.fan() ? Temperature.fan(choice.celsius()) : Temperature.celsius(choice.celsius());
        }
        Double named = recipe.oven().celsius();
        boolean usable = named != null && named >= 140 && named <= 260;
        return Temperature.celsius(usable ? named : USUAL_CELSIUS).rounded(5);
    }

    private static double fromStart(double minutes, Start start) {
        return switch (start) {
            case HOT -> minutes * HOT_FACTOR;
            case ROOM -> minutes;
            case FRIDGE -> minutes + FRIDGE_MINUTES;
            case FROZEN -> minutes * FROZEN_FACTOR;
        };
    }

    private static List<Phase> phases(Recipe recipe, Base base, int total, Temperature oven, BuildPlan build,
            boolean eggFree, OvenChoice choice, Schools schools, int uncoverSooner) {
        List<Phase> phases = new ArrayList<>();
        boolean cold = choice.start() == Start.FRIDGE || choice.start() == Start.FROZEN;
        double usual = base.coveredShare == 0 && cold ? 0.4 : base.coveredShare;
        double share = schools.is("cover", "open") ? 0 : schools.is("cover", "sealed") ? 1 : usual;
        int covered = Math.max(0, (int) (5 * Math.round(total * share / 5)) - uncoverSooner);
        if (covered > 0) {
            phases.add(new Phase("bake", true, oven.celsius(), covered,
                    "Covered until hot through, so that the top does not dry before the middle is hot."));
        }
        if (covered < total) {
            phases.add(new Phase("bake", false, oven.celsius(), total - covered, openWords(covered, schools)));
        }
        if (String.join(" ", recipe.steps()).toLowerCase(java.util.Locale.ROOT).matches("(?s).*\\b(grill|broil)(?:er)?\\b.*")) {
            phases.add(new Phase("grill", false, 250.0, 2, "Watched all the time; never with paper or ordinary glass."));
        }
        phases.add(new Phase("rest", false, null, rest(build, eggFree, schools), "It sets while it rests; cut too soon it slides."));
        return phases;
    }

    private static String openWords(int covered, Schools schools) {
        if (covered == 0) {
            return "Open all the way: a lid, slices or a custard top want dry heat; lay foil on only if it browns early.";
        }
        return schools.is("cheese", "late") ? "Open to brown and to let steam off. Melting cheese and crumbs go on now or for the last 10-20 min."
                : "Open to brown and to let steam off.";
    }

    /** 10 min, 5 more for a tall dish, 10 more for one without egg. Kitchen practice. */
    private static int rest(BuildPlan build, boolean eggFree, Schools schools) {
        String asked = schools.answer("rest");
        return !asked.equals("computed") ? Integer.parseInt(asked) : 10 + (build.heightMm() > 45 ? 5 : 0) + (eggFree ? 10 : 0);
    }

    private static String words(double depth, Temperature oven, BuildPlan build, OvenChoice choice) {
        return "Rule of thumb (a heat forecast will replace it): depth " + Math.round(depth) + " mm at "
                + Math.round(oven.celsius()) + " °C in " + build.pan().material().word() + ", start " + choice.start().id()
                + ". Trust the signs over the clock.";
    }

    private static List<String> signs(Family family, Double core) {
        List<String> signs = new ArrayList<>();
        signs.add("Bubbling all round the edge.");
        if (core != null) {
            signs.add("A thermometer in the centre shows " + Math.round(core) + " °C or more.");
        } else {
            signs.add("A knife left in the centre for 5 seconds comes out too hot to touch.");
        }
        if (family == Family.LASAGNA || family == Family.STUFFED_TUBES || family == Family.GRATIN || family == Family.MOUSSAKA) {
            signs.add("A knife goes through the layers without drag.");
        }
        signs.add("The top is golden, with no taste of raw starch.");
        return signs;
    }
}
