package nabe.build;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * One layer, counted from the bottom.
 *
 * @param component id of what lies here; several layers may be of one component
 * @param grams in this dish
 * @param heightMm how thick it lies
 * @param share of its component, 0 to 1, that goes here
 * @param measure the same in cups or spoons, or null for what is not spooned
 * @param reserved whether to set this share aside first: the last of several of its part, which must reach the edges
 * @param late whether it goes on during the bake
 * @param words what the recipe says to do with it there besides ("press it down"), or null
 * @param of what is in it, in the amounts that lie here
 */
@RecordBuilder
public record Layer(
        String component,
        String name,
        Part part,
        double grams,
        double heightMm,
        double share,
        @Nullable String measure,
        boolean reserved,
        boolean late,
        @Nullable String words,
        @JsonIgnore List<ReadyLine> of) {

    Layer times(double keep, double newHeight) {
        return LayerBuilder.builder(this)
                .grams(grams * keep)
                .heightMm(newHeight)
                .share(share * keep)
                .measure(null)
                .of(of.stream().map(l -> l.times(keep)).toList())
                .build();
    }

    Layer measured(@Nullable String spooned) {
        return LayerBuilder.builder(this).measure(spooned).build();
    }

    /** @return the same with the number of sheets that this pan takes, where its words give one */
    Layer of(BuildPlan.Sheets sheets) {
        String said = words == null ? null : SheetWords.of(words, sheets.perLayer());
        return LayerBuilder.builder(this).words(said).build();
    }
}
