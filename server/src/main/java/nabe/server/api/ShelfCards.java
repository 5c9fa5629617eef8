package nabe.server.api;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import nabe.plan.Planner;
import nabe.server.KitchenTable;
import nabe.server.store.Dish;
import nabe.server.store.DishStore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Dishes as they stand on the shelf, each drawn once for a version of it in a house: when it is saved, when Nabe starts, else when asked for. */
@Component
class ShelfCards {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfCards.class);
    private final DishStore store;
    private final KitchenTable table;
    private final Map<UUID, Drawn> drawn = new ConcurrentHashMap<>();

    private record Drawn(int version, Planner house, ShelfView view) {}

    ShelfCards(DishStore store, KitchenTable table) {
        this.store = store;
        this.table = table;
    }

    /** @return every dish, the last changed first */
    List<ShelfView> all() {
        Planner house = table.planner();
        List<Dish> dishes = store.all();
        drawn.keySet().retainAll(dishes.stream().map(Dish::id).toList());
        return dishes.parallelStream().map(dish -> view(dish, house)).toList();
    }

    /** What was worked out for a save is drawn with it. */
    void keep(Dish dish, Planner house, Planner.Outline outline) {
        draw(dish, house, outline);
    }

    @EventListener(ApplicationReadyEvent.class)
    void drawAhead() {
        Thread.ofVirtual().name("shelf").start(() -> {
            try {
                all();
            } catch (DataAccessException e) {
                LOG.info("The shelf is drawn when it is asked for: {}", e.getMessage());
            }
        });
    }

    private ShelfView view(Dish dish, Planner house) {
        Drawn known = drawn.get(dish.id());
        return known != null && known.version == dish.revision().number() && known.house == house
                ? known.view
                : draw(dish, house, outline(dish, house));
    }

    private ShelfView draw(Dish dish, Planner house, Planner.@Nullable Outline outline) {
        ShelfView view = ShelfView.of(dish, outline);
        drawn.put(dish.id(), new Drawn(dish.revision().number(), house, view));
        return view;
    }

    private static Planner.@Nullable Outline outline(Dish dish, Planner house) {
        try {
            return house.outline(dish.revision().brief().brief());
        } catch (RuntimeException e) {
            LOG.warn("Dish {} cannot be drawn: {}", dish.id(), e.getMessage());
            return null;
        }
    }
}
