package nabe.meal;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nabe.larder.Figures;
import org.jspecify.annotations.Nullable;

/**
 * Finds when every task begins: hands, burners, shelves and tools are there once at a time, strict food is apart from the
 * rest, and all is hot at serving time. Times are minutes from the first sitting.
 */
final class Clock {
    static final int WASH_MINUTES = Figures.whole("meal.washing-up");
    private static final int STANDS_BUILT = Figures.whole("meal.stands-built");

    private static final int ON_TABLE = Figures.whole("meal.on-table");
    private static final int STANDS_HOT = Figures.whole("meal.stands-hot");

    private static final int LAST_HOUR = 60;
    /** Going on from a plan, a washing up more is as much trouble as so many tasks at another time. */
    private static final int MOVES_PER_WASH = 3;

    private static final int IN_LAST_HOUR = 3;
    private static final int NOT_AHEAD = 1;
    private static final double SECONDS_LATER = 0.8;

    /** What is wanted of a timeline, the most wanted first, with the seconds that may be spent on it. */
    private enum Aim {
        LATE(3, 0.9),
        /** Everything is hot: what stands longer than {@link #STANDS_HOT} is not. */
        HOT(2.5, 0.1),
        MOVED(0, 0.35),
        WASHES(2, 0.1),
        STANDING(2.5, 0.1),
        LAST_HOUR(2, 0.1);

        private final double seconds;
        private final double again;

        Aim(double seconds, double again) {
            this.seconds = seconds;
            this.again = again;
        }
    }

    private final Problem problem;
    private final CpModel model = new CpModel();
    private final Map<String, IntVar> starts = new LinkedHashMap<>();
    private final List<IntervalVar> hands = new ArrayList<>();
    /** All cooks wash at once: a second pair of dirty hands would undo it. */
    private final List<IntervalVar> washing = new ArrayList<>();

    private final Map<String, IntVar> shelves = new HashMap<>();
    private final List<Washing> washes = new ArrayList<>();
    private final Map<Aim, LinearExprBuilder> aims = new EnumMap<>(Aim.class);
    private final IntVar late;
    private @Nullable Found known;
    private boolean inTimeOnly;
    private boolean goingOn;

    private static final class Natives {
        static {
            Loader.loadNativeLibraries();
        }

        static void load() {}
    }

    private Clock(Problem problem) {
        Natives.load();
        this.problem = problem;
        this.late = model.newIntVar(0, problem.timetable().horizon() - problem.serveAt(), "late");
    }

    /** @return the best timeline found in the time there is, or empty where none can be */
    static Optional<Found> solve(Problem problem) {
        return new Clock(problem).solve();
    }

    /** @return a timeline with as little lateness as can be, not yet the best in all else */
    static Optional<Found> first(Problem problem) {
        Clock clock = new Clock(problem);
        clock.inTimeOnly = true;
        return clock.solve();
    }

    /** A timeline that is as little late, and moves as little of the one before as it can. */
    static Optional<Found> near(Problem problem, Found before) {
        Clock clock = new Clock(problem);
        clock.known = before;
        clock.goingOn = true;
        return clock.solve();
    }

    private Optional<Found> solve() {
        problem.drafts().stream()
                .sorted(Comparator.comparing(d -> !problem.isDone(d)))
                .forEach(this::start);
        sequence();
        handsOneAtATime();
        burners();
        tools();
        shelves.putAll(new OvenModel(model, problem, starts, shelvesTaken()).build());
        serving();
        if (problem.apart()) {
            new ApartModel(model, problem, starts, washes).build();
        }
        ownOrder();
        ahead();
        stays();
        return found();
    }

    /** What went into the oven stays on its shelf. */
    private Map<String, Integer> shelvesTaken() {
        Map<String, Integer> taken = new HashMap<>();
        for (Draft d : problem.drafts()) {
            Integer shelf = known == null || d.oven() == null || !problem.isDone(d)
                    ? null
                    : known.shelves().get(d.shelfKey());
            if (shelf != null) {
                taken.put(d.shelfKey(), shelf);
            }
        }
        return taken;
    }

    private void start(Draft d) {
        Integer fixed = problem.fixed().get(d.id());
        IntVar start = fixed != null
                ? model.newIntVar(fixed, fixed, d.id())
                : model.newIntVarFromDomain(
                        Domain.fromFlatIntervals(problem.windows().get(d.id())), d.id());
        starts.put(d.id(), start);
        if (!problem.isDone(d)) {
            hands.add(model.newFixedSizeIntervalVar(start, d.active(), d.id() + " hands"));
        } else if (!problem.isOver(d)) {
            running(d, Objects.requireNonNull(fixed));
        }
    }

    /** What was begun keeps its hands busy to its end, and not before now: of the past nothing is asked. */
    private void running(Draft d, int start) {
        int now = problem.timetable().now();
        int left = start + d.active() - Math.max(start, now);
        if (left > 0 && hands.size() < problem.kitchen().cooks()) {
            hands.add(model.newFixedInterval(Math.max(start, now), left, d.id() + " running"));
        }
    }

    private IntervalVar taken(Draft d, int minutes, String what) {
        return model.newFixedSizeIntervalVar(starts.get(d.id()), minutes, d.id() + " " + what);
    }

    private LinearExpr at(Draft d, int offset) {
        return LinearExpr.newBuilder().add(starts.get(d.id())).add(offset).build();
    }

    private LinearExpr end(Draft d) {
        return at(d, d.minutes());
    }

    private LinearExpr handsOff(Draft d) {
        return at(d, d.active());
    }

    private @Nullable Draft draft(String id) {
        return problem.drafts().stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElse(null);
    }

    private void sequence() {
        for (Draft d : problem.drafts()) {
            for (String id : d.after()) {
                Draft before = draft(id);
                if (before == null) {
                    continue;
                }
                boolean joined = before.stage() == Draft.Stage.BAKE
                        && (d.stage() == Draft.Stage.BAKE
                                || d.stage() == Draft.Stage.REST && d.action().equals("rest"));
                boolean during = d.stage() == Draft.Stage.REST && !d.action().equals("rest");
                boolean free =
                        problem.fixed().containsKey(d.id()) && problem.fixed().containsKey(id);
                if (joined && !free) {
                    joins(before, d);
                } else if (during && before.stage() == Draft.Stage.BAKE) {
                    model.addGreaterOrEqual(starts.get(d.id()), handsOff(before));
                } else if (!free) {
                    model.addGreaterOrEqual(starts.get(d.id()), end(before));
                    goesOn(before, d);
                }
            }
        }
    }

    /** The foil comes off when the covered bake is over; a cook who is late does it as soon as hands are free. */
    private void joins(Draft before, Draft d) {
        if (!problem.isDone(before)) {
            model.addEquality(starts.get(d.id()), end(before));
            return;
        }
        model.addGreaterOrEqual(starts.get(d.id()), end(before));
        aim(Aim.LATE).addTerm(starts.get(d.id()), 1);
    }

    /** Oil heated tonight does not brown an onion tomorrow. */
    private void goesOn(Draft before, Draft d) {
        boolean hot = before.burner()
                && before.component() != null
                && before.component().equals(d.component())
                && d.stage() == Draft.Stage.PREP;
        boolean built = before.stage() == Draft.Stage.BUILD && d.stage() == Draft.Stage.BAKE && before.daysAhead() == 0;
        if (problem.tight() && (hot || built)) {
            model.addLessOrEqual(
                    starts.get(d.id()), at(before, before.minutes() + (hot ? Waits.BETWEEN_STEPS : STANDS_BUILT)));
        }
    }

    private void handsOneAtATime() {
        for (int k = 0; k < problem.washes() && problem.apart(); k++) {
            BoolVar there = model.newBoolVar("wash " + k);
            boolean done = k < problem.washed().size();
            IntVar start = done
                    ? model.newConstant(problem.washed().get(k))
                    : model.newIntVarFromDomain(
                            Domain.fromFlatIntervals(problem.timetable().washing()), "wash start " + k);
            if (done) {
                model.addEquality(there, 1);
            }
            if (!done) {
                washing.add(model.newOptionalFixedSizeIntervalVar(start, WASH_MINUTES, there, "washing " + k));
            }
            if (k > 0 && !done) {
                model.addImplication(there, washes.getLast().there());
                model.addGreaterOrEqual(start, plus(washes.getLast().start(), WASH_MINUTES))
                        .onlyEnforceIf(there);
            }
            washes.add(new Washing(there, start));
            aim(goingOn ? Aim.MOVED : Aim.WASHES).addTerm(there, goingOn ? MOVES_PER_WASH : 1);
        }
        int cooks = problem.kitchen().cooks();
        CumulativeConstraint all = model.addCumulative(cooks);
        hands.forEach(h -> all.addDemand(h, 1));
        washing.forEach(w -> all.addDemand(w, cooks));
        if (!problem.timetable().away().isEmpty()) {
            CumulativeConstraint present = model.addCumulative(cooks);
            hands.forEach(h -> present.addDemand(h, 1));
            problem.timetable()
                    .away()
                    .forEach(a -> present.addDemand(model.newFixedInterval(a[0], a[1], "away"), a[2]));
        }
    }

    private static LinearExpr plus(IntVar var, int offset) {
        return LinearExpr.newBuilder().add(var).add(offset).build();
    }

    private void burners() {
        List<IntervalVar> hot = problem.drafts().stream()
                .filter(d -> d.burner() && !problem.isOver(d))
                .map(d -> taken(d, d.minutes(), "burner"))
                .toList();
        if (!hot.isEmpty()) {
            CumulativeConstraint all = model.addCumulative(problem.kitchen().burners());
            hot.forEach(h -> all.addDemand(h, 1));
        }
    }

    /** As many at once as there are things in the pool; shared pools are one. */
    private void tools() {
        Map<List<MealTask.Held>, List<IntervalVar>> taken = new HashMap<>();
        for (Draft d : problem.drafts()) {
            for (String kind : problem.isOver(d) ? Set.<String>of() : d.tools()) {
                int minutes = problem.items().holdsFood(kind) ? d.minutes() : d.active();
                taken.computeIfAbsent(problem.items().pool(kind, d), k -> new ArrayList<>())
                        .add(taken(d, minutes, kind));
            }
        }
        taken.forEach((pool, intervals) -> {
            CumulativeConstraint all = model.addCumulative(pool.size());
            intervals.forEach(i -> all.addDemand(i, 1));
        });
    }

    private boolean isStrict(int dish) {
        return problem.drafts().stream()
                .anyMatch(d -> d.dishes().equals(List.of(dish)) && !d.guards().isEmpty());
    }

    /** On the table within ten minutes of each other, strict food first; a dish that waits hot costs. */
    private void serving() {
        List<Draft> last = problem.drafts().stream()
                .filter(d -> d.stage() == Draft.Stage.SERVE)
                .toList();
        for (Draft d : last) {
            LinearExpr end =
                    LinearExpr.newBuilder().add(end(d)).addTerm(late, -1).build();
            model.addLessOrEqual(end, problem.serveAt());
            model.addGreaterOrEqual(end, problem.serveAt() - ON_TABLE);
            problem.drafts().stream()
                    .filter(r -> d.after().contains(r.id())
                            && (r.stage() == Draft.Stage.BAKE || r.action().equals("rest")))
                    .forEach(r -> {
                        stands(r, d);
                    });
        }
        for (Draft strict : last) {
            for (Draft other : last) {
                boolean first = isStrict(strict.dish()) && !isStrict(other.dish());
                if (first && !problem.isDone(other)) {
                    model.addGreaterOrEqual(starts.get(other.id()), starts.get(strict.id()));
                }
            }
        }
    }

    private void stands(Draft out, Draft serve) {
        aim(Aim.STANDING).addTerm(starts.get(serve.id()), 1);
        aim(Aim.STANDING).addTerm(starts.get(out.id()), -1);
        IntVar cold = model.newIntVar(0, problem.timetable().horizon(), serve.id() + " too long");
        model.addGreaterOrEqual(
                cold,
                LinearExpr.newBuilder()
                        .add(starts.get(serve.id()))
                        .addTerm(starts.get(out.id()), -1)
                        .add(-out.minutes() - STANDS_HOT)
                        .build());
        aim(Aim.HOT).addTerm(cold, 1);
    }

    private void ownOrder() {
        Draft before = null;
        for (String id : problem.order()) {
            Draft d = draft(id);
            if (d != null && before != null) {
                model.addGreaterOrEqual(starts.get(d.id()), handsOff(before));
            }
            before = d == null ? before : d;
        }
    }

    /** What can be done before the day is; what is left is not left to the last hour. */
    private void ahead() {
        for (Draft d : problem.drafts()) {
            boolean work = d.stage() == Draft.Stage.PREP || d.stage() == Draft.Stage.BUILD;
            if (!work || problem.fixed().containsKey(d.id())) {
                continue;
            }
            BoolVar last = model.newBoolVar(d.id() + " in the last hour");
            model.addLessOrEqual(handsOff(d), problem.serveAt() - LAST_HOUR).onlyEnforceIf(last.not());
            aim(Aim.LAST_HOUR).addTerm(last, (long) IN_LAST_HOUR * d.active());
            if (Objects.requireNonNull(problem.windows().get(d.id()))[0]
                    < problem.timetable().theDay()) {
                BoolVar day = model.newBoolVar(d.id() + " on the day");
                model.addLessOrEqual(starts.get(d.id()), problem.timetable().theDay() - 1)
                        .onlyEnforceIf(day.not());
                aim(Aim.LAST_HOUR).addTerm(day, (long) NOT_AHEAD * d.active());
            }
        }
    }

    /** Going on from a plan, each thing that is done at another time costs. */
    private void stays() {
        for (Draft d : goingOn ? problem.drafts() : List.<Draft>of()) {
            Integer was = Objects.requireNonNull(known).starts().get(d.id());
            if (was != null && !problem.isDone(d)) {
                BoolVar moved = model.newBoolVar(d.id() + " moved");
                model.addEquality(starts.get(d.id()), was).onlyEnforceIf(moved.not());
                aim(Aim.MOVED).addTerm(moved, 1);
            }
        }
    }

    private LinearExprBuilder aim(Aim aim) {
        return aims.computeIfAbsent(aim, a -> LinearExpr.newBuilder());
    }

    /** What is wanted, one after the other, each as far as it goes without giving up one before. */
    private Optional<Found> found() {
        long began = System.nanoTime();
        aim(Aim.LATE).addTerm(late, 1);
        setOutFromKnown();
        CpSolver taken = null;
        boolean proven = true;
        double gap = 0;
        for (Aim aim : Aim.values()) {
            if (!aims.containsKey(aim) || inTimeOnly && aim != Aim.LATE) {
                continue;
            }
            LinearExpr wanted = aim(aim).build();
            model.minimize(wanted);
            CpSolver solver = solver(goingOn ? aim.again : aim.seconds);
            CpSolverStatus status = solver.solve(model);
            if (!isFound(status)) {
                return Optional.ofNullable(taken).map(t -> written(t, false, 1, began));
            }
            taken = solver;
            proven &= status == CpSolverStatus.OPTIMAL;
            gap = Math.max(gap, status == CpSolverStatus.OPTIMAL ? 0 : gap(solver));
            model.addLessOrEqual(wanted, Math.round(solver.objectiveValue()));
            hint(solver);
        }
        boolean settles = !goingOn && !inTimeOnly;
        CpSolver last = Objects.requireNonNull(taken);
        return Optional.of(written(settles ? settled(last) : last, proven && !inTimeOnly, inTimeOnly ? 1 : gap, began));
    }

    private Found written(CpSolver taken, boolean proven, double gap, long began) {
        Map<String, Integer> at = new LinkedHashMap<>();
        starts.forEach((id, var) -> at.put(id, (int) taken.value(var)));
        Map<String, Integer> shelfOf = new HashMap<>();
        shelves.forEach((dish, var) -> shelfOf.put(dish, (int) taken.value(var)));
        List<Integer> wash = washes.stream()
                .filter(w -> taken.booleanValue(w.there()))
                .map(w -> (int) taken.value(w.start()))
                .toList();
        long millis = (System.nanoTime() - began) / 1_000_000;
        return new Found(at, shelfOf, wash, (int) taken.value(late), proven, gap, millis);
    }

    private void setOutFromKnown() {
        if (known == null) {
            return;
        }
        starts.forEach((id, var) -> {
            if (known.starts().containsKey(id)) {
                model.addHint(var, known.starts().get(id));
            }
        });
        model.addHint(late, known.late());
        for (int i = 0; i < washes.size(); i++) {
            boolean there = i < known.washes().size();
            model.addHint(washes.get(i).there(), there ? 1 : 0);
            if (there) {
                model.addHint(washes.get(i).start(), known.washes().get(i));
            }
        }
    }

    private static boolean isFound(CpSolverStatus status) {
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    }

    private static double gap(CpSolver solver) {
        double value = solver.objectiveValue();
        return Math.abs(value - solver.bestObjectiveBound()) / Math.max(1, Math.abs(value));
    }

    private void hint(CpSolver from) {
        model.clearHints();
        starts.values().forEach(s -> model.addHint(s, from.value(s)));
        washes.forEach(w -> model.addHint(w.start(), from.value(w.start())));
    }

    /** Of all timelines as good, one that begins no earlier than it must: fresh food, a calm day. */
    private CpSolver settled(CpSolver first) {
        LinearExprBuilder later = LinearExpr.newBuilder();
        starts.values().forEach(later::add);
        model.maximize(later.build());
        CpSolver second = solver(SECONDS_LATER);
        CpSolverStatus status = second.solve(model);
        return isFound(status) ? second : first;
    }

    /**
     * Without its local search by violations: that crashes (9.15) where presolve leaves it nothing to search. With little
     * presolving: probing took most of the time and won nothing.
     */
    private static CpSolver solver(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds);
        solver.getParameters().setNumWorkers(2);
        solver.getParameters().setRandomSeed(1);
        solver.getParameters().setUseFeasibilityJump(false);
        solver.getParameters().setNumViolationLs(0);
        solver.getParameters().setMaxPresolveIterations(1);
        solver.getParameters().setCpModelProbingLevel(0);
        solver.getParameters().setSymmetryLevel(0);
        return solver;
    }
}
