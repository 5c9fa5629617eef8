package nabe.server.api;

import nabe.reading.ProcedureReader;
import nabe.recipe.Recipe;
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
    private final ProcedureReader procedures = new ProcedureReader();

    RecipesController(KitchenTable table) {
        this.table = table;
    }

    /** A text to read. */
    public record ReadRequest(@Nullable String text) {}

    @PostMapping("/read")
    RecipeView read(@RequestBody ReadRequest request) {
        Recipe recipe = table.planner().read(RecipePage.asText(request.text()));
        return RecipeView.of(recipe, procedures.read(recipe.lines(), recipe.steps()));
    }
}
