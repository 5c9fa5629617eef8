package nabe.reading;

import org.jspecify.annotations.Nullable;

/**
 * One action of a sentence, or a stretch of it that has none ("Mustard in.", "Half the leeks.").
 *
 * @param action null where no verb leads it
 * @param text its words; {@code step, sentence} where it stands
 * @param first whether it begins its sentence; {@code opens} whether it begins its step
 */
record Clause(Actions.@Nullable Action action, String text, int step, int sentence, boolean first, boolean opens) {

    boolean does(Actions.Effect effect) {
        return action != null && action.effect() == effect;
    }

    boolean says(String pattern) {
        return java.util.regex.Pattern.compile(pattern, java.util.regex.Pattern.CASE_INSENSITIVE)
                .matcher(text)
                .find();
    }
}
