package nabe.server.api;

import jakarta.validation.Valid;
import java.util.List;
import nabe.house.Schools;
import nabe.house.Tool;
import nabe.server.KitchenTable;
import nabe.server.brief.HouseRequest;
import nabe.server.store.HomeStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The one house this Nabe serves: its people, schools, tools, spoons and way of showing amounts. */
@RestController
@RequestMapping("/api/house")
class HouseController {
    private final HomeStore store;
    private final KitchenTable table;

    HouseController(HomeStore store, KitchenTable table) {
        this.store = store;
        this.table = table;
    }

    /** @param version its ETag; 0 before anything was saved */
    public record HouseView(int version, HouseRequest house) {}

    /** What can be asked of a house. */
    public record ChoicesView(List<Schools.Question> questions, List<Tool> tools) {}

    @GetMapping
    ResponseEntity<HouseView> get() {
        return answer(store.house());
    }

    @GetMapping("/choices")
    ChoicesView choices() {
        return new ChoicesView(Schools.questions(), Tool.all());
    }

    /** Without If-Match the newest is replaced. */
    @PutMapping
    ResponseEntity<HouseView> put(
            @RequestHeader(value = "If-Match", required = false) @Nullable String seen,
            @Valid @RequestBody HouseRequest house) {
        house.house();
        HomeStore.KeptHouse kept = store.saveHouse(seen == null ? store.house().version() : Versions.of(seen), house);
        table.lay();
        return answer(kept);
    }

    private static ResponseEntity<HouseView> answer(HomeStore.KeptHouse kept) {
        return ResponseEntity.ok().eTag("\"" + kept.version() + "\"").body(new HouseView(kept.version(), kept.house()));
    }
}
