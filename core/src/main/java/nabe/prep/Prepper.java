package nabe.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nabe.measure.KitchenText;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;

/** Turns converted lines into pre-cooking steps and the weights that enter the dish. The one way into this package. */
public final class Prepper {
    /** Below this a line is cooked along with something else and gets no step of its own. */
    private static final double OWN_STEP_GRAMS = 60;
    private final Yields yields;

    public Prepper(Yields yields) {
        this.yields = yields;
    }

    /** @return weights in which raw + taken up - cooked off = ready, to the gram */
    public PrepPlan prepare(Conversion conversion) {
        Map<Yields.Entry, List<ReadyLine>> together = new LinkedHashMap<>();
        List<ReadyLine> ready = new ArrayList<>();
        double off = 0;
        double taken = 0;
        for (ConvertedLine line : conversion.lines()) {
            double raw = line.gramsOrZero();
            Yields.Entry entry = line.ingredient() == null ? null : entryFor(line);
            double after = entry == null ? raw : raw * entry.share();
            ReadyLine entering = new ReadyLine(line, after);
            ready.add(entering);
            off += Math.max(0, raw - after);
            taken += Math.max(0, after - raw);
            if (entry != null && raw >= OWN_STEP_GRAMS) {
                together.computeIfAbsent(entry, e -> new ArrayList<>()).add(entering);
            }
        }
        List<PrepStep> steps = together.entrySet().stream().map(e -> step(e.getValue(), e.getKey()))
                .sorted(Comparator.comparingInt(PrepStep::passiveMinutes).reversed()).toList();
        return new PrepPlan(steps, List.copyOf(ready), off, taken);
    }

    private Yields.Entry entryFor(ConvertedLine line) {
        boolean done = line.preparation() != null
                && line.preparation().toLowerCase(Locale.ROOT).matches(".*\\b(cooked|wilted|boiled|blanched)\\b.*");
        return done ? null : yields.entry(line.ingredient(), line.part());
    }

    /** Things prepared alike are one step: "Dice 120 g carrot, 260 g parsnip and 300 g swede". */
    private static PrepStep step(List<ReadyLine> lines, Yields.Entry entry) {
        List<String> named = lines.stream().map(r -> KitchenText.grams(r.line().gramsOrZero()) + " " + r.line().item()).toList();
        String all = named.size() == 1 ? named.getFirst()
                : String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
        String items = String.join(", ", lines.stream().map(r -> r.line().item()).toList());
        return new PrepStep(entry.text().replace("{grams} {item}", all), items, lines.getFirst().line().part(), entry.sign(),
                entry.active(), entry.passive(), lines.stream().mapToDouble(r -> r.line().gramsOrZero()).sum(),
                lines.stream().mapToDouble(ReadyLine::readyGrams).sum());
    }
}
