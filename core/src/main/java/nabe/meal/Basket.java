package nabe.meal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nabe.label.KeptProduct;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.plan.Planner;
import nabe.plan.ShoppingItem;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What all dishes need, in units one can buy, gathered by place in the shop. */
final class Basket {
    private static final String TAP = "water";
    private final Larder larder;
    private final Planner planner;
    private final Shop shop = new Shop();

    Basket(Larder larder, Planner planner) {
        this.larder = larder;
        this.planner = planner;
    }

    List<MealPlan.Bought> of(Courses courses) {
        Map<String, List<ShoppingItem>> items = new LinkedHashMap<>();
        Map<String, List<Integer>> dishes = new LinkedHashMap<>();
        for (int i = 0; i < courses.size(); i++) {
            for (ShoppingItem item : courses.isOn(i) ? courses.plan(i).ingredients() : List.<ShoppingItem>of()) {
                String key = item.ingredient() == null ? "?" + item.item() : item.ingredient();
                items.computeIfAbsent(key, k -> new ArrayList<>()).add(item);
                List<Integer> in = dishes.computeIfAbsent(key, k -> new ArrayList<>());
                if (!in.contains(i)) {
                    in.add(i);
                }
            }
        }
        items.remove(TAP);
        return items.entrySet().stream()
                .map(e -> bought(e.getValue(), Objects.requireNonNull(dishes.get(e.getKey()))))
                .sorted(Comparator.comparing(MealPlan.Bought::pantry).thenComparing(MealPlan.Bought::place))
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
        KeptProduct packet = packet(first.ingredient()).orElse(null);
        Shop.Place place = food == null ? null : shop.place(food);
        return new MealPlan.Bought(
                first.item(),
                buy(first, food, packet, grams),
                grams,
                dishes,
                check,
                place == null ? Messages.say("meal.elsewhere") : place.name(),
                place != null && place.pantry(),
                packet == null ? null : packet.name());
    }

    private Optional<KeptProduct> packet(@Nullable String ingredient) {
        return planner.packets().stream()
                .filter(p -> p.standsFor().equals(ingredient))
                .findFirst();
    }

    private String buy(
            ShoppingItem item, @Nullable Ingredient food, @Nullable KeptProduct packet, @Nullable Double grams) {
        if (grams == null || food == null) {
            return item.display();
        }
        return packet != null && packet.packGrams() != null
                ? Shop.packets("packet", packet.packGrams(), grams)
                : shop.buy(food, grams);
    }
}
