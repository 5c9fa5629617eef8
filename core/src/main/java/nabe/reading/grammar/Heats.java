package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import nabe.measure.Temperature;
import nabe.reading.grammar.KitchenWords.Use;
import org.jspecify.annotations.Nullable;

/** Reads an oven's temperature among tokens: "190C/170C fan", "gas 5", "oven up to 400F", "oven 200". */
public final class Heats {
    private static final Set<String> FAN = Set.of("fan", "convection", "forced");
    private static final Set<String> LEADS = Set.of(
            "oven",
            "to",
            "at",
            "heat",
            "preheat",
            "bake",
            "roast",
            "down",
            "up",
            "on",
            "baked",
            "covered",
            "uncovered");
    private static final Set<String> READS =
            Set.of("until", "till", "read", "reach", "register", "internal", "thermometer", "core");
    private static final double COLDEST = 90;
    private static final double HOTTEST_BARE_CELSIUS = 260;

    private Heats() {}

    /** @param celsius as the text says; {@code fan} where only a fan oven's figure is given */
    public record Heat(double celsius, boolean fan) {}

    /** @param gas whether it is a mark, less exact than the degrees beside it */
    private record Figure(Heat heat, boolean gas) {}

    /** @return the temperature these words give, the conventional one where several stand beside each other, or null */
    public static @Nullable Heat in(List<Token> tokens) {
        List<Figure> all = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Double value = isOfCentre(tokens, i) ? null : at(tokens, i);
            if (value != null && value >= COLDEST && value <= 300) {
                all.add(new Figure(new Heat(value, isFan(tokens, i)), isGas(tokens, i)));
            }
        }
        return all.stream()
                .min(Comparator.comparing((Figure f) -> f.heat.fan).thenComparing(f -> f.gas))
                .map(Figure::heat)
                .orElse(null);
    }

    /** "Until 165° in the center", "until it reads 74 °C": how warm the food is, not the oven. */
    private static boolean isOfCentre(List<Token> tokens, int i) {
        for (int k = i - 1; k >= 0 && !tokens.get(k).isMark(); k--) {
            if (READS.contains(tokens.get(k).key())) {
                return true;
            }
        }
        return false;
    }

    private static @Nullable Double at(List<Token> tokens, int i) {
        Token t = tokens.get(i);
        if (!t.isNumber()) {
            return null;
        }
        if (isGas(tokens, i)) {
            return t.low() >= 1 && t.low() <= 10 ? Temperature.gasMark(t.low()).celsius() : null;
        }
        int unit = i + 1;
        boolean degrees = unit < tokens.size()
                && Set.of("°", "º", "˚", "degree", "deg")
                        .contains(tokens.get(unit).key());
        unit += degrees ? 1 : 0;
        String scale = unit < tokens.size() ? tokens.get(unit).key() : "";
        if (scale.equals("c") || scale.equals("celsius")) {
            return t.low();
        }
        if (scale.equals("f") || scale.equals("fahrenheit")) {
            return fahrenheit(t.low());
        }
        boolean led = i > 0
                && (LEADS.contains(tokens.get(i - 1).key())
                        || FAN.contains(tokens.get(i - 1).key())
                        || i > 1
                                && tokens.get(i - 1).is(",")
                                && tokens.get(i - 2).is("oven"));
        boolean measured = unit < tokens.size()
                && Set.of("g", "ml", "minute", "min", "gram").contains(scale);
        boolean bracketed = i > 0
                && tokens.get(i - 1).is("(")
                && (isFan(tokens, i) || i > 1 && tokens.get(i - 2).is("oven"));
        boolean paired = isBesideFans(tokens, unit);
        boolean fanned = FAN.contains(scale) && t.low() <= HOTTEST_BARE_CELSIUS;
        boolean timed = scale.equals("for") || scale.equals(",") && isTime(tokens, unit + 1);
        boolean opens = i == 0
                || i > 1 && tokens.get(i - 1).is(",") && KitchenWords.shared().is(tokens.get(i - 2), Use.LID);
        boolean alone = opens && timed && t.low() % 5 == 0 && t.low() <= 475;
        boolean said = (degrees || led && !measured || bracketed || fanned || paired || alone) && t.low() >= 120;
        if (!said) {
            return null;
        }
        return t.low() > HOTTEST_BARE_CELSIUS ? fahrenheit(t.low()) : Double.valueOf(t.low());
    }

    /** "220/200 fan", "220, fan 200". */
    private static boolean isBesideFans(List<Token> tokens, int mark) {
        if (mark + 2 >= tokens.size()
                || !Set.of("/", ",").contains(tokens.get(mark).key())) {
            return false;
        }
        Token next = tokens.get(mark + 1);
        Token last = tokens.get(mark + 2);
        return next.isNumber() && FAN.contains(last.key()) || FAN.contains(next.key()) && last.isNumber();
    }

    /** "350, 1 hr": the dial and how long. */
    private static boolean isTime(List<Token> tokens, int i) {
        return i + 1 < tokens.size()
                && tokens.get(i).isNumber()
                && Set.of("minute", "min", "hour", "hr", "h")
                        .contains(tokens.get(i + 1).key());
    }

    private static @Nullable Double fahrenheit(double degrees) {
        return degrees >= 200 && degrees <= 600
                ? Temperature.fahrenheit(degrees).celsius()
                : null;
    }

    private static boolean isGas(List<Token> tokens, int i) {
        return i > 0
                && (tokens.get(i - 1).is("gas")
                        || i > 1
                                && tokens.get(i - 1).is("mark")
                                && tokens.get(i - 2).is("gas"));
    }

    private static boolean parts(Token t) {
        return t.isNumber() || t.isMark() && !t.is(":");
    }

    /** "180 °C fan-off", "no fan". */
    private static boolean isOff(List<Token> tokens, int fan) {
        int next = fan + 1 < tokens.size() && tokens.get(fan + 1).isMark() ? fan + 2 : fan + 1;
        return next < tokens.size() && tokens.get(next).is("off")
                || Tokens.has(tokens.subList(Math.max(0, fan - 2), fan), "no", "without", "not");
    }

    /** Within its own stretch between marks; a fan named before a figure is that figure's. */
    private static boolean isFan(List<Token> tokens, int i) {
        for (int k = i - 1; k >= 0 && !parts(tokens.get(k)); k--) {
            if (FAN.contains(tokens.get(k).key())) {
                return true;
            }
        }
        for (int k = i + 1; k < tokens.size() && !tokens.get(k).isNumber(); k++) {
            Token t = tokens.get(k);
            if (FAN.contains(t.key()) && isOff(tokens, k)) {
                return false;
            }
            if (FAN.contains(t.key())) {
                return k + 1 >= tokens.size() || !tokens.get(k + 1).isNumber();
            }
            if (t.isMark() && !t.is("°") && !t.is("º") && !t.is("˚")) {
                return false;
            }
        }
        return false;
    }
}
