package nabe.swap;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import nabe.recipe.Procedure.Beside;
import nabe.recipe.Procedure.GoesIn;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Placement;
import org.jspecify.annotations.Nullable;

/**
 * The recipe's procedure with the swaps in their places.
 *
 * @param components pots and bowls in the order they are made; a home-made thing before the pot it goes into
 * @param layers bottom to top, as the recipe lays them
 * @param oven the bake as the recipe says it
 * @param readying how the dish itself is greased and lined
 * @param dropped clauses that no longer apply, with the reason
 */
public record PlannedProcedure(
        List<Pot> components,
        List<Placement> layers,
        List<Beside> beside,
        List<OvenPhase> oven,
        @Nullable Minutes rest,
        @Nullable GoesIn goesIn,
        List<Work> readying,
        List<Dropped> dropped) {

    /** Nothing planned yet. */
    static final PlannedProcedure NONE =
            new PlannedProcedure(List.of(), List.of(), List.of(), List.of(), null, null, List.of(), List.of());

    /** @return the same without these steps of a pot */
    public PlannedProcedure dropping(String pot, List<Work> gone, String why) {
        List<Dropped> all = new ArrayList<>(dropped);
        gone.forEach(w -> all.add(new Dropped(pot, w.words(), why)));
        return with(p -> p.id().equals(pot) ? p.without(gone) : p, List.copyOf(all));
    }

    /** @return the same with another step in the place of this one of a pot */
    public PlannedProcedure replacing(String pot, Work step, Work by) {
        return with(p -> p.id().equals(pot) ? p.replacing(step, by) : p, dropped);
    }

    /** @return the same with a reason or note in other words */
    PlannedProcedure saying(String was, String now) {
        return with(p -> p.saying(was, now), dropped);
    }

    private PlannedProcedure with(UnaryOperator<Pot> change, List<Dropped> gone) {
        return new PlannedProcedure(
                components.stream().map(change).toList(), layers, beside, oven, rest, goesIn, readying, gone);
    }

    /**
     * @param of what is in it, by weight; {@code steps} what is done there
     * @param notes what to mind about the swapped things of this pot that no step of it says
     * @param made the home-made component it is a batch of, or null for the recipe's own pots
     */
    public record Pot(
            String id,
            String name,
            Kind kind,
            List<Constituent> of,
            List<Work> steps,
            List<String> notes,
            @JsonIgnore @Nullable MadeComponent made) {

        /** @return the same under another name */
        Pot called(String other) {
            return new Pot(id, other, kind, of, steps, notes, made);
        }

        public Pot without(List<Work> gone) {
            return doing(steps.stream().filter(w -> !gone.contains(w)).toList());
        }

        Pot replacing(Work step, Work by) {
            return doing(steps.stream().map(w -> w == step ? by : w).toList());
        }

        private Pot saying(String was, String now) {
            List<String> said = notes.stream().map(n -> n.equals(was) ? now : n).toList();
            List<Work> others = steps.stream()
                    .map(w -> was.equals(w.why)
                            ? PlannedProcedureWorkBuilder.builder(w).why(now).build()
                            : w)
                    .toList();
            return new Pot(id, name, kind, of, others, said, made);
        }

        private Pot doing(List<Work> others) {
            return new Pot(id, name, kind, of, others, notes, made);
        }
    }

    /**
     * An ingredient with its grams, or a share of another component.
     *
     * @param ingredient larder id, null where it is not known; {@code item} what the cook reads; {@code grams} raw weight
     * @param component another pot's id; {@code share} of it, 0 to 1
     * @param line the converted line it is, {@code ofLine} how much of that, 0 to 1
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Constituent(
            @Nullable String ingredient,
            @Nullable String item,
            @Nullable Double grams,
            @Nullable String component,
            @Nullable Double share,
            @JsonIgnore @Nullable ConvertedLine line,
            @JsonIgnore double ofLine) {

        static Constituent of(ConvertedLine line, double share) {
            return new Constituent(
                    line.ingredient() == null ? null : line.ingredient().id(),
                    line.item(),
                    line.grams() == null ? null : Double.valueOf(line.grams() * share),
                    null,
                    null,
                    line,
                    share);
        }

        /** @return both shares of one component */
        public Constituent and(Constituent more) {
            double both = Math.min(1, (share == null ? 0 : share) + (more.share == null ? 0 : more.share));
            return new Constituent(ingredient, item, grams, component, both, line, ofLine + more.ofLine);
        }

        static Constituent of(String component, double share) {
            return new Constituent(null, null, null, component, share, null, 0);
        }

        /** A batch's share that stands for a line. */
        static Constituent of(String component, double share, ConvertedLine line, double ofLine) {
            return new Constituent(null, null, null, component, share, line, ofLine);
        }
    }

    /** @param words of the recipe; {@code why} they are gone */
    public record Dropped(String component, String words, String why) {}

    /**
     * One action.
     *
     * @param words the cook's own clause where nothing changed, else as it reads now
     * @param changed whether it does; {@code why} the reason, null where nothing changed
     */
    @RecordBuilder
    public record Work(
            String id,
            String action,
            String words,
            int sentence,
            List<Constituent> uses,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Boolean covered,
            @Nullable Double celsius,
            @Nullable Minutes minutes,
            @Nullable String until,
            boolean changed,
            @Nullable String why) {

        /** @return the reason where there is more to it than another name, else null */
        @JsonIgnore
        public @Nullable String told() {
            return Converting.RENAMED.equals(why) ? null : why;
        }
    }
}
