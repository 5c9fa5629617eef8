package nabe.prep;

import com.fasterxml.jackson.annotation.JsonIgnore;
import nabe.swap.ConvertedLine;

/**
 * A converted line as it enters the dish.
 *
 * @param readyGrams its weight after prep: less what cooked off, plus what it drank
 * @param mendedGrams what of its free water the cook took off besides, to bring the dish's water in
 * @param cooked whether it is bought or listed cooked: it drinks no more
 */
public record ReadyLine(
        ConvertedLine line,
        double readyGrams,
        double mendedGrams,
        @JsonIgnore boolean cooked) {

    public ReadyLine(ConvertedLine line, double readyGrams) {
        this(line, readyGrams, 0, false);
    }

    /** @return this share of it, 0 to 1 */
    public ReadyLine times(double share) {
        return new ReadyLine(line.times(share), readyGrams * share, mendedGrams * share, cooked);
    }

    /** @return grams of water in it as it enters the dish: what prep takes off and puts in is water; never below 0 */
    public double waterGrams() {
        return line.ingredient() == null
                ? 0
                : Math.max(
                        0,
                        line.gramsOrZero() * line.ingredient().composition().water() / 100
                                + readyGrams
                                - line.gramsOrZero());
    }

    public double saltGrams() {
        return line.ingredient() == null
                ? 0
                : line.gramsOrZero() * line.ingredient().composition().saltGramsPer100() / 100;
    }

    public boolean hasRole(String role) {
        return line.ingredient() != null && line.ingredient().roles().contains(role);
    }
}
