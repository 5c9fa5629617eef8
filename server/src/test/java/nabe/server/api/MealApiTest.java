package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import java.util.List;
import java.util.Map;
import nabe.server.Http;
import nabe.server.RunningNabe;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningNabe.class)
class MealApiTest {
    private static final String GRATIN =
            "Leek gratin\nServes 4\n\nIngredients\n800 g potatoes, sliced\n2 leeks, sliced\n300 ml double cream\n\nMethod\n"
                    + "Layer the potatoes and leeks in a dish. Pour over the cream. Bake at 190C for 60 minutes.";
    private static final String PASTA =
            "Tomato pasta bake\nServes 4\n\nIngredients\n300 g penne\n500 g passata\n100 g cheddar, grated\n\nMethod\n"
                    + "Boil the penne for 8 minutes and drain. Stir into the passata, tip into a dish and top with the cheddar. Bake at 190C for 25 minutes.";
    private Http http;

    @BeforeEach
    void open(RunningNabe nabe) {
        http = new Http(nabe.address());
    }

    private static Map<String, Object> brief(String text) {
        return Map.of("brief", Map.of("recipe", Map.of("text", text)));
    }

    private static Map<String, Object> meal(Object... dishes) {
        return Map.of(
                "title", "Supper",
                "serveAt", "2026-11-27T19:30",
                "eaters",
                        List.of(
                                Map.of("name", "Una", "needs", List.of("gluten-free"), "strict", true, "oats", "none"),
                                Map.of("name", "Bo", "needs", List.of())),
                "dishes", List.of(dishes),
                "kitchen",
                        Map.of(
                                "cooks", 1,
                                "burners", 4,
                                "ovens", List.of(Map.of("shelves", 2, "fan", false)),
                                "tools", List.of(Map.of("tool", "wooden spoon", "count", 2, "material", "wood")),
                                "sittings", List.of(Map.of("from", "2026-11-27T15:00", "to", "2026-11-27T19:30"))));
    }

    @Test
    void aMealIsPlannedKeptApartAndServedTogether() {
        JsonNode plan =
                http.post("/api/meals/plan", meal(brief(PASTA), brief(GRATIN))).body();

        assertThat(plan.at("/breaches").size()).isZero();
        assertThat(plan.at("/ordinaryBreaches").asInt()).isPositive();
        assertThat(plan.at("/status/proven").asBoolean()).isTrue();
        assertThat(plan.at("/lateMinutes").asInt()).isZero();
        assertThat(plan.at("/eats").valueStream().map(e -> e.get("verdict").asString()))
                .first()
                .isEqualTo("no");
        assertThat(plan.at("/serving/0/dish").asInt()).as("strict food first").isEqualTo(1);
        assertThat(plan.at("/tasks").valueStream().filter(t -> t.get("oven").isObject()))
                .allSatisfy(t -> assertThat(t.at("/oven/celsius").asDouble()).isEqualTo(190));
        assertThat(plan.at("/shopping").size()).isPositive();
    }

    @Test
    void aDishFromTheShelfComesAlong() {
        String id = http.post("/api/dishes", Map.of("recipe", Map.of("text", GRATIN)))
                .body()
                .get("id")
                .asString();
        JsonNode plan = http.post("/api/meals/plan", meal(Map.of("dish", id, "servings", 8)))
                .body();

        assertThat(plan.at("/tasks").size()).isPositive();
        assertThat(plan.at("/shopping").valueStream())
                .anySatisfy(b -> assertThat(b.get("grams").asDouble()).isEqualTo(1600));
    }

    @Test
    void aMealIsKeptChangedTakenBackAndWatchedForOtherHands() {
        Http.Answer made = http.post("/api/meals", meal(brief(GRATIN)));
        assertThat(made.status()).isEqualTo(201);
        String path = "/api/meals/" + made.body().get("id").asString();
        String two = new JsonMapper().writeValueAsString(meal(brief(GRATIN), brief(PASTA)));

        assertThat(http.send("PUT", path, two).status()).isEqualTo(428);
        assertThat(http.send("PUT", path, two, "If-Match", "\"1\"")
                        .body()
                        .at("/meal/dishes")
                        .size())
                .isEqualTo(2);
        assertThat(http.send("PUT", path, two, "If-Match", "\"1\"").status()).isEqualTo(409);
        assertThat(http.send("POST", path + "/undo", "")
                        .body()
                        .at("/meal/dishes")
                        .size())
                .isEqualTo(1);
        assertThat(http.get("/api/meals")
                        .body()
                        .valueStream()
                        .map(m -> m.get("id").asString()))
                .contains(made.body().get("id").asString());
        assertThat(http.get("/api/meals/" + java.util.UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    @Test
    void aMealTakenOffTheTableIsGoneFromItAndComesBackWhole() {
        JsonNode made = http.post("/api/meals", meal(brief(GRATIN))).body();
        String path = "/api/meals/" + made.get("id").asString();

        assertThat(http.send("DELETE", path, "").status()).isEqualTo(204);
        assertThat(onTheTable()).doesNotContain(made.get("id").asString());
        assertThat(http.post(path + "/back", Map.of()).body().get("meal")).isEqualTo(made.get("meal"));
        assertThat(onTheTable()).contains(made.get("id").asString());
        assertThat(http.send("DELETE", "/api/meals/" + java.util.UUID.randomUUID(), "")
                        .status())
                .isEqualTo(404);
    }

    private List<String> onTheTable() {
        return http.get("/api/meals")
                .body()
                .valueStream()
                .map(m -> m.get("id").asString())
                .toList();
    }

    @Test
    void theClockIsACalendarAndTheShoppingATable() {
        String path = "/api/meals/"
                + http.post("/api/meals", meal(brief(GRATIN))).body().get("id").asString();
        JsonNode plan = http.get(path + "/plan").body();
        int tasks = plan.at("/tasks").size() + plan.at("/heats").size();
        ICalendar calendar =
                Biweekly.parse(http.get(path + "/clock.ics").raw().body()).first();

        assertThat(calendar.getEvents()).hasSize(tasks).allSatisfy(e -> {
            assertThat(e.getAlarms()).hasSize(1);
            assertThat(e.getDateStart().getValue()).isBefore(e.getDateEnd().getValue());
        });
        assertThat(http.get(path + "/clock.ics").raw().body()).contains("DTSTART:20261127T");
        assertThat(http.get(path + "/shopping.csv").raw().body().lines().findFirst())
                .contains("item,buy,grams,check,place,packet");
        assertThat(http.get(path + "/shopping.md").raw().body()).contains("- [ ] potato");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"serveAt\":\"half past seven\",\"eaters\":[{\"name\":\"Bo\"}],\"dishes\":[]}|2026-11-27T19:30",
                "{\"eaters\":[{\"name\":\"Bo\"}],\"dishes\":[]}|missing",
                "{\"serveAt\":\"2026-11-27T19:30\",\"eaters\":[{\"name\":\"Bo\"}],\"dishes\":[]}|one to 8 dishes",
                "{\"serveAt\":\"2026-11-27T19:30\",\"eaters\":[{\"name\":\"Bo\"}],\"dishes\":[{}]}|from the shelf"
            })
    void whatMakesNoSenseIsSaidInACooksWords(String body, String words) {
        Http.Answer answer = http.send("POST", "/api/meals/plan", body);

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("detail").asString()).contains(words);
    }

    /** The same request with something more said. */
    private static Map<String, Object> with(Map<String, Object> meal, String key, Object value) {
        Map<String, Object> more = new java.util.HashMap<>(meal);
        more.put(key, value);
        return more;
    }

    @Test
    void aMealUnderWayGoesOnFromThePlanItHad() {
        Map<String, Object> meal = meal(brief(GRATIN), brief(PASTA));
        JsonNode plan = http.post("/api/meals/plan", meal).body();
        JsonNode first = plan.at("/tasks/0");
        List<Map<String, String>> done = List.of(Map.of(
                "task", first.get("id").asString(),
                "from", first.get("from").asString(),
                "to", first.get("to").asString()));
        JsonNode same = http.post(
                        "/api/meals/plan",
                        with(with(meal, "done", done), "now", first.get("to").asString()))
                .body();

        assertThat(same.at("/changes").size())
                .as("nothing is late, so nothing moves")
                .isZero();
        assertThat(same.at("/tasks/0/from").asString())
                .isEqualTo(first.get("from").asString());
    }

    @Test
    void aTaskNobodyKnowsIsRefusedInWords() {
        Http.Answer answer = http.post("/api/meals/plan", with(meal(brief(GRATIN)), "order", List.of("d7-nothing")));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("detail").asString()).contains("d7-nothing", "Plan the meal again");
    }

    @Test
    void aDroppedDishIsCookedAndBoughtForNoMore() {
        JsonNode plan = http.post(
                        "/api/meals/plan",
                        meal(brief(GRATIN), Map.of("brief", Map.of("recipe", Map.of("text", PASTA)), "dropped", true)))
                .body();

        assertThat(plan.at("/tasks"))
                .allSatisfy(t -> assertThat(t.get("id").asString()).doesNotStartWith("d1-"));
        assertThat(plan.at("/shopping")).noneMatch(b -> b.get("item").asString().contains("penne"));
        assertThat(plan.at("/serving").size()).isEqualTo(1);
    }

    @Test
    void theFirstPlanIsSafeAlreadyAndTheKeptOneStaysTheSame() {
        String path = "/api/meals/"
                + http.post("/api/meals", with(meal(brief(PASTA), brief(GRATIN)), "title", "Not planned before"))
                        .body()
                        .get("id")
                        .asString();
        JsonNode first = http.get(path + "/plan?first=true").body();
        JsonNode best = http.get(path + "/plan").body();

        assertThat(first.at("/breaches").size()).isZero();
        assertThat(first.at("/status/proven").asBoolean()).isFalse();
        assertThat(best.at("/status/proven").asBoolean()).isTrue();
        assertThat(http.get(path + "/plan?first=true").body()).as("kept").isEqualTo(best);
    }

    @Test
    void ticksLastAndChangeNoPlan() {
        String path = "/api/meals/"
                + http.post("/api/meals", meal(brief(GRATIN))).body().get("id").asString();
        http.send("PUT", path + "/ticks", "{\"item\": \"potato\", \"ticked\": true}");

        assertThat(http.get(path + "/ticks").body().get(0).asString()).isEqualTo("potato");
        assertThat(http.get(path).body().get("version").asInt()).isEqualTo(1);
        http.send("PUT", path + "/ticks", "{\"item\": \"potato\", \"ticked\": false}");
        assertThat(http.get(path + "/ticks").body().size()).isZero();
    }
}
