package nabe.recipe;

import org.jspecify.annotations.Nullable;

/**
 * What of a line goes to one part, where the recipe divides it.
 *
 * @param part where it works
 * @param share of the line's amount, above 0 up to 1; the shares of a line make 1
 * @param words the name of the pot it goes to
 * @param component id of that pot in the procedure, or null for what goes to none
 */
public record Share(
        Part part, double share, String words, @Nullable String component) {}
