package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import org.jspecify.annotations.Nullable;

/** Puts what a clause names into the dish, each in its turn. */
final class Laying {
    private static final Set<String> CRUSTS = Set.of("crust", "pastry", "dough");
    private static final Set<String> WASHES = Set.of("egg", "egg-yolk", "milk");
    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;
    private final LaySigns signs;

    Laying(Scene scene) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
        this.signs = new LaySigns(scene);
    }

    /** Lays the nouns of a clause, each in its turn. */
    void lay(Clause clause, List<Named> nouns, boolean late) {
        int before = dish.all.size();
        layAll(clause, nouns, late);
        if (Kitchen.seasonsInPassing(clause)) {
            dish.all.stream().skip(before).map(p -> p.pot).forEach(kitchen.seasoned::add);
        }
    }

    private void layAll(Clause clause, List<Named> nouns, boolean late) {
        nouns.forEach(this::layLining);
        List<Named> placed = placed(clause, nouns);
        if (clause.says("each", "every") && clause.says("layer")) {
            placed.replaceAll(Laying::inAllLayers);
        }
        if (signs.endsSo(clause, placed)) {
            placed.stream()
                    .filter(n -> n.portion().is(Portion.Kind.REST) && n.pot() != null)
                    .forEach(n -> dish.topWithRest(n.pot()));
            return;
        }
        if (brushes(clause, placed)) {
            return;
        }
        if (placed.stream().allMatch(n -> n.is(Kind.PRONOUN))) {
            mingle(clause);
        }
        layBottom(placed, nouns, late);
        if (placed.isEmpty() && signs.puts(clause, nouns) && !kitchen.focus.isEmpty()) {
            inHand().forEach(p -> {
                dish.place(p, p.laidOf(Portion.UNSAID), late);
                lateAdd(p, late);
            });
            return;
        }
        if (signs.isAlongWith(clause, placed, nouns)) {
            inHand().stream().filter(p -> p.given < 0.01).forEach(p -> dish.place(p, Portion.UNSAID, late));
        }
        if (signs.joinsInDish(clause, placed, nouns)) {
            Pot there = dish.all.getFirst().pot;
            placed.forEach(n -> n.lines().forEach(l -> there.add(l, kitchen.accounts.take(l, n.portion()))));
            kitchen.focusOn(there);
        } else if (signs.mixedInDish(clause, placed)) {
            layTogether(placed, late);
        } else {
            layInTurn(clause, placed, late);
        }
    }

    /** "Scattering each layer with a little Stilton": a little each time is all that is not kept back. */
    private static Named inAllLayers(Named noun) {
        return noun.portion().is(Portion.Kind.FILM)
                ? new Named(noun.kind(), noun.lines(), noun.pot(), Portion.UNSAID, noun.each(), noun.slot())
                : noun;
    }

    /** What the clause lays; what only says where lies there already. */
    private List<Named> placed(Clause clause, List<Named> nouns) {
        boolean swaps = signs.swaps(clause, nouns);
        List<Named> placed = new ArrayList<>();
        for (Named noun : nouns) {
            if (signs.isPlace(clause, noun, nouns)
                    || swaps
                            && noun.slot().lead() == Lead.NONE
                            && !noun.slot().fresh()
                            && !LaySigns.isMixed(noun)
                            && signs.isBeforeWith(noun, nouns)) {
                layUnder(noun, nouns);
            } else if (noun.isFood()) {
                placed.add(noun);
            }
        }
        placed.removeIf(n -> LaySigns.isSaidAgain(n, placed)
                || signs.isSpent(n)
                || LaySigns.isOverhang(n)
                || signs.isPressedDown(n));
        return placed;
    }

    /** What was worked on last and lies nowhere yet. */
    private List<Pot> inHand() {
        return kitchen.focus.stream()
                .map(kitchen::whereItIs)
                .filter(p -> (!dish.holds(p) || signs.isRolledAgain(p)) && !p.isEmpty())
                .toList();
    }

    /** "…, brushing with the butter as you go": it is part of what lies there. */
    private boolean brushes(Clause clause, List<Named> placed) {
        boolean brushes = clause.words().startsWith("brushing") && !dish.all.isEmpty();
        for (Named noun : brushes ? placed : List.<Named>of()) {
            noun.lines().stream().filter(kitchen::isFat).forEach(l -> drizzle(l, noun.portion()));
        }
        return brushes;
    }

    private void layBottom(List<Named> placed, List<Named> nouns, boolean late) {
        placed.stream().filter(n -> signs.isOnBottom(n, nouns)).findFirst().ifPresent(n -> {
            List<Pot> inHand = kitchen.focus;
            layDown(n, late);
            kitchen.focus = inHand;
            placed.remove(n);
        });
    }

    private void layInTurn(Clause clause, List<Named> placed, boolean late) {
        int rounds = Math.max(Repeats.rounds(clause, placed.size()), clause.verb() == null ? scene.roundsAhead : 1);
        scene.roundsAhead = 0;
        if (rounds > 1) {
            layInRounds(placed, rounds, late);
            return;
        }
        for (int i = 0; i < placed.size(); i++) {
            int to = signs.mixedWith(placed, i);
            if (to > i + 1) {
                layTogether(placed.subList(i, to), late);
                i = to - 1;
            } else {
                layDown(placed.get(i), late);
            }
        }
    }

    /** "Brush again": with what the rim was brushed with. */
    void brushAgain() {
        dish.all.reversed().stream()
                .map(p -> p.pot)
                .filter(p -> p.lines.keySet().stream().anyMatch(l -> WASHES.contains(kitchen.role(l))))
                .findFirst()
                .ifPresent(p -> dish.place(p, Portion.UNSAID, false));
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

    /** What lies under something laid and was never placed itself was cooked in the dish. */
    private void layUnder(Named noun, List<Named> nouns) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        boolean over = noun.slot().lead() != Lead.FROM && noun.slot().lead() != Lead.WITH;
        if (over && pot != null && !dish.holds(pot) && dish.all.isEmpty() && pot.given < 0.99) {
            dish.placeUnder(pot);
        }
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
            lateAdd(pot, late);
            kitchen.focusOn(pot);
        }
    }

    void layDown(Named said, boolean late) {
        Named noun = restOfLine(said);
        if (noun.is(Kind.PRONOUN)) {
            List<Pot> meant = meant(noun);
            for (Pot pot : meant) {
                Pot at = kitchen.whereItIs(pot);
                if (!at.isEmpty() && (!dish.holds(at) || noun.portion().isSaid() || signs.isRolledAgain(at))) {
                    dish.placePot(at, at.laidOf(noun.portion()), late);
                    lateAdd(at, late);
                }
            }
            return;
        }
        if (noun.pot() != null) {
            boolean oneHerbOfIt = noun.lines().size() == 1
                    && kitchen.isShared(noun.lines().getFirst())
                    && !kitchen.main(noun.pot()).isEmpty();
            if (oneHerbOfIt) {
                return;
            }
            if (late && dish.holds(noun.pot()) && !noun.portion().isSaid()) {
                return;
            }
            dish.placePot(noun.pot(), noun.pot().laidOf(noun.portion()), late);
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
                    readied(line, noun.portion());
                } else if (!dish.all.isEmpty() && (kitchen.lines.get(line).amount() != null || isLastOf(line))) {
                    drizzle(line, noun.portion());
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

    /** "Put half of the butter in the dish": under everything, the dish's own. */
    private void readied(int line, Portion portion) {
        kitchen.pan.add(line);
        if (portion.is(Portion.Kind.FRACTION) || portion.is(Portion.Kind.MEASURE)) {
            kitchen.accounts.take(line, portion);
        }
    }

    /** "The rest of the cheese", of which half lies there as it was bought: what is left on the board. */
    private Named restOfLine(Named noun) {
        Pot pot = noun.pot();
        boolean raw = pot != null
                && noun.portion().is(Portion.Kind.REST)
                && !pot.worked
                && pot.pots.isEmpty()
                && pot.lines.size() == 1
                && dish.holds(pot);
        int line = pot != null && raw ? pot.lines.keySet().iterator().next() : -1;
        return raw && kitchen.left[line] > 0.01
                ? new Named(Kind.LINES, List.of(line), null, noun.portion(), noun.each(), noun.slot())
                : noun;
    }

    /** "Put them in", of tubes that were filled: they, not the sauce that was poured just now. */
    private List<Pot> meant(Named pronoun) {
        Pot filled = scene.wrapper;
        boolean them = Tokens.has(pronoun.slot().tokens(), "them") && filled != null && !dish.holds(filled);
        if (them) {
            return List.of(filled);
        }
        return kitchen.focus.isEmpty() && kitchen.current != null
                ? List.of(kitchen.current)
                : List.copyOf(kitchen.focus);
    }

    /** Oil or a spice on top, or butter brushed on in passing, is part of what it lies on. */
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

    /** Paprika without an amount that is named here for the last time; salt and pepper go everywhere. */
    private boolean isLastOf(int line) {
        return !kitchen.isNamedLater(line)
                && !kitchen.role(line).equals("salt")
                && !Tokens.has(Tokens.of(kitchen.lines.get(line).item()), "pepper");
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
