package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import nabe.larder.Figures;
import nabe.larder.Words;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;

/** What is put by for later, and liquids that are poured off to be used again. */
final class PuttingBy {
    private static final double LITTLE = 0.01;
    private static final double SOME = Figures.of("reading.most-leaves");

    private final Kitchen kitchen;
    private final Dish dish;
    private final Mixing mixing;
    private final Steps steps;

    PuttingBy(Kitchen kitchen, Dish dish, Mixing mixing) {
        this.kitchen = kitchen;
        this.dish = dish;
        this.mixing = mixing;
        this.steps = new Steps(kitchen);
    }

    /** "Set aside 1/2 cup of the cheese". "Set it aside" closes a pot. @return whether that was all the clause does */
    boolean keep(Clause clause, List<Named> nouns) {
        for (Named noun : nouns) {
            if (noun.is(Kind.LINES)
                    && noun.portion().isSaid()
                    && !noun.portion().is(Portion.Kind.REST)) {
                int line = noun.lines().getFirst();
                Double share = noun.portion().of(kitchen.lines.get(line), 1);
                kitchen.reserved[line] = share == null ? 0 : Math.min(share, kitchen.left[line]);
                kitchen.readying.add(steps.of(clause, List.of(), null));
            } else if (noun.is(Kind.POT) && drawOff(noun)) {
                return true;
            } else if (isOneOfThePot(noun)) {
                liftOut(noun);
            } else if (noun.is(Kind.POT) && noun.pot() != null) {
                Double share = dish.share(noun.pot(), noun.portion());
                noun.pot().reserved = share == null ? 0 : share;
                noun.pot().setAside |= share == null;
                kitchen.focusOn(noun.pot());
            } else if (noun.is(Kind.PRONOUN) && noun.portion().is(Portion.Kind.FRACTION) && mixing.lastLine() >= 0) {
                takeOut(noun.portion().value());
            } else if (noun.is(Kind.PRONOUN)) {
                kitchen.focus.forEach(p -> p.setAside = true);
            }
        }
        boolean some =
                nouns.stream().anyMatch(n -> n.is(Kind.UNKNOWN) && n.portion().is(Portion.Kind.FILM));
        if (some && kitchen.current != null) {
            kitchen.current.reserved = Portion.FILM_SHARE;
        } else if (nouns.stream().noneMatch(Named::isFood) && !takesOffFat(clause)) {
            kitchen.focus.forEach(p -> p.setAside = true);
        }
        return true;
    }

    /** "Spoon off the excess fat": the meat stays where it is. */
    private static boolean takesOffFat(Clause clause) {
        return clause.base().endsWith(" off") && clause.says("fat", "grease", "oil");
    }

    /** "Cheddar in, but reserve a handful": out of what went in last; of "most of it" the rest is that handful. */
    private void takeOut(double part) {
        int line = mixing.lastLine();
        boolean there = kitchen.left[line] > LITTLE && kitchen.left[line] < SOME;
        if (there) {
            kitchen.reserved[line] = kitchen.left[line];
            return;
        }
        Pot pot = kitchen.pots.reversed().stream()
                .filter(p -> p.lines.containsKey(line))
                .findFirst()
                .orElse(null);
        if (pot != null && kitchen.left[line] > part) {
            pot.add(line, kitchen.left[line] - part);
            kitchen.left[line] = part;
            kitchen.reserved[line] = part;
            return;
        }
        Double share = pot == null ? null : pot.lines.get(line);
        if (pot != null && share != null) {
            pot.lines.put(mixing.lastLine(), share * (1 - part));
            kitchen.left[mixing.lastLine()] += share * part;
            kitchen.reserved[mixing.lastLine()] += share * part;
        }
    }

    /** "Strain the milk into a jug", "strain the milk" that is asked for again: it leaves its pot and is there to be used. */
    boolean draw(Clause clause, List<Named> nouns) {
        boolean jug = nouns.stream().anyMatch(n -> n.is(Kind.BOWL) && n.slot().lead() == Lead.INTO);
        for (Named noun : nouns) {
            if ((jug || isAskedForAgain(noun))
                    && noun.is(Kind.POT)
                    && noun.slot().lead() == Lead.NONE
                    && drawOff(noun)) {
                Objects.requireNonNull(noun.pot()).steps.add(steps.of(clause, List.of(), null));
                return true;
            }
        }
        return false;
    }

    private boolean isAskedForAgain(Named noun) {
        return IntStream.range(0, kitchen.lines.size())
                .anyMatch(l -> kitchen.isLiquid(l) && isCalled(l, noun) && kitchen.isNamedLater(l));
    }

    /** "Fish out and keep the crisp leaves", of butter that was browned with them. */
    private static boolean isOneOfThePot(Named noun) {
        return noun.is(Kind.POT)
                && noun.pot() != null
                && noun.lines().size() == 1
                && noun.pot().lines.size() > 1
                && noun.pot().lines.containsKey(noun.lines().getFirst());
    }

    private void liftOut(Named noun) {
        int line = noun.lines().getFirst();
        Double share = noun.pot() == null ? null : noun.pot().lines.remove(line);
        kitchen.left[line] += share == null ? 0 : share;
    }

    private boolean isCalled(int line, Named noun) {
        List<Words.Word> item = Words.of(kitchen.lines.get(line).item());
        return noun.slot().tokens().stream()
                .anyMatch(t -> t.key().equals(item.getLast().key()));
    }

    /** A liquid that things were cooked in is there again. */
    private boolean drawOff(Named noun) {
        if (noun.pot() == null) {
            return false;
        }
        List<Integer> liquids = noun.lines().size() == 1
                ? noun.lines()
                : noun.pot().lines.keySet().stream()
                        .filter(l -> kitchen.isLiquid(l) && isCalled(l, noun))
                        .toList();
        if (liquids.size() != 1) {
            return false;
        }
        int line = liquids.getFirst();
        Double share = noun.pot().lines.get(line);
        if (share == null || noun.pot().lines.size() < 2 || !kitchen.isLiquid(line)) {
            return false;
        }
        noun.pot().lines.remove(line);
        kitchen.left[line] += share;
        return true;
    }
}
