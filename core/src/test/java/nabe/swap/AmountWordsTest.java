package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nabe.larder.Larder;
import nabe.reading.text.LineReader;
import nabe.recipe.Line;
import nabe.swap.AmountWords.Said;
import nabe.swap.job.Job;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** "30 g of the butter", where butter became oil: as much of the oil as does its work. */
class AmountWordsTest {
    private static final Larder LARDER = Larder.load();
    private static final AmountWords WORDS = new AmountWords(LARDER);
    private static final Line BUTTER = new LineReader(LARDER).read("100 g butter", null);

    private static Swap to(String ingredient, double grams) {
        Swap.Becomes becomes = new Swap.Becomes(ingredient, ingredient, grams, grams + " g");
        return SwapBuilder.builder()
                .source(0)
                .was("100 g butter")
                .wasGrams(100.0)
                .offends(List.of())
                .becomes(List.of(becomes))
                .rule("rule")
                .job(Job.SOFTENS)
                .alternatives(List.of())
                .conditional(List.of())
                .passedOver(List.of())
                .build();
    }

    private static Optional<Said> said(String before, Swap swap) {
        return WORDS.before(before, BUTTER, swap);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'Melt 50 g of the ' | '40 g of the '",
                "'Melt another 25 g ' | '20 g of the '",
                "'Melt 1 1/2 oz ' | '34 g of the '",
                "'Melt ½ oz of ' | '11 g of the '",
                "'Melt 12,5 g of the ' | '10 g of the '"
            })
    void aWeightFollowsWhatTheThingBecame(String before, String words) {
        assertThat(said(before, to("olive-oil", 80)).map(Said::words)).contains(words);
    }

    @Test
    void whatStandsBeforeTheAmountStays() {
        Said said = said("Melt another 25 g of the ", to("olive-oil", 80)).orElseThrow();

        assertThat("Melt another 25 g of the ".substring(0, said.start())).isEqualTo("Melt ");
    }

    @Test
    void anAmountThatStillHoldsStandsAsTheCookWroteIt() {
        assertThat(said("Melt 50 g of the ", to("plant-block", 100))).isEmpty();
        assertThat(said("Melt 50 g of the ", to("plant-block", 98.5))).isEmpty();
        assertThat(said("Melt 50 g of the ", to("plant-block", 95))).isPresent();
    }

    /** A spoon of butter and a spoon of oil are nearly one weight, so a spoon may stand where grams would not. */
    @Test
    void aSpoonIsJudgedByItsOwnVolume() {
        double oil = LARDER.get("olive-oil").gramsPerMl().orElseThrow();
        double butter = LARDER.get("butter").gramsPerMl().orElseThrow();

        assertThat(said("Melt 2 tbsp of the ", to("olive-oil", 100 * oil / butter)))
                .isEmpty();
        assertThat(said("Melt 2 tbsp of the ", to("olive-oil", 50))).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Melt the ",
                "Melt half of the ",
                "Melt 2 knobs of the ",
                "Heat to 180 C and melt the ",
                "Melt 3/"
            })
    void whereNoWeightStandsNothingIsSaid(String before) {
        assertThat(said(before, to("olive-oil", 80))).isEmpty();
    }

    @Test
    void whatWeighsNothingSaysNothing() {
        Swap nothing = SwapBuilder.builder(to("olive-oil", 0)).build();
        Swap unknown = SwapBuilder.builder(to("olive-oil", 80)).wasGrams(null).build();

        assertThat(said("Melt 50 g of the ", nothing)).isEmpty();
        assertThat(said("Melt 50 g of the ", unknown)).isEmpty();
    }
}
