package nabe.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Parts a pasted recipe text into title, servings, ingredient lines under headings, and method. No line is lost. */
final class TextSections {
    private static final Pattern INGREDIENTS = Pattern.compile(
            "(?:the )?(?:ingredients?|you(?:'ll| will) need|what you need" + "|shopping list)\\b[^.]{0,25}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern METHOD = Pattern.compile(
            "(?:the )?(?:cooking )?(?:method|directions?|instructions?"
                    + "|preparation|steps|procedure|how (?:to (?:make|cook|prepare)|i (?:do|make)|we (?:do|make)|it goes).*|to make|what to do|what you do|putting it together)\\b[^.]{0,20}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern END = Pattern.compile(
            "(?:(?:cook'?s |recipe )?notes?|tips?|nutrition(?:al)?(?: facts| info.*)?"
                    + "|storage|equipment|per serving|variations?)\\s*:?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SERVINGS = Pattern.compile(
            "(?:\\b(?:serves|servings?|yields?|portions|feeds|makes"
                    + "|enough for|for|serving size)\\b\\s*:?\\s*(?:about |approx\\.? |up to )?(?<a>\\d{1,3}|[a-z]+)"
                    + "(?:\\s*(?:-|to|or)\\s*(?<b>\\d{1,3}|[a-z]+))?(?=(?<what>(?:$|\\W)[^.]{0,30}))"
                    + "|(?<c>\\d{1,3})(?:\\s*(?:-|to)\\s*(?<d>\\d{1,3}))?\\s*(?:servings|portions|people|persons))",
            Pattern.CASE_INSENSITIVE);
    private static final List<String> NUMBERS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final Pattern META = Pattern.compile(
            "(?:prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?"
                    + "|bak(?:e|ing) time|ready in|time|author|course|cuisine|category|difficulty|calories|source|by)\\s*:.*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FRAME = Pattern.compile("^[#>*\\s]+|[#*:\\s]+$");
    private static final Pattern LONE_STEP = Pattern.compile("step\\s*\\d{1,2}", Pattern.CASE_INSENSITIVE);
    private static final Pattern RULE = Pattern.compile("[-=_*~#]{3,}");
    private static final Pattern OPEN_END = Pattern.compile(".*(?:,|\\(|\\band|\\bor|\\bwith|\\bof|[^)]\\()$");
    private static final Pattern PEOPLE =
            Pattern.compile(".*(?:serv|portion|people|person).*", Pattern.CASE_INSENSITIVE);
    private static final Pattern STEP_MARK =
            Pattern.compile("^(?:[-*•]\\s+|(?i:step\\s*)?\\d{1,2}\\s*[.):]\\s*)|\\*\\*");
    private static final Pattern NOT_PEOPLE = Pattern.compile(
            "\\s*(?:x|-|inch|cm|min|hour|g\\b|quart|large|small|one\\b|dish).*", Pattern.CASE_INSENSITIVE);
    private static final Pattern JUST_SERVINGS = Pattern.compile(
            "(?:serves|servings?|for|feeds|yield|portions)\\W*[\\d–-]+(?: ?(?:to|-|–) ?\\d+)?(?: (?:servings|people|portions))?|\\d+(?: ?(?:to|-|–) ?\\d+)? (?:servings|portions|people)",
            Pattern.CASE_INSENSITIVE);
    private static final int LONGEST_LABEL = 60;
    private static final int LEAST_LIST = 3;

    String title;
    Integer servings;
    final List<HeadedLine> ingredients = new ArrayList<>();
    final List<String> method = new ArrayList<>();
    final List<String> asides = new ArrayList<>();
    private final Map<String, String> bared = new HashMap<>();
    private String heldHeading;
    private final LineKind kinds;
    private final PackedLines packed;
    private State state = State.START;
    /** Whether an ingredient list is still to come: then a chatty opening is no method. */
    private boolean listAhead;

    private String heading;

    private enum State {
        START,
        INGREDIENTS,
        METHOD,
        AFTER
    }

    record HeadedLine(String text, String heading) {}

    TextSections(LineKind kinds) {
        this.kinds = kinds;
        this.packed = new PackedLines(kinds);
    }

    TextSections read(String text) {
        List<String> lines = joinWrapped(text.replace("\r\n", "\n")
                .replace('\r', '\n')
                .replace('\u2028', '\n')
                .lines()
                .map(String::strip)
                .filter(l -> !l.isBlank() && !RULE.matcher(l).matches())
                .toList());
        boolean labelled = lines.stream().anyMatch(l -> label(l, INGREDIENTS))
                || lines.stream().anyMatch(l -> label(l, METHOD));
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            listAhead = lines.subList(i + 1, lines.size()).stream()
                            .filter(l -> kinds.startsWithAmount(l) && !kinds.isStep(l))
                            .count()
                    >= LEAST_LIST;
            for (String piece : state == State.METHOD ? List.of(line) : packed.unpack(line)) {
                take(piece, labelled);
            }
        }
        settleHeading();
        if (title == null) {
            title = "Untitled recipe";
        }
        return this;
    }

    /** Joins "2 tablespoons finely chopped" + "fresh parsley" where the first cannot stand alone. */
    private List<String> joinWrapped(List<String> lines) {
        List<String> joined = new ArrayList<>();
        for (String line : lines) {
            boolean continues = !joined.isEmpty()
                    && Character.isLowerCase(line.charAt(0))
                    && kinds.startsWithAmount(joined.getLast())
                    && (OPEN_END.matcher(joined.getLast()).matches()
                            || kinds.lacksThing(joined.getLast())
                            || unclosed(joined.getLast()));
            if (continues) {
                joined.set(joined.size() - 1, joined.getLast() + " " + line);
            } else {
                joined.add(line);
            }
        }
        return joined;
    }

    private static boolean unclosed(String line) {
        return line.chars().filter(c -> c == '(').count()
                > line.chars().filter(c -> c == ')').count();
    }

    private String bare(String line) {
        return bared.computeIfAbsent(
                line, l -> FRAME.matcher(NumberReader.plain(l)).replaceAll("").strip());
    }

    private boolean label(String line, Pattern pattern) {
        String bare = line.length() > LONGEST_LABEL ? line : bare(line);
        return bare.length() < 45 && pattern.matcher(bare).matches();
    }

    private void take(String line, boolean labelled) {
        if (label(line, INGREDIENTS)) {
            move(State.INGREDIENTS);
            noteServings(line);
        } else if (label(line, METHOD) && (state != State.START || title != null)) {
            move(State.METHOD);
        } else if (LONE_STEP.matcher(bare(line)).matches()) {
            move(State.METHOD);
        } else if (state == State.METHOD && END.matcher(bare(line)).matches()) {
            move(State.AFTER);
        } else {
            takeContent(line, labelled);
        }
    }

    private void move(State next) {
        settleHeading();
        state = next;
        heading = null;
    }

    private void takeContent(String line, boolean labelled) {
        switch (state) {
            case START -> takeStart(line, labelled);
            case INGREDIENTS -> takeIngredient(line, labelled);
            case METHOD -> method.add(stepText(line));
            case AFTER -> asides.add(line);
        }
    }

    private void takeStart(String line, boolean labelled) {
        if (title == null && !kinds.startsWithAmount(line)) {
            title = shorten(bare(line));
        } else if (noteServings(line) || META.matcher(bare(line)).matches()) {
            setAside(line);
        } else if (labelled && kinds.isHeading(line) && !kinds.isStep(line)) {
            settleHeading();
            heldHeading = line;
        } else {
            boolean ingredient = kinds.startsWithAmount(line) && !kinds.isStep(line);
            if (ingredient || !labelled && (kinds.isHeading(line) || kinds.isIngredient(line)) && !kinds.isStep(line)) {
                state = State.INGREDIENTS;
                takeIngredient(line, labelled);
            } else if (kinds.isStep(line) && !labelled && !listAhead) {
                state = State.METHOD;
                method.add(stepText(line));
            } else {
                noteServings(line);
                asides.add(line);
            }
        }
    }

    private void takeIngredient(String line, boolean labelled) {
        if (kinds.isHeading(line)) {
            settleHeading();
            heldHeading = line;
        } else if (ingredients.isEmpty() && noteServings(line)
                || META.matcher(bare(line)).matches()) {
            noteServings(line);
            setAside(line);
        } else if (kinds.isStep(line)) {
            move(State.METHOD);
            method.add(stepText(line));
        } else {
            heading = heldHeading == null ? heading : bare(heldHeading);
            heldHeading = null;
            ingredients.add(new HeadedLine(line, heading));
        }
    }

    /** A line that only says for how many is understood; everything else is kept. */
    private void setAside(String line) {
        if (!JUST_SERVINGS.matcher(bare(line)).matches()) {
            asides.add(line);
        }
    }

    /** A heading nothing stands under may be an ingredient in capitals ("SALT AND PEPPER"); else it is kept aside. */
    private void settleHeading() {
        if (heldHeading != null && (kinds.isKnown(bare(heldHeading)) || kinds.startsWithAmount(heldHeading))) {
            ingredients.add(new HeadedLine(heldHeading, heading));
        } else if (heldHeading != null) {
            asides.add(heldHeading);
            heading = null;
        }
        heldHeading = null;
    }

    private static String shorten(String text) {
        return text.length() <= 200 ? text : text.substring(0, 200);
    }

    private static String stepText(String line) {
        return STEP_MARK.matcher(line).replaceAll("").strip();
    }

    private boolean noteServings(String line) {
        if (line.length() > 80
                || kinds.startsWithAmount(line) && !PEOPLE.matcher(line).matches()) {
            return false;
        }
        Matcher m = SERVINGS.matcher(NumberReader.plain(line));
        while (m.find()) {
            String first = m.group("a") != null ? m.group("a") : m.group("c");
            String second = m.group("a") != null ? m.group("b") : m.group("d");
            Integer low = number(first);
            boolean pieces = m.group("what") != null
                    && NOT_PEOPLE.matcher(m.group("what")).matches();
            if (low != null && !pieces && low > 0) {
                Integer high = second == null ? null : number(second);
                servings = servings != null ? servings : high == null ? low : Integer.valueOf((low + high + 1) / 2);
                return true;
            }
        }
        return false;
    }

    private static Integer number(String word) {
        if (word.matches("\\d+")) {
            return Integer.valueOf(word);
        }
        int named = NUMBERS.indexOf(word.toLowerCase(Locale.ROOT));
        return named < 0 ? null : Integer.valueOf(named);
    }
}
