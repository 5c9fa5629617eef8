package nabe.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Allergen;
import nabe.larder.CatalogueFile;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Origin;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The foods Nabe knows by name on a packet: label-words.csv and the larder's own names, additives by number, and stems.
 * Where two files speak of the same words their doubts are united.
 */
final class Lexicon {
    private static final int LONGEST_PHRASE = 8;
    private static final Set<String> KINDS = Set.of("meat", "animal", "honey");
    private final Map<String, Meaning> meanings = new HashMap<>();
    private final List<Stem> stems = new ArrayList<>();
    private final Set<String> vocabulary = new TreeSet<>();

    private record Stem(String letters, String at, Meaning meaning, Set<String> except) {
        boolean in(String word) {
            boolean long_ = word.length() >= letters.length() + 2;
            boolean there = switch (at) {
                case "start" -> word.startsWith(letters);
                case "end" -> word.endsWith(letters);
                default -> word.contains(letters);
            };
            return long_ && there && except.stream().noneMatch(word::startsWith);
        }
    }

    /** A phrase found at a place of a text: how many words it has. */
    record Phrase(Meaning meaning, int words) {}

    Lexicon(Larder larder) {
        CatalogueFile words = CatalogueFile.open("label-words.csv", "words", "means", "unclear", "why", "kind");
        for (CSVRecord row : words.rows()) {
            Meaning meaning = meaning(words, row, kind(words, row));
            words.list(row, "words", ";").forEach(phrase -> add(phrase, meaning));
        }
        larder.all().stream().sorted(Comparator.comparing(Ingredient::id)).forEach(this::add);
        loadAdditives();
        loadStems();
    }

    private void add(Ingredient i) {
        Meaning meaning = of(i);
        add(i.name(), meaning);
        i.aliases().forEach(alias -> add(alias, meaning));
    }

    /** What packets leave open stays open, whatever the cook's own larder holds by that name. */
    private static Meaning united(Meaning packet, Meaning other) {
        Set<Allergen> sure = EnumSet.noneOf(Allergen.class);
        sure.addAll(other.allergens());
        sure.removeAll(packet.maybe());
        return packet.and(
                new Meaning(other.kind(), sure, other.kinds(), other.maybe(), other.maybeAnimal(), other.why()));
    }

    private void add(String phrase, Meaning meaning) {
        List<Token> tokens = Lexer.tokens(PlainText.of(phrase)).stream()
                .filter(Token::isWord)
                .toList();
        tokens.forEach(t -> vocabulary.add(t.key()));
        meanings.merge(joined(tokens, 0, tokens.size()), meaning, Lexicon::united);
    }

    private static Meaning of(Ingredient i) {
        Set<String> kinds = new HashSet<>();
        if (i.origin() == Origin.MEAT) {
            kinds.add("meat");
        } else if (i.origin() == Origin.FISH || i.origin() == Origin.ANIMAL) {
            kinds.add("animal");
        } else if (i.origin() == Origin.HONEY) {
            kinds.add("honey");
        }
        String why = !i.make().mixture() && !i.maybeAnimal() ? null : Messages.say("label.what-is-in-the", i.name());
        boolean mixture = i.make().mixture();
        Meaning.Kind kind = mixture ? Meaning.Kind.COMPOUND : Meaning.Kind.FOOD;
        return new Meaning(kind, i.allergens(), kinds, mixture ? i.maybe() : Set.of(), i.maybeAnimal(), why);
    }

    private static Meaning.Kind kind(CatalogueFile file, CSVRecord row) {
        return switch (file.text(row, "kind")) {
            case "" -> Meaning.Kind.FOOD;
            case "class" -> Meaning.Kind.CLASS;
            case "compound" -> Meaning.Kind.COMPOUND;
            default -> throw file.bad(row, "The kind must be empty, class or compound.");
        };
    }

    private static Meaning meaning(CatalogueFile file, CSVRecord row, Meaning.Kind kind) {
        List<String> means = file.list(row, "means", " ");
        List<String> unclear = file.list(row, "unclear", " ");
        String why = Messages.translated(file.text(row, "why"));
        Set<String> kinds = new TreeSet<>(means);
        kinds.retainAll(KINDS);
        return new Meaning(
                kind,
                allergens(
                        file,
                        row,
                        means.stream().filter(w -> !KINDS.contains(w)).toList()),
                kinds,
                allergens(
                        file,
                        row,
                        unclear.stream().filter(w -> !w.equals("animal")).toList()),
                unclear.contains("animal"),
                why.isEmpty() ? null : why);
    }

    private static Set<Allergen> allergens(CatalogueFile file, CSVRecord row, List<String> words) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        for (String word : words) {
            try {
                all.add(Allergen.ofId(word));
            } catch (IllegalArgumentException e) {
                throw file.bad(row, "The allergen (" + word + ") is not known.");
            }
        }
        return all;
    }

    private void loadAdditives() {
        CatalogueFile file = CatalogueFile.open("additives.csv", "numbers", "means", "unclear", "why");
        for (CSVRecord row : file.rows()) {
            boolean open = !file.text(row, "unclear").isEmpty();
            Meaning meaning = meaning(file, row, open ? Meaning.Kind.CLASS : Meaning.Kind.FOOD);
            for (String numbers : file.list(row, "numbers", " ")) {
                String[] ends = numbers.split("-");
                for (int n = Integer.parseInt(ends[0]); n <= Integer.parseInt(ends[ends.length - 1]); n++) {
                    meanings.merge("e" + n, meaning, Meaning::and);
                }
            }
        }
    }

    private void loadStems() {
        CatalogueFile file = CatalogueFile.open("label-stems.csv", "stem", "at", "means", "except");
        for (CSVRecord row : file.rows()) {
            stems.add(new Stem(
                    file.text(row, "stem"),
                    file.text(row, "at"),
                    stemMeaning(file, row),
                    Set.copyOf(file.list(row, "except", ";"))));
        }
    }

    private static Meaning stemMeaning(CatalogueFile file, CSVRecord row) {
        String means = file.text(row, "means");
        return KINDS.contains(means)
                ? Meaning.holding(Set.of(), Set.of(means))
                : Meaning.holding(allergens(file, row, List.of(means)), Set.of());
    }

    /** @return every word that stands in some phrase */
    Set<String> vocabulary() {
        return vocabulary;
    }

    boolean knows(String word) {
        return vocabulary.contains(word) || meanings.containsKey(word);
    }

    /** @return what the word alone means, or null */
    @Nullable
    Meaning of(String word) {
        return meanings.get(word);
    }

    /** @return the longest phrase that begins at a token and runs over words only, or null */
    @Nullable
    Phrase longestAt(List<? extends Node> tokens, int from) {
        int most = 0;
        while (most < LONGEST_PHRASE
                && from + most < tokens.size()
                && tokens.get(from + most).isAWord()) {
            most++;
        }
        for (int length = most; length > 0; length--) {
            Meaning meaning = meanings.get(joined(tokens, from, length));
            if (meaning != null) {
                return new Phrase(meaning, length);
            }
        }
        return null;
    }

    private static String joined(List<? extends Node> tokens, int from, int length) {
        StringBuilder key = new StringBuilder();
        for (Node token : tokens.subList(from, from + length)) {
            key.append(key.isEmpty() ? "" : " ").append(((Token) token).key());
        }
        return key.toString();
    }

    /** @return what its stems give away, all of them together, or null */
    @Nullable
    Meaning byStem(String word) {
        return stems.stream()
                .filter(stem -> stem.in(word))
                .map(Stem::meaning)
                .reduce(Meaning::and)
                .orElse(null);
    }

    /** @return every single word that brings an allergen or comes from an animal, for looking up slips of the pen */
    Set<String> tellingWords() {
        Set<String> telling = new TreeSet<>();
        meanings.forEach((key, meaning) -> {
            if (key.indexOf(' ') < 0
                    && (!meaning.allergens().isEmpty() || !meaning.kinds().isEmpty())) {
                telling.add(key);
            }
        });
        return telling;
    }
}
