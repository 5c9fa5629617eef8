package nabe.budgets;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.prep.PrepPlan;
import nabe.prep.PrepStep;
import nabe.prep.ReadyLine;
import nabe.words.Messages;

/**
 * Salt that the ingredients bring before the cook adds any by hand.
 *
 * @param grams of salt so far, {@code percent} of the ready weight
 * @param lowPercent, highPercent where a finished bake tastes right: 0.8 to 1.1 %, domain table
 * @param leftGrams for the cook's hand, up to the middle of the band; 0 where it is salty enough
 * @param sources what brings it, most first
 */
public record SaltBudget(
        double grams,
        double percent,
        double lowPercent,
        double highPercent,
        double leftGrams,
        List<Source> sources,
        String words) {
    private static final double LOW = Figures.of("budgets.salt-low");
    private static final double HIGH = Figures.of("budgets.salt-high");
    private static final double WORTH_NAMING = 0.05;

    /** One line's salt. */
    public record Source(String item, double grams) {}

    private static final double PASTA_WATER = Figures.of("budgets.salt-in-pasta-water");

    private static final Set<String> BOILED =
            Set.of("short-pasta", "noodles", "sheets", "fresh-sheets", "tubes", "shells");
    private static final double CURED = Figures.of("budgets.salt-cured-from");

    private static final double SOAKED = Figures.of("budgets.salt-left-soaked");
    private static final double RINSED = Figures.of("budgets.salt-left-rinsed");
    private static final double DRANK = Figures.of("budgets.salt-boiled-weighs");
    private static final double SALTED_SLICES = Figures.of("budgets.salt-left-on-slices");

    private static final Set<String> SLICES = Set.of("slice-vegetable");
    private static final Pattern SALTS =
            Pattern.compile("(?i)\\bsalt (?:the|them|1|both|and leave|well|for|lightly|\\d)");
    private static final Set<String> SWEET = Set.of("sugar", "sweet-syrup", "honey", "sweet-milk", "fruit");
    private static final double SWEET_FROM = Figures.of("budgets.salt-sweet-from");

    private static final double PINCH = Figures.of("budgets.salt-pinch");

    /** @return the salt of everything that enters the dish, with what it takes up and keeps on the way */
    public static SaltBudget of(PrepPlan prep) {
        List<ReadyLine> ready = prep.ready();
        double total = ready.stream().mapToDouble(ReadyLine::readyGrams).sum();
        Map<String, Double> byItem = new LinkedHashMap<>();
        ready.forEach(r -> byItem.merge(r.line().item(), keptBy(r, prep) * r.saltGrams(), Double::sum));
        ready.forEach(r -> byItem.merge(
                Messages.say("budgets.in-its-salted-water", r.line().item()), boiledIn(r), Double::sum));
        salted(prep)
                .forEach(r -> byItem.merge(
                        Messages.say("budgets.salted-and-blotted", r.line().item()),
                        SALTED_SLICES * r.line().gramsOrZero(),
                        Double::sum));
        double salt = byItem.values().stream().mapToDouble(Double::doubleValue).sum();
        double percent = total <= 0 ? 0 : 100 * salt / total;
        double sweet = ready.stream()
                .filter(r -> is(r, SWEET))
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
        if (sweet > SWEET_FROM * total && percent < LOW) {
            return new SaltBudget(
                    salt, percent, 0, PINCH, 0, sources(byItem), Messages.say("budgets.a-sweet-dish-a-pinch-of"));
        }
        double left = Math.max(0, (LOW + HIGH) / 200 * total - salt);
        List<Source> sources = sources(byItem);
        return new SaltBudget(salt, percent, LOW, HIGH, left, sources, words(percent, left, sources));
    }

    private static List<Source> sources(Map<String, Double> byItem) {
        return byItem.entrySet().stream()
                .filter(e -> e.getValue() >= WORTH_NAMING)
                .map(e -> new Source(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Source::grams).reversed())
                .toList();
    }

    /** What is left of the salt of a cured thing once it is soaked or rinsed. */
    private static double keptBy(ReadyLine line, PrepPlan prep) {
        if (line.line().ingredient() == null
                || line.line().ingredient().composition().saltGramsPer100() < CURED
                || line.line().ingredient().role().equals("salt")) {
            return 1;
        }
        Set<String> done = prep.steps().stream()
                .filter(s -> s.uses().stream()
                        .anyMatch(u -> u.item().equals(line.line().item())))
                .flatMap(s -> s.doing().actions().stream())
                .collect(Collectors.toSet());
        return done.contains("soak") ? SOAKED : done.contains("rinse") ? RINSED : 1;
    }

    private static double boiledIn(ReadyLine line) {
        double raw = line.line().gramsOrZero();
        return is(line, BOILED) && line.readyGrams() > DRANK * raw ? PASTA_WATER * (line.readyGrams() - raw) : 0;
    }

    /** Slices of the pots in which something is salted to draw its water. */
    private static List<ReadyLine> salted(PrepPlan prep) {
        Set<String> pots = prep.steps().stream()
                .filter(s -> s.component() != null && SALTS.matcher(s.text()).find())
                .map(PrepStep::component)
                .collect(Collectors.toSet());
        return prep.ready().stream()
                .filter(r -> is(r, SLICES) && pots.contains(r.line().component()))
                .toList();
    }

    private static boolean is(ReadyLine line, Set<String> roles) {
        return line.line().ingredient() != null
                && roles.contains(line.line().ingredient().role());
    }

    private static String words(double percent, double left, List<Source> sources) {
        if (percent > HIGH) {
            return Messages.say(
                    "budgets.salty-already-add-none-and-where",
                    sources.getFirst().item());
        }
        return percent >= LOW
                ? Messages.say("budgets.right-as-it-is-taste-before")
                : Messages.say("budgets.about-of-salt-tsp-is-left", Math.round(left), "%.1f".formatted(left / 6));
    }
}
