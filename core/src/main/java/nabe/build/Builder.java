package nabe.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nabe.house.Schools;
import nabe.measure.KitchenText;
import nabe.prep.PrepPlan;
import nabe.prep.ReadyLine;
import nabe.recipe.Family;
import nabe.recipe.Part;
import nabe.recipe.Recipe;

/** Puts the components into the pan, bottom to top. The one way into this package. */
public final class Builder {
    /** Left under the rim so that nothing boils over. Kitchen practice: 10-15 mm. */
    public static final double HEADROOM_MM = 10;
    /** A dried lasagna sheet. Kitchen practice: about 180 x 90 mm. */
    private static final double SHEET_AREA_MM2 = 180 * 90;
    /** Share of the pan that sheets cover, a finger's gap left at the rim. Kitchen practice. */
    private static final double COVERED = 0.9;
    private static final int FEWEST_SHEET_LAYERS = 2;
    private static final int MOST_SHEET_LAYERS = 5;

    /**
     * @param ownPan the cook's pan, or null to take the recipe's or one that fits
     * @param schools how this house builds
     * @return layers whose grams, with the overflow, are the ready grams
     */
    public BuildPlan build(Recipe recipe, PrepPlan prep, Pan ownPan, Schools schools) {
        Map<Part, Component> components = Components.gather(recipe, prep.ready());
        double litres = components.values().stream().mapToDouble(c -> c.grams() / Densities.of(c)).sum() / 1000;
        Pan pan = Pans.choose(ownPan, recipe.pan(), litres, recipe.family() == Family.POT_PIE);
        BuildPlan.Sheets sheets = sheets(components.get(Part.STRUCTURE), pan, recipe.family());
        int sheetLayers = sheets == null ? 3 : sheets.layers();
        List<Layer> full = layers(LayerOrder.of(recipe.family(), components.keySet(), sheetLayers, schools), components, pan);
        return fit(pan, full, sheets);
    }

    private static List<Layer> layers(List<LayerOrder.Place> places, Map<Part, Component> components, Pan pan) {
        Map<Part, Double> weights = new EnumMap<>(Part.class);
        places.forEach(p -> weights.merge(p.part(), p.weight(), Double::sum));
        List<Layer> layers = new ArrayList<>();
        for (LayerOrder.Place place : places) {
            Component component = components.get(place.part());
            double share = place.weight() / weights.get(place.part());
            double grams = component.grams() * share;
            double height = grams / Densities.of(component) * 1000 / pan.areaMm2();
            layers.add(new Layer(component.name(), place.part(), grams, height, share));
        }
        return layers;
    }

    private static BuildPlan fit(Pan pan, List<Layer> full, BuildPlan.Sheets sheets) {
        double height = full.stream().mapToDouble(Layer::heightMm).sum();
        double room = pan.depthMm() - HEADROOM_MM;
        if (height <= room) {
            return new BuildPlan(pan, List.copyOf(full), height, pan.depthMm() - height, null, sheets);
        }
        double keep = room / height;
        List<Layer> fitted = full.stream()
                .map(l -> new Layer(l.name(), l.part(), l.grams() * keep, l.heightMm() * keep, l.share() * keep)).toList();
        double over = full.stream().mapToDouble(Layer::grams).sum() * (1 - keep);
        String advice = "Build " + KitchenText.grams(over) + " (" + Math.round(100 * (1 - keep))
                + " % of every component) in a second, smaller dish, or take a deeper pan.";
        return new BuildPlan(pan, fitted, room, HEADROOM_MM, new Overflow(over, 1 - keep, height - room, advice), sheets);
    }

    private static BuildPlan.Sheets sheets(Component structure, Pan pan, Family family) {
        if (structure == null || family != Family.LASAGNA) {
            return null;
        }
        Optional<ReadyLine> line = structure.lines().stream().filter(r -> r.line().ingredient() != null)
                .filter(r -> r.line().ingredient().role().endsWith("sheets")).findFirst();
        if (line.isEmpty()) {
            return null;
        }
        double one = line.get().line().ingredient().pieceGrams("sheet").orElse(20);
        int have = (int) Math.round(line.get().line().gramsOrZero() / one);
        int perLayer = (int) Math.max(1, Math.round(COVERED * pan.areaMm2() / SHEET_AREA_MM2));
        int layers = Math.clamp(Math.round((float) have / perLayer), FEWEST_SHEET_LAYERS, MOST_SHEET_LAYERS);
        int needed = perLayer * layers;
        int spare = (int) Math.ceil(needed / 8.0);
        return new BuildPlan.Sheets(line.get().line().item(), perLayer, layers, needed, have, spare);
    }
}
