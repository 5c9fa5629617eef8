package nabe.server.api;

import java.time.OffsetDateTime;
import java.util.UUID;
import nabe.server.brief.BriefRequest;
import nabe.server.store.Dish;
import nabe.server.store.Revision;

/** A dish, for the client. {@code version} is its ETag. */
public record DishView(
        UUID id,
        int version,
        String title,
        BriefRequest brief,
        boolean canUndo,
        boolean canRedo,
        OffsetDateTime changedAt) {

    static DishView of(Dish dish) {
        Revision r = dish.revision();
        return new DishView(dish.id(), r.number(), r.title(), r.brief(), dish.canUndo(), dish.canRedo(), r.madeAt());
    }

    /** One line of the history. */
    public record RevisionView(
            int number,
            String kind,
            int shows,
            String title,
            String change,
            BriefRequest brief,
            OffsetDateTime madeAt) {
        static RevisionView of(Revision r) {
            return new RevisionView(r.number(), r.kind(), r.shows(), r.title(), r.change(), r.brief(), r.madeAt());
        }
    }
}
