package nabe.server.store;

import java.time.OffsetDateTime;
import nabe.server.brief.BriefRequest;
import org.jspecify.annotations.Nullable;

/**
 * One row of a dish's history.
 *
 * @param number counts up from 1
 * @param kind edit, undo or redo
 * @param shows the edit whose brief this row shows
 * @param before the edit that one followed, or null for the first
 * @param change what changed, in a few words
 */
public record Revision(
        int number,
        String kind,
        int shows,
        @Nullable Integer before,
        String title,
        String change,
        BriefRequest brief,
        OffsetDateTime madeAt) {}
