package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What is otherwise than it was in the plan before. */
final class Changes {
    private Changes() {}

    /** @param done what was done is told by the cook, not to the cook */
    static List<MealPlan.Change> between(@Nullable MealPlan before, List<MealTask> tasks, Set<String> done) {
        if (before == null) {
            return List.of();
        }
        Map<String, MealTask> was = new HashMap<>();
        before.tasks().forEach(t -> was.put(t.id(), t));
        List<MealPlan.Change> all = new ArrayList<>();
        Set<String> still = new HashSet<>();
        for (MealTask task : tasks) {
            still.add(task.id());
            MealTask then = was.get(task.id());
            if (done.contains(task.id())) {
                continue;
            }
            if (then == null) {
                all.add(new MealPlan.Change(task.id(), Messages.say("meal.new-at", time(task.from()), task.words())));
            } else if (!then.from().equals(task.from())) {
                all.add(new MealPlan.Change(
                        task.id(),
                        Messages.say("meal.instead-of", time(task.from()), time(then.from()), task.words())));
            }
        }
        before.tasks().stream()
                .filter(t -> !still.contains(t.id()) && !done.contains(t.id()))
                .forEach(t -> all.add(new MealPlan.Change(t.id(), Messages.say("meal.no-longer", t.words()))));
        return List.copyOf(all);
    }

    private static String time(LocalDateTime at) {
        return at.toLocalTime().toString();
    }
}
