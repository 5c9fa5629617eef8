package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.larder.Figures;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Of;
import org.jspecify.annotations.Nullable;

/** What clauses do at the stove and in bowls: they fill pots, join them, and leave steps on them. */
final class Stove {
    private static final Set<String> SEASONS = Set.of("season", "salt", "pepper");
    private static final Set<String> THICKENERS = Set.of("flour", "starch", "gravy", "gravy-powder");
    private static final Set<String> STIRRED = Set.of("stir", "mix", "whisk", "fold", "beat", "combine");
    private static final double MUCH = 0.001;
    private static final double A_LADLE = Figures.of("reading.ladleful");

    private final Kitchen kitchen;
    private final Dish dish;
    private final Steps steps;
    private final PotChoice choice;
    private final Mixing mixing;
    private final PuttingBy puttingBy;
    private final Apart apart;
    private final Taking taking;
    private final Coating coating;

    Stove(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
        this.steps = new Steps(kitchen);
        this.choice = new PotChoice(kitchen, dish);
        this.mixing = new Mixing(kitchen, dish, steps, choice);
        this.puttingBy = new PuttingBy(kitchen, dish, mixing);
        this.apart = new Apart(kitchen);
        this.taking = new Taking(kitchen, dish);
        this.coating = new Coating(kitchen, dish);
    }

    void work(Clause clause, List<Named> nouns) {
        int then = thenAnother(clause, nouns);
        if (then > 0) {
            work(clause, nouns.subList(0, then));
            work(clause, nouns.subList(then, nouns.size()));
            return;
        }
        boolean anew = kitchen.topic != null
                && nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN) && n.slot().lead() == Lead.IN);
        if (anew) {
            work(clause, nouns.stream().filter(n -> !n.is(Kind.PRONOUN)).toList());
            return;
        }
        taking.heldAsBoth(nouns);
        List<Item> items = taking.items(clause, nouns);
        Pot place = taking.isIntoRaw(clause, nouns, items) ? kitchen.open() : taking.location(clause, nouns);
        if (clause.does(Effect.KEEP) && puttingBy.keep(clause, nouns)) {
            return;
        }
        if (clause.does(Effect.PLACE, Effect.AWAY)
                && items.isEmpty()
                && nouns.stream()
                        .anyMatch(n ->
                                n.is(Kind.TRAY) || n.is(Kind.BOWL) && n.slot().lead() == Lead.INTO)) {
            kitchen.focus.forEach(p -> p.setAside = true);
        }
        if (liftsOut(clause, nouns)) {
            kitchen.focus.stream().filter(Mixing::isHot).forEach(p -> p.setAside = true);
        }
        if (coats(clause, nouns)) {
            return;
        }
        if (intoTheRest(clause, nouns, items)) {
            return;
        }
        if (clause.does(Effect.DRAW) && puttingBy.draw(clause, nouns)) {
            return;
        }
        Pot slurry = place == null && isSlurryAdded(clause, nouns) ? kitchen.current : null;
        if (slurry != null) {
            place = choice.before(slurry);
            items.addFirst(new Item(-1, slurry, Portion.UNSAID));
        }
        if (place != null && clause.does(Effect.JOIN)) {
            taking.unsaidObject(nouns, place).forEach(p -> items.add(new Item(-1, p, Portion.UNSAID)));
        }
        if (place == null && clause.does(Effect.JOIN) && (tipsWith(clause, nouns) || putsOver(nouns))) {
            kitchen.focus.stream()
                    .map(kitchen::whereItIs)
                    .filter(p -> !p.isEmpty() && !dish.holds(p))
                    .forEach(p -> items.addFirst(new Item(-1, p, Portion.UNSAID)));
        }
        if (items.isEmpty() && gathers(clause)) {
            taking.loose().forEach(p -> items.add(new Item(-1, p, Portion.UNSAID)));
        }
        if (items.isEmpty() && place == null && stirsTogether(clause, nouns)) {
            taking.bowls().forEach(p -> items.add(new Item(-1, p, Portion.UNSAID)));
        }
        if (items.isEmpty() && place == null) {
            if (isKettle(clause)) {
                kitchen.kettles.add(clause);
                return;
            }
            goOn(clause);
            return;
        }
        if (isPreparation(clause, items, nouns, place)) {
            prepare(clause, items);
            return;
        }
        List<Pot> fresh = apart.areDressedApart(clause, nouns) ? heldEach(nouns, items) : List.of();
        List<Pot> several = fresh.isEmpty() ? apart.of(clause, nouns) : fresh;
        if (!several.isEmpty()) {
            apart.work(clause, nouns, several, items);
            return;
        }
        Pot target = choice.target(clause, nouns, items, place);
        choice.beginTopic(clause, target);
        mixing.combine(clause, target, items);
        if ((SEASONS.contains(clause.base()) || Kitchen.seasonsInPassing(clause))
                && items.stream().noneMatch(i -> i.pot() == null && isSeasoning(i.line()))) {
            kitchen.seasoned.add(target);
        }
        kitchen.inPan = nouns.stream().anyMatch(n -> n.is(Kind.PAN)) ? target : kitchen.inPan;
    }

    /** "Fry the potatoes, then the aubergines": slices one after the other stay apart. @return the first of the others, or -1 */
    private int thenAnother(Clause clause, List<Named> nouns) {
        if (!clause.does(Effect.HEAT, Effect.START)) {
            return -1;
        }
        for (int i = 1; i < nouns.size(); i++) {
            Pot pot = nouns.get(i).pot();
            Pot first = nouns.getFirst().pot();
            if (nouns.get(i).slot().fresh() && isSlices(first) && isSlices(pot) && first != pot) {
                return i;
            }
        }
        return -1;
    }

    private boolean isSeasoning(int line) {
        return Set.of("salt", "spice").contains(kitchen.role(line));
    }

    private boolean isSlices(@Nullable Pot pot) {
        return pot != null
                && kitchen.main(pot).size() == 1
                && kitchen.role(kitchen.main(pot).getFirst()).startsWith("slice-");
    }

    /** "Brown the thighs; lift out": they wait beside the pan. */
    private static boolean liftsOut(Clause clause, List<Named> nouns) {
        return clause.base().equals("lift")
                && clause.particles().contains("out")
                && nouns.stream().allMatch(n -> n.is(Kind.PRONOUN));
    }

    /**
     * "Mix the gravy powder with a little stock, add with the rest": it goes to what is on the stove. "Beat the milk with the
     * egg, then stir in": to what stands in the bowl.
     */
    private boolean isSlurryAdded(Clause clause, List<Named> nouns) {
        Pot pot = kitchen.current;
        if (pot == null || Mixing.isHot(pot) || !pot.pots.isEmpty()) {
            return false;
        }
        boolean slurry = pot.lines.keySet().stream().anyMatch(l -> THICKENERS.contains(kitchen.role(l)))
                && pot.lines.keySet().stream()
                        .allMatch(l -> THICKENERS.contains(kitchen.role(l)) || kitchen.isLiquid(l));
        boolean beaten = clause.particles().contains("in")
                && nouns.stream()
                        .allMatch(n -> n.slot().lead() == Lead.WITH || n.slot().lead() == Lead.INTO)
                && !pot.steps.isEmpty()
                && pot.steps.stream().allMatch(s -> s.sentence() == clause.sentence());
        return (slurry || beaten)
                && clause.does(Effect.JOIN)
                && !clause.opensSentence()
                && nouns.stream().noneMatch(n -> n.isFood() && n.slot().lead() != Lead.WITH)
                && choice.before(pot) != null;
    }

    /** "Tip into a bowl with the beans": what is in hand is tipped. */
    private static boolean tipsWith(Clause clause, List<Named> nouns) {
        boolean along = clause.tokens().stream()
                .anyMatch(t -> t.text().toLowerCase(Locale.ROOT).equals("along with"));
        return (along
                        || nouns.stream()
                                .anyMatch(n -> n.is(Kind.BOWL) && n.slot().lead() == Lead.INTO))
                && nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() == Lead.WITH)
                && nouns.stream().noneMatch(n -> n.isFood() && n.slot().lead() == Lead.NONE);
    }

    /** "Put in a lidded casserole on top of the onions": what is in hand, with them. */
    private static boolean putsOver(List<Named> nouns) {
        return nouns.stream().anyMatch(n -> n.is(Kind.PAN) && n.slot().lead() != Lead.NONE)
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES) && n.slot().lead() == Lead.OVER)
                && nouns.stream().noneMatch(n -> n.isFood() && n.slot().lead() != Lead.OVER);
    }

    private boolean coats(Clause clause, List<Named> nouns) {
        Coating.Coated coated = coating.of(clause, nouns);
        if (coated == null) {
            return false;
        }
        kitchen.current = coated.slices();
        kitchen.focusOn(coated.slices());
        steps.add(clause, coated.slices(), coated.uses());
        return true;
    }

    /** "A ladleful of the cream stirred through the meat": some of one made thing goes into another. */
    boolean stirsThrough(Clause clause, List<Named> nouns) {
        Named some = nouns.isEmpty() ? null : nouns.getFirst();
        Named into = nouns.size() < 2 ? null : nouns.get(1);
        Pot from = some == null ? null : some.pot();
        Pot to = into == null ? null : into.pot();
        if (some == null || into == null || from == null || to == null) {
            return false;
        }
        boolean stirred = some.is(Kind.POT)
                && into.is(Kind.POT)
                && clause.verb() == null
                && into.slot().lead() != Lead.NONE
                && into.slot().lead() != Lead.WITH
                && some.slot().tokens().stream().anyMatch(Stove::isStirred)
                && from != to;
        if (stirred) {
            Double said = some.portion().is(Portion.Kind.FRACTION)
                    ? Double.valueOf(some.portion().value())
                    : null;
            double share = Math.min(said == null ? A_LADLE : said, 1 - from.given);
            to.pots.merge(from, share, Double::sum);
            from.given += share;
            to.steps.add(steps.of(clause, List.of(new Of(null, from.id(), share)), null));
        }
        return stirred;
    }

    private static boolean isStirred(Token token) {
        Verb.Spoken verb = KitchenWords.shared().verb(token);
        return verb != null
                && verb.form() == Verb.Form.PAST
                && Set.of(Effect.MIX, Effect.JOIN).contains(verb.verb().effect());
    }

    /** "Combine" without a word what: all that was made. */
    private static boolean gathers(Clause clause) {
        return clause.base().equals("combine")
                && clause.opensSentence()
                && clause.slots().isEmpty();
    }

    /** "Whisk the wet ingredients in a second bowl. Stir together": the two bowls. */
    private static boolean stirsTogether(Clause clause, List<Named> nouns) {
        return STIRRED.contains(clause.base())
                && clause.says("together")
                && nouns.stream()
                        .allMatch(n -> n.is(Kind.UNKNOWN) && Tokens.has(n.slot().tokens(), "together"));
    }

    private boolean isPreparation(Clause clause, List<Item> items, List<Named> nouns, @Nullable Pot place) {
        boolean joins = clause.particles().contains("in")
                || nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.IN && n.slot().direct() && n.isFood());
        boolean vessel =
                nouns.stream().anyMatch(n -> n.slot().lead() == Lead.INTO && (n.is(Kind.BOWL) || n.is(Kind.PAN)));
        boolean companions = nouns.stream()
                .anyMatch(n ->
                        n.slot().lead() == Lead.WITH && n.isFood() || n.slot().lead() == Lead.INTO && n.is(Kind.LINES));
        return clause.does(Effect.PREP, Effect.AWAY, Effect.ROLL, Effect.DRAW, Effect.LET)
                && place == null
                && !joins
                && !vessel
                && !companions
                && !items.isEmpty();
    }

    private void prepare(Clause clause, List<Item> items) {
        if (clause.does(Effect.AWAY)) {
            items.stream()
                    .filter(i -> i.pot() != null && kitchen.main(i.pot()).size() == 1)
                    .forEach(i -> i.pot().setAside = true);
            return;
        }
        List<Pot> held = new ArrayList<>();
        for (Item item : items) {
            Pot pot = item.pot() != null ? item.pot() : hold(item);
            if (pot != null && !held.contains(pot)) {
                pot.rolledOut = isRolledInPart(clause, item) ? item.portion() : null;
                held.add(pot);
                steps.add(clause, pot, List.of());
            }
        }
        if (!held.isEmpty()) {
            kitchen.focus = held;
        }
    }

    /** "Roll out two thirds of the pastry", "roll the rest for the lid". */
    private static boolean isRolledInPart(Clause clause, Item item) {
        return item.pot() != null
                && clause.verb() != null
                && clause.base().startsWith("roll")
                && (item.portion().is(Portion.Kind.FRACTION) || item.portion().is(Portion.Kind.REST));
    }

    /** Each of them in hand by itself; what they are dressed with stays among the items. */
    private List<Pot> heldEach(List<Named> nouns, List<Item> items) {
        List<Pot> held = new ArrayList<>();
        for (Named noun : nouns) {
            Item item = Apart.isFresh(noun) ? new Item(noun.lines().getFirst(), null, Portion.UNSAID) : null;
            Pot pot = item == null ? null : hold(item);
            if (item != null && pot != null) {
                held.add(pot);
                items.removeIf(i -> i.pot() == null && i.line() == item.line());
            }
        }
        kitchen.focus = held;
        return held;
    }

    /** Takes all of a line in hand, for what is said next. */
    void takeUp(List<Integer> lines) {
        Pot pot = hold(new Item(lines.getFirst(), null, Portion.UNSAID));
        if (pot != null) {
            lines.stream().skip(1).forEach(l -> pot.add(l, kitchen.accounts.takeAll(l)));
            kitchen.current = pot;
            kitchen.focusOn(pot);
        }
    }

    /** A thing in hand: a pot of one line. */
    private @Nullable Pot hold(Item item) {
        double share = item.portion().isSaid()
                ? kitchen.accounts.take(item.line(), item.portion())
                : kitchen.accounts.takeAll(item.line());
        if (share <= MUCH) {
            return kitchen.holding(item.line());
        }
        Pot pot = kitchen.open();
        pot.heading = kitchen.lines.get(item.line()).heading();
        pot.add(item.line(), share);
        return pot;
    }

    /** "Bring a large pot of salted water to the boil": for what is boiled next, not for what is in the pan now. */
    private static boolean isKettle(Clause clause) {
        return clause.does(Effect.START, Effect.HEAT)
                && clause.slots().stream()
                        .anyMatch(s -> s.tokens().getLast().is("water")
                                && Tokens.has(s.tokens(), "pot", "pan", "saucepan", "kettle")
                                && Tokens.has(s.tokens(), "a", "another"));
    }

    /** Work on what a pot holds, and on nothing but what goes in with it. */
    void goOnWith(Clause clause, Pot pot, List<Named> with) {
        kitchen.current = pot;
        kitchen.focusOn(pot);
        if (with.isEmpty()) {
            goOn(clause);
        } else {
            mixing.combine(clause, pot, taking.items(clause, with));
        }
    }

    private void goOn(Clause clause) {
        List<Pot> on = kitchen.focus.isEmpty() && kitchen.current != null ? List.of(kitchen.current) : kitchen.focus;
        boolean oneVessel = on.size() > 1
                && clause.does(Effect.HEAT, Effect.START, Effect.MIX)
                && clause.durations().size() < 2
                && !clause.says("separate", "separately", "each")
                && on.stream().allMatch(Mixing::isInHand);
        if (oneVessel) {
            Pot first = on.getFirst();
            List.copyOf(on.subList(1, on.size())).forEach(p -> mixing.dissolve(p, first));
            on = List.of(first);
        }
        for (Pot pot : List.copyOf(on)) {
            Pot there = kitchen.whereItIs(pot);
            boolean seasons = SEASONS.contains(clause.base());
            if (seasons) {
                kitchen.seasoned.add(there);
            }
            if (clause.does(Effect.HEAT, Effect.START, Effect.MIX) && !seasons) {
                there.worked = true;
                kitchen.current = there;
            }
            steps.add(clause, there, List.of());
        }
    }

    /** "Stir the chicken into the rest", after a part was put by: what is made now is another pot. */
    private boolean intoTheRest(Clause clause, List<Named> nouns, List<Item> items) {
        boolean rest = nouns.stream()
                .anyMatch(n -> n.slot().lead() == Lead.INTO
                        && n.is(Kind.PRONOUN)
                        && n.portion().is(Portion.Kind.REST));
        Pot kept = kitchen.pots.stream()
                .filter(p -> p.reserved > 0 && p.given < MUCH)
                .reduce((a, b) -> b)
                .orElse(null);
        List<Item> raw = items.stream().filter(i -> i.pot() == null).toList();
        if (!rest || kept == null || raw.isEmpty()) {
            return false;
        }
        Pot mixture = kitchen.open();
        mixture.pots.put(kept, 1 - kept.reserved);
        kept.given = 1 - kept.reserved;
        mixing.combine(clause, mixture, raw);
        return true;
    }
}
