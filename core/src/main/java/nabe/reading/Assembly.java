package nabe.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.ProcedureBuilder;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Writes pots, layers and bake out as a procedure. */
final class Assembly {
    /** A share too small to speak of. */
    private static final double LITTLE = 0.02;

    private final Kitchen kitchen;
    private final Cook cook;
    private final Dish dish;
    private final Oven oven;
    private final Kinds kinds;

    Assembly(Kitchen kitchen, Cook cook) {
        this.kitchen = kitchen;
        this.cook = cook;
        this.dish = cook.dish();
        this.oven = cook.oven();
        this.kinds = new Kinds(kitchen);
    }

    Procedure procedure() {
        placeTheUnplaced();
        dish.settle();
        List<Procedure.Placement> placed = dish.all.stream()
                .filter(p -> !p.pot.isEmpty() && p.share != null && p.share > 0.004)
                .map(p -> new Procedure.Placement(
                        p.pot.id(), round(p.share), p.film, p.inside, p.late, p.words(), p.sentence()))
                .toList();
        List<Procedure.Beside> beside = beside();
        return ProcedureBuilder.builder()
                .components(kitchen.pots.stream()
                        .filter(p -> !p.isEmpty())
                        .map(this::component)
                        .toList())
                .layers(placed)
                .beside(beside)
                .oven(oven.phases())
                .rest(oven.rest())
                .goesIn(cook.goesIn())
                .readying(List.copyOf(kitchen.readying))
                .onlyIf(cook.onlyIf())
                .doubts(List.copyOf(kitchen.doubts))
                .build();
    }

    /** What is made and goes nowhere lies on top of what was laid: a dish in one pot is that pot. */
    private void placeTheUnplaced() {
        if (dish.all.isEmpty()
                && kitchen.pots.stream().filter(p -> !p.isEmpty()).count() > 1) {
            kitchen.doubt(DoubtCode.NOTHING_LAID, -1, "", "", 0);
        }
        for (Pot pot : Unplaced.in(kitchen, dish)) {
            Pot mixture = kitchen.isPasta(pot) ? mixture() : null;
            if (mixture == null) {
                dish.placeUnder(pot, over -> Unplaced.isLidOver(over, pot, kitchen));
            } else {
                mixture.pots.put(pot, 1 - pot.given);
                pot.given = 1;
            }
        }
    }

    /** "Boil the penne", and then everything is mixed in the dish without another word of it: they are in it. */
    private @Nullable Pot mixture() {
        List<Pot> mixed = dish.all.stream()
                .filter(p -> !p.late && !p.inside)
                .map(p -> p.pot)
                .filter(p -> p.worked && kitchen.main(p).size() > 1)
                .distinct()
                .toList();
        return mixed.size() == 1 ? mixed.getFirst() : null;
    }

    /** What is said to be served or frozen, and what no layer and no other pot took. */
    private List<Procedure.Beside> beside() {
        List<Procedure.Beside> all = new ArrayList<>();
        for (Pot pot : kitchen.pots) {
            double left = 1 - pot.given - dish.laidOf(pot);
            if (pot.isEmpty() || pot.atTable || left < LITTLE) {
                continue;
            }
            for (var use : pot.beside.entrySet()) {
                double share = use.getValue().is(Portion.Kind.FRACTION)
                        ? Math.min(left, use.getValue().value())
                        : left;
                left -= share;
                if (share > LITTLE) {
                    all.add(new Procedure.Beside(pot.id(), round(share), use.getKey()));
                }
            }
            if (left > LITTLE && dish.holds(pot)) {
                all.add(new Procedure.Beside(pot.id(), round(left), Fate.LEFT_OVER));
                kitchen.doubt(DoubtCode.OVER_IS_LEFT, -1, "", kinds.name(pot), Math.round(100 * left));
            }
        }
        return all;
    }

    private static double round(double share) {
        return Math.round(share * 1000) / 1000.0;
    }

    /** The words of its heaviest line, counted where two pots share them. */
    private String key(Pot pot) {
        String own = heaviest(pot);
        long before = kitchen.pots.stream()
                .takeWhile(p -> p != pot)
                .filter(p -> !p.isEmpty() && heaviest(p).equals(own))
                .count();
        return before == 0 ? own : own + " " + (before + 1);
    }

    private String heaviest(Pot pot) {
        return pot.lines.entrySet().stream()
                .max(Comparator.comparingDouble(
                        e -> kitchen.lines.get(e.getKey()).gramsOrZero() * e.getValue()))
                .map(e -> kitchen.lines.get(e.getKey()).item().toLowerCase(Locale.ROOT))
                .orElseGet(() -> Messages.say(
                        "reading.of", heaviest(pot.pots.keySet().iterator().next())));
    }

    private Procedure.Vessel component(Pot pot) {
        List<Procedure.Of> of = new ArrayList<>();
        pot.lines.forEach((line, share) -> of.add(new Procedure.Of(line, null, round(share))));
        pot.pots.forEach((other, share) -> of.add(new Procedure.Of(null, other.id(), round(share))));
        return new Procedure.Vessel(pot.id(), key(pot), kinds.name(pot), kinds.kind(pot), of, List.copyOf(pot.steps));
    }
}
