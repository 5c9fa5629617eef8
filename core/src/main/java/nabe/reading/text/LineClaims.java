package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds what a line promises of the food it names. A claim counts only directly before the noun it belongs to, or right
 * after it where the packet is said to be labelled so; never in a note, an alternative, a condition or after not.
 */
final class LineClaims {
    static final Pattern CLAIM = Pattern.compile(
            "\\b(gluten[- ]free|gf|dairy[- ]free|milk[- ]free|vegan|plant[- ]based|plant|egg[- ]free|nut[- ]free|soya?[- ]free|non[- ]dairy(?![- ]free)"
                    + "|vegetarian|veggie|meat[- ]free|meatless)\\b(?! protein| pot)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OR = Pattern.compile("\\bor\\b|/", Pattern.CASE_INSENSITIVE);
    private final LineWords words;

    LineClaims(LineWords words) {
        this.words = words;
    }

    /** @return whether what the whole line says makes its claims a mere possibility */
    boolean conditional(String line) {
        return words.anyIn(LineWords.Use.CONDITION, line);
    }

    /** @return ids of needs claimed before the noun that ends at {@code end}; none where something undoes them */
    List<String> before(String segment, int end) {
        List<String> claims = new ArrayList<>();
        Matcher m = CLAIM.matcher(segment);
        while (m.find() && m.start() < end) {
            if (!undone(segment.substring(0, m.start()))) {
                claims.addAll(ids(m.group(1)));
            }
        }
        return claims.stream().distinct().toList();
    }

    private boolean undone(String before) {
        return OR.matcher(before).find() || words.anyIn(LineWords.Use.NEGATION, before.replace('-', ' '));
    }

    /** @return what the words right after the name say the packet is labelled */
    List<String> labelled(String after) {
        String rest = after.strip().replaceFirst("^[,;(]\\s*", "");
        String first = rest.split("[\\s-]", 2)[0].toLowerCase(Locale.ROOT);
        Matcher m = CLAIM.matcher(rest);
        if (!words.is(LineWords.Use.LABELLED, first) || !m.find() || m.start() > first.length() + "as ".length() + 1) {
            return List.of();
        }
        return ids(m.group(1));
    }

    /** The same words with claims blanked out, every other letter in its place. */
    static String without(String segment) {
        return CLAIM.matcher(segment).replaceAll(m -> " ".repeat(m.group().length()));
    }

    static boolean anyIn(String text) {
        return CLAIM.matcher(text).find();
    }

    private static List<String> ids(String words) {
        String id = words.toLowerCase(Locale.ROOT).replace(' ', '-');
        return switch (id) {
            case "gf" -> List.of("gluten-free");
            case "plant-based", "plant" -> List.of("vegan");
            case "non-dairy", "milk-free" -> List.of("dairy-free");
            case "soya-free" -> List.of("soy-free");
            case "veggie", "meat-free", "meatless" -> List.of("vegetarian");
            default -> List.of(id);
        };
    }
}
