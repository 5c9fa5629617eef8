package nabe.bake;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import nabe.bake.Course.Stretch;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.larder.Figures;
import nabe.measure.Temperature;
import nabe.recipe.Family;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.PhaseKind;
import nabe.swap.PlannedProcedure.Pot;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * The recipe's own phases, with more or less time only where something differs from the recipe: the dish's depth, the oven's
 * heat, how cold it goes in, and a safe core that would not be reached.
 */
final class RecipeCourse {
    static final String AS_SAID = Messages.say("bake.as-your-recipe-says");
    private static final int AT_THE_TOP = Figures.whole("bake.brown-at-the-top");
    private static final int LEAST_CHANGE = Figures.whole("bake.least-change");
    private static final int SHORTEST = 10;
    private static final double MOST_TIMES = Figures.of("bake.practice-most-times");
    private static final double LEAST_TIMES = Figures.of("bake.practice-least-times");
    private static final int MOST_MORE = Figures.whole("bake.most-more");
    private static final double HOT_SOONER = Figures.of("bake.hot-sooner");
    private static final double HOT_SHARE = Figures.of("bake.hot-sooner-share");
    private static final double FROZEN_TIMES = Figures.of("bake.frozen-more");
    private static final double KITCHEN = 25;

    private final Baking baking;
    private final List<OvenPhase> said;

    private RecipeCourse(Baking baking, List<OvenPhase> said) {
        this.baking = baking;
        this.said = said;
    }

    /** @return the recipe's bakes, or none where it gives no full account of them */
    static List<OvenPhase> bakes(Said said) {
        List<OvenPhase> bakes = said.procedure().oven().stream()
                .filter(p -> p.kind() == PhaseKind.BAKE)
                .toList();
        return bakes.stream().anyMatch(p -> p.minutes() == null) ? List.of() : bakes;
    }

    /** @return the course, or null where the recipe gives none */
    static @Nullable Course of(Baking baking) {
        List<OvenPhase> bakes = bakes(baking.said);
        return bakes.isEmpty() ? null : new RecipeCourse(baking, bakes).course();
    }

    /** @return the recipe's phases as covered and open minutes, or null where that does not tell them */
    static OvenChoice.@Nullable OwnPhases asWritten(Baking baking) {
        List<OvenPhase> bakes = bakes(baking.said);
        if (bakes.isEmpty()) {
            return null;
        }
        Course course = new RecipeCourse(baking, bakes).asRead();
        boolean plain = course.stretches().stream().allMatch(s -> s.warmer() == 0)
                && course.stretches().stream().skip(1).noneMatch(Stretch::covered);
        boolean lasts = course.total() >= SHORTEST / 2 && course.total() <= OvenChoice.OwnPhases.LONGEST;
        return plain && lasts ? new OvenChoice.OwnPhases(course.covered(), course.open(), null) : null;
    }

    /** @return minutes that the recipe's time comes to from this start in this dish and oven, or 0 where it gives none */
    static int least(Baking baking) {
        List<OvenPhase> bakes = bakes(baking.said);
        if (bakes.isEmpty()) {
            return 0;
        }
        RecipeCourse course = new RecipeCourse(baking, bakes);
        int total = course.asRead().total();
        return total + course.difference(total, new ArrayList<>());
    }

    private Course course() {
        Course asRead = asRead();
        List<String> reasons = new ArrayList<>();
        int more = difference(asRead.total(), reasons);
        Course course = more == 0 ? asRead : moved(asRead, more, String.join("; ", reasons));
        return safe(shielded(safe(sooner(course))));
    }

    private Course asRead() {
        double first = celsius(said.getFirst(), baking.oven.celsius());
        List<Stretch> stretches = new ArrayList<>();
        boolean topped =
                baking.said.procedure().oven().stream().allMatch(p -> p.adds().isEmpty());
        double now = first;
        for (OvenPhase phase : said) {
            Minutes minutes = Objects.requireNonNull(phase.minutes(), "only timed phases are followed");
            topped |= !phase.adds().isEmpty();
            now = celsius(phase, now);
            stretches.add(CourseStretchBuilder.builder()
                    .minutes((int) Math.round(mid(minutes)))
                    .covered(phase.covered())
                    .topped(topped)
                    .warmer(now - first)
                    .reason(AS_SAID)
                    .said(Said.words(minutes))
                    .adds(names(phase))
                    .stir(phase.stir())
                    .build());
        }
        grilled(topped).ifPresent(stretches::add);
        return new Course(stretches);
    }

    /** Where the dish does not stand the recipe's grill, it browns at the top of the oven. */
    private Optional<Stretch> grilled(boolean topped) {
        OvenPhase grill = grill(baking.said);
        if (grill == null || !baking.build.pan().material().mayShatter()) {
            return Optional.empty();
        }
        String grills =
                Messages.say("bake.under-the-grill", grill.minutes() == null ? "" : Said.words(grill.minutes()) + " ");
        return Optional.of(CourseStretchBuilder.builder()
                .minutes(AT_THE_TOP)
                .topped(topped || !grill.adds().isEmpty())
                .reason(Messages.say("bake.your-recipe-glass-and-ceramic-may", grills))
                .said(grills)
                .adds(names(grill))
                .build());
    }

    /** The dish's own grilling, or null. */
    static @Nullable OvenPhase grill(Said said) {
        return said.procedure().oven().stream()
                .filter(p -> p.kind() == PhaseKind.GRILL)
                .findFirst()
                .orElse(null);
    }

    private List<String> names(OvenPhase phase) {
        return names(phase, baking.said);
    }

    /** What goes on in a phase, by name. */
    static List<String> names(OvenPhase phase, Said said) {
        Map<String, String> names =
                said.procedure().components().stream().collect(Collectors.toMap(Pot::id, Pot::name));
        return phase.adds().stream()
                .map(a -> names.getOrDefault(a, a))
                .distinct()
                .toList();
    }

    private static double celsius(OvenPhase phase, double before) {
        return phase.celsius() == null ? before : phase.celsius() + (phase.fan() ? Temperature.FAN_OFFSET_CELSIUS : 0);
    }

    private static double mid(Minutes minutes) {
        return (minutes.min() + minutes.max()) / 2;
    }

    /** Minutes more (or less) than the recipe's, in fives; what differs goes to {@code reasons}. */
    private int difference(int total, List<String> reasons) {
        double deeper = deeper(reasons);
        double hotter = hotter(reasons);
        double minutes = total * deeper * hotter + colder(total * deeper * hotter);
        if (baking.start != baking.said.start()) {
            reasons.add(Messages.say("bake.it-goes-in", baking.start.words()));
        }
        int more = 5 * (int) Math.round((minutes - total) / 5);
        return Math.abs(more) < LEAST_CHANGE ? 0 : Math.max(more, SHORTEST - total);
    }

    /** Minutes more (or less) for how warm it goes in, against the recipe. From the fridge by kind of dish (practice.csv). */
    private double colder(double minutes) {
        if (baking.start == Start.FROZEN) {
            return baking.said.start() == Start.FROZEN
                    ? 0
                    : FROZEN_TIMES * minutes + later(Start.FRIDGE, minutes) - later(baking.said.start(), minutes);
        }
        return later(baking.start, minutes) - later(baking.said.start(), minutes);
    }

    private double later(Start start, double minutes) {
        return switch (start) {
            case HOT -> -Math.min(HOT_SOONER, HOT_SHARE * minutes);
            case ROOM -> 0;
            case FRIDGE, FROZEN -> PracticeRange.fridgeLater(baking);
        };
    }

    private double deeper(List<String> reasons) {
        BuildPlan build = baking.build;
        BuildPlan.Rescale rescale = build.rescale();
        double area = rescale == null ? 1 : rescale.areaFactor();
        double amounts = baking.said.scale() * (rescale == null ? 1 : rescale.amountsFactor() * inThisDish(build));
        double times = amounts / area;
        double was = build.heightMm() / times;
        long mm = Math.round(Math.abs(build.heightMm() - was));
        if (mm >= 3) {
            reasons.add(Messages.say("bake.your-dish-is-mm", mm, times > 1));
        }
        return Math.clamp(Math.pow(times, PracticeRange.DEPTH_POWER), LEAST_TIMES, MOST_TIMES);
    }

    /** @return share of the whole that lies in this dish, where the rest goes to a second */
    private static double inThisDish(BuildPlan build) {
        double here = build.layers().stream().mapToDouble(Layer::grams).sum();
        double all =
                build.components().stream().mapToDouble(BuildPlan.Share::grams).sum();
        return all <= 0 ? 1 : Math.min(1, here / all);
    }

    private double hotter(List<String> reasons) {
        double was = celsius(said.getFirst(), baking.recipeCelsius());
        double now = baking.oven.celsius() + baking.choice.offsetCelsius();
        long away = Math.round(Math.abs(now - was));
        if (away >= 4) {
            reasons.add(Messages.say("bake.the-oven-is-than-the-recipes", away, now > was));
        }
        return Math.clamp((was - KITCHEN) / (now - KITCHEN), LEAST_TIMES, MOST_TIMES);
    }

    /** The time goes to the cover where there is one, else to the first stretch, so that what goes on late stays late. */
    private Course moved(Course course, int more, String why) {
        int index = 0;
        for (int i = 0; i < course.stretches().size(); i++) {
            if (course.stretches().get(i).covered()) {
                index = i;
                break;
            }
        }
        Stretch stretch = course.stretches().get(index);
        int minutes = Math.max(SHORTEST, stretch.minutes() + more);
        if (stretch.said() == null) {
            return course.with(index, stretch.lasting(minutes, stretch.reason()));
        }
        int by = minutes - stretch.minutes();
        return course.with(
                index,
                stretch.lasting(
                        minutes,
                        Messages.say(
                                "bake.your-recipe-min-more-under-cover",
                                stretch.said(),
                                capital(why),
                                Math.abs(by),
                                by > 0,
                                stretch.covered())));
    }

    /** The cook takes the cover off earlier. */
    private Course sooner(Course course) {
        int by = Math.min(baking.wanted.uncoverSooner(), course.covered() - SHORTEST);
        return by <= 0 || course.stretches().size() < 2
                ? course
                : course.lasting(0, -by).lasting(1, by);
    }

    /** Where more time than the recipe's would burn the top, the rest of it is under foil; a batter never is. */
    private Course shielded(Course course) {
        Stretch last = course.stretches().getLast();
        if (last.covered() || baking.recipe.family() == Family.BATTER || baking.isAsTrusted(course)) {
            return course;
        }
        double dark = baking.finder().whole(course).brown(BakePlanner.DARK);
        int open = 5 * (int) Math.floor((dark - (course.total() - last.minutes())) / 5);
        int rest = last.minutes() - open;
        if (open < SHORTEST || rest < 5) {
            return course;
        }
        String why =
                last.isAsSaid() ? Messages.say("bake.your-recipe", Objects.requireNonNull(last.said())) : last.reason();
        return course.with(
                        course.stretches().size() - 1,
                        last.lasting(
                                open,
                                Messages.say(
                                        "bake.open-until-it-is-brown-enough", Objects.requireNonNullElse(why, ""))))
                .then(CourseStretchBuilder.builder()
                        .minutes(rest)
                        .covered(true)
                        .topped(last.topped())
                        .warmer(last.warmer())
                        .shields(true)
                        .reason(Messages.say("bake.brown-by-now-lay-foil-on"))
                        .adds(List.of())
                        .build());
    }

    /** Longer where the coldest point would not be safe; what is under cover heats slower, so it is looked at again. */
    private Course safe(Course course) {
        if (baking.safeCore == null) {
            return course;
        }
        String why = Messages.say("bake.the-middle-comes-to-only-then", Math.round(baking.safeCore));
        Course longer = course;
        for (int more = missing(longer), all = 0; more > 0 && all < MOST_MORE; more = missing(longer)) {
            all = Math.min(MOST_MORE, all + more);
            longer = moved(course, all, why);
        }
        return longer;
    }

    /** @return minutes in fives until the coldest point is safe, 0 where it is */
    private int missing(Course course) {
        double core = baking.finder().times(course.goingOn(), baking.wanted).core();
        return Math.max(0, 5 * (int) Math.ceil((core - course.total() - 1) / 5));
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
