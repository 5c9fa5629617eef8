package nabe.server.brief;

import jakarta.validation.constraints.NotNull;
import nabe.measure.WrongValueException;
import nabe.recipe.Correction;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * One correction of a procedure.
 *
 * @param kind move, rename, share, lift, count or cover; the fields each needs are those of {@link Correction}'s record of that name
 * @param layers in how many layers the component lies
 * @param index the layer of the component, or the phase of the bake; counted from 0
 */
public record CorrectionRequest(
        @NotNull(message = Empty.KIND) Kind kind,
        @Nullable String line,
        @Nullable String component,
        @Nullable String name,
        @Nullable Integer index,
        @Nullable Double share,
        @Nullable Integer by,
        @Nullable Integer layers,
        @Nullable Boolean covered) {

    /** What is said otherwise. */
    public enum Kind {
        move,
        rename,
        share,
        lift,
        count,
        cover
    }

    Correction correction() {
        return switch (kind) {
            case move -> new Correction.Move(said(line, "line"), said(component, "pot"));
            case rename -> new Correction.Rename(said(component, "pot"), said(name, "name"));
            case share -> new Correction.Share(said(component, "pot"), said(index, "layer"), said(share, "share"));
            case lift ->
                new Correction.Lift(
                        said(component, "pot"),
                        said(index, "layer"),
                        said(by, Messages.say("server.number-of-places")));
            case count ->
                new Correction.Count(said(component, "pot"), said(layers, Messages.say("server.number-of-layers")));
            case cover -> new Correction.Cover(said(index, "phase"), said(covered, "cover"));
        };
    }

    private static <T> T said(@Nullable T value, String what) {
        if (value == null) {
            throw new WrongValueException(Messages.say("server.the-correction-does-not-say-which", what));
        }
        return value;
    }
}
