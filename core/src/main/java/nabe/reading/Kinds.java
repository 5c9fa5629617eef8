package nabe.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import nabe.larder.Figures;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Kind;
import nabe.words.Lists;
import nabe.words.Messages;

/** What a pot is in the dish, and what to call it. */
final class Kinds {
    private static final Set<String> MASHES =
            Set.of("mash", "crush", "rice", "whip", "cream", "puree", "blend", "beat", "whisk");
    private static final Set<String> MEATS = Set.of(
            "mince",
            "poultry",
            "poultry-cooked",
            "poultry-mince",
            "meat",
            "sausage",
            "fish",
            "fish-cooked",
            "shellfish",
            "pulse",
            "mock-meat",
            "plant-mince",
            "soy-granules",
            "tofu");
    static final Set<String> VEGETABLES =
            Set.of("slice-vegetable", "slice-root", "root", "leaf", "frozen-leaf", "mushroom", "vegetable");
    private static final Set<String> PASTRIES = Set.of("pastry", "pastry-thin");
    static final Set<String> DOUGHS = Set.of("crust", "pastry", "dough", "biscuit", "scone", "dumpling", "cobbler");
    private static final Set<String> THICKENS = Set.of("simmer", "bubble", "thicken", "boil");
    private static final Set<String> LIQUIDS =
            Set.of("stock", "milk", "water", "wine", "cream", "tomato", "tomato-sauce");
    private static final Set<String> WETS = Set.of("milk", "sour-milk", "water", "egg", "yogurt");
    private static final Set<String> DAIRY = Set.of("milk", "cream", "sour-cream", "sour-milk", "stock", "wine");
    static final Set<String> FLAVOURS = Set.of(
            "stock-cube", "mustard", "worcester", "soy-sauce", "tomato-paste", "miso", "umami", "acid", "egg-white");
    private static final double FEW = 0.15;
    private static final double MOSTLY = Figures.of("reading.mostly-fat");
    private static final int FEW_THINGS = 3;
    private final Kitchen kitchen;

    Kinds(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    String name(Pot pot) {
        if (pot.title != null && !pot.title.isBlank()) {
            String title = plain(pot.title);
            String heading = pot.heading == null ? "" : plain(pot.heading);
            return heading.startsWith(title + " ") ? heading : title;
        }
        List<Integer> main = kitchen.main(pot);
        List<Integer> bought =
                main.stream().filter(l -> PASTRIES.contains(kitchen.role(l))).toList();
        if (bought.size() == 1 && kind(pot) == Kind.CRUST) {
            return kitchen.lines.get(bought.getFirst()).item();
        }
        if (pot.lines.size() > 1 && kind(pot) == Kind.CRUST) {
            return pot.heading == null || pot.names.isEmpty() ? Messages.say("reading.dough") : plain(pot.heading);
        }
        if (pot.pots.isEmpty() && !pot.lines.isEmpty() && main.size() <= 1) {
            return kitchen.lines
                    .get(main.isEmpty() ? flavour(pot) : main.getFirst())
                    .item();
        }
        if (pot.pots.isEmpty() && !main.isEmpty() && main.size() <= FEW_THINGS && isOnlyCut(pot)) {
            return listed(main);
        }
        if (pot.heading != null && !pot.names.isEmpty()) {
            return pot.heading
                    .replaceFirst("(?i)^(?:for|to make) (?:the )?", "")
                    .replaceAll(":$", "")
                    .toLowerCase(Locale.ROOT);
        }
        if (pot.pots.isEmpty() && main.stream().anyMatch(kitchen::isShortPasta)) {
            return isCoated(main) ? Messages.say("reading.in-sauce", mainPasta(main)) : mainPasta(main);
        }
        return switch (kind(pot)) {
            case STRUCTURE -> pot.pots.isEmpty() ? mainItem(pot) : mixture(pot);
            case WHITE_SAUCE ->
                isThickened(pot) ? Messages.say("reading.white-sauce") : Messages.say("reading.mixture", heaviest(pot));
            case RED_SAUCE -> Messages.say("reading.red-sauce");
            case TOPPING -> Messages.say("reading.topping");
            case MASH, BATTER -> Messages.say("recipe.pot", kind(pot).id());
            case CRUST -> Messages.say("reading.dough");
            case BINDER -> Messages.say("reading.mixture", heaviest(pot));
            default -> pot.pots.isEmpty() ? Messages.say("reading.sauce", heaviest(pot), isSaucy(pot)) : mixture(pot);
        };
    }

    private static boolean isOnlyCut(Pot pot) {
        return !pot.worked
                && !pot.steps.isEmpty()
                && pot.steps.stream().allMatch(s -> KitchenWords.shared().effect(s.action()) == Effect.PREP);
    }

    /** "courgettes, aubergines and tomatoes", cut and laid in turn. */
    private String listed(List<Integer> lines) {
        List<String> items =
                lines.stream().map(l -> kitchen.lines.get(l).item()).toList();
        return Lists.and(items);
    }

    /** The sage of sage fried in oil; of butter with a pinch of seeds the butter. */
    private int flavour(Pot pot) {
        double seeds = pot.lines.keySet().stream()
                .filter(l -> !kitchen.isFat(l))
                .mapToDouble(l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l))
                .sum();
        double fat = pot.lines.keySet().stream()
                .filter(kitchen::isFat)
                .mapToDouble(l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l))
                .sum();
        return pot.lines.keySet().stream()
                .filter(l -> !pot.worked && fat > MOSTLY * seeds || !kitchen.isFat(l))
                .max(Comparator.comparingDouble(l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l)))
                .orElseGet(() -> pot.lines.keySet().iterator().next());
    }

    private String mainPasta(List<Integer> main) {
        return main.stream()
                .filter(kitchen::isShortPasta)
                .map(l -> kitchen.lines.get(l).item())
                .findFirst()
                .orElseThrow();
    }

    private boolean isCoated(List<Integer> main) {
        return main.stream().anyMatch(l -> LIQUIDS.contains(kitchen.role(l)));
    }

    /** What carries, by its own name, whatever coats it. */
    private String mainItem(Pot pot) {
        return kitchen.main(pot).stream()
                .max(Comparator.comparingDouble(l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l)))
                .map(l -> kitchen.lines.get(l).item())
                .orElseGet(() -> heaviest(pot));
    }

    private static final Set<String> PIECES = Set.of(
            "thigh",
            "breast",
            "leg",
            "wing",
            "drumstick",
            "fillet",
            "chop",
            "shank",
            "shoulder",
            "piece",
            "strip",
            "cube",
            "brown");

    private static String plain(String phrase) {
        return phrase.replaceFirst("(?i)^(?:for|to make) ", "")
                .replaceFirst("(?i)^the ", "")
                .replaceAll(":$", "")
                .toLowerCase(Locale.ROOT);
    }

    private boolean isThickened(Pot pot) {
        return kitchen.roles(pot).stream().anyMatch(r -> r.startsWith("flour") || r.equals("starch"));
    }

    private boolean isSaucy(Pot pot) {
        Set<String> roles = kitchen.roles(pot);
        return roles.contains("tomato") && Mixing.isHot(pot)
                || roles.contains("tomato-sauce")
                || roles.contains("stock")
                || roles.contains("milk");
    }

    /** The main thing by weight, in the singular: "mushroom". */
    private String heaviest(Pot pot) {
        List<Integer> main = kitchen.main(pot).stream()
                .filter(l -> !FLAVOURS.contains(kitchen.role(l)))
                .toList();
        List<Integer> solid =
                main.stream().filter(l -> !LIQUIDS.contains(kitchen.role(l))).toList();
        return (solid.isEmpty() ? main : solid)
                .stream()
                        .max(Comparator.comparingDouble(
                                l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l)))
                        .map(l -> Words.of(kitchen.lines.get(l).item()))
                        .filter(words -> !words.isEmpty())
                        .map(Kinds::called)
                        .orElse("mixed");
    }

    /** "Chicken thighs" are chicken: a piece of it names no sauce. */
    private static String called(List<Words.Word> words) {
        String last = words.getLast().key();
        return words.size() > 1 && PIECES.contains(last)
                ? words.get(words.size() - 2).key()
                : last;
    }

    /** "Penne with cheese sauce": the first pot that went in, and the next. */
    private String mixture(Pot pot) {
        List<String> made = pot.pots.keySet().stream()
                .sorted(Comparator.comparing(p -> !kitchen.isPasta(p)))
                .map(this::name)
                .limit(2)
                .toList();
        return made.size() < 2
                ? Messages.say("reading.with", heaviest(pot), made.getFirst())
                : Messages.say("reading.with", made.getFirst(), made.getLast());
    }

    Kind kind(Pot pot) {
        Set<String> roles = kitchen.roles(pot);
        List<Integer> main = kitchen.main(pot);
        if (pot.names.contains("glaze")) {
            return Kind.TOPPING;
        }
        boolean flour = roles.contains("flour") || roles.contains("flour-raising");
        if (flour && pot.names.stream().anyMatch(DOUGHS::contains)) {
            return Kind.CRUST;
        }
        boolean rubbed = pot.steps.stream()
                .anyMatch(s -> s.action().equals("rub")
                        || s.action().equals("knead")
                        || s.action().equals("roll"));
        if (flour && rubbed && roles.stream().anyMatch(WETS::contains) && !Mixing.isHot(pot)) {
            return Kind.CRUST;
        }
        if (flour && rubbed && Mixing.isHot(pot) && pot.pots.isEmpty() && !roles.contains("stock")) {
            return Kind.STRUCTURE;
        }
        if (pot.pots.isEmpty() && (pot.lines.size() == 1 || main.size() == 1)) {
            Kind one = single(
                    kitchen.role(main.isEmpty() ? pot.lines.keySet().iterator().next() : main.getFirst()));
            boolean boiledEggs = one == Kind.TOPPING && roles.contains("egg") && (Mixing.isHot(pot) || isCut(pot));
            return boiledEggs ? Kind.FILLING : one;
        }
        boolean meat = roles.stream().anyMatch(MEATS::contains);
        boolean veg = roles.stream().anyMatch(VEGETABLES::contains);
        boolean milk = Stream.of("milk", "cream", "sour-milk", "sour-cream").anyMatch(roles::contains);
        if (!pot.inside.isEmpty()) {
            return Kind.STRUCTURE;
        }
        if (isCoatedSlices(pot, roles)) {
            return Kind.STRUCTURE;
        }
        if (pot.pots.keySet().stream().anyMatch(kitchen::isPasta)
                || main.stream().anyMatch(kitchen::isShortPasta)) {
            return Kind.FILLING;
        }
        if (pot.names.containsAll(Set.of("white", "sauce")) || pot.names.contains("bechamel")) {
            return Kind.WHITE_SAUCE;
        }
        boolean thickened = pot.steps.stream()
                .anyMatch(
                        s -> THICKENS.contains(s.action()) || milk && s.action().equals("melt"));
        if (flour && roles.contains("egg") && !meat && !veg && !thickened) {
            return Kind.BATTER;
        }
        boolean creamy =
                main.stream().allMatch(l -> DAIRY.contains(kitchen.role(l)) || FLAVOURS.contains(kitchen.role(l)));
        if (!meat && milk && !veg && (flour || creamy)) {
            return Kind.WHITE_SAUCE;
        }
        if (!meat && !veg && (roles.contains("tomato") || roles.contains("tomato-sauce"))) {
            return Kind.RED_SAUCE;
        }
        if (!meat && !veg && roles.contains("soft-cheese") && !roles.contains("crumbs")) {
            return Kind.SOFT_CHEESE;
        }
        if (roles.contains("crumbs") && !meat && !(veg && isFew(pot, "crumbs"))) {
            return Kind.TOPPING;
        }
        if (!meat && roles.contains("egg") && milk) {
            return Kind.BINDER;
        }
        if (!meat && roles.contains("slice-root") && milk) {
            return isMashed(pot) ? Kind.MASH : Kind.STRUCTURE;
        }
        return !meat && !veg && flour && roles.contains("butter") && !roles.contains("stock")
                ? Kind.CRUST
                : Kind.FILLING;
    }

    /** "Shell and quarter the eggs": they came boiled, and are no glaze. */
    private static boolean isCut(Pot pot) {
        return pot.steps.stream()
                .anyMatch(s -> Set.of("shell", "quarter", "halve", "slice", "chop", "cut")
                        .contains(s.action()));
    }

    /** Slices simmered in their cream are slices still. */
    private boolean isMashed(Pot pot) {
        return pot.names.contains("mash")
                || pot.steps.stream()
                        .anyMatch(s -> MASHES.contains(s.action()) && !isOfAromatics(s)
                                || s.words().contains("mash"));
    }

    /** "Crush in the garlic". */
    private boolean isOfAromatics(Procedure.Step step) {
        return !step.uses().isEmpty()
                && step.uses().stream()
                        .allMatch(
                                u -> u.line() != null && kitchen.role(u.line()).equals("aromatic"));
    }

    /** Whether a pot holds little of such things by weight. */
    private boolean isFew(Pot pot, String role) {
        double all = 0;
        double these = 0;
        for (var entry : pot.lines.entrySet()) {
            double grams = kitchen.lines.get(entry.getKey()).gramsOrZero() * entry.getValue();
            all += grams;
            these += kitchen.role(entry.getKey()).equals(role) ? grams : 0;
        }
        return these < FEW * all;
    }

    /** Slices dredged in flour, egg and crumbs: still what carries. */
    private boolean isCoatedSlices(Pot pot, Set<String> roles) {
        boolean slices = kitchen.main(pot).stream()
                .max(Comparator.comparingDouble(l -> kitchen.lines.get(l).gramsOrZero() * pot.share(l)))
                .filter(l -> kitchen.role(l).startsWith("slice-"))
                .isPresent();
        return slices
                && pot.pots.isEmpty()
                && roles.stream().noneMatch(LIQUIDS::contains)
                && (roles.contains("crumbs") || roles.contains("flour"))
                && pot.steps.stream().noneMatch(s -> s.action().equals("mash"));
    }

    private static Kind single(String role) {
        return switch (role) {
            case "melting-cheese" -> Kind.MELTING_CHEESE;
            case "hard-cheese" -> Kind.HARD_CHEESE;
            case "soft-cheese", "cream-cheese", "crumbly-cheese" -> Kind.SOFT_CHEESE;
            case "crumbs", "egg", "nut", "seed", "butter", "glaze" -> Kind.TOPPING;
            case "pastry", "pastry-thin" -> Kind.CRUST;
            case "herb" -> Kind.GARNISH;
            case "milk", "cream", "stock" -> Kind.BINDER;
            case "tomato", "tomato-sauce" -> Kind.RED_SAUCE;
            case "sheets",
                    "fresh-sheets",
                    "tubes",
                    "shells",
                    "short-pasta",
                    "noodles",
                    "wrap",
                    "bread",
                    "slice-root",
                    "slice-vegetable",
                    "grain" -> Kind.STRUCTURE;
            default -> Kind.FILLING;
        };
    }
}
