package nabe.build;

import java.util.List;
import nabe.recipe.PanSize;

/** The common pans, smallest first, and the one that suits a dish. Sizes: kitchen practice, inside, to the nearest 5 mm. */
public final class Pans {
    /** Baking dishes whose depth a recipe does not give are taken to be this deep. Kitchen practice. */
    static final int USUAL_DEPTH_MM = 55;
    private static final int USUAL_PIE_DEPTH_MM = 45;
    private static final List<Pan> COMMON = List.of(
            Pan.rectangle(200, 200, 50, Material.GLASS), Pan.rectangle(230, 230, 50, Material.GLASS),
            Pan.rectangle(280, 180, 50, Material.GLASS), Pan.rectangle(300, 200, 60, Material.CERAMIC),
            Pan.rectangle(330, 230, 50, Material.GLASS), Pan.rectangle(330, 230, 75, Material.CERAMIC),
            Pan.rectangle(380, 260, 65, Material.ENAMEL), Pan.rectangle(400, 300, 75, Material.ENAMEL));

    private Pans() {
    }

    /**
     * Chooses the pan: the cook's own, else the recipe's, else the smallest common one the dish fits.
     *
     * @param litres what the dish takes up
     */
    public static Pan choose(Pan own, PanSize named, double litres, boolean pie) {
        if (own != null) {
            return own;
        }
        if (named != null && named.litres() == null) {
            Pan pan = fromNamed(named, pie ? USUAL_PIE_DEPTH_MM : USUAL_DEPTH_MM);
            if (pan != null) {
                return pan;
            }
        }
        if (named != null && named.litres() != null && named.shape().equals("oval")) {
            return oval(named.litres());
        }
        double wanted = named != null && named.litres() != null ? named.litres() : litres / 0.85;
        return COMMON.stream().sorted(java.util.Comparator.comparingDouble(Pan::litres))
                .filter(p -> p.litres() >= wanted * 0.97).findFirst().orElse(COMMON.getLast());
    }

    /** An oval dish of this volume, 60 mm deep and 1.4 times as long as wide. Kitchen practice. */
    private static Pan oval(double litres) {
        double width = Math.sqrt(litres * 1e6 / 60 / (1.4 * Math.PI / 4));
        return new Pan(Shape.OVAL, (int) Math.round(1.4 * width), (int) Math.round(width), 60, Material.CERAMIC);
    }

    private static Pan fromNamed(PanSize named, int usualDepth) {
        try {
            int depth = named.depthMm() == null ? usualDepth : named.depthMm();
            if (named.diameterMm() != null) {
                return Pan.round(named.diameterMm(), depth, Material.CERAMIC);
            }
            return new Pan(Shape.ofId(named.shape()), named.lengthMm(), named.widthMm(), depth, Material.GLASS);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
