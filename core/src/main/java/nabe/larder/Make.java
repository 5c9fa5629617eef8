package nabe.larder;

import java.util.Set;

/**
 * How a thing comes into the kitchen, and what its makers put in.
 *
 * @param kind a kind of makers.csv, or "plain" (as it grows or is cut) or "home" (made in this kitchen)
 * @param mixture whether the maker decides what is in it, as with bread or stock
 * @param maybe allergens some makers of the kind put in
 * @param traces allergens the kind is sometimes contaminated with
 */
public record Make(String kind, boolean mixture, Set<Allergen> maybe, Set<Allergen> traces) {
    public static final String PLAIN = "plain";
    public static final String HOME = "home";

    static Make of(String kind) {
        return new Make(kind, false, Set.of(), Set.of());
    }

    /** @return whether a maker packs it, so that a packet can be read */
    public boolean isBought() {
        return !kind.equals(PLAIN) && !kind.equals(HOME);
    }
}
