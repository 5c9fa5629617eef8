package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
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
    /** For a word: the roles that are of its class each by itself. */
    private final Map<String, Set<String>> alone = new HashMap<>();

    private FoodClasses() {
        CatalogueFile file = CatalogueFile.open("kitchen-classes.csv", "words", "roles");
        for (CSVRecord row : file.rows()) {
            List<Set<String>> roles = file.list(row, "roles", "\\|").stream()
                    .map(r -> Set.of(r.split("&")))
                    .toList();
            for (String word : file.list(row, "words", ";")) {
                byWord.computeIfAbsent(key(word), k -> new ArrayList<>()).addAll(roles);
                Set<String> single = alone.computeIfAbsent(key(word), k -> new HashSet<>());
                roles.stream().filter(all -> all.size() == 1).forEach(single::addAll);
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
        Set<String> roles = alone.get(key);
        return roles != null
                && line.ingredient() != null
                && roles.contains(line.ingredient().role());
    }

    /** @return whether a food of this role is of the class by itself: lamb mince is "meat" */
    public boolean holdsRole(String word, String role) {
        return alone.getOrDefault(key(word), Set.of()).contains(role);
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
