package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import nabe.recipe.Bullets;
import org.jspecify.annotations.Nullable;

/** Gathers the steps of a method: marks and numbers off, a numbered heading before the text it heads. */
final class MethodText {
    private static final String NUMBER_WORDS = "one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve";
    private static final Pattern STEP_MARK = Pattern.compile(
            "^(?:" + Bullets.MARK + "(?:\\s+|(?=\\p{L}))|\\(\\d{1,2}\\)\\s+|(?i:step\\s*(?:" + NUMBER_WORDS
                    + "))\\s*[.):]?\\s*|(?i:step\\s*\\d{1,2})\\s*[-–—]\\s+|(?i:step\\s*)?\\d{1,2}(?:\\s*[.):]\\s*|/\\s+|\\s+(?=\\p{Lu}\\p{L})))|\\*\\*");
    private static final Pattern NUMBERED =
            Pattern.compile("(?:step\\s*)?(?:\\d{1,2}|" + NUMBER_WORDS + ")\\s*[-–—.):/]", Pattern.CASE_INSENSITIVE);
    private static final Pattern LONE_STEP =
            Pattern.compile("step\\s*(?:\\d{1,2}|" + NUMBER_WORDS + ")", Pattern.CASE_INSENSITIVE);
    private static final Pattern FEW_WORDS = Pattern.compile("\\p{L}[^.!?:;\\d]{0,48}");
    private static final int MOST_WORDS = 6;
    /** "Method: Slice the potatoes." on one line. */
    private static final Pattern LABEL = Pattern.compile(
            "^(?:the )?(?:cooking )?(?:method|directions?|instructions?|preparation|procedure)\\s*:\\s+",
            Pattern.CASE_INSENSITIVE);

    /** "MAKE THE SAUCE In a large pan, heat the oil": a heading within the line. */
    private static final Pattern CAPITALS_FIRST =
            Pattern.compile("^(\\p{Lu}{3,}(?: [\\p{Lu}&'-]+){0,4}) (?=\\p{Lu}\\p{Ll})");

    /** "1) Peel the potatoes. 2) Fry them.": numbers within a paragraph that begins with one. */
    private static final Pattern RUN_IN =
            Pattern.compile("(?<=[.!;:)])\\s+(?=\\(?\\d{1,2}(?:\\)\\s+[\\p{L}\\d]|\\.\\s+\\p{Lu}))");

    private static final Pattern FIRST_OF_RUN = Pattern.compile("\\(?1[.)]\\s");

    private final List<String> steps = new ArrayList<>();
    private @Nullable String heading;

    /** "Step 3", and nothing else. */
    static boolean isLoneMark(String bare) {
        return LONE_STEP.matcher(bare).matches();
    }

    void add(String line) {
        boolean counted = FIRST_OF_RUN.matcher(line).lookingAt();
        for (String part : counted ? RUN_IN.split(line) : new String[] {line}) {
            addStep(part);
        }
    }

    private void addStep(String line) {
        boolean numbered = NUMBERED.matcher(line).lookingAt();
        String marked = steps.isEmpty() ? LABEL.matcher(line).replaceFirst("") : line;
        String bare = STEP_MARK.matcher(marked).replaceAll("").strip();
        String text = CAPITALS_FIRST.matcher(bare).replaceFirst("$1: ");
        if (heading != null) {
            boolean heads = !numbered && words(text) > words(heading);
            if (!heads) {
                steps.add(heading);
            }
            text = heads ? heading + ": " + text : text;
            heading = null;
        }
        if (numbered && FEW_WORDS.matcher(text).matches() && words(text) <= MOST_WORDS) {
            heading = text;
        } else {
            steps.add(text);
        }
    }

    private static int words(String text) {
        return text.split("\\s+").length;
    }

    List<String> steps() {
        List<String> all = new ArrayList<>(steps);
        if (heading != null) {
            all.add(heading);
        }
        return all;
    }

    boolean isEmpty() {
        return steps.isEmpty() && heading == null;
    }

    void clear() {
        steps.clear();
        heading = null;
    }
}
