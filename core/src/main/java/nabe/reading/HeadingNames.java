package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** Nouns that mean what is listed under a heading: all of it, or what is left there. */
final class HeadingNames {
    /** What a cook calls dry. */
    static final Set<String> DRY = Set.of(
            "flour",
            "flour-raising",
            "leavening",
            "sugar",
            "salt",
            "spice",
            "spice-blend",
            "dried-herb",
            "crumbs",
            "starch",
            "grain",
            "nut",
            "seed");

    /** Of a salt that gave a pinch before, this is still there. */
    private static final double MUCH = 0.5;

    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();
    /** What every line's heading says. */
    private final List<List<String>> keys;

    private final boolean grouped;
    private final Set<String> items;

    HeadingNames(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.keys = kitchen.lines.stream().map(l -> keysOf(l.heading())).toList();
        this.grouped = keys.stream().anyMatch(k -> !k.isEmpty());
        this.items = kitchen.lines.stream()
                .flatMap(l -> Words.of(l.item()).stream().map(Words.Word::key))
                .collect(Collectors.toSet());
    }

    /** "The first nine ingredients", "the next 3", "the last two": so many lines that nothing was taken of. */
    List<Integer> counted(List<Token> tokens) {
        int number = tokens.stream()
                .filter(Token::isNumber)
                .mapToInt(t -> (int) t.low())
                .findFirst()
                .orElse(0);
        boolean first = Tokens.has(tokens, "first", "next");
        if (number < 2 || !tokens.getLast().is("ingredient") || !first && !Tokens.has(tokens, "last")) {
            return List.of();
        }
        List<Integer> free = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99)
                .boxed()
                .toList();
        int from = first ? 0 : Math.max(0, free.size() - number);
        return free.subList(from, Math.min(free.size(), from + number));
    }

    /** "Add the rest", "everything else listed under the sauce": what stands with the pot's own lines and is named nowhere else. */
    List<Integer> remaining(Slot slot) {
        List<Token> said = slot.tokens();
        boolean together = said.size() > 1 && said.getLast().is("together");
        List<Token> tokens = together ? said.subList(0, said.size() - 1) : said;
        List<Integer> group = wholeGroup(tokens);
        if (!group.isEmpty()) {
            return group;
        }
        boolean listed = Tokens.has(tokens, "ingredient", "listed", "else");
        boolean rest = words.any(tokens, Use.REST) || Tokens.has(tokens, "everything", "all", "other");
        boolean bare = slot.lead() == Slot.Lead.NONE && tokens.stream().allMatch(t -> t.is("the") || t.is("rest"));
        Pot pot = kitchen.current;
        boolean noneInHand = (pot == null || pot.lines.isEmpty()) && !kitchen.pots.isEmpty();
        if (noneInHand && listed && rest) {
            return namedNowhere();
        }
        if (pot == null || pot.lines.isEmpty() || !(listed && rest || bare && slot.direct())) {
            return List.of();
        }
        int first = pot.lines.keySet().stream().mapToInt(l -> l).min().orElse(0);
        String heading = kitchen.lines.get(first).heading();
        List<Integer> own = new ArrayList<>();
        for (int l = first; l < kitchen.lines.size(); l++) {
            boolean later = kitchen.namedLast.getOrDefault(l, -1) >= kitchen.clause
                    && !(listed && kitchen.standsForMixture.contains(l));
            boolean sameGroup = Objects.equals(kitchen.lines.get(l).heading(), heading);
            boolean untouched = kitchen.left[l] > 0.99;
            boolean ends = untouched && later && (heading == null || !listed);
            if (ends || !sameGroup) {
                break;
            }
            if (untouched && !later) {
                own.add(l);
            }
        }
        return own;
    }

    /** "Make the dough: mix all": what stands under the first heading that nothing was taken of. */
    private List<Integer> wholeGroup(List<Token> tokens) {
        boolean all = tokens.size() == 1 && Tokens.has(tokens, "all", "everything");
        if (!all || !grouped || kitchen.topic == null) {
            return List.of();
        }
        return IntStream.range(0, kitchen.lines.size())
                .filter(l -> !keys.get(l).isEmpty() && isUntouched(l))
                .mapToObj(l -> kitchen.lines.get(l).heading())
                .findFirst()
                .map(h -> IntStream.range(0, kitchen.lines.size())
                        .filter(l -> h.equals(kitchen.lines.get(l).heading()))
                        .boxed()
                        .toList())
                .filter(group -> group.size() > 1)
                .orElse(List.of());
    }

    private boolean isUntouched(int line) {
        String heading = kitchen.lines.get(line).heading();
        return IntStream.range(0, kitchen.lines.size())
                .filter(l -> Objects.equals(heading, kitchen.lines.get(l).heading()))
                .allMatch(l -> kitchen.left[l] > 0.99);
    }

    /** "Whisk the remaining ingredients", when all else lies in the dish as bought. */
    private List<Integer> namedNowhere() {
        return IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99 && kitchen.namedLast.getOrDefault(l, -1) < 0)
                .boxed()
                .toList();
    }

    /** "Everything for the filling", "the dry things for the topping", "the dry ingredients": those under one heading. */
    List<Integer> ofGroup(List<Token> tokens) {
        if (!words.is(tokens.getLast(), Use.LISTED) && !Tokens.has(tokens, "for")) {
            return List.of();
        }
        int at = 0;
        while (at < tokens.size() && !tokens.get(at).is("for")) {
            at++;
        }
        List<Token> before = tokens.subList(0, at);
        boolean dry = Tokens.has(before, "dry");
        boolean wet = Tokens.has(before, "wet");
        List<String> named = tokens.subList(at, tokens.size()).stream()
                .filter(t -> t.isWord() && !t.is("for") && !t.is("the"))
                .map(Token::key)
                .toList();
        if (named.isEmpty() && !dry && !wet || before.stream().noneMatch(t -> words.is(t, Use.LISTED))) {
            return List.of();
        }
        List<Integer> free = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > MUCH
                        && (named.isEmpty() || headingKeys(l).containsAll(named)))
                .filter(l -> !dry || DRY.contains(kitchen.role(l)))
                .filter(l -> !wet || !DRY.contains(kitchen.role(l)))
                .boxed()
                .toList();
        if (free.isEmpty()) {
            return List.of();
        }
        String heading = kitchen.lines.get(home(free)).heading();
        return free.stream()
                .filter(l -> Objects.equals(kitchen.lines.get(l).heading(), heading))
                .toList();
    }

    /** Of several groups that fit the one that the method is at: the pot's own, else the first. */
    private int home(List<Integer> free) {
        Pot pot = kitchen.current;
        return free.stream()
                .filter(l -> pot != null
                        && pot.heading != null
                        && pot.heading.equals(kitchen.lines.get(l).heading()))
                .findFirst()
                .orElse(free.getFirst());
    }

    /** "Whisk the batter ingredients", "make a white sauce": the things under that heading, where none of them was used yet. */
    List<Integer> headed(List<Token> tokens) {
        if (!grouped) {
            return List.of();
        }
        List<String> said = tokens.stream()
                .filter(t -> t.isWord() && !words.isAny(t, Use.DETAIL, Use.LISTED) && !t.is("smooth"))
                .map(Token::key)
                .toList();
        if (said.isEmpty() || kitchen.pots.stream().anyMatch(p -> !p.isEmpty() && p.names.containsAll(said))) {
            return List.of();
        }
        List<Integer> all = new ArrayList<>();
        for (int l = 0; l < kitchen.lines.size(); l++) {
            if (isHeaded(l, said)) {
                if (kitchen.left[l] < 0.99) {
                    return List.of();
                }
                all.add(l);
            }
        }
        boolean listed = words.any(tokens, Use.LISTED);
        List<Integer> own = all.stream()
                .filter(l -> listed && isListedElsewhere(l) || kitchen.namedLast.getOrDefault(l, -1) < kitchen.clause)
                .toList();
        return all.size() > 1 ? own : List.of();
    }

    /** Eggs of the batter, where more eggs are listed for the sauce: those are meant when eggs are named later. */
    private boolean isListedElsewhere(int line) {
        Line own = kitchen.lines.get(line);
        return own.ingredient() != null
                && kitchen.lines.stream()
                        .anyMatch(l ->
                                own.ingredient().equals(l.ingredient()) && !Objects.equals(own.heading(), l.heading()));
    }

    private boolean isHeaded(int l, List<String> said) {
        String heading = kitchen.lines.get(l).heading();
        if (heading == null) {
            return false;
        }
        List<String> keys = headingKeys(l);
        int more = said.size() - keys.size();
        boolean ends = more >= 0
                && !keys.isEmpty()
                && said.subList(more, said.size()).equals(keys)
                && said.subList(0, more).stream().noneMatch(this::isOfALine);
        return ends;
    }

    private boolean isOfALine(String key) {
        return items.contains(key);
    }

    private List<String> headingKeys(int l) {
        return keys.get(l);
    }

    private static List<String> keysOf(@Nullable String heading) {
        return heading == null
                ? List.of()
                : Words.of(heading).stream()
                        .map(Words.Word::key)
                        .filter(k -> !Set.of("for", "the", "a", "to", "make").contains(k))
                        .toList();
    }
}
