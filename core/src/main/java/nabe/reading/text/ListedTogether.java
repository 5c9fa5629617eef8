package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.larder.Words;

/** Takes apart a line that lists several things without amounts: "salt, sweet paprika", "butter, flour and crumbs for the tin". */
final class ListedTogether {
    private static final Pattern FOR_WHAT =
            Pattern.compile(",? (?:for|to) (?!taste)\\p{L}[^,]*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern BETWEEN = Pattern.compile(
            "\\s*,\\s*(?:(?:and|plus|some|a little)\\s+|&\\s*)?|\\s+(?:and|plus|&|\\+)\\s+(?:some |a little )?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern QUALIFIED =
            Pattern.compile("^(?:a (?:little|bit of|few)|some|plenty of|lots of|extra) ", Pattern.CASE_INSENSITIVE);
    private static final Pattern AS_LIKED =
            Pattern.compile(",? (?:to taste|as needed|if you like|if liked)$", Pattern.CASE_INSENSITIVE);
    private static final Set<String> SALT_AND_PEPPER = Set.of("salt", "pepper");

    private final LineKind kinds;
    private final LineWords words;

    ListedTogether(LineKind kinds) {
        this.kinds = kinds;
        this.words = kinds.words();
    }

    /** @return its things, each with what all of them are for and how all are cut; the line itself where it holds one */
    List<String> parts(String line) {
        if (!Glance.has(line, ",&+") && !line.contains(" and ") || Glance.has(line, "()[]:.0123456789½¼¾⅓⅔⅛")) {
            return List.of(line);
        }
        Matcher purpose = FOR_WHAT.matcher(line);
        String what = purpose.find() ? purpose.group() : "";
        String list = line.substring(0, line.length() - what.length());
        List<String> pieces = new ArrayList<>(List.of(BETWEEN.split(list)));
        String cut = pieces.size() > 2 && isCut(pieces.getLast()) ? ", " + pieces.removeLast() : "";
        boolean several =
                pieces.size() > 1 && !kinds.isName(list) && pieces.stream().allMatch(this::isThing);
        if (!several || pieces.stream().allMatch(ListedTogether::isSaltOrPepper)) {
            return List.of(line);
        }
        return saltWithPepper(pieces).stream().map(p -> p + cut + what).toList();
    }

    private boolean isThing(String piece) {
        String bare =
                AS_LIKED.matcher(QUALIFIED.matcher(piece).replaceFirst("")).replaceFirst("");
        return kinds.isName(bare) || kinds.isName(withoutHow(bare)) || kinds.measuresKnownThing(bare);
    }

    /** "Freshly grated nutmeg", "sliced scallions": the thing alone. */
    private String withoutHow(String piece) {
        return String.join(
                " ",
                Arrays.stream(piece.split(" "))
                        .dropWhile(w -> words.isShaped(w) || words.is(LineWords.Use.DESCRIBES, w))
                        .toList());
    }

    private boolean isCut(String piece) {
        return Stream.of(piece.split(" ")).allMatch(w -> words.isShaped(w) || words.is(LineWords.Use.DESCRIBES, w));
    }

    private static boolean isSaltOrPepper(String piece) {
        return Words.of(piece).reversed().stream()
                .findFirst()
                .filter(w -> SALT_AND_PEPPER.contains(w.key()))
                .isPresent();
    }

    /** The two stay together, as cooks buy and use them. */
    private static List<String> saltWithPepper(List<String> pieces) {
        List<String> all = new ArrayList<>();
        for (String piece : pieces) {
            if (!all.isEmpty() && isSaltOrPepper(all.getLast()) && isSaltOrPepper(piece)) {
                all.set(all.size() - 1, all.getLast() + ", " + piece);
            } else {
                all.add(piece);
            }
        }
        return all;
    }
}
