package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Telling;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.Procedure.GoesIn;
import nabe.recipe.Procedure.OnlyIf;
import org.jspecify.annotations.Nullable;

/** Follows a method clause by clause and decides for each where it happens: in a pot, in the dish, in the oven, at table. */
final class Cook {
    private static final Pattern MORE_TIME =
            Pattern.compile("\\bto (?:the |its |your )?(?:\\p{L}+ ){0,2}time\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern MADE_UP =
            Pattern.compile("^(?:top|make) (?:\\p{L}+ ){0,5}up\\b", Pattern.CASE_INSENSITIVE);

    private final List<Clause> clauses;
    private final int builds;
    private final Scene scene;
    private final Kitchen kitchen;
    private final Naming naming;
    private final Meaning meaning;
    private final Dish dish;

    private final Oven oven;
    private final Stove stove;
    /** Whether the clause in hand filled or rolled something. */
    private boolean filled;

    private final Topics topics;
    private final Readying readying;
    private final Asides asides;
    private final Laying laying;
    private final Repeats repeating;
    private final Wrapping wrapping;
    private final BuildSigns signs;
    private final CoverSigns covers;
    private final BuildStart buildStart;
    private final OvenSigns ovenSigns;
    private final Table table;
    private final Waits waits;
    private final Baking inOven;
    private final List<Said> said = new ArrayList<>();
    private final List<OnlyIf> onlyIf = new ArrayList<>();
    private static final Pattern BRUSHES_EACH = Pattern.compile(
            "\\b(?:brush|oil|butter)ing (?:each|every|them|one|as you go)\\b|\\beach (?:one )?brushed\\b",
            Pattern.CASE_INSENSITIVE);
    static final Set<String> SHAPED = Set.of("ball", "meatball", "patty", "dumpling", "log", "sausage", "croquette");

    private List<Named> meant = List.of();

    /** @param stage where it happened; {@code nouns} what its nouns meant; {@code pot} the one worked on after it */
    record Said(Clause clause, String stage, List<Named> nouns, String pot) {}

    /** @param builds the clause before which nothing lies in the dish, 0 where the text is to tell */
    Cook(Kitchen kitchen, List<Clause> clauses, int builds) {
        this.clauses = clauses;
        this.builds = builds;
        this.scene = new Scene(kitchen);
        this.kitchen = kitchen;
        this.naming = scene.naming;
        this.meaning = new Meaning(scene, clauses);
        this.dish = scene.dish;
        this.oven = scene.oven;
        this.stove = scene.stove;
        this.topics = new Topics(scene, clauses);
        this.readying = new Readying(scene);
        this.asides = new Asides(kitchen, dish);
        this.laying = new Laying(scene);
        this.repeating = new Repeats(scene, laying);
        this.wrapping = new Wrapping(scene, laying);
        this.buildStart = new BuildStart(scene, meaning);
        this.signs = new BuildSigns(scene, clauses.size());
        this.covers = new CoverSigns(scene, clauses);
        this.ovenSigns = new OvenSigns(scene, clauses, meaning);
        OvenClock ovenClock = new OvenClock(scene);
        this.table = new Table(scene, ovenClock);
        this.waits = new Waits(scene);
        this.inOven = new Baking(scene, laying, ovenClock, table);
    }

    Kitchen kitchen() {
        return kitchen;
    }

    Dish dish() {
        return dish;
    }

    Oven oven() {
        return oven;
    }

    /** What was to go on in the oven, and no baking followed, is scattered at table. */
    private void garnish() {
        oven.finish();
        kitchen.pots.stream()
                .filter(p -> p.number > scene.openedBeforeOven
                        && p.worked
                        && p.given < 0.01
                        && p.beside.isEmpty()
                        && !dish.holds(p))
                .forEach(p -> p.beside.put(Fate.SERVED_BESIDE, Portion.UNSAID));
        List<String> never = oven.waiting();
        dish.all.removeIf(p -> {
            boolean late = p.late && never.contains(p.pot.id());
            p.pot.atTable |= late;
            return late;
        });
    }

    void follow() {
        new Foresight(kitchen, naming).over(clauses);
        new ListedReserve(kitchen, clauses).putBy();
        int optional = -1;
        int later = -1;
        for (int i = 0; i < clauses.size(); i++) {
            Clause clause = clauses.get(i);
            optional = clause.conditional() && clause.words().endsWith(":") ? clause.sentence() : optional;
            later = isForLater(clause) || isInOtherTool(clause)
                    ? clause.step()
                    : clause.words().endsWith(":") ? -1 : later;
            if (clause.conditional()
                    || clause.sentence() == optional
                    || clause.step() == later
                    || isOtherWay(clause, i)
                    || isMoreTime(clause)) {
                onlyIf.add(new OnlyIf(clause.sentence(), clause.words()));
            } else {
                takeWithAside(clause, i);
            }
            said.add(new Said(clause, scene.stage.name(), meant, kitchen.current == null ? "-" : kitchen.current.id()));
            meant = List.of();
        }
        waits.tellAmidLayers();
        new Nights(kitchen, clauses).keep();
        garnish();
    }

    /** "Add 15 min to the baking time", for a dish out of the fridge. */
    private static boolean isMoreTime(Clause clause) {
        return clause.base().equals("add")
                && !clause.durations().isEmpty()
                && MORE_TIME.matcher(clause.words()).find();
    }

    /** "Grill for 5 minutes, or bake at 200 C for 15": the one way or the other. */
    private boolean isOtherWay(Clause clause, int i) {
        Clause before = i == 0 ? null : clauses.get(i - 1);
        return before != null
                && before.sentence() == clause.sentence()
                && before.words().endsWith(" or")
                && clause.does(Effect.BAKE, Effect.GRILL)
                && before.does(Effect.BAKE, Effect.GRILL);
    }

    /** "To freeze: wrap it; bake from frozen for 1½ hours": for another day, once the dish has baked or is built. */
    private boolean isForLater(Clause clause) {
        boolean built = scene.stage == Scene.Stage.BUILDING && !dish.all.isEmpty();
        return clause.words().endsWith(":")
                && (oven.started() && clause.says("reheat", "store", "leftover", "ahead")
                        || (oven.started() || built) && clause.says("freeze", "freezer", "frozen"));
    }

    /** "If you want to use a slow cooker": all that the step says. */
    private static boolean isInOtherTool(Clause clause) {
        return clause.opensStep() && clause.conditional() && Telling.isInOtherTool(clause.tokens());
    }

    /** What the text says for a case only. */
    List<OnlyIf> onlyIf() {
        return List.copyOf(onlyIf);
    }

    /** How warm the dish goes in: as the last thing said of it leaves it. */
    @Nullable
    GoesIn goesIn() {
        if (scene.frozen || scene.chilled) {
            return scene.frozen ? GoesIn.FROZEN : GoesIn.FRIDGE;
        }
        return new Warmth(kitchen, dish).goesIn();
    }

    /** What was made of every clause, for a reader who wonders. */
    List<Said> said() {
        return said;
    }

    private void takeWithAside(Clause clause, int i) {
        int told = kitchen.toldSoFar();
        filled = false;
        List<Dish.Placed> before = List.copyOf(dish.all);
        Scene.Stage stage = scene.stage;
        take(clause, i);
        List<Dish.Placed> fresh =
                dish.all.stream().filter(p -> !before.contains(p)).toList();
        boolean nothing = kitchen.toldSoFar() == told && fresh.isEmpty() && stage == scene.stage;
        if (nothing && !(filled && isToldOfWrapper(clause)) && !kitchen.pending.contains(clause)) {
            boolean more = i + 1 < clauses.size() && clauses.get(i + 1).sentence() == clause.sentence();
            asides.note(clause, stage, more, meant);
        } else if (!fresh.isEmpty() && laysNow(fresh) && !clause.does(Effect.REPEAT)) {
            fresh.stream().filter(p -> !p.under && p.like == null).findFirst().ifPresent(p -> p.tell(clause));
            fresh.forEach(Dish.Placed::tellFilling);
        }
    }

    private boolean laysNow(List<Dish.Placed> fresh) {
        return scene.stage == Scene.Stage.BUILDING
                || scene.stage == Scene.Stage.BAKING && fresh.stream().allMatch(p -> p.late);
    }

    /** What fills a wrap is told with it, not of what lies in the dish already. */
    private boolean isToldOfWrapper(Clause clause) {
        return scene.wrapper != null && scene.wrapper.filled.contains(clause);
    }

    /** "Peel and dice the potatoes": what is peeled is named after the next verb, and is not what was in hand before. */
    private boolean sharesObject(Clause clause, int i) {
        Clause next = i + 1 < clauses.size() ? clauses.get(i + 1) : null;
        return next != null
                && clause.opensSentence()
                && clause.does(Effect.PREP)
                && clause.slots().isEmpty()
                && clause.durations().isEmpty()
                && clause.words().endsWith(" and")
                && next.sentence() == clause.sentence()
                && next.does(Effect.PREP)
                && next.slots().stream().anyMatch(s -> s.lead() == Lead.NONE);
    }

    private void take(Clause clause, int i) {
        kitchen.clause = i;
        kitchen.parts.at(i);
        kitchen.lid = clause.cover() == null ? kitchen.lid : clause;
        if (BRUSHES_EACH.matcher(clause.words()).find()) {
            kitchen.brushing.add(clause);
        }
        dish.at(clause.step());
        topics.noteCold(clause);
        if (scene.stage == Scene.Stage.COOKING && signs.putsIn(clause)) {
            beginBuilding();
            return;
        }
        if (sharesObject(clause, i)) {
            kitchen.pending.add(clause);
            return;
        }
        if (Nights.heads(clause)) {
            kitchen.pending.add(clause);
            return;
        }
        if (topics.notesVolume(clause) || topics.isTopic(clause, i)) {
            return;
        }
        topics.takeUpDone(clause);
        List<Named> nouns = meaning.of(clause, i);
        meant = nouns;
        nouns.forEach(Cook::nameDough);
        nouns.forEach(naming::entitle);
        if (scene.stage == Scene.Stage.COOKING
                && (clause.does(Effect.HEAT, Effect.START) || buildStart.fries(clause, nouns))) {
            nouns.stream()
                    .filter(n -> n.is(Kind.DISH))
                    .forEach(
                            n -> scene.stoveware.add(n.slot().tokens().getLast().key()));
            boolean another = nouns.stream()
                    .anyMatch(n -> n.is(Kind.PAN) && n.slot().tokens().getLast().is("pan"));
            scene.panGreased &= !another;
        }
        kitchen.ovenCelsius = clause.heat() == null
                ? kitchen.ovenCelsius
                : Double.valueOf(clause.heat().celsius());
        if (clause.heat() != null && !readying.isComponentsHeat(clause, nouns)) {
            oven.heat(clause.heat());
        } else if (clause.heat() != null) {
            oven.standsAt(clause.heat());
        }
        topics.noteUnknown(clause, nouns);
        if (heatsTheTin(clause)) {
            readying.heatTin(clauses.subList(0, i + 1), clause.sentence());
            scene.stage = Scene.Stage.COOKING;
            return;
        }
        if (nouns.stream().anyMatch(n -> n.is(Kind.TRAY))) {
            scene.trayStep = clause.step();
            scene.traySentence = clause.sentence();
        }
        if (readying.isPreheat(clause, nouns) || readying.greases(clause, nouns)) {
            return;
        }
        if (clause.does(Effect.REPEAT) && repeating.repeats(clause, nouns)
                || clause.verb() == null && repeating.isAgain(clause, nouns)
                || repeating.isLikeThis(clause)) {
            repeating.again(clause, nouns, i + 1 < clauses.size() ? clauses.get(i + 1) : null);
            return;
        }
        if (repeating.headsRounds(clause, nouns)) {
            repeating.headRounds(clause);
            return;
        }
        if (repeating.isLastOnly(clause, nouns)) {
            repeating.lastOnly(nouns);
            return;
        }
        filled = wrapping.fillsDish(clause, nouns) || wrapping.fills(clause, nouns);
        if (filled) {
            return;
        }
        if (clause.says("table", "freezer")
                && clause.does(Effect.JOIN, Effect.START, Effect.PASS, Effect.PLACE, Effect.KEEP)) {
            table.atTable(clause, nouns);
            return;
        }
        nameShape(clause, nouns);
        if (isMadeUp(clause, nouns)) {
            scene.aside = scene.stage == Scene.Stage.BAKING;
            List<Named> with = nouns.stream()
                    .filter(n -> n.is(Kind.LINES) && n.slot().lead() == Lead.WITH)
                    .toList();
            stove.goOnWith(clause, Objects.requireNonNull(nouns.getFirst().pot()), with);
            return;
        }
        switch (scene.stage) {
            case COOKING -> cooking(clause, nouns);
            case BUILDING -> building(clause, nouns);
            case BAKING -> inOven.baking(clause, nouns);
            case RESTED -> table.atTable(clause, nouns);
        }
    }

    /** "Top up the reserved milk to 300 ml", "make the juice up to 600 ml with milk": nothing of it is laid yet. */
    private boolean isMadeUp(Clause clause, List<Named> nouns) {
        boolean up = Set.of("top", "make").contains(clause.base())
                && MADE_UP.matcher(clause.words()).find();
        return up
                && !nouns.isEmpty()
                && nouns.getFirst().pot() != null
                && !dish.holds(nouns.getFirst().pot());
    }

    /** "Slide it into the oven to get hot", with the oil alone in it. */
    private boolean heatsTheTin(Clause clause) {
        return dish.all.isEmpty()
                && clause.says("oven")
                && clause.says("hot")
                && clause.heat() == null
                && !clause.does(Effect.BAKE)
                && clause.cover() == null;
    }

    /** "Bring the dough together": flour and fat rubbed together are called so from now on. */
    private static void nameDough(Named noun) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        if (pot != null && pot.names.isEmpty()) {
            noun.slot().tokens().stream()
                    .map(Token::key)
                    .filter(Kinds.DOUGHS::contains)
                    .findFirst()
                    .ifPresent(pot::call);
        }
    }

    /** "Roll into balls", "blitz to a purée": what is in hand is called so from now on. */
    private void nameShape(Clause clause, List<Named> nouns) {
        boolean shapes = clause.verb() != null
                && (clause.does(Effect.MIX)
                        || Set.of("roll", "shape", "form", "make").contains(clause.base()));
        Pot pot = kitchen.focus.isEmpty() ? kitchen.current : kitchen.whereItIs(kitchen.focus.getFirst());
        if (!shapes || pot == null || pot.isEmpty()) {
            return;
        }
        nouns.stream()
                .filter(n -> n.is(Kind.UNKNOWN) && n.slot().lead() == Lead.INTO)
                .map(n -> n.slot().tokens().getLast().key())
                .filter(key -> SHAPED.contains(key) || Naming.BECOMES.contains(key))
                .forEach(key -> {
                    pot.call(key);
                    pot.call("meat" + key);
                });
    }

    private void beginBuilding() {
        scene.stage = Scene.Stage.BUILDING;
        scene.dishMeant = true;
        scene.openedBefore = kitchen.opened();
    }

    private void cooking(Clause clause, List<Named> nouns) {
        if (kitchen.clause < builds) {
            stove.work(clause, nouns);
            return;
        }
        if (signs.isBare(clause, nouns)) {
            beginBuilding();
            return;
        }
        if (stirsIntoDish(clause, nouns)) {
            kitchen.current = null;
            stove.work(clause, nouns.stream().filter(n -> !n.isVessel()).toList());
            beginBuilding();
            if (kitchen.current != null) {
                dish.place(kitchen.whereItIs(kitchen.current), Portion.UNSAID, false);
            }
            return;
        }
        if (poaches(clause, nouns)) {
            stove.work(clause, nouns);
            return;
        }
        if (buildStart.starts(clause, nouns)) {
            beginBuilding();
            building(clause, nouns);
            return;
        }
        if (ovenSigns.bakes(clause, nouns) && (signs.isLate() || ovenSigns.bakesWhereMixed(clause))) {
            scene.stage = Scene.Stage.BUILDING;
            scene.enterOven();
            if (ovenSigns.isCoveredJustBefore()) {
                oven.cover(Cover.ON);
            }
            inOven.baking(clause, nouns);
            return;
        }
        if (kitchen.current != null && ovenSigns.isCasseroles(clause, nouns)) {
            dish.place(kitchen.whereItIs(kitchen.current), Portion.UNSAID, false);
            scene.enterOven();
            oven.cover(ovenSigns.isCoveredJustBefore() || clause.cover() == Cover.ON ? Cover.ON : Cover.OFF);
            inOven.baking(clause, nouns);
            return;
        }
        if (clause.cover() == Cover.ON && clause.says("foil") && signs.isLate() && !kitchen.pots.isEmpty()) {
            scene.stage = Scene.Stage.BUILDING;
            building(clause, nouns);
            return;
        }
        if (clause.does(Effect.SERVE, Effect.FREEZE)) {
            table.atTable(clause, nouns);
            return;
        }
        if (clause.does(Effect.PASS, Effect.COVER, Effect.UNCOVER)
                && clause.durations().isEmpty()
                && nouns.stream()
                        .noneMatch(n -> n.is(Kind.LINES)
                                && (!clause.does(Effect.PASS) || nouns.stream().anyMatch(v -> v.is(Kind.PAN))))) {
            return;
        }
        stove.work(clause, nouns);
        boolean inDish = clause.does(Effect.MIX, Effect.JOIN)
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.IN);
        scene.mixedInDish = inDish ? kitchen.current : scene.mixedInDish;
    }

    /** "Penne + sauce, stir, into a dish": stirred before it goes in. */
    private static boolean stirsIntoDish(Clause clause, List<Named> nouns) {
        return Set.of("stir", "mix", "toss", "combine").contains(clause.base())
                && nouns.stream().anyMatch(n -> n.is(Kind.DISH) && n.slot().lead() == Lead.INTO)
                && nouns.stream()
                                .filter(n -> n.isFood() && n.slot().lead() == Lead.NONE)
                                .count()
                        > 1
                && clause.isFronted(nouns.getFirst().slot());
    }

    /** "Lay the fish in a wide pan, pour over the milk and bring to a simmer", where a dish comes later. */
    private boolean poaches(Clause clause, List<Named> nouns) {
        boolean inPan = clause.does(Effect.PLACE)
                && nouns.stream().anyMatch(n -> n.is(Kind.PAN) && n.slot().lead() != Lead.NONE)
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES));
        return inPan
                && meaning.anotherDishAfter(kitchen.clause)
                && clauses.subList(kitchen.clause + 1, clauses.size()).stream()
                        .takeWhile(c -> c.sentence() == clause.sentence())
                        .anyMatch(c -> c.does(Effect.START, Effect.HEAT));
    }

    private void building(Clause clause, List<Named> nouns) {
        if (clause.cover() != null
                && nouns.stream().noneMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT))
                && !covers.isForTheFridge(clause)
                && !covers.isOfPanInHand(clause)) {
            oven.cover(clause.cover());
        }
        if (OvenSigns.laysAndBakes(clause, nouns)) {
            laying.lay(clause, nouns.stream().filter(n -> n.is(Kind.LINES)).toList(), false);
            building(clause, nouns.stream().filter(n -> !n.isFood()).toList());
            return;
        }
        if (ovenSigns.bakesBase(clause)) {
            kitchen.current = dish.all.isEmpty() ? kitchen.current : dish.all.getLast().pot;
            stove.work(
                    clause,
                    nouns.stream().filter(n -> n.slot().lead() != Lead.NONE).toList());
            return;
        }
        if (inOven.isOven(clause, nouns)) {
            if (ovenSigns.bakesFirst(clause)) {
                stove.work(clause, nouns);
                return;
            }
            scene.enterOven();
            inOven.baking(clause, nouns);
            return;
        }
        if (clause.does(Effect.SERVE, Effect.FREEZE)) {
            table.atTable(clause, nouns);
            return;
        }
        if (clause.does(Effect.PASS) && clause.says("heat", "stove", "hob")) {
            return;
        }
        if (signs.putsPanOn(clause, nouns)) {
            scene.panOnHeat = clause.sentence();
            kitchen.vesselReadied = kitchen.clause;
            kitchen.pending.add(clause);
            return;
        }
        if (scene.panOnHeat == clause.sentence() && signs.isForThePan(clause, nouns)) {
            stove.work(clause, nouns);
            return;
        }
        if (waits.waits(clause, nouns) || covers.isRim(clause, nouns) || meaning.isListedNext(clause, nouns)) {
            return;
        }
        if (signs.goesOnWithPot(clause, nouns)) {
            stove.work(clause, nouns);
            return;
        }
        if (signs.stirsAll(clause, nouns)) {
            Pot mixture = dish.stirTogether();
            kitchen.current = mixture;
            kitchen.focusOn(mixture);
            return;
        }
        if (LaySigns.isBrushedAgain(clause, nouns)) {
            laying.brushAgain();
            return;
        }
        if (signs.finishesDish(clause, nouns)) {
            return;
        }
        if (signs.coatsHand(clause, nouns)) {
            stove.work(clause, nouns);
            return;
        }
        if (covers.closesWithRest(clause, nouns)) {
            stove.work(clause, nouns.stream().filter(n -> n.is(Kind.POT)).toList());
            nouns.stream().filter(n -> n.is(Kind.POT)).forEach(n -> laying.layDown(n, false));
            return;
        }
        boolean apart = signs.makesApart(clause, nouns) && !BuildSigns.makesLayer(clause);
        if (apart || covers.brushesFresh(clause, nouns)) {
            stove.work(clause, nouns);
            return;
        }
        boolean onTray = nouns.stream().anyMatch(n -> n.is(Kind.TRAY))
                && nouns.stream().noneMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT));
        if (onTray || stove.stirsThrough(clause, nouns)) {
            return;
        }
        laying.lay(clause, nouns, false);
    }
}
