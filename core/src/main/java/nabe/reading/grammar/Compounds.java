package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.CatalogueFile;
import org.apache.commons.csv.CSVRecord;

/** One word written as several, "Dutch oven", "half & half", "par-boil", read as the word it is. From compounds.csv. */
final class Compounds {
    private static final Compounds SHARED = new Compounds();

    /** By the first word, longest first. */
    private final Map<String, List<Phrase>> phrases = new HashMap<>();

    private record Place(Set<String> words, boolean optional) {
        boolean holds(Token t) {
            return words.contains(t.key()) || words.contains(t.text().toLowerCase(Locale.ROOT));
        }
    }

    private record Phrase(String key, List<Place> places) {}

    private Compounds() {
        CatalogueFile file = CatalogueFile.open("compounds.csv", "key", "phrases");
        for (CSVRecord row : file.rows()) {
            for (String phrase : file.list(row, "phrases", ";")) {
                add(file.text(row, "key"), phrase);
            }
        }
        phrases.values()
                .forEach(all -> all.sort(
                        Comparator.comparingInt((Phrase p) -> p.places.size()).reversed()));
    }

    private void add(String key, String phrase) {
        List<Place> places = Arrays.stream(phrase.strip().split("\\s+"))
                .map(w -> new Place(
                        Arrays.stream(w.replace("?", "").split("\\|")).collect(Collectors.toUnmodifiableSet()),
                        w.endsWith("?")))
                .toList();
        Phrase made = new Phrase(key, places);
        places.getFirst()
                .words()
                .forEach(w -> phrases.computeIfAbsent(w, k -> new ArrayList<>()).add(made));
    }

    static List<Token> joined(List<Token> pieces) {
        List<Token> out = new ArrayList<>(pieces.size());
        int i = 0;
        while (i < pieces.size()) {
            Phrase phrase = null;
            int to = -1;
            for (Phrase p : SHARED.startingWith(pieces.get(i))) {
                to = end(p, pieces, i);
                phrase = to > 0 ? p : null;
                if (phrase != null) {
                    break;
                }
            }
            out.add(phrase == null ? pieces.get(i) : one(phrase, pieces.subList(i, to)));
            i = phrase == null ? i + 1 : to;
        }
        return out;
    }

    private List<Phrase> startingWith(Token t) {
        if (t.isMark() || Character.isDigit(t.text().charAt(0))) {
            return List.of();
        }
        return phrases.getOrDefault(t.isNumber() ? t.text().toLowerCase(Locale.ROOT) : t.key(), List.of());
    }

    /** @return one past the phrase's last token, or -1 */
    private static int end(Phrase phrase, List<Token> pieces, int from) {
        int at = from;
        for (Place place : phrase.places) {
            boolean there = at < pieces.size() && place.holds(pieces.get(at));
            if (!there && !place.optional) {
                return -1;
            }
            at += there ? 1 : 0;
        }
        return at;
    }

    private static Token one(Phrase phrase, List<Token> of) {
        String text = of.stream().map(Token::text).collect(Collectors.joining(" "));
        return new Token(
                Token.Kind.WORD,
                text,
                phrase.key,
                0,
                0,
                of.getFirst().start(),
                of.getLast().end());
    }
}
