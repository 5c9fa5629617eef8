package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Signs that tell whether a clause builds the dish or works in a pot of its own. */
final class BuildSigns {
    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Stove stove;
    private final int clauseCount;
    private final Laying laying;

    BuildSigns(Scene scene, int clauseCount, Laying laying) {
        this.clauseCount = clauseCount;
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.stove = scene.stove;
        this.laying = laying;
    }

    /** Whether no later clause puts anything into the dish. */
    boolean isLate() {
        return !dish.all.isEmpty() || kitchen.pots.size() > 0 && kitchen.clause > clauseCount / 3;
    }

    /** "Layer in a dish", "in a 20 cm dish:", without a word what. */
    boolean isBare(Clause clause, List<Named> nouns) {
        boolean heads = clause.verb() == null
                && clause.words().endsWith(":")
                && !nouns.isEmpty()
                && nouns.stream().allMatch(n -> n.is(Kind.DISH));
        return heads
                || clause.verb() != null
                        && Set.of("layer", "assemble", "build")
                                .contains(clause.verb().base())
                        && nouns.stream().noneMatch(n -> n.isFood() || n.isVessel() && !n.is(Kind.DISH));
    }

    boolean startsBuilding(Clause clause, List<Named> nouns) {
        boolean lines = clause.verb() != null
                && Set.of("line", "turn into").contains(clause.verb().base());
        boolean intoDish = nouns.stream()
                .anyMatch(n -> n.is(Kind.DISH)
                        && (lines || n.slot().lead() != Lead.NONE)
                        && n.slot().lead() != Lead.WITH
                        && n.slot().lead() != Lead.FROM);
        boolean puts = clause.verb() == null
                || clause.does(Effect.JOIN, Effect.PLACE)
                || clause.does(Effect.PREP) && nouns.stream().allMatch(n -> n.is(Kind.DISH) || n.is(Kind.PRONOUN));
        boolean food = nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() != Lead.OVER)
                || puts && !kitchen.focus.isEmpty();
        if (fries(clause, nouns)) {
            return false;
        }
        boolean coats = clause.does(Effect.COVER, Effect.PLACE)
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.NONE)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && (n.is(Kind.POT) || n.is(Kind.LINES)));
        if (coats) {
            return true;
        }
        if (coversStove(clause, nouns)) {
            return true;
        }
        boolean elsewhere = nouns.stream()
                .anyMatch(n -> n.is(Kind.BOWL)
                        || n.is(Kind.TRAY)
                        || n.is(Kind.PAN)
                        || n.is(Kind.LID) && n.slot().lead() == Lead.OVER);
        boolean onTray = nouns.stream()
                .anyMatch(n -> n.is(Kind.TRAY)
                        || n.is(Kind.BOWL)
                        || n.is(Kind.LID) && n.slot().lead() == Lead.OVER);
        if (lines && scene.dishMeant && nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT))) {
            return true;
        }
        boolean stands = clause.does(Effect.REST)
                && clause.durations().isEmpty()
                && !kitchen.focus.isEmpty()
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.IN);
        if (stands) {
            return true;
        }
        boolean cooks = clause.does(Effect.HEAT, Effect.START, Effect.MIX, Effect.AWAY, Effect.BAKE, Effect.DRAW)
                || clause.does(Effect.PREP) && !intoDish;
        boolean intoGreased = scene.greased == kitchen.clause - 1
                && (clause.verb() == null || clause.does(Effect.JOIN, Effect.PLACE))
                && !clause.opensStep();
        if (food
                && (intoDish || intoGreased && nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT)))
                && !cooks) {
            return true;
        }
        if (elsewhere && (onTray || !clause.does(Effect.PLACE)) || cooks || !food) {
            return false;
        }
        boolean lays = clause.verb() != null
                && Set.of("lay", "layer", "arrange", "spread", "build", "assemble", "alternate")
                        .contains(clause.verb().base());
        boolean made = nouns.stream()
                .anyMatch(
                        n -> n.is(Kind.POT) && n.portion().isSaid() && n.slot().lead() == Lead.NONE);
        boolean inLayers = clause.verb() == null
                && scene.dishMeant
                && clause.says("layer")
                && nouns.stream().filter(Named::isFood).count() > 1;
        if (inLayers) {
            return true;
        }
        boolean first = clause.says("first") && nouns.stream().anyMatch(n -> n.is(Kind.POT));
        boolean portions = clause.verb() == null
                && (made || first)
                && clause.opensSentence()
                && kitchen.pots.stream().filter(p -> p.worked).count() > 1;
        boolean over = clause.does(Effect.PLACE)
                && nouns.stream()
                        .anyMatch(n -> (n.slot().lead() == Lead.OVER || n.slot().lead() == Lead.INTO)
                                && n.is(Kind.POT)
                                && n.pot() != null
                                && n.pot().worked
                                && n.pot().lines.size() > 2)
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.NONE
                                && (n.is(Kind.POT) && !isUnder(n.pot(), nouns) || n.is(Kind.PRONOUN)));
        boolean dolloped = (clause.does(Effect.PLACE)
                        || clause.verb() != null && clause.verb().base().equals("drop"))
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.OVER && isHotFilling(n.pot()))
                && nouns.stream().noneMatch(n -> n.isFood() && n.slot().lead() != Lead.OVER)
                && kitchen.focus.stream().anyMatch(p -> p.worked && !Mixing.isHot(p) && !isUnder(p, nouns));
        boolean named = nouns.stream().anyMatch(n -> n.is(Kind.POT) || n.is(Kind.LINES));
        boolean tops = clause.does(Effect.PLACE)
                && (clause.verb().base().equals("top") || clause.says("top"))
                && kitchen.current != null
                && kitchen.current.lines.size() > 2
                && Mixing.isHot(kitchen.current)
                && nouns.stream().noneMatch(n -> n.is(Kind.POT) && n.slot().lead() == Lead.OVER);
        if (tops && named && dish.all.isEmpty()) {
            dish.placeUnder(kitchen.current);
            return true;
        }
        Pot below = clause.does(Effect.PLACE) && clause.says("top") && !named && dish.all.isEmpty() ? stove() : null;
        if (below != null) {
            dish.placeUnder(below);
            return true;
        }
        boolean potful = made
                && clause.does(Effect.PLACE)
                && nouns.stream().anyMatch(n -> n.is(Kind.PAN) && n.slot().lead() == Lead.INTO);
        if (potful) {
            return true;
        }
        return lays
                        && named
                        && (scene.dishMeant
                                || clause.does(Effect.PLACE)
                                        && kitchen.pots.stream().anyMatch(p -> p.worked))
                || portions
                || dolloped
                || over;
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

    /** "Rub the crumbs together, pile on top": what cooked in the pan before, where what is in hand is raw. */
    private @Nullable Pot stove() {
        boolean raw = !kitchen.focus.isEmpty() && kitchen.focus.stream().allMatch(p -> p.worked && !Mixing.isHot(p));
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

    /** "Stir for a minute", "bubble for 2": the pot in hand, while the dish waits. */
    boolean goesOnWithPot(Clause clause, List<Named> nouns) {
        boolean named = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT) || n.is(Kind.DISH));
        boolean inHand = !kitchen.focus.isEmpty() && kitchen.focus.stream().noneMatch(dish::holds);
        boolean works = clause.does(Effect.HEAT, Effect.START, Effect.MIX, Effect.PREP, Effect.REST)
                || clause.does(Effect.JOIN) && !laying.toDish(clause, nouns);
        return !named
                && inHand
                && works
                && clause.cover() == null
                && !clause.particles().contains("over");
    }

    /** "Trim and crimp", "cut two slits": what is done to what lies on top. */
    boolean finishesDish(Clause clause, List<Named> nouns) {
        return clause.does(Effect.PREP)
                && nouns.stream().noneMatch(n -> n.isFood() || n.isVessel())
                && clause.durations().isEmpty()
                && !clause.says("overnight", "refrigerate", "chill", "fridge")
                && isLaid();
    }

    /** Whether what is in hand lies in the dish. */
    private boolean isLaid() {
        return !kitchen.focus.isEmpty()
                && kitchen.focus.stream().map(kitchen::whereItIs).allMatch(dish::holds);
    }

    /** "Make a layer with half the noodles and the spinach": laid, not mixed. */
    boolean makesLayer(Clause clause) {
        return clause.verb() != null && clause.verb().base().equals("make") && clause.says("layer");
    }

    boolean stirsAll(Clause clause, List<Named> nouns) {
        boolean all = nouns.stream().allMatch(n -> n.is(Kind.PRONOUN) || n.is(Kind.UNKNOWN));
        boolean named = nouns.stream()
                .anyMatch(
                        n -> n.is(Kind.UNKNOWN) && n.slot().tokens().getFirst().is("the"));
        boolean stirs = !named
                && clause.verb() != null
                && Set.of("stir", "mix", "toss", "combine", "fold")
                        .contains(clause.verb().base());
        boolean last = dish.all.isEmpty() || kitchen.focus.isEmpty() || dish.holds(kitchen.focus.getFirst());
        return stirs && all && dish.all.size() > 1 && last;
    }

    /** While building, things mixed or heated apart are still made in pots of their own. */
    boolean makesApart(Clause clause, List<Named> nouns) {
        boolean over = nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.OVER
                                && (n.is(Kind.PRONOUN)
                                        || n.is(Kind.POT)
                                        || n.is(Kind.DISH)
                                        || n.slot().tokens().getLast().is("top")
                                        || n.slot().direct() && clause.does(Effect.PREP)))
                || clause.particles().contains("over")
                || nouns.stream().anyMatch(n -> n.is(Kind.DISH));
        boolean foods = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT) || n.is(Kind.PRONOUN));
        boolean bowl = nouns.stream()
                .anyMatch(n -> n.is(Kind.BOWL)
                        || n.is(Kind.PAN) && !clause.does(Effect.PLACE)
                        || n.is(Kind.TRAY) && clause.does(Effect.JOIN));
        boolean brushed = clause.does(Effect.PREP)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && n.is(Kind.LINES));
        if (brushed && (isLaid() || clause.verb().base().equals("brush"))) {
            return false;
        }
        boolean coats = clause.verb() != null
                && Set.of("coat", "dress", "moisten").contains(clause.verb().base())
                && !dish.all.isEmpty()
                && nouns.stream().filter(Named::isFood).allMatch(n -> n.slot().lead() == Lead.WITH);
        if (coats) {
            return false;
        }
        boolean works = PotChoice.stirsUp(clause, nouns)
                || clause.does(
                        Effect.MIX,
                        Effect.HEAT,
                        Effect.START,
                        Effect.KEEP,
                        Effect.DRAW,
                        Effect.AWAY,
                        Effect.PREP,
                        Effect.ROLL);
        boolean intoPot = clause.does(Effect.JOIN)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.INTO && n.is(Kind.POT) && !dish.holds(n.pot()));
        return works && !over && (foods || clause.does(Effect.PREP, Effect.KEEP))
                || bowl && foods
                || intoPot
                || clause.says("kettle")
                || continuesPot(clause, nouns);
    }

    /** "Stir in the flour, then the milk" after "melt the butter" goes on in that pot. */
    private boolean continuesPot(Clause clause, List<Named> nouns) {
        Pot current = kitchen.current;
        boolean joins = clause.does(Effect.JOIN)
                && (clause.particles().contains("in")
                        || nouns.stream()
                                .anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN)
                        || clause.verb().base().equals("add")
                        || clause.verb().base().equals("stir"));
        return current != null
                        && current.worked
                        && !dish.holds(current)
                        && current.given < 0.99
                        && joins
                        && nouns.stream().anyMatch(n -> n.is(Kind.LINES))
                        && nouns.stream().noneMatch(n -> n.is(Kind.DISH))
                        && kitchen.focus.contains(current)
                        && current.number > scene.openedBefore
                || finishesPot(clause, nouns);
    }

    /** "Sprinkle over the flour and stir": a pot on the heat is finished before it goes into the dish. */
    private boolean finishesPot(Clause clause, List<Named> nouns) {
        Pot current = kitchen.current;
        boolean here = current != null
                && current.number > scene.openedBefore
                && !dish.holds(current)
                && current.given < 0.99
                && Mixing.isHot(current)
                && kitchen.focus.contains(current);
        boolean elsewhere = clause.says("top")
                || nouns.stream()
                        .anyMatch(n -> n.is(Kind.DISH)
                                || n.slot().lead() == Lead.OVER && !n.slot().direct()
                                || n.is(Kind.POT) && n.pot() == current);
        return here
                && clause.does(Effect.JOIN, Effect.PLACE)
                && !elsewhere
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES));
    }
}
