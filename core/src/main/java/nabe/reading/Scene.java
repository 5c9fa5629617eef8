package nabe.reading;

import java.util.HashSet;
import java.util.Set;
import nabe.recipe.Procedure.DoubtCode;
import org.jspecify.annotations.Nullable;

/** Where the reading stands: what is on the stove, in the dish and in the oven, and what the text is about just now. */
final class Scene {
    /** Where a clause happens unless it says otherwise. */
    enum Stage {
        COOKING,
        BUILDING,
        BAKING,
        RESTED
    }

    final Kitchen kitchen;
    final Naming naming;
    final Dish dish;
    final Oven oven = new Oven();
    final Stove stove;
    /** Dishes that stood on the stove: a casserole is a pot then. */
    final Set<String> stoveware = new HashSet<>();

    Stage stage = Stage.COOKING;
    /** How many pots were open when the building began. */
    int openedBefore;
    /** Whether the text spoke of the dish already. */
    boolean dishMeant;
    /** How many pots there were when the dish went in first. */
    int openedBeforeOven = Integer.MAX_VALUE;

    /** The clause that greased the dish last, -2 before any. */
    int greased = -2;
    /** The step in which things were put on a baking sheet last, -1 before any. */
    int trayStep = -1;

    int traySentence = -1;
    /** The sentence in which a pan was put on the heat while the dish waits, or -1. */
    int panOnHeat = -1;
    /** The sentence that fits a strip of pastry to the dish's rim, -1 before any. */
    int rimSentence = -1;
    /** Whether what was greased is called a pan: "butter the pan", and then things go into the pan. */
    boolean panGreased;
    /** How many like layers the next clause lays: "make 3 layers:". */
    int roundsAhead;
    /** Whether something is cooked beside while the dish bakes. */
    boolean aside;

    /** What was mixed in the dish it bakes in. */
    @Nullable
    Pot mixedInDish;

    boolean chilled;
    boolean frozen;
    /** The wrap, tube or shell filled last. */
    @Nullable
    Pot wrapper;

    Scene(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.naming = new Naming(kitchen);
        this.dish = new Dish(kitchen);
        this.stove = new Stove(kitchen, dish);
    }

    /** What was made and put nowhere is the dish. */
    void enterOven() {
        stage = Stage.BAKING;
        openedBeforeOven = Math.min(openedBeforeOven, kitchen.opened());
        oven.bake();
        if (dish.all.isEmpty()) {
            Leftovers.settle(kitchen);
            if (mixedInDish == null
                    && kitchen.pots.stream().filter(p -> !p.isEmpty()).count() > 1) {
                kitchen.doubt(DoubtCode.NOTHING_LAID, -1, "", "", 0);
            }
            Unplaced.in(kitchen, dish).forEach(p -> dish.place(p, Portion.UNSAID, false));
        }
    }
}
