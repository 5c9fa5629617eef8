package nabe.reading.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Heats.Heat;
import nabe.recipe.Procedure.Minutes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GrammarTest {
    private static List<Clause> clauses(String method) {
        return new ClauseReader().read(List.of(method));
    }

    private static String verbs(String method) {
        return clauses(method).stream()
                .map(c -> (c.conditional() ? "?" : "")
                        + (c.verb() == null ? "-" : c.verb().base()))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 1/2 cups | 1.5 | 1.5",
                "1½ cups | 1.5 | 1.5",
                "3/4 cup | 0.75 | 0.75",
                "8–10 | 8 | 10",
                "8 to 10 | 8 | 10",
                "twenty-five | 25 | 25",
                "two or three | 2 | 3",
                "1,200 | 1200 | 1200"
            })
    void numbersOfAKitchenAreOneToken(String words, double low, double high) {
        Token number = Tokens.of(words).getFirst();
        assertThat(number.low()).isEqualTo(low);
        assertThat(number.high()).isEqualTo(high);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "simmer for 8–10 minutes | 8 | 10",
                "bake 1 hour | 60 | 60",
                "1 hr 15 | 75 | 75",
                "an hour and a quarter | 75 | 75",
                "half an hour | 30 | 30",
                "a quarter of an hour | 15 | 15",
                "three quarters of an hour | 45 | 45",
                "1½ hours | 90 | 90",
                "45 minutes to 1 hour | 45 | 60",
                "another 15 to 20 until golden | 15 | 20",
                "chill for 8 hours or up to 24 | 480 | 1440",
                "for five minutes more | 5 | 5",
                "for 25 mins at 190 | 25 | 25",
                "then uncover for 10. | 10 | 10"
            })
    void durationsAreRead(String words, double min, double max) {
        assertThat(Durations.in(Tokens.of(words)))
                .extracting(Durations.Duration::minutes)
                .containsExactly(new Minutes(min, max));
    }

    @ParameterizedTest
    @CsvSource({
        "2 minutes less than the packet says",
        "stir every 5 minutes",
        "about twenty minutes to go",
        "enough for 6."
    })
    void anotherClocksMinutesAreNone(String words) {
        assertThat(Durations.in(Tokens.of(words))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Heat the oven to 200C/180C fan/gas 6 | 200 | false",
                "190C, fan 170 | 190 | false",
                "Oven on to 200°C (180 if yours has a fan) | 200 | false",
                "Bake at 180°C fan-forced | 180 | true",
                "Preheat to gas mark 5 | 190 | false",
                "Oven to 350°F | 177 | false",
                "oven 200, no lid | 200 | false",
                "Bake at 375 for 30 minutes | 191 | false"
            })
    void theConventionalFigureCounts(String words, long celsius, boolean fan) {
        Heat heat = Heats.in(Tokens.of(words));
        assertThat(heat).isNotNull();
        assertThat(Math.round(heat.celsius())).isEqualTo(celsius);
        assertThat(heat.fan()).isEqualTo(fan);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Fry the onions, brown the mince, add the tomatoes and paste. | fry brown add",
                "Onion + carrot, fry 5 min. Mince in, brown 8 min. | fry - brown",
                "In go the tuna and the peas, and fold it all about. | go fold",
                "Let it simmer for 5 minutes. | simmer",
                "Drain the fried onions and set them aside. | drain set aside",
                "Butter a dish. | butter",
                "Melt the butter and add the oil. | melt add",
                "Into a square tin put half the sauce. | put",
                "Bake for 25 minutes, then 3 minutes under the grill. | bake -",
                "Cover with foil if it browns too fast. | ?cover",
                "Bake for 30 minutes unless it browns. | bake",
                "You could also use leeks. | ?-",
                "Don't rinse. | -",
                "Toss the crumbs, adding the cheese last. | toss add",
                "Off the heat stir in the rice. | stir",
                "Cook 1 min then whisk in the milk. | cook whisk",
                "Pour in the wine and when it evaporates add the passata. | pour add",
                "Once the onions are soft stir in the flour. | stir",
                "Fry until the cubes brown all over. | fry",
                "For the sauce fry onions in a little oil. | - fry",
                "For the cheese sauce melt butter in a pan. | - melt",
                "For the mash potatoes are best. | -"
            })
    void aClauseIsOneAction(String method, String expected) {
        assertThat(verbs(method)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Stir the ricotta with the egg and half the feta. | NONE WITH WITH",
                "Stir in the mustard and parsley. | IN IN",
                "Spoon the sauce over the sheets, then the cheese. | NONE OVER NONE",
                "Tip the lot into a round enamel dish. | NONE INTO",
                "Lay over it a third of the slices. | OVER NONE"
            })
    void nounsStandToTheirVerb(String method, String leads) {
        assertThat(clauses(method).getFirst().slots().stream()
                        .map(s -> s.lead().name())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(leads);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cover tightly with foil. | ON",
                "Foil off. | OFF",
                "Take the lid off. | OFF",
                "Bake, uncovered, for 40 minutes. | OFF",
                "Put the foil back on. | ON",
                "Simmer with the lid on. | ON",
                "Cover with half the sauce. | ",
                "Simmer half covered. | ",
                "Lay them on a sheet of foil. | "
            })
    void lidsAndFoilAreFollowed(String method, Cover cover) {
        assertThat(clauses(method).getFirst().cover()).isEqualTo(cover);
    }

    @Test
    void aSignIsNoInstruction() {
        Clause clause = clauses("Simmer until the carrots soften and brown at the edges.")
                .getFirst();
        assertThat(clause.verb()).isNotNull();
        assertThat(clause.verb().base()).isEqualTo("simmer");
        assertThat(clause.slots()).isEmpty();
    }

    @Test
    void noWordOfAMethodIsLost() {
        String method =
                "Warm the oil, soften the leeks (about 8 minutes) and, when they are soft, add peas. Peas in; lid off!";
        List<String> said = clauses(method).stream()
                .flatMap(c -> c.tokens().stream())
                .filter(Token::isWord)
                .map(Token::text)
                .toList();
        List<String> written = Tokens.of(method.replaceAll("\\(.*?\\)", "")).stream()
                .filter(Token::isWord)
                .map(Token::text)
                .toList();
        assertThat(said).containsAll(written);
    }
}
