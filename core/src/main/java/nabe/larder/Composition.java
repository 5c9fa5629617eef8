package nabe.larder;

/**
 * What 100 g of the edible food is made of.
 *
 * @param water grams, and so protein, fat, carbohydrate (fibre included), fibre, ash
 * @param sodiumMg milligrams of sodium
 * @param source the table and row the figures come from
 */
public record Composition(
        double water,
        double protein,
        double fat,
        double carbohydrate,
        double fibre,
        double ash,
        double sodiumMg,
        String source) {

    /** Salt (sodium chloride) by weight: sodium x 2.54. */
    public double saltGramsPer100() {
        return sodiumMg * 2.54 / 1000;
    }
}
