package nabe.meal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.larder.Figures;
import nabe.prep.GettingReady;
import nabe.words.Messages;

/** The same prep of several dishes, done once: onions for all are chopped with one knife on one board. */
final class Gathering {
    private static final double SAVED = Figures.of("meal.cutting-saved");

    private static final String ID = "ready-";
    private static final String READY = "-ready";

    private Gathering() {}

    /**
     * @param done ids of what was begun: what was gathered then stays so, and what was cut alone too
     * @param meet whether two dishes may meet: what is in one may get into the other
     */
    static List<Draft> of(List<Draft> all, Set<String> done, BiPredicate<Integer, Integer> meet) {
        List<Draft> out = all;
        for (String id : done) {
            Set<String> then = Set.of(id.split("-"));
            List<Draft> again = all.stream()
                    .filter(d -> id.startsWith(ID) && d.id().endsWith(READY) && then.contains("" + d.dish()))
                    .toList();
            out = again.isEmpty() ? out : gathered(out, again, id);
        }
        List<Draft> ready = new ArrayList<>();
        for (Draft draft : out) {
            boolean cuts = draft.component() == null && draft.id().endsWith(READY) && !done.contains(draft.id());
            if (cuts && ready.stream().allMatch(r -> meet.test(r.dish(), draft.dish()))) {
                ready.add(draft);
            }
        }
        String id = ID + ready.stream().map(d -> "" + d.dish()).collect(Collectors.joining("-"));
        return ready.size() < 2 ? List.copyOf(out) : gathered(out, ready, id);
    }

    private static List<Draft> gathered(List<Draft> all, List<Draft> ready, String id) {
        Draft one = joined(ready, id);
        Set<String> ids = ready.stream().map(Draft::id).collect(Collectors.toSet());
        List<Draft> out = new ArrayList<>();
        out.add(one);
        for (Draft draft : all) {
            if (!ids.contains(draft.id())) {
                Set<String> after = new LinkedHashSet<>();
                draft.after().forEach(a -> after.add(ids.contains(a) ? one.id() : a));
                out.add(draft.after(after));
            }
        }
        return List.copyOf(out);
    }

    /** With the tools of the strict dish among them. */
    private static Draft joined(List<Draft> all, String id) {
        List<Draft> ready = all.stream()
                .sorted(Comparator.comparing((Draft d) -> d.guards().isEmpty()))
                .toList();
        Set<Allergen> handles = EnumSet.noneOf(Allergen.class);
        Set<Allergen> guards = EnumSet.noneOf(Allergen.class);
        ready.forEach(r -> {
            handles.addAll(r.handles());
            guards.addAll(r.guards());
        });
        List<String> cuts =
                ready.stream().flatMap(r -> r.cuts().stream()).distinct().toList();
        Draft first = ready.getFirst();
        int minutes = ready.stream().mapToInt(Draft::active).sum();
        return DraftBuilder.builder()
                .id(id)
                .dishes(ready.stream().map(Draft::dish).toList())
                .words(Messages.say("meal.for-all-at-once", GettingReady.text(cuts)))
                .cuts(cuts)
                .action("chop")
                .stage(Draft.Stage.PREP)
                .active((int) Math.ceil(SAVED * minutes))
                .tools(first.tools())
                .daysAhead(ready.stream().mapToInt(Draft::daysAhead).min().orElse(0))
                .handles(handles)
                .guards(guards)
                .after(Set.of())
                .build();
    }
}
