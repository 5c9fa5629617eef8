package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What to ask for in a shop, where things are sold by the packet. */
class PacketsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tin | 400 | 400 | 1 tin of about 400 g",
                "tin | 400 | 800 | 2 tins of about 400 g",
                "tin | 400 | 805 | 2 tins of about 400 g",
                "box | 500 | 600 | 2 boxes of about 500 g; 400 g left over",
                "bunch | 30 | 60 | 2 bunches of about 30 g",
                "packet | 500 | 490 | 1 packet of about 500 g",
                "packet | 500 | 20 | 1 packet, for 20 g of it",
                "jar | 190 | 0.4 | 1 jar, for a pinch of it",
                "each | 110 | 330 | 3, about 330 g"
            })
    void areCountedAndWhatIsLeftOverNamed(String packet, double size, double wanted, String words) {
        assertThat(Shop.packets(packet, size, wanted)).isEqualTo(words);
    }
}
