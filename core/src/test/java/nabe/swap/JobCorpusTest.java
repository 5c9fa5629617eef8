package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Predicate;
import nabe.swap.JobCorpus.Outcome;
import org.junit.jupiter.api.Test;

/** What things do, and what does it instead, over the corpus of jobs: recipes and expectations written before they were run. */
class JobCorpusTest {
    private static final List<Outcome> OUTCOMES =
            JobCorpus.all().stream().map(JobCorpus.Case::run).toList();

    @Test
    void thereAreEnoughCases() {
        assertThat(OUTCOMES).hasSizeGreaterThanOrEqualTo(150);
    }

    @Test
    void noFirstAnswerIsWrong() {
        assertThat(OUTCOMES.stream().filter(Outcome::isWrong)).isEmpty();
    }

    /** Those that are still read otherwise stand here one by one: nothing may join them, and what is mended goes. */
    @Test
    void everyJobIsRightButThese() {
        assertThat(those(o -> !o.rightJob()))
                .containsExactlyInAnyOrder(
                        "Aubergine parmigiana: 250 g mozzarella as browns",
                        "Aubergine parmigiana: 60 g parmesan as browns",
                        "Macaroni cheese with a bacon crumb: 250 g red leicester as mixed-in",
                        "Clafoutis of tomatoes: 60 g parmesan as laid");
    }

    @Test
    void everyFirstAnswerIsSoundButOne() {
        assertThat(those(o -> !o.isSound()))
                .containsExactly("Ratatouille lasagne with nut béchamel: 40 g cashew parmesan as browns");
    }

    @Test
    void everywhereThereAreFurtherChoices() {
        assertThat(those(o -> !o.hasChoice())).isEmpty();
    }

    private static List<String> those(Predicate<Outcome> which) {
        return OUTCOMES.stream()
                .filter(which)
                .map(o -> "%s: %s as %s".formatted(o.of().title(), o.of().line(), o.job()))
                .toList();
    }
}
