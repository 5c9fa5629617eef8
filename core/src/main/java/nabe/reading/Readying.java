package nabe.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Figures;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure;

/** What readies oven and dish: heat, and fat that only greases. */
final class Readying {
    private static final Set<String> GREASES =
            Set.of("rub", "brush", "spray", "mist", "coat", "smear", "grease", "butter", "oil", "line", "dust");
    private static final Set<String> COATS =
            Set.of("shake", "sprinkle", "scatter", "dust", "coat", "swirl", "tap", "strew", "line");
    /** Clauses back to the one that the dish was last greased in. */
    private static final int MOST_BETWEEN = 2;

    private static final Set<String> CRUSTS = Set.of("pastry", "pastry-thin", "flour", "flour-raising");
    static final double MOST_GREASE = Figures.of("reading.most-grease");
    private static final double MOST_BUTTER = Figures.of("reading.most-butter");

    private final Scene scene;
    private final Kitchen kitchen;

    Readying(Scene scene) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
    }

    boolean isComponentsHeat(Clause clause, List<Named> nouns) {
        return scene.stage == Scene.Stage.COOKING
                && clause.does(Effect.START, Effect.HEAT, Effect.BAKE)
                && !clause.base().equals("heat")
                && !clause.base().equals("preheat")
                && !clause.base().equals("warm")
                && (nouns.stream().anyMatch(Named::isFood)
                        || nouns.stream().anyMatch(n -> n.is(Kind.TRAY))
                        || !kitchen.focus.isEmpty() && clause.base().equals("roast"));
    }

    /** "Heat the oven to 190C". */
    boolean isPreheat(Clause clause, List<Named> nouns) {
        boolean named = clause.says("oven", "gas", "preheat", "thermostat") && !clause.says("dutch");
        boolean timed = !clause.durations().isEmpty();
        boolean food = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT));
        boolean back = clause.says("return", "back", "into", "in");
        if (named && clause.heat() != null && !timed && !food && scene.stage != Scene.Stage.BAKING) {
            boolean intoOven = clause.says("into") || clause.does(Effect.BAKE);
            if (intoOven && scene.stage == Scene.Stage.BUILDING) {
                scene.enterOven();
            }
            return true;
        }
        return named
                && !timed
                && !food
                && !back
                && !clause.does(Effect.BAKE)
                && clause.cover() == null
                && scene.stage != Scene.Stage.BAKING;
    }

    boolean greases(Clause clause, List<Named> nouns) {
        boolean greasy = clause.does(Effect.GREASE) || GREASES.contains(clause.base()) || usesFat(clause, nouns);
        boolean vessel = nouns.stream()
                .anyMatch(n -> n.is(Kind.DISH) || n.is(Kind.LID) || n.is(Kind.PAN) && clause.does(Effect.GREASE));
        if (greasesTray(clause, nouns)) {
            kitchen.vesselReadied = kitchen.clause;
            if (!uses(nouns).isEmpty() || !goesOn(clause)) {
                kitchen.readying.add(new Steps(kitchen).of(clause, uses(nouns), null));
            }
            return true;
        }
        if (coatsGreased(clause, nouns)) {
            greaseWith(clause, nouns);
            kitchen.readying.add(new Steps(kitchen).of(clause, uses(nouns), null));
            return true;
        }
        if (greasesAgain(clause, nouns)) {
            greaseWith(clause, nouns);
            scene.greased = kitchen.clause;
            return true;
        }
        boolean food = nouns.stream()
                .anyMatch(n -> n.is(Kind.POT)
                        || n.is(Kind.LINES) && n.lines().stream().anyMatch(l -> !kitchen.isFat(l) && !isCoating(l)));
        boolean line = clause.base().equals("line");
        if (line && clause.particles().contains("up")) {
            return false;
        }
        if (rubsDish(clause, nouns) || rubsItRound(clause, nouns)) {
            greaseWith(clause, nouns);
            kitchen.readying.add(new Steps(kitchen).of(clause, uses(nouns), null));
            scene.dishMeant = true;
            scene.greased = kitchen.clause;
            return true;
        }
        boolean pastry = line
                && nouns.stream().noneMatch(n -> n.is(Kind.LID))
                && kitchen.focus.stream().anyMatch(this::isRolledOut);
        if (!greasy || !vessel || pastry || food && !clause.does(Effect.GREASE)) {
            return false;
        }
        greaseWith(clause, nouns);
        if (nouns.stream().noneMatch(n -> n.is(Kind.PRONOUN))
                || nouns.getFirst().is(Kind.DISH)) {
            kitchen.readying.add(new Steps(kitchen).of(clause, uses(nouns), null));
        }
        if (nouns.stream().anyMatch(n -> n.is(Kind.TRAY)) && nouns.stream().noneMatch(n -> n.is(Kind.DISH))) {
            return true;
        }
        scene.dishMeant = true;
        scene.greased = kitchen.clause;
        scene.panGreased |= clause.does(Effect.GREASE) && nouns.stream().anyMatch(Readying::isPlainPan);
        return true;
    }

    /** "Use a bit of the butter on the dish". */
    private boolean usesFat(Clause clause, List<Named> nouns) {
        return clause.base().equals("use")
                && nouns.stream()
                        .anyMatch(n -> n.is(Kind.LINES) && n.lines().stream().allMatch(kitchen::isFat));
    }

    /** "Rub the inside of the dish with the cut garlic and then with the butter", whatever pot the garlic went into. */
    private static boolean rubsDish(Clause clause, List<Named> nouns) {
        return clause.base().equals("rub")
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() != Lead.WITH)
                && nouns.stream().filter(Named::isFood).allMatch(n -> n.slot().lead() == Lead.WITH);
    }

    /** "Halve the garlic and rub it round the dish": it stays there. */
    private boolean rubsItRound(Clause clause, List<Named> nouns) {
        Pot one = kitchen.focus.size() == 1 ? kitchen.focus.getFirst() : null;
        boolean rubs = clause.base().equals("rub")
                && nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN) && n.slot().lead() == Lead.NONE)
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() != Lead.NONE)
                && one != null
                && !one.worked
                && one.lines.size() == 1;
        if (one != null && rubs) {
            int line = one.lines.keySet().iterator().next();
            kitchen.left[line] += one.share(line);
            one.lines.clear();
            kitchen.pan.add(line);
        }
        return rubs;
    }

    /** "Coat 2 baking sheets with cooking spray": what is roasted lies there, not the dish. */
    private boolean greasesTray(Clause clause, List<Named> nouns) {
        boolean trays = nouns.stream().anyMatch(n -> n.is(Kind.TRAY) && n.slot().lead() == Lead.NONE)
                && nouns.stream()
                        .allMatch(n ->
                                n.is(Kind.TRAY) || n.is(Kind.LINES) && n.slot().lead() == Lead.WITH);
        boolean sprays = nouns.stream()
                .flatMap(n -> n.lines().stream())
                .allMatch(l -> kitchen.told.get(l).forTheDish());
        return GREASES.contains(clause.base()) && trays && sprays;
    }

    /** "Oil two trays and add the peppers": told with what lies there. */
    private static boolean goesOn(Clause clause) {
        Token last = clause.tokens().getLast();
        return last.is("and") || last.is(",") || last.is("then");
    }

    /** "Rub the dish with garlic and then grease with butter", "rub it with garlic, let it dry, butter it". */
    private boolean greasesAgain(Clause clause, List<Named> nouns) {
        boolean greasy = clause.does(Effect.GREASE) || GREASES.contains(clause.base());
        boolean dough = clause.base().equals("line") && kitchen.focus.stream().anyMatch(this::isRolledOut);
        return scene.greased >= kitchen.clause - MOST_BETWEEN
                && greasy
                && !dough
                && nouns.stream()
                        .allMatch(n -> n.is(Kind.PRONOUN)
                                || n.is(Kind.UNKNOWN)
                                        && n.slot().tokens().getLast().key().endsWith("ly")
                                || n.is(Kind.LINES) && n.lines().stream().allMatch(kitchen::isFat));
    }

    /** "Butter the dish and shake the breadcrumbs round it", "grease a tin and dust with crumbs". */
    private boolean coatsGreased(Clause clause, List<Named> nouns) {
        return scene.greased >= 0
                && scene.greased == kitchen.clause - 1
                && COATS.contains(clause.base())
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES))
                && nouns.stream()
                        .allMatch(n -> n.is(Kind.PRONOUN)
                                || n.is(Kind.DISH)
                                || n.is(Kind.LINES) && n.lines().stream().allMatch(this::isCoating))
                && nouns.stream()
                        .anyMatch(n -> n.slot().lead() == Lead.WITH
                                || !n.is(Kind.LINES) && n.slot().lead() != Lead.NONE);
    }

    /** "Put the oil in the tin and slide it into the oven to get hot": the tin's, as one. */
    void heatTin(List<Clause> until, int sentence) {
        until.stream()
                .filter(c -> c.sentence() == sentence)
                .forEach(c -> kitchen.readying.add(new Steps(kitchen).of(c, List.of(), null)));
        scene.dishMeant = true;
        scene.panGreased = true;
    }

    private void greaseWith(Clause clause, List<Named> nouns) {
        nouns.stream().filter(n -> n.is(Kind.LINES)).forEach(n -> {
            kitchen.pan.addAll(n.lines());
            if (n.portion().is(Portion.Kind.MEASURE) || n.portion().is(Portion.Kind.FRACTION)) {
                n.lines().forEach(l -> kitchen.accounts.take(l, n.portion()));
            }
        });
        if (nouns.stream().noneMatch(n -> n.is(Kind.LINES))) {
            greaseOf(clause.base()).ifPresent(kitchen.pan::add);
        }
    }

    /** "Roll out the pastry and line a tin": with it, not with paper. */
    private boolean isRolledOut(Pot pot) {
        return pot.steps.stream().anyMatch(s -> s.action().equals("roll"))
                && pot.lines.keySet().stream().anyMatch(l -> CRUSTS.contains(kitchen.role(l)));
    }

    private static boolean isPlainPan(Named noun) {
        return (noun.is(Kind.PAN) || noun.is(Kind.DISH))
                && noun.slot().tokens().getLast().is("pan")
                && !Tokens.has(noun.slot().tokens(), "frying", "fry", "grill", "griddle");
    }

    /** "Butter a dish", and a knob of butter that nothing else asks for. */
    private Optional<Integer> greaseOf(String fat) {
        List<Integer> lines = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.role(l).equals(fat))
                .boxed()
                .toList();
        return lines.size() == 1
                ? lines.stream()
                        .filter(l -> !kitchen.namedLast.containsKey(l))
                        .filter(l -> kitchen.lines.get(l).gramsOrZero()
                                <= (fat.equals("butter") ? MOST_BUTTER : MOST_GREASE))
                        .findFirst()
                : Optional.empty();
    }

    private static List<Procedure.Of> uses(List<Named> nouns) {
        return nouns.stream()
                .filter(n -> n.is(Kind.LINES))
                .flatMap(n -> n.lines().stream())
                .distinct()
                .map(l -> new Procedure.Of(l, null, 1))
                .toList();
    }

    private boolean isCoating(int line) {
        return Set.of("crumbs", "flour", "aromatic").contains(kitchen.role(line));
    }
}
