package nabe.swap;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import nabe.recipe.Procedure.Kind;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.words.Messages;

/** What is made at home for the dish: each batch a pot of its own, made once, before the pot that needs it first. */
final class HomeBatches {
    private final Conversion conversion;
    private final Map<MadeComponent, String> ids = new IdentityHashMap<>();

    HomeBatches(Conversion conversion) {
        this.conversion = conversion;
    }

    /** @return the batches that these lines of a pot are the first to need */
    List<Pot> firstNeededBy(List<ConvertedLine> lines) {
        List<Pot> found = new ArrayList<>();
        for (ConvertedLine line : lines) {
            MadeComponent made = conversion.madeFor(line).orElse(null);
            if (made != null && line.gramsOrZero() > 0 && !ids.containsKey(made)) {
                ids.put(made, "m" + (ids.size() + 1));
                found.add(batch(made, ids.get(made)));
            }
        }
        return found;
    }

    /** @return a share of the line as a pot holds it: of its batch where it comes out of one */
    Constituent constituent(ConvertedLine line, double share) {
        MadeComponent made = conversion.madeFor(line).orElse(null);
        return made == null || !ids.containsKey(made)
                ? Constituent.of(line, share)
                : Constituent.of(ids.get(made), share * line.gramsOrZero() / made.grams(), line, share);
    }

    private static Pot batch(MadeComponent made, String id) {
        List<Constituent> of = made.ingredients().stream()
                .map(c -> new Constituent(c.ingredient(), c.item(), c.grams(), null, null, null, 0))
                .toList();
        List<Work> steps = new ArrayList<>();
        for (String words : made.steps()) {
            steps.add(PlannedProcedureWorkBuilder.builder()
                    .id(id + "-s" + (steps.size() + 1))
                    .action("make")
                    .words(words)
                    .sentence(-1)
                    .uses(steps.isEmpty() ? of : List.of())
                    .tool(made.tools().isEmpty() ? null : made.tools().getFirst())
                    .until(steps.size() + 1 == made.steps().size() ? made.sign() : null)
                    .changed(true)
                    .why(Messages.say("swap.made-at-home-for-this-dish"))
                    .build());
        }
        return new Pot(id, made.name(), kindOf(made), of, List.copyOf(steps), List.of(), made);
    }

    private static Kind kindOf(MadeComponent made) {
        for (Kind kind : Kind.values()) {
            if (kind.part() == made.parts().getFirst()) {
                return kind;
            }
        }
        return Kind.FILLING;
    }
}
