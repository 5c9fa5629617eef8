package nabe.reading.grammar;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;
import org.jspecify.annotations.Nullable;

/** What a clause tells the cook to do: its leading verb, or the one that this only introduces ("let it rest", "get it boiling"). */
final class Actions {
    private static final Set<String> ASIDE = Set.of("set", "put", "leave", "place", "lay", "keep");

    private static final Verb RINSE = new Verb("rinse", Effect.PREP, false);

    private static final Set<Effect> IN_POT =
            Set.of(Effect.BAKE, Effect.GRILL, Effect.HEAT, Effect.START, Effect.REST, Effect.JOIN, Effect.MIX);

    private final KitchenWords words;
    private final List<Token> tokens;
    private final Telling telling;
    private final Leads leads;

    Actions(KitchenWords words, List<Token> tokens, Telling telling, Leads leads) {
        this.words = words;
        this.tokens = tokens;
        this.telling = telling;
        this.leads = leads;
    }

    /** @param at where the leading verb stands, or the clause begins; {@code body} the first token after it */
    record Action(@Nullable Verb verb, int at, int body) {}

    Action in(int from, int to) {
        int at = from;
        while (at < to && !isLed(at)) {
            at++;
        }
        if (at == to) {
            return new Action(past(from, to), from, from);
        }
        Verb verb = said(at);
        int body = at + 1;
        Verb phrasal = body < to ? words.phrasal(verb, tokens.get(body)) : null;
        if (phrasal != null) {
            verb = phrasal;
            body++;
        }
        int goesOn = verb.base().equals("keep") || verb.base().equals("continue") ? goesOn(verb, body, to) : -1;
        if (goesOn >= 0) {
            return new Action(said(goesOn), at, goesOn + 1);
        }
        int meant =
                verb.effect() == Effect.LET ? complement(body, to) : verb.base().equals("get") ? ing(body, to) : -1;
        if (meant >= 0) {
            telling.used(meant);
            verb = said(meant);
        }
        if (verb.base().equals("set") && Tokens.has(tokens.subList(body, to), "timer", "alarm")) {
            return new Action(new Verb("time", Effect.HEAT, false), at, body);
        }
        List<Token> rest = tokens.subList(body, to);
        if (verb.base().equals("pass") && Tokens.has(rest, "through", "under", "in")) {
            Verb done = Tokens.has(rest, "oil", "fat") ? new Verb("fry", Effect.HEAT, false) : RINSE;
            return new Action(done, at, body);
        }
        boolean folded = verb.base().equals("fold")
                && Tokens.has(rest, "it", "them", "each")
                && Tokens.has(rest, "in", "into")
                && (rest.stream().anyMatch(Token::isNumber) || Tokens.has(rest, "half", "quarter", "triangle"));
        if (folded) {
            return new Action(new Verb("fold", Effect.ROLL, false), at, body);
        }
        if (verb.base().equals("roll") && isRolledThin(rest)) {
            return new Action(new Verb("roll", Effect.PREP, false), at, body);
        }
        boolean opened = verb.base().equals("split")
                && Tokens.has(rest, "half", "two", "middle", "open", "lengthwise", "lengthways", "horizontally");
        if (opened) {
            return new Action(new Verb("split", Effect.PREP, false), at, body);
        }
        boolean repeats = verb.base().equals("go")
                && rest.size() > 1
                && rest.getFirst().is("on")
                && Tokens.has(rest.subList(1, 2), "like", "so", "until");
        if (repeats) {
            return new Action(new Verb("repeat", Effect.REPEAT, false), at, body);
        }
        boolean aside = ASIDE.contains(verb.base()) && Tokens.has(tokens.subList(body, to), "aside");
        return new Action(aside ? new Verb("set aside", Effect.KEEP, false) : verb, at, body);
    }

    /** "Roll out thinly": a dough, and no wrap. */
    private boolean isRolledThin(List<Token> rest) {
        return !rest.isEmpty()
                && rest.getFirst().is("out")
                && rest.stream().skip(1).allMatch(t -> t.isMark() || words.isHow(t) || words.is(t, Use.LINK));
    }

    private boolean isLed(int i) {
        return telling.instructs(i) && (leads.at(i) || i > 0 && !telling.instructs(i - 1) && leads.begins(i));
    }

    /** "Keep stirring", "continue baking", "continue to cook"; to continue layering is to repeat. @return the work that goes on, or -1 */
    private int goesOn(Verb verb, int body, int to) {
        int at = body < to && tokens.get(body).is("to") ? body + 1 : body;
        if (at >= to || !isIng(at) && (at == body || words.verb(tokens.get(at)) == null)) {
            return -1;
        }
        boolean adds = IN_POT.contains(said(at).effect()) && !Tokens.has(tokens.subList(at, to), "layer", "layers");
        return verb.base().equals("keep") || adds ? at : -1;
    }

    private Verb said(int i) {
        return words.spoken(tokens.get(i)).verb();
    }

    private boolean isIng(int i) {
        Spoken spoken = words.verb(tokens.get(i));
        return spoken != null && spoken.form() == Form.ING;
    }

    /** "Get the pasta boiling". */
    private int ing(int from, int to) {
        for (int i = from + 1; i < to && !tokens.get(i).isMark(); i++) {
            Spoken spoken = words.verb(tokens.get(i));
            if (spoken != null
                    && spoken.form() == Form.ING
                    && (spoken.verb().effect() == Effect.START || spoken.verb().effect() == Effect.HEAT)) {
                return i;
            }
        }
        return -1;
    }

    /** "Let it rest", "leave to stand", "let that bubble away". */
    private int complement(int from, int to) {
        for (int i = from; i < to && !tokens.get(i).isMark(); i++) {
            Spoken spoken = words.verb(tokens.get(i));
            boolean base = spoken != null && spoken.form() == Form.BASE && telling.instructs(i);
            boolean led = i == from
                    || !words.is(tokens.get(i - 1), Use.IN)
                            && !tokens.get(i - 1).is("on")
                            && !tokens.get(i - 1).is("the")
                            && !tokens.get(i - 1).is("a");
            if (spoken != null
                    && base
                    && led
                    && (i > from || !spoken.verb().noun() || spoken.verb().effect() == Effect.REST)
                    && !tokens.get(i).is("set")) {
                return i;
            }
        }
        return -1;
    }

    /** "mince browned", "veg softened 8 min": a past form after a noun stands for an action where no other does. */
    private @Nullable Verb past(int from, int to) {
        for (int i = from + 1; i < to; i++) {
            Spoken spoken = telling.instructs(i) ? words.verb(tokens.get(i)) : null;
            boolean ends = i + 1 >= to
                    || tokens.get(i + 1).isMark()
                    || tokens.get(i + 1).isNumber()
                    || tokens.get(i + 1).is("in");
            if (spoken != null
                    && spoken.form() == Form.PAST
                    && ends
                    && !tokens.get(i - 1).isMark()
                    && spoken.verb().effect() == Effect.HEAT) {
                telling.used(i);
                return spoken.verb();
            }
        }
        return null;
    }
}
