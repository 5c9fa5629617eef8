package nabe.server.store;

import static nabe.server.store.tables.Tables.DISH;
import static nabe.server.store.tables.Tables.REVISION;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nabe.measure.WrongValueException;
import nabe.server.brief.BriefRequest;
import nabe.server.store.tables.tables.records.RevisionRecord;
import nabe.words.Messages;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps dishes as lists of revisions that only grow. A revision's number is the dish's version: whoever writes number
 * n+1 first wins, and the other is told.
 */
@Repository
public class DishStore {
    private static final int LONGEST_WORDS = 300;
    private final DSLContext sql;
    private final BriefFormats formats;

    DishStore(DSLContext sql, BriefFormats formats) {
        this.sql = sql;
        this.formats = formats;
    }

    /** @return every dish on the shelf, the last changed first */
    public List<Dish> all() {
        var newest = DSL.select(REVISION.DISH_ID, DSL.max(REVISION.NUMBER).as("number"))
                .from(REVISION)
                .groupBy(REVISION.DISH_ID)
                .asTable("newest");
        return sql.select(REVISION.fields())
                .from(REVISION)
                .join(newest)
                .on(REVISION.DISH_ID.eq(newest.field(REVISION.DISH_ID)))
                .and(REVISION.NUMBER.eq(newest.field("number", Integer.class)))
                .join(DISH)
                .on(DISH.ID.eq(REVISION.DISH_ID))
                .where(DISH.PUT_AWAY_AT.isNull())
                .orderBy(REVISION.MADE_AT.desc())
                .fetchInto(REVISION)
                .map(this::dish);
    }

    /** @throws NoSuchDishException when there is none */
    public Dish get(UUID id) {
        return newest(id).map(this::dish).orElseThrow(NoSuchDishException::new);
    }

    /** Takes it off the shelf; meals that have it keep it. @throws NoSuchDishException when there is none */
    @Transactional
    public void putAway(UUID id) {
        shelve(id, now());
    }

    /** Puts it back on the shelf. @throws NoSuchDishException when there is none */
    @Transactional
    public Dish putBack(UUID id) {
        shelve(id, null);
        return get(id);
    }

    private void shelve(UUID id, @Nullable OffsetDateTime away) {
        if (sql.update(DISH).set(DISH.PUT_AWAY_AT, away).where(DISH.ID.eq(id)).execute() == 0) {
            throw new NoSuchDishException();
        }
    }

    /** @return the whole history, newest first */
    public List<Revision> history(UUID id) {
        List<Revision> rows = sql.selectFrom(REVISION)
                .where(REVISION.DISH_ID.eq(id))
                .orderBy(REVISION.NUMBER.desc())
                .fetch()
                .map(this::revision);
        if (rows.isEmpty()) {
            throw new NoSuchDishException();
        }
        return rows;
    }

    @Transactional
    public Dish create(BriefRequest brief, String title, String change) {
        UUID id = UUID.randomUUID();
        sql.insertInto(DISH).set(DISH.ID, id).set(DISH.CREATED_AT, now()).execute();
        insert(id, new Revision(1, "edit", 1, null, title, change, brief, now()));
        return get(id);
    }

    /**
     * Adds an edit after the version the cook saw.
     *
     * @throws StaleDishException when the dish has moved on since
     */
    @Transactional
    public Dish change(UUID id, int seen, BriefRequest brief, String title, String change) {
        Dish now = seen(id, seen);
        int number = seen + 1;
        insert(id, new Revision(number, "edit", number, now.revision().shows(), title, change, brief, now()));
        return get(id);
    }

    /** Shows the edit before again. @throws WrongValueException when this is the first */
    @Transactional
    public Dish undo(UUID id, int seen) {
        Dish now = seen(id, seen);
        Integer back = now.revision().before();
        if (back == null) {
            throw new WrongValueException(Messages.say("server.there-is-nothing-to-undo-this"));
        }
        return show(
                id,
                seen,
                "undo",
                row(id, back),
                Messages.say("server.undid", now.revision().change()));
    }

    /** Shows the edit that was undone again. @throws WrongValueException when none was */
    @Transactional
    public Dish redo(UUID id, int seen) {
        Dish now = seen(id, seen);
        Revision next = following(id, now.revision().shows())
                .map(this::revision)
                .orElseThrow(() -> new WrongValueException(Messages.say("server.there-is-nothing-to-redo-this")));
        return show(id, seen, "redo", next, Messages.say("server.redid", next.change()));
    }

    private Dish show(UUID id, int seen, String kind, Revision edit, String change) {
        insert(
                id,
                new Revision(seen + 1, kind, edit.number(), edit.before(), edit.title(), change, edit.brief(), now()));
        return get(id);
    }

    private Dish seen(UUID id, int seen) {
        Dish now = get(id);
        if (now.revision().number() != seen) {
            throw new StaleDishException(now);
        }
        return now;
    }

    private void insert(UUID id, Revision r) {
        try {
            sql.insertInto(REVISION)
                    .set(REVISION.DISH_ID, id)
                    .set(REVISION.NUMBER, r.number())
                    .set(REVISION.KIND, r.kind())
                    .set(REVISION.SHOWS, r.shows())
                    .set(REVISION.BEFORE, r.before())
                    .set(REVISION.TITLE, shorten(r.title()))
                    .set(REVISION.CHANGE, shorten(r.change()))
                    .set(REVISION.BRIEF, JSONB.valueOf(formats.write(r.brief())))
                    .set(REVISION.FORMAT, BriefFormats.CURRENT)
                    .set(REVISION.MADE_AT, r.madeAt())
                    .execute();
        } catch (DuplicateKeyException e) {
            throw new ConcurrentChange(id, e);
        }
    }

    /** Two writers met at the same number; the transaction is over, so the caller reads the winner afresh. */
    public static final class ConcurrentChange extends RuntimeException {
        private final transient UUID dish;

        ConcurrentChange(UUID dish, Throwable cause) {
            super(cause);
            this.dish = dish;
        }

        public UUID dish() {
            return dish;
        }
    }

    private Optional<RevisionRecord> newest(UUID id) {
        return sql.selectFrom(REVISION)
                .where(REVISION.DISH_ID.eq(id))
                .orderBy(REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional();
    }

    private Revision row(UUID id, int number) {
        return revision(sql.selectFrom(REVISION)
                .where(REVISION.DISH_ID.eq(id))
                .and(REVISION.NUMBER.eq(number))
                .fetchSingle());
    }

    private Optional<RevisionRecord> following(UUID id, int edit) {
        return sql.selectFrom(REVISION)
                .where(REVISION.DISH_ID.eq(id))
                .and(REVISION.KIND.eq("edit"))
                .and(REVISION.BEFORE.eq(edit))
                .orderBy(REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional();
    }

    private Dish dish(RevisionRecord row) {
        Revision revision = revision(row);
        return new Dish(
                row.getDishId(),
                revision,
                revision.before() != null,
                following(row.getDishId(), revision.shows()).isPresent());
    }

    private Revision revision(RevisionRecord row) {
        return new Revision(
                row.getNumber(),
                row.getKind(),
                row.getShows(),
                row.getBefore(),
                row.getTitle(),
                row.getChange(),
                formats.read(row.getBrief().data(), row.getFormat()),
                row.getMadeAt());
    }

    private static String shorten(@Nullable String words) {
        String text = words == null || words.isBlank() ? Messages.say("server.untitled-recipe") : words;
        return text.length() <= LONGEST_WORDS ? text : text.substring(0, LONGEST_WORDS - 1) + "…";
    }

    private static OffsetDateTime now() {
        return OffsetDateTime.now(ZoneOffset.UTC);
    }
}
