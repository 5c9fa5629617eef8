package nabe.meal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiPredicate;
import nabe.bake.Phase;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.measure.Dial;
import nabe.plan.Plan;
import nabe.prep.PrepStep;
import nabe.prep.PrepStep.When;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Takes the plans of several dishes apart into tasks. */
final class Drafts {
    private static final int DOOR = Figures.whole("meal.oven-door");

    private static final int TABLE = Figures.whole("meal.to-table");
    private static final int LAYER = Figures.whole("meal.laying-a-layer");
    private static final int MOST_BUILDING = Figures.whole("meal.most-building");
    private static final int LONG_WAIT = Figures.whole("meal.long-wait");

    private static final double SAME_HEAT = 2.6;
    /** Stands in the words of an oven task until the dial is settled. */
    private static final String HEAT = "{heat}";

    private final Gear gear;
    private final Set<String> done;
    private final List<Draft> all = new ArrayList<>();

    /** @param done ids of what was begun: it is gathered as it was then */
    Drafts(Gear gear, Set<String> done) {
        this.gear = gear;
        this.done = done;
    }

    /** @param guards of each dish */
    List<Draft> of(Courses courses, List<Set<Allergen>> guards) {
        for (int i = 0; i < courses.size(); i++) {
            if (courses.isOn(i)) {
                new Dish(i, courses, guards.get(i)).take();
            }
        }
        BiPredicate<Integer, Integer> meet =
                (a, b) -> !endangers(courses, a, guards.get(b)) && !endangers(courses, b, guards.get(a));
        return Gathering.of(new Batches(courses, done, meet).gathered(oneDial()), done, meet);
    }

    private static boolean endangers(Courses courses, int dish, Set<Allergen> guards) {
        return courses.allergens(dish).stream().anyMatch(guards::contains);
    }

    /** 375 °F and 190 °C are one place on the dial: dishes that near each other bake at the first one's heat. */
    private List<Draft> oneDial() {
        List<Draft.OvenUse> dials = new ArrayList<>();
        List<Draft> same = new ArrayList<>();
        for (Draft d : all) {
            Draft.OvenUse own = d.oven();
            Draft.OvenUse near = own == null
                    ? null
                    : dials.stream()
                            .filter(o -> o.oven() == own.oven() && Math.abs(o.celsius() - own.celsius()) < SAME_HEAT)
                            .findFirst()
                            .orElse(own);
            if (near == own && own != null) {
                dials.add(own);
            }
            same.add(near == null || near == own ? d : d.at(near.celsius()));
        }
        return same.stream()
                .map(d -> d.oven() == null
                        ? d
                        : d.saying(d.words().replace(HEAT, Dial.words(d.oven().celsius()))))
                .toList();
    }

    /** One dish on its way. */
    private final class Dish {
        private final int index;
        private final Plan plan;
        private final Set<Allergen> guards;
        private final int oven;
        private final Map<String, Set<Allergen>> holds = new HashMap<>();
        private final Map<String, String> lastOf = new LinkedHashMap<>();
        /** By a step's id; without what is got ready, for which only the first step of a pot waits. */
        private final Map<String, String> taskOf = new HashMap<>();

        private final Set<Allergen> whole;

        private final String title;
        private final boolean alwaysCovered;

        Dish(int index, Courses courses, Set<Allergen> guards) {
            this.index = index;
            this.plan = courses.plan(index);
            this.guards = guards;
            this.oven = courses.ovens().get(index);
            this.whole = courses.allergens(index);
            this.title = courses.name(index);
            this.alwaysCovered = courses.meal().dishes().get(index).covered();
        }

        private String id(String own) {
            return "d" + index + "-" + own;
        }

        void take() {
            List<PrepStep> before = steps(When.BEFORE);
            List<PrepStep> built = steps(When.BUILT);
            int wait = built.stream().mapToInt(PrepStep::passiveMinutes).max().orElse(0);
            int days = wait > LONG_WAIT ? 1 : 0;
            for (PrepStep step : before) {
                prep(step, Math.max(days, days(step, before)), afterOf(step), Draft.Stage.PREP);
            }
            String last = id("build");
            add(DraftBuilder.builder()
                    .id(last)
                    .dishes(List.of(index))
                    .words(Messages.say("meal.build-the-dish", title))
                    .action("build")
                    .stage(Draft.Stage.BUILD)
                    .active(Math.min(
                            MOST_BUILDING, 4 + LAYER * plan.build().layers().size()))
                    .tools(Set.of())
                    .daysAhead(days)
                    .handles(whole)
                    .guards(guards)
                    .after(new LinkedHashSet<>(lastOf.values()))
                    .build());
            for (PrepStep step : built) {
                last = prep(step, days, Set.of(last), Draft.Stage.BUILD);
            }
            bake(last);
        }

        private List<PrepStep> steps(When when) {
            return plan.prep().steps().stream().filter(s -> s.when() == when).toList();
        }

        /** A pot keeps as long as what it becomes keeps. */
        private int days(PrepStep step, List<PrepStep> before) {
            return before.stream()
                    .filter(s -> step.component() != null && step.component().equals(s.component()) || s == step)
                    .mapToInt(PrepStep::daysAhead)
                    .max()
                    .orElse(0);
        }

        private Set<String> afterOf(PrepStep step) {
            Set<String> after = new LinkedHashSet<>();
            if (step.component() != null && lastOf.containsKey(step.component())) {
                after.add(lastOf.get(step.component()));
            } else {
                steps(When.BEFORE).stream()
                        .filter(ready -> isGettingReady(ready) && step.needs().contains(ready.id()))
                        .forEach(ready -> after.add(id(ready.id())));
            }
            step.uses().stream()
                    .map(PrepStep.Used::component)
                    .filter(lastOf::containsKey)
                    .forEach(c -> after.add(lastOf.get(c)));
            step.needs().stream().filter(taskOf::containsKey).forEach(s -> after.add(taskOf.get(s)));
            return after;
        }

        private static boolean isGettingReady(PrepStep step) {
            return step.component() == null && !step.own();
        }

        private String prep(PrepStep step, int days, Set<String> after, Draft.Stage stage) {
            String id = id(step.id());
            Set<String> tools = gear.neededFor(step.doing().actions(), step.tool());
            boolean hot = step.heat() != null && step.doing().ovenCelsius() == null
                    || tools.contains("saucepan")
                    || tools.contains("frying-pan");
            boolean burner = hot && step.passiveMinutes() < PrepStep.LEAST_NIGHT;
            Set<Allergen> handles = handles(step);
            int roasts = step.doing().ovenCelsius() == null
                    ? 0
                    : Math.max(DOOR, step.doing().ovenMinutes());
            add(DraftBuilder.builder()
                    .id(id)
                    .dishes(List.of(index))
                    .component(step.component())
                    .words(step.text())
                    .action(step.doing().actions().stream().sorted().findFirst().orElse("prep"))
                    .stage(stage)
                    .active(Math.max(1, step.activeMinutes()))
                    .passive(Math.max(0, step.passiveMinutes() - roasts))
                    .tools(tools)
                    .burner(burner)
                    .daysAhead(days)
                    .handles(handles)
                    .guards(guards)
                    .after(after)
                    .flour(isFloury(step))
                    .cuts(step.doing().cuts())
                    .build());
            if (roasts > 0) {
                id = roasted(step, roasts, id, days, handles, stage);
            }
            lastOf.put(step.component() == null ? step.id() : step.component(), id);
            if (!isGettingReady(step)) {
                taskOf.put(step.id(), id);
            }
            return id;
        }

        /** What is in the food it touches; of work of Nabe's own that names nothing, all of the dish. */
        private Set<Allergen> handles(PrepStep step) {
            if (isGettingReady(step)) {
                return cut();
            }
            if (step.component() != null) {
                return held(step.component());
            }
            return whole;
        }

        /** The part of a step that is in the oven before the dish is. */
        private String roasted(
                PrepStep step, int minutes, String before, int days, Set<Allergen> handles, Draft.Stage stage) {
            String id = before + "-oven";
            add(DraftBuilder.builder()
                    .id(id)
                    .dishes(List.of(index))
                    .component(step.component())
                    .words(Messages.say(
                            "meal.into-the-oven-min",
                            step.item(),
                            HEAT,
                            minutes,
                            step.sign() == null ? "." : ": " + step.sign() + "."))
                    .action("roast")
                    .stage(stage)
                    .active(DOOR)
                    .passive(minutes - DOOR)
                    .tools(gear.neededFor(Set.of("roast"), null))
                    .oven(new Draft.OvenUse(
                            oven, Objects.requireNonNull(step.doing().ovenCelsius()), false))
                    .daysAhead(days)
                    .handles(handles)
                    .guards(guards)
                    .after(Set.of(before))
                    .build());
            return id;
        }

        /** What getting ready touches: all that is cut, so whatever the list has cut. */
        private Set<Allergen> cut() {
            Set<Allergen> found = EnumSet.noneOf(Allergen.class);
            plan.conversion().lines().stream()
                    .filter(l -> l.ingredient() != null)
                    .filter(l -> plan.recipe().lines().get(l.source()).preparation() != null)
                    .forEach(l -> found.addAll(l.food().allergens()));
            return found;
        }

        private boolean isFloury(PrepStep step) {
            return step.uses().stream()
                    .flatMap(u -> plan.conversion().lines().stream()
                            .filter(l -> l.item().equals(u.item())))
                    .map(l -> l.ingredient())
                    .anyMatch(Dish::isLooseFlour);
        }

        private static boolean isLooseFlour(@Nullable Ingredient food) {
            return food != null
                    && food.role().startsWith("flour")
                    && food.allergens().stream().anyMatch(Allergen.GLUTEN::contains);
        }

        /** Everything in a pot and in the pots that go into it. */
        private Set<Allergen> held(String component) {
            Set<Allergen> known = holds.get(component);
            if (known != null) {
                return known;
            }
            Set<Allergen> found = EnumSet.noneOf(Allergen.class);
            holds.put(component, found);
            for (Pot pot : plan.conversion().procedure().components()) {
                for (Constituent of : pot.id().equals(component) ? pot.of() : List.<Constituent>of()) {
                    if (of.component() != null) {
                        found.addAll(held(of.component()));
                    }
                    found.addAll(allergensOf(of));
                }
            }
            return found;
        }

        private Set<Allergen> allergensOf(Constituent of) {
            Set<Allergen> found = EnumSet.noneOf(Allergen.class);
            if (of.line() != null && of.line().ingredient() != null) {
                found.addAll(of.line().ingredient().allergens());
            }
            plan.ingredients().stream()
                    .filter(i -> i.ingredient() != null && i.ingredient().equals(of.ingredient()))
                    .forEach(i -> found.addAll(i.allergens()));
            return found;
        }

        private void bake(String built) {
            Set<String> after = Set.of(built);
            String first = null;
            int n = 0;
            for (Phase phase : plan.bake().phases()) {
                boolean rest = phase.celsius() == null;
                n++;
                String id = id(rest ? "rest" : "bake" + n);
                int hands = Math.min(DOOR, Math.max(1, phase.minutes()));
                add(DraftBuilder.builder()
                        .id(id)
                        .dishes(List.of(index))
                        .words(words(phase, first == null))
                        .action(rest ? "rest" : phase.kind())
                        .stage(rest ? Draft.Stage.REST : Draft.Stage.BAKE)
                        .active(hands)
                        .passive(Math.max(0, phase.minutes() - hands))
                        .tools(Set.of())
                        .oven(
                                rest
                                        ? null
                                        : new Draft.OvenUse(
                                                oven,
                                                Objects.requireNonNull(phase.celsius()),
                                                phase.covered() || alwaysCovered))
                        .handles(rest ? Set.of() : whole)
                        .guards(rest ? Set.of() : guards)
                        .after(after)
                        .build());
                first = first == null ? id : first;
                after = Set.of(id);
            }
            Set<String> last = new TreeSet<>(after);
            for (PrepStep step : steps(When.WHILE_BAKING)) {
                last.add(prep(step, 0, first == null ? Set.of(built) : Set.of(first), Draft.Stage.REST));
            }
            for (PrepStep step : steps(When.TO_SERVE)) {
                last.add(prep(step, 0, new HashSet<>(after), Draft.Stage.REST));
            }
            add(DraftBuilder.builder()
                    .id(id("serve"))
                    .dishes(List.of(index))
                    .words(Messages.say("meal.bring-it-to-the-table", title))
                    .action("serve")
                    .stage(Draft.Stage.SERVE)
                    .active(TABLE)
                    .tools(Set.of())
                    .handles(Set.of())
                    .guards(Set.of())
                    .after(last)
                    .build());
        }

        private String words(Phase phase, boolean first) {
            String adds = phase.adds().isEmpty()
                    ? ""
                    : Messages.say(
                            "meal.now-on", String.join(", ", phase.adds()).toLowerCase(java.util.Locale.ROOT));
            String stir = phase.stir() ? Messages.say("meal.stir-once") : "";
            if (phase.celsius() == null) {
                return Messages.say("meal.out-of-the-oven-let-it", title, phase.minutes());
            }
            String how = phase.kind().equals("grill") ? "grill" : phase.covered() || alwaysCovered ? "covered" : "open";
            return Messages.say("meal.bakes-in-the-oven", title, first, how, HEAT, phase.minutes(), adds, stir);
        }

        private void add(Draft draft) {
            all.add(draft);
        }
    }
}
