package nabe.reading;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.larder.Figures;
import nabe.measure.Unit;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.text.UnitWords;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/**
 * How much of a thing a clause speaks of.
 *
 * @param value a share 0 to 1, or an amount in {@code unit}, or a count
 */
record Portion(Kind kind, double value, @Nullable Unit unit) {
    /** Ways to say how much. */
    enum Kind {
        /** Nothing said. */
        UNSAID,
        /** A share of the whole. */
        FRACTION,
        /** A share of what is left. */
        OF_LEFT,
        /** What is left; the count of it where one is said, else 0. */
        REST,
        /** What was put by for this. */
        RESERVED,
        ALL,
        MEASURE,
        /** All but a measure. */
        ALL_BUT,
        COUNT,
        /** A smear. */
        FILM,
        /** A spoonful to each of many: all of it in the end. */
        EACH
    }

    static final Portion UNSAID = new Portion(Kind.UNSAID, 0, null);
    static final Portion REST = new Portion(Kind.REST, 0, null);
    static final Portion ALL = new Portion(Kind.ALL, 1, null);
    static final double FILM_SHARE = Figures.of("reading.smear");
    private static final double MOST = Figures.of("reading.most-of");
    static final double HANDFUL = Figures.of("reading.handful-kept");

    /** "50 g parmesan, plus 25 g to finish". */
    private static final Pattern PLUS_MEASURED = Pattern.compile(
            "(?<first>\\d+)\\s?(?<unit>\\p{L}+)\\b.*(?:\\bplus|\\+) (?:an extra |another |extra )?(?<more>\\d+)\\s?\\k<unit>\\b.*",
            Pattern.CASE_INSENSITIVE);

    /** "(about 12)", "(450 g, 12 sheets)", "filo, about 12 sheets". */
    private static final Pattern COUNT_BESIDE = Pattern.compile(
            "(?:\\(|[,;/] ?)(?:about |approx\\.? |around |roughly |~ ?)?(\\d{1,2})"
                    + "(?:(?<=\\(.{1,12})(?=\\))| (?:\\p{L}+ )?(?:sheets|noodles|tubes|shells|tortillas|slices|pieces|strips)\\b)");

    private static final List<String> LADLES = List.of("ladle", "ladleful");
    private static final double LADLE_ML = Figures.of("reading.ladle");

    private static final Map<String, Double> PARTS = Map.ofEntries(
            Map.entry("half", 2.0),
            Map.entry("halve", 2.0),
            Map.entry("third", 3.0),
            Map.entry("quarter", 4.0),
            Map.entry("fourth", 4.0),
            Map.entry("fifth", 5.0),
            Map.entry("sixth", 6.0),
            Map.entry("seventh", 7.0),
            Map.entry("eighth", 8.0),
            Map.entry("ninth", 9.0),
            Map.entry("tenth", 10.0));

    boolean is(Kind some) {
        return kind == some;
    }

    /** @return whether the words told anything */
    boolean isSaid() {
        return kind != Kind.UNSAID;
    }

    /** @param before the words of a noun before its name; {@code after} those behind it */
    static Portion read(List<Token> before, List<Token> after, KitchenWords words) {
        if (Tokens.has(before, "reserved", "saved", "kept")) {
            return new Portion(Kind.RESERVED, 0, null);
        }
        if (isThin(before)) {
            return new Portion(Kind.FILM, FILM_SHARE, null);
        }
        Portion exact = ofHalves(exact(before), before, after);
        boolean left = isLeft(before, words) || isLeft(after, words);
        if (exact != null && Tokens.has(before, "but")) {
            return exact.is(Kind.FRACTION)
                    ? new Portion(Kind.FRACTION, 1 - exact.value, null)
                    : new Portion(Kind.ALL_BUT, exact.value, exact.unit);
        }
        if (exact != null && exact.is(Kind.FRACTION)) {
            boolean other = Tokens.has(before, "other", "second", "last", "final");
            boolean restAfter = isRestAfterPart(before, words);
            return other && !restAfter ? REST : left ? new Portion(Kind.OF_LEFT, exact.value, null) : exact;
        }
        if (left && (exact == null || !exact.is(Kind.MEASURE))) {
            return exact != null && exact.is(Kind.COUNT) && words.any(before, Use.REST)
                    ? new Portion(Kind.REST, exact.value, null)
                    : exact != null ? exact : REST;
        }
        if (exact != null) {
            boolean last = Tokens.has(before, "last", "remaining", "final");
            return last ? new Portion(Kind.REST, exact.is(Kind.COUNT) ? exact.value : 0, null) : exact;
        }
        return rough(before, words);
    }

    /** @return the share of a line that it buys extra, 0 where it gives no figure */
    static double extra(String line) {
        Matcher plus = PLUS_MEASURED.matcher(line);
        if (!plus.matches()) {
            return 0;
        }
        double more = Double.parseDouble(plus.group("more"));
        return more / (more + Double.parseDouble(plus.group("first")));
    }

    /** "8 tortilla halves" are four of them. */
    private static @Nullable Portion ofHalves(@Nullable Portion exact, List<Token> before, List<Token> after) {
        boolean halves = exact != null
                && exact.is(Kind.COUNT)
                && Stream.concat(before.stream(), after.stream())
                        .anyMatch(t -> t.text().equalsIgnoreCase("halves"));
        return exact != null && halves ? new Portion(Kind.COUNT, exact.value / 2, null) : exact;
    }

    /** "a third of the remaining", not "the last third". */
    private static boolean isRestAfterPart(List<Token> before, KitchenWords words) {
        int part = -1;
        for (int i = 0; i < before.size(); i++) {
            if (PARTS.containsKey(before.get(i).key())) {
                part = i;
            } else if (part >= 0 && words.is(before.get(i), Use.REST)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isLeft(List<Token> tokens, KitchenWords words) {
        return words.any(tokens, Use.REST) || tokens.stream().anyMatch(t -> t.is("other") && tokens.size() <= 3);
    }

    /** "A thin layer of the remaining sauce". */
    private static boolean isThin(List<Token> before) {
        return Tokens.has(before, "thin") && Tokens.has(before, "layer", "coat");
    }

    private static Portion rough(List<Token> before, KitchenWords words) {
        if (words.any(before, Use.HANDFUL)) {
            return new Portion(Kind.FRACTION, Tokens.has(before, "but") ? 1 - HANDFUL : HANDFUL, null);
        }
        if (words.any(before, Use.MOST)) {
            return new Portion(Kind.FRACTION, MOST, null);
        }
        if (words.any(before, Use.FILM)) {
            return new Portion(Kind.FILM, FILM_SHARE, null);
        }
        return Tokens.has(before, "all", "whole") ? ALL : UNSAID;
    }

    private static @Nullable Portion exact(List<Token> before) {
        for (int i = before.size() - 1; i >= 0; i--) {
            Token t = before.get(i);
            Double part = PARTS.get(t.key());
            boolean ofDuration = i + 2 < before.size() && before.get(i + 1).is("an");
            Unit pack = part == null ? null : packAfter(before, i);
            if (part != null && pack != null) {
                return new Portion(Kind.MEASURE, 1 / part, pack);
            }
            if (part != null && !ofDuration) {
                double n = i > 0 && before.get(i - 1).isNumber()
                        ? before.get(i - 1).low()
                        : 1;
                return n >= part ? null : new Portion(Kind.FRACTION, n / part, null);
            }
            if (t.isNumber()) {
                return counted(before, i);
            }
            boolean opens = i == 0 && before.size() > 1 && before.get(1).is("of");
            boolean half = i > 1 && PARTS.containsKey(before.get(i - 2).key());
            boolean led = i > 0 && !half && Tokens.has(before.subList(i - 1, i), "a", "an", "the");
            Unit unit = t.isWord() && (led || opens) ? UnitWords.ofWord(t.text()) : null;
            if (unit != null && (unit.isFixed() && !t.is("g") || isPackOf(before, i, unit))) {
                return new Portion(Kind.MEASURE, 1, unit);
            }
        }
        return null;
    }

    /** "A jar of it"; "the jar" is all of it. */
    private static boolean isPackOf(List<Token> before, int i, Unit unit) {
        return unit.kind() == Unit.Kind.PACK && i > 0 && !before.get(i - 1).is("the");
    }

    /** "Half a jar": the jar. */
    private static @Nullable Unit packAfter(List<Token> before, int part) {
        int at = part + 1 < before.size() && Tokens.has(before.subList(part + 1, part + 2), "a", "the")
                ? part + 2
                : part + 1;
        Unit unit = at < before.size() && before.get(at).isWord()
                ? UnitWords.ofWord(before.get(at).text())
                : null;
        return unit != null && unit.kind() == Unit.Kind.PACK ? unit : null;
    }

    private static @Nullable Portion counted(List<Token> before, int i) {
        Token t = before.get(i);
        double value = (t.low() + t.high()) / 2;
        Unit unit = i + 1 < before.size() && before.get(i + 1).isWord()
                ? UnitWords.ofWord(before.get(i + 1).text())
                : null;
        boolean length = i + 1 < before.size()
                && List.of("cm", "mm", "inch", "in", "layer", "minute")
                        .contains(before.get(i + 1).key());
        if (length) {
            return null;
        }
        boolean ladles =
                i + 1 < before.size() && LADLES.contains(before.get(i + 1).key());
        if (ladles) {
            return new Portion(Kind.MEASURE, value * LADLE_ML, Unit.ML);
        }
        if (i + 1 < before.size() && before.get(i + 1).is("spoonful")) {
            return new Portion(Kind.MEASURE, value, Unit.TBSP);
        }
        if (unit != null && unit.isFixed()) {
            return new Portion(Kind.MEASURE, value, unit);
        }
        return value < 1 ? new Portion(Kind.FRACTION, value, null) : new Portion(Kind.COUNT, value, null);
    }

    /**
     * @param left share of the line not yet spent
     * @return the share of the line this is, or null where nothing was said that tells
     */
    @Nullable
    Double of(Line line, double left) {
        return switch (kind) {
            case FRACTION -> Math.min(value, left);
            case OF_LEFT -> value * left;
            case REST, ALL, EACH, RESERVED -> left;
            case MEASURE -> atMost(measured(line), left);
            case ALL_BUT -> allBut(measured(line), left);
            case COUNT -> atMost(counted(line), left);
            case UNSAID, FILM -> null;
        };
    }

    private static @Nullable Double atMost(@Nullable Double share, double left) {
        return share == null ? null : Double.valueOf(Math.min(share, left));
    }

    private static @Nullable Double allBut(@Nullable Double share, double left) {
        return share == null ? null : Double.valueOf(Math.max(0, left - share));
    }

    private @Nullable Double measured(Line line) {
        if (unit == null) {
            return counted(line);
        }
        if (unit.kind() == Unit.Kind.PACK) {
            double packs =
                    line.unit() == unit && line.amount() != null ? line.amount().mid() : 1;
            return Math.min(1, value / Math.max(1, packs));
        }
        boolean sameKind =
                line.unit() != null && line.unit().isFixed() && line.unit().kind() == unit.kind();
        if (line.unit() != null
                && sameKind
                && line.amount() != null
                && line.amount().mid() > 0) {
            return Math.min(
                    1,
                    value * unit.factor() / (line.amount().mid() * line.unit().factor()));
        }
        double grams = line.gramsOrZero();
        double perMl =
                line.ingredient() == null ? 1 : line.ingredient().gramsPerMl().orElse(1);
        double own = value * unit.factor() * (unit.kind() == Unit.Kind.MASS ? 1 : perMl);
        return grams > 0 ? Double.valueOf(Math.min(1, own / grams)) : null;
    }

    /** "250 g tubes (about 20)", "1 box lasagna noodles (16)". @return the number, 0 where none stands so */
    private static double countBeside(String line) {
        Matcher beside = COUNT_BESIDE.matcher(line);
        return beside.find() ? Double.parseDouble(beside.group(1)) : 0;
    }

    private @Nullable Double counted(Line line) {
        boolean measured = line.unit() != null && line.unit().isFixed();
        double amount = line.amount() == null || measured ? 0 : line.amount().mid();
        double there = amount > 1 ? amount : countBeside(line.text());
        return there > 1 && there >= value ? Double.valueOf(value / there) : null;
    }
}
