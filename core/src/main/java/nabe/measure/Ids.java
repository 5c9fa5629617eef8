package nabe.measure;

import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.words.Messages;

/** Finds a word of a fixed list, with one shape of refusal for all of them. */
public final class Ids {
    private Ids() {}

    /**
     * @param what the list's name as a cook reads it: "need", "unit"
     * @throws WrongValueException when none of the values has this id; the message lists them all
     */
    public static <T> T find(T[] values, Function<T, String> idOf, String id, String what) {
        for (T value : values) {
            if (idOf.apply(value).equals(id)) {
                return value;
            }
        }
        throw new WrongValueException(Messages.say(
                "measure.the-must-be-one-of",
                what,
                id,
                Stream.of(values).map(idOf).collect(Collectors.joining(", "))));
    }
}
