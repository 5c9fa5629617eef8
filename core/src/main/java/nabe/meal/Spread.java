package nabe.meal;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import nabe.larder.CatalogueFile;
import nabe.meal.Breach.Way;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;

/** The ways in which something gets where it must not be, and what mends each. From keeping-apart.csv. */
final class Spread {
    private static final Map<String, Row> ROWS = load();
    static final Row HANDS = Objects.requireNonNull(ROWS.get("hands"));
    static final Row WORKTOP = Objects.requireNonNull(ROWS.get("worktop"));
    static final Row TOOL = Objects.requireNonNull(ROWS.get("tool"));
    static final Row TOOL_THAT_KEEPS = Objects.requireNonNull(ROWS.get("tool-that-keeps"));
    static final Row SIDE_BY_SIDE = Objects.requireNonNull(ROWS.get("side-by-side"));
    static final Row AIR = Objects.requireNonNull(ROWS.get("air"));
    static final Row CRUMBS = Objects.requireNonNull(ROWS.get("crumbs"));

    private Spread() {}

    /** @param minutes how long after it still happens, 0 where only at the time */
    record Row(int minutes, List<Way> mends, String words) {
        String words(String thing, String material) {
            return words.replace("{thing}", thing).replace("{material}", material);
        }
    }

    private static Map<String, Row> load() {
        CatalogueFile file = CatalogueFile.open("keeping-apart.csv", "way", "minutes", "mends", "words");
        Map<String, Row> rows = new HashMap<>();
        for (CSVRecord row : file.rows()) {
            String minutes = file.text(row, "minutes");
            rows.put(
                    file.text(row, "way"),
                    new Row(
                            minutes.isBlank() ? 0 : (int) file.number(row, "minutes"),
                            file.list(row, "mends", ";").stream()
                                    .map(m -> Way.valueOf(
                                            m.toUpperCase(Locale.ROOT).replace('-', '_')))
                                    .toList(),
                            Messages.translated(file.text(row, "words"))));
        }
        return Map.copyOf(rows);
    }
}
