package nabe.budgets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import nabe.larder.Figures;
import nabe.prep.Mend;
import nabe.prep.MendWords;
import nabe.prep.PrepChoice;
import nabe.recipe.Part;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What would bring the water in. Nothing is offered on paper: each mend is made in a trial, its size found there, and the dish baked again with it.
 * One that does it alone is an answer; where none does, several one after the other may. All sizes here are kitchen practice.
 */
public final class WaterMends {
    private static final int MOST_MENDS = 3;
    private static final int MOST_TRIED = 5;
    private static final int TRIES = 3;
    private static final double WORTH_DOING = Figures.of("budgets.mend-worth-doing");

    private static final double A_MINUTE = Figures.of("budgets.mend-steam-a-minute");

    private static final double MOST_STOCK = Figures.of("budgets.mend-most-stock");
    private static final double LEAST_MINUTES = Figures.of("budgets.mend-least-minutes");
    private static final double FELT = 1;
    private static final double CHANGES_THE_BAKE = Figures.of("budgets.mend-changes-the-bake");
    private static final double WELL_IN = Figures.of("budgets.mend-well-in");

    private final WaterBudget water;
    private final List<WetLayer> layers;
    private final PrepChoice made;
    private final Trial trial;

    /** Makes a dish with these mends. */
    public interface Trial {
        /** @return its water, the bake as it was */
        WaterBudget prepared(PrepChoice choice);

        /** @return its water, baked anew */
        WaterBudget baked(PrepChoice choice);

        /** @return minutes of cover that come off for the rest of the bake; 0 where none does */
        int coveredMinutes();

        /** @return the name of a pot, as its steps call it */
        String called(String pot);
    }

    /**
     * @param most g of water that it can move
     * @param of the mend that should move so many grams; {@code rebakes} whether only a bake shows what it does
     */
    private record Candidate(double most, DoubleFunction<Mend> of, Function<Mend, String> words, boolean rebakes) {
        Candidate rebaking() {
            return new Candidate(most, of, words, true);
        }
    }

    private record Tried(Candidate candidate, Mend mend, WaterBudget after) {}

    private WaterMends(WaterBudget water, List<WetLayer> layers, PrepChoice made, Trial trial) {
        this.water = water;
        this.layers = layers;
        this.made = made;
        this.trial = trial;
    }

    /**
     * @param water as it comes out with the mends made so far
     * @return the same with what brings it in; nothing where it is in, or where nothing gentle does
     */
    public static WaterBudget offer(WaterBudget water, List<WetLayer> layers, PrepChoice made, Trial trial) {
        return water.isGood() ? water : new WaterMends(water, layers, made, trial).offered();
    }

    private WaterBudget offered() {
        List<Candidate> candidates = water.fallsShort() ? whenShort() : whenLong();
        List<Tried> worth = new ArrayList<>();
        List<WaterBudget.Mend> alone = new ArrayList<>();
        for (Candidate candidate : candidates.subList(0, Math.min(MOST_TRIED, candidates.size()))) {
            Tried tried = alone.size() < MOST_MENDS ? find(candidate, made, water) : null;
            if (tried != null) {
                worth.add(tried);
                Tried sure = tried.after.isGood() ? confirmed(tried) : null;
                if (sure != null && sure.after.isGood()) {
                    alone.add(said(sure));
                }
            }
        }
        return alone.isEmpty() ? together(worth) : water.mendedBy(alone, false);
    }

    /** What the trial promises, held against a bake of its own. */
    private Tried baked(Tried tried) {
        return tried.candidate.rebakes
                ? tried
                : new Tried(tried.candidate, tried.mend, trial.baked(made.with(tried.mend)));
    }

    /** A bake of its own may come out otherwise, where a dish gets much deeper: then its size is found by baking. */
    private @Nullable Tried confirmed(Tried tried) {
        if (Math.abs(tried.after.endGrams() - water.endGrams()) < CHANGES_THE_BAKE) {
            return tried;
        }
        Tried baked = baked(tried);
        return baked.after.isGood() ? baked : find(baked.candidate.rebaking(), made, water);
    }

    /** @param tried with nothing else done */
    private WaterBudget.Mend said(Tried tried) {
        return new WaterBudget.Mend(
                tried.mend.key(),
                tried.mend.size(),
                tried.candidate.words.apply(tried.mend),
                tried.after.endGrams() - water.endGrams());
    }

    /** One after the other until it is in; none where all of them do not bring it in. */
    private WaterBudget together(List<Tried> worth) {
        List<WaterBudget.Mend> all = new ArrayList<>();
        PrepChoice choice = made;
        WaterBudget now = water;
        for (Tried first : worth) {
            Tried next = all.isEmpty() ? first : find(first.candidate, choice, now);
            if (next == null || all.size() == MOST_MENDS) {
                continue;
            }
            Tried alone = baked(next);
            if (Math.abs(alone.after.endGrams() - water.endGrams()) < WORTH_DOING) {
                continue;
            }
            choice = choice.with(next.mend);
            all.add(said(alone));
            now = trial.baked(choice);
            if (now.isGood()) {
                return water.mendedBy(all, true);
            }
        }
        return water.alsoSaying(
                water.fallsShort()
                        ? Messages.say("budgets.nabe-knows-no-gentle-mend-bring")
                        : Messages.say("budgets.nabe-knows-no-gentle-mend-let"));
    }

    /** @return the mend in the size that brings it in, or as far as it goes; null where it moves nothing the right way */
    private @Nullable Tried find(Candidate candidate, PrepChoice choice, WaterBudget before) {
        double wanted = wanted(before);
        double amount = Math.min(wanted, candidate.most);
        Tried best = null;
        for (int i = 0; i < TRIES && amount > FELT; i++) {
            Mend mend = candidate.of.apply(amount);
            PrepChoice with = choice.with(mend);
            WaterBudget after = candidate.rebakes ? trial.baked(with) : trial.prepared(with);
            double moved = Math.abs(after.endGrams() - before.endGrams());
            boolean onTheWay = after.isGood() || after.state().equals(before.state()) && isNearer(after, before);
            best = onTheWay ? new Tried(candidate, mend, after) : best;
            double next = Math.min(candidate.most, moved < FELT ? candidate.most : amount * wanted / moved);
            if (after.isGood() || Math.abs(next - amount) < FELT) {
                break;
            }
            amount = next;
        }
        return best;
    }

    private static boolean isNearer(WaterBudget after, WaterBudget before) {
        return Math.abs(aim(before) - after.endGrams()) < Math.abs(aim(before) - before.endGrams()) - FELT;
    }

    /** Well inside the band, at the end that it comes from. */
    private static double aim(WaterBudget water) {
        double in = WELL_IN * (water.highGrams() - water.lowGrams());
        return water.fallsShort() ? water.lowGrams() + in : water.highGrams() - in;
    }

    /** g that bring it well into its band, or that the driest layer lacks where it lies. */
    private static double wanted(WaterBudget water) {
        double lacking = water.layers().stream()
                .filter(WaterBudget.LayerWater::underWet)
                .mapToDouble(l -> l.takesUpGrams() - l.withinReachGrams())
                .sum();
        return water.fallsShort() ? Math.max(aim(water) - water.endGrams(), lacking) : water.endGrams() - aim(water);
    }

    private List<Candidate> whenShort() {
        Map<String, List<WetLayer>> pots = new LinkedHashMap<>();
        layers.stream()
                .filter(l -> l.component() != null && l.part() != Part.TOPPING)
                .forEach(l -> pots.computeIfAbsent(l.component(), k -> new ArrayList<>())
                        .add(l));
        return pots.values().stream()
                .map(Pot::of)
                .filter(Pot::takesLiquid)
                .sorted(Comparator.comparingDouble(p -> -p.saucy()))
                .map(this::stock)
                .toList();
    }

    private Candidate stock(Pot pot) {
        String id = Objects.requireNonNull(pot.id(), "a sauce has a pot");
        double already = made.size(new Mend.Stock(id, 0).key());
        return new Candidate(
                MOST_STOCK,
                grams -> new Mend.Stock(id, already + 10 * Math.ceil(grams / 10)),
                mend -> MendWords.stirred(pot.loosenedWith(), trial.called(id), mend.size() - already),
                false);
    }

    private List<Candidate> whenLong() {
        List<Candidate> found = new ArrayList<>();
        List<Wet> wettest = wettest();
        wettest.stream().filter(Wet::cooksDown).map(WaterMends::less).forEach(found::add);
        wettest.stream().filter(Wet::presses).map(WaterMends::press).forEach(found::add);
        uncover().ifPresent(found::add);
        return found;
    }

    private List<Wet> wettest() {
        Map<Integer, Wet> whole = new HashMap<>();
        for (WetLayer layer : layers) {
            layer.lines().forEach(l -> whole.merge(l.line().source(), new Wet(l), Wet::and));
        }
        return whole.values().stream()
                .sorted(Comparator.comparingDouble(w -> -w.water()))
                .toList();
    }

    private static Candidate less(Wet wet) {
        double ready = wet.line().readyGrams();
        return new Candidate(
                Math.min(wet.mostOff() * ready, wet.water()),
                grams -> new Mend.CookDown(wet.line().line().source(), 5 * Math.floor((ready - grams) / 5)),
                mend -> MendWords.cookedDown(wet.line().line(), mend.size()),
                false);
    }

    private static Candidate press(Wet wet) {
        return new Candidate(
                wet.line().readyGrams() * PrepChoice.PRESSED,
                grams -> new Mend.Press(wet.line().line().source(), PrepChoice.PRESS_MINUTES),
                mend -> MendWords.pressed(wet.line().line(), mend.size()),
                false);
    }

    /** The cover can come off for half of its time at most; how much that steams off, only a bake tells. */
    private Optional<Candidate> uncover() {
        double most = Math.floor(trial.coveredMinutes() / 2.0);
        double already = made.uncoverSooner();
        return most < LEAST_MINUTES
                ? Optional.empty()
                : Optional.of(new Candidate(
                        A_MINUTE * most,
                        grams -> new Mend.Uncover(
                                already + Math.clamp(Math.round(grams / A_MINUTE), LEAST_MINUTES, most)),
                        mend -> MendWords.uncovered(mend.size() - already),
                        true));
    }
}
