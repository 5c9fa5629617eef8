package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Recipe;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Work;
import nabe.swap.job.Job;
import org.jspecify.annotations.Nullable;

/**
 * Meat that is gone is not poached, boned and pulled to shreds, nor tofu boiled as eggs are and peeled: what stands for
 * them is cooked as its own technique says, in one step where all that was.
 */
final class CookedItsOwnWay {
    private static final Set<String> ITS_WORK = Set.of(
            "poach", "simmer", "boil", "roast", "shred", "pull", "bone", "debone", "joint", "carve", "strip", "flake",
            "lower", "peel", "shell", "cook", "slice", "quarter", "halve");
    /** Its liquid is needed later: then it is cooked as the recipe says. */
    private static final Pattern KEEPS_LIQUID = Pattern.compile(
            "\\b(?:reserv|keep|sav)\\w*\\b.{0,30}\\b(?:liquid|liquor|stock|broth|water|milk|juices?)\\b"
                    + "|\\b(?:liquid|liquor|stock|broth|water|milk|juices?)\\b.{0,20}\\breserved\\b",
            Pattern.CASE_INSENSITIVE);

    /** "Boil the macaroni 3 minutes less than the packet says": pulled early as Nabe would have it. */
    private static final Pattern PULLED_EARLY = Pattern.compile(
            "\\b(?:less than|short of|shy of|before) (?:the |its |their |it |they )?(?:pack|time|usual|done)",
            Pattern.CASE_INSENSITIVE);

    private final Swap swap;
    private final List<Step> covered;
    private final List<Constituent> used = new ArrayList<>();

    private CookedItsOwnWay(Swap swap, List<Step> covered) {
        this.swap = swap;
        this.covered = covered;
    }

    /** @return what a pot's steps on its meat or eggs alone become, or null where they stay */
    static @Nullable CookedItsOwnWay of(List<Step> steps, List<Swap> here, Recipe recipe) {
        for (Swap swap : here) {
            Ingredient was = recipe.lines().get(swap.source()).ingredient();
            boolean other = MeatWords.isMeat(was) || swap.job() == Job.BOILED;
            List<Step> own = other && swap.change() != null ? ownWork(steps, swap.source()) : List.of();
            if (!own.isEmpty()) {
                return new CookedItsOwnWay(swap, own);
            }
        }
        return null;
    }

    /** From the first step on the meat alone to the last that only it needs; none where other things come between. */
    private static List<Step> ownWork(List<Step> steps, int line) {
        List<Step> run = new ArrayList<>();
        int last = 0;
        for (Step step : steps) {
            boolean alone = step.uses().stream().allMatch(u -> Objects.equals(u.line(), line));
            boolean begins = !step.uses().isEmpty();
            if (!alone && !run.isEmpty()) {
                break;
            }
            if (alone && (begins || !run.isEmpty())) {
                run.add(step);
                last = ITS_WORK.contains(step.action()) ? run.size() : last;
            }
        }
        while (last > 0
                && last < run.size()
                && run.get(last).sentence() == run.get(last - 1).sentence()) {
            last++;
        }
        List<Step> own = run.subList(0, last);
        return own.stream()
                        .map(Step::words)
                        .anyMatch(w -> KEEPS_LIQUID.matcher(w).find() || isPulledEarly(w))
                ? List.of()
                : List.copyOf(own);
    }

    static boolean isPulledEarly(String words) {
        return PULLED_EARLY.matcher(words).find();
    }

    boolean covers(Step step) {
        return covered.contains(step);
    }

    /** @return the one step for all of them once the last was taken, else null */
    @Nullable
    Work take(Step step, List<Constituent> uses) {
        used.addAll(uses);
        if (step != covered.getLast()) {
            return null;
        }
        String method = Objects.requireNonNull(swap.change());
        return SaidWork.inPlaceOf(step, swap, SaidWork.stoveAction(method, step.action()), used);
    }
}
