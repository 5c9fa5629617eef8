package nabe.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;

/** Gathers a pot's actions into what the cook reads as one step. */
final class SentenceRuns {
    private static final Set<String> REMARKS = Set.of("add", "go", "do", "take", "come", "get");
    private static final Set<String> DRAINS = Set.of("drain", "rinse", "strain");
    private static final Set<String> BOILS =
            Set.of("boil", "cook", "parboil", "blanch", "simmer", "steam", "fry", "brown");
    /** Sentences of no more words than this are no step of their own. */
    private static final int BRIEF = 3;

    private SentenceRuns() {}

    /** Runs of steps of one sentence; a remark that does nothing goes with the sentence before it. */
    static List<List<Work>> of(Pot pot) {
        List<List<Work>> runs = new ArrayList<>();
        for (Work work : pot.steps()) {
            boolean remark = isRemark(work);
            boolean same = !runs.isEmpty() && runs.getLast().getLast().sentence() == work.sentence();
            boolean follows = remark
                    && !leads(pot, work)
                    && !runs.isEmpty()
                    && runs.getLast().getLast().sentence() == work.sentence() - 1;
            boolean brief = !runs.isEmpty()
                    && runs.getLast().getLast().sentence() == work.sentence() - 1
                    && (isBrief(runs.getLast()) || isBrief(pot, work));
            boolean drains = !runs.isEmpty() && isDrained(runs.getLast(), work);
            if (same || follows || drains || brief) {
                runs.getLast().add(work);
            } else if (!remark || leads(pot, work)) {
                runs.add(new ArrayList<>(List.of(work)));
            }
        }
        return runs;
    }

    /** "Lid half on, and simmer": a remark that begins a sentence with work in it. */
    private static boolean leads(Pot pot, Work remark) {
        return pot.steps().stream().anyMatch(w -> w.sentence() == remark.sentence() && !isRemark(w));
    }

    /** "Wine next." and the like are no step of their own. */
    private static boolean isBrief(List<Work> run) {
        return run.stream().mapToInt(w -> w.words().split("\\s+").length).sum() <= BRIEF;
    }

    private static boolean isBrief(Pot pot, Work work) {
        return isBrief(pot.steps().stream()
                .filter(w -> w.sentence() == work.sentence())
                .toList());
    }

    /** What has boiled its time is drained at once. */
    private static boolean isDrained(List<Work> run, Work work) {
        return DRAINS.contains(work.action())
                && work.uses().isEmpty()
                && run.stream().anyMatch(w -> BOILS.contains(w.action()));
    }

    private static boolean isRemark(Work work) {
        return REMARKS.contains(work.action())
                && work.uses().isEmpty()
                && work.minutes() == null
                && work.until() == null;
    }
}
