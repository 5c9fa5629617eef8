package nabe.reading.text;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.CatalogueFile;
import nabe.larder.Words;
import nabe.reading.FoodClasses;
import nabe.reading.grammar.KitchenWords;
import org.apache.commons.csv.CSVRecord;

/** What the words around a food's name do in an ingredient line. From line-words.csv. */
final class LineWords {
    private static final Pattern SHAPED = Pattern.compile("\\p{L}+(?:ed|ly|ing|less)", Pattern.CASE_INSENSITIVE);
    private static final Set<Use> AROUND_A_THING =
            EnumSet.of(Use.PART, Use.STOP, Use.CONDITION, Use.NEGATION, Use.LABELLED, Use.DESCRIBES);

    private final Map<Use, Set<String>> words = new EnumMap<>(Use.class);
    /** Those of more than one word. */
    private final Map<Use, List<String>> phrases = new EnumMap<>(Use.class);

    /** Described in the file's head. */
    enum Use {
        PART,
        STOP,
        CONDITION,
        NEGATION,
        LABELLED,
        DESCRIBES,
        THING,
        OPENS
    }

    LineWords() {
        CatalogueFile file = CatalogueFile.open("line-words.csv", "use", "words");
        for (CSVRecord row : file.rows()) {
            Set<String> all = words.computeIfAbsent(use(file, row), u -> new HashSet<>());
            all.addAll(file.list(row, "words", ";"));
        }
        words.forEach((use, all) ->
                phrases.put(use, all.stream().filter(w -> w.contains(" ")).toList()));
    }

    private static Use use(CatalogueFile file, CSVRecord row) {
        try {
            return Use.valueOf(file.text(row, "use").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The use must be one of those the head of the file names.");
        }
    }

    /** @return whether the word, or its singular, has this use */
    boolean is(Use use, String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        Set<String> of = words.getOrDefault(use, Set.of());
        return of.contains(lower) || of.contains(Words.key(lower));
    }

    /** @return whether the word only tells what was done to the thing it stands beside: "chopped", "finely", "boneless" */
    boolean isShaped(String word) {
        return SHAPED.matcher(word).matches() && !is(Use.THING, word);
    }

    /** @return whether the word describes, cuts, measures or joins; a thing, known or not, does none of it */
    boolean isNoThing(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        Set<KitchenWords.Use> kitchen = KitchenWords.shared().usesOf(Words.key(word));
        return AROUND_A_THING.stream().anyMatch(use -> is(use, word))
                || isShaped(word)
                || UnitWords.ofWord(word) != null
                || KitchenWords.shared().effect(lower) != null
                        && !FoodClasses.shared().isMade(word)
                || !kitchen.isEmpty() && !kitchen.contains(KitchenWords.Use.GENERIC);
    }

    /** @return whether any word, or phrase of words, of the text has this use */
    boolean anyIn(Use use, String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        Set<String> single = words.getOrDefault(use, Set.of());
        for (Words.Word word : Words.of(text)) {
            if (single.contains(lower.substring(word.start(), word.end()))) {
                return true;
            }
        }
        return phrases.getOrDefault(use, List.of()).stream().anyMatch(lower::contains);
    }

    /** @return whether the text begins with a word, or two, that a step of a method may begin with */
    boolean opens(String text) {
        int one = endOfWord(text, 0, false);
        int hyphened = endOfWord(text, 0, true);
        int two = one < text.length() && text.charAt(one) == ' ' ? endOfWord(text, one + 1, false) : one;
        return isOpening(text, one) || hyphened > one && isOpening(text, hyphened) || two > one && isOpening(text, two);
    }

    private boolean isOpening(String text, int end) {
        return words.getOrDefault(Use.OPENS, Set.of())
                .contains(text.substring(0, end).toLowerCase(Locale.ROOT));
    }

    private static int endOfWord(String text, int from, boolean hyphens) {
        int end = from;
        while (end < text.length()
                && (Character.isLetter(text.charAt(end)) || hyphens && end > from && text.charAt(end) == '-')) {
            end++;
        }
        return end;
    }
}
