package nabe.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nabe.house.House;
import nabe.label.KeptProduct;

/**
 * What is known of the kitchen besides one dish.
 *
 * @param products packets kept to stand in for ingredients
 * @param remembered larder id by wording, as the cook once corrected a reading
 */
public record Home(House house, List<KeptProduct> products, Map<String, String> remembered) {
    private static final Home USUAL = new Home(House.usual(), List.of(), Map.of());

    public Home {
        products = List.copyOf(products);
        remembered = Map.copyOf(remembered);
    }

    /** A home nothing is known of. */
    public static Home usual() {
        return USUAL;
    }

    Map<String, Integer> packetMinutes() {
        Map<String, Integer> minutes = new HashMap<>();
        products.stream().filter(p -> p.minutes() != null).forEach(p -> minutes.put(p.standsFor(), p.minutes()));
        return minutes;
    }

    Map<String, Double> thirst() {
        Map<String, Double> thirst = new HashMap<>();
        products.stream().filter(p -> p.thirst() != null).forEach(p -> thirst.put(p.standsFor(), p.thirst()));
        return thirst;
    }
}
