package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.measure.Amount;
import nabe.measure.Unit;
import nabe.recipe.Bullets;
import nabe.recipe.Line;
import nabe.recipe.LineBuilder;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Reads one ingredient line. What it cannot read it leaves null and says so in the line's doubt. */
public final class LineReader {
    private static final Pattern BULLET = Pattern.compile("^(?:(?:o(?=\\s+[\\d½¼¾⅓⅔])|" + Bullets.MARK + "+|"
            + Bullets.BOX + "|\\d{1,2}[.)](?=\\s+\\D*\\s?\\d))\\s+)+");
    /** "1 cauliflower ...... about 1 kg". */
    private static final Pattern DOTS = Pattern.compile("\\s*\\.{3,}\\s*([^()]+)$");

    private static final Pattern TRAILING_AMOUNT =
            Pattern.compile("^(?<item>\\p{L}[^\\d]*?)\\s*(?:[:,;=-]|\\s|\\.{2,})\\s*[(]?(?:(?:"
                    + MeasureReader.ABOUT_WORDS
                    + ")\\s*)?(?<amount>\\d[^,;]*|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve)(?: (?:large|small|medium|big)(?: ones?)?)?)"
                    + "(?<after>[,;][^\\d]*)?$");
    private static final Pattern OPTIONAL =
            Pattern.compile("\\boptional(?:ly)?\\b|\\bif (?:you )?(?:like|wish|using)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPTIONAL_FIRST =
            Pattern.compile("^[(\\[]?optional[)\\]:]+\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern PLUS = Pattern.compile(
            "(?:[,;(]\\s*(?:plus|\\+)|\\s\\+|\\splus(?=\\s+[\\d½¼¾][^,;]{0,15}?\\s(?:for|to|extra|more)\\b))\\s+(?:another |an extra |a further |extra )?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern STRESS = Pattern.compile("\\*\\*|__|`");
    private static final Pattern TWO_LETTERS = Pattern.compile("\\p{L}{2}");

    private final Larder larder;
    private final NameReader names;
    private final Habits habits;
    private final Homonyms homonyms;

    public LineReader(Larder larder) {
        this(larder, Habits.usual());
    }

    public LineReader(Larder larder, Habits habits) {
        this.larder = larder;
        this.habits = habits;
        this.names = new NameReader(larder);
        this.homonyms = new Homonyms(larder);
    }

    /** @param text one ingredient line, with or without bullet; {@code heading} the heading above it, or null */
    public Line read(String text, @Nullable String heading) {
        return read(text, heading, null);
    }

    /** The same line, as the ingredient the cook says it is: weights follow. */
    Line readAs(Line line, Ingredient ingredient) {
        return read(line.text(), line.heading(), ingredient);
    }

    private Line read(String text, @Nullable String heading, @Nullable Ingredient known) {
        String plain = BULLET.matcher(NumberReader.plain(text)).replaceFirst("");
        plain = Glance.has(plain, "*_`") ? STRESS.matcher(plain).replaceAll("") : plain;
        plain = Glance.beginsWithDigit(plain, 0)
                ? DOTS.matcher(plain).replaceFirst(" ($1)")
                : OPTIONAL_FIRST.matcher(plain).replaceFirst("");
        Scan scan = new Scan(plain);
        MeasureReader.Reading reading = new MeasureReader(scan).read();
        String rest = scan.rest().strip();
        if (reading.measure() == null || !TWO_LETTERS.matcher(rest).find()) {
            Matcher trailing = TRAILING_AMOUNT.matcher(plain);
            if (trailing.matches()) {
                MeasureReader.Reading late =
                        new MeasureReader(new Scan(trailing.group("amount").replaceAll("[)]$", ""))).read();
                if (late.measure() != null) {
                    reading = late;
                    rest = trailing.group("item").replaceAll("[:,;=.-]+\\s*$", "")
                            + Objects.requireNonNullElse(trailing.group("after"), "");
                }
            }
        }
        if (rest.isBlank() && isCountedByUnit(reading.measure())) {
            Scan named = new Scan(plain);
            reading = new MeasureReader.Reading(
                    new Measure(Objects.requireNonNull(NumberReader.read(named)), null), List.of(), "");
            rest = named.rest().strip();
        }
        return assemble(text.strip(), heading, reading, rest, known);
    }

    /** "4 cloves": the word that counts other things names this one. */
    private static boolean isCountedByUnit(@Nullable Measure measure) {
        return measure != null && measure.unit() != null && !measure.unit().isFixed() && measure.packSize() == null;
    }

    private Line assemble(
            String text,
            @Nullable String heading,
            MeasureReader.Reading reading,
            String rest,
            @Nullable Ingredient known) {
        NameReader.Naming found = names.read(rest, reading.measure() != null, text);
        Ingredient recalled = known == null ? recalled(found.item()) : null;
        known = known == null ? recalled : known;
        NameReader.Naming naming = known == null ? found : found.said(known);
        Measure measure = reading.measure();
        Unit unit = measure == null ? null : measure.unit();
        if (measure != null && unit == null) {
            unit = trailingUnit(naming.item());
            measure = new Measure(measure.amount(), unit);
        }
        measure = withMore(measure, rest);
        Amount amount = measure == null ? null : measure.amount();
        Ingredient ingredient = known == null
                ? homonyms.meant(naming.ingredient(), naming.item(), measure, text, habits.spoons())
                : known;
        naming = naming.as(ingredient);
        List<Measure> others = new ArrayList<>(reading.others());
        others.addAll(SaidWeight.in(naming.preparation(), measure));
        Amount grams = Weights.grams(ingredient, measure, others, naming.item(), reading.size(), habits.spoons());
        return LineBuilder.builder()
                .text(text)
                .heading(heading)
                .amount(amount)
                .unit(unit)
                .item(naming.item())
                .preparation(naming.preparation())
                .ingredient(ingredient)
                .grams(grams)
                .claims(naming.claims())
                .also(naming.also())
                .unknown(naming.unknown())
                .optional(OPTIONAL.matcher(text).find())
                .doubt(doubt(text, naming, amount, grams))
                .remembered(recalled != null)
                .shares(List.of())
                .build();
    }

    /** "100 ml milk, plus 900 ml for the sauce" buys a litre; "plus more for the dish" has no figure. */
    private static @Nullable Measure withMore(@Nullable Measure measure, String rest) {
        Matcher plus = PLUS.matcher(rest);
        if (measure == null || measure.unit() == null || !measure.unit().isFixed() || !plus.find()) {
            return measure;
        }
        if (rest.substring(0, plus.start()).contains(" - ")) {
            return measure;
        }
        Measure more =
                new MeasureReader(new Scan(rest.substring(plus.end()))).read().measure();
        boolean adds = more != null
                && more.unit() != null
                && more.unit().kind() == measure.unit().kind();
        return more != null && more.unit() != null && adds
                ? new Measure(
                        measure.amount()
                                .plus(more.amount()
                                        .times(more.unit().factor()
                                                / measure.unit().factor())),
                        measure.unit())
                : measure;
    }

    /** What the cook said once that this wording means, or null. */
    private @Nullable Ingredient recalled(String item) {
        String id = habits.remembered().isEmpty() ? null : habits.remembered().get(Habits.wording(item));
        return id == null ? null : larder.find(id).orElse(null);
    }

    private static @Nullable String doubt(
            String text, NameReader.Naming naming, @Nullable Amount amount, @Nullable Amount grams) {
        Matcher lost = NumberReader.LOST_SPACE.matcher(text);
        if (amount != null && lost.lookingAt()) {
            return Messages.say(
                    "reading.was-read-as-right",
                    lost.group(),
                    lost.group().charAt(0),
                    lost.group().substring(1));
        }
        if (naming.ingredient() == null) {
            return Messages.say("reading.not-in-the-larder-check-what");
        }
        if (!naming.unknown().isEmpty()) {
            return Messages.say(
                    "reading.not-in-the-larder-put-it",
                    String.join(", ", naming.unknown()),
                    naming.ingredient().name());
        }
        if (!naming.exact()) {
            return Messages.say("reading.taken-for-right", naming.ingredient().name());
        }
        return amount != null && grams == null ? Messages.say("reading.no-weight-known-for-this-amount") : null;
    }

    private static @Nullable Unit trailingUnit(String item) {
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
