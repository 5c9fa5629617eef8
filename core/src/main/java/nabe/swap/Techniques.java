package nabe.swap;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.larder.ListCatalogue;
import nabe.recipe.Part;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What is done to each thing before it enters the dish and what is left of its weight. From prep.json5. */
public final class Techniques {
    private final List<Entry> entries = List.copyOf(ListCatalogue.read("prep.json5", Entry[].class));

    private final Map<Part, Map<String, Double>> usual = new ConcurrentHashMap<>();

    /** One entry of prep.json5. */
    public record Entry(
            @com.fasterxml.jackson.annotation.JsonProperty("for")
            List<String> kinds,

            List<Part> in,
            List<Double> leaves,
            int active,
            int passive,
            String text,
            String sign,
            Map<String, String> school,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Ahead ahead) {
        public Entry {
            sign = Messages.translated(sign);
        }

        boolean fits(Ingredient ingredient, Part part, Schools schools) {
            return (in == null || in.contains(part))
                    && isOf(ingredient)
                    && (school == null
                            || school.entrySet().stream().allMatch(e -> schools.is(e.getKey(), e.getValue())));
        }

        private boolean isOf(Ingredient ingredient) {
            for (String kind : kinds) {
                if (kind.equals(ingredient.id()) || ingredient.roles().contains(kind)) {
                    return true;
                }
            }
            return false;
        }

        /** @return share of the raw weight that is left */
        public double share() {
            return (leaves.getFirst() + leaves.getLast()) / 2;
        }
    }

    /** @return the entry that applies in this house, or null when it goes in as it is */
    public @Nullable Entry entry(Ingredient ingredient, Part part, Schools schools) {
        for (Entry entry : entries) {
            if (entry.fits(ingredient, part, schools)) {
                return entry;
            }
        }
        return null;
    }

    /** @return grams that enter the dish for each raw gram by the default schools; 1 where nothing is done */
    public double of(Ingredient ingredient, Part part) {
        return usual.computeIfAbsent(part, p -> new ConcurrentHashMap<>()).computeIfAbsent(ingredient.id(), id -> {
            Entry entry = entry(ingredient, part, Schools.usual());
            return entry == null ? 1 : entry.share();
        });
    }
}
