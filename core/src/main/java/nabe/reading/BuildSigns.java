package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;

/** Signs that tell whether a clause builds the dish or works in a pot of its own. */
final class BuildSigns {
    private static final Set<String> COATS = Set.of("dust", "dip", "dredge", "coat", "press", "roll", "toss", "flour");
    private static final Set<String> COATED =
            Set.of("poultry", "meat", "fish", "tofu", "slice-vegetable", "slice-root", "melting-cheese");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Stove stove;
    private final int clauseCount;
    private final LaySigns laySigns;

    BuildSigns(Scene scene, int clauseCount) {
        this.clauseCount = clauseCount;
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.stove = scene.stove;
        this.laySigns = new LaySigns(scene);
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
        boolean makes = clause.base().equals("make") && clause.words().endsWith(":") && clause.says("layer");
        return heads
                || makes && nouns.stream().noneMatch(Named::isFood)
                || Set.of("layer", "assemble", "build").contains(clause.base())
                        && nouns.stream().noneMatch(n -> n.isFood() || n.isVessel() && !n.is(Kind.DISH));
    }

    /** "Butter a dish. Put in: half the potato, all the onion". */
    boolean putsIn(Clause clause) {
        return clause.base().equals("put")
                && clause.words().endsWith(":")
                && clause.slots().isEmpty()
                && scene.dishMeant;
    }

    /** "Stir for a minute", "bubble for 2": the pot in hand, while the dish waits. */
    boolean goesOnWithPot(Clause clause, List<Named> nouns) {
        boolean named = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT) || n.is(Kind.DISH));
        boolean inHand = !kitchen.focus.isEmpty() && kitchen.focus.stream().noneMatch(dish::holds);
        boolean works = clause.does(Effect.HEAT, Effect.START, Effect.MIX, Effect.PREP, Effect.REST, Effect.ROLL)
                || clause.does(Effect.JOIN) && !laySigns.toDish(clause, nouns);
        return !named
                && inHand
                && works
                && clause.cover() == null
                && !clause.particles().contains("over");
    }

    /** "Put the saucepan back on the heat and add the milk, flour and butter", with the cauliflower in its dish. */
    boolean putsPanOn(Clause clause, List<Named> nouns) {
        return clause.says("heat", "hob", "stove")
                && nouns.stream().anyMatch(n -> n.is(Kind.PAN) && n.slot().lead() == Lead.NONE)
                && nouns.stream().noneMatch(Named::isFood);
    }

    boolean isForThePan(Clause clause, List<Named> nouns) {
        return clause.does(Effect.JOIN, Effect.START, Effect.HEAT)
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES))
                && nouns.stream().noneMatch(n -> n.is(Kind.DISH));
    }

    /** "Trim and crimp", "cut two slits": what is done to what lies on top. */
    boolean finishesDish(Clause clause, List<Named> nouns) {
        return clause.does(Effect.PREP)
                && nouns.stream().noneMatch(n -> n.isFood() || n.isVessel())
                && clause.durations().isEmpty()
                && !clause.says("overnight", "refrigerate", "chill", "fridge")
                && isLaid();
    }

    /** "Flatten the chicken, dust with the flour, dip in the egg": what is in hand, while the dish waits with its sauce. */
    boolean coatsHand(Clause clause, List<Named> nouns) {
        boolean coats = COATS.contains(clause.base())
                && nouns.stream().noneMatch(n -> n.isVessel() || n.slot().lead() == Lead.OVER)
                && nouns.stream()
                        .filter(Named::isFood)
                        .allMatch(n -> n.is(Kind.LINES)
                                && (n.slot().lead() == Lead.WITH || n.slot().lead() == Lead.IN));
        List<Pot> inHand = kitchen.focus.stream().map(kitchen::whereItIs).toList();
        return coats
                && !inHand.isEmpty()
                && inHand.stream().noneMatch(dish::holds)
                && inHand.stream()
                        .flatMap(p -> p.lines.keySet().stream())
                        .anyMatch(l -> COATED.contains(kitchen.role(l)));
    }

    /** Whether what is in hand lies in the dish. */
    private boolean isLaid() {
        return !kitchen.focus.isEmpty()
                && kitchen.focus.stream().map(kitchen::whereItIs).allMatch(dish::holds);
    }

    /** "Make a layer with half the noodles and the spinach": laid, not mixed. */
    static boolean makesLayer(Clause clause) {
        return clause.base().equals("make") && clause.says("layer");
    }

    boolean stirsAll(Clause clause, List<Named> nouns) {
        boolean all = nouns.stream().allMatch(n -> n.is(Kind.PRONOUN) || n.is(Kind.UNKNOWN));
        boolean named = nouns.stream()
                .anyMatch(
                        n -> n.is(Kind.UNKNOWN) && n.slot().tokens().getFirst().is("the"));
        boolean stirs =
                !named && Set.of("stir", "mix", "toss", "combine", "fold").contains(clause.base());
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
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.WITH
                                && (n.is(Kind.LINES) || n.is(Kind.POT) && clause.brushes()));
        if (brushed && (isLaid() || clause.brushes())) {
            return false;
        }
        boolean coats = Set.of("coat", "dress", "moisten").contains(clause.base())
                && !dish.all.isEmpty()
                && nouns.stream().filter(Named::isFood).allMatch(n -> n.slot().lead() == Lead.WITH);
        if (coats) {
            return false;
        }
        boolean works = PotChoice.stirsUp(kitchen, clause, nouns)
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
                && !(clause.base().equals("put") && clause.opensSentence())
                && (clause.particles().contains("in")
                        || nouns.stream()
                                .anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN)
                        || clause.base().equals("add")
                        || clause.base().equals("stir"));
        return current != null
                        && current.worked
                        && !dish.holds(current)
                        && current.given < 0.99
                        && joins
                        && nouns.stream().anyMatch(n -> n.is(Kind.LINES) || isLooseSolid(n))
                        && nouns.stream().noneMatch(n -> n.is(Kind.DISH))
                        && kitchen.focus.contains(current)
                        && current.number > scene.openedBefore
                || finishesPot(clause, nouns);
    }

    /** "Beat the eggs and cream, stir in the leeks", that were softened before. */
    private boolean isLooseSolid(Named noun) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        return pot != null
                && pot != kitchen.current
                && noun.slot().lead() == Lead.IN
                && noun.slot().direct()
                && pot.given < 0.01
                && !dish.holds(pot);
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
