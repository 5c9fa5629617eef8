package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import nabe.larder.Allergen;
import nabe.words.Messages;

/**
 * Replays a timeline from its first task to its last and names every moment at which an allergen gets where it must not be.
 * It knows nothing of how the timeline was found.
 */
public final class KeepingApart {
    private static final String HANDS = "hands of cook ";
    private final List<Meal.Oven> ovens;
    /** What clings to each thing, and since which task. */
    private final Map<String, Map<Allergen, String>> residues = new HashMap<>();

    private final List<Breach> breaches = new ArrayList<>();

    private KeepingApart(List<Meal.Oven> ovens) {
        this.ovens = ovens;
    }

    /** @return the breaches in the order they happen; none: the strict food is apart the whole way */
    public static List<Breach> breaches(List<MealTask> tasks, List<Meal.Oven> ovens) {
        return new KeepingApart(ovens).walk(tasks);
    }

    private List<Breach> walk(List<MealTask> tasks) {
        List<MealTask> inOrder = tasks.stream()
                .sorted(Comparator.comparing(MealTask::from).thenComparing(t -> !t.wash()))
                .toList();
        for (int i = 0; i < inOrder.size(); i++) {
            MealTask task = inOrder.get(i);
            if (task.wash()) {
                wash(task, inOrder.subList(0, i));
                continue;
            }
            reach(task);
            sideBySide(task, inOrder);
            leave(task);
        }
        air(inOrder);
        oven(inOrder);
        return breaches.stream().sorted(Comparator.comparing(Breach::at)).toList();
    }

    private static List<String> touched(MealTask task) {
        List<String> all = new ArrayList<>();
        task.tools().forEach(t -> all.add(t.item()));
        if (task.surface() != null) {
            all.add(task.surface());
        }
        task.hands().forEach(h -> all.add(HANDS + h.cook()));
        return all.stream().distinct().toList();
    }

    /** What clings to hands, worktop and tools gets into the food. */
    private void reach(MealTask task) {
        for (String thing : touched(task)) {
            residues.getOrDefault(thing, Map.of()).forEach((allergen, source) -> {
                if (task.guards().contains(allergen)) {
                    breaches.add(carried(task, thing, allergen, source));
                }
            });
        }
    }

    private static Breach carried(MealTask task, String thing, Allergen allergen, String source) {
        MealTask.Held tool = task.tools().stream()
                .filter(t -> t.item().equals(thing))
                .findFirst()
                .orElse(null);
        Spread.Row way = tool == null
                ? thing.startsWith(HANDS) ? Spread.HANDS : Spread.WORKTOP
                : tool.washesClean() ? Spread.TOOL : Spread.TOOL_THAT_KEEPS;
        boolean keeps = tool != null && way == Spread.TOOL_THAT_KEEPS;
        String words = way.words(tool != null && keeps ? tool.tool() : thing, tool == null ? "" : tool.material());
        return new Breach(task.from(), task.id(), thing, allergen, source, words, way.mends());
    }

    /** All that a task touches takes up what it handles, and what clung to one of its things before. */
    private void leave(MealTask task) {
        Map<Allergen, String> now = new TreeMap<>();
        for (String thing : touched(task)) {
            residues.getOrDefault(thing, Map.of()).forEach(now::putIfAbsent);
        }
        task.handles().forEach(a -> now.put(a, task.id()));
        for (String thing : touched(task)) {
            now.forEach(residues.computeIfAbsent(thing, k -> new TreeMap<>())::putIfAbsent);
        }
    }

    /** A tool still in use elsewhere stays as it is. */
    private void wash(MealTask task, List<MealTask> before) {
        task.hands().forEach(h -> residues.remove(HANDS + h.cook()));
        if (task.surface() != null) {
            residues.remove(task.surface());
        }
        for (MealTask.Held tool : task.tools()) {
            boolean inUse = before.stream()
                    .anyMatch(t -> t.to().isAfter(task.from())
                            && t.tools().stream().anyMatch(h -> h.item().equals(tool.item())));
            if (tool.washesClean() && !inUse) {
                residues.remove(tool.item());
            }
        }
    }

    /** Two cooks at one worktop, one with wheat, one with strict food. */
    private void sideBySide(MealTask task, List<MealTask> all) {
        for (MealTask other : all) {
            boolean together = other != task
                    && !other.wash()
                    && other.surface() != null
                    && other.surface().equals(task.surface())
                    && other.from().isBefore(task.handsOff())
                    && task.from().isBefore(other.handsOff());
            if (together) {
                meet(
                        task,
                        other,
                        task.from().isAfter(other.from()) ? task.from() : other.from(),
                        Objects.requireNonNull(task.surface()));
            }
        }
    }

    private void meet(MealTask strict, MealTask other, LocalDateTime at, String where) {
        other.handles().stream()
                .filter(strict.guards()::contains)
                .forEach(a -> breaches.add(new Breach(
                        at,
                        strict.id(),
                        where,
                        a,
                        other.id(),
                        Spread.SIDE_BY_SIDE.words(),
                        Spread.SIDE_BY_SIDE.mends())));
    }

    private void air(List<MealTask> tasks) {
        for (MealTask dusty : tasks) {
            for (MealTask strict : dusty.flour() ? tasks : List.<MealTask>of()) {
                boolean open = strict.oven() == null
                        && !strict.wash()
                        && strict.from().isBefore(dusty.handsOff().plusMinutes(Spread.AIR.minutes()))
                        && dusty.from().isBefore(strict.burner() ? strict.to() : strict.handsOff());
                if (open) {
                    LocalDateTime at = strict.from().isAfter(dusty.from()) ? strict.from() : dusty.from();
                    dusty.handles().stream()
                            .filter(Allergen.GLUTEN::contains)
                            .filter(strict.guards()::contains)
                            .forEach(a -> breaches.add(new Breach(
                                    at,
                                    strict.id(),
                                    Messages.say("meal.flour-in-the-air"),
                                    a,
                                    dusty.id(),
                                    Spread.AIR.words(),
                                    Spread.AIR.mends())));
                }
            }
        }
    }

    /** Crumbs fall, and a fan carries them. */
    private void oven(List<MealTask> tasks) {
        for (MealTask strict : tasks) {
            for (MealTask other : tasks) {
                MealTask.InOven here = strict.oven();
                MealTask.InOven there = other.oven();
                boolean together = here != null
                        && there != null
                        && strict != other
                        && here.oven() == there.oven()
                        && strict.from().isBefore(other.to())
                        && other.from().isBefore(strict.to());
                if (here == null || there == null || !together || here.covered()) {
                    continue;
                }
                boolean above =
                        here.shelf() < there.shelf() && !ovens.get(here.oven()).fan();
                if (!above) {
                    LocalDateTime at = strict.from().isAfter(other.from()) ? strict.from() : other.from();
                    other.handles().stream()
                            .filter(strict.guards()::contains)
                            .forEach(a -> breaches.add(new Breach(
                                    at,
                                    strict.id(),
                                    "oven",
                                    a,
                                    other.id(),
                                    Spread.CRUMBS.words(),
                                    Spread.CRUMBS.mends())));
                }
            }
        }
    }
}
