package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.CatalogueFile;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.measure.Spoons;
import nabe.measure.Unit;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** "2 peppers" are vegetables, "pepper" is the spice; "2 tins plum tomatoes" are not fresh ones. From homonyms.csv. */
final class Homonyms {
    private static final Pattern WORD = Pattern.compile("[^\\p{L}]+");

    /** "Seasoning", "seasoning to taste": with any other word beside it, it is a blend whose label is to be read. */
    private static final Set<String> BARE = Set.of("seasoning", "to", "taste");

    /** How the amount must be said. */
    private enum How {
        CAN,
        COUNTED,
        HEAVY,
        UNMEASURED,
        ANY
    }

    private record Row(String of, How how, double leastGrams, String says, Set<String> not, Ingredient becomes) {
        boolean fits(@Nullable Measure measure, Set<String> words, Spoons spoons) {
            boolean measured = switch (how) {
                case CAN -> measure != null && measure.unit() == Unit.CAN;
                case COUNTED -> measure != null && measure.unit() == null;
                case HEAVY ->
                    measure != null && measure.isMass() && measure.base(spoons).mid() >= leastGrams;
                case UNMEASURED -> measure == null && BARE.containsAll(words);
                case ANY -> true;
            };
            return measured
                    && (says.isEmpty() || words.contains(says))
                    && not.stream().noneMatch(words::contains);
        }
    }

    private final List<Row> rows = new ArrayList<>();

    /** @throws nabe.larder.CatalogueException when a row does not fit the file's head */
    Homonyms(Larder larder) {
        CatalogueFile file = CatalogueFile.open("homonyms.csv", "of", "how", "least_grams", "says", "not", "becomes");
        file.rows().forEach(row -> rows.add(row(file, row, larder)));
    }

    private static Row row(CatalogueFile file, CSVRecord row, Larder larder) {
        String becomes = file.text(row, "becomes");
        String of = file.text(row, "of");
        boolean known = of.isEmpty()
                ? !file.text(row, "says").isEmpty()
                : larder.find(of).isPresent();
        if (!known || larder.find(becomes).isEmpty()) {
            throw file.bad(row, "Both foods must be in the larder; of a name that is in none, a word must be told.");
        }
        return new Row(
                of,
                how(file, row),
                file.numberOr(row, "least_grams", 0),
                file.text(row, "says"),
                Set.copyOf(file.list(row, "not", ";")),
                larder.get(becomes));
    }

    private static How how(CatalogueFile file, CSVRecord row) {
        try {
            return How.valueOf(file.text(row, "how").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "How it is measured must be one of those the head of the file names.");
        }
    }

    private static boolean endsIn(String item, String word) {
        String last = item.substring(item.lastIndexOf(' ') + 1);
        return last.equalsIgnoreCase(word);
    }

    /** @return the food that is meant by a line of this name, text and measure */
    @Nullable
    Ingredient meant(@Nullable Ingredient named, String item, @Nullable Measure measure, String text, Spoons spoons) {
        String of = named == null ? "" : named.id();
        List<Row> own = rows.stream()
                .filter(r -> r.of.equals(of) && (named != null || endsIn(item, r.says)))
                .toList();
        if (own.isEmpty()) {
            return named;
        }
        Set<String> words =
                Arrays.stream(WORD.split(text.toLowerCase(Locale.ROOT))).collect(Collectors.toSet());
        return own.stream()
                .filter(r -> r.fits(measure, words, spoons))
                .map(Row::becomes)
                .findFirst()
                .orElse(named);
    }
}
