package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Lays sheets layer by layer: as much covered as can be, then few snaps and few sheets, each layer turned and no joint over
 * a joint. What is left of a snapped sheet goes into a later place.
 */
public final class SheetLaying {
    /** What each fault weighs against a percent left bare: a snap, a sheet, joints in line in percent, not turned. */
    static final double SNAP = 0.5;

    private static final double OPENED = 0.8;
    private static final double IN_LINE = 1.5;
    private static final double NOT_TURNED = 9;
    private final Candidates candidates;
    private final List<SheetLayer> layers = new ArrayList<>();
    private final Offcuts offcuts;
    private @Nullable Joints below;

    public SheetLaying(Candidates candidates) {
        this.candidates = candidates;
        this.offcuts = new Offcuts(candidates.rule.smallestMm());
    }

    /** A candidate in its place in the stack, perhaps mirrored. */
    private record Choice(Candidates.Candidate candidate, Layout layout, Joints joints, double inLine, double cost) {}

    /** Lays the next layer over the ones before. */
    public SheetLayer lay(Outline outline) {
        double length = candidates.lengthIn(outline);
        double width = candidates.widthIn(outline);
        Choice best = null;
        for (Candidates.Candidate candidate : candidates.in(outline)) {
            double cost = cost(candidate);
            if (best != null && cost >= best.cost) {
                continue;
            }
            for (int mirror = 0; mirror < (below == null ? 1 : 4); mirror++) {
                Layout layout = candidate.layout().mirrored(length, width, (mirror & 1) > 0, (mirror & 2) > 0);
                Joints joints = Joints.of(layout);
                double inLine = below == null ? 0 : joints.inLineWith(below);
                double all = cost + IN_LINE * 100 * inLine / (length + width);
                best = best == null || all < best.cost - 1e-9
                        ? new Choice(candidate, layout, joints, inLine, all)
                        : best;
            }
        }
        return take(Objects.requireNonNull(best), outline);
    }

    public int opened() {
        return offcuts.opened();
    }

    private double cost(Candidates.Candidate candidate) {
        Offcuts after = offcuts.copy();
        candidate.pieces().forEach(p -> after.take(p.widthMm(), p.heightMm(), candidates.sheet));
        boolean turned = layers.isEmpty()
                || layers.getLast().along() != candidate.layout().along();
        return candidate.faults() + OPENED * (after.opened() - offcuts.opened()) + (turned ? 0 : NOT_TURNED);
    }

    private SheetLayer take(Choice choice, Outline outline) {
        List<Piece> pieces = candidates.of(choice.layout, outline).pieces().stream()
                .map(p -> new Piece(
                        p.x(),
                        p.y(),
                        p.widthMm(),
                        p.heightMm(),
                        p.corners(),
                        p.whole(),
                        offcuts.take(p.widthMm(), p.heightMm(), candidates.sheet)))
                .toList();
        below = choice.joints;
        SheetLayer layer = new SheetLayer(
                pieces,
                Math.min(1, choice.candidate.coverage()),
                choice.layout.along(),
                choice.candidate.snaps(),
                choice.inLine);
        layers.add(layer);
        return layer;
    }
}
