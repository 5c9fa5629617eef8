package nabe.label;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Allergen;
import nabe.larder.CatalogueFile;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Origin;
import nabe.larder.Words;
import org.apache.commons.csv.CSVRecord;

/** Knows phrases: those of label-words.csv first, then the larder's own names. The longest phrase wins. */
final class LabelWords {
    private static final int LONGEST_PHRASE = 7;
    private static final Pattern TOKEN = Pattern.compile(
            "\\be\\s?-?\\s?(?<e>\\d{3,4})(?<letter>[a-f]|\\(?i{1,3}\\)?)?\\b|[\\p{L}]+(?:['’]s)?",
            Pattern.CASE_INSENSITIVE);
    /** Beginnings and ends that give a run-together word away: "wheatflour", "milkpowder", "Weizenmehl" is beyond us. */
    private static final Map<String, Allergen> STEMS = Map.of(
            "wheat",
            Allergen.WHEAT,
            "barley",
            Allergen.BARLEY,
            "milk",
            Allergen.MILK,
            "cheese",
            Allergen.MILK,
            "egg",
            Allergen.EGG,
            "soya",
            Allergen.SOY,
            "soy",
            Allergen.SOY,
            "peanut",
            Allergen.PEANUT,
            "almond",
            Allergen.ALMOND,
            "hazelnut",
            Allergen.HAZELNUT);

    private final Map<String, Meaning> meanings = new HashMap<>();

    /** A word or E-number of the label, in comparable form, with its place. */
    record Token(String key, int start, int end) {}

    /** A phrase found: what it means and where it stands; a meaning of null is a word nobody here knows. */
    record Found(Meaning meaning, int start, int end) {}

    LabelWords(Larder larder) {
        for (Ingredient ingredient : larder.all()) {
            Meaning meaning = of(ingredient);
            put(ingredient.name(), meaning);
            ingredient.aliases().forEach(alias -> put(alias, meaning));
        }
        CatalogueFile file = CatalogueFile.open("label-words.csv");
        for (CSVRecord row : file.rows()) {
            Meaning meaning = of(file, row);
            file.list(row, "words", ";").forEach(words -> meanings.put(key(words), meaning));
        }
    }

    private void put(String words, Meaning meaning) {
        meanings.putIfAbsent(key(words), meaning);
    }

    private static String key(String words) {
        return String.join(" ", tokens(words).stream().map(Token::key).toList());
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
        String why = i.maybe().isEmpty() && !i.maybeAnimal() ? null : "What is the " + i.name() + " made of?";
        return new Meaning(i.allergens(), kinds, i.maybe(), i.maybeAnimal(), why);
    }

    private static Meaning of(CatalogueFile file, CSVRecord row) {
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        Set<String> kinds = new HashSet<>();
        for (String word : file.list(row, "means", " ")) {
            if (word.equals("meat") || word.equals("animal") || word.equals("honey")) {
                kinds.add(word);
            } else {
                allergens.add(allergen(file, row, word));
            }
        }
        Set<Allergen> maybe = EnumSet.noneOf(Allergen.class);
        List<String> unclear = file.list(row, "unclear", " ");
        unclear.stream().filter(w -> !w.equals("animal")).forEach(w -> maybe.add(allergen(file, row, w)));
        String why = file.text(row, "why");
        return new Meaning(allergens, kinds, maybe, unclear.contains("animal"), why.isEmpty() ? null : why);
    }

    private static Allergen allergen(CatalogueFile file, CSVRecord row, String word) {
        try {
            return Allergen.ofId(word);
        } catch (IllegalArgumentException e) {
            throw file.bad(row, e.getMessage());
        }
    }

    static List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher m = TOKEN.matcher(text);
        while (m.find()) {
            String letter = m.group("letter") != null
                            && m.group("letter").length() == 1
                            && !m.group("letter").equalsIgnoreCase("i")
                    ? m.group("letter").toLowerCase(Locale.ROOT)
                    : "";
            String key = m.group("e") != null ? "e" + m.group("e") + letter : Words.key(m.group());
            tokens.add(new Token(key, m.start(), m.end()));
        }
        return tokens;
    }

    /** Every phrase of a piece of text, left to right; words that no phrase holds come with a null meaning. */
    List<Found> find(String text) {
        List<Token> tokens = tokens(text);
        List<Found> found = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            int length = longestAt(tokens, i);
            if (length > 0) {
                found.add(new Found(
                        meanings.get(joined(tokens, i, length)),
                        tokens.get(i).start(),
                        tokens.get(i + length - 1).end()));
                i += length;
            } else {
                found.add(new Found(
                        guess(tokens.get(i).key()),
                        tokens.get(i).start(),
                        tokens.get(i).end()));
                i++;
            }
        }
        return found;
    }

    private int longestAt(List<Token> tokens, int i) {
        for (int length = Math.min(LONGEST_PHRASE, tokens.size() - i); length > 0; length--) {
            if (meanings.containsKey(joined(tokens, i, length))) {
                return length;
            }
        }
        return 0;
    }

    private static String joined(List<Token> tokens, int from, int length) {
        StringBuilder key = new StringBuilder();
        for (Token token : tokens.subList(from, from + length)) {
            key.append(key.isEmpty() ? "" : " ").append(token.key());
        }
        return key.toString();
    }

    private static Meaning guess(String key) {
        if (key.matches("e\\d{3,4}[a-f]?")) {
            return Meaning.HARMLESS;
        }
        for (Map.Entry<String, Allergen> stem : STEMS.entrySet()) {
            boolean hides = key.length() > stem.getKey().length() + 2
                    && (key.startsWith(stem.getKey()) || key.endsWith(stem.getKey()));
            if (hides && !key.equals("eggplant") && !key.equals("buckwheat")) {
                return new Meaning(Set.of(stem.getValue()), Set.of(), Set.of(), false, null);
            }
        }
        return null;
    }
}
