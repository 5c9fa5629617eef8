package nabe.swap;

import java.util.Map;
import java.util.Set;
import nabe.house.House;
import nabe.needs.Needs;

/**
 * What a conversion must reckon with besides the recipe.
 *
 * @param choices swap rules chosen by hand, by line index; {@link #LEAVE_OUT} leaves a line out
 * @param made "home", "bought" or a component's id, by larder id of the made thing
 */
public record Kitchen(Needs needs, House house, Map<Integer, String> choices, Map<String, String> made) {
    /** The choice that leaves a line out of the dish. */
    public static final String LEAVE_OUT = "leave-out";

    public Kitchen {
        choices = Map.copyOf(choices);
        made = Map.copyOf(made);
    }

    /** A kitchen nothing is known of. */
    public static Kitchen of(Needs needs) {
        return new Kitchen(needs, House.usual(), Map.of(), Map.of());
    }

    Set<String> lacks() {
        return house.lacks();
    }
}
