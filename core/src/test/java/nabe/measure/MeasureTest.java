package nabe.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasureTest {
    @ParameterizedTest
    @CsvSource({"1.5, 1 ½", "0.333, ⅓", "2.97, 3", "0.01, a trace", "12.4, 12", "0.25, ¼", "4, 4"})
    void numbersReadAsCooksWriteThem(double value, String words) {
        assertThat(KitchenText.number(value)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"4.4, 4.5 g", "33.3, 33 g", "452, 450 g", "1200, 1.2 kg", "2000, 2 kg"})
    void gramsReadAsScalesShowThem(double grams, String words) {
        assertThat(KitchenText.grams(grams)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"1, 140", "4, 180", "6, 200", "9, 240"})
    void gasMarksFollowThePrintedScale(double mark, double celsius) {
        assertThat(Temperature.gasMark(mark).celsius()).isEqualTo(celsius);
    }

    @Test
    void dialsOfOneOvenAgree() {
        Temperature oven = Temperature.fahrenheit(375);
        assertThat(oven.celsius()).isCloseTo(190.6, within(0.1));
        assertThat(oven.nearestGasMark()).isEqualTo(5);
        assertThat(oven.fanSetting()).isEqualTo(170);
        assertThat(Temperature.fan(170).celsius()).isEqualTo(190);
    }

    @Test
    void absurdMeasuresAreRefusedInWords() {
        assertThatThrownBy(() -> Temperature.celsius(900)).hasMessageContaining("must be between -40 and 350");
        assertThatThrownBy(() -> new Amount(3, 2)).hasMessageContaining("3.0 to 2.0");
        assertThatThrownBy(Unit.CLOVE::factor).hasMessageContaining("no fixed size");
    }

    @Test
    void aWarmerSettingIsOnTheDialWhereTheFirstIs() {
        assertThat(Dial.warmed(195, -27.22)).isEqualTo(170);
        assertThat(Dial.warmed(204.4444, -27.7778)).isCloseTo(176.6667, within(0.001));
        assertThat(Dial.warmed(180, 0)).isEqualTo(180);
    }
}
