package nabe.larder;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A commented CSV of the catalogue, read strictly: every row has every column, and a bad value names its place. */
public final class CatalogueFile {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .setTrim(true)
            .setAllowMissingColumnNames(false)
            .get();
    private final String name;
    private final List<CSVRecord> rows;

    private CatalogueFile(String name, List<CSVRecord> rows) {
        this.name = name;
        this.rows = rows;
    }

    /** @param name file name under {@code /catalogue} on the class path */
    public static CatalogueFile open(String name) {
        try (InputStream stream = CatalogueFile.class.getResourceAsStream("/catalogue/" + name)) {
            if (stream == null) {
                throw new CatalogueException(name, "-", "The file is missing from the catalogue.");
            }
            var reader = new InputStreamReader(stream, StandardCharsets.UTF_8);
            return new CatalogueFile(name, FORMAT.parse(reader).getRecords());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public List<CSVRecord> rows() {
        return rows;
    }

    /** @return the cell, trimmed, perhaps empty */
    public String text(CSVRecord row, String column) {
        if (!row.isConsistent()) {
            throw new CatalogueException(name, row.get(0), "It must have as many cells as the heading.");
        }
        return row.get(column);
    }

    /** @return the cell as a number; an empty cell counts as 0 */
    public double number(CSVRecord row, String column) {
        String text = text(row, column);
        return text.isEmpty() ? 0 : parse(row, text);
    }

    /** @return the parts of a cell between separators, trimmed, none empty */
    public List<String> list(CSVRecord row, String column, String separator) {
        return java.util.Arrays.stream(text(row, column).split(separator))
                .map(String::trim)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    public double parse(CSVRecord row, String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new CatalogueException(name, row.get(0), "The value (" + text + ") must be a number.");
        }
    }

    public CatalogueException bad(CSVRecord row, String problem) {
        return new CatalogueException(name, row.get(0), problem);
    }
}
