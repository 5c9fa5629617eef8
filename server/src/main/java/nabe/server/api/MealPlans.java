package nabe.server.api;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nabe.meal.Meal;
import nabe.meal.MealPlan;
import nabe.meal.MealPlanner;
import nabe.server.KitchenTable;
import nabe.server.brief.MealRequest;
import nabe.server.brief.MealRequest.Shelved;
import nabe.server.store.DishStore;
import nabe.server.store.HomeStore;
import nabe.server.store.MealPlanStore;
import nabe.server.store.MealPlanStore.KeptPlan;
import nabe.server.store.MealStore;
import nabe.server.store.Revision;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Makes the plans of meals, and makes none twice: one that was proven and hangs on the wall is the same one after a restart.
 * A meal under way goes on from the plan it had.
 */
@Component
class MealPlans {
    private static final int REMEMBERED = 30;
    private final KitchenTable table;
    private final DishStore dishes;
    private final HomeStore home;
    private final MealPlanStore store;
    private final MealPlanner meals;
    private final JsonMapper json;
    private final Cache<String, MealPlan> made =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    MealPlans(
            KitchenTable table,
            DishStore dishes,
            HomeStore home,
            MealPlanStore store,
            MealPlanner meals,
            JsonMapper json) {
        this.table = table;
        this.dishes = dishes;
        this.home = home;
        this.store = store;
        this.meals = meals;
        this.json = json;
    }

    /** @return the meal, with its dishes from the shelf; also the way to find out whether it makes sense */
    Meal meal(MealRequest request) {
        return request.meal(this::shelved);
    }

    private Shelved shelved(UUID dish) {
        var kept = dishes.get(dish);
        return new Shelved(kept.revision().title(), kept.revision().brief().brief());
    }

    /** @param first whether the first good plan will do, where the best is not known yet */
    MealPlan plan(MealRequest request, boolean first) {
        Meal meal = meal(request);
        String asked = digest(request);
        MealPlan known = made.getIfPresent(asked);
        if (known != null) {
            return known;
        }
        boolean underWay = !meal.done().isEmpty() || meal.now() != null;
        if (underWay && meal.order() == null) {
            MealPlan before = plan(request.asPlanned(), false);
            return remembered(asked, meals.again(meal, table.planner(), before));
        }
        return made(asked, meal, first);
    }

    /** The plan of a meal that is kept. */
    MealPlan plan(MealStore.Kept kept, boolean first) {
        String asked = digest(kept.meal());
        Optional<KeptPlan> last = store.plan(kept.id());
        if (last.isPresent() && last.get().asked().equals(asked)) {
            return last.get().plan();
        }
        Meal meal = meal(kept.meal());
        boolean underWay = !meal.done().isEmpty() || meal.now() != null;
        MealPlan plan = underWay && last.isPresent() && meal.order() == null
                ? meals.again(meal, table.planner(), last.get().plan())
                : plan(kept.meal(), first);
        if (!first || plan.status().proven()) {
            store.keep(kept.id(), new KeptPlan(asked, plan));
        }
        return plan;
    }

    private MealPlan made(String asked, Meal meal, boolean first) {
        return first ? meals.first(meal, table.planner()) : remembered(asked, meals.plan(meal, table.planner()));
    }

    private MealPlan remembered(String asked, MealPlan plan) {
        made.put(asked, plan);
        return plan;
    }

    /** Everything a plan is made of: the meal, its dishes as they stand, and the house. */
    private String digest(MealRequest request) {
        List<Object> all = new ArrayList<>(List.of(request.plain(), home.house(), home.products(), home.wordings()));
        if (request.dishes() != null) {
            request.dishes().stream()
                    .filter(d -> d != null && d.dish() != null)
                    .map(d -> dishes.get(d.dish()).revision())
                    .map(Revision::brief)
                    .forEach(all::add);
        }
        byte[] text = json.writeValueAsString(all).getBytes(StandardCharsets.UTF_8);
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
