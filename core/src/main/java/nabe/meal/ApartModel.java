package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.List;
import java.util.Map;
import nabe.larder.Allergen;

/** Keeping apart in the clock's model: strict food first, or a wash between, or half an hour for flour to settle. */
final class ApartModel {
    /** Minutes that loose flour hangs in the air. Source: usual advice of coeliac societies. */
    private static final int IN_THE_AIR = 30;

    private final CpModel model;
    private final Problem problem;
    private final Map<String, IntVar> starts;
    private final Epochs epochs;

    ApartModel(CpModel model, Problem problem, Map<String, IntVar> starts, List<Washing> washes) {
        this.model = model;
        this.problem = problem;
        this.starts = starts;
        this.epochs = new Epochs(model, problem, starts, washes);
    }

    /** Whatever takes hands, by the things it touches and the food on them. */
    void build() {
        Care care = new Care(problem.drafts(), problem.items());
        for (Draft strict : problem.drafts()) {
            for (Draft dirty : care.guards(strict).isEmpty() ? List.<Draft>of() : problem.drafts()) {
                if (dirty != strict && care.endangers(dirty, strict)) {
                    apart(dirty, strict, care);
                }
            }
        }
    }

    private void apart(Draft dirty, Draft strict, Care care) {
        if (problem.fixed().containsKey(dirty.id()) && problem.fixed().containsKey(strict.id())) {
            return;
        }
        boolean air = dirty.flour() && strict.oven() == null && isGluten(dirty, strict);
        boolean isDone = problem.fixed().containsKey(dirty.id());
        if (care.sharesUnwashable(dirty, strict) && !isDone) {
            model.addGreaterOrEqual(starts.get(dirty.id()), air && strict.burner() ? end(strict) : handsOff(strict));
            return;
        }
        BoolVar first = model.newBoolVar("");
        model.addGreaterOrEqual(starts.get(dirty.id()), air && strict.burner() ? end(strict) : handsOff(strict))
                .onlyEnforceIf(first);
        LinearExpr dirtied = care.shares(dirty, strict) ? epochs.emptied(dirty) : epochs.of(dirty);
        LinearExprBuilder between = LinearExpr.newBuilder().add(dirtied).add(1);
        model.addGreaterOrEqual(epochs.of(strict), between.build()).onlyEnforceIf(first.not());
        if (air) {
            model.addGreaterOrEqual(starts.get(strict.id()), at(dirty, dirty.active() + IN_THE_AIR))
                    .onlyEnforceIf(first.not());
        }
    }

    private static boolean isGluten(Draft dirty, Draft strict) {
        return dirty.handles().stream()
                .anyMatch(a -> Allergen.GLUTEN.contains(a) && strict.guards().contains(a));
    }

    private LinearExpr at(Draft d, int offset) {
        return plus(starts.get(d.id()), offset);
    }

    private LinearExpr end(Draft d) {
        return at(d, d.minutes());
    }

    private LinearExpr handsOff(Draft d) {
        return at(d, d.active());
    }

    private static LinearExpr plus(IntVar var, int offset) {
        return LinearExpr.newBuilder().add(var).add(offset).build();
    }
}
