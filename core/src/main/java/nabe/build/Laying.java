package nabe.build;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Words;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Beside;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Vessel;
import org.jspecify.annotations.Nullable;

/**
 * The layers as the recipe says them: what of every pot lies in the dish and where, what of it stays beside. A pot that goes
 * into another lies where that one lies; the filling of a roll or shell lies with its wrapper.
 */
final class Laying {
    private static final double CRUMB = 1e-6;
    /** Words of a pot's name that name no food. */
    private static final Set<String> PLAIN = Set.of(
            "filling",
            "sauce",
            "topping",
            "mash",
            "batter",
            "crust",
            "crumble",
            "white",
            "red",
            "custard",
            "mixture",
            "layer",
            "base",
            "lid",
            "top",
            "glaze",
            "veg",
            "vegetable");

    private final Procedure procedure;
    private final List<ReadyLine> ready;
    private final Map<String, Vessel> vessels;
    private final Map<String, Map<String, Double>> flows = new HashMap<>();
    private final Map<String, List<ReadyLine>> inDish = new LinkedHashMap<>();
    private final List<BuildPlan.Leftover> beside = new ArrayList<>();

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
        Map<String, Component> components = new LinkedHashMap<>();
        inDish.forEach((id, lines) -> {
            Vessel vessel = vessels.get(id);
            Component component = Component.of(id, vessel.kind().part(), name(vessel, lines), lines);
            if (component.grams() > 0) {
                components.put(id, component);
            }
        });
        List<LayerOrder.Place> places = procedure.layers().stream()
                .filter(l -> !l.inside() && components.containsKey(l.of()))
                .map(l -> new LayerOrder.Place(l.of(), Math.max(l.share(), CRUMB), l.late()))
                .toList();
        return new Result(components, places, List.copyOf(beside));
    }

    private Set<String> outermost() {
        return procedure.layers().stream()
                .filter(l -> !l.inside())
                .map(Placement::of)
                .collect(Collectors.toCollection(java.util.LinkedHashSet::new));
    }

    private void lay(ReadyLine line) {
        String pot = line.line().component();
        if (pot == null || !vessels.containsKey(pot)) {
            layLoose(line);
            return;
        }
        Map<String, Double> flow = flow(pot);
        flow.forEach((id, share) -> inDish.get(id).add(line.times(share)));
        double rest = 1 - flow.values().stream().mapToDouble(d -> d).sum();
        keepBeside(line, rest, fate(pot));
    }

    /** What greases the dish lies at its bottom; what no pot takes is served with it. */
    private void layLoose(ReadyLine line) {
        if (line.line().part() == Part.PAN_RELEASE && !inDish.isEmpty()) {
            inDish.values().iterator().next().add(line);
            return;
        }
        keepBeside(line, 1, Fate.SERVED_BESIDE);
    }

    private void keepBeside(ReadyLine line, double share, Fate fate) {
        double grams = line.readyGrams() * share;
        if (grams <= CRUMB) {
            return;
        }
        String use = switch (fate) {
            case SERVED_BESIDE -> "Serve it with the dish.";
            case FROZEN -> "It goes into the freezer.";
            case LEFT_OVER -> "Your recipe makes more than it lays: keep it for another day.";
        };
        beside.add(new BuildPlan.Leftover(line.line().item(), line.line().part(), grams, use));
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

    /** A thing laid as it is has the name of what lies there now; a pot keeps its own where it names nothing that went. */
    private String name(Vessel vessel, List<ReadyLine> lines) {
        boolean single = vessel.of().size() == 1 && vessel.of().getFirst().line() != null;
        ReadyLine main = lines.stream()
                .max(java.util.Comparator.comparingDouble(ReadyLine::readyGrams))
                .orElse(null);
        boolean wraps = procedure.layers().stream().anyMatch(Placement::inside)
                && lines.stream().map(l -> l.line().component()).distinct().count() > 1;
        if (main != null && single && !wraps) {
            return capital(main.line().item());
        }
        if (wraps) {
            return "Filled " + wrapperItem(vessel, lines);
        }
        boolean swapped = lines.stream().anyMatch(l -> l.line().swapped());
        return swapped && !isTrue(vessel.name(), lines) ? usual(vessel.kind().part(), main) : capital(vessel.name());
    }

    /** Whether a pot's name says nothing but what the recipe itself put in and still is there. */
    private static boolean isTrue(String name, List<ReadyLine> lines) {
        Set<String> there = lines.stream()
                .filter(l -> !l.line().swapped())
                .flatMap(l -> Words.of(l.line().item()).stream())
                .map(Words.Word::key)
                .collect(Collectors.toSet());
        return Words.of(name).stream().map(Words.Word::key).allMatch(k -> PLAIN.contains(k) || there.contains(k));
    }

    private static String usual(Part part, @Nullable ReadyLine main) {
        boolean asItem = part == Part.STRUCTURE
                || part == Part.SOFT_CHEESE
                || part == Part.MELTING_CHEESE
                || part == Part.HARD_CHEESE;
        return asItem && main != null ? capital(main.line().item()) : part.title();
    }

    private static String wrapperItem(Vessel vessel, List<ReadyLine> lines) {
        return lines.stream()
                .filter(l -> vessel.id().equals(l.line().component()))
                .max(java.util.Comparator.comparingDouble(ReadyLine::readyGrams))
                .map(l -> vessel.of().size() == 1 ? l.line().item() : vessel.name())
                .orElse(vessel.name());
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
