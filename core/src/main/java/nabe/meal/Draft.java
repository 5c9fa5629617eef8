package nabe.meal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import nabe.larder.Allergen;
import org.jspecify.annotations.Nullable;

/**
 * A task before it has a time.
 *
 * @param dishes indexes of the dishes it is for
 * @param active minutes of hands from its start, {@code passive} minutes it then takes by itself
 * @param tools kinds it takes
 * @param daysAhead how many days before serving it may be done
 * @param handles what is in the food it touches; {@code guards} what must not get into it
 * @param after ids of tasks that come before
 * @param flour whether loose gluten flour gets into the air
 * @param cuts what is only cut and how, one thing each
 */
@RecordBuilder
record Draft(
        String id,
        List<Integer> dishes,
        @Nullable String component,
        String words,
        String action,
        Stage stage,
        int active,
        int passive,
        Set<String> tools,
        boolean burner,
        @Nullable OvenUse oven,
        int daysAhead,
        Set<Allergen> handles,
        Set<Allergen> guards,
        Set<String> after,
        boolean flour,
        List<String> cuts) {

    Draft {
        cuts = cuts == null ? List.of() : cuts;
    }

    /** Where in the evening it belongs. */
    enum Stage {
        PREP,
        BUILD,
        BAKE,
        REST,
        SERVE
    }

    /** @param oven index; {@code celsius} conventional */
    record OvenUse(int oven, double celsius, boolean covered) {}

    int dish() {
        return dishes.getFirst();
    }

    int minutes() {
        return active + passive;
    }

    /** @return what has one place in the oven: a dish in all its phases, or what is roasted for it */
    String shelfKey() {
        return stage == Stage.BAKE ? "dish " + dish() : id;
    }

    /** Hands, worktop and tools, where the cook puts it. */
    static Draft washing(String id) {
        return DraftBuilder.builder()
                .id(id)
                .dishes(List.of(0))
                .words("")
                .action("wash")
                .stage(Stage.PREP)
                .active(Clock.WASH_MINUTES)
                .tools(Set.of())
                .daysAhead(Integer.MAX_VALUE)
                .handles(Set.of())
                .guards(Set.of())
                .after(Set.of())
                .build();
    }

    Draft after(Set<String> others) {
        return with(words, active, passive, oven, others);
    }

    Draft at(double celsius) {
        OvenUse use = Objects.requireNonNull(oven);
        return with(words, active, passive, new OvenUse(use.oven(), celsius, use.covered()), after);
    }

    Draft saying(String other) {
        return with(other, active, passive, oven, after);
    }

    /** The same in as many minutes as it truly took. */
    Draft taking(int minutes) {
        int hands = passive == 0 ? minutes : Math.min(active, minutes);
        return with(words, hands, minutes - hands, oven, after);
    }

    /** The same work as one batch for several dishes. */
    Draft forAll(
            List<Integer> all,
            String said,
            double more,
            Set<Allergen> inIt,
            Set<Allergen> notInIt,
            Set<String> others) {
        return DraftBuilder.builder(this)
                .dishes(all)
                .words(said)
                .active((int) Math.ceil(active * more))
                .handles(inIt)
                .guards(notInIt)
                .after(others)
                .build();
    }

    private Draft with(String said, int hands, int alone, @Nullable OvenUse heat, Set<String> others) {
        return DraftBuilder.builder(this)
                .words(said)
                .active(hands)
                .passive(alone)
                .oven(heat)
                .after(others)
                .build();
    }

    /** @return whether it carries what the other must not get */
    boolean endangers(Draft other) {
        return handles.stream().anyMatch(other.guards::contains);
    }
}
