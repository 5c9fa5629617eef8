package nabe.reading.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.larder.Words;
import nabe.reading.FoodClasses;
import nabe.reading.grammar.KitchenWords;

/**
 * Finds what nobody knows in a line that names something known as well: "frumble, pepper and nutmeg". A stretch between
 * commas and joints is a stranger where its head noun is neither a food nor a word that only describes one.
 */
final class Strangers {
    private static final String JOINS = "(?:and|plus|with|\\+|&)\\s+";
    private static final String JOINED = "(?:^|\\s+)" + JOINS + "|\\s*/\\s*";
    private static final Pattern JOINT = Pattern.compile(JOINED, Pattern.CASE_INSENSITIVE);
    private static final Pattern LISTED =
            Pattern.compile("\\s*[,;]\\s*(?:" + JOINS + ")?|" + JOINED, Pattern.CASE_INSENSITIVE);
    private final Larder larder;
    private final LineWords words;

    Strangers(Larder larder, LineWords words) {
        this.larder = larder;
        this.words = words;
    }

    /**
     * @param segments the line between its commas; the known thing stands at {@code match} in the one {@code chosen}
     * @param measured whether the line has an amount: after it, a comma opens what is done to the thing
     */
    List<String> beside(String[] segments, int chosen, NameIndex.Match match, List<String> notes, boolean measured) {
        List<String> found = new ArrayList<>();
        for (int i = 0; i < segments.length; i++) {
            List<String> pieces = new ArrayList<>(List.of(JOINT.split(segments[i], -1)));
            if (i == chosen) {
                pieces = around(segments[i], match);
            } else if (i > chosen && !isListed(segments, i, measured)) {
                pieces.removeFirst();
            }
            pieces.stream().map(this::stranger).filter(s -> !s.isEmpty()).forEach(found::add);
        }
        notes.forEach(note -> found.addAll(inNote(note)));
        return found.stream().distinct().toList();
    }

    /** What stands right beside the name qualifies it. */
    private static List<String> around(String segment, NameIndex.Match match) {
        List<String> before = List.of(JOINT.split(segment.substring(0, Math.min(match.start(), segment.length())), -1));
        List<String> after = List.of(JOINT.split(segment.substring(Math.min(match.end(), segment.length())), -1));
        List<String> pieces = new ArrayList<>(before.subList(0, before.size() - 1));
        pieces.addAll(after.subList(1, after.size()));
        return pieces;
    }

    /** "Salt, frumble, pepper": a comma parts things where there is no amount, or where another thing follows. */
    private boolean isListed(String[] segments, int at, boolean measured) {
        return !measured
                || Arrays.stream(segments, at, segments.length)
                        .flatMap(JOINT::splitAsStream)
                        .skip(1)
                        .anyMatch(this::isThing);
    }

    /** A bracket tells of the thing in any words; only beside foods does it list others: "(cod, frumble, haddock)". */
    private List<String> inNote(String note) {
        List<String> pieces = List.of(LISTED.split(note));
        return pieces.stream().anyMatch(this::isThing)
                ? pieces.stream().map(this::stranger).filter(s -> !s.isEmpty()).toList()
                : List.of();
    }

    /** @return whether the words are a food's name and what describes it, and nothing else */
    private boolean isThing(String piece) {
        return larder.matchExactly(piece)
                .filter(m -> Words.of(piece).stream()
                        .allMatch(w -> isWithin(w, m) || words.isNoThing(piece.substring(w.start(), w.end()))))
                .isPresent();
    }

    /** @return whether these words name a thing that nobody knows; "pie mix" and "double crust" leave open what is in them */
    boolean isStrange(String piece) {
        String last = piece.substring(piece.strip().lastIndexOf(' ') + 1).strip();
        return !stranger(piece).isEmpty()
                && !FoodClasses.shared().isMade(last)
                && !KitchenWords.shared().has(KitchenWords.Use.GENERIC, last);
    }

    /** @return the words up to the head noun that nobody knows; empty where they have none */
    private String stranger(String piece) {
        List<NameIndex.Match> foods = larder.scan(piece);
        int from = 0;
        int head = 0;
        for (Words.Word word : Words.of(piece)) {
            String written = piece.substring(word.start(), word.end());
            if (written.equalsIgnoreCase("of")) {
                from = word.end();
                head = 0;
            } else if (words.is(LineWords.Use.STOP, written) && !isArticle(written)) {
                break;
            } else if (foods.stream().anyMatch(m -> isWithin(word, m))) {
                head = 0;
            } else if (!words.isNoThing(written) && word.end() - word.start() > 1) {
                head = word.end();
            }
        }
        return head == 0 ? "" : piece.substring(from, head).strip();
    }

    private static boolean isArticle(String word) {
        return word.equalsIgnoreCase("a") || word.equalsIgnoreCase("an") || word.equalsIgnoreCase("the");
    }

    private static boolean isWithin(Words.Word word, NameIndex.Match match) {
        return match.start() <= word.start() && word.end() <= match.end();
    }
}
