package nabe.reading.text;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Finds for how many a text is meant, wherever it says so: "Serves 4-6", "feeds six", "dinner for 5", "6 as a side". */
final class Servings {
    private static final String N =
            "(?<%s>\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|twelve|a crowd of \\d+)";
    private static final String RANGE = N.formatted("a") + "(?:\\s*(?:-|–|to|or)\\s*(?:\\d{1,2}|[a-z]+))?";
    private static final Pattern SAID = Pattern.compile(
            "\\b(?:serv(?:es|ings?|e|ing)|feeds?|portions?|yields?|makes|(?:enough|dinner|supper|lunch|plenty|does|meal) for|(?:is|are|be) for)\\b\\s*:?\\s*(?:about |around |approx\\.? |up to )?"
                    + RANGE + "(?=(?<what>[^.;,\\n]{0,25}))",
            Pattern.CASE_INSENSITIVE);
    private static final String SIZED =
            "(?:generous|large|small|side|main|hungry|big|adult|good|polite|normal|greedy|decent|healthy|hearty|modest)";
    private static final Pattern COUNTED = Pattern.compile(
            "\\b" + RANGE + "\\s+(?:" + SIZED + " )?(?:or \\w+ )?(?:" + SIZED + " )?"
                    + "(?:servings?|serves|portions?|people|persons?|pers\\b|helpings|at (?:the )?table|as an? (?:side|main|starter))"
                    + "|\\b(?:family|crowd|party|table) (?:of |\\()" + RANGE.replace("<a>", "<b>")
                    + "\\b(?!\\s*(?:x|×|by|-|inch|\"))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ALONE = Pattern.compile(
            "(?:^\\W*(?:\\w+ ?){0,1}\\W*|,\\s*)(?:for|pour) " + RANGE + "(?: " + SIZED + ")?(?: or \\w+ " + SIZED
                    + ")?(?:\\s*\\([^)]*\\))?\\W*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_PEOPLE = Pattern.compile(
            "^\\s*(?:x|-|inch|cm|min|hour|g\\b|ml|quart|large|small|fat |of |dish|cup|litre|liter|tins?|pans?|\"|°|[a-z]+ (?:pieces|squares)|rolls|shells|tubes|pieces|slices|parcels|squares|enchiladas|bundles|ramekins|pies|pancakes|minutes|days|more).*",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final List<String> NUMBERS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private Servings() {}

    /** @return the lower figure the text gives, or null */
    static @Nullable Integer in(String text) {
        for (String line : text.split("\\n")) {
            Integer found = inLine(NumberReader.plain(line));
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    static @Nullable Integer inLine(String line) {
        Matcher alone = ALONE.matcher(line);
        if (alone.find()) {
            return number(alone.group("a"));
        }
        Matcher counted = COUNTED.matcher(line);
        if (counted.find()) {
            return number(counted.group("a") != null ? counted.group("a") : counted.group("b"));
        }
        Matcher said = SAID.matcher(line);
        while (said.find()) {
            boolean makes = said.group().toLowerCase(Locale.ROOT).matches("(?:makes|yields?).*");
            boolean bare = said.group("what").isBlank();
            if (!NOT_PEOPLE.matcher(said.group("what")).matches()
                    && (!makes || bare && !line.toLowerCase(Locale.ROOT).contains("serve"))) {
                return number(said.group("a"));
            }
        }
        return null;
    }

    private static @Nullable Integer number(String word) {
        String plain = word.replaceAll("\\D+(?=\\d)", "").toLowerCase(Locale.ROOT);
        int named = NUMBERS.indexOf(plain);
        Integer n = named >= 0 ? Integer.valueOf(named) : plain.matches("\\d+") ? Integer.valueOf(plain) : null;
        return n == null || n == 0 ? null : n;
    }
}
