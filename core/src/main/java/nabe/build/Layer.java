package nabe.build;

import nabe.recipe.Part;

/**
 * One layer, counted from the bottom.
 *
 * @param grams in this dish
 * @param heightMm how thick it lies
 * @param share of its component, 0 to 1, that goes here
 */
public record Layer(String name, Part part, double grams, double heightMm, double share) {
}
