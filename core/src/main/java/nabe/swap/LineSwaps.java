package nabe.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.swap.job.Job;
import nabe.swap.job.Jobs;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Goes through a recipe's lines one by one: kept, swapped, left out, open for the cook to choose, or unresolved. */
final class LineSwaps {
    private static final int MOST_ALTERNATIVES = 6;
    private static final int MOST_CONDITIONAL = 3;

    private final Larder larder;
    private final Recipe recipe;
    private final Jobs jobs;
    private final Kitchen kitchen;
    private final Options options;
    private final Display display;
    private final Honesty honesty;
    private final KeptNames names;
    private final Standings standings;
    private final AlsoNamed named;
    /** What is in a mixture that another dish stands for: by line, the pot and what the cook chose instead. */
    private final Map<Integer, Instead> gone = new HashMap<>();

    private final List<ConvertedLine> lines = new ArrayList<>();
    private final List<Swap> swaps = new ArrayList<>();
    private final List<Unresolved> unresolved = new ArrayList<>();

    private record Instead(@Nullable String pot, String what) {}

    LineSwaps(
            Larder larder,
            Swapper.Tables tables,
            SwapArithmetic arithmetic,
            Recipe recipe,
            Procedure procedure,
            Kitchen kitchen,
            Standings standings) {
        this.larder = larder;
        this.recipe = recipe;
        this.jobs = new Jobs(recipe, procedure);
        this.kitchen = kitchen;
        this.options = new Options(larder, tables, arithmetic, kitchen, standings);
        this.display = Display.of(kitchen.house());
        this.honesty = tables.honesty();
        this.standings = standings;
        this.names = new KeptNames(larder, standings);
        this.named = new AlsoNamed(recipe);
    }

    List<ConvertedLine> lines() {
        return lines;
    }

    List<Swap> swaps() {
        return swaps;
    }

    List<Unresolved> unresolved() {
        return unresolved;
    }

    void takeAll() {
        kitchen.choices().forEach(this::clearMixture);
        for (int i = 0; i < recipe.lines().size(); i++) {
            take(i, recipe.lines().get(i));
        }
    }

    /** Where the cook chose another dish for a mixture, what else was in it goes too. */
    private void clearMixture(int index, String rule) {
        if (index < 0
                || index >= recipe.lines().size()
                || recipe.lines().get(index).ingredient() == null) {
            return;
        }
        options.whole(rule)
                .ifPresent(chosen -> recipe.lines().get(index).portions().stream()
                        .filter(portion -> portion.component() != null)
                        .filter(portion -> chosen.does(jobs.of(index, portion), portion.part()))
                        .forEach(portion -> jobs.mixture(index, portion).stream()
                                .filter(other -> other != index)
                                .forEach(other ->
                                        gone.put(other, new Instead(portion.component(), options.names(chosen))))));
    }

    private void take(int index, Line line) {
        if (Kitchen.LEAVE_OUT.equals(kitchen.choices().get(index))) {
            swaps.add(leftOut(index, line));
            return;
        }
        if (line.ingredient() == null) {
            List<Line> parts = kitchen.needs().isEmpty() ? line.portions() : List.of(line);
            parts.forEach(part -> takeUnknown(index, part));
            return;
        }
        line.portions().stream()
                .sorted(Comparator.comparingDouble(Line::gramsOrZero).reversed())
                .forEach(portion -> takeKnown(index, portion, line));
        line.also().stream()
                .filter(other -> !named.besides(line, other) && !named.wentWith(index, line, other, swaps))
                .forEach(other -> takeKnown(index, line.naming(other), line));
        line.unknown().forEach(words -> takeUnknown(index, line.namingUnknown(words)));
    }

    private void takeKnown(int index, Line portion, Line whole) {
        Instead instead = gone.get(index);
        if (instead != null && Objects.equals(instead.pot, portion.component())) {
            swaps.add(goesWith(index, portion, whole, instead.what));
            return;
        }
        Judgement judgement = standings.judge(portion.food(), portion.claims());
        if (judgement.fits()) {
            keep(index, portion, judgement);
        } else {
            replace(index, portion, whole, judgement);
        }
    }

    private void takeUnknown(int index, Line line) {
        if (kitchen.needs().isEmpty()) {
            lines.add(ConvertedLineBuilder.builder()
                    .source(index)
                    .item(line.item().isBlank() ? line.text() : line.item())
                    .grams(grams(line))
                    .amount(display.written(recipe.lines().get(index)))
                    .part(line.part())
                    .preparation(line.preparation())
                    .component(line.component())
                    .build());
        } else if (recipe.lines().get(index).ingredient() == null) {
            unresolved.add(new Unresolved(
                    index,
                    line.text(),
                    Messages.say("swap.nabe-does-not-know-this-so"),
                    larder.nearest(line.item().isBlank() ? line.text() : line.item()).stream()
                            .map(i -> new Unresolved.Near(i.id(), i.name()))
                            .toList()));
        } else {
            unresolved.add(new Unresolved(
                    index,
                    Messages.say("swap.in", line.item(), line.bareText()),
                    Messages.say("swap.nabe-knows-the-rest-of-the"),
                    List.of()));
        }
    }

    private static @Nullable Double grams(Line line) {
        return line.grams() == null ? null : line.gramsOrZero();
    }

    private ConvertedLine.@Nullable Written written(Line whole) {
        return whole.grams() == null ? null : new ConvertedLine.Written(display.written(whole), whole.gramsOrZero());
    }

    private void keep(int index, Line line, Judgement judgement) {
        boolean plainItem = kitchen.needs().isEmpty() && line.also().isEmpty();
        lines.add(ConvertedLineBuilder.builder()
                .source(index)
                .item(plainItem && !line.item().isBlank() ? line.item() : names.of(line))
                .ingredient(line.food())
                .grams(grams(line))
                .amount(display.written(line))
                .written(written(recipe.lines().get(index)))
                .part(line.part())
                .label(judgement.labelAdvice(line.item()))
                .preparation(plainItem ? line.preparation() : null)
                .component(line.component())
                .build());
    }

    private void replace(int index, Line line, Line whole, Judgement judgement) {
        Job job = jobs.of(index, line);
        Options.Answers answers = options.answers(line, job, mixture(index, line));
        Optional<Options.Option> chosen = chosen(answers, asked(index, line, whole));
        if (chosen.isPresent()) {
            put(index, line, chosen.get());
            swaps.add(swap(index, line, whole, judgement, job, chosen.get(), answers));
        } else if (answers.fitting().isEmpty() && answers.conditional().isEmpty()) {
            unresolved.add(new Unresolved(index, line.text(), whyNothing(line, judgement, answers.tried()), List.of()));
        } else {
            swaps.add(open(index, line, whole, judgement, job, answers));
        }
    }

    /** The cook's choice; what greases the dish is the same thing as the rest of its line. */
    private @Nullable String asked(int index, Line line, Line whole) {
        String chosen = kitchen.choices().get(index);
        boolean left = chosen == null && whole.isDivided() && line.component() == null;
        return left
                ? swaps.stream()
                        .filter(s -> s.source() == index)
                        .map(Swap::rule)
                        .findFirst()
                        .orElse(null)
                : chosen;
    }

    /** @return what the cook asked for, else the best that is near enough */
    private static Optional<Options.Option> chosen(Options.Answers answers, @Nullable String asked) {
        return Stream.concat(answers.fitting().stream(), answers.conditional().stream())
                .filter(o -> o.rule().id().equals(asked))
                .findFirst()
                .or(() -> answers.fitting().stream()
                        .filter(o -> o.rule().isNearEnough())
                        .findFirst());
    }

    private double mixture(int index, Line line) {
        return jobs.mixture(index, line).stream()
                .mapToDouble(i -> i == index ? line.gramsOrZero() : inPot(i, line.component()))
                .sum();
    }

    private double inPot(int index, @Nullable String pot) {
        return recipe.lines().get(index).portions().stream()
                .filter(p -> pot != null && pot.equals(p.component()))
                .mapToDouble(Line::gramsOrZero)
                .sum();
    }

    private void put(int index, Line line, Options.Option chosen) {
        for (SwapArithmetic.Portion portion : chosen.portions()) {
            lines.add(ConvertedLineBuilder.builder()
                    .source(index)
                    .item(portion.ingredient().name())
                    .ingredient(portion.ingredient())
                    .grams(line.grams() == null ? null : portion.grams())
                    .part(line.part())
                    .swapped(true)
                    .label(options.labelAdvice(portion.ingredient()))
                    .component(line.component())
                    .build());
        }
    }

    private Swap swap(
            int index,
            Line line,
            Line whole,
            Judgement judgement,
            Job job,
            Options.Option chosen,
            Options.Answers answers) {
        SwapRule rule = chosen.rule();
        return SwapBuilder.builder()
                .source(index)
                .was(was(line, whole))
                .wasGrams(grams(line))
                .offends(List.copyOf(judgement.offends()))
                .becomes(options.becomes(chosen, line))
                .beside(
                        line.ingredient() == whole.ingredient()
                                ? null
                                : line.food().id())
                .reason(chosen.reason())
                .change(chosen.change())
                .rule(rule.id())
                .job(job)
                .does(job.words())
                .fidelity(chosen.fidelity().score())
                .terms(chosen.fidelity())
                .cost(chosen.cost())
                .ranking(chosen.ranking())
                .check(options.check(rule))
                .notice(rule.isNearEnough() ? null : honesty.loses(job))
                .whole(rule.whole())
                .alternatives(others(line, answers.fitting(), chosen))
                .conditional(conditional(line, answers, chosen))
                .passedOver(answers.passedOver(chosen.fidelity().score()))
                .build();
    }

    private List<Swap.Alternative> others(Line line, List<Options.Option> all, Options.@Nullable Option chosen) {
        return all.stream()
                .filter(o -> o != chosen)
                .limit(MOST_ALTERNATIVES)
                .map(o -> alternative(o, line))
                .toList();
    }

    private List<Swap.Alternative> conditional(Line line, Options.Answers answers, Options.@Nullable Option chosen) {
        return others(line, answers.conditional(), chosen).stream()
                .limit(MOST_CONDITIONAL)
                .toList();
    }

    private Swap.Alternative alternative(Options.Option o, Line line) {
        return new Swap.Alternative(
                o.rule().id(),
                options.becomes(o, line),
                o.rule().whole(),
                o.onlyIf(),
                o.fidelity().score(),
                o.fidelity(),
                o.cost(),
                o.ranking(),
                o.reason(),
                o.change(),
                options.check(o.rule()));
    }

    /** Nothing stays near enough: the cook is told what would be lost, and chooses. */
    private Swap open(int index, Line line, Line whole, Judgement judgement, Job job, Options.Answers answers) {
        return without(
                index,
                was(line, whole),
                line,
                List.copyOf(judgement.offends()),
                Swap.OPEN,
                Messages.say("swap.nabe-does-not-choose-here", honesty.loses(job)),
                Messages.say("swap.choose-before-you-cook-until-then"),
                job,
                honesty.loses(job),
                others(line, answers.fitting(), null),
                conditional(line, answers, null));
    }

    private Swap goesWith(int index, Line line, Line whole, String what) {
        return without(
                index,
                was(line, whole),
                line,
                List.of(),
                Swap.GOES_WITH,
                Messages.say("swap.it-was-for-the-mixture-that", what),
                null,
                jobs.of(index, line),
                null,
                List.of(),
                List.of());
    }

    private Swap leftOut(int index, Line line) {
        boolean known = line.ingredient() != null;
        Job job = known ? jobs.of(index, line) : null;
        List<String> offends = known
                ? List.copyOf(standings.judge(line.food(), line.claims()).offends())
                : List.of(Messages.say("swap.not-known"));
        return without(
                index,
                line.bareText(),
                line,
                offends,
                Kitchen.LEAVE_OUT,
                Messages.say("swap.you-left-it-out"),
                Messages.say("swap.pass-over-it-in-the-method"),
                job,
                null,
                known
                        ? others(
                                line,
                                options.answers(line, job, mixture(index, line)).fitting(),
                                null)
                        : List.of(),
                List.of());
    }

    private Swap without(
            int index,
            String was,
            Line line,
            List<String> offends,
            String rule,
            String reason,
            @Nullable String method,
            @Nullable Job job,
            @Nullable String notice,
            List<Swap.Alternative> others,
            List<Swap.Alternative> conditional) {
        return SwapBuilder.builder()
                .source(index)
                .was(was)
                .wasGrams(grams(line))
                .offends(offends)
                .becomes(List.of())
                .reason(reason)
                .change(method)
                .rule(rule)
                .job(job)
                .does(job == null ? "" : job.words())
                .terms(Fidelity.NONE)
                .cost(Cost.NONE)
                .ranking(Ranking.NONE)
                .notice(notice)
                .alternatives(others)
                .conditional(conditional)
                .passedOver(List.of())
                .build();
    }

    /** What to read on packets: of a thing made at home, on the packets of what goes into it. */
    @Nullable
    String check(Swap swap, List<MadeComponent> made) {
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

    /** The line as written; of a divided one, with what of it this is. */
    private String was(Line line, Line whole) {
        return !whole.isDivided() || line.grams() == null
                ? line.bareText()
                : Messages.say(
                        "swap.for",
                        line.bareText(),
                        display.amount(line.food(), line.gramsOrZero()),
                        (line.component() == null
                                        ? Messages.say("prep.the-dish")
                                        : line.part().title())
                                .toLowerCase(Locale.ROOT));
    }

    private static String whyNothing(Line line, Judgement judgement, String tried) {
        String holds = String.join(", ", judgement.offends());
        if (tried.isEmpty()) {
            return Messages.say("swap.it-does-not-fit-and-the", holds);
        }
        return Messages.say("swap.it-does-not-fit-and-nothing", holds, tried);
    }
}
