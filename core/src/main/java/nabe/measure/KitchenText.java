package nabe.measure;

import nabe.words.Messages;

/** Numbers as cooks write them: 1 ½, 450 g, 1.2 kg, 2 ¼ cups. Rounding is for reading only; plans keep full grams. */
public final class KitchenText {
    private static final double[] PARTS = {0, 1 / 8d, 1 / 4d, 1 / 3d, 1 / 2d, 2 / 3d, 3 / 4d, 1};
    private static final String[] MARKS = {"", "⅛", "¼", "⅓", "½", "⅔", "¾", ""};

    private KitchenText() {}

    /** A number with a vulgar fraction: 1.5 is "1 ½", 0.02 is "a trace", above 10 whole. */
    public static String number(double value) {
        if (value >= 10) {
            return Long.toString(Math.round(value));
        }
        long whole = (long) Math.floor(value);
        int nearest = nearestPart(value - whole);
        if (nearest == PARTS.length - 1) {
            return Long.toString(whole + 1);
        }
        if (nearest == 0) {
            return whole == 0 ? Messages.say("measure.a-trace") : Long.toString(whole);
        }
        return whole == 0 ? MARKS[nearest] : whole + " " + MARKS[nearest];
    }

    private static int nearestPart(double fraction) {
        int best = 0;
        for (int i = 1; i < PARTS.length; i++) {
            if (Math.abs(PARTS[i] - fraction) < Math.abs(PARTS[best] - fraction)) {
                best = i;
            }
        }
        return best;
    }

    /** A metric number: 1.2, 400, 0.5. */
    public static String decimal(double value) {
        return value >= 10
                ? Long.toString(Math.round(value))
                : String.format(java.util.Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    /** Grams rounded to what scales show: 0.5 g below 10, 1 g below 50, 5 g below 1 kg, then kilograms. */
    public static String grams(double grams) {
        if (grams < 10) {
            double half = Math.round(grams * 2) / 2.0;
            return Messages.say(
                    "measure.g", half == Math.rint(half) ? Long.toString((long) half) : Double.toString(half));
        }
        if (grams < 50) {
            return Messages.say("measure.g", Math.round(grams));
        }
        if (grams < 997.5) {
            return Messages.say("measure.g", 5 * Math.round(grams / 5));
        }
        return Messages.say(
                "measure.kg",
                String.format(java.util.Locale.ROOT, "%.2f", grams / 1000).replaceAll("\\.?0+$", ""));
    }

    /** A volume in this region's spoons or cups, whichever reads best. */
    public static String spoonsOrCups(double ml, Spoons spoons) {
        if (ml < spoons.factor(Unit.TBSP) * 0.9) {
            return Messages.say("measure.tsp", number(ml / spoons.factor(Unit.TSP)));
        }
        if (ml < spoons.factor(Unit.CUP) * 0.24) {
            return Messages.say("measure.tbsp", number(ml / spoons.factor(Unit.TBSP)));
        }
        double cups = ml / spoons.factor(Unit.CUP);
        return Messages.say("measure.cups", number(cups), cups > 1.06);
    }
}
