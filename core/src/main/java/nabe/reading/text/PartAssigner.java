package nabe.reading.text;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/** Says where each line works in the dish: by its words, its heading, its nature, and what stands with it. */
final class PartAssigner {
    private static final Set<String> STRUCTURE = Set.of(
            "sheets",
            "fresh-sheets",
            "tubes",
            "shells",
            "short-pasta",
            "noodles",
            "filled-pasta",
            "wrap",
            "pastry",
            "pastry-thin",
            "lid-dough",
            "slice-root",
            "slice-vegetable",
            "bread",
            "mash",
            "grain");
    private static final Map<String, Part> BY_ROLE = Map.ofEntries(
            Map.entry("soft-cheese", Part.SOFT_CHEESE),
            Map.entry("cream-cheese", Part.SOFT_CHEESE),
            Map.entry("melting-cheese", Part.MELTING_CHEESE),
            Map.entry("hard-cheese", Part.HARD_CHEESE),
            Map.entry("crumbly-cheese", Part.MELTING_CHEESE),
            Map.entry("crumbs", Part.TOPPING),
            Map.entry("salt", Part.SEASONING),
            Map.entry("spice", Part.SEASONING),
            Map.entry("herb", Part.SEASONING),
            Map.entry("dried-herb", Part.SEASONING),
            Map.entry("spice-blend", Part.SEASONING),
            Map.entry("tomato", Part.RED_SAUCE),
            Map.entry("tomato-paste", Part.RED_SAUCE),
            Map.entry("tomato-sauce", Part.RED_SAUCE),
            Map.entry("soup-tin-tomato", Part.RED_SAUCE),
            Map.entry("white-sauce-bought", Part.WHITE_SAUCE),
            Map.entry("milk", Part.WHITE_SAUCE),
            Map.entry("cream", Part.WHITE_SAUCE),
            Map.entry("sour-cream", Part.WHITE_SAUCE),
            Map.entry("sour-milk", Part.WHITE_SAUCE),
            Map.entry("soup-tin", Part.WHITE_SAUCE),
            Map.entry("egg", Part.BINDER),
            Map.entry("egg-yolk", Part.BINDER),
            Map.entry("egg-white", Part.BINDER),
            Map.entry("gum", Part.BINDER),
            Map.entry("yogurt", Part.WHITE_SAUCE),
            Map.entry("coconut", Part.WHITE_SAUCE),
            Map.entry("leavening", Part.STRUCTURE));
    /** What fills a dish even where it stands under "for the base" or, unheaded, after the batter. */
    private static final Set<String> FILLS = Set.of(
            "sausage",
            "mince",
            "poultry-mince",
            "poultry",
            "poultry-cooked",
            "meat",
            "cured-meat",
            "fish",
            "fish-cooked",
            "shellfish",
            "mushroom",
            "vegetable",
            "leaf",
            "frozen-leaf",
            "root",
            "pulse",
            "tofu",
            "mock-meat",
            "onion");

    private static final Set<Part> KEEPS_UNDER_HEADING = Set.of(Part.SEASONING, Part.BINDER);
    private static final double BATTER_FLOUR_GRAMS = Figures.of("reading.gravy-flour");

    private static final Pattern PAN_RELEASE = Pattern.compile(
            ".*\\b(?:for|to) (?:greas|oil(?:ing)? the|brush(?:ing)? the (?:dish|pan|tin)|the (?:dish|pan|tin)|butter(?:ing)? the).*");
    private static final Pattern MASHED_WITH_BUTTER = Pattern.compile("mash[^.]*butter|butter[^.]*mash");
    private static final Pattern DOUGH =
            Pattern.compile("\\b(?:rub the (?:butter|fat)|pastry|dough|knead|roll out|scone)\\b");
    private static final Pattern COATS = Pattern.compile("\\b(?:dredg|coat|dust)", Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!])\\s+");
    private static final Pattern SCATTER = Pattern.compile("\\b(?:scatter|sprinkle|top with|topping|over the top)\\b");

    /** What a heading says of the lines under it; the first that fits counts. */
    private static final Map<Part, Pattern> HEADED = new LinkedHashMap<>();

    static {
        headed(Part.WHITE_SAUCE, "white|b[eé]chamel|cheese sauce|cream sauce|custard|mornay|savou?ry sauce");
        headed(Part.RED_SAUCE, "red sauce|tomato|marinara|enchilada sauce|sugo");
        headed(
                Part.STRUCTURE,
                "crust|pastry|dough|lid|biscuit|scone|cobbler|dumpling|cornbread|batter|cr[eê]pes?|pancakes|pasta|sheets|base"
                        + "|mash|potato");
        headed(Part.TOPPING, "topping|crumb|to finish|the top|garnish|to serve");
        headed(Part.SOFT_CHEESE, "ricotta|cheese (?:filling|layer|mixture)");
        headed(Part.FILLING, "filling|rag[uù]|meat|mince|stew|vegetable|mushroom|lentil|chicken|beef|lamb");
    }

    private final List<Line> lines;
    private final Family family;
    private final String method;
    private final boolean hasMilk;
    private final boolean hasDough;

    private static void headed(Part part, String words) {
        HEADED.put(part, Pattern.compile(words));
    }

    PartAssigner(List<Line> lines, Family family, List<String> steps) {
        this.lines = lines;
        this.family = family;
        this.method = String.join(" ", steps).toLowerCase(Locale.ROOT);
        this.hasMilk = lines.stream().anyMatch(l -> l.hasRole("milk") || l.hasRole("cream"));
        this.hasDough = DOUGH.matcher(method).find();
    }

    List<Line> assign() {
        return lines.stream().map(l -> l.withPart(partOf(l))).toList();
    }

    private Part partOf(Line line) {
        String text = line.text().toLowerCase(Locale.ROOT);
        if (PAN_RELEASE.matcher(text).matches() && line.amount() == null
                || line.ingredient() != null && line.ingredient().id().equals("cooking-spray")) {
            return Part.PAN_RELEASE;
        }
        Part natural = natural(line);
        Part headed = headed(line.heading());
        if (headed == null) {
            return natural;
        }
        boolean keeps = line.isGlaze() && natural == Part.TOPPING
                || KEEPS_UNDER_HEADING.contains(natural)
                || headed != Part.STRUCTURE && isCheese(natural)
                || headed == Part.STRUCTURE
                        && natural == Part.FILLING
                        && FILLS.stream().anyMatch(line::hasRole)
                || headed == Part.FILLING && (natural == Part.SOFT_CHEESE || isSheet(line));
        return keeps ? natural : headed;
    }

    private static boolean isSheet(Line line) {
        return line.ingredient() != null
                && Set.of("sheets", "fresh-sheets", "tubes", "shells", "wrap", "pastry", "short-pasta", "noodles")
                        .contains(line.ingredient().role());
    }

    private static boolean isCheese(Part part) {
        return part == Part.MELTING_CHEESE || part == Part.HARD_CHEESE;
    }

    private static @Nullable Part headed(@Nullable String heading) {
        if (heading == null) {
            return null;
        }
        String lower = heading.toLowerCase(Locale.ROOT);
        return HEADED.entrySet().stream()
                .filter(e -> e.getValue().matcher(lower).find())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }

    private Part natural(Line line) {
        if (line.ingredient() == null) {
            return Part.FILLING;
        }
        String role = line.ingredient().role();
        if (family == Family.BATTER && isOfBatter(line, role)) {
            return Part.STRUCTURE;
        }
        if (role.startsWith("flour")
                || role.equals("starch")
                || role.equals("butter")
                || role.equals("oil")
                || role.equals("animal-fat")) {
            return flourOrFat(line, role);
        }
        if (Set.of("nut", "seed").contains(role) && isScattered(line)) {
            return Part.TOPPING;
        }
        if (role.equals("slice-vegetable")) {
            return family == Family.MOUSSAKA || noOtherStructure() ? Part.STRUCTURE : Part.FILLING;
        }
        if (role.equals("slice-root")) {
            boolean builds = family == Family.GRATIN
                    || family == Family.MASH_TOPPED
                    || family == Family.MOUSSAKA
                    || family == Family.CASSEROLE && noOtherStructure();
            return builds ? Part.STRUCTURE : Part.FILLING;
        }
        if (STRUCTURE.contains(role)) {
            return role.equals("bread") && family != Family.STRATA && method.contains("crumb")
                    ? Part.TOPPING
                    : Part.STRUCTURE;
        }
        if (role.startsWith("egg") && line.isGlaze()) {
            return Part.TOPPING;
        }
        if ((role.equals("milk") || role.equals("cream")) && family == Family.MASH_TOPPED && !hasThickener()) {
            return Part.STRUCTURE;
        }
        return BY_ROLE.getOrDefault(role, Part.FILLING);
    }

    private static boolean isOfBatter(Line line, String role) {
        return Set.of("milk", "egg", "egg-white", "egg-yolk").contains(role) && !line.isGlaze()
                || role.startsWith("flour") && line.gramsOrZero() >= BATTER_FLOUR_GRAMS;
    }

    /** Whether a sentence of the method scatters it over the top. */
    private boolean isScattered(Line line) {
        String word = nabe.larder.Words.of(line.item().toLowerCase(Locale.ROOT)).stream()
                .map(nabe.larder.Words.Word::key)
                .reduce((a, b) -> b)
                .orElse("-");
        return SENTENCE.splitAsStream(method)
                .anyMatch(s -> s.contains(word) && SCATTER.matcher(s).find());
    }

    private boolean hasThickener() {
        return hasMilk && lines.stream().anyMatch(l -> l.hasRole("flour") && l.gramsOrZero() >= 20);
    }

    private boolean noOtherStructure() {
        return lines.stream().noneMatch(PartAssigner::isSheet);
    }

    private Part flourOrFat(Line line, String role) {
        boolean flour = role.startsWith("flour") || role.equals("starch");
        if (flour && hasDough && line.gramsOrZero() >= 110 || role.equals("flour-raising")) {
            return Part.STRUCTURE;
        }
        if (flour && COATS.matcher(line.text()).find()) {
            return Part.STRUCTURE;
        }
        if (flour) {
            return hasMilk || method.contains("white sauce") ? Part.WHITE_SAUCE : Part.FILLING;
        }
        if (role.equals("butter")
                && family == Family.MASH_TOPPED
                && !hasThickener()
                && MASHED_WITH_BUTTER.matcher(method).find()) {
            return Part.STRUCTURE;
        }
        if (role.equals("butter")) {
            if (hasDough && line.gramsOrZero() >= 60 && noOtherStructure()) {
                return Part.STRUCTURE;
            }
            return near(line).contains("flour") && hasMilk ? Part.WHITE_SAUCE : Part.FILLING;
        }
        return Part.FILLING;
    }

    private String near(Line line) {
        return lines.stream()
                .filter(l -> java.util.Objects.equals(l.heading(), line.heading()))
                .filter(l -> l.ingredient() != null)
                .map(l -> l.ingredient().role())
                .collect(Collectors.joining(" "));
    }
}
