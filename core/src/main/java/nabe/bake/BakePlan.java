package nabe.bake;

import java.util.List;
import nabe.measure.Temperature;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * How the dish bakes.
 *
 * @param start how warm it goes in
 * @param asWritten the recipe's own phases as a cook would set them, or null where it gives none or two temperatures
 * @param rule how the minutes were found, in words
 * @param coreCelsius the safe core temperature, or null where none is usual; {@code coreSource} who says so
 * @param coreReached whether the forecast's coldest point is there when the bake ends; {@code coreMinutes} when it is
 * @param signs what done looks like
 * @param recipeMinutes what the recipe itself gave, or null
 * @param drivers what moves the time, most first
 * @param band the minutes it may take, given the oven and the start
 * @param practice what cooks usually find for such a dish; {@code notes} where the forecast leaves that, or something stays undone
 * @param steamedOff share of each layer's water that goes off as steam in the oven, bottom to top
 * @param carryOver what its own heat still does while it rests
 * @param forecast the bake over time, or null where it was not asked for
 */
public record BakePlan(
        Scales oven,
        Start start,
        OvenChoice.@Nullable OwnPhases asWritten,
        List<Phase> phases,
        int ovenMinutes,
        String rule,
        @Nullable Double coreCelsius,
        @Nullable String coreSource,
        boolean coreReached,
        int coreMinutes,
        List<String> signs,
        @Nullable Integer recipeMinutes,
        List<Driver> drivers,
        Band band,
        Practice practice,
        List<String> notes,
        List<Double> steamedOff,
        CarryOver carryOver,
        @Nullable Forecast forecast) {

    /** @return minutes in the oven, under cover or open */
    public int minutes(boolean covered) {
        return phases.stream()
                .filter(p -> p.celsius() != null && p.covered() == covered)
                .mapToInt(Phase::minutes)
                .sum();
    }

    /** @return minutes of cover that come off for the rest of the bake, 0 where it is open or sealed all the way */
    public int firstCovered() {
        boolean comesOff = phases.getFirst().covered()
                && phases.stream().anyMatch(p -> p.kind().equals("bake") && !p.covered());
        return comesOff ? phases.getFirst().minutes() : 0;
    }

    /** One oven temperature on every dial. */
    public record Scales(double celsius, double fahrenheit, int gasMark, double fanCelsius) {
        static Scales of(Temperature t) {
            return new Scales(t.celsius(), Math.round(t.fahrenheit() / 5) * 5.0, t.nearestGasMark(), t.fanSetting());
        }
    }

    /**
     * What the heat at the edge still does to the inside, °C: when it comes out, and the highest within the rest.
     *
     * @param middleOut, middleHighest of the very middle; {@code coldestOut}, {@code coldestHighest} of the coldest point, which may lie elsewhere
     * @param words the same for the cook
     */
    public record CarryOver(long middleOut, long middleHighest, long coldestOut, long coldestHighest, String words) {
        static CarryOver of(long middleOut, long middleHighest, long coldestOut, long coldestHighest) {
            return new CarryOver(
                    middleOut,
                    middleHighest,
                    coldestOut,
                    coldestHighest,
                    Messages.say(
                            "bake.out-of-the-oven-the-middle",
                            middleOut,
                            coldestOut,
                            resting(
                                    middleHighest > middleOut,
                                    coldestHighest > coldestOut,
                                    middleHighest,
                                    coldestHighest)));
        }

        private static String resting(boolean middle, boolean coldest, long middleTo, long coldestTo) {
            if (!middle && !coldest) {
                return Messages.say("bake.neither-gets-hotter-as-it-rests");
            }
            String goes = middle
                    ? Messages.say("bake.the-middle-goes-on-to", middleTo)
                    : Messages.say("bake.the-coldest-point-goes-on-to", coldestTo);
            return Messages.say("bake.as-it-rests-and-the-coldest", goes, coldestTo, middle && coldest);
        }
    }

    /** @param words such as "depth 62 mm: +14 min"; {@code minutes} more or less than the usual */
    public record Driver(String what, int minutes, String words) {}

    /** @param lowMinutes, highMinutes in the oven, with an oven and a start that are off by as much as is usual */
    public record Band(int lowMinutes, int highMinutes, String words) {}

    /** @param lowMinutes, highMinutes kitchen practice for such a dish; {@code words} whose figures they are */
    public record Practice(int lowMinutes, int highMinutes, String words) {}
}
