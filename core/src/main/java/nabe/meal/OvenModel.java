package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nabe.larder.Figures;

/** Ovens in the clock's model: room on shelves, one heat at a time, open strict food above what drops crumbs. */
final class OvenModel {
    private static final int CHANGE_OF_HEAT = Figures.whole("meal.between-heats");

    private static final double SAME_HEAT = 0.01;
    private final CpModel model;
    private final Problem problem;
    private final Map<String, IntVar> starts;
    private final Map<String, IntVar> shelves = new HashMap<>();

    /** @param taken the shelf on which what is in the oven lies, or lay, by {@link Draft#shelfKey} */
    OvenModel(CpModel model, Problem problem, Map<String, IntVar> starts, Map<String, Integer> taken) {
        this.model = model;
        this.problem = problem;
        this.starts = starts;
        taken.forEach((key, shelf) -> shelves.put(key, model.newConstant(shelf)));
    }

    /** @return the shelf of everything that may meet another in its oven */
    Map<String, IntVar> build() {
        List<Draft> baking = problem.drafts().stream()
                .filter(d -> d.oven() != null && !problem.isOver(d))
                .toList();
        for (int o = 0; o < problem.kitchen().ovens().size(); o++) {
            int oven = o;
            List<Draft> here = baking.stream()
                    .filter(d -> Objects.requireNonNull(d.oven()).oven() == oven)
                    .toList();
            CumulativeConstraint room =
                    model.addCumulative(problem.kitchen().ovens().get(o).shelves());
            here.forEach(d -> room.addDemand(
                    model.newFixedSizeIntervalVar(starts.get(d.id()), d.minutes(), d.id() + " oven"), 1));
            for (int i = 0; i < here.size(); i++) {
                for (int j = i + 1; j < here.size(); j++) {
                    twoInOneOven(
                            here.get(i), here.get(j), problem.kitchen().ovens().get(o));
                }
            }
        }
        return shelves;
    }

    /** One after the other, or together on shelves of their own: open strict food above what drops crumbs, in any order of work. */
    private void twoInOneOven(Draft a, Draft b, Meal.Oven oven) {
        if (a.shelfKey().equals(b.shelfKey()) || problem.isDone(a) && problem.isDone(b)) {
            return;
        }
        boolean otherHeat = Math.abs(Objects.requireNonNull(a.oven()).celsius()
                        - Objects.requireNonNull(b.oven()).celsius())
                > SAME_HEAT;
        boolean mustBeAbove = b.endangers(a) && !a.oven().covered();
        boolean mustBeBelow = a.endangers(b) && !b.oven().covered();
        boolean unsafe = crumbs(a, b, oven) || crumbs(b, a, oven) || mustBeAbove && mustBeBelow;
        int gap = otherHeat ? CHANGE_OF_HEAT : 0;
        List<Literal> ways = new ArrayList<>();
        ways.add(before(a, b, gap));
        ways.add(before(b, a, gap));
        if (!otherHeat && !unsafe) {
            if (!mustBeBelow) {
                ways.add(above(a, b));
            }
            if (!mustBeAbove) {
                ways.add(above(b, a));
            }
        }
        model.addBoolOr(ways.toArray(Literal[]::new));
    }

    private BoolVar before(Draft a, Draft b, int gap) {
        BoolVar first = model.newBoolVar("");
        model.addGreaterOrEqual(starts.get(b.id()), plus(Objects.requireNonNull(starts.get(a.id())), a.minutes() + gap))
                .onlyEnforceIf(first);
        return first;
    }

    private BoolVar above(Draft a, Draft b) {
        BoolVar above = model.newBoolVar("");
        model.addGreaterOrEqual(shelf(b), plus(shelf(a), 1)).onlyEnforceIf(above);
        return above;
    }

    private IntVar shelf(Draft d) {
        int most = problem.kitchen()
                        .ovens()
                        .get(Objects.requireNonNull(d.oven()).oven())
                        .shelves()
                - 1;
        return shelves.computeIfAbsent(d.shelfKey(), key -> model.newIntVar(0, most, "shelf of " + key));
    }

    /** With one shelf or a fan, open strict food gets what another dish drops. */
    private static boolean crumbs(Draft other, Draft strict, Meal.Oven oven) {
        return other.endangers(strict)
                && !Objects.requireNonNull(strict.oven()).covered()
                && (oven.fan() || oven.shelves() < 2);
    }

    private static LinearExpr plus(IntVar var, int offset) {
        return LinearExpr.newBuilder().add(var).add(offset).build();
    }
}
