package nabe.bake;

import java.util.List;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.OvenAir;
import nabe.bake.heat.Section;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.measure.Temperature;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/** One dish in one oven: what is given, what is wanted, and the course found for it. */
final class Baking {
    private static final double HOT_THROUGH = Figures.of("bake.hot-through");
    private static final double BATTER_SET = Figures.of("bake.batter-set");
    private static final double CUSTARD_SET = Figures.of("bake.custard-set");
    private static final double WARMED_RAW = Figures.of("bake.warmed-raw");

    private static final double TENDER = Figures.of("bake.tender");
    private static final double PALE_BROWNS = Figures.of("bake.plant-tops-brown");
    private static final double AN_EGG = Figures.of("bake.egg-of-a-custard");

    private static final double LIKE_HEAT = 4;
    private static final double COOLEST = 140;
    private static final double HOTTEST = 260;
    private static final double USUAL_MM = Figures.of("bake.usual-dish-depth");
    final Recipe recipe;
    final BuildPlan build;
    final OvenChoice choice;
    final Temperature oven;
    /** As dense as it may be: what must be safe is planned by it. */
    final HeatDish dish;
    /** As open as it may be: how early it may be done. */
    final HeatDish quickDish;

    final Wanted wanted;
    final @Nullable Double safeCore;
    final Said said;
    final Start start;
    final boolean eggFree;
    private final OvenAir air;
    private final Section section;
    private final BakeFinder finder;
    private final boolean follows;

    Baking(ToBake dish, HeatDishes dishes) {
        this(dish, dishes, temperature(dish.recipe(), dish.choice()), 0);
    }

    /** @param others how many other dishes share the oven, which stands at {@code oven} */
    Baking(ToBake given, HeatDishes dishes, Temperature oven, int others) {
        Schools schools = given.schools();
        List<Ingredient> ingredients = given.ingredients();
        this.recipe = given.recipe();
        this.said = given.said();
        this.choice = given.choice();
        this.start = choice.start() == null ? said.start() : choice.start();
        this.build = given.build();
        this.oven = oven;
        follows = isFollowed(schools);
        String cover = cover(schools);
        boolean late = follows
                ? build.layers().stream().anyMatch(Layer::late)
                : schools.is("cheese", "late") && cover.equals("two-phases");
        dish = dishes.of(recipe.family(), build, said, late, follows, HeatDishes.End.SLOW);
        quickDish = dishes.of(recipe.family(), build, said, late, follows, HeatDishes.End.QUICK);
        section = BakeFinder.coarse(dish);
        safeCore = CoreTemperature.of(ingredients, start);
        eggFree = ingredients.stream().noneMatch(i -> i.role().startsWith("egg"));
        double golden = dish.layers().getLast().browns() < PALE_BROWNS ? 0.5 : 1;
        double hot = safeCore == null ? HOT_THROUGH : safeCore;
        double done = recipe.family() == Family.BATTER
                ? Math.max(BATTER_SET, hot)
                : isCustard() ? Math.max(CUSTARD_SET, hot) : hot;
        wanted = new Wanted(done, TENDER, golden, cover, late, given.uncoverSooner());
        air = new OvenAir(choice.fan(), choice.preheated(), 1, others, choice.topShelf());
        finder = finder(0, 0);
    }

    static Temperature temperature(Recipe recipe, OvenChoice choice) {
        if (choice.celsius() != null) {
            return choice.fan() ? Temperature.fan(choice.celsius()) : Temperature.celsius(choice.celsius());
        }
        return Temperature.celsius(named(recipe)).onDial();
    }

    /**
     * Where its own phases are not followed, still as the recipe bakes it: open where it covers nothing, in two phases where it does. Where it does not say, lids, batters and custard
     * tops want dry heat all the way. A cold start or the cook's own answer comes first.
     */
    private String cover(Schools schools) {
        boolean cold = start == Start.FRIDGE || start == Start.FROZEN;
        boolean dry = FamilyFacts.of(recipe.family()).dryHeat();
        Boolean covers = recipe.oven().coversAny();
        boolean chosen = schools.chose("cover", schools.answer("cover"));
        if (covers != null && !cold && !chosen) {
            return covers ? "two-phases" : "open";
        }
        return dry && !cold && !schools.chose("cover", "two-phases") && !schools.is("cover", "sealed")
                ? "open"
                : schools.answer("cover");
    }

    /** Whether the recipe's own phases come first: the cook set none, asked for no other cover, and does not bake it frozen. */
    private boolean isFollowed(Schools schools) {
        return choice.own() == null
                && !schools.chose("cover", schools.answer("cover"))
                && (start != Start.FROZEN || said.start() == Start.FROZEN)
                && !RecipeCourse.bakes(said).isEmpty();
    }

    /** @return the cook's own phases, else the recipe's, else what the forecast finds */
    Course course() {
        if (choice.own() != null) {
            return choice.own().course(wanted.lateTopping());
        }
        Course recipes = follows ? RecipeCourse.of(this) : null;
        if (recipes != null) {
            return recipes;
        }
        Course found = finder().find(wanted);
        int missing = start == Start.FROZEN ? RecipeCourse.least(this) - found.total() : 0;
        return unweeping(missing > 0 ? found.lasting(0, missing) : found);
    }

    /** A custard that Nabe bakes comes out once it is set and before it weeps, to the minute. */
    private Course unweeping(Course found) {
        if (!isCustard()) {
            return found;
        }
        int weeps = (int) Math.floor(finder().whole(found).hot(BakePlanner.WEEPS));
        int set = (int) Math.ceil(finder().times(found.goingOn(), wanted).core());
        int over = found.total() - Math.max(set, weeps);
        int last = found.stretches().size() - 1;
        return over <= 0 || over >= found.stretches().get(last).minutes() ? found : found.lasting(last, -over);
    }

    /** Whether eggs that set the recipe's dish are no longer in it. */
    boolean eggGone() {
        return eggFree
                && recipe.lines().stream()
                                .filter(l -> l.part() != Part.TOPPING && l.part() != Part.PAN_RELEASE)
                                .filter(l -> l.hasRole("egg") || l.hasRole("egg-yolk"))
                                .mapToDouble(Line::gramsOrZero)
                                .sum()
                        > AN_EGG;
    }

    /** @return whether what is in it sets as a custard, with egg */
    boolean isCustard() {
        return !eggFree && PracticeRange.isCustard(this);
    }

    /** @return whether it bakes just as the recipe says, under the recipe's own top: what colour that gives, the cook knows */
    boolean isAsTrusted(Course course) {
        boolean sameHeat = Math.abs(oven.celsius() + choice.offsetCelsius() - recipeCelsius()) < LIKE_HEAT;
        return follows
                && sameHeat
                && course.stretches().stream().allMatch(Course.Stretch::isAsSaid)
                && (build.layers().isEmpty()
                        || build.layers().getLast().of().stream()
                                .noneMatch(l -> l.line().swapped()));
    }

    boolean followsRecipe() {
        return follows;
    }

    /** @return °C that the recipe's oven stands at, the usual where it does not say */
    double recipeCelsius() {
        return named(recipe);
    }

    private static double named(Recipe recipe) {
        Double named = recipe.oven().celsius();
        return named != null && named >= COOLEST && named <= HOTTEST
                ? named
                : PracticeRange.usualCelsius(recipe.family());
    }

    /** °C of the oven's air as it truly is. */
    double airCelsius() {
        return (choice.fan() ? oven.celsius() - 20 : oven.celsius()) + choice.offsetCelsius();
    }

    OvenAir air() {
        return air;
    }

    /** @return °C all through when it goes in: hot cream over raw slices warms them, no more */
    double startCelsius() {
        return celsius(start);
    }

    private double celsius(Start from) {
        return from == Start.HOT && PracticeRange.isRaw(this) ? WARMED_RAW : from.celsius();
    }

    BakeFinder finder() {
        return finder;
    }

    BakeFinder finder(double airMore, double startMore) {
        return new BakeFinder(dish, section, air, airCelsius() + airMore, startCelsius() + startMore);
    }

    /** @return the same dish as open as it may be, in a hotter oven and a little warmer */
    BakeFinder quick(double airMore, double startMore) {
        return new BakeFinder(
                quickDish, BakeFinder.coarse(quickDish), air, airCelsius() + airMore, startCelsius() + startMore);
    }

    BakeFinder finderFrom(Start other) {
        return new BakeFinder(dish, section, air, airCelsius(), celsius(other));
    }

    BakeFinder finderIn(HeatDish other, double celsius) {
        return new BakeFinder(other, other == dish ? section : BakeFinder.coarse(other), air, celsius, startCelsius());
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
                                l.toasts(),
                                l.cooks(),
                                l.root(),
                                l.begun(),
                                l.drawsWater(),
                                l.open(),
                                l.topping()))
                        .toList(),
                dish.halfWidth(),
                dish.round(),
                dish.wall());
    }
}
