package nabe.swap.job;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Words;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/** Tells what work a line does in a pot, from the procedure: what it meets there, in which order, by which verbs. */
public final class Jobs {
    private static final Map<String, Job> BY_ROLE = Map.ofEntries(
            Map.entry("starch", Job.SLURRY),
            Map.entry("pastry", Job.PASTRY),
            Map.entry("pastry-thin", Job.LAYERED_PASTRY),
            Map.entry("lid-dough", Job.DROPPED_DOUGH),
            Map.entry("wrap", Job.WRAP),
            Map.entry("stock", Job.STOCK),
            Map.entry("stock-cube", Job.STOCK),
            Map.entry("soup-tin", Job.SOUP_TIN),
            Map.entry("soup-tin-tomato", Job.SOUP_TIN),
            Map.entry("tomato-sauce", Job.BOUGHT_SAUCE),
            Map.entry("white-sauce-bought", Job.BOUGHT_SAUCE),
            Map.entry("gravy", Job.BOUGHT_SAUCE),
            Map.entry("gravy-ready", Job.BOUGHT_SAUCE),
            Map.entry("pesto", Job.BOUGHT_SAUCE),
            Map.entry("wine", Job.WINE),
            Map.entry("beer", Job.BEER),
            Map.entry("worcester", Job.WORCESTER),
            Map.entry("soy-sauce", Job.SOY_SAUCE),
            Map.entry("mustard", Job.MUSTARD),
            Map.entry("mayo", Job.MAYO),
            Map.entry("honey", Job.SWEETENS),
            Map.entry("sugar", Job.SWEETENS),
            Map.entry("sweet-syrup", Job.SWEETENS),
            Map.entry("sweet-milk", Job.SWEETENS),
            Map.entry("pulse", Job.PULSE),
            Map.entry("tofu", Job.PIECES),
            Map.entry("soy-granules", Job.MINCED),
            Map.entry("vegetable", Job.VEGETABLE),
            Map.entry("root", Job.VEGETABLE),
            Map.entry("slice-root", Job.VEGETABLE),
            Map.entry("fruit", Job.VEGETABLE),
            Map.entry("mash", Job.MASH),
            Map.entry("batter", Job.BATTER),
            Map.entry("filled-pasta", Job.SHELLS),
            Map.entry("gelatine", Job.GEL),
            Map.entry("leavening", Job.RISES));

    /** What is beaten or rubbed together. */
    private static final Set<String> MIXED = Set.of(
            "flour",
            "flour-raising",
            "starch",
            "egg",
            "egg-yolk",
            "egg-white",
            "milk",
            "sour-milk",
            "cream",
            "butter",
            "leavening",
            "water",
            "oil");

    private static final Pattern AT_MARKS = Pattern.compile("(?<=[.!;,])\\s+");

    private final Recipe recipe;
    private final Procedure procedure;
    private final Map<Place, Scene> scenes = new HashMap<>();
    private final Map<Step, String> spoken = new IdentityHashMap<>();
    private @Nullable List<Piece> pieces;

    /** A line in one of its pots, or in none. */
    private record Place(int index, @Nullable String pot) {}

    public Jobs(Recipe recipe, Procedure procedure) {
        this.recipe = recipe;
        this.procedure = procedure;
    }

    /**
     * @param portion a known line of the recipe, divided to one pot where the method divides it
     * @param index of the line in the recipe
     */
    public Job of(int index, Line portion) {
        return of(scene(index, portion));
    }

    /** @return indexes of the lines that make one dough, batter or custard with this one, itself among them */
    public Set<Integer> mixture(int index, Line portion) {
        return scene(index, portion).mixed(MIXED);
    }

    Scene scene(int index, Line portion) {
        Place place = new Place(index, portion.component());
        Scene known = scenes.get(place);
        if (known == null || known.line().ingredient() != portion.ingredient()) {
            known = new Scene(this, recipe, procedure, index, portion);
            scenes.put(place, known);
        }
        return known;
    }

    /** A piece of the method, cut at marks: its words in small letters, and their keys. */
    record Piece(String words, Set<String> keys) {
        static Piece of(String text) {
            return new Piece(
                    text.toLowerCase(Locale.ROOT),
                    Words.of(text).stream().map(Words.Word::key).collect(Collectors.toSet()));
        }
    }

    List<Piece> pieces() {
        if (pieces == null) {
            pieces = recipe.steps().stream()
                    .flatMap(AT_MARKS::splitAsStream)
                    .map(Piece::of)
                    .toList();
        }
        return pieces;
    }

    /** @return the words of a clause in small letters */
    String spoken(Step step) {
        return spoken.computeIfAbsent(step, s -> s.words().toLowerCase(Locale.ROOT));
    }

    static Job of(Scene scene) {
        return switch (scene.role()) {
            case "flour", "flour-raising" -> FlourJobs.of(scene);
            case "egg", "egg-yolk", "egg-white" -> EggJobs.of(scene);
            case "butter", "animal-fat" -> FatJobs.of(scene);
            case "oil" -> Job.OIL;
            case "milk", "cream", "sour-milk", "sour-cream", "yogurt", "milk-powder", "coconut" -> MilkJobs.of(scene);
            case "melting-cheese", "hard-cheese", "crumbly-cheese", "soft-cheese", "cream-cheese" ->
                CheeseJobs.of(scene);
            case "nut", "seed", "nut-butter", "nut-flour" -> FoodJobs.nut(scene);
            case "crumbs" -> FoodJobs.crumbs(scene);
            case "bread" -> FoodJobs.bread(scene);
            case "sheets", "fresh-sheets", "tubes", "shells", "short-pasta", "noodles" -> FoodJobs.pasta(scene);
            case "grain" -> grain(scene);
            case "mince",
                    "poultry-mince",
                    "sausage",
                    "cured-meat",
                    "mock-meat",
                    "meat",
                    "poultry",
                    "poultry-cooked",
                    "fish",
                    "fish-cooked",
                    "shellfish" -> FoodJobs.meat(scene);
            case "condiment" -> MilkJobs.isServed(scene) ? Job.TABLE : Job.SEASONING;
            default -> BY_ROLE.getOrDefault(scene.role(), Job.SEASONING);
        };
    }

    private static Job grain(Scene scene) {
        boolean topping =
                scene.with("flour", "butter", "nut", "crumbs") && !scene.with("stock", "water", "milk", "onion");
        return topping ? Job.CRUNCH : Job.GRAIN;
    }
}
