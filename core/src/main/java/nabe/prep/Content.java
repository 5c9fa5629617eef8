package nabe.prep;

import nabe.larder.Ingredient;
import nabe.swap.ConvertedLine;
import org.jspecify.annotations.Nullable;

/** A share of one line as it stands in a pot, its weight changing with what is done there. */
final class Content {
    final ConvertedLine line;
    final double raw;
    double now;

    Content(ConvertedLine line, double raw, double now) {
        this.line = line;
        this.raw = raw;
        this.now = now;
    }

    /** @return this share of it, as it stands now */
    Content part(double share) {
        return new Content(line, raw * share, now * share);
    }

    @Nullable
    Ingredient ingredient() {
        return line.ingredient();
    }

    /** Water drives off or goes in, never both: the most that any work did counts. */
    double wanted(double share) {
        return share < 1 ? Math.min(now, raw * share) : Math.max(now, raw * share);
    }
}
