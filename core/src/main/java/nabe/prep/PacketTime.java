package nabe.prep;

import java.util.Map;
import java.util.Optional;
import nabe.house.Schools;
import nabe.larder.Ingredient;

/**
 * How long sheets, tubes or shells cook in water until done.
 *
 * @param minutes as the packet gives them, else usual for such a kind
 * @param known whether the cook's own packet says so
 */
record PacketTime(int minutes, boolean known) {

    /** @param kept the packet's own minutes by larder id; empty where neither packet nor kind tells */
    static Optional<PacketTime> of(Ingredient food, Map<String, Integer> kept, SheetWays ways, Schools schools) {
        Integer own = kept.get(food.id());
        return own != null
                ? Optional.of(new PacketTime(own, true))
                : ways.decide(food, schools).map(d -> new PacketTime(2 * d.parboilMinutes(), false));
    }

    int half() {
        return Math.max(1, minutes / 2);
    }

    int almostDone() {
        return Math.max(1, minutes - 3);
    }
}
