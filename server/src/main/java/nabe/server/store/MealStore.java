package nabe.server.store;

import static nabe.server.store.tables.Tables.MEAL;
import static nabe.server.store.tables.Tables.MEAL_REVISION;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nabe.measure.WrongValueException;
import nabe.server.brief.MealRequest;
import nabe.server.store.tables.tables.records.MealRevisionRecord;
import nabe.words.Messages;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps meals as lists of revisions that only grow; a revision's number is the meal's version. */
@Repository
public class MealStore {
    private static final int LONGEST_TITLE = 300;
    private final DSLContext sql;
    private final JsonMapper json;

    MealStore(DSLContext sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** @param number its version; {@code before} the edit it followed, null for the first */
    public record Kept(
            UUID id, int number, int shows, @Nullable Integer before, MealRequest meal, OffsetDateTime madeAt) {}

    /** Someone changed the meal since it was read. */
    public static final class StaleMealException extends RuntimeException {
        private final transient Kept current;

        public StaleMealException(Kept current) {
            super(Messages.say("server.this-meal-was-changed-in-another"));
            this.current = current;
        }

        public Kept current() {
            return current;
        }
    }

    /** Two writers met at the same number; the transaction is over, so the caller reads the winner afresh. */
    public static final class ConcurrentMealChange extends RuntimeException {
        private final transient UUID meal;

        ConcurrentMealChange(UUID meal, Throwable cause) {
            super(cause);
            this.meal = meal;
        }

        public UUID meal() {
            return meal;
        }
    }

    /** No meal has this id. */
    public static final class NoSuchMealException extends RuntimeException {
        NoSuchMealException() {
            super(Messages.say("server.there-is-no-such-meal-maybe"));
        }
    }

    /** @return every meal on the table as it stands, the last changed first */
    public List<Kept> all() {
        var newest = DSL.select(
                        MEAL_REVISION.MEAL_ID, DSL.max(MEAL_REVISION.NUMBER).as("number"))
                .from(MEAL_REVISION)
                .groupBy(MEAL_REVISION.MEAL_ID)
                .asTable("newest");
        return sql.select(MEAL_REVISION.fields())
                .from(MEAL_REVISION)
                .join(newest)
                .on(MEAL_REVISION.MEAL_ID.eq(newest.field(MEAL_REVISION.MEAL_ID)))
                .and(MEAL_REVISION.NUMBER.eq(newest.field("number", Integer.class)))
                .join(MEAL)
                .on(MEAL.ID.eq(MEAL_REVISION.MEAL_ID))
                .and(MEAL.PUT_AWAY_AT.isNull())
                .orderBy(MEAL_REVISION.MADE_AT.desc())
                .fetchInto(MEAL_REVISION)
                .map(this::kept);
    }

    /** @throws NoSuchMealException when there is none */
    public Kept get(UUID id) {
        return sql.selectFrom(MEAL_REVISION)
                .where(MEAL_REVISION.MEAL_ID.eq(id))
                .orderBy(MEAL_REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional()
                .map(this::kept)
                .orElseThrow(NoSuchMealException::new);
    }

    @Transactional
    public Kept create(MealRequest meal) {
        UUID id = UUID.randomUUID();
        sql.insertInto(MEAL).set(MEAL.ID, id).set(MEAL.CREATED_AT, now()).execute();
        return insert(new Kept(id, 1, 1, null, meal, now()));
    }

    /** @throws StaleMealException when it has moved on since {@code seen} */
    @Transactional
    public Kept change(UUID id, int seen, MealRequest meal) {
        Kept now = seen(id, seen);
        return insert(new Kept(id, seen + 1, seen + 1, now.shows, meal, now()));
    }

    /** Shows the edit before again. @throws WrongValueException when this is the first */
    @Transactional
    public Kept undo(UUID id, int seen) {
        Kept now = seen(id, seen);
        if (now.before == null) {
            throw new WrongValueException(Messages.say("server.there-is-nothing-to-undo-in-the-meal"));
        }
        Kept edit = row(id, now.before).orElseThrow(NoSuchMealException::new);
        return insert(new Kept(id, seen + 1, edit.number, edit.before, edit.meal, now()));
    }

    /** Takes it off the table. @throws NoSuchMealException when there is none */
    @Transactional
    public void putAway(UUID id) {
        lay(id, now());
    }

    /** Puts it back on the table. @throws NoSuchMealException when there is none */
    @Transactional
    public Kept putBack(UUID id) {
        lay(id, null);
        return get(id);
    }

    private void lay(UUID id, @Nullable OffsetDateTime away) {
        if (sql.update(MEAL).set(MEAL.PUT_AWAY_AT, away).where(MEAL.ID.eq(id)).execute() == 0) {
            throw new NoSuchMealException();
        }
    }

    private Kept seen(UUID id, int seen) {
        Kept now = get(id);
        if (now.number != seen) {
            throw new StaleMealException(now);
        }
        return now;
    }

    private Optional<Kept> row(UUID id, int number) {
        return sql.selectFrom(MEAL_REVISION)
                .where(MEAL_REVISION.MEAL_ID.eq(id))
                .and(MEAL_REVISION.NUMBER.eq(number))
                .fetchOptional()
                .map(this::kept);
    }

    private Kept insert(Kept kept) {
        try {
            sql.insertInto(MEAL_REVISION)
                    .set(MEAL_REVISION.MEAL_ID, kept.id)
                    .set(MEAL_REVISION.NUMBER, kept.number)
                    .set(MEAL_REVISION.SHOWS, kept.shows)
                    .set(MEAL_REVISION.BEFORE, kept.before)
                    .set(MEAL_REVISION.TITLE, title(kept.meal))
                    .set(MEAL_REVISION.MEAL, JSONB.valueOf(json.writeValueAsString(kept.meal)))
                    .set(MEAL_REVISION.MADE_AT, kept.madeAt)
                    .execute();
        } catch (DuplicateKeyException e) {
            throw new ConcurrentMealChange(kept.id(), e);
        }
        return kept;
    }

    private static String title(MealRequest meal) {
        String title = meal.title() == null || meal.title().isBlank() ? Messages.say("server.meal") : meal.title();
        return title.length() <= LONGEST_TITLE ? title : title.substring(0, LONGEST_TITLE);
    }

    private Kept kept(MealRevisionRecord row) {
        return new Kept(
                row.getMealId(),
                row.getNumber(),
                row.getShows(),
                row.getBefore(),
                json.readValue(row.getMeal().data(), MealRequest.class),
                row.getMadeAt());
    }

    private static OffsetDateTime now() {
        return OffsetDateTime.now(ZoneOffset.UTC);
    }
}
