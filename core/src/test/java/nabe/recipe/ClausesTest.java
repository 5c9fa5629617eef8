package nabe.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClausesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "melt the butter & | melt the butter",
                "then the milk, and | the milk",
                "and stir in the sand | stir in the sand",
                "stirring now and then | stirring now and then",
                "it is), then a third of the veg | a third of the veg",
                "the peas (still frozen) and the fish | the peas (still frozen) and the fish",
            })
    void whatOnlyLinksAClauseGoes(String clause, String bare) {
        assertThat(Clauses.unlinked(clause)).isEqualTo(bare);
    }

    @Test
    void twoClausesGetACommaOnlyWhereNothingLinksThem() {
        assertThat(Clauses.joined(List.of("rinse", "pat dry"))).isEqualTo("rinse, pat dry");
        assertThat(Clauses.joined(List.of("rinse &", "pat dry"))).isEqualTo("rinse & pat dry");
        assertThat(Clauses.joined(List.of("rinse", "then pat dry"))).isEqualTo("rinse then pat dry");
        assertThat(Clauses.joined(List.of("cook and gently", "add the milk")))
                .isEqualTo("cook and gently add the milk");
        assertThat(Clauses.joined(List.of("stir gently", "add the milk"))).isEqualTo("stir gently, add the milk");
        assertThat(Clauses.joined(List.of("take it off the heat while you", "add the milk")))
                .isEqualTo("take it off the heat while you add the milk");
    }
}
