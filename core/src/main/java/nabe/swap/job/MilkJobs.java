package nabe.swap.job;

import java.util.regex.Pattern;
import nabe.recipe.Procedure.Kind;
import org.jspecify.annotations.Nullable;

/** What milk, cream and their soured kin do. */
final class MilkJobs {
    private static final Pattern BREAD = Pattern.compile("\\b(?:bread|crumbs)");
    private static final Pattern GLAZES = Pattern.compile("\\b(?:glaz\\w*|brush\\w*)\\b");
    /** "120 ml milk, plus extra for brushing": most of it is for something else. */
    private static final Pattern SOME_MORE =
            Pattern.compile("\\b(?:plus|and|with|extra|more)\\b[^,;]{0,24}\\b(?:for|to)\\b");

    private static final Pattern SERVED = Pattern.compile(
            "\\b(?:to serve|for serving|at the table|on the side|to finish at table|dollop(?:ed)? on each)\\b");
    private static final Pattern POACHES = Pattern.compile("\\b(?:poach|infuse|bring .* with the bay)\\w*");
    private static final Pattern SOAKS = Pattern.compile("\\bsoak\\w*");
    private static final Pattern MASHES = Pattern.compile("\\bmash\\w*");
    private static final Pattern WHIPS = Pattern.compile("\\b(?:whip|whipped|soft peaks)\\b");
    private static final Pattern OVER = Pattern.compile("\\b(?:pour|over)\\b");
    private static final String[] WITH_SLICES = {
        "milk",
        "cream",
        "sour-cream",
        "aromatic",
        "spice",
        "salt",
        "melting-cheese",
        "hard-cheese",
        "slice-root",
        "root",
        "herb",
        "stock",
        "mustard",
        "onion",
        "vegetable",
        "butter",
        "coconut",
        "dried-herb",
        "water"
    };

    private MilkJobs() {}

    static Job of(Scene scene) {
        if (scene.lineSays(GLAZES) && !scene.lineSays(SOME_MORE) || scene.says(GLAZES) || scene.laidSays(GLAZES)) {
            return Job.GLAZE;
        }
        if (isServed(scene)) {
            return Job.TABLE;
        }
        if (scene.says(POACHES) && scene.isPlaced()) {
            return Job.POACHES;
        }
        Job mixed = inMixture(scene);
        if (mixed != null) {
            return mixed;
        }
        if (scene.isIn(Kind.MASH) && !scene.with("flour", "flour-raising")
                || scene.says(MASHES)
                || scene.lineSays(MASHES)) {
            return Job.MASH;
        }
        if (scene.says(SOAKS) && (scene.sentencesSay(BREAD))) {
            return Job.SOAKS;
        }
        if (scene.says(WHIPS)) {
            return Job.WHIPPED;
        }
        return inSauce(scene);
    }

    static boolean isServed(Scene scene) {
        return scene.isBeside() || scene.lineSays(SERVED);
    }

    private static @Nullable Job inMixture(Scene scene) {
        Scene.Fellow flour = scene.flour().orElse(null);
        Job job = flour == null ? null : FlourJobs.of(scene.of(flour));
        if (job != null) {
            switch (job) {
                case BATTER, CREPE:
                    return Job.BATTER;
                case SHORT_DOUGH, DROPPED_DOUGH, YEAST_DOUGH, CRUMBLE:
                    return Job.DOUGH;
                default:
                    break;
            }
        }
        Scene.Fellow egg = scene.fellows().stream()
                .filter(f -> f.line().food().role().startsWith("egg"))
                .findFirst()
                .orElse(null);
        boolean sets = egg != null && EggJobs.of(scene.of(egg)) == Job.SETS;
        boolean cooked = scene.with("flour") && scene.isHeated();
        return sets && !cooked ? Job.CUSTARD : null;
    }

    private static Job inSauce(Scene scene) {
        boolean thickened = scene.with("flour", "flour-raising", "starch", "soup-tin", "gravy");
        if (scene.isAloneBut(WITH_SLICES) && !thickened && !scene.isHeated() && scene.methodSays(OVER)) {
            return Job.POURED;
        }
        double liquid = scene.grams("milk", "stock", "water");
        boolean cream = scene.role().equals("cream") || scene.role().equals("sour-cream");
        return cream && thickened && liquid > scene.line().gramsOrZero() ? Job.ENRICHES : Job.SAUCE;
    }
}
