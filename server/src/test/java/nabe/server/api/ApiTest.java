package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
class ApiTest {
    private static final String TEXT =
            "Leek gratin\nServes 4\n\nIngredients\n800 g potatoes\n2 leeks\n300 ml double cream\n2 tbsp flour\n\nMethod\nBake at 190C for 40 minutes.";
    private Http http;

    @BeforeEach
    void open(RunningNabe nabe) {
        http = new Http(nabe.address());
    }

    @Test
    void aDishOffTheShelfIsKeptAndComesBackAsItWas() {
        String path = "/api/dishes/"
                + http.post("/api/dishes", Map.of("recipe", Map.of("text", TEXT)))
                        .body()
                        .get("id")
                        .asString();
        String was = http.get(path).raw().body();
        assertThat(http.send("DELETE", path, null).status()).isEqualTo(204);
        assertThat(http.get("/api/shelf").raw().body()).doesNotContain(path.substring("/api/dishes/".length()));
        assertThat(http.get(path).raw().body()).isEqualTo(was);
        assertThat(http.send("POST", path + "/back", null).raw().body()).isEqualTo(was);
        assertThat(http.get("/api/shelf").raw().body()).contains(path.substring("/api/dishes/".length()));
        assertThat(http.send("DELETE", "/api/dishes/00000000-0000-0000-0000-000000000000", null)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void readingGivesLinesWithNullsWhereNothingIsKnown() {
        JsonNode recipe = http.post("/api/recipes/read", Map.of("text", TEXT)).body();
        assertThat(recipe.at("/lines/0/ingredient").asString()).isEqualTo("potato");
        assertThat(recipe.at("/lines/0/grams/min").asDouble()).isEqualTo(800);
        assertThat(recipe.at("/lines/1/unit").isNull()).isTrue();
        assertThat(recipe.at("/servings").asInt()).isEqualTo(4);
        assertThat(recipe.at("/lines").size()).isEqualTo(4);
    }

    @Test
    void aPlanHoldsEverythingTheCookNeeds() {
        JsonNode plan = http.post(
                        "/api/plans",
                        Map.of(
                                "recipe",
                                Map.of("text", TEXT),
                                "needs",
                                List.of("vegan", "gluten-free"),
                                "avoid",
                                List.of("soy"),
                                "strict",
                                true,
                                "pan",
                                Map.of("shape", "round", "diameterMm", 260, "depthMm", 60, "material", "ceramic"),
                                "oven",
                                Map.of("celsius", 180, "fan", true, "start", "fridge"),
                                "servings",
                                8))
                .body();
        assertThat(plan.at("/bake/oven/celsius").asDouble()).isEqualTo(200);
        assertThat(plan.at("/build/pan/shape").asString()).isEqualTo("round");
        assertThat(plan.at("/massBeforeGrams").asDouble()).isGreaterThan(2000);
        for (String list : List.of("/ingredients", "/swaps", "/build/layers", "/bake/phases", "/cautions")) {
            assertThat(plan.at(list).size()).as(list).isPositive();
        }
        assertThat(plan.at("/swaps/0/becomes/0/ingredient").asString()).isNotBlank();
        assertThat(plan.at("/ingredients")
                        .valueStream()
                        .flatMap(i -> i.get("allergens").valueStream())
                        .map(JsonNode::asString))
                .doesNotContain("milk", "wheat", "soy");
    }

    @Test
    void aReadingSentBackPlansLikeItsText() {
        JsonNode recipe = http.post("/api/recipes/read", Map.of("text", TEXT)).body();
        JsonNode fromText = http.post("/api/plans", Map.of("recipe", Map.of("text", TEXT), "needs", List.of("vegan")))
                .body();
        JsonNode fromLines = http.post("/api/plans", Map.of("recipe", recipe, "needs", List.of("vegan")))
                .body();
        assertThat(fromLines.at("/ingredients")).isEqualTo(fromText.at("/ingredients"));
        assertThat(fromLines.at("/bake")).isEqualTo(fromText.at("/bake"));
    }

    @Test
    void aDishIsKeptChangedAndWatchedForOtherHands() {
        Http.Answer made = http.post("/api/dishes", Map.of("recipe", Map.of("text", TEXT)));
        String path = "/api/dishes/" + made.body().get("id").asString();
        assertThat(made.status()).isEqualTo(201);
        assertThat(made.etag()).isEqualTo("\"1\"");
        String changed = JsonMapper.shared()
                .writeValueAsString(Map.of("recipe", Map.of("text", TEXT), "needs", List.of("vegan")));
        assertThat(http.send("PUT", path, changed, "If-Match", "\"1\"").etag()).isEqualTo("\"2\"");
        Http.Answer late = http.send("PUT", path, changed, "If-Match", "\"1\"");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().at("/current/version").asInt()).isEqualTo(2);
        assertThat(http.send("PUT", path, changed).status()).isEqualTo(428);
        assertThat(http.get(path + "/plan").body().at("/swaps").size()).isPositive();
        assertThat(http.send("POST", path + "/undo", null, "If-Match", "\"2\"")
                        .body()
                        .at("/brief/needs")
                        .isNull())
                .isTrue();
        assertThat(http.send("POST", path + "/redo", null)
                        .body()
                        .at("/brief/needs/0")
                        .asString())
                .isEqualTo("vegan");
        assertThat(http.get(path + "/revisions").body().get(0).get("change").asString())
                .isEqualTo("Redid: Changed needs");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"recipe\":{\"text\":\"\"}} | 422 | no text",
                "{} | 400 | no recipe",
                "{\"recipe\":{\"text\":\"Hello there\"}} | 422 | No ingredient",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"needs\":[\"sugar-free\"]} | 400 | sugar-free",
                "{\"recipe\" | 400 | not JSON",
                "[] | 400 | not JSON",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"servings\":-2} | 400 | between 1 and 200",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"pan\":{\"lengthMm\":-5,\"widthMm\":200}} | 400 | between 80 and 700",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"pan\":{\"shape\":\"heart\"}} | 400 | rectangle",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"avoid\":[\"love\"]} | 400 | love",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"servings\":\"many\"} | 400 | numbers",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"pan\":{\"lengthMm\":[9]}} | 400 | at pan → lengthMm",
                "{\"recipe\":{\"text\":\"Pie\\n1 egg\"},\"oven\":{\"start\":\"lava\"}} | 400 | hot, room",
                "{\"recipe\":{\"text\":\"a\\u0000b\\u0001\"}} | 422 | does not look like text"
            })
    void badInputIsRefusedInACooksWords(String body, int status, String words) {
        Http.Answer answer = http.send("POST", "/api/plans", body);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.body().get("detail").asString()).contains(words);
    }

    @Test
    void aTextOfOverAMegabyteIsRefused() {
        assertThat(http.post("/api/recipes/read", Map.of("text", "1 onion\n".repeat(140_000)))
                        .status())
                .isBetween(413, 422);
        assertThat(http.post("/api/recipes/read", Map.of("text", "1 onion\n".repeat(400_000)))
                        .status())
                .isEqualTo(413);
    }

    @Test
    void anUnknownDishOrAddressIsAProblemInJson() {
        assertThat(http.get("/api/dishes/00000000-0000-0000-0000-000000000000").status())
                .isEqualTo(404);
        assertThat(http.get("/api/dishes/banana").body().get("detail").asString())
                .contains("no such dish");
        assertThat(http.get("/api/nothing").status()).isEqualTo(404);
    }

    @Test
    void aLabelIsReadIntoVerdictsWithTheirWords() {
        JsonNode reading = http.post(
                        "/api/labels/read",
                        Map.of("text", "Ingredients: sunflower oil, whey powder (MILK), starch. May contain nuts."))
                .body();
        assertThat(reading.at("/contains/0").asString()).isEqualTo("milk");
        assertThat(reading.at("/mayContain").valueStream().map(JsonNode::asString))
                .contains("tree-nut:hazelnut");
        assertThat(reading.at("/verdicts/dairy-free").asString()).isEqualTo("no");
        assertThat(reading.at("/verdicts/gluten-free").asString()).isEqualTo("check");
        assertThat(reading.at("/verdicts/egg-free").asString()).isEqualTo("yes");
        assertThat(reading.at("/unclear/0/words").asString()).isEqualTo("starch");
        assertThat(reading.at("/because").valueStream().map(b -> b.get("words").asString()))
                .contains("whey powder");
        assertThat(http.post("/api/labels/read", Map.of("text", " "))
                        .body()
                        .get("detail")
                        .asString())
                .contains("no label to read");
    }

    @Test
    void theDemoShelfHoldsFourDishesThatPlanWhole() {
        List<String> titles = http.get("/api/dishes")
                .body()
                .valueStream()
                .map(d -> d.get("title").asString())
                .toList();
        assertThat(titles)
                .contains(
                        "Chard and mushroom lasagna",
                        "Lamb moussaka",
                        "Leek and potato gratin",
                        "Chicken and root-vegetable pot pie");
        http.get("/api/dishes")
                .body()
                .valueStream()
                .filter(d -> d.at("/brief/strict").asBoolean())
                .forEach(d -> {
                    JsonNode plan = http.get("/api/dishes/" + d.get("id").asString() + "/plan")
                            .body();
                    assertThat(plan.at("/unresolved").size())
                            .as(d.get("title").asString())
                            .isZero();
                    assertThat(plan.at("/recipe/lines")
                                    .valueStream()
                                    .filter(l -> !l.get("doubt").isNull())
                                    .count())
                            .isZero();
                });
    }

    @Test
    void theWebClientsTypesComeFromThisVeryApi() throws IOException {
        JsonNode served = http.get("/api/openapi").body();
        JsonNode committed = JsonMapper.shared().readTree(Files.readString(Path.of("../web/src/api/openapi.json")));
        assertThat(served).as("run ./nabe openapi").isEqualTo(committed);
    }

    @Test
    void theShelfIsOneAnswerAndFollowsEveryChange() {
        JsonNode dish = http.post("/api/dishes", Map.of("recipe", Map.of("text", TEXT), "needs", List.of("vegan")))
                .body();
        String id = dish.get("id").asString();
        JsonNode shown = onShelf(id);
        assertThat(shown.get("title").asString()).isEqualTo("Leek gratin");
        assertThat(shown.get("needs").values()).extracting(JsonNode::asString).containsExactly("vegan");
        assertThat(shown.at("/build/layers").size()).isPositive();
        String ours = JsonMapper.shared().writeValueAsString(Map.of("title", "Ours", "recipe", Map.of("text", TEXT)));
        http.send("PUT", "/api/dishes/" + id, ours, "If-Match", "\"1\"");
        assertThat(onShelf(id).get("title").asString()).isEqualTo("Ours");
        assertThat(onShelf(id).get("version").asInt()).isEqualTo(2);
    }

    private JsonNode onShelf(String id) {
        return http.get("/api/shelf")
                .body()
                .valueStream()
                .filter(d -> d.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPlanSpeaksWithOneVoiceOverHttp() {
        JsonNode plan = http.post(
                        "/api/plans",
                        Map.of(
                                "recipe",
                                Map.of(
                                        "text",
                                        "Mince bake\nServes 4\n\n1 onion, chopped\n1 tbsp oil\n500 g beef mince\n400 g tin tomatoes\n300 g penne\n100 g cheddar\n\n"
                                                + "Soften the onion in the oil. Brown the mince with it and drain off the fat. Add the tomatoes and simmer for 20 minutes. Boil the penne for 8 minutes and fold it in. "
                                                + "Tip into a 30 x 20 cm dish, scatter over the cheddar and bake at 190C for 25 minutes."),
                                "needs",
                                List.of("vegan", "gluten-free")))
                .body();
        assertThat(plan.at("/prep/steps/0/uses").isArray()).isTrue();
        assertThat(plan.get("method").valueStream().map(m -> m.get("text").asString()))
                .anyMatch(t -> t.startsWith("Into the dish, bottom to top:"))
                .anyMatch(t -> t.startsWith("Bake 25 min at 190 °C, open"));
        assertThat(plan.at("/bake/phases/0/said").asString()).isEqualTo("25 min");
        assertThat(plan.get("differences").valueStream().map(d -> d.get("what").asString()))
                .anyMatch(w -> w.contains("drain off the fat"));
    }
}
