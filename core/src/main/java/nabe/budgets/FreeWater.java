package nabe.budgets;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nabe.larder.CatalogueFile;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Properties;
import nabe.prep.ReadyLine;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import org.apache.commons.csv.CSVRecord;

/** How much of a thing's water is free in the dish, by role. From water.csv. */
public final class FreeWater {
    private static final double USUAL = Figures.of("budgets.free-water-usual");

    private static final double SETS_ITSELF_TIMES = Figures.of("budgets.free-water-egg-sets");
    private static final double MOST_SET = Figures.of("budgets.free-water-most-set");
    private static final double RAW = Figures.of("budgets.free-water-raw-from");

    private final Map<String, Double> byRole = new HashMap<>();
    private final Properties properties;

    /** @throws nabe.larder.CatalogueException for a role no ingredient has */
    public FreeWater(Larder larder, Properties properties) {
        this.properties = properties;
        CatalogueFile file = CatalogueFile.open("water.csv", "role", "low", "high");
        for (CSVRecord row : file.rows()) {
            String role = file.text(row, "role");
            if (larder.all().stream().noneMatch(i -> i.roles().contains(role))) {
                throw file.bad(row, "Some ingredient must have this role.");
            }
            byRole.put(role, (file.number(row, "low") + file.number(row, "high")) / 200);
        }
    }

    private FreeWater(Map<String, Double> byRole, Properties properties) {
        this.byRole.putAll(byRole);
        this.properties = properties;
    }

    /** @return the same with another thirst */
    public FreeWater with(Properties other) {
        return new FreeWater(byRole, other);
    }

    /**
     * @param lines what is mixed or laid together
     * @return grams of water free in it as it enters the dish; a thickened sauce holds its liquid, see {@link SauceThickness}
     */
    double freeIn(List<ReadyLine> lines, double thickness) {
        double free = lines.stream().mapToDouble(l -> freeIn(l, thickness)).sum();
        return free * (1 - setByEgg(lines));
    }

    /** Egg sets the liquid it is stirred into: 50 g of egg sets about 120 g. Kitchen practice (a custard of 4 eggs to half a litre). */
    private static double setByEgg(List<ReadyLine> lines) {
        double egg = lines.stream()
                .filter(l -> l.hasRole("egg") || l.hasRole("egg-yolk") || l.hasRole("custard"))
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        double liquid = lines.stream()
                .filter(l ->
                        l.line().ingredient() != null && l.line().ingredient().isLiquid())
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        return liquid <= 0 ? 0 : Math.min(MOST_SET, SETS_ITSELF_TIMES * egg / liquid);
    }

    /** @return grams of bound water that thirsty starch can still draw out of these lines; a custard gives as a strata's does, in any dish */
    double reserveIn(List<ReadyLine> lines, Family family) {
        double usual = FamilyFacts.of(family).bound();
        double custard = Math.max(usual, FamilyFacts.of(Family.STRATA).bound());
        return (usual + (custard - usual) * setByEgg(lines))
                * lines.stream()
                        .filter(l -> l.line().ingredient() != null
                                && thirstOf(l.line().ingredient()) <= 0)
                        .mapToDouble(ReadyLine::waterGrams)
                        .sum();
    }

    private double freeIn(ReadyLine line, double thickness) {
        Ingredient ingredient = line.line().ingredient();
        if (ingredient == null || thirstOf(ingredient) > 0) {
            return 0;
        }
        double share = ingredient.roles().stream()
                .filter(byRole::containsKey)
                .map(byRole::get)
                .findFirst()
                .orElse(USUAL);
        boolean liquid = ingredient.isLiquid();
        double free = liquid && thickness > 0 ? Math.min(share, SauceThickness.freeShare(thickness)) : share;
        return Math.max(0, free * (line.waterGrams() + line.mendedGrams()) - line.mendedGrams());
    }

    /** @return grams that raw things will give off in the oven; what was dried before gives off no more than its free water */
    double givenOffBy(List<ReadyLine> lines) {
        return lines.stream()
                .filter(l -> l.line().ingredient() != null
                        && l.readyGrams() >= RAW * l.line().gramsOrZero())
                .mapToDouble(l -> l.readyGrams()
                        * properties.mid(l.line().ingredient(), "release").orElse(0)
                        / 100)
                .sum();
    }

    /** @return g of water that 100 g take up on their way to tender, 0 for what does not drink */
    double thirstOf(Ingredient ingredient) {
        return properties.mid(ingredient, "absorption").orElse(0);
    }
}
