package nabe.budgets;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nabe.prep.ReadyLine;

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
    private static final double LOW = 0.8;
    private static final double HIGH = 1.1;
    private static final double WORTH_NAMING = 0.05;

    /** One line's salt. */
    public record Source(String item, double grams) {}

    /** @param ready everything that enters the dish */
    public static SaltBudget of(List<ReadyLine> ready) {
        double total = ready.stream().mapToDouble(ReadyLine::readyGrams).sum();
        double salt = ready.stream().mapToDouble(ReadyLine::saltGrams).sum();
        double percent = total <= 0 ? 0 : 100 * salt / total;
        double left = Math.max(0, (LOW + HIGH) / 200 * total - salt);
        Map<String, Double> byItem = new LinkedHashMap<>();
        ready.forEach(r -> byItem.merge(r.line().item(), r.saltGrams(), Double::sum));
        List<Source> sources = byItem.entrySet().stream()
                .filter(e -> e.getValue() >= WORTH_NAMING)
                .map(e -> new Source(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Source::grams).reversed())
                .toList();
        return new SaltBudget(salt, percent, LOW, HIGH, left, sources, words(percent, left, sources));
    }

    private static String words(double percent, double left, List<Source> sources) {
        if (percent > HIGH) {
            return "Salty already: add none, and take a less salty "
                    + sources.getFirst().item() + " where you can.";
        }
        return percent >= LOW
                ? "Right as it is: taste before you add any."
                : String.format(
                        java.util.Locale.ROOT,
                        "About %.0f g of salt (%.1f tsp) is left for your hand, all parts together.",
                        left,
                        left / 6);
    }
}
