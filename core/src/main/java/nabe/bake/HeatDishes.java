package nabe.bake;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import nabe.bake.heat.Foodstuff;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.HeatLayer;
import nabe.bake.heat.HeatLayerBuilder;
import nabe.bake.heat.Wall;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.build.Shape;
import nabe.larder.Composition;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Properties;
import nabe.prep.ReadyLine;
import nabe.recipe.Family;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/** Turns a built dish into what the heat sees of it. */
final class HeatDishes {
    private static final double THINNEST_MM = 0.2;
    private static final double GLAZE_MM = Figures.of("bake.glaze");
    private static final Set<String> GLAZES =
            Set.of("egg", "egg-yolk", "egg-white", "milk", "cream", "glaze", "sweet-syrup");
    private static final Set<String> HERBS = Set.of("herb", "dried-herb", "spice", "spice-blend", "leaf", "salt");
    private static final Set<String> TOASTED = Set.of("crumbs", "bread", "nut", "seed");
    private static final double DRY = Figures.of("bake.toasts-below");
    private static final double GLAZED = Figures.of("bake.egg-wash-colours");

    private static final Set<String> LATE = Set.of("melting-cheese", "hard-cheese", "topping");
    /** What a line Nabe does not know is taken for: moist and starchy. Kitchen practice. */
    private static final Composition UNKNOWN = new Composition(75, 6, 5, 13, 2, 1, 300, "kitchen practice");

    private final Properties properties;
    private final Openness openness = new Openness();

    HeatDishes(Properties properties) {
        this.properties = properties;
    }

    /**
     * @param said what the method does with each pot before the oven
     * @param lateTopping whether cheese and crumbs at the top go on late; {@code asRead} whether that is for the recipe's layers to say
     * @param end the slow or the quick end of how open its layers are
     */
    HeatDish of(Family family, BuildPlan build, Said said, boolean lateTopping, boolean asRead, End end) {
        List<HeatLayer> layers = new ArrayList<>();
        List<Layer> built = heated(build);
        int lastBase = lastBase(built);
        for (int i = 0; i < built.size(); i++) {
            boolean late = asRead ? built.get(i).late() : lateTopping && i > lastBase;
            layers.add(layer(family, built.get(i), build, said, late, end));
        }
        boolean glazed = build.layers().stream().anyMatch(l -> isThin(l, GLAZES));
        if (glazed && !layers.isEmpty()) {
            layers.add(layers.removeLast().browning(GLAZED));
        }
        Pan pan = build.pan();
        return new HeatDish(layers, halfWidth(pan), pan.shape() == Shape.ROUND, wall(pan.material()));
    }

    private static List<Layer> heated(BuildPlan build) {
        return build.layers().stream()
                .filter(l -> l.heightMm() >= THINNEST_MM && l.grams() > 0 && !isFilm(l))
                .toList();
    }

    /** @return a value for each built layer, 0 for a film that the heat does not see */
    static List<Double> byLayer(BuildPlan build, List<Double> ofHeated) {
        Iterator<Double> values = ofHeated.iterator();
        List<Layer> seen = heated(build);
        return build.layers().stream()
                .map(l -> seen.stream().anyMatch(s -> s == l) ? values.next() : 0.0)
                .toList();
    }

    /** What is brushed or strewn on thinly is a film: what lies under it is what browns. */
    private static boolean isFilm(Layer layer) {
        return isThin(layer, GLAZES) || isThin(layer, HERBS);
    }

    private static boolean isThin(Layer layer, Set<String> roles) {
        return layer.part() == Part.TOPPING
                && layer.heightMm() < GLAZE_MM
                && layer.of().stream()
                        .map(r -> r.line().ingredient())
                        .allMatch(i -> i != null && roles.contains(i.role()));
    }

    /** Crumbs, nuts and pastry toast; cheese, sauces and wet doughs brown. */
    private static boolean toasts(Layer layer, @Nullable Ingredient main, Foodstuff stuff) {
        boolean cheese = layer.part() == Part.HARD_CHEESE || layer.part() == Part.MELTING_CHEESE;
        return !cheese && (stuff.water() < DRY || main != null && TOASTED.contains(main.role()));
    }

    /** @return the index of the topmost layer that is not cheese or crumbs lying open on top */
    private static int lastBase(List<Layer> layers) {
        int i = layers.size() - 1;
        while (i > 0 && LATE.contains(layers.get(i).part().id())) {
            i--;
        }
        return i;
    }

    /** Half the width of an endless dish that heats alike: the slowest eigenvalues of both directions add up. m. */
    private static double halfWidth(Pan pan) {
        double length = (pan.lengthMm() + pan.baseLengthMm()) / 4000.0;
        double width = (pan.widthMm() + pan.baseWidthMm()) / 4000.0;
        return pan.shape() == Shape.ROUND ? width : 1 / Math.sqrt(1 / (length * length) + 1 / (width * width));
    }

    private static Wall wall(Material material) {
        return switch (material) {
            case GLASS -> Wall.GLASS;
            case CERAMIC, UNKNOWN -> Wall.CERAMIC;
            case ENAMEL -> Wall.ENAMEL;
            case METAL -> Wall.METAL;
            case CAST_IRON -> Wall.CAST_IRON;
        };
    }

    /** Which end of a range counts: the slow one for what must be safe, the quick one for how early it may be. */
    enum End {
        SLOW,
        QUICK
    }

    private HeatLayer layer(Family family, Layer layer, BuildPlan build, Said said, boolean late, End end) {
        Ingredient main = layer.of().stream()
                .max(java.util.Comparator.comparingDouble(ReadyLine::readyGrams))
                .map(r -> r.line().ingredient())
                .orElse(null);
        double[] cooking = cooking(family, layer, build, main, said.begun(layer.component()));
        boolean draws =
                layer.part() != Part.MELTING_CHEESE && layer.part() != Part.HARD_CHEESE && layer.part() != Part.TOPPING;
        Openness.Range open = openness.of(layer, main, said.mashed().contains(layer.component()));
        double packed = layer.grams() / (layer.heightMm() * build.pan().areaMm2()) * 1e6;
        Foodstuff stuff = stuff(layer, packed);
        return HeatLayerBuilder.builder()
                .name(layer.name())
                .height(layer.heightMm() / 1000)
                .stuff(stuff)
                .browns(browns(layer, main))
                .toasts(toasts(layer, main, stuff))
                .cooks(cooking[0])
                .root(main != null && main.role().equals("slice-root"))
                .begun(cooking[1])
                .drawsWater(draws)
                .open(end == End.SLOW ? open.slow() : open.quick())
                .topping(late)
                .build();
    }

    private double browns(Layer layer, @Nullable Ingredient main) {
        double usual = switch (layer.part()) {
            case TOPPING -> 0.85;
            case HARD_CHEESE, MELTING_CHEESE -> 0.6;
            case STRUCTURE -> 0.75;
            case WHITE_SAUCE -> 0.6;
            default -> 0.5;
        };
        return main == null ? usual : properties.mid(main, "browning").orElse(usual);
    }

    /** How fast it turns tender against a dry sheet, and how far it is when it goes in. Kitchen practice. */
    private static double[] cooking(
            Family family, Layer layer, BuildPlan build, @Nullable Ingredient main, double begun) {
        if (layer.part() != Part.STRUCTURE || family == Family.MASH_TOPPED || family == Family.STRATA || main == null) {
            return new double[] {0, 1};
        }
        String role = main.role();
        if (build.sheets() != null || role.equals("tubes") || role.equals("shells")) {
            String way = build.sheets() == null
                    ? role.equals("shells") ? "parboil" : "unboiled"
                    : build.sheets().way();
            return new double[] {
                1, way.equals("boil") ? 0.9 : way.equals("parboil") ? 0.55 : role.equals("fresh-sheets") ? 0.5 : 0
            };
        }
        return switch (role) {
            case "slice-root" -> new double[] {1, begun};
            case "slice-vegetable" -> new double[] {1.3, Math.max(0.5, begun)};
            case "pastry", "lid-dough", "pastry-thin", "flour", "batter" -> new double[] {1.2, 0};
            default -> new double[] {0, 1};
        };
    }

    private static Foodstuff stuff(Layer layer, double packed) {
        double[] g = new double[6];
        for (ReadyLine line : layer.of()) {
            Composition c = line.line().ingredient() == null
                    ? UNKNOWN
                    : line.line().ingredient().composition();
            double raw = line.line().gramsOrZero() / 100;
            g[0] += line.line().ingredient() == null ? line.readyGrams() * UNKNOWN.water() / 100 : line.waterGrams();
            g[1] += raw * c.protein();
            g[2] += raw * c.fat();
            g[3] += raw * Math.max(0, c.carbohydrate() - c.fibre());
            g[4] += raw * c.fibre();
            g[5] += raw * c.ash();
        }
        double sum = Math.max(1e-9, g[0] + g[1] + g[2] + g[3] + g[4] + g[5]);
        return new Foodstuff(
                g[0] / sum, g[1] / sum, g[2] / sum, g[3] / sum, g[4] / sum, g[5] / sum, Math.max(50, packed));
    }
}
