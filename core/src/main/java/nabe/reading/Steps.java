package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Durations.Duration;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Clauses;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Step;
import nabe.recipe.ProcedureStepBuilder;
import org.jspecify.annotations.Nullable;

/** Clauses → steps of a component. */
final class Steps {
    private static final Pattern UNTIL =
            Pattern.compile("\\b(?:until|till|so that) ([^.;,]+)", Pattern.CASE_INSENSITIVE);
    private static final Pattern HEAT = Pattern.compile(
            "\\b(high|medium[- ]high|medium[- ]low|medium|low|gentle|fierce|moderate)\\b(?: heat)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern UP = Pattern.compile(
            "\\b(?:turn|crank|whack) (?:up )?(?:it|the heat)(?: right| well)?(?: up)?\\b(?<=up)|\\bturn up the heat|\\bheat (?:right |well )?up\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DOWN = Pattern.compile(
            "\\bheat (?:right |well )?down\\b|\\bturn (?:it )?(?:right )?down\\b|\\b(?:lower|reduce|lowest) (?:the )?heat",
            Pattern.CASE_INSENSITIVE);
    /** Verbs that do nothing to food by themselves. */
    private static final Set<String> ROASTS = Set.of("roast", "bake");

    private static final Set<String> TALK = Set.of("go", "do", "find");

    private static final Set<String> BOILS = Set.of("boil", "parboil", "blanch", "poach");
    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();

    Steps(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    /** Adds the clause to what is done to a pot: one step for every time it says. */
    void add(Clause clause, Pot pot, List<Of> uses) {
        if (isTalk(clause, uses)) {
            return;
        }
        if (uses.isEmpty() && clause.durations().isEmpty() && kitchen.isTail(clause, pot)) {
            pot.steps.add(pot.steps.removeLast().saying(clause.words()));
            kitchen.goOn();
            return;
        }
        if (clause.durations().size() <= 1) {
            Minutes minutes = clause.durations().isEmpty() || isWithinLast(clause, pot)
                    ? null
                    : clause.durations().getFirst().minutes();
            pot.steps.add(of(clause, uses, minutes));
            return;
        }
        List<Of> fresh = uses;
        for (Duration d : clause.durations()) {
            pot.steps.add(of(clause, fresh, d.minutes()));
            fresh = List.of();
        }
    }

    /** "Simmer 2 hours, taking the lid off for the last half hour": no minutes of its own. */
    private static boolean isWithinLast(Clause clause, Pot pot) {
        Duration said = clause.durations().getFirst();
        Minutes whole = pot.steps.isEmpty() ? null : pot.steps.getLast().minutes();
        return said.last()
                && whole != null
                && pot.steps.getLast().sentence() == clause.sentence()
                && whole.min() > said.minutes().max();
    }

    /** "Now the trick.", "Go and find the sausages.", "It isn't.": nothing to do, nothing to use and no sign. */
    private boolean isTalk(Clause clause, List<Of> uses) {
        boolean idle = uses.isEmpty()
                && clause.durations().isEmpty()
                && clause.heat() == null
                && clause.cover() == null
                && !words.any(clause.tokens(), Use.LID)
                && tool(clause) == null;
        boolean act = clause.verb() != null && !TALK.contains(clause.base());
        boolean sign = clause.verb() == null && UNTIL.matcher(clause.words()).find();
        return idle && (!act || clause.words().endsWith(":")) && !sign;
    }

    Step of(Clause clause, List<Of> uses, @Nullable Minutes minutes) {
        String words = withPending(clause);
        Matcher until = UNTIL.matcher(words);
        Matcher heat = HEAT.matcher(words);
        return ProcedureStepBuilder.builder()
                .id(kitchen.nextStep())
                .action(clause.verb() == null ? "add" : clause.base())
                .words(words)
                .sentence(clause.sentence())
                .uses(List.copyOf(uses))
                .tool(tool(clause))
                .heat(heat.find() ? heat.group(1).toLowerCase(Locale.ROOT) : turned(words))
                .covered(covered(clause))
                .celsius(celsius(clause))
                .minutes(minutes)
                .until(until.find() ? until.group(1).strip() : null)
                .build();
    }

    /** "Put the lid on and simmer": what is cooked on after it in its sentence is under the lid. */
    private @Nullable Boolean covered(Clause clause) {
        Clause lid = kitchen.lid;
        Cover said = clause.cover();
        if (said == null && lid != null && clause.does(Effect.HEAT, Effect.BAKE)) {
            said = lid.sentence() == clause.sentence() ? lid.cover() : null;
        }
        return said == null ? null : Boolean.valueOf(said == Cover.ON);
    }

    /** "Roast for 25 minutes", once the oven was heated to 200 °C. */
    private @Nullable Double celsius(Clause clause) {
        if (clause.heat() != null) {
            return clause.heat().celsius();
        }
        boolean roasts = ROASTS.contains(clause.base());
        return roasts ? kitchen.ovenCelsius : null;
    }

    /** What was said before it in its sentence goes with the first step after it. */
    private String withPending(Clause clause) {
        List<String> all = new ArrayList<>(kitchen.pending.stream()
                .filter(c -> c.sentence() == clause.sentence() || Asides.setsOut(c))
                .map(Clause::words)
                .toList());
        kitchen.pending.clear();
        kitchen.kettles.stream()
                .filter(c -> c.sentence() == clause.sentence())
                .map(Clause::words)
                .forEach(all::addFirst);
        kitchen.kettles.removeIf(c -> c.sentence() == clause.sentence());
        all.add(clause.words());
        if (!boils(clause) && !goesIntoKettle(clause)) {
            return Clauses.joined(all);
        }
        String water = kitchen.kettles.stream().map(c -> c.words() + ". ").collect(Collectors.joining());
        kitchen.kettles.clear();
        return water + Clauses.joined(all);
    }

    /** "Bring a pot of water to the boil. Add the beans and cook for 5 minutes". */
    private boolean goesIntoKettle(Clause clause) {
        return clause.does(Verb.Effect.JOIN)
                && clause.opensSentence()
                && clause.slots().stream().anyMatch(s -> s.lead() == Slot.Lead.NONE)
                && kitchen.kettles.stream().anyMatch(c -> c.sentence() == clause.sentence() - 1);
    }

    /** "Cook the noodles", "blanch": in the water that was put on. */
    private static boolean boils(Clause clause) {
        return clause.verb() != null
                && (BOILS.contains(clause.base())
                        || clause.base().equals("cook")
                                && clause.slots().stream().anyMatch(s -> s.lead() == Slot.Lead.NONE)
                                && clause.slots().stream().noneMatch(s -> s.lead() == Slot.Lead.OVER));
    }

    private static @Nullable String turned(String words) {
        return UP.matcher(words).find() ? "high" : DOWN.matcher(words).find() ? "low" : null;
    }

    private @Nullable String tool(Clause clause) {
        List<Token> from = clause.slots().stream()
                .filter(s -> s.lead() == Slot.Lead.FROM)
                .flatMap(s -> s.tokens().stream())
                .toList();
        return clause.tokens().stream()
                .filter(t -> words.isAny(t, Use.POT, Use.BOWL, Use.TRAY) && !from.contains(t))
                .findFirst()
                .map(t -> t.text().toLowerCase(Locale.ROOT))
                .orElse(null);
    }
}
