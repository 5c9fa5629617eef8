package nabe.meal;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import nabe.bake.Start;
import nabe.larder.Figures;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Food that waits between its steps: how cold it is when it goes on, and where it waits. */
final class Waits {
    static final int MOST_OUT = Figures.whole("meal.out-of-fridge");
    static final int BETWEEN_STEPS = Figures.whole("meal.pan-waits");
    private static final int STAYS_HOT = Figures.whole("meal.stays-hot");

    private final List<MealTask> tasks;

    Waits(List<MealTask> tasks) {
        this.tasks = tasks;
    }

    /** @return how dishes go in that wait too long to go in as their plans say, by dish */
    Map<Integer, Start> starts(Courses courses) {
        Map<Integer, Start> colder = new HashMap<>();
        for (int dish = 0; dish < courses.size(); dish++) {
            Start waits = courses.isOn(dish) ? start(dish) : Start.HOT;
            if (waits.compareTo(courses.plan(dish).bake().start()) > 0) {
                colder.put(dish, waits);
            }
        }
        return colder;
    }

    private Start start(int dish) {
        long longest = Math.max(
                cooked(dish).stream().mapToLong(t -> wait(t, dish)).max().orElse(0), builtWait(dish));
        return longest > MOST_OUT ? Start.FRIDGE : longest > STAYS_HOT ? Start.ROOM : Start.HOT;
    }

    /** The tasks that leave something hot, each the last of its pot. */
    private List<MealTask> cooked(int dish) {
        return lastOfPots(dish).stream()
                .filter(last -> tasks.stream()
                        .anyMatch(t -> isOf(t, dish)
                                && Objects.equals(t.component(), last.component())
                                && (t.burner() || t.oven() != null)))
                .toList();
    }

    private List<MealTask> lastOfPots(int dish) {
        Map<String, MealTask> last = new HashMap<>();
        LocalDateTime built = built(dish);
        tasks.stream()
                .filter(t -> isOf(t, dish) && t.component() != null)
                .filter(t -> built == null || !t.from().isAfter(built))
                .forEach(t -> last.merge(t.component(), t, (a, b) -> b.to().isAfter(a.to()) ? b : a));
        return List.copyOf(last.values());
    }

    private long wait(MealTask last, int dish) {
        LocalDateTime built = built(dish);
        return built == null ? 0 : Duration.between(last.to(), built).toMinutes();
    }

    private long builtWait(int dish) {
        LocalDateTime in = bakes(dish);
        LocalDateTime done = tasks.stream()
                .filter(t -> isOf(t, dish) && t.surface() != null)
                .map(MealTask::to)
                .max(LocalDateTime::compareTo)
                .orElse(null);
        return in == null || done == null ? 0 : Duration.between(done, in).toMinutes();
    }

    private @Nullable LocalDateTime built(int dish) {
        return tasks.stream()
                .filter(t -> isOf(t, dish) && t.action().equals("build"))
                .map(MealTask::from)
                .findFirst()
                .orElse(null);
    }

    private @Nullable LocalDateTime bakes(int dish) {
        return tasks.stream()
                .filter(t -> isOf(t, dish) && t.oven() != null && t.component() == null)
                .map(MealTask::from)
                .min(LocalDateTime::compareTo)
                .orElse(null);
    }

    private static boolean isOf(MealTask task, int dish) {
        return !task.wash() && task.dishes().contains(dish);
    }

    /**
     * @param longer minutes more that a dish of cold pots takes in the oven, by dish
     * @return the tasks, each that leaves something waiting longer than it may stand out with where it waits
     */
    List<MealTask> told(int dishes, Map<Integer, Integer> longer) {
        Map<String, LocalDateTime> until = new HashMap<>();
        IntStream.range(0, dishes).forEach(dish -> {
            LocalDateTime built = built(dish);
            lastOfPots(dish).stream()
                    .filter(t -> wait(t, dish) > MOST_OUT)
                    .forEach(t -> until.put(t.id(), Objects.requireNonNull(built)));
            LocalDateTime in = bakes(dish);
            if (in != null && builtWait(dish) > MOST_OUT) {
                tasks.stream()
                        .filter(t ->
                                isOf(t, dish) && t.surface() != null && t.from().isBefore(in))
                        .reduce((a, b) -> b.to().isAfter(a.to()) ? b : a)
                        .ifPresent(t -> until.put(t.id(), in));
            }
        });
        List<MealTask> all = new ArrayList<>();
        for (MealTask task : tasks) {
            LocalDateTime to = until.get(task.id());
            String more = to != null ? words(task, to, isHot(task)) : colder(task, longer);
            all.add(
                    more.isEmpty()
                            ? task
                            : MealTaskBuilder.builder(task)
                                    .words(task.words() + more)
                                    .build());
        }
        return List.copyOf(all);
    }

    /** At the first time in the oven: what a dish of cold pots may take more. */
    private String colder(MealTask task, Map<Integer, Integer> longer) {
        return longer.entrySet().stream()
                .filter(e -> isOf(task, e.getKey())
                        && task.oven() != null
                        && task.component() == null
                        && task.from().equals(bakes(e.getKey())))
                .map(e -> Messages.say("meal.parts-of-it-waited-and-are", e.getValue()))
                .findFirst()
                .orElse("");
    }

    private boolean isHot(MealTask last) {
        return tasks.stream()
                .filter(t -> t.dishes().equals(last.dishes()) && Objects.equals(t.component(), last.component()))
                .anyMatch(t -> t.burner() || t.oven() != null && t.component() != null);
    }

    private static String words(MealTask task, LocalDateTime until, boolean hot) {
        boolean today = until.toLocalDate().equals(task.to().toLocalDate());
        return Messages.say("meal.cool-it-and-put-it-covered", hot, today, until.toLocalTime());
    }
}
