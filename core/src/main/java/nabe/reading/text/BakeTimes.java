package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Amount;
import nabe.recipe.OvenSetting;

/** Follows the method through the oven: how long each stretch lasts and whether the dish is covered then. */
final class BakeTimes {
    private static final Pattern TIME = Pattern.compile(
            "(?<a>\\d{1,3}|an|one|half an)\\s*(?:-|to|or)?\\s*(?<b>\\d{1,3})?\\s*(?:more\\s*|further\\s*)?"
                    + "(?<unit>minutes?|mins?|hours?|hrs?|h)\\b(?:\\s*(?:and\\s*)?(?<extra>\\d{1,2})\\s*min\\w*)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BAKES = Pattern.compile(
            "\\bbak(?:e|ed|ing)\\b|\\boven\\b|\\buncover|\\bcovered\\b.*\\bminutes|\\bfoil\\b|\\bgrill\\b|\\bbroil\\b"
                    + "|\\broast for\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_THE_BAKE = Pattern.compile(
            "\\b(?:simmer|boil|saut[eé]|fry|soften|knead|chill|soak|stir(?:ring)? for|rest for|^rest|(?:let|leave|to)\\b[^,]*\\b(?:rest|stand|cool)"
                    + "|blind|saucepan|frying pan|skillet)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COVER_WORD = Pattern.compile(
            "(?<off>uncover(?:ed)?|(?:remove|take off|lift off|discard|without) (?:the )?(?:foil|lid|cover)|foil off)"
                    + "|(?<on>\\bcover(?:ed)?\\b|\\bfoil\\b|\\blid on\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CLAUSE =
            Pattern.compile("(?<=[.;!])\\s+|,\\s*(?=then\\b|uncover|remove|take)|\\bthen\\s+");
    private static final Pattern JUST_AFTER = Pattern.compile("\\s*,?\\s*(?<un>un)?covered", Pattern.CASE_INSENSITIVE);
    private static final double LONGEST_MINUTES = 600;
    private final List<OvenSetting.BakeTime> times = new ArrayList<>();
    private Boolean covered;

    List<OvenSetting.BakeTime> find(List<String> steps) {
        for (String step : steps) {
            for (String clause : CLAUSE.split(step)) {
                take(clause);
            }
        }
        return List.copyOf(times);
    }

    private void take(String clause) {
        if (NOT_THE_BAKE.matcher(clause).find()) {
            return;
        }
        noteCover(clause);
        if (BAKES.matcher(clause).find()) {
            addTimes(clause);
        }
    }

    private void noteCover(String clause) {
        Matcher word = COVER_WORD.matcher(clause);
        while (word.find()) {
            covered = word.group("on") != null;
        }
    }

    private void addTimes(String clause) {
        Matcher m = TIME.matcher(clause);
        while (m.find()) {
            double factor = m.group("unit").toLowerCase(java.util.Locale.ROOT).startsWith("h") ? 60 : 1;
            double first = number(m.group("a")) * factor;
            double second = m.group("b") == null ? first : number(m.group("b")) * factor;
            double extra = m.group("extra") == null ? 0 : number(m.group("extra"));
            if (second >= first && second + extra <= LONGEST_MINUTES) {
                Matcher said = JUST_AFTER.matcher(clause.substring(m.end()));
                Boolean here = said.lookingAt() ? Boolean.valueOf(said.group("un") == null) : covered;
                times.add(new OvenSetting.BakeTime(new Amount(first + extra, second + extra), here));
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
