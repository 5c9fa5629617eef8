package nabe.meal;

import nabe.larder.Larder;
import nabe.plan.Planner;
import org.jspecify.annotations.Nullable;

/** Plans a whole meal from what the cook decided. The one way into this package. */
public final class MealPlanner {
    private final Larder larder;
    private final Gear gear = new Gear();

    public MealPlanner(Larder larder) {
        this.larder = larder;
    }

    /**
     * @param planner of this house
     * @return the best plan found in the time there is
     * @throws IllegalArgumentException in a cook's words for an order that cannot be, a task nobody knows, or a meal no
     *     kitchen can cook
     */
    public MealPlan plan(Meal meal, Planner planner) {
        return new MealWork(meal, planner, larder, gear, null, false).plan();
    }

    /** The same soon: the first good plan, keeping apart and all, not yet the best. */
    public MealPlan first(Meal meal, Planner planner) {
        return new MealWork(meal, planner, larder, gear, null, true).plan();
    }

    /** Goes on from a plan after something was done, late, dropped or added: what is done stands, little else moves. */
    public MealPlan again(Meal meal, Planner planner, MealPlan before) {
        return new MealWork(meal, planner, larder, gear, before, false).plan();
    }

    /** @return kinds of tools and what they are usually made of, for a cook to say what there is */
    public Gear.GearChoices gear() {
        return gear.choices();
    }

    static boolean goesOn(Meal meal, @Nullable MealPlan before) {
        return before != null && meal.order() == null;
    }
}
