package nabe.larder;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds foods whose names are nearest to words that name none: by whole words, the noun at the end first, and by letters. */
final class NearNames {
    private static final double LAST_WORD = 0.6;
    private static final double OTHER_WORD = 0.3;
    /** Two words of five letters that share two pairs of them are not alike. */
    private static final double NEAR = 0.35;
    /** What a thing is sold or cut in says nothing of what it is. */
    private static final Set<String> FORMS =
            Set.of("block", "slice", "piece", "chunk", "cube", "strip", "pack", "packet", "tin", "jar", "stick", "bag");

    private final List<Name> names = new ArrayList<>();

    private record Name(Ingredient ingredient, List<String> words, Set<String> pairs) {}

    NearNames(Collection<Ingredient> all) {
        for (Ingredient ingredient : all) {
            add(ingredient, ingredient.name());
            ingredient.aliases().forEach(alias -> add(ingredient, alias));
        }
    }

    private void add(Ingredient ingredient, String name) {
        List<String> words = keys(name);
        if (!words.isEmpty()) {
            names.add(new Name(ingredient, words, pairs(words)));
        }
    }

    private static List<String> keys(String text) {
        return Words.of(text).stream().map(Words.Word::key).toList();
    }

    private static Set<String> pairs(List<String> words) {
        Set<String> pairs = new HashSet<>();
        for (String word : words) {
            String framed = "^" + word + "$";
            for (int i = 0; i + 2 <= framed.length(); i++) {
                pairs.add(framed.substring(i, i + 2));
            }
        }
        return pairs;
    }

    /** @return at most so many different foods, the nearest first; fewer where nothing is like it */
    List<Ingredient> to(String text, int most) {
        List<String> words = keys(text).stream().filter(w -> !FORMS.contains(w)).toList();
        if (words.isEmpty()) {
            return List.of();
        }
        Set<String> pairs = pairs(words);
        Map<Ingredient, Double> best = new LinkedHashMap<>();
        for (Name name : names) {
            best.merge(name.ingredient, likeness(words, pairs, name), Math::max);
        }
        return best.entrySet().stream()
                .filter(e -> e.getValue() >= NEAR)
                .sorted(Map.Entry.<Ingredient, Double>comparingByValue().reversed())
                .limit(most)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static double likeness(List<String> words, Set<String> pairs, Name name) {
        long shared = name.pairs.stream().filter(pairs::contains).count();
        double letters = 2.0 * shared / (pairs.size() + name.pairs.size());
        boolean noun = words.getLast().equals(name.words.getLast());
        long same = name.words.stream().filter(words::contains).count() - (noun ? 1 : 0);
        return letters + (noun ? LAST_WORD : 0) + OTHER_WORD * same / name.words.size();
    }
}
