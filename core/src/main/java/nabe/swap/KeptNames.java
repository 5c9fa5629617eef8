package nabe.swap;

import java.util.Optional;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.larder.Words;
import nabe.recipe.Line;

/** What a line that stays is called: the cook's own words, unless a word of them names something that does not fit. */
final class KeptNames {
    private final Larder larder;
    private final Standings standings;

    KeptNames(Larder larder, Standings standings) {
        this.larder = larder;
        this.standings = standings;
    }

    String of(Line line) {
        String item = isSafe(line) ? line.item() : line.food().name();
        String claims = line.claims().stream()
                .filter(c -> !item.contains(c))
                .map(c -> c + " ")
                .collect(Collectors.joining());
        return claims + item;
    }

    private boolean isSafe(Line line) {
        String item = line.item();
        if (item.isBlank() || !line.also().isEmpty()) {
            return false;
        }
        return larder.scanForgiving(item).stream().allMatch(m -> fits(m, line))
                && Words.of(item).stream()
                        .map(w -> larder.matchExactly(item.substring(w.start(), w.end())))
                        .flatMap(Optional::stream)
                        .allMatch(m -> fits(m, line));
    }

    private boolean fits(NameIndex.Match match, Line line) {
        return standings.judge(match.food(), line.claims()).fits();
    }
}
