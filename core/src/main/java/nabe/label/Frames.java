package nabe.label;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.CatalogueFile;
import nabe.needs.Need;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** The words around the foods: what each does, from label-frames.csv. */
final class Frames {
    private static final int LONGEST = 14;
    private final Map<String, Set<Use>> uses = new HashMap<>();
    private final Map<String, Need> claims = new HashMap<>();
    private final Set<String> vocabulary = new TreeSet<>();

    /** What a frame word does; described in the file's head. */
    enum Use {
        LIST,
        HOLDS,
        BITS,
        MAY,
        FREE,
        NONE,
        UNSUITABLE,
        END_FREE,
        BOILERPLATE,
        ADMIN,
        NUTRITION,
        MAKING,
        PLACE,
        SHARING,
        WARNING,
        OPEN,
        BYSTANDER,
        CLAIM,
        NEARLY,
        CONTEXT,
        NEGATION,
        MARK,
        DESCRIBES,
        JOINS,
        STRUCTURE,
        RENNET,
        FUNCTION
    }

    /** A frame phrase at a place: how many nodes it takes. */
    record Match(Use use, @Nullable Need need, int nodes) {}

    Frames() {
        CatalogueFile file = CatalogueFile.open("label-frames.csv", "use", "words");
        for (CSVRecord row : file.rows()) {
            String[] use = file.text(row, "use").split(":");
            for (String phrase : file.list(row, "words", ";")) {
                add(file, row, use, phrase);
            }
        }
    }

    private void add(CatalogueFile file, CSVRecord row, String[] use, String phrase) {
        StringBuilder key = new StringBuilder();
        for (Token token : Lexer.tokens(PlainText.of(phrase.replace("#", "1")))) {
            if (token.isWord() || token.is(Token.Kind.NUMBER)) {
                key.append(key.isEmpty() ? "" : " ").append(keyOf(token));
                vocabulary.add(keyOf(token));
            }
        }
        try {
            uses.computeIfAbsent(key.toString(), k -> EnumSet.noneOf(Use.class))
                    .add(Use.valueOf(use[0].toUpperCase(java.util.Locale.ROOT).replace('-', '_')));
            if (use.length > 1) {
                claims.put(key.toString(), Need.ofId(use[1]));
            }
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The use (" + use[0] + ") must be one of those the head of the file names.");
        }
    }

    private static String keyOf(Token token) {
        return token.is(Token.Kind.NUMBER) ? "#" : token.key();
    }

    Set<String> vocabulary() {
        return vocabulary;
    }

    boolean is(Use use, Node node) {
        return node instanceof Token t && t.isWord() && is(use, t.key());
    }

    boolean is(Use use, String key) {
        Set<Use> all = uses.get(key);
        return all != null && all.contains(use);
    }

    /** @return the longest phrase of one of these uses that begins at a node, line breaks passed over, or null */
    @Nullable
    Match at(List<? extends Node> nodes, int from, Set<Use> wanted) {
        return at(nodes, from, wanted, Token.Kind.LINE);
    }

    /** The same over commas: "for allergens, including gluten, see ..." says nothing of what is in it. */
    @Nullable
    Match overCommas(List<? extends Node> nodes, int from, Use use) {
        return at(nodes, from, Set.of(use), Token.Kind.COMMA);
    }

    private @Nullable Match at(List<? extends Node> nodes, int from, Set<Use> wanted, Token.Kind over) {
        StringBuilder key = new StringBuilder();
        Match best = null;
        int words = 0;
        for (int i = from; i < nodes.size() && words < LONGEST; i++) {
            if (i > from
                    && (nodes.get(i).isKind(Token.Kind.LINE) || nodes.get(i).isKind(over))) {
                continue;
            }
            if (!(nodes.get(i) instanceof Token t) || !t.isWord() && !t.is(Token.Kind.NUMBER)) {
                break;
            }
            key.append(key.isEmpty() ? "" : " ").append(keyOf(t));
            words++;
            for (Use use : uses.getOrDefault(key.toString(), Set.of())) {
                if (wanted.contains(use)) {
                    best = new Match(use, claims.get(key.toString()), i - from + 1);
                }
            }
        }
        return best;
    }
}
