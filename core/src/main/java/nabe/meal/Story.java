package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Allergen;
import nabe.meal.MealPlan.Eats;
import nabe.meal.MealPlan.StoryLine;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** How one strict person's food stays apart, from packet to plate, told in the order it happens. */
final class Story {
    private static final int A_NIGHT = 240;
    private final Courses courses;
    private final int dish;
    private final Set<Allergen> forbidden;
    private final List<MealTask> tasks;
    private final List<StoryLine> lines = new ArrayList<>();

    private Story(Courses courses, int dish, Set<Allergen> forbidden, List<MealTask> tasks) {
        this.courses = courses;
        this.dish = dish;
        this.forbidden = forbidden;
        this.tasks = tasks;
    }

    static List<MealPlan.Story> of(
            Meal meal, Courses courses, List<Eats> eats, List<MealTask> tasks, List<MealPlan.Serving> serving) {
        List<MealPlan.Story> all = new ArrayList<>();
        for (Meal.Eater eater : meal.eaters()) {
            for (int dish = 0; dish < courses.size() && eater.needs().strict(); dish++) {
                if (meal.dishes().get(dish).isFor(eater) && eatsIt(eats, eater, dish)) {
                    all.add(new MealPlan.Story(
                            eater.name(),
                            dish,
                            new Story(courses, dish, eater.needs().forbidden(), tasks).told(serving)));
                }
            }
        }
        return List.copyOf(all);
    }

    private static boolean eatsIt(List<Eats> eats, Meal.Eater eater, int dish) {
        return eats.stream()
                .anyMatch(e -> e.dish() == dish
                        && e.eater().equals(eater.name())
                        && !e.verdict().equals("no"));
    }

    private List<StoryLine> told(List<MealPlan.Serving> serving) {
        packets();
        stored();
        counter();
        own();
        night();
        oven();
        serving.stream().filter(s -> s.dish() == dish).forEach(this::table);
        return List.copyOf(lines);
    }

    private void say(@Nullable LocalDateTime at, String where, String words) {
        lines.add(new StoryLine(at, where, words));
    }

    private void packets() {
        List<String> check = courses.plan(dish).ingredients().stream()
                .filter(i -> i.label() != null)
                .map(i -> i.item())
                .distinct()
                .toList();
        say(
                null,
                "packet",
                check.isEmpty()
                        ? Messages.say("meal.nothing-in-it-is-of-a")
                        : Messages.say("meal.read-each-time-when-unsure-ask", String.join(", ", check)));
    }

    private void stored() {
        List<String> others = IntStream.range(0, courses.size())
                .filter(i -> i != dish && courses.isOn(i) && meets(courses.allergens(i)))
                .mapToObj(courses::name)
                .toList();
        if (!others.isEmpty()) {
            say(null, "fridge", Messages.say("meal.in-closed-boxes-and-covered-bowls", Lists.and(others)));
        }
    }

    private boolean meets(Collection<Allergen> allergens) {
        return allergens.stream().anyMatch(forbidden::contains);
    }

    private boolean isMine(MealTask task) {
        return task.dishes().contains(dish) && !task.wash();
    }

    /** Each stretch of work on it, with what happened at the worktop before. */
    private void counter() {
        MealTask dirty = null;
        LocalDateTime washed = null;
        boolean working = false;
        for (MealTask task : tasks) {
            if (task.wash()) {
                washed = task.from();
                dirty = null;
                working = false;
            } else if (meets(task.handles())) {
                dirty = task;
                working = false;
            } else if (isMine(task) && task.surface() != null && !working) {
                stretch(task, dirty, washed);
                working = true;
            }
        }
    }

    private void stretch(MealTask task, @Nullable MealTask dirty, @Nullable LocalDateTime washed) {
        String before = dirty != null
                ? Messages.say("meal.with-tools-of-its-own-at", names(dirty.handles()))
                : washed != null
                        ? Messages.say("meal.after-the-washing-up-at-clean", washed.toLocalTime())
                        : Messages.say("meal.first-of-all-nothing-with-has", names(forbidden));
        say(task.from(), "worktop", Messages.say("meal.worked-on", before));
    }

    private String names(Collection<Allergen> all) {
        Set<Allergen> met = EnumSet.noneOf(Allergen.class);
        met.addAll(all);
        met.retainAll(forbidden);
        for (int i = 0; met.size() > 3 && i < 1; i++) {
            met.removeIf(a -> IntStream.range(0, courses.size())
                    .noneMatch(d -> courses.isOn(d) && courses.allergens(d).contains(a)));
        }
        return met.isEmpty()
                ? Messages.say("meal.what-must-not-get-in")
                : met.stream().map(Allergen::word).collect(Collectors.joining(", "));
    }

    /** Things that do not come clean and touch this food, and whether anything else touches them. */
    private void own() {
        Set<String> mine = new TreeSet<>();
        tasks.stream()
                .filter(this::isMine)
                .flatMap(t -> t.tools().stream())
                .filter(h -> !h.washesClean())
                .forEach(h -> mine.add(h.item()));
        if (mine.isEmpty()) {
            return;
        }
        Set<String> shared = tasks.stream()
                .filter(t -> meets(t.handles()))
                .flatMap(t -> t.tools().stream())
                .map(MealTask.Held::item)
                .filter(mine::contains)
                .collect(Collectors.toCollection(TreeSet::new));
        mine.removeAll(shared);
        if (!mine.isEmpty()) {
            say(null, "tools", Messages.say("meal.only-for-this-food-because-washing", String.join(", ", mine)));
        }
        if (!shared.isEmpty()) {
            say(null, "tools", Messages.say("meal.for-this-food-first-for-the", String.join(", ", shared)));
        }
    }

    private void night() {
        LocalDateTime last = tasks.stream()
                .filter(t -> isMine(t) && t.surface() != null)
                .map(MealTask::to)
                .max(LocalDateTime::compareTo)
                .orElse(null);
        LocalDateTime in = bakes().stream()
                .map(MealTask::from)
                .min(LocalDateTime::compareTo)
                .orElse(null);
        if (last != null && in != null && last.plusMinutes(A_NIGHT).isBefore(in)) {
            say(last, "fridge", Messages.say("meal.covered-with-a-lid-or-foil"));
        }
    }

    private List<MealTask> bakes() {
        return tasks.stream().filter(t -> isMine(t) && t.oven() != null).toList();
    }

    private void oven() {
        for (MealTask bake : bakes()) {
            List<String> beside = tasks.stream()
                    .filter(t -> t.oven() != null
                            && !isMine(t)
                            && t.oven().oven()
                                    == Objects.requireNonNull(bake.oven()).oven())
                    .filter(t -> t.from().isBefore(bake.to()) && bake.from().isBefore(t.to()))
                    .filter(t -> meets(t.handles()))
                    .map(t -> courses.name(t.dishes().getFirst()))
                    .distinct()
                    .toList();
            boolean covered = Objects.requireNonNull(bake.oven()).covered();
            say(
                    bake.from(),
                    "oven",
                    beside.isEmpty()
                            ? Messages.say("meal.in-the-oven-with-nothing-beside", covered)
                            : Messages.say(
                                    "meal.in-the-oven-on-shelf-from",
                                    covered,
                                    bake.oven().shelf() + 1,
                                    Lists.and(beside)));
        }
    }

    private void table(MealPlan.Serving serving) {
        say(
                serving.onTable(),
                "table",
                Objects.equals(serving.order(), 1)
                        ? Messages.say("meal.on-the-table-and-served-before")
                        : Messages.say("meal.on-the-table-with-a-spoon"));
    }
}
