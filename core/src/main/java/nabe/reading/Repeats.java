package nabe.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import org.jspecify.annotations.Nullable;

/** "Repeat twice", "same again", "do that once more". */
final class Repeats {
    private final Scene scene;
    private final Dish dish;
    private final Laying laying;

    Repeats(Scene scene, Laying laying) {
        this.scene = scene;
        this.dish = scene.dish;
        this.laying = laying;
    }

    boolean repeats(Clause clause, List<Named> nouns) {
        boolean does = clause.base().equals("do");
        return scene.stage != Scene.Stage.COOKING
                && !dish.all.isEmpty()
                && (!does || clause.says(Use.AGAIN) || likeThis(clause) > 1);
    }

    boolean isAgain(Clause clause, List<Named> nouns) {
        boolean says = clause.says("again", "same", "twice", "ditto", "likewise")
                || clause.says("more") && clause.says("time");
        return scene.stage == Scene.Stage.BUILDING
                && (says || inAll(clause) > 1)
                && !dish.all.isEmpty()
                && (inAll(clause) > 1 || nouns.stream().noneMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT)));
    }

    /** "Make three layers like this": a verb that lays, and what was laid said with one word. */
    boolean isLikeThis(Clause clause) {
        return scene.stage == Scene.Stage.BUILDING
                && !dish.all.isEmpty()
                && (likeThis(clause) > 1
                        || goesOnSo(clause)
                        || clause.base().equals("layer") && clause.says("like", "way") && isUntilUsedUp(clause)
                        || (moreLayers(clause) > 0 || isAnotherLayer(clause))
                                && clause.says("like", "such", "way", "same"));
    }

    /** "Go on in this order"; "half the filling goes on" lays it. */
    private static boolean goesOnSo(Clause clause) {
        return clause.base().equals("go")
                && clause.words().toLowerCase(Locale.ROOT).startsWith("go on ")
                && clause.says("like", "this", "order", "same", "so");
    }

    /** "Make a second layer in the same way". */
    private static boolean isAnotherLayer(Clause clause) {
        return clause.says("second", "another") && clause.says("layer");
    }

    /** "Three more layers". @return 0 where it does not say */
    private static int moreLayers(Clause clause) {
        List<Token> said = clause.tokens();
        for (int k = 0; k + 2 < said.size(); k++) {
            if (said.get(k).isNumber()
                    && said.get(k + 1).is("more")
                    && said.get(k + 2).text().equalsIgnoreCase("layers")) {
                return Math.clamp((int) said.get(k).low(), 1, 8);
            }
        }
        return 0;
    }

    /** "In a casserole make 3 layers:", and what lies in each comes next. */
    boolean headsRounds(Clause clause, List<Named> nouns) {
        return Set.of("make", "build", "do", "lay").contains(clause.base())
                && clause.words().endsWith(":")
                && layers(clause) > 1
                && nouns.stream().noneMatch(Named::isFood);
    }

    void headRounds(Clause clause) {
        scene.roundsAhead = layers(clause);
        scene.dishMeant = true;
        if (scene.stage == Scene.Stage.COOKING) {
            scene.stage = Scene.Stage.BUILDING;
            scene.openedBefore = scene.kitchen.opened();
        }
    }

    /** "On the last one only sauce and Parmesan", after like layers. */
    boolean isLastOnly(Clause clause, List<Named> nouns) {
        return scene.stage == Scene.Stage.BUILDING
                && dish.isRepeated()
                && clause.verb() == null
                && clause.says("last", "final", "top")
                && clause.says("only", "just")
                && nouns.stream().anyMatch(Named::isFood);
    }

    void lastOnly(List<Named> nouns) {
        Set<Pot> named = new HashSet<>();
        for (Named noun : nouns) {
            dish.all.stream()
                    .map(p -> p.pot)
                    .filter(p -> p == noun.pot() || noun.lines().stream().anyMatch(p.lines::containsKey))
                    .forEach(named::add);
        }
        dish.lastOnly(named);
    }

    /** "Do the same with the rest": what was told of one wrap was told of all. */
    private boolean isOfWraps(Clause clause) {
        return scene.wrapper != null
                && dish.holds(scene.wrapper)
                && clause.base().equals("do")
                && clause.says(Use.REST);
    }

    /** @param next the clause that follows, or null */
    void again(Clause clause, List<Named> nouns, @Nullable Clause next) {
        if (isOfWraps(clause)) {
            return;
        }
        List<Named> named =
                nouns.stream().filter(n -> n.is(Kind.LINES) || n.is(Kind.POT)).toList();
        boolean withList = !clause.says("layer")
                && !clause.says("twice", "thrice", "time")
                && named.stream().anyMatch(n -> n.slot().lead() == Lead.WITH)
                && named.size() > 1;
        if (withList) {
            boolean rest = named.getFirst().portion().is(Portion.Kind.REST);
            named.forEach(n -> laying.layDown(rest ? restOf(n) : n, false));
            dish.endCycle();
            return;
        }
        if (isUntilUsedUp(clause)) {
            dish.repeat(dish.roundsLeft(), clause.step());
            dish.useUp();
            return;
        }
        int more = moreLayers(clause);
        if (more > 0) {
            dish.repeat(more, clause.step());
            return;
        }
        int all = Math.max(Math.max(inAll(clause), layers(clause)), likeThis(clause))
                - (next != null && isLastOfThem(clause, next) ? 1 : 0);
        dish.repeat(all > 1 ? all - 1 : times(clause), clause.step());
        named.stream()
                .filter(n -> n.slot().lead() == Lead.WITH && n.portion().is(Portion.Kind.REST))
                .filter(n -> n.pot() != null
                        || clause.says("top")
                        || n.lines().stream().allMatch(dish::endsWith))
                .forEach(this::endWith);
    }

    /** "Repeat twice, using all the rest of the cheese on top": not as much of it as in the rounds before. */
    private void endWith(Named rest) {
        if (rest.pot() != null) {
            dish.topWithRest(rest.pot());
            return;
        }
        rest.lines().forEach(dish::takeBackLast);
        laying.layDown(rest, false);
    }

    /** "Until you have 6 layers of pasta, finishing with pasta and cheese": the last of the six lies there by itself. */
    private static boolean isLastOfThem(Clause clause, Clause next) {
        List<Token> said = clause.tokens();
        return next.sentence() == clause.sentence()
                && Set.of("finish", "end").contains(next.base())
                && IntStream.range(0, said.size() - 2)
                        .filter(i -> said.get(i).text().equalsIgnoreCase("layers")
                                && said.get(i + 1).is("of"))
                        .mapToObj(i -> said.get(i + 2))
                        .anyMatch(t ->
                                next.tokens().stream().anyMatch(n -> n.key().equals(t.key())));
    }

    /** "The remaining bread, sausage and cheese": what is left of each. */
    private static Named restOf(Named noun) {
        return noun.portion().isSaid()
                ? noun
                : new Named(
                        noun.kind(),
                        noun.lines(),
                        noun.pot(),
                        new Portion(Portion.Kind.REST, 0, null),
                        noun.each(),
                        noun.slot());
    }

    /** "Keep going until the tortillas are used up". */
    private static boolean isUntilUsedUp(Clause clause) {
        return clause.says("until", "till") && clause.says("up", "gone", "finish", "run", "left");
    }

    /** "Do that four times", "make three layers like this": so often in all. @return 0 where it says anything else */
    private static int likeThis(Clause clause) {
        boolean more = clause.says("more", "again", "another", "repeat");
        boolean does = clause.base().equals("do");
        int said = does ? times(clause) : clause.says("like", "such", "way") ? layers(clause) : 0;
        return more ? 0 : said;
    }

    /** "x 3" alone, "5 layers in all": so often in all. @return 0 where it says anything else */
    private static int inAll(Clause clause) {
        if (clause.says("all", "total")) {
            return layers(clause);
        }
        List<Token> said = clause.tokens().stream().filter(t -> !t.isMark()).toList();
        boolean alone = said.size() == 2 && said.stream().anyMatch(t -> t.is("x") || t.is("×"));
        return alone
                ? said.stream()
                        .filter(Token::isNumber)
                        .mapToInt(t -> Math.clamp((int) t.low(), 1, 8))
                        .findFirst()
                        .orElse(0)
                : 0;
    }

    /** How many rounds one clause itself lays of several things: "layer A, B and C three times", "in three layers", "a third of A, a third of B, three times over". */
    static int rounds(Clause clause, int things) {
        boolean bare = clause.verb() == null && clause.says("time") && (clause.says("over") || endsWithTimes(clause));
        boolean lays = bare || Set.of("layer", "alternate", "build", "stack").contains(clause.base());
        if (!lays || things < 2 || clause.says("more")) {
            return 1;
        }
        if (clause.says("same", "again")) {
            return Math.max(2, times(clause) + 1);
        }
        int times = times(clause);
        return times == 1 ? Math.max(1, layers(clause)) : times;
    }

    /** "Pasta, ragù, béchamel - five times". */
    private static boolean endsWithTimes(Clause clause) {
        List<Token> said = clause.tokens().stream().filter(t -> !t.isMark()).toList();
        int last = said.size() - 1;
        return last > 0 && said.get(last).is("time") && said.get(last - 1).isNumber();
    }

    /** "Go on like this, 3 or 4 layers": the fewer, what lies last comes on top of them. @return 0 where it does not say */
    private static int layers(Clause clause) {
        for (int k = 0; k + 1 < clause.tokens().size(); k++) {
            Token t = clause.tokens().get(k);
            if (t.isNumber() && clause.tokens().get(k + 1).text().equalsIgnoreCase("layers") && !clause.says("more")) {
                return Math.clamp((int) t.low(), 1, 8);
            }
        }
        return 0;
    }

    private static int times(Clause clause) {
        for (int k = 0; k < clause.tokens().size(); k++) {
            Token t = clause.tokens().get(k);
            if (t.is("twice")) {
                return 2;
            }
            if (t.is("thrice")) {
                return 3;
            }
            boolean counted = t.isNumber()
                    && k + 1 < clause.tokens().size()
                    && Set.of("time", "more")
                            .contains(clause.tokens().get(k + 1).key());
            if (counted) {
                return Math.clamp((int) t.low(), 1, 8);
            }
        }
        return 1;
    }
}
