package nabe.swap;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Set;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Allergen;
import nabe.larder.Alongside;
import nabe.larder.ComponentBook;
import nabe.larder.Larder;
import nabe.larder.Properties;
import nabe.larder.Shapes;
import nabe.larder.StandInBook;
import nabe.larder.Thickeners;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;

/** Converts a recipe to meet all needs at once, each thing swapped by the work it does. The one way into this package. */
public final class Swapper {
    /** Tables of different people that a house remembers. */
    private static final int KEPT = 32;

    private final Larder larder;
    private final Tables tables;
    private final SwapArithmetic arithmetic;
    private final Cache<Asked, Standings> standings;

    /** What answers are held against. */
    private record Asked(Needs needs, Schools schools, Set<String> lacks) {}

    /** What the catalogue says of swapping, loaded once. */
    public record Tables(
            SwapBook book,
            Thickeners thickeners,
            Techniques techniques,
            Properties properties,
            ComponentBook components,
            StandInBook standIns,
            Honesty honesty) {
        /** @return the same with the thirst of kept packets, g water for 100 g by larder id */
        public Tables withAbsorption(java.util.Map<String, Double> thirst) {
            return new Tables(
                    book, thickeners, techniques, properties.withAbsorption(thirst), components, standIns, honesty);
        }

        /** @throws nabe.larder.CatalogueException when a file does not hold together */
        public static Tables load(Larder larder) {
            Alongside<SwapBook> book = new Alongside<>(() -> new SwapBook(larder));
            Thickeners thickeners = new Thickeners();
            Properties properties = new Properties(larder);
            ComponentBook components = new ComponentBook(larder);
            return new Tables(
                    book.get(),
                    thickeners,
                    new Techniques(),
                    properties,
                    components,
                    new StandInBook(larder),
                    new Honesty());
        }
    }

    public Swapper(Larder larder, Tables tables) {
        this.larder = larder;
        this.tables = tables;
        this.arithmetic = new SwapArithmetic(larder, tables.thickeners(), tables.techniques(), new Shapes(larder));
        this.standings = Caffeine.newBuilder().maximumSize(KEPT).build();
    }

    private Standings standings(Kitchen kitchen) {
        House house = kitchen.house();
        return standings.get(
                new Asked(kitchen.needs(), house.schools(), house.lacks()),
                asked -> new Standings(larder, tables, kitchen.needs(), house));
    }

    /**
     * @param recipe its lines divided over the pots of {@code procedure}
     * @return every line of the recipe accounted for: kept, swapped, left out by the cook, or unresolved
     */
    public Conversion convert(Recipe recipe, Procedure procedure, Kitchen kitchen) {
        Standings here = standings(kitchen);
        LineSwaps work = new LineSwaps(larder, tables, arithmetic, recipe, procedure, kitchen, here);
        work.takeAll();
        double before = recipe.lines().stream().mapToDouble(Line::gramsOrZero).sum();
        List<MadeComponent> made =
                new ComponentChooser(larder, tables.components(), kitchen, here).choose(work.lines());
        List<Swap> swaps = work.swaps().stream()
                .map(swap -> swap.withCheck(work.check(swap, made)))
                .toList();
        MethodJudge.Listed listed = MethodJudge.Listed.of(recipe, procedure);
        MethodJudge.Written written =
                MethodJudge.Written.of(recipe, larder, work.lines(), work.swaps(), tables.book(), here);
        Rewording whole = new Rewording(recipe, kitchen, here, work.lines(), work.swaps(), listed, written);
        whole.of(recipe.steps(), List.of());
        Conversion conversion = new Conversion(
                List.copyOf(work.lines()),
                swaps,
                List.copyOf(work.unresolved()),
                made,
                PlannedProcedure.NONE,
                whole.foods,
                before);
        return conversion.following(Converting.of(
                recipe,
                procedure,
                conversion,
                (clauses, meant, at) ->
                        new Rewording(recipe, kitchen, here, work.lines(), meant, listed, written).of(clauses, at),
                tables.book()::called));
    }

    /** Writes the swaps of one conversion into words of the method. */
    private final class Rewording {
        private final Recipe recipe;
        private final Kitchen kitchen;
        private final Standings standings;
        private final List<ConvertedLine> lines;
        private final List<Swap> swaps;
        private final MethodJudge.Listed listed;
        private final MethodJudge.Written written;
        private List<MethodFood> foods = List.of();

        Rewording(
                Recipe recipe,
                Kitchen kitchen,
                Standings standings,
                List<ConvertedLine> lines,
                List<Swap> swaps,
                MethodJudge.Listed listed,
                MethodJudge.Written written) {
            this.listed = listed;
            this.written = written;
            this.recipe = recipe;
            this.kitchen = kitchen;
            this.standings = standings;
            this.lines = lines;
            this.swaps = swaps;
        }

        /** @return clauses as they read after the conversion, one for one */
        List<MethodStep> of(List<String> clauses, List<Converting.Place> at) {
            Recipe said = recipe.saying(clauses);
            MethodJudge judge =
                    new MethodJudge(larder, tables, kitchen.needs(), standings, listed, written, lines, swaps);
            List<MethodStep> read = judge.judged(
                    new MethodRewriter(larder, said, lines, swaps, tables.book(), listed.names(), written.parts())
                            .rewrite(at));
            foods = judge.foods();
            return read;
        }
    }

    /** Allergens of a converted line, for showing; unknown ingredients have none listed. */
    public static List<Allergen> allergensOf(ConvertedLine line) {
        return line.ingredient() == null
                ? List.of()
                : line.ingredient().allergens().stream().sorted().toList();
    }
}
