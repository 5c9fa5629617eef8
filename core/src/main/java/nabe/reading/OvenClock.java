package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
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

    /** "20 minutes covered, then 15 uncovered": the cover said nearest to a time is its own. */
    private void segment(Clause clause, Duration d) {
        if (clause.durations().size() < 2) {
            return;
        }
        for (int k = d.to();
                k < clause.tokens().size()
                        && !clause.tokens().get(k).isMark()
                        && !clause.tokens().get(k).is("then");
                k++) {
            Token t = clause.tokens().get(k);
            if (t.is("covered") || t.is("uncovered")) {
                oven.cover(t.is("covered") ? Cover.ON : Cover.OFF);
                return;
            }
        }
        for (int k = d.from() - 1; k >= 0 && !clause.tokens().get(k).isMark(); k--) {
            Token t = clause.tokens().get(k);
            if (t.is("covered") || t.is("uncovered")) {
                oven.cover(t.is("covered") ? Cover.ON : Cover.OFF);
                return;
            }
        }
    }

    private static boolean isOnTheSide(Clause clause) {
        return clause.words().toLowerCase(Locale.ROOT).contains("on the side");
    }

    boolean isRest(Clause clause) {
        boolean rests = clause.does(Effect.REST)
                || clause.verb() == null
                        && clause.says(Use.RESTS)
                        && !clause.durations().isEmpty()
                || clause.does(Effect.LET) && oven.started()
                || Set.of("sit", "cool", "leave", "wait").contains(clause.base());
        boolean bench = (clause.says("bench", "counter", "rest", "worktop") || isOnTheSide(clause))
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
