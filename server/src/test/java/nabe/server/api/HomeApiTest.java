package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import nabe.server.Http;
import nabe.server.RunningNabe;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** House, packets and wordings, and what they do to every plan. */
@ExtendWith(RunningNabe.class)
class HomeApiTest {
    private static final String TEXT =
            "Bake\nServes 4\n\nIngredients\n9 lasagna sheets\n400 g passata\n2 tbsp nonna's soft curd\n200 g mozzarella\n\nMethod\nLayer and bake at 190C for 40 minutes.";
    private Http http;
    private JsonNode before;

    @BeforeEach
    void open(RunningNabe nabe) {
        http = new Http(nabe.address());
        before = http.get("/api/house").body().get("house");
    }

    @AfterEach
    void putBack() {
        http.send("PUT", "/api/house", before.toString());
    }

    private JsonNode plan(Object... more) {
        Map<String, Object> brief = new java.util.HashMap<>(Map.of("recipe", Map.of("text", TEXT), "forecast", false));
        for (int i = 0; i < more.length; i += 2) {
            brief.put((String) more[i], more[i + 1]);
        }
        return http.post("/api/plans", brief).body();
    }

    private Http.Answer house(String json, String... headers) {
        return http.send("PUT", "/api/house", json, headers);
    }

    @Test
    void aPersonWhoEatsBringsTheirNeeds() {
        house(
                "{\"people\":[{\"id\":\"w\",\"name\":\"Wenna\",\"needs\":[\"gluten-free\"],\"strict\":true},{\"id\":\"m\",\"name\":\"Maris\",\"needs\":[\"dairy-free\"],\"avoid\":[\"soy\"]}]}");
        assertThat(plan().at("/swaps").size()).isZero();
        JsonNode both = plan("eaters", List.of("w", "m"));
        assertThat(both.at("/needs/needs").valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder("gluten-free", "dairy-free");
        assertThat(both.at("/needs/avoid/0").asString()).isEqualTo("soy");
        assertThat(both.at("/needs/strict").asBoolean()).isTrue();
        assertThat(both.at("/ingredients")
                        .valueStream()
                        .flatMap(i -> i.get("allergens").valueStream())
                        .map(JsonNode::asString))
                .doesNotContain("wheat", "milk", "soy");
    }

    @Test
    void theHousesSchoolsAreItsDefaultsAndADishMayDiffer() {
        house("{\"schools\":{\"cover\":\"sealed\",\"rest\":\"60\"}}");
        assertThat(plan().at("/bake/phases")
                        .valueStream()
                        .filter(p -> p.at("/kind").asString().equals("bake")))
                .allMatch(p -> p.at("/covered").asBoolean());
        assertThat(plan("schools", Map.of("cover", "open"))
                        .at("/bake/phases/0/covered")
                        .asBoolean())
                .isFalse();
        assertThat(plan().at("/bake/phases")
                        .valueStream()
                        .reduce((a, b) -> b)
                        .orElseThrow()
                        .at("/minutes")
                        .asInt())
                .isEqualTo(60);
    }

    @Test
    void spoonsAndAmountsAreTheHouses() {
        house("{\"spoons\":\"australian\",\"amounts\":\"metric\"}");
        JsonNode recipe = http.post(
                        "/api/recipes/read",
                        Map.of("text", "Bake\n1 tbsp water\n1 kg potatoes\nBake it for 20 minutes at 190C in a dish."))
                .body();
        assertThat(recipe.at("/lines/0/grams/min").asDouble()).isBetween(19.5, 20.5);
    }

    @Test
    void twoHandsOnTheHouseAreNoticed() {
        String seen = http.get("/api/house").etag();
        assertThat(house("{\"lacks\":[\"blender\"]}", "If-Match", seen).status())
                .isEqualTo(200);
        Http.Answer late = house("{\"lacks\":[]}", "If-Match", seen);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.type()).contains("problem+json");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"people\":[{\"name\":\"\"}]}",
                "{\"schools\":{\"cover\":\"sideways\"}}",
                "{\"lacks\":[\"flux capacitor\"]}",
                "{\"spoons\":\"giant\"}",
                "{\"people\":[{\"id\":\"a\",\"name\":\"A\"},{\"id\":\"a\",\"name\":\"B\"}]}",
                "{\"pans\":[{\"name\":\"Huge\",\"pan\":{\"lengthMm\":3000,\"widthMm\":200}}]}",
                "{\"people\":[{\"name\":\"A\",\"needs\":[\"sun-free\"]}]}"
            })
    void absurdHousesAreRefusedInWordsAndNothingIsLost(String json) {
        JsonNode kept = http.get("/api/house").body();
        Http.Answer answer = house(json);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().at("/detail").asString()).hasSizeGreaterThan(15);
        assertThat(http.get("/api/house").body()).isEqualTo(kept);
    }

    @Test
    void aKeptPacketStandsInByItsOwnLabelAndItsOwnFigures() {
        JsonNode packet = http.post(
                        "/api/larder/products",
                        Map.of(
                                "name",
                                "the blue packet",
                                "standsFor",
                                "brown-rice-lasagna-sheets",
                                "label",
                                "Ingredients: brown rice flour, egg white. Gluten-free.",
                                "sheetGrams",
                                30.0,
                                "thirst",
                                200.0))
                .body();
        String path = "/api/larder/products/" + packet.get("id").asString();
        try {
            assertThat(packet.at("/reading/verdicts/egg-free").asString()).isEqualTo("no");
            JsonNode eggFree = plan("needs", List.of("gluten-free", "egg-free"), "strict", true);
            assertThat(eggFree.at("/swaps/0/becomes/0/ingredient").asString())
                    .isNotEqualTo("brown-rice-lasagna-sheets");
            JsonNode glutenFree =
                    plan("needs", List.of("gluten-free"), "strict", true, "choices", Map.of("0", "sheets-brown-rice"));
            assertThat(glutenFree.at("/swaps/0/becomes/0/grams").asDouble()).isEqualTo(9 * 30.0);
            assertThat(http.send("PUT", path, "{\"name\":\"the blue packet\",\"standsFor\":\"no such thing\"}")
                            .status())
                    .isEqualTo(400);
        } finally {
            assertThat(http.send("DELETE", path, null).status()).isEqualTo(204);
        }
        assertThat(http.send("DELETE", path, null).status()).isEqualTo(404);
    }

    @Test
    void aCorrectedWordingIsRemembered() {
        assertThat(plan().at("/recipe/lines/2/ingredient").isNull()).isTrue();
        http.send("PUT", "/api/larder/wordings", "{\"words\":\"Nonna's soft curd\",\"ingredient\":\"ricotta\"}");
        try {
            JsonNode line = plan().at("/recipe/lines/2");
            assertThat(line.at("/ingredient").asString()).isEqualTo("ricotta");
            assertThat(line.at("/remembered").asBoolean()).isTrue();
            assertThat(line.at("/grams/min").asDouble()).isPositive();
        } finally {
            assertThat(http.send("DELETE", "/api/larder/wordings?words=nonnas%20soft%20curd", null)
                            .status())
                    .isEqualTo(204);
        }
        assertThat(plan().at("/recipe/lines/2/ingredient").isNull()).isTrue();
        assertThat(http.send("PUT", "/api/larder/wordings", "{\"words\":\"!!\",\"ingredient\":\"ricotta\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theLarderTellsWhatItKnows() {
        JsonNode items = http.get("/api/larder/ingredients").body();
        assertThat(items.size()).isGreaterThanOrEqualTo(750);
        items.forEach(i -> assertThat(i.at("/source").asString())
                .as(i.at("/id").asString())
                .isNotBlank());
        JsonNode components = http.get("/api/larder/components").body();
        assertThat(components.size()).isGreaterThanOrEqualTo(60);
        components.forEach(c -> {
            assertThat(c.at("/ingredients").size()).isPositive();
            assertThat(c.at("/steps").size()).isPositive();
            assertThat(c.at("/sign").asString()).isNotBlank();
        });
        assertThat(http.get("/api/house/choices").body().at("/questions").size())
                .isEqualTo(14);
        JsonNode near = http.get("/api/larder/near?words=smoky%20tofu%20block").body();
        assertThat(near.size()).isEqualTo(3);
        assertThat(near.toString()).contains("smoked-tofu");
    }
}
