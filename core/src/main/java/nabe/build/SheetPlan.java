package nabe.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nabe.build.lay.Candidates;
import nabe.build.lay.LayRule;
import nabe.build.lay.Outline;
import nabe.build.lay.Piece;
import nabe.build.lay.Sheet;
import nabe.build.lay.SheetLayer;
import nabe.build.lay.SheetLaying;
import nabe.larder.Figures;
import nabe.prep.ReadyLine;
import nabe.prep.SheetWays;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Works out sheets: how many layers, how they lie, how many to buy. */
final class SheetPlan {
    private static final int FEWEST_LAYERS = 2;
    private static final int MOST_LAYERS = 5;
    private static final double SPARE_DRY = Figures.of("build.spare-dry");

    private static final double SPARE_BOILED = Figures.of("build.spare-boiled");
    final ReadyLine line;
    final Sheet sheet;
    final SheetWays.Decision way;
    final double swelling;
    final int have;
    final int layers;
    private final Candidates candidates;
    private final Pan pan;
    private final int perLayer;

    SheetPlan(ReadyLine line, Sheet sheet, SheetWays.Decision way, double swelling, Pan pan, @Nullable Integer said) {
        this.line = line;
        this.sheet = sheet;
        this.way = way;
        this.swelling = swelling;
        this.pan = pan;
        candidates = new Candidates(sheet, way.brittle() ? LayRule.brittle(swelling) : LayRule.PLIABLE);
        double one = line.line().food().pieceGrams("sheet").orElse(20);
        have = (int) Math.round(line.line().gramsOrZero() / one);
        SheetLaying once = new SheetLaying(candidates);
        once.lay(pan.outlineAt(pan.depthMm() / 3.0));
        perLayer = Math.max(1, once.opened() * pan.count());
        double covers = have * sheet.longMm() * sheet.shortMm() * (1 + swelling) * (1 + swelling) / pan.areaMm2();
        layers = said != null ? said : (int) Math.clamp(Math.round(covers), FEWEST_LAYERS, MOST_LAYERS);
    }

    /** @param heights of each sheet layer's base above the pan's base; {@code indexes} their places among the layers */
    Result lay(List<Double> heights, List<Integer> indexes) {
        SheetLaying laying = new SheetLaying(candidates);
        List<Laid> laid = new ArrayList<>();
        for (int i = 0; i < heights.size(); i++) {
            Outline outline = pan.outlineAt(heights.get(i));
            laid.add(laid(indexes.get(i), laying.lay(outline), outline));
        }
        return new Result(laid, laying.opened() * pan.count());
    }

    record Result(List<Laid> laid, int needed) {}

    private Laid laid(int index, SheetLayer layer, Outline outline) {
        String direction = Messages.say("build.long-side-along-the-dish", layer.along());
        return LaidBuilder.builder()
                .layer(index)
                .item(line.line().item())
                .kind("sheets")
                .lengthMm(outline.lengthMm())
                .widthMm(outline.widthMm())
                .round(outline.round())
                .pieces(layer.pieces())
                .coverage(layer.coverage())
                .direction(direction)
                .snaps(layer.snaps())
                .words(words(layer, direction, outline.round()))
                .build();
    }

    private static String words(SheetLayer layer, String direction, boolean round) {
        long whole = layer.pieces().stream().filter(Piece::whole).count();
        Map<String, Long> snapped = layer.pieces().stream()
                .filter(p -> !p.whole())
                .collect(Collectors.groupingBy(p -> size(p), TreeMap::new, Collectors.counting()));
        List<String> parts = new ArrayList<>();
        if (whole > 0) {
            parts.add(Messages.say("build.whole-sheet", whole));
        }
        snapped.forEach((size, count) -> parts.add(Messages.say("build.snapped-to", count, size)));
        String curve = round ? Messages.say("build.snap-the-corners-to-the-curve") : "";
        return Messages.say(
                "build.covered-when-tender-no-joint-over",
                String.join(", ", parts),
                direction,
                curve,
                Math.round(100 * layer.coverage()),
                layer.inLineMm() < 1);
    }

    private static String size(Piece p) {
        return String.format(
                Locale.ROOT,
                "%.0f × %.0f mm",
                Math.max(p.widthMm(), p.heightMm()),
                Math.min(p.widthMm(), p.heightMm()));
    }

    BuildPlan.Sheets sheets(int needed) {
        int spare = (int) Math.max(1, Math.ceil(needed * (way.way().equals("unboiled") ? SPARE_DRY : SPARE_BOILED)));
        return new BuildPlan.Sheets(
                line.line().item(),
                sheet.longMm(),
                sheet.shortMm(),
                perLayer,
                layers,
                needed,
                have,
                Math.max(0, needed - have),
                spare,
                way.way(),
                way.refused(),
                way.why());
    }
}
