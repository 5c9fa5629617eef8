package nabe.prep;

import java.util.List;
import java.util.Map;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.larder.YamlCatalogue;
import nabe.recipe.Part;

/** What is done to each thing before it enters the dish and what is left of its weight. From prep.yaml. */
public final class Yields {
    private final List<Entry> entries = List.copyOf(YamlCatalogue.read("prep.yaml", Entry[].class));

    /** One entry of prep.yaml. */
    record Entry(@com.fasterxml.jackson.annotation.JsonProperty("for") List<String> kinds, List<Part> in,
            List<Double> leaves, int active, int passive, String text, String sign, Map<String, String> school) {

        boolean fits(Ingredient ingredient, Part part, Schools schools) {
            boolean kind = kinds.contains(ingredient.id()) || ingredient.roles().stream().anyMatch(kinds::contains);
            return kind && (in == null || in.contains(part))
                    && (school == null || school.entrySet().stream().allMatch(e -> schools.is(e.getKey(), e.getValue())));
        }

        double share() {
            return (leaves.getFirst() + leaves.getLast()) / 2;
        }
    }

    /** @return the entry that applies in this house, or null when it goes in as it is */
    Entry entry(Ingredient ingredient, Part part, Schools schools) {
        return entries.stream().filter(e -> e.fits(ingredient, part, schools)).findFirst().orElse(null);
    }

    /** @return grams that enter the dish for each raw gram by the default schools; 1 where nothing is done */
    public double of(Ingredient ingredient, Part part) {
        Entry entry = entry(ingredient, part, Schools.usual());
        return entry == null ? 1 : entry.share();
    }
}
