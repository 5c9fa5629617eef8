package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import nabe.server.brief.BriefRequest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** The history names every thing a cook can change. */
class ChangeWordsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static BriefRequest brief(Map<String, Object> more) {
        Map<String, Object> brief =
                new LinkedHashMap<>(Map.of("title", "Gratin", "recipe", Map.of("text", "Gratin\n1 kg potatoes")));
        brief.putAll(more);
        return JSON.convertValue(brief, BriefRequest.class);
    }

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of("title", "Other", "title"),
                Arguments.of("recipe", Map.of("text", "Pie"), "recipe"),
                Arguments.of("needs", new String[] {"vegan"}, "needs"),
                Arguments.of("avoid", new String[] {"soy"}, "needs"),
                Arguments.of("strict", true, "needs"),
                Arguments.of("eaters", new String[] {"w"}, "who eats"),
                Arguments.of("choices", Map.of("0", "slurry"), "a swap"),
                Arguments.of("made", Map.of("almond-hard", "bought"), "home-made or bought"),
                Arguments.of("schools", Map.of("cover", "open"), "how it is cooked"),
                Arguments.of("prep", Map.of("mends", Map.of("cook:1", 200)), "how it is prepared"),
                Arguments.of("pan", Map.of("diameterMm", 280), "pan"),
                Arguments.of("build", Map.of("sheetLayers", 4), "how it is built"),
                Arguments.of("oven", Map.of("celsius", 180), "oven"),
                Arguments.of("servings", 8, "servings"),
                Arguments.of("notes", "Less salt.", "notes"));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void oneChangeIsNamed(String field, Object value, String word) {
        assertThat(ChangeWords.between(brief(Map.of()), brief(Map.of(field, value))))
                .isEqualTo("Changed " + word);
    }

    @Test
    void severalAreListedAndNoneIsSaidSo() {
        assertThat(ChangeWords.between(brief(Map.of()), brief(Map.of("servings", 8, "notes", "n"))))
                .isEqualTo("Changed servings, notes");
        assertThat(ChangeWords.between(brief(Map.of()), brief(Map.of()))).isEqualTo("Saved again");
        assertThat(ChangeWords.between(brief(Map.of()), brief(Map.of("needs", new String[] {}, "strict", false))))
                .isEqualTo("Saved again");
    }
}
