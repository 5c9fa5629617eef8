package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import org.jspecify.annotations.Nullable;

/** Splits what follows a line's amount into the thing and what is done to it. */
final class NameReader {
    private static final Pattern LEADING_PREP = Pattern.compile(
            "^(?:(?:very |finely |roughly |coarsely |thinly |thickly "
                    + "|lightly |freshly |well |hand-)?(?:chopped|diced|sliced|minced|grated|shredded|crushed|crumbled|cubed|torn"
                    + "|peeled|trimmed|cooked|melted|softened|beaten|drained|rinsed|squeezed|toasted|packed|pressed|cut|halved"
                    + "|quartered|chilled|washed|thawed|sifted|whisked|julienned|snipped|deseeded|pitted|mashed)"
                    + "(?:,| and|\\b)\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final String DONE =
            "(?:(?:very|finely|roughly|coarsely|thinly|thickly|lightly|freshly) )?(?:chopped|diced|sliced|minced|grated|shredded|crushed|crumbled|cubed|torn|peeled|trimmed|melted|softened|beaten|drained|rinsed|quartered|halved|washed|thawed|deseeded|pitted|mashed)";
    private static final Pattern TRAILING_PREP =
            Pattern.compile("\\s+" + DONE + "(?:\\s*(?:,|and|&)\\s*" + DONE + ")*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern LONE_PAREN = Pattern.compile("[()\\[\\]]");
    private static final Pattern SPACE_BEFORE_MARK = Pattern.compile("\\s+([,;.])");
    private static final Pattern SPACES = Pattern.compile("\\s{2,}");
    /** A comma, a dash, or where the thing is worked with another: "cornstarch | dissolved in milk"; or where it may be bought: "sauce | or 500 g jar". */
    private static final Pattern SEGMENT = Pattern.compile(
            "\\s*[,;]\\s*|:\\s+|\\s+-\\s+|\\s+(?=or (?:an? |about )?\\d)"
                    + "|\\s+(?=(?:lightly |well )?(?:beaten|mixed|whisked|blended|dissolved|slaked|stirred|mashed) (?:up )?(?:with|in|into)\\b)");

    private static final Pattern END_MARKS = Pattern.compile("[.:,]+$");
    private static final Pattern PARENS = Pattern.compile("[(\\[]([^()\\[\\]]*)[)\\]]");
    private static final Pattern JOINT = Pattern.compile("\\s(?:and|plus|with|\\+|&)\\s", Pattern.CASE_INSENSITIVE);
    /** Nouns that the thing before "or" shares: "turkey or chicken broth" is a broth. */
    private static final Set<String> SHARING = Set.of(
            "broth",
            "stock",
            "mince",
            "sausage",
            "sausages",
            "mushrooms",
            "beans",
            "lentils",
            "flour",
            "sauce",
            "wine");

    private static final Pattern EACH = Pattern.compile("\\s*each\\b", Pattern.CASE_INSENSITIVE);
    /** "Pork and veal mince" is one mince. */
    private static final Pattern OF_BOTH =
            Pattern.compile("\\p{L}+(?: and | ?& ?| ?/ ?)\\p{L}+ mince\\b.*", Pattern.CASE_INSENSITIVE);

    private static final Pattern BOTH = Pattern.compile(" and | ?[&/] ?");
    private static final Pattern EITHER = Pattern.compile("\\s+or\\s+|\\s*/\\s*(?=\\p{L})", Pattern.CASE_INSENSITIVE);
    private static final Pattern TAIL = Pattern.compile(
            "\\s+(?:(?:plus|\\+|and) (?:extra|more)\\b.*|\\+ \\d.*|plus [\\d½¼¾][^,;]{0,15}? (?:for|to|extra|more)\\b.*|to (?:taste|serve|garnish"
                    + "|finish|glaze|grease)\\b.*|for (?:greasing|brushing|frying|the (?:dish|pan|tin|top|form|mould|mold|plate|tray)|dusting|serving|garnish"
                    + "|sprinkling|topping|the (?:top(?:ping)?|crust|crumb|lid|glaze|finish|table)|rolling|dredging|coating|glazing|drizzling|boiling)\\b.*|as needed\\b.*|divided)$",
            Pattern.CASE_INSENSITIVE);
    private final FoodNames foods;
    private final OtherMentions others;
    private final Strangers strangers;

    NameReader(Larder larder) {
        foods = new FoodNames(larder);
        others = new OtherMentions(larder);
        strangers = new Strangers(larder, foods.words());
    }

    /**
     * @param item the words that name the thing; {@code preparation} what is done to it, or null
     * @param ingredient null where the noun is not known
     * @param exact false where a slip was forgiven
     * @param also other things the line brings along
     * @param unknown what else the line names that nobody knows
     * @param claims what the line promises of it
     */
    record Naming(
            String item,
            @Nullable String preparation,
            @Nullable Ingredient ingredient,
            boolean exact,
            List<Ingredient> also,
            List<String> unknown,
            List<String> claims) {

        Naming as(@Nullable Ingredient known) {
            return new Naming(item, preparation, known, exact, also, unknown, claims);
        }

        /** The cook has said what the line means. */
        Naming said(Ingredient known) {
            return new Naming(item, preparation, known, true, also, List.of(), claims);
        }
    }

    /** @param rest what follows the amount, if there is one; {@code line} all of it, for conditions */
    Naming read(String rest, boolean measured, String line) {
        boolean conditional = foods.claims().conditional(line);
        List<String> notes = new ArrayList<>();
        String bare = tidied(Glance.has(rest, "()[]") ? withoutNotes(rest, notes) : rest);
        String[] segments = SEGMENT.split(bare);
        int chosen = 0;
        Optional<FoodNames.Found> found = Optional.empty();
        for (int i = 0; i < segments.length && found.isEmpty(); i++) {
            found = find(segments[i], conditional);
            chosen = found.isPresent() ? i : 0;
        }
        if (found.isEmpty() && Arrays.stream(segments).noneMatch(strangers::isStrange)) {
            found = notes.stream()
                    .map(note -> find(note, conditional))
                    .flatMap(Optional::stream)
                    .findFirst();
        }
        List<String> labelled = conditional ? List.of() : labelled(segments, chosen, notes);
        List<String> unknown = found.isEmpty()
                ? List.of()
                : strangers.beside(
                        segments,
                        chosen,
                        found.get().match(),
                        notes,
                        measured && !EACH.matcher(rest).lookingAt());
        return naming(segments, chosen, found, notes, unknown, labelled);
    }

    private static String withoutNotes(String rest, List<String> notes) {
        String bare = PARENS.matcher(rest).replaceAll(m -> {
            notes.add(m.group(1).strip());
            return " ";
        });
        return LONE_PAREN.matcher(bare).replaceAll(" ");
    }

    private static String tidied(String words) {
        String marked =
                Glance.has(words, ",;.") ? SPACE_BEFORE_MARK.matcher(words).replaceAll("$1") : words;
        return SPACES.matcher(marked).replaceAll(" ").strip();
    }

    /** "oats, labelled gluten-free", "oats (certified gluten-free)". */
    private List<String> labelled(String[] segments, int chosen, List<String> notes) {
        List<String> after = new ArrayList<>();
        if (chosen + 1 < segments.length) {
            after.add(segments[chosen + 1]);
        }
        notes.stream().findFirst().ifPresent(after::add);
        return after.stream()
                .flatMap(words -> foods.claims().labelled(words).stream())
                .distinct()
                .toList();
    }

    private Naming naming(
            String[] segments,
            int chosen,
            Optional<FoodNames.Found> found,
            List<String> notes,
            List<String> unknown,
            List<String> labelled) {
        Optional<NameIndex.Match> match = found.map(FoodNames.Found::match);
        String item = segments.length == 0 ? "" : String.join(", ", Arrays.copyOf(segments, chosen + 1));
        List<String> prep = new ArrayList<>();
        item = takeLeadingPrep(item, match, prep);
        for (int i = chosen + 1; i < segments.length; i++) {
            prep.add(segments[i]);
        }
        prep.addAll(notes);
        prep.removeIf(String::isBlank);
        item = takeTrailingPrep(moveTail(item, prep), match, prep);
        Ingredient food = found.map(FoodNames.Found::ingredient).orElse(null);
        List<String> claims = new ArrayList<>(found.map(FoodNames.Found::claims).orElse(List.of()));
        claims.addAll(labelled);
        Ingredient meant = food == null ? null : foods.claimed(food, labelled);
        return new Naming(
                item.isBlank() ? "" : END_MARKS.matcher(item).replaceAll(""),
                prep.isEmpty() ? null : String.join(", ", prep),
                meant,
                match.map(NameIndex.Match::exact).orElse(true),
                food == null ? List.of() : others.find(segments, chosen, match.get(), notes),
                food == null ? List.of() : unknown,
                List.copyOf(claims));
    }

    private String takeLeadingPrep(String item, Optional<NameIndex.Match> match, List<String> prep) {
        Matcher leading = LEADING_PREP.matcher(item);
        if (match.isEmpty()
                || !leading.lookingAt()
                || leading.end() >= item.length()
                || item.charAt(leading.end()) == '-') {
            return item;
        }
        String without = item.substring(leading.end());
        boolean same = find(without, false)
                .map(f -> f.match().ingredient() == match.get().ingredient())
                .orElse(false);
        if (!same) {
            return item;
        }
        prep.add(leading.group().strip());
        return without;
    }

    /** "Onions diced", "potatoes peeled & chopped": no comma before what is done. */
    private String takeTrailingPrep(String item, Optional<NameIndex.Match> match, List<String> prep) {
        Matcher trailing = TRAILING_PREP.matcher(item);
        if (match.isEmpty() || !trailing.find() || trailing.start() == 0) {
            return item;
        }
        String without = item.substring(0, trailing.start());
        boolean same = find(without, false)
                .map(f -> f.match().ingredient() == match.get().ingredient())
                .orElse(false);
        if (!same) {
            return item;
        }
        prep.add(trailing.group().strip());
        return without;
    }

    private static String moveTail(String item, List<String> prep) {
        Matcher tail = TAIL.matcher(item);
        if (tail.find() && tail.start() > 0) {
            prep.add(tail.group().strip());
            return item.substring(0, tail.start()).strip();
        }
        return item;
    }

    /** "2 eggs plus 1 yolk" measures the eggs: what stands before a joint comes first, unless one name spans it. */
    private Optional<FoodNames.Found> find(String words, boolean conditional) {
        Optional<FoodNames.Found> whole = choice(words, conditional);
        Matcher joint = JOINT.matcher(words);
        if (whole.isEmpty()
                || !joint.find()
                || joint.start() >= whole.get().match().start()
                || whole.get().match().food().role().equals("filled-pasta")) {
            return whole;
        }
        Optional<FoodNames.Found> first = choice(words.substring(0, joint.start()), conditional);
        return first.filter(f -> f.match().exact()).isPresent() ? first : whole;
    }

    /** "olive oil or butter" is read as the first it names; "beef or lamb mince" shares its noun. */
    private Optional<FoodNames.Found> choice(String words, boolean conditional) {
        Pattern between = OF_BOTH.matcher(words).matches() ? BOTH : EITHER;
        String[] choices = between.split(words, 2);
        if (choices.length == 1) {
            return foods.find(words, conditional);
        }
        Optional<FoodNames.Found> first = foods.find(choices[0], true);
        String[] tail = choices[1].strip().split("\\s+");
        Optional<FoodNames.Found> shared = foods.find(choices[0] + " " + tail[tail.length - 1], true);
        boolean spans = shared.isPresent()
                && shared.get().ingredient() != null
                && (first.isEmpty() || shared.get().match().words() > 1)
                && shared.get().match().end() > choices[0].length();
        if (spans) {
            NameIndex.Match m = shared.get().match();
            NameIndex.Match over = new NameIndex.Match(m.ingredient(), m.start(), words.length(), m.words(), m.exact());
            return Optional.of(new FoodNames.Found(over, shared.get().ingredient(), List.of()));
        }
        boolean lends = !choices[0].contains(" ") && SHARING.contains(tail[tail.length - 1].toLowerCase(Locale.ROOT));
        Optional<FoodNames.Found> other = first.isEmpty() || lends ? foods.find(choices[1], true) : Optional.empty();
        return other.isPresent() ? other : first;
    }
}
