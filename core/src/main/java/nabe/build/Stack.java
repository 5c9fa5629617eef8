package nabe.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nabe.measure.KitchenText;
import nabe.measure.Spoons;
import nabe.recipe.Part;

/** Stands components in a pan as layers, each as high as its volume makes it there. */
final class Stack {
    private final Pan pan;
    private final Spoons spoons;

    Stack(Pan pan, Spoons spoons) {
        this.pan = pan;
        this.spoons = spoons;
    }

    /** @return the whole of every component, over the rim where it is too much */
    List<Layer> of(List<LayerOrder.Place> places, Map<Part, Component> components) {
        Map<Part, Double> weights = new EnumMap<>(Part.class);
        Map<Part, Integer> left = new EnumMap<>(Part.class);
        places.forEach(p -> {
            weights.merge(p.part(), p.weight(), Double::sum);
            left.merge(p.part(), 1, Integer::sum);
        });
        Map<Part, Integer> all = new EnumMap<>(left);
        List<Layer> layers = new ArrayList<>();
        for (LayerOrder.Place place : places) {
            Component component = components.get(place.part());
            double share = place.weight() / weights.get(place.part());
            boolean reserved = left.merge(place.part(), -1, Integer::sum) == 0
                    && all.get(place.part()) > 1
                    && place.part() != Part.STRUCTURE;
            layers.add(new Layer(
                    component.name(),
                    place.part(),
                    component.grams() * share,
                    0,
                    share,
                    null,
                    reserved,
                    component.lines().stream().map(l -> l.times(share)).toList()));
        }
        return standing(layers, components);
    }

    /** @return the same layers with their heights in this pan and their kitchen measures */
    List<Layer> standing(List<Layer> layers, Map<Part, Component> components) {
        List<Layer> standing = new ArrayList<>();
        double volume = 0;
        double height = 0;
        for (Layer layer : layers) {
            Component component = components.get(layer.part());
            volume += layer.grams() / Densities.of(component) * 1000;
            double top = pan.heightOf(volume);
            standing.add(layer.times(1, top - height).measured(measure(layer, component)));
            height = top;
        }
        return standing;
    }

    double volume(List<Layer> layers, Map<Part, Component> components) {
        return layers.stream()
                .mapToDouble(l -> l.grams() / Densities.of(components.get(l.part())) * 1000)
                .sum();
    }

    private String measure(Layer layer, Component component) {
        return layer.part() == Part.STRUCTURE || layer.grams() < 1
                ? null
                : KitchenText.spoonsOrCups(layer.grams() / Densities.of(component), spoons);
    }

    static double height(List<Layer> layers) {
        return layers.stream().mapToDouble(Layer::heightMm).sum();
    }
}
