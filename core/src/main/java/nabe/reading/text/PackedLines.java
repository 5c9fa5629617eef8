package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Takes apart lines that hold several ingredients: "For the batter: 140 g flour, 4 eggs", "2 leeks | 1 onion". */
final class PackedLines {
    private static final Pattern HEADED = Pattern.compile("(?<heading>[^:\\d]{2,45}(?: \\d)?):\\s*(?<rest>\\S.*)");
    /** "Besciamella — 100 g butter, 100 g flour". */
    private static final Pattern DASHED =
            Pattern.compile("(?<heading>\\p{L}[\\p{L} ]{1,30}?)\\s+[-–—]\\s+(?<rest>\\d.*)");

    private static final Pattern BAR = Pattern.compile("\\s+[|•·/]\\s+|\\s*;\\s*");
    private static final Pattern COMMA = Pattern.compile(
            ",\\s*(?:and\\s+)?(?=[\\d½¼¾⅓⅔⅛]|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|half a) \\p{L})(?![^(]*\\))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PLUS = Pattern.compile(
            "\\s+(?:plus|\\+|and|&)\\s+(?=[\\d½¼¾⅓⅔⅛]|(?:an? )?(?:splash|knob|dash|glug|drop)\\b (?!more|extra|for))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BESIDE = Pattern.compile(
            "\\bto serve\\b|\\bserving\\b|\\bgarnish|\\boptional\\b|\\btoppings?\\b", Pattern.CASE_INSENSITIVE);
    /** "6 cups cheese - I do 4 cups cheddar + 2 cups gruyère": what follows the dash tells of the same. */
    private static final Pattern ASIDE = Pattern.compile("\\s[-–—]\\s.*\\p{L}.*\\d");

    /** "Plus 40g melted for the pastry": more of the same. */
    private static final Pattern MORE_OF_IT = Pattern.compile(
            "(?:plus )?[\\d.,/½¼¾⅓⅔⅛]+ ?(?:g|kg|ml|l|oz|lb|tbsp|tsp|cups?)?\\s+(?:extra |more )?(?:\\p{L}+ed )?(?:for|to)\\b.*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LATE_COUNT = Pattern.compile("(?<name>\\p{L}[\\p{L} ]+?) \\d[\\d.,/]*(?: ?\\p{L}+)?");
    private static final Pattern ALL_SO = Pattern.compile(
            "\\s*[,:;–—-]*\\s+(?:all|each)\\s+(?<how>(?:\\p{L}+ly )?\\p{L}+(?:ed|t|n))\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_WHAT = Pattern.compile(" for (?:the )?\\p{L}+$");

    private static final Pattern FOR_THE_DISH = Pattern.compile(
            "(?:a little |some )?(?<one>\\p{L}[\\p{L} ]+?),? and (?<other>\\p{L}[\\p{L} ]+?)(?<what>,? (?:for|to) (?:greas|coat|dust|lin|butter)?(?:e|ing)? ?(?:the|your) (?:dish|tin|pan|mould|mold|terrine))",
            Pattern.CASE_INSENSITIVE);

    private final LineKind kinds;

    PackedLines(LineKind kinds) {
        this.kinds = kinds;
    }

    /** @return the line itself where it holds one thing */
    List<String> unpack(String line) {
        Matcher headed = line.indexOf(':') < 0 ? null : HEADED.matcher(line);
        if (headed != null && headed.matches() && opensList(headed.group("rest"))) {
            List<String> pieces = new ArrayList<>(List.of(headed.group("heading") + ":"));
            pieces.addAll(parts(headed.group("rest")));
            boolean group = pieces.size() > 2 || !kinds.isKnown(headed.group("heading"));
            boolean oneThing = !group
                    && pieces.size() == 2
                    && !Glance.has(pieces.getLast(), "()…")
                    && !pieces.getLast().contains("..")
                    && kinds.measuresKnownThing(pieces.getLast());
            return group ? pieces : List.of(oneThing ? pieces.getLast() : line);
        }
        Matcher dashed = another(line) ? DASHED.matcher(line) : null;
        if (dashed != null && dashed.matches() && parts(dashed.group("rest")).size() > 1) {
            List<String> pieces = new ArrayList<>(List.of(dashed.group("heading") + ":"));
            pieces.addAll(parts(dashed.group("rest")));
            return pieces;
        }
        List<String> beside = headed != null && headed.matches() ? servedBeside(headed) : forTheDish(line);
        return beside.isEmpty() ? parts(line) : beside;
    }

    /** "Breadcrumbs and lard for the tin": two things, each for it. @return both, or none */
    private List<String> forTheDish(String line) {
        Matcher both = FOR_THE_DISH.matcher(line);
        return both.matches() && kinds.isKnown(both.group("one")) && kinds.isKnown(both.group("other"))
                ? List.of(both.group("one") + both.group("what"), both.group("other") + both.group("what"))
                : List.of();
    }

    private static boolean another(String line) {
        return Glance.hasDigitAfterWords(line) && Glance.has(line, "-–—");
    }

    /** "To serve: sour cream, coriander", without amounts. @return the heading and its things, or none */
    private List<String> servedBeside(Matcher headed) {
        String[] things = headed.group("rest").split("\\s*,\\s*(?:and\\s+)?|\\s+and\\s+");
        boolean listed = BESIDE.matcher(headed.group("heading")).find()
                && Arrays.stream(things).allMatch(kinds::isKnown);
        return listed
                ? Stream.concat(Stream.of(headed.group("heading") + ":"), Arrays.stream(things))
                        .toList()
                : List.of();
    }

    /** @return whether it is a heading with its things after a colon */
    boolean isHeaded(String line) {
        return line.contains(";") && headsList(line);
    }

    /** "Béchamel: 100 g butter, 100 g flour." */
    boolean headsList(String line) {
        Matcher headed = HEADED.matcher(line);
        return headed.matches() && opensList(headed.group("rest"));
    }

    private boolean opensList(String rest) {
        return kinds.measuresKnownThing(rest) || kinds.measuresKnownThing(BAR.split(rest, 2)[0]);
    }

    private List<String> parts(String line) {
        boolean barred = Glance.has(line, "|•·;/");
        boolean another = Glance.hasDigitAfterWords(line);
        if (!barred && !another) {
            return List.of(line);
        }
        List<String> late = another ? countedLate(line) : List.of();
        if (!late.isEmpty()) {
            return late;
        }
        String[] bars = barred ? BAR.split(line) : new String[] {line};
        String[] commas = COMMA.split(line);
        String[] pieces = bars.length > 1
                ? bars
                : commas.length > 1 || ASIDE.matcher(line).find() ? commas : PLUS.split(line);
        boolean more = Arrays.stream(pieces)
                .skip(1)
                .anyMatch(p -> MORE_OF_IT.matcher(p).matches());
        if (pieces.length == 1 || more) {
            return List.of(line);
        }
        return isList(pieces, bars.length > 1)
                ? Arrays.stream(workedAlike(pieces))
                        .flatMap(p -> tails(p).stream())
                        .flatMap(p -> parts(p).stream())
                        .toList()
                : List.of(line);
    }

    /** "2 onions, 2 carrots and 2 celery sticks, all finely diced": each of them is. */
    private static String[] workedAlike(String[] pieces) {
        Matcher all = ALL_SO.matcher(pieces[pieces.length - 1]);
        return all.find()
                ? Arrays.stream(pieces)
                        .map(p -> ALL_SO.matcher(p).replaceFirst(""))
                        .map(p -> p + (PLUS.split(p).length > 1 ? ", all " : ", ") + all.group("how"))
                        .toArray(String[]::new)
                : pieces;
    }

    /** One of them must be known: without it they may be anything. Bars part things without an amount as well. */
    private boolean isList(String[] pieces, boolean barred) {
        long measured = Arrays.stream(pieces).filter(kinds::measuresThing).count();
        return Arrays.stream(pieces).anyMatch(kinds::measuresKnownThing)
                && (barred && measured > 1
                        ? Arrays.stream(pieces).allMatch(p -> kinds.measuresThing(p) || kinds.isIngredient(p))
                        : measured == pieces.length);
    }

    /** "Carrot 1, celery 1 stalk, onion 1". @return its things, or none */
    private List<String> countedLate(String line) {
        String[] pieces = line.split(",\\s*");
        boolean late = pieces.length > 1
                && Arrays.stream(pieces).allMatch(p -> {
                    Matcher m = LATE_COUNT.matcher(p);
                    return m.matches() && kinds.isKnown(m.group("name"));
                });
        return late ? List.of(pieces) : List.of();
    }

    /** "1 egg, nutmeg, salt" within a packed line: what follows without an amount is a thing of its own. */
    private List<String> tails(String piece) {
        List<String> all = new ArrayList<>();
        for (String part : piece.split(",\\s*(?![^(]*\\))")) {
            boolean own = all.isEmpty()
                    || kinds.measuresKnownThing(part)
                    || kinds.isKnown(FOR_WHAT.matcher(part).replaceFirst(""));
            if (own) {
                all.add(part);
            } else {
                all.set(all.size() - 1, all.getLast() + ", " + part);
            }
        }
        return all;
    }
}
