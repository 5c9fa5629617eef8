package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Finds what goes into a recipe that lists nothing apart: "Fry 2 diced carrots in 1 tbsp oil" buys carrots and oil. Only
 * what has an amount and is known counts; what is named without one is judged where the method names it.
 */
final class InlineLines {
    /** Where an amount may begin; what "the" or "remaining" leads was bought before. */
    private static final Pattern AMOUNT = Pattern.compile(
            "(?!\\d+\\s*(?:°|º|deg|(?:[CF]|mins?|minutes?|hours?|hrs?|secs?|seconds?|cm|mm|inch(?:es)?|in)\\b))"
                    + "(?<![\\p{L}\\d./°-])(?<!\\b(?:the|other|remaining|reserved|those|these) )"
                    + "(?:\\d|[½¼¾⅓⅔⅛]|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?) (?=\\p{L}|\\d))",
            Pattern.CASE_INSENSITIVE);
    /** What ends the name of a thing within a sentence. */
    private static final Pattern NAME_ENDS = Pattern.compile(
            "[,;:!?()\\[\\]]|\\s(?=\\d)|\\.(?!\\d)|\\s[-–—+&]\\s|\\s(?:and|then|or|with|in|into|on|onto|over|to|for|until|till|at|from|through|per|plus|which|that|each|around|together|but|while|before|as|if|so)\\b",
            Pattern.CASE_INSENSITIVE);

    /** "A drained 400g tin": its amount comes after. */
    private static final Pattern ARTICLE_BEFORE_AMOUNT = Pattern.compile("an?\\s[^\\d]*\\d", Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_NAME = 60;

    private final LineKind kinds;

    InlineLines(LineKind kinds) {
        this.kinds = kinds;
    }

    /** @return the amounts of known things that the steps ask for, as lines, in order */
    List<String> in(List<String> steps) {
        List<String> lines = new ArrayList<>();
        for (String step : steps) {
            Matcher amount = AMOUNT.matcher(step);
            int from = 0;
            while (amount.find(from)) {
                String line = lineAt(step, amount.start());
                if (line != null) {
                    lines.add(line);
                }
                from = line == null ? amount.start() + 1 : amount.start() + line.length();
            }
        }
        return lines;
    }

    /** The amount with the name after it, or null where it is none of a thing. */
    private @Nullable String lineAt(String step, int start) {
        String rest = step.substring(start, Math.min(step.length(), start + 2 * LONGEST_NAME));
        String plain = NumberReader.plain(rest);
        Scan scan = new Scan(plain);
        if (new MeasureReader(scan).read().measure() == null) {
            return null;
        }
        int after = rest.length() - plain.length() + scan.at();
        Matcher end = NAME_ENDS.matcher(rest);
        int to = after >= 0 && after <= rest.length() && end.find(after) ? end.start() : rest.length();
        String line = rest.substring(0, to).strip();
        boolean begun = ARTICLE_BEFORE_AMOUNT.matcher(line).lookingAt();
        return !begun && line.length() <= LONGEST_NAME && kinds.measuresKnownThing(line) ? line : null;
    }
}
