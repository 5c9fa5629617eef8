package nabe.reading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/**
 * How much of a thing a clause speaks of.
 *
 * @param share of the whole, or null where the words give none
 * @param rest whether it is all that is left; {@code film} a smear; {@code grams, count} where it is measured
 */
record Portion(
        @Nullable Double share,
        boolean rest,
        boolean film,
        @Nullable Double grams,
        @Nullable Double count) {
    static final Portion UNSAID = new Portion(null, false, false, null, null);
    /** What a smear of sauce under everything takes, where no amount is said. Kitchen practice. */
    static final double FILM = 0.08;

    /** Most of a thing. Kitchen practice. */
    private static final double MOST = 0.8;
    /** A handful kept back. Kitchen practice. */
    private static final double HANDFUL = 0.17;

    private static final Pattern REST = Pattern.compile(
            "\\b(?:rest|remaining|remainder|last|leftover|what(?:'s| is|ever is) left|reserved|other half|final)\\b(?: (?:of|bit of))?(?: the| that| your)?(?: \\w+){0,2}\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FRACTION = Pattern.compile(
            "(?:\\b(?<n>one|two|three|four|a|\\d)[ -])?\\b(?<part>half|halves|third|thirds|quarter|quarters|fifth|fifths|sixth|sixths|tenth)\\b(?: of)?(?: the| that| your| this| it)?(?: \\w+){0,2}\\s*$"
                    + "|(?<num>\\d)/(?<den>\\d)(?: of)?(?: the)?(?: \\w+){0,2}\\s*$|(?<sign>[½⅓⅔¼¾⅕])(?: of)?(?: the)?(?: \\w+){0,2}\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern MOST_OF =
            Pattern.compile("\\b(?:most|nearly all)(?: of)?(?: the)?(?: \\w+)?\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern SMEAR = Pattern.compile(
            "\\b(?:thin (?:layer|smear|film)|smear|film|little|spoonful|few spoonfuls?|ladleful|couple of spoonfuls)\\b(?: of)?(?: the)?(?: \\w+)?\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PINCH =
            Pattern.compile("\\bhandful(?: of)?(?: the)?(?: \\w+)?\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern GRAMS = Pattern.compile(
            "(?<n>\\d+ \\d/\\d|\\d/\\d|\\d+ ?[½⅓⅔¼¾]|[½⅓⅔¼¾]|\\d+(?:[.,]\\d+)?|an?|two|three|four|six)[\\s-]?(?<unit>kg|g|oz|ounces?|ml|l|tbsp|tablespoons?|tsp|teaspoons?|cups?)\\b(?: of)?(?: the)?(?: \\w+){0,2}\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNT = Pattern.compile(
            "\\b(?<n>\\d+|two|three|four|five|six|eight)(?: of)?(?: the)?(?: \\w+)?\\s*$", Pattern.CASE_INSENSITIVE);

    /** @param before the words that lead up to a thing's name */
    static Portion before(String before) {
        if (PINCH.matcher(before).find()) {
            return new Portion(HANDFUL, false, false, null, null);
        }
        Matcher fraction = FRACTION.matcher(before);
        boolean other = Pattern.compile(
                        "\\bother half\\b|\\b(?:last|final|remaining|other) (?:third|quarter)",
                        Pattern.CASE_INSENSITIVE)
                .matcher(before)
                .find();
        if (!other && fraction.find()) {
            return new Portion(share(fraction), false, false, null, null);
        }
        if (other || REST.matcher(before).find()) {
            return new Portion(null, true, false, null, null);
        }
        if (MOST_OF.matcher(before).find()) {
            return new Portion(MOST, false, false, null, null);
        }
        Matcher grams = GRAMS.matcher(before);
        if (grams.find()) {
            return measured(grams);
        }
        Matcher count = COUNT.matcher(before);
        if (count.find()) {
            return new Portion(null, false, false, null, number(count.group("n")));
        }
        return SMEAR.matcher(before).find() ? new Portion(null, false, true, null, null) : UNSAID;
    }

    private static Portion measured(Matcher m) {
        double n = amount(m.group("n"));
        String unit = m.group("unit").toLowerCase(java.util.Locale.ROOT);
        double grams = unit.equals("kg") || unit.equals("l")
                ? n * 1000
                : unit.startsWith("tb") || unit.startsWith("tab")
                        ? n * 14
                        : unit.startsWith("o")
                                ? n * 28.35
                                : unit.startsWith("te") || unit.startsWith("ts")
                                        ? n * 5
                                        : unit.startsWith("cup") ? n * 240 : n;
        return new Portion(null, false, false, grams, n);
    }

    private static double amount(String text) {
        if (text.matches("\\p{L}+")) {
            return number(text);
        }
        double sum = 0;
        for (String part : text.replaceAll("(?=[½⅓⅔¼¾])", " ").strip().split("\\s+")) {
            sum += switch (part) {
                case "½" -> 0.5;
                case "⅓" -> 1 / 3.0;
                case "⅔" -> 2 / 3.0;
                case "¼" -> 0.25;
                case "¾" -> 0.75;
                default ->
                    part.contains("/")
                            ? Double.parseDouble(part.substring(0, part.indexOf('/')))
                                    / Double.parseDouble(part.substring(part.indexOf('/') + 1))
                            : Double.parseDouble(part.replace(',', '.'));
            };
        }
        return sum;
    }

    private static double share(Matcher m) {
        if (m.group("sign") != null) {
            return switch (m.group("sign")) {
                case "½" -> 0.5;
                case "⅓" -> 1 / 3.0;
                case "⅔" -> 2 / 3.0;
                case "¼" -> 0.25;
                case "¾" -> 0.75;
                default -> 0.2;
            };
        }
        if (m.group("num") != null) {
            return Double.parseDouble(m.group("num")) / Double.parseDouble(m.group("den"));
        }
        String part = m.group("part").toLowerCase(java.util.Locale.ROOT);
        double of = part.startsWith("hal")
                ? 2
                : part.startsWith("thi")
                        ? 3
                        : part.startsWith("qua") ? 4 : part.startsWith("fif") ? 5 : part.startsWith("six") ? 6 : 10;
        double n = m.group("n") == null ? 1 : number(m.group("n"));
        return Math.min(1, n / of);
    }

    private static double number(String word) {
        return switch (word.toLowerCase(java.util.Locale.ROOT)) {
            case "a", "an", "one" -> 1;
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "five" -> 5;
            case "six" -> 6;
            case "eight" -> 8;
            default -> Double.parseDouble(word);
        };
    }

    /** @return the share of a line this is, null where nothing was said; {@code left} what is left of it */
    Double of(Line line, double left) {
        if (rest) {
            return left;
        }
        if (share != null) {
            return Math.min(share, left);
        }
        if (grams != null && line.gramsOrZero() > 0) {
            boolean sameUnit =
                    count != null && line.amount() != null && line.unit() != null && grams > count && isSpooned(line);
            double part = sameUnit ? count / line.amount().mid() : grams / line.gramsOrZero();
            return Math.min(part, left);
        }
        if (count != null
                && line.amount() != null
                && line.amount().mid() >= count
                && line.amount().mid() > 1) {
            return Math.min(count / line.amount().mid(), left);
        }
        return null;
    }

    private static boolean isSpooned(Line line) {
        return Pattern.compile("\\b(?:tbsp|tablespoons?|tsp|teaspoons?|cups?)\\b", Pattern.CASE_INSENSITIVE)
                .matcher(line.text())
                .find();
    }
}
