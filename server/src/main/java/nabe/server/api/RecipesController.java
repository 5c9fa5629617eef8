package nabe.server.api;

import jakarta.validation.Valid;
import java.util.Objects;
import nabe.plan.Planner;
import nabe.server.KitchenTable;
import nabe.server.formats.RecipePage;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads recipe texts. Stores nothing. */
@RestController
@RequestMapping("/api/recipes")
class RecipesController {
    private final KitchenTable table;

    RecipesController(KitchenTable table) {
        this.table = table;
    }

    /** A text to read. */
    public record ReadRequest(@Nullable String text) {}

    @PostMapping("/read")
    RecipeView read(@Valid @RequestBody ReadRequest request) {
        Planner.Understood read =
                table.planner().read(Objects.requireNonNullElse(RecipePage.asText(request.text()), ""));
        return RecipeView.of(read.recipe(), read.procedure());
    }
}
