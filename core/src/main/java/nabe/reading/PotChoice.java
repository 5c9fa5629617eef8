package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Decides which pot a clause works in: one that is there, or one of its own. */
final class PotChoice {
    private static final Set<String> TAKES_IN = Set.of("in", "back", "through", "on", "over");
    private static final Set<String> LOOSENS = Set.of("loosen", "slacken", "thin", "let down");
    private static final Set<String> STIRS =
            Stream.concat(LOOSENS.stream(), Stream.of("stir", "beat", "fold")).collect(Collectors.toUnmodifiableSet());
    private final Kitchen kitchen;
    private final Dish dish;
    private final OwnPot ownPot;
    /** The step in which a pot was last worked on. */
    private int lastStep = -1;

    PotChoice(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
        this.ownPot = new OwnPot(kitchen, dish);
    }

    void worked(int step) {
        lastStep = step;
    }

    Pot target(Clause clause, List<Named> nouns, List<Item> items, @Nullable Pot place) {
        if (place != null) {
            return kitchen.whereItIs(place);
        }
        boolean listedIn = listedIn(nouns);
        Named object = nouns.stream()
                .filter(n -> n.slot().lead() == Lead.NONE && n.isFood() && !listedIn)
                .findFirst()
                .orElse(null);
        Pot objectPot = object == null || isMoreFat(object) ? null : object.is(Kind.PRONOUN) ? focused() : object.pot();
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
        boolean moved = objectPot != null
                && items.size() == 1
                && nouns.stream().anyMatch(Named::isVessel)
                && !takesIn(clause)
                && !comesBack(clause, objectPot);
        if (objectPot != null && moved) {
            return kitchen.whereItIs(objectPot);
        }
        boolean pourIn = objectPot != null
                && joins
                && objectPot == kitchen.current
                && takesIn(clause)
                && !Mixing.isHot(objectPot);
        if (objectPot != null && pourIn) {
            return Objects.requireNonNullElse(before(objectPot), objectPot);
        }
        boolean inHand = object == null && mixesWithHand(clause, nouns) || coatsHand(clause, nouns);
        if (inHand && !kitchen.focus.isEmpty()) {
            return inOneVessel(clause);
        }
        return ownPot.starts(clause, nouns, items, lastStep)
                ? fresh(clause, nouns, items)
                : Objects.requireNonNull(kitchen.current);
    }

    /** "Return the beef to the pan", where other things cook by now. */
    private boolean comesBack(Clause clause, Pot object) {
        Pot current = kitchen.current;
        return (clause.base().equals("return") || clause.particles().contains("back"))
                && current != null
                && current != kitchen.whereItIs(object)
                && Mixing.isHot(current)
                && !dish.holds(current);
    }

    /** "Add a little oil to the pan", of which the slices were brushed: more of it, not the slices. */
    private boolean isMoreFat(Named object) {
        Pot pot = object.pot();
        return pot != null
                && object.lines().size() == 1
                && kitchen.isFat(object.lines().getFirst())
                && !kitchen.main(pot).isEmpty();
    }

    /** "Chop the onion and carrot, fry in oil": what was cut is in one pan from here, unless it is said apart. */
    private Pot inOneVessel(Clause clause) {
        Pot first = kitchen.whereItIs(kitchen.focus.getFirst());
        boolean together = kitchen.focus.stream().allMatch(Mixing::isInHand)
                && clause.does(Effect.HEAT, Effect.START, Effect.PLACE, Effect.MIX)
                && !clause.says("separate", "separately", "each");
        if (together) {
            List.copyOf(kitchen.focus).stream()
                    .filter(p -> p != first)
                    .forEach(p -> Mixing.dissolve(kitchen, p, first));
        }
        return first;
    }

    /** "Mix in the courgettes, onions and herbs": all of them go in. */
    private static boolean listedIn(List<Named> nouns) {
        return nouns.stream()
                .filter(Named::isFood)
                .findFirst()
                .filter(n -> n.slot().direct() && n.slot().lead() == Lead.IN)
                .isPresent();
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
                && !(object && clause.makes())
                && (!clause.does(Effect.JOIN) || putsHandIn(clause, nouns) || beatsHand(clause))
                && clause.verb() != null
                && nouns.stream().anyMatch(Named::isFood);
    }

    /** "Soak the cod. Put in a pan with the bay leaf". */
    private boolean putsHandIn(Clause clause, List<Named> nouns) {
        return clause.base().equals("put")
                && nouns.stream()
                        .anyMatch(n ->
                                n.isVessel() && !n.is(Kind.DISH) && n.slot().lead() != Lead.NONE)
                && kitchen.focus.stream().noneMatch(p -> Mixing.isHot(p) || dish.holds(p));
    }

    /** "Top up the milk to 300 ml, beat with the eggs": what was just seen to. */
    private boolean beatsHand(Clause clause) {
        return clause.base().equals("beat")
                && !clause.opensSentence()
                && kitchen.focus.stream().noneMatch(dish::holds);
    }

    /** "Dredge in flour, egg, crumbs": what is in hand goes through them. */
    private static boolean coatsHand(Clause clause, List<Named> nouns) {
        boolean coats = Set.of("dredge", "dip", "dunk", "coat", "toss").contains(clause.base());
        return coats
                && nouns.stream()
                        .filter(Named::isFood)
                        .findFirst()
                        .filter(n -> n.slot().lead() == Lead.IN || n.slot().lead() == Lead.WITH)
                        .isPresent();
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

    /** "Beat the egg with the water" begins a bowl; "beat in the egg" does not. */
    static boolean stirsUp(Kitchen kitchen, Clause clause, List<Named> nouns) {
        if (!clause.does(Effect.JOIN) || !STIRS.contains(clause.base()) || isThenMore(nouns)) {
            return false;
        }
        boolean in = clause.particles().contains("in")
                || nouns.stream().anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN);
        long fresh = LOOSENS.contains(clause.base())
                ? 0
                : nouns.stream()
                        .filter(n -> n.slot().lead() == Lead.NONE && n.is(Kind.LINES))
                        .count();
        if (!in && isEggsBeaten(kitchen, clause, nouns)) {
            return true;
        }
        if (!in && fresh > (clause.base().equals("beat") ? 1 : 2)) {
            return true;
        }
        return nouns.stream().anyMatch(n -> n.slot().lead() == Lead.NONE && n.is(Kind.LINES))
                && (nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH) || clause.says("together"));
    }

    /** "Stir for a minute, then the purée, stock and wine": what was stirred is in the pan, and these come to it. */
    private static boolean isThenMore(List<Named> nouns) {
        return nouns.stream()
                .filter(Named::isFood)
                .findFirst()
                .filter(n -> n.slot().fresh())
                .isPresent();
    }

    /** "Beat the eggs", and nothing into which. */
    private static boolean isEggsBeaten(Kitchen kitchen, Clause clause, List<Named> nouns) {
        List<Named> foods = nouns.stream().filter(Named::isFood).toList();
        return clause.base().equals("beat")
                && !foods.isEmpty()
                && foods.stream()
                        .allMatch(n -> n.is(Kind.LINES)
                                && n.slot().lead() == Lead.NONE
                                && n.lines().stream()
                                        .allMatch(l -> kitchen.role(l).startsWith("egg")));
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

    private Pot fresh(Clause clause, List<Named> nouns, List<Item> items) {
        String heading = ownPot.headingOf(items);
        Pot pot = kitchen.open();
        pot.heading = heading;
        if (heading != null) {
            pot.call(heading);
        }
        String made = clause.makes() ? made(nouns) : null;
        kitchen.topic = heading != null && isOfAnotherGroup(heading) ? null : kitchen.topic;
        kitchen.topic = kitchen.topic == null ? made : kitchen.topic;
        if (kitchen.topic != null) {
            call(pot, kitchen.topic);
        }
        return pot;
    }

    /** "Ragù. Mince the pancetta and melt it": what was only cut till now is the ragù's first. */
    void beginTopic(Clause clause, Pot target) {
        boolean begins = kitchen.topic != null
                && clause.does(Effect.HEAT, Effect.START)
                && target.names.isEmpty()
                && target.title == null
                && target.heading != null
                && target.heading.toLowerCase(Locale.ROOT).contains(kitchen.topic.toLowerCase(Locale.ROOT));
        if (begins) {
            call(target, Objects.requireNonNull(kitchen.topic));
        }
    }

    private void call(Pot pot, String topic) {
        pot.call(topic);
        pot.title = topic;
        kitchen.topic = null;
    }

    /** "Make the ragù:", and now the things for the meatballs. */
    private boolean isOfAnotherGroup(String heading) {
        String topic = kitchen.topic == null ? null : kitchen.topic.toLowerCase(Locale.ROOT);
        return topic != null
                && !heading.toLowerCase(Locale.ROOT).contains(topic)
                && kitchen.lines.stream()
                        .anyMatch(l -> l.heading() != null
                                && l.heading().toLowerCase(Locale.ROOT).contains(topic));
    }
}
