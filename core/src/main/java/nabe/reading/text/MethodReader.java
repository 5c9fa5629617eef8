package nabe.reading.text;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Temperature;
import nabe.recipe.OvenSetting;

/** Finds oven temperature, bakes and pan in the method's words. */
final class MethodReader {
    private static final Pattern DEGREES = Pattern.compile(
            "(?<fanBefore>fan\\s*(?:oven)?\\s*(?:at|to)?\\s*)?(?<n>\\d{2,3})\\s*-?\\s*"
                    + "(?:°|º|˚|degrees?|deg\\.?)?\\s*(?<scale>C|F|celsius|centigrade|fahrenheit)\\b\\s*(?<fan>\\(?fan\\b)?"
                    + "|(?<bare>\\d{3})\\s*(?:°|º|˚|degrees?)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_NUMBER = Pattern.compile(
            "(?:oven\\s+(?:to|at)|\\bbaked?\\s+(?:uncovered |covered )?(?:at\\s+)?)\\s*(?<n>[1-4]\\d{2})\\b(?!\\s*(?:-|to)?\\s*\\d*\\s*(?:min|g\\b|ml))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GAS =
            Pattern.compile("gas\\s*(?:mark)?\\s*(?<n>10|[1-9])\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_TALK = Pattern.compile(
            "^(?!.*\\b(?:increase|turn up|raise|grill|broil)).*\\b(?:oven|bake)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern BAKE =
            Pattern.compile("\\b(?:bake|baking|in the oven|into the oven)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern GRILL =
            Pattern.compile("\\b(?:grill|broil|broiler)\\b(?! pan)", Pattern.CASE_INSENSITIVE);

    private MethodReader() {}

    static OvenSetting oven(List<String> steps) {
        List<OvenSetting.BakeTime> times = new BakeTimes().find(steps);
        String all = String.join("\n", steps);
        List<String> sentences = List.of(all.split("(?<=[.;!])\\s+|\n"));
        boolean grilled = grilledAfterBaking(sentences);
        OvenSetting last = null;
        for (String sentence : sentences) {
            OvenSetting found = OVEN_TALK.matcher(sentence).find() ? degrees(sentence, times, grilled) : null;
            last = found == null ? last : found;
        }
        OvenSetting any = last != null ? last : degrees(all, times, grilled);
        if (any != null) {
            return any;
        }
        Matcher gas = GAS.matcher(all);
        if (gas.find()) {
            return new OvenSetting(
                    Temperature.gasMark(Double.parseDouble(gas.group("n"))).celsius(), false, times, grilled);
        }
        Matcher number = OVEN_NUMBER.matcher(all);
        return new OvenSetting(
                number.find() ? guess(Double.parseDouble(number.group("n"))) : null, false, times, grilled);
    }

    /** What is grilled before the dish bakes is one of its parts; "grilled peppers" are bought so. */
    private static boolean grilledAfterBaking(List<String> sentences) {
        boolean baked = false;
        for (String sentence : sentences) {
            Matcher grill = GRILL.matcher(sentence);
            Matcher bake = BAKE.matcher(sentence);
            boolean bakesHere = bake.find();
            if (grill.find() && (baked || bakesHere && bake.start() < grill.start())) {
                return true;
            }
            baked |= bakesHere;
        }
        return false;
    }

    /** The first oven temperature a text names, or null. */
    private static OvenSetting degrees(String text, List<OvenSetting.BakeTime> times, boolean grilled) {
        Matcher degrees = DEGREES.matcher(text);
        while (degrees.find()) {
            Double celsius = celsius(degrees);
            if (celsius != null && celsius >= 90 && celsius <= 290) {
                boolean fan =
                        degrees.group("fan") != null && !degrees.group("fan").startsWith("(")
                                || degrees.group("fanBefore") != null;
                return new OvenSetting(fan ? celsius + Temperature.FAN_OFFSET_CELSIUS : celsius, fan, times, grilled);
            }
        }
        return null;
    }

    private static Double celsius(Matcher m) {
        if (m.group("bare") != null) {
            return guess(Double.parseDouble(m.group("bare")));
        }
        double n = Double.parseDouble(m.group("n"));
        boolean fahrenheit = m.group("scale").toLowerCase(java.util.Locale.ROOT).startsWith("f");
        return fahrenheit
                ? Double.valueOf(
                        Math.round(Temperature.fahrenheit(Math.min(n, 600)).celsius()))
                : Double.valueOf(n);
    }

    /** A number without a scale: ovens do not go to 275 °C nor bake at 260 °F often, so 275 and up is Fahrenheit. */
    private static Double guess(double n) {
        if (n > 600 || n < 100) {
            return null;
        }
        return n >= 275 ? (double) Math.round(Temperature.fahrenheit(n).celsius()) : n;
    }
}
