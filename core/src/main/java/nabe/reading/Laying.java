package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Puts what a clause names into the dish, each in its turn. */
final class Laying {
    private static final Set<String> CRUSTS = Set.of("crust", "pastry", "dough");
    private static final Set<String> WASHES = Set.of("egg", "egg-yolk", "milk");
    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;

    Laying(Scene scene) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
    }

    /** "Glaze with the rest of the egg" of a line that says "to glaze": one thing. */
    private static boolean isSaidAgain(Named noun, List<Named> all) {
        return noun.is(Kind.LINES)
                && !noun.portion().isSaid()
                && all.stream()
                        .anyMatch(n ->
                                n != noun && n.portion().isSaid() && n.lines().equals(noun.lines()));
    }

    /** "Top with parmesan" that all went into the filling, which lies there: nothing of it is left. */
    private boolean isSpent(Named noun) {
        Pot pot = noun.pot();
        return pot != null
                && noun.lines().size() == 1
                && noun.slot().lead() == Lead.WITH
                && (pot.given > 0.99 || kitchen.pots.stream().anyMatch(p -> p.inside.containsKey(pot)))
                && kitchen.main(pot).size() > 1;
    }

    /** "In a dish with a little sauce on the bottom": that lies there first. */
    private static boolean isOnBottom(Named noun, List<Named> nouns) {
        int next = nouns.indexOf(noun) + 1;
        return noun.slot().lead() == Lead.WITH
                && noun.isFood()
                && next < nouns.size()
                && nouns.get(next).slot().lead() == Lead.OVER
                && Tokens.has(nouns.get(next).slot().tokens(), "bottom", "base");
    }

    /** Lays the nouns of a clause, each in its turn. */
    void lay(Clause clause, List<Named> nouns, boolean late) {
        boolean with = nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && n.isFood());
        boolean swaps = with
                && nouns.stream().noneMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.IN)
                && clause.verb() != null
                && (clause.does(Effect.COVER, Effect.GREASE)
                        || KitchenWords.shared()
                                .has(Use.COVERS_WITH, clause.verb().base()));
        nouns.forEach(this::layLining);
        List<Named> placed = new ArrayList<>();
        for (Named noun : nouns) {
            Lead lead = noun.slot().lead();
            boolean location = lead == Lead.INTO
                    || lead == Lead.FROM
                    || (lead == Lead.OVER || lead == Lead.IN) && !isParticle(clause, noun, nouns);
            if (location || swaps && lead == Lead.NONE && !noun.slot().fresh() && isBeforeWith(noun, nouns)) {
                layUnder(noun, nouns);
                continue;
            }
            if (noun.isFood()) {
                placed.add(noun);
            }
        }
        placed.removeIf(n -> isSaidAgain(n, placed) || isSpent(n));
        if (endsSo(clause, placed)) {
            return;
        }
        if (clause.words().startsWith("brushing") && !dish.all.isEmpty()) {
            placed.stream()
                    .flatMap(n -> n.lines().stream().filter(kitchen::isFat).map(l -> Map.entry(l, n.portion())))
                    .forEach(fat -> drizzle(fat.getKey(), fat.getValue()));
            return;
        }
        if (placed.stream().allMatch(n -> n.is(Kind.PRONOUN))) {
            mingle(clause);
        }
        placed.stream().filter(n -> isOnBottom(n, nouns)).findFirst().ifPresent(n -> {
            List<Pot> inHand = kitchen.focus;
            layDown(n, late);
            kitchen.focus = inHand;
            placed.remove(n);
        });
        boolean puts = clause.does(Effect.PLACE)
                || clause.does(Effect.REST) && clause.durations().isEmpty()
                || clause.verb() != null && clause.verb().base().equals("brush")
                || (clause.verb() == null || clause.does(Effect.JOIN)) && toDish(clause, nouns)
                || clause.does(Effect.PREP) && isPressedIn(nouns);
        if (placed.isEmpty() && puts && !kitchen.focus.isEmpty()) {
            kitchen.focus.stream()
                    .map(kitchen::whereItIs)
                    .filter(p -> !dish.holds(p) && !p.isEmpty())
                    .forEach(p -> {
                        dish.place(p, Portion.UNSAID, late);
                        lateAdd(p, late);
                    });
            return;
        }
        if (isAlongWith(clause, placed)) {
            kitchen.focus.stream()
                    .map(kitchen::whereItIs)
                    .filter(p -> !dish.holds(p) && !p.isEmpty() && p.given < 0.01)
                    .forEach(p -> dish.place(p, Portion.UNSAID, late));
        }
        if (joinsInDish(clause, placed, nouns)) {
            Pot there = dish.all.getFirst().pot;
            placed.forEach(n -> n.lines().forEach(l -> there.add(l, kitchen.accounts.take(l, n.portion()))));
            kitchen.focusOn(there);
            return;
        }
        if (mixedInDish(clause, placed)) {
            layTogether(placed, late);
            return;
        }
        int rounds = Math.max(Repeats.rounds(clause, placed.size()), clause.verb() == null ? scene.roundsAhead : 1);
        scene.roundsAhead = 0;
        if (rounds > 1) {
            layInRounds(placed, rounds, late);
            return;
        }
        for (int i = 0; i < placed.size(); i++) {
            int to = mixedWith(placed, i);
            if (to > i + 1) {
                layTogether(placed.subList(i, to), late);
                i = to - 1;
            } else {
                layDown(placed.get(i), late);
            }
        }
    }

    /** "5 layers in all, ending with sauce and parmesan", which lie on top already. */
    private boolean endsSo(Clause clause, List<Named> placed) {
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
        return nouns.stream().noneMatch(Named::isFood)
                && clause.verb() != null
                && Set.of("brush", "glaze").contains(clause.verb().base())
                && clause.says("again", "more");
    }

    /** "Brush again": with what the rim was brushed with. */
    void brushAgain() {
        dish.all.reversed().stream()
                .map(p -> p.pot)
                .filter(p -> p.lines.keySet().stream().anyMatch(l -> WASHES.contains(kitchen.role(l))))
                .findFirst()
                .ifPresent(p -> dish.place(p, Portion.UNSAID, false));
    }

    /** "Press into a dish". */
    private static boolean isPressedIn(List<Named> nouns) {
        return nouns.stream()
                .anyMatch(n -> n.is(Kind.DISH)
                        && (n.slot().lead() == Lead.INTO || n.slot().lead() == Lead.IN));
    }

    /** "Layer the sauce, sheets and cheese three times": an equal part of each in every round. */
    private void layInRounds(List<Named> placed, int rounds, boolean late) {
        Portion part = new Portion(Portion.Kind.FRACTION, 1.0 / rounds, null);
        for (int round = 0; round < rounds; round++) {
            for (Named noun : placed) {
                layDown(noun.portion().isSaid() ? noun : noun.taking(part), late);
            }
        }
        dish.endCycle();
    }

    /** "The crumbs mixed with the cheese". @return one past the last that is mixed in */
    private static int mixedWith(List<Named> placed, int i) {
        Verb.Spoken last =
                KitchenWords.shared().verb(placed.get(i).slot().tokens().getLast());
        boolean mixed = last != null
                && last.form() == Verb.Form.PAST
                && last.verb().effect() == Effect.MIX
                && placed.get(i).is(Kind.LINES);
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

    /** "Into a crust-lined plate": the crust lies under it, half of it where another is to come. */
    private void layLining(Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean lined = noun.is(Kind.DISH)
                && Tokens.has(said, "lined")
                && said.stream().anyMatch(t -> CRUSTS.contains(t.key()));
        for (int line = 0; lined && line < kitchen.lines.size(); line++) {
            if (kitchen.role(line).startsWith("pastry") || kitchen.role(line).equals("lid-dough")) {
                boolean another = kitchen.isNamedLater(line);
                Portion part = another ? new Portion(Portion.Kind.FRACTION, 0.5, null) : Portion.UNSAID;
                Pot pot = kitchen.holding(line);
                pot = pot == null ? laid(line, part) : pot;
                if (pot != null && !dish.holds(pot)) {
                    dish.placePot(pot, part, false);
                }
                return;
            }
        }
    }

    /** "Arrange upright in tight rows, alternating": several things are one layer. */
    private void mingle(Clause clause) {
        List<Pot> cut = kitchen.focus.stream().filter(Mixing::isInHand).toList();
        boolean mingled = clause.says("alternate", "alternating", "overlapping", "overlap", "row", "upright", "mixed");
        if (mingled && cut.size() > 1) {
            cut.subList(1, cut.size()).forEach(p -> Mixing.dissolve(kitchen, p, cut.getFirst()));
            kitchen.focusOn(cut.getFirst());
        }
    }

    private static boolean isBeforeWith(Named noun, List<Named> nouns) {
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
                || clause.particles().contains("in");
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
        there |= inHand && noun.pot() != null && isUnderDough(noun.pot());
        boolean food = !noun.is(Kind.PRONOUN) || noun.portion().is(Portion.Kind.REST);
        return clause.verb() != null && food && !(others && there);
    }

    /** "Dollop over the filling": the dough in hand goes on what is hot in the pan. */
    private boolean isUnderDough(Pot pot) {
        return !kitchen.focus.contains(pot)
                && Mixing.isHot(pot)
                && kitchen.focus.stream().allMatch(p -> p.worked && !Mixing.isHot(p));
    }

    /** What lies under something laid and was never placed itself was cooked in the dish. */
    private void layUnder(Named noun, List<Named> nouns) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        boolean over = noun.slot().lead() != Lead.FROM && noun.slot().lead() != Lead.WITH;
        if (over && pot != null && !dish.holds(pot) && dish.all.isEmpty() && pot.given < 0.99) {
            dish.placeUnder(pot);
        }
    }

    /** "Toss with the oil and scatter over with the cheese": what was tossed is scattered, and the cheese with it. */
    private static boolean isAlongWith(Clause clause, List<Named> placed) {
        return clause.does(Effect.PLACE)
                && !clause.opensSentence()
                && clause.particles().contains("over")
                && !placed.isEmpty()
                && placed.stream().allMatch(n -> n.slot().lead() == Lead.WITH);
    }

    /** "Add the apple" to sausages that roast in the tin. */
    private boolean joinsInDish(Clause clause, List<Named> placed, List<Named> nouns) {
        return clause.verb() != null
                && clause.verb().base().equals("add")
                && oven.started()
                && dish.all.size() == 1
                && !placed.isEmpty()
                && placed.stream().allMatch(n -> n.is(Kind.LINES))
                && nouns.stream().noneMatch(n -> n.slot().lead() == Lead.OVER);
    }

    /** "Add the sausages, one of the onions and the sage" to a tin: they cook together. */
    private boolean mixedInDish(Clause clause, List<Named> placed) {
        boolean spreadWith = clause.verb() != null
                && clause.verb().base().equals("spread")
                && placed.stream().skip(1).allMatch(n -> n.slot().lead() == Lead.WITH);
        return clause.verb() != null
                && (spreadWith
                        || Set.of("add", "put", "stir", "mix", "combine", "toss", "brush", "glaze")
                                .contains(clause.verb().base()))
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

    private void layTogether(List<Named> placed, boolean late) {
        Pot pot = kitchen.open();
        for (Named noun : placed) {
            for (int line : noun.lines()) {
                double share = kitchen.accounts.take(line, noun.portion());
                if (share > 0.001) {
                    pot.add(line, share);
                }
            }
        }
        if (!pot.isEmpty()) {
            pot.worked = true;
            pot.heading =
                    kitchen.lines.get(placed.getFirst().lines().getFirst()).heading();
            dish.place(pot, Portion.UNSAID, late);
            kitchen.focusOn(pot);
        }
    }

    void layDown(Named noun, boolean late) {
        if (noun.is(Kind.PRONOUN)) {
            List<Pot> meant = kitchen.focus.isEmpty() && kitchen.current != null
                    ? List.of(kitchen.current)
                    : List.copyOf(kitchen.focus);
            for (Pot pot : meant) {
                Pot at = kitchen.whereItIs(pot);
                if (!at.isEmpty() && (!dish.holds(at) || noun.portion().isSaid() || isRolledAgain(at))) {
                    dish.placePot(at, noun.portion(), late);
                    lateAdd(at, late);
                }
            }
            return;
        }
        if (noun.pot() != null) {
            boolean oneHerbOfIt = noun.lines().size() == 1
                    && kitchen.isShared(noun.lines().getFirst())
                    && noun.pot().lines.size() > 1;
            if (oneHerbOfIt) {
                return;
            }
            if (late && dish.holds(noun.pot()) && !noun.portion().isSaid()) {
                return;
            }
            dish.placePot(noun.pot(), noun.portion(), late);
            lateAdd(noun.pot(), late);
            kitchen.focusOn(noun.pot());
            return;
        }
        if (noun.lines().size() > 1 && scene.naming.isHeading(noun.slot())) {
            layTogether(List.of(noun), late);
            return;
        }
        for (int line : noun.lines()) {
            if (isSeasoning(line) || kitchen.isFat(line) && dish.all.isEmpty()) {
                if (kitchen.isFat(line)) {
                    kitchen.pan.add(line);
                }
                continue;
            }
            double before = kitchen.left[line];
            if (kitchen.role(line).equals("oil")) {
                drizzle(line, noun.portion());
                continue;
            }
            Pot pot = laid(line, noun.portion());
            if (pot != null) {
                dish.place(pot, noun.portion(), late, before - kitchen.left[line]);
                lateAdd(pot, late);
                kitchen.focusOn(pot);
            }
        }
    }

    /** "Roll out the rest, lay it over": the dough lies under the filling and over it. */
    private boolean isRolledAgain(Pot pot) {
        long rolled =
                pot.steps.stream().filter(s -> s.action().startsWith("roll")).count();
        return rolled > dish.all.stream().filter(p -> p.pot == pot).count();
    }

    /** Oil on top, or butter brushed on in passing, is part of what it lies on. */
    private void drizzle(int line, Portion portion) {
        double share = kitchen.accounts.take(line, portion);
        if (share > 0.001) {
            dish.all.getLast().pot.add(line, share);
        }
    }

    private void lateAdd(Pot pot, boolean late) {
        if (late) {
            oven.add(pot.id());
        }
    }

    private boolean isSeasoning(int line) {
        return Set.of("salt", "spice").contains(kitchen.role(line));
    }

    /** The pot of a thing laid as it is, with the share that is laid now. */
    @Nullable
    Pot laid(int line, Portion portion) {
        double share = kitchen.accounts.take(line, portion);
        Pot pot = kitchen.pots.stream()
                .filter(p -> p.lines.size() == 1 && p.lines.containsKey(line) && p.pots.isEmpty() && p.given < 0.99)
                .findFirst()
                .orElse(null);
        if (pot == null && share <= 0.001) {
            return null;
        }
        if (pot == null) {
            pot = kitchen.open();
            pot.heading = kitchen.lines.get(line).heading();
        }
        pot.add(line, share);
        return pot;
    }
}
