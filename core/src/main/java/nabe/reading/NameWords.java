package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.text.UnitWords;
import org.jspecify.annotations.Nullable;

/** Which words can name a thing of this recipe at all, and whose they are. */
final class NameWords {
    private static final int SHORTEST = 3;
    private static final Set<String> TIMES = Set.of("min", "sec", "hour", "hr");
    final List<LineWords> lines;
    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();
    private final Set<String> items;
    private final Set<String> heads;
    private final Map<String, Long> texts;
    private final Map<String, Boolean> empty = new HashMap<>();
    private final Map<String, List<Integer>> having = new HashMap<>();
    private final Map<String, List<Integer>> justSo = new HashMap<>();
    private final Map<String, List<String>> headings = new HashMap<>();
    private final Map<String, Boolean> shared = new HashMap<>();

    NameWords(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.lines = kitchen.lines.stream().map(LineWords::of).toList();
        this.items = lines.stream().flatMap(w -> w.item().stream()).collect(Collectors.toSet());
        this.heads = lines.stream().flatMap(w -> w.heads().stream()).collect(Collectors.toSet());
        this.texts = lines.stream()
                .flatMap(w -> w.text().stream())
                .collect(Collectors.groupingBy(k -> k, Collectors.counting()));
    }

    /** @return whether another line is called just so: "cheese", "pepper powder" */
    boolean isNameOfOther(Token name, int l) {
        List<Integer> called = justSo.computeIfAbsent(name.key(), this::calledJustSo);
        return called.size() > 1 || called.size() == 1 && called.getFirst() != l;
    }

    /** "Porcini" where the list has dried porcini, and mixed mushrooms that the larder calls porcini too. */
    boolean isWordOfOther(Token name, int l) {
        return IntStream.range(0, lines.size())
                .anyMatch(o -> o != l && lines.get(o).own().equals(name.key()));
    }

    private List<Integer> calledJustSo(String key) {
        return IntStream.range(0, lines.size())
                .filter(o -> lines.get(o).item().contains(key)
                        && (lines.get(o).item().size() == 1 || kitchen.role(o).equals("spice")))
                .boxed()
                .toList();
    }

    boolean mayName(Token t) {
        return t.isWord() && (!isEmpty(t) || isLineHead(t));
    }

    /** Words that cannot name a thing. */
    boolean isEmpty(Token t) {
        return empty.computeIfAbsent(t.key(), k -> saysNothing(t));
    }

    /** @return whether just one line has the word */
    boolean isOnlyOnes(Token t) {
        return texts.getOrDefault(t.key(), 0L) == 1;
    }

    private boolean saysNothing(Token t) {
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
                && !isPart(t)
                && !t.is("the")
                && !t.is("of")
                && heads.contains(t.key());
    }

    /** Whether the word is another line's: "spinach ricotta" is not the ricotta alone. */
    boolean isOthers(Token t) {
        return t.isWord() && items.contains(t.key()) && !isEmpty(t);
    }

    /** Lines that have the word, or whose food is of the class it names. */
    List<Integer> linesOf(Token t) {
        return having.computeIfAbsent(
                t.key(),
                key -> IntStream.range(0, lines.size())
                        .filter(l -> lines.get(l).all().contains(key)
                                || FoodClasses.shared().holds(key, kitchen.lines.get(l)))
                        .boxed()
                        .toList());
    }

    /** "Sweet pots", "the mozz": words cut short, where just one word of the list begins so. */
    List<Token> inFull(List<Token> tokens) {
        List<Token> full = new ArrayList<>();
        for (Token t : tokens) {
            full.add(full.isEmpty() || !t.isWord() ? shortened(t, null) : shortened(t, full.getLast()));
        }
        return full;
    }

    private Token shortened(Token t, @Nullable Token before) {
        boolean plain = t.isWord()
                && t.key().length() >= SHORTEST
                && !isInSome(t)
                && !isEmpty(t)
                && !words.is(t, Use.LINK)
                && !TIMES.contains(t.key());
        if (!plain) {
            return t;
        }
        boolean means = words.verb(t) != null
                || UnitWords.ofWord(t.text()) != null
                || Vessels.in(List.of(t)) != null
                || words.is(t, Use.GENERIC)
                || FoodClasses.shared().knows(t.key());
        List<String> begun = lines.stream()
                .filter(l -> !means || before != null && l.item().contains(before.key()))
                .flatMap(l -> l.item().stream())
                .filter(w -> w.startsWith(t.key()))
                .distinct()
                .toList();
        return begun.size() != 1 ? t : new Token(Token.Kind.WORD, t.text(), begun.getFirst(), 0, 0, t.start(), t.end());
    }

    boolean isInSome(Token t) {
        return shared.computeIfAbsent(
                t.key(), key -> lines.stream().anyMatch(w -> w.all().contains(key)));
    }

    boolean isTopicGroup(int l) {
        String heading = kitchen.lines.get(l).heading();
        return kitchen.topic != null
                && heading != null
                && headingKeys(heading).stream().anyMatch(headingKeys(kitchen.topic)::contains);
    }

    private List<String> headingKeys(String text) {
        return headings.computeIfAbsent(text, NameWords::keysOf);
    }

    private static List<String> keysOf(String text) {
        List<String> keys = Words.of(text).stream()
                .map(Words.Word::key)
                .filter(k -> k.length() > 2 && !k.equals("the") && !k.equals("for"))
                .toList();
        return keys.size() > 1 ? keys.stream().filter(k -> !k.equals("sauce")).toList() : keys;
    }
}
