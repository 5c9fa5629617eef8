package nabe.server.api;

import java.util.List;
import java.util.stream.Collectors;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Tells where what was sent does not fit, without a word of the code's own. */
final class Misfit {
    private static final String NO_JSON = Messages.say("server.what-was-sent-is-not-json");

    private Misfit() {}

    /** @param e why it could not be read; only Jackson's own reasons tell where */
    static String told(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof UnrecognizedPropertyException unknown) {
                return Messages.say("server.there-is-no-field-called", unknown.getPropertyName(), at(unknown));
            }
            if (t instanceof InvalidFormatException format) {
                return "“" + format.getValue() + "” "
                        + (isNumber(format.getTargetType())
                                ? Messages.say("server.is-no-number-write-numbers-as", at(format))
                                : Messages.say("server.is-not-a-value-that-fits", at(format)));
            }
            if (t instanceof DatabindException other && !other.getPath().isEmpty()) {
                return Messages.say("server.something-is-missing-or-of-another", at(other));
            }
            if (t instanceof StreamReadException) {
                return NO_JSON;
            }
        }
        return NO_JSON;
    }

    private static boolean isNumber(@Nullable Class<?> type) {
        return type != null && (Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class);
    }

    private static String at(JacksonException e) {
        List<JacksonException.Reference> path = e.getPath();
        return path.isEmpty()
                ? ""
                : Messages.say(
                        "server.at",
                        path.stream()
                                .map(r -> r.getPropertyName() == null
                                        ? "[" + (r.getIndex() + 1) + "]"
                                        : r.getPropertyName())
                                .collect(Collectors.joining(" → ")));
    }
}
