package nabe.prep;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import nabe.house.Schools;
import nabe.measure.KitchenText;
import nabe.prep.PrepStep.Used;
import nabe.recipe.Part;
import nabe.swap.ConvertedLine;
import nabe.swap.Techniques;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Work that the recipe does not name and that its converted things need: Nabe's own steps, marked as such. */
final class OwnSteps {
    private final SheetWays ways;
    private final Schools schools;
    private final Map<String, Integer> packetMinutes;
    private final Map<Key, List<ReadyLine>> together = new LinkedHashMap<>();

    /** Things worked alike in one pot are one step: "Dice 120 g carrot, 260 g parsnip and 300 g swede". */
    private record Key(String component, Techniques.Entry entry) {}

    OwnSteps(SheetWays ways, Schools schools, Map<String, Integer> packetMinutes) {
        this.ways = ways;
        this.schools = schools;
        this.packetMinutes = packetMinutes;
    }

    void take(ReadyLine line, Techniques.Entry entry) {
        together.computeIfAbsent(
                        new Key(Objects.requireNonNullElse(line.line().component(), ""), entry), k -> new ArrayList<>())
                .add(line);
    }

    /** @param why they are there, by pot; the steps by the pot they come first in, "" for none */
    Map<String, List<PrepStep>> steps(Function<@Nullable String, String> why) {
        Map<String, List<PrepStep>> steps = new LinkedHashMap<>();
        int number = 0;
        for (Map.Entry<Key, List<ReadyLine>> entry : together.entrySet()) {
            Key key = entry.getKey();
            String reason = why.apply(key.component.isEmpty() ? null : key.component);
            steps.computeIfAbsent(key.component, k -> new ArrayList<>())
                    .add(step(key, entry.getValue(), reason, "own-" + number++));
        }
        return steps;
    }

    private PrepStep step(Key key, List<ReadyLine> lines, String why, String id) {
        Techniques.Entry entry = key.entry;
        List<String> named = lines.stream()
                .map(r -> KitchenText.grams(r.line().gramsOrZero()) + " "
                        + r.line().item())
                .toList();
        String text = entry.text().replace("{grams} {item}", Lists.and(named));
        return PrepStep.own(
                        id,
                        key.component.isEmpty() ? null : key.component,
                        String.join(
                                ", ", lines.stream().map(r -> r.line().item()).toList()),
                        lines.getFirst().line().part(),
                        time(lines).map(t -> timed(text, t)).orElse(text),
                        entry.sign(),
                        entry.active(),
                        entry.passive(),
                        lines.stream().mapToDouble(r -> r.line().gramsOrZero()).sum(),
                        lines.stream().mapToDouble(ReadyLine::readyGrams).sum(),
                        entry.tool(),
                        entry.heat(),
                        entry.ahead(),
                        why)
                .using(lines.stream()
                        .map(r -> new Used(r.line().item(), r.line().grams(), null, null))
                        .toList());
    }

    private Optional<PacketTime> time(List<ReadyLine> lines) {
        return lines.size() > 1
                ? Optional.empty()
                : PacketTime.of(lines.getFirst().line().food(), packetMinutes, ways, schools);
    }

    /** Minutes in place of "the packet time". */
    private static String timed(String text, PacketTime time) {
        return text.replace(
                        Messages.say("prep.half-the-packet-time"),
                        Messages.say("prep.min-half-the-packets", time.half(), time.minutes(), time.known()))
                .replace(
                        Messages.say("prep.min-short-of-the-packet"),
                        Messages.say(
                                "prep.for-min-short-of-the-packets", time.almostDone(), time.minutes(), time.known()));
    }

    /** A step that a mend of the water budget asks for. */
    static PrepStep mend(ConvertedLine line, String text, double raw, double ready) {
        return plain("mend-" + line.source(), line.component(), line.item(), line.part(), text, raw, ready, 5, null);
    }

    /** Hot stock or water stirred into the pot of this name. */
    static PrepStep pour(ReadyLine poured, String pot) {
        ConvertedLine line = poured.line();
        return plain(
                "pour-"
                        + Objects.requireNonNullElse(
                                line.component(), line.part().id()),
                line.component(),
                line.item(),
                line.part(),
                MendWords.stirred(line.item(), pot, poured.readyGrams()),
                0,
                poured.readyGrams(),
                1,
                Messages.say("prep.loose-enough-to-pour"));
    }

    private static PrepStep plain(
            String id,
            @Nullable String component,
            String item,
            Part part,
            String text,
            double raw,
            double ready,
            int active,
            @Nullable String sign) {
        return PrepStep.own(
                id,
                component,
                item,
                part,
                text,
                sign,
                active,
                0,
                raw,
                ready,
                null,
                null,
                null,
                Messages.say("prep.to-bring-the-dishs-water-in"));
    }
}
