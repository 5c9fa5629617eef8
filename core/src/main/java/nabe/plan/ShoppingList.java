package nabe.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nabe.build.BuildPlan;
import nabe.needs.Judgement;
import nabe.needs.Needs;
import nabe.swap.ConvertedLine;
import nabe.swap.Display;
import nabe.swap.Swapper;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Merges what goes in into one item an ingredient, and says how to buy it. */
final class ShoppingList {
    private final Needs needs;
    private final Display display;

    ShoppingList(Needs needs, Display display) {
        this.needs = needs;
        this.display = display;
    }

    /** @param sheets how the sheets come out: what the pan takes beyond the recipe's is bought too; null where there are none */
    List<ShoppingItem> of(List<ConvertedLine> lines, BuildPlan.@Nullable Sheets sheets) {
        return of(lines).stream()
                .map(i -> sheets != null && sheets.toBuy() > 0 && i.item().equals(sheets.item())
                        ? i.and(Messages.say(
                                "plan.more-for-this-pan-of-them",
                                sheets.toBuy() + sheets.spare(),
                                sheets.spare(),
                                sheets.needed() + sheets.spare()))
                        : i)
                .toList();
    }

    private List<ShoppingItem> of(List<ConvertedLine> lines) {
        Map<String, List<ConvertedLine>> groups = new LinkedHashMap<>();
        for (ConvertedLine line : lines) {
            String key = line.ingredient() == null
                    ? "?" + line.item()
                    : line.ingredient().id();
            groups.computeIfAbsent(key, k -> new ArrayList<>()).add(line);
        }
        return groups.values().stream().map(this::merge).toList();
    }

    /**
     * "Flour" and "all-purpose flour" are all-purpose flour; "water" and "ice water" are water, as the larder has it. Where
     * the lines' names differ else, the larder's.
     */
    private static String commonName(List<ConvertedLine> lines) {
        String known = lines.getFirst().food().name();
        if (lines.stream().anyMatch(l -> l.item().equalsIgnoreCase(known))) {
            return known;
        }
        String longest = lines.stream()
                .map(ConvertedLine::item)
                .max(Comparator.comparingInt(String::length))
                .orElseThrow();
        boolean same = lines.stream()
                .allMatch(
                        l -> longest.toLowerCase(Locale.ROOT).endsWith(l.item().toLowerCase(Locale.ROOT)));
        return same ? longest : known;
    }

    private ShoppingItem merge(List<ConvertedLine> lines) {
        ConvertedLine first = lines.getFirst();
        boolean weighed = lines.stream().anyMatch(l -> l.grams() != null);
        Double grams = weighed
                ? Double.valueOf(
                        lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum())
                : null;
        String amount = lines.size() == 1 && first.amount() != null || first.ingredient() == null
                ? Objects.requireNonNullElse(first.amount(), Messages.say("plan.as-needed"))
                : written(lines, grams).orElseGet(() -> display.amount(first.food(), grams));
        String item = lines.size() == 1 || first.ingredient() == null ? first.item() : commonName(lines);
        String label = lines.stream()
                .map(ConvertedLine::label)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        return ShoppingItemBuilder.builder()
                .item(item)
                .ingredient(
                        first.ingredient() == null ? null : first.ingredient().id())
                .grams(grams)
                .display(amount)
                .allergens(Swapper.allergensOf(first))
                .origin(first.ingredient() == null ? null : first.ingredient().origin())
                .label(label)
                .buy(buy(first, label))
                .swapped(lines.stream().allMatch(ConvertedLine::swapped))
                .build();
    }

    /** Garlic that goes into two pots is still bought as the three cloves of its line. */
    private static Optional<String> written(List<ConvertedLine> lines, @Nullable Double grams) {
        ConvertedLine.Written written = lines.getFirst().written();
        boolean whole = written != null
                && grams != null
                && lines.stream().allMatch(l -> l.source() == lines.getFirst().source())
                && Math.abs(grams - written.grams()) < 0.01 * written.grams();
        return written != null && whole ? Optional.of(written.amount()) : Optional.empty();
    }

    private ShoppingItem.Buy buy(ConvertedLine line, @Nullable String label) {
        if (line.ingredient() == null) {
            return ShoppingItem.Buy.ASK;
        }
        Judgement judgement = needs.judge(line.ingredient());
        boolean claim = !judgement.traces().isEmpty() && label != null;
        return claim ? ShoppingItem.Buy.WITH_CLAIM : label != null ? ShoppingItem.Buy.READ_LABEL : ShoppingItem.Buy.ANY;
    }
}
