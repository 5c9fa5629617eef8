package nabe.swap.job;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Procedure.Kind;

/** What cheese does: melts into a sauce, goes into a filling, lies inside, browns on top, waits at the table. */
final class CheeseJobs {
    private static final Pattern A_DOUGH = Pattern.compile("\\b(?:dough|rub|scone|dumpling|pastry)");
    private static final Pattern SERVED =
            Pattern.compile("\\b(?:to serve|for serving|at the table|on the side|to pass round)\\b");
    private static final Pattern SCATTERS =
            Pattern.compile("\\b(?:scatter|sprinkle|strew|top|dot|finish|dust|cover with)\\w*\\b");
    private static final Pattern MELTS =
            Pattern.compile("\\b(?:melt|whisk|beat|stir|fold|off the heat|until smooth)\\b");

    private static final Pattern FORKED_IN = Pattern.compile("\\b(?:fork|stir|fold|beat|whisk|mix) (?:in|through)\\b");
    private static final Set<String> TRIMMINGS = Set.of(
            "melting-cheese", "hard-cheese", "crumbs", "herb", "dried-herb", "nut", "seed", "spice", "butter", "oil");

    private CheeseJobs() {}

    static Job of(Scene scene) {
        if (scene.isBeside() || scene.lineSays(SERVED)) {
            return Job.TABLE;
        }
        if (scene.isIn(Kind.MASH)) {
            return Job.MASH;
        }
        if (isByItself(scene)) {
            return scene.sentencesSay(FORKED_IN) && !scene.sentencesSay(SCATTERS) && !scene.laidSays(SCATTERS)
                    ? Job.MELTED_IN
                    : scene.isOnTop() ? Job.BROWNS : Job.LAID;
        }
        if (scene.says(SCATTERS)) {
            return TRIMMINGS.containsAll(scene.beside()) ? Job.BROWNS : Job.LAID;
        }
        if (isCrumbed(scene) && scene.isOnTop()) {
            return Job.BROWNS;
        }
        return stirredIn(scene);
    }

    private static boolean isByItself(Scene scene) {
        return !scene.isPlaced()
                ? false
                : scene.isAloneBut(
                        "melting-cheese", "hard-cheese", "crumbly-cheese", "herb", "dried-herb", "spice", "salt");
    }

    /** Mixed into nothing but the crumbs that go on top. */
    private static boolean isCrumbed(Scene scene) {
        return scene.isAloneBut(
                "melting-cheese",
                "hard-cheese",
                "crumbs",
                "bread",
                "butter",
                "oil",
                "herb",
                "dried-herb",
                "nut",
                "seed",
                "cured-meat",
                "spice",
                "salt",
                "grain",
                "aromatic");
    }

    private static Job stirredIn(Scene scene) {
        if (scene.with("flour", "flour-raising") && scene.runSays(A_DOUGH)) {
            return Job.DOUGH;
        }
        boolean eggs = scene.with("egg", "egg-yolk") && !scene.with("flour", "starch");
        boolean sauce =
                scene.potHolds("milk", "cream", "stock", "sour-cream", "sour-milk", "soup-tin", "white-sauce-bought");
        boolean mixed = scene.with("leaf", "frozen-leaf", "soft-cheese", "crumbs") && !scene.isHeated();
        boolean liquid = scene.role().equals("melting-cheese")
                || scene.role().equals("hard-cheese")
                || scene.role().equals("cream-cheese");
        return sauce && !eggs && !mixed && liquid && scene.isStirred(MELTS) ? Job.MELTED_IN : Job.MIXED_IN;
    }
}
