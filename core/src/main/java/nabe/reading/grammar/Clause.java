package nabe.reading.grammar;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.Durations.Duration;
import nabe.reading.grammar.Heats.Heat;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/**
 * One action of a sentence, or a stretch of it that has none ("Mustard in.", "Half the leeks.").
 *
 * @param step,sentence where it stands; sentences are counted over the whole method
 * @param verb null where no verb leads it
 * @param words as the cook wrote them
 * @param opensStep,opensSentence whether it begins its step or sentence
 * @param slots its nouns in order; {@code particles} such as "in", "off" standing alone
 * @param durations in order; {@code heat} the oven's temperature it gives
 * @param cover what happens to foil or lid, or null
 * @param conditional whether it is said only for a case: then it is no instruction
 * @param tokens all its tokens
 */
public record Clause(
        int step,
        int sentence,
        @Nullable Verb verb,
        String words,
        boolean opensStep,
        boolean opensSentence,
        List<Slot> slots,
        Set<String> particles,
        List<Duration> durations,
        @Nullable Heat heat,
        @Nullable Cover cover,
        boolean conditional,
        List<Token> tokens) {

    /** @return its verb as it stands in the dictionary, or an empty text where it has none */
    public String base() {
        return verb == null ? "" : verb.base();
    }

    /** @return the same as a sentence and step of its own */
    public Clause at(int place) {
        return new Clause(
                place,
                place,
                verb,
                words,
                opensStep,
                opensSentence,
                slots,
                particles,
                durations,
                heat,
                cover,
                conditional,
                tokens);
    }

    /** What happens to the dish's lid or foil. */
    public enum Cover {
        ON,
        OFF
    }

    public boolean does(Effect... some) {
        if (verb == null) {
            return false;
        }
        for (Effect effect : some) {
            if (verb.effect() == effect) {
                return true;
            }
        }
        return false;
    }

    public boolean says(Use use) {
        return KitchenWords.shared().any(tokens, use);
    }

    /** @return whether the clause begins with this noun, before its verb */
    public boolean isFronted(Slot slot) {
        return slot.tokens().getFirst().start() == tokens.getFirst().start();
    }

    /** @return "make a white sauce", "prepare the filling": what comes of it has the name */
    public boolean makes() {
        return base().equals("make") || base().equals("prepare");
    }

    /** @return whether what follows goes thinly on what lies there */
    public boolean brushes() {
        return base().equals("brush") || base().equals("glaze");
    }

    public boolean says(String... keys) {
        return Tokens.has(tokens, keys);
    }

    /** @return the same clause with other slots */
    public Clause with(List<Slot> others) {
        return new Clause(
                step,
                sentence,
                verb,
                words,
                opensStep,
                opensSentence,
                others,
                particles,
                durations,
                heat,
                cover,
                conditional,
                tokens);
    }
}
