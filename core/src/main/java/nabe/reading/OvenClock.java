package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Durations.Duration;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;

/** Minutes in the oven and after it. */
final class OvenClock {
    /** What is done halfway and is no lid. */
    private static final String[] OF_ITS_OWN = {
        "stirring", "stir", "turning", "turn", "rotating", "rotate", "basting", "baste", "shaking", "shake"
    };

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;

    OvenClock(Scene scene) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
    }

    void clock(Clause clause) {
        boolean stir = clause.says("stirring", "stir", "stirred");
        for (Duration d : clause.durations()) {
            if (oven.started() && isAfterRests(clause, d)) {
                oven.rest(d.minutes());
            } else if (d.first() && oven.started() && clause.cover() != null) {
                oven.splitFirst(clause.cover(), d.minutes());
            } else if (d.after() && oven.started()) {
                if (!oven.splitAfter(clause, d.minutes()) && stir) {
                    oven.stir();
                }
            } else {
                segment(clause, d);
                oven.time(d, stir);
            }
        }
        if (clause.durations().isEmpty() && stir && !stirsIn(clause)) {
            oven.stir();
        }
        if (clause.cover() != null && oven.started() && isAtHalf(clause)) {
            oven.splitHalf(clause.cover(), clause.says("first"));
        }
    }

    /** "190C 40 min. sit 15". */
    private static boolean isAfterRests(Clause clause, Duration d) {
        return d.from() > 0
                && clause.durations().size() > 1
                && KitchenWords.shared().is(clause.tokens().get(d.from() - 1), Use.RESTS);
    }

    /** "Uncovering it halfway", "for the first half"; in "uncovered, stirring once halfway" it is not the cover's. */
    private static boolean isAtHalf(Clause clause) {
        boolean half = clause.says("halfway")
                || clause.says("half") && clause.says("way", "time", "first", "second") && !clause.says("hour");
        return half && !Tokens.has(beforeHalf(clause.tokens()), OF_ITS_OWN);
    }

    /** Since the last mark. */
    private static List<Token> beforeHalf(List<Token> tokens) {
        int to = IntStream.range(0, tokens.size())
                .filter(i -> tokens.get(i).is("halfway") || tokens.get(i).is("half"))
                .findFirst()
                .orElse(0);
        int from = to;
        while (from > 0 && !tokens.get(from - 1).isMark()) {
            from--;
        }
        return tokens.subList(from, to);
    }

    /** "Stir in the broccoli" adds to the phase that follows and is no stir of the one before. */
    private static boolean stirsIn(Clause clause) {
        return clause.base().equals("stir")
                && (clause.particles().contains("in")
                        || clause.slots().stream().anyMatch(s -> s.direct() && s.lead() == Lead.IN));
    }

    /** "20 minutes covered, then 15 uncovered", "covered for 20 and uncovered for 15": the cover beside a time is its own. */
    private void segment(Clause clause, Duration d) {
        if (clause.durations().size() < 2) {
            return;
        }
        List<Token> all = clause.tokens();
        Stream<Integer> after = IntStream.range(d.to(), all.size())
                .takeWhile(i -> !all.get(i).isMark()
                        && !all.get(i).is("then")
                        && !all.get(i).is("and"))
                .filter(i -> !isOfTimeAfter(all, i))
                .boxed();
        Stream<Integer> before = IntStream.iterate(
                        d.from() - 1, i -> i >= 0 && !all.get(i).isMark(), i -> i - 1)
                .boxed();
        Stream.concat(after, before)
                .map(all::get)
                .filter(t -> t.is("covered") || t.is("uncovered"))
                .findFirst()
                .ifPresent(t -> oven.cover(t.is("covered") ? Cover.ON : Cover.OFF));
    }

    /** "25 min. Foil off, 10 more": the next time's, unless that has its own. */
    private static boolean isOfTimeAfter(List<Token> all, int cover) {
        List<Token> rest = all.subList(cover + 1, all.size());
        return rest.stream()
                        .filter(t -> !t.is(",") && !t.is("for"))
                        .findFirst()
                        .filter(Token::isNumber)
                        .isPresent()
                && !Tokens.has(rest, "covered", "uncovered");
    }

    /** "10 min rest", not "rest of the cheese on, 5 more min". */
    private static boolean saysRest(List<Token> said) {
        return IntStream.range(0, said.size())
                .filter(i -> KitchenWords.shared().is(said.get(i), Use.RESTS))
                .anyMatch(i -> i + 2 >= said.size()
                        || !said.get(i + 1).is("of")
                        || said.get(i + 2).isNumber());
    }

    private static boolean isOnTheSide(Clause clause) {
        return clause.words().toLowerCase(Locale.ROOT).contains("on the side");
    }

    /** "Sit the dumplings on top": they are laid, and nothing rests. */
    private static boolean sitsOnTop(Clause clause) {
        return clause.base().equals("sit")
                && clause.durations().isEmpty()
                && clause.slots().stream().anyMatch(s -> s.lead() == Lead.NONE)
                && clause.slots().stream().anyMatch(s -> s.lead() == Lead.OVER);
    }

    boolean isRest(Clause clause) {
        boolean rests = clause.does(Effect.REST)
                || clause.verb() == null
                        && saysRest(clause.tokens())
                        && !clause.durations().isEmpty()
                || clause.does(Effect.LET) && oven.started()
                || Set.of("sit", "cool", "leave", "wait").contains(clause.base()) && !sitsOnTop(clause);
        boolean bench = (clause.says("bench", "counter", "worktop")
                        || clause.says("rest") && saysRest(clause.tokens())
                        || isOnTheSide(clause))
                && !clause.does(Effect.BAKE);
        boolean cloth = clause.does(Effect.COVER) && clause.says("cloth", "towel");
        boolean aside = clause.says("aside") && clause.does(Effect.KEEP, Effect.PLACE, Effect.LET);
        boolean gives = clause.base().equals("give") && !bench;
        return oven.started()
                && (rests && !gives || bench || aside || cloth)
                && (!clause.durations().isEmpty()
                        || rests
                                && !gives
                                && (clause.does(Effect.REST) || clause.base().equals("sit")));
    }
}
