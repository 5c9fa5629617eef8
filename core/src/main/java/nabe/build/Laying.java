package nabe.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Beside;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Vessel;
import nabe.swap.PotName;
import nabe.words.Messages;

/**
 * The layers as the recipe says them: what of every pot lies in the dish and where, what of it stays beside. A pot that goes
 * into another lies where that one lies; the filling of a roll or shell lies with its wrapper.
 */
final class Laying {
    private static final double CRUMB = 1e-6;
    /** Less than this of a pot is what sticks to it. */
    private static final double LEAST_LEFT = 1e-3;

    /** What rubs or greases a dish, where no pot takes it. */
    private static final Set<String> GREASES = Set.of("oil", "butter", "animal-fat", "aromatic", "spread");

    private final Procedure procedure;
    private final List<ReadyLine> ready;
    private final Map<String, Vessel> vessels;
    private final Map<String, Map<String, Double>> flows = new HashMap<>();
    private final Map<String, List<ReadyLine>> inDish = new LinkedHashMap<>();
    private final List<BuildPlan.Leftover> beside = new ArrayList<>();
    /** Lines that no pot takes, by the recipe's line they stand for. */
    private final Map<Integer, List<ReadyLine>> loose = new LinkedHashMap<>();
    /** Grams of every pot that stay out of the dish. */
    private final Map<String, Double> left = new LinkedHashMap<>();

    private Laying(Procedure procedure, List<ReadyLine> ready) {
        this.procedure = procedure;
        this.ready = ready;
        this.vessels = procedure.components().stream().collect(Collectors.toMap(Vessel::id, v -> v));
    }

    /** @param places bottom to top; {@code beside} what the recipe keeps out of the dish */
    record Result(Map<String, Component> components, List<LayerOrder.Place> places, List<BuildPlan.Leftover> beside) {}

    /** @return whether the text says how the dish is built */
    static boolean isSaid(Procedure procedure) {
        return !procedure.layers().isEmpty()
                && procedure.doubts().stream().noneMatch(d -> d.code() == DoubtCode.NOTHING_LAID);
    }

    static Result of(Procedure procedure, List<ReadyLine> ready) {
        return new Laying(procedure, ready).result();
    }

    private Result result() {
        outermost().forEach(id -> inDish.put(id, new ArrayList<>()));
        ready.forEach(this::lay);
        loose.values().forEach(lines -> beside.add(served(lines)));
        left.forEach(this::keepBeside);
        Map<String, Component> components = new LinkedHashMap<>();
        inDish.forEach((id, lines) -> {
            Vessel vessel = Objects.requireNonNull(vessels.get(id));
            Component component = Component.of(id, vessel.kind().part(), name(vessel, lines), lines);
            if (component.grams() > 0) {
                components.put(id, component);
            }
        });
        tellApart(components);
        List<LayerOrder.Place> places = outside().stream()
                .filter(l -> components.containsKey(l.of()))
                .map(l -> new LayerOrder.Place(l.of(), Math.max(l.share(), CRUMB), l.late(), l.words()))
                .toList();
        return new Result(components, places, List.copyOf(beside));
    }

    private static void tellApart(Map<String, Component> components) {
        Map<String, String> names = new LinkedHashMap<>();
        components.forEach((id, c) -> names.put(id, c.name()));
        Map<String, String> apart = PotName.apart(
                names,
                id -> Objects.requireNonNull(components.get(id)).lines().stream()
                        .map(ReadyLine::line)
                        .toList());
        components.replaceAll((id, c) -> c.called(apart.getOrDefault(id, c.name())));
    }

    private Set<String> outermost() {
        return outside().stream().map(Placement::of).collect(Collectors.toCollection(java.util.LinkedHashSet::new));
    }

    /** What lies in the dish itself; a filling too, where what it was to go into is not known. */
    private List<Placement> outside() {
        List<Placement> layers = procedure.layers();
        int wrapper = 0;
        while (wrapper < layers.size() && layers.get(wrapper).inside()) {
            wrapper++;
        }
        int first = wrapper;
        return IntStream.range(0, layers.size())
                .filter(i -> i < first || !layers.get(i).inside())
                .mapToObj(layers::get)
                .toList();
    }

    private void lay(ReadyLine line) {
        String pot = line.line().component();
        if (pot == null || !vessels.containsKey(pot)) {
            layLoose(line);
            return;
        }
        Map<String, Double> flow = flow(pot);
        flow.forEach((id, share) -> Objects.requireNonNull(inDish.get(id)).add(line.times(share)));
        double rest = 1 - flow.values().stream().mapToDouble(d -> d).sum();
        left.merge(pot, Math.max(0, rest) * line.readyGrams(), Double::sum);
    }

    /** What greases the dish lies at its bottom; what else no pot takes is served with it. */
    private void layLoose(ReadyLine line) {
        boolean greases = line.line().part() == Part.PAN_RELEASE
                || line.line().ingredient() != null
                        && GREASES.contains(line.line().ingredient().role());
        if (greases && !inDish.isEmpty()) {
            inDish.values().iterator().next().add(line);
        } else if (line.readyGrams() > CRUMB || isStrewn(line)) {
            loose.computeIfAbsent(line.line().source(), s -> new ArrayList<>()).add(line);
        }
    }

    /** "Parsley to finish": without a weight, and yet not to be forgotten. */
    private static boolean isStrewn(ReadyLine line) {
        return line.line().ingredient() != null
                && line.line().ingredient().role().equals("herb");
    }

    /** What stands in for one thing is served as one: "cashew cream with lemon juice". */
    private static BuildPlan.Leftover served(List<ReadyLine> lines) {
        String others = lines.stream().skip(1).map(l -> l.line().item()).collect(Collectors.joining(", "));
        ReadyLine first = lines.getFirst();
        return leftover(
                others.isEmpty()
                        ? first.line().item()
                        : Messages.say("build.with", first.line().item(), others),
                first.line().part(),
                lines.stream().mapToDouble(ReadyLine::readyGrams).sum(),
                Fate.SERVED_BESIDE);
    }

    private void keepBeside(String pot, double grams) {
        Vessel vessel = Objects.requireNonNull(vessels.get(pot));
        List<ReadyLine> own =
                ready.stream().filter(l -> pot.equals(l.line().component())).toList();
        if (flow(pot).isEmpty() && own.stream().allMatch(Laying::isStrewn)) {
            beside.add(leftover(name(vessel, own), vessel.kind().part(), grams, Fate.SERVED_BESIDE));
        } else if (grams > LEAST_LEFT) {
            Fate fate = flow(pot).isEmpty() ? servedUnlessSaid(pot) : fate(pot);
            beside.add(leftover(name(vessel, own), vessel.kind().part(), grams, fate));
        }
    }

    private static BuildPlan.Leftover leftover(String name, Part part, double grams, Fate fate) {
        String use = switch (fate) {
            case SERVED_BESIDE -> Messages.say("build.serve-it-with-the-dish");
            case FROZEN -> Messages.say("build.it-goes-into-the-freezer");
            case LEFT_OVER -> Messages.say("build.your-recipe-makes-more-of-it");
        };
        return new BuildPlan.Leftover(name, part, grams, use);
    }

    /** What lies nowhere in the dish and is not kept was made for the table. */
    private Fate servedUnlessSaid(String pot) {
        return procedure.beside().stream().anyMatch(b -> b.of().equals(pot)) ? fate(pot) : Fate.SERVED_BESIDE;
    }

    private Fate fate(String pot) {
        return procedure.beside().stream()
                .filter(b -> b.of().equals(pot))
                .map(Beside::use)
                .findFirst()
                .orElse(Fate.LEFT_OVER);
    }

    /** @return what share of a pot lies in each outermost one */
    private Map<String, Double> flow(String pot) {
        Map<String, Double> known = flows.get(pot);
        if (known != null) {
            return known;
        }
        Map<String, Double> flow = new LinkedHashMap<>();
        flows.put(pot, flow);
        String wrapper = null;
        for (Placement placed : procedure.layers()) {
            wrapper = placed.inside() ? wrapper : placed.of();
            if (placed.of().equals(pot)) {
                flow.merge(placed.inside() && wrapper != null ? wrapper : pot, placed.share(), Double::sum);
            }
        }
        for (Vessel other : procedure.components()) {
            other.of().stream()
                    .filter(o -> pot.equals(o.component()))
                    .forEach(o ->
                            flow(other.id()).forEach((id, share) -> flow.merge(id, o.share() * share, Double::sum)));
        }
        return flow;
    }

    /** A wrapper with its filling is called after the wrapper; a batter that wraps was fried to pancakes. */
    private String name(Vessel vessel, List<ReadyLine> lines) {
        boolean wraps = procedure.layers().stream().anyMatch(Placement::inside)
                && lines.stream().map(l -> l.line().component()).distinct().count() > 1;
        return wraps
                ? Messages.say("build.filled", wrapperItem(vessel, lines))
                : PotName.of(vessel, lines.stream().map(ReadyLine::line).toList());
    }

    private static String wrapperItem(Vessel vessel, List<ReadyLine> lines) {
        List<ReadyLine> own = lines.stream()
                .filter(l -> vessel.id().equals(l.line().component()) && !isWater(l))
                .toList();
        boolean asBought = vessel.of().size() == 1 && own.size() == 1;
        String name = vessel.name();
        return asBought
                ? own.getFirst().line().item()
                : name.equals(Kind.BATTER.id()) ? Messages.say("build.pancakes") : name;
    }

    private static boolean isWater(ReadyLine line) {
        return line.line().ingredient() != null
                && line.line().ingredient().role().equals("water");
    }
}
