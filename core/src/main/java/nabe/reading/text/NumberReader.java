package nabe.reading.text;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Amount;
import org.jspecify.annotations.Nullable;

/** Reads the numbers of a kitchen: 1, 1/2, 1 ½, 1-1/2, 2.5, 2,5, one, half a, a dozen, 2-3, 2 to 3. */
final class NumberReader {
    private static final Map<Character, String> VULGAR = Map.ofEntries(
            Map.entry('½', "1/2"),
            Map.entry('¼', "1/4"),
            Map.entry('¾', "3/4"),
            Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"),
            Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"),
            Map.entry('⅝', "5/8"),
            Map.entry('⅞', "7/8"),
            Map.entry('⅕', "1/5"),
            Map.entry('⅖', "2/5"),
            Map.entry('⅗', "3/5"),
            Map.entry('⅘', "4/5"),
            Map.entry('⅙', "1/6"),
            Map.entry('⅚', "5/6"));
    private static final Map<String, Double> NAMES = Map.ofEntries(
            Map.entry("one", 1d),
            Map.entry("two", 2d),
            Map.entry("three", 3d),
            Map.entry("four", 4d),
            Map.entry("five", 5d),
            Map.entry("six", 6d),
            Map.entry("seven", 7d),
            Map.entry("eight", 8d),
            Map.entry("nine", 9d),
            Map.entry("ten", 10d),
            Map.entry("eleven", 11d),
            Map.entry("twelve", 12d),
            Map.entry("fifteen", 15d),
            Map.entry("twenty", 20d),
            Map.entry("half", 0.5),
            Map.entry("quarter", 0.25),
            Map.entry("a quarter", 0.25),
            Map.entry("a half", 0.5),
            Map.entry("half a", 0.5),
            Map.entry("half an", 0.5),
            Map.entry("half of a", 0.5),
            Map.entry("half of an", 0.5),
            Map.entry("third of a", 1 / 3d),
            Map.entry("third of an", 1 / 3d),
            Map.entry("quarter of a", 0.25),
            Map.entry("quarter of an", 0.25),
            Map.entry("one half", 0.5),
            Map.entry("a dozen", 12d),
            Map.entry("dozen", 12d),
            Map.entry("half a dozen", 6d),
            Map.entry("a couple of", 2d),
            Map.entry("a couple", 2d),
            Map.entry("couple of", 2d),
            Map.entry("one and a half", 1.5),
            Map.entry("two and a half", 2.5),
            Map.entry("a", 1d),
            Map.entry("an", 1d),
            Map.entry("three quarters of a", 0.75));
    private static final Map<String, Integer> PARTS =
            Map.of("third", 3, "quarter", 4, "fourth", 4, "fifth", 5, "eighth", 8);
    private static final String DIGITS = "\\d{1,3}(?:,\\d{3})+(?!\\d)|\\d+[.,]\\d+|\\.\\d+|\\d+";
    private static final Pattern ONE = Pattern.compile(
            "(?<whole>\\d+)(?:\\s+(?:and\\s+|&\\s*)?|-|\\s+-\\s*)"
                    + "(?<n>\\d)/(?<d>\\d{1,2})(?!\\d)|(?<num>\\d+)\\s*/\\s*(?<den>\\d{1,2})(?!\\d)(?![.,]\\d)"
                    + "|(?<plain>" + DIGITS + ")"
                    + "|(?<parts>one|two|three|an?)[ -](?<part>third|quarter|fourth|fifth|eighth)s?(?: of an?)?(?=\\s)"
                    + "|(?<word>half of an?|third of an?|quarter of an?|half a dozen|one and a half|two and a half|three quarters of a|one half|a quarter|a half"
                    + "|half an?|a dozen|dozen|a couple of|a couple|couple of|one|two|three|four|five|six|seven|eight|nine"
                    + "|ten|eleven|twelve|fifteen|twenty|half|quarter|an?)(?=\\s)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TIGHT_FRACTION = Pattern.compile("(?<=\\d/\\d)(?=[\\p{L}(])");
    private static final Pattern SPACES = Pattern.compile("[ \\t]+");
    private static final Pattern ARTICLE = Pattern.compile("an?\\s.*", Pattern.CASE_INSENSITIVE);
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(,\\d{3})+");
    /** "11/2" was "1 1/2" before its space got lost in copying. */
    static final Pattern LOST_SPACE =
            Pattern.compile("[1-9](?:1\\s*/\\s*[2348]|2\\s*/\\s*3|3\\s*/\\s*[48]|[57]\\s*/\\s*8)");

    /** "Mixed w/ butter". */
    private static final Pattern WITH = Pattern.compile("\\bw/\\s*(?=[\\p{L}\\d])", Pattern.CASE_INSENSITIVE);

    private static final Pattern DOZEN = Pattern.compile("\\s+(?:dozen\\b|doz\\b\\.?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern TO = Pattern.compile("\\s*(?:-|to\\b|or\\b)\\s*", Pattern.CASE_INSENSITIVE);

    private NumberReader() {}

    /** Writes vulgar fractions and odd dashes in plain signs: "1½–2" becomes "1 1/2-2". */
    static String plain(String text) {
        return isPlain(text) ? text.strip() : rewritten(text);
    }

    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c > '~' || c == '/' || c == '\t' || c == ' ' && i > 0 && text.charAt(i - 1) == ' ') {
                return false;
            }
        }
        return true;
    }

    private static String rewritten(String written) {
        String text = WITH.matcher(written).replaceAll("with ");
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray()) {
            String fraction = c < 128 ? null : VULGAR.get(c);
            if (fraction != null) {
                boolean afterDigit = !out.isEmpty() && Character.isDigit(out.charAt(out.length() - 1));
                out.append(afterDigit ? " " : "").append(fraction);
            } else {
                out.append(plain(c));
            }
        }
        String loose = out.indexOf("/") < 0
                ? out.toString()
                : TIGHT_FRACTION.matcher(out).replaceAll(" ");
        boolean spaced = loose.indexOf('\t') >= 0 || loose.contains("  ");
        return (spaced ? SPACES.matcher(loose).replaceAll(" ") : loose).strip();
    }

    private static char plain(char c) {
        return switch (c) {
            case '–', '—', '‒', '−', '‐', '‑' -> '-';
            case '⁄', '∕' -> '/';
            case '’', '‘', '´' -> '\'';
            case '“', '”', '″' -> '"';
            case '\u00a0', '\u2009', '\u202f', '\u2003', '\u2002' -> ' ';
            case '×', '✕' -> 'x';
            default -> c;
        };
    }

    /** Reads a number or range where the scanner stands, moving past it; null when there is none. */
    static @Nullable Amount read(Scan scan) {
        int start = scan.at();
        Double first = one(scan);
        if (first == null) {
            return null;
        }
        int afterFirst = scan.at();
        if (scan.take(TO) != null) {
            boolean worded = !scan.nextIs(Character::isDigit) && !scan.nextIs(c -> c == '.');
            int at = scan.at();
            Double second = worded && first == 1 && isArticle(scan, start) ? null : one(scan);
            boolean article = at < scan.at() && isArticle(scan, at);
            if (second != null && !article && second > first) {
                return new Amount(first, second);
            }
            scan.back(afterFirst);
        }
        return Amount.of(first);
    }

    private static boolean isArticle(Scan scan, int at) {
        return ARTICLE.matcher(scan.text().substring(at)).matches();
    }

    private static @Nullable Double one(Scan scan) {
        int start = scan.at();
        Matcher m = scan.take(ONE);
        if (m == null) {
            return null;
        }
        Double value = valueOf(m);
        if (value == null || !Double.isFinite(value)) {
            scan.back(start);
            return null;
        }
        return scan.take(DOZEN) == null ? value : Double.valueOf(12 * value);
    }

    private static @Nullable Double valueOf(Matcher m) {
        if (m.group("whole") != null) {
            return Double.parseDouble(m.group("whole")) + ratio(m.group("n"), m.group("d"));
        }
        if (m.group("num") != null) {
            return LOST_SPACE.matcher(m.group()).matches()
                    ? Character.digit(m.group("num").charAt(0), 10)
                            + ratio(m.group("num").substring(1), m.group("den"))
                    : ratio(m.group("num"), m.group("den"));
        }
        if (m.group("parts") != null) {
            double parts = NAMES.getOrDefault(m.group("parts").toLowerCase(java.util.Locale.ROOT), 1d);
            return parts / PARTS.getOrDefault(m.group("part").toLowerCase(java.util.Locale.ROOT), 1);
        }
        if (m.group("word") != null) {
            return NAMES.get(m.group("word").toLowerCase(java.util.Locale.ROOT));
        }
        String plain = m.group("plain");
        boolean thousands = THOUSANDS.matcher(plain).matches();
        return Double.parseDouble(thousands ? plain.replace(",", "") : plain.replace(',', '.'));
    }

    private static double ratio(String n, String d) {
        return Double.parseDouble(n) / Double.parseDouble(d);
    }
}
