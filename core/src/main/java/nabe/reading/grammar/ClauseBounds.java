package nabe.reading.grammar;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;

/** How far a part of a sentence goes: back to a mark or "then", on to a mark, a time or the next instruction. */
final class ClauseBounds {
    private static final Set<String> AFTER_A_VERB = Set.of(
            "the",
            "a",
            "in",
            "it",
            "them",
            "half",
            "another",
            "over",
            "for",
            "with",
            "on",
            "to",
            "into",
            "out",
            "aside",
            "off",
            "up",
            "all",
            "everything",
            "this",
            "that");
    /** "When it has cooled a little". */
    private static final Set<String> HOW_MUCH = Set.of("a", "little", "bit", "slightly", "enough", "somewhat", "down");

    private static final Set<String> JOINS = Set.of(
            "add", "stir", "pour", "tip", "whisk", "beat", "fold", "put", "throw", "scatter", "slide", "drop", "mix",
            "combine", "return", "spread", "season");

    /** "Until tender and drain": no sign ends so. */
    private static final Set<String> DRAINS = Set.of("drain", "rinse", "strain");

    /** "When you add the wine", "until ready to stir in the cream", "the mix": told, not asked. */
    private static final Set<String> NO_ORDER_AFTER = Set.of(
            "to", "you", "they", "we", "i", "will", "can", "should", "the", "a", "this", "your", "and", "or", "not",
            "before", "you'll", "when", "until", "as", "once", "of", "with");

    private final KitchenWords words;
    private final List<Token> tokens;

    ClauseBounds(KitchenWords words, List<Token> tokens) {
        this.words = words;
        this.tokens = tokens;
    }

    int start(int i) {
        int start = i;
        while (start > 0
                && !tokens.get(start - 1).isMark()
                && !tokens.get(start - 1).is("then")) {
            start--;
        }
        return start;
    }

    /** To the next comma, or to "and" with a verb that has an object. */
    int end(int from, boolean upToComma) {
        int i = from;
        while (i < tokens.size()) {
            Token t = tokens.get(i);
            boolean time = t.is("for")
                    && i + 1 < tokens.size()
                    && (tokens.get(i + 1).isNumber() || tokens.get(i + 1).is("another"));
            if (t.isMark() && !t.is("/") && !t.is("°") || time) {
                return i;
            }
            if (i > from && isNewAction(i)) {
                return i;
            }
            boolean next = !upToComma
                    && (t.is("then") || (t.is("and") || t.is("but")) && i + 1 < tokens.size() && isInstruction(i + 1));
            if (next) {
                return i;
            }
            i++;
        }
        return i;
    }

    /** "When it has gone add the tomatoes": no comma, and yet an instruction. */
    private boolean isNewAction(int i) {
        Spoken s = words.verb(tokens.get(i));
        int last = i - 1;
        while (last > 0 && HOW_MUCH.contains(tokens.get(last).key())) {
            last--;
        }
        Spoken before = words.verb(tokens.get(last));
        boolean done = before != null
                || !NO_ORDER_AFTER.contains(tokens.get(last).key())
                        && !tokens.get(last).key().endsWith("s");
        return s != null
                && s.form() == Form.BASE
                && done
                && JOINS.contains(s.verb().base())
                && i + 1 < tokens.size()
                && (AFTER_A_VERB.contains(tokens.get(i + 1).key())
                        || tokens.get(i + 1).isNumber());
    }

    private boolean isInstruction(int i) {
        int at = i;
        while (at < tokens.size() && words.verb(tokens.get(at)) == null && words.is(tokens.get(at), Use.ADVERB)) {
            at++;
        }
        if (at >= tokens.size()) {
            return false;
        }
        Spoken s = words.verb(tokens.get(at));
        if (s == null || s.form() != Form.BASE) {
            return false;
        }
        boolean drains = DRAINS.contains(s.verb().base());
        if (at + 1 >= tokens.size()) {
            return drains || s.verb().effect() == Verb.Effect.SERVE;
        }
        Token next = tokens.get(at + 1);
        if (drains && (next.isMark() || words.isHow(next) || words.is(next, Use.LINK))) {
            return true;
        }
        return AFTER_A_VERB.contains(next.key()) || next.isNumber();
    }

    int mark(int i) {
        int end = i;
        while (end < tokens.size() && !tokens.get(end).isMark()) {
            end++;
        }
        return end;
    }

    /** To the next mark, or a time: "no fan for 30 min". */
    int markOrTime(int i) {
        int end = mark(i);
        for (int k = i + 1; k + 1 < end; k++) {
            if (tokens.get(k).is("for") && tokens.get(k + 1).isNumber()) {
                return k;
            }
        }
        return end;
    }

    boolean opens(int i) {
        for (int k = 0; k < i; k++) {
            if (!words.isAny(tokens.get(k), Use.ADVERB, Use.LINK)
                    && !tokens.get(k).isMark()) {
                return false;
            }
        }
        return true;
    }
}
