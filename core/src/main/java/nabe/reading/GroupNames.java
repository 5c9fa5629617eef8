package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** Nouns that mean several lines at once. */
final class GroupNames {
    private static final double LITTLE = 0.01;
    /** As much as a single line is worth more where it is of the part that was named. */
    private static final double OWN = 0.9;

    private final Kitchen kitchen;
    private final NameWords known;
    private final LineNames lineNames;
    private final KitchenWords words = KitchenWords.shared();
    private final FoodClasses classes = FoodClasses.shared();

    record Group(double score, List<Integer> lines) {}

    GroupNames(Kitchen kitchen, NameWords known, LineNames lineNames) {
        this.lineNames = lineNames;
        this.kitchen = kitchen;
        this.known = known;
    }

    /** "The veg", "both minces", "the herbs": several lines of one class, of those something is left of. */
    @Nullable
    Group of(List<Token> tokens, int head) {
        Token name = tokens.get(head);
        if (!classes.knows(name.key())) {
            Group bought = ofOneWord(tokens, head);
            return bought == null && Tokens.has(tokens, "both") ? bothCalled(name) : bought;
        }
        boolean several = isPlural(name)
                || Tokens.has(tokens, "both", "all")
                || Set.of("veg", "seasoning", "meat", "cheese", "fish", "seafood")
                        .contains(name.key());
        List<Integer> members = new ArrayList<>();
        for (int l = 0; l < kitchen.lines.size(); l++) {
            boolean other = name.is("seasoning") && kitchen.isNamedLater(l);
            if (classes.holds(name.key(), kitchen.lines.get(l))
                    && !other
                    && kitchen.left[l] > 0.01
                    && !kitchen.told.get(l).toServe()
                    && modifiersFit(tokens, head, l)) {
                members.add(l);
            }
        }
        if (Tokens.has(tokens, "both") && members.size() < 2) {
            return bothCalled(name);
        }
        if (!Tokens.has(tokens, "both", "all") && isOneFoodOfSeveralParts(members)) {
            String first = kitchen.lines.get(members.getFirst()).heading();
            members.removeIf(l -> !Objects.equals(first, kitchen.lines.get(l).heading()));
        }
        if (members.size() < 2) {
            return ofOneWord(tokens, head);
        }
        boolean one = members.stream().anyMatch(l -> lineNames.isSameAmount(tokens, head, l));
        if (!several || one) {
            return null;
        }
        List<Integer> headed =
                members.stream().filter(l -> isNamedInHeading(name, l)).toList();
        List<Integer> own = headed.size() > 1
                ? headed
                : members.stream()
                        .filter(l -> known.isTopicGroup(l) || isOfPotInHand(l))
                        .toList();
        List<Integer> touched =
                members.stream().filter(l -> kitchen.left[l] < 0.99).toList();
        List<Integer> unnamed = members.stream()
                .filter(l -> kitchen.namedLast.getOrDefault(l, -1) <= kitchen.clause || isListedForAnotherToo(l))
                .toList();
        boolean both = Tokens.has(tokens, "both") && members.size() == 2;
        if (unnamed.size() > 1 && !both) {
            members.retainAll(unnamed);
            own = own.stream().filter(unnamed::contains).toList();
        }
        boolean rest = words.any(tokens, Use.REST);
        List<Integer> meant = rest && !touched.isEmpty() ? touched : own.isEmpty() ? members : own;
        boolean counted = Tokens.has(tokens, "both", "all");
        double score = (isNamedByOne(name) ? 1.9 : counted ? 4.2 : 3.3) + said(tokens, head);
        return meant.size() < 2
                ? null
                : new Group(score + (own.stream().anyMatch(known::isTopicGroup) ? OWN : 0), meant);
    }

    /** "Add both tomatoes", of crushed tomatoes and a tomato sauce: the two that have the word in their name. */
    private @Nullable Group bothCalled(Token name) {
        List<Integer> called = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99 && known.lines.get(l).item().contains(name.key()))
                .boxed()
                .toList();
        return called.size() == 2 ? new Group(4.2, called) : null;
    }

    /** "The vegetables" where some stand under "Roasted vegetables". */
    private boolean isNamedInHeading(Token name, int line) {
        String heading = kitchen.lines.get(line).heading();
        return heading != null
                && Words.of(heading).stream().anyMatch(w -> w.key().equals(name.key()));
    }

    /** Turmeric of the pot in hand, and turmeric of another: what is named later is the other's. */
    private boolean isListedForAnotherToo(int line) {
        Line own = kitchen.lines.get(line);
        return isOfPotInHand(line)
                && IntStream.range(0, kitchen.lines.size())
                        .anyMatch(l -> Objects.equals(kitchen.lines.get(l).ingredient(), own.ingredient())
                                && !Objects.equals(kitchen.lines.get(l).heading(), own.heading()));
    }

    /** Of the part that is cooked just now; a part without a heading is one where others have theirs. */
    private boolean isOfPotInHand(int line) {
        Pot current = kitchen.current;
        String heading = kitchen.lines.get(line).heading();
        if (current == null) {
            return false;
        }
        if (current.heading != null) {
            return current.heading.equals(heading);
        }
        return heading == null
                && !current.lines.isEmpty()
                && current.lines.keySet().stream()
                        .allMatch(l -> kitchen.lines.get(l).heading() == null);
    }

    /** "The soups" of two tins of soup; "bell peppers" of a green and a red one; "corn" of kernels and of creamed corn. */
    private @Nullable Group ofOneWord(List<Token> tokens, int head) {
        Token name = tokens.get(head);
        boolean alone = tokens.stream().allMatch(t -> t == name || known.isEmpty(t));
        if (!isPlural(name)) {
            return alone ? ofOneMass(name) : null;
        }
        List<Integer> called = calledBy(tokens, name);
        List<Integer> later = called.stream()
                .filter(l -> isCounted(l) && kitchen.isNamedLater(l))
                .toList();
        List<Integer> meant = called.stream()
                .filter(l -> later.size() == called.size() || !later.contains(l))
                .toList();
        return meant.size() < 2 ? null : new Group(3.3 + said(tokens, head), meant);
    }

    /** Lines that have every one of the words; of potatoes and sweet potatoes "the potatoes" are the first. */
    private List<Integer> calledBy(List<Token> tokens, Token name) {
        List<Integer> all = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99
                        && !lineNames.isGround(name, l)
                        && known.lines.get(l).heads().contains(name.key()))
                .boxed()
                .toList();
        List<Token> telling = tokens.stream()
                .filter(t -> t == name || all.stream().anyMatch(l -> has(l, t)))
                .toList();
        List<Integer> called = all.stream()
                .filter(l -> telling.stream().allMatch(t -> t == name || has(l, t)))
                .toList();
        boolean justSo = called.stream().anyMatch(l -> isPlural(kitchen.lines.get(l)) && isCalledJustSo(l, telling));
        return called.stream().filter(l -> !justSo || !isCounted(l)).toList();
    }

    /** "2 red peppers", which the word alone may name; "1 red pepper" is one of "the peppers". */
    private boolean isCounted(int line) {
        return kitchen.lines.get(line).unit() == null && isPlural(kitchen.lines.get(line));
    }

    private boolean has(int line, Token word) {
        return known.lines.get(line).item().contains(word.key());
    }

    private boolean isCalledJustSo(int line, List<Token> words) {
        return known.lines.get(line).item().size() == words.size();
    }

    /** Those of one part that the method calls by no other name. */
    private @Nullable Group ofOneMass(Token name) {
        List<Integer> all = known.linesOf(name).stream()
                .filter(l -> kitchen.left[l] > 0.99
                        && !kitchen.accounts.isDivided(l)
                        && known.lines.get(l).own().equals(name.key()))
                .toList();
        boolean together = all.size() > 1
                && all.stream()
                                .map(l -> kitchen.lines.get(l).heading())
                                .distinct()
                                .count()
                        == 1
                && all.stream()
                                .filter(l -> kitchen.namedLast.getOrDefault(l, -1) >= 0)
                                .count()
                        == 1;
        return together ? new Group(3.3, all) : null;
    }

    private static boolean isPlural(Line line) {
        return line.item().toLowerCase(Locale.ROOT).endsWith("s");
    }

    /** Eggs for the batter and an egg for the filling: "the eggs" are those of the part in hand. */
    private boolean isOneFoodOfSeveralParts(List<Integer> members) {
        return members.size() > 1
                && members.stream()
                                .map(l -> kitchen.lines.get(l).ingredient())
                                .distinct()
                                .count()
                        == 1
                && members.stream().allMatch(l -> kitchen.lines.get(l).heading() != null);
    }

    /** @return pots of one thing of the class these words name, other than these lines, that went nowhere yet */
    List<Pot> readied(List<Token> tokens, List<Integer> lines) {
        Token name = tokens.getLast();
        return kitchen.pots.stream()
                .filter(p -> p.given < LITTLE && p.pots.isEmpty() && p.lines.size() == 1)
                .filter(p -> !lines.contains(p.lines.keySet().iterator().next()))
                .filter(p -> classes.knows(name.key())
                        && classes.holds(
                                name.key(),
                                kitchen.lines.get(p.lines.keySet().iterator().next())))
                .toList();
    }

    /** "The chopped veg": of those readied the ones that were chopped. */
    List<Pot> workedSo(List<Token> tokens, List<Pot> readied) {
        return tokens.stream()
                .map(words::verb)
                .filter(v -> v != null && v.form() == Verb.Form.PAST)
                .map(v -> readied.stream()
                        .filter(p -> p.steps.stream()
                                .anyMatch(s -> s.action().equals(v.verb().base())))
                        .toList())
                .filter(some -> !some.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    private boolean isNamedByOne(Token name) {
        return known.lines.stream().filter(w -> w.own().equals(name.key())).count() == 1;
    }

    /** @return how many words before the name tell of all that are meant: "the minced meats" */
    private long said(List<Token> tokens, int head) {
        return tokens.subList(0, head).stream()
                .filter(t -> t.isWord() && !known.isEmpty(t) && known.isInSome(t))
                .count();
    }

    private boolean modifiersFit(List<Token> tokens, int head, int l) {
        for (int i = 0; i < head; i++) {
            Token t = tokens.get(i);
            boolean ofSome = t.isWord() && !known.isEmpty(t) && known.isInSome(t);
            if (ofSome && !known.lines.get(l).all().contains(t.key()) || isDoneToOthers(t, tokens.get(head), l)) {
                return false;
            }
        }
        return true;
    }

    /** "The grated cheeses": of several, those the list has grated. */
    private boolean isDoneToOthers(Token done, Token name, int line) {
        Verb.Spoken verb = words.verb(done);
        return verb != null
                && verb.form() == Verb.Form.PAST
                && name.is("cheese")
                && !says(line, done)
                && IntStream.range(0, kitchen.lines.size())
                        .anyMatch(l -> classes.holds(name.key(), kitchen.lines.get(l)) && says(l, done));
    }

    private boolean says(int line, Token word) {
        return kitchen.lines.get(line).text().toLowerCase(Locale.ROOT).contains(word.key());
    }

    private static boolean isPlural(Token t) {
        return t.text().toLowerCase(Locale.ROOT).endsWith("s");
    }
}
