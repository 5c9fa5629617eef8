package nabe.server.api;

import java.util.List;
import java.util.UUID;
import nabe.build.BuildPlan;
import nabe.plan.Planner;
import nabe.recipe.Family;
import nabe.server.brief.BriefRequest;
import nabe.server.store.Dish;
import org.jspecify.annotations.Nullable;

/**
 * A dish as it stands on the shelf.
 *
 * @param build its cut; null, with {@code family}, where it cannot be worked out
 */
record ShelfView(
        UUID id,
        int version,
        String title,
        List<String> needs,
        List<String> avoid,
        boolean strict,
        @Nullable Family family,
        @Nullable Integer servings,
        @Nullable BuildPlan build) {

    static ShelfView of(Dish dish, Planner.@Nullable Outline outline) {
        BriefRequest brief = dish.revision().brief();
        return new ShelfView(
                dish.id(),
                dish.revision().number(),
                dish.revision().title(),
                brief.needs() == null ? List.of() : brief.needs(),
                brief.avoid() == null ? List.of() : brief.avoid(),
                Boolean.TRUE.equals(brief.strict()),
                outline == null ? null : outline.recipe().family(),
                outline == null ? null : outline.recipe().servings(),
                outline == null ? null : outline.build());
    }
}
