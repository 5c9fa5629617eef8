package nabe.build;

import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/**
 * Everything that is mixed or laid as one thing: the filling with its seasoning, the white sauce, the sheets.
 *
 * @param name what the cook reads
 * @param grams as it enters the dish
 */
public record Component(Part part, String name, double grams, List<ReadyLine> lines) {
}
