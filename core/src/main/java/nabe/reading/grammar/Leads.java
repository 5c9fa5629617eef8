package nabe.reading.grammar;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;

/** Which words of a sentence are verbs that begin an instruction. */
final class Leads {
    /** "In the rest of the oil soften the onions". */
    private static final Set<String> TIMES = Set.of(
            "the",
            "a",
            "night",
            "day",
            "evening",
            "morning",
            "before",
            "ahead",
            "next",
            "following",
            "same",
            "previous");

    /** "Brown sugar" is bought so; these are foods, and no words of the kitchen. */
    private static final Set<String> SOLD_BROWN =
            Set.of("sugar", "rice", "bread", "ale", "lentil", "sauce", "gravy", "mushroom");

    private static final Set<String> FATS = Set.of("oil", "butter", "fat", "lard", "dripping", "ghee");

    /** "To the remaining vegetables add tomato paste". */
    private static final Set<String> JOINS = Set.of("add", "stir", "pour", "fold");

    private final KitchenWords words;
    private final List<Token> tokens;

    Leads(KitchenWords words, List<Token> tokens) {
        this.words = words;
        this.tokens = tokens;
    }

    /** Whether the word at i is a verb that begins an instruction, not one that describes ("the fried onions"). */
    boolean at(int i) {
        Spoken spoken = words.verb(tokens.get(i));
        if (spoken == null) {
            return false;
        }
        if (spoken.form() == Form.ING) {
            boolean brushes = spoken.verb().base().equals("brush")
                    && i + 1 < tokens.size()
                    && tokens.get(i + 1).is("with");
            if (i > 0 && Telling.isBeforeWork(words, tokens, i - 1)) {
                return true;
            }
            return i > 0
                    && (tokens.get(i - 1).is(",")
                            || tokens.get(i - 1).is("—")
                            || tokens.get(i - 1).is("–"))
                    && (brushes || words.has(Use.ACTS, spoken.verb().base()));
        }
        if (spoken.verb().base().equals("go")) {
            return spoken.form() != Form.PAST
                    && !(i > 1 && tokens.get(i - 2).is("let"))
                    && !(i > 0 && (tokens.get(i - 1).is("to") || words.is(tokens.get(i - 1), Use.SUBJECT)));
        }
        if (spoken.form() == Form.PAST && !isSameAsBase(spoken, tokens.get(i))) {
            return false;
        }
        if (spoken.form() == Form.THIRD) {
            return List.of("follow", "come").contains(spoken.verb().base()) && i > 1;
        }
        return (isLead(i) || endsFronted(i)) && isVerbHere(spoken, i);
    }

    private static boolean isSameAsBase(Spoken spoken, Token t) {
        return t.is(spoken.verb().base())
                && List.of("set", "put", "cut", "spread").contains(t.key());
    }

    private boolean isLead(int i) {
        int before = i - 1;
        boolean then = before > 0 && tokens.get(before).is("then");
        while (before >= 0 && isAdverb(before)) {
            before--;
        }
        return then
                || before < 0
                || before > 0
                        && tokens.get(before).is("you")
                        && tokens.get(before - 1).is("while")
                || tokens.get(before).isMark()
                        && !Set.of("/", "&", "+").contains(tokens.get(before).key())
                || words.is(tokens.get(before), Use.LINK)
                        && !tokens.get(before).is("plus")
                        && !tokens.get(before).is("+");
    }

    private boolean isAdverb(int i) {
        Token t = tokens.get(i);
        return t.isWord() && words.verb(t) == null && words.isHow(t);
    }

    /** "Into a square tin put ...", "In the fat it leaves behind, cook ...", "Off the heat stir in ...". */
    private boolean endsFronted(int i) {
        boolean offHeat =
                i > 2 && tokens.getFirst().is("off") && tokens.get(i - 1).is("heat");
        boolean atEnd = i > 1 && tokens.getFirst().is("at") && tokens.get(i - 1).is("end");
        if (offHeat || atEnd || isTime(tokens.subList(0, i))) {
            return true;
        }
        if (isForThe(i)) {
            return true;
        }
        if (i < 2 || !words.isAny(tokens.getFirst(), Use.IN, Use.INTO, Use.OVER, Use.ADVERB)) {
            return false;
        }
        if (isAfterReadiedPan(i)) {
            return true;
        }
        Token before = tokens.get(i - 1);
        boolean size = before.isNumber() && Tokens.has(tokens.subList(0, i), "x", "×");
        boolean place = size
                || words.isAny(before, Use.DISH, Use.POT, Use.BOWL, Use.BASE, Use.TRAY)
                || before.is("cm")
                || before.is("top")
                || isDoneToObject(i)
                || FATS.contains(before.key()) && tokens.getFirst().is("in");
        for (int k = 0; k < i - 1 && place; k++) {
            place = words.verb(tokens.get(k)) == null || !isLead(k);
        }
        return place;
    }

    /** "The night before, cover the beans", "next day drain them". */
    static boolean isTime(List<Token> said) {
        return said.stream().allMatch(t -> t.isMark() || TIMES.contains(t.key()))
                && Tokens.has(said, "night", "day", "evening", "morning");
    }

    /** "Into the squash sauce stir the mustard", "over the meat spoon half of the mash". */
    private boolean isDoneToObject(int i) {
        Spoken spoken = words.spoken(tokens.get(i));
        return spoken.form() == Form.BASE
                && i + 2 < tokens.size()
                && words.isAny(tokens.getFirst(), Use.INTO, Use.OVER)
                && (JOINS.contains(spoken.verb().base()) && tokens.get(i + 1).isWord()
                        || tokens.get(i + 1).is("the")
                        || tokens.get(i + 1).is("half")
                        || tokens.get(i + 1).is("all"));
    }

    /** "In a pan greased with a little butter cook the pancakes". */
    private boolean isAfterReadiedPan(int i) {
        boolean pan = tokens.subList(0, i).stream().anyMatch(t -> words.isAny(t, Use.POT, Use.DISH));
        boolean readied = tokens.subList(1, i).stream().anyMatch(t -> {
            Spoken done = words.verb(t);
            return done != null
                    && done.form() == Form.PAST
                    && (done.verb().effect() == Effect.GREASE
                            || done.verb().base().equals("brush"));
        });
        return pan && readied && i + 1 < tokens.size() && tokens.get(i + 1).is("the");
    }

    /** "When it is soft put the mince": an instruction right after what only tells. */
    boolean begins(int i) {
        Spoken spoken = words.verb(tokens.get(i));
        return spoken != null
                && spoken.form() == Form.BASE
                && i + 1 < tokens.size()
                && (tokens.get(i + 1).is("the")
                        || tokens.get(i + 1).is("in")
                        || tokens.get(i + 1).isNumber())
                && isVerbHere(spoken, i);
    }

    /** "For the gravy cook the onions". */
    boolean isForThe(int i) {
        return i > 2
                && i < 6
                && tokens.getFirst().is("for")
                && tokens.get(1).is("the")
                && tokens.subList(2, i).stream()
                        .allMatch(t -> t.isWord()
                                && (words.verb(t) == null
                                        || words.spoken(t).verb().noun()))
                && i + 1 < tokens.size()
                && (tokens.get(i + 1).is("the")
                        || tokens.get(i + 1).isNumber()
                        || tokens.get(i + 1).is("together")
                        || (isVerbAlone(i) || mixes(i)) && tokens.get(i + 1).isWord());
    }

    /** "For the crust mix flour and suet"; "for the scone mix use" names it. */
    private boolean mixes(int i) {
        return tokens.get(i).is("mix") && words.verb(tokens.get(i + 1)) == null;
    }

    /** "Fry" in "for the sauce fry onions" is nothing else; "roast" may be one. */
    private boolean isVerbAlone(int i) {
        Spoken spoken = words.verb(tokens.get(i));
        return spoken != null && spoken.form() == Form.BASE && !spoken.verb().noun();
    }

    /** "Followed by the remaining tortillas and mix": what is left of the mix. */
    private boolean isLeftToo(int i) {
        int rest = i - 1;
        while (rest > 0 && tokens.get(rest).isWord() && !words.is(tokens.get(rest), Use.REST)) {
            rest--;
        }
        return i > 2
                && tokens.get(i - 1).is("and")
                && words.is(tokens.get(i), Use.GENERIC)
                && words.is(tokens.get(rest), Use.REST);
    }

    /** "Fill with the chicken and roll". */
    private boolean rollsFilled(Spoken spoken, int i) {
        return spoken.verb().effect() == Effect.ROLL
                && tokens.subList(0, i).stream()
                        .map(words::verb)
                        .anyMatch(s -> s != null && s.verb().effect() == Effect.INSIDE);
    }

    /** "Fill and roll the tortillas", "layer & cover": two verbs with one object, or none. */
    private boolean isPaired(Spoken spoken, int i) {
        if (i + 2 >= tokens.size()
                || !tokens.get(i + 1).is("and") && !tokens.get(i + 1).is("&")
                || words.has(Use.FOODS, spoken.verb().base()) && !isOfWhatIsCut(i) && !isWithPrep(i)
                || i > 0 && !tokens.get(i - 1).isMark()) {
            return false;
        }
        Spoken other = words.verb(tokens.get(i + 2));
        return other != null
                && other.form() == Form.BASE
                && !words.has(Use.FOODS, other.verb().base())
                && isVerbHere(other, i + 2);
    }

    /** "Shell and quarter the eggs", at the head of a sentence. */
    private boolean isWithPrep(int i) {
        Spoken other = words.verb(tokens.get(i + 2));
        return i == 0 && other != null && other.verb().effect() == Effect.PREP;
    }

    /** "Slice the aubergines, salt and leave" is salted; "add the onions, salt and cook" is salt that is added. */
    private boolean isOfWhatIsCut(int i) {
        for (int before = i - 1; before >= 0; before--) {
            Spoken earlier = words.verb(tokens.get(before));
            if (earlier != null && at(before)) {
                return earlier.verb().effect() == Effect.PREP;
            }
        }
        return false;
    }

    /** A word that is a thing as well needs an object after it; a thing ends at a mark. */
    private boolean isVerbHere(Spoken spoken, int i) {
        if (!spoken.verb().noun()) {
            return true;
        }
        if (i + 1 >= tokens.size() && isLeftToo(i)) {
            return false;
        }
        if (i + 1 >= tokens.size()) {
            return words.has(Use.ALONE, spoken.verb().base()) || rollsFilled(spoken, i);
        }
        Token next = tokens.get(i + 1);
        if (next.isNumber()) {
            return true;
        }
        if (next.is("next")) {
            return false;
        }
        boolean names = words.has(Use.FOODS, spoken.verb().base())
                || spoken.verb().base().equals("dry");
        if (i > 0 && spoken.verb().base().equals("brown") && SOLD_BROWN.contains(next.key())) {
            return false;
        }
        if (names && words.is(next, Use.COMPOUND)) {
            return false;
        }
        if (spoken.verb().base().equals("thin") && (next.is("layer") || words.isAny(next, Use.SHAPE, Use.FILM))) {
            return false;
        }
        if (next.is("together") && spoken.verb().effect() == Effect.MIX) {
            return !Set.of("salt", "pepper", "cream").contains(spoken.verb().base());
        }
        if (isPaired(spoken, i)) {
            return true;
        }
        Spoken done = words.verb(next);
        if (done != null
                && done.form() == Form.PAST
                && words.has(Use.FOODS, spoken.verb().base())) {
            return false;
        }
        if (next.isMark()) {
            return words.has(Use.ALONE, spoken.verb().base());
        }
        boolean particle = (next.is("in") || next.is("on") || next.is("over"))
                && !Set.of(Effect.PLACE, Effect.INSIDE, Effect.ROLL, Effect.JOIN)
                        .contains(spoken.verb().effect())
                && (i + 2 >= tokens.size() || tokens.get(i + 2).isMark());
        boolean onTop = next.is("on")
                && i + 2 < tokens.size()
                && tokens.get(i + 2).is("top")
                && Set.of(Effect.MIX, Effect.PREP, Effect.HEAT)
                        .contains(spoken.verb().effect());
        boolean grease = spoken.verb().effect() == Effect.GREASE && words.isAny(next, Use.IN, Use.INTO);
        if (particle || onTop || grease) {
            return false;
        }
        boolean subordinate = words.is(next, Use.SUBORDINATE)
                || next.is("just") && i + 2 < tokens.size() && words.is(tokens.get(i + 2), Use.SUBORDINATE);
        if (subordinate && i > 0 && words.has(Use.FOODS, spoken.verb().base())) {
            return false;
        }
        if (words.is(next, Use.SUBORDINATE)) {
            return i == 0
                    || words.has(Use.ALONE, spoken.verb().base())
                    || spoken.verb().effect() != Effect.MIX;
        }
        boolean foodBeforePlace = words.has(Use.FOODS, spoken.verb().base())
                && words.isAny(next, Use.IN, Use.INTO, Use.OVER, Use.WITH, Use.FROM, Use.ASIDE);
        if (foodBeforePlace) {
            return false;
        }
        boolean lays =
                spoken.verb().effect() == Effect.PLACE && !spoken.verb().base().equals("top");
        boolean noun = words.isAny(next, Use.LINK, Use.POT, Use.DISH, Use.GENERIC, Use.LID, Use.FILM)
                && !next.is("then")
                && !(lays && words.is(next, Use.GENERIC))
                && !(next.is("and")
                        && List.of("season", "cook", "cool", "slice", "chop", "bake")
                                .contains(spoken.verb().base()));
        boolean finite =
                next.is("is") || next.is("are") || next.is("of") || next.is("goes") || next.is("go") || next.is("has");
        return !noun && !finite;
    }
}
