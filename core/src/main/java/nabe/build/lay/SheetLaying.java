package nabe.build.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Lays sheets layer by layer: as much covered as can be, then few snaps and few sheets, each layer turned and no joint over
 * a joint. What is left of a snapped sheet goes into a later place.
 */
public final class SheetLaying {
    /** A layout this much barer than the best is passed over. */
    private static final double WORSE = 0.019;
    private static final int STRIPS = 16;
    /** What each fault weighs against the others: bare share in percent, a snap, a sheet, joints in line in percent, not turned. */
    private static final double BARE = 1;
    private static final double SNAP = 0.5;
    private static final double OPENED = 0.8;
    private static final double IN_LINE = 1.5;
    private static final double NOT_TURNED = 9;
    private static final double SMALLEST_SLIVER_MM2 = 500;
    private final Sheet sheet;
    private final LayRule rule;
    private final List<SheetLayer> layers = new ArrayList<>();
    private final Offcuts offcuts;
    private Joints below;

    public SheetLaying(Sheet sheet, LayRule rule) {
        this.sheet = sheet;
        this.rule = rule;
        this.offcuts = new Offcuts(rule.smallestMm());
    }

    /** A layout with what it is worth wherever it lies; {@code pieces} biggest first. */
    private record Candidate(Layout layout, List<Piece> pieces, double coverage, int snaps) {
    }

    /** A candidate in its place in the stack, perhaps mirrored. */
    private record Choice(Candidate candidate, Layout layout, Joints joints, double inLine, double cost) {
    }

    /** Lays the next layer over the ones before. */
    public SheetLayer lay(Outline outline) {
        double length = outline.lengthMm() - 2 * rule.edgeGapMm();
        double width = outline.widthMm() - 2 * rule.edgeGapMm();
        Choice best = null;
        for (Candidate candidate : shortList(outline, length, width)) {
            double cost = cost(candidate);
            for (int mirror = 0; mirror < 4; mirror++) {
                Layout layout = candidate.layout.mirrored(length, width, (mirror & 1) > 0, (mirror & 2) > 0);
                Joints joints = Joints.of(layout);
                double inLine = below == null ? 0 : joints.inLineWith(below);
                double all = cost + IN_LINE * 100 * inLine / (length + width);
                best = best == null || all < best.cost - 1e-9 ? new Choice(candidate, layout, joints, inLine, all) : best;
            }
        }
        return take(best, outline);
    }

    public int opened() {
        return offcuts.opened();
    }

    private List<Candidate> shortList(Outline outline, double length, double width) {
        List<Candidate> all = Layouts.of(length, width, sheet, rule).stream().map(l -> candidate(l, outline)).toList();
        double most = all.stream().mapToDouble(Candidate::coverage).max().orElse(0);
        List<Candidate> good = all.stream().filter(c -> c.coverage >= most - WORSE)
                .sorted(Comparator.comparingDouble(c -> -BARE * 100 * c.coverage + SNAP * c.snaps)).toList();
        return Stream.concat(good.stream().filter(c -> c.layout.oneWay()), good.stream().filter(c -> !c.layout.oneWay()).limit(STRIPS)).toList();
    }

    private Candidate candidate(Layout layout, Outline outline) {
        return outline.round() ? cut(layout, outline) : new Candidate(layout, biggestFirst(rectangles(layout)),
                layout.covered() / outline.inset(rule.edgeGapMm()).area(), layout.cuts());
    }

    private List<Piece> rectangles(Layout layout) {
        double gap = rule.edgeGapMm();
        return layout.cells().stream().map(c -> Piece.of(Polygons.rectangle(c.x() + gap, c.y() + gap, c.w(), c.h()), c.cuts() == 0, 0)).toList();
    }

    private static List<Piece> biggestFirst(List<Piece> pieces) {
        return pieces.stream().sorted(Comparator.comparingDouble((Piece p) -> -p.widthMm() * p.heightMm())).toList();
    }

    /** Pieces snapped along the curve of a round pan; slivers are left out. */
    private Candidate cut(Layout layout, Outline outline) {
        double gap = rule.edgeGapMm();
        List<Point> window = outline.inside(gap);
        List<Piece> pieces = new ArrayList<>();
        double covered = 0;
        int snaps = 0;
        for (Layout.Cell c : layout.cells()) {
            List<Point> corners = Polygons.clip(Polygons.rectangle(c.x() + gap, c.y() + gap, c.w(), c.h()), window);
            double area = corners.size() > 2 ? Polygons.area(corners) : 0;
            if (area > SMALLEST_SLIVER_MM2) {
                boolean whole = c.cuts() == 0 && area > c.w() * c.h() - 1;
                boolean other = c.visibleW() != c.w() || c.visibleH() != c.h();
                pieces.add(Piece.of(corners, whole, 0));
                covered += other ? Polygons.area(Polygons.clip(Polygons.rectangle(c.x() + gap, c.y() + gap, c.visibleW(), c.visibleH()), window)) : area;
                snaps += whole ? 0 : Math.max(1, c.cuts() + Math.max(0, corners.size() - 4));
            }
        }
        return new Candidate(layout, biggestFirst(pieces), covered / outline.inset(gap).area(), snaps);
    }

    private double cost(Candidate candidate) {
        Offcuts after = offcuts.copy();
        candidate.pieces.forEach(p -> after.take(p.widthMm(), p.heightMm(), sheet));
        boolean turned = layers.isEmpty() || layers.getLast().along() != candidate.layout.along();
        return BARE * 100 * (1 - candidate.coverage) + SNAP * candidate.snaps + OPENED * (after.opened() - offcuts.opened()) + (turned ? 0 : NOT_TURNED);
    }

    private SheetLayer take(Choice choice, Outline outline) {
        List<Piece> pieces = candidate(choice.layout, outline).pieces.stream().map(p -> new Piece(p.x(), p.y(), p.widthMm(), p.heightMm(), p.corners(),
                p.whole(), offcuts.take(p.widthMm(), p.heightMm(), sheet))).toList();
        below = choice.joints;
        SheetLayer layer = new SheetLayer(pieces, Math.min(1, choice.candidate.coverage), choice.layout.along(), choice.candidate.snaps, choice.inLine);
        layers.add(layer);
        return layer;
    }
}
