package nabe.swap;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Words;
import nabe.reading.FoodClasses;
import nabe.recipe.Part;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Vessel;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What a pot is called once some of its things have changed: nothing that is gone is still named. */
public final class PotName {
    /** Words of a pot's name that name no food. */
    static final Set<String> PLAIN = Set.of(
            "filling",
            "sauce",
            "topping",
            "mash",
            "batter",
            "crust",
            "crumble",
            "white",
            "red",
            "custard",
            "mixture",
            "layer",
            "base",
            "lid",
            "top",
            "glaze",
            "veg",
            "vegetable",
            "scone",
            "cobbler",
            "patty",
            "ball",
            "dumpling",
            "croquette",
            "dough");

    /** Those that the reading itself gives. */
    private static final Set<String> GIVEN = Stream.of(
                    Messages.say("reading.in-sauce", ""),
                    Messages.say("reading.mixture", ""),
                    Messages.say("reading.sauce", "", true),
                    Messages.say("reading.sauce", "", false),
                    Messages.say("reading.red-sauce"),
                    Messages.say("reading.white-sauce"),
                    Messages.say("reading.with", "", ""),
                    Messages.say("words.and", "", ""))
            .flatMap(words -> Words.of(words).stream())
            .map(Words.Word::key)
            .collect(Collectors.toSet());

    /** Made of several things, they are none of them. */
    private static final Set<Kind> DOUGHS = Set.of(Kind.CRUST, Kind.BATTER, Kind.MASH);

    private static final Set<String> OF_DOUGH = Set.of("pasta", "noodle", "dumpling", "gnocchi", "sheet", "green");
    private static final Set<String> PASTA = Set.of("short-pasta", "noodles", "filled-pasta");
    private static final Set<String> CARRIES = Set.of(
            "oil", "butter", "animal-fat", "starch", "salt", "spice", "spice-blend", "sugar", "stock-cube", "acid");
    private static final double MOSTLY = Figures.of("swap.called-by-pasta");

    private PotName() {}

    /** @param lines what is in it now; a thing laid as it is has the name of what lies there */
    public static String of(Vessel vessel, List<ConvertedLine> lines) {
        boolean single = vessel.of().size() == 1 && vessel.of().getFirst().line() != null;
        ConvertedLine main = lines.stream()
                .max(Comparator.comparing((ConvertedLine l) -> !isWater(l))
                        .thenComparing(PotName::isPasta)
                        .thenComparingDouble(ConvertedLine::gramsOrZero))
                .orElse(null);
        if (main != null && single) {
            return capital(main.item());
        }
        if (DOUGHS.contains(vessel.kind())
                && lines.stream().anyMatch(l -> l.item().equalsIgnoreCase(vessel.name()))) {
            return capital(Messages.say("recipe.pot", vessel.kind().id()));
        }
        boolean swapped = lines.stream().anyMatch(ConvertedLine::swapped);
        return swapped && !isTrue(vessel.name(), lines) ? usual(vessel.kind(), main, lines) : capital(vessel.name());
    }

    /**
     * Two fillings that lost their names to swaps are told apart by what there is most of.
     *
     * @param names of pots by id; {@code in} what is in each
     * @return the names by id, none twice where what is in them differs
     */
    public static Map<String, String> apart(Map<String, String> names, Function<String, List<ConvertedLine>> in) {
        Map<String, Long> counts =
                names.values().stream().collect(Collectors.groupingBy(n -> n, Collectors.counting()));
        Map<String, String> apart = new LinkedHashMap<>();
        names.forEach((id, name) -> {
            boolean alone = counts.getOrDefault(name, 0L) < 2 || in.apply(id).size() < 2;
            apart.put(id, alone ? name : most(in.apply(id)) + " " + name.toLowerCase(Locale.ROOT));
        });
        return apart;
    }

    private static String most(List<ConvertedLine> lines) {
        return lines.stream()
                .max(Comparator.comparing(PotName::isSolid)
                        .thenComparing(l -> !isWater(l))
                        .thenComparingDouble(ConvertedLine::gramsOrZero))
                .map(l -> capital(singular(l.item())))
                .orElse("");
    }

    /** What a filling may be called by: no liquid, and nothing that only thickens, fries or seasons it. */
    private static boolean isSolid(ConvertedLine line) {
        Ingredient food = line.ingredient();
        return food != null
                && !food.isLiquid()
                && !CARRIES.contains(food.role())
                && !food.role().startsWith("flour");
    }

    /** "Leeks" make a leek filling. */
    private static String singular(String item) {
        Words.Word last = Words.of(item).getLast();
        String word = item.substring(last.start(), last.end());
        return word.endsWith("s") ? item.substring(0, last.start()) + last.key() + item.substring(last.end()) : item;
    }

    /** Whether a pot's name says nothing but what the recipe itself put in and still is there. */
    private static boolean isTrue(String name, List<ConvertedLine> lines) {
        Set<String> there = lines.stream()
                .filter(l -> !l.swapped())
                .flatMap(l -> Words.of(l.item()).stream())
                .map(Words.Word::key)
                .collect(Collectors.toSet());
        return Words.of(name).stream()
                .map(Words.Word::key)
                .allMatch(k -> PLAIN.contains(k)
                        || GIVEN.contains(k)
                        || there.contains(k)
                        || isMade(k, lines)
                        || isKindOfAll(k, lines));
    }

    /** "Ragù" names no one thing of it; nor does "pasta" of a dough. */
    private static boolean isMade(String word, List<ConvertedLine> lines) {
        boolean dough = lines.size() > 1
                && lines.stream()
                        .anyMatch(l ->
                                l.ingredient() != null && l.ingredient().role().startsWith("flour"));
        return FoodClasses.shared().isMade(word) || dough && OF_DOUGH.contains(word);
    }

    /** "Meat" is true where all that is meat stayed. */
    private static boolean isKindOfAll(String word, List<ConvertedLine> lines) {
        FoodClasses classes = FoodClasses.shared();
        List<ConvertedLine> kind = lines.stream()
                .filter(l -> l.ingredient() != null
                        && classes.holdsRole(word, l.ingredient().role()))
                .toList();
        return !kind.isEmpty() && kind.stream().noneMatch(ConvertedLine::swapped);
    }

    /** Dough, batter and mash by what they are, sheets and cheeses by what lies there, all else by its part. */
    private static String usual(Kind kind, @Nullable ConvertedLine main, List<ConvertedLine> lines) {
        if (DOUGHS.contains(kind)) {
            return capital(Messages.say("recipe.pot", kind.id()));
        }
        if (kind == Kind.BINDER && main != null) {
            return Messages.say("swap.mixture", capital(main.item()));
        }
        if (kind == Kind.FILLING && main != null && isPasta(main)) {
            return isMostly(main, lines) ? capital(main.item()) : Messages.say("swap.mixture", capital(main.item()));
        }
        boolean thick = lines.stream()
                .map(ConvertedLine::ingredient)
                .anyMatch(i ->
                        i != null && (i.role().startsWith("flour") || i.role().equals("starch")));
        if (kind == Kind.WHITE_SAUCE && main != null && !thick) {
            return Messages.say("swap.of-several", capital(main.item()), lines.size());
        }
        Part part = kind.part();
        boolean asItem = part == Part.STRUCTURE
                || part == Part.SOFT_CHEESE
                || part == Part.MELTING_CHEESE
                || part == Part.HARD_CHEESE;
        return asItem && main != null ? capital(main.item()) : part.title();
    }

    private static boolean isMostly(ConvertedLine main, List<ConvertedLine> lines) {
        double all = lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
        return main.gramsOrZero() >= MOSTLY * all;
    }

    private static boolean isPasta(ConvertedLine line) {
        return line.ingredient() != null && PASTA.contains(line.ingredient().role());
    }

    private static boolean isWater(ConvertedLine line) {
        return line.ingredient() != null && line.ingredient().role().equals("water");
    }

    static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
