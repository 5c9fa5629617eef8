package nabe.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nabe.bake.OvenSharing;
import nabe.plan.Brief;
import nabe.server.KitchenTable;
import nabe.server.brief.BriefRequest;
import nabe.server.store.DishStore;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans several dishes in one oven. Stores nothing. */
@RestController
@RequestMapping("/api/ovens")
class OvensController {
    private final KitchenTable table;
    private final DishStore store;

    OvensController(KitchenTable table, DishStore store) {
        this.table = table;
        this.store = store;
    }

    /** The dishes, as briefs, as ids of dishes on the shelf, or both. */
    public record ShareRequest(
            @Nullable List<@Valid @NotNull(message = "server.empty-dish-of-oven") BriefRequest> dishes,
            @Nullable List<@NotNull(message = "server.empty-dish-of-oven") UUID> dishIds) {
        private List<BriefRequest> given() {
            return dishes == null ? List.of() : dishes;
        }

        private List<UUID> shelved() {
            return dishIds == null ? List.of() : dishIds;
        }
    }

    @PostMapping("/share")
    OvenSharing.Shared share(@Valid @RequestBody ShareRequest request) {
        List<Brief> briefs = new ArrayList<>(
                request.given().stream().map(BriefRequest::brief).toList());
        request.shelved()
                .forEach(id -> briefs.add(store.get(id).revision().brief().brief()));
        return table.planner().share(briefs);
    }
}
