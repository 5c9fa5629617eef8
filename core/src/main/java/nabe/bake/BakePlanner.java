package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nabe.bake.heat.HeatPhase;
import nabe.bake.heat.Heated;
import nabe.bake.heat.Simulation;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Properties;
import nabe.recipe.Family;
import nabe.words.Messages;

/** Plans the bake from a forecast of heat and water. The one way into this package, with {@link OvenSharing} for several dishes. */
public final class BakePlanner {
    private static final int FINE_X = 40;
    private static final int FINE_Z = 28;
    private static final double FINE_SECONDS = 6;
    /** The edges of the band are drawn from a grid half as fine. */
    private static final int EDGE_X = 24;

    private static final int EDGE_Z = 20;
    private static final double EDGE_SECONDS = 10;
    private static final double OVEN_OFF = Figures.of("bake.oven-off");

    private static final double START_OFF = Figures.of("bake.start-off");
    private static final double ENOUGH_GOLD = Figures.of("bake.enough-gold");
    static final double WEEPS = Figures.of("bake.custard-weeps");
    private static final double PALE = Figures.of("bake.pale-below");
    static final double DARK = Figures.of("bake.dark-from");

    private static final int LEAST_BAND = Figures.whole("bake.least-band");

    private static final double LEAST_SHARE = Figures.of("bake.least-band-share");
    private static final int MOST_FOR_COLOUR = Figures.whole("bake.most-for-colour");

    private static final int NEARLY_HOT = Figures.whole("bake.nearly-hot");
    private static final int EXTRA = 5;
    private static final int MOST_EXTRAS = 3;
    private static final double NEARLY = 0.04;
    private final HeatDishes dishes;

    public BakePlanner(Properties properties) {
        this.dishes = new HeatDishes(properties);
    }

    /**
     * @param forecast whether to give the bake over time, which takes a few times longer
     */
    public BakePlan plan(ToBake dish, boolean forecast) {
        Baking baking = new Baking(dish, dishes);
        return plan(baking, baking.course(), dish.schools(), forecast);
    }

    /** How long a bake lasts, and when its coldest point is hot. */
    public record Lasting(int ovenMinutes, int coreMinutes) {}

    /** The same bake, without its words: a fifth of the work. */
    public Lasting lasting(ToBake dish) {
        Baking baking = new Baking(dish, dishes);
        Course course = baking.course();
        double core = baking.finder().times(course.goingOn(), baking.wanted).core();
        return new Lasting(course.total(), (int) Math.ceil(core));
    }

    /** @return share of each layer's water that goes off as steam, bottom to top */
    public List<Double> steamedOff(ToBake dish) {
        Baking baking = new Baking(dish, dishes);
        return HeatDishes.byLayer(
                dish.build(), baking.finder().whole(baking.course()).dried());
    }

    HeatDishes dishes() {
        return dishes;
    }

    BakePlan plan(Baking baking, Course found, Schools schools, boolean forecast) {
        Course course =
                forecast && baking.choice.own() == null && !baking.followsRecipe() ? sure(baking, found) : found;
        BakeFinder.Times times = baking.finder().times(course.goingOn(), baking.wanted);
        BakeFinder.Whole whole = baking.finder().whole(course);
        int rest = Phases.rest(baking, whole, schools);
        Forecast curves = forecast ? forecast(baking, course, rest) : null;
        boolean pale = course.open() == 0 || colours(baking) && whole.brown(PALE) > course.total();
        List<Phase> phases = Phases.of(baking, course, pale && course.open() > 0, rest);
        BakePlan.Practice practice = PracticeRange.of(baking, baking.followsRecipe() ? course.total() : null);
        double stated = baking.recipe.oven().totalMinutes();
        return new BakePlan(
                BakePlan.Scales.of(baking.oven),
                baking.start,
                RecipeCourse.asWritten(baking),
                phases,
                course.total(),
                words(baking),
                baking.safeCore,
                baking.safeCore == null ? null : CoreTemperature.SOURCE,
                times.core() <= course.total() + 1,
                (int) Math.ceil(times.core()),
                Signs.of(baking),
                stated == 0 ? null : Integer.valueOf((int) Math.round(stated)),
                Drivers.of(baking, course),
                band(baking, course, times),
                practice,
                notes(baking, course, times, whole, practice, pale),
                HeatDishes.byLayer(baking.build, whole.dried()),
                curves == null ? whole.carryOver(rest) : curves.carryOver(outAt(phases)),
                curves);
    }

    private static int outAt(List<Phase> phases) {
        return phases.stream()
                .filter(p -> !p.kind().equals("rest"))
                .mapToInt(Phase::minutes)
                .sum();
    }

    /** Whether its top is to brown; bread that stands out of a custard does whatever the custard's own surface may. */
    private static boolean colours(Baking baking) {
        return baking.wanted.golden() > ENOUGH_GOLD && baking.recipe.family() != Family.STRATA;
    }

    /** What the coarse grid found, made longer where the fine one does not find it hot through and tender. */
    private static Course sure(Baking baking, Course found) {
        Course course = found;
        for (int i = 0; i < MOST_EXTRAS; i++) {
            Heated.Sample out = fine(baking, course, 0).last();
            if (out.core() >= baking.wanted.core() && out.tender() >= baking.wanted.tender() - NEARLY) {
                break;
            }
            course = course.longer(EXTRA);
        }
        return course;
    }

    private static String words(Baking baking) {
        return Messages.say(
                "bake.your-recipes-own-phases-held-against",
                baking.followsRecipe(),
                Math.round(baking.dish.height() * 1000),
                baking.build.pan().material().word(),
                Math.round(baking.airCelsius()),
                baking.startCelsius() == baking.start.celsius()
                        ? baking.start.words()
                        : Messages.say("bake.warm-hot-liquid-over-raw-slices"),
                Math.round(baking.startCelsius()));
    }

    /** With colour: as early as all is done in a hotter oven, as late as in a cooler one; an oven is never known to the minute. */
    private static BakePlan.Band band(Baking baking, Course course, BakeFinder.Times times) {
        Course goingOn = course.goingOn();
        int quick = total(baking.quick(OVEN_OFF, START_OFF).times(goingOn, baking.wanted));
        int slow = total(baking.finder(-OVEN_OFF, -START_OFF).times(goingOn, baking.wanted));
        int usual = total(times);
        int least = Math.max(LEAST_BAND, (int) Math.round(LEAST_SHARE * course.total()));
        int low = Math.max(1, course.total() - Math.max(least, usual - quick));
        int high = course.total() + Math.max(least, slow - usual);
        return new BakePlan.Band(
                low, high, Messages.say("bake.with-an-oven-off-either-way", Math.round(OVEN_OFF), low, high));
    }

    private static int total(BakeFinder.Times times) {
        double coloured = Math.min(times.golden(), times.done() + MOST_FOR_COLOUR);
        return (int) Math.round(Math.max(times.done(), coloured));
    }

    private static List<String> notes(
            Baking baking,
            Course course,
            BakeFinder.Times times,
            BakeFinder.Whole whole,
            BakePlan.Practice practice,
            boolean pale) {
        List<String> notes = new ArrayList<>();
        if (baking.followsRecipe() && baking.safeCore == null) {
            if (times.core() > course.total() + NEARLY_HOT) {
                notes.add(Messages.say("bake.the-forecast-finds-the-middle-hot", Math.round(times.core())));
            }
        } else if (times.core() > course.total() + 1) {
            notes.add(Messages.say(
                    "bake.not-hot-through-yet-when-you", Math.round(baking.wanted.core()), Math.round(times.core())));
        }
        if (!baking.followsRecipe() && course.total() < practice.lowMinutes()
                || !baking.followsRecipe() && course.total() > practice.highMinutes()) {
            notes.add(Messages.say(
                    "bake.the-forecast-min-lies-outside-what",
                    course.total(),
                    practice.lowMinutes(),
                    practice.highMinutes()));
        }
        boolean trusted = baking.isAsTrusted(course);
        if (pale && !trusted) {
            notes.add(Messages.say(
                    "bake.the-top-stays-pale-in-that",
                    baking.build.pan().material().mayShatter()));
        }
        double dark = course.open() > 0 ? whole.brown(DARK) : Double.MAX_VALUE;
        if (dark < course.total() - 2 && !trusted) {
            notes.add(Messages.say("bake.the-top-is-dark-after-about", Math.round(dark)));
        }
        if (baking.isCustard() && whole.hot(WEEPS) < course.total()) {
            notes.add(Messages.say("bake.the-middle-passes-85-in-that"));
        }
        if (times.tender() > course.total() + EXTRA) {
            notes.add(Messages.say("bake.the-driest-layer-may-still-have"));
        }
        return List.copyOf(notes);
    }

    private static Heated fine(Baking baking, Course course, int rest) {
        Simulation simulation =
                new Simulation(baking.dish, baking.air(), baking.startCelsius(), FINE_X, FINE_Z, FINE_SECONDS);
        return (rest > 0 ? simulation.picturing() : simulation).run(phases(course, baking.airCelsius(), rest));
    }

    /** The same in an oven and from a start a little off, as open as it may be where that is quicker. */
    private static Heated edge(Baking baking, Course course, int rest, double airMore, double startMore) {
        return new Simulation(
                        airMore > 0 ? baking.quickDish : baking.dish,
                        baking.air(),
                        baking.startCelsius() + startMore,
                        EDGE_X,
                        EDGE_Z,
                        EDGE_SECONDS)
                .run(phases(course, baking.airCelsius() + airMore, rest));
    }

    private static List<HeatPhase> phases(Course course, double airCelsius, int rest) {
        List<HeatPhase> phases = new ArrayList<>(course.phases(airCelsius));
        if (rest > 0) {
            phases.add(new HeatPhase(60.0 * rest, 21, false, false, true, true));
        }
        return phases;
    }

    private static Forecast forecast(Baking baking, Course course, int rest) {
        Heated middle = fine(baking, course, rest);
        Heated slow = edge(baking, course, rest, -OVEN_OFF, -START_OFF);
        Heated quick = edge(baking, course, rest, OVEN_OFF, START_OFF);
        return new Forecast(
                curve(middle, Heated.Sample::minutes, 1),
                curve(middle, Heated.Sample::core, 10),
                curve(middle, Heated.Sample::middle, 10),
                curve(slow, Heated.Sample::core, 10),
                curve(quick, Heated.Sample::core, 10),
                curve(middle, Heated.Sample::edge, 10),
                curve(middle, Heated.Sample::top, 10),
                curve(middle, Heated.Sample::oven, 10),
                curve(middle, Heated.Sample::water, 1000),
                curve(middle, Heated.Sample::tender, 100),
                curve(middle, Heated.Sample::browning, 100),
                middle.pictures(),
                baking.dish.halfWidth() * 1000,
                baking.dish.height() * 1000,
                middle.energyError(),
                middle.waterError());
    }

    private static List<Double> curve(Heated heated, ToDoubleFunction<Heated.Sample> of, double parts) {
        return heated.samples().stream()
                .map(s -> Math.round(of.applyAsDouble(s) * parts) / parts)
                .toList();
    }
}
