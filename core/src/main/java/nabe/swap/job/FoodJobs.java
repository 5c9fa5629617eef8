package nabe.swap.job;

import java.util.List;
import java.util.regex.Pattern;
import nabe.recipe.Procedure.Kind;

/** What nuts, bread, pasta and meat do. */
final class FoodJobs {
    private static final Pattern SMOOTH = Pattern.compile("\\b(?:water|cream|smooth|sauce)\\b");
    private static final Pattern SOAKED = Pattern.compile("\\bsoak");
    private static final Pattern COOKED_ALREADY = Pattern.compile("\\b(?:cooked|boiled|drained)\\b");
    private static final Pattern TO_BOIL = Pattern.compile("\\b(?:boil|cook|al dente|packet|blanch)");
    private static final Pattern BOILED = Pattern.compile("\\bboil|\\bcook");
    private static final Pattern BLENDS = Pattern.compile("\\b(?:blend|pur[eé]e|blitz|whizz|liquidi[sz]e)\\w*");
    private static final Pattern AS_CHEESE = Pattern.compile("\\b(?:ground|grind|process|pulse|blitz|whizz)\\w*");
    private static final Pattern GROUND = Pattern.compile("\\b(?:ground|finely|minced)\\b");
    private static final Pattern SERVED = Pattern.compile("\\b(?:to serve|for serving|on the side)\\b");
    private static final Pattern FRIES = Pattern.compile("\\b(?:fry|fried|toast|crisp|golden)\\w*");
    private static final Pattern BLITZED = Pattern.compile("\\b(?:blitz|crumbs|whizz|grate|process)\\w*");
    private static final Pattern PIECES = Pattern.compile("\\b(?:chunks?|cube[sd]?|dice[sd]?|pieces|torn|tear)\\b");
    private static final Pattern STUFFS = Pattern.compile("\\bstuffing\\b");
    private static final Pattern COATS = Pattern.compile("\\b(?:coat|dip|press|roll)\\w*\\b.*\\bin\\b");
    private static final Pattern BASE = Pattern.compile("\\b(?:line|base|bottom|slices?)\\b");
    private static final Pattern BOILS =
            Pattern.compile("\\b(?:boil|cook|al dente|packet|package|blanch|drain|simmering water)\\w*");
    private static final Pattern HALF = Pattern.compile("\\b(?:parboil\\w*|half (?:the|its|their)|half-cook)");
    private static final Pattern DRY =
            Pattern.compile("\\b(?:dry|uncooked|raw|straight from the packet|unboiled|no-boil)\\b");
    private static final Pattern SHAPES =
            Pattern.compile("\\b(?:shape|roll (?:it |them )?into|balls?|patt(?:y|ies)|meatballs?|koftas?|form)\\b");
    private static final Pattern CRUMBLES = Pattern.compile(
            "\\b(?:casings? (?:removed|off)|out of (?:its|their) (?:casings?|skins?)|skinned|skins? removed|crumbl\\w+|break\\w* (?:it |them )?up|squeeze\\w* (?:from|out)|sausage ?meat|ground|loose|bulk|broken up)\\b");
    private static final List<Kind> TOPS = List.of(Kind.TOPPING, Kind.CRUST, Kind.GARNISH);

    private FoodJobs() {}

    static Job nut(Scene scene) {
        boolean wet = scene.with("water", "milk", "stock", "coconut") || scene.runSays(SMOOTH);
        if (scene.with("yeast-flakes") && scene.runSays(AS_CHEESE) && !scene.with("water", "milk", "stock")) {
            return Job.GRATED;
        }
        if (scene.runSays(BLENDS) && wet) {
            return Job.CREAM;
        }
        if (scene.with("herb", "leaf") && scene.with("oil") && scene.runSays(AS_CHEESE)) {
            return Job.SEASONING;
        }
        boolean top = scene.isOnTop()
                || TOPS.stream().anyMatch(scene::isIn)
                || scene.with("crumbs", "grain") && scene.line().part() == nabe.recipe.Part.TOPPING;
        return top && !scene.with("egg", "pulse") && !scene.lineSays(GROUND) || !scene.isPlaced()
                ? Job.CRUNCH
                : Job.FILLING;
    }

    static Job crumbs(Scene scene) {
        if (scene.line().food().id().contains("stuffing") || scene.says(STUFFS)) {
            return Job.STUFFING;
        }
        if (scene.line().food().id().contains("onion")) {
            return Job.CRUNCH;
        }
        if (scene.says(COATS) && scene.with("egg")) {
            return Job.COATS;
        }
        boolean meat = scene.with("mince", "poultry-mince", "sausage") && !scene.isOnTop();
        if (meat) {
            return Job.PANADE;
        }
        boolean bound = scene.beside().contains("egg");
        boolean filling = scene.with("nut", "pulse", "egg", "soft-cheese", "leaf", "mushroom")
                && !TOPS.stream().anyMatch(scene::isIn);
        return bound || filling ? Job.FILLING : Job.CRUMBS;
    }

    static Job bread(Scene scene) {
        if (scene.isBeside() || scene.lineSays(SERVED)) {
            return Job.TABLE;
        }
        if (scene.says(FRIES) && !scene.dishHasCustard()) {
            return Job.FRIED;
        }
        if (scene.says(BLITZED) || scene.lineSays(BLITZED)) {
            return Job.CRUMBS;
        }
        if (scene.says(STUFFS) || scene.runSays(STUFFS)) {
            return Job.STUFFING;
        }
        if (scene.with("mince", "poultry-mince")) {
            return Job.PANADE;
        }
        if (scene.dishHasCustard() || scene.runSays(SOAKED)) {
            return Job.CUBES;
        }
        boolean top = scene.isOnTop() && !scene.lineSays(BASE);
        boolean pieces = scene.says(PIECES) || scene.lineSays(PIECES);
        return top ? pieces ? Job.CRUNCH : Job.CRUMBS : Job.BASE;
    }

    static Job pasta(Scene scene) {
        switch (scene.role()) {
            case "sheets", "fresh-sheets":
                return Job.SHEETS;
            case "tubes":
                return Job.TUBES;
            case "shells":
                return Job.SHELLS;
            default:
                break;
        }
        if (scene.saysAtOnce(HALF)) {
            return Job.PARBOILED;
        }
        boolean dry = scene.says(DRY)
                || scene.sentencesSay(
                        Pattern.compile(
                                "\\b(?:dry|uncooked|raw)\\b (?:\\w+ )?(?:pasta|macaroni|penne|orzo|noodles|shells|fusilli|rigatoni|spaghetti|ziti)"));
        boolean boiled = scene.saysAtOnce(BOILS)
                || scene.lineSays(COOKED_ALREADY)
                || scene.sentencesSay(TO_BOIL)
                || scene.isPlaced() && scene.isAloneBut("salt", "oil", "water") && scene.potSays(BOILS);
        return dry && !scene.says(BOILED) || !boiled ? Job.BAKED_DRY : Job.BOILED;
    }

    static Job meat(Scene scene) {
        switch (scene.role()) {
            case "mince", "poultry-mince":
                return scene.potSays(SHAPES) || scene.lineSays(SHAPES) ? Job.SHAPED : Job.MINCED;
            case "sausage":
                return sausage(scene);
            case "cured-meat":
                return Job.SAVOUR;
            default:
                return Job.PIECES;
        }
    }

    private static Job sausage(Scene scene) {
        boolean meatballs = scene.line().food().id().contains("meatball");
        boolean crumbled = scene.lineSays(CRUMBLES) || scene.says(CRUMBLES) || scene.sentencesSay(CRUMBLES);
        return crumbled && !meatballs ? Job.CRUMBLED : Job.WHOLE;
    }
}
