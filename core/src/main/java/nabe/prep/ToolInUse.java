package nabe.prep;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.prep.Cooking.Stage;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import org.jspecify.annotations.Nullable;

/** What a pot stands in, and on which heat: as the text says, else as it stood before, else as such work usually does. */
final class ToolInUse {
    private static final Set<String> MEASURES = Set.of("cup", "cups", "mug", "mugs", "tin", "jar");

    private final Cooking cooking;
    private final HandsAndOven oven;
    private final Map<String, String> standsIn = new HashMap<>();

    ToolInUse(Cooking cooking, HandsAndOven oven) {
        this.cooking = cooking;
        this.oven = oven;
    }

    /** The tool the text names, else the one the pot stands in, else the usual one of the longest work. */
    @Nullable
    String of(Pot pot, List<Work> works, boolean first) {
        String named = works.stream()
                .map(Work::tool)
                .filter(t -> t != null && !MEASURES.contains(t))
                .findFirst()
                .orElse(null);
        StoveBook.Work longest = longest(works);
        boolean heats = longest != null && longest.heat() != null;
        if (named != null) {
            if (heats) {
                standsIn.put(pot.id(), named);
            }
            return named;
        }
        boolean braised = works.stream().anyMatch(oven::isBraised);
        if (longest == null || braised || !first && !heats) {
            return null;
        }
        return heats ? standsIn.computeIfAbsent(pot.id(), p -> longest.tool()) : longest.tool();
    }

    @Nullable
    String heat(List<Work> works) {
        return works.stream()
                .map(Work::heat)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseGet(() -> {
                    StoveBook.Work longest = longest(works);
                    return longest == null ? null : longest.heat();
                });
    }

    private StoveBook.@Nullable Work longest(List<Work> works) {
        return works.stream()
                .map(cooking::stage)
                .filter(s -> s.work() != null)
                .max(Comparator.comparingDouble(Stage::minutes))
                .map(Stage::work)
                .orElse(null);
    }
}
