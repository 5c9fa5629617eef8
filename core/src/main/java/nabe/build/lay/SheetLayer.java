package nabe.build.lay;

import java.util.List;

/**
 * One layer of sheets as it lies.
 *
 * @param pieces in the order to lay them
 * @param coverage share of the area inside the edge gap that is covered once the sheets are tender, 0 to 1
 * @param along whether most sheets lie with their long side along the pan
 * @param snaps how many times to snap or cut
 * @param inLineMm how much of its joints lies over joints of the layer below
 */
public record SheetLayer(List<Piece> pieces, double coverage, boolean along, int snaps, double inLineMm) {}
