package nabe.swap;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.house.House;
import nabe.larder.Allergen;
import nabe.larder.ComponentRecipe;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.jspecify.annotations.Nullable;

/** How each answer stands with these needs in this house, whatever the recipe. Worked out as asked for, then known. */
final class Standings {
    private final Larder larder;
    private final Swapper.Tables tables;
    private final Needs needs;
    private final House house;
    private final Map<String, Judgement> judged = new ConcurrentHashMap<>();
    private final Map<String, Optional<String>> advice = new ConcurrentHashMap<>();
    private final Map<String, Standing> known = new ConcurrentHashMap<>();

    Standings(Larder larder, Swapper.Tables tables, Needs needs, House house) {
        this.larder = larder;
        this.tables = tables;
        this.needs = needs;
        this.house = house;
    }

    /**
     * @param fits whether all of it meets every need; {@code fitsCertified} whether it does where oats come from a certified packet
     * @param asked whether the house's schools ask for it; {@code avoided} whether they do without it
     * @param labels packets to read, {@code doubts} what some makers put in that does not fit
     * @param active minutes, {@code passive} minutes of waiting
     * @param check what to read on the packets, or null
     */
    record Standing(
            boolean fits,
            boolean fitsCertified,
            boolean asked,
            boolean avoided,
            int labels,
            int doubts,
            int active,
            int passive,
            List<String> tools,
            List<String> missing,
            @Nullable String check) {}

    Standing of(SwapRule rule) {
        return known.computeIfAbsent(rule.id(), id -> stand(rule));
    }

    /** @param ingredient as the larder has it */
    Judgement judge(Ingredient ingredient) {
        return judged.computeIfAbsent(ingredient.id(), id -> needs.judge(ingredient));
    }

    /** @param claims ids of needs that the line promises its packet meets */
    Judgement judge(Ingredient ingredient, List<String> claims) {
        return claims.isEmpty() ? judge(ingredient) : needs.judge(ingredient, claims);
    }

    /** @return what to read on its packet, or null where nothing is in doubt */
    @Nullable
    String labelAdvice(Ingredient ingredient) {
        return advice.computeIfAbsent(
                        ingredient.id(),
                        id -> Optional.ofNullable(judge(ingredient).labelAdvice(ingredient.name())))
                .orElse(null);
    }

    private Standing stand(SwapRule rule) {
        List<Ingredient> uses =
                rule.becomes().stream().map(c -> larder.get(c.use())).toList();
        List<ComponentRecipe> home = uses.stream().flatMap(this::usuallyHome).toList();
        int passive = rule.passive()
                + home.stream().mapToInt(ComponentRecipe::passive).max().orElse(0);
        List<String> tools = Stream.concat(rule.tools().stream(), home.stream().flatMap(r -> r.tools().stream()))
                .distinct()
                .toList();
        return new Standing(
                uses.stream().allMatch(i -> judge(i).fits()),
                uses.stream().allMatch(this::fitsCertified),
                rule.school().entrySet().stream().anyMatch(e -> house.schools().chose(e.getKey(), e.getValue())),
                uses.stream().anyMatch(this::isAvoided) || house.schools().avoidsWaiting(passive),
                (int) uses.stream().filter(i -> !judge(i).maybe().isEmpty()).count(),
                uses.stream().mapToInt(i -> judge(i).doubts()).sum(),
                rule.active() + home.stream().mapToInt(ComponentRecipe::active).sum(),
                passive,
                tools,
                tools.stream().filter(house.lacks()::contains).toList(),
                check(uses));
    }

    private Stream<ComponentRecipe> usuallyHome(Ingredient use) {
        return tables.components().making(use).stream()
                .filter(r -> r.usual().equals("home"))
                .limit(1);
    }

    private @Nullable String check(List<Ingredient> uses) {
        String text = uses.stream()
                .map(this::labelAdvice)
                .filter(Objects::nonNull)
                .distinct()
                .collect(Collectors.joining(" "));
        return text.isEmpty() ? null : text;
    }

    private boolean fitsCertified(Ingredient ingredient) {
        return needs.judge(ingredient, List.of(Need.GLUTEN_FREE.id())).fits()
                && (judge(ingredient).fits() || ingredient.allergens().contains(Allergen.OATS));
    }

    /** What the house's schools do without; a thing made at home counts by what goes into it. */
    private boolean isAvoided(Ingredient ingredient) {
        List<ComponentRecipe> home = tables.components().making(ingredient);
        return home.isEmpty()
                ? house.schools().avoids(ingredient)
                : home.stream()
                        .allMatch(r -> r.of().keySet().stream()
                                .anyMatch(id -> house.schools().avoids(larder.get(id))));
    }
}
