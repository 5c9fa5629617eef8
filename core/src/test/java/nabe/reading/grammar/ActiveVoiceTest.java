package nabe.reading.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What is told in the passive is read as an order; what only tells how a thing is stays as it is. */
class ActiveVoiceTest {
    private static final ActiveVoice VOICE = new ActiveVoice(KitchenWords.shared());

    @Test
    void aMethodToldInThePassiveIsOrdered() {
        assertThat(VOICE.of(List.of(
                        "The aubergines are sliced, salted and left for an hour. Meanwhile the mince is browned in 2 tbsp of the oil and the onions are added.",
                        "A dish is oiled. Half of the aubergines are laid in it; the sauce is spooned over, then the rest of the aubergines.",
                        "The dish is baked for 40 minutes at 180°C.")))
                .containsExactly(
                        "Slice the aubergines, salt and leave for an hour. Meanwhile brown the mince in 2 tbsp of the oil and add the onions.",
                        "Oil a dish. Lay half of the aubergines in it; spoon the sauce over, then the rest of the aubergines.",
                        "Bake the dish for 40 minutes at 180°C.");
    }

    @Test
    void aTimeMakesWorkOfOneSentence() {
        assertThat(VOICE.of(List.of("The lentils should be rinsed and simmered for 25 minutes. Stir in the spinach.")))
                .containsExactly("Rinse the lentils and simmer for 25 minutes. Stir in the spinach.");
    }

    @Test
    void whatOnlyTellsHowItIsStays() {
        List<String> ordered = List.of(
                "Fry the onions until they are softened.",
                "When the potatoes are cooked, drain them. Make sure the sheets are covered.",
                "The sauce is ready once it is reduced by half. Bake for 30 minutes until the top is browned.");
        assertThat(VOICE.of(ordered)).isEqualTo(ordered);
    }
}
