package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What comes loose is scattered, never cut. */
class LooseWordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tear the melting shreds over|Scatter the melting shreds over",
                "Grate over the rest of the melting shreds|Scatter over the rest of the melting shreds",
                "fold in the cubed melting shreds|fold in the melting shreds",
                "Cover with slices of melting shreds|Cover with melting shreds",
                "toss with the melting shreds cubes|toss with the melting shreds",
                "Grate the nutmeg over the melting shreds|Grate the nutmeg over the melting shreds"
            })
    void isScattered(String said, String fitted) {
        assertThat(LooseWords.fitted(said)).isEqualTo(fitted);
    }

    @Test
    void aClauseThatOnlyCutsItIsNothingToDo() {
        assertThat(LooseWords.onlyCuts("Grate the melting shreds and")).isTrue();
        assertThat(LooseWords.onlyCuts("Cut the melting shreds in half horizontally"))
                .isTrue();
        assertThat(LooseWords.onlyCuts("Grate over the melting shreds")).isFalse();
        assertThat(LooseWords.onlyCuts("Grate the carrots and the melting shreds"))
                .isFalse();
    }
}
