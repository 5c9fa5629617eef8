package nabe.meal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Allergen;
import nabe.meal.MealTask.Held;
import nabe.words.Messages;

/**
 * Which spoon is for which food. Dishes that endanger each other get tools of their own as far as there are enough; where
 * there are not, one is shared, and then order or washing keeps them apart.
 */
final class Items {
    private final Gear gear;
    private final Meal meal;
    private final List<Set<Allergen>> handles;
    private final int[] groupOf;
    private final boolean[] guarded;
    private final Map<String, List<Held>> pools = new HashMap<>();
    /** What things that are kept for somebody must never touch. */
    private final Map<String, Set<Allergen>> kept = new HashMap<>();

    private final List<MealPlan.Missing> missing = new ArrayList<>();

    /** @param handles what each dish has in it, {@code guards} what must not get into it */
    Items(Gear gear, Meal meal, List<Set<Allergen>> handles, List<Set<Allergen>> guards) {
        this.gear = gear;
        this.meal = meal;
        this.handles = handles;
        this.groupOf = groups(handles, guards);
        this.guarded = new boolean[guards.size()];
        for (int i = 0; i < guards.size(); i++) {
            guarded[i] = !guards.get(i).isEmpty();
        }
    }

    private static int[] groups(List<Set<Allergen>> handles, List<Set<Allergen>> guards) {
        int[] group = new int[handles.size()];
        for (int i = 0; i < group.length; i++) {
            int free = 0;
            for (int j = 0; j < i; j++) {
                boolean conflict = meets(handles.get(i), guards.get(j)) || meets(handles.get(j), guards.get(i));
                if (conflict && group[j] == free) {
                    free++;
                    j = -1;
                }
            }
            group[i] = free;
        }
        return group;
    }

    private static boolean meets(Set<Allergen> handles, Set<Allergen> guards) {
        return handles.stream().anyMatch(guards::contains);
    }

    /** Deals out every kind that these tasks take. */
    void deal(List<Draft> drafts) {
        Map<String, Set<Integer>> wanted = new LinkedHashMap<>();
        drafts.forEach(d -> d.tools()
                .forEach(kind ->
                        wanted.computeIfAbsent(kind, k -> new TreeSet<>()).add(groupOf[d.dish()])));
        wanted.forEach(this::deal);
    }

    private void deal(String kind, Set<Integer> groups) {
        List<Held> all = things(gear.kind(kind));
        List<Held> keptOnes =
                all.stream().filter(h -> kept.containsKey(h.item())).toList();
        List<Held> common = new ArrayList<>(all);
        common.removeAll(keptOnes);
        List<Integer> strictFirst = groups.stream()
                .sorted(Comparator.comparing((Integer g) -> !isStrict(g)))
                .toList();
        if (common.isEmpty()
                && strictFirst.stream().anyMatch(g -> keptFor(g, keptOnes).isEmpty())) {
            Gear.Kind of = gear.kind(kind);
            common.add(new Held(
                    kind,
                    Messages.say("meal.to-borrow", of.names().getFirst()),
                    of.material(),
                    gear.washesClean(of, of.material())));
            missing.add(new MealPlan.Missing(
                    Messages.say("meal.there-is-no-for-this", of.names().getFirst()),
                    Messages.say("meal.borrow-or-buy-one")));
        }
        int next = 0;
        boolean enough = common.size() >= groups.size();
        List<List<Held>> shares = new ArrayList<>();
        for (int g = 0; g < strictFirst.size(); g++) {
            shares.add(new ArrayList<>());
        }
        for (Held held : common) {
            shares.get(next % shares.size()).add(held);
            next++;
        }
        for (int i = 0; i < strictFirst.size(); i++) {
            int group = strictFirst.get(i);
            List<Held> own = new ArrayList<>(keptFor(group, keptOnes));
            own.addAll(enough ? shares.get(i) : own.isEmpty() ? common : List.of());
            pools.put(key(kind, group), List.copyOf(own));
        }
    }

    /** @return those that may be taken for these dishes: strict food with nothing in it that the thing must never touch */
    private List<Held> keptFor(int group, List<Held> keptOnes) {
        return !isStrict(group)
                ? List.of()
                : keptOnes.stream().filter(h -> suits(h, group)).toList();
    }

    private boolean suits(Held thing, int group) {
        for (int i = 0; i < groupOf.length; i++) {
            if (groupOf[i] == group && meets(handles.get(i), Objects.requireNonNull(kept.get(thing.item())))) {
                return false;
            }
        }
        return true;
    }

    private boolean isStrict(int group) {
        for (int i = 0; i < groupOf.length; i++) {
            if (groupOf[i] == group && guarded[i]) {
                return true;
            }
        }
        return false;
    }

    private List<Held> things(Gear.Kind kind) {
        List<Held> all = new ArrayList<>();
        boolean said = false;
        for (Meal.Owned own : meal.kitchen().tools()) {
            if (gear.named(own.tool()).filter(kind::equals).isEmpty()) {
                continue;
            }
            said = true;
            String material = gear.material(own.material(), kind);
            for (int i = 0; i < own.count(); i++) {
                boolean forSome = own.keptFor() != null && !own.keptFor().isBlank();
                String name = kind.names().getFirst() + " " + (all.size() + 1)
                        + (forSome ? Messages.say("meal.kept-for", Objects.requireNonNull(own.keptFor())) : "");
                all.add(new Held(kind.id(), name, material, gear.washesClean(kind, material)));
                if (forSome) {
                    kept.put(name, KeptFor.never(Objects.requireNonNull(own.keptFor()), meal));
                }
            }
        }
        for (int i = 0; i < kind.count() && !said; i++) {
            all.add(new Held(
                    kind.id(),
                    kind.names().getFirst() + " " + (i + 1),
                    kind.material(),
                    gear.washesClean(kind, kind.material())));
        }
        return all;
    }

    private static String key(String kind, int group) {
        return kind + "/" + group;
    }

    /** @return the things a task may take of this kind, any one of them */
    List<Held> pool(String kind, Draft draft) {
        return Objects.requireNonNull(pools.get(key(kind, groupOf[draft.dish()])));
    }

    /** Puts one more of a kind there for these dishes alone: what is lacking is said. */
    void lend(String kind, Draft strict) {
        Gear.Kind of = gear.kind(kind);
        String name = Messages.say("meal.of-its-own", of.names().getFirst());
        pools.put(
                key(kind, groupOf[strict.dish()]),
                List.of(new Held(kind, name, of.material(), gear.washesClean(of, of.material()))));
        missing.add(new MealPlan.Missing(
                Messages.say("meal.one-cannot-serve-both-the-strict", of.names().getFirst()),
                Messages.say("meal.have-one-more-kept-for-the")));
    }

    /** A set of tools for every dish: for dishes that endanger each other by way of a third. */
    void apart(List<Draft> drafts) {
        pools.clear();
        Set<String> names = new TreeSet<>();
        for (int i = 0; i < groupOf.length; i++) {
            groupOf[i] = i;
        }
        for (Draft draft : drafts) {
            for (String kind : draft.tools()) {
                Gear.Kind of = gear.kind(kind);
                String name = Messages.say("meal.of-dish", of.names().getFirst(), draft.dish() + 1);
                pools.put(
                        key(kind, draft.dish()),
                        List.of(new Held(kind, name, of.material(), gear.washesClean(of, of.material()))));
                names.add(of.names().getFirst());
            }
        }
        missing.add(new MealPlan.Missing(
                Messages.say("meal.tools-that-serve-several-dishes-would"),
                Messages.say("meal.have-a-set-for-each-dish", String.join(", ", names))));
    }

    /** @return whether one thing that does not wash clean would serve both */
    boolean sharesUnwashable(String kind, Draft a, Draft b) {
        return pool(kind, a).stream().filter(h -> !h.washesClean()).anyMatch(pool(kind, b)::contains);
    }

    boolean holdsFood(String kind) {
        return gear.kind(kind).holdsFood();
    }

    List<MealPlan.Missing> missing() {
        return List.copyOf(missing);
    }
}
