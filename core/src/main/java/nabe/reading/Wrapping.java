package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure;
import org.jspecify.annotations.Nullable;

/** Rolls, tubes and shells: what is filled with what. */
final class Wrapping {
    private static final Set<Procedure.Kind> FILLS =
            Set.of(Procedure.Kind.FILLING, Procedure.Kind.BINDER, Procedure.Kind.SOFT_CHEESE);
    /** "Fold the sides in", "tuck in the ends": what closes a roll; "tuck in seam down" lays it. */
    private static final Set<String> FOLDS = Set.of("fold", "tuck", "turn", "close", "pinch", "wrap");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Laying laying;
    /** Whether what is filled just now are leaves. */
    private boolean leaves;
    /** The sentence in which something was filled last. */
    private int filledIn = -1;

    Wrapping(Scene scene, Laying laying) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.laying = laying;
    }

    /** "Fill a deep dish, top with ...", "line it with half the pastry, fill": what was made to go in. @return whether it does */
    boolean fillsDish(Clause clause, List<Named> nouns) {
        boolean dishful =
                nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.NONE);
        boolean bare = nouns.stream().allMatch(n -> n.is(Kind.UNKNOWN)) && !dish.all.isEmpty() && scene.wrapper == null;
        boolean fillsIn = scene.dishMeant
                && nouns.stream()
                        .anyMatch(n ->
                                n.is(Kind.POT) && n.slot().direct() && n.slot().lead() == Lead.IN);
        if (!clause.does(Effect.INSIDE)
                || !dishful && !bare && !fillsIn
                || nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.PRONOUN) && !fillsIn)) {
            return false;
        }
        Named said = nouns.stream().filter(n -> n.is(Kind.POT)).findFirst().orElse(null);
        Pot in = said == null ? filling(null) : said.pot();
        if (in == null || in.isEmpty()) {
            return false;
        }
        scene.stage = scene.stage == Scene.Stage.COOKING ? Scene.Stage.BUILDING : scene.stage;
        dish.place(kitchen.whereItIs(in), said == null ? Portion.UNSAID : said.portion(), false);
        kitchen.focusOn(in);
        return true;
    }

    boolean fills(Clause clause, List<Named> nouns) {
        if (!wraps(clause, nouns)) {
            return false;
        }
        if (scene.wrapper != null && !dish.holds(scene.wrapper)) {
            if (laysAsItGoes(clause)) {
                scene.stage = scene.stage == Scene.Stage.COOKING ? Scene.Stage.BUILDING : scene.stage;
                dish.place(scene.wrapper, Portion.UNSAID, false);
            } else {
                scene.wrapper.filled.add(clause);
            }
        }
        return true;
    }

    /** "Fill the tubes, laying them side by side in the dish as you go". */
    private static boolean laysAsItGoes(Clause clause) {
        List<Token> said = clause.tokens();
        int lays = IntStream.range(1, said.size())
                .filter(i -> said.get(i - 1).is(",") || said.get(i - 1).is("and"))
                .filter(i -> isGoingOn(said.get(i)))
                .findFirst()
                .orElse(said.size());
        List<Token> how = said.subList(lays, said.size());
        return Vessels.in(how.stream().takeWhile(t -> !t.is("as")).toList()) == Kind.DISH
                && Tokens.has(how, "in", "into", "to");
    }

    private static boolean isGoingOn(Token token) {
        Verb.Spoken spoken = KitchenWords.shared().verb(token);
        return spoken != null && spoken.form() == Verb.Form.ING;
    }

    private boolean wraps(Clause clause, List<Named> nouns) {
        if (clause.does(Effect.ROLL) && scene.wrapper != null) {
            kitchen.focusOn(scene.wrapper);
            return nouns.stream().noneMatch(n -> n.is(Kind.LINES));
        }
        if (clause.does(Effect.ROLL) && rollsUp(nouns)) {
            return true;
        }
        List<Named> foods = nouns.stream().filter(Named::isFood).toList();
        Pot wrapper = scene.wrapper;
        boolean laid = clause.says("seam") && clause.says("down");
        boolean folds = FOLDS.contains(clause.base())
                && !laid
                && foods.isEmpty()
                && nouns.stream().noneMatch(Named::isVessel);
        if (wrapper != null && folds && clause.sentence() == filledIn) {
            kitchen.focusOn(wrapper);
            return true;
        }
        if (wrapper != null && laysOnWrapper(clause, foods)) {
            foods.forEach(n -> addInside(wrapper, forEveryOne(wrapper, n)));
            return true;
        }
        Named onBoard = onBoard(clause, nouns);
        if (onBoard != null) {
            Pot one = Objects.requireNonNull(potOf(onBoard));
            scene.wrapper = one;
            filledIn = clause.sentence();
            kitchen.focusOn(one);
            return true;
        }
        if (wrapper != null && addsFilling(clause, wrapper, foods)) {
            wrap(wrapper, Objects.requireNonNull(potOf(foods.getFirst())));
            return true;
        }
        Named shell = foods.stream()
                .filter(n -> isHollowToFill(clause, n, foods)
                        || isWrapper(n)
                                && (clause.does(Effect.INSIDE)
                                        || clause.does(Effect.ROLL)
                                                && (n.slot().lead() == Lead.IN
                                                        || n.slot().lead() == Lead.INTO)
                                        || n.each() && (n.slot().lead() != Lead.NONE || isSpread(clause, n, foods))
                                        || isTubeToFill(n, foods)
                                        || isSpreadOver(clause, n, foods)
                                        || isBetween(clause, n)))
                .findFirst()
                .orElse(null);
        boolean eachOne = nouns.stream()
                .anyMatch(n -> n.each()
                        && n.is(Kind.UNKNOWN)
                        && (n.slot().lead() == Lead.OVER
                                || clause.does(Effect.ROLL) && n.slot().lead() != Lead.NONE));
        boolean fills = clause.does(Effect.INSIDE) && !foods.isEmpty() || shell != null || eachOne;
        if (!fills) {
            return false;
        }
        if (shell == null) {
            shell = foods.stream()
                    .filter(n -> clause.does(Effect.INSIDE) && n.slot().lead() != Lead.WITH)
                    .findFirst()
                    .orElse(null);
        }
        boolean unknownEach = shell == null
                && nouns.stream()
                        .anyMatch(n -> n.each()
                                && n.is(Kind.UNKNOWN)
                                && (n.slot().lead() != Lead.NONE || clause.does(Effect.INSIDE)));
        if (unknownEach) {
            leaves =
                    nouns.stream().anyMatch(n -> n.each() && Tokens.has(n.slot().tokens(), "leaf"));
            Pot in = foods.isEmpty() ? kitchen.current : potOf(foods.getFirst());
            return fillWraps(in) || clause.does(Effect.INSIDE) && fillsInHand(in);
        }
        Named holder = shell;
        Named filling = foods.stream().filter(n -> n != holder).findFirst().orElse(null);
        Pot in = filling == null ? null : potOf(filling);
        Pot out = holder != null ? potOf(holder) : in == null ? null : lastLaid(clause, in);
        in = filling == null ? filling(out) : in;
        if (out == null && in != null && clause.does(Effect.INSIDE) && scene.stage == Scene.Stage.COOKING) {
            return fillWraps(in);
        }
        if (out == null || in == null || in == out) {
            return false;
        }
        wrap(out, in);
        filledIn = clause.sentence();
        foods.stream()
                .filter(n -> n != holder && n != filling && n.portion().isSaid())
                .forEach(n -> addInside(out, holder != null && holder.each() ? forEveryOne(out, n) : n));
        dish.refill(out);
        return true;
    }

    /** "Lay a tortilla on the counter": one for all of them. */
    private @Nullable Named onBoard(Clause clause, List<Named> nouns) {
        boolean board = clause.does(Effect.PLACE)
                && nouns.stream().anyMatch(n -> n.is(Kind.TRAY) && n.slot().lead() == Lead.OVER);
        return nouns.stream()
                .filter(n -> board && n.is(Kind.LINES) && n.slot().lead() == Lead.NONE)
                .filter(n -> n.lines().stream().allMatch(l -> kitchen.role(l).equals("wrap")))
                .filter(n -> Tokens.has(n.slot().tokens(), "a", "one", "each"))
                .findFirst()
                .orElse(null);
    }

    /** "Add 1/3 cup filling", with the tortilla on the counter. */
    private boolean addsFilling(Clause clause, Pot wrapper, List<Named> foods) {
        return clause.sentence() == filledIn
                && wrapper.inside.isEmpty()
                && clause.does(Effect.JOIN, Effect.PLACE)
                && foods.size() == 1
                && foods.getFirst().pot() != null
                && foods.getFirst().slot().lead() == Lead.NONE;
    }

    /** "Open the slits and stuff with the lamb": what lies in the dish already. */
    private @Nullable Pot lastLaid(Clause clause, Pot in) {
        return clause.does(Effect.INSIDE)
                ? last(dish.all.stream().map(p -> p.pot).toList(), p -> p != in && p.inside.isEmpty() && isVegetable(p))
                : null;
    }

    private boolean isVegetable(Pot pot) {
        return kitchen.main(pot).stream().allMatch(l -> Kinds.VEGETABLES.contains(kitchen.role(l)));
    }

    /** "Spread each pancake with filling". */
    private boolean isSpread(Clause clause, Named each, List<Named> foods) {
        return wraps(each)
                && Set.of("spread", "smear", "cover").contains(clause.base())
                && foods.stream().anyMatch(f -> f.slot().lead() == Lead.WITH);
    }

    /** "Spread the filling over the crespelle", which lie in no dish yet. */
    private boolean isSpreadOver(Clause clause, Named wrap, List<Named> foods) {
        return clause.base().equals("spread")
                && wrap.slot().lead() == Lead.OVER
                && wraps(wrap)
                && !dish.holds(wrap.pot())
                && foods.stream()
                        .anyMatch(f -> f.is(Kind.POT)
                                && f.slot().lead() == Lead.NONE
                                && !f.portion().isSaid());
    }

    /** "Lay a slice of ham on each pancake, put a leek on top and roll up": the leek goes in as well. */
    private boolean laysOnWrapper(Clause clause, List<Named> foods) {
        return scene.wrapper != null
                && clause.sentence() == filledIn
                && clause.does(Effect.JOIN, Effect.PLACE)
                && clause.says("top")
                && !foods.isEmpty()
                && foods.stream()
                        .allMatch(n -> !n.is(Kind.PRONOUN)
                                && (n.slot().lead() == Lead.NONE || n.slot().lead() == Lead.WITH));
    }

    /** "Top each with 3 tablespoons of cheese": so much for every wrap there is; of what was made for them, all. */
    private Named forEveryOne(Pot out, Named more) {
        Portion said = more.portion();
        if (more.pot() != null && more.pot().worked && said.is(Portion.Kind.MEASURE)) {
            return more.taking(Portion.UNSAID);
        }
        double wraps = kitchen.main(out).stream()
                .map(kitchen.lines::get)
                .filter(l -> l.unit() == null && l.amount() != null)
                .mapToDouble(l -> l.amount().mid())
                .sum();
        return said.is(Portion.Kind.MEASURE) && wraps > 1
                ? more.taking(new Portion(Portion.Kind.MEASURE, said.value() * wraps, said.unit()))
                : more;
    }

    /** "Squeeze the filling into the tubes". */
    private boolean isTubeToFill(Named n, List<Named> foods) {
        boolean filling =
                foods.stream().anyMatch(f -> f.is(Kind.POT) && f.slot().lead() == Lead.NONE)
                        || foods.size() == 1 && isFillingInHand();
        List<Integer> lines = n.pot() == null ? n.lines() : kitchen.main(n.pot());
        return filling
                && n.slot().lead() == Lead.INTO
                && lines.stream().allMatch(l -> Set.of("tubes", "shells").contains(kitchen.role(l)));
    }

    /** "Mix well. Spoon into the shells". */
    private boolean isFillingInHand() {
        Pot hand = kitchen.focus.size() == 1 ? kitchen.focus.getFirst() : null;
        return hand != null
                && hand.worked
                && hand.given < 0.01
                && !dish.holds(hand)
                && kitchen.main(hand).size() > 1;
    }

    /** "Spoon the filling into the aubergines", that were fried whole. */
    private boolean isHollowToFill(Clause clause, Named n, List<Named> foods) {
        Pot pot = n.pot();
        return pot != null
                && n.slot().lead() == Lead.INTO
                && Set.of("spoon", "pile", "press", "push", "pack", "heap").contains(clause.base())
                && isVegetable(pot)
                && kitchen.main(pot).size() == 1
                && kitchen.lines.get(kitchen.main(pot).getFirst()).unit() == null
                && foods.stream()
                        .anyMatch(f -> f.is(Kind.POT)
                                && f.slot().lead() == Lead.NONE
                                && f.pot() != null
                                && f.pot() != pot
                                && kitchen.main(f.pot()).size() > 1);
    }

    /** "Spread over the pancakes, roll up": what lies on them goes in. */
    private boolean rollsUp(List<Named> nouns) {
        if (nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT))) {
            return false;
        }
        Pot out = kitchen.pots.reversed().stream()
                .filter(p -> !p.isEmpty() && FoodClasses.shared().holds("pancake", kitchen.roles(p)) && p.worked)
                .findFirst()
                .orElse(null);
        Pot in = out == null ? null : filling(out);
        if (out == null || in == null || in == out || dish.holds(in)) {
            return false;
        }
        wrap(out, in);
        dish.refill(out);
        return true;
    }

    private void wrap(Pot out, Pot in) {
        out.inside.clear();
        out.inside.put(in, Portion.UNSAID);
        scene.wrapper = out;
        kitchen.focusOn(out);
    }

    /** "Divide the filling and half of the cheese between them": more than one thing goes in. */
    private void addInside(Pot out, Named more) {
        Pot pot = more.pot() != null
                ? more.pot()
                : more.lines().isEmpty() ? null : laying.laid(more.lines().getFirst(), more.portion());
        if (pot != null && pot != out) {
            out.inside.putIfAbsent(pot, more.portion());
        }
    }

    /** "Fill the tubes" without a word with what: what is called so, else what was made to be filled in. */
    private @Nullable Pot filling(@Nullable Pot out) {
        Kinds kinds = new Kinds(kitchen);
        List<Pot> free = kitchen.pots.stream()
                .filter(p -> p != out && !p.isEmpty() && p.given < 0.99 && !dish.holds(p) && p.inside.isEmpty())
                .toList();
        Pot named = last(free, p -> p.names.contains("filling") || p.names.contains("stuffing"));
        Pot fits = last(free, p -> p.worked && FILLS.contains(kinds.kind(p)));
        return named != null ? named : fits != null ? fits : kitchen.current;
    }

    private static @Nullable Pot last(List<Pot> pots, Predicate<Pot> which) {
        return pots.reversed().stream().filter(which).findFirst().orElse(null);
    }

    /** "Some filling on each one": on what can be wrapped round it. */
    private boolean fillWraps(@Nullable Pot in) {
        Pot out = null;
        for (Pot p : kitchen.pots) {
            boolean wraps = leaves && isLeafy(p)
                    || kitchen.isWrapper(p)
                    || FoodClasses.shared().holds("pancake", kitchen.roles(p))
                    || isSliced(p);
            out = p != in && wraps && !p.isEmpty() ? p : out;
        }
        if (out == null || in == null) {
            return false;
        }
        wrap(out, in);
        return true;
    }

    /** "Split the chillies and stuff each with cheese". */
    private boolean fillsInHand(@Nullable Pot in) {
        Pot out = kitchen.focus.isEmpty() ? null : kitchen.whereItIs(kitchen.focus.getFirst());
        boolean fills = out != null && in != null && out != in && out.inside.isEmpty() && isVegetable(out);
        if (out != null && in != null && fills) {
            wrap(out, in);
        }
        return fills;
    }

    private boolean isLeafy(Pot pot) {
        return kitchen.main(pot).size() == 1
                && kitchen.isLeafy(kitchen.main(pot).getFirst());
    }

    /** Slices of something, long enough to roll. */
    private boolean isSliced(Pot pot) {
        return kitchen.main(pot).size() == 1
                && kitchen.lines.get(kitchen.main(pot).getFirst()).text().contains("slice");
    }

    private static boolean isBetween(Clause clause, Named n) {
        return n.slot().lead() == Lead.OVER
                && Set.of("divide", "share", "split", "distribute").contains(clause.base());
    }

    private boolean isWrapper(Named n) {
        if (n.is(Kind.LINES)) {
            return n.lines().stream().anyMatch(l -> Kitchen.WRAPPERS.contains(kitchen.role(l)))
                    || n.each() && !n.portion().is(Portion.Kind.FRACTION);
        }
        return n.is(Kind.POT) && n.pot() != null && (n.each() || wraps(n));
    }

    /** Wraps and pancakes, not every slice that something is spread on. */
    private boolean wraps(Named n) {
        return n.pot() != null
                && (kitchen.isWrapper(n.pot())
                        || FoodClasses.shared().holds("pancake", kitchen.roles(n.pot()))
                        || n.slot().tokens().getLast().is("leaf") && isLeafy(n.pot()));
    }

    private @Nullable Pot potOf(Named n) {
        if (n.pot() != null) {
            return n.pot();
        }
        if (n.is(Kind.PRONOUN)) {
            return kitchen.focus.isEmpty() ? kitchen.current : kitchen.focus.getFirst();
        }
        return n.lines().isEmpty() ? null : laying.laid(n.lines().getFirst(), Portion.ALL);
    }
}
