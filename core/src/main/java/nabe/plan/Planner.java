package nabe.plan;

import java.util.List;
import java.util.Objects;
import nabe.bake.BakePlan;
import nabe.bake.BakePlanner;
import nabe.bake.OvenSharing;
import nabe.bake.Said;
import nabe.budgets.FreeWater;
import nabe.budgets.SaltBudget;
import nabe.budgets.WaterBudgeter;
import nabe.budgets.WetLayer;
import nabe.build.BuildPlan;
import nabe.build.Builder;
import nabe.build.Rescaling;
import nabe.house.House;
import nabe.house.Schools;
import nabe.label.KeptProduct;
import nabe.label.LabelReader;
import nabe.label.StandIns;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.prep.PrepPlan;
import nabe.prep.Prepper;
import nabe.prep.SheetWays;
import nabe.prep.SheetsSettled;
import nabe.prep.StoveBook;
import nabe.reading.Corrections;
import nabe.reading.Division;
import nabe.reading.ProcedureReader;
import nabe.reading.text.Habits;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Correction;
import nabe.recipe.Line;
import nabe.recipe.OvenSetting;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.Display;
import nabe.swap.Kitchen;
import nabe.swap.Swapper;
import org.jspecify.annotations.Nullable;

/** Brief in, plan out: reads, swaps, preps, builds and bakes. Holds no state; one instance serves everyone. */
public final class Planner {
    private final Catalogue catalogue;
    private final Home home;
    private final Larder larder;
    private final RecipeReader reader;
    private final ProcedureReader procedures = new ProcedureReader();
    private final Swapper swapper;
    private final Prepper prepper;
    private final WaterBudgeter water;

    /** What the catalogue says, loaded once and shared by the planners of every home. */
    private record Catalogue(
            Larder larder,
            Swapper.Tables tables,
            LabelReader labels,
            StoveBook stove,
            SheetWays ways,
            FreeWater free,
            Builder builder,
            BakePlanner bakes) {
        static Catalogue of(Larder larder) {
            Swapper.Tables tables = Swapper.Tables.load(larder);
            SheetWays ways = new SheetWays(larder);
            return new Catalogue(
                    larder,
                    tables,
                    new LabelReader(larder),
                    new StoveBook(larder),
                    ways,
                    new FreeWater(larder, tables.properties()),
                    new Builder(larder, ways, tables.properties()),
                    new BakePlanner(tables.properties()));
        }
    }

    public Planner(Larder larder) {
        this(Catalogue.of(larder), Home.usual());
    }

    private Planner(Catalogue catalogue, Home home) {
        this.catalogue = catalogue;
        this.home = home;
        this.larder = catalogue.larder.with(StandIns.of(home.products(), catalogue.larder, catalogue.labels));
        this.reader = new RecipeReader(larder, new Habits(home.house().spoons(), home.remembered()));
        Swapper.Tables tables = catalogue.tables.withAbsorption(home.thirst());
        this.swapper = new Swapper(larder, tables);
        this.prepper = new Prepper(tables.techniques(), catalogue.stove, catalogue.ways, larder);
        this.water = new WaterBudgeter(catalogue.free.with(tables.properties()), tables.thickeners(), catalogue.ways);
    }

    /**
     * @return the same planner in this kitchen: its people, schools, tools, spoons, packets and remembered wordings
     * @throws IllegalArgumentException when a kept packet stands in for nothing in the larder
     */
    public Planner at(Home other) {
        return new Planner(catalogue, other);
    }

    /** @return packets this house keeps to stand in for ingredients */
    public List<KeptProduct> packets() {
        return home.products();
    }

    /** @param recipe its lines divided over the pots of {@code procedure} */
    public record Understood(Recipe recipe, Procedure procedure) {}

    /** @throws RecipeException when no recipe can be read from the text */
    public Understood read(String text) {
        return understood(reader.read(text), List.of());
    }

    private Understood understood(Recipe recipe, List<Correction> corrections) {
        Procedure procedure =
                Corrections.apply(procedures.read(recipe.lines(), recipe.steps()), recipe.lines(), corrections);
        return new Understood(Division.of(recipe, procedure).bakedAt(OvenSetting.of(procedure)), procedure);
    }

    /** Reads one line by itself, as this house does. */
    public Line readLine(String text, String heading) {
        return reader.readLine(text, heading);
    }

    /**
     * @throws RecipeException when the brief holds no recipe that can be read
     * @throws IllegalArgumentException when a line names an ingredient the larder does not hold
     */
    public Plan plan(Brief brief) {
        House house = home.house().with(brief.schools());
        Needs needs = needs(brief);
        Built built = built(brief, needs, house);
        BakePlan bake = catalogue.bakes.plan(
                built.recipe,
                built.said,
                built.build,
                built.inDish(),
                brief.oven(),
                house.schools(),
                (int) brief.prep().mend("uncover"),
                brief.forecast());
        List<ShoppingItem> toBuy =
                new ShoppingList(needs, Display.of(house)).of(built.conversion.toBuy(), built.build.sheets());
        return new Plan(
                built.recipe,
                built.procedure,
                needs,
                toBuy,
                built.conversion,
                built.prep,
                budgets(built.recipe, built.prep, built.build, bake, built.schools),
                built.build,
                bake,
                Differences.of(built.conversion, built.prep, built.build, bake, built.sheets),
                Cautions.of(
                        built.recipe,
                        needs,
                        house.schools(),
                        built.conversion,
                        built.build.pan(),
                        brief.oven(),
                        bake,
                        larder));
    }

    /**
     * What a dish is, without its bake: quick enough for every save and for a whole shelf.
     *
     * @throws RecipeException when the brief holds no recipe that can be read
     */
    public Outline outline(Brief brief) {
        Built built = upToTheOven(brief);
        return new Outline(built.recipe, built.build);
    }

    Built upToTheOven(Brief brief) {
        return built(brief, needs(brief), home.house().with(brief.schools()));
    }

    /** @param recipe as read, scaled to the servings */
    public record Outline(Recipe recipe, BuildPlan build) {}

    /** A brief worked out up to the oven door. */
    record Built(
            Recipe recipe,
            Procedure procedure,
            Needs needs,
            Conversion conversion,
            Schools schools,
            @Nullable String sheets,
            Said said,
            PrepPlan prep,
            BuildPlan build) {
        List<Ingredient> inDish() {
            return conversion.lines().stream()
                    .map(ConvertedLine::ingredient)
                    .filter(Objects::nonNull)
                    .toList();
        }
    }

    private Needs needs(Brief brief) {
        return brief.needs().and(home.house().needsOf(brief.eaters()));
    }

    private Built built(Brief brief, Needs needs, House house) {
        Understood understood = understand(brief.recipe());
        Recipe asRead = RecipeOfBrief.scaled(understood.recipe, brief.servings());
        double factor = Rescaling.factor(asRead, brief.pan(), brief.build().fit());
        Recipe recipe = RecipeOfBrief.times(asRead, factor, asRead.servings());
        Kitchen kitchen = new Kitchen(needs, house, brief.choices(), brief.made());
        Conversion conversion = swapper.convert(recipe, understood.procedure, kitchen);
        SheetsSettled settled = SheetsSettled.of(conversion, house.schools(), catalogue.ways);
        PrepPlan prep =
                prepper.prepare(recipe, settled.conversion(), settled.schools(), home.packetMinutes(), brief.prep());
        return new Built(
                recipe,
                understood.procedure,
                needs,
                settled.conversion(),
                settled.schools(),
                settled.asWritten(),
                new Said(settled.conversion().procedure(), scale(understood.recipe, asRead)),
                prep,
                catalogue.builder.build(
                        recipe,
                        understood.procedure,
                        prep,
                        brief.pan(),
                        house.with(settled.schools().answers()),
                        brief.build(),
                        factor,
                        scale(understood.recipe, asRead)));
    }

    private static double scale(Recipe read, Recipe scaled) {
        return read.servings() == null || scaled.servings() == null ? 1 : (double) scaled.servings() / read.servings();
    }

    /**
     * Several dishes in one oven, out together.
     *
     * @throws IllegalArgumentException for fewer than two dishes or more than six
     */
    public OvenSharing.Shared share(List<Brief> briefs) {
        return new OvenSharing(catalogue.bakes)
                .share(briefs.stream()
                        .map(brief -> {
                            House house = home.house().with(brief.schools());
                            Needs needs = needs(brief);
                            Built built = built(brief, needs, house);
                            return new OvenSharing.Guest(
                                    built.recipe.title(),
                                    built.recipe,
                                    built.said,
                                    built.build,
                                    built.inDish(),
                                    brief.oven(),
                                    house.schools(),
                                    needs.strict() && !needs.isEmpty());
                        })
                        .toList());
    }

    /**
     * One dish for everybody who eats it, or a small one apart for those with needs.
     *
     * @throws RecipeException when the brief holds no recipe that can be read
     */
    public OneOrApart.Compared oneOrApart(Brief brief) {
        return new OneOrApart(larder, this::upToTheOven, this::labelsToRead).compare(brief, home.house());
    }

    private int labelsToRead(Built built) {
        return (int) new ShoppingList(built.needs, Display.of(home.house()))
                .of(built.conversion.toBuy(), built.build.sheets()).stream()
                        .filter(i -> i.buy() != ShoppingItem.Buy.ANY)
                        .count();
    }

    private Plan.Budgets budgets(Recipe recipe, PrepPlan prep, BuildPlan build, BakePlan bake, Schools schools) {
        List<WetLayer> layers = build.layers().stream()
                .map(l -> new WetLayer(l.name(), l.part(), l.of()))
                .toList();
        boolean dry = build.sheets() != null && build.sheets().way().equals("unboiled");
        WaterBudgeter.Bake oven = new WaterBudgeter.Bake(
                build.pan().openM2(), bake.minutes(false), bake.minutes(true), bake.firstCovered());
        return new Plan.Budgets(
                water.budget(recipe.family(), layers, oven, schools),
                SaltBudget.of(prep),
                water.sauces(recipe.family(), WetLayer.gathered(layers), dry));
    }

    /** The recipe of a brief with what its method was compiled to, the cook's corrections on top of both. */
    public Understood understand(Brief.RecipeBrief brief) {
        return understood(new RecipeOfBrief(reader, larder).read(brief), brief.corrections());
    }
}
