package nabe.build;

import nabe.build.lay.Outline;
import nabe.build.lay.Rounds;
import nabe.larder.Figures;
import nabe.larder.Shapes;
import nabe.words.Messages;

/** Shingles slices or small wraps over a layer. */
final class SlicePlan {
    private static final double OVERLAP = Figures.of("build.slice-overlap");

    private SlicePlan() {}

    static Laid laid(int index, String item, Shapes.PieceShape shape, Outline outline) {
        Rounds.Layer layer = Rounds.shingle(outline, shape.shortMm(), OVERLAP);
        String words = Messages.say(
                "build.about-slices-of-mm-shingled-by",
                layer.pieces().size(),
                Math.round(shape.shortMm()),
                Math.round(100 * layer.coverage()));
        return LaidBuilder.builder()
                .layer(index)
                .item(item)
                .kind("slices")
                .lengthMm(outline.lengthMm())
                .widthMm(outline.widthMm())
                .round(outline.round())
                .pieces(layer.pieces())
                .coverage(layer.coverage())
                .direction(Messages.say("build.rows-along-the-dish"))
                .words(words)
                .build();
    }
}
