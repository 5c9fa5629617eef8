package nabe.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.house.Schools;
import nabe.measure.KitchenText;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.MadeComponent;

/** Turns converted lines into pre-cooking steps and the weights that enter the dish. The one way into this package. */
public final class Prepper {
    /** Below this a line is cooked along with something else and gets no step of its own. */
    private static final double OWN_STEP_GRAMS = 60;
    private final Yields yields;

    public Prepper(Yields yields) {
        this.yields = yields;
    }

    /**
     * @param schools how this house cooks
     * @param packetMinutes the packet's own cooking time, by larder id, where a kept product gives it
     * @return weights in which raw + taken up - cooked off = ready, to the gram
     */
    public PrepPlan prepare(Conversion conversion, Schools schools, Map<String, Integer> packetMinutes) {
        Map<Yields.Entry, List<ReadyLine>> together = new LinkedHashMap<>();
        List<ReadyLine> ready = new ArrayList<>();
        double off = conversion.cookedOffInMaking();
        double taken = 0;
        for (ConvertedLine line : conversion.lines()) {
            double raw = line.gramsOrZero();
            Yields.Entry entry = line.ingredient() == null ? null : entryFor(line, schools);
            double after = entry == null ? raw : raw * entry.share();
            ReadyLine entering = new ReadyLine(line, after);
            ready.add(entering);
            off += Math.max(0, raw - after);
            taken += Math.max(0, after - raw);
            if (entry != null && raw >= OWN_STEP_GRAMS) {
                together.computeIfAbsent(entry, e -> new ArrayList<>()).add(entering);
            }
        }
        Stream<PrepStep> own = together.entrySet().stream().map(e -> step(e.getValue(), e.getKey(), packetMinutes));
        List<PrepStep> steps = Stream.concat(conversion.made().stream().map(Prepper::making), own)
                .sorted(Comparator.comparingInt(PrepStep::passiveMinutes).reversed()).toList();
        return new PrepPlan(steps, List.copyOf(ready), off, taken);
    }

    private Yields.Entry entryFor(ConvertedLine line, Schools schools) {
        boolean done = line.preparation() != null
                && line.preparation().toLowerCase(Locale.ROOT).matches(".*\\b(cooked|wilted|boiled|blanched)\\b.*");
        return done ? null : yields.entry(line.ingredient(), line.part(), schools);
    }

    /** Things prepared alike are one step: "Dice 120 g carrot, 260 g parsnip and 300 g swede". */
    private static PrepStep step(List<ReadyLine> lines, Yields.Entry entry, Map<String, Integer> packetMinutes) {
        List<String> named = lines.stream().map(r -> KitchenText.grams(r.line().gramsOrZero()) + " " + r.line().item()).toList();
        String all = named.size() == 1 ? named.getFirst()
                : String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
        String items = String.join(", ", lines.stream().map(r -> r.line().item()).toList());
        Integer minutes = lines.size() > 1 ? null : packetMinutes.get(lines.getFirst().line().ingredient().id());
        return new PrepStep(timed(entry.text().replace("{grams} {item}", all), minutes), items, lines.getFirst().line().part(), entry.sign(),
                entry.active(), entry.passive(), lines.stream().mapToDouble(r -> r.line().gramsOrZero()).sum(),
                lines.stream().mapToDouble(ReadyLine::readyGrams).sum());
    }

    /** The packet's own minutes in place of "the packet". */
    private static String timed(String text, Integer minutes) {
        return minutes == null ? text
                : text.replace("half the packet time", Math.max(1, minutes / 2) + " min, half the packet's " + minutes)
                        .replace("3 min short of the packet", "for " + Math.max(1, minutes - 3) + " min, 3 short of the packet's " + minutes);
    }

    private static PrepStep making(MadeComponent made) {
        double raw = made.ingredients().stream().mapToDouble(MadeComponent.Constituent::grams).sum();
        String shared = made.parts().size() > 1 ? " One batch serves " + made.parts().stream().map(p -> p.title().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" and ")) + "." : "";
        return new PrepStep("Make " + KitchenText.grams(made.grams()) + " " + made.name().substring(0, 1).toLowerCase(Locale.ROOT)
                + made.name().substring(1) + ". " + String.join(" ", made.steps()) + shared, made.name(), made.parts().getFirst(),
                made.sign(), made.active(), made.passive(), raw, made.grams());
    }
}
