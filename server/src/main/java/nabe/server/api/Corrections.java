package nabe.server.api;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import nabe.plan.Brief;
import nabe.reading.text.Habits;
import nabe.recipe.Line;
import nabe.server.KitchenTable;
import nabe.server.brief.BriefRequest;
import nabe.server.store.HomeStore;
import org.springframework.stereotype.Component;

/** Learns from a corrected line what its wording means here, so that the next recipe is read right at once. */
@Component
class Corrections {
    private final HomeStore store;
    private final KitchenTable table;

    Corrections(HomeStore store, KitchenTable table) {
        this.store = store;
        this.table = table;
    }

    /** Only a line whose bare reading differs from what the cook says is a correction. */
    void learn(BriefRequest request) {
        List<Brief.LineBrief> corrected = request.brief().recipe().lines().stream()
                .filter(l -> l.ingredient() != null)
                .toList();
        Map<String, String> known = corrected.isEmpty() ? Map.of() : store.wordings();
        boolean learned = false;
        for (Brief.LineBrief brief : corrected) {
            Line read = table.bare().readLine(brief.text(), brief.heading());
            String words = Habits.wording(read.item());
            String meant = Objects.requireNonNull(brief.ingredient());
            boolean different =
                    read.ingredient() == null || !read.ingredient().id().equals(meant);
            if (different && !meant.equals(known.get(words))) {
                store.remember(words, meant);
                learned = true;
            }
        }
        if (learned) {
            table.lay();
        }
    }
}
