package nabe.build;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * One layer, counted from the bottom.
 *
 * @param grams in this dish
 * @param heightMm how thick it lies
 * @param share of its component, 0 to 1, that goes here
 * @param measure the same in cups or spoons, or null for what is not spooned
 * @param reserved whether to set this share aside first: the last of several of its part, which must reach the edges
 * @param of what is in it, in the amounts that lie here
 */
public record Layer(
        String name,
        Part part,
        double grams,
        double heightMm,
        double share,
        @Nullable String measure,
        boolean reserved,
        @JsonIgnore List<ReadyLine> of) {

    Layer times(double keep, double newHeight) {
        return new Layer(
                name,
                part,
                grams * keep,
                newHeight,
                share * keep,
                null,
                reserved,
                of.stream().map(l -> l.times(keep)).toList());
    }

    Layer measured(@Nullable String words) {
        return new Layer(name, part, grams, heightMm, share, words, reserved, of);
    }
}
