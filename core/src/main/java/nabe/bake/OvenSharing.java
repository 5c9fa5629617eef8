package nabe.bake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import nabe.build.BuildPlan;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.measure.Temperature;
import nabe.recipe.Recipe;

/**
 * Bakes several dishes in one oven: one temperature that all of them stand, shelves, and when each goes in so that all come out together. Domain
 * practice: most bakes accept 15 to 20 °C either way with the time changed; taller below, crisp tops and strict food above.
 */
public final class OvenSharing {
    private static final double TOLERANCE = 20;
    private static final double STEP = 5;
    private static final double COOLEST = 160;
    private static final double HOTTEST = 220;
    private static final int MOST = 6;
    private static final double FAR = 3;
    private final BakePlanner planner;

    public OvenSharing(BakePlanner planner) {
        this.planner = planner;
    }

    /** @param strict whether it must be kept apart from what others drop */
    public record Guest(
            String name,
            Recipe recipe,
            Said said,
            BuildPlan build,
            List<Ingredient> ingredients,
            OvenChoice choice,
            Schools schools,
            boolean strict) {}

    /**
     * @param celsius one temperature for all, conventional
     * @param minutes from the first dish going in to the last coming out
     * @param notes what to mind
     */
    public record Shared(BakePlan.Scales oven, double celsius, int minutes, List<Place> dishes, List<String> notes) {}

    /**
     * @param inAfterMinutes when it goes in, counted from the first
     * @param shelf top, middle or bottom, and why in {@code words}
     * @param alone minutes it would take by itself at its own temperature, {@code ownCelsius}
     */
    public record Place(
            String name, int inAfterMinutes, String shelf, String words, double ownCelsius, int alone, BakePlan bake) {}

    /** @throws IllegalArgumentException for fewer than two dishes, or more than an oven holds */
    public Shared share(List<Guest> guests) {
        if (guests.size() < 2 || guests.size() > MOST) {
            throw new IllegalArgumentException(
                    "Give two to six dishes to share an oven; there are " + guests.size() + ".");
        }
        List<Double> own = guests.stream()
                .map(g -> Baking.temperature(g.recipe, g.choice).celsius())
                .toList();
        double celsius = common(own);
        List<Baking> bakings =
                guests.stream().map(g -> baking(g, celsius, guests.size() - 1)).toList();
        List<BakePlan> bakes = IntStream.range(0, guests.size())
                .mapToObj(i -> planner.plan(bakings.get(i), bakings.get(i).course(), guests.get(i).schools, false))
                .toList();
        int longest = bakes.stream().mapToInt(BakePlan::ovenMinutes).max().orElse(0);
        List<String> shelves = shelves(guests, bakings);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < guests.size(); i++) {
            Baking alone = new Baking(
                    guests.get(i).recipe,
                    guests.get(i).said,
                    guests.get(i).build,
                    guests.get(i).ingredients,
                    guests.get(i).choice,
                    guests.get(i).schools,
                    0,
                    planner.dishes());
            places.add(new Place(
                    guests.get(i).name,
                    longest - bakes.get(i).ovenMinutes(),
                    shelves.get(i),
                    shelfWords(guests.get(i), shelves.get(i)),
                    own.get(i),
                    alone.course().total(),
                    bakes.get(i)));
        }
        return new Shared(
                BakePlan.Scales.of(Temperature.celsius(celsius)),
                celsius,
                longest,
                places,
                notes(guests, own, celsius, places));
    }

    private Baking baking(Guest guest, double celsius, int others) {
        return new Baking(
                guest.recipe,
                guest.said,
                guest.build,
                guest.ingredients,
                guest.choice,
                guest.schools,
                0,
                planner.dishes(),
                Temperature.celsius(celsius),
                others);
    }

    /** The temperature that strays least from what each wants by itself, far strays counting more. */
    private static double common(List<Double> own) {
        double low = Math.max(COOLEST, own.stream().mapToDouble(d -> d).min().orElse(COOLEST));
        double high = Math.min(HOTTEST, own.stream().mapToDouble(d -> d).max().orElse(HOTTEST));
        double best = low;
        double least = Double.MAX_VALUE;
        for (double celsius = STEP * Math.ceil(low / STEP); celsius <= high + 0.1; celsius += STEP) {
            double at = celsius;
            double cost = own.stream()
                    .mapToDouble(d -> Math.abs(d - at) * (Math.abs(d - at) > TOLERANCE ? FAR : 1))
                    .sum();
            if (cost < least) {
                least = cost;
                best = celsius;
            }
        }
        return best;
    }

    /** Strict food on top, where nothing drops into it; then what wants a crisp top; the tallest below. */
    private static List<String> shelves(List<Guest> guests, List<Baking> bakings) {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, guests.size()).boxed().toList());
        order.sort(Comparator.comparing((Integer i) -> !guests.get(i).strict)
                .thenComparing(i -> bakings.get(i).dish.height()));
        String[] shelf = new String[guests.size()];
        for (int place = 0; place < order.size(); place++) {
            shelf[order.get(place)] = place == 0 ? "top" : place == order.size() - 1 ? "bottom" : "middle";
        }
        return List.of(shelf);
    }

    private static String shelfWords(Guest guest, String shelf) {
        if (guest.strict && shelf.equals("top")) {
            return "Top shelf: strict food, so that nothing drops into it. Cover it until the others are too.";
        }
        return switch (shelf) {
            case "top" -> "Top shelf: the flattest, it browns there.";
            case "bottom" -> "Bottom shelf: the tallest.";
            default -> "Middle shelf.";
        };
    }

    private static List<String> notes(List<Guest> guests, List<Double> own, double celsius, List<Place> places) {
        List<String> notes = new ArrayList<>();
        for (int i = 0; i < guests.size(); i++) {
            double away = celsius - own.get(i);
            if (Math.abs(away) > TOLERANCE) {
                notes.add(String.format(
                        Locale.ROOT,
                        "%s wants %.0f °C by itself, %.0f °C %s: watch its top, and bake it apart if you can.",
                        guests.get(i).name,
                        own.get(i),
                        Math.abs(away),
                        away > 0 ? "less" : "more"));
            }
        }
        if (guests.stream().filter(Guest::strict).count() > 0 && guests.stream().anyMatch(g -> !g.strict)) {
            notes.add(
                    "Strict food shares this oven: top shelf, covered until the others are, no fan blowing crumbs or flour about, its own gloves and spoon.");
        }
        notes.add(
                "Turn and swap nothing in a hurry: each door opening costs the oven some 25 °C for a few minutes. Put the next dish in quickly.");
        if (places.stream().anyMatch(p -> p.inAfterMinutes() > 0)) {
            notes.add("They go in one after the other so that all come out together.");
        }
        return notes;
    }
}
