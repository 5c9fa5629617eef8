package nabe.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nabe.bake.BakePlan;
import nabe.bake.OvenChoice;
import nabe.bake.OvenSharing;
import nabe.build.BuildPlan;
import nabe.label.KeptProduct;
import nabe.label.StandIns;
import nabe.larder.Larder;
import nabe.reading.Corrections;
import nabe.reading.Division;
import nabe.reading.text.Habits;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Correction;
import nabe.recipe.Line;
import nabe.recipe.OvenSetting;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.swap.Display;
import org.jspecify.annotations.Nullable;

/** Brief in, plan out: reads, swaps, preps, builds and bakes. Keeps nothing but what it read last; one instance serves everyone. */
public final class Planner {
    private final Catalogue catalogue;
    private final Home home;
    private final Larder larder;
    private final RecipeReader reader;
    private final MethodsRead methods;
    private final Making making;

    public Planner(Larder larder) {
        this(Catalogue.of(larder), Home.usual(), new MethodsRead());
    }

    private Planner(Catalogue catalogue, Home home, MethodsRead methods) {
        this.methods = methods;
        this.catalogue = catalogue;
        this.home = home;
        this.larder = catalogue.larder().with(StandIns.of(home.products(), catalogue.larder(), catalogue.labels()));
        this.reader = new RecipeReader(larder, new Habits(home.house().spoons(), home.remembered()));
        this.making = new Making(catalogue, home, larder);
    }

    /**
     * @return the same planner in this kitchen: its people, schools, tools, spoons, packets and remembered wordings
     * @throws IllegalArgumentException when a kept packet stands in for nothing in the larder
     */
    public Planner at(Home other) {
        return new Planner(catalogue, other, methods);
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
                Corrections.apply(methods.of(recipe.lines(), recipe.steps()), recipe.lines(), corrections);
        return new Understood(Division.of(recipe, procedure).bakedAt(OvenSetting.of(procedure)), procedure);
    }

    /** Reads one line by itself, as this house does. */
    public Line readLine(String text, @Nullable String heading) {
        return reader.readLine(text, heading);
    }

    /**
     * @throws RecipeException when the brief holds no recipe that can be read
     * @throws IllegalArgumentException when a line names an ingredient the larder does not hold
     */
    public Plan plan(Brief brief) {
        Making.Converted dish = converted(brief);
        Making.Built built = making.built(dish, brief.prep());
        BakePlan bake = making.baked(dish, built, brief.prep(), brief.forecast());
        return new Plan(
                built.recipe(),
                built.procedure(),
                dish.needs(),
                new ShoppingList(dish.needs(), Display.of(dish.house()))
                        .of(built.conversion().toBuy(), built.build().sheets()),
                built.conversion(),
                built.prep(),
                making.budgets(dish, built, bake),
                built.build(),
                bake,
                Differences.of(built, bake),
                Cautions.of(
                        built.recipe(),
                        dish.needs(),
                        dish.house().schools(),
                        built.conversion(),
                        built.build().pan(),
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
        Making.Built built = making.weighed(converted(brief), brief.prep());
        return new Outline(built.recipe(), built.build());
    }

    Making.Built upToTheOven(Brief brief) {
        return making.built(converted(brief), brief.prep());
    }

    private Making.Converted converted(Brief brief) {
        return making.converted(brief, understand(brief.recipe()));
    }

    /** @param recipe as read, scaled to the servings */
    public record Outline(Recipe recipe, BuildPlan build) {}

    /**
     * Bakes of several briefs; those that differ only in the oven are read, converted and built once.
     *
     * @return one for each brief, in order
     */
    public List<WhatIf> whatIf(List<Brief> briefs) {
        Map<Brief, Making.Stood> known = new HashMap<>();
        return briefs.stream()
                .map(brief -> making.whatIf(
                        known.computeIfAbsent(brief.in(OvenChoice.usual()), b -> making.stood(converted(b))),
                        brief.oven()))
                .toList();
    }

    /**
     * Several dishes in one oven, out together.
     *
     * @throws IllegalArgumentException for fewer than two dishes or more than six
     */
    public OvenSharing.Shared share(List<Brief> briefs) {
        return new OvenSharing(catalogue.bakes())
                .share(briefs.stream().map(this::guest).toList());
    }

    private OvenSharing.Guest guest(Brief brief) {
        Making.Converted dish = converted(brief);
        Making.Built built = making.built(dish, brief.prep());
        return new OvenSharing.Guest(
                built.recipe().title(),
                built.toBake(dish, brief.oven(), 0),
                dish.needs().strict() && !dish.needs().isEmpty());
    }

    /**
     * One dish for everybody who eats it, or a small one apart for those with needs.
     *
     * @throws RecipeException when the brief holds no recipe that can be read
     */
    public OneOrApart.Compared oneOrApart(Brief brief) {
        return new OneOrApart(larder, this::upToTheOven, this::labelsToRead).compare(brief, home.house());
    }

    private int labelsToRead(Making.Built built) {
        return (int) new ShoppingList(built.needs(), Display.of(home.house()))
                .of(built.conversion().toBuy(), built.build().sheets()).stream()
                        .filter(i -> i.buy() != ShoppingItem.Buy.ANY)
                        .count();
    }

    /** The recipe of a brief with what its method was compiled to, the cook's corrections on top of both. */
    public Understood understand(Brief.RecipeBrief brief) {
        return understood(new RecipeOfBrief(reader, larder).read(brief), brief.corrections());
    }
}
