package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Predicate;
import nabe.swap.JobCorpus.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** What things do, and what does it instead, over the corpus of jobs: recipes and expectations written before they were run. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class JobCorpusTest {
    /** Of this run of the tests: what stands in a static is not asked again when a rule is changed under it. */
    private final List<Outcome> outcomes =
            JobCorpus.all().stream().map(JobCorpus.Case::run).toList();

    @Test
    void thereAreEnoughCases() {
        assertThat(outcomes).hasSizeGreaterThanOrEqualTo(150);
    }

    @Test
    void noFirstAnswerIsWrong() {
        assertThat(outcomes.stream().filter(Outcome::isWrong)).isEmpty();
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

    private List<String> those(Predicate<Outcome> which) {
        return outcomes.stream()
                .filter(which)
                .map(o -> "%s: %s as %s".formatted(o.of().title(), o.of().line(), o.job()))
                .toList();
    }
}
