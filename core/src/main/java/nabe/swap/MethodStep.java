package nabe.swap;

import java.util.List;

/**
 * One step of the method as it reads now.
 *
 * @param text the step with what changed written into it
 * @param was the step as the recipe has it
 * @param changed whether the two differ
 * @param notes what to do differently here, one a swap that is first used in this step
 */
public record MethodStep(String text, String was, boolean changed, List<Note> notes) {

    /** @param item what it is about, {@code text} what to do, {@code rule} the swap it comes from */
    public record Note(String item, String text, String rule) {}
}
