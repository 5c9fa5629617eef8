package nabe.swap.job;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Procedure.Kind;
import org.jspecify.annotations.Nullable;

/** What butter and other fats do: fry, thicken with flour, keep a dough short, brush, mash, grease. */
final class FatJobs {
    private static final Pattern MELTED = Pattern.compile("\\bmelted\\b");
    private static final Pattern JOINS = Pattern.compile("\\bstir|\\bwhisk|\\badd");
    private static final Pattern WORKED_IN = Pattern.compile("\\b(?:stir|beat|whisk|fork|fold|add|swirl|mix|melt)\\w*");
    private static final Pattern FOR_GREASING =
            Pattern.compile("\\bfor (?:greasing|the (?:dish|tin|pan)\\b)|to grease");
    private static final Pattern GREASES = Pattern.compile(
            "\\b(?:for (?:the (?:dish|tin|pan)\\b|greasing)|to grease|extra for)\\b|\\b(?:grease|butter|rub)\\w* (?:the |an? |your |\\d)(?:[\\w.-]+ ){0,5}?(?:dish|tin|pan|casserole|mould|tray|foil|paper|ramekins?)|\\bdish with\\b.*\\bbutter");
    /** "75 g butter, plus a bit for the tin": most of it is for something else. */
    private static final Pattern SOME_MORE = Pattern.compile("\\b(?:plus|and|with|extra)\\b[^,;]{0,24}\\bfor\\b");

    private static final Pattern BRUSHES =
            Pattern.compile("\\b(?:brush\\w*|between each|each (?:sheet|layer)|drizzle\\w*)\\b");
    private static final Pattern RUBS = Pattern.compile("\\b(?:rub|rubbed|cut|pulse|blitz|grate)\\w*\\b");
    private static final Pattern DOTS = Pattern.compile("\\bdot(?:s|ted)?\\b|\\bknobs? of .* over\\b");
    private static final Pattern MASHES = Pattern.compile("\\b(?:mash|crush|cream the potato)\\w*");
    private static final Pattern MELTS = Pattern.compile(
            "\\b(?:melt|heat|fry|soften|cook|saut\\w+|sweat|brown|warm|sizzle|sear|caramel\\w+|wilt|stew|foam)\\w*");
    private static final Pattern SPREADS =
            Pattern.compile("\\b(?:spread|garlic bread|butter(?:ed)? (?:the )?(?:bread|slices|toast))\\b");
    private static final Pattern SPREAD_ON = Pattern.compile(
            "\\bspread (?:it |this |thickly )?(?:on|over) (?:the |each )?(?:\\w+ )?(?:bread|slices|toasts?)\\b");
    private static final Pattern POURS =
            Pattern.compile("\\b(?:nutty|noisette|pour (?:it |the butter )?over|spoon over)\\b");
    private static final Set<String> CRUMBS = Set.of("crumbs", "bread");

    private FatJobs() {}

    static Job of(Scene scene) {
        if (!scene.isPlaced() && (scene.lineSays(GREASES) || scene.sentencesSay(GREASES))
                || scene.lineSays(FOR_GREASING) && !(scene.isPlaced() && scene.lineSays(SOME_MORE))) {
            return Job.GREASES;
        }
        if (scene.lineSays(DOTS)) {
            return Job.DOTS;
        }
        if (scene.lineSays(BRUSHES) || scene.says(BRUSHES) || !scene.isUsed() && scene.sentencesSay(BRUSHES)) {
            return Job.BRUSHED;
        }
        if (scene.says(MELTS) && scene.runSays(POURS) && !scene.with("flour", "milk", "stock", "onion")) {
            return Job.POURED;
        }
        Job mixed = inMixture(scene);
        if (mixed != null) {
            return mixed;
        }
        if (scene.says(DOTS) || scene.laidSays(DOTS)) {
            return Job.DOTS;
        }
        if (scene.says(SPREADS) || scene.sentencesSay(SPREAD_ON)) {
            return Job.SPREAD;
        }
        if (scene.isIn(Kind.MASH) || scene.says(MASHES) || scene.lineSays(MASHES)) {
            return Job.MASH;
        }
        return atTheStove(scene);
    }

    private static @Nullable Job inMixture(Scene scene) {
        Scene.Fellow flour = scene.flour().orElse(null);
        Job job = flour == null ? null : FlourJobs.of(scene.of(flour));
        if (job == Job.SHORT_DOUGH || job == Job.DROPPED_DOUGH || job == Job.CRUMBLE || job == Job.YEAST_DOUGH) {
            boolean liquid = scene.lineSays(MELTED) && !scene.says(RUBS);
            return liquid && job != Job.SHORT_DOUGH ? (job == Job.CRUMBLE ? Job.CRUMBS : Job.DOUGH) : Job.RUBBED_IN;
        }
        if (job == Job.BATTER || job == Job.CREPE) {
            return scene.says(MELTS) && scene.beside().isEmpty() && !scene.says(JOINS) ? Job.SOFTENS : Job.BATTER;
        }
        boolean crumbs = scene.with("crumbs");
        boolean stove = scene.with("stock", "milk", "cream", "onion");
        if (flour == null && crumbs && !stove) {
            return Job.CRUMBS;
        }
        return null;
    }

    private static Job atTheStove(Scene scene) {
        if (scene.beside().stream().anyMatch(r -> r.startsWith("flour"))
                && scene.beside().size() == 1) {
            return Job.ROUX;
        }
        boolean intoLiquid = scene.beside().stream().anyMatch(r -> r.equals("stock") || r.equals("milk"));
        if (scene.says(MELTS) && !intoLiquid) {
            List<String> next = scene.next();
            List<String> beside = scene.beside();
            boolean flour = next.stream().anyMatch(r -> r.startsWith("flour"))
                    || beside.stream().anyMatch(r -> r.startsWith("flour"));
            boolean first = beside.isEmpty() || beside.stream().allMatch(r -> r.startsWith("flour"));
            return flour && first ? Job.ROUX : Job.SOFTENS;
        }
        if (scene.says(WORKED_IN)) {
            return Job.ENRICHES;
        }
        return scene.isHeated() || scene.sentencesSay(MELTS)
                ? Job.SOFTENS
                : isCrumbed(scene) ? Job.CRUMBS : Job.ENRICHES;
    }

    private static boolean isCrumbed(Scene scene) {
        return scene.fellows().stream().anyMatch(f -> f.isOf(CRUMBS));
    }
}
