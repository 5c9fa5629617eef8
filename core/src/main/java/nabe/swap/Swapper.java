package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Allergen;
import nabe.larder.Alongside;
import nabe.larder.ComponentBook;
import nabe.larder.Larder;
import nabe.larder.Properties;
import nabe.larder.StandInBook;
import nabe.larder.Thickeners;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;

/** Converts a recipe to meet all needs at once, each thing swapped by the work it does. The one way into this package. */
public final class Swapper {
    private static final int MOST_ALTERNATIVES = 5;
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
            StandInBook standIns) {
        /** @return the same with the thirst of kept packets, g water for 100 g by larder id */
        public Tables withAbsorption(java.util.Map<String, Double> thirst) {
            return new Tables(book, thickeners, techniques, properties.withAbsorption(thirst), components, standIns);
        }

        /** @throws nabe.larder.CatalogueException when a file does not hold together */
        public static Tables load(Larder larder) {
            Alongside<SwapBook> book = new Alongside<>(() -> new SwapBook(larder));
            Thickeners thickeners = new Thickeners();
            Properties properties = new Properties(larder);
            ComponentBook components = new ComponentBook(larder);
            return new Tables(
                    book.get(), thickeners, new Techniques(), properties, components, new StandInBook(larder));
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
        Work work = new Work(recipe, kitchen);
        for (int i = 0; i < recipe.lines().size(); i++) {
            work.take(i, recipe.lines().get(i));
        }
        double before = recipe.lines().stream().mapToDouble(Line::gramsOrZero).sum();
        List<MadeComponent> made = new ComponentChooser(larder, tables.components(), kitchen).choose(work.lines);
        List<Swap> swaps = work.swaps.stream()
                .map(swap -> swap.withCheck(work.check(swap, made)))
                .toList();
        MethodJudge.Listed listed = MethodJudge.Listed.of(recipe, procedure);
        Rewording whole = new Rewording(recipe, kitchen, work.lines, work.swaps, listed);
        whole.of(recipe.steps());
        Conversion conversion = new Conversion(
                List.copyOf(work.lines), swaps, List.copyOf(work.unresolved), made, null, whole.foods, before);
        return conversion.following(Converting.of(
                recipe,
                procedure,
                conversion,
                (clauses, meant) -> new Rewording(recipe, kitchen, work.lines, meant, listed).of(clauses),
                swap -> tables.book()
                        .find(swap.rule())
                        .filter(SwapRule::changesMethod)
                        .map(SwapRule::method)
                        .orElse(null)));
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

    /** One conversion under way. */
    private final class Work {
        private final Kitchen kitchen;
        private final Options options;
        private final Display display;
        private final JobFinder jobs;
        private final boolean meatAllowed;
        private final List<ConvertedLine> lines = new ArrayList<>();
        private final List<Swap> swaps = new ArrayList<>();
        private final List<Unresolved> unresolved = new ArrayList<>();

        Work(Recipe recipe, Kitchen kitchen) {
            this.kitchen = kitchen;
            this.options = new Options(larder, tables, arithmetic, kitchen);
            this.display = Display.of(kitchen.house());
            this.jobs = new JobFinder(recipe);
            this.meatAllowed = !kitchen.needs().needs().contains(Need.VEGAN)
                    && !kitchen.needs().needs().contains(Need.VEGETARIAN);
        }

        void take(int index, Line line) {
            if (Kitchen.LEAVE_OUT.equals(kitchen.choices().get(index))) {
                swaps.add(leftOut(index, line));
                return;
            }
            if (line.ingredient() == null) {
                takeUnknown(index, line);
                return;
            }
            line.portions().forEach(portion -> takeKnown(index, portion, line));
            line.also().forEach(other -> takeKnown(index, line.naming(other), line));
        }

        private void takeKnown(int index, Line portion, Line whole) {
            Judgement judgement = kitchen.needs().judge(portion.ingredient(), portion.claims());
            if (judgement.fits()) {
                keep(index, portion, judgement);
            } else {
                replace(index, portion, whole, judgement);
            }
        }

        private Swap leftOut(int index, Line line) {
            Fidelity none = new Fidelity(0, 0, 0, 0, 0);
            Cost saved = new Cost(0, 0, 0, 0, 0, List.of(), List.of());
            List<String> offends = line.ingredient() == null
                    ? List.of("not known")
                    : List.copyOf(kitchen.needs()
                            .judge(line.ingredient(), line.claims())
                            .offends());
            List<Swap.Alternative> others = line.ingredient() == null
                    ? List.of()
                    : options.fitting(line, jobs.jobOf(line, meatAllowed)).stream()
                            .limit(MOST_ALTERNATIVES)
                            .map(o -> alternative(o, line))
                            .toList();
            return new Swap(
                    index,
                    line.bareText(),
                    line.grams() == null ? null : line.gramsOrZero(),
                    offends,
                    List.of(),
                    "You left it out.",
                    "Pass over it in the method.",
                    Kitchen.LEAVE_OUT,
                    "none",
                    0,
                    none,
                    saved,
                    new Ranking(0, 0, 0, 0, 0, 0),
                    null,
                    others,
                    List.of());
        }

        private void takeUnknown(int index, Line line) {
            if (kitchen.needs().isEmpty()) {
                lines.add(new ConvertedLine(
                        index,
                        line.item().isBlank() ? line.text() : line.item(),
                        null,
                        line.grams() == null ? null : line.gramsOrZero(),
                        display.written(line),
                        line.part(),
                        false,
                        null,
                        line.preparation(),
                        line.component()));
            } else {
                unresolved.add(new Unresolved(
                        index,
                        line.text(),
                        "Nabe does not know this, so cannot say whether it fits. "
                                + "Check what it contains, then say which ingredient it is, or leave it out."));
            }
        }

        private void keep(int index, Line line, Judgement judgement) {
            Double grams = line.grams() == null ? null : line.gramsOrZero();
            boolean plainItem = kitchen.needs().isEmpty() && line.also().isEmpty();
            String item = plainItem && !line.item().isBlank()
                    ? line.item()
                    : line.ingredient().name();
            String claims = plainItem
                    ? ""
                    : line.claims().stream()
                            .filter(c -> !item.contains(c))
                            .map(c -> c + " ")
                            .collect(Collectors.joining());
            lines.add(new ConvertedLine(
                    index,
                    claims + item,
                    line.ingredient(),
                    grams,
                    display.written(line),
                    line.part(),
                    false,
                    judgement.labelAdvice(line.ingredient().name()),
                    plainItem ? line.preparation() : null,
                    line.component()));
        }

        private void replace(int index, Line line, Line whole, Judgement judgement) {
            String job = jobs.jobOf(line, meatAllowed);
            List<Options.Option> fitting = options.fitting(line, job);
            if (fitting.isEmpty()) {
                unresolved.add(
                        new Unresolved(index, line.text(), whyNothing(line, judgement, options.tried(line, job))));
                return;
            }
            Options.Option chosen = fitting.stream()
                    .filter(o -> o.rule().id().equals(kitchen.choices().get(index)))
                    .findFirst()
                    .orElse(fitting.getFirst());
            Double grams = line.grams() == null ? null : line.gramsOrZero();
            for (SwapArithmetic.Portion portion : chosen.portions()) {
                lines.add(new ConvertedLine(
                        index,
                        portion.ingredient().name(),
                        portion.ingredient(),
                        grams == null ? null : portion.grams(),
                        null,
                        line.part(),
                        true,
                        options.labelAdvice(portion.ingredient()),
                        null,
                        line.component()));
            }
            swaps.add(swap(index, line, whole, judgement, job, chosen, fitting));
        }

        private Swap swap(
                int index,
                Line line,
                Line whole,
                Judgement judgement,
                String job,
                Options.Option chosen,
                List<Options.Option> fitting) {
            SwapRule rule = chosen.rule();
            List<Swap.Alternative> others = fitting.stream()
                    .filter(o -> o != chosen)
                    .limit(MOST_ALTERNATIVES)
                    .map(o -> alternative(o, line))
                    .toList();
            return new Swap(
                    index,
                    was(line, whole),
                    line.grams() == null ? null : line.gramsOrZero(),
                    List.copyOf(judgement.offends()),
                    options.becomes(chosen, line),
                    rule.reason(),
                    rule.method(),
                    rule.id(),
                    job,
                    chosen.fidelity().score(),
                    chosen.fidelity(),
                    chosen.cost(),
                    chosen.ranking(),
                    options.check(rule),
                    others,
                    options.passedOver(line, job, chosen.fidelity().score()));
        }

        /** What to read on packets: of a thing made at home, on the packets of what goes into it. */
        private String check(Swap swap, List<MadeComponent> made) {
            String words = swap.becomes().stream()
                    .flatMap(b -> made.stream()
                            .filter(m -> m.makes().equals(b.ingredient()))
                            .findFirst()
                            .map(m -> m.ingredients().stream().map(MadeComponent.Constituent::label))
                            .orElseGet(() -> Stream.ofNullable(options.labelAdvice(larder.get(b.ingredient())))))
                    .filter(Objects::nonNull)
                    .distinct()
                    .collect(Collectors.joining(" "));
            return words.isEmpty() ? null : words;
        }

        private Swap.Alternative alternative(Options.Option o, Line line) {
            return new Swap.Alternative(
                    o.rule().id(),
                    options.becomes(o, line),
                    o.fidelity().score(),
                    o.fidelity(),
                    o.cost(),
                    o.ranking(),
                    o.rule().reason(),
                    o.rule().method(),
                    options.check(o.rule()));
        }

        /** The line as written; of a divided one, with what of it this is. */
        private String was(Line line, Line whole) {
            return !whole.isDivided() || line.grams() == null
                    ? line.bareText()
                    : line.bareText() + ": " + display.amount(line.ingredient(), line.gramsOrZero()) + " for "
                            + line.part().title().toLowerCase(java.util.Locale.ROOT);
        }

        private static String whyNothing(Line line, Judgement judgement, String tried) {
            String holds = String.join(", ", judgement.offends());
            if (tried.isEmpty()) {
                return "It does not fit (" + holds + ") and the larder has nothing that does its work. Leave it out.";
            }
            return "It does not fit (" + holds + "), and nothing in the larder that does its work meets every need: "
                    + tried + ". Leave it out, or ask for fewer needs.";
        }
    }

    /** Allergens of a converted line, for showing; unknown ingredients have none listed. */
    public static List<Allergen> allergensOf(ConvertedLine line) {
        return line.ingredient() == null
                ? List.of()
                : line.ingredient().allergens().stream().sorted().toList();
    }
}
