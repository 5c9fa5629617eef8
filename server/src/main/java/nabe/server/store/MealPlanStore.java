package nabe.server.store;

import static nabe.server.store.tables.Tables.MEAL_PLAN;
import static nabe.server.store.tables.Tables.MEAL_TICK;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nabe.meal.MealPlan;
import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the last plan of each meal, and what of its shopping is ticked. */
@Repository
public class MealPlanStore {
    private static final Logger LOG = LoggerFactory.getLogger(MealPlanStore.class);
    private static final int LONGEST_ITEM = 300;
    private final DSLContext sql;
    private final JsonMapper json;

    MealPlanStore(DSLContext sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** @param asked what it was made for, as a digest */
    public record KeptPlan(String asked, MealPlan plan) {}

    /** @return the last plan, or empty where there is none or it is of a form no longer known */
    public Optional<KeptPlan> plan(UUID meal) {
        return sql.selectFrom(MEAL_PLAN)
                .where(MEAL_PLAN.MEAL_ID.eq(meal))
                .fetchOptional()
                .flatMap(row -> read(row.getPlan().data()).map(p -> new KeptPlan(row.getAsked(), p)));
    }

    private Optional<MealPlan> read(String text) {
        try {
            return Optional.of(json.readValue(text, MealPlan.class));
        } catch (JacksonException e) {
            LOG.info("A plan kept by an older Nabe is made anew: {}", e.getOriginalMessage());
            return Optional.empty();
        }
    }

    @Transactional
    public void keep(UUID meal, KeptPlan kept) {
        JSONB text = JSONB.valueOf(json.writeValueAsString(kept.plan()));
        OffsetDateTime now = OffsetDateTime.now(ZoneOffset.UTC);
        sql.insertInto(MEAL_PLAN)
                .set(MEAL_PLAN.MEAL_ID, meal)
                .set(MEAL_PLAN.ASKED, kept.asked())
                .set(MEAL_PLAN.PLAN, text)
                .set(MEAL_PLAN.MADE_AT, now)
                .onConflict(MEAL_PLAN.MEAL_ID)
                .doUpdate()
                .set(MEAL_PLAN.ASKED, kept.asked())
                .set(MEAL_PLAN.PLAN, text)
                .set(MEAL_PLAN.MADE_AT, now)
                .execute();
    }

    /** @return names of what is in the basket or at home */
    public List<String> ticks(UUID meal) {
        return sql.select(MEAL_TICK.ITEM)
                .from(MEAL_TICK)
                .where(MEAL_TICK.MEAL_ID.eq(meal))
                .orderBy(MEAL_TICK.ITEM)
                .fetch(MEAL_TICK.ITEM);
    }

    /** @throws WrongValueException for a name no item has */
    @Transactional
    public void tick(UUID meal, String item, boolean on) {
        if (item.isBlank() || item.length() > LONGEST_ITEM) {
            throw new WrongValueException(Messages.say("server.what-is-ticked-must-be-an"));
        }
        if (on) {
            sql.insertInto(MEAL_TICK)
                    .set(MEAL_TICK.MEAL_ID, meal)
                    .set(MEAL_TICK.ITEM, item)
                    .onConflictDoNothing()
                    .execute();
        } else {
            sql.deleteFrom(MEAL_TICK)
                    .where(MEAL_TICK.MEAL_ID.eq(meal))
                    .and(MEAL_TICK.ITEM.eq(item))
                    .execute();
        }
    }
}
