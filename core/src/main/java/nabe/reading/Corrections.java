package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import nabe.recipe.Correction;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Doubt;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Vessel;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** A procedure with what the cook says otherwise. What a correction speaks of and is no longer there becomes a doubt. */
public final class Corrections {
    private final List<Line> lines;
    private Procedure procedure;

    private Corrections(Procedure procedure, List<Line> lines) {
        this.procedure = procedure;
        this.lines = lines;
    }

    /** @param corrections in the order they were made */
    public static Procedure apply(Procedure procedure, List<Line> lines, List<Correction> corrections) {
        Corrections work = new Corrections(procedure, lines);
        corrections.forEach(work::take);
        return work.procedure;
    }

    private void take(Correction correction) {
        boolean done = switch (correction) {
            case Correction.Move move -> move(move);
            case Correction.Rename rename -> rename(rename);
            case Correction.Share share -> share(share);
            case Correction.Lift lift -> lift(lift);
            case Correction.Count count -> count(count);
            case Correction.Cover cover -> cover(cover);
        };
        if (!done) {
            lost(correction);
        }
    }

    private @Nullable Vessel component(String key) {
        return procedure.components().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElse(null);
    }

    private boolean move(Correction.Move move) {
        int line = lines.stream().map(Line::text).toList().indexOf(move.line());
        Vessel to = component(move.component());
        if (line < 0 || to == null) {
            return false;
        }
        List<Vessel> moved = procedure.components().stream()
                .map(c -> c.with(moved(c, line, c == to)))
                .filter(c -> !c.of().isEmpty())
                .toList();
        List<String> there = moved.stream().map(Vessel::id).toList();
        procedure = procedure.with(
                moved,
                procedure.layers().stream().filter(l -> there.contains(l.of())).toList(),
                procedure.oven());
        return true;
    }

    private static List<Of> moved(Vessel component, int line, boolean here) {
        List<Of> of = new ArrayList<>(component.of().stream()
                .filter(o -> o.line() == null || o.line() != line)
                .toList());
        if (here) {
            of.add(new Of(line, null, 1));
        }
        return of;
    }

    private boolean rename(Correction.Rename rename) {
        Vessel found = component(rename.component());
        if (found == null) {
            return false;
        }
        procedure = procedure.with(
                procedure.components().stream()
                        .map(c -> c == found ? c.called(rename.name()) : c)
                        .toList(),
                procedure.layers(),
                procedure.oven());
        return true;
    }

    /** The other layers of the component share what is left, as they did among themselves. */
    private boolean share(Correction.Share share) {
        int at = layer(share.component(), share.layer());
        if (at < 0) {
            return false;
        }
        String id = procedure.layers().get(at).of();
        double all = procedure.layers().stream()
                .filter(l -> l.of().equals(id))
                .mapToDouble(Placement::share)
                .sum();
        double wanted = Math.min(share.share(), all);
        double others = all - procedure.layers().get(at).share();
        List<Placement> layers = new ArrayList<>();
        for (int i = 0; i < procedure.layers().size(); i++) {
            Placement l = procedure.layers().get(i);
            double other = others > 0 ? l.share() / others * (all - wanted) : 0;
            layers.add(!l.of().equals(id) ? l : l.of(i == at ? wanted : other));
        }
        procedure = procedure.with(procedure.components(), layers, procedure.oven());
        return true;
    }

    private boolean lift(Correction.Lift lift) {
        int at = layer(lift.component(), lift.layer());
        if (at < 0) {
            return false;
        }
        List<Placement> layers = new ArrayList<>(procedure.layers());
        Placement moved = layers.remove(at);
        layers.add(Math.clamp(at + (long) lift.by(), 0, layers.size()), moved);
        procedure = procedure.with(procedure.components(), layers, procedure.oven());
        return true;
    }

    /** Layers too many go from the top; new ones lie on the topmost of them. */
    private boolean count(Correction.Count count) {
        int at = layer(count.component(), 0);
        if (at < 0) {
            return false;
        }
        String id = procedure.layers().get(at).of();
        List<Placement> layers = new ArrayList<>(procedure.layers());
        double all = layers.stream()
                .filter(l -> l.of().equals(id))
                .mapToDouble(Placement::share)
                .sum();
        while (own(layers, id) > count.layers()) {
            layers.remove(last(layers, id));
        }
        while (own(layers, id) < count.layers()) {
            int top = last(layers, id);
            layers.add(top + 1, layers.get(top));
        }
        layers.replaceAll(l -> l.of().equals(id) ? l.of(all / count.layers()) : l);
        procedure = procedure.with(procedure.components(), layers, procedure.oven());
        return true;
    }

    private static long own(List<Placement> layers, String id) {
        return layers.stream().filter(l -> l.of().equals(id)).count();
    }

    private static int last(List<Placement> layers, String id) {
        int found = -1;
        for (int i = 0; i < layers.size(); i++) {
            found = layers.get(i).of().equals(id) ? i : found;
        }
        return found;
    }

    private int layer(String key, int nth) {
        Vessel component = component(key);
        int seen = 0;
        for (int i = 0; component != null && i < procedure.layers().size(); i++) {
            if (procedure.layers().get(i).of().equals(component.id()) && seen++ == nth) {
                return i;
            }
        }
        return -1;
    }

    private boolean cover(Correction.Cover cover) {
        if (cover.phase() < 0 || cover.phase() >= procedure.oven().size()) {
            return false;
        }
        List<OvenPhase> oven = new ArrayList<>(procedure.oven());
        OvenPhase phase = oven.get(cover.phase());
        oven.set(cover.phase(), phase.lasting(phase.minutes(), cover.covered()));
        procedure = procedure.with(procedure.components(), procedure.layers(), oven);
        return true;
    }

    private void lost(Correction correction) {
        String what = switch (correction) {
            case Correction.Move move -> move.line();
            case Correction.Rename rename -> rename.name();
            case Correction.Share share -> share.component();
            case Correction.Lift lift -> lift.component();
            case Correction.Count count -> count.component();
            case Correction.Cover cover -> "phase " + (cover.phase() + 1);
        };
        DoubtCode code = DoubtCode.CORRECTION_LOST;
        List<Doubt> doubts = new ArrayList<>(procedure.doubts());
        doubts.add(new Doubt(-1, what, code, Messages.say("reading.doubt." + code.id(), what, 0)));
        procedure = procedure.doubting(doubts);
    }
}
