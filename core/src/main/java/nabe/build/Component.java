package nabe.build;

import java.util.ArrayList;
import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/**
 * Everything that is mixed or laid as one thing: the filling with its seasoning, the white sauce, the sheets.
 *
 * @param id of the procedure's pot it is, or of the part where the recipe does not say how the dish is laid
 * @param name what the cook reads
 * @param grams as it enters the dish
 */
public record Component(String id, Part part, String name, double grams, List<ReadyLine> lines) {

    static Component of(String id, Part part, String name, List<ReadyLine> lines) {
        return new Component(
                id,
                part,
                name,
                lines.stream().mapToDouble(ReadyLine::readyGrams).sum(),
                List.copyOf(lines));
    }

    /** @return the same under another name */
    Component called(String other) {
        return new Component(id, part, other, grams, lines);
    }

    /** @return the same with only this share of one of its lines, 0 to 1 */
    Component keepingOf(ReadyLine line, double share) {
        List<ReadyLine> kept = new ArrayList<>(lines);
        kept.replaceAll(l -> l == line ? l.times(share) : l);
        return of(id, part, name, kept);
    }
}
