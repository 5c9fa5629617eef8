package nabe.swap;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.needs.Need;
import nabe.needs.Needs;

/**
 * A whole conversion as a cook reads it: each swap with its job, what goes in and what else would do, then the method of
 * every pot. Every fifth recipe of those in other hands is kept so. After a change that is meant,
 * {@code main} writes them anew; what changed is then read, line by line, before it is kept.
 */
final class ToldConversion {
    static final Path RECIPES = Path.of("src/test/resources/readings/otherhands");
    static final Path KEPT = Path.of("src/test/resources/readings/swapped");
    private static final int EVERY = 5;
    private static final List<Set<Need>> SETS = List.of(
            Set.of(Need.GLUTEN_FREE, Need.VEGAN), Set.of(Need.DAIRY_FREE, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE));

    private ToldConversion() {}

    /** @return recipe names with the needs each is converted for */
    static Map<String, Needs> cases() {
        try (Stream<Path> files = Files.list(RECIPES)) {
            List<String> names = files.map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".txt"))
                    .map(f -> f.replace(".txt", ""))
                    .sorted()
                    .toList();
            Map<String, Needs> cases = new TreeMap<>();
            for (String name : names) {
                if (Math.floorMod(name.hashCode(), EVERY) == 0) {
                    cases.put(name, new Needs(SETS.get(Math.floorMod(name.length(), 2)), Set.of(), true));
                }
            }
            return cases;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<String> of(String name, Needs needs) throws IOException {
        Conversion now = Conversions.of(Files.readString(RECIPES.resolve(name + ".txt")), Kitchen.of(needs));
        List<String> told = new ArrayList<>();
        told.add("for " + needs.needs().stream().map(Need::id).sorted().collect(Collectors.joining(", ")));
        now.swaps().forEach(s -> told.add(swap(s)));
        now.unresolved().forEach(u -> told.add("? " + u.text() + ": " + u.why()));
        now.methodFoods().forEach(f -> told.add("* " + f.name() + " -> " + f.becomes()));
        now.made().forEach(m -> told.add("made: " + m.makes()));
        PlannedProcedure procedure = now.procedure();
        procedure.components().forEach(p -> pot(p, told));
        procedure.dropped().forEach(d -> told.add("- " + d.words() + " (" + d.why() + ")"));
        procedure.readying().forEach(w -> told.add("dish: " + w.words()));
        procedure.layers().stream()
                .filter(l -> l.words() != null)
                .forEach(l -> told.add(l.of() + " in the dish: " + l.words()));
        return told;
    }

    private static String swap(Swap swap) {
        String becomes = swap.becomes().stream()
                .map(b -> b.item() + (b.grams() == null ? "" : " " + Math.round(b.grams())))
                .collect(Collectors.joining(" + "));
        String others = swap.alternatives().stream().map(Swap.Alternative::rule).collect(Collectors.joining(", "));
        return "%s | %s | %s | %s | %.2f | %s | not %s"
                .formatted(
                        swap.was(),
                        swap.job() == null ? "-" : swap.job().id(),
                        swap.rule(),
                        becomes,
                        swap.fidelity(),
                        others,
                        swap.passedOver().stream().map(Swap.PassedOver::rule).toList());
    }

    private static void pot(PlannedProcedure.Pot pot, List<String> told) {
        told.add(pot.id() + " " + pot.name());
        pot.steps().forEach(w -> told.add("    " + w.words() + (w.told() == null ? "" : "  <" + w.told() + ">")));
        pot.notes().forEach(n -> told.add("    note: " + n));
    }

    public static void main(String[] args) throws IOException {
        Files.createDirectories(KEPT);
        for (Map.Entry<String, Needs> one : cases().entrySet()) {
            Files.write(KEPT.resolve(one.getKey() + ".told"), of(one.getKey(), one.getValue()));
        }
    }
}
