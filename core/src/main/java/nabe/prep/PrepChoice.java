package nabe.prep;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nabe.larder.Figures;
import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the cook decided about preparing.
 *
 * @param minutesLeft until the dish should be built, or null when there is time enough
 * @param mends what was touched to bring the water in, the size by a mend's key ("stock:c2", "cook:3", "press:2", "uncover")
 */
public record PrepChoice(@Nullable Integer minutesLeft, Map<String, Double> mends) {
    private static final PrepChoice NONE = new PrepChoice(null, Map.of());
    public static final double PRESSED = Figures.of("prep.pressed-more");

    public static final int PRESS_MINUTES = Figures.whole("prep.pressed-longer");

    /** @throws WrongValueException for a time before now or a mend of an absurd size */
    public PrepChoice {
        if (minutesLeft != null && (minutesLeft < 0 || minutesLeft > 7 * 24 * 60)) {
            throw new WrongValueException(Messages.say("prep.the-minutes-left-must-be-between", minutesLeft));
        }
        mends = mends == null ? Map.of() : Map.copyOf(mends);
        mends.forEach(Mend::of);
    }

    public static PrepChoice none() {
        return NONE;
    }

    /** @return the same with this mend made too, in place of an earlier size of it */
    public PrepChoice with(Mend mend) {
        Map<String, Double> all = new HashMap<>(mends);
        all.put(mend.key(), mend.size());
        return new PrepChoice(minutesLeft, all);
    }

    /** @return the size of this mend, 0 where it was not made */
    public double size(String key) {
        return mends.getOrDefault(key, 0.0);
    }

    /** @return minutes the foil comes off before its usual time */
    public int uncoverSooner() {
        return (int) size(new Mend.Uncover(0).key());
    }

    Optional<Mend.CookDown> cookedDown(int line) {
        return made(Mend.CookDown.class).stream().filter(m -> m.line() == line).findFirst();
    }

    double pressed(int line) {
        return made(Mend.Press.class).stream()
                .filter(m -> m.line() == line)
                .mapToDouble(Mend.Press::minutes)
                .sum();
    }

    List<Mend.Stock> stock() {
        return made(Mend.Stock.class);
    }

    private <M extends Mend> List<M> made(Class<M> kind) {
        return mends.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> Mend.of(e.getKey(), e.getValue()))
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }
}
