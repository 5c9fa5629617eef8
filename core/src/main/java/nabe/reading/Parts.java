package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import org.jspecify.annotations.Nullable;

/** Things of which only a part was used, the latest last: what "the rest" means where nothing else is said. */
final class Parts {
    private static final double HALF = 0.5;

    private static final double LITTLE = 0.02;
    private static final Set<String> CUT = Set.of("bread", "slice-root", "slice-vegetable", "sheets", "fresh-sheets");
    private final List<Part> taken = new ArrayList<>();
    private final List<Integer> counted = new ArrayList<>();
    private int now;
    private final KitchenWords words = KitchenWords.shared();

    /** @param line the line, -1 for a pot; {@code portion} what was taken of it; {@code at} in which clause */
    private record Part(int line, @Nullable Pot pot, Portion portion, int at) {
        /** Whether it is a thing that comes in slices. */
        boolean isCut(Kitchen kitchen) {
            return pot == null
                    ? CUT.contains(kitchen.role(line))
                    : pot.lines.keySet().stream().anyMatch(l -> CUT.contains(kitchen.role(l)));
        }

        Named of(Named noun) {
            return pot == null
                    ? new Named(Kind.LINES, List.of(line), null, noun.portion(), noun.each(), noun.slot())
                    : new Named(Kind.POT, List.of(), pot, noun.portion(), noun.each(), noun.slot());
        }
    }

    /** Notes the clause that is being followed. */
    void at(int clause) {
        now = clause;
    }

    void took(int line, Portion portion) {
        taken.add(new Part(line, null, portion, now));
    }

    /** Some pieces of it were taken by number. */
    void counted(int line) {
        counted.add(line);
    }

    void took(Pot pot, Portion portion) {
        taken.add(new Part(-1, pot, portion, now));
    }

    /** @return "the rest" and "8 more pieces" as what they are of; other nouns as they are */
    Named named(Named noun, Kitchen kitchen, Dish dish) {
        if (isPieces(noun)) {
            return counted.reversed().stream()
                    .filter(l -> kitchen.left[l] > LITTLE)
                    .findFirst()
                    .map(l -> new Part(l, null, noun.portion(), now).of(noun))
                    .orElse(noun);
        }
        if (isAnother(noun)) {
            return taken.reversed().stream()
                    .filter(p -> (p.portion.is(Portion.Kind.FRACTION) || p.portion.is(Portion.Kind.OF_LEFT))
                            && Math.abs(p.portion.value() - noun.portion().value()) < LITTLE)
                    .filter(p -> p.pot == null ? kitchen.left[p.line] > LITTLE : isOpen(p.pot, dish))
                    .findFirst()
                    .map(p -> p.of(noun))
                    .orElse(noun);
        }
        boolean rest = noun.is(Kind.PRONOUN)
                && !isOfBoth(noun)
                && noun.portion().is(Portion.Kind.REST)
                && noun.slot().lead() != Lead.INTO;
        if (!rest) {
            return noun;
        }
        Token last = noun.slot().tokens().getLast();
        boolean pieces = words.is(last, Use.SHAPE) && !last.text().equalsIgnoreCase("half");
        List<Part> open = taken.reversed().stream()
                .filter(p -> p.pot == null ? kitchen.left[p.line] > LITTLE : isOpen(p.pot, dish))
                .filter(p -> !pieces || p.isCut(kitchen))
                .toList();
        return open.stream()
                .filter(p -> p.pot != null || kitchen.namedLast.getOrDefault(p.line, -1) <= kitchen.clause)
                .findFirst()
                .or(() -> open.stream().findFirst())
                .map(p -> p.of(noun))
                .orElse(noun);
    }

    /** "Scatter half over each dish", where the recipe fills two: all of it. */
    static List<Named> overEachDish(List<Named> nouns) {
        boolean each = nouns.stream().anyMatch(n -> n.is(Named.Kind.DISH) && n.each());
        return nouns.stream()
                .map(n -> each
                                && n.portion().is(Portion.Kind.FRACTION)
                                && n.portion().value() >= HALF
                        ? n.taking(Portion.ALL)
                        : n)
                .toList();
    }

    /** "Cover each with 2 spoonfuls of béchamel": so much of it for every one is all of it. */
    static List<Named> onEachOne(List<Named> nouns) {
        boolean each = nouns.stream()
                .anyMatch(n ->
                        n.each() && n.slot().lead() == Lead.NONE && !n.is(Named.Kind.LINES) && !n.is(Named.Kind.POT));
        return nouns.stream()
                .map(n -> each && n.slot().lead() == Lead.WITH && isForEach(n) ? n.taking(Portion.UNSAID) : n)
                .toList();
    }

    /** Spoonfuls of what was made, or "half the butter" for each of two. */
    private static boolean isForEach(Named noun) {
        return noun.is(Named.Kind.POT) && noun.portion().is(Portion.Kind.MEASURE)
                || noun.portion().is(Portion.Kind.FRACTION) && noun.portion().value() == HALF;
    }

    /** "A first layer of vegetables, using a third of them". */
    static List<Named> usingPart(List<Named> nouns) {
        List<Named> pots = nouns.stream().filter(n -> n.is(Named.Kind.POT)).toList();
        Named part = nouns.stream()
                .filter(n -> n.is(Named.Kind.PRONOUN)
                        && n.portion().is(Portion.Kind.FRACTION)
                        && n.slot().lead() == Lead.WITH)
                .findFirst()
                .orElse(null);
        if (part == null || pots.size() != 1 || pots.getFirst().portion().isSaid()) {
            return nouns;
        }
        Named whole = pots.getFirst();
        Named meant = new Named(whole.kind(), whole.lines(), whole.pot(), part.portion(), whole.each(), whole.slot());
        return nouns.stream()
                .filter(n -> n != part)
                .map(n -> n == whole ? meant : n)
                .toList();
    }

    /** "Half the pasta, all of the meat, then the other half": of what was halved in the same breath. */
    static List<Named> otherHalves(List<Named> nouns) {
        List<Named> out = new ArrayList<>(nouns);
        for (int i = 1; i < out.size(); i++) {
            Named noun = out.get(i);
            List<Token> said = noun.slot().tokens();
            boolean other = Tokens.has(said, "other") && said.getLast().is("half");
            Named halved = other
                    ? out.subList(0, i).stream()
                            .filter(n -> n.isFood()
                                    && n.portion().is(Portion.Kind.FRACTION)
                                    && Tokens.has(n.slot().tokens(), "half"))
                            .findFirst()
                            .orElse(null)
                    : null;
            if (halved != null) {
                out.set(
                        i,
                        new Named(halved.kind(), halved.lines(), halved.pot(), halved.portion(), false, noun.slot()));
            }
        }
        return out;
    }

    /** "A third of the vegetables, then another third": of each of those that a third was taken of at once. */
    List<Named> anotherOfEach(List<Named> nouns) {
        List<Named> out = new ArrayList<>();
        for (Named noun : nouns) {
            Part last = noun.pot() != null && Tokens.has(noun.slot().tokens(), "another")
                    ? taken.reversed().stream()
                            .filter(p -> p.pot == noun.pot() && isSame(p.portion, noun.portion()))
                            .findFirst()
                            .orElse(null)
                    : null;
            if (last == null) {
                out.add(noun);
            } else {
                taken.stream()
                        .filter(p -> p.at == last.at && isSame(p.portion, last.portion))
                        .map(p -> p.of(noun))
                        .forEach(out::add);
            }
        }
        return out;
    }

    private static boolean isSame(Portion a, Portion b) {
        return a.is(Portion.Kind.FRACTION) && b.is(Portion.Kind.FRACTION) && Math.abs(a.value() - b.value()) < LITTLE;
    }

    /** "Another third": of what a third was taken of before. */
    private static boolean isAnother(Named noun) {
        return noun.is(Kind.PRONOUN)
                && noun.portion().is(Portion.Kind.FRACTION)
                && Tokens.has(noun.slot().tokens(), "another");
    }

    /** @return "the rest of the veg" as what is left of everything of that kind that lies in the dish in part */
    List<Named> restsOf(Named noun, Dish dish, Kitchen kitchen) {
        String name = noun.slot().tokens().getLast().key();
        FoodClasses classes = FoodClasses.shared();
        boolean rest = noun.portion().is(Portion.Kind.REST) && classes.knows(name);
        List<Pot> open = rest
                ? taken.stream()
                        .map(Part::pot)
                        .filter(Objects::nonNull)
                        .distinct()
                        .filter(p -> isOpen(p, dish))
                        .filter(p -> kitchen.main(p).stream().anyMatch(l -> classes.holds(name, kitchen.lines.get(l))))
                        .toList()
                : List.of();
        List<Pot> whole = open.stream()
                .filter(p -> kitchen.main(p).stream().allMatch(l -> classes.holds(name, kitchen.lines.get(l))))
                .toList();
        List<Named> all = (whole.isEmpty() ? open : whole)
                .stream()
                        .map(p -> new Part(-1, p, noun.portion(), now).of(noun))
                        .toList();
        return open.size() > 1 ? all : List.of(noun);
    }

    /** "The rest of both". */
    private static boolean isOfBoth(Named noun) {
        return (noun.is(Kind.PRONOUN) || noun.is(Kind.POT))
                && noun.portion().is(Portion.Kind.REST)
                && noun.slot().tokens().getLast().is("both");
    }

    /** "Half the cream, then the rest of both": the two things a part was taken of last, in the order they were laid. */
    List<Named> restsOfBoth(List<Named> nouns, Dish dish, Kitchen kitchen) {
        List<Named> out = new ArrayList<>();
        for (Named noun : nouns) {
            if (!isOfBoth(noun)) {
                out.add(noun);
                continue;
            }
            List<Named> parted = new ArrayList<>(taken.stream()
                    .filter(p -> p.pot == null ? kitchen.left[p.line] > LITTLE : isOpen(p.pot, dish))
                    .map(p -> p.of(noun))
                    .toList());
            out.stream()
                    .filter(n -> n.isFood() && isPart(n.portion()))
                    .map(n -> new Named(n.kind(), n.lines(), n.pot(), noun.portion(), n.each(), noun.slot()))
                    .forEach(parted::add);
            out.addAll(parted.size() < 2 ? List.of(noun) : parted.subList(parted.size() - 2, parted.size()));
        }
        return out;
    }

    /** "8 more halves", "4 of the slices": a number and no name. */
    private boolean isPieces(Named noun) {
        return (noun.is(Kind.UNKNOWN) || noun.is(Kind.PRONOUN))
                && noun.portion().is(Portion.Kind.COUNT)
                && noun.slot().tokens().stream()
                        .allMatch(t -> t.isNumber()
                                || words.isAny(t, Use.DETAIL, Use.SHAPE, Use.OTHER, Use.AGAIN)
                                || t.is("piece"));
    }

    private static boolean isOpen(Pot pot, Dish dish) {
        double said = 0;
        for (Dish.Placed p : dish.all) {
            if (p.pot == pot) {
                said += p.portion.is(Portion.Kind.FRACTION) ? p.portion.value() : isPart(p.portion) ? LITTLE : 1;
            }
        }
        return said < 1 - LITTLE;
    }

    /** @return whether the words leave something over */
    static boolean isPart(Portion portion) {
        return switch (portion.kind()) {
            case FRACTION, OF_LEFT, MEASURE, COUNT, FILM, ALL_BUT -> true;
            case UNSAID, REST, RESERVED, ALL, EACH -> false;
        };
    }
}
