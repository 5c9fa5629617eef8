package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Recipe;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How well methods are understood, against answers a cook wrote down before they were read. */
class ReadingScoreTest {
    private static final RecipeReader RECIPES = new RecipeReader(Larder.load());
    private static final ProcedureReader READER = new ProcedureReader();

    @ParameterizedTest
    @ValueSource(strings = {"practice", "own", "household"})
    void aCooksAnswersAreReached(String shelf) {
        List<Score> scores = new ArrayList<>();
        StringBuilder talk = new StringBuilder();
        for (Readings reading : Readings.of(shelf)) {
            Recipe recipe = RECIPES.read(reading.text());
            Score score = Score.of(reading.answer(), recipe, READER.read(recipe.lines(), recipe.steps()));
            scores.add(score);
            score.talk()
                    .forEach(t ->
                            talk.append(reading.name()).append(' ').append(t).append('\n'));
        }
        assertThat(mean(scores, Score::lines)).as("lines\n%s", talk).isGreaterThanOrEqualTo(0.99);
        assertThat(mean(scores, Score::layers)).as("layers\n%s", talk).isGreaterThanOrEqualTo(0.96);
        assertThat(mean(scores, Score::shares)).as("shares\n%s", talk).isGreaterThanOrEqualTo(0.96);
        assertThat(mean(scores, Score::oven)).as("oven\n%s", talk).isGreaterThanOrEqualTo(0.99);
        assertThat(mean(scores, Score::times)).as("times\n%s", talk).isGreaterThanOrEqualTo(0.96);
        assertThat(mean(scores, Score::frame)).as("frame\n%s", talk).isGreaterThanOrEqualTo(0.99);
    }

    private static double mean(List<Score> scores, Function<Score, Double> figure) {
        return scores.stream().map(figure).filter(Objects::nonNull).collect(Collectors.averagingDouble(d -> d));
    }
}
