package nabe.swap.job;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Figures;
import nabe.larder.Words;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Procedure.Vessel;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/**
 * Where a line works: its pot, the clauses that use it, and the run of clauses around them that make one mixture. A pot
 * may hold several mixtures one after the other (a batter, then the sausages it is poured round).
 */
final class Scene {
    private static final Set<String> WASH = Set.of("egg", "egg-yolk", "egg-white", "milk", "cream", "water", "salt");

    /** Work that begins a mixture when a new sentence opens with it. */
    private static final Set<String> BEGINS = Set.of(
            "whisk",
            "beat",
            "mix",
            "combine",
            "rub",
            "cut",
            "sift",
            "boil",
            "brown",
            "fry",
            "roast",
            "steam",
            "poach",
            "blend",
            "mash",
            "heat",
            "toss",
            "dredge",
            "soften",
            "cook",
            "melt",
            "knead",
            "soak",
            "squeeze",
            "simmer",
            "wilt",
            "dip",
            "coat",
            "caramelise",
            "bring",
            "warm",
            "sweat",
            "parboil",
            "sear",
            "bake",
            "grill",
            "stir");

    private static final Pattern GOES_ON = Pattern.compile(
            "^(?:(?:off|away from) (?:the )?heat,? (?:then )?)?(?:\\w+ly )?\\w+ (?:in|into|with|through|back|over|it|them|this|all|everything|together)\\b"
                    + "|^(?:\\w+ly )?(?:whisk|beat|stir|mix|pour) (?:a (?:little|bit|ladle\\w*|spoonful|splash)|some) of (?:the|this|it|that)\\b");

    /** The wet half of a dough goes into the dry one. */
    private static final Pattern DRY =
            Pattern.compile("\\b(?:dry (?:things|ingredients|mix\\w*|ones|goods)|make a well|into the flour)\\b");

    private final Jobs jobs;
    private final Recipe recipe;
    private final Procedure procedure;
    private final int index;
    private final Line line;
    private final @Nullable Vessel pot;
    private final String written;
    private final List<Step> using;
    private final List<Step> run;
    private final List<Fellow> fellows;
    private @Nullable Job flourJob;

    /** A known line of the same mixture, and where it stands in the recipe. */
    record Fellow(int index, Line line) {
        boolean isOf(Set<String> roles) {
            return roles.contains(line.food().role());
        }
    }

    Scene(Jobs jobs, Recipe recipe, Procedure procedure, int index, Line portion) {
        this.jobs = jobs;
        this.recipe = recipe;
        this.procedure = procedure;
        this.index = index;
        this.line = portion;
        this.pot = procedure.components().stream()
                .filter(c -> c.id().equals(portion.component()))
                .findFirst()
                .orElse(null);
        this.written = lower(portion.text() + " " + Objects.requireNonNullElse(portion.heading(), ""));
        this.using = using();
        this.run = run();
        this.fellows = findFellows();
    }

    private List<Step> using() {
        if (pot == null) {
            return List.of();
        }
        List<Step> named = pot.steps().stream().filter(this::uses).toList();
        return named.isEmpty() ? pot.steps().stream().filter(this::mentions).toList() : named;
    }

    private boolean uses(Step step) {
        return step.uses().stream().anyMatch(u -> Integer.valueOf(index).equals(u.line()));
    }

    private boolean mentions(Step step) {
        List<Words.Word> words = Words.of(line.item());
        return !words.isEmpty()
                && Words.of(step.words()).stream()
                        .anyMatch(w -> w.key().equals(words.getLast().key()));
    }

    private List<Step> run() {
        if (using.isEmpty()) {
            return pot == null ? List.of() : pot.steps();
        }
        List<Step> all = Objects.requireNonNull(pot).steps();
        int from = all.indexOf(using.getFirst());
        while (from > 0 && !begins(all, from)) {
            from--;
        }
        int to = all.indexOf(using.getFirst()) + 1;
        while (to < all.size() && !begins(all, to)) {
            to++;
        }
        return all.subList(from, to);
    }

    private boolean begins(List<Step> steps, int at) {
        Step step = steps.get(at);
        return steps.get(at - 1).sentence() != step.sentence()
                && !step.uses().isEmpty()
                && BEGINS.contains(step.action())
                && !GOES_ON.matcher(jobs.spoken(step)).find();
    }

    private List<Fellow> findFellows() {
        Set<Integer> lines = run.stream()
                .flatMap(s -> s.uses().stream())
                .map(Of::line)
                .filter(l -> l != null)
                .collect(Collectors.toSet());
        if (lines.size() < 2 && pot != null) {
            pot.of().stream().map(Of::line).filter(l -> l != null).forEach(lines::add);
        }
        lines.remove(index);
        return known(lines.stream());
    }

    private static String lower(String words) {
        return words.toLowerCase(Locale.ROOT);
    }

    Line line() {
        return line;
    }

    /** @return the scene of another line of the same mixture */
    Scene of(Fellow fellow) {
        Line there = fellow.line().portions().stream()
                .filter(p -> pot != null && pot.id().equals(p.component()))
                .findFirst()
                .orElse(fellow.line());
        return jobs.scene(fellow.index(), there);
    }

    /** What flour does here is asked once for each thing that meets it. */
    Job asFlour(Function<Scene, Job> found) {
        if (flourJob == null) {
            flourJob = found.apply(this);
        }
        return flourJob;
    }

    private List<Fellow> known(Stream<Integer> lines) {
        return lines.map(i -> new Fellow(i, recipe.lines().get(i)))
                .filter(f -> f.line().ingredient() != null)
                .toList();
    }

    String role() {
        return line.food().role();
    }

    Family family() {
        return recipe.family();
    }

    boolean isIn(Procedure.Kind... kinds) {
        return pot != null && List.of(kinds).contains(pot.kind());
    }

    /** @return whether the method was understood for this line */
    boolean isPlaced() {
        return pot != null;
    }

    /** The line's own words and its heading's. */
    boolean lineSays(Pattern pattern) {
        return pattern.matcher(written).find();
    }

    boolean headingSays(Pattern pattern) {
        return line.heading() != null && pattern.matcher(lower(line.heading())).find();
    }

    /** The clauses that use it. */
    boolean says(Pattern pattern) {
        return matches(using, pattern);
    }

    /** Whether its pot lies in the dish as a layer of its own. */
    boolean isLayer() {
        return pot != null && procedure.layers().stream().anyMatch(l -> l.of().equals(pot.id()) && !l.inside());
    }

    /** Whether all that is in its pot, and in the pots that went into it, is of these roles. */
    boolean potHoldsOnly(Set<String> roles) {
        return pot != null && holdsOnly(pot, roles);
    }

    private boolean holdsOnly(Vessel vessel, Set<String> roles) {
        return vessel.of().stream().allMatch(o -> {
            if (o.line() == null) {
                return procedure.components().stream()
                        .filter(v -> v.id().equals(o.component()))
                        .allMatch(v -> holdsOnly(v, roles));
            }
            Line other = recipe.lines().get(o.line());
            return other.ingredient() == null
                    || roles.contains(other.ingredient().role());
        });
    }

    /** The clause that lays it, where it lies by itself. */
    boolean laidSays(Pattern pattern) {
        return pot != null
                && (pot.of().size() == 1 || isWash())
                && procedure.layers().stream()
                        .filter(l -> l.of().equals(pot.id()) && l.words() != null)
                        .anyMatch(l -> pattern.matcher(lower(Objects.requireNonNull(l.words())))
                                .find());
    }

    /** Egg and a dash of milk: one thing to brush with. */
    private boolean isWash() {
        return fellows().stream().allMatch(f -> f.isOf(WASH));
    }

    /** The clause that uses it and what is done to it right after, before anything else is named. */
    boolean saysAtOnce(Pattern pattern) {
        if (using.isEmpty()) {
            return false;
        }
        int at = run.indexOf(using.getFirst());
        int to = at + 1;
        while (to < run.size() && run.get(to).uses().isEmpty()) {
            to++;
        }
        return matches(run.subList(at, to), pattern);
    }

    /** The clauses of its mixture. */
    boolean runSays(Pattern pattern) {
        return matches(run, pattern)
                || pot != null && pattern.matcher(lower(pot.name())).find();
    }

    /** Every clause of its pot. */
    boolean potSays(Pattern pattern) {
        return pot != null && matches(pot.steps(), pattern);
    }

    /** Any step of the recipe. */
    boolean methodSays(Pattern pattern) {
        return recipe.steps().stream().anyMatch(s -> pattern.matcher(lower(s)).find());
    }

    /** The sentences of the method that name it, cut at commas. */
    boolean sentencesSay(Pattern pattern) {
        List<Words.Word> words = Words.of(line.item());
        if (words.isEmpty()) {
            return false;
        }
        String head = words.getLast().key();
        return jobs.pieces().stream()
                .filter(p -> p.keys().contains(head))
                .anyMatch(p -> pattern.matcher(p.words()).find());
    }

    private boolean matches(Collection<Step> steps, Pattern pattern) {
        for (Step step : steps) {
            if (pattern.matcher(jobs.spoken(step)).find()) {
                return true;
            }
        }
        return false;
    }

    /** @return whether its mixture holds something of these roles */
    boolean with(String... roles) {
        Set<String> wanted = Set.of(roles);
        return fellows.stream().anyMatch(f -> f.isOf(wanted));
    }

    /** @return grams of these roles beside it in its mixture */
    double grams(String... roles) {
        Set<String> wanted = Set.of(roles);
        return fellows.stream()
                .filter(f -> f.isOf(wanted))
                .mapToDouble(f -> f.line().gramsOrZero())
                .sum();
    }

    /** @return indexes of the lines of its mixture that have these roles, its own among them */
    Set<Integer> mixed(Set<String> roles) {
        Set<Integer> found = new TreeSet<>(Set.of(index));
        fellows.stream().filter(f -> f.isOf(roles)).forEach(f -> found.add(f.index()));
        return found;
    }

    /** @return whether some clause of its pot uses it or names it */
    boolean isUsed() {
        return !using.isEmpty();
    }

    /** @return whether the larder's food of this id is in its mixture */
    boolean holds(String id) {
        return fellows.stream().anyMatch(f -> f.line().food().id().equals(id));
    }

    /** @return whether its pot holds something of these roles, whenever it went in */
    boolean potHolds(String... roles) {
        Set<String> wanted = Set.of(roles);
        return pot != null && inPot().stream().anyMatch(f -> f.isOf(wanted));
    }

    /** @return the flour it is mixed with: in its own mixture, or in the dry half of a dough that it is stirred into */
    Optional<Fellow> flour() {
        Optional<Fellow> own = flourAmong(fellows);
        return own.isPresent() || pot == null || !(potHolds("leavening") || potSays(DRY)) ? own : flourAmong(inPot());
    }

    private static Optional<Fellow> flourAmong(List<Fellow> lines) {
        return lines.stream()
                .filter(f -> f.line().food().role().startsWith("flour"))
                .findFirst();
    }

    private List<Fellow> inPot() {
        return known(Objects.requireNonNull(pot).of().stream().map(Of::line).filter(l -> l != null && l != index));
    }

    /** @return whether it is worked in with these verbs, or its pot stands on the heat */
    boolean isStirred(Pattern verbs) {
        return says(verbs) || isHeated();
    }

    /** @return what is beside it in its mixture */
    List<Fellow> fellows() {
        return fellows;
    }

    /** @return roles of the next foods that go into its mixture after it; empty where nothing does */
    List<String> next() {
        if (using.isEmpty()) {
            return List.of();
        }
        for (Step step : run.subList(run.indexOf(using.getFirst()) + 1, run.size())) {
            List<String> roles = rolesOf(step);
            if (!roles.isEmpty()) {
                return roles;
            }
        }
        return List.of();
    }

    /** @return roles of what is used in the same clause, itself left out */
    List<String> beside() {
        return using.isEmpty() ? List.of() : rolesOf(using.getFirst());
    }

    private List<String> rolesOf(Step step) {
        return step.uses().stream()
                .map(Of::line)
                .filter(l -> l != null && l != index)
                .map(l -> recipe.lines().get(l).ingredient())
                .filter(i -> i != null)
                .map(i -> i.role())
                .toList();
    }

    /** @return whether its pot, or one that this goes into, holds heat: a pan on the stove */
    boolean isHeated() {
        return matches(run, Heat.STOVE);
    }

    /** @return whether it is the only food of its pot, or has only things of these roles beside it */
    boolean isAloneBut(String... roles) {
        return pot != null
                && pot.of().stream()
                        .allMatch(o -> o.line() != null
                                && (o.line() == index || isOf(recipe.lines().get(o.line()), roles)));
    }

    private static boolean isOf(Line other, String... roles) {
        return other.ingredient() == null
                || Set.of(roles).contains(other.ingredient().role());
    }

    /** @return whether its pot lies on top of the dish (crumbs, herbs and other cheese above do not count) */
    boolean isOnTop() {
        if (pot == null) {
            return false;
        }
        List<Placement> layers = new ArrayList<>(procedure.layers());
        for (int i = layers.size() - 1; i >= 0; i--) {
            Placement layer = layers.get(i);
            if (layer.of().equals(pot.id())) {
                return true;
            }
            if (!layer.late() && !isTrimming(layer.of())) {
                return false;
            }
        }
        return false;
    }

    private boolean isTrimming(String id) {
        return procedure.components().stream().filter(c -> c.id().equals(id)).anyMatch(c -> switch (c.kind()) {
            case TOPPING, GARNISH, MELTING_CHEESE, HARD_CHEESE -> true;
            default -> false;
        });
    }

    /** @return whether it is served beside the dish */
    boolean isBeside() {
        return pot != null
                && procedure.beside().stream()
                        .anyMatch(b -> b.of().equals(pot.id()) && b.use() == Procedure.Fate.SERVED_BESIDE);
    }

    /** @return whether any pot of the recipe holds eggs and a liquid dairy that set together */
    boolean dishHasCustard() {
        return recipe.family() == Family.STRATA
                || recipe.lines().stream()
                                        .filter(l -> l.hasRole("egg"))
                                        .mapToDouble(Line::gramsOrZero)
                                        .sum()
                                >= CUSTARD_EGGS_GRAMS
                        && recipe.lines().stream().anyMatch(l -> l.hasRole("milk") || l.hasRole("cream"));
    }

    private static final double CUSTARD_EGGS_GRAMS = Figures.of("swap.custard-eggs");
}
