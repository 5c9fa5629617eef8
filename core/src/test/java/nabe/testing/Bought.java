package nabe.testing;

import nabe.build.BuildPlan;
import nabe.plan.Plan;

/** What lies in a dish beyond the recipe's own: sheets bought because the pan takes more of them. */
public final class Bought {
    private Bought() {}

    /** @return g, as they lie there; 0 where the recipe's sheets suffice */
    public static double grams(Plan plan) {
        BuildPlan.Sheets sheets = plan.build().sheets();
        return sheets == null
                ? 0
                : plan.prep().ready().stream()
                        .filter(l -> l.line().item().equals(sheets.item()))
                        .mapToDouble(l -> l.readyGrams() / sheets.have() * sheets.toBuy())
                        .sum();
    }
}
