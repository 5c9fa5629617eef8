package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nabe.build.lay.Candidates;
import nabe.build.lay.LayRule;
import nabe.build.lay.Outline;
import nabe.build.lay.Piece;
import nabe.build.lay.Point;
import nabe.build.lay.Sheet;
import nabe.build.lay.SheetLayer;
import nabe.build.lay.SheetLaying;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Judged by code that knows nothing of how layouts are found: points in polygons, and every way to cut up small pans. */
class SheetLayingTest {
    private static final double SWELLING = 0.06;
    private static final LayRule DRY = LayRule.brittle(SWELLING);
    private static final double STEP = 4;

    @Tag("sweep")
    @Test
    void piecesLieInsideWithoutOverlapAndCoverThePan() {
        Random random = new Random(41);
        for (int i = 0; i < 2_000; i++) {
            int shorter = 70 + random.nextInt(40);
            Sheet sheet = new Sheet(shorter + 60 + random.nextInt(50), shorter);
            Outline pan = new Outline(i % 4 == 3, 200 + random.nextInt(200), 150 + random.nextInt(130));
            SheetLaying laying = new SheetLaying(new Candidates(sheet, DRY));
            SheetLayer first = laying.lay(pan);
            SheetLayer second = laying.lay(pan);
            String what = sheet + " in " + pan;
            for (SheetLayer layer : List.of(first, second)) {
                layer.pieces()
                        .forEach(p -> p.corners()
                                .forEach(c -> assertThat(pan.holds(c, 0.01))
                                        .as("%s %s", what, c)
                                        .isTrue()));
                assertThat(widestOverlap(layer.pieces())).as(what).isLessThanOrEqualTo(DRY.overlapMm() + 0.01);
                assertThat(layer.pieces())
                        .allSatisfy(p -> assertThat(isOfOneSheet(p, sheet))
                                .as("%s %s", what, p)
                                .isTrue());
                assertThat(layer.coverage()).as(what).isGreaterThan(pan.round() ? 0.9 : 0.94);
            }
            if (i % 20 == 0) {
                assertThat(sampled(first, pan)).as(what).isGreaterThan(first.coverage() - 0.03);
            }
            double area = second.pieces().stream()
                            .mapToDouble(p -> p.widthMm() * p.heightMm())
                            .sum()
                    + first.pieces().stream()
                            .mapToDouble(p -> p.widthMm() * p.heightMm())
                            .sum();
            assertThat(laying.opened() * sheet.longMm() * sheet.shortMm())
                    .as("sheets opened for %s", what)
                    .isGreaterThan(pan.round() ? 0 : area - 1);
        }
    }

    private static boolean isOfOneSheet(Piece p, Sheet sheet) {
        double a = Math.max(p.widthMm(), p.heightMm());
        double b = Math.min(p.widthMm(), p.heightMm());
        return a <= sheet.longMm() + 0.6 && b <= sheet.shortMm() + 0.6;
    }

    private static double widestOverlap(List<Piece> pieces) {
        double widest = 0;
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = 0; j < i; j++) {
                Piece a = pieces.get(i);
                Piece b = pieces.get(j);
                double x = Math.min(a.x() + a.widthMm(), b.x() + b.widthMm()) - Math.max(a.x(), b.x());
                double y = Math.min(a.y() + a.heightMm(), b.y() + b.heightMm()) - Math.max(a.y(), b.y());
                widest = x > 0 && y > 0 ? Math.max(widest, Math.min(x, y)) : widest;
            }
        }
        return widest;
    }

    /** Share of points inside the edge gap that lie under a piece once it has swollen. */
    private static double sampled(SheetLayer layer, Outline pan) {
        int inside = 0;
        int under = 0;
        for (double x = STEP; x < pan.lengthMm(); x += STEP) {
            for (double y = STEP; y < pan.widthMm(); y += STEP) {
                Point p = new Point(x, y);
                if (pan.holds(p, -DRY.edgeGapMm())) {
                    inside++;
                    under += layer.pieces().stream().anyMatch(piece -> holds(swollen(piece), p)) ? 1 : 0;
                }
            }
        }
        return (double) under / inside;
    }

    private static List<Point> swollen(Piece piece) {
        double cx = piece.x() + piece.widthMm() / 2;
        double cy = piece.y() + piece.heightMm() / 2;
        return piece.corners().stream()
                .map(c -> new Point(cx + (c.x() - cx) * (1 + SWELLING), cy + (c.y() - cy) * (1 + SWELLING)))
                .toList();
    }

    private static boolean holds(List<Point> corners, Point p) {
        boolean inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            if (a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }

    @Test
    void noWayToCutUpASmallPanCoversNoticeablyMore() {
        LayRule stiff = LayRule.brittle(0);
        for (int columns = 3; columns <= 7; columns++) {
            for (int rows = 3; rows <= 5; rows++) {
                Outline pan = new Outline(false, columns * 30 + 10, rows * 30 + 10);
                SheetLayer layer = new SheetLaying(new Candidates(new Sheet(90, 60), stiff)).lay(pan);
                double best =
                        mostCovered(new boolean[columns][rows], layer.pieces().size()) / (double) (columns * rows);
                assertThat(layer.coverage()).as("%s", pan).isGreaterThanOrEqualTo(best - 0.02);
            }
        }
    }

    /** Tries every way to put at most so many pieces, up to 3 by 2 cells either way, on a grid of 30 mm cells. */
    private static int mostCovered(boolean[][] taken, int pieces) {
        int[] free = firstFree(taken);
        int covered = 0;
        for (boolean[] column : taken) {
            for (boolean cell : column) {
                covered += cell ? 1 : 0;
            }
        }
        if (free == null || pieces == 0) {
            return covered;
        }
        int best = covered;
        for (int[] size : new int[][] {{3, 2}, {2, 3}, {2, 2}, {3, 1}, {1, 3}, {2, 1}, {1, 2}, {1, 1}}) {
            if (put(taken, free, size, true)) {
                best = Math.max(best, mostCovered(taken, pieces - 1));
                put(taken, free, size, false);
            }
            if (best == taken.length * taken[0].length) {
                return best;
            }
        }
        return best;
    }

    private static int[] firstFree(boolean[][] taken) {
        for (int y = 0; y < taken[0].length; y++) {
            for (int x = 0; x < taken.length; x++) {
                if (!taken[x][y]) {
                    return new int[] {x, y};
                }
            }
        }
        return null;
    }

    private static boolean put(boolean[][] taken, int[] at, int[] size, boolean on) {
        if (at[0] + size[0] > taken.length || at[1] + size[1] > taken[0].length) {
            return false;
        }
        List<int[]> cells = new ArrayList<>();
        for (int x = at[0]; x < at[0] + size[0]; x++) {
            for (int y = at[1]; y < at[1] + size[1]; y++) {
                if (taken[x][y] == on) {
                    return false;
                }
                cells.add(new int[] {x, y});
            }
        }
        cells.forEach(c -> taken[c[0]][c[1]] = on);
        return true;
    }

    @Test
    void layersAreTurnedAndNoJointLiesOverAJoint() {
        for (double[] pan : new double[][] {{330, 230}, {300, 200}, {280, 180}, {230, 230}, {380, 260}, {400, 300}}) {
            SheetLaying laying = new SheetLaying(new Candidates(new Sheet(180, 90), DRY));
            List<SheetLayer> layers = List.of(
                    laying.lay(new Outline(false, pan[0], pan[1])),
                    laying.lay(new Outline(false, pan[0], pan[1])),
                    laying.lay(new Outline(false, pan[0], pan[1])));
            for (int i = 1; i < layers.size(); i++) {
                assertThat(layers.get(i).inLineMm()).as("%s", pan[0]).isZero();
                assertThat(layers.get(i).along())
                        .as("%s", pan[0])
                        .isNotEqualTo(layers.get(i - 1).along());
            }
        }
    }
}
