package nabe.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
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
        List<PrepStep> steps = new ArrayList<>();
        List<ReadyLine> ready = new ArrayList<>();
        double off = 0;
        double taken = 0;
        for (ConvertedLine line : conversion.lines()) {
            double raw = line.gramsOrZero();
            Yields.Entry entry = line.ingredient() == null ? null : entryFor(line);
            double after = entry == null ? raw : raw * entry.share();
            ready.add(new ReadyLine(line, after));
            off += Math.max(0, raw - after);
            taken += Math.max(0, after - raw);
            if (entry != null && raw >= OWN_STEP_GRAMS) {
                steps.add(step(line, entry, after));
            }
        }
        steps.sort(Comparator.comparingInt(PrepStep::passiveMinutes).reversed());
        return new PrepPlan(List.copyOf(steps), List.copyOf(ready), off, taken);
    }

    private Yields.Entry entryFor(ConvertedLine line) {
        boolean done = line.preparation() != null
                && line.preparation().toLowerCase(Locale.ROOT).matches(".*\\b(cooked|wilted|boiled|blanched)\\b.*");
        return done ? null : yields.entry(line.ingredient(), line.part());
    }

    private static PrepStep step(ConvertedLine line, Yields.Entry entry, double after) {
        String text = entry.text().replace("{grams}", KitchenText.grams(line.gramsOrZero())).replace("{item}", line.item());
        return new PrepStep(text, line.item(), line.part(), entry.sign(), entry.active(), entry.passive(),
                line.gramsOrZero(), after);
    }
}
