package nabe.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.measure.Amount;
import nabe.measure.Unit;

/** Reads one ingredient line. What it cannot read it leaves null and says so in the line's doubt. */
public final class LineReader {
    private static final Pattern BULLET =
            Pattern.compile("^(?:(?:[-*•·▪▢☐□◦‣–—+]+|\\[[ xX]?\\]|\\d{1,2}[.)](?=\\s+\\D*\\s?\\d))\\s+)+");
    private static final Pattern CLAIM = Pattern.compile(
            "\\b(gluten[- ]free|gf|dairy[- ]free|vegan|plant[- ]based"
                    + "|egg[- ]free|nut[- ]free|soy[- ]free|non[- ]dairy)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TRAILING_AMOUNT = Pattern.compile(
            "^(?<item>\\p{L}[^\\d]*?)\\s*(?:[:,;=-]|\\s|\\.{2,})\\s*(?<amount>[(]?\\d[^,;]*)(?<after>[,;][^\\d]*)?$");
    private static final Pattern OPTIONAL =
            Pattern.compile("\\boptional(?:ly)?\\b|\\bif (?:you )?(?:like|wish|using)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern LEADING_PREP = Pattern.compile(
            "^(?:(?:very |finely |roughly |coarsely |thinly |thickly "
                    + "|lightly |freshly |well |hand-)?(?:chopped|diced|sliced|minced|grated|shredded|crushed|crumbled|cubed|torn"
                    + "|peeled|trimmed|cooked|melted|softened|beaten|drained|rinsed|squeezed|toasted|packed|pressed|cut|halved"
                    + "|quartered|chilled|washed|thawed|sifted|whisked|julienned|snipped|deseeded|pitted|mashed)"
                    + "(?:,| and|\\b)\\s*)+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OPTIONAL_FIRST =
            Pattern.compile("^[(\\[]?optional[)\\]:]+\\s*", Pattern.CASE_INSENSITIVE);
    private static final Map<String, String> TINNED = Map.of(
            "tomato",
            "canned-tomatoes",
            "cherry-tomatoes",
            "canned-tomatoes",
            "mushroom",
            "canned-mushrooms",
            "chicken",
            "canned-chicken",
            "dried-beans",
            "white-beans",
            "lentils-dry",
            "cooked-lentils");
    private static final Pattern STRESS = Pattern.compile("\\*\\*|__|`");
    private static final Pattern TWO_LETTERS = Pattern.compile("\\p{L}{2}");
    private static final Pattern LONE_PAREN = Pattern.compile("[()\\[\\]]");
    private static final Pattern SPACE_BEFORE_MARK = Pattern.compile("\\s+([,;.])");
    private static final Pattern SPACES = Pattern.compile("\\s{2,}");
    private static final Pattern SEGMENT = Pattern.compile("\\s*[,;]\\s*|\\s+-\\s+");
    private static final Pattern END_MARKS = Pattern.compile("[.:,]+$");
    private static final Pattern PARENS = Pattern.compile("[(\\[]([^()\\[\\]]*)[)\\]]");
    private static final Pattern JOINT = Pattern.compile("\\s(?:and|plus|with|\\+|&)\\s", Pattern.CASE_INSENSITIVE);
    private static final Pattern EITHER = Pattern.compile("\\s+or\\s+|\\s*/\\s*(?=\\p{L})", Pattern.CASE_INSENSITIVE);

    private final Larder larder;
    private final OtherMentions others;
    private final Habits habits;

    public LineReader(Larder larder) {
        this(larder, Habits.usual());
    }

    public LineReader(Larder larder, Habits habits) {
        this.larder = larder;
        this.habits = habits;
        this.others = new OtherMentions(larder);
    }

    /** @param text one ingredient line, with or without bullet; {@code heading} the heading above it, or null */
    public Line read(String text, String heading) {
        return read(text, heading, null);
    }

    /** The same line, as the ingredient the cook says it is: weights follow. */
    Line readAs(Line line, Ingredient ingredient) {
        return read(line.text(), line.heading(), ingredient);
    }

    private Line read(String text, String heading, Ingredient known) {
        String plain = BULLET.matcher(NumberReader.plain(text)).replaceFirst("");
        plain = OPTIONAL_FIRST.matcher(STRESS.matcher(plain).replaceAll("")).replaceFirst("");
        Scan scan = new Scan(plain);
        MeasureReader.Reading reading = new MeasureReader(scan).read();
        String rest = scan.rest().strip();
        if (reading.measure() == null || !TWO_LETTERS.matcher(rest).find()) {
            Matcher trailing = TRAILING_AMOUNT.matcher(plain);
            if (trailing.matches()) {
                MeasureReader.Reading late =
                        new MeasureReader(new Scan(trailing.group("amount").replaceAll("^[(]|[)]$", ""))).read();
                if (late.measure() != null) {
                    reading = late;
                    rest = trailing.group("item").replaceAll("[:,;=.-]+\\s*$", "")
                            + java.util.Objects.requireNonNullElse(trailing.group("after"), "");
                }
            }
        }
        return assemble(text.strip(), heading, reading, rest, known);
    }

    private Line assemble(String text, String heading, MeasureReader.Reading reading, String rest, Ingredient known) {
        Naming found = name(rest);
        Ingredient recalled = known == null ? recalled(found.item) : null;
        known = known == null ? recalled : known;
        Naming naming = known == null ? found : new Naming(found.item, found.preparation, known, true, found.also);
        Measure measure = reading.measure();
        Unit unit = measure == null ? null : measure.unit();
        if (measure != null && unit == null) {
            unit = trailingUnit(naming.item);
            measure = new Measure(measure.amount(), unit);
        }
        Amount amount = measure == null ? null : measure.amount();
        Ingredient ingredient = known == null ? homonym(naming, measure, text) : known;
        naming = new Naming(naming.item, naming.preparation, ingredient, naming.exact, naming.also);
        List<Measure> others = new ArrayList<>(reading.others());
        others.addAll(SaidWeight.in(naming.preparation, measure));
        Amount grams = Weights.grams(ingredient, measure, others, reading.size(), habits.spoons());
        List<String> claims = new ArrayList<>();
        Matcher claim = CLAIM.matcher(text);
        while (claim.find()) {
            claims.add(claimId(claim.group(1)));
        }
        return new Line(
                text,
                heading,
                amount,
                unit,
                naming.item,
                naming.preparation,
                ingredient,
                grams,
                null,
                List.copyOf(claims),
                naming.also,
                OPTIONAL.matcher(text).find(),
                doubt(text, naming, amount, grams),
                recalled != null,
                List.of());
    }

    /** What the cook said once that this wording means, or null. */
    private Ingredient recalled(String item) {
        String id = habits.remembered().isEmpty() ? null : habits.remembered().get(Habits.wording(item));
        return id == null ? null : larder.find(id).orElse(null);
    }

    /** "2 peppers" are vegetables, "pepper" is the spice; "2 tins plum tomatoes" are not fresh ones. */
    private Ingredient homonym(Naming naming, Measure measure, String text) {
        if (measure != null && measure.unit() == Unit.CAN && naming.ingredient != null) {
            String tinned = TINNED.get(naming.ingredient.id());
            return tinned == null ? naming.ingredient : larder.get(tinned);
        }
        if (naming.ingredient == null || !naming.ingredient.id().equals("pepper")) {
            return naming.ingredient;
        }
        boolean counted = measure != null
                && (measure.unit() == null
                        || measure.isMass() && measure.base(habits.spoons()).mid() >= 25);
        boolean plural = text.toLowerCase(Locale.ROOT).matches(".*\\bpeppers\\b.*");
        boolean named = text.toLowerCase(Locale.ROOT).matches(".*\\b(black|white|ground|cracked)\\b.*");
        return (counted || plural) && !named ? larder.get("pepper-red") : naming.ingredient;
    }

    private static String claimId(String words) {
        String id = words.toLowerCase(Locale.ROOT).replace(' ', '-');
        return switch (id) {
            case "gf" -> "gluten-free";
            case "plant-based" -> "vegan";
            case "non-dairy" -> "dairy-free";
            default -> id;
        };
    }

    private static String doubt(String text, Naming naming, Amount amount, Amount grams) {
        Matcher lost = NumberReader.LOST_SPACE.matcher(text);
        if (amount != null && lost.lookingAt()) {
            return lost.group() + " was read as " + lost.group().charAt(0) + " "
                    + lost.group().substring(1) + ": right?";
        }
        if (naming.ingredient == null) {
            return "Not in the larder: check what it is and what it contains.";
        }
        if (!naming.exact) {
            return "Taken for " + naming.ingredient.name() + ": right?";
        }
        return amount != null && grams == null ? "No weight known for this amount." : null;
    }

    private record Naming(
            String item, String preparation, Ingredient ingredient, boolean exact, List<Ingredient> also) {}

    /** Splits what follows the amount into the thing and what is done to it. */
    private Naming name(String rest) {
        List<String> notes = new ArrayList<>();
        Matcher parens = PARENS.matcher(rest);
        String bare = parens.replaceAll(m -> {
            notes.add(m.group(1).strip());
            return " ";
        });
        bare = SPACES.matcher(SPACE_BEFORE_MARK
                        .matcher(LONE_PAREN.matcher(bare).replaceAll(" "))
                        .replaceAll("$1"))
                .replaceAll(" ")
                .strip();
        String[] segments = SEGMENT.split(bare);
        int chosen = 0;
        Optional<NameIndex.Match> match = Optional.empty();
        for (int i = 0; i < segments.length && match.isEmpty(); i++) {
            match = match(segments[i]);
            chosen = match.isPresent() ? i : 0;
        }
        if (match.isEmpty()) {
            match = notes.stream().map(this::match).flatMap(Optional::stream).findFirst();
        }
        return naming(segments, chosen, match, notes);
    }

    private Naming naming(String[] segments, int chosen, Optional<NameIndex.Match> match, List<String> notes) {
        String item = segments.length == 0 ? "" : String.join(", ", java.util.Arrays.copyOf(segments, chosen + 1));
        List<String> prep = new ArrayList<>();
        item = takeLeadingPrep(item, match, prep);
        for (int i = chosen + 1; i < segments.length; i++) {
            prep.add(segments[i]);
        }
        prep.addAll(notes);
        prep.removeIf(String::isBlank);
        item = moveTail(item, prep);
        return new Naming(
                item.isBlank() ? "" : END_MARKS.matcher(item).replaceAll(""),
                prep.isEmpty() ? null : String.join(", ", prep),
                match.map(NameIndex.Match::ingredient).orElse(null),
                match.map(NameIndex.Match::exact).orElse(true),
                match.map(m -> others.find(segments, chosen, m, notes)).orElse(List.of()));
    }

    private String takeLeadingPrep(String item, Optional<NameIndex.Match> match, List<String> prep) {
        Matcher leading = LEADING_PREP.matcher(item);
        if (match.isEmpty() || !leading.lookingAt() || leading.end() >= item.length()) {
            return item;
        }
        String without = item.substring(leading.end());
        boolean same = match(without)
                .map(m -> m.ingredient() == match.get().ingredient())
                .orElse(false);
        if (!same) {
            return item;
        }
        prep.add(leading.group().strip());
        return without;
    }

    private static final Pattern TAIL = Pattern.compile(
            "\\s+(?:(?:plus|\\+|and) (?:extra|more)\\b.*|to (?:taste|serve|garnish"
                    + "|finish|glaze|grease)\\b.*|for (?:greasing|brushing|frying|the (?:dish|pan|tin|top)|dusting|serving|garnish"
                    + "|sprinkling|topping|rolling|dredging|coating|glazing|drizzling|boiling)\\b.*|as needed\\b.*|divided)$",
            Pattern.CASE_INSENSITIVE);

    private static String moveTail(String item, List<String> prep) {
        Matcher tail = TAIL.matcher(item);
        if (tail.find() && tail.start() > 0) {
            prep.add(tail.group().strip());
            return item.substring(0, tail.start()).strip();
        }
        return item;
    }

    /** "2 eggs plus 1 yolk" measures the eggs: what stands before a joint comes first, unless one name spans it. */
    private Optional<NameIndex.Match> match(String words) {
        Optional<NameIndex.Match> whole = matchChoice(words);
        Matcher joint = JOINT.matcher(words);
        if (whole.isEmpty()
                || !joint.find()
                || joint.start() >= whole.get().start()
                || whole.get().ingredient().role().equals("filled-pasta")) {
            return whole;
        }
        Optional<NameIndex.Match> first = matchChoice(words.substring(0, joint.start()));
        return first.filter(NameIndex.Match::exact).isPresent() ? first : whole;
    }

    /** "olive oil or butter" is read as the first it names; "beef or lamb mince" shares its noun. */
    private Optional<NameIndex.Match> matchChoice(String words) {
        String[] choices = EITHER.split(words, 2);
        if (choices.length == 1) {
            return larder.match(words);
        }
        Optional<NameIndex.Match> first = larder.match(choices[0]);
        String[] tail = choices[1].strip().split("\\s+");
        Optional<NameIndex.Match> shared = larder.match(choices[0] + " " + tail[tail.length - 1]);
        boolean spans =
                shared.isPresent() && shared.get().words() > 1 && shared.get().end() > choices[0].length();
        if (spans) {
            NameIndex.Match m = shared.get();
            return Optional.of(new NameIndex.Match(m.ingredient(), m.start(), words.length(), m.words(), m.exact()));
        }
        return first.isPresent() ? first : larder.match(choices[1]);
    }

    private static Unit trailingUnit(String item) {
        String[] words = item.split("\\s+");
        Unit unit = words.length < 2 ? null : UnitWords.ofWord(words[words.length - 1]);
        boolean counts = unit == Unit.CLOVE
                || unit == Unit.STALK
                || unit == Unit.SPRIG
                || unit == Unit.SHEET
                || unit == Unit.STICK
                || unit == Unit.SLICE
                || unit == Unit.RASHER
                || unit == Unit.LEAF
                || unit == Unit.CUBE
                || unit == Unit.HEAD
                || unit == Unit.FILLET;
        return counts ? unit : null;
    }
}
