package nabe.swap;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/**
 * Where flour gives way to something that is not cooked in fat first, the two sentences of a roux become the two of the
 * new way. Only sentences that name nothing but the sauce's own things are taken; any other keeps its words.
 */
final class SauceSentences {
    private static final Set<String> LIQUIDS = Set.of("milk", "cream", "stock", "sour-milk", "water");
    private static final Set<String> FATS = Set.of("butter", "oil");
    private static final Set<String> SAUCE =
            Set.of("flour", "flour-raising", "milk", "cream", "stock", "sour-milk", "butter", "oil");
    /** Raw flour is cooked out in its fat; what stands for it here is not. */
    private static final Pattern COOKS_OUT = Pattern.compile("(?:and |then )?(?:cook|stir|bubble|fry|let)\\b");

    private final Recipe recipe;
    private final List<ConvertedLine> lines;
    private final List<Swap> swaps;
    private final SwapBook book;
    private final Set<Swap> waiting = new HashSet<>();

    SauceSentences(Recipe recipe, List<ConvertedLine> lines, List<Swap> swaps, SwapBook book) {
        this.recipe = recipe;
        this.lines = lines;
        this.book = book;
        this.swaps = swaps.stream().filter(s -> instead(s) != null).toList();
    }

    private @Nullable SwapRule rule(Swap swap) {
        return book.find(swap.rule()).orElse(null);
    }

    private SwapRule.@Nullable Instead instead(Swap swap) {
        SwapRule rule = rule(swap);
        return rule == null ? null : rule.instead();
    }

    /** @param text what stands in a sentence's place, blank where it is gone; {@code swap} whose way of working it is */
    record Said(String text, Swap swap) {}

    /** @return what stands in the sentence's place, or null where it keeps its words */
    @Nullable
    Said instead(String sentence, List<Subjects.Mention> mentions) {
        boolean spoken = swaps.stream()
                .anyMatch(s -> waiting.contains(s)
                        || mentions.stream().anyMatch(m -> m.swaps().contains(s)));
        if (!spoken) {
            return null;
        }
        String lower = sentence.toLowerCase(java.util.Locale.ROOT);
        boolean other = recipe.lines().stream()
                .anyMatch(l -> l.ingredient() != null
                        && !isOne(l, SAUCE)
                        && !l.hasRole("salt")
                        && !l.hasRole("spice")
                        && names(lower, l));
        boolean liquid = recipe.lines().stream().anyMatch(l -> isOne(l, LIQUIDS) && names(lower, l));
        boolean fat = recipe.lines().stream().anyMatch(l -> isOne(l, FATS) && names(lower, l));
        for (Swap swap : swaps) {
            boolean flour = mentions.stream().anyMatch(m -> m.swaps().contains(swap));
            if (!other && flour && liquid || !other && liquid && waiting.contains(swap)) {
                waiting.remove(swap);
                return new Said(filled(Objects.requireNonNull(instead(swap)).liquid(), swap), swap);
            }
            if (!other && flour) {
                waiting.add(swap);
                String alone = Objects.requireNonNull(instead(swap)).alone();
                return new Said(filled(fat ? "Warm the {fat} gently. " + alone : alone, swap), swap);
            }
            if (!other
                    && !fat
                    && waiting.contains(swap)
                    && COOKS_OUT.matcher(lower).lookingAt()) {
                return new Said("", swap);
            }
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
