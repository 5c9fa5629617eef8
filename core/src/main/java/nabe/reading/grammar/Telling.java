package nabe.reading.grammar;

import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;

/** Which tokens of a sentence instruct and which only tell: signs ("until golden"), reasons, conditions, talk. */
public final class Telling {
    private static final Set<String> STILL_MEANT =
            Set.of("using", "you", "liked", "desired", "wanted", "wished", "necessary", "needed");
    private static final Set<String> FINITE = Set.of("is", "are", "was", "were", "isn't", "aren't", "will", "wa");
    private static final Set<String> DASHES = Set.of("–", "—", "-", ";", ":");
    private static final Set<Verb.Effect> THIS_WAY =
            Set.of(Verb.Effect.SERVE, Verb.Effect.BAKE, Verb.Effect.HEAT, Verb.Effect.MIX);
    private final KitchenWords words;
    private final List<Token> tokens;
    private final ClauseBounds bounds;
    private final BitSet tells = new BitSet();
    private final BitSet inCase = new BitSet();
    private final BitSet perhaps = new BitSet();

    Telling(KitchenWords words, List<Token> tokens) {
        this.words = words;
        this.tokens = tokens;
        this.bounds = new ClauseBounds(words, tokens);
        if (!tokens.isEmpty()
                && (tokens.getFirst().is("yes") || tokens.getFirst().is("congratulation"))) {
            tells.set(0, tokens.size());
        }
        if (tokens.size() > 1 && tokens.get(1).is("be") && Tokens.has(tokens.subList(0, 1), "can", "may", "could")) {
            tells.set(0, tokens.size());
        }
        for (int i = 0; i < tokens.size(); i++) {
            if (!tells.get(i) || words.is(tokens.get(i), Use.CONDITION)) {
                mark(i);
            }
        }
    }

    boolean instructs(int i) {
        return !tells.get(i);
    }

    /** "…, laying paper over it should it brown": within what is asked for, and only for a case. */
    boolean isPerhaps(int i) {
        return perhaps.get(i);
    }

    boolean anyInstruction(int from, int to) {
        for (int i = from; i < to; i++) {
            if (!tells.get(i)
                    && !tokens.get(i).isMark()
                    && !words.isHow(tokens.get(i))
                    && !words.is(tokens.get(i), Use.LINK)) {
                return true;
            }
        }
        return false;
    }

    boolean conditional(int from, int to) {
        int first = inCase.nextSetBit(from);
        boolean remark = first > from && DASHES.contains(tokens.get(first - 1).text());
        return inCase.get(from, to).cardinality() == to - from
                || first >= 0 && first < to && inCase.get(to - 1) && lastMark(from, to) < first && !remark;
    }

    /** "Take it off the heat while you add the milk" asks for the milk. */
    private boolean instructsWhile(int i) {
        return i > 1
                && i + 2 < tokens.size()
                && tokens.get(i + 1).is("you")
                && words.verb(tokens.get(i + 2)) != null
                && Set.of(Verb.Effect.JOIN, Verb.Effect.MIX)
                        .contains(words.spoken(tokens.get(i + 2)).verb().effect());
    }

    /** "Drop them as you go into water": no more than these words tell. */
    private boolean isAsYouGo(int i) {
        return i + 2 < tokens.size()
                && tokens.get(i).is("as")
                && tokens.get(i + 1).is("you")
                && tokens.get(i + 2).is("go");
    }

    /** "Let it cool before whisking in the eggs" asks for the eggs. */
    static boolean isBeforeWork(KitchenWords words, List<Token> tokens, int i) {
        Spoken next = i + 2 < tokens.size() ? words.verb(tokens.get(i + 1)) : null;
        return next != null
                && tokens.get(i).is("before")
                && next.form() == Form.ING
                && Set.of(Verb.Effect.JOIN, Verb.Effect.MIX)
                        .contains(next.verb().effect());
    }

    private int lastMark(int from, int to) {
        int last = -1;
        for (int i = from; i < to; i++) {
            last = tokens.get(i).is(",") ? i : last;
        }
        return last;
    }

    /** A token that was taken for the verb is no noun. */
    void used(int i) {
        tells.set(i);
    }

    private void mark(int i) {
        Token t = tokens.get(i);
        if (words.is(t, Use.NEGATION)) {
            markNegation(i);
        } else if (words.is(t, Use.CONDITION)) {
            markCondition(i);
        } else if (t.is("while") && instructsWhile(i)) {
            tells.set(i, i + 2);
        } else if (t.is("before") && isBeforeWork(words, tokens, i)) {
            tells.set(i);
        } else if (isAsYouGo(i)) {
            tells.set(i, i + 3);
        } else if (t.is("while") && whileWarm(i) > 0) {
            tells.set(i, whileWarm(i));
        } else if (words.is(t, Use.SUBORDINATE) && isSubordinate(i)) {
            tells.set(i, bounds.end(i + 1, bounds.opens(i)));
        } else if (t.is("that") && isRelative(i)) {
            tells.set(i, bounds.end(i + 1, false));
        } else if (words.is(t, Use.SUBJECT) && isSubject(i)) {
            tells.set(i, bounds.end(i + 1, false));
        } else if (t.is("become")) {
            tells.set(i, bounds.end(i + 1, false));
        } else if (FINITE.contains(t.key()) && isStatement(i)) {
            tells.set(bounds.start(i), bounds.end(i + 1, false));
        } else if (makesSure(i)) {
            tells.set(i, bounds.mark(i));
            perhaps.set(i, bounds.mark(i));
        } else if (t.is("to") && isPurpose(i)) {
            tells.set(i, bounds.end(i + 1, false));
        }
    }

    /** "Make sure the potatoes are covered" says how it must look; "make sure to cover it" asks for it. */
    private boolean makesSure(int i) {
        boolean sure = tokens.get(i).is("ensure")
                || tokens.get(i).is("sure") && i > 0 && tokens.get(i - 1).is("make");
        for (int k = i + 1; sure && k < tokens.size() && !tokens.get(k).isMark(); k++) {
            if (tokens.get(k).is("to") || tokens.get(k).is("you")) {
                return false;
            }
            if (FINITE.contains(tokens.get(k).key())) {
                return true;
            }
        }
        return false;
    }

    /** "The potatoes should be just covered"; "it should be spread over the meat" asks for it. */
    private boolean isStateThatShouldBe(int i) {
        boolean be = tokens.get(i).is("should")
                && i > 0
                && i + 2 < tokens.size()
                && tokens.get(i + 1).is("be");
        List<Token> state = be ? tokens.subList(i + 2, bounds.mark(i)) : List.of();
        return be && state.stream().noneMatch(t -> words.isAny(t, Use.OVER, Use.INTO, Use.IN));
    }

    /** "The hard part is over" tells; "what is left of it" names. */
    private boolean isStatement(int i) {
        boolean names = Tokens.has(tokens.subList(bounds.start(i), i), "what", "whatever");
        boolean instructs = false;
        for (int k = bounds.start(i); k < i; k++) {
            Spoken s = words.verb(tokens.get(k));
            instructs |= s != null && s.form() == Form.BASE && k == bounds.start(i);
        }
        return !names && !instructs;
    }

    /** "The pie can now be covered and chilled for 2 days": for whom it suits. */
    private boolean isWhatCanBeDone(int i) {
        int be = i + 1;
        while (be < tokens.size() && words.isHow(tokens.get(be))) {
            be++;
        }
        Spoken done = be + 1 < tokens.size() ? words.verb(tokens.get(be + 1)) : null;
        return !tokens.get(i).is("should")
                && bounds.start(i) < i
                && be + 1 < tokens.size()
                && tokens.get(be).is("be")
                && done != null
                && done.form() == Form.PAST;
    }

    private void markNegation(int i) {
        Spoken next = i + 1 < tokens.size() ? words.verb(tokens.get(i + 1)) : null;
        boolean verb = next != null && next.form() != Form.THIRD;
        boolean auxiliary =
                i > 0 && (tokens.get(i - 1).is("do") || tokens.get(i - 1).is("does"));
        boolean noun = tokens.get(i).is("no") || tokens.get(i).is("nothing");
        boolean lid = i + 1 < tokens.size() && words.is(tokens.get(i + 1), Use.LID);
        if (lid) {
            return;
        }
        if (verb || auxiliary || noun) {
            tells.set(auxiliary ? i - 1 : i, noun && !verb ? bounds.markOrTime(i) : bounds.end(i + 1, false));
        }
    }

    /** "Should it brown too fast". */
    private boolean isInverted(int i) {
        return tokens.get(i).is("should")
                && i + 1 < tokens.size()
                && Set.of("it", "they", "the", "this", "your")
                        .contains(tokens.get(i + 1).key());
    }

    private void markCondition(int i) {
        Token t = tokens.get(i);
        boolean modal = Set.of("could", "can", "may", "might", "should").contains(t.key());
        if (isInverted(i) && bounds.start(i) > 0) {
            tells.set(bounds.start(i), bounds.end(i, false));
            perhaps.set(bounds.start(i), bounds.end(i, false));
            return;
        }
        if (isStateThatShouldBe(i)) {
            tells.set(bounds.start(i), bounds.mark(i));
            perhaps.set(bounds.start(i), bounds.mark(i));
            return;
        }
        if (modal && isWhatCanBeDone(i)) {
            inCase.set(bounds.start(i), tokens.size());
            tells.set(bounds.start(i), tokens.size());
            return;
        }
        if (modal && !isInverted(i)) {
            boolean you = i > 0 && tokens.get(i - 1).is("you") && !t.is("should");
            boolean choice = you && isSubject(i - 1);
            if (choice && followedByVerb(i)) {
                inCase.set(afterDash(i), tokens.size());
                tells.set(afterDash(i), tokens.size());
            } else if (you) {
                tells.set(i - 1, bounds.end(i, false));
            }
            return;
        }
        boolean meant = isThisWay(i)
                || !isInOtherTool(tokens.subList(i, bounds.mark(i)))
                        && i + 1 < tokens.size()
                        && STILL_MEANT.contains(tokens.get(i + 1).key())
                        && !(tokens.get(i + 1).is("you") && (!likes(i + 2) || likesItSo(i + 3) || isOvens(i)));
        int end = bounds.mark(i);
        if (bounds.opens(i) && !meant || t.is("alternatively") || t.is("otherwise")) {
            inCase.set(i, tokens.size());
            tells.set(i, tokens.size());
            return;
        }
        tells.set(i, end);
        int from = bounds.start(i);
        if (isAlongside(from)) {
            tells.set(from, end);
            perhaps.set(from, end);
        } else if (!meant && !t.is("unless")) {
            inCase.set(from, end);
        }
    }

    /** "If eating straight away, heat the oven": what the recipe is for. */
    private boolean isThisWay(int i) {
        List<Token> said = tokens.subList(i, bounds.mark(i));
        return said.stream()
                        .map(words::verb)
                        .anyMatch(v -> v != null && THIS_WAY.contains(v.verb().effect()))
                && (Tokens.has(said, "immediately", "now", "today")
                        || Tokens.has(said, "straight", "right") && Tokens.has(said, "away", "off"));
    }

    /** "If you want to use a slow cooker": not this way. */
    public static boolean isInOtherTool(List<Token> said) {
        return Tokens.has(said, "cooker", "fryer", "microwave", "multicooker");
    }

    /** "Fry the mince – you may need to do this in batches": the frying is asked for. */
    private int afterDash(int i) {
        return IntStream.range(0, i)
                .filter(k -> DASHES.contains(tokens.get(k).text()))
                .map(k -> k + 1)
                .max()
                .orElse(0);
    }

    /** "Bake for 40 min, tenting it with foil if it browns": the baking is asked for in any case. */
    private boolean isAlongside(int from) {
        Spoken said = words.verb(tokens.get(from));
        return from > 1 && tokens.get(from - 1).is(",") && said != null && said.form() == Form.ING;
    }

    /** "If you like it darker": for those only. */
    private boolean likesItSo(int i) {
        return i + 1 < tokens.size()
                && Set.of("it", "them", "your", "yours").contains(tokens.get(i).key())
                && tokens.get(i + 1).isWord();
    }

    /** "Grill for 3 minutes if you like": the oven does not by itself. */
    private boolean isOvens(int i) {
        Spoken first = words.verb(tokens.get(bounds.start(i)));
        return first != null
                && (first.verb().effect() == Verb.Effect.GRILL || first.verb().effect() == Verb.Effect.BAKE);
    }

    private boolean likes(int i) {
        return i < tokens.size()
                && Set.of("like", "want", "have", "wish", "use", "can", "fancy")
                        .contains(tokens.get(i).key());
    }

    private boolean followedByVerb(int i) {
        for (int k = i + 1; k < Math.min(i + 4, tokens.size()); k++) {
            Spoken s = words.verb(tokens.get(k));
            if (s != null && s.form() == Form.BASE
                    || tokens.get(k).is("use")
                    || tokens.get(k).is("also")) {
                return true;
            }
        }
        return false;
    }

    /** "Mash while it is still hot with the milk". @return the end of what only says how warm, or 0 */
    private int whileWarm(int i) {
        int k = i + 1;
        while (k < tokens.size()
                && (words.is(tokens.get(k), Use.SUBJECT)
                        || FINITE.contains(tokens.get(k).key())
                        || tokens.get(k).is("still"))) {
            k++;
        }
        boolean warm =
                k < tokens.size() && (tokens.get(k).is("hot") || tokens.get(k).is("warm"));
        return warm ? k + 1 : 0;
    }

    /** "After 20 minutes", "once" at the end and "than" are none. */
    private boolean isSubordinate(int i) {
        Token t = tokens.get(i);
        boolean last = i + 1 >= tokens.size() || tokens.get(i + 1).isMark();
        if (t.is("once")) {
            return !last && bounds.opens(i) && !words.is(tokens.get(i + 1), Use.AGAIN)
                    || !last && words.is(tokens.get(i + 1), Use.SUBJECT);
        }
        if (t.is("so") || t.is("what") || t.is("whatever") || t.is("how")) {
            return t.is("how")
                    || t.is("so")
                            && !last
                            && (tokens.get(i + 1).is("that")
                                    || words.is(tokens.get(i + 1), Use.SUBJECT)
                                    || i > 0 && tokens.get(i - 1).is(","));
        }
        if (t.is("before") || t.is("since")) {
            return !last && !(i > 0 && tokens.get(i - 1).is("day"));
        }
        return !last;
    }

    private boolean isRelative(int i) {
        if (i == 0 || i + 1 >= tokens.size()) {
            return false;
        }
        Token before = tokens.get(i - 1);
        boolean noun = before.isWord()
                && !leading(i - 1)
                && !words.isAny(
                        before,
                        Use.IN,
                        Use.INTO,
                        Use.OVER,
                        Use.WITH,
                        Use.LINK,
                        Use.ADVERB,
                        Use.ASIDE,
                        Use.PARTICLE,
                        Use.FROM)
                && !before.is("of")
                && !before.is("do");
        return noun && !tokens.get(i + 1).isMark() && !words.isAny(tokens.get(i + 1), Use.OVER, Use.INTO, Use.IN);
    }

    private boolean leading(int i) {
        Spoken s = words.verb(tokens.get(i));
        return s != null
                && s.form() == Form.BASE
                && (i == 0 || !tokens.get(i - 1).is("the"));
    }

    /** "I", "you", "it" before a verb, at the head of their part. */
    private boolean isSubject(int i) {
        boolean head = i == 0
                || tokens.get(i - 1).isMark()
                || words.is(tokens.get(i - 1), Use.LINK)
                || words.is(tokens.get(i - 1), Use.ADVERB);
        boolean onlyObject = Set.of("it", "them", "they", "your", "my")
                        .contains(tokens.get(i).key())
                && (i + 1 >= tokens.size() || tokens.get(i + 1).isMark() || isParticleOrTime(i + 1));
        boolean possessive = Set.of("my", "your").contains(tokens.get(i).key());
        return head
                && !onlyObject
                && !(possessive && i > 0 && !tokens.get(i - 1).isMark())
                && i + 1 < tokens.size();
    }

    private boolean isParticleOrTime(int i) {
        return words.isAny(tokens.get(i), Use.PARTICLE, Use.IN, Use.INTO, Use.OVER, Use.WITH)
                || tokens.get(i).isNumber();
    }

    /** "to make a soft dough", "to grease the pan": what for, not what next. */
    private boolean isPurpose(int i) {
        if (i + 1 >= tokens.size()) {
            return false;
        }
        if (tokens.get(i + 1).is("fit")) {
            return true;
        }
        Spoken next = words.verb(tokens.get(i + 1));
        boolean let = false;
        for (int k = i - 1; k >= 0 && k >= i - 4; k--) {
            Spoken s = words.verb(tokens.get(k));
            let |= s != null && s.verb().effect() == Verb.Effect.LET;
        }
        boolean boil = tokens.get(i + 1).is("boil") || tokens.get(i + 1).is("simmer");
        boolean oven = tokens.get(i + 1).is("bake") && bounds.opens(i);
        return next != null
                && next.form() == Form.BASE
                && !let
                && !boil
                && !oven
                && !next.verb().noun() | tokens.get(i + 1).is("coat");
    }
}
