package nabe.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Words;
import nabe.measure.Dial;
import nabe.prep.Cooking.Stage;
import nabe.prep.PrepStep.Rung;
import nabe.prep.PrepStep.Used;
import nabe.prep.PrepStep.When;
import nabe.prep.Turns.Turn;
import nabe.recipe.Clauses;
import nabe.recipe.Procedure.Placement;
import nabe.swap.Ahead;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** The recipe's own work before the oven: one step for what a sentence does in one pot, in the order of the pots. */
final class MethodSteps {
    private static final Set<String> GRILLS = Set.of("grill", "broil", "char");
    private static final Pattern DRAWS = Pattern.compile(
            "\\b(?:strain|reserve|reserving|measure|ladle|keep|keeping|save|saving|pour off|drain)\\w*\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SAME_PAN = Pattern.compile("\\bsame (?:\\w+ )?(?:pan|skillet|pot|casserole|wok)\\b");
    private static final Pattern OF_THIS = Pattern.compile("\\bof this\\b(?! \\p{L})|\\bof this(?= into\\b)");
    private final PlannedProcedure procedure;

    private final Cooking cooking;
    private final StoveBook book;
    private final @Nullable Integer minutesLeft;
    private final Moments moments;
    private final HandsAndOven hands;
    private final ToolInUse tools;
    private final Map<String, String> names;
    private final StepUses stepUses;
    private final List<PrepStep> steps = new ArrayList<>();
    private final Map<String, Set<String>> needs = new HashMap<>();
    private final Map<String, String> lastOf = new HashMap<>();
    /** The step of every sentence that was told. */
    private final NavigableMap<Integer, String> told = new TreeMap<>();
    /** Pots of which a sentence of the recipe's was told. */
    private final Set<String> opened = new HashSet<>();

    MethodSteps(PlannedProcedure procedure, Cooking cooking, StoveBook book, @Nullable Integer minutesLeft) {
        this.procedure = procedure;
        this.cooking = cooking;
        this.book = book;
        this.minutesLeft = minutesLeft;
        this.moments = new Moments(procedure, cooking);
        this.hands = new HandsAndOven(cooking, book);
        this.tools = new ToolInUse(cooking, hands);
        this.names = procedure.components().stream().collect(Collectors.toMap(Pot::id, Pot::name));
        this.stepUses = new StepUses(procedure, names);
    }

    /** @param needs by a step's id, the ids of the steps it needs */
    record Result(List<PrepStep> steps, Map<String, Set<String>> needs) {}

    /** @param own steps of Nabe's by the pot they come first in */
    Result with(Map<String, List<PrepStep>> own) {
        Turns turns = new Turns(procedure, this::saidAtLayers);
        for (Turn turn : turns.all()) {
            Pot pot = turn.pot();
            if (turn.opens()) {
                own.getOrDefault(pot.id(), List.of()).forEach(s -> add(s, pot, Set.of()));
            }
            if (pot.made() != null) {
                add(making(pot), pot, Set.of());
            } else if (!turn.works().isEmpty()) {
                sentence(turn, turns.takersBefore(turn));
            }
        }
        beginTheDayBefore();
        return new Result(List.copyOf(steps), needs);
    }

    private void sentence(Turn turn, List<String> takers) {
        Pot pot = turn.pot();
        List<Work> works = turn.works();
        List<Constituent> put = works.stream().flatMap(w -> w.uses().stream()).toList();
        String text = named(text(works, Work::words), put);
        boolean opens = opened.add(pot.id());
        List<Constituent> all = Stream.concat(put.stream(), turn.last() ? joining(pot) : Stream.empty())
                .toList();
        List<Used> uses = stepUses.of(pot, opens, !put.isEmpty(), all);
        PrepStep twin = twin(text);
        if (twin != null) {
            merge(twin, pot, uses);
            return;
        }
        Set<String> after = all.stream()
                .map(Constituent::component)
                .filter(Objects::nonNull)
                .map(lastOf::get)
                .filter(Objects::nonNull)
                .collect(Collectors.toCollection(HashSet::new));
        Stream.concat(takers.stream(), drawnFrom(all))
                .map(lastOf::get)
                .filter(Objects::nonNull)
                .forEach(after::add);
        if (SAME_PAN.matcher(works.getFirst().words()).find()) {
            before(works).ifPresent(after::add);
        }
        add(step(pot, works, text, uses), pot, after);
        works.forEach(
                w -> told.put(w.sentence(), pot.id() + "-" + works.getFirst().id()));
    }

    /** "Add the poaching milk": once it is strained off the fish. */
    private Stream<String> drawnFrom(List<Constituent> put) {
        List<String> liquids = put.stream()
                .map(Constituent::line)
                .filter(line -> line != null
                        && line.ingredient() != null
                        && line.ingredient().isLiquid())
                .map(line -> Words.of(line.item()).getLast().key())
                .toList();
        return procedure.components().stream()
                .filter(p -> p.steps().stream().anyMatch(w -> draws(w, liquids)))
                .map(Pot::id);
    }

    private static boolean draws(Work work, List<String> liquids) {
        return DRAWS.matcher(work.words()).find()
                && work.uses().isEmpty()
                && Words.of(work.words()).stream().map(Words.Word::key).anyMatch(liquids::contains);
    }

    /** "Stir a fifth of this into the meat": of what, since the steps have an order of their own. */
    private String named(String text, List<Constituent> put) {
        List<String> others = put.stream()
                .map(Constituent::component)
                .filter(Objects::nonNull)
                .map(id -> names.getOrDefault(id, ""))
                .filter(n -> !n.isEmpty())
                .toList();
        return others.size() == 1
                ? OF_THIS.matcher(text)
                        .replaceFirst("of the " + others.getFirst().toLowerCase(Locale.ROOT))
                : text;
    }

    private static String text(List<Work> works, Function<Work, String> words) {
        return works.stream()
                .collect(Collectors.groupingBy(
                        Work::sentence, LinkedHashMap::new, Collectors.mapping(words, Collectors.toList())))
                .values()
                .stream()
                .map(said -> MethodWords.sentence(said.stream().distinct().toList()))
                .collect(Collectors.joining(" "));
    }

    /** Other pots that go into this one and that no step of it names: they are there by its last step. */
    private static Stream<Constituent> joining(Pot pot) {
        return pot.of().stream()
                .filter(c -> c.component() != null)
                .filter(c -> pot.steps().stream()
                        .flatMap(s -> s.uses().stream())
                        .noneMatch(u -> Objects.equals(c.component(), u.component())));
    }

    /** The same sentence said of another pot: "peel both kinds of potato". */
    private @Nullable PrepStep twin(String text) {
        return steps.stream()
                .filter(s -> !s.own() && s.text().equals(text))
                .findFirst()
                .orElse(null);
    }

    private void merge(PrepStep twin, Pot pot, List<Used> uses) {
        double grams = uses.stream()
                .mapToDouble(u -> u.grams() == null ? 0 : u.grams())
                .sum();
        List<Used> both = Stream.concat(twin.uses().stream(), uses.stream()).toList();
        steps.replaceAll(s -> s == twin
                ? PrepStepBuilder.builder()
                        .id(s.id())
                        .component(s.component())
                        .item(s.item().equals(pot.name()) ? s.item() : s.item() + ", " + pot.name())
                        .part(s.part())
                        .text(s.text())
                        .uses(both)
                        .sign(s.sign())
                        .activeMinutes(s.activeMinutes())
                        .passiveMinutes(s.passiveMinutes())
                        .rawGrams(s.rawGrams() + grams)
                        .readyGrams(s.readyGrams() + grams)
                        .tool(s.tool())
                        .heat(s.heat())
                        .keeps(s.keeps())
                        .own(s.own())
                        .why(s.why())
                        .ladder(s.ladder())
                        .when(s.when())
                        .doing(s.doing())
                        .build()
                : s);
        String before = lastOf.put(pot.id(), twin.id());
        if (before != null && !before.equals(twin.id())) {
            needs.computeIfAbsent(twin.id(), k -> new LinkedHashSet<>()).add(before);
            tellAfter(twin.id(), before);
        }
    }

    private void tellAfter(String id, String before) {
        List<String> ids = steps.stream().map(PrepStep::id).toList();
        if (ids.indexOf(before) > ids.indexOf(id)) {
            steps.add(steps.remove(ids.indexOf(id)));
        }
    }

    /** What stands overnight, and all that comes before it in its pot, is begun the day before. */
    private void beginTheDayBefore() {
        Set<String> overnight = new HashSet<>();
        for (int i = steps.size() - 1; i >= 0; i--) {
            PrepStep step = steps.get(i);
            if (step.component() != null && step.passiveMinutes() >= PrepStep.LEAST_NIGHT) {
                overnight.add(step.component());
            }
            if (overnight.contains(step.component()) && step.keeps() == null) {
                steps.set(
                        i,
                        PrepStepBuilder.builder(step)
                                .keeps(new Ahead(1, Ahead.Way.FRIDGE))
                                .build());
            }
        }
    }

    /** "In the same pan": after what was told in it just before. */
    private Optional<String> before(List<Work> works) {
        return Optional.ofNullable(told.lowerEntry(works.getFirst().sentence())).map(Map.Entry::getValue);
    }

    private void add(PrepStep step, Pot pot, Set<String> after) {
        Set<String> all = new LinkedHashSet<>(after);
        if (lastOf.containsKey(pot.id())) {
            all.add(lastOf.get(pot.id()));
        }
        needs.put(step.id(), all);
        steps.add(step);
        lastOf.put(pot.id(), step.id());
    }

    private PrepStep step(Pot pot, List<Work> works, String text, List<Used> uses) {
        Stage start = cooking.stage(works.getFirst());
        Stage end = cooking.stage(works.getLast());
        double active = 0;
        double passive = 0;
        double added = 0;
        double soaking = 0;
        String sign = null;
        boolean first = !lastOf.containsKey(pot.id());
        List<Rung> ladder = List.of();
        for (Work work : works) {
            Stage stage = cooking.stage(work);
            double busy = hands.busy(work, stage);
            active += busy;
            passive += stage.minutes() - busy;
            soaking += isSoak(work) ? stage.minutes() - busy : 0;
            added += stage.added();
            sign = work.until() != null ? work.until() : sign != null || hands.isBraised(work) ? sign : stage.sign();
            ladder = ladder.isEmpty() ? ladder(work, stage) : ladder;
        }
        boolean last = works.contains(lastWorked(pot));
        PrepStep.Doing doing = hands.doing(works);
        When when = moments.of(pot, works, active + passive);
        Rung taken = ladder.stream().filter(Rung::taken).findFirst().orElse(null);
        return PrepStepBuilder.builder()
                .id(pot.id() + "-" + works.getFirst().id())
                .component(pot.id())
                .item(when == When.BUILT ? Messages.say("prep.the-dish") : pot.name())
                .part(pot.kind().part())
                .text(taken == null ? text : text(works, w -> isSoak(w) ? taken.bare() : w.words()))
                .uses(when == When.BUILT ? List.of() : uses)
                .sign(sign)
                .activeMinutes((int) Math.max(1, Math.round(active)))
                .passiveMinutes(
                        (int) Math.round(taken == null ? passive : Math.max(0, passive - soaking) + taken.minutes()))
                .rawGrams(start.before() + added)
                .readyGrams(end.after())
                .tool(tools.of(pot, works, first))
                .heat(
                        doing.ovenCelsius() == null || works.stream().anyMatch(w -> GRILLS.contains(w.action()))
                                ? tools.heat(works)
                                : Messages.say("prep.oven", Dial.words(doing.ovenCelsius())))
                .keeps(last ? book.keeps(pot.kind()) : null)
                .why(taken == null ? why(works) : Messages.say("prep.there-is-no-time-for-the", text))
                .ladder(ladder)
                .when(when)
                .doing(doing)
                .build();
    }

    /** A short wait amid the layers is said where it lies, not before it is built. */
    private List<Work> saidAtLayers(Pot pot) {
        String said = procedure.layers().stream()
                .filter(l -> l.of().equals(pot.id()) && l.words() != null)
                .map(Placement::words)
                .collect(Collectors.joining(". "))
                .toLowerCase(Locale.ROOT);
        return pot.steps().stream()
                .filter(w -> w.uses().isEmpty() && bare(w.words()).contains(" ") && said.contains(bare(w.words())))
                .toList();
    }

    /** Without the word that only links it to the next clause. */
    private static String bare(String clause) {
        return Clauses.unlinked(clause.toLowerCase(Locale.ROOT));
    }

    /** What is only done at table is not what makes it. */
    private @Nullable Work lastWorked(Pot pot) {
        return pot.steps().reversed().stream()
                .filter(w -> moments.of(pot, List.of(w), 0) != When.TO_SERVE)
                .findFirst()
                .orElse(null);
    }

    private static boolean isSoak(Work work) {
        return work.action().equals("soak");
    }

    private List<Rung> ladder(Work work, Stage stage) {
        if (!isSoak(work)) {
            return List.of();
        }
        return stage.worked().stream()
                .map(Content::ingredient)
                .filter(Objects::nonNull)
                .map(book::soaks)
                .filter(s -> !s.isEmpty())
                .findFirst()
                .map(s -> TimeLadder.of(s, stage.minutes(), minutesLeft))
                .orElse(List.of());
    }

    private static @Nullable String why(List<Work> works) {
        String all = works.stream()
                .map(Work::told)
                .filter(Objects::nonNull)
                .distinct()
                .collect(Collectors.joining(" "));
        return all.isEmpty() ? null : all;
    }

    private PrepStep making(Pot pot) {
        var made = Objects.requireNonNull(pot.made());
        Ahead ahead = made.days() > 0 ? new Ahead(made.days(), Ahead.Way.FRIDGE) : null;
        double raw = pot.of().stream()
                .mapToDouble(c -> c.grams() == null ? 0 : c.grams())
                .sum();
        return PrepStepBuilder.builder()
                .id(pot.id())
                .component(pot.id())
                .item(pot.name())
                .part(pot.kind().part())
                .text(MadeWords.of(made, made.grams()))
                .uses(pot.of().stream().map(stepUses::used).toList())
                .sign(made.sign())
                .activeMinutes(made.active())
                .passiveMinutes(made.passive())
                .rawGrams(raw)
                .readyGrams(made.grams())
                .tool(made.tools().isEmpty() ? null : made.tools().getFirst())
                .keeps(ahead)
                .own(true)
                .why(Messages.say("prep.made-at-home-in-place-of"))
                .ladder(List.of())
                .when(When.BEFORE)
                .doing(PrepStep.Doing.of(Set.of("make")))
                .build();
    }
}
