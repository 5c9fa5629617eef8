package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Decides which pot a clause works in: one that is there, or one of its own. */
final class PotChoice {
    private static final Set<String> TAKES_IN = Set.of("in", "back", "through", "on", "over");
    private static final Set<String> BOILS = Set.of("boil", "parboil", "blanch", "steam", "poach");
    private static final Set<String> FRIES =
            Set.of("fry", "brown", "soften", "saute", "sauté", "sear", "sweat", "griddle", "stir-fry", "char");
    private static final Set<String> LOOSENS = Set.of("loosen", "slacken", "thin", "let down");
    private static final Set<String> STIRS =
            Stream.concat(LOOSENS.stream(), Stream.of("stir", "beat", "fold")).collect(Collectors.toUnmodifiableSet());
    private static final Set<String> SEASONS = Set.of("salt", "spice", "spice-blend", "dried-herb", "herb");
    private static final Set<String> SAUCES = Set.of("tomato", "tomato-sauce", "milk", "cream", "stock");
    private final Kitchen kitchen;
    private final Dish dish;
    private final KitchenWords words = KitchenWords.shared();
    /** The step in which a pot was last worked on. */
    private int lastStep = -1;

    PotChoice(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
    }

    void worked(int step) {
        lastStep = step;
    }

    Pot target(Clause clause, List<Named> nouns, List<Item> items, @Nullable Pot place) {
        if (place != null) {
            return kitchen.whereItIs(place);
        }
        Named object = nouns.stream()
                .filter(n -> n.slot().lead() == Lead.NONE && n.isFood())
                .findFirst()
                .orElse(null);
        Pot objectPot = object == null ? null : object.is(Kind.PRONOUN) ? focused() : object.pot();
        boolean joins = clause.does(Effect.JOIN, Effect.PLACE) || clause.verb() == null;
        if (objectPot != null && !joins && !entersVessel(nouns)) {
            Pot at = kitchen.whereItIs(objectPot);
            boolean minor = !at.worked
                    && kitchen.main(at).isEmpty() | isAromaticOnly(at)
                    && kitchen.current != null
                    && kitchen.current != at
                    && !dish.holds(kitchen.current);
            if (!minor) {
                return at;
            }
        }
        boolean moved =
                objectPot != null && items.size() == 1 && nouns.stream().anyMatch(Named::isVessel) && !takesIn(clause);
        if (moved) {
            return kitchen.whereItIs(objectPot);
        }
        boolean pourIn = objectPot != null
                && joins
                && objectPot == kitchen.current
                && takesIn(clause)
                && !Mixing.isHot(objectPot);
        if (pourIn) {
            return Objects.requireNonNullElse(before(objectPot), objectPot);
        }
        boolean inHand = object == null && mixesWithHand(clause, nouns) || coatsHand(clause, nouns);
        if (inHand && !kitchen.focus.isEmpty()) {
            return kitchen.whereItIs(kitchen.focus.getFirst());
        }
        return startsPot(clause, nouns, items) ? fresh(clause, nouns, items) : Objects.requireNonNull(kitchen.current);
    }

    private @Nullable Pot focused() {
        return kitchen.focus.isEmpty() ? kitchen.current : kitchen.focus.getFirst();
    }

    private boolean isAromaticOnly(Pot pot) {
        return pot.pots.isEmpty() && pot.lines.keySet().stream().allMatch(kitchen::isShared);
    }

    private static boolean entersVessel(List<Named> nouns) {
        return nouns.stream()
                .anyMatch(n -> (n.slot().lead() == Lead.IN || n.slot().lead() == Lead.INTO)
                        && (n.is(Kind.PAN) || n.is(Kind.BOWL))
                        && nouns.stream().filter(Named::isFood).count() > 1);
    }

    /** "Mix with the ricotta", "sweat in 40 g of the butter": nothing before "with" means what is in hand. */
    private boolean mixesWithHand(Clause clause, List<Named> nouns) {
        boolean companions = nouns.stream()
                .filter(Named::isFood)
                .allMatch(n -> n.slot().lead() == Lead.WITH || n.slot().lead() == Lead.IN);
        boolean object = nouns.stream()
                .anyMatch(n -> n.slot().lead() == Lead.NONE && n.is(Kind.UNKNOWN) && clause.verb() != null);
        return companions
                && !(object && makes(clause))
                && !clause.does(Effect.JOIN)
                && clause.verb() != null
                && nouns.stream().anyMatch(Named::isFood);
    }

    /** "Dredge in flour, egg, crumbs": what is in hand goes through them. */
    private static boolean coatsHand(Clause clause, List<Named> nouns) {
        boolean coats = clause.verb() != null
                && Set.of("dredge", "dip", "dunk", "coat", "toss")
                        .contains(clause.verb().base());
        return coats
                && nouns.stream()
                        .filter(Named::isFood)
                        .findFirst()
                        .filter(n -> n.slot().lead() == Lead.IN || n.slot().lead() == Lead.WITH)
                        .isPresent();
    }

    private static boolean makes(Clause clause) {
        return clause.verb() != null && clause.verb().base().equals("make");
    }

    private static boolean takesIn(Clause clause) {
        return clause.particles().stream().anyMatch(TAKES_IN::contains);
    }

    /** The worked pot before this one that is not in the dish. */
    @Nullable
    Pot before(Pot pot) {
        Pot found = null;
        for (Pot p : kitchen.pots) {
            found = p != pot && p.worked && p.given < 0.99 && !p.isEmpty() && !dish.holds(p) && p.number < pot.number
                    ? p
                    : found;
        }
        return found;
    }

    /** Signs for and against a pot of its own, weighed. */
    private boolean startsPot(Clause clause, List<Named> nouns, List<Item> items) {
        Pot current = kitchen.current;
        if (current == null || current.isEmpty() && kitchen.topic != null) {
            return true;
        }
        boolean seasons = !items.isEmpty()
                && items.stream().allMatch(i -> i.pot() == null && SEASONS.contains(kitchen.role(i.line())));
        if (seasons
                && !current.isEmpty()
                && kitchen.topic == null
                && clause.verb() != null
                && clause.verb().base().equals("season")) {
            return false;
        }
        double sign = 0;
        boolean apart = false;
        boolean same = false;
        for (Named n : nouns) {
            if (n.is(Kind.PAN) || n.is(Kind.BOWL) || n.is(Kind.TRAY)) {
                boolean sameOne = words.any(n.slot().tokens(), Use.SAME)
                        || Tokens.has(n.slot().tokens(), "the");
                same |= sameOne;
                apart |= !sameOne;
            }
        }
        sign += kitchen.topic != null || makes(clause) ? 4 : 0;
        boolean onlyPasta =
                !items.isEmpty() && items.stream().allMatch(i -> i.pot() == null && kitchen.isPastaLine(i.line()));
        sign += onlyPasta && clause.does(Effect.HEAT, Effect.START) ? 3 : 0;
        sign += clause.says(Use.MEANWHILE) || clause.says("while") ? 2.5 : 0;
        sign += apart ? 3 : 0;
        sign -= same && !current.setAside ? 3 : 0;
        sign += stirsUp(clause, nouns)
                ? 2
                : clause.does(Effect.START)
                        ? 1.5
                        : clause.does(Effect.MIX)
                                ? 1
                                : clause.does(Effect.JOIN, Effect.PLACE) ? -2 : clause.verb() == null ? -0.5 : 0;
        boolean into =
                nouns.stream().anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN && n.isFood());
        sign -= into
                        || clause.particles().contains("in")
                        || clause.particles().contains("through")
                        || clause.particles().contains("back")
                ? 2.5
                : 0;
        boolean firstInStep = lastStep != clause.step();
        sign += clause.opensSentence() || firstInStep ? 0.5 : -2;
        sign += firstInStep ? 1 : 0;
        sign += apart ? Math.max(0, group(items)) : group(items);
        sign += current.setAside ? 2 : 0;
        boolean drained = !current.steps.isEmpty()
                && Set.of("drain", "squeeze", "strain", "rinse")
                        .contains(current.steps.getLast().action());
        boolean inOven =
                !current.steps.isEmpty() && current.steps.getLast().action().equals("roast");
        sign += inOven && clause.does(Effect.HEAT) && !clause.verb().base().equals("roast") ? 2 : 0;
        sign += kitchen.isPasta(current) && clause.does(Effect.HEAT) && !items.isEmpty() ? 2 : 0;
        sign += isSauceApart(clause, nouns, items) ? 1.5 : 0;
        sign += boiled(current) && fries(clause) && !items.isEmpty() ? 2.5 : 0;
        sign += drained && clause.does(Effect.HEAT, Effect.START) ? 1.5 : 0;
        sign += dish.holds(current) || current.given > 0.99 ? 4 : 0;
        sign += !current.worked && !kitchen.isFatOnly(current) ? 0.5 : 0;
        sign += isRawSlices(current) && clause.does(Effect.HEAT, Effect.START) && !items.isEmpty() ? 2 : 0;
        sign += isShaped(current) && fries(clause) && !items.isEmpty() ? 1.5 : 0;
        boolean rawMix = clause.does(Effect.MIX)
                && clause.opensSentence()
                && items.stream().filter(i -> i.pot() == null).count() > 1;
        sign += rawMix ? 1 : 0;
        return sign > 0.5;
    }

    /** Slices that were only cut and salted: nothing is fried in them. */
    private boolean isRawSlices(Pot pot) {
        return !Mixing.isHot(pot)
                && kitchen.main(pot).size() == 1
                && kitchen.role(kitchen.main(pot).getFirst()).startsWith("slice-");
    }

    /** Balls that were browned: the onion after them is softened for a sauce. */
    private static boolean isShaped(Pot pot) {
        return pot.steps.stream().anyMatch(s -> Set.of("roll", "shape").contains(s.action()));
    }

    /** What was boiled in water is not fried in it. */
    private boolean boiled(Pot pot) {
        return !pot.steps.isEmpty()
                && pot.steps.stream().noneMatch(s -> FRIES.contains(s.action()))
                && pot.lines.keySet().stream().noneMatch(kitchen::isFat)
                && BOILS.contains(pot.steps.getLast().action());
    }

    /** "Simmer passata and soy for 10 minutes" after another pot was finished: raw, and a sauce by itself. */
    private boolean isSauceApart(Clause clause, List<Named> nouns, List<Item> items) {
        boolean simmers = clause.verb() != null
                && clause.opensSentence()
                && Set.of("simmer", "bubble", "reduce", "warm")
                        .contains(clause.verb().base());
        return simmers
                && items.size() > 1
                && nouns.stream().allMatch(n -> n.slot().lead() == Lead.NONE || !n.isFood())
                && items.stream().allMatch(i -> i.pot() == null && kitchen.left[i.line()] > 0.99)
                && SAUCES.contains(kitchen.role(items.getFirst().line()));
    }

    private static boolean fries(Clause clause) {
        return clause.verb() != null && FRIES.contains(clause.verb().base());
    }

    /** "Beat the egg with the water" begins a bowl; "beat in the egg" does not. */
    static boolean stirsUp(Clause clause, List<Named> nouns) {
        if (!clause.does(Effect.JOIN) || !STIRS.contains(clause.verb().base())) {
            return false;
        }
        boolean in = clause.particles().contains("in")
                || nouns.stream().anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN);
        long fresh = LOOSENS.contains(clause.verb().base())
                ? 0
                : nouns.stream()
                        .filter(n -> n.slot().lead() == Lead.NONE && n.is(Kind.LINES))
                        .count();
        if (!in && fresh > (clause.verb().base().equals("beat") ? 1 : 2)) {
            return true;
        }
        return nouns.stream().anyMatch(n -> n.slot().lead() == Lead.NONE && n.is(Kind.LINES))
                && (nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH) || clause.says("together"));
    }

    /** The heading the things stand under speaks for its pot. */
    private double group(List<Item> items) {
        String heading = headingOf(items);
        String now = kitchen.current == null ? null : kitchen.current.heading;
        return heading == null || now == null ? 0 : heading.equals(now) ? -1.5 : 2;
    }

    /** What is made, by the cook's name for it. */
    private static @Nullable String made(List<Named> nouns) {
        return nouns.stream()
                .filter(n -> n.slot().lead() == Lead.NONE && n.is(Kind.UNKNOWN))
                .findFirst()
                .map(n -> n.slot().tokens().stream()
                        .filter(t -> t.isWord() && !t.is("the") && !t.is("a") && !t.is("an"))
                        .map(Token::text)
                        .collect(Collectors.joining(" ")))
                .orElse(null);
    }

    private @Nullable String headingOf(List<Item> items) {
        return items.stream()
                .filter(i -> i.pot() == null && !kitchen.isShared(i.line()))
                .map(i -> kitchen.lines.get(i.line()).heading())
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
    }

    private Pot fresh(Clause clause, List<Named> nouns, List<Item> items) {
        String heading = headingOf(items);
        Pot pot = kitchen.open();
        pot.heading = heading;
        if (heading != null) {
            pot.call(heading);
        }
        String made = makes(clause) ? made(nouns) : null;
        kitchen.topic = kitchen.topic == null ? made : kitchen.topic;
        if (kitchen.topic != null) {
            pot.call(kitchen.topic);
            pot.title = kitchen.topic;
            kitchen.topic = null;
        }
        return pot;
    }
}
