package nabe.reading.text;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** Tells which kind of bake a recipe is, by its title first and then by what is in it. */
final class FamilyFinder {
    private static final Pattern MASHED = Pattern.compile("\\bmash");
    private static final double DOUGH_GRAMS = Figures.of("reading.lid-flour");
    /** Without a word of rolling, wraps lie flat in layers. */
    private static final Pattern ROLLS = Pattern.compile(
            "\\b(?:roll(?:s|ed|ing)?(?! (?:out|the (?:dough|pastry)))|wrap(?:ped|ping)?\\b|fold|seam|fill the|fill each|stuff)\\b");

    private static final Pattern ROLLED_UP = Pattern.compile("\\broll (?:up|it|them|each|each one) ?");

    /** What a title says; the first that fits counts. */
    private static final Map<Family, Pattern> NAMED = new LinkedHashMap<>();

    static {
        named(Family.MASH_TOPPED, "\\b(?:shepherd|cottage pie|fish pie|mash[- ]topped|mash)");
        named(Family.MOUSSAKA, "moussaka|parmigiana|aubergine parm|eggplant parm");
        named(Family.STUFFED_TUBES, "cannelloni|manicotti|stuffed shells|jumbo shells|stuffed pasta|filled shells");
        named(
                Family.ROLLED,
                "enchilada|burrito|crespelle|rollatini|involtini|rolled|\\brolls?\\b|stuffed cabbage|cr[eê]pes");
        named(Family.LASAGNA, "lasag");
        named(Family.POT_PIE, "pot pie|potpie|\\bpie\\b|cobbler");
        named(Family.GRATIN, "gratin|dauphinois|scalloped|au gratin|boulang");
        named(Family.STRATA, "strata|bread pudding|breakfast bake|egg bake");
        named(Family.BATTER, "toad|popover|yorkshire|batter");
        named(
                Family.PASTA_BAKE,
                "pasta bake|mac and cheese|macaroni|mac & cheese|mac 'n'|baked ziti|baked penne|pastitsio|tuna noodle|noodle");
        named(Family.CASSEROLE, "\\bcasserole\\b");
    }

    private static void named(Family family, String words) {
        NAMED.put(family, Pattern.compile(words));
    }

    private FamilyFinder() {}

    static Family find(String title, List<Line> lines, List<String> steps) {
        String name = title.toLowerCase(Locale.ROOT);
        Family named = named(name);
        String method = String.join(" ", steps).toLowerCase(Locale.ROOT);
        if (named == Family.POT_PIE
                && MASHED.matcher(method).find()
                && !has(lines, "pastry")
                && !has(lines, "lid-dough")
                && flour(lines) < DOUGH_GRAMS) {
            return Family.MASH_TOPPED;
        }
        if (named == Family.MASH_TOPPED
                && !MASHED.matcher(name + " " + method).find()
                && (has(lines, "pastry") || has(lines, "pastry-thin"))) {
            return Family.POT_PIE;
        }
        if (named == Family.ROLLED
                && has(lines, "wrap")
                && !ROLLS.matcher(method).find()) {
            return Family.CASSEROLE;
        }
        return named != null ? named : byContents(lines, method);
    }

    private static @Nullable Family named(String name) {
        return NAMED.entrySet().stream()
                .filter(e -> e.getValue().matcher(name).find())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }

    private static Family byContents(List<Line> lines, String method) {
        if (has(lines, "tubes") || has(lines, "shells")) {
            return Family.STUFFED_TUBES;
        }
        if (has(lines, "sheets") || has(lines, "fresh-sheets")) {
            return Family.LASAGNA;
        }
        if (has(lines, "pastry") || has(lines, "lid-dough")) {
            return Family.POT_PIE;
        }
        if (has(lines, "wrap")) {
            return ROLLS.matcher(method).find() ? Family.ROLLED : Family.LASAGNA;
        }
        if (has(lines, "short-pasta") || has(lines, "noodles") || has(lines, "filled-pasta")) {
            return Family.PASTA_BAKE;
        }
        boolean eggs = lines.stream()
                        .filter(l -> l.hasRole("egg"))
                        .mapToDouble(Line::gramsOrZero)
                        .sum()
                >= 200;
        if (eggs && has(lines, "bread")) {
            return Family.STRATA;
        }
        if (method.contains("mash") && has(lines, "slice-root") && (has(lines, "mince") || has(lines, "pulse"))) {
            return Family.MASH_TOPPED;
        }
        boolean creamy = has(lines, "cream") || has(lines, "milk");
        if (has(lines, "slice-vegetable") && ROLLED_UP.matcher(method).find()) {
            return Family.ROLLED;
        }
        boolean cheesed = has(lines, "melting-cheese") || has(lines, "hard-cheese");
        if (has(lines, "slice-vegetable") && cheesed && method.contains("slic")) {
            return Family.GRATIN;
        }
        return has(lines, "slice-root") && creamy && !has(lines, "soup-tin") ? Family.GRATIN : Family.CASSEROLE;
    }

    private static double flour(List<Line> lines) {
        return lines.stream()
                .filter(l -> l.hasRole("flour") || l.hasRole("flour-raising"))
                .mapToDouble(Line::gramsOrZero)
                .sum();
    }

    private static boolean has(List<Line> lines, String role) {
        return lines.stream().anyMatch(l -> l.hasRole(role));
    }
}
