package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;

/** "1½ cups crackers, crushed; reserve ½ cup", "200 g cheddar (keep a handful for the top)": put by from the beginning. */
final class ListedReserve {
    private static final Set<String> KEEPS = Set.of("reserve", "keep", "save");
    private static final String[] LIQUORS = {"juice", "liquid", "water", "brine", "oil", "syrup", "liquor"};

    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();

    ListedReserve(Kitchen kitchen) {
        this.kitchen = kitchen;
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
            if (share != null && share < 1 && kitchen.isNamedLater(line)) {
                kitchen.reserved[line] = share;
            }
        }
    }
}
