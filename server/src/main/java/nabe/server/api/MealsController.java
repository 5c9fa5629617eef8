package nabe.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.net.URI;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import nabe.meal.Gear;
import nabe.meal.MealPlan;
import nabe.meal.MealPlanner;
import nabe.server.brief.MealRequest;
import nabe.server.formats.MealExport;
import nabe.server.store.MealPlanStore;
import nabe.server.store.MealStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Whole meals: kept as briefs, their plans worked out each time. */
@RestController
@RequestMapping("/api/meals")
class MealsController {
    private final MealStore store;
    private final MealPlans plans;
    private final MealPlanStore kept;
    private final MealPlanner meals;

    MealsController(MealStore store, MealPlans plans, MealPlanStore kept, MealPlanner meals) {
        this.store = store;
        this.plans = plans;
        this.kept = kept;
        this.meals = meals;
    }

    /** @param version its ETag; {@code canUndo} whether there is an edit to go back to */
    public record MealView(UUID id, int version, boolean canUndo, MealRequest meal, OffsetDateTime changedAt) {
        static MealView of(MealStore.Kept kept) {
            return new MealView(kept.id(), kept.number(), kept.before() != null, kept.meal(), kept.madeAt());
        }
    }

    /** @param ticked or taken back */
    public record TickRequest(
            @NotNull(message = "server.what-was-bought-is-missing")
            String item,

            boolean ticked) {}

    /** @param first whether the first good plan will do while the best is looked for */
    @PostMapping("/plan")
    MealPlan plan(@Valid @RequestBody MealRequest request, @RequestParam(defaultValue = "false") boolean first) {
        return plans.plan(request, first);
    }

    /** Kinds of tools a kitchen may have, and what they may be made of. */
    @GetMapping("/gear")
    Gear.GearChoices gear() {
        return meals.gear();
    }

    @GetMapping
    List<MealView> all() {
        return store.all().stream().map(MealView::of).toList();
    }

    @PostMapping
    ResponseEntity<MealView> create(@Valid @RequestBody MealRequest request) {
        plans.meal(request);
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
            @Valid @RequestBody MealRequest request) {
        if (seen == null) {
            throw new DishesController.MissingVersionException();
        }
        plans.meal(request);
        return answer(store.change(id, Versions.of(seen), request));
    }

    /** Off the table; it can be put back. */
    @DeleteMapping("/{id}")
    ResponseEntity<Void> putAway(@PathVariable UUID id) {
        store.putAway(id);
        return ResponseEntity.noContent().build();
    }

    @PostMapping("/{id}/back")
    ResponseEntity<MealView> putBack(@PathVariable UUID id) {
        return answer(store.putBack(id));
    }

    @PostMapping("/{id}/undo")
    ResponseEntity<MealView> undo(
            @PathVariable UUID id, @RequestHeader(value = "If-Match", required = false) @Nullable String seen) {
        return answer(store.undo(id, seen == null ? store.get(id).number() : Versions.of(seen)));
    }

    @GetMapping("/{id}/plan")
    MealPlan plan(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean first) {
        return plans.plan(store.get(id), first);
    }

    @GetMapping("/{id}/ticks")
    List<String> ticks(@PathVariable UUID id) {
        return kept.ticks(store.get(id).id());
    }

    @PutMapping("/{id}/ticks")
    List<String> tick(@PathVariable UUID id, @Valid @RequestBody TickRequest tick) {
        kept.tick(store.get(id).id(), tick.item() == null ? "" : tick.item(), tick.ticked());
        return kept.ticks(id);
    }

    @GetMapping(value = "/{id}/clock.ics", produces = "text/calendar;charset=UTF-8")
    String clock(@PathVariable UUID id) {
        return MealExport.calendar(id, plan(id, false));
    }

    @GetMapping(value = "/{id}/shopping.csv", produces = "text/csv;charset=UTF-8")
    String shoppingTable(@PathVariable UUID id) {
        return MealExport.csv(plan(id, false));
    }

    @GetMapping(value = "/{id}/shopping.md", produces = "text/markdown;charset=UTF-8")
    String shoppingText(@PathVariable UUID id) {
        return MealExport.markdown(plan(id, false));
    }

    private static ResponseEntity<MealView> answer(MealStore.Kept kept) {
        return ResponseEntity.ok().eTag(etag(kept)).body(MealView.of(kept));
    }

    private static String etag(MealStore.Kept kept) {
        return "\"" + kept.number() + "\"";
    }
}
