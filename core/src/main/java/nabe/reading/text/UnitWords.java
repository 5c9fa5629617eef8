package nabe.reading.text;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/** The words and short forms recipes use for units. */
public final class UnitWords {
    private static final Map<String, Unit> WORDS = new HashMap<>();
    private static final Pattern NEXT = Pattern.compile(
            "\\s*-?\\s*(?<two>fl\\.? ?oz|fluid ounce|fl ounce)?(?<word>(?<=[a-z])s?|\\p{L}+)(?:\\(s\\)|\\(es\\))?\\.?",
            Pattern.CASE_INSENSITIVE);

    static {
        add(Unit.TSP, "teaspoon, tsp, teasp, tspn");
        add(Unit.TBSP, "tablespoon, tbsp, tablesp, tblsp, tbl, tbs, tbspn, dessertspoon, tabelspoon, tablespon, spoon");
        add(Unit.CUP, "cup, cupful, mug");
        add(Unit.FL_OZ, "floz");
        add(Unit.PINT, "pint, pt");
        add(Unit.QUART, "quart, qt");
        add(Unit.GALLON, "gallon, gal");
        add(Unit.ML, "milliliter, millilitre, ml, cc, mil");
        add(Unit.CL, "centiliter, centilitre, cl");
        add(Unit.DL, "deciliter, decilitre, dl");
        add(Unit.L, "liter, litre, ltr, lt");
        add(Unit.KG, "kilogram, kilogramme, kilo, kg");
        add(Unit.G, "gram, gramme, gm, gr");
        add(Unit.OZ, "ounce, oz, onz");
        add(Unit.LB, "pound, lb");
        add(Unit.CLOVE, "clove");
        add(Unit.CAN, "can, tin");
        add(Unit.JAR, "jar");
        add(Unit.SLICE, "slice");
        add(Unit.SHEET, "sheet");
        add(Unit.BUNCH, "bunch, bunches");
        add(Unit.SPRIG, "sprig");
        add(Unit.STALK, "stalk, rib");
        add(Unit.HEAD, "head, bulb");
        add(Unit.STICK, "stick");
        add(Unit.PINCH, "pinch, pinches");
        add(Unit.DASH, "dash, dashes, shake");
        add(Unit.HANDFUL, "handful, handfull");
        add(
                Unit.PACKAGE,
                "package, pack, packet, pkg, pkt, bag, box, boxes, envelope, sachet, pouch, pouches, quantity, batch, batches");
        add(Unit.SLEEVE, "sleeve");
        add(Unit.CONTAINER, "container, tub, carton, pot, punnet");
        add(Unit.BOTTLE, "bottle");
        add(Unit.LEAF, "leaf, leaves");
        add(Unit.KNOB, "knob, pat");
        add(Unit.SPLASH, "splash, splashes");
        add(Unit.DRIZZLE, "drizzle");
        add(Unit.GLUG, "glug");
        add(Unit.SQUEEZE, "squeeze, squirt");
        add(Unit.GRATING, "grating, scrape, grind, twist");
        add(Unit.CUBE, "cube");
        add(Unit.BALL, "ball");
        add(Unit.BLOCK, "block, log");
        add(Unit.EAR, "ear, cob");
        add(Unit.FILLET, "fillet, filet");
        add(Unit.RASHER, "rasher, strip");
        add(Unit.LOAF, "loaf, loaves");
        add(Unit.GLASS, "glass, glasses");
        add(Unit.TUBE, "tube");
        add(Unit.PIECE, "piece, chunk, thumb, knuckle");
        add(Unit.LINK, "link");
        add(Unit.FLORET, "floret");
        add(Unit.WEDGE, "wedge");
        add(Unit.SPEAR, "spear");
    }

    private UnitWords() {}

    private static void add(Unit unit, String words) {
        for (String word : words.split(", ")) {
            WORDS.put(word, unit);
            WORDS.putIfAbsent(word + "s", unit);
        }
    }

    /** Reads a unit where the scanner stands, moving past it; null when there is none. */
    static @Nullable Unit read(Scan scan) {
        int start = scan.at();
        Matcher m = scan.take(NEXT);
        if (m == null) {
            return null;
        }
        Unit unit = m.group("two") != null ? Unit.FL_OZ : ofWord(m.group("word"));
        if (unit == null || scan.nextIs(c -> c == '\'')) {
            scan.back(start);
            return null;
        }
        return unit;
    }

    /** @return the unit this word means, or null. Single letters mind their case: T is a tablespoon, t a teaspoon. */
    public static @Nullable Unit ofWord(String word) {
        return switch (word) {
            case "T" -> Unit.TBSP;
            case "t" -> Unit.TSP;
            case "c", "C" -> Unit.CUP;
            case "g", "G" -> Unit.G;
            case "l", "L" -> Unit.L;
            default -> WORDS.get(word.toLowerCase(Locale.ROOT));
        };
    }
}
