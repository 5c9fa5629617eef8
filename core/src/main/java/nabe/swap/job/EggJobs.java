package nabe.swap.job;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.Procedure.Kind;
import org.jspecify.annotations.Nullable;

/** What an egg does: holds, sets, lifts, enriches, glazes, or stays an egg. */
final class EggJobs {
    private static final Pattern FOR_COATING = Pattern.compile("\\bfor (?:coating|dipping|crumbing)");
    private static final Pattern MASHED = Pattern.compile("\\bmash");
    private static final Pattern NAMED_CUSTARD = Pattern.compile("\\bcustard\\b");
    private static final Pattern GLAZES = Pattern.compile("\\b(?:glaz\\w*|(?:egg|milk)[ -]?wash|brush\\w*)\\b");
    private static final Pattern BOILED = Pattern.compile(
            "\\bhard[ -]?(?:boiled|cooked)|\\bboiled (?:and |then )?(?:quartered|sliced|halved|peeled)|\\bboiled eggs?|\\bhard-boil|\\beggs?,? boiled|\\bboil (?:the )?eggs|\\b(?:quartered|wells|hollows|crack(?:ed)? (?:an |the |in|into|one|4|four|six))");
    /** What eggs may be beaten with and still be a custard by themselves. */
    private static final Set<String> BEATEN =
            Set.of("egg", "egg-yolk", "egg-white", "salt", "spice", "herb", "dried-herb", "milk", "cream", "mustard");

    private static final double LEAST_CUSTARD = Figures.of("swap.custard-egg");

    private static final Set<String> WATER = Set.of("water", "salt", "egg");
    private static final Pattern FROM_WATER = Pattern.compile("\\b(?:boil|simmer|peel|shell|poach)");
    private static final Pattern COATS = Pattern.compile(
            "\\b(?:dip|coat|dredg|pan[eé])\\w*|\\bpass\\w* .*\\bthrough\\b|\\bbreadcrumb(?:ed|ing| the| them| each)\\b");
    private static final Pattern WHIPPED = Pattern.compile("\\b(?:peaks|stiff|frothy|foamy|whites)\\b");
    private static final Pattern SEPARATED = Pattern.compile("\\bwhites?\\b.*\\b(?:peaks?|stiff|stiffly|foam|snow)\\b");
    private static final Pattern TOP = Pattern.compile("\\b(?:topping|top|custard)\\b");
    private static final double CUSTARD_LIQUID = Figures.of("swap.custard-liquid");

    private EggJobs() {}

    static Job of(Scene scene) {
        if (scene.lineSays(GLAZES) || scene.says(GLAZES) || scene.laidSays(GLAZES)) {
            return Job.GLAZE;
        }
        Scene.Fellow flour = scene.flour().orElse(null);
        Job made = flour == null ? null : inFlour(scene, flour);
        boolean inBatter = made == Job.LIFTS || made == Job.CREPE;
        if (scene.lineSays(BOILED) || !inBatter && scene.says(BOILED) || isAloneInWater(scene)) {
            return Job.BOILED;
        }
        if (scene.says(COATS) && !scene.with("soft-cheese")
                || scene.lineSays(FOR_COATING)
                || !scene.isHeated() && scene.sentencesSay(FlourJobs.DREDGED)) {
            return Job.COATS;
        }
        if (scene.potSays(FlourJobs.CHOUX)) {
            return Job.LIFTS;
        }
        return made != null ? made : sets(scene);
    }

    /** "Lower the eggs into a small pan of water, peel and quarter": nothing else is in their pot. */
    private static boolean isAloneInWater(Scene scene) {
        return scene.fellows().stream().allMatch(f -> f.isOf(WATER)) && scene.potSays(FROM_WATER);
    }

    private static @Nullable Job inFlour(Scene scene, Scene.Fellow flour) {
        Job job = FlourJobs.of(scene.of(flour));
        return switch (job) {
            case BATTER -> Job.LIFTS;
            case CREPE -> Job.CREPE;
            case PASTA_DOUGH -> Job.PASTA_DOUGH;
            case SHORT_DOUGH, DROPPED_DOUGH, YEAST_DOUGH, CRUMBLE -> Job.DOUGH;
            case CUSTARD -> Job.SETS;
            case BINDS -> Job.BINDS;
            default -> null;
        };
    }

    private static Job sets(Scene scene) {
        if (scene.family() == Family.BATTER && scene.isIn(Kind.BATTER)) {
            return Job.LIFTS;
        }
        if (!scene.with("soft-cheese")
                && (scene.isIn(Kind.MASH)
                        || scene.says(MASHED)
                        || scene.with("slice-root", "mash") && scene.potSays(MASHED))) {
            return Job.ENRICHES;
        }
        if (scene.role().equals("egg-white") && scene.says(WHIPPED) || scene.potSays(SEPARATED)) {
            return Job.LIFTS;
        }
        double liquid = scene.grams("milk", "cream", "sour-milk", "sour-cream", "yogurt");
        double solid = scene.grams("soft-cheese", "crumbly-cheese", "leaf", "frozen-leaf", "mince", "crumbs", "pulse");
        if (scene.isLayer() && scene.line().gramsOrZero() >= LEAST_CUSTARD && scene.potHoldsOnly(BEATEN)) {
            return Job.SETS;
        }
        boolean thickened = scene.with("flour", "flour-raising", "starch")
                && !scene.with("mince", "poultry-mince", "soft-cheese")
                && scene.isHeated();
        if (thickened && !scene.lineSays(TOP) && scene.family() != Family.MOUSSAKA && !topOfPasta(scene)) {
            return Job.ENRICHES;
        }
        boolean custard = liquid >= CUSTARD_LIQUID * scene.line().gramsOrZero() && liquid >= solid;
        return custard || scene.runSays(NAMED_CUSTARD) && solid < liquid + 1 ? Job.SETS : Job.BINDS;
    }

    /** A white sauce with eggs that is the lid of a pasta dish sets as a custard does. */
    private static boolean topOfPasta(Scene scene) {
        return scene.isOnTop() && scene.isIn(Kind.WHITE_SAUCE, Kind.BINDER);
    }
}
