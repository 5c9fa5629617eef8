package nabe.larder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * Finds an ingredient by the words a cook uses. The longest known name wins ("chicken stock" over "chicken"); between
 * equals the last, since the noun stands last in English ("tomato and basil": basil; callers cut at "or" and commas).
 * Where nothing matches, one slip of the pen a word is forgiven ("mozarella").
 */
public final class NameIndex {
    private static final int LONGEST_NAME = 9;
    private static final int LONG_WORD = 7;
    private static final int MOST_FORGIVEN = 20_000;
    private final Map<String, Ingredient> byName = new HashMap<>();
    /** How many words the longest name has that begins with this word. */
    private final Map<String, Integer> longestFrom = new HashMap<>();

    private final TreeSet<String> vocabulary = new TreeSet<>();
    /** Words of methods already looked at for slips; most are met again in the next recipe. */
    private final Map<String, String> forgiven = new ConcurrentHashMap<>();

    /**
     * @param ingredient what was found
     * @param start first character of the name in the text, {@code end} one past its last
     * @param words how many words the name has
     * @param exact false where a slip was forgiven
     */
    public record Match(Ingredient ingredient, int start, int end, int words, boolean exact) {}

    void add(Ingredient ingredient) {
        addName(ingredient, ingredient.name(), true);
        ingredient.aliases().forEach(alias -> addName(ingredient, alias, false));
    }

    private void addName(Ingredient ingredient, String name, boolean overrides) {
        List<Words.Word> words = Words.of(name);
        String key = words.stream().map(Words.Word::key).collect(Collectors.joining(" "));
        if (words.isEmpty()) {
            return;
        }
        longestFrom.merge(words.getFirst().key(), words.size(), Math::max);
        if (overrides) {
            byName.put(key, ingredient);
        } else {
            byName.putIfAbsent(key, ingredient);
        }
        words.stream().map(Words.Word::key).filter(k -> k.length() >= 5).forEach(vocabulary::add);
    }

    Optional<Match> match(String text) {
        List<Words.Word> words = Words.of(text);
        Optional<Match> exact = longest(text, words, true);
        return exact.isPresent()
                ? exact
                : longest(text, words.stream().map(this::forgive).toList(), false);
    }

    /** The same with no slip forgiven. */
    Optional<Match> matchExactly(String text) {
        return longest(text, Words.of(text), true);
    }

    private Optional<Match> longest(String text, List<Words.Word> words, boolean exact) {
        for (int length = Math.min(LONGEST_NAME, words.size()); length > 0; length--) {
            for (int from = words.size() - length; from >= 0; from--) {
                Optional<Match> found = at(text, words, from, length, exact);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Match> at(String text, List<Words.Word> words, int from, int length, boolean exact) {
        if (longestFrom.getOrDefault(words.get(from).key(), 0) < length) {
            return Optional.empty();
        }
        List<Words.Word> span = words.subList(from, from + length);
        Ingredient found = byName.get(span.stream().map(Words.Word::key).collect(Collectors.joining(" ")));
        return found == null || !isOneName(text, span)
                ? Optional.empty()
                : Optional.of(
                        new Match(found, span.getFirst().start(), span.getLast().end(), length, exact));
    }

    /** @return every name in the text from left to right, the longest at each place, none overlapping */
    List<Match> scan(String text) {
        return scan(text, Words.of(text));
    }

    /** The same with one slip forgiven in long words: in running text short ones are too often another word. */
    List<Match> scanForgiving(String text) {
        return scan(text, Words.of(text).stream().map(this::forgiveLong).toList());
    }

    /** "Snapped to fit" is no misspelt snapper: what is done to food is not corrected to a food. */
    private Words.Word forgiveLong(Words.Word word) {
        boolean done = word.key().endsWith("ed") || word.key().endsWith("ing");
        if (done || word.key().length() < LONG_WORD || vocabulary.contains(word.key())) {
            return word;
        }
        if (forgiven.size() > MOST_FORGIVEN) {
            forgiven.clear();
        }
        return new Words.Word(forgiven.computeIfAbsent(word.key(), key -> nearest(key, 1)), word.start(), word.end());
    }

    private List<Match> scan(String text, List<Words.Word> words) {
        List<Match> found = new ArrayList<>();
        int from = 0;
        while (from < words.size()) {
            Optional<Match> match = Optional.empty();
            int most = Math.min(longestFrom.getOrDefault(words.get(from).key(), 0), words.size() - from);
            for (int length = most; length > 0 && match.isEmpty(); length--) {
                match = at(text, words, from, length, true);
            }
            match.ifPresent(found::add);
            from += match.map(Match::words).orElse(1);
        }
        return found;
    }

    /** Words with a number, a comma or a plus between them are not one name: "egg + 1 yolk". */
    private static boolean isOneName(String text, List<Words.Word> span) {
        for (int i = 1; i < span.size(); i++) {
            if (!text.substring(span.get(i - 1).end(), span.get(i).start())
                    .chars()
                    .allMatch(c -> c == ' ' || c == '-' || c == '\'' || c == '.')) {
                return false;
            }
        }
        return true;
    }

    private Words.Word forgive(Words.Word word) {
        if (word.key().length() < 5 || vocabulary.contains(word.key())) {
            return word;
        }
        return new Words.Word(nearest(word.key(), word.key().length() >= 9 ? 2 : 1), word.start(), word.end());
    }

    private String nearest(String word, int allowed) {
        String first = word.substring(0, 1);
        return vocabulary.subSet(first, first + Character.MAX_VALUE).stream()
                .filter(known -> Slips.between(known, word, allowed) <= allowed)
                .min(java.util.Comparator.comparingInt(known -> Slips.between(known, word, allowed)))
                .orElse(word);
    }
}
