package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import nabe.measure.Amount;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Reads how much a line asks for: "2 x 400g tins", "2 (14.5-ounce) cans", "1 10-oz package", "50g/1 3/4oz",
 * "1/3 cup + 1 tbsp", "a knob of". What follows the amount is left in the scanner.
 */
final class MeasureReader {
    /** An amount that is not exact. */
    static final String ABOUT_WORDS = "about|approximately|approx\\.?|around|roughly|circa|ca\\.?|abt\\.?|~";

    private static final Pattern ABOUT = Pattern.compile(
            "(?:(?:" + ABOUT_WORDS
                    + ")(?![\\p{L}])|up to|at least|extra(?= \\d)|another(?= \\d)|scant|generous|heaping|heaped|rounded|level|a (?:scant|generous|heaped|good|big|small"
                    + "|large|few|little) (?=\\p{L}))\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SIZE = Pattern.compile(
            "\\s*(?<size>extra[- ]large|x-large|large(?! (?:pasta )?shell)|medium(?:-sized)?|med|lg|sm"
                    + "|small|big|heaping|heaped|rounded|level|scant|generous|fat|thick|thin|good|whole|full|standard|regular"
                    + "|fresh|plump|ripe|long|thumb-sized|walnut-sized|jumbo(?! (?:pasta )?shell)|bushy)\\b(?:\\.(?=\\s))?,?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES =
            Pattern.compile("\\s*x\\s*(?=\\d)|\\s*x\\s+(?=\\p{L})", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPEN =
            Pattern.compile("\\s*[(\\[]\\s*(?:" + ABOUT_WORDS + "|or|=)?\\s*(?=\\d|\\.\\d)", Pattern.CASE_INSENSITIVE);
    private static final Pattern CLOSE = Pattern.compile("[^()\\[\\]]*[)\\]]");
    private static final Pattern ALSO =
            Pattern.compile("\\s*(?:/|\\||;|,|=|or\\b|\\bor about\\b|-)\\s*(?=\\d|\\.\\d)", Pattern.CASE_INSENSITIVE);
    private static final Pattern PLUS =
            Pattern.compile("\\s*(?:\\+|plus|and|&)\\s*(?=\\d|an?\\s|one\\b|half\\b)", Pattern.CASE_INSENSITIVE);
    private static final Pattern AND_OUNCES =
            Pattern.compile("\\s*,?\\s*(?=\\d+(?:\\.\\d+)?\\s*(?:oz|ounces?)\\b)", Pattern.CASE_INSENSITIVE);
    private static final Pattern WEIGHT_EACH = Pattern.compile("\\s*(?:each|apiece)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern OF = Pattern.compile("\\s*(?:of (?:the )?|o')(?=\\S)", Pattern.CASE_INSENSITIVE);
    /** "Juice of 1 lemon", "leaves from 4 sprigs": the amount is of what is bought for it. */
    private static final Pattern PART_OF = Pattern.compile(
            "(?:the )?(?:finely |freshly |coarsely )?(?:(?:grated|chopped|picked|shredded|cooked) )?"
                    + "(?:(?:zest and juice|juice and zest|juice|zest|rind)(?: and (?:zest|juice))?(?: (?:of|from) |\\s+(?=[\\d½¼¾]|half\\b))"
                    + "|(?:leaves|meat|flesh|kernels|florets|seeds|crumbs|fronds)(?: (?:stripped|picked|cut|scraped|pulled))? (?:of|from) (?=[\\d½¼¾]|half\\b|an? ))",
            Pattern.CASE_INSENSITIVE);

    private final Scan scan;
    private @Nullable Measure primary;
    private final List<Measure> alternatives = new ArrayList<>();
    private String size = "";

    MeasureReader(Scan scan) {
        this.scan = scan;
    }

    /**
     * @param measure the amount as written first, or null
     * @param others the same amount said in other units
     * @param size "large", "small" … or empty
     */
    record Reading(@Nullable Measure measure, List<Measure> others, String size) {}

    Reading read() {
        readPrimary();
        if (primary != null) {
            while (readAlternative() || readPlus()) {
                continue;
            }
            scan.take(OF);
        }
        return new Reading(primary, alternatives, size);
    }

    private void readPrimary() {
        int start = scan.at();
        if (!scan.nextIs(Character::isDigit)) {
            scan.take(PART_OF);
            while (scan.take(ABOUT) != null) {
                continue;
            }
        }
        Amount amount = NumberReader.read(scan);
        if (amount == null) {
            readBareGesture(start);
            return;
        }
        if (scan.take(TIMES) != null && readPack(amount)) {
            return;
        }
        takeSize();
        if (readPack(amount)) {
            return;
        }
        Unit unit = UnitWords.read(scan);
        primary = unit != null && unit.isFixed() ? packOf(amount, unit) : new Measure(amount, unit);
        readParenthesisedPack();
    }

    private void takeSize() {
        java.util.regex.Matcher m;
        while ((m = scan.take(SIZE)) != null) {
            size = m.group("size").toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** "pinch of salt", "handful parsley": one gesture, where the unit itself stands for it. */
    private void readBareGesture(int start) {
        takeSize();
        Unit unit = UnitWords.read(scan);
        if (unit == null
                || unit.kind() != Unit.Kind.LOOSE && unit != Unit.BUNCH
                || !scan.nextIs(Character::isWhitespace)) {
            scan.back(start);
            return;
        }
        primary = new Measure(Amount.of(1), unit);
    }

    /** After a count: "400g tins", "10-oz package", "(14.5-ounce) cans". */
    private boolean readPack(Amount count) {
        int start = scan.at();
        boolean open = scan.take(OPEN) != null;
        if (!open) {
            scan.skipSpace();
        }
        Measure each = readFixed();
        if (each != null && open) {
            scan.take(CLOSE);
        }
        if (each != null) {
            takeSize();
            int beforeUnit = scan.at();
            Unit pack = UnitWords.read(scan);
            if (pack != null && !pack.isFixed()) {
                primary = new Measure(count, pack, each);
                return true;
            }
            scan.back(beforeUnit);
            if (scan.text().substring(0, beforeUnit).matches("(?i).*\\dx?\\s*x\\s*\\d.*")) {
                primary = new Measure(count, Unit.PACKAGE, each);
                return true;
            }
            if (open) {
                primary = new Measure(count, null);
                boolean eachOne = scan.text().substring(start, beforeUnit).matches("(?i).*\\b(each|apiece)\\b.*");
                alternatives.add(eachOne ? new Measure(multiply(count, each.amount()), each.unit()) : each);
                return true;
            }
        }
        scan.back(start);
        return false;
    }

    /** "2 cans (14.5 oz each) tomatoes", "1 package (10 oz)". */
    private void readParenthesisedPack() {
        if (primary == null
                || primary.unit() == null
                || primary.unit().kind() != Unit.Kind.PACK
                || primary.packSize() != null) {
            return;
        }
        int start = scan.at();
        if (scan.take(OPEN) == null) {
            return;
        }
        Measure each = readFixed();
        if (each == null) {
            scan.back(start);
            return;
        }
        boolean total = scan.rest().matches("(?i)\\s*(?:in )?total.*");
        scan.take(CLOSE);
        primary = new Measure(
                primary.amount(),
                primary.unit(),
                total ? new Measure(each.amount().times(1 / primary.amount().mid()), each.unit()) : each);
    }

    /** "400g tin of tomatoes" is one tin of that size. */
    private Measure packOf(Amount amount, Unit fixed) {
        int start = scan.at();
        int alternativesBefore = alternatives.size();
        while (readAlternative()) {
            continue;
        }
        takeSize();
        Unit pack = UnitWords.read(scan);
        if (pack != null && pack.kind() == Unit.Kind.PACK) {
            alternatives.subList(alternativesBefore, alternatives.size()).clear();
            return new Measure(Amount.of(1), pack, new Measure(amount, fixed));
        }
        alternatives.subList(alternativesBefore, alternatives.size()).clear();
        scan.back(start);
        return new Measure(amount, fixed);
    }

    private @Nullable Measure readFixed() {
        int start = scan.at();
        Amount amount = NumberReader.read(scan);
        Unit unit = amount == null ? null : UnitWords.read(scan);
        if (amount == null || unit == null || !unit.isFixed()) {
            scan.back(start);
            return null;
        }
        return withOunces(new Measure(amount, unit));
    }

    /** "2 lb 4 oz" is one weight. */
    private Measure withOunces(Measure pounds) {
        if (pounds.unit() != Unit.LB || scan.take(AND_OUNCES) == null) {
            return pounds;
        }
        Amount ounces = Objects.requireNonNull(NumberReader.read(scan));
        UnitWords.read(scan);
        return new Measure(pounds.amount().plus(ounces.times(Unit.OZ.factor() / Unit.LB.factor())), Unit.LB);
    }

    private boolean readAlternative() {
        int start = scan.at();
        boolean open = scan.take(OPEN) != null;
        if (!open && scan.take(ALSO) == null) {
            return false;
        }
        Measure other = readFixed();
        if (other == null) {
            scan.back(start);
            return false;
        }
        while (open && scan.take(ALSO) != null) {
            readFixed();
        }
        boolean each = scan.take(WEIGHT_EACH) != null;
        if (open && scan.take(CLOSE) == null) {
            scan.back(start);
            return false;
        }
        Amount count = primary == null ? Amount.of(1) : primary.amount();
        alternatives.add(each ? new Measure(multiply(count, other.amount()), other.unit()) : other);
        return true;
    }

    private static Amount multiply(Amount count, Amount each) {
        return new Amount(count.min() * each.min(), count.max() * each.max());
    }

    private boolean readPlus() {
        int start = scan.at();
        Measure first = Objects.requireNonNull(primary);
        boolean pounds = first.unit() == Unit.LB && first.packSize() == null && scan.take(AND_OUNCES) != null;
        if (!pounds && (!first.isFixed() || scan.take(PLUS) == null)) {
            return false;
        }
        Measure more = readFixed();
        if (more == null
                || more.unit() == null
                || first.unit() == null
                || more.unit().kind() != first.unit().kind()) {
            scan.back(start);
            return false;
        }
        Amount sum = first.amount()
                .plus(more.amount().times(more.unit().factor() / first.unit().factor()));
        primary = new Measure(sum, first.unit());
        return true;
    }
}
