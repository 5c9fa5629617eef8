package nabe.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.house.Schools;
import nabe.recipe.Family;
import nabe.recipe.Part;

/** The usual order of layers for each family, as places to be filled: which part, and how much of it against its other places. */
final class LayerOrder {
    /** A film of sauce on the base against a full layer. Kitchen practice. */
    private static final double FILM = 0.35;
    /** The last layer must reach the edges: its share is set apart first and is a little more. Kitchen practice. */
    private static final double TOP = 1.25;
    /** A lining reaches up the sides: more dough than the lid. Kitchen practice. */
    private static final double LINING = 1.3;

    private final Set<Part> has;
    private final Schools schools;
    private final List<Place> places = new ArrayList<>();

    /** @param weight against the other places of the same part */
    record Place(Part part, double weight) {}

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

    /** The cook's own order; what they left out of it goes below the top, so that nothing is lost. */
    static List<Place> own(List<Part> wanted, Set<Part> parts, Schools schools) {
        LayerOrder order = new LayerOrder(parts, schools);
        for (int i = 0; i < wanted.size(); i++) {
            Part part = wanted.get(i);
            boolean again = wanted.subList(i + 1, wanted.size()).contains(part);
            boolean film = i == 0 && again && (part == Part.RED_SAUCE || part == Part.WHITE_SAUCE);
            order.put(part, film ? FILM : !again && wanted.indexOf(part) < i ? TOP : 1);
        }
        order.addForgotten();
        return order.places;
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
        Map<Part, Boolean> placed = new EnumMap<>(Part.class);
        places.forEach(place -> placed.put(place.part(), true));
        has.stream().filter(part -> !placed.containsKey(part)).forEach(part -> places.addFirst(new Place(part, 1)));
    }
}
