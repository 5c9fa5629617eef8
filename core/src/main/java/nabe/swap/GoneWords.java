package nabe.swap;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Ingredient;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.recipe.Line;
import nabe.recipe.Recipe;

/** Words that name what a conversion takes out, by its own names and by the kitchen's general ones. */
final class GoneWords {
    /** Words of a food's names, by its id. */
    private static final Map<String, Set<String>> NAMES = new ConcurrentHashMap<>();

    private static final Set<String> PARTS = Set.of("half", "third", "quarter");
    private static final Set<Use> AS_FOOD = Set.of(Use.FOODS, Use.SELDOM_WORK, Use.WORK_OR_FOOD);

    /** Of pastry a sheet is a sheet, whatever it is made of. */
    private static final String SHEET = "sheet";

    private final Set<String> gone = new HashSet<>();

    GoneWords(Recipe recipe, List<Swap> swaps) {
        for (Swap swap : swaps) {
            Line line = recipe.lines().get(swap.source());
            Set<String> words = new HashSet<>(keys(line.item()));
            if (line.ingredient() != null) {
                words.addAll(NAMES.computeIfAbsent(line.food().id(), id -> names(line.food())));
                words.addAll(Subjects.generalWords(line.ingredient().role()));
                words.removeIf(w -> w.equals(SHEET) && line.food().role().startsWith("pastry"));
            }
            gone.addAll(words);
        }
        gone.removeAll(PotName.PLAIN);
        gone.removeIf(GoneWords::isNoFood);
    }

    /** @param there what the words may speak of now */
    boolean in(String text, Collection<ConvertedLine> there) {
        Set<String> present =
                there.stream().flatMap(l -> keys(l.item()).stream()).collect(Collectors.toSet());
        return keys(text).stream().anyMatch(k -> gone.contains(k) && !present.contains(k));
    }

    /** "Hot" of "hot stock", "half" and "and" of "half and half". */
    private static boolean isNoFood(String key) {
        return PARTS.contains(key) || !AS_FOOD.containsAll(KitchenWords.shared().usesOf(key));
    }

    private static Set<String> names(Ingredient food) {
        return Stream.concat(Stream.of(food.name()), food.aliases().stream())
                .flatMap(n -> keys(n).stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Set<String> keys(String text) {
        return Words.of(text).stream().map(Words.Word::key).collect(Collectors.toSet());
    }
}
