package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nabe.meal.MealTask.Hands;
import nabe.meal.MealTask.Held;

/** The same tasks as most people would do them: all dishes side by side, one tool of each kind, no washing up between. */
final class Ordinary {
    private Ordinary() {}

    /** The first task of every dish, then the second of every dish, and so on. */
    private static List<Draft> sideBySide(List<Draft> drafts) {
        Map<Integer, Integer> seen = new HashMap<>();
        Map<Draft, Integer> turn = new HashMap<>();
        drafts.forEach(d -> turn.put(d, seen.merge(d.dish(), 1, Integer::sum)));
        return drafts.stream()
                .sorted(Comparator.comparing((Draft d) -> d.stage().ordinal()).thenComparing(turn::get))
                .toList();
    }

    static int breaches(List<Draft> drafts, Gear gear, Meal meal) {
        List<MealTask> tasks = new ArrayList<>();
        LocalDateTime at = meal.serveAt().minusDays(1);
        for (Draft d : sideBySide(drafts)) {
            List<Held> held = d.tools().stream()
                    .map(gear::kind)
                    .map(k -> new Held(k.id(), k.id(), k.material(), gear.washesClean(k, k.material())))
                    .toList();
            LocalDateTime to = at.plusMinutes(Math.max(1, d.active()));
            boolean worktop = d.stage() == Draft.Stage.PREP || d.stage() == Draft.Stage.BUILD;
            tasks.add(MealTaskBuilder.builder()
                    .id(d.id())
                    .dishes(d.dishes())
                    .component(d.component())
                    .words(d.words())
                    .action(d.action())
                    .hands(List.of(new Hands(1, at, to)))
                    .from(at)
                    .to(to)
                    .tools(held)
                    .surface(worktop ? "worktop" : null)
                    .burner(d.burner())
                    .sitting(-1)
                    .handles(d.handles())
                    .guards(d.guards())
                    .after(List.copyOf(d.after()))
                    .wash(d.action().equals("wash"))
                    .flour(d.flour())
                    .build());
            at = to;
        }
        return (int) KeepingApart.breaches(tasks, meal.kitchen().ovens()).stream()
                .map(b -> b.task() + b.tool() + b.allergen())
                .distinct()
                .count();
    }
}
