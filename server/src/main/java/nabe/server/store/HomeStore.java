package nabe.server.store;

import static nabe.server.store.tables.Tables.HOUSE;
import static nabe.server.store.tables.Tables.PRODUCT;
import static nabe.server.store.tables.Tables.WORDING;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nabe.label.KeptProduct;
import nabe.server.brief.HouseRequest;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what is known of the kitchen besides its dishes: the house, its packets, and what its wordings mean. */
@Repository
public class HomeStore {
    private static final int LONGEST_WORDING = 200;
    private final DSLContext sql;
    private final JsonMapper json;

    HomeStore(DSLContext sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** The house with the version it was saved as; 0 where nobody has said anything yet. */
    public record KeptHouse(int version, HouseRequest house) {}

    public KeptHouse house() {
        return sql.selectFrom(HOUSE)
                .orderBy(HOUSE.VERSION.desc())
                .limit(1)
                .fetchOptional()
                .map(row -> new KeptHouse(
                        row.getVersion(), json.readValue(row.getHouse().data(), HouseRequest.class)))
                .orElse(new KeptHouse(0, HouseRequest.empty()));
    }

    /**
     * Saves the house after the version the cook saw.
     *
     * @throws StaleHouseException when it has changed since
     */
    @Transactional
    public KeptHouse saveHouse(int seen, HouseRequest house) {
        KeptHouse now = house();
        if (now.version() != seen) {
            throw new StaleHouseException(now);
        }
        try {
            sql.insertInto(HOUSE)
                    .set(HOUSE.VERSION, seen + 1)
                    .set(HOUSE.HOUSE_, JSONB.valueOf(json.writeValueAsString(house)))
                    .set(HOUSE.MADE_AT, now())
                    .execute();
        } catch (DuplicateKeyException e) {
            throw new StaleHouseException(now);
        }
        return new KeptHouse(seen + 1, house);
    }

    /** @return every kept packet, the last kept last */
    public List<KeptProduct> products() {
        return sql.selectFrom(PRODUCT)
                .orderBy(PRODUCT.KEPT_AT, PRODUCT.ID)
                .fetch()
                .map(row -> json.readValue(row.getProduct().data(), KeptProduct.class));
    }

    /** Keeps a packet, in place of the one of its id if there is one. */
    public void keep(KeptProduct product) {
        JSONB body = JSONB.valueOf(json.writeValueAsString(product));
        sql.insertInto(PRODUCT)
                .set(PRODUCT.ID, UUID.fromString(product.id()))
                .set(PRODUCT.STANDS_FOR, product.standsFor())
                .set(PRODUCT.PRODUCT_, body)
                .set(PRODUCT.KEPT_AT, now())
                .onDuplicateKeyUpdate()
                .set(PRODUCT.STANDS_FOR, product.standsFor())
                .set(PRODUCT.PRODUCT_, body)
                .execute();
    }

    /** @return whether there was such a packet */
    public boolean discard(UUID id) {
        return sql.deleteFrom(PRODUCT).where(PRODUCT.ID.eq(id)).execute() > 0;
    }

    public Optional<KeptProduct> product(UUID id) {
        return sql.selectFrom(PRODUCT)
                .where(PRODUCT.ID.eq(id))
                .fetchOptional(row -> json.readValue(row.getProduct().data(), KeptProduct.class));
    }

    /** @return larder id by wording, in the order of the words */
    public Map<String, String> wordings() {
        Map<String, String> wordings = new LinkedHashMap<>();
        sql.selectFrom(WORDING)
                .orderBy(WORDING.WORDS)
                .forEach(row -> wordings.put(row.getWords(), row.getIngredient()));
        return wordings;
    }

    /** Remembers what a wording means; a wording too long to come again is passed over. */
    public void remember(String words, String ingredient) {
        if (!words.isBlank() && words.length() <= LONGEST_WORDING) {
            sql.insertInto(WORDING)
                    .set(WORDING.WORDS, words)
                    .set(WORDING.INGREDIENT, ingredient)
                    .set(WORDING.REMEMBERED_AT, now())
                    .onDuplicateKeyUpdate()
                    .set(WORDING.INGREDIENT, ingredient)
                    .set(WORDING.REMEMBERED_AT, now())
                    .execute();
        }
    }

    /** @return whether the wording was remembered */
    public boolean forget(String words) {
        return sql.deleteFrom(WORDING).where(WORDING.WORDS.eq(words)).execute() > 0;
    }

    private static OffsetDateTime now() {
        return OffsetDateTime.now(ZoneOffset.UTC);
    }
}
