package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.measure.Unit;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.text.UnitWords;
import org.jspecify.annotations.Nullable;

/** What the nouns of a clause mean where they stand: the words alone do not tell a pot from a dish, or new from old. */
final class Meaning {
    private static final Pattern COLD =
            Pattern.compile("\\b(?:cold|iced?|lukewarm|tepid|warm) water\\b", Pattern.CASE_INSENSITIVE);

    private static final Set<String> HALVES = Set.of("halve", "divide", "cut", "split");
    private static final Set<String> PASTRIES = Set.of("pastry", "pastry-thin", "lid-dough");
    private static final double ONE_HALF = 0.5;
    private static final Set<String> OF_THE_PAN = Set.of("the", "your", "of", "side", "bottom", "base");

    private static final Set<String> GREASED =
            Set.of("rubbed", "greased", "buttered", "oiled", "brushed", "smeared", "dusted", "sprayed");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Naming naming;
    private final Dish dish;
    private final List<Clause> clauses;
    private final InTwo inTwo;

    Meaning(Scene scene, List<Clause> clauses) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.naming = scene.naming;
        this.dish = scene.dish;
        this.clauses = clauses;
        this.inTwo = new InTwo(kitchen);
    }

    /** @param at where the clause stands in the method */
    List<Named> of(Clause clause, int at) {
        List<Named> nouns = clause.slots().stream()
                .map(naming::resolve)
                .map(this::onStove)
                .map(n -> asDish(clause, n))
                .map(n -> asCan(clause, n))
                .map(n -> asTray(n, at))
                .map(n -> asLid(clause, n))
                .map(n -> asGreased(clause, n))
                .map(n -> asNew(clause, n))
                .map(n -> fromTheTap(clause, n))
                .map(n -> fromTheMill(clause, n))
                .map(n -> naming.together().sprayed(clause, n))
                .map(n -> inHand(clause, n))
                .map(n -> notItsHeading(clause, n))
                .map(n -> notIntoItself(clause, n))
                .map(n -> leftInPan(clause, n))
                .map(this::oneOfHalves)
                .map(n -> onlyOneLeft(clause, n))
                .map(this::extra)
                .map(this::allCut)
                .map(Meaning::inPieces)
                .map(n -> restOfDough(clause, n))
                .map(n -> inTwo.meant(clause, n))
                .map(this::halvesInHand)
                .map(n -> theRest(clause, n))
                .map(n -> aLittle(clause, n))
                .flatMap(n -> kitchen.parts.restsOf(n, dish, kitchen).stream())
                .toList();
        List<Named> halves = kitchen.parts.anotherOfEach(
                Parts.otherHalves(Parts.usingPart(Parts.onEachOne(Parts.overEachDish(nouns)))));
        List<Named> both = kitchen.parts.restsOfBoth(halves, dish, kitchen);
        List<Named> meant = Exceptions.resolved(withoutGrease(both), kitchen, dish);
        return naming.together().meant(meant);
    }

    /** "Layer the pasta with the cheese: a third of the pasta, a third of the cheese": laid as the list says, not before it. */
    boolean isListedNext(Clause clause, List<Named> nouns) {
        List<Named> laid = nouns.stream().filter(Named::isFood).toList();
        if (!clause.words().endsWith(":") || !clause.does(Effect.PLACE) || laid.size() < 2) {
            return false;
        }
        List<Named> listed = clauses.subList(kitchen.clause + 1, clauses.size()).stream()
                .takeWhile(c -> c.sentence() == clause.sentence())
                .flatMap(c -> c.slots().stream())
                .map(naming::resolve)
                .toList();
        return laid.stream().allMatch(n -> listed.stream().anyMatch(n::meansSame));
    }

    /** "In a dish rubbed with the garlic": the garlic is the dish's. */
    private List<Named> withoutGrease(List<Named> nouns) {
        int dish = IntStream.range(0, nouns.size())
                .filter(i -> nouns.get(i).is(Kind.DISH)
                        && GREASED.contains(
                                nouns.get(i).slot().tokens().getLast().key()))
                .findFirst()
                .orElse(nouns.size());
        List<Named> with = nouns.stream()
                .skip(dish + 1L)
                .filter(n -> n.is(Kind.LINES) && n.slot().lead() == Lead.WITH)
                .toList();
        with.forEach(n -> kitchen.pan.addAll(n.lines()));
        return nouns.stream().filter(n -> !with.contains(n)).toList();
    }

    /** "For the mushrooms": soaked porcini are called so, and yet "fry the mushrooms" means those that are raw. */
    private Named notItsHeading(Clause clause, Named noun) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        String heading = pot == null ? null : pot.heading;
        if (pot == null
                || heading == null
                || noun.slot().lead() != Lead.NONE
                || noun.portion().isSaid()
                || !clause.does(Effect.HEAT, Effect.START, Effect.JOIN, Effect.PREP)) {
            return noun;
        }
        String name = noun.slot().tokens().getLast().key();
        boolean named = pot.lines.keySet().stream().anyMatch(l -> naming.isCalled(l, name));
        List<Integer> raw = IntStream.range(0, kitchen.lines.size())
                .filter(l -> !named
                        && kitchen.left[l] > 0.99
                        && heading.equals(kitchen.lines.get(l).heading())
                        && naming.isHead(l, name))
                .boxed()
                .toList();
        return raw.size() == 1 ? new Named(Kind.LINES, raw, null, noun.portion(), noun.each(), noun.slot()) : noun;
    }

    /** "Add the ziti", with what is headed "For the ziti" in hand: what was boiled before goes in. */
    private Named notIntoItself(Clause clause, Named noun) {
        Pot into = kitchen.current;
        if (into == null
                || noun.pot() != into
                || noun.slot().lead() != Lead.NONE
                || !clause.does(Effect.JOIN)
                || noun.portion().isSaid()) {
            return noun;
        }
        String name = noun.slot().tokens().getLast().key();
        return kitchen.pots.reversed().stream()
                .filter(p -> p != into && p.given < 0.01 && !dish.holds(p) && !into.reaches(p))
                .filter(p -> kitchen.main(p).size() == 1
                        && naming.isCalled(kitchen.main(p).getFirst(), name))
                .findFirst()
                .map(p -> new Named(Kind.POT, List.of(), p, noun.portion(), noun.each(), noun.slot()))
                .orElse(noun);
    }

    /** "Whisk the flour into the butter left in the pan": what something was fried in, not the butter for the crumbs. */
    private Named leftInPan(Clause clause, Named noun) {
        boolean left = noun.is(Kind.LINES)
                && noun.lines().stream().allMatch(kitchen::isFat)
                && Tokens.has(noun.slot().tokens(), "left", "leftover")
                && clause.slots().stream().anyMatch(s -> Vessels.in(s.tokens()) == Kind.PAN);
        Pot pan = left ? kitchen.current : null;
        return pan != null && pan.lines.keySet().stream().anyMatch(kitchen::isFat) ? noun.as(Kind.UNKNOWN) : noun;
    }

    /** A casserole that stood on the stove before is a pot. */
    private Named onStove(Named noun) {
        boolean there = noun.is(Kind.DISH)
                && scene.stoveware.contains(noun.slot().tokens().getLast().key());
        return there ? noun.as(Kind.PAN) : noun;
    }

    /** "Spray a 9 x 13 pan", "spread in pan": a pan with a length, or one something is spread in, is baked in. */
    private Named asDish(Clause clause, Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean one = !said.getLast().text().endsWith("s");
        boolean floured = Tokens.has(said, "floured", "greased", "oiled", "buttered")
                && clause.does(Effect.PLACE)
                && !anotherDishAfter(kitchen.clause)
                && kitchen.focus.stream()
                        .flatMap(p -> kitchen.roles(p).stream())
                        .anyMatch(PASTRIES::contains);
        boolean lined = noun.is(Kind.TRAY) && one && (Tokens.has(said, "lined") || floured);
        boolean litres = noun.is(Kind.TRAY)
                && said.stream()
                        .filter(Token::isWord)
                        .map(t -> UnitWords.ofWord(t.text()))
                        .anyMatch(u -> u == Unit.L || u == Unit.QUART);
        if (lined || litres) {
            return noun.as(Kind.DISH);
        }
        boolean tray = isDivided(clause) || isLayered(clause) || setsIn(clause, noun);
        if (noun.is(Kind.TRAY) && tray && !anotherDishAfter(kitchen.clause)) {
            return noun.as(Kind.DISH);
        }
        boolean measured = said.stream().anyMatch(Token::isNumber) && Tokens.has(said, "x");
        boolean spread = clause.base().equals("spread");
        boolean greased = scene.panGreased
                && noun.slot().lead() != Lead.NONE
                && !clause.does(Effect.HEAT, Effect.START, Effect.GREASE);
        boolean baked = measured || spread || greased || isDishAgain(clause, noun);
        return noun.is(Kind.PAN) && (said.getLast().is("pan") || measured) && baked ? noun.as(Kind.DISH) : noun;
    }

    /** "Grab a 9x13 ... in the pan", "up the sides of the pan", where nothing stood in a pan on the stove. */
    private boolean isDishAgain(Clause clause, Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean bare =
                isPan(noun.slot()) && said.stream().limit(said.size() - 1L).allMatch(t -> OF_THE_PAN.contains(t.key()));
        if (!bare || noun.slot().lead() == Lead.NONE || clause.does(Effect.HEAT, Effect.START, Effect.MIX)) {
            return false;
        }
        List<Slot> before = clauses.subList(0, kitchen.clause).stream()
                .flatMap(c -> c.slots().stream())
                .toList();
        return before.stream()
                        .anyMatch(s -> Vessels.in(s.tokens()) == Kind.DISH
                                && !scene.stoveware.contains(
                                        s.tokens().getLast().key()))
                && before.stream().noneMatch(Meaning::isPan);
    }

    private static boolean isPan(Slot slot) {
        return slot.tokens().getLast().is("pan") && Vessels.in(slot.tokens()) == Kind.PAN;
    }

    /** "Set them side by side in an oiled tray", not "on" one. */
    private boolean setsIn(Clause clause, Named noun) {
        return clause.does(Effect.PLACE)
                && noun.slot().lead() == Lead.IN
                && noun.slot().tokens().getLast().is("tray")
                && !scene.dishMeant;
    }

    /** "Divide between two greased trays": what is divided so is a dish each. */
    private static boolean isDivided(Clause clause) {
        return clause.base().equals("divide") && clause.says("greased", "buttered", "oiled");
    }

    /** "Layer the penne in a tray", "half the pasta into a tray, all of the meat, the other half". */
    private boolean isLayered(Clause clause) {
        long parts = clause.slots().stream()
                .map(naming::resolve)
                .filter(n -> n.isFood() && n.portion().isSaid())
                .count();
        return clause.base().equals("layer") || parts > 1;
    }

    /** A roasting tin is where things roast, when another dish comes later; "the sheets" are those spoken of before. */
    private Named asTray(Named noun, int at) {
        if (noun.is(Kind.UNKNOWN)
                && scene.trayStep >= 0
                && noun.slot().tokens().getLast().is("sheet")) {
            return noun.as(Kind.TRAY);
        }
        boolean roasting = noun.is(Kind.DISH)
                && noun.slot().lead() != Lead.NONE
                && Tokens.has(noun.slot().tokens(), "roasting");
        boolean casserole = noun.is(Kind.DISH)
                && dish.all.isEmpty()
                && noun.slot().tokens().getLast().is("casserole")
                && Tokens.has(noun.slot().tokens(), "lidded", "flameproof", "heavy", "ovenproof")
                && measuredDishAfter(at);
        return casserole ? noun.as(Kind.PAN) : roasting && anotherDishAfter(at) ? noun.as(Kind.TRAY) : noun;
    }

    /** "Tip into a 2 litre dish", after the mince was two hours in the oven: what went before was no bake. */
    boolean measuredDishAfter(int at) {
        return clauses.subList(at + 1, clauses.size()).stream()
                .filter(c -> !c.does(Effect.SERVE, Effect.GREASE))
                .flatMap(c -> c.slots().stream())
                .anyMatch(s -> s.lead() != Lead.NONE
                        && Vessels.in(s.tokens()) == Kind.DISH
                        && s.tokens().stream().anyMatch(Token::isNumber));
    }

    boolean anotherDishAfter(int at) {
        return clauses.subList(at + 1, clauses.size()).stream()
                .flatMap(c -> c.slots().stream())
                .anyMatch(s -> Vessels.in(s.tokens()) == Kind.DISH
                        && !Tokens.has(s.tokens(), "tin", "roasting", "tray")
                        && s.tokens().stream().anyMatch(t -> t.isNumber() || t.is("a") || t.is("an") || t.is("base")));
    }

    /** "Fill one of the tins with water": a can that is empty now. */
    private static Named asCan(Clause clause, Named noun) {
        boolean can = noun.is(Kind.DISH)
                && noun.slot().tokens().getLast().is("tin")
                && Set.of("fill", "rinse", "swill", "swirl").contains(clause.base())
                && clause.says("water");
        return can ? noun.as(Kind.UNKNOWN) : noun;
    }

    /** "Take the lid off the casserole": no dough, though some was rolled out for it. */
    private static Named asLid(Clause clause, Named noun) {
        boolean off = clause.cover() == Clause.Cover.OFF
                && noun.is(Kind.POT)
                && noun.slot().tokens().getLast().is("lid");
        return off ? new Named(Kind.LID, List.of(), null, Portion.UNSAID, noun.each(), noun.slot()) : noun;
    }

    /** "Butter a shallow dish. Lift half the slices into it". */
    private Named asGreased(Clause clause, Named noun) {
        boolean into = noun.is(Kind.PRONOUN)
                && noun.slot().lead() == Lead.INTO
                && noun.slot().tokens().getLast().is("it")
                && clause.slots().stream().anyMatch(s -> s.lead() == Lead.NONE);
        return into && scene.greased >= 0 && scene.greased == kitchen.clause - 1 ? noun.as(Kind.DISH) : noun;
    }

    /** "Make a sauce with the butter and the flour" never means one that is there; "make another layer of it" does. */
    private static Named asNew(Clause clause, Named noun) {
        boolean made = noun.is(Kind.POT) && noun.slot().lead() == Lead.NONE && clause.makes() && !clause.says("layer");
        return made ? noun.as(Kind.UNKNOWN) : noun;
    }

    /** "Boil in salted water": not the cold water that is listed for the dough. */
    private Named fromTheTap(Clause clause, Named noun) {
        boolean fresh = noun.pot() != null
                && noun.is(Kind.POT)
                && noun.pot().lines.size() > 1
                && noun.slot().tokens().getLast().is("water")
                && Tokens.has(noun.slot().tokens(), "salted", "boiling", "cold", "simmering", "hot");
        boolean rinses = noun.is(Kind.LINES)
                && Set.of("rinse", "wash", "refresh").contains(clause.base())
                && noun.slot().tokens().getLast().is("water");
        if (fresh || rinses || isForSoaking(clause, noun, kitchen)) {
            return noun.as(Kind.UNKNOWN);
        }
        boolean water = noun.is(Kind.LINES)
                && noun.lines().stream().allMatch(l -> kitchen.role(l).equals("water"))
                && (Tokens.has(noun.slot().tokens(), "salted")
                        || clause.does(Effect.HEAT, Effect.START)
                                && Tokens.has(noun.slot().tokens(), "boiling", "simmering", "plenty"));
        boolean kept = water
                && noun.lines().stream()
                        .anyMatch(l -> kitchen.isNamedLater(l)
                                || COLD.matcher(kitchen.lines.get(l).text()).find());
        return kept ? noun.as(Kind.UNKNOWN) : noun;
    }

    /** "Soak the porcini in a cup of warm water": not of the litre that is listed. */
    static boolean isForSoaking(Clause clause, Named noun, Kitchen kitchen) {
        boolean soaks =
                clause.base().equals("soak") && noun.slot().tokens().getLast().is("water");
        if (soaks && noun.is(Kind.POT) && noun.pot() != null) {
            return noun.pot().lines.size() > 1;
        }
        Double share = soaks && noun.lines().size() == 1
                ? noun.portion().of(kitchen.lines.get(noun.lines().getFirst()), 1)
                : null;
        return share != null && share < 0.95;
    }

    /** "Season with salt": not the spoonful that is listed for the dough, which is still to be made. */
    private Named fromTheMill(Clause clause, Named noun) {
        boolean seasons = noun.is(Kind.LINES)
                && clause.base().equals("season")
                && noun.slot().lead() == Lead.WITH;
        boolean others = seasons
                && noun.lines().stream()
                        .allMatch(l -> kitchen.role(l).equals("salt")
                                && kitchen.lines.get(l).amount() != null
                                && kitchen.isNamedLater(l)
                                && isOfAnotherPot(kitchen.lines.get(l).heading()));
        return others ? noun.as(Kind.UNKNOWN) : noun;
    }

    private boolean isOfAnotherPot(@Nullable String heading) {
        Pot pot = kitchen.current;
        return heading != null && pot != null && pot.heading != null && !heading.equals(pot.heading);
    }

    /** "Bring the milk to the boil", "add to the milk": what is in the pan, though more stands listed for another part. */
    private Named inHand(Clause clause, Named noun) {
        Pot pot = kitchen.current;
        boolean liquid = noun.is(Kind.LINES)
                && noun.lines().size() == 1
                && kitchen.isLiquid(noun.lines().getFirst());
        boolean there = liquid
                && pot != null
                && !pot.setAside
                && !pot.lines.containsKey(noun.lines().getFirst())
                && pot.lines.keySet().stream()
                        .anyMatch(l ->
                                kitchen.role(l).equals(kitchen.role(noun.lines().getFirst())));
        boolean meant = noun.slot().lead() == Lead.INTO && clause.does(Effect.JOIN)
                || noun.slot().lead() == Lead.NONE && clause.does(Effect.HEAT, Effect.START, Effect.DRAW, Effect.KEEP);
        boolean elsewhere =
                clause.slots().stream().anyMatch(s -> s.lead() == Lead.IN && Vessels.in(s.tokens()) != null);
        return there && meant && !elsewhere && noun.slot().tokens().getFirst().is("the")
                ? new Named(Kind.POT, List.of(), pot, Portion.UNSAID, noun.each(), noun.slot())
                : noun;
    }

    /** "Halve the pastry and roll each. Lay one on the tray": one of the two. */
    private Named oneOfHalves(Named noun) {
        boolean one = noun.is(Kind.UNKNOWN)
                && noun.slot().lead() == Lead.NONE
                && noun.slot().tokens().size() == 1
                && noun.slot().tokens().getFirst().text().equalsIgnoreCase("one");
        Pot pot = one && kitchen.focus.size() == 1 ? kitchen.whereItIs(kitchen.focus.getFirst()) : null;
        boolean halved = pot != null && pot.steps.stream().anyMatch(s -> HALVES.contains(s.action()));
        return pot != null && halved
                ? new Named(
                        Kind.POT,
                        List.of(),
                        pot,
                        new Portion(Portion.Kind.FRACTION, ONE_HALF, null),
                        false,
                        noun.slot())
                : noun;
    }

    /** "Sit the gnudi in it": the cook's own name for what was made, where only one such thing waits for its place. */
    private Named onlyOneLeft(Clause clause, Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean named = scene.stage == Scene.Stage.BUILDING
                && clause.does(Effect.PLACE)
                && noun.is(Kind.UNKNOWN)
                && noun.slot().lead() == Lead.NONE
                && said.size() == 2
                && said.getFirst().is("the")
                && KitchenWords.shared().usesOf(said.getLast().key()).isEmpty();
        List<Pot> waiting = !named
                ? List.of()
                : kitchen.pots.stream()
                        .filter(p -> p.worked
                                && p.given < 0.01
                                && !dish.holds(p)
                                && kitchen.main(p).size() > 1)
                        .toList();
        return waiting.size() == 1
                ? new Named(Kind.POT, List.of(), waiting.getFirst(), Portion.UNSAID, noun.each(), noun.slot())
                : noun;
    }

    /** "Sprinkle with the extra cheese" of a line whose every gram went into the filling: a handful of it. */
    private Named extra(Named noun) {
        int line = noun.lines().size() == 1 ? noun.lines().getFirst() : -1;
        Pot pot = noun.pot();
        boolean spent = line >= 0
                && pot != null
                && noun.is(Kind.POT)
                && naming.isExtraOf(noun.slot().tokens(), line)
                && pot.share(line) > 2 * Portion.HANDFUL
                && kitchen.left[line] < 0.01;
        if (pot == null || !spent) {
            return noun;
        }
        pot.lines.merge(line, -Portion.HANDFUL, Double::sum);
        kitchen.left[line] = Portion.HANDFUL;
        return new Named(Kind.LINES, List.of(line), null, Portion.REST, noun.each(), noun.slot());
    }

    /** "Cut the courgettes and tomatoes into rounds. Stand the rounds ...": all that were cut just now. */
    private Named allCut(Named noun) {
        KitchenWords words = KitchenWords.shared();
        List<Token> said = noun.slot().tokens();
        boolean shapes = noun.is(Kind.POT)
                && !noun.portion().isSaid()
                && said.stream()
                        .anyMatch(t -> words.is(t, Use.SHAPE) && t.text().endsWith("s"))
                && said.stream().allMatch(t -> words.isAny(t, Use.SHAPE, Use.DETAIL));
        boolean several = shapes
                && kitchen.focus.size() > 1
                && kitchen.focus.contains(noun.pot())
                && kitchen.focus.stream().allMatch(Mixing::isInHand);
        return several ? noun.as(Kind.PRONOUN) : noun;
    }

    /** "Drop the dough in 8 mounds", "cut the bread in 1 cm slices": how, not where. */
    private static Named inPieces(Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean pieces = noun.is(Kind.POT)
                && noun.slot().lead() == Lead.IN
                && said.stream().anyMatch(Token::isNumber)
                && KitchenWords.shared().is(said.getLast(), Use.SHAPE);
        return pieces ? noun.as(Kind.UNKNOWN) : noun;
    }

    /** "Roll out the rest", of the dough that was rolled out before. */
    private Named restOfDough(Clause clause, Named noun) {
        boolean rolls = clause.verb() != null
                && clause.base().startsWith("roll")
                && noun.is(Kind.PRONOUN)
                && noun.portion().is(Portion.Kind.REST);
        Pot dough = kitchen.pots.stream()
                .filter(p -> rolls
                        && p.lines.size() > 1
                        && !Mixing.isHot(p)
                        && p.steps.stream().anyMatch(s -> s.action().startsWith("roll")))
                .reduce((a, b) -> b)
                .orElse(null);
        return dough == null ? noun : new Named(Kind.POT, List.of(), dough, noun.portion(), noun.each(), noun.slot());
    }

    /** "Split the cheese and lay the two halves on top": what was cut just now. */
    private Named halvesInHand(Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean halves = said.getLast().text().equalsIgnoreCase("halves")
                && said.stream()
                        .limit(said.size() - 1L)
                        .allMatch(t -> t.is("the") || t.is("both") || t.isNumber() && t.low() == 2);
        Pot hand = halves && !kitchen.focus.isEmpty() ? kitchen.whereItIs(kitchen.focus.getFirst()) : null;
        boolean cut = hand != null
                && !hand.steps.isEmpty()
                && Set.of("split", "cut", "halve", "slice")
                        .contains(hand.steps.getLast().action());
        return cut ? new Named(Kind.PRONOUN, List.of(), null, Portion.UNSAID, noun.each(), noun.slot()) : noun;
    }

    /** "Mix a little with the penne": of what is in hand. */
    private Named aLittle(Clause clause, Named noun) {
        boolean bare = noun.is(Kind.UNKNOWN)
                && noun.portion().is(Portion.Kind.FILM)
                && noun.slot().lead() == Lead.NONE
                && noun.slot().tokens().stream()
                        .allMatch(t -> t.is("a") || t.is("little") || t.is("bit") || t.is("some"));
        boolean joins = clause.does(Effect.MIX, Effect.JOIN, Effect.PLACE)
                && clause.slots().stream().anyMatch(s -> s.lead() == Lead.WITH || s.lead() == Lead.INTO);
        return bare && joins ? noun.as(Kind.PRONOUN) : noun;
    }

    /** "Top with the rest": of what was used in part last, once there is a dish. */
    private Named theRest(Clause clause, Named noun) {
        boolean intoPot =
                clause.does(Effect.JOIN, Effect.MIX) && clause.slots().stream().anyMatch(s -> s.lead() == Lead.INTO);
        boolean laid = !dish.all.isEmpty() && !intoPot && !clause.does(Effect.SERVE, Effect.FREEZE, Effect.KEEP);
        return laid ? kitchen.parts.named(noun, kitchen, dish) : noun;
    }
}
