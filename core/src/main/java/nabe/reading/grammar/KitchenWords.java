package nabe.reading.grammar;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.larder.CatalogueFile;
import nabe.larder.Words;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** The words of a method: verbs from actions.csv, all others by their use from kitchen-words.csv. Load is strict. */
public final class KitchenWords {
    /** What a word that is neither food nor verb does in a sentence; described at the head of kitchen-words.csv. */
    public enum Use {
        DISH,
        POT,
        BOWL,
        TRAY,
        LID,
        BASE,
        PRONOUN,
        EACH,
        GENERIC,
        SHAPE,
        INTO,
        IN,
        OVER,
        WITH,
        FROM,
        ASIDE,
        PARTICLE,
        ADVERB,
        LINK,
        SUBORDINATE,
        CONDITION,
        NEGATION,
        SUBJECT,
        REST,
        OTHER,
        FILM,
        MOST,
        HANDFUL,
        ALL,
        AGAIN,
        APART,
        SAME,
        MEANWHILE,
        TOPIC,
        SCENERY,
        OVENWARE,
        ALONE,
        ACTS,
        RESTS,
        COVERS_WITH,
        COMPOUND,
        TAKES_OFF,
        PUTS_ON,
        LISTED,
        BESIDE,
        FOODS,
        WORK_OR_FOOD,
        SELDOM_WORK,
        COLOUR,
        DETAIL,
        SHORT,
        MEASURE
    }

    /** They end as words do that say how, and are things. */
    private static final Set<String> THINGS_IN_LY = Set.of("jelly", "belly", "family", "assembly");

    private static final KitchenWords SHARED = new KitchenWords();
    private final Map<String, Spoken> verbs = new HashMap<>();
    private final Map<String, Verb> phrasal = new HashMap<>();
    private final Map<String, Set<Use>> uses = new HashMap<>();

    private KitchenWords() {
        CatalogueFile actions = CatalogueFile.open("actions.csv", "effect", "verbs");
        for (CSVRecord row : actions.rows()) {
            Effect effect = effect(actions, row);
            actions.list(row, "verbs", ";").forEach(v -> addVerb(actions, row, v, effect));
        }
        CatalogueFile words = CatalogueFile.open("kitchen-words.csv", "use", "words");
        for (CSVRecord row : words.rows()) {
            Use use = use(words, row);
            words.list(row, "words", ";")
                    .forEach(w -> uses.computeIfAbsent(keyOf(w), k -> EnumSet.noneOf(Use.class))
                            .add(use));
        }
        for (Use use : Use.values()) {
            if (uses.values().stream().noneMatch(of -> of.contains(use))) {
                throw words.bad(words.rows().getFirst(), "The file must have a row for " + use + ".");
            }
        }
    }

    private static String keyOf(String word) {
        return word.contains("'") ? word : Words.key(word);
    }

    public static KitchenWords shared() {
        return SHARED;
    }

    private static Effect effect(CatalogueFile file, CSVRecord row) {
        try {
            return Effect.valueOf(file.text(row, "effect").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The effect must be one of those the head of the file names.");
        }
    }

    private static Use use(CatalogueFile file, CSVRecord row) {
        try {
            return Use.valueOf(file.text(row, "use").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The use must be one of those the head of the file names.");
        }
    }

    private void addVerb(CatalogueFile file, CSVRecord row, String written, Effect effect) {
        String[] forms = written.replace("*", "").split("/");
        Verb verb = new Verb(forms[0], effect, written.contains("*"));
        if (forms[0].contains(" ")) {
            phrasal.put(forms[0], verb);
            return;
        }
        if (verbs.containsKey(forms[0]) && verbs.get(forms[0]).form() == Form.BASE) {
            throw file.bad(row, "The verb (" + forms[0] + ") may stand in one row only.");
        }
        verbs.put(forms[0], new Spoken(verb, Form.BASE));
        for (int i = 1; i < forms.length; i++) {
            verbs.putIfAbsent(forms[i], new Spoken(verb, forms[i].endsWith("es") ? Form.THIRD : Form.PAST));
        }
        regular(forms[0], verb);
    }

    private void regular(String base, Verb verb) {
        String stem = base.endsWith("e") ? base.substring(0, base.length() - 1) : base;
        String doubled = base.matches(".*[^aeiou][aeiou][bdgmnprt]") ? base + base.charAt(base.length() - 1) : stem;
        boolean y = base.endsWith("y") && !base.matches(".*[aeiou]y");
        String past = y ? base.substring(0, base.length() - 1) + "i" : doubled;
        for (String start : List.of(doubled, stem)) {
            verbs.putIfAbsent(start + "ing", new Spoken(verb, Form.ING));
        }
        for (String start : List.of(past, y ? past : stem)) {
            verbs.putIfAbsent(start + "ed", new Spoken(verb, Form.PAST));
        }
        verbs.putIfAbsent(
                y
                        ? base.substring(0, base.length() - 1) + "ies"
                        : base + (base.matches(".*(?:sh|ch|ss|x|o)") ? "es" : "s"),
                new Spoken(verb, Form.THIRD));
    }

    /** @return the verb this word is known to be */
    Spoken spoken(Token word) {
        return Objects.requireNonNull(verb(word));
    }

    /** @return the verb this word may be, or null */
    public @Nullable Spoken verb(Token word) {
        if (!word.isWord()) {
            return null;
        }
        String plain = word.text().indexOf(' ') < 0 ? word.text().toLowerCase(Locale.ROOT) : word.key();
        Spoken found = verbs.get(plain);
        return found != null ? found : verbs.get(plain.replace("é", "e").replace("ô", "o"));
    }

    /** @return the verb that a verb and the word after it make together ("let down"), or null */
    public @Nullable Verb phrasal(Verb verb, Token next) {
        return phrasal.get(verb.base() + " " + next.key());
    }

    public boolean is(Token token, Use use) {
        return usesOf(token).contains(use);
    }

    /** @return whether it says how or when something is done ("gently", "now"), and names nothing */
    public boolean isHow(Token token) {
        return token.isWord()
                && (token.text().endsWith("ly") && !THINGS_IN_LY.contains(token.key()) || is(token, Use.ADVERB));
    }

    /** @return whether a verb's base form has the use */
    public boolean has(Use use, String base) {
        return uses.getOrDefault(Words.key(base), Set.of()).contains(use);
    }

    /** @return what the verb with this base form does, or null when it is none */
    public @Nullable Effect effect(String base) {
        Spoken found = verbs.get(base);
        return found == null ? null : found.verb().effect();
    }

    public boolean isAny(Token token, Use... some) {
        Set<Use> own = usesOf(token);
        for (Use use : some) {
            if (own.contains(use)) {
                return true;
            }
        }
        return false;
    }

    /** @return all that a word is used for, by its comparable form */
    public Set<Use> usesOf(String key) {
        return uses.getOrDefault(key, Set.of());
    }

    private Set<Use> usesOf(Token token) {
        return token.isWord() ? usesOf(token.key()) : Set.of();
    }

    /** @return whether any of these words has the use */
    public boolean any(List<Token> tokens, Use use) {
        for (Token token : tokens) {
            if (is(token, use)) {
                return true;
            }
        }
        return false;
    }
}
