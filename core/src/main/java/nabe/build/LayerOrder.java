package nabe.build;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/** The usual order of layers for each family, as places to be filled: which part, and how much of it against its other places. */
final class LayerOrder {
    private static final double FILM = Figures.of("build.film-of-sauce");
    private static final double TOP = Figures.of("build.top-layer");
    private static final double LINING = Figures.of("build.lining");

    private final Set<Part> has;
    private final Schools schools;
    private final List<Place> places = new ArrayList<>();

    /**
     * @param component what lies there; {@code weight} against its other places; {@code late} whether it goes on in the oven
     * @param words what the recipe says to do with it there besides, or null
     */
    record Place(
            String component,
            double weight,
            boolean late,
            @Nullable String words) {
        Place(String component, double weight, boolean late) {
            this(component, weight, late, null);
        }

        Place(Part part, double weight) {
            this(part.id(), weight, false);
        }
    }

    private LayerOrder(Set<Part> has, Schools schools) {
        this.schools = schools;
        this.has = has.isEmpty() ? EnumSet.noneOf(Part.class) : EnumSet.copyOf(has);
    }

    /** @param lined whether pastry lines the dish as well as lidding it */
    static List<Place> of(Family family, Set<Part> parts, int structureLayers, boolean lined, Schools schools) {
        LayerOrder order = new LayerOrder(parts, schools);
        switch (family) {
            case LASAGNA -> order.lasagna(structureLayers);
            case GRATIN -> order.gratin();
            case MOUSSAKA -> order.moussaka();
            case STUFFED_TUBES, ROLLED -> order.tubes();
            case POT_PIE, MASH_TOPPED, BATTER -> {
                if (lined) {
                    order.put(Part.STRUCTURE, LINING);
                }
                order.lidded();
            }
            case STRATA -> order.gratin();
            case PASTA_BAKE, CASSEROLE -> order.mixed();
        }
        order.addForgotten();
        return order.places;
    }

    /**
     * The cook's own order of components; what they left out of it goes below the rest, so that nothing is lost.
     *
     * @param usual places whose shares hold on where a component has as many as before
     */
    static List<Place> own(List<String> wanted, Map<String, Component> components, List<Place> usual) {
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            String id = wanted.get(i);
            List<String> before = wanted.subList(0, i);
            boolean again = wanted.subList(i + 1, wanted.size()).contains(id);
            Part part = Objects.requireNonNull(components.get(id)).part();
            boolean film = i == 0 && again && (part == Part.RED_SAUCE || part == Part.WHITE_SAUCE);
            double weight = film ? FILM : !again && before.contains(id) ? TOP : 1;
            places.add(asBefore(id, before, wanted, usual).orElse(new Place(id, weight, false)));
        }
        components.keySet().stream()
                .filter(id -> !wanted.contains(id))
                .forEach(id -> places.addFirst(new Place(id, 1, false)));
        return places;
    }

    private static Optional<Place> asBefore(String id, List<String> before, List<String> wanted, List<Place> usual) {
        List<Place> own = usual.stream().filter(p -> p.component().equals(id)).toList();
        long nth = before.stream().filter(id::equals).count();
        long all = wanted.stream().filter(id::equals).count();
        return own.size() == all ? Optional.of(own.get((int) nth)) : Optional.empty();
    }

    private void put(Part part, double weight) {
        if (has.contains(part)) {
            places.add(new Place(part, weight));
        }
    }

    /** The film on the base; a house that oils the base puts no sauce there. */
    private void film(double weight) {
        boolean white =
                schools.is("base", "white-sauce") && has.contains(Part.WHITE_SAUCE) || !has.contains(Part.RED_SAUCE);
        if (!schools.is("base", "oil")) {
            put(white ? Part.WHITE_SAUCE : Part.RED_SAUCE, weight);
        }
    }

    private void lasagna(int sheetLayers) {
        film(FILM);
        for (int i = 1; i <= sheetLayers; i++) {
            put(Part.STRUCTURE, 1);
            boolean last = i == sheetLayers;
            if (!last) {
                put(Part.SOFT_CHEESE, 1);
                put(Part.FILLING, 1);
                put(Part.MELTING_CHEESE, 0.7);
            }
            put(Part.RED_SAUCE, last ? TOP : 1);
            put(Part.WHITE_SAUCE, last ? TOP : 1);
        }
        finish();
    }

    private void gratin() {
        for (int i = 1; i <= 3; i++) {
            put(Part.STRUCTURE, 1);
            if (i < 3) {
                put(Part.FILLING, 1);
                put(Part.RED_SAUCE, 1);
                put(Part.SOFT_CHEESE, 1);
                put(Part.MELTING_CHEESE, 0.7);
            }
            put(Part.WHITE_SAUCE, 1);
        }
        finish();
    }

    private void moussaka() {
        put(Part.STRUCTURE, 1);
        put(Part.FILLING, 1);
        put(Part.RED_SAUCE, 1);
        put(Part.SOFT_CHEESE, 1);
        put(Part.STRUCTURE, 1);
        put(Part.WHITE_SAUCE, 1);
        finish();
    }

    private void tubes() {
        film(0.4);
        put(Part.STRUCTURE, 1);
        put(Part.SOFT_CHEESE, 1);
        put(Part.FILLING, 1);
        put(Part.RED_SAUCE, 1);
        put(Part.WHITE_SAUCE, 1);
        finish();
    }

    private void lidded() {
        put(Part.FILLING, 1);
        put(Part.SOFT_CHEESE, 1);
        put(Part.RED_SAUCE, 1);
        put(Part.WHITE_SAUCE, 1);
        put(Part.STRUCTURE, 1);
        finish();
    }

    private void mixed() {
        put(Part.STRUCTURE, 1);
        put(Part.FILLING, 1);
        put(Part.RED_SAUCE, 1);
        put(Part.WHITE_SAUCE, 1);
        put(Part.SOFT_CHEESE, 1);
        finish();
    }

    private void finish() {
        put(Part.MELTING_CHEESE, 1);
        put(Part.HARD_CHEESE, 1);
        put(Part.TOPPING, 1);
    }

    private void addForgotten() {
        Set<String> placed = places.stream().map(Place::component).collect(Collectors.toSet());
        has.stream().filter(part -> !placed.contains(part.id())).forEach(part -> places.addFirst(new Place(part, 1)));
    }
}
