package nabe.reading.text;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.recipe.PanSize;
import org.jspecify.annotations.Nullable;

/** Finds the pan a method names: "9x13-inch", "30 x 20 x 5 cm", "23cm round", "2-quart oval dish". */
final class PanReader {
    private static final String N = "(\\d{1,3}(?:[.]\\d+)?(?:\\s+\\d/\\d)?|\\d/\\d)";
    private static final String UNIT = "\\s*-?\\s*(inch(?:es)?|in\\.?|\"|''|cm|centimet\\w+|mm)";
    /** Every size has one of these after a figure: minutes and weights are spared the long look. */
    private static final Pattern SIZED =
            Pattern.compile("\\d\\s*-?\\s*(?:x|by|in|\"|''|cm|centi|mm|q|l|pint|cup)", Pattern.CASE_INSENSITIVE);

    private static final Pattern SIDES = Pattern.compile(
            N + "(?:" + UNIT + ")?\\s*-?\\s*(?:x|by)\\s*-?\\s*" + N + "(?:(?:" + UNIT + ")?\\s*-?\\s*(?:x|by)\\s*-?\\s*"
                    + N + ")?(?:" + UNIT + ")?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ACROSS = Pattern.compile(
            N + UNIT
                    + "[^.,;]{0,40}?\\b(round|square|pie|tart|springform|cast|skillet|diameter|deep[- ]dish|flan|cake tin|ovenproof|oval|dish|tin|pan)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final String VESSEL = "\\b(?:dish|casserole|pan|tin|baker|gratin)";
    private static final String LITRES = N + "\\s*-?\\s*(quarts?|qts?\\.?|lit(?:re|er)s?|l|pints?|pts?\\.?|cup)(?!\\w)";
    /** By the first letter of the unit: US quarts, pints and cups; "a 10-cup dish". */
    private static final Map<Character, Double> LITRES_EACH = Map.of('q', 0.946353, 'p', 0.473176, 'c', 0.236588);

    private static final Pattern VOLUME = Pattern.compile(LITRES + "[^.;]{0,40}" + VESSEL, Pattern.CASE_INSENSITIVE);
    /** "A shallow dish (about 1.5 l)", "a dish that holds 2 litres"; not "into the dish 1 l of stock". */
    private static final Pattern HOLDS = Pattern.compile(
            VESSEL
                    + "(?:[ ,(]+(?:of|about|around|roughly|approx\\.?|holding|holds|takes|taking|that|which|will|hold|take|capacity))*"
                    + "(?: |, ?| ?\\()" + LITRES + "(?! of)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern POT =
            Pattern.compile("\\b(?:saucepan|stockpot|dutch|frying|pot of|slow cooker|boil)", Pattern.CASE_INSENSITIVE);

    /** What a dish may be called by what it is made of; the first that a text names counts. */
    private static final Map<String, Pattern> MATERIALS = new LinkedHashMap<>();

    static {
        String vessel = "(?:\\w+[ -]){0,3}(?:dish|pan|tin|tray|casserole|baker|pot|plate|mould|mold|roaster)\\b";
        material("cast iron", "cast[- ]iron");
        material("enamel", "enamel(?:led|ed|ware)?\\b");
        material("glass", "(?:oven|heat|tempered|borosilicate)(?:proof)?[- ]glass|\\bglass " + vessel + "");
        material("ceramic", "\\b(?:ceramic|stoneware|earthenware|porcelain|terracotta|clay|pottery)\\b");
        material(
                "metal",
                "\\b(?:metal|steel|stainless|alumin(?:i)?um|non-?stick|foil) " + vessel
                        + "|\\b(?:roasting|baking|loaf|cake|pie|tart|muffin|deep|bun|yorkshire pudding|sandwich|traybake|large|lined|greased|hot) tins?\\b"
                        + "|\\b(?:roasting|hotel) pan\\b|\\bfoil tray");
    }

    /** Nothing of this, no material: spares most sentences the long look. */
    private static final List<String> OF_SOMETHING = List.of(
            "iron",
            "enamel",
            "glass",
            "ceramic",
            "ware",
            "porcelain",
            "terracotta",
            "clay",
            "pottery",
            "metal",
            "steel",
            "alumin",
            "stick",
            "foil",
            "tin",
            "roasting pan",
            "hotel pan");

    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!;])\\s+(?=\\p{Lu})|\\n+");
    private static final Pattern DISH = Pattern.compile(
            "\\b(?:dish|tin|casserole|gratin|roasting|baking|loaf|lasagne pan|oven)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern LAID = Pattern.compile(
            "\\b(?:grease|butter|oil|spray|mist|rub|spread|spoon|lay|put|tip|scrape|smear|pour|into|layer|have ready|choose|want)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern STOVE = Pattern.compile(
            "\\b(?:saucepan|frying|skillet|griddle|non-?stick|cr[eê]pes?|pancakes?|simmer|fry|soften|brown|melt|boil|saut)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern TIN =
            Pattern.compile("\\d\\s*(?:cm|inch(?:es)?|in)\\b[^.;]{0,20}\\btins?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern WIDE =
            Pattern.compile(N + UNIT + "(?:\\s+|-)?(?:across|in diameter|diameter|wide)\\b", Pattern.CASE_INSENSITIVE);

    /** The potter's own words, said back as the cook wrote them. */
    private static final Pattern WARE =
            Pattern.compile("\\b(?:stoneware|earthenware|porcelain|terracotta)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern DEEP =
            Pattern.compile(N + UNIT + "(?:\\s+|-)deep\\b|\\bdeep,? (?:about )?" + N + UNIT, Pattern.CASE_INSENSITIVE);
    /** "A 9 inch deep pie plate" is nine inches across. */
    private static final int DEEPEST = 150;

    private static final List<String> DEEP_WORD = List.of("deep");
    private static final List<String> SHAPES = List.of("round", "oval", "square");
    private static final Pattern LONG = Pattern.compile(
            "\\b(?<shape>round|oval|square)\\b(?! (?:the|it)\\b)(?:(?!\\b(?:round|oval|square)\\b)[^.;]){0,40}?" + N
                    + UNIT + "\\s*(?:long|across|wide)?",
            Pattern.CASE_INSENSITIVE);

    private static void material(String id, String words) {
        MATERIALS.put(id, Pattern.compile(words, Pattern.CASE_INSENSITIVE));
    }

    private PanReader() {}

    private static @Nullable String material(String text) {
        if (!Glance.says(text.toLowerCase(Locale.ROOT), OF_SOMETHING)) {
            return null;
        }
        if (first(Objects.requireNonNull(MATERIALS.get("cast iron")), text) >= 0) {
            return "cast iron";
        }
        String material = MATERIALS.entrySet().stream()
                .map(e -> Map.entry(e.getKey(), first(e.getValue(), text)))
                .filter(e -> e.getValue() >= 0)
                .min(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
        Matcher ware = WARE.matcher(text);
        return "ceramic".equals(material) && ware.find() ? ware.group().toLowerCase(Locale.ROOT) : material;
    }

    private static int first(Pattern words, String text) {
        Matcher m = words.matcher(text);
        return m.find() ? m.start() : -1;
    }

    /**
     * The pan of the sentence that speaks most like one about the dish; what that sentence leaves open (its depth, what it
     * is made of) another may tell.
     */
    static @Nullable PanSize read(String text) {
        PanSize best = null;
        String firstMaterial = null;
        double most = Double.NEGATIVE_INFINITY;
        for (String sentence : SENTENCE.split(NumberReader.plain(text))) {
            String material = material(sentence);
            boolean ofDish = firstMaterial == null && !STOVE.matcher(sentence).find();
            firstMaterial = ofDish ? material : firstMaterial;
            PanSize found = inSentence(sentence, material);
            double score = found == null ? most : score(sentence, found);
            if (score > most) {
                most = score;
                best = found;
            }
        }
        return best == null ? null : completed(best, NumberReader.plain(text), firstMaterial);
    }

    private static @Nullable PanSize completed(PanSize best, String text, @Nullable String elsewhere) {
        String material = best.material() != null || !best.isMeasured() ? best.material() : elsewhere;
        Integer depth = best.depthMm() != null || !best.isMeasured() ? best.depthMm() : deep(text);
        return new PanSize(
                best.shape(), best.lengthMm(), best.widthMm(), best.diameterMm(), depth, best.litres(), material);
    }

    private static double score(String sentence, PanSize pan) {
        double score = pan.isMeasured() ? 3 : pan.litres() != null ? 2.5 : 1;
        score += DISH.matcher(sentence).find() ? 2 : 0;
        score += LAID.matcher(sentence).find() ? 1 : 0;
        return score - (STOVE.matcher(sentence).find() ? 2 : 0);
    }

    private static @Nullable PanSize inSentence(String plain, @Nullable String named) {
        String material = named;
        if (material == null && Glance.hasDigit(plain) && TIN.matcher(plain).find()) {
            material = "metal";
        }
        PanSize sized = Glance.hasDigit(plain) && SIZED.matcher(plain).find() ? sized(plain, material) : null;
        return sized != null || material == null
                ? sized
                : new PanSize("rectangle", null, null, null, null, null, material);
    }

    private static @Nullable PanSize sized(String plain, @Nullable String material) {
        Matcher sides = SIDES.matcher(plain);
        while (sides.find()) {
            PanSize pan = rectangle(sides, plain, material);
            if (pan != null) {
                return pan;
            }
        }
        Matcher across = ACROSS.matcher(plain);
        while (across.find()) {
            int mm = mm(across.group(1), across.group(2));
            boolean square =
                    across.group(3).equalsIgnoreCase("square") || across.group().matches("(?i).*square.*");
            if (mm >= 100 && mm <= 500) {
                boolean oval = across.group().matches("(?i).*oval.*");
                return square
                        ? new PanSize("square", mm, mm, null, deep(plain), null, material)
                        : oval
                                ? new PanSize("oval", mm, null, null, deep(plain), null, material)
                                : new PanSize("round", null, null, mm, deep(plain), null, material);
            }
        }
        PanSize shaped = shaped(plain, material);
        PanSize wide = shaped != null ? shaped : wide(plain, material);
        return wide != null ? wide : volume(plain, material);
    }

    private static @Nullable PanSize rectangle(Matcher m, String text, @Nullable String material) {
        String unit = m.group(6) != null ? m.group(6) : m.group(4) != null ? m.group(4) : m.group(2);
        double a = number(m.group(1));
        double b = number(m.group(3));
        if (unit == null) {
            unit = a <= 20 && b <= 20 ? "inch" : "cm";
        }
        int first = mm(m.group(1), unit);
        int second = mm(m.group(3), unit);
        if (Math.min(first, second) < 80 || Math.max(first, second) > 700) {
            return null;
        }
        Integer depth = m.group(5) == null ? deep(text) : Integer.valueOf(mm(m.group(5), unit));
        String around = text.substring(m.end(), Math.min(text.length(), m.end() + 25));
        String shape = around.matches("(?is).*\\boval\\b.*") ? "oval" : first == second ? "square" : "rectangle";
        return new PanSize(shape, Math.max(first, second), Math.min(first, second), null, depth, null, material);
    }

    private static @Nullable Integer deep(String text) {
        Matcher m = DEEP.matcher(text);
        if (!Glance.says(text.toLowerCase(Locale.ROOT), DEEP_WORD) || !m.find()) {
            return null;
        }
        int mm = m.group(1) != null ? mm(m.group(1), m.group(2)) : mm(m.group(3), m.group(4));
        return mm > DEEPEST ? null : Integer.valueOf(mm);
    }

    /** "An oval gratin dish, 35 cm long", "a round dish, about 25 cm across". */
    private static @Nullable PanSize shaped(String text, @Nullable String material) {
        Matcher m = LONG.matcher(text);
        if (!Glance.says(text.toLowerCase(Locale.ROOT), SHAPES) || !m.find()) {
            return null;
        }
        int mm = mm(m.group(2), m.group(3));
        String shape = m.group("shape").toLowerCase(Locale.ROOT);
        if (mm < 100 || mm > 500) {
            return null;
        }
        return switch (shape) {
            case "round" -> new PanSize("round", null, null, mm, deep(text), null, material);
            case "square" -> new PanSize("square", mm, mm, null, deep(text), null, material);
            default -> new PanSize("oval", mm, null, null, deep(text), null, material);
        };
    }

    /** "10 inches across" of a thing no shape is named for: round. */
    private static @Nullable PanSize wide(String text, @Nullable String material) {
        Matcher m = WIDE.matcher(text);
        if (!m.find()) {
            return null;
        }
        int mm = mm(m.group(1), m.group(2));
        return mm < 100 || mm > 500 ? null : new PanSize("round", null, null, mm, deep(text), null, material);
    }

    private static @Nullable PanSize volume(String text, @Nullable String material) {
        PanSize before = volume(VOLUME.matcher(text), material);
        return before != null ? before : volume(HOLDS.matcher(text), material);
    }

    private static @Nullable PanSize volume(Matcher m, @Nullable String material) {
        while (m.find()) {
            char unit = Character.toLowerCase(m.group(2).charAt(0));
            double litres = number(m.group(1)) * LITRES_EACH.getOrDefault(unit, 1.0);
            if (litres >= 0.5 && litres <= 10 && !POT.matcher(m.group()).find()) {
                return new PanSize(
                        m.group().matches("(?is).*oval.*") ? "oval" : "rectangle",
                        null,
                        null,
                        null,
                        null,
                        litres,
                        material);
            }
        }
        return null;
    }

    private static double number(String text) {
        return Objects.requireNonNull(NumberReader.read(new Scan(text))).mid();
    }

    private static int mm(String number, String unit) {
        String u = unit.toLowerCase(Locale.ROOT);
        double factor = u.startsWith("mm") ? 1 : u.startsWith("c") ? 10 : 25.4;
        return (int) Math.round(number(number) * factor);
    }
}
