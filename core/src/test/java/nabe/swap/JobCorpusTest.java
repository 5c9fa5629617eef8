package nabe.swap;

import java.util.List;
import java.util.function.Predicate;
import nabe.swap.JobCorpus.Outcome;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;

/**
 * What things do, and what does it instead, over the corpus of jobs: recipes and expectations written before they were
 * run. One test, which asks the corpus once and within it: so its time is its own for whoever measures it.
 */
class JobCorpusTest {
    @Test
    void everyThingIsSwappedByItsJob() {
        List<Outcome> outcomes =
                JobCorpus.all().stream().map(JobCorpus.Case::run).toList();
        SoftAssertions softly = new SoftAssertions();
        softly.assertThat(outcomes).hasSizeGreaterThanOrEqualTo(150);
        softly.assertThat(outcomes.stream().filter(Outcome::isWrong))
                .as("no first answer is wrong")
                .isEmpty();
        softly.assertThat(those(outcomes, o -> !o.rightJob()))
                .as("those that are still read otherwise, one by one: nothing joins them, and what is mended goes")
                .containsExactlyInAnyOrder(
                        "Aubergine parmigiana: 250 g mozzarella as browns",
                        "Aubergine parmigiana: 60 g parmesan as browns",
                        "Macaroni cheese with a bacon crumb: 250 g red leicester as mixed-in",
                        "Clafoutis of tomatoes: 60 g parmesan as laid");
        softly.assertThat(those(outcomes, o -> !o.isSound()))
                .as("every first answer is sound but one")
                .containsExactly("Ratatouille lasagne with nut béchamel: 40 g cashew parmesan as browns");
        softly.assertThat(those(outcomes, o -> !o.hasChoice()))
                .as("everywhere there are further choices")
                .isEmpty();
        softly.assertAll();
    }

    private static List<String> those(List<Outcome> outcomes, Predicate<Outcome> which) {
        return outcomes.stream()
                .filter(which)
                .map(o -> "%s: %s as %s".formatted(o.of().title(), o.of().line(), o.job()))
                .toList();
    }
}
