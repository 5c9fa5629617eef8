package nabe.bake;

import java.util.Set;
import java.util.stream.Collectors;
import nabe.recipe.Procedure.GoesIn;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Minutes;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Pot;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the recipe says of its own bake.
 *
 * @param scale what the amounts were multiplied by since it was written
 */
public record Said(PlannedProcedure procedure, double scale) {

    /** @return how warm the text puts it into the oven, room where it does not say */
    Start start() {
        GoesIn goesIn = procedure.goesIn();
        return goesIn == null
                ? Start.ROOM
                : switch (goesIn) {
                    case HOT -> Start.HOT;
                    case ROOM -> Start.ROOM;
                    case FRIDGE -> Start.FRIDGE;
                    case FROZEN -> Start.FROZEN;
                };
    }

    /** @return ids of the pots that hold a mash */
    Set<String> mashed() {
        return procedure.components().stream()
                .filter(p -> p.kind() == Kind.MASH)
                .map(Pot::id)
                .collect(Collectors.toSet());
    }

    /** @return how tender the slices of a pot are when they go in, 0 to 1 */
    double begun(String pot) {
        return new Begun(procedure).of(pot);
    }

    /** @return the text's rest in words, or null */
    @Nullable
    String restWords() {
        return procedure.rest() == null ? null : words(procedure.rest());
    }

    /** "35–40 min". */
    static String words(Minutes minutes) {
        return minutes.min() == minutes.max()
                ? Messages.say("bake.min", Math.round(minutes.min()))
                : Messages.say("bake.min-from-to", Math.round(minutes.min()), Math.round(minutes.max()));
    }

    /** @return minutes of rest that the text gives, or null */
    @Nullable
    Integer rest() {
        return procedure.rest() == null
                ? null
                : Integer.valueOf((int)
                        Math.round((procedure.rest().min() + procedure.rest().max()) / 2));
    }
}
