package nabe.reading.grammar;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;
import org.jspecify.annotations.Nullable;

/** "I peel the potatoes, then I boil them", "she slices the aubergines and bakes them": a method somebody tells, as orders. */
final class Narrated {
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.;!?])(?=\\s)");
    private static final Set<String> SPEAKERS = Set.of("i", "we", "you");
    private static final Set<String> OTHERS = Set.of(
            "she",
            "he",
            "mum",
            "mom",
            "mother",
            "dad",
            "father",
            "gran",
            "granny",
            "grandma",
            "grandmother",
            "nana",
            "nan",
            "nonna",
            "oma",
            "aunt",
            "auntie");
    /** "You want to stir it", "I like to brown it". */
    private static final Set<String> WISHES = Set.of("want", "need", "have", "like");

    private static final Set<String> LINKS = Set.of("and", "then", "but", "or");
    private static final Set<String> LEADS =
            Set.of("meanwhile", "then", "next", "finally", "now", "afterwards", "lastly", "first", "so");
    /** "For the sauce she warms the oil", "when it is done I drain it": what stands before who tells. */
    private static final Set<String> FRONTS =
            Set.of("for", "in", "on", "when", "while", "once", "after", "as", "with", "at", "meanwhile");

    private static final Pattern GOES_IN = Pattern.compile(
            "\\b(?:it|this|that|everything|the (?:dish|lot|whole thing))( all)? goes (?=(?:back )?in(?:to)?\\b)",
            Pattern.CASE_INSENSITIVE);
    /** "…, and while that's going, make": what else goes on meanwhile is no order. */
    private static final Pattern MEANWHILE = Pattern.compile(
            ", and while (?:that|it|they|those)(?:'s|’s|'re| is| are)? [\\p{L} ]{3,20},", Pattern.CASE_INSENSITIVE);

    /** So many sentences of a method, and such a part of it, that it is told and not ordered. */
    private static final int LEAST = 3;

    private static final double PART = 0.4;

    private final KitchenWords words;

    Narrated(KitchenWords words) {
        this.words = words;
    }

    /** @return the same steps, as orders where somebody tells what they do */
    List<String> of(List<String> steps) {
        if (steps.stream().noneMatch(Narrated::mayBeTold)) {
            return steps;
        }
        List<String> all = steps.stream().flatMap(SENTENCE::splitAsStream).toList();
        long told = all.stream().filter(s -> !ordered(s).equals(s)).count();
        return told < LEAST || told < PART * all.size()
                ? steps
                : steps.stream()
                        .map(step -> SENTENCE.splitAsStream(step)
                                .map(this::ordered)
                                .map(s -> MEANWHILE.matcher(s).replaceAll(", then"))
                                .map(s -> GOES_IN.matcher(s).replaceAll("put it$1 "))
                                .collect(Collectors.joining()))
                        .toList();
    }

    /** A cheap look, since most methods are orders. */
    private static boolean mayBeTold(String text) {
        String lower = " " + text.toLowerCase(Locale.ROOT);
        return SPEAKERS.stream().anyMatch(t -> lower.contains(" " + t + " "))
                || OTHERS.stream().anyMatch(t -> lower.contains(" " + t + " "));
    }

    private String ordered(String sentence) {
        List<Token> tokens = Tokens.of(sentence);
        StringBuilder text = new StringBuilder();
        int at = 0;
        Form tense = Form.BASE;
        for (int i = 0; i < tokens.size(); i++) {
            int verb = isTeller(tokens, i) ? verbAfter(tokens, i) : -1;
            if (verb > 0) {
                tense = words.spoken(tokens.get(verb)).form();
                int from = i > 0 && tokens.get(i - 1).is("my") ? i - 1 : i;
                text.append(sentence, at, tokens.get(from).start());
                text.append(order(tokens.get(verb), from == 0, isFronted(tokens, from)));
                at = tokens.get(verb).end();
                i = verb;
            } else if (tense != Form.BASE && isJoined(tokens, i) && form(tokens.get(i)) == tense) {
                text.append(sentence, at, tokens.get(i).start()).append(base(tokens.get(i)));
                at = tokens.get(i).end();
            }
        }
        return text.append(sentence.substring(at)).toString().replace(" , ", ", ");
    }

    /** Who tells, at the head of a part: not "until you see", "if you like". */
    private boolean isTeller(List<Token> tokens, int i) {
        String key = tokens.get(i).key();
        int head = i > 0 && tokens.get(i - 1).is("my") ? i - 1 : i;
        return (SPEAKERS.contains(key) || OTHERS.contains(key)) && (isJoined(tokens, head) || isFronted(tokens, head));
    }

    private boolean isJoined(List<Token> tokens, int i) {
        int before = i - 1;
        while (before >= 0 && isAdverb(tokens.get(before))) {
            before--;
        }
        return before < 0
                || tokens.get(before).isMark()
                || LINKS.contains(tokens.get(before).key());
    }

    /** Behind "for the sauce", with no mark between. */
    private boolean isFronted(List<Token> tokens, int i) {
        int from = i;
        while (from > 0 && !tokens.get(from - 1).isMark()) {
            from--;
        }
        while (from < i && (LINKS.contains(tokens.get(from).key()) || isAdverb(tokens.get(from)))) {
            from++;
        }
        return i - from > 2 && FRONTS.contains(tokens.get(from).key());
    }

    private boolean isAdverb(Token t) {
        return t.isWord()
                && !LINKS.contains(t.key())
                && !words.isAny(t, Use.CONDITION, Use.SUBORDINATE)
                && words.verb(t) == null
                && (LEADS.contains(t.key()) || words.isHow(t));
    }

    /** @return the verb of what is done, or -1 where it only tells ("I like it crisp", "you could add") */
    private int verbAfter(List<Token> tokens, int teller) {
        int at = teller + 1;
        while (at < tokens.size() && (isAdverb(tokens.get(at)) || isAlways(tokens.get(at)))) {
            at++;
        }
        boolean wishes = at + 2 < tokens.size()
                && WISHES.contains(tokens.get(at).key())
                && tokens.get(at + 1).is("to");
        boolean begins = at + 2 < tokens.size()
                && Set.of("start", "begin").contains(tokens.get(at).key())
                && tokens.get(at + 1).is("by");
        at = wishes || begins ? at + 2 : at;
        Spoken said = at < tokens.size() ? words.verb(tokens.get(at)) : null;
        boolean works = said != null
                && (said.form() != Form.ING || begins)
                && (said.form() != Form.PAST
                        || !SPEAKERS.contains(tokens.get(teller).key())
                        || at == teller + 1)
                && (said.verb().effect() != Effect.PASS
                        || Set.of("take", "turn").contains(said.verb().base()));
        return works ? at : -1;
    }

    private static boolean isAlways(Token token) {
        return Tokens.has(List.of(token), "always", "usually", "just", "also");
    }

    /** @param opens whether it begins the sentence; {@code fronted} whether a phrase stands before it without a comma */
    private String order(Token verb, boolean opens, boolean fronted) {
        String base = base(verb);
        String shown = opens ? base.substring(0, 1).toUpperCase(Locale.ROOT) + base.substring(1) : base;
        return fronted ? ", " + shown : shown;
    }

    private @Nullable Form form(Token token) {
        Spoken said = words.verb(token);
        return said == null ? null : said.form();
    }

    private String base(Token token) {
        return words.spoken(token).verb().base();
    }
}
