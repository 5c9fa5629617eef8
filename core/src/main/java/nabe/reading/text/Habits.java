package nabe.reading.text;

import java.util.Map;
import java.util.stream.Collectors;
import nabe.larder.Words;
import nabe.measure.Spoons;

/**
 * How one house reads recipes.
 *
 * @param spoons whose cups and spoons are meant
 * @param remembered larder id by wording, as the cook once corrected it; see {@link #wording}
 */
public record Habits(Spoons spoons, Map<String, String> remembered) {
    public Habits {
        remembered = Map.copyOf(remembered);
    }

    public static Habits usual() {
        return new Habits(Spoons.US, Map.of());
    }

    /** The words that name a thing, made comparable: "Nonna's soft cheese" and "nonnas soft cheeses" are one wording. */
    public static String wording(String item) {
        return Words.of(item).stream().map(Words.Word::key).collect(Collectors.joining(" "));
    }
}
