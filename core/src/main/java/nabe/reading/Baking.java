package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.larder.Figures;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;

/** Clauses about the dish in the oven, and what is cooked beside it meanwhile. */
final class Baking {
    private static final double BAKES_FROM = Figures.of("reading.bakes-from");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;
    private final Stove stove;
    private final Laying laying;
    private final OvenClock ovenClock;
    private final Table table;

    Baking(Scene scene, Laying laying, OvenClock ovenClock, Table table) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
        this.stove = scene.stove;
        this.laying = laying;
        this.ovenClock = ovenClock;
        this.table = table;
    }

    boolean isOven(Clause clause, List<Named> nouns) {
        boolean cold = clause.says("fridge", "refrigerator", "overnight", "chill")
                && !clause.does(Effect.BAKE)
                && !clause.says("oven");
        if (cold || heatsMeanwhile(clause)) {
            return false;
        }
        boolean food = nouns.stream().anyMatch(n -> n.is(Kind.LINES));
        boolean timed = !clause.durations().isEmpty();
        boolean verb = clause.does(Effect.BAKE, Effect.GRILL) && !food;
        boolean roast = Set.of("roast", "cook").contains(clause.base())
                && !food
                && !clause.says("hob", "stove", "stovetop")
                && timed
                && !dish.all.isEmpty()
                && !isInHand(clause)
                && nouns.stream().noneMatch(n -> n.is(Kind.POT) && !dish.holds(n.pot()));
        boolean into = clause.says("oven") && (clause.says("into", "in", "return", "back") || timed);
        boolean covered = clause.cover() != null && timed;
        boolean heat = clause.heat() != null && timed && !food;
        boolean bare = clause.verb() == null
                && clause.opensSentence()
                && oven.isHot()
                && nouns.isEmpty()
                && clause.durations().stream().anyMatch(d -> d.minutes().max() >= BAKES_FROM);
        boolean underGrill = clause.verb() == null && timed && !food && clause.says("grill", "broiler");
        return verb || roast || into || covered || heat || bare || underGrill;
    }

    /** "Stir in the flour and cook for a minute": what was melted just now, while the dish waits. */
    private boolean isInHand(Clause clause) {
        Pot pot = kitchen.current;
        return pot != null
                && clause.base().equals("cook")
                && !clause.opensStep()
                && kitchen.focus.contains(pot)
                && Mixing.isHot(pot)
                && !dish.holds(pot)
                && pot.given < 0.01;
    }

    /** "Leave it to soak for 20 minutes while the oven heats to 190". */
    private static boolean heatsMeanwhile(Clause clause) {
        List<Token> t = clause.tokens();
        for (int i = 0; i + 1 < t.size(); i++) {
            if (t.get(i).is("oven") && (t.get(i + 1).is("heat") || t.get(i + 1).is("warm"))) {
                return Tokens.has(t.subList(0, i), "while");
            }
        }
        return false;
    }

    /** "Bake the ziti for 30 minutes": the dish, by what lies in it. */
    private boolean isBaked(Clause clause, Named noun) {
        return clause.does(Effect.BAKE, Effect.GRILL)
                && noun.slot().lead() == Lead.NONE
                && noun.pot() != null
                && dish.holds(noun.pot());
    }

    void baking(Clause clause, List<Named> nouns) {
        if (clause.does(Effect.COVER) && clause.cover() == null && clause.says("edge", "rim")) {
            return;
        }
        boolean foods = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT) && !isBaked(clause, n));
        if (isBeside(clause, nouns)) {
            scene.aside = true;
            stove.work(clause, nouns);
            return;
        }
        if (clause.cover() != null) {
            oven.cover(clause.cover());
            scene.aside = false;
        }
        if (clause.does(Effect.SERVE, Effect.FREEZE) || areToServe(nouns)) {
            table.atTable(clause, nouns);
            return;
        }
        if (clause.does(Effect.GRILL) || clause.says("grill", "broiler", "broil")) {
            oven.grill();
        } else if (clause.does(Effect.BAKE) || clause.says("oven")) {
            oven.bake();
        }
        if (ovenClock.isRest(clause)) {
            clause.durations().forEach(d -> oven.rest(d.minutes()));
            scene.stage = Scene.Stage.RESTED;
            table.atTable(clause, nouns.stream().filter(this::isFresh).toList());
            return;
        }
        boolean pronoun = nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN)) && clause.does(Effect.PLACE, Effect.JOIN);
        if (foods || pronoun || goesOver(clause)) {
            addLate(clause, nouns);
        }
        ovenClock.clock(clause);
    }

    /** "Let it set 10 then basil". */
    private boolean isFresh(Named noun) {
        return noun.is(Kind.LINES) && noun.lines().stream().allMatch(l -> kitchen.left[l] > 0.99);
    }

    /** "Add the toppings", of a list that says they are for the table. */
    private boolean areToServe(List<Named> nouns) {
        List<Named> foods = nouns.stream().filter(Named::isFood).toList();
        return !foods.isEmpty()
                && foods.stream()
                        .allMatch(n -> n.is(Kind.LINES)
                                && n.lines().stream()
                                        .allMatch(l -> kitchen.told.get(l).toServe()));
    }

    /** "Mix the crumbs and the cheese, scatter over": what was just made for it. */
    private boolean goesOver(Clause clause) {
        boolean inHand = !kitchen.focus.isEmpty()
                && kitchen.focus.stream()
                        .map(kitchen::whereItIs)
                        .allMatch(p -> p.number > scene.openedBeforeOven && !dish.holds(p));
        boolean over = clause.does(Effect.PLACE)
                || clause.does(Effect.JOIN) && clause.particles().contains("over");
        return inHand && over && !clause.says("serve", "table");
    }

    /** While the dish bakes, something else is cooked or mixed. */
    private boolean isBeside(Clause clause, List<Named> nouns) {
        if (clause.does(Effect.AWAY) && clause.says("oven")) {
            scene.aside = false;
            return false;
        }
        boolean lines = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT) && !dish.holds(n.pot()));
        boolean over = clause.particles().contains("over")
                || clause.particles().contains("on")
                || nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.OVER
                                && (!n.slot().direct() || clause.does(Effect.PREP) && n.is(Kind.LINES)));
        boolean intoPot = clause.does(Effect.JOIN)
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.INTO
                                && n.is(Kind.POT)
                                && n.pot() != null
                                && !dish.holds(n.pot()));
        boolean overDish =
                nouns.stream().anyMatch(n -> n.slot().lead() == Lead.OVER && n.pot() != null && dish.holds(n.pot()));
        boolean back = clause.says("back", "return") && !clause.durations().isEmpty() && !lines;
        if (overDish && clause.does(Effect.JOIN, Effect.PLACE) || back) {
            scene.aside &= !back;
            return false;
        }
        if (scene.aside && clause.does(Effect.ROLL) && nouns.stream().noneMatch(Named::isFood)) {
            return true;
        }
        boolean brushed = Set.of("brush", "glaze", "baste").contains(clause.base());
        if (brushed) {
            return false;
        }
        boolean makes = (intoPot
                        || PotChoice.stirsUp(kitchen, clause, nouns)
                        || clause.does(Effect.MIX, Effect.HEAT, Effect.START, Effect.PREP))
                && lines
                && !over
                && !clause.says("oven")
                && clause.cover() == null;
        boolean sprinkledIn = Set.of("sprinkle", "scatter", "dust").contains(clause.base())
                && nouns.stream()
                        .anyMatch(
                                n -> n.isFood() && n.slot().direct() && n.slot().lead() == Lead.IN);
        boolean stays = scene.aside
                && clause.cover() == null
                && (sprinkledIn || clause.does(Effect.MIX, Effect.HEAT, Effect.JOIN, Effect.PREP, Effect.START))
                && !clause.says("oven", "foil", "dish")
                && !over
                && clause.heat() == null;
        boolean backToDish = scene.aside && !sprinkledIn && clause.does(Effect.BAKE, Effect.GRILL, Effect.PLACE);
        scene.aside = scene.aside && !backToDish;
        boolean other = kitchen.topic != null
                && clause.does(Effect.MIX, Effect.HEAT, Effect.START, Effect.PREP)
                && !clause.says("oven");
        return other || makes || stays && !backToDish;
    }

    /** What goes on or is stirred in while the dish bakes. */
    private void addLate(Clause clause, List<Named> nouns) {
        boolean stirred = oven.started()
                && clause.does(Effect.JOIN, Effect.MIX)
                && (clause.particles().contains("in")
                        || nouns.stream()
                                .anyMatch(n -> n.slot().direct() && n.slot().lead() == Lead.IN && n.isFood()))
                && Set.of("stir", "fold", "mix", "beat").contains(clause.base());
        if (stirred && !dish.all.isEmpty()) {
            Pot mixture = dish.all.getFirst().pot;
            for (Named noun : nouns) {
                for (int line : noun.is(Kind.LINES) ? noun.lines() : List.<Integer>of()) {
                    double share = kitchen.accounts.take(line, noun.portion());
                    if (share > 0.001) {
                        mixture.add(line, share);
                        oven.add(kitchen.lines.get(line).item());
                    }
                }
            }
            return;
        }
        laying.lay(clause, nouns, oven.started());
    }
}
