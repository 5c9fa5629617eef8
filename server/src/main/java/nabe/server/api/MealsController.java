package nabe.server.api;

import java.util.UUID;
import nabe.meal.MealPlan;
import nabe.meal.MealPlanner;
import nabe.plan.Brief;
import nabe.server.KitchenTable;
import nabe.server.brief.MealRequest;
import nabe.server.store.DishStore;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans whole meals. Stores nothing. */
@RestController
@RequestMapping("/api/meals")
class MealsController {
    private final KitchenTable table;
    private final DishStore store;
    private final MealPlanner meals;

    MealsController(KitchenTable table, DishStore store, MealPlanner meals) {
        this.table = table;
        this.store = store;
        this.meals = meals;
    }

    @PostMapping("/plan")
    MealPlan plan(@RequestBody MealRequest request) {
        return meals.plan(request.meal(this::shelved), table.planner());
    }

    private Brief shelved(UUID dish) {
        return store.get(dish).revision().brief().brief();
    }
}
