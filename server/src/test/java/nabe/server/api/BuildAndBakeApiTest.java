package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

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

@ExtendWith(RunningNabe.class)
class BuildAndBakeApiTest {
    private static final String LASAGNA =
            "Leek lasagna\nServes 6\n\nIngredients\n12 lasagna sheets\n3 leeks\n400 g passata\n250 g ricotta\n1 egg\n200 g mozzarella\n\n"
                    + "For the white sauce\n40 g butter\n40 g flour\n500 ml milk\n\nMethod\nLayer in a 30 x 20 cm dish. Cover and bake at 190C for 30 minutes, uncover and bake 15 minutes.";
    private Http http;

    @BeforeEach
    void open(RunningNabe nabe) {
        http = new Http(nabe.address());
    }

    private Http.Answer plan(Map<String, Object> more) {
        Map<String, Object> brief = new java.util.HashMap<>(
                Map.of("recipe", Map.of("text", LASAGNA), "needs", List.of("gluten-free"), "strict", true));
        brief.putAll(more);
        return http.post("/api/plans", brief);
    }

    @Test
    void aPlanHoldsBudgetsPiecesAndTheForecast() {
        JsonNode plan = plan(Map.of()).body();
        for (String list : List.of(
                "/prep/water/layers",
                "/prep/salt/sources",
                "/prep/sauces",
                "/build/laid/0/pieces/0/corners",
                "/bake/forecast/core",
                "/bake/forecast/pictures/0/celsius",
                "/bake/drivers")) {
            assertThat(plan.at(list).size()).as(list).isPositive();
        }
        assertThat(plan.at("/build/laid/0/coverage").asDouble()).isGreaterThan(0.94);
        assertThat(plan.at("/bake/band/highMinutes").asInt())
                .isGreaterThanOrEqualTo(plan.at("/bake/ovenMinutes").asInt());
        assertThat(plan(Map.of("forecast", false)).body().at("/bake/forecast").isNull())
                .isTrue();
    }

    @Test
    void whatTheCookDecidesIsFollowed() {
        JsonNode plan = plan(Map.of(
                        "forecast",
                        false,
                        "build",
                        Map.of("sheetLayers", 4, "order", List.of()),
                        "prep",
                        Map.of("minutesLeft", 60, "mends", Map.of("stock:red-sauce", 100.0)),
                        "pan",
                        Map.of(
                                "shape",
                                "rectangle",
                                "lengthMm",
                                330,
                                "widthMm",
                                230,
                                "depthMm",
                                70,
                                "baseLengthMm",
                                310,
                                "baseWidthMm",
                                210,
                                "material",
                                "metal"),
                        "oven",
                        Map.of("start", "fridge", "phases", Map.of("covered", 30, "open", 20))))
                .body();
        assertThat(plan.at("/build/sheets/layers").asInt()).isEqualTo(4);
        assertThat(plan.at("/build/pan/baseWidthMm").asInt()).isEqualTo(210);
        assertThat(plan.at("/bake/ovenMinutes").asInt()).isEqualTo(50);
        assertThat(plan.at("/prep/steps").valueStream().map(s -> s.at("/text").asString()))
                .anyMatch(t -> t.contains("100 ml hot stock"));
    }

    @Test
    void whatIfsComeInOneCallAndAgreeWithThePlan() {
        Map<String, Object> recipe = Map.of("text", LASAGNA);
        List<Map<String, Object>> briefs = List.of(
                Map.of("recipe", recipe),
                Map.of("recipe", recipe, "oven", Map.of("start", "fridge")),
                Map.of("recipe", recipe, "oven", Map.of("celsius", 160)));
        JsonNode answers =
                http.post("/api/plans/what-if", Map.of("briefs", briefs)).body();
        for (int i = 0; i < briefs.size(); i++) {
            JsonNode plan = http.post("/api/plans", briefs.get(i)).body();
            assertThat(answers.get(i).at("/ovenMinutes")).isEqualTo(plan.at("/bake/ovenMinutes"));
            assertThat(answers.get(i).at("/coreMinutes")).isEqualTo(plan.at("/bake/coreMinutes"));
        }
        assertThat(http.post("/api/plans/what-if", Map.of("briefs", List.of())).status())
                .isEqualTo(400);
    }

    @Test
    void dishesShareAnOvenByBriefOrFromTheShelf() {
        String id = http.post("/api/dishes", Map.of("recipe", Map.of("text", LASAGNA)))
                .body()
                .get("id")
                .asString();
        JsonNode shared = http.post(
                        "/api/ovens/share",
                        Map.of(
                                "dishes",
                                List.of(Map.of("recipe", Map.of("text", LASAGNA), "oven", Map.of("start", "fridge"))),
                                "dishIds",
                                List.of(id)))
                .body();
        assertThat(shared.at("/dishes").size()).isEqualTo(2);
        shared.at("/dishes")
                .forEach(d -> assertThat(d.at("/inAfterMinutes").asInt()
                                + d.at("/bake/ovenMinutes").asInt())
                        .isEqualTo(shared.at("/minutes").asInt()));
        assertThat(http.get("/api/pans").body().size()).isGreaterThan(8);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"build\":{\"sheetLongMm\":180}} | two sides",
                "{\"build\":{\"fit\":\"magic\"}} | amounts, area or volume",
                "{\"prep\":{\"mends\":{\"stock:red-sauce\":-3}}} | the plan offered",
                "{\"oven\":{\"offsetCelsius\":90}} | at most 40",
                "{\"oven\":{\"phases\":{\"covered\":0,\"open\":900}}} | 5 to 300 minutes",
                "{\"pan\":{\"shape\":\"round\",\"diameterMm\":250,\"depthMm\":50,\"count\":99}} | between 1 and 24",
                "{\"build\":{\"order\":[\"roof\"]}} | part of the dish"
            })
    void absurdWishesAreRefusedInACooksWords(String wish, String words) {
        String brief = "{\"recipe\":{\"text\":\"Bake\\n1 kg potatoes\\n200 ml cream\"},"
                + wish.strip().substring(1);
        Http.Answer answer = http.send("POST", "/api/plans", brief);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().at("/detail").asString()).contains(words);
    }

    @Test
    void oneDishAloneSharesNothing() {
        Http.Answer answer =
                http.post("/api/ovens/share", Map.of("dishes", List.of(Map.of("recipe", Map.of("text", LASAGNA)))));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().at("/detail").asString()).contains("two to six dishes");
    }
}
