package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.grammar.Verb.Form;

/** Where the clauses of a sentence begin and end. */
final class Spans {
    private final KitchenWords words;
    private final List<Token> tokens;
    private final Telling telling;
    private final Leads leads;
    /** What is done in passing to what was just laid. */
    private static final Set<String> TOUCHES =
            Set.of("salt", "pepper", "season", "press", "pat", "flatten", "smooth", "level", "dot", "dust");

    /** "Lay them, seam down, in the dish" says how they lie. */
    private static final Set<String> LIES_ON = Set.of("seam", "side", "skin", "rind", "join", "flesh", "fold");

    private final List<int[]> spans = new ArrayList<>();

    Spans(KitchenWords words, List<Token> tokens, Telling telling, Leads leads) {
        this.words = words;
        this.tokens = tokens;
        this.telling = telling;
        this.leads = leads;
    }

    /** Where clauses begin and end: at verbs that lead, at parts that end with a particle, at semicolon-like dashes. */
    List<int[]> all() {
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (!isDoneWith(i, starts)
                    && telling.instructs(i)
                    && (leads.at(i) || i > 0 && !telling.instructs(i - 1) && leads.begins(i))) {
                starts.add(i);
            }
        }
        int at = 0;
        for (int k = 0; k <= starts.size(); k++) {
            int start = k < starts.size() ? starts.get(k) : tokens.size();
            if (k == 0) {
                at = prefix(start, starts.isEmpty());
                continue;
            }
            verbSpan(starts.get(k - 1), at, start);
            at = start;
        }
        return spans;
    }

    /** "Cook and drain the mince", "fill and roll the tortillas": the second of two verbs with one object, and the lesser. */
    private boolean isDoneWith(int i, List<Integer> starts) {
        boolean pair = !starts.isEmpty()
                && starts.getLast() == i - 2
                && tokens.get(i - 1).is("and");
        if (!pair || words.verb(tokens.get(i)) == null) {
            return false;
        }
        Effect first = words.spoken(tokens.get(i - 2)).verb().effect();
        Effect second = words.spoken(tokens.get(i)).verb().effect();
        return first == Effect.HEAT && second == Effect.PREP || first == Effect.INSIDE && second == Effect.ROLL;
    }

    /** A clause with a verb may be followed by parts without one: "add tomatoes, peas in". */
    private void verbSpan(int verb, int from, int to) {
        int end = isBareRepeat(verb) ? Math.min(verb + 1, to) : to;
        for (int i = verb + 1; i < to; i++) {
            if (tokens.get(i).is(",") && partWithParticle(i + 1, to)) {
                end = i;
                break;
            }
        }
        int then = pastTouch(verb, end);
        addTimed(from, then);
        if (then < end) {
            spans.add(new int[] {then, end});
        }
        if (end < to) {
            spans.add(new int[] {end + 1, to});
        }
    }

    /**
     * "Salt them, then the leeks", "stir till thick, then the cheese": what follows is laid or goes in as before, it is not
     * salted or stirred till thick.
     *
     * @return where it begins, or the end
     */
    private int pastTouch(int verb, int to) {
        boolean touches = TOUCHES.contains(words.spoken(tokens.get(verb)).verb().base())
                && verb + 1 < to
                && words.is(tokens.get(verb + 1), Use.PRONOUN);
        Effect effect = words.spoken(tokens.get(verb)).verb().effect();
        boolean stirs = Set.of(Effect.MIX, Effect.JOIN, Effect.KEEP).contains(effect)
                && !tokens.get(to - 1).key().endsWith("ly");
        for (int i = verb + 2; i + 1 < to; i++) {
            boolean waited = stirs
                    && Tokens.has(tokens.subList(verb, i), "till", "until")
                    && tokens.get(i - 1).is(",")
                    && Durations.in(tokens.subList(i, to)).isEmpty();
            if (tokens.get(i).is("then") && (touches || waited)) {
                return i;
            }
        }
        return to;
    }

    /** "Bake for 25 minutes, then flash under the grill for 2": each time has a clause of its own. */
    private void addTimed(int from, int to) {
        for (int i = from + 1; i < to; i++) {
            boolean last =
                    tokens.get(i - 1).is(",") && (tokens.get(i).is("last") || isLastOf(i, to) || isMoreUnder(i, to));
            boolean parts = (tokens.get(i).is("then")
                            || tokens.get(i).is("and") && tokens.get(i - 1).isMark()
                            || last)
                    && !Durations.in(tokens.subList(from, i)).isEmpty()
                    && !Durations.in(tokens.subList(i, to)).isEmpty();
            if (parts) {
                spans.add(new int[] {from, i});
                spans.add(new int[] {i, to});
                return;
            }
        }
        spans.add(new int[] {from, to});
    }

    /** "…, the last 5 under the grill", "…, for the last 10 uncovered". */
    private boolean isLastOf(int i, int to) {
        int at = tokens.get(i).is("for") || tokens.get(i).is("with") ? i + 1 : i;
        return at + 1 < to && tokens.get(at).is("the") && tokens.get(at + 1).is("last");
    }

    /** "…, 5 more under the grill". */
    private boolean isMoreUnder(int i, int to) {
        return tokens.get(i).isNumber()
                && Tokens.has(tokens.subList(i, Math.min(to, i + 3)), "more")
                && Tokens.has(tokens.subList(i, to), "grill", "broiler");
    }

    /** "peas in", "foil off": a noun and a particle up to the next mark. */
    private boolean partWithParticle(int from, int to) {
        if (from + 1 < to && tokens.get(from).is("in") && tokens.get(from + 1).is("with")) {
            return true;
        }
        int end = from;
        while (end < to
                && !tokens.get(end).isMark()
                && !tokens.get(end).is("and")
                && !tokens.get(end).is("then")) {
            end++;
        }
        return end - from >= 2
                && end - from <= 5
                && !LIES_ON.contains(tokens.get(end - 2).key())
                && words.is(tokens.get(end - 1), Use.PARTICLE)
                && !leads.at(from)
                && !words.isAny(tokens.get(from), Use.IN, Use.INTO, Use.OVER, Use.ASIDE, Use.WITH);
    }

    /**
     * What stands before the first verb: "In a bowl," goes with it; "Onion + carrot, fry" are its objects; "Mince in,"
     * and what a verb with objects of its own follows stand by themselves.
     *
     * @return where the first verb's clause begins
     */
    private int prefix(int verb, boolean none) {
        if (!none && leads.isForThe(verb)) {
            spans.add(new int[] {0, verb});
            return verb;
        }
        int from = 0;
        for (int i = 0; i < Math.min(verb, tokens.size() - 1); i++) {
            if (tokens.get(i).is(",") && !tokens.get(i + 1).isNumber() && partWithParticle(from, i + 1)) {
                spans.add(new int[] {from, i});
                from = i + 1;
            }
        }
        if (none) {
            addTimed(from, tokens.size());
            return tokens.size();
        }
        boolean fronted = from < verb && isFronted(from, verb);
        boolean goes = words.spoken(tokens.get(verb)).verb().base().equals("go")
                || words.spoken(tokens.get(verb)).form() == Form.THIRD;
        boolean joined = verb > 0
                && !isBareRepeat(verb)
                && !fronted
                && from < verb
                && (goes || !hasObject(verb) && !tokens.get(verb - 1).is("—"));
        if (from < verb && !fronted && !joined && telling.anyInstruction(from, verb)) {
            spans.add(new int[] {from, verb});
            return verb;
        }
        return from;
    }

    /** "Half the lentils, half the aubergine, repeat, yogurt on top": it has neither objects nor anything after it. */
    private boolean isBareRepeat(int verb) {
        return words.spoken(tokens.get(verb)).verb().base().equals("repeat")
                && (verb + 1 >= tokens.size() || tokens.get(verb + 1).is(","));
    }

    private boolean isFronted(int from, int verb) {
        int i = from;
        while (i < verb && (words.isHow(tokens.get(i)) || words.is(tokens.get(i), Use.LINK))) {
            i++;
        }
        return i >= verb
                || Leads.isTime(tokens.subList(i, verb))
                || words.isAny(tokens.get(i), Use.IN, Use.INTO, Use.OVER, Use.WITH, Use.SUBORDINATE, Use.ASIDE)
                || words.is(tokens.get(i), Use.SUBJECT);
    }

    private boolean hasObject(int verb) {
        int i = verb + 1;
        while (i < tokens.size() && words.isHow(tokens.get(i))) {
            i++;
        }
        if (i >= tokens.size() || tokens.get(i).isMark() || tokens.get(i).isNumber()) {
            return false;
        }
        return !words.isAny(tokens.get(i), Use.SUBORDINATE, Use.PARTICLE, Use.LINK)
                        && !words.is(tokens.get(i), Use.ASIDE)
                || words.isAny(tokens.get(i), Use.PARTICLE)
                        && i + 1 < tokens.size()
                        && tokens.get(i + 1).isWord()
                        && !words.isAny(tokens.get(i + 1), Use.LINK, Use.ADVERB);
    }
}
