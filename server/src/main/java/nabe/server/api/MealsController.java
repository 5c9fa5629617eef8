package nabe.server.api;

import java.net.URI;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import nabe.meal.MealPlan;
import nabe.meal.MealPlanner;
import nabe.plan.Brief;
import nabe.server.KitchenTable;
import nabe.server.brief.MealRequest;
import nabe.server.formats.MealExport;
import nabe.server.store.DishStore;
import nabe.server.store.MealStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whole meals: kept as briefs, their plans worked out each time. */
@RestController
@RequestMapping("/api/meals")
class MealsController {
    private final KitchenTable table;
    private final DishStore dishes;
    private final MealStore store;
    private final MealPlanner meals;

    MealsController(KitchenTable table, DishStore dishes, MealStore store, MealPlanner meals) {
        this.table = table;
        this.dishes = dishes;
        this.store = store;
        this.meals = meals;
    }

    /** @param version its ETag; {@code canUndo} whether there is an edit to go back to */
    public record MealView(UUID id, int version, boolean canUndo, MealRequest meal, OffsetDateTime changedAt) {
        static MealView of(MealStore.Kept kept) {
            return new MealView(kept.id(), kept.number(), kept.before() != null, kept.meal(), kept.madeAt());
        }
    }

    @PostMapping("/plan")
    MealPlan plan(@RequestBody MealRequest request) {
        return planned(request);
    }

    @GetMapping
    List<MealView> all() {
        return store.all().stream().map(MealView::of).toList();
    }

    @PostMapping
    ResponseEntity<MealView> create(@RequestBody MealRequest request) {
        request.meal(this::shelved);
        MealStore.Kept kept = store.create(request);
        return ResponseEntity.created(URI.create("/api/meals/" + kept.id()))
                .eTag(etag(kept))
                .body(MealView.of(kept));
    }

    @GetMapping("/{id}")
    ResponseEntity<MealView> get(@PathVariable UUID id) {
        return answer(store.get(id));
    }

    @PutMapping("/{id}")
    ResponseEntity<MealView> change(
            @PathVariable UUID id,
            @RequestHeader(value = "If-Match", required = false) @Nullable String seen,
            @RequestBody MealRequest request) {
        if (seen == null) {
            throw new DishesController.MissingVersionException();
        }
        request.meal(this::shelved);
        return answer(store.change(id, Versions.of(seen), request));
    }

    @PostMapping("/{id}/undo")
    ResponseEntity<MealView> undo(
            @PathVariable UUID id, @RequestHeader(value = "If-Match", required = false) @Nullable String seen) {
        return answer(store.undo(id, seen == null ? store.get(id).number() : Versions.of(seen)));
    }

    @GetMapping("/{id}/plan")
    MealPlan plan(@PathVariable UUID id) {
        return planned(store.get(id).meal());
    }

    @GetMapping(value = "/{id}/clock.ics", produces = "text/calendar;charset=UTF-8")
    String clock(@PathVariable UUID id) {
        return MealExport.calendar(id, plan(id));
    }

    @GetMapping(value = "/{id}/shopping.csv", produces = "text/csv;charset=UTF-8")
    String shoppingTable(@PathVariable UUID id) {
        return MealExport.csv(plan(id));
    }

    @GetMapping(value = "/{id}/shopping.md", produces = "text/markdown;charset=UTF-8")
    String shoppingText(@PathVariable UUID id) {
        return MealExport.markdown(plan(id));
    }

    private MealPlan planned(MealRequest request) {
        return meals.plan(request.meal(this::shelved), table.planner());
    }

    private Brief shelved(UUID dish) {
        return dishes.get(dish).revision().brief().brief();
    }

    private static ResponseEntity<MealView> answer(MealStore.Kept kept) {
        return ResponseEntity.ok().eTag(etag(kept)).body(MealView.of(kept));
    }

    private static String etag(MealStore.Kept kept) {
        return "\"" + kept.number() + "\"";
    }
}
