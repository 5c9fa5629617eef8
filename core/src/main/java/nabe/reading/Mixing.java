package nabe.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import nabe.larder.Figures;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Step;

/** Puts things together in a pot: raw things are one, what was made apart stays a component that goes in. */
final class Mixing {
    private static final double OUT_OF_DISH = Figures.of("reading.out-of-dish");

    private static final double A_LADLE = Figures.of("reading.ladleful");
    private static final double MUCH = 0.001;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Steps steps;
    private final PotChoice choice;
    private int lastLine = -1;

    Mixing(Kitchen kitchen, Dish dish, Steps steps, PotChoice choice) {
        this.kitchen = kitchen;
        this.dish = dish;
        this.steps = steps;
        this.choice = choice;
    }

    /** The line that was poured last, -1 before any. */
    int lastLine() {
        return lastLine;
    }

    void combine(Clause clause, Pot first, List<Item> items) {
        Pot target = mixtureWithPasta(first, items);
        List<Of> uses = new ArrayList<>();
        target.worked |= clause.does(Effect.HEAT, Effect.START, Effect.MIX)
                || target.lines.size() + items.size() > 1
                || clause.base().equals("beat");
        boolean goes = clause.base().equals("go");
        for (Item item : items) {
            if (item.pot() == null) {
                pour(target, item, uses);
            } else if (item.line() >= 0
                    && (kitchen.isShared(item.line())
                            || item.portion().isSaid() && kitchen.accounts.isDivided(item.line()))
                    && item.pot() != target
                    && item.pot().lines.containsKey(item.line())
                    && item.pot().lines.size() > 1) {
                takeBack(target, item);
            } else if (returns(clause, item.pot(), target)) {
                dissolve(kitchen.whereItIs(item.pot()), target);
            } else {
                join(target, item, goes, uses);
            }
        }
        dissolveFat(clause, target);
        kitchen.current = target;
        choice.worked(clause.step());
        kitchen.focusOn(target);
        steps.add(clause, target, uses);
        if (clause.does(Effect.MIX, Effect.HEAT, Effect.START)) {
            target.setAside = false;
        }
    }

    /** "Return the beef": what was only browned out of the way is in its pot again. */
    private boolean returns(Clause clause, Pot pot, Pot target) {
        boolean back = clause.verb() != null
                && (clause.base().equals("return") || clause.particles().contains("back") || goesBack(clause));
        return back
                && pot != target
                && pot.given < MUCH
                && pot.pots.isEmpty()
                && !dish.holds(pot)
                && !kitchen.isPasta(pot)
                && !pot.reaches(target);
    }

    /** "Back goes the meat", "back in with the mince". */
    private static boolean goesBack(Clause clause) {
        return clause.opensSentence() && clause.tokens().getFirst().is("back");
    }

    /** Pasta boiled apart and a sauce made apart are components of what they make together. */
    private Pot mixtureWithPasta(Pot target, List<Item> items) {
        Set<Pot> made = new LinkedHashSet<>();
        made.add(target);
        items.stream().map(Item::pot).filter(Objects::nonNull).forEach(made::add);
        boolean pasta = made.stream().anyMatch(kitchen::isPasta);
        boolean solid = made.stream().anyMatch(p -> !kitchen.isPasta(p) && p.worked && !p.isEmpty());
        if (!pasta || !solid || made.size() < 2) {
            return target;
        }
        Pot mixture = kitchen.open();
        mixture.worked = true;
        made.stream().filter(kitchen::isPasta).forEach(p -> mixture.names.addAll(p.names));
        boolean listed = items.stream().anyMatch(i -> i.pot() == target);
        if (!listed) {
            join(mixture, new Item(-1, target, Portion.UNSAID), false, new ArrayList<>());
        }
        return mixture;
    }

    private void pour(Pot target, Item item, List<Of> uses) {
        double share = kitchen.accounts.take(item.line(), item.portion());
        if (share <= MUCH) {
            return;
        }
        target.add(item.line(), share);
        lastLine = item.line();
        uses.add(new Of(item.line(), null, share));
        String heading = kitchen.lines.get(item.line()).heading();
        boolean prepared = heading != null && heading.equals(target.heading) && target.names.isEmpty();
        if (heading != null
                && !kitchen.isShared(item.line())
                && (target.heading == null && !isOfNoGroup(target, item.line()) || prepared)) {
            target.heading = heading;
            target.call(heading);
        }
    }

    /** What stands under no heading is not called after the one other thing that does. */
    private boolean isOfNoGroup(Pot pot, int but) {
        return pot.lines.keySet().stream()
                .anyMatch(l ->
                        l != but && !kitchen.isShared(l) && kitchen.lines.get(l).heading() == null);
    }

    /** Fat, salt and spices spent in an earlier pot are shared where a later one asks for them without saying how much. */
    private void takeBack(Pot target, Item item) {
        Pot from = Objects.requireNonNull(item.pot());
        double half = from.share(item.line()) / 2;
        from.lines.put(item.line(), half);
        target.add(item.line(), half);
    }

    /** @param goes whether the clause does nothing but put it in: "the pasta goes into the sauce" */
    private void join(Pot target, Item item, boolean goes, List<Of> uses) {
        Pot pot = kitchen.whereItIs(Objects.requireNonNull(item.pot()));
        if (pot == target || pot.reaches(target) || target.reaches(pot) && pot.given > 0.99) {
            return;
        }
        double there = 1 - pot.given - (item.portion().is(Portion.Kind.REST) ? dish.laid(pot) : 0);
        Double said = item.portion().is(Portion.Kind.OF_LEFT)
                ? Double.valueOf(item.portion().value() * there)
                : isLittleOf(item, pot) ? Double.valueOf(A_LADLE) : dish.share(pot, item.portion());
        if (said != null && item.portion().is(Portion.Kind.ALL_BUT)) {
            said = Math.max(0, there - said);
        }
        boolean some = said != null && !item.portion().is(Portion.Kind.REST);
        double share = item.portion().is(Portion.Kind.RESERVED) && pot.reserved > 0
                ? pot.reserved
                : said != null && some ? Math.min(said, there) : Math.max(0, there - pot.reserved);
        if (dish.holds(pot) && !item.portion().isSaid()) {
            share = Math.min(share, OUT_OF_DISH);
        }
        if (share <= MUCH) {
            return;
        }
        if (share < 0.99 && isInHand(pot)) {
            int line = pot.lines.keySet().iterator().next();
            double part = pot.share(line) * share;
            pot.lines.merge(line, -part, Double::sum);
            target.add(line, part);
            return;
        }
        if (share > 0.99 && dissolves(pot) && !dish.holds(pot)) {
            dissolve(pot, target);
            return;
        }
        target.pots.merge(pot, share, Double::sum);
        pot.given += share;
        if (share < 1 - MUCH || goes) {
            uses.add(new Of(null, pot.id(), share));
        }
    }

    /** "A little of the sauce", of which more is asked for later. */
    private boolean isLittleOf(Item item, Pot pot) {
        return item.portion().is(Portion.Kind.FILM) && pot.worked && pot.lines.size() + pot.pots.size() > 1;
    }

    /** Only cut, not cooked: as good as the line it came from. */
    static boolean isInHand(Pot pot) {
        return !pot.worked && pot.pots.isEmpty() && pot.lines.size() == 1;
    }

    /** A thing only cut or boiled by itself, or stirred together cold, is no component once it is in another pot. */
    private boolean dissolves(Pot pot) {
        boolean hot = isHot(pot);
        boolean one = pot.pots.isEmpty() && kitchen.main(pot).size() <= 1;
        boolean sameGroup = pot.names.isEmpty()
                || pot.heading != null && kitchen.current != null && pot.heading.equals(kitchen.current.heading);
        return one && !kitchen.isPasta(pot) || pot.pots.isEmpty() && !hot && sameGroup;
    }

    private static boolean isHeating(String action) {
        Verb.Effect effect = KitchenWords.shared().effect(action);
        return effect == Verb.Effect.HEAT || effect == Verb.Effect.START;
    }

    /** "Bring it together" is said of a dough, and is no heat. */
    static boolean isCooked(Pot pot) {
        return pot.steps.stream()
                .anyMatch(s -> isHeating(s.action()) && !s.action().equals("bring"));
    }

    static boolean isHot(Pot pot) {
        return pot.steps.stream().anyMatch(s -> isHeating(s.action()));
    }

    void dissolve(Pot pot, Pot target) {
        dissolve(kitchen, pot, target);
    }

    /** What was in one pot is in the other, and the first is no more. */
    static void dissolve(Kitchen kitchen, Pot pot, Pot target) {
        pot.lines.forEach(target::add);
        pot.steps.stream().filter(s -> !isThere(s, target)).forEach(target.steps::add);
        target.steps.sort(Comparator.comparingInt(s -> Integer.parseInt(s.id().substring(1))));
        if (target.heading == null && pot.heading != null) {
            target.heading = pot.heading;
            target.call(pot.heading);
        }
        pot.lines.clear();
        pot.steps.clear();
        kitchen.pots.remove(pot);
        kitchen.focus.remove(pot);
    }

    /** "Slice the courgettes and tomatoes": one clause, done to both. */
    private static boolean isThere(Step step, Pot target) {
        return step.uses().isEmpty()
                && target.steps.stream()
                        .anyMatch(s -> s.sentence() == step.sentence()
                                && s.words().equals(step.words())
                                && s.uses().isEmpty());
    }

    /** Butter melted for what the next words name. */
    private void dissolveFat(Clause clause, Pot target) {
        Pot current = kitchen.current;
        if (current != null
                && current != target
                && !clause.opensStep()
                && kitchen.isFatOnly(current)
                && clause.does(Effect.HEAT, Effect.MIX)
                && current.lines.keySet().stream().noneMatch(kitchen.pan::contains)) {
            dissolve(current, target);
        }
    }
}
