package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Allergen;
import nabe.needs.Needs;
import nabe.plan.Brief;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Small kitchens, searched whole: every order of up to nine tasks with every place for up to two washings, timed as early as
 * can be and judged by {@link KeepingApart}. No order is less late, or as little late with less washing, than the clock's.
 */
class EverySearchTest {
    private static final LocalDateTime SERVE = LocalDateTime.of(2026, 11, 27, 19, 30);
    private static final int MOST_WASHES = 2;
    private static final int ON_TABLE = 10;
    private static final List<Allergen> SOME = List.of(Allergen.WHEAT, Allergen.MILK, Allergen.ALMOND);

    static IntStream seeds() {
        return IntStream.rangeClosed(1, 30);
    }

    /** A kitchen with one cook and one of each tool, and little time. */
    private static Meal meal(int dishes, int minutes) {
        Brief brief = Brief.of(Brief.RecipeBrief.ofText("Bake\n\n100 g rice\n\nBake it."), Needs.none());
        List<Meal.Course> courses = new ArrayList<>();
        for (int i = 0; i < dishes; i++) {
            courses.add(Meal.Course.of(brief, null));
        }
        return new Meal(
                "Small",
                SERVE,
                List.of(new Meal.Eater("Una", Needs.none())),
                courses,
                new Meal.Kitchen(
                        1,
                        4,
                        List.of(new Meal.Oven(3, false)),
                        List.of(
                                new Meal.Owned("knife", 1, "metal", null),
                                new Meal.Owned("wooden spoon", 1, "wood", null),
                                new Meal.Owned("bowl", 1, "glass", null)),
                        List.of(new Meal.Sitting(SERVE.minusMinutes(minutes), SERVE))),
                List.of(),
                null,
                null);
    }

    private static Draft draft(
            int dish, int n, Draft.Stage stage, int active, int passive, Set<String> tools, Food food, String after) {
        return DraftBuilder.builder()
                .id("d" + dish + "-" + n)
                .dishes(List.of(dish))
                .words("work")
                .action(stage == Draft.Stage.SERVE ? "serve" : "work")
                .stage(stage)
                .active(active)
                .passive(passive)
                .tools(tools)
                .handles(stage == Draft.Stage.SERVE ? Set.of() : food.handles)
                .guards(stage == Draft.Stage.SERVE ? Set.of() : food.guards)
                .after(after == null ? Set.of() : Set.of(after))
                .build();
    }

    private record Food(Set<Allergen> handles, Set<Allergen> guards) {
        static Food any(Random random) {
            Set<Allergen> handles = EnumSet.noneOf(Allergen.class);
            Set<Allergen> guards = EnumSet.noneOf(Allergen.class);
            for (Allergen allergen : SOME) {
                int kind = random.nextInt(3);
                if (kind == 0) {
                    handles.add(allergen);
                } else if (kind == 1) {
                    guards.add(allergen);
                }
            }
            return new Food(handles, guards);
        }
    }

    private static List<List<Draft>> chains(Random random, int dishes, int steps, List<Food> foods) {
        List<List<Draft>> all = new ArrayList<>();
        List<Set<String>> tools = List.of(Set.of(), Set.of("knife"), Set.of("wooden-spoon"), Set.of("bowl"));
        for (int dish = 0; dish < dishes; dish++) {
            List<Draft> chain = new ArrayList<>();
            for (int n = 0; n < steps; n++) {
                boolean last = n == steps - 1;
                chain.add(draft(
                        dish,
                        n,
                        last ? Draft.Stage.SERVE : n == steps - 2 ? Draft.Stage.BUILD : Draft.Stage.PREP,
                        last ? 2 : 1 + random.nextInt(6),
                        last ? 0 : random.nextInt(5),
                        last ? Set.of() : tools.get(random.nextInt(tools.size())),
                        foods.get(dish),
                        n == 0 ? null : "d" + dish + "-" + (n - 1)));
            }
            all.add(chain);
        }
        return all;
    }

    /** Lateness first, then washings. */
    private record Cost(int late, int washes) implements Comparable<Cost> {
        @Override
        public int compareTo(Cost other) {
            return late != other.late ? Integer.compare(late, other.late) : Integer.compare(washes, other.washes);
        }

        boolean isBetterThan(Cost other) {
            return other == null || late < other.late || late == other.late && washes < other.washes;
        }
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("seeds")
    void noOrderIsBetterThanTheClocks(int seed) {
        Random random = new Random(seed);
        boolean three = seed % 2 == 0;
        int dishes = three ? 3 : 2;
        Meal meal = meal(dishes, 20 + random.nextInt(15));
        List<Food> foods = new ArrayList<>();
        for (int i = 0; i < dishes; i++) {
            foods.add(Food.any(random));
        }
        List<List<Draft>> chains = chains(random, dishes, three ? 3 : 4, foods);
        List<Draft> drafts = chains.stream().flatMap(List::stream).toList();
        Items items = new Items(
                new Gear(),
                meal,
                foods.stream().map(Food::handles).toList(),
                foods.stream().map(Food::guards).toList());
        items.deal(drafts);
        Timetable timetable = new Timetable(meal, meal.kitchen());
        Map<String, long[]> windows = new HashMap<>();
        drafts.forEach(d -> windows.put(d.id(), timetable.window(d)));
        Problem problem = ProblemBuilder.builder()
                .drafts(drafts)
                .windows(windows)
                .fixed(Map.of())
                .order(List.of())
                .apart(true)
                .washed(List.of())
                .washes(MOST_WASHES)
                .items(items)
                .kitchen(meal.kitchen())
                .timetable(timetable)
                .build();

        Cost best = new Every(chains, items, meal, timetable).best();
        Found found = Clock.solve(problem).orElse(null);

        if (best == null) {
            assertThat(found).as("none can be").isNull();
        } else {
            assertThat(found).isNotNull();
            assertThat(found.proven()).isTrue();
            List<MealTask> tasks = Timeline.of(drafts, found, meal.kitchen(), items, timetable);
            assertThat(KeepingApart.breaches(tasks, meal.kitchen().ovens())).isEmpty();
            assertThat(new Cost(found.late(), found.washes().size())).isEqualTo(best);
        }
    }

    /** A task as the search sees it, by numbers: millions of orders are timed. */
    private record Job(Draft draft, int number, int before, int[] tools, boolean[] heldThrough) {
        boolean serves() {
            return draft.stage() == Draft.Stage.SERVE;
        }
    }

    /** All orders of all chains, with washings at all places. */
    private static final class Every {
        private final List<Draft> drafts;
        private final List<List<Job>> chains;
        private final boolean[] strict;
        private final List<String> tools;
        private final Items items;
        private final Meal meal;
        private final Timetable timetable;
        private final int serve;
        private final Job[] order;
        private final int[] starts;
        private final int[] toolFree;
        private final int[] washed = new int[MOST_WASHES];
        private int unserved;
        private Cost best;

        Every(List<List<Draft>> chains, Items items, Meal meal, Timetable timetable) {
            this.items = items;
            this.meal = meal;
            this.timetable = timetable;
            serve = timetable.serve();
            drafts = chains.stream().flatMap(List::stream).toList();
            tools = drafts.stream().flatMap(d -> d.tools().stream()).distinct().toList();
            List<String> ids = drafts.stream().map(Draft::id).toList();
            this.chains = chains.stream()
                    .map(chain -> chain.stream().map(d -> job(d, ids)).toList())
                    .toList();
            strict = new boolean[chains.size()];
            for (int c = 0; c < strict.length; c++) {
                strict[c] = !chains.get(c).getFirst().guards().isEmpty();
                unserved += strict[c] ? 1 : 0;
            }
            order = new Job[drafts.size() + MOST_WASHES];
            starts = new int[drafts.size()];
            toolFree = new int[tools.size()];
        }

        private Job job(Draft draft, List<String> ids) {
            List<String> own = List.copyOf(draft.tools());
            boolean[] heldThrough = new boolean[own.size()];
            for (int t = 0; t < heldThrough.length; t++) {
                heldThrough[t] = items.holdsFood(own.get(t));
            }
            int before = draft.after().stream().mapToInt(ids::indexOf).findAny().orElse(-1);
            int[] numbers = own.stream().mapToInt(tools::indexOf).toArray();
            return new Job(draft, ids.indexOf(draft.id()), before, numbers, heldThrough);
        }

        Cost best() {
            next(0, new int[chains.size()], 0);
            return best;
        }

        /** A washing stands in the order as null. Strict food is served first. */
        private void next(int length, int[] taken, int washes) {
            boolean all = true;
            for (int c = 0; c < strict.length; c++) {
                if (taken[c] < chains.get(c).size()) {
                    all = false;
                    Job job = chains.get(c).get(taken[c]);
                    if (job.serves() && !strict[c] && unserved > 0) {
                        continue;
                    }
                    int served = job.serves() && strict[c] ? 1 : 0;
                    order[length] = job;
                    taken[c]++;
                    unserved -= served;
                    next(length + 1, taken, washes);
                    unserved += served;
                    taken[c]--;
                }
            }
            if (all) {
                judge(length, washes, false);
                judge(length, washes, true);
            } else if (washes < MOST_WASHES && length > 0 && order[length - 1] != null) {
                order[length] = null;
                next(length + 1, taken, washes + 1);
            }
        }

        /** @param waits whether washing up waits until nothing stands in a bowl any more */
        private void judge(int length, int washes, boolean waits) {
            for (int late = 0; late <= 200 && (best == null || late <= best.late); late++) {
                if (inTime(length, late, waits)) {
                    Cost cost = new Cost(late, washes);
                    if (cost.isBetterThan(best) && isApart(washes)) {
                        best = cost;
                    }
                    return;
                }
            }
        }

        /** Everything as early as it can be; nothing served more than ten minutes before the rest is due. */
        private boolean inTime(int length, int late, boolean waits) {
            Arrays.fill(toolFree, 0);
            int hands = 0;
            int washes = 0;
            for (int i = 0; i < length; i++) {
                Job job = order[i];
                if (job == null) {
                    for (int t = 0; waits && t < toolFree.length; t++) {
                        hands = Math.max(hands, toolFree[t]);
                    }
                    washed[washes++] = hands;
                    hands += Clock.WASH_MINUTES;
                    continue;
                }
                int minutes = job.draft.minutes();
                int start = hands;
                if (job.before >= 0) {
                    Draft before = drafts.get(job.before);
                    start = Math.max(start, starts[job.before] + before.minutes());
                }
                for (int tool : job.tools) {
                    start = Math.max(start, toolFree[tool]);
                }
                if (job.serves()) {
                    start = Math.max(start, serve + late - ON_TABLE - minutes);
                    if (start + minutes > serve + late) {
                        return false;
                    }
                }
                starts[job.number] = start;
                hands = start + job.draft.active();
                for (int t = 0; t < job.tools.length; t++) {
                    toolFree[job.tools[t]] = job.heldThrough[t] ? start + minutes : hands;
                }
            }
            return true;
        }

        private boolean isApart(int washes) {
            Map<String, Integer> begun = new HashMap<>();
            for (int i = 0; i < starts.length; i++) {
                begun.put(drafts.get(i).id(), starts[i]);
            }
            List<Integer> washings = Arrays.stream(washed, 0, washes).boxed().toList();
            Found found = new Found(begun, Map.of(), washings, 0, true, 0, 0);
            List<MealTask> tasks = Timeline.of(drafts, found, meal.kitchen(), items, timetable);
            return KeepingApart.breaches(tasks, meal.kitchen().ovens()).isEmpty();
        }
    }
}
