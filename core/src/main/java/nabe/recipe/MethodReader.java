package nabe.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Amount;
import nabe.measure.Temperature;

/** Finds oven temperature, bakes and pan in the method's words. */
final class MethodReader {
    private static final Pattern DEGREES = Pattern.compile("(?<fanBefore>fan\\s*(?:oven)?\\s*(?:at|to)?\\s*)?(?<n>\\d{2,3})\\s*"
            + "(?:°|º|˚|degrees?|deg\\.?)?\\s*(?<scale>C|F|celsius|centigrade|fahrenheit)\\b\\s*(?<fan>\\(?fan\\b)?"
            + "|(?<bare>\\d{3})\\s*(?:°|º|˚|degrees?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_NUMBER = Pattern.compile("oven\\s+to\\s+(?<n>\\d{3})\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern GAS = Pattern.compile("gas\\s*(?:mark)?\\s*(?<n>10|[1-9])\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIME = Pattern.compile("(?<a>\\d{1,3}|an|one|half an)\\s*(?:-|to|or)?\\s*(?<b>\\d{1,3})?\\s*(?:more\\s*|further\\s*)?"
            + "(?<unit>minutes?|mins?|hours?|hrs?|h)\\b(?:\\s*(?:and\\s*)?(?<extra>\\d{1,2})\\s*min\\w*)?", Pattern.CASE_INSENSITIVE);
    private static final Pattern BAKES = Pattern.compile("\\bbak(?:e|ed|ing)\\b|\\boven\\b|\\buncover|\\bcovered\\b.*\\bminutes|\\bfoil\\b|\\bgrill\\b|\\bbroil\\b"
            + "|\\broast for\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_THE_BAKE = Pattern.compile("\\b(?:simmer|boil|saut[eé]|fry|soften|knead|chill|soak|stir(?:ring)? for|rest for|^rest|(?:let|leave|to)\\b[^,]*\\b(?:rest|stand|cool)"
            + "|blind|saucepan|frying pan|skillet)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OVEN_TALK = Pattern.compile("^(?!.*\\b(?:increase|turn up|raise|grill|broil)).*\\b(?:oven|bake)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern UNCOVER = Pattern.compile("uncover|remove (?:the )?(?:foil|lid|cover)|take off (?:the )?(?:foil|lid)|foil off|without (?:the )?foil", Pattern.CASE_INSENSITIVE);
    private static final Pattern COVER = Pattern.compile("\\bcover(?:ed)?\\b|\\bfoil\\b|\\blid on\\b", Pattern.CASE_INSENSITIVE);

    private MethodReader() {
    }

    static OvenSetting oven(List<String> steps) {
        List<OvenSetting.BakeTime> times = new ArrayList<>();
        for (String step : steps) {
            for (String clause : step.split("(?<=[.;!])\\s+|,\\s*then\\s+|\\bthen\\s+")) {
                if (BAKES.matcher(clause).find() && !NOT_THE_BAKE.matcher(clause).find()) {
                    addTime(clause, times);
                }
            }
        }
        String all = String.join("\n", steps);
        List<String> sentences = List.of(all.split("(?<=[.;!])\\s+|\n"));
        OvenSetting last = null;
        for (String sentence : sentences) {
            OvenSetting found = OVEN_TALK.matcher(sentence).find() ? degrees(sentence, times) : null;
            last = found == null ? last : found;
        }
        OvenSetting any = last != null ? last : degrees(all, times);
        if (any != null) {
            return any;
        }
        Matcher gas = GAS.matcher(all);
        if (gas.find()) {
            return new OvenSetting(Temperature.gasMark(Double.parseDouble(gas.group("n"))).celsius(), false, times);
        }
        Matcher number = OVEN_NUMBER.matcher(all);
        return new OvenSetting(number.find() ? guess(Double.parseDouble(number.group("n"))) : null, false, times);
    }

    /** The first oven temperature a text names, or null. */
    private static OvenSetting degrees(String text, List<OvenSetting.BakeTime> times) {
        Matcher degrees = DEGREES.matcher(text);
        while (degrees.find()) {
            Double celsius = celsius(degrees);
            if (celsius != null && celsius >= 90 && celsius <= 290) {
                boolean fan = degrees.group("fan") != null && !degrees.group("fan").startsWith("(") || degrees.group("fanBefore") != null;
                return new OvenSetting(fan ? celsius + Temperature.FAN_OFFSET_CELSIUS : celsius, fan, times);
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
        return fahrenheit ? Double.valueOf(Math.round(Temperature.fahrenheit(Math.min(n, 600)).celsius())) : Double.valueOf(n);
    }

    /** A number without a scale: ovens do not go to 275 °C nor bake at 260 °F often, so 275 and up is Fahrenheit. */
    private static Double guess(double n) {
        if (n > 600 || n < 100) {
            return null;
        }
        return n >= 275 ? (double) Math.round(Temperature.fahrenheit(n).celsius()) : n;
    }

    private static void addTime(String clause, List<OvenSetting.BakeTime> times) {
        Matcher m = TIME.matcher(clause);
        while (m.find()) {
            double factor = m.group("unit").toLowerCase(java.util.Locale.ROOT).startsWith("h") ? 60 : 1;
            double first = number(m.group("a")) * factor;
            double second = m.group("b") == null ? first : number(m.group("b")) * factor;
            double extra = m.group("extra") == null ? 0 : number(m.group("extra"));
            String before = clause.substring(0, m.start());
            Boolean covered = UNCOVER.matcher(before).find() || UNCOVER.matcher(clause.substring(m.end())).find() && !COVER.matcher(before).find()
                    ? Boolean.FALSE : COVER.matcher(clause).find() ? Boolean.TRUE : null;
            if (second >= first && second <= 600) {
                times.add(new OvenSetting.BakeTime(new Amount(first + extra, second + extra), covered));
            }
        }
    }

    private static double number(String text) {
        return switch (text.toLowerCase(java.util.Locale.ROOT)) {
            case "an", "one" -> 1;
            case "half an" -> 0.5;
            default -> Double.parseDouble(text);
        };
    }
}
