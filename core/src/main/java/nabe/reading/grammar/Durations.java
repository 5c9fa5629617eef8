package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.recipe.Procedure.Minutes;
import org.jspecify.annotations.Nullable;

/** Reads durations among tokens: "8–10 minutes", "an hour and a quarter", "1 hr 15", "another 20". */
public final class Durations {
    private static final Set<String> MINUTE = Set.of("minute", "min", "mins");
    private static final Set<String> HOUR = Set.of("hour", "hr", "h", "hrs");
    private static final Set<String> BETWEEN =
            Set.of("more", "further", "good", "extra", "or", "so", "full", "of", "longer", "additional", "whole");
    private static final Set<String> COVERS = Set.of("covered", "uncovered", "cover", "uncover");
    /** Words after which a duration tells of another clock. */
    private static final Set<String> ELSEWHERE = Set.of("every", "within", "than", "under");

    private static final Set<String> SHORT_OF =
            Set.of("less", "short", "fewer", "before", "ago", "early", "shorter", "ahead", "under", "shy");
    private static final double MOST_BARE = 90;
    private static final Set<String> LOOSE = Set.of("at", "the", "least", ",", "or", "up", "to", "better");
    private static final Set<String> MORE =
            Set.of("another", "further", "rest", "stand", "wait", "set", "sit", "first", "last", "final");

    /** "8 hours or up to 24": no time is open so far that its end is more. */
    private static final double MOST_TIMES = 3;

    private Durations() {}

    /**
     * One duration.
     *
     * @param from,to the tokens it takes; {@code last} "the last 15 minutes"; {@code first} "the first 20"; {@code after} "after 20 minutes"
     */
    public record Duration(Minutes minutes, int from, int to, boolean last, boolean first, boolean after) {}

    /** @return all durations that an action may have, in order */
    public static List<Duration> in(List<Token> tokens) {
        List<Duration> all = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            Duration found = at(tokens, i);
            if (found == null) {
                i++;
            } else {
                if (!isElsewhere(tokens, found)) {
                    all.add(found);
                }
                i = found.to();
            }
        }
        return all;
    }

    private static boolean isElsewhere(List<Token> tokens, Duration d) {
        int before = d.from() - 1;
        while (before >= 0
                && Set.of("the", "about", "a", "first")
                        .contains(tokens.get(before).key())) {
            before--;
        }
        boolean other = before >= 0 && ELSEWHERE.contains(tokens.get(before).key());
        boolean shorter = d.to() < tokens.size()
                && SHORT_OF.contains(tokens.get(d.to()).key())
                && !isUnderSomething(tokens, d.to())
                && !isBeforeServing(tokens, d.to());
        boolean toGo = d.to() + 1 < tokens.size()
                && tokens.get(d.to()).is("to")
                && tokens.get(d.to() + 1).is("go");
        return other || shorter || toGo;
    }

    /** "3 minutes under the grill", not "2 min under". */
    private static boolean isUnderSomething(List<Token> tokens, int at) {
        return tokens.get(at).is("under")
                && at + 1 < tokens.size()
                && !tokens.get(at + 1).isMark();
    }

    /** "Wait 30 minutes before you cut it" is a rest; "30 minutes before serving, take it out" is none. */
    private static boolean isBeforeServing(List<Token> tokens, int at) {
        return tokens.get(at).is("before")
                && tokens.subList(0, at).stream()
                        .anyMatch(t -> t.isWord() && KitchenWords.shared().verb(t) != null);
    }

    private static @Nullable Duration at(List<Token> tokens, int i) {
        Duration words = inWords(tokens, i);
        if (words != null) {
            return words;
        }
        if (!tokens.get(i).isNumber()) {
            return null;
        }
        int unit = i + 1;
        while (unit < tokens.size()
                && unit < i + 4
                && BETWEEN.contains(tokens.get(unit).key())) {
            unit++;
        }
        Token t = tokens.get(i);
        double factor = unit < tokens.size() ? factor(tokens.get(unit)) : 0;
        if (factor == 0) {
            return bare(tokens, i);
        }
        Minutes minutes = new Minutes(t.low() * factor, t.high() * factor);
        int to = unit + 1;
        if (factor == 60) {
            int[] next = {to};
            double more = more(tokens, next);
            minutes = new Minutes(minutes.min() + more, minutes.max() + more);
            to = next[0];
        }
        return withUpperEnd(tokens, found(tokens, minutes, i, to));
    }

    /** "45 minutes to 1 hour". */
    private static Duration withUpperEnd(List<Token> tokens, Duration low) {
        int to = low.to();
        Duration loose = looseEnd(tokens, low);
        if (loose != null) {
            return loose;
        }
        boolean joins = to + 2 < tokens.size()
                && (tokens.get(to).is("to")
                        || tokens.get(to).is("or")
                        || tokens.get(to).is("–"));
        Duration high = joins ? at(tokens, to + 1) : null;
        return high != null
                        && high.minutes().max() > low.minutes().max()
                        && tokens.get(to + 1).isNumber() | isHourWord(tokens, to + 1)
                ? new Duration(
                        new Minutes(low.minutes().min(), high.minutes().max()),
                        low.from(),
                        high.to(),
                        low.last(),
                        low.first(),
                        low.after())
                : low;
    }

    /** "Fifteen minutes at the least, twenty if you can", "8 hours or up to 24". */
    private static @Nullable Duration looseEnd(List<Token> tokens, Duration low) {
        int i = low.to();
        while (i < tokens.size() && i < low.to() + 5 && !tokens.get(i).isNumber()) {
            if (!LOOSE.contains(tokens.get(i).key())) {
                return null;
            }
            i++;
        }
        if (i == low.to() || i >= tokens.size() || !tokens.get(i).isNumber()) {
            return null;
        }
        List<Token> between = tokens.subList(low.to(), i);
        if (Tokens.has(between, "at") && !Tokens.has(between, "least")) {
            return null;
        }
        boolean ends = i + 1 >= tokens.size()
                || tokens.get(i + 1).isMark()
                || tokens.get(i + 1).is("if")
                || tokens.get(i + 1).is("so");
        double factor = low.minutes().min() >= 60 && tokens.get(low.to() - 1).is("hour") ? 60 : 1;
        double high = tokens.get(i).high() * factor;
        boolean dial = i + 1 < tokens.size() && tokens.get(i + 1).is("°");
        return ends
                        && !dial
                        && high > low.minutes().max()
                        && high <= MOST_TIMES * low.minutes().max()
                ? new Duration(
                        new Minutes(low.minutes().min(), high), low.from(), i + 1, low.last(), low.first(), low.after())
                : null;
    }

    private static boolean isHourWord(List<Token> tokens, int i) {
        return tokens.get(i).is("an") || tokens.get(i).is("half");
    }

    private static Duration found(List<Token> tokens, Minutes minutes, int from, int to) {
        int before = from - 1;
        while (before >= 0
                && (tokens.get(before).is("about") || tokens.get(before).is("around"))) {
            before--;
        }
        boolean more = before > 0 && tokens.get(before - 1).is("a");
        boolean last = before >= 0
                && !more
                && (tokens.get(before).is("last") || tokens.get(before).is("final"));
        boolean after = before >= 0 && tokens.get(before).is("after");
        boolean first = before >= 0 && tokens.get(before).is("first");
        return new Duration(minutes, from, to, last, first, after);
    }

    /** "an hour", "half an hour", "a quarter of an hour", "a minute", "overnight" has no figure. */
    private static @Nullable Duration inWords(List<Token> tokens, int i) {
        Token t = tokens.get(i);
        double share = t.is("half") ? 0.5 : t.is("quarter") ? 0.25 : t.is("an") || t.is("a") ? 1 : 0;
        if (share == 0) {
            return null;
        }
        int unit = i + 1;
        while (unit < tokens.size()
                && unit < i + 3
                && (tokens.get(unit).is("of")
                        || tokens.get(unit).is("an")
                        || tokens.get(unit).is("a")
                        || tokens.get(unit).is("good")
                        || tokens.get(unit).is("full")
                        || tokens.get(unit).is("further"))) {
            unit++;
        }
        double factor = unit < tokens.size() ? factor(tokens.get(unit)) : 0;
        if (factor == 0) {
            return null;
        }
        double times = i > 0 && share == 0.25 && tokens.get(i - 1).isNumber()
                ? tokens.get(i - 1).low()
                : 1;
        int[] to = {unit + 1};
        double minutes = share * factor * times + (factor == 60 && share == 1 ? more(tokens, to) : 0);
        return withUpperEnd(tokens, found(tokens, new Minutes(minutes, minutes), i, to[0]));
    }

    /** What stands after whole hours: "and a half", "15", "and 20 minutes". */
    private static double more(List<Token> tokens, int[] at) {
        int i = at[0];
        boolean and = i < tokens.size() && tokens.get(i).is("and");
        i += and ? 1 : 0;
        if (i < tokens.size() && and && tokens.get(i).is("a")) {
            i++;
        }
        if (i >= tokens.size()) {
            return 0;
        }
        Token t = tokens.get(i);
        if (and && (t.is("half") || t.is("quarter"))) {
            at[0] = i + 1;
            return t.is("half") ? 30 : 15;
        }
        boolean unit =
                i + 1 < tokens.size() && MINUTE.contains(tokens.get(i + 1).key());
        if (t.isNumber()
                && t.low() < 60
                && t.low() == t.high()
                && (unit || !and && t.low() >= 5 && endsThere(tokens, i + 1))) {
            at[0] = i + (unit ? 2 : 1);
            return t.low();
        }
        return 0;
    }

    private static boolean endsThere(List<Token> tokens, int i) {
        return i >= tokens.size() || tokens.get(i).isMark() || tokens.get(i).is("until");
    }

    /** "another 20 until golden", "10 more": minutes by the company they keep. */
    private static @Nullable Duration bare(List<Token> tokens, int i) {
        boolean led = i > 0 && MORE.contains(tokens.get(i - 1).key());
        int after = i + 1;
        boolean more = after < tokens.size() && tokens.get(after).is("more");
        after += more ? 1 : 0;
        boolean ends = after >= tokens.size()
                || tokens.get(after).isMark() && !tokens.get(after).is("°")
                || tokens.get(after).is("until")
                || tokens.get(after).is("till")
                || tokens.get(after).is("or")
                || tokens.get(after).is("then")
                || isPurpose(tokens, after);
        boolean uncovered = after < tokens.size()
                && (tokens.get(after).is("covered") || tokens.get(after).is("uncovered"));
        boolean covers = isCover(tokens, i > 0 && tokens.get(i - 1).is(",") ? i - 2 : i - 1) && ends;
        boolean alone = i > 1
                && tokens.get(i - 1).is("for")
                && (isWork(tokens.get(i - 2)) || isScale(tokens.get(i - 2)))
                && ends;
        boolean grilled = (more || i > 0 && Tokens.has(tokens.subList(i - 1, i), "then", "last"))
                && after < tokens.size()
                && (tokens.get(after).is("under") || tokens.get(after).is("with"));
        boolean heated = i > 1 && tokens.get(i - 1).is(",") && isScale(tokens.get(i - 2));
        boolean timed = i > 0
                && (heated || takesTime(tokens.get(i - 1)))
                && ends
                && tokens.get(i).high() <= MOST_BARE;
        return (uncovered || covers || grilled || alone || timed || (led || more) && ends)
                        && tokens.get(i).low() >= 2
                ? found(tokens, new Minutes(tokens.get(i).low(), tokens.get(i).high()), i, after)
                : null;
    }

    /** "Covered 30", "foil off, 15", "uncover, 10". */
    private static boolean isCover(List<Token> tokens, int last) {
        if (last < 0) {
            return false;
        }
        Token t = tokens.get(last);
        boolean taken = (t.is("on") || t.is("off"))
                && last > 0
                && Set.of("foil", "lid", "cover").contains(tokens.get(last - 1).key());
        return taken || COVERS.contains(t.key());
    }

    /** "Grill for 3 to brown the top". */
    private static boolean isPurpose(List<Token> tokens, int at) {
        return tokens.get(at).is("to")
                && at + 1 < tokens.size()
                && KitchenWords.shared().verb(tokens.get(at + 1)) != null;
    }

    /** "180C for 20", "190C, 25". */
    private static boolean isScale(Token t) {
        return Set.of("c", "f", "°", "º", "celsius", "fahrenheit").contains(t.key());
    }

    /** "Simmer 10", "bake 15-20 til golden": minutes, where no dial is that low. */
    private static boolean takesTime(Token t) {
        Verb.Spoken verb = KitchenWords.shared().verb(t);
        return verb != null
                && verb.form() == Verb.Form.BASE
                && Set.of(Verb.Effect.HEAT, Verb.Effect.START, Verb.Effect.BAKE, Verb.Effect.GRILL, Verb.Effect.REST)
                        .contains(verb.verb().effect());
    }

    /** "Bake for 20", "back in for 20". */
    private static boolean isWork(Token t) {
        return KitchenWords.shared().verb(t) != null || t.is("in") || t.is("back");
    }

    private static double factor(Token t) {
        return MINUTE.contains(t.key()) ? 1 : HOUR.contains(t.key()) ? 60 : 0;
    }
}
