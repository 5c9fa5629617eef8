package nabe.meal;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.measure.KitchenText;
import nabe.prep.MadeWords;
import nabe.recipe.Procedure.Kind;
import nabe.swap.MadeComponent;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.words.Lists;
import nabe.words.Messages;

/** One batch for several dishes: the same home-made thing, the same white sauce. */
final class Batches {
    private static final double SAME_SAUCE = Figures.of("meal.same-sauce");
    private static final double MORE_WORK = Figures.of("meal.batch-work");

    private final Courses courses;
    private final Set<String> done;
    private final BiPredicate<Integer, Integer> meet;

    /**
     * @param done ids of what was begun: what was made alone stays so
     * @param meet whether what is in one dish may get into the other
     */
    Batches(Courses courses, Set<String> done, BiPredicate<Integer, Integer> meet) {
        this.courses = courses;
        this.done = done;
        this.meet = meet;
    }

    private record Place(int dish, Pot pot) {}

    List<Draft> gathered(List<Draft> all) {
        List<Draft> now = all;
        for (List<Place> same : groups(all)) {
            now = joined(now, same);
        }
        return now;
    }

    private List<List<Place>> groups(List<Draft> all) {
        List<List<Place>> groups = new ArrayList<>();
        for (int dish = 0; dish < courses.size(); dish++) {
            for (Pot pot : courses.isOn(dish)
                    ? courses.plan(dish).conversion().procedure().components()
                    : List.<Pot>of()) {
                Place place = new Place(dish, pot);
                if (isAlone(pot) && !tasks(all, place).isEmpty()) {
                    groups.stream()
                            .filter(g -> g.stream().allMatch(p -> mayJoin(all, p, place)))
                            .findFirst()
                            .ifPresentOrElse(g -> g.add(place), () -> groups.add(new ArrayList<>(List.of(place))));
                }
            }
        }
        return groups.stream().filter(g -> g.size() > 1).toList();
    }

    /** Nothing of its dish's other pots goes into it. */
    private static boolean isAlone(Pot pot) {
        return pot.of().stream().allMatch(c -> c.component() == null)
                && (pot.made() != null || pot.kind() == Kind.WHITE_SAUCE);
    }

    private boolean mayJoin(List<Draft> all, Place first, Place second) {
        return first.dish != second.dish
                && meet.test(first.dish, second.dish)
                && isSame(first.pot, second.pot)
                && tasks(all, second).stream().noneMatch(d -> done.contains(d.id()));
    }

    private static boolean isSame(Pot a, Pot b) {
        if (a.made() != null || b.made() != null) {
            return a.made() != null
                    && b.made() != null
                    && a.made().component().equals(b.made().component());
        }
        Map<String, Double> one = shares(a);
        Map<String, Double> two = shares(b);
        return !one.isEmpty()
                && one.keySet().equals(two.keySet())
                && one.keySet().stream()
                        .allMatch(k -> Math.abs(Objects.requireNonNull(one.get(k)) - Objects.requireNonNull(two.get(k)))
                                < SAME_SAUCE);
    }

    /** Of each ingredient, its share of the weight; what has no weight does not tell sauces apart. */
    private static Map<String, Double> shares(Pot pot) {
        Map<String, Double> grams = new TreeMap<>();
        for (Constituent of : pot.of()) {
            if (of.grams() != null && of.ingredient() != null) {
                grams.merge(of.ingredient(), of.grams(), Double::sum);
            }
        }
        double whole = grams.values().stream().mapToDouble(g -> g).sum();
        grams.replaceAll((k, g) -> g / whole);
        return grams;
    }

    private static List<Draft> tasks(List<Draft> all, Place place) {
        return all.stream()
                .filter(d ->
                        d.dishes().equals(List.of(place.dish)) && place.pot.id().equals(d.component()))
                .toList();
    }

    /** The first dish's work is done for all; what waited for another's waits for it. */
    private List<Draft> joined(List<Draft> all, List<Place> same) {
        List<Draft> kept = tasks(all, same.getFirst());
        Map<String, String> instead = new HashMap<>();
        Set<String> before = new LinkedHashSet<>();
        Set<Allergen> handles = EnumSet.noneOf(Allergen.class);
        Set<Allergen> guards = EnumSet.noneOf(Allergen.class);
        for (Place place : same) {
            for (Draft d : tasks(all, place)) {
                handles.addAll(d.handles());
                guards.addAll(d.guards());
                if (place != same.getFirst()) {
                    instead.put(d.id(), kept.getLast().id());
                    before.addAll(d.after());
                }
            }
        }
        before.removeAll(instead.keySet());
        List<Integer> dishes = same.stream().map(Place::dish).toList();
        List<Draft> out = new ArrayList<>();
        for (Draft d : all) {
            if (instead.containsKey(d.id())) {
                continue;
            }
            Set<String> after = d.after().stream()
                    .map(id -> instead.getOrDefault(id, id))
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            if (!kept.contains(d)) {
                out.add(d.after(after));
                continue;
            }
            boolean first = d == kept.getFirst();
            after.addAll(first ? before : Set.of());
            out.add(d.forAll(dishes, first ? words(same, d.words()) : d.words(), MORE_WORK, handles, guards, after));
        }
        return List.copyOf(out);
    }

    private String words(List<Place> same, String one) {
        Map<String, Double> grams = new LinkedHashMap<>();
        same.stream()
                .flatMap(p -> p.pot.of().stream())
                .filter(c -> c.grams() != null && c.item() != null)
                .forEach(c -> grams.merge(c.item(), c.grams(), Double::sum));
        String names = Lists.and(same.stream().map(p -> courses.name(p.dish)).toList());
        String amounts = grams.entrySet().stream()
                .map(e -> KitchenText.grams(e.getValue()) + " " + e.getKey())
                .collect(Collectors.joining(", "));
        double made = same.stream()
                .mapToDouble(p -> p.pot.made() == null ? 0 : p.pot.made().grams())
                .sum();
        MadeComponent first = same.getFirst().pot.made();
        String all = first == null ? one : MadeWords.of(first, made);
        return Messages.say("meal.one-batch-for", names, amounts, amounts.isEmpty(), all);
    }
}
