package nabe.reading.text;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nabe.larder.CatalogueFile;
import nabe.larder.Words;
import org.apache.commons.csv.CSVRecord;

/** What the words around a food's name do in an ingredient line. From line-words.csv. */
final class LineWords {
    private final Map<Use, Set<String>> words = new EnumMap<>(Use.class);

    /** Described in the file's head. */
    enum Use {
        PART,
        STOP,
        CONDITION,
        NEGATION,
        LABELLED
    }

    LineWords() {
        CatalogueFile file = CatalogueFile.open("line-words.csv");
        for (CSVRecord row : file.rows()) {
            Set<String> all = words.computeIfAbsent(use(file, row), u -> new HashSet<>());
            all.addAll(file.list(row, "words", ";"));
        }
    }

    private static Use use(CatalogueFile file, CSVRecord row) {
        try {
            return Use.valueOf(file.text(row, "use").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The use must be part, stop, condition, negation or labelled.");
        }
    }

    /** @return whether the word, or its singular, has this use */
    boolean is(Use use, String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        return words.get(use).contains(lower) || words.get(use).contains(Words.key(lower));
    }

    /** @return whether any word, or phrase of words, of the text has this use */
    boolean anyIn(Use use, String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        return Words.of(text).stream().anyMatch(w -> words.get(use).contains(lower.substring(w.start(), w.end())))
                || words.get(use).stream().anyMatch(phrase -> phrase.contains(" ") && lower.contains(phrase));
    }
}
