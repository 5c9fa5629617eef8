package nabe.swap;

/**
 * A line that could not be made to fit. It is left out of the dish and said, never dropped in silence.
 *
 * @param source index of the recipe line
 * @param text the line as written
 * @param why what stands against it, and what the cook can do
 */
public record Unresolved(int source, String text, String why) {}
