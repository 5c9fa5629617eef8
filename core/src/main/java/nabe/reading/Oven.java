package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Durations.Duration;
import nabe.reading.grammar.Heats.Heat;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.PhaseKind;
import org.jspecify.annotations.Nullable;

/** The dish's time in the oven: a little state machine over heat, cover, minutes, additions and rest. */
final class Oven {
    private final List<OvenPhase> phases = new ArrayList<>();
    private final List<String> waiting = new ArrayList<>();
    private @Nullable Heat heat;
    private @Nullable Heat standing;
    private boolean covered;
    private @Nullable Cover coverSaid;
    private @Nullable Cover coverBefore;
    private boolean grilling;
    private @Nullable Minutes rest;

    List<OvenPhase> phases() {
        return List.copyOf(phases);
    }

    @Nullable
    Minutes rest() {
        return rest;
    }

    boolean started() {
        return !phases.isEmpty();
    }

    /** @return whether the text told how hot it is to be */
    boolean isHot() {
        return heat != null;
    }

    /** How hot, where it is told after the first time as well: "25 minutes covered, 15 not, 190C". */
    void heat(Heat found) {
        if (heat == null && standing == null) {
            phases.replaceAll(p -> p.kind() == PhaseKind.BAKE && p.celsius() == null
                    ? new OvenPhase(
                            p.kind(), found.celsius(), found.fan(), p.covered(), p.minutes(), p.adds(), p.stir())
                    : p);
        }
        heat = found;
    }

    /** What a part was roasted at: the oven is still as hot when the dish goes in, where nothing else is said. */
    void standsAt(Heat found) {
        standing = found;
    }

    void cover(Cover cover) {
        coverBefore = cover == coverSaid ? coverBefore : coverSaid;
        coverSaid = cover;
        covered = cover == Cover.ON;
    }

    /** "Uncovering it halfway", "covered for the first half". */
    void splitHalf(Cover cover, boolean first) {
        OvenPhase whole = phases.getLast();
        if (whole.kind() == PhaseKind.BAKE && whole.minutes() != null) {
            Minutes half =
                    new Minutes(whole.minutes().min() / 2, whole.minutes().max() / 2);
            boolean on = cover == Cover.ON;
            covered = first != on;
            part(whole, half, first == on, half);
        }
    }

    void rest(Minutes minutes) {
        rest = rest == null ? minutes : rest;
    }

    /** What goes on or in belongs to the phase that follows. */
    void add(String component) {
        waiting.add(component);
    }

    /** @return what was added and no phase followed */
    List<String> waiting() {
        return List.copyOf(waiting);
    }

    void grill() {
        grilling = true;
    }

    void bake() {
        grilling = false;
    }

    /** "Finish under a hot grill", without a word how long: at the end of the method it is a phase all the same. */
    void finish() {
        if (grilling && started() && phases.getLast().kind() != PhaseKind.GRILL) {
            phases.add(new OvenPhase(PhaseKind.GRILL, null, false, false, null, adds(), false));
        }
    }

    /** A stretch of time under the present heat and cover. */
    void time(Duration time, boolean stir) {
        if (time.last() && splitLast(time.minutes())) {
            return;
        }
        if (grilling) {
            phases.add(new OvenPhase(PhaseKind.GRILL, null, false, false, time.minutes(), adds(), false));
            return;
        }
        Heat now = heat == null ? standing : heat;
        phases.add(new OvenPhase(
                PhaseKind.BAKE,
                now == null ? null : now.celsius(),
                now != null && now.fan(),
                covered,
                time.minutes(),
                adds(),
                stir));
    }

    private List<String> adds() {
        List<String> adds = List.copyOf(waiting);
        waiting.clear();
        return adds;
    }

    /** "Take the foil off for the last 15 minutes": out of the phase before. */
    private boolean splitLast(Minutes minutes) {
        if (phases.isEmpty()) {
            return false;
        }
        OvenPhase whole = phases.getLast();
        Minutes before = without(whole, minutes);
        if (before == null || whole.kind() == PhaseKind.GRILL) {
            return false;
        }
        boolean foilUntilThen = coverSaid == Cover.OFF && coverBefore == null;
        part(whole, before, whole.covered() || foilUntilThen, minutes);
        return true;
    }

    /** "Covering it for the first 20 minutes": within the phase before. */
    void splitFirst(Cover cover, Minutes minutes) {
        OvenPhase whole = phases.getLast();
        Minutes after = without(whole, minutes);
        if (after != null) {
            covered = cover != Cover.ON;
            part(whole, minutes, cover == Cover.ON, after);
        }
    }

    /** "Taking the foil off after 30 minutes": within the phase before. */
    boolean splitAfter(Clause clause, Minutes minutes) {
        if (phases.isEmpty() || clause.cover() == null && waiting.isEmpty()) {
            return false;
        }
        OvenPhase whole = phases.getLast();
        Minutes after = without(whole, minutes);
        if (after == null) {
            return false;
        }
        boolean before = clause.cover() == Cover.OFF || clause.cover() == null && whole.covered();
        part(whole, minutes, before, after);
        return true;
    }

    /** @return what is left of a phase without these minutes, or null where it is not longer than they are */
    private static @Nullable Minutes without(OvenPhase whole, Minutes minutes) {
        Minutes all = whole.minutes();
        return all == null || all.min() <= minutes.max()
                ? null
                : new Minutes(all.min() - minutes.min(), all.max() - minutes.max());
    }

    /** The last phase becomes two; the second stands under the present cover. */
    private void part(OvenPhase whole, Minutes first, boolean firstCovered, Minutes then) {
        phases.removeLast();
        phases.add(whole.lasting(first, firstCovered));
        Heat now = heat;
        boolean turned = now != null && whole.celsius() != null && now.celsius() != whole.celsius();
        if (grilling) {
            phases.add(new OvenPhase(PhaseKind.GRILL, null, false, false, then, adds(), false));
            return;
        }
        phases.add(new OvenPhase(
                PhaseKind.BAKE,
                now != null && turned ? Double.valueOf(now.celsius()) : whole.celsius(),
                now != null && turned ? now.fan() : whole.fan(),
                covered,
                then,
                adds(),
                false));
    }

    /** A stir without a time of its own is the last phase's. */
    void stir() {
        if (!phases.isEmpty()) {
            OvenPhase p = phases.removeLast();
            phases.add(new OvenPhase(p.kind(), p.celsius(), p.fan(), p.covered(), p.minutes(), p.adds(), true));
        }
    }
}
