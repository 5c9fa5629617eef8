package nabe.build;

import java.util.List;
import nabe.larder.Figures;
import nabe.recipe.PanSize;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** The common pans, smallest first, and the one that suits a dish. Sizes: kitchen practice, inside, to the nearest 5 mm. */
public final class Pans {
    static final int USUAL_DEPTH_MM = Figures.whole("build.usual-depth");

    private static final int USUAL_PIE_DEPTH_MM = Figures.whole("build.usual-pie-depth");
    private static final List<Pan> COMMON = List.of(
            Pan.rectangle(200, 150, 50, Material.CERAMIC),
            Pan.rectangle(200, 200, 50, Material.GLASS),
            Pan.rectangle(230, 230, 50, Material.GLASS),
            Pan.rectangle(280, 180, 50, Material.GLASS),
            Pan.rectangle(300, 200, 60, Material.CERAMIC),
            Pan.rectangle(330, 230, 50, Material.GLASS),
            Pan.rectangle(330, 230, 75, Material.CERAMIC),
            Pan.rectangle(380, 260, 65, Material.ENAMEL),
            Pan.rectangle(400, 300, 75, Material.ENAMEL));
    private static final List<Named> LIBRARY = List.of(
            new Named(Messages.say("build.small-square-20-cm"), Pan.rectangle(200, 200, 50, Material.GLASS)),
            new Named("Square, 23 cm", Pan.rectangle(230, 230, 50, Material.GLASS)),
            new Named("Rectangle, 28 × 18 cm", Pan.rectangle(280, 180, 50, Material.GLASS)),
            new Named("Rectangle, 30 × 20 cm", Pan.rectangle(300, 200, 60, Material.CERAMIC)),
            new Named("Rectangle, 33 × 23 cm", new Pan(Shape.RECTANGLE, 330, 230, 50, Material.GLASS, 320, 220, 1)),
            new Named(
                    Messages.say("build.deep-rectangle-33-23-cm"),
                    new Pan(Shape.RECTANGLE, 330, 230, 75, Material.CERAMIC, 315, 215, 1)),
            new Named(
                    Messages.say("build.roasting-tin-38-26-cm"),
                    new Pan(Shape.RECTANGLE, 380, 260, 65, Material.ENAMEL, 360, 240, 1)),
            new Named("Round, 23 cm", Pan.round(230, 50, Material.CERAMIC)),
            new Named(Messages.say("build.round-gratin-28-cm"), Pan.round(280, 55, Material.CERAMIC)),
            new Named(
                    Messages.say("build.pie-dish-25-cm"),
                    new Pan(Shape.ROUND, 250, 250, 45, Material.METAL, 210, 210, 1)),
            new Named("Oval, 32 × 23 cm", new Pan(Shape.OVAL, 320, 230, 60, Material.CERAMIC)),
            new Named(
                    Messages.say("build.loaf-tin-23-13-cm"),
                    new Pan(Shape.RECTANGLE, 230, 130, 70, Material.METAL, 210, 110, 1)),
            new Named("Skillet, 26 cm", new Pan(Shape.ROUND, 260, 260, 50, Material.CAST_IRON, 240, 240, 1)),
            new Named(
                    Messages.say("build.six-small-dishes-12-cm"),
                    new Pan(Shape.ROUND, 120, 120, 50, Material.CERAMIC, 120, 120, 6)));

    private static final int DEEPER_MM = 5;
    private static final int DEEPEST_MM = Figures.whole("build.deepest-said");
    private static final double OVAL_RATIO = Figures.of("build.oval-ratio");

    /** A pan with the name it goes by. */
    public record Named(String name, Pan pan) {}

    /** @return common pans by name, to choose from */
    public static List<Named> library() {
        return LIBRARY;
    }

    /** @return common pans, smallest first */
    static List<Pan> common() {
        return COMMON.stream()
                .sorted(java.util.Comparator.comparingDouble(Pan::litres))
                .toList();
    }

    /** @return the pan a recipe names by its sizes, as deep as {@code depthMm} where it does not say; null where it names none or an odd one */
    static @Nullable Pan named(@Nullable PanSize named, int depthMm) {
        return named == null || !named.isMeasured() ? null : fromNamed(named, depthMm);
    }

    /** @return the smallest common pan that takes this much under its headroom, or the largest there is */
    static Pan smallest(double litres) {
        return common().stream().filter(p -> takes(p, litres)).findFirst().orElse(COMMON.getLast());
    }

    private static final double MOST_OVER_SAID = Figures.of("build.most-over-said");

    private Pans() {}

    /**
     * Chooses the pan: the cook's own, else the recipe's, else the smallest common one the dish fits.
     *
     * @param litres what the dish takes up
     */
    public static Pan choose(@Nullable Pan own, @Nullable PanSize named, double litres, boolean pie) {
        if (own != null) {
            return own;
        }
        Pan pan = chosen(named, litres, pie);
        return madeOf(named, named != null && named.depthMm() == null ? deepEnough(pan, litres) : pan);
    }

    /** A recipe's own dish takes what the recipe puts in it: where it does not say how deep, it is as deep as that asks, within reason. */
    private static Pan deepEnough(Pan pan, double litres) {
        Pan deeper = pan;
        while (!takes(deeper, litres) && deeper.depthMm() + DEEPER_MM <= DEEPEST_MM) {
            deeper = deeper.deep(deeper.depthMm() + DEEPER_MM);
        }
        return deeper;
    }

    /** Of what the text says; a pan that Nabe picks is of nobody knows what. */
    private static Pan madeOf(@Nullable PanSize named, Pan pan) {
        return pan.of(named == null || named.material() == null ? Material.UNKNOWN : Material.ofId(named.material()));
    }

    private static Pan chosen(@Nullable PanSize named, double litres, boolean pie) {
        if (named != null && named.isMeasured()) {
            Pan pan = fromNamed(named, pie ? USUAL_PIE_DEPTH_MM : USUAL_DEPTH_MM);
            if (pan != null) {
                return pan;
            }
        }
        if (named != null && named.litres() != null && named.shape().equals("oval")) {
            return oval(named.litres());
        }
        Double said = named == null ? null : named.litres();
        return said == null
                ? common().stream().filter(p -> takes(p, litres)).findFirst().orElse(COMMON.getLast())
                : ofLitres(said, litres);
    }

    /** A dish told by its litres: the common one of about that size in which the food lies as it would in the cook's. */
    private static Pan ofLitres(double said, double litres) {
        List<Pan> large =
                common().stream().filter(p -> p.litres() >= said * 0.97).toList();
        return large.stream()
                .filter(p -> p.litres() <= MOST_OVER_SAID * said && takes(p, litres))
                .findFirst()
                .orElse(large.isEmpty() ? COMMON.getLast() : large.getFirst());
    }

    private static boolean takes(Pan pan, double litres) {
        return pan.volumeTo(pan.depthMm() - Builder.HEADROOM_MM) / 1e6 >= litres;
    }

    /** An oval dish of this volume, 60 mm deep and 1.4 times as long as wide. Kitchen practice. */
    private static Pan oval(double litres) {
        double width = Math.sqrt(litres * 1e6 / 60 / (OVAL_RATIO * Math.PI / 4));
        return new Pan(Shape.OVAL, (int) Math.round(OVAL_RATIO * width), (int) Math.round(width), 60, Material.CERAMIC);
    }

    private static @Nullable Pan fromNamed(PanSize named, int usualDepth) {
        try {
            int depth = named.depthMm() == null ? usualDepth : named.depthMm();
            if (named.shape().equals("oval") && named.widthMm() == null && named.lengthMm() != null) {
                return new Pan(
                        Shape.OVAL,
                        named.lengthMm(),
                        (int) Math.round(named.lengthMm() / OVAL_RATIO),
                        depth,
                        Material.UNKNOWN);
            }
            if (named.diameterMm() != null) {
                return Pan.round(named.diameterMm(), depth, Material.UNKNOWN);
            }
            return named.lengthMm() == null || named.widthMm() == null
                    ? null
                    : new Pan(outline(named.shape()), named.lengthMm(), named.widthMm(), depth, Material.UNKNOWN);
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    /** A square is a rectangle whose sides agree. */
    private static Shape outline(String shape) {
        return shape.equals("square") ? Shape.RECTANGLE : Shape.ofId(shape);
    }
}
