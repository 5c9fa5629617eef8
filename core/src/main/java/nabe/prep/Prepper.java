package nabe.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.ConvertedLineBuilder;
import nabe.swap.PlannedProcedure;
import nabe.swap.Techniques;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Carries out the procedure up to the oven: steps in an order that works, and the weights that enter the dish. The one way into this package. */
public final class Prepper {
    private static final double OWN_STEP_GRAMS = Figures.of("prep.own-step-from");
    private static final double AS_GOOD_AS = Figures.of("prep.as-good-as");
    /** Techniques that change no weight. */
    private static final double SAME = 0.03;

    /** Nobody lays these without making them first, said or not. */
    private static final Set<Kind> MADE = Set.of(Kind.CRUST, Kind.BATTER, Kind.WHITE_SAUCE);

    private static final Pattern DONE = Pattern.compile(
            "\\b(?:cooked|wilted|boiled|blanched|roasted|caramelised|caramelized|fried)\\b", Pattern.CASE_INSENSITIVE);
    private static final String SWAPPED = Messages.say("prep.what-stands-in-for-something-else");
    static final String SILENT = Messages.say("prep.your-recipe-does-not-say-how");

    private final Techniques techniques;
    private final StoveBook book;
    private final SheetWays ways;
    private final Ingredient water;

    public Prepper(Techniques techniques, StoveBook book, SheetWays ways, Larder larder) {
        this.techniques = techniques;
        this.book = book;
        this.ways = ways;
        this.water = larder.get("water");
    }

    /**
     * A dish to prepare.
     *
     * @param recipe whose lines were converted
     * @param schools how this house cooks, the sheets' way settled
     * @param packetMinutes the packet's own cooking time, by larder id, where a kept product gives it
     */
    public record Asked(
            Recipe recipe,
            Conversion conversion,
            Schools schools,
            Map<String, Integer> packetMinutes,
            PrepChoice choice) {}

    /** @return weights in which raw + taken up - cooked off = ready, to the gram, and the steps to them */
    public PrepPlan prepare(Asked asked) {
        return new Work(asked).plan();
    }

    /** @return the same without its steps, where only weights are asked for */
    public PrepPlan weighed(Asked asked) {
        return new Work(asked).weighed();
    }

    /** One dish being prepared. */
    private final class Work {
        private final Recipe recipe;
        private final Conversion conversion;
        private final PlannedProcedure procedure;
        private final Schools schools;
        private final PrepChoice choice;
        /** Pots whose work the recipe leaves unsaid; lines of no pot are in them too, as null. */
        private final Set<@Nullable String> silent;

        private final OwnSteps own;
        private final Cooking cooking;
        private final List<PrepStep> mends = new ArrayList<>();

        Work(Asked asked) {
            this.recipe = asked.recipe;
            this.conversion = asked.conversion;
            this.procedure = conversion.procedure();
            this.choice = asked.choice;
            this.schools = TimeLadder.schools(asked.schools, choice.minutesLeft());
            this.silent = silentPots();
            this.own = new OwnSteps(ways, schools, asked.packetMinutes);
            Map<ConvertedLine, Double> before = byOwnWork();
            this.cooking = new Cooking(procedure, book, this::comesCooked, before);
        }

        private Set<@Nullable String> silentPots() {
            boolean all = procedure.layers().stream().noneMatch(l -> l.sentence() >= 0)
                    && procedure.components().stream()
                            .noneMatch(p -> p.made() == null && !p.steps().isEmpty());
            Set<@Nullable String> pots = new HashSet<>();
            procedure.components().stream()
                    .filter(p -> all
                            || p.steps().isEmpty()
                                    && p.of().size() > 1
                                    && MADE.contains(p.kind())
                                    && !isStirredInTheDish(p))
                    .map(PlannedProcedure.Pot::id)
                    .forEach(pots::add);
            if (all) {
                pots.add(null);
            }
            return pots;
        }

        /** "Stir the rice, the soup and the water together in the pan": that is all its work. */
        private boolean isStirredInTheDish(PlannedProcedure.Pot pot) {
            return procedure.layers().stream()
                    .filter(l -> l.of().equals(pot.id()))
                    .map(Procedure.Placement::words)
                    .filter(Objects::nonNull)
                    .map(words -> Tokens.of(words).getFirst())
                    .map(KitchenWords.shared()::verb)
                    .anyMatch(verb -> verb != null && verb.verb().effect() == Verb.Effect.MIX);
        }

        private boolean isSilent(ConvertedLine line) {
            return silent.contains(line.component());
        }

        PrepPlan plan() {
            PrepPlan weighed = weighed();
            return new PrepPlan(
                    steps(weighed.ready()
                            .subList(conversion.lines().size(), weighed.ready().size())),
                    weighed.ready(),
                    weighed.cookedOffGrams(),
                    weighed.takenUpGrams());
        }

        /** Lines in their order, what is poured over after them. */
        PrepPlan weighed() {
            Map<ConvertedLine, Double> cooked = cooking.ready();
            Map<ConvertedLine, Double> natural = new IdentityHashMap<>();
            conversion.lines().forEach(l -> natural.put(l, cooked.getOrDefault(l, alone(l))));
            Map<Integer, Double> ofSource = new HashMap<>();
            natural.forEach((line, grams) -> ofSource.merge(line.source(), grams, Double::sum));
            List<ReadyLine> ready = new ArrayList<>();
            double off = conversion.cookedOffInMaking();
            double taken = 0;
            for (ConvertedLine line : conversion.lines()) {
                double usual = natural.getOrDefault(line, 0.0);
                double after = mended(line, usual, ofSource.getOrDefault(line.source(), usual));
                ready.add(new ReadyLine(line, after, usual - after, comesCooked(line)));
                off += Math.max(0, line.gramsOrZero() - after);
                taken += Math.max(0, after - line.gramsOrZero());
            }
            List<ReadyLine> poured = poured();
            ready.addAll(poured);
            taken += poured.stream().mapToDouble(ReadyLine::readyGrams).sum();
            return new PrepPlan(List.of(), List.copyOf(ready), off, taken);
        }

        /** What Nabe's own work leaves of the lines that need it. */
        private Map<ConvertedLine, Double> byOwnWork() {
            Map<ConvertedLine, Double> asRead = new Cooking(procedure, book, this::comesCooked, Map.of()).ready();
            Map<ConvertedLine, Double> before = new IdentityHashMap<>();
            for (ConvertedLine line : conversion.lines()) {
                double raw = line.gramsOrZero();
                Techniques.Entry entry = raw <= 0 ? null : ownEntry(line, asRead.getOrDefault(line, raw) / raw);
                if (entry != null) {
                    before.put(line, entry.share());
                    if (raw >= OWN_STEP_GRAMS) {
                        own.take(new ReadyLine(line, raw * entry.share()), entry);
                    }
                }
            }
            return before;
        }

        /** A line that goes to no pot. */
        private double alone(ConvertedLine line) {
            Techniques.Entry entry = line.gramsOrZero() <= 0 ? null : ownEntry(line, 1);
            return line.gramsOrZero() * (entry == null ? 1 : entry.share());
        }

        /** The technique that this line needs and the recipe does not give it, or null. */
        private Techniques.@Nullable Entry ownEntry(ConvertedLine line, double share) {
            if (line.ingredient() == null || comesCooked(line) || conversion.isMade(line)) {
                return null;
            }
            boolean asked = isSilent(line) || isOtherThan(line) || isSheet(line) || isSliceAsked(line);
            Techniques.Entry entry = asked
                    ? techniques.entry(line.ingredient(), line.part(), ways.schoolsFor(line.ingredient(), schools))
                    : null;
            return entry == null || isCovered(entry.share(), share, line) ? null : entry;
        }

        /** Whether the recipe's own work does as much as the technique would. */
        private boolean isCovered(double technique, double share, ConvertedLine line) {
            if (Math.abs(technique - 1) <= SAME) {
                return share != 1 || !isSilent(line) && !isOtherThan(line);
            }
            return Math.signum(share - 1) == Math.signum(technique - 1)
                    && Math.abs(share - 1) >= AS_GOOD_AS * Math.abs(technique - 1);
        }

        private boolean isOtherThan(ConvertedLine line) {
            Ingredient was = recipe.lines().get(line.source()).ingredient();
            return line.swapped()
                    && was != null
                    && !was.role().equals(line.food().role());
        }

        private boolean isSheet(ConvertedLine line) {
            return ways.decide(line.food(), schools).isPresent();
        }

        /** Whether the house itself asked for its slices to be dried or not. */
        private boolean isSliceAsked(ConvertedLine line) {
            return line.food().role().equals("slice-vegetable") && schools.chose("slices", schools.answer("slices"));
        }

        private boolean comesCooked(ConvertedLine line) {
            Line written = recipe.lines().get(line.source());
            return !line.swapped()
                    && written.preparation() != null
                    && DONE.matcher(written.preparation()).find();
        }

        /** What the cook's mends leave of a line: cooked down further, or pressed longer. */
        private double mended(ConvertedLine line, double ready, double readyOfAll) {
            double target = readyOfAll <= 0
                    ? 0
                    : choice.cookedDown(line.source()).map(Mend.CookDown::grams).orElse(0.0) * ready / readyOfAll;
            double pressed = choice.pressed(line.source());
            double less = target > 0 ? Math.clamp(target, Math.min(ready, 0.3 * line.gramsOrZero()), ready) : ready;
            double after = less * (1 - Math.min(0.1, pressed * PrepChoice.PRESSED / PrepChoice.PRESS_MINUTES));
            if (ready - after > 1) {
                mends.add(OwnSteps.mend(
                        line,
                        target > 0 ? MendWords.cookedDown(line, after) : MendWords.pressed(line, pressed),
                        ready,
                        after));
            }
            return after;
        }

        /** Hot stock or water that mends stir into pots; an older brief names the part. */
        private List<ReadyLine> poured() {
            List<ReadyLine> poured = new ArrayList<>();
            for (Mend.Stock stock : choice.stock()) {
                conversion.lines().stream()
                        .filter(l -> stock.into().equals(l.component())
                                || stock.into().equals(l.part().id()))
                        .findFirst()
                        .filter(beside -> stock.grams() > 0)
                        .ifPresent(beside -> poured.add(new ReadyLine(loosening(beside), stock.grams())));
            }
            return poured;
        }

        private ConvertedLine loosening(ConvertedLine beside) {
            Loosening with = Loosening.of(conversion.lines().stream()
                    .filter(l -> Objects.equals(l.component(), beside.component()))
                    .toList());
            return ConvertedLineBuilder.builder()
                    .source(beside.source())
                    .item(with.item())
                    .ingredient(with.of() == null ? water : with.of())
                    .grams(0.0)
                    .part(beside.part())
                    .component(beside.component())
                    .build();
        }

        private List<PrepStep> steps(List<ReadyLine> poured) {
            Map<String, List<PrepStep>> first = own.steps(pot -> silent.contains(pot) ? SILENT : SWAPPED);
            MethodSteps.Result method = new MethodSteps(procedure, cooking, book, choice.minutesLeft()).with(first);
            List<PrepStep> all = new ArrayList<>();
            Map<String, Set<String>> needs = new HashMap<>(method.needs());
            List<ConvertedLine> cut = GettingReady.asked(recipe, conversion.lines(), cutInMethod());
            PrepStep ready = GettingReady.of(recipe, cut);
            if (ready != null) {
                all.add(ready);
                Set<@Nullable String> pots =
                        cut.stream().map(ConvertedLine::component).collect(Collectors.toSet());
                method.steps().stream()
                        .filter(s -> s.component() != null && !s.own() && pots.contains(s.component()))
                        .forEach(s -> needs.merge(s.id(), Set.of(ready.id()), Prepper::both));
            }
            first.getOrDefault("", List.of()).forEach(all::add);
            all.addAll(method.steps());
            List<ConvertedLine> unsaid =
                    conversion.lines().stream().filter(this::isSilent).toList();
            all.addAll(DoughStep.of(unsaid).stream().toList());
            all.addAll(SauceStep.of(unsaid, schools).stream().toList());
            for (PrepStep late : Stream.concat(
                            mends.stream(), poured.stream().map(p -> OwnSteps.pour(p, nameOf(p.line()))))
                    .toList()) {
                needs.put(
                        late.id(),
                        all.stream()
                                .filter(s -> late.component() != null
                                        && late.component().equals(s.component()))
                                .map(PrepStep::id)
                                .collect(Collectors.toSet()));
                all.add(late);
            }
            DishReady.of(procedure).ifPresent(all::add);
            return FarFromItsName.named(StartTimes.count(all, needs));
        }

        private String nameOf(ConvertedLine line) {
            return procedure.components().stream()
                    .filter(p -> p.id().equals(line.component()))
                    .map(PlannedProcedure.Pot::name)
                    .findFirst()
                    .orElse(line.part().title());
        }

        private static boolean isCutting(StoveBook.@Nullable Work work) {
            return work != null && work.name().equals("cut");
        }

        /** Lines that the method itself cuts: the list's word for it is not said twice. */
        private Set<Integer> cutInMethod() {
            Set<Integer> cut = new HashSet<>();
            procedure
                    .components()
                    .forEach(p -> p.steps().stream()
                            .filter(s -> isCutting(book.work(s.action())))
                            .forEach(s -> worked(p, s).stream()
                                    .filter(c -> c.line() != null)
                                    .forEach(c -> cut.add(c.line().source()))));
            return cut;
        }
    }

    /** What a step works on: what it puts in, else what of its pot it names, else the one thing there. */
    private static List<PlannedProcedure.Constituent> worked(PlannedProcedure.Pot pot, PlannedProcedure.Work step) {
        if (!step.uses().isEmpty() || pot.of().size() < 2) {
            return step.uses().isEmpty() ? pot.of() : step.uses();
        }
        String words = step.words().toLowerCase(Locale.ROOT);
        return pot.of().stream()
                .filter(c -> c.item() != null
                        && Words.of(c.item()).stream()
                                .map(Words.Word::key)
                                .anyMatch(k -> k.length() > 2 && words.contains(k)))
                .toList();
    }

    private static Set<String> both(Set<String> one, Set<String> other) {
        Set<String> all = new HashSet<>(one);
        all.addAll(other);
        return all;
    }
}
