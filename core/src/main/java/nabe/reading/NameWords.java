package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;

/** Which words can name a thing of this recipe at all, and whose they are. */
final class NameWords {
    final List<LineWords> lines;
    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();

    NameWords(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.lines = kitchen.lines.stream().map(LineWords::of).toList();
    }

    boolean mayName(Token t) {
        return t.isWord() && (!isEmpty(t) || isLineHead(t));
    }

    /** Words that cannot name a thing. */
    boolean isEmpty(Token t) {
        return words.isAny(
                        t,
                        Use.DETAIL,
                        Use.PRONOUN,
                        Use.REST,
                        Use.OTHER,
                        Use.FILM,
                        Use.MOST,
                        Use.ALL,
                        Use.HANDFUL,
                        Use.EACH,
                        Use.AGAIN)
                || isPart(t)
                || t.key().endsWith("ly");
    }

    static boolean isPart(Token t) {
        return Set.of("half", "third", "quarter", "fifth").contains(t.key());
    }

    private boolean isLineHead(Token t) {
        return !words.isAny(t, Use.PRONOUN, Use.REST)
                && !t.is("the")
                && !t.is("of")
                && lines.stream().anyMatch(w -> w.heads().contains(t.key()));
    }

    /** Whether the word is another line's: "spinach ricotta" is not the ricotta alone. */
    boolean isOthers(Token t) {
        return t.isWord()
                && !isEmpty(t)
                && lines.stream().anyMatch(w -> w.item().contains(t.key()));
    }

    boolean isTopicGroup(int l) {
        String heading = kitchen.lines.get(l).heading();
        return kitchen.topic != null
                && heading != null
                && keysOf(heading).stream().anyMatch(keysOf(kitchen.topic)::contains);
    }

    private static List<String> keysOf(String text) {
        return Words.of(text).stream()
                .map(Words.Word::key)
                .filter(k -> k.length() > 2 && !k.equals("the") && !k.equals("for") && !k.equals("sauce"))
                .toList();
    }
}
