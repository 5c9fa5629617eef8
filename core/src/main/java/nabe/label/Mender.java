package nabe.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Slips;
import org.jspecify.annotations.Nullable;

/**
 * Reads words through bad print: letters spaced out, 0 for o and rn for m, words run together, one slip of the pen.
 * A slip is mended only towards a word that warns: a misspelt harmless word stays unknown.
 */
final class Mender {
    private static final int SHORTEST_SLIP = 5;
    private static final int SHORTEST_PART = 3;
    private final Lexicon lexicon;
    private final Frames frames;
    private final Map<String, String> byLook = new HashMap<>();
    private final Set<String> telling;
    private final Set<String> harmless = new TreeSet<>();

    Mender(Lexicon lexicon, Frames frames) {
        this.lexicon = lexicon;
        this.frames = frames;
        telling = lexicon.tellingWords();
        telling.forEach(word -> byLook.putIfAbsent(look(word), word));
        lexicon.vocabulary().forEach(word -> byLook.putIfAbsent(look(word), word));
        frames.vocabulary().forEach(word -> byLook.putIfAbsent(look(word), word));
        lexicon.vocabulary().stream().filter(w -> !telling.contains(w)).forEach(harmless::add);
    }

    /** Letters that print alike made one. */
    private static String look(String word) {
        return word.replace("rn", "m")
                .replace("vv", "w")
                .replace("cl", "d")
                .replace('0', 'o')
                .replace('1', 'l')
                .replace('i', 'l')
                .replace('|', 'l')
                .replace('j', 'l')
                .replace('5', 's')
                .replace('8', 'b')
                .replace('9', 'g')
                .replace('q', 'g');
    }

    /** @param slipped the starts of words that may as well be a harmless word misspelt are added */
    List<Token> mend(List<Token> tokens, Set<Integer> slipped) {
        List<Token> mended = new ArrayList<>();
        for (Token token : together(tokens)) {
            if (!token.isWord() || isKnown(token.key())) {
                mended.add(token);
            } else {
                mended.addAll(mend(token, slipped));
            }
        }
        return mended;
    }

    private boolean isKnown(String key) {
        return lexicon.knows(key) || frames.vocabulary().contains(key);
    }

    /** "w h e a t" is one word, where the letters make something known. */
    private List<Token> together(List<Token> tokens) {
        List<Token> joined = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            int end = i;
            while (end < tokens.size()
                    && isLetter(tokens.get(end))
                    && (end == i || tokens.get(end).gap() <= 1)) {
                end++;
            }
            Token word = end - i >= SHORTEST_PART ? join(tokens.subList(i, end)) : null;
            joined.add(word == null ? tokens.get(i) : word);
            i = word == null ? i + 1 : end;
        }
        return joined;
    }

    private static boolean isLetter(Token token) {
        return token.isWord()
                && token.end() - token.start() == 1
                && Character.isLetter(token.text().charAt(0));
    }

    private @Nullable Token join(List<Token> letters) {
        StringBuilder text = new StringBuilder();
        letters.forEach(t -> text.append(t.text()));
        String key = nabe.larder.Words.key(text.toString());
        boolean readable = isKnown(key) || parts(key) != null || byLook.containsKey(look(key));
        return readable
                ? new Token(
                        Token.Kind.WORD,
                        key,
                        text.toString(),
                        letters.getFirst().start(),
                        letters.getLast().end(),
                        letters.getFirst().gap())
                : null;
    }

    private List<Token> mend(Token token, Set<Integer> slipped) {
        List<String> near = nearest(token.key(), telling);
        String alike = byLook.get(look(token.key()));
        if (alike != null && (near.isEmpty() || telling.contains(alike))) {
            return List.of(token.spelt(alike));
        }
        List<String> parts = parts(token.key());
        if (parts != null) {
            return parts.stream().map(token::spelt).toList();
        }
        boolean stem = lexicon.byStem(token.key()) != null;
        if (!near.isEmpty()
                && (near.size() > 1
                        || alike != null
                        || !nearest(token.key(), harmless).isEmpty())) {
            slipped.add(token.start());
        }
        List<Token> readings = new ArrayList<>(stem || near.isEmpty() ? List.of(token) : List.of());
        near.forEach(word -> readings.add(token.spelt(word)));
        return readings;
    }

    private static List<String> nearest(String word, Set<String> words) {
        if (word.length() < SHORTEST_SLIP - 1) {
            return List.of();
        }
        return words.stream()
                .filter(known -> known.length() >= SHORTEST_SLIP && Slips.between(known, word, 1) <= 1)
                .toList();
    }

    /** Cuts a run-together word into the fewest foods it is made of, or gives null. */
    private @Nullable List<String> parts(String word) {
        int n = word.length();
        int[] fewest = new int[n + 1];
        int[] from = new int[n + 1];
        Arrays.fill(fewest, 1, n + 1, Integer.MAX_VALUE / 2);
        for (int end = SHORTEST_PART; end <= n; end++) {
            for (int start = 0; start <= end - SHORTEST_PART; start++) {
                if (fewest[start] + 1 < fewest[end] && isPart(word.substring(start, end))) {
                    fewest[end] = fewest[start] + 1;
                    from[end] = start;
                }
            }
        }
        if (fewest[n] > 4) {
            return null;
        }
        List<String> parts = new ArrayList<>();
        for (int end = n; end > 0; end = from[end]) {
            parts.addFirst(nabe.larder.Words.key(word.substring(from[end], end)));
        }
        return parts;
    }

    private boolean isPart(String letters) {
        String key = nabe.larder.Words.key(letters);
        return lexicon.of(key) != null || letters.length() > SHORTEST_PART && frames.is(Frames.Use.DESCRIBES, key);
    }
}
