package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.Constraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.larder.Allergen;

/** Keeping apart in the clock's model: strict food first, or a wash between, or half an hour for flour to settle. */
final class ApartModel {
    /**
     * Up to so many tasks, a thing is followed to see whether anything dirtied it; with more, whatever may have been dirtied
     * counts as dirty. That is found sooner, and never less safe.
     */
    private static final int FEW = 16;

    private final CpModel model;
    private final Problem problem;
    private final Map<String, IntVar> starts;
    private final Epochs epochs;
    private final Map<String, BoolVar> clean = new HashMap<>();

    ApartModel(CpModel model, Problem problem, Map<String, IntVar> starts, List<Washing> washes) {
        this.model = model;
        this.problem = problem;
        this.starts = starts;
        this.epochs = new Epochs(model, problem, starts, washes);
    }

    /** Whatever takes hands, by the things it touches and the food on them. */
    void build() {
        Care care = new Care(problem.drafts(), problem.items(), isFollowed());
        for (Draft strict : problem.drafts()) {
            for (Draft dirty : care.guards(strict).isEmpty() ? List.<Draft>of() : problem.drafts()) {
                if (dirty != strict && care.endangers(dirty, strict)) {
                    apart(dirty, strict, care);
                }
            }
        }
    }

    private boolean isFollowed() {
        return problem.drafts().size() <= FEW;
    }

    private void apart(Draft dirty, Draft strict, Care care) {
        if (problem.fixed().containsKey(dirty.id()) && problem.fixed().containsKey(strict.id())) {
            return;
        }
        boolean air = dirty.flour() && strict.oven() == null && isGluten(dirty, strict);
        boolean keeps = care.sharesUnwashable(dirty, strict) && !problem.isDone(dirty);
        Set<Allergen> carried = care.carried(dirty, strict);
        boolean followed = !carried.isEmpty() && isFollowed();
        BoolVar first = model.newBoolVar("");
        model.addGreaterOrEqual(starts.get(dirty.id()), air && strict.burner() ? end(strict) : handsOff(strict))
                .onlyEnforceIf(first);
        List<Literal> otherwise = new ArrayList<>(List.of(first.not()));
        if (followed) {
            otherwise.add(clean(dirty, carried, care).not());
        }
        if (keeps) {
            model.addBoolOr(otherwise.stream().map(Literal::not).toArray(Literal[]::new));
        } else {
            washedBetween(dirty, strict, care).onlyEnforceIf(otherwise.toArray(Literal[]::new));
        }
        if (air) {
            model.addGreaterOrEqual(starts.get(strict.id()), at(dirty, dirty.active() + Spread.AIR.minutes()))
                    .onlyEnforceIf(first.not());
        }
    }

    private Constraint washedBetween(Draft dirty, Draft strict, Care care) {
        LinearExpr dirtied = care.shares(dirty, strict) ? epochs.emptied(dirty) : epochs.of(dirty);
        return model.addGreaterOrEqual(
                epochs.of(strict), LinearExpr.newBuilder().add(dirtied).add(1).build());
    }

    /** Whether nothing has brought these to what a task touches: whatever handles them comes later, or was washed off. */
    private BoolVar clean(Draft task, Set<Allergen> of, Care care) {
        List<Draft> handlers = problem.drafts().stream()
                .filter(h ->
                        h != task && (h.handles().stream().anyMatch(of::contains) || care.mayHoldDirt(h, task, of)))
                .toList();
        return clean.computeIfAbsent(
                task.id() + handlers.stream().map(Draft::id).toList(), key -> {
                    BoolVar whole = model.newBoolVar(key);
                    for (Draft handler : handlers) {
                        BoolVar later = model.newBoolVar("");
                        model.addGreaterOrEqual(starts.get(handler.id()), handsOff(task))
                                .onlyEnforceIf(later);
                        if (care.sharesUnwashable(handler, task)) {
                            model.addImplication(whole, later);
                        } else {
                            washedBetween(handler, task, care).onlyEnforceIf(new Literal[] {whole, later.not()});
                        }
                    }
                    return whole;
                });
    }

    private static boolean isGluten(Draft dirty, Draft strict) {
        return dirty.handles().stream()
                .anyMatch(a -> Allergen.GLUTEN.contains(a) && strict.guards().contains(a));
    }

    private LinearExpr at(Draft d, int offset) {
        return plus(Objects.requireNonNull(starts.get(d.id())), offset);
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
