package nabe.bake.heat;

import java.util.HashMap;
import java.util.Map;
import nabe.larder.CatalogueException;
import nabe.larder.CatalogueFile;
import org.apache.commons.csv.CSVRecord;

/** Walls of dishes, foil and the food's own surface. From surfaces.csv. */
final class Surfaces {
    private static final String FILE = "surfaces.csv";
    private static final Map<String, Wall> WALLS = new HashMap<>();
    private static final Map<String, Double> EMISSIVITY = new HashMap<>();

    static {
        CatalogueFile file =
                CatalogueFile.open(FILE, "surface", "thickness_mm", "conductivity", "capacity", "low", "high");
        file.rows().forEach(row -> read(file, row));
    }

    private Surfaces() {}

    private static void read(CatalogueFile file, CSVRecord row) {
        String name = file.text(row, "surface");
        double low = file.number(row, "low");
        double high = file.number(row, "high");
        if (!(low > 0 && low <= high && high <= 1) || EMISSIVITY.put(name, (low + high) / 2) != null) {
            throw file.bad(row, "Each surface has one row, with a rising range of emissivity between 0 and 1.");
        }
        if (!row.get("thickness_mm").isBlank()) {
            WALLS.put(
                    name,
                    new Wall(
                            file.number(row, "thickness_mm") / 1000,
                            file.number(row, "conductivity"),
                            file.number(row, "capacity") * 1e6,
                            (low + high) / 2));
        }
    }

    static double emissivity(String name) {
        return found(EMISSIVITY, name);
    }

    static Wall wall(String name) {
        return found(WALLS, name);
    }

    private static <T> T found(Map<String, T> all, String name) {
        T value = all.get(name);
        if (value == null) {
            throw new CatalogueException(FILE, name, "The surface must have a row.");
        }
        return value;
    }
}
