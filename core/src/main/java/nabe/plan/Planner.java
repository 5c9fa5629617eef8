package nabe.plan;

import java.util.List;
import java.util.Objects;
import nabe.bake.BakePlan;
import nabe.bake.BakeRule;
import nabe.build.BuildPlan;
import nabe.build.Builder;
import nabe.house.House;
import nabe.label.LabelReader;
import nabe.label.StandIns;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.prep.PrepPlan;
import nabe.prep.Prepper;
import nabe.recipe.Habits;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.recipe.RecipeReader;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.Display;
import nabe.swap.Kitchen;
import nabe.swap.Swapper;

/** Brief in, plan out: reads, swaps, preps, builds and bakes. Holds no state; one instance serves everyone. */
public final class Planner {
    private final Larder catalogue;
    private final Swapper.Tables tables;
    private final LabelReader labels;
    private final Home home;
    private final Larder larder;
    private final RecipeReader reader;
    private final Swapper swapper;
    private final Prepper prepper;
    private final Builder builder = new Builder();
    private final BakeRule bakeRule = new BakeRule();

    public Planner(Larder larder) {
        this(larder, Swapper.Tables.load(larder), new LabelReader(larder), Home.usual());
    }

    private Planner(Larder catalogue, Swapper.Tables tables, LabelReader labels, Home home) {
        this.catalogue = catalogue;
        this.tables = tables;
        this.labels = labels;
        this.home = home;
        this.larder = catalogue.with(StandIns.of(home.products(), catalogue, labels));
        this.reader = new RecipeReader(larder, new Habits(home.house().spoons(), home.remembered()));
        this.swapper = new Swapper(larder, tables.withAbsorption(home.thirst()));
        this.prepper = new Prepper(tables.yields());
    }

    /**
     * @return the same planner in this kitchen: its people, schools, tools, spoons, packets and remembered wordings
     * @throws IllegalArgumentException when a kept packet stands in for nothing in the larder
     */
    public Planner at(Home other) {
        return new Planner(catalogue, tables, labels, other);
    }

    /** @throws RecipeException when no recipe can be read from the text */
    public Recipe read(String text) {
        return reader.read(text);
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
        Recipe recipe = scaled(recipe(brief.recipe()), brief.servings());
        Needs needs = brief.needs().and(home.house().needsOf(brief.eaters()));
        House house = home.house().with(brief.schools());
        Conversion conversion = swapper.convert(recipe, new Kitchen(needs, house, brief.choices(), brief.made()));
        PrepPlan prep = prepper.prepare(conversion, house.schools(), home.packetMinutes());
        BuildPlan build = builder.build(recipe, prep, brief.pan(), house.schools());
        List<Ingredient> inDish = conversion.lines().stream().map(ConvertedLine::ingredient).filter(Objects::nonNull).toList();
        BakePlan bake = bakeRule.plan(recipe, build, inDish, brief.oven(), house.schools());
        List<ShoppingItem> toBuy = new ShoppingList(needs, Display.of(house)).of(conversion.toBuy());
        return new Plan(recipe, needs, toBuy, conversion, prep, build, bake,
                Cautions.of(recipe, needs, house.schools(), conversion, build.pan(), brief.oven(), bake));
    }

    /** The recipe of a brief: its lines read again, with the cook's corrections on top. */
    public Recipe recipe(Brief.RecipeBrief brief) {
        if (brief.lines().isEmpty()) {
            Recipe read = reader.read(brief.text());
            return brief.family() == null ? read : reader.assemble(read.title(), read.servings(), read.lines(), read.steps(),
                    read.pan(), brief.family());
        }
        List<Line> lines = brief.lines().stream().map(l -> corrected(reader.readLine(l.text(), l.heading()), l)).toList();
        if (lines.stream().noneMatch(l -> l.ingredient() != null)) {
            throw new RecipeException("None of these lines names an ingredient Nabe knows. Say for one of them which it is.");
        }
        String title = brief.title() == null || brief.title().isBlank() ? "Untitled recipe" : brief.title();
        Recipe recipe = reader.assemble(title, brief.servings(), lines, brief.steps(),
                reader.pan(String.join("\n", brief.steps()) + "\n" + Objects.requireNonNullElse(brief.text(), "")), brief.family());
        return withParts(recipe, brief.lines());
    }

    private Line corrected(Line line, Brief.LineBrief brief) {
        boolean same = brief.ingredient() == null || line.ingredient() != null && line.ingredient().id().equals(brief.ingredient());
        return same ? line : reader.readLineAs(line, larder.get(brief.ingredient()));
    }

    private static Recipe withParts(Recipe recipe, List<Brief.LineBrief> briefs) {
        List<Line> lines = new java.util.ArrayList<>();
        for (int i = 0; i < briefs.size(); i++) {
            Line line = recipe.lines().get(i);
            lines.add(briefs.get(i).part() == null || briefs.get(i).part() == line.part() ? line : line.withPart(briefs.get(i).part()));
        }
        return new Recipe(recipe.title(), recipe.servings(), List.copyOf(lines), recipe.steps(), recipe.oven(), recipe.pan(), recipe.family(), recipe.asides());
    }

    private static Recipe scaled(Recipe recipe, Integer servings) {
        if (servings == null || recipe.servings() == null || servings.equals(recipe.servings())) {
            return recipe;
        }
        double factor = (double) servings / recipe.servings();
        return new Recipe(recipe.title(), servings, recipe.lines().stream().map(l -> l.times(factor)).toList(),
                recipe.steps(), recipe.oven(), recipe.pan(), recipe.family(), recipe.asides());
    }
}
