package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import org.jspecify.annotations.Nullable;

/** What the nouns of a clause mean beside each other: which of two butters, which of two cheeses, the pots of what was cut. */
final class NounsTogether {
    private final Kitchen kitchen;
    private final NameWords known;
    private final LineNames lineNames;
    private final GroupNames groupNames;

    NounsTogether(Kitchen kitchen, NameWords known, LineNames lineNames, GroupNames groupNames) {
        this.kitchen = kitchen;
        this.known = known;
        this.lineNames = lineNames;
        this.groupNames = groupNames;
    }

    /** All of it: of their part, of another kind, with what was readied before. */
    List<Named> meant(List<Named> nouns) {
        return withReadied(another(together(withoutItself(withoutThoseOfThem(leavesOff(nouns))))));
    }

    /** "Strip the leaves from the thyme", with basil leaves on the list: it is the thyme. */
    private static List<Named> leavesOff(List<Named> nouns) {
        List<Named> out = new ArrayList<>(nouns);
        for (int i = 0; i + 1 < out.size(); i++) {
            Named part = out.get(i);
            Named whole = out.get(i + 1);
            boolean off = Set.of("leaf", "zest", "juice", "flesh", "kernel")
                            .contains(part.slot().tokens().getLast().key())
                    && part.slot().lead() == Lead.NONE
                    && whole.slot().lead() == Lead.FROM
                    && whole.isFood();
            if (off) {
                out.set(
                        i,
                        new Named(
                                whole.kind(), whole.lines(), whole.pot(), whole.portion(), whole.each(), part.slot()));
                out.remove(i + 1);
            }
        }
        return out;
    }

    /** "Stand them in the dish, alternating courgette, aubergine and tomato": each is one of them. */
    private List<Named> withoutThoseOfThem(List<Named> nouns) {
        boolean them = nouns.stream()
                .anyMatch(n -> n.is(Kind.PRONOUN)
                        && n.slot().lead() == Lead.NONE
                        && !n.portion().isSaid());
        return nouns.stream()
                .filter(n -> !them
                        || n.slot().lead() != Lead.NONE
                        || n.portion().isSaid()
                        || n.pot() == null
                        || kitchen.focus.size() < 2
                        || kitchen.focus.stream().map(kitchen::whereItIs).noneMatch(p -> p == n.pot()))
                .toList();
    }

    /** "Tip in the potatoes with all their creamy milk", that they were cooked in: one pot. */
    private static List<Named> withoutItself(List<Named> nouns) {
        return nouns.stream()
                .filter(n -> n.pot() == null
                        || n.pot().lines.size() < 2
                        || n.slot().lead() != Lead.WITH
                        || n.portion().isSaid() && !n.portion().is(Portion.Kind.ALL)
                        || nouns.stream()
                                .noneMatch(o -> o.pot() == n.pot() && o.slot().lead() != Lead.WITH))
                .toList();
    }

    /** "Rub the butter into the flour": of two butters the one that stands with the flour. */
    private List<Named> together(List<Named> nouns) {
        List<Named> out = new ArrayList<>(nouns);
        for (int i = 0; i < out.size(); i++) {
            Named noun = out.get(i);
            String heading = headingOfOthers(out, i);
            if (heading != null && isOneInEveryPart(noun)) {
                out.set(i, ofPart(noun, heading));
                continue;
            }
            int other = isOneLine(noun) && heading != null
                    ? lineNames.under(heading, noun.slot().tokens())
                    : -1;
            boolean stays = other < 0
                    || Objects.equals(heading, headingOf(noun))
                    || !isToldAlike(noun.slot().tokens(), noun.lines().getFirst(), other);
            if (!stays) {
                out.set(i, new Named(Kind.LINES, List.of(other), null, noun.portion(), noun.each(), noun.slot()));
            }
        }
        return out;
    }

    /** "The remaining blue cheese" is no parmesan, though that stands with the walnuts. */
    private boolean isToldAlike(List<Token> tokens, int line, int other) {
        return tokens.stream()
                .filter(t -> t.isWord()
                        && !known.isEmpty(t)
                        && known.lines.get(line).all().contains(t.key()))
                .allMatch(t -> known.lines.get(other).all().contains(t.key()));
    }

    /** "Whisk the flour, eggs and milk": the eggs of that part, where every part lists its own. */
    private boolean isOneInEveryPart(Named noun) {
        return noun.is(Kind.LINES)
                && noun.lines().size() > 1
                && noun.lines().stream()
                                .map(l -> kitchen.lines.get(l).heading())
                                .filter(Objects::nonNull)
                                .distinct()
                                .count()
                        == noun.lines().size();
    }

    private Named ofPart(Named noun, String heading) {
        List<Integer> own = noun.lines().stream()
                .filter(l -> heading.equals(kitchen.lines.get(l).heading()))
                .toList();
        return own.isEmpty() ? noun : new Named(Kind.LINES, own, null, noun.portion(), noun.each(), noun.slot());
    }

    /** "Spray with oil", where the list has a spray besides the oil. */
    Named sprayed(Clause clause, Named noun) {
        boolean fat = isOneLine(noun) && kitchen.isFat(noun.lines().getFirst());
        if (!fat || !clause.base().equals("spray")) {
            return noun;
        }
        return IntStream.range(0, kitchen.lines.size())
                .filter(l -> known.lines.get(l).item().contains("spray"))
                .mapToObj(l -> new Named(Kind.LINES, List.of(l), null, noun.portion(), noun.each(), noun.slot()))
                .findFirst()
                .orElse(noun);
    }

    /** "The cream cheese and 1 cup of the cheese": the general word means another than the one just named in full. */
    List<Named> another(List<Named> said) {
        List<Named> nouns = said.stream().filter(n -> !isMadeUpWith(n, said)).toList();
        List<Named> out = new ArrayList<>(nouns);
        for (int i = 1; i < out.size(); i++) {
            Named noun = out.get(i);
            Token name = noun.slot().tokens().getLast();
            List<Named> before = out.subList(0, i);
            boolean again = isOneLine(noun)
                    && lineNames.isGeneral(noun.slot().tokens())
                    && before.stream()
                            .anyMatch(n -> isOneLine(n)
                                    && n.lines().equals(noun.lines())
                                    && !lineNames.isGeneral(n.slot().tokens()));
            List<Integer> others = !again
                    ? List.of()
                    : known.linesOf(name).stream()
                            .filter(l -> kitchen.left[l] > 0.01
                                    && nouns.stream().noneMatch(n -> n.lines().contains(l)))
                            .toList();
            if (others.size() == 1) {
                out.set(i, new Named(Kind.LINES, others, null, noun.portion(), noun.each(), noun.slot()));
            }
        }
        return out;
    }

    /** "The egg and milk", which the list beats together: one thing. */
    private boolean isMadeUpWith(Named noun, List<Named> all) {
        return isOneLine(noun)
                && all.stream()
                        .anyMatch(n -> isOneLine(n)
                                && kitchen.isFor(
                                        noun.lines().getFirst(), n.lines().getFirst()));
    }

    /**
     * "Both sorts of mushroom", of which one was soaked and chopped before: that one's pot as well. "The veg", where onions
     * and carrots lie chopped and potatoes are on the list: those.
     */
    private List<Named> withReadied(List<Named> nouns) {
        List<Named> all = new ArrayList<>();
        for (Named noun : nouns) {
            boolean others = isOthersThan(noun, nouns);
            boolean several = others || noun.is(Kind.POT) && isOneOfMany(noun);
            List<Pot> readied = noun.is(Kind.LINES) || several
                    ? groupNames.readied(noun.slot().tokens(), noun.lines())
                    : List.<Pot>of();
            boolean both = Tokens.has(noun.slot().tokens(), "both");
            List<Pot> so = noun.is(Kind.LINES) ? groupNames.workedSo(noun.slot().tokens(), readied) : List.<Pot>of();
            readied = so.isEmpty() ? readied : so;
            boolean instead = !so.isEmpty()
                    || !both
                            && isOneLine(noun)
                            && isByClass(noun)
                            && readied.stream().allMatch(Mixing::isInHand);
            if (!instead && !others || readied.isEmpty()) {
                all.add(noun);
            }
            boolean more = isOneLine(noun)
                    && noun.slot().tokens().getLast().text().equalsIgnoreCase("cheeses")
                    && readied.stream().allMatch(Mixing::isInHand);
            if (both || instead || several || more) {
                Portion portion = others ? noun.portion() : Portion.UNSAID;
                readied.stream()
                        .filter(p -> p != noun.pot())
                        .forEach(p -> all.add(new Named(Kind.POT, List.of(), p, portion, noun.each(), noun.slot())));
            }
        }
        return all;
    }

    /** "A third of the vegetables, half the onions": the vegetables that are no onions. */
    private boolean isOthersThan(Named noun, List<Named> nouns) {
        String name = noun.slot().tokens().getLast().key();
        return noun.is(Kind.POT)
                && Set.of("veg", "vegetable").contains(name)
                && nouns.stream()
                        .anyMatch(n -> n.is(Kind.POT)
                                && n.pot() == noun.pot()
                                && !n.slot().tokens().getLast().is(name));
    }

    /** "Layer the veg", of roots and potatoes that were sliced before: all of them. */
    private boolean isOneOfMany(Named noun) {
        Pot pot = noun.pot();
        Token name = noun.slot().tokens().getLast();
        return pot != null
                && noun.lines().isEmpty()
                && (!noun.portion().isSaid() || noun.portion().is(Portion.Kind.ALL))
                && !pot.names.contains(name.key())
                && Set.of("veg", "vegetable").contains(name.key())
                && Mixing.isInHand(pot)
                && kitchen.main(pot).size() == 1;
    }

    private boolean isByClass(Named noun) {
        int line = noun.lines().getFirst();
        return noun.slot().tokens().stream()
                        .filter(Token::isWord)
                        .noneMatch(t -> known.lines.get(line).all().contains(t.key()))
                && kitchen.left[line] > 0.99;
    }

    private static boolean isOneLine(Named noun) {
        return noun.is(Kind.LINES) && noun.lines().size() == 1;
    }

    private @Nullable String headingOf(Named noun) {
        return kitchen.lines.get(noun.lines().getFirst()).heading();
    }

    /** The one heading all other things stand under, or null. */
    private @Nullable String headingOfOthers(List<Named> nouns, int i) {
        List<String> headings = IntStream.range(0, nouns.size())
                .filter(k -> k != i && nouns.get(k).is(Kind.LINES))
                .boxed()
                .flatMap(k -> nouns.get(k).lines().stream())
                .map(l -> kitchen.lines.get(l).heading())
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        return headings.size() == 1 ? headings.getFirst() : null;
    }
}
