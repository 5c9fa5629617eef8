package nabe.larder;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
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
    /** Columns for people who read the file. */
    private static final Set<String> FOR_READERS = Set.of("note", "description");

    private final String name;
    private final Map<CSVRecord, Long> lines = new LinkedHashMap<>();

    private CatalogueFile(String name, CSVParser parser, Set<String> columns) {
        this.name = name;
        checkHeading(parser.getHeaderNames(), columns);
        for (CSVRecord row : parser) {
            lines.put(row, parser.getCurrentLineNumber());
            if (!row.isConsistent()) {
                throw bad(row, "It must have as many cells as the heading.");
            }
        }
    }

    private void checkHeading(List<String> heading, Set<String> columns) {
        for (String column : columns) {
            if (!heading.contains(column)) {
                throw new CatalogueException(name, "heading", "The column (" + column + ") is missing.");
            }
        }
        for (String column : heading) {
            if (!columns.contains(column) && !FOR_READERS.contains(column)) {
                throw new CatalogueException(name, "heading", "Nothing reads the column (" + column + ").");
            }
        }
    }

    /**
     * @param name file name under {@code /catalogue} on the class path
     * @param columns all that it must have; it may have no other but "note" and "description"
     * @throws CatalogueException when the file is missing, or heading or a row is not as it must be
     */
    public static CatalogueFile open(String name, String... columns) {
        try (InputStream stream = CatalogueFile.class.getResourceAsStream("/catalogue/" + name)) {
            if (stream == null) {
                throw new CatalogueException(name, "-", "The file is missing from the catalogue.");
            }
            var reader = new InputStreamReader(stream, StandardCharsets.UTF_8);
            return new CatalogueFile(name, FORMAT.parse(reader), Set.of(columns));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public List<CSVRecord> rows() {
        return List.copyOf(lines.keySet());
    }

    /** @return the cell, trimmed, perhaps empty */
    public String text(CSVRecord row, String column) {
        return row.get(column);
    }

    /** @throws CatalogueException when the cell is empty or no number */
    public double number(CSVRecord row, String column) {
        String text = text(row, column);
        if (text.isEmpty()) {
            throw bad(row, "The column (" + column + ") must have a value.");
        }
        return parse(row, text);
    }

    /** @return the cell as a number, {@code other} where it is empty */
    public double numberOr(CSVRecord row, String column, double other) {
        return text(row, column).isEmpty() ? other : number(row, column);
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
            throw bad(row, "The value (" + text + ") must be a number.");
        }
    }

    public CatalogueException bad(CSVRecord row, String problem) {
        return new CatalogueException(name, row.get(0) + " (line " + lines.get(row) + ")", problem);
    }
}
