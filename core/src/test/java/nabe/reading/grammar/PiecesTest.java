package nabe.reading.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the words of a method end, and what is a number. */
class PiecesTest {
    private static String cut(String text) {
        return Pieces.of(text).stream().map(Token::text).collect(Collectors.joining(" | "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Don't stir it, cook's orders.; Don't | stir | it | , | cook's | orders | .",
                "a well-seasoned ready-to-bake tray; a | well | seasoned | ready | to | bake | tray",
                "S&P to taste; S&P | to | taste",
                "M&Ps and salt & pepper; M | & | Ps | and | salt | & | pepper",
                "1.5 kg, 1,5 kg or 12.; 1.5 | kg | , | 1,5 | kg | or | 12 | .",
                "180°C/160°C; 180 | ° | C | / | 160 | ° | C",
                "8–10 min; 8 | – | 10 | min",
                "2½cups; 2 | ½ | cups",
                "béchamel crème; béchamel | crème"
            })
    void aTextIsCutAtItsLetters(String text, String pieces) {
        assertThat(cut(text)).isEqualTo(pieces);
    }

    @ParameterizedTest
    @CsvSource({
        "one, 1",
        "nineteen, 19",
        "Twenty, 20",
        "ninety, 90",
        "couple, 2",
        "½, 0.5",
        "⅔, 0.6666667",
        "1.000, 1",
        "'1,5', 1.5",
        "'1,500', 1500"
    })
    void numbersInWordsFiguresAndSignsHaveTheirValue(String said, double value) {
        Token number = Pieces.of(said).getFirst();

        assertThat(number.isNumber()).isTrue();
        assertThat(number.low()).isCloseTo(value, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(number.high()).isEqualTo(number.low());
    }

    @Test
    void everyPieceKnowsWhereItStands() {
        String text = "Pour 1½ cups of crème fraîche over; don't stir – 2 min.";

        for (Token piece : Pieces.of(text)) {
            assertThat(text.substring(piece.start(), piece.end())).isEqualTo(piece.text());
        }
    }

    @Test
    void nothingButSpaceAndHyphensWithinWordsIsLost() {
        String text = "🍲 Oven-ready: 40 × 30 cm (≈ 3 l) — “deep” dish…";
        String kept = Pieces.of(text).stream().map(Token::text).collect(Collectors.joining());

        assertThat(kept).isEqualTo(text.replaceAll("\\s", "").replace("Oven-ready", "Ovenready"));
    }

    @Test
    void anEmptyTextHasNoPieces() {
        assertThat(List.of("", "   ", "\n\t"))
                .allSatisfy(t -> assertThat(Pieces.of(t)).isEmpty());
    }
}
