package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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
    void firstAnswersAreSoundInNineteenOfTwenty() {
        List<Outcome> others = OUTCOMES.stream().filter(o -> !o.isSound()).toList();
        assertThat(others.size()).as("%s", others).isLessThanOrEqualTo(OUTCOMES.size() / 20);
    }

    @Test
    void noFirstAnswerIsWrong() {
        assertThat(OUTCOMES.stream().filter(Outcome::isWrong)).isEmpty();
    }

    @Test
    void jobsAreRightInNineteenOfTwenty() {
        List<Outcome> others = OUTCOMES.stream().filter(o -> !o.rightJob()).toList();
        assertThat(others.size()).as("%s", others).isLessThanOrEqualTo(OUTCOMES.size() / 20);
    }

    @Test
    void thereAreTwoFurtherChoicesInNineOfTen() {
        List<Outcome> others = OUTCOMES.stream().filter(o -> !o.hasChoice()).toList();
        assertThat(others.size()).as("%s", others).isLessThanOrEqualTo(OUTCOMES.size() / 10);
    }
}
