package nabe.swap;

import java.util.List;

/**
 * A line that could not be made to fit. It is left out of the dish and said, never dropped in silence.
 *
 * @param source index of the recipe line
 * @param text the line as written
 * @param why what stands against it, and what the cook can do
 * @param nearest foods whose names are nearest to what is not known, three at most
 */
public record Unresolved(int source, String text, String why, List<Near> nearest) {

    /** @param id of the larder, {@code name} as the cook reads it */
    public record Near(String id, String name) {}
}
