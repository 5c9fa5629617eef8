package nabe.reading;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.text.UnitWords;
import nabe.recipe.Procedure.Step;
import org.jspecify.annotations.Nullable;

/** How well a noun names a pot: by what it was called, by what its contents make, by what is in it. */
final class PotNames {
    private static final Set<String> SAUCY = Set.of(
            "milk",
            "cream",
            "stock",
            "tomato",
            "tomato-sauce",
            "sour-milk",
            "wine",
            "sour-cream",
            "coconut",
            "white-sauce",
            "soup-tin");
    private static final Set<String> PARTS = Set.of("divide", "separate", "break", "split", "trim", "tear");
    private static final Set<String> FLOURS = Set.of("flour", "flour-raising", "pastry", "lid-dough");
    /** What is done to a dough that a lid is made of. */
    private static final Set<String> LIDS = Set.of("roll", "cut", "stamp", "unroll");

    /** Work whose result is called by it. */
    private static final Set<String> RESULTS = Set.of("mash", "puree", "crumble", "roast");

    private static final int SHORTEST = 3;
    private static final Set<String> TIMES = Set.of("minute", "hour", "time", "day", "night", "morning", "evening");

    private final Kitchen kitchen;
    private final NameWords known;
    private final KitchenWords words = KitchenWords.shared();
    private final FoodClasses classes = FoodClasses.shared();

    PotNames(Kitchen kitchen, NameWords known) {
        this.kitchen = kitchen;
        this.known = known;
    }

    /** @param place whether the noun says where something goes: that is more likely a pot than food as bought */
    double score(List<Token> tokens, int head, Pot pot, boolean place) {
        double worth = worth(tokens, head, pot);
        boolean likely = worth > 0 && place && pot.worked && !isOfFresh(tokens.get(head), pot);
        return likely ? worth + 1.2 : worth;
    }

    private double worth(List<Token> tokens, int head, Pot pot) {
        Token name = tokens.get(head);
        double score = 0;
        boolean named = pot.names.contains(name.key())
                && !isFreshOfSauce(name, pot)
                && !isOfAnother(name, pot)
                && !isByHeadingOnly(name, pot);
        boolean generic = words.is(name, Use.GENERIC);
        boolean shape = words.is(name, Use.SHAPE);
        if (named) {
            score += generic ? 1.6 : holdsHead(pot, name) ? 3.1 : 2.6;
        } else if (isOf(name, pot) && (pot.worked || Mixing.isInHand(pot))) {
            score += 1.9 - 0.07 * kitchen.roles(pot).size();
        } else if (generic
                && pot.worked
                && (kitchen.main(pot).size() + pot.pots.size() > 1
                        || name.is("mixture") && pot.lines.size() > 2 && isWet(pot)
                        || name.is("sauce") && isSauce(pot) && pot.lines.size() > 1
                        || pot.lines.size() > 1 && isMixtureOf(tokens, head, pot))) {
            score += name.is("sauce") && !isSauce(pot)
                    ? 0.6
                    : name.is("filling") && isPlainSauce(pot)
                            ? 0.8
                            : name.is("topping") && !kitchen.roles(pot).contains("crumbs") ? 0.8 : 1.1;
        } else if (isWorkedSo(name, pot)) {
            score += 2.2;
        } else if (isDryMix(tokens, name, pot)) {
            score += 2.4;
        } else if (shape && isCut(pot)) {
            score += pot.inside.isEmpty() ? 1.3 : 2.3;
        } else if (shape && isSaidOf(pot, name)) {
            score += 1.5;
        } else if (holdsHead(pot, name)) {
            score += 1.2;
        } else if (isFirstNamedIn(pot, name)) {
            score += 1.5;
        } else {
            return 0;
        }
        for (int i = 0; i < head; i++) {
            Token t = tokens.get(i);
            if (t.isWord() && !known.isEmpty(t)) {
                score += pot.names.contains(t.key())
                        ? named ? 1 : 1.6
                        : isOf(t, pot) ? 0.8 : !holdsWord(pot, t) ? 0 : classes.knows(t.key()) ? 0.3 : 0.8;
            }
        }
        score += isDoneTo(tokens.subList(0, head), pot) ? 1 : 0;
        score += isTillThen(tokens.subList(0, head), pot) ? 1 : 0;
        boolean calledOtherwise = generic && !named && !pot.names.isEmpty() && !(name.is("sauce") && isSauce(pot));
        score -= calledOtherwise || generic && name.is("filling") && isDough(pot) ? 0.4 : 0;
        score += 0.4 * (pot.number / (double) (kitchen.pots.size() + 1));
        boolean partly =
                pot.given > 0.02 && pot.given < 0.98 && words.any(tokens, Use.REST) && (generic || isSpentKind(name));
        score += partly ? 0.8 : 0;
        boolean putBy = pot.reserved > 0 && Tokens.has(tokens, "reserved", "saved");
        score += putBy ? 1.5 : 0;
        score += kitchen.focus.contains(pot) ? 0.2 : 0;
        score += name.is("mixture") && kitchen.current == pot ? 0.5 : 0;
        score -= name.is("sauce") && isWet(pot) ? 0.6 : 0;
        score -= generic && isToldOfAnother(tokens.subList(0, head), pot) ? 0.8 : 0;
        return score - (pot.given > 0.99 ? 0.3 : 0);
    }

    /** "The ricotta mixture", of a pot without ricotta, where another has it. */
    private boolean isToldOfAnother(List<Token> said, Pot pot) {
        return said.stream()
                .filter(t -> t.isWord() && !known.isEmpty(t) && known.isInSome(t))
                .filter(t -> UnitWords.ofWord(t.text()) == null)
                .filter(t -> !holdsWord(pot, t) && !pot.names.contains(t.key()) && !isOf(t, pot))
                .anyMatch(t -> kitchen.pots.stream().anyMatch(p -> p != pot && p.worked && holdsWord(p, t)));
    }

    /** "The strands", that were forked out of the squash: what no line is called, and one pot's own step brought in. */
    private boolean isFirstNamedIn(Pot pot, Token name) {
        boolean plain = name.isWord()
                && name.key().length() > SHORTEST
                && !TIMES.contains(name.key())
                && !known.isInSome(name)
                && !known.isEmpty(name)
                && words.usesOf(name.key()).isEmpty()
                && words.verb(name) == null
                && !classes.knows(name.key());
        return plain
                && pot.pots.isEmpty()
                && kitchen.main(pot).size() == 1
                && pot.steps.stream().anyMatch(s -> s.words().contains(" the " + name.text()));
    }

    /** "The remaining vegetables", of which none lies uncooked any more. */
    private boolean isSpentKind(Token name) {
        return classes.knows(name.key())
                && IntStream.range(0, kitchen.lines.size())
                        .filter(l -> classes.holds(name.key(), kitchen.lines.get(l)))
                        .noneMatch(l -> kitchen.left[l] > 0.01);
    }

    /** "The mash": what was mashed. */
    private boolean isWorkedSo(Token name, Pot pot) {
        return RESULTS.contains(name.key())
                && pot.steps.stream().anyMatch(s -> s.action().equals(name.key()) && !isOfPart(Tokens.of(s.words())));
    }

    /** "Mash a third of them". */
    private static boolean isOfPart(List<Token> words) {
        List<Token> object = words.subList(Math.min(1, words.size()), Math.min(3, words.size()));
        return object.stream().anyMatch(NameWords::isPart) && !Tokens.has(object, "with");
    }

    /** "The boiled vegetables": what was boiled. */
    private boolean isDoneTo(List<Token> said, Pot pot) {
        return said.stream()
                .map(words::verb)
                .filter(v -> v != null && v.form() == Verb.Form.PAST)
                .anyMatch(v -> pot.steps.stream()
                        .anyMatch(s -> s.action().equals(v.verb().base())));
    }

    /** "The crisp onions": those that were fried until crisp. */
    private boolean isTillThen(List<Token> said, Pot pot) {
        return said.stream()
                .filter(t ->
                        t.isWord() && t.key().length() > SHORTEST && !words.is(t, Use.DETAIL) && !known.isInSome(t))
                .anyMatch(t -> pot.steps.stream()
                        .map(Step::until)
                        .filter(Objects::nonNull)
                        .anyMatch(sign -> sign.contains(t.key())));
    }

    private boolean isOf(Token name, Pot pot) {
        boolean cooked = Kinds.DOUGHS.contains(name.key()) && Mixing.isCooked(pot);
        boolean seasoned = name.is("seasoning") && !kitchen.main(pot).isEmpty();
        return !cooked && !seasoned && classes.knows(name.key()) && classes.holds(name.key(), kitchen.roles(pot));
    }

    /** "The dry ingredients", once they are in a bowl. */
    private boolean isDryMix(List<Token> tokens, Token name, Pot pot) {
        return Tokens.has(tokens, "dry")
                && (words.is(name, Use.LISTED) || words.is(name, Use.GENERIC))
                && pot.worked
                && pot.lines.size() > 1
                && isDry(pot);
    }

    /** "Rub the butter into the flour" means flour not used yet, not a sauce that has some. */
    private boolean isOfFresh(Token name, Pot pot) {
        return !pot.names.contains(name.key())
                && IntStream.range(0, known.lines.size())
                        .anyMatch(l -> known.lines.get(l).heads().contains(name.key()) && kitchen.left[l] > 0.99);
    }

    /** "The cooked lentils" that were boiled apart, not the lentil layer they are stirred into. */
    private boolean isOfAnother(Token name, Pot pot) {
        return !words.isAny(name, Use.GENERIC, Use.SHAPE)
                && !holdsHead(pot, name)
                && kitchen.pots.stream()
                        .anyMatch(p -> p != pot
                                && p.worked
                                && p.given < 0.01
                                && !p.reaches(pot)
                                && p.lines.size() == 1
                                && holdsHead(p, name));
    }

    /** "Back goes the meat", of all that stands "for the meat": the mince that was browned, not the vegetables. */
    private boolean isByHeadingOnly(Token name, Pot pot) {
        boolean headed = pot.heading != null
                && Words.of(pot.heading).stream().anyMatch(w -> w.key().equals(name.key()));
        return headed
                && classes.knows(name.key())
                && !classes.holds(name.key(), kitchen.roles(pot))
                && pot.pots.isEmpty()
                && kitchen.pots.stream()
                        .anyMatch(p -> p != pot && p.given < 0.01 && classes.holds(name.key(), kitchen.roles(p)));
    }

    /** "Three quarters of the cheese" goes into the cheese sauce, and is not the sauce. */
    private boolean isFreshOfSauce(Token name, Pot pot) {
        boolean qualifies = !words.is(name, Use.GENERIC) && pot.names.stream().anyMatch(n -> words.has(Use.GENERIC, n));
        return qualifies
                && IntStream.range(0, known.lines.size())
                        .anyMatch(l -> kitchen.left[l] > 0.99
                                && (known.lines.get(l).heads().contains(name.key())
                                        || classes.holds(name.key(), kitchen.lines.get(l))));
    }

    /** "Stir wet into dry": the bowl of flour, and the one that was whisked beside it. */
    @Nullable
    Pot half(List<Token> tokens) {
        Token named =
                tokens.getLast().is("just") && tokens.size() > 1 ? tokens.get(tokens.size() - 2) : tokens.getLast();
        boolean dry = named.is("dry");
        boolean half =
                (dry || named.is("wet")) && tokens.stream().allMatch(t -> t == named || t.is("the") || t.is("just"));
        if (!half || kitchen.pots.stream().noneMatch(p -> isDry(p) && p.worked && p.given < 0.01)) {
            return null;
        }
        return kitchen.pots.stream()
                .filter(p -> p.worked && p.given < 0.01 && p.lines.size() > 1 && isDry(p) == dry)
                .filter(p -> p.steps.stream().noneMatch(s -> s.action().equals("simmer")))
                .reduce((a, b) -> b)
                .orElse(null);
    }

    private boolean isDry(Pot pot) {
        return pot.lines.keySet().stream().allMatch(l -> HeadingNames.DRY.contains(kitchen.role(l)));
    }

    /** "Lay the lid over", of a pie whose dough was rolled out for it. */
    @Nullable
    Pot rolledOut(List<Token> tokens) {
        return kitchen.pots.stream()
                .filter(p -> tokens.getLast().is("lid")
                        && !Tokens.has(tokens, "for")
                        && p.given < 0.01
                        && !Mixing.isCooked(p)
                        && p.steps.stream().anyMatch(s -> LIDS.contains(s.action()))
                        && p.lines.keySet().stream().anyMatch(l -> FLOURS.contains(kitchen.role(l))))
                .reduce((a, b) -> b)
                .orElse(null);
    }

    /** "The sauce mixture", of a bought sauce let down with water. */
    private boolean isMixtureOf(List<Token> tokens, int head, Pot pot) {
        return head > 0
                && words.is(tokens.get(head - 1), Use.GENERIC)
                && pot.lines.keySet().stream()
                        .anyMatch(l -> known.lines
                                .get(l)
                                .own()
                                .equals(tokens.get(head - 1).key()));
    }

    /** Eggs beaten with milk and cream, to pour. */
    private boolean isWet(Pot pot) {
        return pot.pots.isEmpty()
                && pot.lines.keySet().stream().anyMatch(l -> kitchen.role(l).equals("egg"))
                && !Mixing.isHot(pot);
    }

    private boolean isSauce(Pot pot) {
        boolean withPasta = pot.pots.keySet().stream().anyMatch(kitchen::isPasta);
        boolean stiff =
                pot.lines.keySet().stream().anyMatch(l -> kitchen.role(l).equals("grain"));
        return !withPasta && !stiff && kitchen.roles(pot).stream().anyMatch(SAUCY::contains);
    }

    private boolean isPlainSauce(Pot pot) {
        return classes.holds("bechamel", kitchen.roles(pot)) || classes.holds("batter", kitchen.roles(pot));
    }

    private boolean isDough(Pot pot) {
        return !Mixing.isCooked(pot) && classes.holds("dough", kitchen.roles(pot));
    }

    private static boolean isCut(Pot pot) {
        return pot.steps.stream()
                        .anyMatch(s -> Set.of("slice", "cut", "stamp", "shape", "roll", "chop", "peel")
                                .contains(s.action()))
                || !pot.inside.isEmpty();
    }

    /** "Divide the cauliflower into florets": it is florets from here. */
    private static boolean isSaidOf(Pot pot, Token name) {
        return pot.steps.stream()
                .filter(s -> PARTS.contains(s.action()))
                .anyMatch(
                        s -> Words.of(s.words()).stream().anyMatch(w -> w.key().equals(name.key())));
    }

    private boolean holdsHead(Pot pot, Token name) {
        return pot.lines.keySet().stream()
                        .anyMatch(l -> known.lines.get(l).heads().contains(name.key()))
                || pot.pots.keySet().stream().anyMatch(p -> holdsHead(p, name));
    }

    /** @return "leek sauce" of "half of the leek sauce", where leeks are in it; null where the words say no more than that it is a sauce */
    @Nullable
    String titled(List<Token> said, Pot pot) {
        int to = said.size() - 1;
        int from = to;
        while (from > 0 && said.get(from - 1).isWord() && holdsWord(pot, said.get(from - 1))) {
            from--;
        }
        return from == to || !words.is(said.get(to), Use.GENERIC)
                ? null
                : said.subList(from, to + 1).stream().map(Token::text).collect(Collectors.joining(" "));
    }

    /** @return "custard", "patties": what the cook calls what was made, where that is no food of its own; else null */
    @Nullable
    String madeName(List<Token> said, Pot pot) {
        return said.reversed().stream()
                .filter(t -> t.isWord() && !t.key().endsWith("ly"))
                .limit(1)
                .filter(t -> classes.isMade(t.key()) && pot.names.isEmpty()
                        || Cook.SHAPED.contains(t.key()) && pot.names.contains(t.key()))
                .filter(t -> !holdsWord(pot, t))
                .map(t -> t.text().toLowerCase(Locale.ROOT))
                .findFirst()
                .orElse(null);
    }

    private boolean holdsWord(Pot pot, Token t) {
        return pot.lines.keySet().stream()
                        .anyMatch(l -> known.lines.get(l).all().contains(t.key()))
                || pot.pots.keySet().stream().anyMatch(p -> p.names.contains(t.key()) || holdsWord(p, t));
    }
}
