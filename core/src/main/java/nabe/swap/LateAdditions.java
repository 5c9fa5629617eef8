package nabe.swap;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.measure.KitchenText;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Recipe;

/** What goes on or in while the dish bakes, by what it is now. */
final class LateAdditions {
    private final Recipe recipe;
    private final Procedure procedure;
    private final Conversion conversion;
    private final Set<String> there;

    /** @param there ids of the pots that still hold something */
    LateAdditions(Recipe recipe, Procedure procedure, Conversion conversion, Set<String> there) {
        this.recipe = recipe;
        this.procedure = procedure;
        this.conversion = conversion;
        this.there = there;
    }

    OvenPhase phase(OvenPhase phase) {
        List<String> adds =
                phase.adds().stream().flatMap(a -> added(a).stream()).toList();
        return new OvenPhase(
                phase.kind(), phase.celsius(), phase.fan(), phase.covered(), phase.minutes(), adds, phase.stir());
    }

    private List<String> added(String add) {
        boolean pot = procedure.components().stream().anyMatch(c -> c.id().equals(add));
        if (pot) {
            return there.contains(add) ? List.of(add) : List.of();
        }
        return IntStream.range(0, recipe.lines().size())
                .filter(i -> recipe.lines().get(i).item().equals(add))
                .boxed()
                .flatMap(i -> stirredIn(i).stream())
                .toList();
    }

    /** What became of a line that goes into a pot while it bakes, by weight: its layers say the rest of it. */
    private List<String> stirredIn(int source) {
        Set<String> late = procedure.layers().stream()
                .filter(Placement::late)
                .map(Placement::of)
                .collect(Collectors.toSet());
        return conversion.lines().stream()
                .filter(l -> l.source() == source && !late.contains(l.component()) && l.gramsOrZero() > 0)
                .map(l -> KitchenText.grams(l.gramsOrZero()) + " " + l.item())
                .toList();
    }
}
