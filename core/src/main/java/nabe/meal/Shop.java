package nabe.meal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import nabe.larder.CatalogueFile;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.measure.KitchenText;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;

/** Where a thing stands in a shop and how it is sold. From shop.csv. */
final class Shop {
    private static final double ABOUT = Figures.of("meal.packet-about");

    private static final double LITTLE = Figures.of("meal.packet-little");
    private static final double PINCH = 1;
    private static final double WORTH_NAMING = Figures.of("meal.left-over-named");
    private static final Place ELSEWHERE = new Place(Messages.say("meal.elsewhere"), false, List.of());
    private final Map<String, Place> places = new HashMap<>();

    /** @param sold units to count in, first choice first */
    record Place(String name, boolean pantry, List<String> sold) {}

    Shop() {
        CatalogueFile file = CatalogueFile.open("shop.csv", "role", "place", "pantry", "sold");
        for (CSVRecord row : file.rows()) {
            places.put(
                    file.text(row, "role"),
                    new Place(
                            Messages.translated(file.text(row, "place")),
                            file.text(row, "pantry").equals("yes"),
                            file.list(row, "sold", ";")));
        }
    }

    Place place(Ingredient food) {
        return places.getOrDefault(food.role(), ELSEWHERE);
    }

    /** @return what to ask for, and what stays over where it is worth naming */
    String buy(Ingredient food, double grams) {
        Place place = place(food);
        if (place.pantry) {
            return Messages.say("meal.from-the-cupboard", amount(grams));
        }
        for (String unit : place.sold) {
            boolean usual = unit.contains("=");
            String name = usual ? unit.substring(0, unit.indexOf('=')) : unit;
            OptionalDouble size = usual
                    ? OptionalDouble.of(Double.parseDouble(unit.substring(unit.indexOf('=') + 1)))
                    : food.pieceGrams(name);
            if (size.isPresent() && size.getAsDouble() > 0) {
                return packets(name, size.getAsDouble(), grams);
            }
        }
        return amount(grams);
    }

    private static String amount(double grams) {
        return grams < PINCH ? Messages.say("measure.a-pinch") : KitchenText.grams(grams);
    }

    static String packets(String name, double size, double grams) {
        long n = (long) Math.max(1, Math.ceil(grams / size - ABOUT));
        if (name.equals("each")) {
            return Messages.say("meal.about", n, KitchenText.grams(grams));
        }
        if (grams < LITTLE * size) {
            return Messages.say("meal.for-of-it", name, amount(grams));
        }
        double left = n * size - grams;
        return Messages.say(
                "meal.of-about",
                n,
                name,
                name.endsWith("x") || name.endsWith("ch"),
                KitchenText.grams(size),
                left >= WORTH_NAMING ? Messages.say("meal.left-over", KitchenText.grams(left)) : "");
    }
}
