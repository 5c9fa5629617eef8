package nabe.measure;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import nabe.words.Messages;

/**
 * Whose cups and spoons a recipe means, in millilitres. US customary: NIST Handbook 44, appendix C. Metric: the 250 ml cup
 * and 15 ml spoon of Canadian and New Zealand recipes. Australian: the same cup with a 20 ml tablespoon (AS 1325). British:
 * imperial pint of 568.26 ml and fluid ounce of 28.41 ml (Weights and Measures Act 1985), 15 and 5 ml spoons, and the
 * 250 ml cup recipes there use.
 */
public enum Spoons {
    US("us", 4.92892, 14.78676, 236.588, 29.5735, 473.176),
    METRIC("metric", 5, 15, 250, 29.5735, 473.176),
    AUSTRALIAN("australian", 5, 20, 250, 28.4131, 568.261),
    BRITISH("british", 5, 15, 250, 28.4131, 568.261);

    private final String id;
    private final double tsp;
    private final double tbsp;
    private final double cup;
    private final double fluidOunce;
    private final double pint;

    Spoons(String id, double tsp, double tbsp, double cup, double fluidOunce, double pint) {
        this.id = id;
        this.tsp = tsp;
        this.tbsp = tbsp;
        this.cup = cup;
        this.fluidOunce = fluidOunce;
        this.pint = pint;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** @return millilitres of one of this unit here, 2 pints to the quart; the unit's own factor where regions agree */
    public double factor(Unit unit) {
        return switch (unit) {
            case TSP -> tsp;
            case TBSP -> tbsp;
            case CUP -> cup;
            case FL_OZ -> fluidOunce;
            case PINT -> pint;
            case QUART -> 2 * pint;
            case GALLON -> 8 * pint;
            default -> unit.factor();
        };
    }

    /** @throws IllegalArgumentException when there are no such spoons */
    @JsonCreator
    public static Spoons ofId(String id) {
        return Ids.find(values(), Spoons::id, id, Messages.say("measure.set-of-spoons-and-cups"));
    }
}
