package nabe.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.measure.KitchenText;
import nabe.recipe.Part;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.MadeComponent;

/** Turns converted lines into pre-cooking steps and the weights that enter the dish. The one way into this package. */
public final class Prepper {
    /** Below this a line is cooked along with something else and gets no step of its own. */
    private static final double OWN_STEP_GRAMS = 60;

    private final Yields yields;
    private final SheetWays ways;
    private final Ingredient water;

    /** @param water what a mend adds where it adds stock: the larder's water, which every need allows */
    public Prepper(Yields yields, SheetWays ways, Ingredient water) {
        this.yields = yields;
        this.ways = ways;
        this.water = water;
    }

    /**
     * @param schools how this house cooks
     * @param packetMinutes the packet's own cooking time, by larder id, where a kept product gives it
     * @return weights in which raw + taken up - cooked off = ready, to the gram
     */
    public PrepPlan prepare(
            Conversion conversion, Schools schools, Map<String, Integer> packetMinutes, PrepChoice choice) {
        Schools timed = TimeLadder.schools(schools, choice.minutesLeft());
        Map<Yields.Entry, List<ReadyLine>> together = new LinkedHashMap<>();
        List<ReadyLine> ready = new ArrayList<>();
        double off = conversion.cookedOffInMaking();
        double taken = 0;
        Map<Integer, Double> usual = conversion.lines().stream()
                .collect(Collectors.groupingBy(
                        ConvertedLine::source, Collectors.summingDouble(line -> usualReady(line, timed))));
        for (ConvertedLine line : conversion.lines()) {
            double raw = line.gramsOrZero();
            Optional<Yields.Entry> entry = entryFor(line, timed);
            double natural = usualReady(line, timed);
            double after = mended(line, natural, usual.get(line.source()), choice);
            ReadyLine entering = new ReadyLine(line, after, natural - after);
            ready.add(entering);
            off += Math.max(0, raw - entering.readyGrams());
            taken += Math.max(0, entering.readyGrams() - raw);
            entry.filter(e -> raw >= OWN_STEP_GRAMS)
                    .ifPresent(e ->
                            together.computeIfAbsent(e, k -> new ArrayList<>()).add(entering));
        }
        List<ReadyLine> poured = poured(conversion, choice);
        ready.addAll(poured);
        taken += poured.stream().mapToDouble(ReadyLine::readyGrams).sum();
        return new PrepPlan(steps(conversion, together, poured, packetMinutes, timed), List.copyOf(ready), off, taken);
    }

    private double usualReady(ConvertedLine line, Schools schools) {
        return line.gramsOrZero()
                * entryFor(line, schools).map(Yields.Entry::share).orElse(1.0);
    }

    private Optional<Yields.Entry> entryFor(ConvertedLine line, Schools schools) {
        boolean done = line.ingredient() == null
                || line.preparation() != null
                        && line.preparation()
                                .toLowerCase(Locale.ROOT)
                                .matches(".*\\b(cooked|wilted|boiled|blanched)\\b.*");
        return done
                ? Optional.empty()
                : Optional.ofNullable(
                        yields.entry(line.ingredient(), line.part(), ways.schoolsFor(line.ingredient(), schools)));
    }

    /** What the cook's mends leave of a line: cooked down further, or pressed longer. */
    private static double mended(ConvertedLine line, double ready, double readyOfAll, PrepChoice choice) {
        double target = readyOfAll <= 0 ? 0 : choice.mend("cook:" + line.source()) * ready / readyOfAll;
        double pressed = choice.mend("press:" + line.source());
        double cooked = target > 0 ? Math.clamp(target, Math.min(ready, 0.3 * line.gramsOrZero()), ready) : ready;
        return cooked * (1 - Math.min(0.1, pressed * WaterMends.PRESSED / WaterMends.PRESS_MINUTES));
    }

    /** Hot stock or water that a mend stirs into a part. */
    private List<ReadyLine> poured(Conversion conversion, PrepChoice choice) {
        List<ReadyLine> poured = new ArrayList<>();
        for (Part part : Part.values()) {
            double grams = choice.mend("stock:" + part.id());
            if (grams > 0) {
                ConvertedLine beside = conversion.lines().stream()
                        .filter(l -> l.part() == part)
                        .findFirst()
                        .orElse(null);
                poured.add(new ReadyLine(
                        new ConvertedLine(
                                beside == null ? 0 : beside.source(),
                                "hot stock or water",
                                water,
                                0.0,
                                null,
                                part,
                                false,
                                null,
                                null,
                                beside == null ? null : beside.component()),
                        grams));
            }
        }
        return poured;
    }

    private List<PrepStep> steps(
            Conversion conversion,
            Map<Yields.Entry, List<ReadyLine>> together,
            List<ReadyLine> poured,
            Map<String, Integer> packetMinutes,
            Schools schools) {
        Stream<PrepStep> own =
                together.entrySet().stream().map(e -> step(e.getValue(), e.getKey(), packetMinutes, schools));
        Stream<PrepStep> pour = poured.stream()
                .map(p -> new PrepStep(
                        "Stir " + Math.round(p.readyGrams()) + " ml hot stock or water into the "
                                + p.line().part().title().toLowerCase(Locale.ROOT) + ".",
                        p.line().item(),
                        p.line().part(),
                        "Loose enough to pour.",
                        1,
                        0,
                        0,
                        p.readyGrams(),
                        null,
                        "hot",
                        null,
                        0));
        Stream<PrepStep> mixed = Stream.concat(
                DoughStep.of(conversion.lines()).stream(), SauceStep.of(conversion.lines(), schools).stream());
        return StartTimes.count(Stream.of(conversion.made().stream().map(Prepper::making), own, mixed, pour)
                .flatMap(s -> s)
                .sorted(Comparator.comparingInt(PrepStep::passiveMinutes).reversed())
                .toList());
    }

    /** Things prepared alike are one step: "Dice 120 g carrot, 260 g parsnip and 300 g swede". */
    private PrepStep step(
            List<ReadyLine> lines, Yields.Entry entry, Map<String, Integer> packetMinutes, Schools schools) {
        List<String> named = lines.stream()
                .map(r -> KitchenText.grams(r.line().gramsOrZero()) + " "
                        + r.line().item())
                .toList();
        String all = named.size() == 1
                ? named.getFirst()
                : String.join(", ", named.subList(0, named.size() - 1)) + " and " + named.getLast();
        String items =
                String.join(", ", lines.stream().map(r -> r.line().item()).toList());
        Ingredient first = lines.getFirst().line().ingredient();
        Integer minutes = lines.size() > 1
                ? null
                : packetMinutes.getOrDefault(
                        first.id(),
                        ways.decide(first, schools)
                                .map(d -> 2 * d.parboilMinutes())
                                .orElse(null));
        boolean mended =
                lines.stream().anyMatch(r -> Math.abs(r.readyGrams() - r.line().gramsOrZero() * entry.share()) > 1);
        String target = mended
                ? " Stop at "
                        + KitchenText.grams(lines.stream()
                                .mapToDouble(ReadyLine::readyGrams)
                                .sum()) + " in all."
                : "";
        return new PrepStep(
                timed(entry.text().replace("{grams} {item}", all), minutes) + target,
                items,
                lines.getFirst().line().part(),
                entry.sign(),
                entry.active(),
                entry.passive(),
                lines.stream().mapToDouble(r -> r.line().gramsOrZero()).sum(),
                lines.stream().mapToDouble(ReadyLine::readyGrams).sum(),
                entry.tool(),
                entry.heat(),
                entry.ahead(),
                0);
    }

    /** The packet's own minutes in place of "the packet". */
    private static String timed(String text, Integer minutes) {
        return minutes == null
                ? text
                : text.replace(
                                "half the packet time",
                                Math.max(1, minutes / 2) + " min, half the packet's " + minutes + ",")
                        .replace(
                                "3 min short of the packet",
                                "for " + Math.max(1, minutes - 3) + " min, 3 short of the packet's " + minutes);
    }

    private static PrepStep making(MadeComponent made) {
        double raw = made.ingredients().stream()
                .mapToDouble(MadeComponent.Constituent::grams)
                .sum();
        String shared = made.parts().size() > 1
                ? " One batch serves all " + made.parts().size() + " places it goes to."
                : "";
        String ahead =
                made.days() > 0 ? made.days() + (made.days() == 1 ? " day" : " days") + " ahead, in the fridge" : null;
        return new PrepStep(
                "Make " + KitchenText.grams(made.grams()) + " "
                        + made.name().substring(0, 1).toLowerCase(Locale.ROOT)
                        + made.name().substring(1) + ". " + String.join(" ", made.steps()) + shared,
                made.name(),
                made.parts().getFirst(),
                made.sign(),
                made.active(),
                made.passive(),
                raw,
                made.grams(),
                made.tools().isEmpty() ? null : made.tools().getFirst(),
                null,
                ahead,
                0);
    }
}
