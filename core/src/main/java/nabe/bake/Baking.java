package nabe.bake;

import java.util.List;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.OvenAir;
import nabe.bake.heat.Section;
import nabe.build.BuildPlan;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.measure.Temperature;
import nabe.recipe.Family;
import nabe.recipe.Recipe;

/** One dish in one oven: what is given, what is wanted, and the course found for it. */
final class Baking {
    private static final double USUAL_CELSIUS = 190;
    /** Hot enough to serve where nothing in it asks for a safe core. Kitchen practice. */
    private static final double HOT_THROUGH = 74;

    private static final double TENDER = 0.9;
    private static final double PALE_BROWNS = 0.4;
    private static final double USUAL_MM = 50;
    final Recipe recipe;
    final BuildPlan build;
    final OvenChoice choice;
    final Temperature oven;
    final HeatDish dish;
    final Wanted wanted;
    final Double safeCore;
    final boolean eggFree;
    private final OvenAir air;
    private final Section section;

    Baking(
            Recipe recipe,
            BuildPlan build,
            List<Ingredient> ingredients,
            OvenChoice choice,
            Schools schools,
            int uncoverSooner,
            HeatDishes dishes) {
        this(recipe, build, ingredients, choice, schools, uncoverSooner, dishes, temperature(recipe, choice), 0);
    }

    /** @param others how many other dishes share the oven, which stands at {@code oven} */
    Baking(
            Recipe recipe,
            BuildPlan build,
            List<Ingredient> ingredients,
            OvenChoice choice,
            Schools schools,
            int uncoverSooner,
            HeatDishes dishes,
            Temperature oven,
            int others) {
        this.recipe = recipe;
        this.build = build;
        this.choice = choice;
        this.oven = oven;
        String cover = cover(recipe, choice, schools);
        boolean late = schools.is("cheese", "late") && cover.equals("two-phases");
        dish = dishes.of(recipe.family(), build, late);
        section = BakeFinder.coarse(dish);
        safeCore = CoreTemperature.of(ingredients, choice.start());
        eggFree = ingredients.stream().noneMatch(i -> i.role().startsWith("egg"));
        double golden = dish.layers().getLast().browns() < PALE_BROWNS ? 0.5 : 1;
        wanted = new Wanted(safeCore == null ? HOT_THROUGH : safeCore, TENDER, golden, cover, late, uncoverSooner);
        air = new OvenAir(choice.fan(), choice.preheated(), 1, others, choice.topShelf());
    }

    static Temperature temperature(Recipe recipe, OvenChoice choice) {
        if (choice.celsius() != null) {
            return choice.fan() ? Temperature.fan(choice.celsius()) : Temperature.celsius(choice.celsius());
        }
        Double named = recipe.oven().celsius();
        boolean usable = named != null && named >= 140 && named <= 260;
        return Temperature.celsius(usable ? named : USUAL_CELSIUS).onDial();
    }

    /**
     * As the recipe bakes it: open where it covers nothing, in two phases where it does. Where it does not say, lids, batters and custard
     * tops want dry heat all the way. A cold start or the cook's own answer comes first.
     */
    private static String cover(Recipe recipe, OvenChoice choice, Schools schools) {
        Family family = recipe.family();
        boolean cold = choice.start() == Start.FRIDGE || choice.start() == Start.FROZEN;
        boolean dry = family == Family.MOUSSAKA
                || family == Family.POT_PIE
                || family == Family.MASH_TOPPED
                || family == Family.BATTER;
        Boolean said = recipe.oven().coversAny();
        boolean chosen = schools.chose("cover", schools.answer("cover"));
        if (said != null && !cold && !chosen) {
            return said ? "two-phases" : "open";
        }
        return dry && !cold && !schools.chose("cover", "two-phases") && !schools.is("cover", "sealed")
                ? "open"
                : schools.answer("cover");
    }

    /** °C of the oven's air as it truly is. */
    double airCelsius() {
        return (choice.fan() ? oven.celsius() - 20 : oven.celsius()) + choice.offsetCelsius();
    }

    OvenAir air() {
        return air;
    }

    BakeFinder finder() {
        return new BakeFinder(dish, section, air, airCelsius(), choice.start().celsius());
    }

    BakeFinder finder(double airMore, double startMore) {
        return new BakeFinder(
                dish, section, air, airCelsius() + airMore, choice.start().celsius() + startMore);
    }

    BakeFinder finderFrom(Start start) {
        return new BakeFinder(dish, section, air, airCelsius(), start.celsius());
    }

    BakeFinder finderIn(HeatDish other, double celsius) {
        return new BakeFinder(
                other,
                other == dish ? section : BakeFinder.coarse(other),
                air,
                celsius,
                choice.start().celsius());
    }

    /** @return the same dish spread or heaped to the usual depth */
    HeatDish usualDepth() {
        double factor = USUAL_MM / 1000 / dish.height();
        return new HeatDish(
                dish.layers().stream()
                        .map(l -> new nabe.bake.heat.HeatLayer(
                                l.name(),
                                l.height() * factor,
                                l.stuff(),
                                l.browns(),
                                l.cooks(),
                                l.begun(),
                                l.drawsWater(),
                                l.topping()))
                        .toList(),
                dish.halfWidth(),
                dish.round(),
                dish.wall());
    }
}
