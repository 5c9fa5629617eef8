package nabe.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.prep.PrepStep.When;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Placement;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;

/** Tells what is done before building from what is done once the dish is built, while it bakes, or at the table. Minutes: kitchen practice. */
final class Moments {
    private static final Set<Kind> DOUGHS = Set.of(Kind.CRUST, Kind.BATTER);
    private static final Set<Kind> BUILT_OF = Set.of(Kind.STRUCTURE, Kind.MASH, Kind.BINDER);
    private static final Set<String> CHILLS =
            Set.of("refrigerate", "chill", "stand", "rest", "leave", "remove", "take", "let", "freeze");
    private static final Set<String> PRESSES = Set.of("press", "push", "cover", "wrap");
    private static final Set<String> STANDS = Set.of("soak", "stand", "leave", "sit", "chill", "refrigerate", "cool");
    private static final Set<String> CUTS = Set.of("cut", "slice", "quarter", "pull", "halve", "lift");
    private static final double ALL = 0.99;
    private static final int LONG = 60;
    private static final int HOURS = 120;
    private static final int QUICK = 15;

    private final PlannedProcedure procedure;
    private final Cooking cooking;

    Moments(PlannedProcedure procedure, Cooking cooking) {
        this.procedure = procedure;
        this.cooking = cooking;
    }

    /** Nothing goes anywhere after it: it is said of the dish. */
    private boolean isLast(List<Work> works) {
        int used = procedure.components().stream()
                .flatMap(p -> p.steps().stream())
                .filter(w -> !w.uses().isEmpty())
                .mapToInt(Work::sentence)
                .max()
                .orElse(-1);
        int laid =
                procedure.layers().stream().mapToInt(Placement::sentence).max().orElse(-1);
        int last = Math.max(used, laid);
        return works.stream().allMatch(w -> w.uses().isEmpty() && CUTS.contains(w.action()) && w.sentence() > last);
    }

    /** The last steps of a pot in which it only stands: said of the built dish where it is laid and they are long. */
    private List<Work> tail(Pot pot) {
        List<Work> tail = new ArrayList<>();
        for (Work work : pot.steps().reversed()) {
            boolean stands = CHILLS.contains(work.action()) || isDoneInDish(pot, work);
            if (!work.uses().isEmpty() || !stands) {
                break;
            }
            tail.add(work);
        }
        return tail;
    }

    /** "Press the bread down", once it lies there. */
    private boolean isDoneInDish(Pot pot, Work work) {
        return PRESSES.contains(work.action())
                && procedure.layers().stream()
                        .filter(p -> p.of().equals(pot.id()))
                        .anyMatch(p -> p.sentence() >= 0 && p.sentence() < work.sentence());
    }

    /** "Leave it to soak for half an hour", once all lies there. */
    private boolean standsBuilt(List<Work> works) {
        int built = procedure.layers().stream()
                .filter(p -> !p.late())
                .mapToInt(Placement::sentence)
                .max()
                .orElse(-1);
        return built >= 0
                && works.stream()
                        .allMatch(w -> w.uses().isEmpty()
                                && w.minutes() != null
                                && STANDS.contains(w.action())
                                && w.sentence() > built);
    }

    private double tailMinutes(Pot pot) {
        return tail(pot).stream().mapToDouble(w -> cooking.stage(w).minutes()).sum();
    }

    /** @param minutes that these actions take */
    When of(Pot pot, List<Work> works, double minutes) {
        if (isLast(works)) {
            return When.TO_SERVE;
        }
        List<Placement> laid =
                procedure.layers().stream().filter(p -> p.of().equals(pot.id())).toList();
        if (laid.isEmpty()) {
            boolean beside = procedure.beside().stream().anyMatch(b -> b.of().equals(pot.id()) && b.share() > ALL);
            return beside ? When.TO_SERVE : When.BEFORE;
        }
        if (standsBuilt(works)) {
            return When.BUILT;
        }
        if (DOUGHS.contains(pot.kind())) {
            return When.BEFORE;
        }
        if (tail(pot).containsAll(works) && tailMinutes(pot) >= (BUILT_OF.contains(pot.kind()) ? LONG : HOURS)) {
            return When.BUILT;
        }
        boolean only = procedure.components().stream()
                .flatMap(p -> p.of().stream())
                .noneMatch(c -> pot.id().equals(c.component()));
        return only && minutes <= QUICK && laid.stream().allMatch(Placement::late) ? When.WHILE_BAKING : When.BEFORE;
    }
}
