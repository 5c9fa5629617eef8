package nabe.larder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Finds an ingredient by the words a cook uses. The longest known name wins ("chicken stock" over "chicken"); between
 * equals the last, since the noun stands last in English ("tomato and basil": basil; callers cut at "or" and commas).
 * Where nothing matches, one slip of the pen a word is forgiven ("mozarella").
 */
public final class NameIndex {
    private static final int LONG_WORD = 7;
    private static final int MOST_FORGIVEN = 20_000;
    private final Branch root = new Branch();

    private final TreeSet<String> vocabulary = new TreeSet<>();
    /** Words of methods already looked at for slips; most are met again in the next recipe. */
    private final Map<String, String> forgiven = new ConcurrentHashMap<>();

    /**
     * @param ingredient what was found
     * @param start first character of the name in the text, {@code end} one past its last
     * @param words how many words the name has
     * @param exact false where a slip was forgiven
     */
    public record Match(@Nullable Ingredient ingredient, int start, int end, int words, boolean exact) {
        /** @return what was found, where it is the larder's */
        public Ingredient food() {
            return Objects.requireNonNull(ingredient);
        }
    }

    /** Names that share their first words, parted at the next. */
    private static final class Branch {
        private final Map<String, Branch> next = new HashMap<>();
        private @Nullable Ingredient named;
    }

    void add(Ingredient ingredient) {
        addName(ingredient, ingredient.name(), true);
        ingredient.aliases().forEach(alias -> addName(ingredient, alias, false));
    }

    private void addName(Ingredient ingredient, String name, boolean overrides) {
        List<Words.Word> words = Words.of(name);
        if (words.isEmpty()) {
            return;
        }
        Branch end = root;
        for (Words.Word word : words) {
            end = end.next.computeIfAbsent(word.key(), k -> new Branch());
        }
        if (overrides || end.named == null) {
            end.named = ingredient;
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

    /** The longest name anywhere; of several the last. */
    private Optional<Match> longest(String text, List<Words.Word> words, boolean exact) {
        Match best = null;
        for (int from = 0; from < words.size(); from++) {
            Match found = longestAt(text, words, from, exact);
            if (found != null && (best == null || found.words() >= best.words())) {
                best = found;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The longest name that begins with this word. */
    private @Nullable Match longestAt(String text, List<Words.Word> words, int from, boolean exact) {
        Match best = null;
        Branch branch = root;
        for (int at = from; at < words.size(); at++) {
            branch = branch.next.get(words.get(at).key());
            if (branch == null || at > from && !isOneName(text, words.get(at - 1), words.get(at))) {
                return best;
            }
            if (branch.named != null) {
                best = new Match(
                        branch.named, words.get(from).start(), words.get(at).end(), at - from + 1, exact);
            }
        }
        return best;
    }

    /** @return every name in the text from left to right, the longest at each place, none overlapping */
    List<Match> scan(String text) {
        return scan(text, Words.of(text));
    }

    /** The same with one slip forgiven in long words: in running text short ones are too often another word. */
    List<Match> scanForgiving(String text) {
        return scan(text, Words.of(text).stream().map(this::forgiveLong).toList());
    }

    /** "Until the aubergine is custardy" names no custard. */
    private boolean isLikeFood(String key) {
        return key.endsWith("y") && vocabulary.contains(key.substring(0, key.length() - 1));
    }

    /** "Snapped to fit" is no misspelt snapper: what is done to food is not corrected to a food. */
    private Words.Word forgiveLong(Words.Word word) {
        boolean done = word.key().endsWith("ed") || word.key().endsWith("ing") || isLikeFood(word.key());
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
            Match match = longestAt(text, words, from, true);
            if (match != null) {
                found.add(match);
            }
            from += match == null ? 1 : match.words();
        }
        return found;
    }

    /** Words with a number, a comma or a plus between them are not one name: "egg + 1 yolk". */
    private static boolean isOneName(String text, Words.Word word, Words.Word next) {
        for (int i = word.end(); i < next.start(); i++) {
            char c = text.charAt(i);
            if (c != ' ' && c != '-' && c != '\'' && c != '.') {
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
