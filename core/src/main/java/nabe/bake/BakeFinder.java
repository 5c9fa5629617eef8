package nabe.bake;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.HeatPhase;
import nabe.bake.heat.Heated;
import nabe.bake.heat.OvenAir;
import nabe.bake.heat.Section;
import nabe.bake.heat.Simulation;
import nabe.larder.Figures;

/** Finds when the foil comes off and the bake ends so that core, sheets and top arrive together, by baking the dish again and again on a coarse grid; what was once baked is known. */
final class BakeFinder {
    /** °C that the coarse grid may be ahead of the fine one. */
    private static final double GRID = 2.2;

    private static final int COARSE_X = 10;
    private static final int COARSE_Z = 13;
    private static final double COARSE_SECONDS = 20;
    private static final double FROZEN_SECONDS = 30;
    private static final int LONGEST = 300;
    private static final int FEWEST = 10;
    private static final int TRIES = 5;
    private static final int MOST_OPEN = Figures.whole("bake.most-open");

    private static final int USUAL_OPEN = Figures.whole("bake.usual-open");
    private static final int LATE_TOPPING = Figures.whole("bake.late-topping");
    private static final int ROUND = 5;
    private static final int LONGEST_REST = Figures.whole("bake.longest-rest");
    private static final double KITCHEN = 21;
    private final HeatDish dish;
    private final Section section;
    private final OvenAir air;
    private final double airCelsius;
    private final double startCelsius;
    private final Map<Asked, Times> timed = new HashMap<>();
    private final Map<Course, Whole> baked = new HashMap<>();

    private record Asked(Course course, Wanted wanted) {}

    BakeFinder(HeatDish dish, Section section, OvenAir air, double airCelsius, double startCelsius) {
        this.dish = dish;
        this.section = section;
        this.air = air;
        this.airCelsius = airCelsius;
        this.startCelsius = startCelsius;
    }

    static Section coarse(HeatDish dish) {
        return new Section(dish, COARSE_X, COARSE_Z);
    }

    /** When each wish is met, in minutes; {@link #LONGEST} where it is not by then. */
    record Times(double core, double tender, double golden) {
        double done() {
            return Math.max(core, tender);
        }
    }

    Course find(Wanted wanted) {
        return switch (wanted.cover()) {
            case "open" -> open(wanted);
            case "sealed" ->
                course(up(times(course(LONGEST, 0, 0, 0, wanted), wanted).done()), 0, 0, 0, wanted);
            default -> covered(wanted);
        };
    }

    private Course open(Wanted wanted) {
        Times t = times(course(0, LONGEST, 0, LONGEST, wanted), wanted);
        double golden = t.golden();
        if (golden > t.done() - 12) {
            double end = Math.max(t.done(), Math.min(golden, t.done() + 15));
            return course(0, up(end), 0, 0, wanted);
        }
        int browned = up(golden);
        Times shielded = times(course(0, browned, LONGEST - browned, 0, wanted), wanted);
        return course(0, browned, Math.max(0, up(shielded.done()) - browned), 0, wanted);
    }

    /** Covered until nearly done, then open: the cover's end is moved until hot through, tender and golden come together. */
    private Course covered(Wanted wanted) {
        double foil =
                Math.max(0, times(course(LONGEST, 0, 0, 0, wanted), wanted).done() - USUAL_OPEN / 2.0);
        Times t = null;
        for (int i = 0; i < TRIES; i++) {
            t = times(course((int) Math.round(foil), LONGEST - (int) Math.round(foil), 0, LONGEST, wanted), wanted);
            double apart = Math.min(t.golden, foil + MOST_OPEN) - t.done();
            if (Math.abs(apart) < 1.5 || apart > 0 && foil <= 0) {
                break;
            }
            foil = Math.max(0, foil - 0.75 * apart);
        }
        int off = Math.max(0, nearest(foil) - wanted.uncoverSooner());
        if (off < FEWEST) {
            off = 0;
        }
        t = times(course(off, LONGEST - off, 0, LONGEST, wanted), wanted);
        double end = Math.max(t.done(), Math.min(t.golden, Math.max(t.done(), off + MOST_OPEN)));
        int open = up(end - off);
        return course(off, open, 0, Math.min(open, LATE_TOPPING), wanted);
    }

    private static Course course(int covered, int open, int shielded, int topped, Wanted wanted) {
        return Course.found(covered, open, shielded, topped, wanted.lateTopping());
    }

    private static int nearest(double minutes) {
        return (int) (ROUND * Math.round(minutes / ROUND));
    }

    private static int up(double minutes) {
        return (int) (ROUND * Math.ceil(Math.max(FEWEST, minutes - 0.8) / ROUND));
    }

    Times times(Course course, Wanted wanted) {
        return timed.computeIfAbsent(new Asked(course, wanted), a -> time(course, wanted));
    }

    private Times time(Course course, Wanted wanted) {
        boolean colours = course.open() > 0;
        int all = course.completeAfter();
        Heated heated = new Simulation(
                        dish, section, air, startCelsius, startCelsius < 0 ? FROZEN_SECONDS : COARSE_SECONDS)
                .until(s -> s.minutes() > all
                        && s.core() >= wanted.core() + GRID
                        && s.tender() >= wanted.tender()
                        && (!colours || s.browning() >= wanted.golden()))
                .run(course.phases(airCelsius));
        return new Times(
                first(
                        heated.samples().stream()
                                .filter(s -> all == 0 || s.minutes() > all)
                                .toList(),
                        Heated.Sample::core,
                        wanted.core() + GRID),
                first(heated.samples(), Heated.Sample::tender, wanted.tender()),
                first(heated.samples(), Heated.Sample::browning, wanted.golden()));
    }

    /** One bake as the course says and a long rest after it, to ask when what was so. */
    final class Whole {
        private final Heated heated;
        private final int out;

        private Whole(Course course) {
            List<HeatPhase> phases = new ArrayList<>(course.phases(airCelsius));
            phases.add(new HeatPhase(60.0 * LONGEST_REST, KITCHEN, false, false, true, true));
            heated = new Simulation(
                            dish, section, air, startCelsius, startCelsius < 0 ? FROZEN_SECONDS : COARSE_SECONDS)
                    .run(phases);
            out = course.total();
        }

        /** @return minutes of rest until it cuts: its mean heat falls to {@code cuts} °C, 10 to 30 */
        int rest(double cuts) {
            double minutes = heated.samples().stream()
                    .filter(s -> s.minutes() >= out && s.mean() <= cuts)
                    .mapToDouble(s -> s.minutes() - out)
                    .findFirst()
                    .orElse(30);
            return (int) Math.clamp(ROUND * Math.round(minutes / ROUND), 10, 30);
        }

        /** @return what its own heat does to it within a rest of so many minutes */
        BakePlan.CarryOver carryOver(int rest) {
            Heated.Sample then = heated.samples().stream()
                    .filter(s -> s.minutes() <= out)
                    .reduce(heated.samples().getFirst(), (x, y) -> y);
            return BakePlan.CarryOver.of(
                    Math.round(then.middle()),
                    Math.round(highest(Heated.Sample::middle, rest)),
                    Math.round(then.core()),
                    Math.round(highest(Heated.Sample::core, rest)));
        }

        private double highest(ToDoubleFunction<Heated.Sample> of, int rest) {
            return heated.samples().stream()
                    .filter(s -> s.minutes() >= out && s.minutes() <= out + rest)
                    .mapToDouble(of)
                    .max()
                    .orElse(0);
        }

        /** @return minutes until the top is as brown as this, or more than the bake lasts */
        double brown(double as) {
            return first(heated.samples(), Heated.Sample::browning, as);
        }

        /** @return share of each heated layer's water that is gone when it comes out */
        List<Double> dried() {
            return heated.dried();
        }

        /** @return minutes until the coldest point is so hot, or more than the bake lasts */
        double hot(double celsius) {
            return first(heated.samples(), Heated.Sample::core, celsius);
        }
    }

    Whole whole(Course course) {
        return baked.computeIfAbsent(course, Whole::new);
    }

    private static double first(List<Heated.Sample> samples, ToDoubleFunction<Heated.Sample> of, double wanted) {
        for (int i = 0; i < samples.size(); i++) {
            double now = of.applyAsDouble(samples.get(i));
            if (now >= wanted) {
                if (i == 0) {
                    return samples.getFirst().minutes();
                }
                double before = of.applyAsDouble(samples.get(i - 1));
                return samples.get(i - 1).minutes()
                        + (samples.get(i).minutes() - samples.get(i - 1).minutes())
                                * (wanted - before)
                                / Math.max(1e-9, now - before);
            }
        }
        return LONGEST;
    }
}
