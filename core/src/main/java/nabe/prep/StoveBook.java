package nabe.prep;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.CatalogueFile;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.recipe.Procedure.Kind;
import nabe.swap.Ahead;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** What each work at the stove takes of time and leaves of weight, how soaks go, how long pots keep. From works.csv, leaves.csv, soaks.csv, keeps.csv. */
public final class StoveBook {
    private final Map<String, Work> byVerb = new HashMap<>();
    private final Map<String, Map<String, Left>> leaves = new HashMap<>();
    private final List<Soak> soaks = new ArrayList<>();
    private final Map<Kind, Ahead> keeps = new EnumMap<>(Kind.class);

    /**
     * @param minutes where the text gives none, {@code perHundred} more for every 100 g
     * @param hands share of the time that hands are busy, 0 to 1
     * @param evaporates whether an open pot loses water
     */
    record Work(
            String name,
            double minutes,
            double perHundred,
            double hands,
            boolean evaporates,
            @Nullable String tool,
            @Nullable String heat) {}

    /** @param share of the raw weight that is left, over 1 where it drinks; {@code sign} or null */
    record Left(double share, @Nullable String sign) {}

    /** One way to soak. */
    record Soak(List<String> foods, String rung, int minutes, String words) {
        boolean isFor(Ingredient ingredient) {
            return fits(foods, ingredient);
        }
    }

    /** @throws nabe.larder.CatalogueException for a food, work or kind that is none, or a range upside down */
    public StoveBook(Larder larder) {
        loadWorks();
        loadLeaves(larder);
        loadSoaks(larder);
        loadKeeps();
    }

    private void loadWorks() {
        CatalogueFile file = CatalogueFile.open(
                "works.csv", "work", "verbs", "minutes", "per_100g", "hands", "evaporates", "tool", "heat");
        for (CSVRecord row : file.rows()) {
            Work work = new Work(
                    file.text(row, "work"),
                    file.number(row, "minutes"),
                    file.number(row, "per_100g"),
                    file.number(row, "hands"),
                    file.text(row, "evaporates").equals("yes"),
                    orNull(file.text(row, "tool")),
                    orNull(file.text(row, "heat")));
            if (!(work.minutes > 0) || !(work.hands > 0 && work.hands <= 1)) {
                throw file.bad(row, "Minutes must be above 0, and hands above 0 and not above 1.");
            }
            file.list(row, "verbs", ";").forEach(verb -> byVerb.putIfAbsent(verb, work));
        }
    }

    private void loadLeaves(Larder larder) {
        CatalogueFile file = CatalogueFile.open("leaves.csv", "food", "works", "low", "high", "sign");
        Set<String> works = new java.util.HashSet<>();
        byVerb.values().forEach(w -> works.add(w.name));
        for (CSVRecord row : file.rows()) {
            List<String> foods = foods(file, row, larder);
            List<String> named = file.list(row, "works", ";");
            double low = file.number(row, "low");
            double high = file.number(row, "high");
            if (!works.containsAll(named) || !(low > 0 && low <= high)) {
                throw file.bad(row, "It must name works of works.csv, with low above 0 and not above high.");
            }
            Left left = new Left((low + high) / 200, orNull(Messages.translated(file.text(row, "sign"))));
            larder.all().stream()
                    .filter(i -> fits(foods, i))
                    .forEach(i -> named.forEach(
                            w -> leaves.computeIfAbsent(w, k -> new HashMap<>()).putIfAbsent(i.id(), left)));
        }
    }

    private void loadSoaks(Larder larder) {
        CatalogueFile file = CatalogueFile.open("soaks.csv", "food", "rung", "minutes", "words");
        for (CSVRecord row : file.rows()) {
            soaks.add(new Soak(
                    foods(file, row, larder),
                    file.text(row, "rung"),
                    (int) file.number(row, "minutes"),
                    Messages.translated(file.text(row, "words"))));
        }
    }

    private void loadKeeps() {
        CatalogueFile file = CatalogueFile.open("keeps.csv", "kind", "days", "kept");
        file.rows()
                .forEach(row -> keeps.put(
                        Kind.ofId(file.text(row, "kind")),
                        new Ahead((int) file.number(row, "days"), Ahead.Way.ofId(file.text(row, "kept")))));
    }

    private static List<String> foods(CatalogueFile file, CSVRecord row, Larder larder) {
        List<String> foods = file.list(row, "food", ";");
        boolean known = foods.stream()
                .allMatch(f -> larder.find(f).isPresent()
                        || larder.all().stream().anyMatch(i -> i.roles().contains(f)));
        if (!known || foods.isEmpty()) {
            throw file.bad(row, "Each food must be an ingredient or a role that some ingredient has.");
        }
        return foods;
    }

    private static boolean fits(List<String> foods, Ingredient ingredient) {
        return foods.stream()
                .anyMatch(f -> f.equals(ingredient.id()) || ingredient.roles().contains(f));
    }

    private static @Nullable String orNull(String text) {
        return text.isEmpty() ? null : text;
    }

    /** @return the work of a verb, or null where it is none that takes time */
    @Nullable
    Work work(String verb) {
        return byVerb.get(verb);
    }

    /** @return the work of this name */
    Work named(String name) {
        return byVerb.values().stream()
                .filter(w -> w.name.equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** @return what this work leaves of a food, or null where it leaves the weight as it is */
    @Nullable
    Left left(Work work, Ingredient ingredient) {
        return leaves.getOrDefault(work.name, Map.of()).get(ingredient.id());
    }

    /** @return the ways to soak this food, longest first; none where it is not soaked */
    List<Soak> soaks(Ingredient ingredient) {
        return soaks.stream().filter(s -> s.isFor(ingredient)).toList();
    }

    /** @return how long before building a pot of this kind may be done, or null */
    @Nullable
    Ahead keeps(Kind kind) {
        return keeps.get(kind);
    }
}
