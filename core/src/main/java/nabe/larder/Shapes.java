package nabe.larder;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/** The shape of what builds a dish: the one place where a sheet's sides stand. From shapes.csv. */
public final class Shapes {
    private final Map<String, PieceShape> byId = new HashMap<>();

    /** What a piece is. */
    public enum Kind {
        SHEET,
        TUBE,
        SHELL,
        WRAP,
        SLICE
    }

    /**
     * One piece, in millimetres.
     *
     * @param holdsGrams of filling at most
     * @param rolledLong, rolledShort seen from above when rolled round a filling; 0 where it never is
     */
    public record PieceShape(
            Kind kind,
            double longMm,
            double shortMm,
            double rolledLong,
            double rolledShort,
            double thickMm,
            double holdsGrams) {}

    /** @throws CatalogueException for a row that names no ingredient or has no size */
    public Shapes(Larder larder) {
        CatalogueFile file = CatalogueFile.open(
                "shapes.csv", "id", "kind", "long", "short", "rolled_long", "rolled_short", "thick", "holds");
        for (CSVRecord row : file.rows()) {
            PieceShape shape = new PieceShape(
                    kind(file, row),
                    file.number(row, "long"),
                    file.number(row, "short"),
                    file.number(row, "rolled_long"),
                    file.number(row, "rolled_short"),
                    file.number(row, "thick"),
                    file.number(row, "holds"));
            if (larder.find(file.text(row, "id")).isEmpty()
                    || shape.shortMm <= 0
                    || shape.longMm < shape.shortMm
                    || shape.thickMm <= 0) {
                throw file.bad(row, "It must name an ingredient and give its sides, the longer first.");
            }
            byId.put(file.text(row, "id"), shape);
        }
    }

    private static Kind kind(CatalogueFile file, CSVRecord row) {
        try {
            return Kind.valueOf(file.text(row, "kind").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The kind must be sheet, tube, shell, wrap or slice.");
        }
    }

    public Optional<PieceShape> of(Ingredient ingredient) {
        return Optional.ofNullable(byId.get(ingredient.id()));
    }
}
