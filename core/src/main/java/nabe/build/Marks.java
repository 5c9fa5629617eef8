package nabe.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Part;
import nabe.words.Messages;

/** How high to fill. Domain table: a pie's filling 1 to 2 cm under the rim, a gratin's liquid just under its top slice. */
final class Marks {
    private static final double PIE_ROOM_MM = Figures.of("build.pie-room");
    private static final double UNDER_TOP_SLICE_MM = Figures.of("build.liquid-under-top");
    private static final double BATTER_SHARE = Figures.of("build.batter-height");

    private Marks() {}

    static List<BuildPlan.Mark> of(Family family, List<Layer> layers, Pan pan) {
        List<BuildPlan.Mark> marks = new ArrayList<>();
        marks.add(mark("headroom", pan.depthMm() - Builder.HEADROOM_MM, "build.nothing-above-mm-it-bubbles-up"));
        double top = layers.stream().mapToDouble(Layer::heightMm).sum();
        Set<String> wanted = FamilyFacts.of(family).marks();
        if (wanted.contains("fill-line")) {
            marks.add(mark("fill-line", pan.depthMm() - PIE_ROOM_MM, "build.filling-to-mm-under-the-rim"));
        }
        if (wanted.contains("liquid-line")) {
            double crust = layers.stream()
                    .filter(l ->
                            l.part() == Part.TOPPING || l.part() == Part.HARD_CHEESE || l.part() == Part.MELTING_CHEESE)
                    .mapToDouble(Layer::heightMm)
                    .sum();
            marks.add(mark(
                    "liquid-line", Math.max(0, top - crust - UNDER_TOP_SLICE_MM), "build.liquid-to-mm-just-under"));
        }
        if (wanted.contains("rise-line")) {
            marks.add(mark("fill-line", pan.depthMm() * BATTER_SHARE, "build.batter-to-mm-at-most"));
        }
        return List.copyOf(marks);
    }

    private static BuildPlan.Mark mark(String kind, double height, String code) {
        return new BuildPlan.Mark(kind, height, Messages.say(code, Math.round(height)));
    }
}
