package nabe.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Step;
import org.jspecify.annotations.Nullable;

/** What the cook says along the way and that is no work of its own: "turn the heat right up", "lift it out", "don't rinse", "press it down". It stays with the work it belongs to. */
final class Asides {
    private static final Pattern FORBIDS = Pattern.compile("^(?:don['’]?t|do not|never)\\b", Pattern.CASE_INSENSITIVE);
    /** Goes where the meat goes, so it is a step by itself. */
    private static final Pattern FAT = Pattern.compile("\\b(?:fat|grease|drippings?)\\b", Pattern.CASE_INSENSITIVE);
    /** Verbs of talk: "go and find the sausages". */
    private static final Set<String> TALK = Set.of("go", "do", "find", "get", "have", "want", "like", "make", "eat");

    private static final Set<String> BACK = Set.of("back", "in", "out", "off");

    private final Kitchen kitchen;
    private final Dish dish;
    private final Steps steps;

    Asides(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
        this.steps = new Steps(kitchen);
    }

    /** @param more whether the sentence goes on; {@code nouns} what it names */
    void note(Clause clause, Scene.Stage stage, boolean more, List<Named> nouns) {
        boolean lays = stage == Scene.Stage.BUILDING && (clause.does(Effect.PLACE) || poursMore(clause, nouns));
        boolean putBy = !kitchen.readying.isEmpty()
                && kitchen.readying.getLast().sentence() == clause.sentence()
                && clause.does(Effect.KEEP, Effect.GREASE);
        if (putBy) {
            kitchen.readying.add(kitchen.readying.removeLast().saying(clause.words()));
            return;
        }
        if (setsOut(clause) && nouns.stream().allMatch(Named::isVessel)) {
            kitchen.pending.add(clause);
            return;
        }
        if (isElsewhere(clause) || !lays && !tells(clause)) {
            return;
        }
        boolean inHand = !kitchen.focus.isEmpty()
                && kitchen.focus.stream().map(kitchen::whereItIs).noneMatch(dish::holds);
        boolean onTray = nouns.stream().anyMatch(n -> n.is(Named.Kind.TRAY));
        boolean kept = clause.does(Effect.KEEP) && isOfLastStep(clause);
        if (stage == Scene.Stage.COOKING || dish.all.isEmpty() || kept || inHand && (onTray || clause.says("heat"))) {
            atStove(clause, more, named(nouns));
        } else if (stage == Scene.Stage.BUILDING && clause.cover() == null) {
            dish.all.reversed().stream()
                    .filter(p -> !p.inside)
                    .findFirst()
                    .orElseGet(dish.all::getLast)
                    .said
                    .add(clause);
        }
    }

    /** "Pour the cream over", in which the slices simmered that were lifted out of it: it is there already. */
    private boolean poursMore(Clause clause, List<Named> nouns) {
        return clause.does(Effect.JOIN)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.NONE && dish.holds(n.pot()));
    }

    /** "Strain the milk and keep it", while the fish lies in the dish. */
    private boolean isOfLastStep(Clause clause) {
        Pot worked = workedLast();
        return worked != null && worked.steps.getLast().sentence() == clause.sentence();
    }

    private static boolean tells(Clause clause) {
        if (clause.verb() == null && clause.particles().stream().anyMatch(BACK::contains)) {
            return true;
        }
        boolean along = clause.does(
                        Effect.PASS,
                        Effect.AWAY,
                        Effect.KEEP,
                        Effect.DRAW,
                        Effect.COVER,
                        Effect.UNCOVER,
                        Effect.ROLL,
                        Effect.PREP,
                        Effect.GREASE)
                || clause.does(Effect.MIX) && clause.says("rub");
        boolean verb = along && !TALK.contains(clause.base());
        return verb
                || clause.base().equals("split")
                || clause.says("hole", "slit", "vent", "slash")
                || FORBIDS.matcher(clause.words()).find();
    }

    /** "Set up three shallow dishes: flour in one, ...". */
    static boolean setsOut(Clause clause) {
        return clause.words().endsWith(":")
                && clause.does(Effect.PLACE)
                && !clause.slots().isEmpty();
    }

    private static boolean isElsewhere(Clause clause) {
        return clause.heat() != null
                || clause.says("oven", "gas", "fridge", "freezer", "refrigerator")
                || clause.words().endsWith(":");
    }

    /** "Fish out the bay": the pot that has it, where just one is named. */
    private @Nullable Pot named(List<Named> nouns) {
        List<Pot> pots = nouns.stream()
                .filter(Named::isFood)
                .map(n -> n.pot() != null
                        ? n.pot()
                        : n.lines().isEmpty() ? null : kitchen.holding(n.lines().getFirst()))
                .filter(p -> p != null && !p.steps.isEmpty())
                .distinct()
                .toList();
        return pots.size() == 1 ? pots.getFirst() : null;
    }

    private void atStove(Clause clause, boolean more, @Nullable Pot named) {
        Pot worked = named != null && clause.does(Effect.AWAY) ? named : workedLast();
        boolean same = worked != null && worked.steps.getLast().sentence() == clause.sentence();
        boolean ends = clause.does(Effect.AWAY, Effect.DRAW);
        if (worked == null) {
            wait(clause, more);
        } else if (FAT.matcher(clause.words()).find()) {
            steps.add(clause, worked, List.of());
        } else if (same || kitchen.isTail(clause, worked)) {
            everyLike(worked, step -> step.saying(clause.words()));
        } else if (ends || !more) {
            everyLike(worked, step -> step.ending(clause.words()));
            kitchen.tail = new Kitchen.Tail(worked, clause.sentence());
        } else {
            wait(clause, true);
        }
    }

    private void wait(Clause clause, boolean more) {
        if (more) {
            kitchen.pending.add(clause);
        } else {
            kitchen.pending.clear();
        }
    }

    /** "Peel both kinds of potato": what is said of several pots at once goes on for each. */
    private void everyLike(Pot worked, UnaryOperator<Step> more) {
        Step last = worked.steps.getLast();
        kitchen.pots.stream()
                .filter(p -> !p.steps.isEmpty()
                        && p.steps.getLast().sentence() == last.sentence()
                        && p.steps.getLast().words().equals(last.words()))
                .forEach(p -> p.steps.add(more.apply(p.steps.removeLast())));
    }

    private @Nullable Pot workedLast() {
        return kitchen.pots.stream()
                .filter(p -> !p.steps.isEmpty())
                .max(Comparator.comparingInt(p -> number(p.steps.getLast())))
                .orElse(null);
    }

    private static int number(Step step) {
        return Integer.parseInt(step.id().substring(1));
    }
}
