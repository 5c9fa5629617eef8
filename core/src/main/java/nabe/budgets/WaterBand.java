package nabe.budgets;

import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Part;

/** What each kind of dish wants: free water at the end, grams in a kilogram of dish, and how thick its sauces. */
record WaterBand(double low, double high) {

    static WaterBand of(Family family) {
        FamilyFacts facts = FamilyFacts.of(family);
        return new WaterBand(facts.waterLow(), facts.waterHigh());
    }

    /** @return wheat-flour equivalents for 240 ml that a sauce wants there; a sauce that bakes on with dry starch starts thinner */
    static double thickness(Family family, Part part, boolean drySheets) {
        FamilyFacts facts = FamilyFacts.of(family);
        return drySheets ? facts.overDry() : part == Part.WHITE_SAUCE ? facts.whiteSauce() : facts.sauce();
    }
}
