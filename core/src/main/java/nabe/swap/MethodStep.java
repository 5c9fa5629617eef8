package nabe.swap;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of the method as it reads now.
 *
 * @param text the step with what changed written into it
 * @param was the step as the recipe has it
 * @param changed whether the two differ
 * @param notes what to do differently here, one a swap that is first used in this step
 * @param instead the swap whose own way of working stands here in place of the recipe's, or null; then a blank {@code text}
 *     means that the step is gone
 */
public record MethodStep(
        String text,
        String was,
        boolean changed,
        List<Note> notes,
        @Nullable Swap instead) {

    /** @param item what it is about, {@code text} what to do, {@code rule} the swap it comes from */
    public record Note(String item, String text, String rule) {}
}
