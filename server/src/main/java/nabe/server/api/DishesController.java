package nabe.server.api;

import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import nabe.plan.Planner;
import nabe.recipe.Recipe;
import nabe.server.KitchenTable;
import nabe.server.brief.BriefRequest;
import nabe.server.formats.RecipeExport;
import nabe.server.store.Dish;
import nabe.server.store.DishStore;
import nabe.words.Messages;
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
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Dishes kept as briefs with their history. Writes name the version they were made on (If-Match). */
@RestController
@RequestMapping("/api/dishes")
class DishesController {
    private final DishStore store;
    private final KitchenTable table;
    private final Corrections corrections;
    private final ShelfCards cards;
    private final JsonMapper json;

    DishesController(DishStore store, KitchenTable table, Corrections corrections, ShelfCards cards, JsonMapper json) {
        this.cards = cards;
        this.json = json;
        this.store = store;
        this.table = table;
        this.corrections = corrections;
    }

    @GetMapping
    List<DishView> all() {
        return store.all().stream().map(DishView::of).toList();
    }

    @PostMapping
    ResponseEntity<DishView> create(@Valid @RequestBody BriefRequest brief) {
        Planner house = table.planner();
        Planner.Outline outline = house.outline(brief.brief());
        Dish dish = store.create(brief, title(brief, outline), Messages.say("server.read-the-recipe"));
        cards.keep(dish, house, outline);
        return ResponseEntity.created(URI.create("/api/dishes/" + dish.id()))
                .eTag(etag(dish))
                .body(DishView.of(dish));
    }

    @GetMapping("/{id}")
    ResponseEntity<DishView> get(@PathVariable UUID id) {
        return answer(store.get(id));
    }

    @PutMapping("/{id}")
    ResponseEntity<DishView> change(
            @PathVariable UUID id,
            @RequestHeader(value = "If-Match", required = false) @Nullable String seen,
            @Valid @RequestBody BriefRequest brief) {
        Planner house = table.planner();
        Planner.Outline outline = house.outline(brief.brief());
        String change = ChangeWords.between(store.get(id).revision().brief(), brief);
        Dish changed = store.change(id, version(seen), brief, title(brief, outline), change);
        cards.keep(changed, house, outline);
        corrections.learn(brief);
        return answer(changed);
    }

    /** Off the shelf; it can be put back. */
    @DeleteMapping("/{id}")
    ResponseEntity<Void> putAway(@PathVariable UUID id) {
        store.putAway(id);
        return ResponseEntity.noContent().build();
    }

    @PostMapping("/{id}/back")
    ResponseEntity<DishView> putBack(@PathVariable UUID id) {
        return answer(store.putBack(id));
    }

    @PostMapping("/{id}/undo")
    ResponseEntity<DishView> undo(
            @PathVariable UUID id, @RequestHeader(value = "If-Match", required = false) @Nullable String seen) {
        return answer(store.undo(id, versionOrNow(id, seen)));
    }

    @PostMapping("/{id}/redo")
    ResponseEntity<DishView> redo(
            @PathVariable UUID id, @RequestHeader(value = "If-Match", required = false) @Nullable String seen) {
        return answer(store.redo(id, versionOrNow(id, seen)));
    }

    @GetMapping("/{id}/plan")
    PlanView plan(@PathVariable UUID id) {
        return PlanView.of(table.planner().plan(store.get(id).revision().brief().brief()));
    }

    @GetMapping(value = "/{id}/recipe.jsonld", produces = "application/ld+json")
    String jsonLd(@PathVariable UUID id) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(RecipeExport.jsonLd(recipe(id)));
    }

    @GetMapping(value = "/{id}/recipe.md", produces = "text/markdown;charset=UTF-8")
    String markdown(@PathVariable UUID id) {
        return RecipeExport.markdown(recipe(id));
    }

    private Recipe recipe(UUID id) {
        return table.planner()
                .understand(store.get(id).revision().brief().brief().recipe())
                .recipe();
    }

    @GetMapping("/{id}/revisions")
    List<DishView.RevisionView> revisions(@PathVariable UUID id) {
        return store.history(id).stream().map(DishView.RevisionView::of).toList();
    }

    /** A brief that cannot be worked out up to the oven is not kept: the cook hears why before anything is stored. */
    private static String title(BriefRequest brief, Planner.Outline outline) {
        return brief.title() == null || brief.title().isBlank()
                ? outline.recipe().title()
                : brief.title();
    }

    private static ResponseEntity<DishView> answer(Dish dish) {
        return ResponseEntity.ok().eTag(etag(dish)).body(DishView.of(dish));
    }

    private static String etag(Dish dish) {
        return "\"" + dish.revision().number() + "\"";
    }

    private int versionOrNow(UUID id, @Nullable String seen) {
        return seen == null ? store.get(id).revision().number() : version(seen);
    }

    private static int version(@Nullable String seen) {
        if (seen == null) {
            throw new MissingVersionException();
        }
        return Versions.of(seen);
    }

    /** A change that does not say which version it was made on. */
    static final class MissingVersionException extends RuntimeException {
        MissingVersionException() {
            super(Messages.say("server.say-which-version-of-the-dish"));
        }
    }
}
