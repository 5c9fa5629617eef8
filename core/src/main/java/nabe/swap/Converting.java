package nabe.swap;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Procedure.Vessel;
import nabe.recipe.Recipe;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Dropped;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.swap.job.Job;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Puts the swaps into the procedure: constituents in their places, clauses in the words that hold now. */
final class Converting {
    private static final double CRUMB = 1e-6;
    /** How a rule of the catalogue begins that speaks of what lies on top: nothing for what is melted into a sauce. */
    private static final Pattern SCATTERED = Pattern.compile("Scatter|Sprinkle|Strew|Add (?:it|them) late");

    /** The reason where a clause only names again what was swapped before. */
    private static final Pattern OIL_AND = Pattern.compile("\\boil and \\p{L}+ oil\\b");
    /** The cook's own figure counts where both give one. */
    private static final Pattern MINUTES = Pattern.compile("\\d min\\b");

    public static final String RENAMED = Messages.say("swap.what-is-swapped-has-another-name");

    private static final Set<String> LAYS = Set.of("scatter", "sprinkle", "strew", "top", "lay", "layer", "finish");
    private static final Pattern SENTENCES = Pattern.compile("(?<=[.!?]) +");
    private final Recipe recipe;
    private final Procedure procedure;
    private final Conversion conversion;
    private final Function<Swap, String> called;
    private final Map<String, List<ConvertedLine>> linesIn;
    private final Set<String> there;
    private final Rewording reworded;
    private final GoneWords gone;
    private final HomeBatches batches;
    private final List<Dropped> dropped = new ArrayList<>();

    /** Writes swaps into clauses, one for one and in order. */
    interface Rewording {
        /** @param at where each clause stands; empty where that is not known */
        List<MethodStep> of(List<String> clauses, List<Swap> swaps, List<Place> at);
    }

    /** Lines that a clause uses, and those of its pot: of two things by one name, it means the nearer. */
    record Place(Set<Integer> used, Set<Integer> pot) {
        static final Place UNKNOWN = new Place(Set.of(), Set.of());

        /** @return whether a line is used there, in the pot there, anywhere: the nearest first */
        List<IntPredicate> nearness() {
            return List.of(used::contains, pot::contains, line -> true);
        }
    }

    private Converting(
            Recipe recipe,
            Procedure procedure,
            Conversion conversion,
            Rewording reworded,
            Function<Swap, String> called) {
        this.recipe = recipe;
        this.procedure = procedure;
        this.conversion = conversion;
        this.called = called;
        this.linesIn = conversion.lines().stream()
                .filter(l -> l.component() != null)
                .collect(Collectors.groupingBy(ConvertedLine::component));
        this.gone = new GoneWords(recipe, conversion.swaps());
        this.there = there();
        this.batches = new HomeBatches(conversion);
        this.reworded = reworded;
    }

    /**
     * @param reworded writes swaps into a pot's clauses
     * @param called what the method calls what a swap brings
     */
    static PlannedProcedure of(
            Recipe recipe,
            Procedure procedure,
            Conversion conversion,
            Rewording reworded,
            Function<Swap, String> called) {
        return new Converting(recipe, procedure, conversion, reworded, called).planned();
    }

    private PlannedProcedure planned() {
        List<Pot> pots = new ArrayList<>();
        for (Vessel vessel : procedure.components()) {
            if (there.contains(vessel.id())) {
                pots.addAll(batches.firstNeededBy(linesIn(vessel.id())));
                pots.add(pot(vessel));
            }
        }
        LateAdditions late = new LateAdditions(recipe, procedure, conversion, there);
        return new PlannedProcedure(
                toldApart(pots),
                layers(),
                procedure.beside().stream().filter(b -> there.contains(b.of())).toList(),
                procedure.oven().stream().map(late::phase).toList(),
                procedure.rest(),
                procedure.goesIn(),
                readying(),
                List.copyOf(dropped));
    }

    private List<Pot> toldApart(List<Pot> pots) {
        Map<String, String> names = new LinkedHashMap<>();
        pots.stream().filter(p -> p.made() == null).forEach(p -> names.put(p.id(), p.name()));
        Map<String, String> apart = PotName.apart(names, this::linesIn);
        return pots.stream()
                .map(p -> p.called(apart.getOrDefault(p.id(), p.name())))
                .toList();
    }

    private List<Placement> layers() {
        List<Placement> laid =
                procedure.layers().stream().filter(p -> there.contains(p.of())).toList();
        List<Placement> said = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            Placement place = laid.get(i);
            said.add(place.words() == null ? place : place.saying(saidOf(laid.subList(i, laid.size()))));
        }
        return List.copyOf(said);
    }

    /** What is said of the first and goes on for those after it that nothing more is said of; empty where it names what is gone. */
    private String saidOf(List<Placement> from) {
        Set<String> pots = Stream.concat(
                        from.stream().limit(1), from.stream().skip(1).takeWhile(p -> p.words() == null))
                .map(Placement::of)
                .collect(Collectors.toSet());
        List<Vessel> vessels = procedure.components().stream()
                .filter(c -> pots.contains(c.id()))
                .toList();
        List<ConvertedLine> lines =
                vessels.stream().flatMap(v -> deep(v).stream()).toList();
        MethodStep now = reworded.of(List.of(from.getFirst().words()), meant(lines), List.of(laidBare(vessels, lines)))
                .getFirst();
        String text = isMeatGone(lines) ? MeatWords.without(now.text()) : now.text();
        return gone.in(text, lines) ? "" : text;
    }

    /** "A cup of cheese" is the cheese that is laid as it is, not the one in the filling beside it. */
    private static Place laidBare(List<Vessel> vessels, List<ConvertedLine> lines) {
        Set<Integer> bare = vessels.stream()
                .filter(v -> v.of().size() == 1)
                .flatMap(v -> linesOf(v.of()).stream())
                .collect(Collectors.toSet());
        return new Place(bare, lines.stream().map(ConvertedLine::source).collect(Collectors.toSet()));
    }

    private List<Work> readying() {
        List<Step> steps = procedure.readying();
        List<Swap> meant = meant(
                conversion.lines().stream().filter(l -> l.component() == null).toList());
        List<MethodStep> words = reworded.of(steps.stream().map(Step::words).toList(), meant, List.of());
        return IntStream.range(0, steps.size())
                .mapToObj(i -> readying(steps.get(i), words.get(i)))
                .toList();
    }

    private Work readying(Step step, MethodStep now) {
        List<Constituent> uses = step.uses().stream()
                .flatMap(u -> conversion.lines().stream()
                        .filter(l -> l.component() == null
                                && Integer.valueOf(l.source()).equals(u.line())))
                .map(l -> Constituent.of(l, 1))
                .toList();
        return PlannedProcedureWorkBuilder.builder()
                .id(step.id())
                .action(step.action())
                .words(now.text())
                .sentence(step.sentence())
                .uses(uses)
                .changed(now.changed())
                .why(now.changed() ? RENAMED : null)
                .build();
    }

    /** Pots that still hold something: what was left out takes its pot along. */
    private Set<String> there() {
        Set<String> found = new HashSet<>();
        int before;
        do {
            before = found.size();
            procedure.components().stream()
                    .filter(c -> !linesIn(c.id()).isEmpty()
                            || c.of().stream().anyMatch(o -> o.component() != null && found.contains(o.component())))
                    .forEach(c -> found.add(c.id()));
        } while (found.size() > before);
        return found;
    }

    private List<ConvertedLine> linesIn(String pot) {
        return linesIn.getOrDefault(pot, List.of());
    }

    private Pot pot(Vessel vessel) {
        List<ConvertedLine> lines = linesIn(vessel.id());
        List<ConvertedLine> deep = deep(vessel);
        List<Constituent> of = new ArrayList<>();
        lines.forEach(l -> of.add(batches.constituent(l, 1)));
        vessel.of().stream()
                .filter(o -> o.component() != null && there.contains(o.component()))
                .forEach(o -> of.add(Constituent.of(o.component(), o.share())));
        List<Swap> meant = meant(lines);
        List<MethodStep> words =
                reworded.of(vessel.steps().stream().map(Step::words).toList(), meant, places(vessel));
        List<Work> steps = new ArrayList<>();
        Set<Swap> noted = Collections.newSetFromMap(new IdentityHashMap<>());
        boolean meatGone = isMeatGone(deep);
        List<Swap> here = here(meant, lines);
        AnotherDish other = AnotherDish.of(vessel, here, conversion.swaps());
        CookedItsOwnWay own = other == null ? CookedItsOwnWay.of(vessel.steps(), here, recipe) : null;
        WhitesApart whites = new WhitesApart(here, recipe);
        for (int i = 0; i < vessel.steps().size(); i++) {
            Step step = vessel.steps().get(i);
            if (whites.areAllOf(step)) {
                dropped.add(new Dropped(vessel.id(), step.words(), Messages.say("swap.there-are-no-whites")));
                continue;
            }
            if (other != null && other.covers(step)) {
                other.take(step, usedIn(step, vessel));
                continue;
            }
            Work work = own != null && own.covers(step)
                    ? own.take(step, usedIn(step, vessel))
                    : work(step, vessel, words.get(i), meatGone, here, noted);
            if (work != null) {
                steps.add(work);
            }
        }
        if (other != null) {
            other.step().ifPresent(steps::add);
        }
        if (vessel.steps().isEmpty()) {
            mashed(here, lines).or(() -> stirred(lines)).ifPresent(steps::add);
        }
        return new Pot(
                vessel.id(),
                named(vessel, deep, here),
                vessel.kind(),
                List.copyOf(of),
                List.copyOf(steps),
                notes(vessel, lines, steps),
                null);
    }

    /** One thing that became several has the name its clauses give them: "torn mushrooms and chickpeas". */
    private String named(Vessel vessel, List<ConvertedLine> lines, List<Swap> here) {
        List<Swap> one = here.stream()
                .filter(s -> lines.stream().allMatch(l -> l.swapped() && l.source() == s.source()))
                .toList();
        return lines.size() > 1 && one.size() == 1
                ? PotName.capital(called.apply(one.getFirst()))
                : PotName.of(vessel, lines);
    }

    /** Mash that was bought or left over is boiled and mashed anew. */
    private static Optional<Work> mashed(List<Swap> here, List<ConvertedLine> lines) {
        return here.stream()
                .filter(s ->
                        s.job() == Job.MASH && s.change() != null && s.change().startsWith("Boil"))
                .filter(s -> lines.stream().allMatch(l -> l.source() == s.source()))
                .findFirst()
                .map(s -> SaidWork.alone("s" + s.source() + "-mashed", s, lines));
    }

    /** A glaze of one egg becomes two things that nobody else stirs together. */
    private static Optional<Work> stirred(List<ConvertedLine> lines) {
        boolean one = lines.stream().map(ConvertedLine::source).distinct().count() == 1;
        boolean pours = lines.size() > 1
                && lines.getFirst().swapped()
                && lines.getFirst().ingredient() != null
                && lines.getFirst().ingredient().isLiquid();
        if (!one || !pours) {
            return Optional.empty();
        }
        String things = Lists.and(
                lines.stream().map(l -> Messages.say("swap.the", l.item())).toList());
        return Optional.of(PlannedProcedureWorkBuilder.builder()
                .id("s" + lines.getFirst().source() + "-stirred")
                .action("stir")
                .words(Messages.say("swap.stir-together", things))
                .sentence(-1)
                .uses(lines.stream().map(l -> Constituent.of(l, 1)).toList())
                .changed(true)
                .why(RENAMED)
                .build());
    }

    private static @Nullable Step before(Step step, Vessel vessel) {
        int at = vessel.steps().indexOf(step);
        return at > 0 ? vessel.steps().get(at - 1) : null;
    }

    private static List<Place> places(Vessel vessel) {
        Set<Integer> pot = linesOf(vessel.of());
        return vessel.steps().stream()
                .map(s -> new Place(linesOf(s.uses()), pot))
                .toList();
    }

    private static Set<Integer> linesOf(List<Of> uses) {
        return uses.stream().map(Of::line).filter(Objects::nonNull).collect(Collectors.toSet());
    }

    private boolean isMeatGone(List<ConvertedLine> lines) {
        return lines.stream().map(ConvertedLine::ingredient).noneMatch(MeatWords::isMeat)
                && lines.stream()
                        .map(l -> recipe.lines().get(l.source()).ingredient())
                        .anyMatch(MeatWords::isMeat);
    }

    /** What is in a pot and in the pots that went into it. */
    private List<ConvertedLine> deep(Vessel vessel) {
        List<ConvertedLine> all = new ArrayList<>(linesIn(vessel.id()));
        vessel.of().stream()
                .filter(o -> o.component() != null)
                .flatMap(o -> procedure.components().stream().filter(c -> c.id().equals(o.component())))
                .forEach(c -> all.addAll(deep(c)));
        return all;
    }

    /** The swaps that a pot's clauses speak of: of a line divided over pots, the one made here. */
    private List<Swap> meant(List<ConvertedLine> lines) {
        Set<Integer> sources = lines.stream().map(ConvertedLine::source).collect(Collectors.toSet());
        List<Swap> here = here(conversion.swaps(), lines);
        return conversion.swaps().stream()
                .filter(s -> !sources.contains(s.source())
                        || here.contains(s)
                        || s.becomes().isEmpty())
                .toList();
    }

    private static List<Swap> here(List<Swap> swaps, List<ConvertedLine> lines) {
        Map<Integer, Set<String>> foods = new HashMap<>();
        for (ConvertedLine line : lines) {
            if (line.swapped() && line.ingredient() != null) {
                foods.computeIfAbsent(line.source(), k -> new HashSet<>())
                        .add(line.ingredient().id());
            }
        }
        List<Swap> any = swaps.stream()
                .filter(s -> isAny(s, foods.getOrDefault(s.source(), Set.of())))
                .toList();
        return any.stream()
                .filter(s -> isAll(s, foods.get(s.source()))
                        || any.stream().noneMatch(o -> o.source() == s.source() && isAll(o, foods.get(o.source()))))
                .toList();
    }

    /** Milk for the mash becomes one thing, milk for the sauce that and oil: each pot speaks of its own. */
    private static boolean isAll(Swap swap, @Nullable Set<String> foods) {
        return swap.becomes().stream()
                .map(Swap.Becomes::ingredient)
                .collect(Collectors.toSet())
                .equals(foods);
    }

    private static boolean isAny(Swap swap, Set<String> foods) {
        return swap.becomes().stream().anyMatch(b -> foods.contains(b.ingredient()));
    }

    private @Nullable Work work(
            Step step, Vessel vessel, MethodStep now, boolean meatGone, List<Swap> here, Set<Swap> noted) {
        if (meatGone && MeatWords.takesFatOff(now.text(), before(step, vessel))) {
            dropped.add(new Dropped(vessel.id(), step.words(), Messages.say("swap.there-is-no-meat-in-it")));
            return null;
        }
        if (now.changed() && LooseWords.onlyCuts(now.text())) {
            dropped.add(new Dropped(vessel.id(), step.words(), Messages.say("swap.it-comes-cut-already")));
            return null;
        }
        if (now.instead() != null && now.text().isBlank()) {
            dropped.add(new Dropped(vessel.id(), step.words(), Messages.say("swap.it-belonged-to-what-is-swapped")));
            return null;
        }
        String text = inOneFat(meatGone ? MeatWords.without(now.text()) : now.text(), here);
        if (text.isEmpty() && !now.text().isEmpty()) {
            dropped.add(new Dropped(vessel.id(), step.words(), Messages.say("swap.there-is-no-meat-in-it")));
            return null;
        }
        List<Constituent> uses = usedIn(step, vessel);
        boolean changed = now.changed() || !text.equals(now.text());
        boolean anew = now.instead() != null;
        return PlannedProcedureWorkBuilder.builder()
                .id(step.id())
                .action(anew ? SaidWork.action(text, step.action()) : step.action())
                .words(text)
                .sentence(step.sentence())
                .uses(uses)
                .tool(step.tool())
                .heat(step.heat())
                .covered(step.covered())
                .celsius(step.celsius())
                .minutes(anew ? SaidWork.minutes(text) : step.minutes())
                .until(step.until() != null && text.contains(step.until()) ? step.until() : null)
                .changed(changed)
                .why(changed ? why(step, now, here, noted) : null)
                .build();
    }

    /** "Heat the oil and olive oil", where butter became the oil that is there already. */
    private String inOneFat(String text, List<Swap> here) {
        return here.stream()
                .flatMap(s -> s.becomes().stream())
                .filter(b -> OIL_AND.matcher(text).find() && text.contains(" and " + b.item()))
                .filter(b -> conversion.lines().stream()
                        .anyMatch(l -> !l.swapped()
                                && l.ingredient() != null
                                && l.ingredient().id().equals(b.ingredient())))
                .findFirst()
                .map(b -> text.replaceFirst("\\b(?:(?!the )\\p{L}+ )?oil and (?=" + Pattern.quote(b.item()) + ")", ""))
                .orElse(text);
    }

    private List<Constituent> usedIn(Step step, Vessel vessel) {
        return step.uses().stream().flatMap(u -> used(u, vessel).stream()).toList();
    }

    /** What a step uses of its pot: the share of each line that it takes there. */
    private List<Constituent> used(Of use, Vessel vessel) {
        if (use.line() == null) {
            String pot = Objects.requireNonNull(use.component());
            return there.contains(pot) ? List.of(Constituent.of(pot, use.share())) : List.of();
        }
        double inPot = vessel.of().stream()
                .filter(o -> use.line().equals(o.line()))
                .mapToDouble(Of::share)
                .sum();
        double share = inPot < CRUMB ? 0 : Math.min(1, use.share() / inPot);
        return linesIn(vessel.id()).stream()
                .filter(l -> l.source() == use.line())
                .map(l -> batches.constituent(l, share))
                .toList();
    }

    private String why(Step step, MethodStep now, List<Swap> here, Set<Swap> noted) {
        if (now.instead() != null) {
            noted.add(now.instead());
            return now.instead().reason();
        }
        List<Swap> used = here.stream()
                .filter(s -> step.uses().stream()
                        .anyMatch(u -> Integer.valueOf(s.source()).equals(u.line())))
                .filter(noted::add)
                .toList();
        List<String> said = Stream.concat(
                        now.notes().stream()
                                .filter(n -> n.rule().equals(MethodJudge.RULE))
                                .map(n -> n.item() + ": " + n.text()),
                        used.stream()
                                .filter(s -> LAYS.contains(step.action()) || !isForTheTop(s))
                                .filter(s -> s.job() != Job.BOILED || !CookedItsOwnWay.isPulledEarly(step.words()))
                                .map(Swap::change)
                                .filter(Objects::nonNull))
                .distinct()
                .toList();
        if (!said.isEmpty()) {
            return said.stream().flatMap(SENTENCES::splitAsStream).distinct().collect(Collectors.joining(" "));
        }
        return used.stream()
                .map(Swap::reason)
                .filter(r -> !CookedItsOwnWay.isPulledEarly(step.words())
                        || !MINUTES.matcher(r).find())
                .findFirst()
                .orElse(RENAMED);
    }

    private static boolean isForTheTop(Swap swap) {
        return swap.change() != null && SCATTERED.matcher(swap.change()).lookingAt();
    }

    /** Notes of swapped things that are laid as they are: no step of their pot says them. */
    private List<String> notes(Vessel vessel, List<ConvertedLine> lines, List<Work> steps) {
        boolean laid = procedure.layers().stream().anyMatch(p -> p.of().equals(vessel.id()));
        Set<Integer> used = steps.stream()
                .filter(Work::changed)
                .flatMap(w -> w.uses().stream())
                .filter(c -> c.line() != null)
                .map(c -> c.line().source())
                .collect(Collectors.toSet());
        Set<Integer> sources = lines.stream()
                .filter(ConvertedLine::swapped)
                .map(ConvertedLine::source)
                .filter(s -> !used.contains(s))
                .collect(Collectors.toSet());
        return !laid
                ? List.of()
                : conversion.swaps().stream()
                        .filter(s -> sources.contains(s.source()))
                        .map(Swap::change)
                        .filter(n -> n != null)
                        .distinct()
                        .toList();
    }
}
