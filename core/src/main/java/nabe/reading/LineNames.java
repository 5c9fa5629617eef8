package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Token;
import nabe.recipe.Line;

/** How well a noun names an ingredient line. The weights are set by what reads the recipes of the tests right. */
final class LineNames {
    /** Off a name that is the larder's for this line and another line's own. */
    private static final double LENT = 1.2;

    private final Kitchen kitchen;
    private final NameWords known;
    private final KitchenWords words = KitchenWords.shared();
    private final FoodClasses classes = FoodClasses.shared();

    LineNames(Kitchen kitchen, NameWords known) {
        this.kitchen = kitchen;
        this.known = known;
    }

    /** @param head the token that may name it; {@code l} the line; 0 where it does not */
    double score(List<Token> tokens, int head, int l) {
        LineWords own = known.lines.get(l);
        Token name = tokens.get(head);
        boolean byClass = !own.all().contains(name.key())
                && classes.holds(name.key(), kitchen.lines.get(l))
                && !(isSaltAndPepper(name) && kitchen.role(l).equals("dried-herb"));
        if (!byClass && !own.all().contains(name.key())) {
            return 0;
        }
        if (isBorrowed(tokens, head, own) && !byClass) {
            return 0;
        }
        if (isGround(name, l)) {
            return 0;
        }
        double score = 0;
        for (int i = 0; i <= head; i++) {
            Token t = tokens.get(i);
            if (!t.isWord() || !own.all().contains(t.key()) || t.is("the") || t.is("of")) {
                score -= i < head && known.isOthers(t) ? 0.8 : 0;
                continue;
            }
            double weight = known.isEmpty(t) && i != head ? 0.3 : 1;
            score += i == head ? own.heads().contains(t.key()) ? 2.2 : 1.1 : weight;
        }
        score += byClass ? 1.6 : 0;
        boolean only = own.text().contains(name.key()) && known.isOnlyOnes(name);
        boolean named = own.heads().contains(name.key()) || own.item().contains(name.key()) || only;
        boolean packedIn = words.is(name, Use.GENERIC)
                && !own.heads().contains(name.key())
                && !own.item().contains(name.key());
        if (!byClass && !named || packedIn || score <= 0) {
            return 0;
        }
        boolean lent = !own.item().contains(name.key()) && known.isNameOfOther(name, l)
                || !own.text().contains(name.key()) && !byClass && known.isWordOfOther(name, l);
        score -= lent ? LENT : 0;
        score += isSameAmount(tokens, head, l) ? 0.9 : 0;
        score += kitchen.left[l] > 0.01 ? 0.7 : isKindOf(name, l) && hasFresh(name) ? -0.8 : 0;
        score += kitchen.left[l] > 0.99 ? 0.1 : !byClass && waitsItsTurn(l) ? 0.4 : 0;
        Pot current = kitchen.current;
        boolean sameGroup = current != null
                && current.heading != null
                && Objects.equals(current.heading, kitchen.lines.get(l).heading());
        return score + (sameGroup ? 0.5 : 0) + (known.isTopicGroup(l) ? 0.9 : 0);
    }

    /** Cut and put by: what is laid now, and not what was cooked before it. */
    private boolean waitsItsTurn(int line) {
        Pot pot = kitchen.left[line] > 0.01 ? null : kitchen.holding(line);
        return pot != null && Mixing.isInHand(pot) && !pot.steps.isEmpty();
    }

    /** "The tomato sauce" is no béchamel, though the larder calls that a white sauce. */
    private boolean isBorrowed(List<Token> tokens, int head, LineWords own) {
        return words.is(tokens.get(head), Use.GENERIC)
                && !own.item().contains(tokens.get(head).key())
                && tokens.subList(0, head).stream()
                        .anyMatch(t ->
                                t.isWord() && !known.isEmpty(t) && !own.all().contains(t.key()));
    }

    /** "Peppers" are none from the mill. */
    boolean isGround(Token name, int line) {
        return Set.of("spice", "salt").contains(kitchen.role(line))
                && name.text().equalsIgnoreCase("peppers");
    }

    /** "Some seasoning"; the seasonings may be herbs. */
    private static boolean isSaltAndPepper(Token name) {
        return name.text().equalsIgnoreCase("seasoning");
    }

    /** "Cream cheese" is a cheese, but not what "the cheese" means first. */
    private boolean isKindOf(Token name, int l) {
        LineWords own = known.lines.get(l);
        return own.item().size() > 1 && own.heads().contains(name.key()) && classes.knows(name.key());
    }

    /** "1 cup of the cheese": the word of a class, and no line's own name before it. */
    boolean isGeneral(List<Token> tokens) {
        return classes.knows(tokens.getLast().key())
                && tokens.subList(0, tokens.size() - 1).stream().noneMatch(known::isOthers);
    }

    private boolean hasFresh(Token name) {
        return IntStream.range(0, kitchen.lines.size())
                .anyMatch(o -> kitchen.left[o] > 0.99 && classes.holds(name.key(), kitchen.lines.get(o)));
    }

    /** "The 2 tablespoons oil", "3 eggs" where one line has just that. */
    boolean isSameAmount(List<Token> tokens, int head, int l) {
        Line line = kitchen.lines.get(l);
        if (head == 0 || line.amount() == null) {
            return false;
        }
        Portion said = Portion.read(tokens.subList(0, head), List.of(), words);
        boolean counted = said.is(Portion.Kind.COUNT) && line.unit() == null;
        return (counted || said.is(Portion.Kind.MEASURE) && line.unit() == said.unit())
                && Math.abs(line.amount().mid() - said.value()) < 1e-6;
    }

    /** @return a line under the heading, not used yet, whose own name the noun is; -1 where there is none */
    int under(String heading, List<Token> tokens) {
        String name = tokens.getLast().key();
        return IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99
                        && heading.equals(kitchen.lines.get(l).heading())
                        && known.lines.get(l).heads().contains(name))
                .findFirst()
                .orElse(-1);
    }

    /** @return whether the noun names the line and nothing else */
    boolean isOnly(Slot slot, int line) {
        return slot.tokens().stream()
                .noneMatch(t -> (known.isOthers(t) || words.is(t, Use.GENERIC))
                        && !known.lines.get(line).all().contains(t.key()));
    }
}
