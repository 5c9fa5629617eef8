package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;

/** What tells how the nouns of a clause are laid: which is a place, which go together, what lies there already. */
final class LaySigns {
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;

    LaySigns(Scene scene) {
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
    }

    /** "Glaze with the rest of the egg" of a line that says "to glaze": one thing. */
    static boolean isSaidAgain(Named noun, List<Named> all) {
        return noun.is(Kind.LINES)
                && !noun.portion().isSaid()
                && all.stream()
                        .anyMatch(n ->
                                n != noun && n.portion().isSaid() && n.lines().equals(noun.lines()));
    }

    /** "Fold the overhanging filo over": it lies there already. */
    static boolean isOverhang(Named noun) {
        return Tokens.has(noun.slot().tokens(), "overhanging", "overhang", "hanging");
    }

    /** "Pour over the custard, pushing the bread down": it lies there already. */
    boolean isPressedDown(Named noun) {
        Verb.Spoken first = KitchenWords.shared().verb(noun.slot().tokens().getFirst());
        boolean pressing = first != null
                && first.form() == Verb.Form.ING
                && (first.verb().effect() == Effect.PREP || first.verb().base().equals("push"));
        return pressing && dish.all.stream().anyMatch(p -> isOf(noun, p.pot));
    }

    /** "Top with parmesan" that all went into the filling, which lies there: nothing of it is left. */
    boolean isSpent(Named noun) {
        Pot pot = noun.pot();
        return pot != null
                && noun.lines().size() == 1
                && noun.slot().lead() == Lead.WITH
                && (pot.given > 0.99 || kitchen.pots.stream().anyMatch(p -> p.inside.containsKey(pot)))
                && kitchen.main(pot).size() > 1;
    }

    /** "In a dish with a little sauce on the bottom": that lies there first. */
    static boolean isOnBottom(Named noun, List<Named> nouns) {
        int next = nouns.indexOf(noun) + 1;
        return noun.slot().lead() == Lead.WITH
                && noun.isFood()
                && next < nouns.size()
                && nouns.get(next).slot().lead() == Lead.OVER
                && Tokens.has(nouns.get(next).slot().tokens(), "bottom", "base");
    }

    /** "5 layers in all, ending with sauce and parmesan", which lie on top already. */
    boolean endsSo(Clause clause, List<Named> placed) {
        int n = placed.size();
        int from = dish.all.size() - n;
        boolean ends = n > 0
                && from >= 0
                && dish.isRepeated()
                && (clause.words().startsWith("ending") || clause.words().startsWith("finishing"));
        return ends && IntStream.range(0, n).allMatch(i -> isOf(placed.get(i), dish.all.get(from + i).pot));
    }

    private static boolean isOf(Named noun, Pot pot) {
        return noun.pot() == pot || noun.lines().stream().anyMatch(pot.lines::containsKey);
    }

    static boolean isBrushedAgain(Clause clause, List<Named> nouns) {
        return nouns.stream().noneMatch(Named::isFood) && clause.brushes() && clause.says("again", "more");
    }

    /** "Press into a dish". */
    private static boolean isPressedIn(List<Named> nouns) {
        return nouns.stream()
                .anyMatch(n -> n.is(Kind.DISH)
                        && (n.slot().lead() == Lead.INTO || n.slot().lead() == Lead.IN));
    }

    /** "The crumbs mixed with the cheese". @return one past the last that is mixed in */
    static int mixedWith(List<Named> placed, int i) {
        boolean mixed = isMixed(placed.get(i));
        int to = i + 1;
        while (mixed
                && to < placed.size()
                && placed.get(to).slot().lead() == Lead.WITH
                && placed.get(to).is(Kind.LINES)
                && (to == i + 1 || placed.get(to).slot().linked())) {
            to++;
        }
        return to;
    }

    /** "The crumbs mixed", with what comes next. */
    static boolean isMixed(Named noun) {
        Verb.Spoken last = KitchenWords.shared().verb(noun.slot().tokens().getLast());
        return last != null
                && last.form() == Verb.Form.PAST
                && last.verb().effect() == Effect.MIX
                && noun.is(Kind.LINES);
    }

    static boolean isBeforeWith(Named noun, List<Named> nouns) {
        return nouns.stream()
                .anyMatch(n -> n.slot().lead() == Lead.WITH
                        && n.isFood()
                        && n.slot().from() > noun.slot().from());
    }

    boolean toDish(Clause clause, List<Named> nouns) {
        return nouns.stream()
                        .anyMatch(n -> n.is(Kind.DISH)
                                || n.slot().lead() == Lead.OVER
                                        && !Tokens.has(n.slot().tokens(), "heat", "flame", "ring", "hob"))
                || clause.particles().contains("over")
                || clause.particles().contains("on")
                || clause.particles().contains("in")
                || clause.particles().contains("round")
                || clause.particles().contains("around");
    }

    /** "Spoon over the sauce": the noun right after the particle is what is spooned, unless it lies there already. */
    private boolean isParticle(Clause clause, Named noun, List<Named> nouns) {
        boolean onTop = noun.slot().tokens().getFirst().is("top");
        if (!noun.slot().direct() || !noun.isFood() || onTop) {
            return false;
        }
        boolean others = nouns.stream()
                .anyMatch(n -> n != noun
                        && n.isFood()
                        && n.slot().lead() != Lead.INTO
                        && n.slot().lead() != Lead.OVER);
        boolean there =
                noun.pot() != null && dish.holds(noun.pot()) && !noun.portion().isSaid();
        boolean inHand = kitchen.focus.stream().anyMatch(p -> !dish.holds(p) && !p.isEmpty());
        others |= inHand;
        there |= inHand && noun.slot().lead() == Lead.OVER && noun.pot() != null && isUnderDough(noun.pot());
        boolean food = !noun.is(Kind.PRONOUN) || noun.portion().is(Portion.Kind.REST);
        return clause.verb() != null && food && !(others && there);
    }

    /** "Dollop over the filling": the dough in hand goes on what is hot in the pan. */
    private boolean isUnderDough(Pot pot) {
        return !kitchen.focus.contains(pot)
                && Mixing.isHot(pot)
                && kitchen.focus.stream().allMatch(p -> p.worked && !Mixing.isHot(p));
    }

    /** "Toss with the oil and scatter over with the cheese": what was tossed is scattered, and the cheese with it. */
    boolean isAlongWith(Clause clause, List<Named> placed, List<Named> nouns) {
        boolean over = !clause.opensSentence() && clause.particles().contains("over");
        boolean first = dish.all.isEmpty()
                && Set.of("scatter", "strew", "arrange", "layer").contains(clause.base())
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH));
        return clause.does(Effect.PLACE)
                && (over || first)
                && !placed.isEmpty()
                && placed.stream().allMatch(n -> n.slot().lead() == Lead.WITH);
    }

    /** "Add the apple" to sausages that roast in the tin. */
    boolean joinsInDish(Clause clause, List<Named> placed, List<Named> nouns) {
        return clause.base().equals("add")
                && oven.started()
                && dish.all.size() == 1
                && !placed.isEmpty()
                && placed.stream().allMatch(n -> n.is(Kind.LINES))
                && nouns.stream().noneMatch(n -> n.slot().lead() == Lead.OVER);
    }

    /** "Add the sausages, one of the onions and the sage" to a tin: they cook together. */
    boolean mixedInDish(Clause clause, List<Named> placed) {
        boolean spreadWith = clause.base().equals("spread")
                && placed.stream().skip(1).allMatch(n -> n.slot().lead() == Lead.WITH);
        return clause.verb() != null
                && (spreadWith
                        || Set.of("add", "put", "stir", "mix", "combine", "toss", "brush", "glaze")
                                .contains(clause.base()))
                && placed.size() > 1
                && placed.stream()
                        .allMatch(n -> n.is(Kind.LINES)
                                && !n.portion().isSaid()
                                        | n.portion().is(Portion.Kind.COUNT)
                                        | n.portion().is(Portion.Kind.MEASURE))
                && placed.stream().flatMap(n -> n.lines().stream()).noneMatch(this::isLaid);
    }

    private boolean isLaid(int line) {
        return dish.all.stream().anyMatch(p -> p.pot.lines.containsKey(line));
    }

    /** "Roll out the rest, lay it over": the dough lies under the filling and over it. */
    boolean isRolledAgain(Pot pot) {
        long rolled =
                pot.steps.stream().filter(s -> s.action().startsWith("roll")).count();
        return rolled > dish.all.stream().filter(p -> p.pot == pot).count();
    }

    /** "Cover the dish with the mash": what stands before "with" lies there already. */
    boolean swaps(Clause clause, List<Named> nouns) {
        return nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && n.isFood())
                && nouns.stream().noneMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.IN)
                && clause.verb() != null
                && (clause.does(Effect.COVER, Effect.GREASE)
                        || KitchenWords.shared().has(Use.COVERS_WITH, clause.base()));
    }

    /** Whether the noun says where something goes. */
    boolean isPlace(Clause clause, Named noun, List<Named> nouns) {
        Lead lead = noun.slot().lead();
        return lead == Lead.INTO
                || lead == Lead.FROM
                || (lead == Lead.OVER || lead == Lead.IN) && !isParticle(clause, noun, nouns);
    }

    /** Whether the clause puts what is in hand somewhere, without a word what. */
    boolean puts(Clause clause, List<Named> nouns) {
        return clause.does(Effect.PLACE)
                || clause.does(Effect.REST) && clause.durations().isEmpty()
                || clause.brushes()
                || (clause.verb() == null || clause.does(Effect.JOIN)) && toDish(clause, nouns)
                || clause.does(Effect.PREP) && isPressedIn(nouns);
    }
}
