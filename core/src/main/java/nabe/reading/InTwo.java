package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.measure.Unit;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.text.UnitWords;
import org.jspecify.annotations.Nullable;

/** "The second disc", "the other tube": of a dough that was divided in two, of a thing bought in two packs. */
final class InTwo {
    private static final Set<String> PIECES = Set.of("disc", "disk", "ball", "piece", "portion", "half");
    private static final Pattern DIVIDED = Pattern.compile(
            "\\b(?:divide|split|cut|halve)\\w*\\b.*\\b(?:two|2|half|halves)\\b|\\bhalve\\b", Pattern.CASE_INSENSITIVE);
    private static final double LITTLE = 0.01;

    private final Kitchen kitchen;

    InTwo(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    /** @return what the noun means where it names one of two, else the noun itself */
    Named meant(Clause clause, Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean second = Tokens.has(said, "second", "other", "remaining", "last");
        boolean first = Tokens.has(said, "first") || said.stream().anyMatch(t -> t.isNumber() && t.low() == 1);
        if (second && noun.is(Kind.UNKNOWN) && isPack(said.getLast())) {
            int line = opened(said.getLast());
            return line < 0 ? noun : new Named(Kind.LINES, List.of(line), null, Portion.REST, noun.each(), noun.slot());
        }
        boolean rolls = clause.verb() != null && clause.base().startsWith("roll");
        Pot dough = rolls && (first || second) && PIECES.contains(said.getLast().key()) ? divided() : null;
        Portion half = second ? Portion.REST : new Portion(Portion.Kind.FRACTION, 0.5, null);
        return dough == null ? noun : new Named(Kind.POT, List.of(), dough, half, noun.each(), noun.slot());
    }

    private @Nullable Pot divided() {
        return kitchen.pots.stream()
                .filter(p -> p.lines.size() > 1 && !Mixing.isHot(p))
                .filter(p -> p.steps.stream()
                        .anyMatch(s -> DIVIDED.matcher(s.words()).find()))
                .reduce((a, b) -> b)
                .orElse(null);
    }

    private static boolean isPack(Token token) {
        Unit unit = UnitWords.ofWord(token.text());
        return unit != null && unit.kind() == Unit.Kind.PACK;
    }

    /** @return the one line that comes in such packs and of which one is used, or -1 */
    private int opened(Token pack) {
        List<Integer> lines = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > LITTLE && kitchen.left[l] < 1 - LITTLE)
                .filter(l -> Tokens.of(kitchen.lines.get(l).text()).stream()
                        .anyMatch(t -> t.key().equals(pack.key())))
                .boxed()
                .toList();
        return lines.size() == 1 ? lines.getFirst() : -1;
    }
}
