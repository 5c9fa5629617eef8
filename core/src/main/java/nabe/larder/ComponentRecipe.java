package nabe.larder;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import nabe.words.Messages;

/**
 * How something that stands in a bake is made at home. One entry of components.json5.
 *
 * @param id stable name; {@code name} what the cook reads; {@code kind} the shelf it stands on
 * @param makes the larder row it makes
 * @param usual "home" or "bought": what most cooks do
 * @param school answers to a house's questions it belongs to, by question; empty: any
 * @param of grams of each ingredient in one batch, by larder id
 * @param keepsOf share of the raw weight that is left when it is ready, above 0 up to 1; the rest is water
 * @param active minutes of work, {@code passive} minutes by itself, for one batch
 * @param tools what it asks for beyond bowl, knife and spoon
 * @param days how long it keeps in the fridge; {@code freezes} well, weeps or no
 * @param sign how the cook knows it is right
 */
public record ComponentRecipe(
        String id,
        String name,
        String kind,
        String makes,
        String usual,
        Map<String, String> school,
        Map<String, Double> of,
        @JsonProperty("keeps_of") double keepsOf,
        int active,
        int passive,
        List<String> tools,
        int days,
        String freezes,
        List<String> steps,
        String sign) {

    public ComponentRecipe {
        sign = Messages.translated(sign);
        school = school == null ? Map.of() : Map.copyOf(school);
        tools = tools == null ? List.of() : List.copyOf(tools);
        steps = List.copyOf(steps);
        of = java.util.Collections.unmodifiableMap(new java.util.LinkedHashMap<>(of));
    }

    /** @return grams that go into one batch */
    public double rawGrams() {
        return of.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** @return grams of one batch when it is ready */
    public double readyGrams() {
        return rawGrams() * keepsOf;
    }
}
