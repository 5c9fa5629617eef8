package nabe.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Thickeners;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.Yields;
import nabe.recipe.Line;
import nabe.recipe.Recipe;

/** Converts a recipe to meet all needs at once, each thing swapped by the work it does. The one way into this package. */
public final class Swapper {
    private static final int MOST_ALTERNATIVES = 5;
    /** What reading a label costs an answer: among near equals the one with nothing to read wins. Kitchen practice. */
    private static final double LABEL_COST = 0.03;
    private final SwapBook book;
    private final SwapArithmetic arithmetic;
    private final Larder larder;

    public Swapper(Larder larder, SwapBook book, Yields yields) {
        this.larder = larder;
        this.book = book;
        this.arithmetic = new SwapArithmetic(larder, new Thickeners(), yields);
    }

    /**
     * @param choices rule ids the cook chose, by line index; a choice that breaks a need is passed over
     * @return every line of the recipe accounted for: kept, swapped or unresolved
     */
    public Conversion convert(Recipe recipe, Needs needs, Map<Integer, String> choices) {
        Work work = new Work(recipe, needs, choices);
        for (int i = 0; i < recipe.lines().size(); i++) {
            work.take(i, recipe.lines().get(i));
        }
        double before = recipe.lines().stream().mapToDouble(Line::gramsOrZero).sum();
        double after = work.lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
        return new Conversion(List.copyOf(work.lines), List.copyOf(work.swaps), List.copyOf(work.unresolved), before, after);
    }

    /** One conversion under way. */
    private final class Work {
        private final Needs needs;
        private final Map<Integer, String> choices;
        private final JobFinder jobs;
        private final boolean meatAllowed;
        private final List<ConvertedLine> lines = new ArrayList<>();
        private final List<Swap> swaps = new ArrayList<>();
        private final List<Unresolved> unresolved = new ArrayList<>();

        Work(Recipe recipe, Needs needs, Map<Integer, String> choices) {
            this.needs = needs;
            this.choices = choices;
            this.jobs = new JobFinder(recipe);
            this.meatAllowed = !needs.needs().contains(Need.VEGAN) && !needs.needs().contains(Need.VEGETARIAN);
        }

        void take(int index, Line line) {
            if (line.ingredient() == null) {
                takeUnknown(index, line);
                return;
            }
            Judgement judgement = needs.judge(line.ingredient(), line.claims());
            if (judgement.fits()) {
                keep(index, line, judgement);
            } else {
                replace(index, line, judgement);
            }
            line.also().forEach(other -> takeAlso(index, line, other));
        }

        private void takeUnknown(int index, Line line) {
            if (needs.isEmpty()) {
                lines.add(new ConvertedLine(index, line.item().isBlank() ? line.text() : line.item(), null,
                        line.grams() == null ? null : line.gramsOrZero(), Display.of(line), line.part(), false, null, line.preparation()));
            } else {
                unresolved.add(new Unresolved(index, line.text(), "Nabe does not know this, so cannot say whether it fits. "
                        + "Check what it contains, then say which ingredient it is, or leave it out."));
            }
        }

        /** A second thing the line names ("basil and parmesan"): it has no amount of its own. */
        private void takeAlso(int index, Line line, Ingredient other) {
            Judgement judgement = needs.judge(other, line.claims());
            Line alone = new Line(line.text(), line.heading(), null, null, other.name(), null, other, null, line.part(),
                    line.claims(), List.of(), line.optional(), null);
            if (judgement.fits()) {
                keep(index, alone, judgement);
            } else {
                replace(index, alone, judgement);
            }
        }

        private void keep(int index, Line line, Judgement judgement) {
            Double grams = line.grams() == null ? null : line.gramsOrZero();
            boolean plainItem = needs.isEmpty() && line.also().isEmpty();
            String item = plainItem && !line.item().isBlank() ? line.item() : line.ingredient().name();
            String claims = line.claims().isEmpty() || plainItem ? "" : String.join(" ", line.claims()) + " ";
            lines.add(new ConvertedLine(index, item.startsWith(claims.strip()) ? item : claims + item, line.ingredient(), grams, Display.of(line), line.part(),
                    false, judgement.labelAdvice(line.ingredient().name()), plainItem ? line.preparation() : null));
        }

        private void replace(int index, Line line, Judgement judgement) {
            String job = jobs.jobOf(line, meatAllowed);
            List<SwapRule> answers = book.answersFor(line.ingredient(), job);
            List<SwapRule> fitting = answers.stream().filter(this::fits)
                    .sorted(Comparator.comparingDouble(this::worth).reversed()).toList();
            if (fitting.isEmpty()) {
                unresolved.add(new Unresolved(index, line.text(), whyNothing(line, judgement, answers)));
                return;
            }
            SwapRule chosen = fitting.stream().filter(r -> r.id().equals(choices.get(index))).findFirst()
                    .orElse(fitting.getFirst());
            Double grams = line.grams() == null ? null : line.gramsOrZero();
            for (SwapArithmetic.Portion portion : portions(chosen, line)) {
                lines.add(new ConvertedLine(index, portion.ingredient().name(), portion.ingredient(),
                        grams == null ? null : portion.grams(), null, line.part(), true,
                        needs.judge(portion.ingredient()).labelAdvice(portion.ingredient().name()), null));
            }
            List<Swap.Alternative> others = fitting.stream().filter(r -> r != chosen).limit(MOST_ALTERNATIVES)
                    .map(r -> new Swap.Alternative(r.id(), becomes(r, line), r.fidelity(), r.reason(), check(r))).toList();
            swaps.add(new Swap(index, line.bareText(), grams, List.copyOf(judgement.offends()), becomes(chosen, line),
                    chosen.reason(), chosen.method(), chosen.id(), job, chosen.fidelity(), check(chosen), others));
        }

        private List<SwapArithmetic.Portion> portions(SwapRule rule, Line line) {
            return arithmetic.portions(rule, line.ingredient(), line.gramsOrZero(), line.part());
        }

        private List<Swap.Becomes> becomes(SwapRule rule, Line line) {
            return portions(rule, line).stream().map(p -> {
                Double grams = line.grams() == null ? null : p.grams();
                return new Swap.Becomes(p.ingredient().name(), p.ingredient().id(), grams, Display.of(p.ingredient(), grams));
            }).toList();
        }

        private boolean fits(SwapRule rule) {
            return rule.becomes().stream().allMatch(c -> needs.judge(larder.get(c.use())).fits());
        }

        private double worth(SwapRule rule) {
            long labels = rule.becomes().stream().filter(c -> !needs.judge(larder.get(c.use())).maybe().isEmpty()).count();
            return rule.fidelity() - LABEL_COST * labels;
        }

        private String check(SwapRule rule) {
            String text = rule.becomes().stream().map(c -> larder.get(c.use()))
                    .map(i -> needs.judge(i).labelAdvice(i.name())).filter(java.util.Objects::nonNull)
                    .collect(Collectors.joining(" "));
            return text.isEmpty() ? null : text;
        }

        private String whyNothing(Line line, Judgement judgement, List<SwapRule> answers) {
            String holds = String.join(", ", judgement.offends());
            if (answers.isEmpty()) {
                return "It does not fit (" + holds + ") and the larder has nothing that does its work. Leave it out.";
            }
            String tried = answers.stream().map(r -> larder.get(r.becomes().getFirst().use()).name() + " ("
                    + r.becomes().stream().flatMap(c -> needs.judge(larder.get(c.use())).offends().stream()).distinct()
                            .collect(Collectors.joining(", ")) + ")").collect(Collectors.joining("; "));
            return "It does not fit (" + holds + "), and nothing in the larder that does its work meets every need: "
                    + tried + ". Leave it out, or ask for fewer needs.";
        }
    }

    /** Allergens of a converted line, for showing; unknown ingredients have none listed. */
    public static List<Allergen> allergensOf(ConvertedLine line) {
        return line.ingredient() == null ? List.of() : line.ingredient().allergens().stream().sorted().toList();
    }
}
