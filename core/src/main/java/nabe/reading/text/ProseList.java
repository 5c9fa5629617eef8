package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The list of a recipe that is told in sentences: "For a dish of 30 x 20 cm you want 1 kg of potatoes, 2 leeks, some
 * butter and salt." Such a sentence lists, it does not instruct.
 *
 * @param lines the things it lists, in order; {@code steps} the method without those sentences
 */
record ProseList(List<String> lines, List<String> steps) {
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.!])\\s+(?=\\p{Lu})");
    private static final Pattern PIECE =
            Pattern.compile("\\s*[,;]\\s*(?:and\\s+)?(?![^(]*\\))|\\s+and\\s+(?=[\\d½¼¾⅓⅔⅛]|an?\\s|some\\s)");
    private static final Pattern AMOUNT = Pattern.compile("[\\d½¼¾⅓⅔⅛]");
    private static final Pattern INTRODUCES = Pattern.compile(
            "\\b(?:need|needs|want|take|get|have|buy|use|uses|are|is|ingredients|required|list)\\b[^,;]*$",
            Pattern.CASE_INSENSITIVE);
    private static final int LEAST = 4;
    private static final double MOSTLY = 0.6;

    /** @return nothing listed, and all the steps, where no sentence is a list */
    static ProseList in(List<String> steps, LineKind kinds) {
        List<String> lines = new ArrayList<>();
        List<String> others = new ArrayList<>();
        for (String step : steps) {
            List<String> kept = new ArrayList<>();
            for (String sentence : SENTENCE.split(step)) {
                List<String> listed = listed(sentence, kinds);
                lines.addAll(listed);
                if (listed.isEmpty()) {
                    kept.add(sentence);
                }
            }
            if (!kept.isEmpty()) {
                others.add(String.join(" ", kept));
            }
        }
        return new ProseList(List.copyOf(lines), List.copyOf(others));
    }

    private static List<String> listed(String sentence, LineKind kinds) {
        List<String> pieces = new ArrayList<>(Arrays.asList(PIECE.split(sentence.replaceFirst("[.!]\\s*$", ""))));
        String first = things(pieces.getFirst(), kinds);
        if (first == null) {
            return List.of();
        }
        pieces.set(0, first);
        long measured = pieces.stream().filter(kinds::measuresKnownThing).count();
        boolean lists = measured >= LEAST && measured >= MOSTLY * pieces.size();
        return lists ? List.copyOf(pieces) : List.of();
    }

    /** "You want 1 kg of potatoes" is 1 kg of potatoes; "peel 1 kg of potatoes" is work. */
    private static @Nullable String things(String piece, LineKind kinds) {
        if (kinds.measuresKnownThing(piece)) {
            return piece;
        }
        Matcher amount = AMOUNT.matcher(piece);
        while (amount.find()) {
            String thing = piece.substring(amount.start());
            if (kinds.measuresKnownThing(thing)
                    && INTRODUCES.matcher(piece.substring(0, amount.start())).find()) {
                return thing;
            }
        }
        return null;
    }
}
