package nabe.bake;

import nabe.measure.Temperature;
import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the cook says of the oven.
 *
 * @param celsius the wanted temperature as the dial shows it, or null for the recipe's or the usual
 * @param start how warm the dish goes in, or null for as the recipe says
 * @param fan whether the dial belongs to a fan oven
 * @param offsetCelsius how much hotter than its dial the oven truly is; home ovens are off by 10 to 25
 * @param preheated whether it is hot when the dish goes in
 * @param topShelf whether the dish stands high
 * @param own the cook's own phases, or null to have them found
 */
public record OvenChoice(
        @Nullable Double celsius,
        boolean fan,
        @Nullable Start start,
        double offsetCelsius,
        boolean preheated,
        boolean topShelf,
        @Nullable OwnPhases own) {
    private static final double COOLEST = 100;
    private static final double HOTTEST = 290;
    private static final double MOST_OFF = 40;

    /** @throws WrongValueException outside 100 to 290 °C, where nothing bakes, or for an oven further off than any */
    public OvenChoice {
        if (celsius != null && !(celsius >= COOLEST && celsius <= HOTTEST)) {
            throw new WrongValueException(Messages.say("bake.the-oven-temperature-must-be-between", celsius));
        }
        if (!(Math.abs(offsetCelsius) <= MOST_OFF)) {
            throw new WrongValueException(Messages.say("bake.the-ovens-error-must-be-at", offsetCelsius));
        }
    }

    /**
     * Phases the cook set: minutes under cover, then open.
     *
     * @param cheese minutes before the end when cheese and crumbs go on, or null for when the foil comes off
     */
    public record OwnPhases(int covered, int open, @Nullable Integer cheese) {
        static final int LONGEST = 300;

        /** @throws WrongValueException for a bake of no time, or of more than any dish takes */
        public OwnPhases {
            if (covered < 0
                    || open < 0
                    || covered + open < 5
                    || covered + open > LONGEST
                    || cheese != null && cheese < 0) {
                throw new WrongValueException(Messages.say("bake.the-bake-min-covered-min-open", covered, open));
            }
        }

        Course course(boolean late) {
            return Course.found(covered, open, 0, cheese == null ? open : Math.min(cheese, open), late);
        }
    }

    /** @return the same dish without a fan, at the heat that its dial meant */
    OvenChoice withoutFan() {
        return fan && celsius != null
                ? new OvenChoice(
                        Temperature.fan(celsius).celsius(), false, start, offsetCelsius, preheated, topShelf, own)
                : new OvenChoice(celsius, false, start, offsetCelsius, preheated, topShelf, own);
    }

    /** An oven that keeps to its dial, heated up first, with the dish in the middle. */
    public OvenChoice(@Nullable Double celsius, boolean fan, @Nullable Start start) {
        this(celsius, fan, start, 0, true, false, null);
    }

    public static OvenChoice usual() {
        return new OvenChoice(null, false, null);
    }
}
