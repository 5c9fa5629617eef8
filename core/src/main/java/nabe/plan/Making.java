package nabe.plan;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import nabe.bake.BakePlan;
import nabe.bake.BakePlanner;
import nabe.bake.OvenChoice;
import nabe.bake.Said;
import nabe.bake.ToBake;
import nabe.budgets.SaltBudget;
import nabe.budgets.WaterBudget;
import nabe.budgets.WaterBudgeter;
import nabe.budgets.WaterMends;
import nabe.budgets.WetLayer;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.build.Rescaling;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.prep.PrepChoice;
import nabe.prep.PrepPlan;
import nabe.prep.Prepper;
import nabe.prep.ReadyLine;
import nabe.prep.SettlingSheets;
import nabe.prep.SheetsSettled;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.Kitchen;
import nabe.swap.PlannedProcedure;
import nabe.swap.Swapper;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** One dish after the other from its recipe to the table: converted, prepared, built, baked, and what comes of its water and salt. */
final class Making {
    private static final double USUAL_STEAM = Figures.of("budgets.water-usual-steam");

    private final Catalogue catalogue;
    private final Home home;
    private final Swapper swapper;
    private final Prepper prepper;
    private final WaterBudgeter water;

    Making(Catalogue catalogue, Home home, Larder larder) {
        this.catalogue = catalogue;
        this.home = home;
        Swapper.Tables tables = catalogue.tables().withAbsorption(home.thirst());
        this.swapper = new Swapper(larder, tables);
        this.prepper = new Prepper(tables.techniques(), catalogue.stove(), catalogue.ways(), larder);
        this.water =
                new WaterBudgeter(catalogue.free().with(tables.properties()), tables.thickeners(), catalogue.ways());
    }

    /** A brief with its swaps, before anything is prepared. */
    record Converted(
            Brief brief,
            House house,
            Needs needs,
            Recipe recipe,
            Procedure procedure,
            SheetsSettled settled,
            double factor,
            double scale) {
        Converted with(SheetsSettled other) {
            return new Converted(brief, house, needs, recipe, procedure, other, factor, scale);
        }
    }

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
        ToBake toBake(Converted dish, OvenChoice oven, int uncoverSooner) {
            return new ToBake(recipe, said, build, inDish(), oven, dish.house.schools(), uncoverSooner);
        }

        private List<Ingredient> inDish() {
            return conversion.lines().stream()
                    .map(ConvertedLine::ingredient)
                    .filter(Objects::nonNull)
                    .toList();
        }

        private List<WetLayer> wet() {
            return build.layers().stream()
                    .map(l -> {
                        String pot = mainPot(l);
                        return new WetLayer(pot, l.name(), l.part(), l.of(), isBinder(pot));
                    })
                    .toList();
        }

        private boolean isBinder(@Nullable String pot) {
            return conversion.procedure().components().stream()
                    .anyMatch(p -> p.id().equals(pot) && p.kind() == Procedure.Kind.BINDER);
        }

        private static @Nullable String mainPot(Layer layer) {
            return layer.of().stream()
                    .max(Comparator.comparingDouble(ReadyLine::readyGrams))
                    .map(l -> l.line().component())
                    .orElse(null);
        }
    }

    Converted converted(Brief brief, Planner.Understood understood) {
        House house = home.house().with(brief.schools());
        Needs needs = brief.needs().and(home.house().needsOf(brief.eaters()));
        Recipe asRead = RecipeOfBrief.scaled(understood.recipe(), brief.servings());
        double factor = Rescaling.factor(asRead, brief.pan(), brief.build().fit());
        Recipe recipe = RecipeOfBrief.times(asRead, factor, asRead.servings());
        Conversion conversion = swapper.convert(
                recipe, understood.procedure(), new Kitchen(needs, house, brief.choices(), brief.made()));
        SettlingSheets sheets = new SettlingSheets(catalogue.ways(), house.schools(), home.packetMinutes());
        Converted dish = new Converted(
                brief,
                house,
                needs,
                recipe,
                understood.procedure(),
                sheets.settled(conversion),
                factor,
                scale(understood.recipe(), asRead));
        return dish.settled.wantsSauce() && isTooDry(dish) ? dish.with(sheets.boiled(conversion)) : dish;
    }

    /** Before anything is known of the bake, which dries it by about so much. */
    private boolean isTooDry(Converted dish) {
        Built built = weighed(dish, PrepChoice.none());
        return water(built, Collections.nCopies(built.build.layers().size(), USUAL_STEAM))
                .fallsShort();
    }

    private static double scale(Recipe read, Recipe scaled) {
        return read.servings() == null || scaled.servings() == null ? 1 : (double) scaled.servings() / read.servings();
    }

    Built built(Converted dish, PrepChoice choice) {
        return built(dish, prepper.prepare(asked(dish, choice)));
    }

    /** The same without the steps of its prep. */
    Built weighed(Converted dish, PrepChoice choice) {
        return built(dish, prepper.weighed(asked(dish, choice)));
    }

    private Prepper.Asked asked(Converted dish, PrepChoice choice) {
        SheetsSettled settled = dish.settled;
        return new Prepper.Asked(dish.recipe, settled.conversion(), settled.schools(), home.packetMinutes(), choice);
    }

    private Built built(Converted dish, PrepPlan prep) {
        SheetsSettled settled = dish.settled;
        BuildPlan build = catalogue
                .builder()
                .build(
                        dish.recipe,
                        dish.procedure.laying(settled.conversion().procedure().layers()),
                        prep,
                        dish.brief.pan(),
                        dish.house.with(settled.schools().answers()),
                        dish.brief.build(),
                        dish.factor,
                        dish.scale);
        return new Built(
                dish.recipe,
                dish.procedure,
                dish.needs,
                settled.conversion(),
                settled.schools(),
                settled.asWritten(),
                new Said(settled.conversion().procedure(), dish.scale),
                prep,
                build);
    }

    /** @throws RecipeException when nothing of the recipe can be weighed into a dish */
    BakePlan baked(Converted dish, Built built, PrepChoice choice, boolean forecast) {
        if (built.build.layers().isEmpty()) {
            throw new RecipeException(Messages.say("plan.nothing-of-this-recipe-can-be"));
        }
        return catalogue.bakes().plan(built.toBake(dish, dish.brief.oven(), choice.uncoverSooner()), forecast);
    }

    /** A dish before the oven, with what it came from. */
    record Stood(Converted dish, Built built) {}

    Stood stood(Converted dish) {
        return new Stood(dish, weighed(dish, dish.brief.prep()));
    }

    /** Of the bake no more than how long. */
    WhatIf whatIf(Stood stood, OvenChoice oven) {
        Built built = stood.built;
        Converted dish = stood.dish;
        BakePlanner.Lasting lasts = catalogue
                .bakes()
                .lasting(built.toBake(dish, oven, dish.brief.prep().uncoverSooner()));
        return new WhatIf(lasts.ovenMinutes(), lasts.coreMinutes(), built.build.overflow() != null);
    }

    Plan.Budgets budgets(Converted dish, Built built, BakePlan bake) {
        boolean dry = built.build.sheets() != null && built.build.sheets().way().equals("unboiled");
        WaterBudget found = WaterMends.offer(
                water(built, bake.steamedOff()), built.wet(), dish.brief.prep(), new Trying(dish, bake));
        return new Plan.Budgets(
                found, SaltBudget.of(built.prep), water.sauces(built.recipe, WetLayer.gathered(built.wet()), dry));
    }

    private WaterBudget water(Built built, List<Double> steamedOff) {
        return water.budget(built.recipe.family(), built.wet(), steamedOff, built.schools);
    }

    /** The same dish with other mends. */
    private final class Trying implements WaterMends.Trial {
        private final Converted dish;
        private final BakePlan bake;

        Trying(Converted dish, BakePlan bake) {
            this.dish = dish;
            this.bake = bake;
        }

        @Override
        public WaterBudget prepared(PrepChoice choice) {
            Built built = weighed(dish, choice);
            return built.build.layers().size() == bake.steamedOff().size()
                    ? water(built, bake.steamedOff())
                    : baked(choice);
        }

        @Override
        public WaterBudget baked(PrepChoice choice) {
            Built built = weighed(dish, choice);
            return water(
                    built, catalogue.bakes().steamedOff(built.toBake(dish, dish.brief.oven(), choice.uncoverSooner())));
        }

        @Override
        public String called(String pot) {
            return dish.settled.conversion().procedure().components().stream()
                    .filter(p -> p.id().equals(pot))
                    .map(PlannedProcedure.Pot::name)
                    .findFirst()
                    .orElse("filling");
        }

        @Override
        public int coveredMinutes() {
            return bake.firstCovered();
        }
    }
}
