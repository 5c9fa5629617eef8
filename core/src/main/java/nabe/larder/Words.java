package nabe.larder;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/** Words made comparable: lower case, without accents, in the singular. */
public final class Words {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern POSSESSIVE = Pattern.compile("['’]s?");

    /** One word, written in two ways. */
    private static final Map<String, String> SPELT = Map.of("yoghurt", "yogurt", "yoghourt", "yogurt");

    private static final int MOST_KEPT = 20_000;
    /** Words already made comparable; most are met again in the next line. */
    private static final Map<String, String> KEYS = new ConcurrentHashMap<>();

    private Words() {}

    /**
     * A word with its place in the text it came from.
     *
     * @param key the comparable form
     * @param start first character, {@code end} one past the last
     */
    public record Word(String key, int start, int end) {}

    public static List<Word> of(String text) {
        List<Word> words = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            int end = endOfWord(text, at);
            if (end > at) {
                words.add(new Word(key(text.substring(at, end)), at, end));
            }
            at = Math.max(end, at + 1);
        }
        return words;
    }

    /** One past the last letter of the word that begins here, its possessive 's taken along; {@code from} where none begins. */
    private static int endOfWord(String text, int from) {
        int end = from;
        while (end < text.length() && (Character.isLetter(text.charAt(end)) || text.charAt(end) == '&')) {
            end++;
        }
        boolean possessive = end > from
                && end + 1 < text.length()
                && (text.charAt(end) == '\'' || text.charAt(end) == '’')
                && text.charAt(end + 1) == 's';
        return possessive ? end + 2 : end;
    }

    /** The comparable form of one word. */
    public static String key(String word) {
        String known = KEYS.get(word);
        return known != null ? known : keep(word, comparable(word));
    }

    /** @return the name with its last word in the singular: "brown-rice lasagna sheet" */
    public static String one(String name) {
        int last = name.lastIndexOf(' ') + 1;
        return name.substring(0, last) + singular(name.substring(last));
    }

    private static String keep(String word, String key) {
        if (KEYS.size() > MOST_KEPT) {
            KEYS.clear();
        }
        KEYS.put(word, key);
        return key;
    }

    private static String comparable(String word) {
        String plain = isPlain(word) ? word.toLowerCase(Locale.ROOT) : withoutMarks(word);
        String one = singular(plain);
        return SPELT.getOrDefault(one, one);
    }

    private static boolean isPlain(String word) {
        for (int i = 0; i < word.length(); i++) {
            if (word.charAt(i) > 'z' || word.charAt(i) == '\'') {
                return false;
            }
        }
        return true;
    }

    private static String withoutMarks(String word) {
        String plain = MARKS.matcher(Normalizer.normalize(word, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        return POSSESSIVE
                .matcher(plain)
                .replaceAll("")
                .replace("œ", "oe")
                .replace("æ", "ae")
                .replace("ß", "ss");
    }

    private static String singular(String word) {
        int n = word.length();
        if (n < 4 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) {
            return word;
        }
        if (word.endsWith("ies") && n > 4) {
            return word.substring(0, n - 3) + "y";
        }
        if (word.endsWith("leaves") || word.endsWith("loaves") || word.endsWith("halves")) {
            return word.substring(0, n - 3) + "f";
        }
        boolean longEnding = word.endsWith("oes")
                || word.endsWith("ches")
                || word.endsWith("shes")
                || word.endsWith("xes")
                || word.endsWith("sses");
        return word.substring(0, n - (longEnding ? 2 : 1));
    }
}
