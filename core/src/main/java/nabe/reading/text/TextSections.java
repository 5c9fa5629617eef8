package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Parts a pasted recipe text into title, servings, ingredient lines under headings, and method. No line is lost. */
final class TextSections {
    private static final Pattern INGREDIENTS = Pattern.compile(
            "(?:the )?(?:ingredients?|you(?:'ll| will)? need|what you need" + "|shopping list)\\b[^.]{0,25}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern METHOD = Pattern.compile(
            "(?:the )?(?:cooking )?(?:method|directions?|instructions?"
                    + "|preparation|steps|procedure|how|how (?:to\\b(?! serve)|i (?:do|make)|we (?:do|make)|it goes).*|to make|what to do|what you do|putting it together)\\b[^.]{0,20}",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern END = Pattern.compile(
            "(?:(?:cook'?s |recipe )?notes?|tips?|nutrition(?:al)?(?: facts| info.*)?"
                    + "|storage|equipment|per serving|variations?)\\s*:?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern META = Pattern.compile(
            "(?:(?:prep(?:aration)?|total)(?: time)?|(?:cook(?:ing)?|baking|active|resting|chilling) time) (?:about )?\\d.{0,25}"
                    + "|(?:prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?"
                    + "|bak(?:e|ing) time|ready in|yields?|makes|serves|servings?|time|author|course|cuisine|category|difficulty|calories|source|by)\\s*:.*"
                    + "|[~≈]?\\s*\\d+\\s?(?:min|mins|minutes|h|hr|hrs|hours?)\\b[^.]{0,12}\\b(?:prep|cook(?:ing)?|bake|baking|total)\\b.*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FRAME = Pattern.compile("^[#>*_\\s]+|[#*_:\\s]+$|\\s-+$");
    private static final Pattern RULE = Pattern.compile("[-=_*~#–—]{2,}|[-–—]");
    private static final Pattern OPEN_END = Pattern.compile(".*(?:,|\\(|\\band|\\bor|\\bwith|\\bof|[^)]\\()$");
    private static final Pattern PEOPLE = Pattern.compile(
            ".*(?:serv|feeds|portion|people|person|as an? (?:side|main|starter)).*", Pattern.CASE_INSENSITIVE);
    private static final Pattern JUST_SERVINGS = Pattern.compile(
            "\\(?(?:serves|servings?|for|feeds|yield|portions)\\W*[\\d–-]+(?: ?(?:to|-|–) ?\\d+)?(?: (?:servings|people|portions))?|\\d+(?: ?(?:to|-|–) ?\\d+)? (?:servings|portions|people|as an? (?:side|main|starter))\\W*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SHORT_SENTENCE = Pattern.compile("(?<=[.;])\\s+(?=\\p{Lu}|\\d)");
    /** "No cheese!"; "no fat milk" and "no egg noodles" are bought, and lost they would be unsafe. */
    private static final Pattern NONE_OF_IT = Pattern.compile(
            "(?:absolutely |definitely )?no \\p{L}+(?: at all| needed| please)?[!.]*", Pattern.CASE_INSENSITIVE);

    /** "(all finely chopped)". */
    private static final Pattern BRACKETED = Pattern.compile("\\([^()\\d]*\\)");

    private static final Pattern NAMELESS = Pattern.compile(
            "(?:and |plus )?(?:plus|also|extras?|others?|(?:the )?rest|everything else|other (?:things|ingredients|bits)|you(?:'ll| will)? also need"
                    + "|(?:from )?(?:the |your )?(?:pantry|larder|fridge|(?:store ?|kitchen )?cupboard)(?: (?:staples|stuff|things))?)",
            Pattern.CASE_INSENSITIVE);
    /** "Feeds 5. Takes two hours." among the ingredients. */
    private static final Pattern FOR_SO_MANY =
            Pattern.compile("(?:serves|feeds|enough for)\\b.*\\d.*", Pattern.CASE_INSENSITIVE);

    private static final Pattern PLAIN_WORDS = Pattern.compile("\\p{Lu}[\\p{L}&' -]*");
    /** "Onions 3", "Beef 1kg, minced", "Pasta 750g thick macaroni". */
    private static final Pattern NAME_FIRST = Pattern.compile(
            "^(?<name>[\\p{L} .()'-]{3,40}?)[ :]+\\d[\\d.,/]*\\s?(?:\\p{L}{1,10}\\.?)?(?:[, ]+[\\p{L} ,]{0,30})?$");

    /** "Butter 80 g". */
    private static final Pattern ENDS_WITH_AMOUNT = Pattern.compile(
            "^[\\p{L} ()]{3,40} \\d[\\d.,/]* ?(?:g|kg|ml|l|dl|cl|oz|lb|cups?|tbsp|tsp)$", Pattern.CASE_INSENSITIVE);

    /** "1️⃣ Boil": a number in a box. */
    private static final Pattern KEYCAP = Pattern.compile("(\\d)\\uFE0F?\\u20E3 ?");
    /** "① Boil". */
    private static final Pattern CIRCLED = Pattern.compile("[①-⑳❶-❿➀-➓] ?");

    /** Little pictures before a heading. */
    private static final Pattern PICTURES =
            Pattern.compile("^[\\s\\p{So}\\x{1F000}-\\x{1FAFF}\\uFE0F\\u200D]+(?=\\s*[\\p{L}\\p{N}])");

    /** The stop before "Béchamel: 100 g ...". */
    private static final Pattern GROUP_END = Pattern.compile("(?<=[.;])\\s+(?=\\p{Lu}[^:.\\d]{1,40}:\\s*[\\d½¼¾])");
    /** "Oven: 200 C" among the servings and the times. */
    private static final Pattern OVEN_DIAL =
            Pattern.compile("oven(?: temp(?:erature)?)?\\s*:\\s*(?:gas\\b.*|\\d.*)", Pattern.CASE_INSENSITIVE);

    /** "Serves 6 | 350°F | 1 hr". */
    private static final Pattern BARS = Pattern.compile("\\s*[|·•/]\\s*");

    private static final Pattern DIAL = Pattern.compile(
            "(?:oven )?\\d{3} ?(?:° ?[CF]?|degrees(?: [CF])?|[CF])|gas(?: mark)? \\d", Pattern.CASE_INSENSITIVE);

    private static final int LONGEST_LABEL = 60;
    private static final int LEAST_LIST = 3;

    @Nullable
    String title;

    @Nullable
    Integer servings;

    final List<HeadedLine> ingredients = new ArrayList<>();
    final MethodText method = new MethodText();
    final List<String> asides = new ArrayList<>();
    private final Map<String, String> bared = new HashMap<>();
    private @Nullable String heldHeading;
    private final LineKind kinds;
    private final PackedLines packed;
    private final ListedTogether together;
    private final MadeUp madeUp;
    private State state = State.START;
    /** Whether an ingredient list is still to come: then a chatty opening is no method. */
    private boolean listAhead;
    /** Whether a list begins with the line in hand, or with the next. */
    private boolean listHere;

    private boolean nextListed;

    private @Nullable String heading;
    private int sinceHeading;
    /** Whether the line in hand stands at the head of a group. */
    private boolean headsGroup;

    private enum State {
        START,
        INGREDIENTS,
        METHOD,
        AFTER
    }

    record HeadedLine(String text, @Nullable String heading) {}

    TextSections(LineKind kinds) {
        this.kinds = kinds;
        this.packed = new PackedLines(kinds);
        this.together = new ListedTogether(kinds);
        this.madeUp = new MadeUp(kinds);
    }

    TextSections read(String text) {
        List<String> written = TableRows.plain(numbered(text)
                .replace("\r\n", "\n")
                .replace('\r', '\n')
                .replace('\u2028', '\n')
                .lines()
                .map(l -> PICTURES.matcher(l).replaceFirst("").strip())
                .map(l -> RULE.matcher(l).matches() ? "" : l)
                .toList());
        Set<String> heads = groupHeads(written);
        Set<String> ends = groupEnds(written);
        List<String> lines = joinWrapped(written.stream()
                .flatMap(l -> groups(l).stream())
                .flatMap(l -> sentencesOfAmounts(l).stream())
                .filter(l -> !l.isBlank())
                .toList());
        boolean labelled = lines.stream().anyMatch(l -> label(l, INGREDIENTS))
                || lines.stream().anyMatch(this::headsMethod);
        BitSet listed = new BitSet();
        IntStream.range(0, lines.size()).filter(i -> isListed(lines.get(i))).forEach(listed::set);
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            listAhead = listed.get(i + 1, lines.size()).cardinality() >= LEAST_LIST;
            listHere = listed.get(i, i + LEAST_LIST).cardinality() == LEAST_LIST;
            nextListed = listed.get(i + 1);
            headsGroup = heads.contains(line);
            if (ends.contains(line) && sinceHeading > 1 && state == State.INGREDIENTS && heldHeading == null) {
                heading = null;
            }
            boolean whole = state == State.METHOD || isMeta(line);
            List<String> pieces = whole ? List.of(line) : unpacked(line);
            String before = heading;
            pieces.forEach(piece -> take(piece, labelled));
            if (pieces.size() > 2 && pieces.getFirst().endsWith(":")) {
                heading = before;
            }
        }
        settleHeading();
        if (title == null) {
            title = Messages.say("reading.untitled-recipe");
        }
        return this;
    }

    /** Numbers in boxes and circles as numbers. */
    private static String numbered(String text) {
        String boxed = KEYCAP.matcher(text).replaceAll("$1. ");
        return CIRCLED.matcher(boxed)
                .replaceAll(m -> Character.getNumericValue(m.group().codePointAt(0)) + ". ");
    }

    private List<String> unpacked(String line) {
        boolean listed = state == State.INGREDIENTS && !isHeading(line) && !kinds.isStep(line);
        List<String> things = listed ? together.parts(bare(line)) : List.of();
        List<String> pieces = things.size() > 1 ? things : packed.unpack(line);
        return listed || pieces.size() > 1
                ? pieces.stream().flatMap(p -> madeUp.parts(p).stream()).toList()
                : pieces;
    }

    /** A blank line ends a group: sheets listed after the ricotta's lines are not ricotta. */
    private Set<String> groupEnds(List<String> written) {
        Set<String> after = new HashSet<>();
        for (int i = 2; i < written.size(); i++) {
            boolean parted = !written.get(i).isBlank()
                    && written.get(i - 1).isBlank()
                    && !written.get(i - 2).isBlank();
            boolean listGoesOn = i + 1 < written.size() && !written.get(i + 1).isBlank();
            if (parted
                    && (listGoesOn || i > 2 && !written.get(i - 3).isBlank())
                    && kinds.startsWithAmount(written.get(i))) {
                after.add(written.get(i));
            }
        }
        return after;
    }

    /** "Ingredients: 500 g penne; 1 onion. Béchamel: 100 g butter, 1 egg.": every group by itself. */
    private List<String> groups(String line) {
        String[] groups = line.contains(": ") ? GROUP_END.split(line) : new String[] {line};
        boolean all = groups.length > 1 && Arrays.stream(groups).skip(1).allMatch(packed::headsList);
        return all && (packed.headsList(groups[0]) || kinds.startsWithAmount(groups[0]))
                ? List.of(groups)
                : List.of(line);
    }

    /** "One white cabbage. A pound of pork. Two onions.": a list written as a paragraph. */
    private List<String> sentencesOfAmounts(String line) {
        if (!line.contains(". ") && !line.contains("; ") || packed.isHeaded(line)) {
            return List.of(line);
        }
        List<String> parts = List.of(SHORT_SENTENCE.split(line));
        if (parts.size() < LEAST_LIST) {
            return List.of(line);
        }
        long amounts = parts.stream()
                .filter(p -> p.length() <= LONGEST_LABEL && kinds.startsWithAmount(p) && !kinds.isStep(p))
                .count();
        return amounts >= 0.8 * parts.size() ? parts : List.of(line);
    }

    /** "Pasta", "Scone top": a few words after a blank line, no amount, and amounts right under them. */
    private Set<String> groupHeads(List<String> written) {
        Set<String> heads = new HashSet<>();
        for (int i = 1; i + 2 < written.size(); i++) {
            String line = written.get(i);
            boolean few = !line.isBlank()
                    && line.length() <= 32
                    && PLAIN_WORDS.matcher(line).matches();
            if (few
                    && (written.get(i - 1).isBlank()
                            || isListed(written.get(i - 1))
                                    && (kinds.isMade(line)
                                            || kinds.isWork(line)
                                            || NAMELESS.matcher(line).matches())
                            || label(written.get(i - 1), INGREDIENTS) && kinds.endsMade(line))
                    && isListed(written.get(i + 1))
                    && isListed(written.get(i + 2).isBlank() ? written.get(i + 1) : written.get(i + 2))) {
                heads.add(line);
            }
        }
        return heads;
    }

    private boolean isListed(String line) {
        boolean measured =
                kinds.startsWithAmount(line) || ENDS_WITH_AMOUNT.matcher(line).find() || isNamedFirst(line);
        return !line.isBlank() && measured && !kinds.isStep(line);
    }

    private boolean isNamedFirst(String line) {
        Matcher m = NAME_FIRST.matcher(NumberReader.plain(line));
        return m.matches() && kinds.isKnown(m.group("name").strip());
    }

    private boolean isHeading(String line) {
        return headsGroup || kinds.isHeading(line);
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
        return bared.computeIfAbsent(line, TextSections::unframed);
    }

    private static String unframed(String line) {
        String plain = NumberReader.plain(line);
        boolean bare = !plain.isEmpty()
                && "#>*_ \t".indexOf(plain.charAt(0)) < 0
                && "#*_:- \t".indexOf(plain.charAt(plain.length() - 1)) < 0;
        return bare ? plain : FRAME.matcher(plain).replaceAll("").strip();
    }

    /** "Prep: 40 mins"; "Preparation: Fry the onion." is the method. */
    private boolean isMeta(String line) {
        String bare = bare(line);
        return META.matcher(bare).matches()
                && !kinds.isStep(bare.substring(bare.indexOf(':') + 1).strip());
    }

    private boolean label(String line, Pattern pattern) {
        String bare = line.length() > LONGEST_LABEL ? line : bare(line);
        return bare.length() < 45 && pattern.matcher(bare).matches();
    }

    /** "Preparation" heads the method; "Preparation time: 40 minutes" does not. */
    private boolean headsMethod(String line) {
        return label(line, METHOD) && !isMeta(line);
    }

    private void take(String line, boolean labelled) {
        if (label(line, INGREDIENTS)) {
            move(State.INGREDIENTS);
            noteServings(line);
        } else if (headsMethod(line) && (state != State.START || title != null)) {
            move(State.METHOD);
        } else if (MethodText.isLoneMark(bare(line))) {
            move(State.METHOD);
        } else if (state == State.METHOD && END.matcher(bare(line)).matches()) {
            move(State.AFTER);
        } else if (state != State.METHOD && OVEN_DIAL.matcher(bare(line)).matches()) {
            method.add(line);
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
            case METHOD -> takeStep(line, labelled);
            case AFTER -> asides.add(line);
        }
    }

    private void takeStart(String line, boolean labelled) {
        if (title == null && !kinds.startsWithAmount(line)) {
            title = shorten(bare(line));
        } else if (noteServings(line) || isMeta(line) || kinds.isVessel(line) && !kinds.isStep(line)) {
            setAside(line);
        } else if (labelled && isHeading(line) && !kinds.isStep(line)) {
            settleHeading();
            heldHeading = line;
        } else {
            boolean ingredient = (kinds.startsWithAmount(line) || isNamedFirst(line)) && !kinds.isStep(line);
            boolean talk =
                    listAhead && !nextListed && !line.endsWith(":") || line.startsWith("(") || kinds.isTold(line);
            boolean begins = isHeading(line) || kinds.isIngredient(line) && !talk;
            if (ingredient || !labelled && begins && !kinds.isStep(line)) {
                state = State.INGREDIENTS;
                takeIngredient(line, labelled);
            } else if (kinds.isStep(line) && !labelled && !listAhead) {
                state = State.METHOD;
                method.add(line);
            } else {
                noteServings(line);
                asides.add(line);
            }
        }
    }

    /** A list after talk that was taken for a method: the talk was none. */
    private void takeStep(String line, boolean labelled) {
        if (!labelled && listHere && ingredients.size() < 2) {
            asides.addAll(method.steps());
            method.clear();
            move(State.INGREDIENTS);
            takeIngredient(line, labelled);
            return;
        }
        method.add(line);
    }

    private void takeIngredient(String line, boolean labelled) {
        if (isHeading(line)) {
            settleHeading();
            heldHeading = line;
        } else if ((ingredients.isEmpty() || FOR_SO_MANY.matcher(bare(line)).matches()) && noteServings(line)
                || isMeta(line)
                || kinds.isVessel(line) && !kinds.isStep(line)) {
            noteServings(line);
            setAside(line);
        } else if (kinds.isStep(line)) {
            move(State.METHOD);
            method.add(line);
        } else if (NONE_OF_IT.matcher(bare(line)).matches()
                || BRACKETED.matcher(line).matches()) {
            asides.add(line);
        } else {
            sinceHeading = heldHeading == null ? sinceHeading + 1 : 1;
            heading = heldHeading == null ? heading : named(bare(heldHeading));
            heldHeading = null;
            ingredients.add(new HeadedLine(line, heading));
        }
    }

    /** "Plus:", "From the cupboard:" head no part of the dish. */
    private static @Nullable String named(String heading) {
        return NAMELESS.matcher(heading).matches() ? null : heading;
    }

    /** A line that only says for how many is understood; everything else is kept, and the oven's figure begins the method. */
    private void setAside(String line) {
        Arrays.stream(BARS.split(bare(line)))
                .filter(piece -> DIAL.matcher(piece).matches())
                .findFirst()
                .ifPresent(dial -> method.add(Messages.say("reading.oven-at", dial)));
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

    private boolean noteServings(String line) {
        if (line.length() > 80
                || kinds.startsWithAmount(line) && !PEOPLE.matcher(line).matches()) {
            return false;
        }
        Integer found = Servings.inLine(NumberReader.plain(line));
        servings = servings != null ? servings : found;
        return found != null;
    }
}
