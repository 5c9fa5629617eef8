package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.meal.MealTask.Hands;
import nabe.meal.MealTask.Held;
import nabe.meal.MealTask.InOven;
import nabe.words.Messages;

/** Writes starts into tasks with their times: which cook, which spoon, which shelf. */
final class Timeline {
    private static final String WORKTOP = "worktop";
    private final Items items;
    private final Timetable timetable;
    private final List<MealTask> tasks = new ArrayList<>();
    private final Map<String, LocalDateTime> taken = new HashMap<>();
    private final LocalDateTime[] freeAt;

    private Timeline(Meal.Kitchen kitchen, Items items, Timetable timetable) {
        this.items = items;
        this.timetable = timetable;
        this.freeAt = new LocalDateTime[kitchen.cooks()];
    }

    /** @return whether a task of this name is washing up */
    static boolean isWash(String id) {
        return id.startsWith("wash");
    }

    static List<MealTask> of(List<Draft> drafts, Found found, Meal.Kitchen kitchen, Items items, Timetable timetable) {
        return new Timeline(kitchen, items, timetable).write(drafts, found);
    }

    private List<MealTask> write(List<Draft> drafts, Found found) {
        List<Draft> inOrder = drafts.stream()
                .sorted(Comparator.comparing((Draft d) -> found.starts().get(d.id())))
                .toList();
        int next = 0;
        for (Draft draft : inOrder) {
            while (next < found.washes().size()
                    && found.washes().get(next)
                            <= Objects.requireNonNull(found.starts().get(draft.id()))) {
                wash(next, found.washes().get(next));
                next++;
            }
            tasks.add(task(draft, Objects.requireNonNull(found.starts().get(draft.id())), found.shelves()));
        }
        return tasks.stream().sorted(Comparator.comparing(MealTask::from)).toList();
    }

    private MealTask task(Draft d, int start, Map<String, Integer> shelves) {
        LocalDateTime from = timetable.time(start);
        LocalDateTime off = from.plusMinutes(d.active());
        LocalDateTime to = from.plusMinutes(Math.max(1, d.minutes()));
        if (d.action().equals("wash")) {
            return washing(d.id(), from);
        }
        List<Held> held = new ArrayList<>();
        for (String kind : d.tools()) {
            held.add(take(items.pool(kind, d), from, items.holdsFood(kind) ? to : off));
        }
        InOven oven = d.oven() == null
                ? null
                : new InOven(
                        d.oven().oven(),
                        shelves.getOrDefault(d.shelfKey(), 0),
                        d.oven().celsius(),
                        d.oven().covered());
        boolean worktop = d.stage() == Draft.Stage.PREP || d.stage() == Draft.Stage.BUILD;
        return MealTaskBuilder.builder()
                .id(d.id())
                .dishes(d.dishes())
                .component(d.component())
                .words(d.words())
                .action(d.action())
                .hands(List.of(new Hands(cook(from, off), from, off.isAfter(to) ? to : off)))
                .from(from)
                .to(to)
                .tools(List.copyOf(held))
                .surface(worktop ? WORKTOP : null)
                .burner(d.burner())
                .oven(oven)
                .sitting(timetable.sitting(from))
                .handles(d.handles())
                .guards(d.guards())
                .after(List.copyOf(d.after()))
                .flour(d.flour())
                .cuts(d.cuts())
                .build();
    }

    private int cook(LocalDateTime from, LocalDateTime off) {
        for (int c = 0; c < freeAt.length; c++) {
            if (freeAt[c] == null || !freeAt[c].isAfter(from)) {
                freeAt[c] = off;
                return c + 1;
            }
        }
        return 1;
    }

    /** The first that is free, the one used last where there is a choice: fewer things to wash. */
    private Held take(List<Held> pool, LocalDateTime from, LocalDateTime to) {
        Held free = pool.stream()
                .filter(h ->
                        !taken.containsKey(h.item()) || !taken.get(h.item()).isAfter(from))
                .findFirst()
                .orElse(pool.getFirst());
        taken.put(free.item(), to);
        return free;
    }

    private void wash(int index, int start) {
        tasks.add(washing("wash-" + (index + 1), timetable.time(start)));
    }

    /** All that was used and comes clean, and every pair of hands. */
    private MealTask washing(String id, LocalDateTime from) {
        LocalDateTime to = from.plusMinutes(Clock.WASH_MINUTES);
        Map<String, Held> used = new LinkedHashMap<>();
        tasks.stream()
                .flatMap(t -> t.tools().stream())
                .filter(Held::washesClean)
                .forEach(h -> used.putIfAbsent(h.item(), h));
        List<Hands> all = new ArrayList<>();
        for (int c = 0; c < timetable.cooks(from); c++) {
            all.add(new Hands(c + 1, from, to));
            freeAt[c] = to;
        }
        return MealTaskBuilder.builder()
                .id(id)
                .dishes(List.of())
                .words(Messages.say("meal.wash-hands-and-tools-with-hot"))
                .action("wash")
                .hands(all)
                .from(from)
                .to(to)
                .tools(List.copyOf(used.values()))
                .surface(WORKTOP)
                .sitting(timetable.sitting(from))
                .handles(Set.of())
                .guards(Set.of())
                .after(List.of())
                .wash(true)
                .build();
    }
}
