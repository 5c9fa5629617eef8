package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import nabe.larder.Larder;
import org.junit.jupiter.api.Test;

class AheadTest {
    @Test
    void isToldAndCountedFromTheSameFigure() {
        assertThat(new Ahead(1, Ahead.Way.FRIDGE).words()).isEqualTo("a day ahead, in the fridge");
        assertThat(new Ahead(2, Ahead.Way.PAPER).words()).isEqualTo("2 days ahead, paper on its face; whisk it warm");
        assertThatIllegalArgumentException().isThrownBy(() -> Ahead.Way.ofId("cellar"));
    }

    @Test
    void noTechniqueIsDoneMoreThanThreeDaysAhead() {
        Techniques techniques = new Techniques();
        assertThat(Larder.load().all())
                .extracting(i -> techniques.entry(i, nabe.recipe.Part.FILLING, nabe.house.Schools.usual()))
                .filteredOn(e -> e != null && e.ahead() != null)
                .isNotEmpty()
                .allSatisfy(e -> assertThat(e.ahead().days()).isBetween(1, 3));
    }
}
