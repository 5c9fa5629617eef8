package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import org.jspecify.annotations.Nullable;

/** "1½ cups crackers, crushed; reserve ½ cup", "200 g cheddar (keep a handful for the top)", "25 g butter, plus 15 g to brush": put by from the beginning. */
final class ListedReserve {
    private static final Set<String> KEEPS = Set.of("reserve", "keep", "save");
    private static final String[] LIQUORS = {"juice", "liquid", "water", "brine", "oil", "syrup", "liquor"};

    private static final Pattern PURPOSE = Pattern.compile("\\b(?:for|to) \\p{L}+$");

    private final Kitchen kitchen;
    private final List<Clause> method;
    private final KitchenWords words = KitchenWords.shared();

    ListedReserve(Kitchen kitchen, List<Clause> method) {
        this.kitchen = kitchen;
        this.method = method;
    }

    /** "Plus 15 g melted for brushing", where the method brushes. @return the share, or null */
    private @Nullable Double forLater(String text) {
        double more = Portion.extra(text);
        Verb.Spoken purpose = more > 0 && PURPOSE.matcher(text).find()
                ? words.verb(Tokens.of(text).getLast())
                : null;
        return purpose != null
                        && method.stream().anyMatch(c -> purpose.verb().base().equals(c.base()))
                ? Double.valueOf(more)
                : null;
    }

    void putBy() {
        for (int line = 0; line < kitchen.lines.size(); line++) {
            List<Token> said = Tokens.of(kitchen.lines.get(line).text()).stream()
                    .dropWhile(t -> !KEEPS.contains(t.key()))
                    .skip(1)
                    .toList();
            Portion part =
                    said.isEmpty() || Tokens.has(said, LIQUORS) ? Portion.UNSAID : Portion.read(said, List.of(), words);
            Double share =
                    Parts.isPart(part) || part.is(Portion.Kind.COUNT) ? part.of(kitchen.lines.get(line), 1) : null;
            share = share == null ? forLater(kitchen.lines.get(line).text()) : share;
            if (share != null && share < 1 && kitchen.isNamedLater(line)) {
                kitchen.reserved[line] = share;
            }
        }
    }
}
