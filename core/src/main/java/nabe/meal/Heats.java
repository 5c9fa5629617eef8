package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import nabe.larder.Figures;
import nabe.measure.Dial;
import nabe.words.Messages;

/** When each oven is turned on, up or down. */
final class Heats {
    private static final int PREHEAT = Figures.whole("meal.preheats");

    private static final int CHANGE = Figures.whole("meal.another-heat");
    private static final int LEFT_ON = Figures.whole("meal.left-on");

    private static final double SAME = 0.01;

    private Heats() {}

    /** @param earliest nothing is turned on before */
    static List<MealPlan.Heat> of(List<MealTask> tasks, LocalDateTime earliest) {
        List<MealPlan.Heat> all = new ArrayList<>();
        tasks.stream()
                .filter(t -> t.oven() != null)
                .map(t -> t.oven().oven())
                .distinct()
                .sorted()
                .forEach(oven -> all.addAll(of(tasks, oven, earliest)));
        return List.copyOf(all);
    }

    private static List<MealPlan.Heat> of(List<MealTask> tasks, int oven, LocalDateTime earliest) {
        List<MealTask> here = tasks.stream()
                .filter(t -> t.oven() != null && t.oven().oven() == oven)
                .sorted(Comparator.comparing(MealTask::from))
                .toList();
        List<MealPlan.Heat> all = new ArrayList<>();
        LocalDateTime busyUntil = null;
        double heat = 0;
        for (MealTask task : here) {
            boolean cold = busyUntil == null || busyUntil.plusMinutes(LEFT_ON).isBefore(task.from());
            boolean other = Math.abs(heat - Objects.requireNonNull(task.oven()).celsius()) > SAME;
            if (cold || other) {
                LocalDateTime at = task.from().minusMinutes(cold ? PREHEAT : CHANGE);
                LocalDateTime free = cold || busyUntil == null ? earliest : busyUntil;
                all.add(new MealPlan.Heat(
                        oven,
                        task.oven().celsius(),
                        at.isBefore(free) ? free : at,
                        task.from(),
                        words(cold, heat, task.oven().celsius())));
            }
            heat = task.oven().celsius();
            busyUntil = busyUntil == null || task.to().isAfter(busyUntil) ? task.to() : busyUntil;
        }
        return all;
    }

    private static String words(boolean cold, double was, double is) {
        return Messages.say("meal.turn-the-oven-to", cold ? "on" : is > was ? "up" : "down", Dial.words(is));
    }
}
