package nabe.bake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nabe.larder.Figures;
import nabe.measure.Temperature;
import nabe.measure.WrongValueException;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * Bakes several dishes in one oven: one temperature that all of them stand, shelves, and when each goes in so that all come out together; what
 * stands no heat that the others do bakes in a round of its own. Domain practice: most bakes accept 15 to 20 °C either way with the time changed;
 * taller below, crisp tops and strict food above.
 */
public final class OvenSharing {
    private static final double TOLERANCE = Figures.of("bake.shared-heat");
    private static final double OWN_TOLERANCE = Figures.of("bake.shared-heat-set");

    private static final double STEP = 5;
    private static final int MOST = 6;
    private static final int CHANGES = Figures.whole("bake.between-rounds");

    private final BakePlanner planner;

    public OvenSharing(BakePlanner planner) {
        this.planner = planner;
    }

    /** @param strict whether it must be kept apart from what others drop */
    public record Guest(String name, ToBake dish, boolean strict) {

        Guest withoutFan() {
            return new Guest(
                    name,
                    new ToBake(
                            dish.recipe(),
                            dish.said(),
                            dish.build(),
                            dish.ingredients(),
                            dish.choice().withoutFan(),
                            dish.schools(),
                            dish.uncoverSooner()),
                    strict);
        }

        double own() {
            return Baking.temperature(dish.recipe(), dish.choice()).celsius();
        }

        boolean stands(double celsius) {
            FamilyFacts facts = FamilyFacts.of(dish.recipe().family());
            double near = dish.choice().celsius() != null || dish.choice().own() != null ? OWN_TOLERANCE : TOLERANCE;
            return Math.abs(celsius - own()) <= near
                    && celsius >= Math.min(own(), facts.ovenLow())
                    && celsius <= Math.max(own(), facts.ovenHigh());
        }
    }

    /**
     * @param oven what most of them share; {@code celsius} the same, conventional
     * @param minutes from the first dish going in to the last coming out
     * @param rounds one where all share one heat
     * @param notes what to mind
     */
    public record Shared(
            BakePlan.Scales oven,
            double celsius,
            boolean fan,
            int minutes,
            List<OvenRound> rounds,
            List<Place> dishes,
            List<String> notes) {}

    /** @param startsAfterMinutes counted from the first dish; {@code minutes} until its dishes come out */
    public record OvenRound(BakePlan.Scales oven, int startsAfterMinutes, int minutes, List<String> dishes) {}

    /**
     * @param inAfterMinutes when it goes in, counted from the first
     * @param round in which of the rounds it bakes, from 0
     * @param shelf top, middle or bottom, and why in {@code words}
     * @param alone minutes it would take by itself at its own temperature, {@code ownCelsius}
     */
    public record Place(
            String name,
            int inAfterMinutes,
            int round,
            String shelf,
            String words,
            double ownCelsius,
            int alone,
            BakePlan bake) {}

    private record Group(double celsius, List<Guest> guests) {
        boolean has(Family family) {
            return guests.stream().anyMatch(g -> g.dish.recipe().family() == family);
        }
    }

    /** @throws WrongValueException for fewer than two dishes, or more than an oven holds */
    public Shared share(List<Guest> asked) {
        if (asked.size() < 2 || asked.size() > MOST) {
            throw new WrongValueException(Messages.say("bake.give-two-to-six-dishes-to", asked.size()));
        }
        boolean fan = asked.stream().allMatch(g -> g.dish.choice().fan() && !g.strict);
        List<Guest> guests = fan ? asked : asked.stream().map(Guest::withoutFan).toList();
        List<Group> groups = rounds(guests);
        List<OvenRound> rounds = new ArrayList<>();
        Place[] places = new Place[guests.size()];
        int clock = 0;
        for (Group group : groups) {
            List<Place> found = places(group, rounds.size(), clock);
            int longest =
                    found.stream().mapToInt(p -> p.bake.ovenMinutes()).max().orElse(0);
            for (int i = 0; i < found.size(); i++) {
                places[indexOf(guests, group.guests.get(i))] = found.get(i);
            }
            rounds.add(new OvenRound(
                    BakePlan.Scales.of(Temperature.celsius(group.celsius)),
                    clock,
                    longest,
                    group.guests.stream().map(Guest::name).toList()));
            clock += longest + CHANGES;
        }
        Group main = groups.stream()
                .max(Comparator.comparingInt(g -> g.guests.size()))
                .orElseThrow();
        return new Shared(
                BakePlan.Scales.of(Temperature.celsius(main.celsius)),
                main.celsius,
                fan,
                clock - CHANGES,
                rounds,
                List.of(places),
                notes(asked, groups, List.of(places)));
    }

    private static int indexOf(List<Guest> guests, Guest guest) {
        return IntStream.range(0, guests.size())
                .filter(i -> guests.get(i) == guest)
                .findFirst()
                .orElseThrow();
    }

    /** As few rounds as there must be; cooler ones first, a batter last: it does not wait for the table. */
    private static List<Group> rounds(List<Guest> guests) {
        List<Group> rounds = new ArrayList<>();
        List<Guest> left = new ArrayList<>(guests);
        while (!left.isEmpty()) {
            Group group = together(left);
            rounds.add(group);
            left.removeIf(g -> group.guests.stream().anyMatch(o -> o == g));
        }
        rounds.sort(Comparator.comparing((Group g) -> g.has(Family.BATTER)).thenComparing(Group::celsius));
        return rounds;
    }

    /** The heat that most of them stand, and of those that which strays least from what each wants. */
    private static Group together(List<Guest> guests) {
        double low = guests.stream().mapToDouble(Guest::own).min().orElseThrow();
        double high = guests.stream().mapToDouble(Guest::own).max().orElseThrow();
        return IntStream.rangeClosed(0, (int) Math.ceil((high - low) / STEP))
                .mapToObj(i -> Math.min(high, low + i * STEP))
                .map(celsius -> new Group(
                        celsius, guests.stream().filter(g -> g.stands(celsius)).toList()))
                .max(Comparator.comparingInt((Group g) -> g.guests.size())
                        .thenComparing(
                                Comparator.comparingDouble(OvenSharing::strays).reversed()))
                .filter(g -> !g.guests.isEmpty())
                .orElseGet(() -> new Group(low, List.of(guests.getFirst())));
    }

    private static double strays(Group group) {
        return group.guests.stream()
                .mapToDouble(g -> Math.abs(g.own() - group.celsius))
                .sum();
    }

    private List<Place> places(Group group, int round, int clock) {
        List<Baking> bakings = group.guests.stream()
                .map(g -> baking(g, group.celsius, group.guests.size() - 1))
                .toList();
        List<BakePlan> bakes = IntStream.range(0, bakings.size())
                .mapToObj(i -> planner.plan(
                        bakings.get(i),
                        bakings.get(i).course(),
                        group.guests.get(i).dish.schools(),
                        false))
                .toList();
        int longest = bakes.stream().mapToInt(BakePlan::ovenMinutes).max().orElse(0);
        List<String> shelves = shelves(group.guests, bakings);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < bakes.size(); i++) {
            Guest guest = group.guests.get(i);
            places.add(new Place(
                    guest.name,
                    clock + longest - bakes.get(i).ovenMinutes(),
                    round,
                    shelves.get(i),
                    shelfWords(guest, shelves.get(i), group),
                    guest.own(),
                    baking(guest, null, 0).course().total(),
                    bakes.get(i)));
        }
        return places;
    }

    /** @param celsius of the oven, or null for the dish's own */
    private Baking baking(Guest guest, @Nullable Double celsius, int others) {
        return new Baking(
                guest.dish,
                planner.dishes(),
                celsius == null
                        ? Baking.temperature(guest.dish.recipe(), guest.dish.choice())
                        : Temperature.celsius(celsius),
                others);
    }

    /** Strict food on top, where nothing drops into it; then what wants a crisp top; the tallest below. */
    private static List<String> shelves(List<Guest> guests, List<Baking> bakings) {
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, guests.size()).boxed().toList());
        order.sort(Comparator.comparing((Integer i) -> !guests.get(i).strict)
                .thenComparing(i -> bakings.get(i).dish.height()));
        String[] shelf = new String[guests.size()];
        for (int place = 0; place < order.size(); place++) {
            shelf[order.get(place)] = guests.size() == 1
                    ? "middle"
                    : place == 0 ? "top" : place == order.size() - 1 ? "bottom" : "middle";
        }
        return List.of(shelf);
    }

    private static String shelfWords(Guest guest, String shelf, Group group) {
        if (group.guests.size() == 1) {
            return Messages.say("bake.alone-in-the-oven-on-the");
        }
        if (guest.strict && shelf.equals("top") && group.guests.stream().anyMatch(g -> !g.strict)) {
            return Messages.say("bake.top-shelf-strict-food-so-that");
        }
        return switch (shelf) {
            case "top" -> Messages.say("bake.top-shelf-the-flattest-it-browns");
            case "bottom" -> Messages.say("bake.bottom-shelf-the-tallest");
            default -> Messages.say("bake.middle-shelf");
        };
    }

    private static List<String> notes(List<Guest> asked, List<Group> groups, List<Place> places) {
        List<String> notes = new ArrayList<>();
        if (groups.size() > 1) {
            notes.add(Messages.say("bake.they-do-not-all-stand-one", groups.size()));
            groups.stream().filter(g -> g.has(Family.BATTER)).forEach(g -> notes.add(batter(g)));
        }
        for (Guest guest : asked) {
            if (guest.dish.choice().own() != null) {
                notes.add(Messages.say("bake.keeps-the-minutes-that-you-set", guest.name));
            }
        }
        boolean fanned = asked.stream().anyMatch(g -> g.dish.choice().fan());
        if (fanned && asked.stream().anyMatch(g -> !g.dish.choice().fan())) {
            notes.add(Messages.say("bake.one-oven-has-its-fan-on"));
        }
        if (asked.stream().anyMatch(Guest::strict) && asked.stream().anyMatch(g -> !g.strict)) {
            notes.add(Messages.say("bake.strict-food-shares-this-oven-top"));
        }
        if (groups.stream().anyMatch(g -> g.guests.size() > 1)) {
            notes.add(Messages.say("bake.turn-and-swap-nothing-in-a"));
        }
        if (groups.size() == 1 && places.stream().anyMatch(p -> p.inAfterMinutes() > 0)) {
            notes.add(Messages.say("bake.they-go-in-one-after-the"));
        }
        return notes;
    }

    private static String batter(Group group) {
        return Messages.say(
                "bake.a-batter-rises-only-in-a",
                Lists.and(group.guests.stream().map(Guest::name).toList()),
                Math.round(group.celsius));
    }
}
