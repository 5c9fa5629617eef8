package nabe.meal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.measure.KitchenText;
import nabe.plan.Plan;
import nabe.plan.ShoppingItem;

/** What all dishes need, in units one can buy. */
final class Basket {
    private static final List<String> PACKS = List.of("package", "can", "jar", "bottle", "container", "box", "block");
    /** Sold in cartons of every size. */
    private static final Set<String> LOOSE =
            Set.of("milk", "cream", "sour-cream", "sour-milk", "stock", "wine", "water");

    private final Larder larder;

    Basket(Larder larder) {
        this.larder = larder;
    }

    List<MealPlan.Bought> of(List<Plan> plans) {
        Map<String, List<ShoppingItem>> items = new LinkedHashMap<>();
        Map<String, List<Integer>> dishes = new LinkedHashMap<>();
        for (int i = 0; i < plans.size(); i++) {
            for (ShoppingItem item : plans.get(i).ingredients()) {
                String key = item.ingredient() == null ? "?" + item.item() : item.ingredient();
                items.computeIfAbsent(key, k -> new ArrayList<>()).add(item);
                List<Integer> in = dishes.computeIfAbsent(key, k -> new ArrayList<>());
                if (!in.contains(i)) {
                    in.add(i);
                }
            }
        }
        return items.entrySet().stream()
                .map(e -> bought(e.getValue(), dishes.get(e.getKey())))
                .toList();
    }

    private MealPlan.Bought bought(List<ShoppingItem> same, List<Integer> dishes) {
        ShoppingItem first = same.getFirst();
        boolean weighed = same.stream().anyMatch(i -> i.grams() != null);
        Double grams = weighed
                ? Double.valueOf(same.stream()
                        .mapToDouble(i -> i.grams() == null ? 0 : i.grams())
                        .sum())
                : null;
        String check = same.stream()
                .map(ShoppingItem::label)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        Ingredient food = first.ingredient() == null
                ? null
                : larder.find(first.ingredient()).orElse(null);
        String buy = grams == null || food == null ? first.display() : buy(food, grams);
        return new MealPlan.Bought(first.item(), buy, grams, dishes, check);
    }

    private static String buy(Ingredient food, double grams) {
        for (String pack : LOOSE.contains(food.role()) ? List.<String>of() : PACKS) {
            OptionalDouble size = food.pieceGrams(pack);
            if (size.isPresent() && size.getAsDouble() > 0) {
                long n = (long) Math.max(1, Math.ceil(grams / size.getAsDouble() - 0.02));
                double left = n * size.getAsDouble() - grams;
                return n + " " + pack + (n > 1 ? (pack.endsWith("x") ? "es" : "s") : "") + " of "
                        + KitchenText.grams(size.getAsDouble())
                        + (left >= 20 ? "; " + KitchenText.grams(left) + " left over" : "");
            }
        }
        OptionalDouble each = food.pieceGrams("each");
        if (each.isPresent() && each.getAsDouble() >= 15) {
            return (long) Math.max(1, Math.ceil(grams / each.getAsDouble() - 0.05)) + " (" + KitchenText.grams(grams)
                    + ")";
        }
        return KitchenText.grams(grams);
    }
}
