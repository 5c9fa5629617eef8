package nabe.reading.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A method that somebody tells is read as orders; talk beside orders stays talk. */
class NarratedTest {
    private static final String TOLD = " I peel the leeks. I wash the rice. Then I boil it.";
    private final Narrated narrated = new Narrated(KitchenWords.shared());

    private String first(String sentence) {
        String all = narrated.of(List.of(sentence + TOLD)).getFirst();
        return all.substring(0, all.indexOf(" Peel the leeks"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "I brown the mince and then I add the stock. | Brown the mince and then add the stock.",
                "You want to stir in the flour. | Stir in the flour.",
                "She slices the onions, fries them and adds the wine. | Slice the onions, fry them and add the wine.",
                "My grandmother browned the beef and drained it. | Brown the beef and drain it.",
                "For the sauce she warms the oil. | For the sauce, warm the oil.",
                "When the pasta is done I drain it. | When the pasta is done, drain it.",
                "We start by boiling the eggs. | Boil the eggs.",
                "It all goes into a dish. | put it all into a dish."
            })
    void isAnOrder(String told, String order) {
        assertThat(first(told)).isEqualTo(order);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cook it until you see bubbles.",
                "You could add a pinch of nutmeg.",
                "If you like it hot, add chilli."
            })
    void staysAsItIs(String talk) {
        assertThat(first(talk)).isEqualTo(talk);
    }

    @Test
    void orderedMethodsKeepTheirTalk() {
        List<String> steps = List.of("Boil the rice. Fry the onion. I use a wide pan. Add the stock. Bake for 20 min.");
        assertThat(narrated.of(steps)).isEqualTo(steps);
    }
}
