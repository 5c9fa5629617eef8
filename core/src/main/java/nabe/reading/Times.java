package nabe.reading;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.recipe.Procedure.Minutes;
import org.jspecify.annotations.Nullable;

/** Reads durations: "8–10 minutes", "an hour and a quarter", "1 hr 15". */
final class Times {
    private static final String N =
            "\\d+(?:[.,]\\d+)?(?:\\s?[½¼¾])?|[½¼¾]|an?|one|two|three|half an|a quarter of an|a couple of|a few";
    static final Pattern DURATION = Pattern.compile(
            "(?<a>" + N
                    + ")\\s*(?:(?:-|–|to|or)\\s*(?<b>\\d+(?:[.,]\\d+)?(?:\\s?[½¼¾])?))?\\s*-?(?:more |further |good |extra |or so )?(?<unit>minutes?|mins?|min\\b|hours?|hrs?|hr\\b|h\\b)"
                    + "(?:\\s*(?:and )?(?<more>\\d{1,2}|a quarter|a half|half)(?:\\s*min\\w*)?(?=\\W|$))?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SHARED = Pattern.compile(
            "\\b(?:after|every|within|in about|from the fridge)\\s*(?:the first |about |around )?$|half the packet|\\blast\\s*$|\\bthan\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LESS =
            Pattern.compile("^\\s*(?:less|short|under|fewer|before|in advance)", Pattern.CASE_INSENSITIVE);

    private Times() {}

    /** @return the first duration of an action in a clause, or null; not what is said of other clocks ("stirring after 20") */
    static @Nullable Minutes in(String clause) {
        Matcher m = DURATION.matcher(clause);
        while (m.find()) {
            if (!SHARED.matcher(clause.substring(0, m.start())).find()
                    && !LESS.matcher(clause.substring(m.end())).find()) {
                return of(m);
            }
        }
        return null;
    }

    static Minutes of(Matcher m) {
        String unit = m.group("unit").toLowerCase(Locale.ROOT);
        boolean hours = unit.startsWith("h");
        double factor = hours ? 60 : 1;
        double low = number(m.group("a")) * factor;
        double high = m.group("b") == null ? low : number(m.group("b")) * factor;
        double more = m.group("more") == null
                ? 0
                : m.group("more").matches("\\d+")
                        ? Double.parseDouble(m.group("more"))
                        : m.group("more").contains("quarter") ? 15 : 30;
        boolean counts = hours && more > 0;
        return new Minutes(low + (counts ? more : 0), Math.max(low, high) + (counts ? more : 0));
    }

    private static double number(String text) {
        String plain = text.toLowerCase(Locale.ROOT).strip();
        return switch (plain) {
            case "a", "an", "one" -> 1;
            case "two", "a couple of" -> 2;
            case "three", "a few" -> 3;
            case "half an", "½" -> 0.5;
            case "a quarter of an", "¼" -> 0.25;
            case "¾" -> 0.75;
            default -> mixed(plain);
        };
    }

    private static double mixed(String text) {
        double part = text.endsWith("½") ? 0.5 : text.endsWith("¼") ? 0.25 : text.endsWith("¾") ? 0.75 : 0;
        return Double.parseDouble(text.replaceAll("[\\s½¼¾]", "").replace(',', '.')) + part;
    }
}
