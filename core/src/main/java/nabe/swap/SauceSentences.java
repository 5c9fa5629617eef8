package nabe.swap;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import nabe.recipe.Line;
import nabe.recipe.Recipe;

/**
 * Where flour gives way to something that is not cooked in fat first, the two sentences of a roux become the two of the
 * new way. Only sentences that name nothing but the sauce's own things are taken; any other keeps its words.
 */
final class SauceSentences {
    private static final Set<String> LIQUIDS = Set.of("milk", "cream", "stock", "sour-milk", "water");
    private static final Set<String> FATS = Set.of("butter", "oil");
    private static final Set<String> SAUCE =
            Set.of("flour", "flour-raising", "milk", "cream", "stock", "sour-milk", "butter", "oil");
    private final Recipe recipe;
    private final List<ConvertedLine> lines;
    private final List<Swap> swaps;
    private final SwapBook book;
    private final Set<Swap> waiting = new HashSet<>();

    SauceSentences(Recipe recipe, List<ConvertedLine> lines, List<Swap> swaps, SwapBook book) {
        this.recipe = recipe;
        this.lines = lines;
        this.book = book;
        this.swaps = swaps.stream()
                .filter(s -> rule(s) != null && rule(s).instead() != null)
                .toList();
    }

    private SwapRule rule(Swap swap) {
        return book.find(swap.rule()).orElse(null);
    }

    /** @return the sentence that stands in its place, or null where it keeps its words */
    String instead(String sentence, List<Subjects.Mention> mentions) {
        String lower = sentence.toLowerCase(java.util.Locale.ROOT);
        for (Swap swap : swaps) {
            boolean flour = mentions.stream().anyMatch(m -> m.swaps().contains(swap));
            boolean liquid = recipe.lines().stream().anyMatch(l -> isOne(l, LIQUIDS) && names(lower, l));
            boolean other = recipe.lines().stream()
                    .anyMatch(l -> l.ingredient() != null
                            && !isOne(l, SAUCE)
                            && !l.hasRole("salt")
                            && !l.hasRole("spice")
                            && names(lower, l));
            if (other || !flour && !(liquid && waiting.contains(swap))) {
                continue;
            }
            if (liquid) {
                waiting.remove(swap);
                return filled(rule(swap).instead().liquid(), swap);
            }
            waiting.add(swap);
            return filled(rule(swap).instead().alone(), swap);
        }
        return null;
    }

    private static boolean isOne(Line line, Set<String> roles) {
        return line.ingredient() != null && roles.contains(line.ingredient().role());
    }

    private static boolean names(String sentence, Line line) {
        List<nabe.larder.Words.Word> words = nabe.larder.Words.of(line.item());
        return !words.isEmpty() && sentence.contains(words.getLast().key());
    }

    private String filled(String pattern, Swap swap) {
        Line flour = recipe.lines().get(swap.source());
        return pattern.replace("{becomes}", book.called(swap))
                .replace("{liquid}", converted(flour, LIQUIDS, "liquid"))
                .replace("{fat}", converted(flour, FATS, "fat"));
    }

    /** What now does this work beside the flour: under the same heading where it has one, else in the same part. */
    private String converted(Line flour, Set<String> roles, String word) {
        return lines.stream()
                .filter(l ->
                        l.ingredient() != null && roles.contains(l.ingredient().role()))
                .filter(l -> l.part() == flour.part()
                        || Objects.equals(recipe.lines().get(l.source()).heading(), flour.heading()))
                .map(ConvertedLine::item)
                .findFirst()
                .orElse(word);
    }
}
