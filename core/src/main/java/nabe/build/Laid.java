package nabe.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import nabe.build.lay.Piece;

/**
 * How the pieces of one layer lie in the pan, seen from above.
 *
 * @param layer index into the layers, counted from the bottom
 * @param kind sheets, slices, tubes, shells or rolls
 * @param lengthMm, widthMm the pan's inside where this layer lies; {@code round} whether that is a curve
 * @param pieces in one pan, in the order to lay them
 * @param coverage share of the area inside the edge gap that is covered once the pieces are tender, 0 to 1
 * @param direction how they lie, in words
 * @param snaps how many snaps or cuts
 * @param words what to lay where
 */
@RecordBuilder
public record Laid(
        int layer,
        String item,
        String kind,
        double lengthMm,
        double widthMm,
        boolean round,
        List<Piece> pieces,
        double coverage,
        String direction,
        int snaps,
        String words) {}
