package nabe.bake;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import nabe.build.Layer;
import nabe.larder.CatalogueException;
import nabe.larder.CatalogueFile;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** How open a layer is to steam and bubbling juices, as a range: openness.csv. */
final class Openness {
    private static final String FILE = "openness.csv";
    private static final String CUSTARD = "custard";
    private static final String MASH = "mash";
    private static final double SETS = Figures.of("bake.custard-from");

    private final Map<String, Range> ranges = new LinkedHashMap<>();

    /** @param slow the dense end, {@code quick} the open one, 0 to 1 */
    record Range(double slow, double quick) {}

    Openness() {
        CatalogueFile file = CatalogueFile.open(FILE, "what", "slow", "quick");
        for (CSVRecord row : file.rows()) {
            Range range = new Range(file.number(row, "slow"), file.number(row, "quick"));
            if (range.slow < 0
                    || range.slow > range.quick
                    || range.quick > 1
                    || ranges.put(file.text(row, "what"), range) != null) {
                throw file.bad(row, "Each row must stand once, with 0 <= slow <= quick <= 1.");
            }
        }
        for (Part part : Part.values()) {
            if (!ranges.containsKey(part.id())) {
                throw new CatalogueException(FILE, part.id(), "Every part of a dish must have a row.");
            }
        }
    }

    /** Every part of a dish has its row: the file is checked when it is read. */
    private Range of(String what) {
        return Objects.requireNonNull(ranges.get(what));
    }

    /** @param mashed whether it is mashed; {@code main} what there is most of in it, or null */
    Range of(Layer layer, @Nullable Ingredient main, boolean mashed) {
        if (mashed) {
            return of(MASH);
        }
        if (setting(layer) >= SETS) {
            return of(CUSTARD);
        }
        Range own = main == null ? null : ranges.get(main.role());
        return own != null && layer.of().size() < 4 ? own : of(layer.part().id());
    }

    private static double setting(Layer layer) {
        double all = layer.of().stream().mapToDouble(ReadyLine::readyGrams).sum();
        double sets = layer.of().stream()
                .filter(l -> l.line().ingredient() != null)
                .filter(l -> l.line().food().role().startsWith("egg")
                        || l.line().food().role().equals(CUSTARD))
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        return all <= 0 ? 0 : sets / all;
    }
}
