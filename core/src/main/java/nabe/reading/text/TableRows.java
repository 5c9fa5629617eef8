package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Ingredients in a Markdown table: each row is a line, its cells in order. */
final class TableRows {
    private static final Pattern ROW = Pattern.compile("\\|.*\\|");
    private static final Pattern RULE = Pattern.compile("\\|(?:\\s*:?-+:?\\s*\\|)+");

    private TableRows() {}

    /** @return the lines with rows written out; a table's head and its rule are left out */
    static List<String> plain(List<String> lines) {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            boolean head =
                    i + 1 < lines.size() && RULE.matcher(lines.get(i + 1)).matches();
            if (RULE.matcher(lines.get(i)).matches() || head && isRow(lines.get(i))) {
                continue;
            }
            out.add(isRow(lines.get(i)) ? cells(lines.get(i)) : lines.get(i));
        }
        return out;
    }

    private static boolean isRow(String line) {
        return ROW.matcher(line).matches();
    }

    private static String cells(String row) {
        return Arrays.stream(row.split("\\|"))
                .map(String::strip)
                .filter(c -> !c.isEmpty())
                .collect(Collectors.joining(" "));
    }
}
