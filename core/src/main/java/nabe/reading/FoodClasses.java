package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.CatalogueFile;
import nabe.larder.Words;
import nabe.recipe.Line;
import org.apache.commons.csv.CSVRecord;

/** Words that mean foods by what they are ("the veg", "bolognese"), from kitchen-classes.csv. */
public final class FoodClasses {
    private static final FoodClasses SHARED = new FoodClasses();
    /** For a word: alternatives, each the roles that must all be there. */
    private final Map<String, List<Set<String>>> byWord = new HashMap<>();

    private FoodClasses() {
        CatalogueFile file = CatalogueFile.open("kitchen-classes.csv");
        for (CSVRecord row : file.rows()) {
            List<Set<String>> roles = file.list(row, "roles", "\\|").stream()
                    .map(r -> Set.of(r.split("&")))
                    .toList();
            for (String word : file.list(row, "words", ";")) {
                byWord.computeIfAbsent(key(word), k -> new ArrayList<>()).addAll(roles);
            }
        }
    }

    public static FoodClasses shared() {
        return SHARED;
    }

    private static String key(String words) {
        return Words.of(words).stream().map(Words.Word::key).collect(Collectors.joining(" "));
    }

    boolean knows(String key) {
        return byWord.containsKey(key);
    }

    /** @return whether the word means something made of several foods */
    public boolean isMade(String word) {
        return byWord.getOrDefault(key(word), List.of()).stream().anyMatch(all -> all.size() > 1);
    }

    /** @return whether the line's food is of this class by itself */
    boolean holds(String key, Line line) {
        if (line.ingredient() == null) {
            return false;
        }
        for (Set<String> all : byWord.getOrDefault(key, List.of())) {
            if (all.size() == 1 && all.contains(line.ingredient().role())) {
                return true;
            }
        }
        return false;
    }

    /** @return whether foods of these roles together are of this class */
    boolean holds(String key, Set<String> roles) {
        for (Set<String> all : byWord.getOrDefault(key, List.of())) {
            if (roles.containsAll(all)) {
                return true;
            }
        }
        return false;
    }
}
