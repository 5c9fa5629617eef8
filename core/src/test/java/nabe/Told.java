package nabe;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Larder;
import nabe.meal.Meal;
import nabe.meal.MealPlan;
import nabe.meal.MealPlanner;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import tools.jackson.databind.ObjectMapper;

/** What Nabe tells of several dishes and of a meal, as JSON, in the language that this virtual machine was started with. */
final class Told {
    private static final List<Set<Need>> NEEDS =
            List.of(Set.of(), Set.of(Need.GLUTEN_FREE), Set.of(Need.VEGAN, Need.GLUTEN_FREE, Need.NUT_FREE));
    private static final LocalDateTime SERVE = LocalDateTime.of(2026, 11, 27, 19, 30);

    private Told() {}

    /** @param arguments where to write, and every how many-th recipe */
    public static void main(String[] arguments) throws IOException {
        Planner planner = new Planner(Larder.load());
        List<Object> plans = new ArrayList<>();
        for (String recipe : some(Integer.parseInt(arguments[1]))) {
            NEEDS.forEach(needs -> plans.add(planner.plan(brief(recipe, needs))));
        }
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("plans", plans);
        told.put("meal", meal(planner));
        Files.writeString(Path.of(arguments[0]), new ObjectMapper().writeValueAsString(told));
    }

    static List<String> some(int each) {
        List<String> all = Recipes.all();
        List<String> some = new ArrayList<>();
        for (int i = 0; i < all.size(); i += each) {
            some.add(all.get(i));
        }
        return some;
    }

    private static Brief brief(String recipe, Set<Need> needs) {
        return Brief.of(Brief.RecipeBrief.ofText(recipe), new Needs(needs, Set.of(), false));
    }

    private static MealPlan meal(Planner planner) {
        Meal.Kitchen kitchen = new Meal.Kitchen(
                1,
                2,
                List.of(new Meal.Oven(2, false)),
                List.of(),
                List.of(
                        new Meal.Sitting(
                                SERVE.minusDays(1).minusHours(2),
                                SERVE.minusDays(1).plusHours(2)),
                        new Meal.Sitting(SERVE.minusHours(6), SERVE)));
        List<Meal.Eater> eaters = List.of(
                new Meal.Eater("Una", new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true)),
                new Meal.Eater("Bo", Needs.none()));
        List<Meal.Course> courses = List.of(
                Meal.Course.of(brief(Recipes.LASAGNA, Set.of(Need.GLUTEN_FREE)), null),
                Meal.Course.of(brief(Recipes.POT_PIE, Set.of()), null));
        Meal meal = new Meal("Supper", SERVE, eaters, courses, kitchen, List.of(), null, null);
        return new MealPlanner(Larder.load()).plan(meal, planner);
    }
}
