package nabe.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.reading.grammar.Clause;
import nabe.recipe.Line;
import nabe.recipe.Procedure.Doubt;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Step;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What stands about while a method is read: lines with what is left of them, pots, and what "it" means. */
final class Kitchen {
    private static final Pattern LEAFY =
            Pattern.compile("\\b(?:cabbage|chard|vine|lettuce|kale|cavolo|collard)", Pattern.CASE_INSENSITIVE);

    /** Roles that season or carry: an amount shared over several pots without a figure. */
    static final Set<String> SHARED = Set.of(
            "oil", "butter", "animal-fat", "salt", "spice", "spice-blend", "herb", "dried-herb", "aromatic", "water");

    private static final Set<String> IN_PASSING = Set.of("salting", "seasoning", "peppering");

    static final Set<String> FATS = Set.of("oil", "butter", "animal-fat");
    private static final Set<String> PASTA =
            Set.of("short-pasta", "noodles", "sheets", "fresh-sheets", "tubes", "shells", "grain", "filled-pasta");
    static final Set<String> WRAPPERS = Set.of("tubes", "shells", "wrap", "sheets", "fresh-sheets");

    final List<Line> lines;
    /** What the words of each line tell of its place. */
    final List<Leftovers.Told> told;

    final double[] left;
    /** Shares of lines put by for the end. */
    final double[] reserved;

    final List<Pot> pots = new ArrayList<>();
    final List<Doubt> doubts = new ArrayList<>();
    /** Pots the text says to season, without a word how. */
    final Set<Pot> seasoned = new LinkedHashSet<>();
    /** Lines that only grease the dish. */
    final Set<Integer> pan = new HashSet<>();
    /** Lines that garnish or are eaten beside. */
    final Set<Integer> outside = new HashSet<>();

    final Accounts accounts;
    final Parts parts = new Parts();
    /** The pot being worked on, or null. */
    @Nullable
    Pot current;
    /** What "it" and "them" mean. */
    List<Pot> focus = new ArrayList<>();

    @Nullable
    String topic;

    /** How hot the oven stands by what was said so far, or null. */
    @Nullable
    Double ovenCelsius;

    /** The clause being followed, and for every line the last clause that names it. */
    int clause;

    final Map<Integer, Integer> namedLast = new HashMap<>();
    /** Lines that are laid where they are named last, and not mixed. */
    final Set<Integer> laidByItself = new HashSet<>();
    /** Lines of which parts are laid later: the name of the whole mixture may be theirs. */
    final Set<Integer> standsForMixture = new HashSet<>();

    /** What readies the dish itself, in order. */
    final List<Step> readying = new ArrayList<>();
    /** The clause that readied a tray or a pan last, or -1: what is put down next goes there. */
    int vesselReadied = -1;
    /** Said before the work it belongs to, in the same sentence. */
    final List<Clause> pending = new ArrayList<>();
    /** "Lay in the sheets, brushing each with oil". */
    final List<Clause> brushing = new ArrayList<>();
    /** Where a lid was last said to go on or come off. */
    @Nullable
    Clause lid;

    /** Water that was put on, for what is boiled next. */
    final List<Clause> kettles = new ArrayList<>();

    /** The pot for which a pan was named last: "the same pan" is its. */
    @Nullable
    Pot inPan;

    /** What ends the work in a pot: more of that sentence goes with it. */
    @Nullable
    Tail tail;

    private int goneOn;

    record Tail(Pot pot, int sentence) {}

    private int steps;
    private int opened;

    /** "Layer the slices, salting as you go". */
    static boolean seasonsInPassing(Clause clause) {
        return clause.tokens().stream().skip(1).anyMatch(t -> IN_PASSING.contains(t.text()));
    }

    Kitchen(List<Line> lines) {
        this.lines = lines;
        this.told = lines.stream().map(Leftovers.Told::by).toList();
        this.left = new double[lines.size()];
        this.reserved = new double[lines.size()];
        Arrays.fill(left, 1);
        this.accounts = new Accounts(this);
    }

    String role(int line) {
        Ingredient food = lines.get(line).ingredient();
        return food == null ? "" : food.role();
    }

    boolean isShared(int line) {
        return SHARED.contains(role(line));
    }

    boolean isLiquid(int line) {
        return Set.of("milk", "stock", "water", "cream", "wine").contains(role(line));
    }

    /** @return whether a later clause names the line */
    /** @return whether a line is listed for the one before it: "3 tbsp milk, for the saffron" */
    boolean isFor(int line, int before) {
        return before >= 0
                && line < lines.size()
                && line == before + 1
                && lines.get(line)
                        .text()
                        .endsWith(", for the " + lines.get(before).item());
    }

    boolean isNamedLater(int line) {
        return namedLast.getOrDefault(line, -1) > clause;
    }

    boolean isFat(int line) {
        return FATS.contains(role(line));
    }

    /** Lines of a pot that are its substance, not its fat or seasoning. */
    List<Integer> main(Pot pot) {
        List<Integer> main = new ArrayList<>();
        for (int line : pot.lines.keySet()) {
            if (!isShared(line)) {
                main.add(line);
            }
        }
        return main;
    }

    Set<String> roles(Pot pot) {
        Set<String> roles = new HashSet<>();
        gather(pot, roles);
        return roles;
    }

    private void gather(Pot pot, Set<String> roles) {
        pot.lines.keySet().forEach(l -> roles.add(role(l)));
        pot.pots.keySet().forEach(p -> gather(p, roles));
    }

    /** Pasta that is stirred, not laid or filled. */
    boolean isShortPasta(int line) {
        return Set.of("short-pasta", "noodles", "filled-pasta").contains(role(line));
    }

    boolean isPastaLine(int line) {
        return PASTA.contains(role(line));
    }

    boolean isPasta(Pot pot) {
        List<Integer> main = main(pot);
        boolean one = main.size() == 1 && PASTA.contains(role(main.getFirst()));
        return pot.pots.isEmpty() && (one || isBoiledWithPasta(pot));
    }

    /** Broccoli thrown in for the last minutes: still the pasta's pot. */
    private boolean isBoiledWithPasta(Pot pot) {
        boolean boiled = pot.steps.stream()
                .anyMatch(s -> s.action().equals("boil") || s.action().equals("cook"));
        return boiled
                && pot.lines.size() == 2
                && pot.lines.keySet().stream().anyMatch(this::isPastaLine)
                && pot.lines.keySet().stream().anyMatch(l -> Kinds.VEGETABLES.contains(role(l)));
    }

    /** Cabbage, chard or vine: its leaves are rolled. */
    boolean isLeafy(int line) {
        return LEAFY.matcher(lines.get(line).item()).find();
    }

    boolean isWrapper(Pot pot) {
        return pot.lines.keySet().stream().anyMatch(l -> WRAPPERS.contains(role(l)));
    }

    boolean isFatOnly(Pot pot) {
        return pot.pots.isEmpty()
                && !pot.lines.isEmpty()
                && pot.lines.keySet().stream().allMatch(this::isFat);
    }

    /** @return how many pots were opened so far */
    int opened() {
        return opened;
    }

    Pot open() {
        opened++;
        Pot pot = new Pot(opened);
        pots.add(pot);
        return pot;
    }

    /** The pot this one went into as a whole, if it did. */
    Pot whereItIs(Pot pot) {
        if (pot.given < 0.99) {
            return pot;
        }
        return pots.stream()
                .filter(p -> p.pots.containsKey(pot))
                .findFirst()
                .map(this::whereItIs)
                .orElse(pot);
    }

    /** @return the latest pot that holds the line, or null */
    @Nullable
    Pot holding(int line) {
        Pot found = null;
        for (Pot pot : pots) {
            boolean inHand = Mixing.isInHand(pot) && pot.lines.getOrDefault(line, 0.0) > 0.01 && pot.given < 0.99;
            if (inHand) {
                return pot;
            }
            found = pot.lines.containsKey(line) ? pot : found;
        }
        return found == null ? null : whereItIs(found);
    }

    /** What the list asks for is done before all else to the line, in the pot that has most of it. */
    void workFirst(int line, List<Clause> orders) {
        pots.stream()
                .filter(p -> p.lines.containsKey(line))
                .max(Comparator.comparingDouble(p -> Objects.requireNonNull(p.lines.get(line))))
                .ifPresent(pot -> {
                    pot.steps.replaceAll(step -> step.withoutUse(line));
                    int at = (int)
                            pot.steps.stream().takeWhile(s -> s.sentence() < 0).count();
                    pot.steps.addAll(at, ordered(orders, line, pot));
                });
    }

    private List<Step> ordered(List<Clause> orders, int line, Pot pot) {
        List<Of> uses = List.of(new Of(line, null, Objects.requireNonNull(pot.lines.get(line))));
        Steps steps = new Steps(this);
        return orders.stream()
                .map(o -> steps.of(
                        o,
                        o == orders.getFirst() ? uses : List.of(),
                        o.durations().isEmpty()
                                ? null
                                : o.durations().getFirst().minutes()))
                .toList();
    }

    /** @param what the thing's name; {@code number} a share in per cent or a count */
    void doubt(DoubtCode code, int sentence, String words, String what, long number) {
        doubts.add(new Doubt(sentence, words, code, Messages.say("reading.doubt." + code.id(), what, number)));
    }

    boolean isTail(Clause clause, Pot pot) {
        return tail != null && tail.pot == pot && tail.sentence == clause.sentence();
    }

    /** @return how many clauses became a step, or part of one */
    int toldSoFar() {
        return steps + goneOn;
    }

    /** A clause went on with the step before it. */
    void goOn() {
        goneOn++;
    }

    String nextStep() {
        steps++;
        return "s" + steps;
    }

    void focusOn(Pot pot) {
        focus = new ArrayList<>(List.of(pot));
    }
}
