package nabe.meal;

import java.util.List;
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
 */
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
        boolean flour) {

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

    Draft after(Set<String> others) {
        return new Draft(
                id, dishes, component, words, action, stage, active, passive, tools, burner, oven, daysAhead, handles,
                guards, others, flour);
    }

    Draft at(double celsius) {
        return new Draft(
                id,
                dishes,
                component,
                words,
                action,
                stage,
                active,
                passive,
                tools,
                burner,
                new OvenUse(oven.oven(), celsius, oven.covered()),
                daysAhead,
                handles,
                guards,
                after,
                flour);
    }

    /** @return whether it carries what the other must not get */
    boolean endangers(Draft other) {
        return handles.stream().anyMatch(other.guards::contains);
    }
}
