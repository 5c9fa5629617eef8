package nabe.meal;

import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.larder.Allergen;

/**
 * What each task must be kept from: what its own food must not get, and what food must not get that takes up the same
 * tools, for hands carry from one tool to another.
 */
final class Care {
    private final List<Draft> drafts;
    private final Items items;
    private final Map<Draft, Integer> at = new IdentityHashMap<>();
    private final boolean[][] shared;
    private final Map<Draft, Set<Allergen>> guards = new IdentityHashMap<>();

    /** @param followed whether the model follows what was dirtied itself: then only strict food is kept from anything */
    Care(List<Draft> drafts, Items items, boolean followed) {
        this.drafts = drafts;
        this.items = items;
        this.shared = new boolean[drafts.size()][drafts.size()];
        for (int i = 0; i < drafts.size(); i++) {
            at.put(drafts.get(i), i);
            Set<Allergen> own = EnumSet.noneOf(Allergen.class);
            own.addAll(drafts.get(i).guards());
            guards.put(drafts.get(i), own);
            for (int j = 0; j < i; j++) {
                shared[i][j] = takeSame(drafts.get(i), drafts.get(j));
                shared[j][i] = shared[i][j];
            }
        }
        boolean more = !followed;
        while (more) {
            more = spread();
        }
    }

    private boolean takeSame(Draft a, Draft b) {
        return a.tools().stream()
                .filter(b.tools()::contains)
                .anyMatch(kind -> items.pool(kind, a).stream().anyMatch(items.pool(kind, b)::contains));
    }

    /** What takes up the tools of strict food is kept as clean, unless it is the danger itself or shares tools with it. */
    private boolean spread() {
        boolean more = false;
        for (Draft strict : drafts) {
            for (Allergen allergen : List.copyOf(guards.get(strict))) {
                for (Draft other : drafts) {
                    boolean kept = other != strict
                            && shares(other, strict)
                            && !Objects.requireNonNull(guards.get(other)).contains(allergen)
                            && !meetsDanger(other, allergen);
                    more |= kept && Objects.requireNonNull(guards.get(other)).add(allergen);
                }
            }
        }
        return more;
    }

    private boolean meetsDanger(Draft task, Allergen allergen) {
        return drafts.stream().filter(d -> d.handles().contains(allergen)).anyMatch(d -> d == task || shares(d, task));
    }

    Set<Allergen> guards(Draft draft) {
        return Objects.requireNonNull(guards.get(draft));
    }

    boolean shares(Draft a, Draft b) {
        return shared[Objects.requireNonNull(at.get(a))][Objects.requireNonNull(at.get(b))];
    }

    boolean sharesUnwashable(Draft a, Draft b) {
        return a.tools().stream().filter(b.tools()::contains).anyMatch(kind -> items.sharesUnwashable(kind, a, b));
    }

    /**
     * A task endangers by its own food, and by its tools where it is not kept clean itself: hands may have brought it there
     * at any time, and a spoon of wood keeps it over every washing up.
     */
    boolean endangers(Draft dirty, Draft strict) {
        return Objects.requireNonNull(guards.get(strict)).stream()
                .filter(a -> drafts.stream().anyMatch(d -> d.handles().contains(a)))
                .anyMatch(a -> dirty.handles().contains(a)
                        || !Objects.requireNonNull(guards.get(dirty)).contains(a)
                                && !dirty.tools().isEmpty());
    }

    /** @return what the first endangers the other with only by what it may have taken up itself; empty where by its own food */
    Set<Allergen> carried(Draft dirty, Draft strict) {
        Set<Allergen> by = EnumSet.noneOf(Allergen.class);
        Objects.requireNonNull(guards.get(strict)).stream()
                .filter(a -> drafts.stream().anyMatch(d -> d.handles().contains(a)))
                .filter(a -> dirty.handles().contains(a)
                        || !Objects.requireNonNull(guards.get(dirty)).contains(a))
                .forEach(by::add);
        return by.stream().anyMatch(dirty.handles()::contains) ? Set.of() : by;
    }

    /** @return whether it stands in a thing of the other's when all is washed up, and may have been dirtied */
    boolean mayHoldDirt(Draft standing, Draft other, Set<Allergen> of) {
        return standing.passive() > 0
                && shares(standing, other)
                && !Objects.requireNonNull(guards.get(standing)).containsAll(of);
    }
}
