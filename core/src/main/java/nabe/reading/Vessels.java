package nabe.reading;

import java.util.List;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import org.jspecify.annotations.Nullable;

/** Which kind of vessel a noun means. */
final class Vessels {
    private static final KitchenWords WORDS = KitchenWords.shared();

    private Vessels() {}

    /** "In a greased 9 x 13". */
    private static boolean isSize(List<Token> tokens, int i) {
        return i > 0
                && i + 1 < tokens.size()
                && tokens.get(i - 1).isNumber()
                && tokens.get(i + 1).isNumber();
    }

    /** "Put half in the two pans": they go into the oven; nobody stands at two on the stove. */
    private static boolean isSeveral(List<Token> tokens, int i) {
        return tokens.get(i).text().endsWith("s")
                && (Tokens.has(tokens, "both") || tokens.stream().anyMatch(t -> t.isNumber() && t.low() > 1));
    }

    /** "A rimmed baking sheet", "a cookie sheet": no pasta. */
    private static boolean isBakingSheet(List<Token> tokens, Token t) {
        return t.is("sheet") && Tokens.has(tokens, "baking", "cookie", "rimmed", "lined");
    }

    /** @return whether it is a sheet to bake on, whatever sheets the list has */
    static boolean isBakingSheet(List<Token> tokens) {
        return isBakingSheet(tokens, tokens.getLast());
    }

    /** @return the kind of vessel, or null where none is named */
    static @Nullable Kind in(List<Token> tokens) {
        if (WORDS.any(tokens, Use.BASE)) {
            return Kind.DISH;
        }
        for (int i = tokens.size() - 1; i >= 0; i--) {
            Token t = tokens.get(i);
            if (WORDS.is(t, Use.DISH)) {
                return Kind.DISH;
            }
            if (t.is("x") && isSize(tokens, i)) {
                return Kind.DISH;
            }
            if (t.is("plate") && tokens.stream().anyMatch(x -> WORDS.is(x, Use.OVENWARE))) {
                return Kind.DISH;
            }
            if (WORDS.is(t, Use.TRAY)
                    || t.is("paper") && Tokens.has(tokens, "kitchen", "absorbent")
                    || isBakingSheet(tokens, t)) {
                return Kind.TRAY;
            }
            if (WORDS.is(t, Use.POT)) {
                boolean oven = (isSeveral(tokens, i) || tokens.stream().anyMatch(x -> WORDS.is(x, Use.OVENWARE)))
                        && !Tokens.has(tokens, "frying", "skillet", "grill", "chargrill", "sheet");
                return Tokens.has(tokens, "sheet") ? Kind.TRAY : oven ? Kind.DISH : Kind.PAN;
            }
            if (WORDS.is(t, Use.BOWL) && !t.is("cup") && !t.is("mug")) {
                return Kind.BOWL;
            }
        }
        return null;
    }
}
