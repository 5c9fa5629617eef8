package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Washing up takes all hands, so every task lies wholly before or after each washing. The number of washings before a task
 * is its epoch: what is dirty in one epoch is clean in the next.
 */
final class Epochs {
    private final CpModel model;
    private final Problem problem;
    private final Map<String, IntVar> starts;
    private final List<Washing> washes;
    private final Map<String, LinearExpr> began = new HashMap<>();
    private final Map<String, LinearExpr> ended = new HashMap<>();

    Epochs(CpModel model, Problem problem, Map<String, IntVar> starts, List<Washing> washes) {
        this.model = model;
        this.problem = problem;
        this.starts = starts;
        this.washes = washes;
        problem.drafts().forEach(d -> began.put(d.id(), began(d)));
    }

    private LinearExpr began(Draft d) {
        LinearExprBuilder epoch = LinearExpr.newBuilder();
        BoolVar before = null;
        for (int k = 0; k < washes.size(); k++) {
            Washing wash = washes.get(k);
            BoolVar after = model.newBoolVar("");
            if (problem.isDone(d) && k < problem.washed().size()) {
                model.addEquality(after, isDirtySince(d, problem.washed().get(k)) ? 1 : 0);
            } else {
                model.addImplication(after, wash.there());
                model.addGreaterOrEqual(starts.get(d.id()), plus(wash.start(), Clock.WASH_MINUTES))
                        .onlyEnforceIf(after);
                model.addLessOrEqual(plus(Objects.requireNonNull(starts.get(d.id())), d.active()), wash.start())
                        .onlyEnforceIf(new Literal[] {after.not(), wash.there()});
            }
            if (before != null) {
                model.addImplication(after, before);
            }
            before = after;
            epoch.add(after);
        }
        return epoch.build();
    }

    /** Of what is past nothing can be asked: hands that were not off it when the washing began were dirty after it. */
    private boolean isDirtySince(Draft done, int wash) {
        return Objects.requireNonNull(problem.fixed().get(done.id())) + done.active() > wash;
    }

    /** @return washings before it begins */
    LinearExpr of(Draft d) {
        return Objects.requireNonNull(began.get(d.id()));
    }

    /** @return washings begun before it is off its tools: what stands in a pan keeps the pan from being washed */
    LinearExpr emptied(Draft d) {
        return d.passive() == 0 ? of(d) : ended.computeIfAbsent(d.id(), id -> ended(d));
    }

    private LinearExpr ended(Draft d) {
        LinearExprBuilder epoch = LinearExpr.newBuilder();
        for (Washing wash : washes) {
            BoolVar later = model.newBoolVar("");
            model.addLessOrEqual(plus(Objects.requireNonNull(starts.get(d.id())), d.minutes()), wash.start())
                    .onlyEnforceIf(later.not());
            epoch.add(later);
        }
        return epoch.build();
    }

    private static LinearExpr plus(IntVar var, int offset) {
        return LinearExpr.newBuilder().add(var).add(offset).build();
    }
}
