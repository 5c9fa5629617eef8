package nabe.build;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.prep.PrepStep;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import org.jspecify.annotations.Nullable;

/**
 * What the method itself says of a pastry lid.
 *
 * @param rolled whether it says to roll it out; {@code roundMm} to what round, or null
 * @param cooled whether the filling waits until it is cool
 * @param vents how many slits it says to cut, or null
 */
record LidWork(
        boolean rolled,
        @Nullable Double roundMm,
        boolean cooled,
        @Nullable Integer vents) {
    private static final Set<String> VENTS = Set.of("vent", "slit", "slash", "hole", "cut");
    private static final Pattern ROLLS =
            Pattern.compile("\\b(?:roll|pat|press) .*\\bout\\b|\\broll\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COOLS = Pattern.compile("\\bcool(?:s|ed)?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern ROUND = Pattern.compile(
            "\\b(?<size>\\d+(?:[.,]\\d+)?)\\s*-?\\s*(?<unit>cm|mm|inch(?:es)?|in\\b|\")[- ](?:\\p{L}+ ){0,2}(?:round|circle|across)",
            Pattern.CASE_INSENSITIVE);
    private static final Map<String, Double> MM = Map.of("c", 10.0, "m", 1.0, "i", 25.4, "\"", 25.4);
    private static final int WORDS_BETWEEN = 2;

    /** @param crust id of the pot the lid comes from; {@code laid} what is said of laying it, or null */
    static LidWork of(List<PrepStep> steps, String crust, @Nullable String laid) {
        List<PrepStep> own =
                steps.stream().filter(s -> crust.equals(s.component())).toList();
        List<String> said = Stream.concat(own.stream().map(PrepStep::text), Stream.ofNullable(laid))
                .toList();
        return new LidWork(
                said.stream().anyMatch(s -> ROLLS.matcher(s).find()),
                said.stream()
                        .map(LidWork::round)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null),
                steps.stream()
                        .anyMatch(
                                s -> !own.contains(s) && COOLS.matcher(s.text()).find()),
                said.stream()
                        .map(s -> vents(Tokens.of(s)))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null));
    }

    private static @Nullable Double round(String text) {
        Matcher said = ROUND.matcher(text);
        return said.find()
                ? Double.valueOf(Double.parseDouble(said.group("size").replace(',', '.'))
                        * MM.getOrDefault(said.group("unit").substring(0, 1).toLowerCase(Locale.ROOT), 1.0))
                : null;
    }

    private static @Nullable Integer vents(List<Token> said) {
        for (int i = 0; i < said.size(); i++) {
            List<Token> next = said.subList(i + 1, Math.min(said.size(), i + 2 + WORDS_BETWEEN));
            boolean counts = said.get(i).isNumber() && next.stream().anyMatch(t -> VENTS.contains(t.key()));
            boolean one = said.get(i).is("a")
                    && !next.isEmpty()
                    && VENTS.contains(next.getFirst().key());
            if (counts || one) {
                return one ? 1 : (int) said.get(i).low();
            }
        }
        return null;
    }
}
