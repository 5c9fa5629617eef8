package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Whether a clause is the first that builds the dish: signs in order, the first that tells decides. */
final class BuildStart {
    private static final Set<String> LAYS =
            Set.of("lay", "layer", "arrange", "spread", "build", "assemble", "alternate");
    private static final Set<String> BEGINS = Set.of("start", "begin");
    private static final Set<String> LINES = Set.of("line", "turn into");

    private final Scene scene;
    private final Meaning meaning;
    private final Kitchen kitchen;
    private final Dish dish;

    BuildStart(Scene scene, Meaning meaning) {
        this.meaning = meaning;
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
    }

    /** What a sign says. */
    private enum Says {
        STARTS,
        STAYS,
        NOTHING;

        static Says startsIf(boolean sign) {
            return sign ? STARTS : NOTHING;
        }

        static Says staysIf(boolean sign) {
            return sign ? STAYS : NOTHING;
        }
    }

    /** One sign. */
    private interface Sign {
        Says read(Clause clause, List<Named> nouns);
    }

    private static final Set<String> SCATTERS = Set.of("dot", "sprinkle", "scatter", "strew", "top");
    private static final Set<String> ON_TOP =
            Set.of("melting-cheese", "hard-cheese", "crumbly-cheese", "slab", "crumbs");

    private final List<Sign> signs = List.of(
            (c, n) -> Says.staysIf(fries(c, n)),
            (c, n) -> Says.staysIf(butters(c, n)),
            (c, n) -> Says.startsIf(coatsDish(c, n)),
            (c, n) -> Says.startsIf(coversStove(c, n)),
            (c, n) -> Says.startsIf(linesWithFood(c, n)),
            (c, n) -> Says.startsIf(standsInDish(c, n)),
            (c, n) -> Says.startsIf(goesIntoDish(c, n)),
            (c, n) -> Says.startsIf(gratesOver(c, n)),
            (c, n) -> Says.staysIf(isWorkElsewhere(c, n)),
            (c, n) -> Says.startsIf(isInLayers(c, n)),
            (c, n) -> Says.startsIf(topsWhatIsHot(c, n)),
            (c, n) -> Says.startsIf(topsTheStove(c, n)),
            (c, n) -> Says.startsIf(topsTheMixed(c, n)),
            (c, n) -> Says.startsIf(isPotful(c, n)),
            (c, n) -> Says.startsIf(lays(c, n)),
            (c, n) -> Says.startsIf(begins(c, n)),
            (c, n) -> Says.startsIf(isPortioned(c, n)),
            (c, n) -> Says.startsIf(isDolloped(c, n)),
            (c, n) -> Says.startsIf(goesOverAPot(c, n)));

    boolean starts(Clause clause, List<Named> nouns) {
        for (Sign sign : signs) {
            Says says = sign.read(clause, nouns);
            if (says != Says.NOTHING) {
                return says == Says.STARTS;
            }
        }
        return false;
    }

    /** "Onion in the oil in an ovenproof pan, 10 min": on the stove, though it goes into the oven later. */
    boolean fries(Clause clause, List<Named> nouns) {
        return clause.verb() == null
                && !clause.durations().isEmpty()
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.IN
                                && n.is(Kind.LINES)
                                && n.lines().stream().allMatch(kitchen::isFat));
    }

    private boolean butters(Clause clause, List<Named> nouns) {
        return Coating.butters(clause, nouns, kitchen);
    }

    /** "Cover the dish with half of the potatoes". */
    private static boolean coatsDish(Clause clause, List<Named> nouns) {
        return (clause.does(Effect.COVER, Effect.PLACE) || clause.base().equals("coat"))
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.NONE)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && isNamed(n));
    }

    /** "Overlap the slices over the casserole": what stands in it from the stove lies under them. */
    private boolean coversStove(Clause clause, List<Named> nouns) {
        boolean over = clause.does(Effect.PLACE)
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.OVER
                                && n.is(Kind.PAN)
                                && scene.stoveware.contains(
                                        n.slot().tokens().getLast().key()));
        boolean lays =
                over && nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() == Lead.NONE);
        Pot below = kitchen.pots.stream()
                .filter(p -> lays
                        && p.worked
                        && p.given < 0.01
                        && Mixing.isHot(p)
                        && nouns.stream().noneMatch(n -> n.pot() == p))
                .reduce((a, b) -> b)
                .orElse(null);
        if (below != null && dish.all.isEmpty()) {
            dish.placeUnder(below);
        }
        return below != null;
    }

    /** "Line it with the pastry", once the dish was spoken of. */
    private boolean linesWithFood(Clause clause, List<Named> nouns) {
        boolean dough = nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN))
                && kitchen.focus.stream()
                        .anyMatch(p -> !dish.holds(p)
                                && p.steps.stream().anyMatch(s -> s.action().equals("roll")));
        return isLining(clause) && scene.dishMeant && (dough || nouns.stream().anyMatch(BuildStart::isNamed));
    }

    /** "Stand them in a dish". */
    private boolean standsInDish(Clause clause, List<Named> nouns) {
        return clause.does(Effect.REST)
                && clause.durations().isEmpty()
                && !kitchen.focus.isEmpty()
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.IN);
    }

    /** "Tip into the dish", "press into a tin", and what is put right after the dish was greased. */
    private boolean goesIntoDish(Clause clause, List<Named> nouns) {
        boolean intoGreased = scene.greased == kitchen.clause - 1
                && (clause.verb() == null || clause.does(Effect.JOIN, Effect.PLACE))
                && !clause.opensStep();
        return hasFood(clause, nouns)
                && (isIntoDish(clause, nouns) || intoGreased && nouns.stream().anyMatch(BuildStart::isNamed))
                && !cooks(clause, nouns);
    }

    private boolean isWorkElsewhere(Clause clause, List<Named> nouns) {
        boolean onTray = nouns.stream()
                .anyMatch(n -> n.is(Kind.TRAY)
                        || n.is(Kind.BOWL)
                        || n.is(Kind.LID) && n.slot().lead() == Lead.OVER);
        boolean inPan = nouns.stream().anyMatch(n -> n.is(Kind.PAN)) && !clause.does(Effect.PLACE);
        return onTray || inPan || cooks(clause, nouns) || !hasFood(clause, nouns);
    }

    /** "In layers, the potatoes and the leeks", once the dish was spoken of. */
    private boolean isInLayers(Clause clause, List<Named> nouns) {
        return clause.verb() == null
                && scene.dishMeant
                && clause.says("layer")
                && nouns.stream().filter(Named::isFood).count() > 1;
    }

    /** "Top with the mash": what is hot in the pot lies under it. */
    private boolean topsWhatIsHot(Clause clause, List<Named> nouns) {
        Pot current = kitchen.current;
        boolean tops = clause.does(Effect.PLACE)
                && (clause.says("top") || scattersCheese(clause, nouns))
                && current != null
                && current.lines.size() > 2
                && Mixing.isHot(current)
                && nouns.stream().noneMatch(n -> n.is(Kind.POT) && n.slot().lead() == Lead.OVER)
                && nouns.stream().anyMatch(BuildStart::isNamed)
                && dish.all.isEmpty();
        if (current != null && tops) {
            dish.placeUnder(current);
        }
        return tops;
    }

    /** "Dot over the mozzarella", of a pan that goes under the grill as it is. */
    private boolean scattersCheese(Clause clause, List<Named> nouns) {
        return SCATTERS.contains(clause.base())
                && nouns.stream().anyMatch(Named::isFood)
                && nouns.stream()
                        .filter(Named::isFood)
                        .allMatch(n ->
                                n.is(Kind.LINES) && n.lines().stream().allMatch(l -> ON_TOP.contains(kitchen.role(l))))
                && !meaning.anotherDishAfter(kitchen.clause);
    }

    /** "Rub the crumbs together, pile on top". */
    private boolean topsTheStove(Clause clause, List<Named> nouns) {
        boolean tops = clause.does(Effect.PLACE)
                && clause.says("top")
                && nouns.stream().noneMatch(BuildStart::isNamed)
                && dish.all.isEmpty();
        Pot below = tops ? stove() : null;
        if (below != null) {
            dish.placeUnder(below);
        }
        return below != null;
    }

    /** "Grate the tomatoes over" what was tossed in the tin it bakes in. */
    private boolean gratesOver(Clause clause, List<Named> nouns) {
        Pot mixed = scene.mixedInDish;
        boolean over = Set.of("grate", "crumble", "tear", "snip", "shave").contains(clause.base())
                && clause.particles().contains("over")
                && mixed != null
                && !mixed.isEmpty()
                && nouns.stream().anyMatch(BuildStart::isNamed)
                && dish.all.isEmpty();
        if (mixed != null && over) {
            dish.placeUnder(mixed);
        }
        return over;
    }

    /** "Scatter the rest over the top", "scatter over the rest" of what was tossed in the dish it bakes in. */
    private boolean topsTheMixed(Clause clause, List<Named> nouns) {
        Pot mixed = scene.mixedInDish;
        boolean tops = clause.does(Effect.PLACE)
                && (clause.says("top") || clause.says("over"))
                && mixed != null
                && !mixed.isEmpty()
                && nouns.stream().anyMatch(BuildStart::isNamed)
                && dish.all.isEmpty();
        if (mixed != null && tops) {
            dish.placeUnder(mixed);
        }
        return tops;
    }

    /** "Spoon half the sauce into the pan". */
    private static boolean isPotful(Clause clause, List<Named> nouns) {
        return isPartOfPot(nouns)
                && clause.does(Effect.PLACE)
                && nouns.stream().anyMatch(n -> n.is(Kind.PAN) && n.slot().lead() == Lead.INTO);
    }

    /** "Spread the sauce", "arrange the slices". */
    private boolean lays(Clause clause, List<Named> nouns) {
        return (LAYS.contains(clause.base()) || BuildSigns.makesLayer(clause))
                && nouns.stream().anyMatch(BuildStart::isNamed)
                && (scene.dishMeant
                        || isAlternated(clause, nouns)
                        || clause.does(Effect.PLACE) && kitchen.pots.stream().anyMatch(p -> p.worked));
    }

    /** "Layer the potatoes and leeks alternately", without a word of the dish. */
    private static boolean isAlternated(Clause clause, List<Named> nouns) {
        return Set.of("layer", "alternate").contains(clause.base())
                && nouns.stream().filter(BuildStart::isNamed).count() > 1;
    }

    /** "Start with a third of the potatoes". */
    private static boolean begins(Clause clause, List<Named> nouns) {
        return BEGINS.contains(clause.base())
                && clause.durations().isEmpty()
                && nouns.stream()
                        .anyMatch(n -> isNamed(n)
                                && n.slot().lead() == Lead.WITH
                                && n.portion().isSaid());
    }

    /** "Half the ragù, ..." of several pots that are ready. */
    private boolean isPortioned(Clause clause, List<Named> nouns) {
        boolean first = clause.says("first") && nouns.stream().anyMatch(n -> n.is(Kind.POT));
        return clause.verb() == null
                && (isPartOfPot(nouns) || first)
                && clause.opensSentence()
                && kitchen.pots.stream().filter(p -> p.worked).count() > 1;
    }

    /** "Drop spoonfuls on the filling": the dough in hand, on what stands in the skillet. */
    private boolean isDolloped(Clause clause, List<Named> nouns) {
        boolean puts = clause.does(Effect.PLACE) || isDropped(clause);
        return puts
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.OVER && isHotFilling(n.pot()))
                && nouns.stream().noneMatch(n -> n.isFood() && n.slot().lead() != Lead.OVER)
                && kitchen.focus.stream().anyMatch(p -> p.worked && !Mixing.isHot(p) && !isUnder(p, nouns));
    }

    private static boolean isDropped(Clause clause) {
        return clause.base().equals("drop");
    }

    /** "Lay the mash over the mince", "drop the dough over the filling". */
    private static boolean goesOverAPot(Clause clause, List<Named> nouns) {
        return (clause.does(Effect.PLACE) || isDropped(clause))
                && nouns.stream()
                        .anyMatch(n -> (n.slot().lead() == Lead.OVER || n.slot().lead() == Lead.INTO)
                                && n.is(Kind.POT)
                                && n.pot() != null
                                && n.pot().worked
                                && (n.pot().lines.size() > 2
                                        || Mixing.isHot(n.pot())
                                                && n.pot().lines.size() > 1))
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.NONE
                                && (n.is(Kind.POT) && !isUnder(n.pot(), nouns) || n.is(Kind.PRONOUN)));
    }

    private boolean hasFood(Clause clause, List<Named> nouns) {
        boolean puts = clause.verb() == null
                || clause.does(Effect.JOIN, Effect.PLACE)
                || clause.does(Effect.PREP) && nouns.stream().allMatch(n -> n.is(Kind.DISH) || n.is(Kind.PRONOUN));
        return nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() != Lead.OVER)
                || puts && !kitchen.focus.isEmpty();
    }

    private static boolean cooks(Clause clause, List<Named> nouns) {
        boolean makes = clause.does(Effect.HEAT, Effect.START, Effect.MIX, Effect.BAKE, Effect.DRAW);
        return makes && !BuildSigns.makesLayer(clause)
                || clause.does(Effect.PREP, Effect.AWAY) && !isIntoDish(clause, nouns);
    }

    private static boolean isIntoDish(Clause clause, List<Named> nouns) {
        return nouns.stream()
                .anyMatch(n -> n.is(Kind.DISH)
                        && (isLining(clause) || n.slot().lead() != Lead.NONE)
                        && n.slot().lead() != Lead.WITH
                        && n.slot().lead() != Lead.FROM);
    }

    private static boolean isLining(Clause clause) {
        return LINES.contains(clause.base());
    }

    private static boolean isNamed(Named noun) {
        return noun.is(Kind.POT) || noun.is(Kind.LINES);
    }

    private static boolean isPartOfPot(List<Named> nouns) {
        return nouns.stream()
                .anyMatch(
                        n -> n.is(Kind.POT) && n.portion().isSaid() && n.slot().lead() == Lead.NONE);
    }

    /** What cooked in the pan before, where what is in hand is raw. */
    private @Nullable Pot stove() {
        boolean raw = !kitchen.focus.isEmpty()
                && kitchen.focus.stream().allMatch(p -> (p.worked || Mixing.isInHand(p)) && !Mixing.isHot(p));
        return kitchen.pots.stream()
                .filter(p -> raw && p.given < 0.01 && !kitchen.focus.contains(p) && isHotFilling(p))
                .reduce((a, b) -> b)
                .orElse(null);
    }

    /** What stands in the skillet it bakes in. */
    private boolean isHotFilling(@Nullable Pot pot) {
        return pot != null && Mixing.isHot(pot) && kitchen.main(pot).size() > 1;
    }

    private static boolean isUnder(@Nullable Pot pot, List<Named> nouns) {
        return nouns.stream().anyMatch(n -> n.slot().lead() == Lead.OVER && n.pot() == pot);
    }
}
