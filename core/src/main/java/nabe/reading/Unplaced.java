package nabe.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import nabe.recipe.Procedure.Kind;

/** Pots the text puts nowhere, in the order such dishes are built in: sauce, what carries, filling, custard, cheese, top. Kitchen practice. */
final class Unplaced {
    private static final List<Kind> BOTTOM_TO_TOP = List.of(
            Kind.PAN_RELEASE,
            Kind.RED_SAUCE,
            Kind.STRUCTURE,
            Kind.FILLING,
            Kind.SOFT_CHEESE,
            Kind.BINDER,
            Kind.WHITE_SAUCE,
            Kind.MELTING_CHEESE,
            Kind.HARD_CHEESE,
            Kind.MASH,
            Kind.CRUST,
            Kind.BATTER,
            Kind.TOPPING,
            Kind.GARNISH);

    private Unplaced() {}

    private static final Set<Kind> LIDS = Set.of(Kind.MASH, Kind.CRUST, Kind.BATTER, Kind.TOPPING, Kind.GARNISH);

    /** @return whether it closes a dish that the other belongs in */
    static boolean isLidOver(Pot lid, Pot other, Kitchen kitchen) {
        Kinds kinds = new Kinds(kitchen);
        return LIDS.contains(kinds.kind(lid))
                && BOTTOM_TO_TOP.indexOf(kinds.kind(other)) <= BOTTOM_TO_TOP.indexOf(Kind.WHITE_SAUCE);
    }

    /** @return them, the lowest first */
    static List<Pot> in(Kitchen kitchen, Dish dish) {
        Kinds kinds = new Kinds(kitchen);
        return kitchen.pots.stream()
                .filter(p -> !p.isEmpty()
                        && !dish.holds(p)
                        && kitchen.pots.stream().noneMatch(o -> o.inside.containsKey(p))
                        && p.given < 0.99
                        && !p.atTable
                        && p.beside.isEmpty())
                .sorted(Comparator.comparingInt(p -> BOTTOM_TO_TOP.indexOf(kinds.kind(p))))
                .toList();
    }
}
