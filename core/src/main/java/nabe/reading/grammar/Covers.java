package nabe.reading.grammar;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.KitchenWords.Use;
import org.jspecify.annotations.Nullable;

/** What a clause says of foil and lid. */
final class Covers {
    private final KitchenWords words;

    Covers(KitchenWords words) {
        this.words = words;
    }

    /** @param foods whether the clause has a noun that is no lid: "cover with the sauce" */
    @Nullable
    Cover of(@Nullable Verb verb, List<Token> tokens, boolean foods) {
        if (verb != null && Set.of("drain", "dry", "pat", "blot").contains(verb.base())) {
            return null;
        }
        if (verb != null && verb.effect() == Verb.Effect.COVER && coversEdge(tokens)) {
            return null;
        }
        Cover said = null;
        for (int i = 0; i < tokens.size(); i++) {
            Token t = tokens.get(i);
            if (t.is("uncovered") || t.is("uncover") || t.is("uncovering")) {
                said = Cover.OFF;
            } else if (t.is("covered") && !half(tokens, i)) {
                said = Cover.ON;
            } else if (words.is(t, Use.LID) && !isVerb(verb, t, i) && !isUnderIt(tokens, i)) {
                Cover here = around(tokens, i);
                said = here == null ? said : here;
            }
        }
        boolean both = tokens.size() > 2
                && tokens.get(0).is("off")
                && tokens.get(1).is("with")
                && (words.is(tokens.get(2), Use.PRONOUN) || tokens.get(2).is("both"));
        if (said == null && both) {
            said = Cover.OFF;
        }
        boolean it = tokens.size() <= 5
                && Tokens.has(tokens, "it")
                && Tokens.has(tokens, "off")
                && !Tokens.has(tokens, "heat");
        if (said == null && it && verb != null && Set.of("take", "lift", "come").contains(verb.base())) {
            said = Cover.OFF;
        }
        boolean crust = verb != null && verb.base().equals("seal");
        if (said == null && verb != null && verb.effect() == Verb.Effect.COVER && !foods && !crust) {
            said = Cover.ON;
        }
        return said;
    }

    /** "Cover the edge of the crust with foil" leaves the dish open. */
    private boolean coversEdge(List<Token> tokens) {
        for (Token t : tokens) {
            if (t.is("edge") || t.is("rim")) {
                return true;
            }
            if (t.is("with")) {
                return false;
            }
        }
        return false;
    }

    private static boolean isVerb(@Nullable Verb verb, Token t, int i) {
        return i == 0 && verb != null && t.is(verb.base()) && t.is("cover");
    }

    /** "Trays lined with baking paper", "on paper towels": what lies under a thing covers nothing. */
    private static boolean isUnderIt(List<Token> tokens, int i) {
        boolean towel = i + 1 < tokens.size() && tokens.get(i + 1).is("towel");
        boolean lined = IntStream.range(Math.max(0, i - 3), i - 1)
                .anyMatch(k -> tokens.get(k).text().equalsIgnoreCase("lined")
                        && tokens.get(k + 1).is("with"));
        return towel || lined;
    }

    private static boolean half(List<Token> tokens, int i) {
        return i > 0
                && (tokens.get(i - 1).is("half")
                        || tokens.get(i - 1).is("partly")
                        || tokens.get(i - 1).is("partially"));
    }

    /** The words around it up to the next marks. */
    private static List<Token> near(List<Token> tokens, int at) {
        int from = at;
        while (from > 0 && !tokens.get(from - 1).isMark()) {
            from--;
        }
        int to = at;
        while (to < tokens.size() && !tokens.get(to).isMark()) {
            to++;
        }
        return tokens.subList(from, to);
    }

    /** The nearest word that tells: "take the foil off", "foil on tight", "no lid", "lid half on". */
    private @Nullable Cover around(List<Token> tokens, int at) {
        for (int k = at - 1; k >= 0 && k > at - 5 && !tokens.get(k).isMark(); k--) {
            boolean puts = k > 0
                    && words.verb(tokens.get(k - 1)) != null
                    && tokens.get(at).is("lid");
            boolean under = (tokens.get(k).is("on") || tokens.get(k).is("onto")) && at - k > 1 && !puts;
            if (under) {
                return null;
            }
        }
        if (Tokens.has(tokens, "half", "partly", "ajar")) {
            return null;
        }
        boolean off = tokens.stream().anyMatch(t -> words.is(t, Use.TAKES_OFF));
        if (at > 0 && (tokens.get(at - 1).is("no") || tokens.get(at - 1).is("without"))) {
            return Cover.OFF;
        }
        boolean back = Tokens.has(near(tokens, at), "back") && !Tokens.has(tokens, "peel", "pull", "fold");
        if (back) {
            return Cover.ON;
        }
        if (off) {
            return Cover.OFF;
        }
        boolean on = tokens.stream().anyMatch(t -> words.is(t, Use.PUTS_ON)) || at == 0 || tokens.size() <= 3;
        return on ? Cover.ON : null;
    }
}
