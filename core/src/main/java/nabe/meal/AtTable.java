package nabe.meal;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.words.Messages;

/** What comes to the table: in which order, with whose spoon, and the card that stands before each dish. */
final class AtTable {
    private static final int STANDS_OPEN = Figures.whole("meal.stands-open");

    private final Meal meal;
    private final Courses courses;
    private final List<Set<Allergen>> guards;
    private final List<MealTask> tasks;

    AtTable(Meal meal, Courses courses, List<Set<Allergen>> guards, List<MealTask> tasks) {
        this.meal = meal;
        this.courses = courses;
        this.guards = guards;
        this.tasks = tasks;
    }

    List<MealPlan.Serving> serving() {
        List<MealPlan.Serving> all = new ArrayList<>();
        tasks.stream().filter(t -> t.action().equals("serve")).forEach(t -> all.add(serving(t, all.size() + 1)));
        return List.copyOf(all);
    }

    private MealPlan.Serving serving(MealTask task, int order) {
        int dish = task.dishes().getFirst();
        LocalDateTime out = tasks.stream()
                .filter(t -> t.action().equals("bake") || t.action().equals("grill"))
                .filter(t -> t.oven() != null && t.dishes().contains(dish))
                .map(MealTask::to)
                .max(LocalDateTime::compareTo)
                .orElse(task.from());
        int stands = (int) Duration.between(out, task.from()).toMinutes();
        String keep = stands <= STANDS_OPEN ? null : Messages.say("meal.it-stands-min-foil-and-a", stands);
        return new MealPlan.Serving(dish, out, task.to(), spoon(dish), order, stands, keep);
    }

    private String spoon(int dish) {
        return Messages.say(
                "meal.a-spoon-of-its-own-for",
                courses.name(dish),
                guards.get(dish).isEmpty());
    }

    /** @param eats who can eat what; {@code breaches} a dish that one reaches is not told to be kept apart */
    List<MealPlan.Label> labels(List<MealPlan.Eats> eats, List<Breach> breaches) {
        List<MealPlan.Label> all = new ArrayList<>();
        for (int i = 0; i < courses.size(); i++) {
            if (courses.isOn(i)) {
                all.add(label(i, eats, isReached(i, breaches)));
            }
        }
        return List.copyOf(all);
    }

    private boolean isReached(int dish, List<Breach> breaches) {
        return tasks.stream()
                .filter(t -> t.dishes().contains(dish))
                .anyMatch(t -> breaches.stream().anyMatch(b -> b.task().equals(t.id())));
    }

    private MealPlan.Label label(int dish, List<MealPlan.Eats> eats, boolean reached) {
        Needs made = courses.plan(dish).needs();
        List<String> contains = new ArrayList<>(new TreeSet<>(
                courses.allergens(dish).stream().map(Allergen::word).toList()));
        return new MealPlan.Label(
                dish,
                courses.name(dish),
                courses.plan(dish).ingredients().stream()
                        .map(i -> i.item())
                        .distinct()
                        .toList(),
                contains,
                freeOf(made),
                made.strict() && !guards.get(dish).isEmpty() && !reached,
                eaters(dish, eats),
                spoon(dish));
    }

    private static List<String> freeOf(Needs needs) {
        List<String> all =
                new ArrayList<>(needs.needs().stream().sorted().map(Need::id).toList());
        words(needs.avoid()).stream().map(a -> Messages.say("meal.free-of", a)).forEach(all::add);
        return all;
    }

    private static List<String> words(Collection<Allergen> all) {
        return all.stream().map(Allergen::word).toList();
    }

    /** Those it is for and who can eat it. */
    private List<String> eaters(int dish, List<MealPlan.Eats> eats) {
        return meal.eaters().stream()
                .filter(e -> meal.dishes().get(dish).isFor(e))
                .filter(e -> eats.stream()
                        .anyMatch(x -> x.dish() == dish
                                && x.eater().equals(e.name())
                                && !x.verdict().equals("no")))
                .map(Meal.Eater::name)
                .toList();
    }
}
