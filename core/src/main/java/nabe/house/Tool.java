package nabe.house;

import java.util.List;
import nabe.larder.CatalogueFile;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/**
 * Something the kitchen owns or not. From tools.csv.
 *
 * @param cleans whether washing makes it fit for a strict gluten need after other use
 */
public record Tool(String id, String name, boolean cleans) {
    private static final List<Tool> ALL = read();

    public static List<Tool> all() {
        return ALL;
    }

    /** @throws WrongValueException when there is no such tool */
    public static Tool ofId(String id) {
        return ALL.stream()
                .filter(t -> t.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new WrongValueException(Messages.say(
                        "house.the-tool-must-be-one-of",
                        id,
                        String.join(", ", ALL.stream().map(Tool::id).toList()))));
    }

    private static List<Tool> read() {
        CatalogueFile file = CatalogueFile.open("tools.csv", "id", "name", "cleans");
        return file.rows().stream()
                .map(row -> new Tool(
                        file.text(row, "id"),
                        Messages.translated(file.text(row, "name")),
                        file.text(row, "cleans").equals("yes")))
                .toList();
    }
}
