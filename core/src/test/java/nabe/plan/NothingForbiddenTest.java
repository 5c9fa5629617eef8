package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.swap.PlannedProcedure;
import nabe.testing.ForbiddenWords;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever part of a plan is read, it names nothing that a need shuts out. */
class NothingForbiddenTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final List<Set<Need>> SETS = List.of(
            EnumSet.of(Need.GLUTEN_FREE),
            EnumSet.of(Need.DAIRY_FREE),
            EnumSet.of(Need.VEGAN),
            EnumSet.of(Need.EGG_FREE),
            EnumSet.of(Need.NUT_FREE),
            EnumSet.of(Need.SOY_FREE),
            EnumSet.of(Need.GLUTEN_FREE, Need.DAIRY_FREE, Need.VEGAN, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE));

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void noPartNamesIt(String text) {
        Set<String> bad = new TreeSet<>();
        for (Set<Need> set : SETS) {
            Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(set, Set.of(), true)));
            for (String words : said(plan)) {
                bad.addAll(ForbiddenWords.in(words, set));
            }
        }
        assertThat(bad).isEmpty();
    }

    private static List<String> said(Plan plan) {
        List<String> all = new ArrayList<>();
        plan.ingredients().forEach(i -> all.add(i.item()));
        plan.conversion().swaps().forEach(s -> s.becomes().forEach(b -> all.add(b.item())));
        plan.method().forEach(s -> all.add(s.text()));
        plan.prep().steps().forEach(s -> all.add(s.text()));
        plan.conversion().procedure().components().forEach(c -> {
            all.add(c.name());
            c.of().stream()
                    .map(PlannedProcedure.Constituent::item)
                    .filter(Objects::nonNull)
                    .forEach(all::add);
            c.steps().forEach(s -> all.add(s.words()));
        });
        plan.build().leftovers().forEach(l -> all.add(l.name()));
        plan.build().layers().forEach(l -> all.add(l.name()));
        all.addAll(plan.bake().notes());
        plan.bake().phases().forEach(p -> all.add(p.reason()));
        return all;
    }
}
