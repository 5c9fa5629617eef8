package nabe.build;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.prep.ReadyLine;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Gathers ready lines into components: seasoning and binders go to what they season and bind. */
final class Components {
    private static final List<Part> HOMES = List.of(
            Part.FILLING,
            Part.RED_SAUCE,
            Part.WHITE_SAUCE,
            Part.SOFT_CHEESE,
            Part.STRUCTURE,
            Part.MELTING_CHEESE,
            Part.TOPPING,
            Part.HARD_CHEESE);
    private static final double MIXED = Figures.of("build.mixed-from");
    private final Recipe recipe;
    private final List<ReadyLine> ready;
    private final Map<Part, List<ReadyLine>> byPart = new EnumMap<>(Part.class);

    private Components(Recipe recipe, List<ReadyLine> ready) {
        this.recipe = recipe;
        this.ready = ready;
    }

    /** By part: for a recipe that does not say how it is laid. */
    static Map<String, Component> gather(Recipe recipe, List<ReadyLine> ready) {
        return new Components(recipe, ready).gather();
    }

    private static final Set<Part> SAUCES = EnumSet.of(Part.RED_SAUCE, Part.WHITE_SAUCE);
    private static final Pattern LAID = Pattern.compile(
            "\\blayer\\b|\\blayers of\\b|\\b(?:pour|spread|spoon)\\b[^.]{0,30}\\b(?:b[eé]chamel|white sauce|custard)\\b[^.]{0,25}\\b(?:over|on)\\b|\\btop with\\b[^.]{0,20}\\b(?:b[eé]chamel|white sauce)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> STIRRED_IN = Set.of("short-pasta", "noodles", "filled-pasta", "grain");

    private Map<String, Component> gather() {
        for (ReadyLine line : ready) {
            if (isOwn(line.line().part())) {
                byPart.computeIfAbsent(mixed(line), p -> new ArrayList<>()).add(line);
            }
        }
        for (ReadyLine line : ready) {
            if (!isOwn(line.line().part())) {
                byPart.computeIfAbsent(homeOf(line), p -> new ArrayList<>()).add(line);
            }
        }
        Map<String, Component> components = new LinkedHashMap<>();
        byPart.forEach((part, lines) -> {
            Component component = Component.of(part.id(), part, name(part, lines), lines);
            if (component.grams() > 0) {
                components.put(part.id(), component);
            }
        });
        return components;
    }

    /** In a pie, a pasta bake or a casserole the sauce is stirred through the filling, and pasta or rice with it. */
    private Part mixed(ReadyLine line) {
        Part part = line.line().part();
        boolean stirred = switch (recipe.family()) {
            case POT_PIE, MASH_TOPPED, BATTER -> SAUCES.contains(part) && hasFilling();
            case STUFFED_TUBES, ROLLED -> (part == Part.FILLING || part == Part.SOFT_CHEESE) && hasStructure();
            case PASTA_BAKE, CASSEROLE ->
                !layered() && SAUCES.contains(part)
                        || !layered() && part == Part.SOFT_CHEESE
                        || !layered()
                                && part == Part.STRUCTURE
                                && line.line().ingredient() != null
                                && STIRRED_IN.contains(line.line().ingredient().role());
            default -> false;
        };
        return !stirred ? part : FamilyFacts.of(recipe.family()).isBuilt("filled") ? Part.STRUCTURE : Part.FILLING;
    }

    private boolean hasStructure() {
        return ready.stream().anyMatch(r -> r.line().part() == Part.STRUCTURE);
    }

    /** Some pasta bakes and casseroles are stirred together, some are laid: the method says. */
    private boolean layered() {
        return recipe.steps().stream().anyMatch(step -> LAID.matcher(step).find());
    }

    private boolean hasFilling() {
        return ready.stream().anyMatch(r -> r.line().part() == Part.FILLING);
    }

    private static boolean isOwn(Part part) {
        return part != Part.SEASONING && part != Part.BINDER && part != Part.PAN_RELEASE;
    }

    private Part homeOf(ReadyLine line) {
        Part part = line.line().part();
        if (part == Part.BINDER) {
            Part binder = binderHome();
            if (byPart.containsKey(binder)) {
                return binder;
            }
        }
        String heading = headingOf(line);
        return HOMES.stream()
                .filter(byPart::containsKey)
                .filter(home -> heading != null
                        && byPart.getOrDefault(home, List.of()).stream()
                                .anyMatch(r -> Objects.equals(headingOf(r), heading)))
                .findFirst()
                .orElseGet(() ->
                        HOMES.stream().filter(byPart::containsKey).findFirst().orElse(Part.FILLING));
    }

    private Part binderHome() {
        boolean custard = recipe.family() == Family.MOUSSAKA
                || recipe.family() == Family.STRATA
                || recipe.family() == Family.GRATIN
                || recipe.family() == Family.BATTER;
        if (custard && byPart.containsKey(Part.WHITE_SAUCE)) {
            return Part.WHITE_SAUCE;
        }
        return byPart.containsKey(Part.SOFT_CHEESE)
                ? Part.SOFT_CHEESE
                : FamilyFacts.of(recipe.family()).isBuilt("filled") ? Part.STRUCTURE : Part.FILLING;
    }

    private @Nullable String headingOf(ReadyLine line) {
        return recipe.lines().get(line.line().source()).heading();
    }

    private String name(Part part, List<ReadyLine> lines) {
        ReadyLine main = lines.stream()
                .max(java.util.Comparator.comparingDouble(ReadyLine::readyGrams))
                .orElseThrow();
        boolean floury = lines.stream()
                .anyMatch(r -> r.line().ingredient() != null
                        && r.line().ingredient().role().startsWith("flour"));
        return switch (part) {
            case STRUCTURE ->
                FamilyFacts.of(recipe.family()).isBuilt("filled")
                        ? Messages.say("build.filled", wrapping(lines))
                        : recipe.family() == Family.BATTER
                                ? Messages.say("build.batter")
                                : floury && recipe.family() == Family.POT_PIE
                                        ? Messages.say("build.crust")
                                        : item(main);
            case TOPPING ->
                recipe.lines().get(main.line().source()).isGlaze()
                        ? Messages.say("build.glaze")
                        : floury ? Messages.say("build.crumble") : isMixed(lines, main) ? part.title() : item(main);
            case MELTING_CHEESE, HARD_CHEESE, SOFT_CHEESE -> item(main);
            case FILLING ->
                FamilyFacts.of(recipe.family()).isBuilt("stirred") && !layered()
                        ? Messages.say("build.filling-in-its-sauce")
                        : part.title();
            default -> part.title();
        };
    }

    private static String wrapping(List<ReadyLine> lines) {
        boolean batter = lines.stream()
                .anyMatch(r -> r.line().part() == Part.STRUCTURE
                        && r.line().ingredient() != null
                        && r.line().ingredient().role().startsWith("flour"));
        return batter
                ? Messages.say("build.crepes")
                : lines.stream()
                        .filter(r -> r.line().part() == Part.STRUCTURE)
                        .max(java.util.Comparator.comparingDouble(ReadyLine::readyGrams))
                        .map(r -> r.line().item())
                        .orElse("rolls");
    }

    /** Whether another thing weighs nearly as much as the main one. */
    private static boolean isMixed(List<ReadyLine> lines, ReadyLine main) {
        return lines.stream()
                .anyMatch(
                        r -> !r.line().item().equals(main.line().item()) && r.readyGrams() > MIXED * main.readyGrams());
    }

    private static String item(ReadyLine main) {
        String item = main.line().item();
        return Character.toUpperCase(item.charAt(0)) + item.substring(1);
    }
}
