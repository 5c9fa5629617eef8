package nabe.server.api;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import nabe.plan.Planner;
import nabe.server.KitchenTable;
import nabe.server.store.Dish;
import nabe.server.store.DishStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole shelf in one answer: every dish with its cut, none with its bake. */
@RestController
class ShelfController {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfController.class);
    private final DishStore store;
    private final KitchenTable table;
    private final Map<UUID, Drawn> drawn = new ConcurrentHashMap<>();

    /** What was drawn for a version of a dish in a house; another of either is drawn anew. */
    private record Drawn(int version, Planner house, ShelfView view) {}

    ShelfController(DishStore store, KitchenTable table) {
        this.store = store;
        this.table = table;
    }

    @GetMapping("/api/shelf")
    List<ShelfView> shelf() {
        Planner house = table.planner();
        List<Dish> dishes = store.all();
        drawn.keySet().retainAll(dishes.stream().map(Dish::id).toList());
        return dishes.parallelStream().map(dish -> view(dish, house)).toList();
    }

    private ShelfView view(Dish dish, Planner house) {
        Drawn known = drawn.get(dish.id());
        if (known != null && known.version == dish.revision().number() && known.house == house) {
            return known.view;
        }
        ShelfView view = draw(dish, house);
        drawn.put(dish.id(), new Drawn(dish.revision().number(), house, view));
        return view;
    }

    private static ShelfView draw(Dish dish, Planner house) {
        try {
            return ShelfView.of(dish, house.outline(dish.revision().brief().brief()));
        } catch (RuntimeException e) {
            LOG.warn("Dish {} cannot be drawn: {}", dish.id(), e.getMessage());
            return ShelfView.of(dish, null);
        }
    }
}
