package nabe.swap.job;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.Procedure.Kind;
import org.jspecify.annotations.Nullable;

/** What flour does: by what it meets, in which order, and what becomes of the mixture. */
final class FlourJobs {
    private static final Pattern TO_COAT = Pattern.compile("\\b(?:dredg|coat|tossing|seasoned flour)");
    private static final Pattern A_DOUGH = Pattern.compile("\\b(?:dough|pastry)\\b");
    private static final Pattern NAMED_CRUMBLE = Pattern.compile("\\bcrumble\\b");
    private static final Pattern NAMED_PASTRY = Pattern.compile("\\b(?:pastry|short ?crust|pie dough)\\b");
    private static final Pattern BOARD = Pattern.compile(
            "\\b(?:dust|flour|sprinkle)\\w* (?:the |a |your |over )?(?:\\w+ )?(?:board|surface|worktop|bench|tin|dish|counter)|for (?:dusting|rolling|kneading)|to dust|for the (?:board|surface)");
    /** "250 g flour, plus extra to dust": most of it is for something else. */
    private static final Pattern SOME_MORE =
            Pattern.compile("\\b(?:plus|and|with|extra|more)\\b[^,;]{0,24}\\b(?:for|to dust)\\b");

    private static final Pattern COATED =
            Pattern.compile("\\b(?:toss|dredg|coat|dip|dust|roll|shake|turn|flour|press|drag|pass)\\w*\\b");
    private static final Pattern COATED_IN = Pattern.compile(
            "\\b(?:(?:toss|dredg|coat|dip|dust|roll|shake|turn|press|drag|pass)\\w*\\b.*\\b(?:in|with|through)\\b|flour the (?!board|surface|tin|dish))");
    private static final Pattern FRIES = Pattern.compile("\\b(?:fry|fried|brown|sear|crisp|saut\\w+)");
    private static final Pattern THIN_CAKES =
            Pattern.compile("\\b(?:pancakes?|cr[eê]pes?|crespelle|galettes?|blini)\\b");
    private static final Pattern BATTER = Pattern.compile("\\b(?:batter|popovers?|puddings?)\\b");
    private static final Pattern YEAST =
            Pattern.compile("\\b(?:prove|proof|rise until|doubled|(?:dried|dry|instant|fresh|active) yeast)\\b");
    private static final Pattern RUBS = Pattern.compile(
            "\\b(?:rub(?:bed)?|cut|pulse|work|blitz)\\w* (?:in|the|into|together|\\d|with)|\\brub\\b|\\bcrumbs?\\b");
    private static final Pattern ROLLS =
            Pattern.compile("\\b(?:roll|knead|line|press (?:it |the \\w+ )?(?:into|over)|pastry|crust|wrap|chill)\\b");
    /** "Pulse till it clumps … roll out": no crumble. */
    private static final Pattern ROLLED_OUT =
            Pattern.compile("\\broll\\w* (?:(?:it|the \\p{L}+) )?out\\b|\\bline (?:a|the|your)\\b");

    /** "Mix with the melted butter and press into a lined tin": a crust without rolling. */
    private static final Pattern PRESSED = Pattern.compile(
            "\\bpress\\w* (?:it |this |them |the \\w+ )?(?:firmly |evenly )?(?:into|over|onto)\\b|\\bblind\\b");

    private static final Pattern DROPS = Pattern.compile(
            "\\b(?:drop|dollop|spoonfuls?|dumplings?|scones?|cobbler|biscuits?|soft dough|sticky dough|stamp|rounds)\\b");
    private static final Pattern SCATTERS =
            Pattern.compile("\\b(?:crumble|streusel|scatter|sprinkle over|strew|crumbly|clumps?|rubble)\\b");
    /** "Scatter with the semolina": what soaks up juice under a filling. */
    private static final Pattern STREWN =
            Pattern.compile("^(?:and |then )?(?:scatter|sprinkle|dust|strew)\\w* with\\b");

    private static final Pattern KNEADS = Pattern.compile("\\b(?:knead|roll)\\b");
    private static final Pattern PASTA =
            Pattern.compile("\\b(?:pasta|sheets?|ravioli|tagliatelle|noodles?|rectangles)\\b");
    private static final Pattern COLD = Pattern.compile("\\b(?:cold|slake|paste|slurry|jar|smooth)\\b");
    private static final Pattern SHAPED =
            Pattern.compile("\\b(?:patt(?:y|ies)|balls?|fritters?|cakes|burgers?|meatballs?)\\b");
    private static final Set<String> LIQUIDS = Set.of("water", "milk", "stock", "cream");
    static final Pattern CHOUX = Pattern.compile("\\b(?:choux|leaves the sides)\\b");
    /** "Put the flour in a bowl. Dredge the slices in flour": however much stands there. */
    static final Pattern DREDGED = Pattern.compile("\\b(?:dredg|dip)\\w*\\b.*\\b(?:in|into|through)\\b");

    private static final double MOST_COATING_GRAMS = Figures.of("swap.coating-flour");
    private static final double RUNS = Figures.of("swap.dough-runs-from");
    private static final double A_LITTLE_FLOUR = Figures.of("swap.little-flour");

    private static final Pattern PUTS = Pattern.compile("\\b(?:put|place|add|tip|measure)\\b");

    private FlourJobs() {}

    static Job of(Scene scene) {
        return scene.asFlour(FlourJobs::find);
    }

    private static @Nullable Job find(Scene scene) {
        if (scene.lineSays(BOARD) && !scene.lineSays(SOME_MORE) || scene.says(BOARD)) {
            return coats(scene) ? Job.DREDGE : Job.DUSTING;
        }
        if (coats(scene)) {
            return Job.DREDGE;
        }
        if (scene.says(STREWN) && scene.line().gramsOrZero() <= A_LITTLE_FLOUR && !scene.isHeated()) {
            return Job.DUSTING;
        }
        if (scene.potSays(CHOUX)) {
            return Job.DROPPED_DOUGH;
        }
        Job mixture = mixture(scene);
        return mixture != null ? mixture : thickens(scene);
    }

    private static boolean coats(Scene scene) {
        boolean little = scene.line().gramsOrZero() <= MOST_COATING_GRAMS;
        boolean toCoat = scene.lineSays(TO_COAT);
        if (!scene.isHeated() && scene.sentencesSay(DREDGED)) {
            return true;
        }
        boolean shaken = scene.beside().stream().anyMatch(LIQUIDS::contains);
        return little
                && (scene.says(COATED_IN) && !scene.says(A_DOUGH) && !shaken
                        || toCoat
                        || scene.lineSays(BOARD) && scene.sentencesSay(COATED) && scene.methodSays(FRIES));
    }

    /** @return the dough or batter it makes, or null where it thickens */
    private static @Nullable Job mixture(Scene scene) {
        boolean liquid = scene.grams("milk", "sour-milk", "water", "beer", "cream") > 0;
        boolean egg = scene.with("egg", "egg-white", "egg-yolk");
        double eggs = scene.grams("egg", "egg-yolk");
        boolean fat = scene.with("butter", "animal-fat", "oil");
        if (scene.lineSays(THIN_CAKES) || (egg || liquid) && scene.runSays(THIN_CAKES)) {
            return Job.CREPE;
        }
        if (egg
                && scene.grams("cream", "milk", "yogurt", "sour-cream", "sour-milk")
                        > scene.line().gramsOrZero()
                && eggs > 2 * scene.line().gramsOrZero()) {
            return Job.CUSTARD;
        }
        if ((egg || liquid) && (scene.runSays(BATTER) || scene.lineSays(BATTER)) && !scene.runSays(RUBS)
                || scene.family() == Family.BATTER && (scene.isIn(Kind.BATTER) || egg && liquid)) {
            return Job.BATTER;
        }
        if (scene.runSays(YEAST) || scene.holds("dried-yeast")) {
            return Job.YEAST_DOUGH;
        }
        if (scene.grams("mince", "poultry-mince") > 0 || scene.runSays(SHAPED) && (egg || !scene.isHeated())) {
            return scene.runSays(SHAPED) ? Job.BINDS : null;
        }
        if (egg && !fat && scene.runSays(KNEADS) && eggs > scene.line().gramsOrZero() / 4) {
            return Job.PASTA_DOUGH;
        }
        if (!fat && scene.runSays(KNEADS) && scene.runSays(PASTA)) {
            return Job.PASTA_DOUGH;
        }
        return dough(scene, fat, liquid || egg || scene.with("yogurt", "sour-cream"));
    }

    private static @Nullable Job dough(Scene scene, boolean fat, boolean wet) {
        boolean raises = scene.role().equals("flour-raising") || scene.with("leavening");
        boolean rubbed = fat && scene.runSays(RUBS);
        boolean solid = scene.with("animal-fat") && !scene.isHeated();
        if (scene.headingSays(SCATTERS) || scene.lineSays(NAMED_CRUMBLE)) {
            return Job.CRUMBLE;
        }
        boolean runs = scene.grams("milk", "water", "cream", "stock", "sour-milk", "beer")
                > RUNS * scene.line().gramsOrZero();
        if (runs && scene.isHeated() && !scene.runSays(NAMED_PASTRY)) {
            return null;
        }
        if ((wet || raises) && (scene.runSays(DROPS) || raises) && !cooksFirst(scene)) {
            return Job.DROPPED_DOUGH;
        }
        boolean rolled = wet && scene.runSays(ROLLED_OUT);
        if ((rubbed || solid) && !rolled && (scene.runSays(SCATTERS) || !wet && !scene.runSays(ROLLS))) {
            return Job.CRUMBLE;
        }
        boolean stirred = fat && wet && scene.runSays(A_DOUGH) && scene.runSays(ROLLS);
        boolean pressed = fat && !wet && scene.runSays(PRESSED);
        if (rubbed || solid || stirred || pressed || scene.runSays(NAMED_PASTRY)) {
            return Job.SHORT_DOUGH;
        }
        if (scene.runSays(DROPS) && wet) {
            return Job.DROPPED_DOUGH;
        }
        if (fat && !wet && scene.isIn(Kind.TOPPING, Kind.CRUST) && !cooksFirst(scene)) {
            return Job.CRUMBLE;
        }
        boolean structure =
                scene.isIn(Kind.CRUST) || !scene.isPlaced() && scene.line().part() == nabe.recipe.Part.STRUCTURE;
        return structure && !cooksFirst(scene) ? (raises ? Job.DROPPED_DOUGH : Job.SHORT_DOUGH) : null;
    }

    /** A little flour cooked in a pan is no dough. */
    private static boolean cooksFirst(Scene scene) {
        return scene.isHeated()
                && scene.line().gramsOrZero() < 4 * A_LITTLE_FLOUR
                && !scene.runSays(RUBS)
                && !scene.runSays(PRESSED)
                && !scene.with("leavening");
    }

    private static Job thickens(Scene scene) {
        boolean inFat = scene.with("butter", "oil", "animal-fat", "cured-meat", "mince", "meat", "poultry", "onion");
        boolean cold = scene.says(COLD) && scene.beside().stream().anyMatch(LIQUIDS::contains);
        return cold
                        || isAllAtOnce(scene)
                        || !inFat && scene.with("milk", "stock", "water", "cream", "sour-cream", "sour-milk", "yogurt")
                ? Job.SLURRY
                : Job.ROUX;
    }

    /** "Put the milk, flour and butter in a pan and whisk": no roux comes first. */
    private static boolean isAllAtOnce(Scene scene) {
        return scene.beside().contains("butter")
                && scene.beside().stream().anyMatch(LIQUIDS::contains)
                && scene.says(PUTS);
    }
}
