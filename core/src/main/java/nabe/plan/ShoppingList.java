package nabe.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nabe.swap.ConvertedLine;
import nabe.swap.Display;
import nabe.swap.Swapper;

/** Merges converted lines into one item an ingredient. */
final class ShoppingList {
    private ShoppingList() {
    }

    static List<ShoppingItem> of(List<ConvertedLine> lines) {
        Map<String, List<ConvertedLine>> groups = new LinkedHashMap<>();
        for (ConvertedLine line : lines) {
            String key = line.ingredient() == null ? "?" + line.item() : line.ingredient().id();
            groups.computeIfAbsent(key, k -> new ArrayList<>()).add(line);
        }
        return groups.values().stream().map(ShoppingList::merge).toList();
    }

    private static ShoppingItem merge(List<ConvertedLine> lines) {
        ConvertedLine first = lines.getFirst();
        boolean weighed = lines.stream().anyMatch(l -> l.grams() != null);
        Double grams = weighed ? Double.valueOf(lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum()) : null;
        String display = lines.size() == 1 && first.amount() != null || first.ingredient() == null ? first.amount()
                : Display.of(first.ingredient(), grams);
        String item = lines.size() == 1 || first.ingredient() == null ? first.item() : first.ingredient().name();
        return new ShoppingItem(item, first.ingredient() == null ? null : first.ingredient().id(), grams, display,
                Swapper.allergensOf(first), first.ingredient() == null ? null : first.ingredient().origin(),
                first.label(), lines.stream().anyMatch(ConvertedLine::swapped));
    }
}
