package nabe.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nabe.measure.KitchenText;
import nabe.measure.Spoons;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/** Stands components in a pan as layers, each as high as its volume makes it there. */
final class Stack {
    private final Pan pan;
    private final Spoons spoons;

    Stack(Pan pan, Spoons spoons) {
        this.pan = pan;
        this.spoons = spoons;
    }

    /** @return the whole of every component, over the rim where it is too much */
    List<Layer> of(List<LayerOrder.Place> places, Map<String, Component> components) {
        Map<String, Double> weights = new HashMap<>();
        Map<String, Integer> left = new HashMap<>();
        places.forEach(p -> {
            weights.merge(p.component(), p.weight(), Double::sum);
            left.merge(p.component(), 1, Integer::sum);
        });
        Map<String, Integer> all = new HashMap<>(left);
        List<Layer> layers = new ArrayList<>();
        for (LayerOrder.Place place : places) {
            Component component = of(place.component(), components);
            double share = place.weight() / weights.getOrDefault(place.component(), 1.0);
            boolean reserved = left.merge(place.component(), -1, Integer::sum) == 0
                    && all.getOrDefault(place.component(), 0) > 1
                    && (component.part() == Part.RED_SAUCE || component.part() == Part.WHITE_SAUCE);
            layers.add(LayerBuilder.builder()
                    .component(component.id())
                    .name(component.name())
                    .part(component.part())
                    .grams(component.grams() * share)
                    .share(share)
                    .reserved(reserved)
                    .late(place.late())
                    .words(place.words())
                    .of(component.lines().stream().map(l -> l.times(share)).toList())
                    .build());
        }
        return standing(layers, components);
    }

    /** @return the same layers with their heights in this pan and their kitchen measures */
    List<Layer> standing(List<Layer> layers, Map<String, Component> components) {
        List<Layer> standing = new ArrayList<>();
        double volume = 0;
        double height = 0;
        for (Layer layer : layers) {
            Component component = of(layer.component(), components);
            volume += layer.grams() / Densities.of(component) * 1000;
            double top = pan.heightOf(volume);
            standing.add(layer.times(1, top - height).measured(measure(layer, component)));
            height = top;
        }
        return standing;
    }

    private static Component of(String id, Map<String, Component> components) {
        return Objects.requireNonNull(components.get(id));
    }

    double volume(List<Layer> layers, Map<String, Component> components) {
        return layers.stream()
                .mapToDouble(l -> l.grams() / Densities.of(of(l.component(), components)) * 1000)
                .sum();
    }

    private @Nullable String measure(Layer layer, Component component) {
        return layer.part() == Part.STRUCTURE || layer.grams() < 1
                ? null
                : KitchenText.spoonsOrCups(layer.grams() / Densities.ofMeasure(component), spoons);
    }

    static double height(List<Layer> layers) {
        return layers.stream().mapToDouble(Layer::heightMm).sum();
    }
}
