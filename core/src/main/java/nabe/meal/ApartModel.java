package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
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
    private final List<Washing> washes;
    private final Map<String, BoolVar> together = new HashMap<>();

    ApartModel(CpModel model, Problem problem, Map<String, IntVar> starts, List<Washing> washes) {
        this.model = model;
        this.problem = problem;
        this.starts = starts;
        this.washes = washes;
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
        List<Literal> ways = new ArrayList<>();
        BoolVar first = literal(dirty, strict, "first");
        model.addGreaterOrEqual(starts.get(dirty.id()), air && strict.burner() ? end(strict) : handsOff(strict))
                .onlyEnforceIf(first);
        ways.add(first);
        boolean emptied = care.shares(dirty, strict);
        for (Washing wash : washes) {
            BoolVar between = literal(dirty, strict, "wash " + washes.indexOf(wash));
            model.addImplication(between, wash.there());
            model.addGreaterOrEqual(wash.start(), emptied ? end(dirty) : handsOff(dirty))
                    .onlyEnforceIf(between);
            model.addGreaterOrEqual(starts.get(strict.id()), plus(wash.start(), Clock.WASH_MINUTES))
                    .onlyEnforceIf(between);
            if (air) {
                model.addGreaterOrEqual(starts.get(strict.id()), at(dirty, dirty.active() + IN_THE_AIR))
                        .onlyEnforceIf(between);
            }
            ways.add(between);
        }
        model.addBoolOr(ways.toArray(Literal[]::new));
    }

    /** One choice for two tasks; in blocks, one for all work on the two dishes. */
    private BoolVar literal(Draft dirty, Draft strict, String way) {
        boolean whole = problem.blocks() && isWork(dirty) && isWork(strict) && dirty.dish() != strict.dish();
        return whole
                ? together.computeIfAbsent(dirty.dish() + " " + strict.dish() + " " + way, key -> model.newBoolVar(key))
                : model.newBoolVar("");
    }

    private static boolean isWork(Draft d) {
        return (d.stage() == Draft.Stage.PREP || d.stage() == Draft.Stage.BUILD)
                && d.dishes().size() == 1;
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
