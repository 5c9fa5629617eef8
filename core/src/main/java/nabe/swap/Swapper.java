package nabe.swap;

import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Alongside;
import nabe.larder.ComponentBook;
import nabe.larder.Larder;
import nabe.larder.Properties;
import nabe.larder.StandInBook;
import nabe.larder.Thickeners;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;

/** Converts a recipe to meet all needs at once, each thing swapped by the work it does. The one way into this package. */
public final class Swapper {
    private final Larder larder;
    private final Tables tables;
    private final SwapArithmetic arithmetic;

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
        this.arithmetic = new SwapArithmetic(larder, tables.thickeners(), tables.techniques(), tables.properties());
    }

    /**
     * @param recipe its lines divided over the pots of {@code procedure}
     * @return every line of the recipe accounted for: kept, swapped, left out by the cook, or unresolved
     */
    public Conversion convert(Recipe recipe, Procedure procedure, Kitchen kitchen) {
        LineSwaps work = new LineSwaps(larder, tables, arithmetic, recipe, procedure, kitchen);
        work.takeAll();
        double before = recipe.lines().stream().mapToDouble(Line::gramsOrZero).sum();
        List<MadeComponent> made = new ComponentChooser(larder, tables.components(), kitchen).choose(work.lines());
        List<Swap> swaps = work.swaps().stream()
                .map(swap -> swap.withCheck(work.check(swap, made)))
                .toList();
        MethodJudge.Listed listed = MethodJudge.Listed.of(recipe, procedure);
        Rewording whole = new Rewording(recipe, kitchen, work.lines(), work.swaps(), listed);
        whole.of(recipe.steps());
        Conversion conversion = new Conversion(
                List.copyOf(work.lines()), swaps, List.copyOf(work.unresolved()), made, null, whole.foods, before);
        return conversion.following(Converting.of(
                recipe,
                procedure,
                conversion,
                (clauses, meant) -> new Rewording(recipe, kitchen, work.lines(), meant, listed).of(clauses),
                swap -> SwapRule.AS_BEFORE.equals(swap.method()) ? null : swap.method()));
    }

    /** Writes the swaps of one conversion into words of the method. */
    private final class Rewording {
        private final Recipe recipe;
        private final Kitchen kitchen;
        private final List<ConvertedLine> lines;
        private final List<Swap> swaps;
        private final MethodJudge.Listed listed;
        private List<MethodFood> foods = List.of();

        Rewording(
                Recipe recipe,
                Kitchen kitchen,
                List<ConvertedLine> lines,
                List<Swap> swaps,
                MethodJudge.Listed listed) {
            this.listed = listed;
            this.recipe = recipe;
            this.kitchen = kitchen;
            this.lines = lines;
            this.swaps = swaps;
        }

        /** @return clauses as they read after the conversion, one for one */
        List<MethodStep> of(List<String> clauses) {
            Recipe said = recipe.saying(clauses);
            MethodJudge judge = new MethodJudge(larder, tables, kitchen, listed, lines, swaps);
            List<MethodStep> read =
                    judge.judged(new MethodRewriter(larder, said, lines, swaps, tables.book()).rewrite());
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
