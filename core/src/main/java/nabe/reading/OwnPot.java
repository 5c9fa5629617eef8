package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/**
 * Whether a clause begins a pot of its own or goes on in the one in hand: signs for and against, weighed. A weight says how
 * sure a sign is beside the others; the recipes of the tests set them.
 */
final class OwnPot {
    private static final double ENOUGH = 0.5;
    private static final Set<String> BOILS = Set.of("boil", "parboil", "blanch", "steam", "poach");
    private static final Set<String> FRIES =
            Set.of("fry", "brown", "soften", "saute", "sauté", "sear", "sweat", "griddle", "stir-fry", "char", "wilt");
    private static final Set<String> SIMMERS = Set.of("simmer", "bubble", "reduce", "warm");
    private static final Set<String> DRAINS = Set.of("drain", "squeeze", "strain", "rinse");
    private static final Set<String> SHAPES = Set.of("roll", "shape");
    private static final Set<String> SEASONS = Set.of("salt", "spice", "spice-blend", "dried-herb", "herb");
    private static final Set<String> SAUCES = Set.of("tomato", "tomato-sauce", "milk", "cream", "stock");

    private final Kitchen kitchen;
    private final Dish dish;
    private final KitchenWords words = KitchenWords.shared();

    OwnPot(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
    }

    /**
     * A clause with what its nouns mean.
     *
     * @param current the pot in hand; {@code firstInStep} whether nothing of the step was done before
     */
    private record Asked(Clause clause, List<Named> nouns, List<Item> items, Pot current, boolean firstInStep) {
        boolean does(Effect... some) {
            return clause.does(some);
        }

        boolean verb(Set<String> some) {
            return clause.verb() != null && some.contains(clause.base());
        }

        String lastAction() {
            return current.steps.isEmpty() ? "" : current.steps.getLast().action();
        }
    }

    /** @param weight above 0 for a pot of its own, below for the one in hand */
    private record Sign(double weight, Predicate<Asked> holds) {}

    private final List<Sign> signs = List.of(
            new Sign(4, this::isMade),
            new Sign(4, this::isGiven),
            new Sign(4, this::isOnlyPasta),
            new Sign(4, this::isIntoKettle),
            new Sign(3, a -> inVessel(a, false)),
            new Sign(6, this::isInReadiedVessel),
            new Sign(-3, a -> inVessel(a, true) && !a.current().setAside && !isAnothersPan(a)),
            new Sign(2.5, a -> a.clause().says(Use.MEANWHILE) || a.clause().says("while")),
            new Sign(2.5, a -> isBoiled(a.current()) && (a.verb(FRIES) || isCookedInFat(a)) && hasItems(a)),
            new Sign(2.5, a -> areHardBoiled(a.current()) && a.does(Effect.HEAT, Effect.START) && hasItems(a)),
            new Sign(-2.5, OwnPot::goesIn),
            new Sign(2, a -> a.current().setAside),
            new Sign(2, a -> isUnder(a, false)),
            new Sign(-1.5, a -> isUnder(a, true) && !inVessel(a, false)),
            new Sign(
                    2,
                    a -> a.lastAction().equals("roast")
                            && a.does(Effect.HEAT, Effect.START)
                            && !a.verb(Set.of("roast"))),
            new Sign(2, this::isPastaHeated),
            new Sign(2, a -> isRawSlices(a.current()) && a.does(Effect.HEAT, Effect.START) && hasItems(a)),
            new Sign(1.5, a -> isShaped(a.current()) && a.verb(FRIES) && hasItems(a)),
            new Sign(
                    2.5,
                    a -> isRawDough(a.current()) && a.does(Effect.HEAT, Effect.START) && hasItems(a) && !goesIn(a)),
            new Sign(2, a -> areFriedPancakes(a.current()) && hasItems(a) && !goesIn(a)),
            new Sign(1.5, this::isSauceApart),
            new Sign(-2, a -> isFronted(a) && !a.firstInStep() && Mixing.isHot(a.current())),
            new Sign(1.5, a -> DRAINS.contains(a.lastAction()) && a.does(Effect.HEAT, Effect.START)),
            new Sign(1, OwnPot::isRawMix),
            new Sign(1, Asked::firstInStep),
            new Sign(0.5, a -> a.clause().opensSentence() || a.firstInStep()),
            new Sign(-2, a -> !a.clause().opensSentence() && !a.firstInStep()),
            new Sign(0.5, this::isOnlyHeld),
            new Sign(2, this::stirsUp),
            new Sign(1.5, a -> !stirsUp(a) && a.does(Effect.START)),
            new Sign(1, a -> !stirsUp(a) && a.does(Effect.MIX)),
            new Sign(-2, a -> !stirsUp(a) && a.does(Effect.JOIN, Effect.PLACE)),
            new Sign(-0.5, a -> a.clause().verb() == null));

    /** @param lastStep the step in which a pot was last worked on */
    boolean starts(Clause clause, List<Named> nouns, List<Item> items, int lastStep) {
        Pot current = kitchen.current;
        if (current == null || current.isEmpty() && kitchen.topic != null) {
            return true;
        }
        Asked asked = new Asked(clause, nouns, items, current, lastStep != clause.step());
        if (isSeasoned(asked)) {
            return false;
        }
        double sum = 0;
        for (Sign sign : signs) {
            sum += sign.holds.test(asked) ? sign.weight : 0;
        }
        return sum > ENOUGH;
    }

    /** "Season with salt and pepper", "cream, dill, season": what is in hand. */
    private boolean isSeasoned(Asked a) {
        return !a.items.isEmpty()
                && (a.items.stream().allMatch(i -> i.pot() == null && SEASONS.contains(kitchen.role(i.line())))
                        || a.clause.tokens().getLast().is("season"))
                && !a.current.isEmpty()
                && kitchen.topic == null
                && a.verb(Set.of("season"));
    }

    /** "For the sauce", "make a batter". */
    private boolean isMade(Asked a) {
        return kitchen.topic != null || a.clause.makes();
    }

    /** What lies in the dish, or went somewhere, is not worked on any more. */
    private boolean isGiven(Asked a) {
        return dish.holds(a.current) || a.current.given > 0.99;
    }

    private static boolean hasItems(Asked a) {
        return !a.items.isEmpty();
    }

    private boolean isOnlyPasta(Asked a) {
        return hasItems(a)
                && a.items.stream().allMatch(i -> i.pot() == null && kitchen.isPastaLine(i.line()))
                && (a.does(Effect.HEAT, Effect.START) || isIntoWater(a));
    }

    /** "Bring a saucepan of water to the boil, add the rice". */
    private boolean isIntoKettle(Asked a) {
        return hasItems(a)
                && a.does(Effect.JOIN)
                && !kitchen.kettles.isEmpty()
                && kitchen.kettles.getLast().sentence() == a.clause.sentence()
                && a.items.stream().allMatch(i -> i.pot() == null);
    }

    /** "Drop the shells into the same water": what was boiled in it before is out. */
    private static boolean isIntoWater(Asked a) {
        return a.nouns.stream()
                .anyMatch(n -> n.slot().lead() == Lead.INTO
                        && n.is(Kind.UNKNOWN)
                        && n.slot().tokens().getLast().is("water"));
    }

    /** Pasta was boiled; what is heated now is something else. */
    private boolean isPastaHeated(Asked a) {
        return kitchen.isPasta(a.current) && a.does(Effect.HEAT) && hasItems(a);
    }

    /** What was only cut is no pot to go on in, but for the fat in the pan. */
    private boolean isOnlyHeld(Asked a) {
        return !a.current.worked && !kitchen.isFatOnly(a.current);
    }

    /** "In a large pan", or "in the same pan". */
    private boolean inVessel(Asked a, boolean same) {
        return a.nouns.stream()
                .filter(n -> n.is(Kind.PAN) || n.is(Kind.BOWL) || n.is(Kind.TRAY))
                .anyMatch(n -> same
                        == (words.any(n.slot().tokens(), Use.SAME)
                                || Tokens.has(n.slot().tokens(), "the")));
    }

    /** "Oil two trays and add the peppers", "put the saucepan back on the heat and add the milk". */
    private boolean isInReadiedVessel(Asked a) {
        return hasItems(a)
                && a.does(Effect.JOIN, Effect.PLACE)
                && kitchen.vesselReadied >= 0
                && kitchen.vesselReadied == kitchen.clause - 1;
    }

    /** "Melt the butter in the same pan", where the fish was, and the potatoes have been mashed since. */
    private boolean isAnothersPan(Asked a) {
        return kitchen.inPan != null && kitchen.whereItIs(kitchen.inPan) != a.current() && a.does(Effect.START);
    }

    /** "Stir in the cream", "put the meat back", "milk in slowly". */
    private static boolean goesIn(Asked a) {
        return a.nouns.stream().anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN && n.isFood())
                || a.nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.IN
                                && n.is(Kind.UNKNOWN)
                                && n.slot().tokens().getFirst().key().endsWith("ly"))
                || a.clause.particles().contains("in")
                || a.clause.particles().contains("through")
                || a.clause.particles().contains("back");
    }

    /** The heading the things stand under speaks for its pot. */
    private boolean isUnder(Asked a, boolean same) {
        String heading = headingOf(a.items);
        String now = a.current.heading;
        return heading != null && now != null && same == heading.equals(now);
    }

    @Nullable
    String headingOf(List<Item> items) {
        return items.stream()
                .filter(i -> i.pot() == null && !kitchen.isShared(i.line()))
                .map(i -> kitchen.lines.get(i.line()).heading())
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    /** Slices that were only cut and salted: nothing is fried in them. */
    private boolean isRawSlices(Pot pot) {
        return !Mixing.isHot(pot)
                && kitchen.main(pot).size() == 1
                && kitchen.role(kitchen.main(pot).getFirst()).startsWith("slice-");
    }

    /** Balls that were browned: the onion after them is softened for a sauce. */
    private static boolean isShaped(Pot pot) {
        return pot.steps.stream().anyMatch(s -> SHAPES.contains(s.action()));
    }

    /** Eggs boiled and peeled: nothing is cooked with them. */
    private boolean areHardBoiled(Pot pot) {
        return pot.pots.isEmpty()
                && pot.lines.keySet().stream().allMatch(l -> kitchen.role(l).equals("egg"))
                && pot.steps.stream().anyMatch(s -> BOILS.contains(s.action()));
    }

    /** Pastry that chills: what is softened meanwhile is its filling. */
    private boolean isRawDough(Pot pot) {
        return !Mixing.isCooked(pot)
                && pot.lines.keySet().stream().anyMatch(kitchen::isFat)
                && FoodClasses.shared().holds("dough", kitchen.roles(pot));
    }

    /** What comes after them is their filling. */
    private boolean areFriedPancakes(Pot pot) {
        return FoodClasses.shared().holds("pancake", kitchen.roles(pot))
                && pot.steps.stream()
                        .anyMatch(s -> s.action().equals("fry") || s.action().equals("cook"));
    }

    /** "In the butter cook the onion". */
    private boolean isCookedInFat(Asked a) {
        return a.verb(Set.of("cook"))
                && a.nouns.stream()
                        .anyMatch(n -> n.is(Kind.LINES)
                                && n.slot().lead() == Lead.IN
                                && n.lines().stream().allMatch(kitchen::isFat));
    }

    /** What was boiled in water is not fried in it. */
    private boolean isBoiled(Pot pot) {
        return !pot.steps.isEmpty()
                && pot.steps.stream().noneMatch(s -> FRIES.contains(s.action()))
                && pot.lines.keySet().stream().noneMatch(kitchen::isFat)
                && pot.steps.reversed().stream()
                        .filter(s -> !DRAINS.contains(s.action()))
                        .limit(1)
                        .anyMatch(s -> BOILS.contains(s.action()));
    }

    /** "Simmer passata and soy for 10 minutes" after another pot was finished: raw, and a sauce by itself. */
    private boolean isSauceApart(Asked a) {
        return a.verb(SIMMERS)
                && a.clause.opensSentence()
                && a.items.size() > 1
                && a.nouns.stream().allMatch(n -> n.slot().lead() == Lead.NONE || !n.isFood())
                && a.items.stream().allMatch(i -> i.pot() == null && kitchen.left[i.line()] > 0.99)
                && SAUCES.contains(kitchen.role(a.items.getFirst().line()));
    }

    /** "Tomatoes and honey, simmer 10 min": they join what is on the stove. */
    private static boolean isFronted(Asked a) {
        return a.clause.verb() != null
                && a.does(Effect.HEAT, Effect.START)
                && a.clause.opensSentence()
                && a.nouns.stream()
                        .anyMatch(
                                n -> n.is(Kind.LINES) && n.slot().lead() == Lead.NONE && a.clause.isFronted(n.slot()));
    }

    /** "Mix the flour and the baking powder": several raw things at the head of a sentence. */
    private static boolean isRawMix(Asked a) {
        return a.does(Effect.MIX)
                && a.clause.opensSentence()
                && a.items.stream().filter(i -> i.pot() == null).count() > 1;
    }

    private boolean stirsUp(Asked a) {
        return PotChoice.stirsUp(kitchen, a.clause, a.nouns);
    }
}
