package nabe.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.build.lay.Sheet;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.larder.Larder;
import nabe.larder.Properties;
import nabe.larder.Shapes;
import nabe.larder.Words;
import nabe.measure.KitchenText;
import nabe.prep.PrepPlan;
import nabe.prep.PrepStep;
import nabe.prep.ReadyLine;
import nabe.prep.SheetWays;
import nabe.recipe.Family;
import nabe.recipe.FamilyFacts;
import nabe.recipe.Part;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Recipe;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Puts the components into the pan, bottom to top. The one way into this package. */
public final class Builder {
    public static final double HEADROOM_MM = Figures.of("build.headroom");

    private static final int USUAL_STRUCTURE_LAYERS = Figures.whole("build.usual-sheet-layers");
    private static final Pattern LINED = Pattern.compile(
            "\\bline\\b[^.]{0,45}\\b(?:pastry|crust|dough|dish|tin|plate|pan)\\b", Pattern.CASE_INSENSITIVE);
    private final Shapes shapes;
    private final SheetWays ways;
    private final Properties properties;

    public Builder(Larder larder, SheetWays ways, Properties properties) {
        this.shapes = new Shapes(larder);
        this.ways = ways;
        this.properties = properties;
    }

    /**
     * @param procedure what the recipe says of its layers; where it says nothing they lie as in dishes of its family
     * @param ownPan the cook's pan, or null to take the recipe's or one that fits
     * @param house how this house builds and measures
     * @param amountsFactor what the recipe's amounts were scaled by to meet the cook's pan; 1 where they were not
     * @param scale what the amounts were multiplied by for more or fewer servings
     * @return layers whose grams, with the overflow and the leftovers, are the ready grams
     */
    public BuildPlan build(
            Recipe recipe,
            Procedure procedure,
            PrepPlan prep,
            @Nullable Pan ownPan,
            House house,
            BuildChoice choice,
            double amountsFactor,
            double scale) {
        return new Work(recipe, procedure, prep, ownPan, house, choice, scale).build(amountsFactor, scale);
    }

    /** What is rolled round a filling, or laid flat. */
    private static final Set<Shapes.Kind> FLAT = Set.of(Shapes.Kind.WRAP, Shapes.Kind.SHEET);

    /** One dish being put together. */
    private final class Work {
        private final Recipe recipe;
        private final Schools schools;
        private final BuildChoice choice;
        private final Map<String, Component> components;
        /** The layers as the recipe says them, or empty where it does not. */
        private final List<LayerOrder.Place> said;

        /** Whether the recipe lays all, and fills nothing: "shingle the tortillas, half the chicken, ...". */
        private final boolean laidFlat;

        private final Pan pan;
        private final @Nullable Pan recipePan;
        /** The one taken where the cook chooses none. */
        private final Pan usualPan;

        private final double litres;
        private final Stack stack;
        private final List<PrepStep> steps;
        private final Optional<ReadyLine> main;
        /** The component of the sheets, tubes or slices, or null. */
        private final @Nullable String mainId;

        private final Optional<Shapes.PieceShape> shape;
        private final List<BuildPlan.Leftover> leftovers = new ArrayList<>();

        Work(
                Recipe recipe,
                Procedure procedure,
                PrepPlan prep,
                @Nullable Pan ownPan,
                House house,
                BuildChoice choice,
                double scale) {
            this.recipe = recipe;
            this.schools = house.schools();
            this.choice = choice;
            this.steps = prep.steps();
            boolean asRead = Laying.isSaid(procedure) && choice.sheetLayers() == null;
            Laying.Result laying = asRead ? Laying.of(procedure, prep.ready()) : null;
            components = laying == null ? Components.gather(recipe, prep.ready()) : laying.components();
            said = laying == null ? List.of() : laying.places();
            laidFlat = laying != null && procedure.layers().stream().noneMatch(Placement::inside);
            leftovers.addAll(laying == null ? List.of() : laying.beside());
            litres = components.values().stream()
                            .mapToDouble(c -> c.grams() / Densities.of(c))
                            .sum()
                    / 1000;
            boolean pie = recipe.family() == Family.POT_PIE;
            main = components.values().stream()
                    .filter(c -> c.part() == Part.STRUCTURE)
                    .flatMap(c -> c.lines().stream())
                    .filter(r -> r.line().part() == Part.STRUCTURE
                            && r.line().ingredient() != null
                            && shapes.of(r.line().ingredient()).isPresent())
                    .max(Comparator.comparingDouble(ReadyLine::readyGrams));
            mainId = components.values().stream()
                    .filter(c -> main.isPresent() && c.lines().contains(main.get()))
                    .map(Component::id)
                    .findFirst()
                    .orElse(null);
            shape = main.flatMap(m -> shapes.of(m.line().food()));
            pan = ownPan == null && recipe.pan() == null
                    ? roomFor(litres, pie)
                    : Pans.choose(ownPan, recipe.pan(), litres / scale, pie);
            usualPan = ownPan == null ? pan : Pans.choose(null, recipe.pan(), litres / scale, pie);
            recipePan = Pans.named(recipe.pan(), pan.depthMm());
            stack = new Stack(pan, house.spoons());
        }

        /** Where nobody names a pan: one that takes the volume, and all rolls in one layer where there are any. */
        private Pan roomFor(double litres, boolean pie) {
            Pan usual = Pans.choose(null, null, litres, pie);
            if (!isFilled()) {
                return usual;
            }
            return Pans.common().stream()
                    .filter(p -> p.litres() >= usual.litres() - 1e-9
                            && new RollPlan(main.get(), shape.get(), mainComponent(), p).share() >= 1)
                    .findFirst()
                    .orElse(usual);
        }

        /** What carries, where there is any. */
        private Component mainComponent() {
            return Objects.requireNonNull(components.get(Objects.requireNonNull(mainId)));
        }

        private boolean isFilled() {
            return shape.isPresent()
                    && isBuilt("filled")
                    && shape.get().rolledLong() > 0
                    && !(laidFlat && FLAT.contains(shape.get().kind()));
        }

        BuildPlan build(double amountsFactor, double scale) {
            Optional<SheetPlan> sheets = sheetPlan();
            Optional<RollPlan> rolls = rollPlan();
            int layersOfStructure = sheets.map(s -> s.layers)
                    .orElse(choice.sheetLayers() == null ? USUAL_STRUCTURE_LAYERS : choice.sheetLayers());
            List<LayerOrder.Place> usual = said.isEmpty()
                    ? LayerOrder.of(recipe.family(), parts(), layersOfStructure, lined(), schools)
                    : said;
            List<String> own = ownOrder();
            List<LayerOrder.Place> places = own.isEmpty() ? usual : LayerOrder.own(own, components, usual);
            BuildPlan.Sheets counted = sheets.map(s -> s.sheets(needed(s, stack.of(places, components))))
                    .orElse(null);
            if (counted != null) {
                sheets.ifPresent(s -> settle(s, counted));
            }
            rolls.filter(r -> r.empty() > 0).ifPresent(this::setAside);
            List<Layer> full = stack.of(places, components);
            double keep = Math.min(rolls.map(RollPlan::share).orElse(1.0), keepUnderRim(full));
            List<Layer> layers = keep >= 1
                    ? full
                    : stack.standing(full.stream().map(l -> l.times(keep, 0)).toList(), components);
            layers = counted == null || counted.needed() == counted.have()
                    ? layers
                    : layers.stream().map(l -> l.of(counted)).toList();
            double height = Stack.height(layers);
            boolean dry = sheets.map(s -> s.way.way().equals("unboiled")).orElse(false);
            return new BuildPlan(
                    pan,
                    !said.isEmpty(),
                    components.values().stream()
                            .map(c -> new BuildPlan.Share(c.id(), c.name(), c.part(), c.grams()))
                            .toList(),
                    layers,
                    height,
                    pan.depthMm() - height,
                    keep >= 1 ? null : overflow(full, keep),
                    counted,
                    rolls.map(RollPlan::rolls).orElse(null),
                    lid(layers),
                    laid(layers, sheets, rolls),
                    List.copyOf(leftovers),
                    Risks.of(layers, dry, isBuilt("lidded")),
                    marks(layers),
                    Rescaling.of(recipePan, pan, amountsFactor, height),
                    PanWays.of(pan, usualPan, scale, litres, keep < 1));
        }

        private boolean isBuilt(String way) {
            return FamilyFacts.of(recipe.family()).isBuilt(way);
        }

        private Set<Part> parts() {
            return components.values().stream().map(Component::part).collect(Collectors.toSet());
        }

        /** The cook's own order in components that are there; a part means its first component. */
        private List<String> ownOrder() {
            return choice.order().stream()
                    .map(id -> components.containsKey(id)
                            ? id
                            : components.values().stream()
                                    .filter(c -> c.part().id().equals(id))
                                    .map(Component::id)
                                    .findFirst()
                                    .orElse(null))
                    .filter(Objects::nonNull)
                    .toList();
        }

        /** How many times the recipe lays its sheets, or null where it does not say. */
        private @Nullable Integer saidLayers() {
            long own = said.stream().filter(p -> p.component().equals(mainId)).count();
            return own == 0 ? choice.sheetLayers() : Integer.valueOf((int) own);
        }

        private Optional<SheetPlan> sheetPlan() {
            boolean flat = shape.isPresent()
                    && shape.get().kind() == Shapes.Kind.SHEET
                    && !isBuilt("filled")
                    && !isBuilt("lidded")
                    && !isBuilt("stirred");
            if (!flat || main.get().line().food().pieceGrams("sheet").isEmpty()) {
                return Optional.empty();
            }
            Double sideA = choice.sheetLongMm();
            Double sideB = choice.sheetShortMm();
            Sheet sheet = sideA == null || sideB == null
                    ? new Sheet(shape.get().longMm(), shape.get().shortMm())
                    : new Sheet(Math.max(sideA, sideB), Math.min(sideA, sideB));
            SheetWays.Decision way = ways.decide(main.get().line().food(), schools)
                    .orElse(new SheetWays.Decision("unboiled", 0, false, Messages.say("build.laid-as-it-is"), null));
            double swelling =
                    properties.low(main.get().line().food(), "swelling").orElse(0) / 100;
            return Optional.of(new SheetPlan(main.get(), sheet, way, swelling, pan, saidLayers()));
        }

        private Optional<RollPlan> rollPlan() {
            return isFilled()
                    ? Optional.of(new RollPlan(main.get(), shape.get(), mainComponent(), pan))
                    : Optional.empty();
        }

        private int needed(SheetPlan plan, List<Layer> layers) {
            return plan.lay(bases(layers), structures(layers)).needed();
        }

        /** As many sheets lie there as the layers take: those bought for them weigh as well, those beyond are not laid. */
        private void settle(SheetPlan plan, BuildPlan.Sheets counted) {
            int over = counted.have() - counted.needed();
            double laid = counted.have() == 0 ? 1 : (double) counted.needed() / counted.have();
            Component structure = mainComponent();
            components.put(structure.id(), structure.keepingOf(plan.line, laid));
            if (over > 0) {
                double grams = plan.line.readyGrams() * (1 - laid);
                leftovers.add(new BuildPlan.Leftover(
                        counted(over, plan.line),
                        Part.STRUCTURE,
                        grams,
                        over <= counted.spare()
                                ? Messages.say("build.keep-them-at-hand-some-break")
                                : Messages.say("build.some-are-spares-break-the-rest")));
            }
        }

        /** Tubes and shells beyond what the filling and the pan ask for stay empty. */
        private void setAside(RollPlan plan) {
            Component structure = mainComponent();
            components.put(structure.id(), structure.keepingOf(plan.line(), 1 - plan.emptyShare()));
            leftovers.add(new BuildPlan.Leftover(
                    counted(plan.empty(), plan.line()),
                    Part.STRUCTURE,
                    plan.line().readyGrams() * plan.emptyShare(),
                    Messages.say("build.spares-for-those-that-split-chop")));
        }

        private static String counted(int pieces, ReadyLine line) {
            String name = line.line().item();
            return pieces + " " + (pieces == 1 ? Words.one(name) : name);
        }

        private double keepUnderRim(List<Layer> full) {
            double room = pan.depthMm() - HEADROOM_MM;
            return Stack.height(full) <= room ? 1 : pan.volumeTo(room) / stack.volume(full, components);
        }

        private Overflow overflow(List<Layer> full, double keep) {
            double grams = full.stream().mapToDouble(Layer::grams).sum() * (1 - keep);
            Pan second = Pans.smallest(stack.volume(full, components) * (1 - keep) / 1e6);
            List<Layer> rest = new Stack(second, nabe.measure.Spoons.US)
                    .standing(full.stream().map(l -> l.times(1 - keep, 0)).toList(), components);
            String advice = Messages.say(
                    "build.build-of-every-component-in-a", KitchenText.grams(grams), Math.round(100 * (1 - keep)));
            return new Overflow(
                    grams,
                    1 - keep,
                    Math.max(0, Stack.height(full) - pan.depthMm() + HEADROOM_MM),
                    advice,
                    second,
                    rest);
        }

        private boolean lined() {
            return recipe.family() == Family.POT_PIE
                    && recipe.steps().stream()
                            .anyMatch(step -> LINED.matcher(step).find());
        }

        private BuildPlan.@Nullable Lid lid(List<Layer> layers) {
            boolean pastry = recipe.family() == Family.POT_PIE && !layers.isEmpty() && main.isEmpty();
            return !pastry
                    ? null
                    : layers.stream()
                            .filter(l -> l.part() == Part.STRUCTURE)
                            .reduce((first, last) -> last)
                            .map(l -> LidPlan.of(pan, l.grams(), LidWork.of(steps, l.component(), l.words())))
                            .orElse(null);
        }

        private List<Laid> laid(List<Layer> layers, Optional<SheetPlan> sheets, Optional<RollPlan> rolls) {
            List<Integer> structures = structures(layers);
            if (sheets.isPresent()) {
                return sheets.get().lay(bases(layers), structures).laid();
            }
            if (rolls.isPresent()) {
                return structures.stream().limit(1).map(rolls.get()::laid).toList();
            }
            boolean slices = shape.isPresent()
                    && !isBuilt("lidded")
                    && !isBuilt("stirred")
                    && (shape.get().kind() == Shapes.Kind.SLICE || shape.get().kind() == Shapes.Kind.WRAP);
            List<Double> bases = bases(layers);
            return !slices
                    ? List.of()
                    : IntStream.range(0, structures.size())
                            .mapToObj(i -> SlicePlan.laid(
                                    structures.get(i),
                                    main.get().line().item(),
                                    shape.get(),
                                    pan.outlineAt(bases.get(i))))
                            .toList();
        }

        private List<Integer> structures(List<Layer> layers) {
            return IntStream.range(0, layers.size())
                    .filter(i -> mainId == null
                            ? layers.get(i).part() == Part.STRUCTURE
                            : layers.get(i).component().equals(mainId))
                    .boxed()
                    .toList();
        }

        /** How high above the base each layer of structure begins. */
        private List<Double> bases(List<Layer> layers) {
            return structures(layers).stream()
                    .map(i -> layers.subList(0, i).stream()
                            .mapToDouble(Layer::heightMm)
                            .sum())
                    .toList();
        }

        private List<BuildPlan.Mark> marks(List<Layer> layers) {
            return Marks.of(recipe.family(), layers, pan);
        }
    }
}
