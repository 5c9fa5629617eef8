package nabe.recipe;

/**
 * What of a line goes to one part, where the recipe divides it.
 *
 * @param part where it works
 * @param share of the line's amount, above 0 up to 1; the shares of a line make 1
 * @param words the words of the method that say so
 */
public record Share(Part part, double share, String words) {}
