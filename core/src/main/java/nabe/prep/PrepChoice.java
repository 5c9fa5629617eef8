package nabe.prep;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the cook decided about preparing.
 *
 * @param minutesLeft until the dish should be built, or null when there is time enough
 * @param mends what was touched to bring the water in, by a mend's key ("stock:red-sauce", "cook:3", "press:2", "uncover")
 */
public record PrepChoice(@Nullable Integer minutesLeft, Map<String, Double> mends) {
    private static final PrepChoice NONE = new PrepChoice(null, Map.of());
    private static final double MOST = 5000;
    /** Pressed 20 min more, tofu loses about another 5 %. Domain table: 10 to 20 % in all. */
    public static final double PRESSED = 0.05;

    public static final int PRESS_MINUTES = 20;

    /** @throws IllegalArgumentException for a time before now or a mend of an absurd size */
    public PrepChoice {
        if (minutesLeft != null && (minutesLeft < 0 || minutesLeft > 7 * 24 * 60)) {
            throw new IllegalArgumentException("The minutes left (" + minutesLeft + ") must be between 0 and a week.");
        }
        mends = mends == null ? Map.of() : Map.copyOf(mends);
        mends.forEach((key, value) -> {
            if (!key.matches("stock:[a-z-]+|(?:cook|press):\\d{1,3}|uncover") || !(value >= 0 && value <= MOST)) {
                throw new IllegalArgumentException(
                        "The mend (" + key + " = " + value + ") must be one the plan offered.");
            }
        });
    }

    public static PrepChoice none() {
        return NONE;
    }

    /** @return the size of this mend, 0 where it was not made */
    public double mend(String key) {
        return mends.getOrDefault(key, 0.0);
    }
}
