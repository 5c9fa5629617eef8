package nabe.reading;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.reading.grammar.Clause;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.Step;

/** "The night before: cover the beans with water": what stands from one day to the next takes a night, though no minutes are said. */
final class Nights {
    private static final Pattern BEFORE = Pattern.compile(
            "\\b(?:night|evening|day) (?:before|ahead|in advance)\\b|\\bprevious (?:night|evening|day)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEXT = Pattern.compile(
            "\\b(?:next|following) (?:day|morning)\\b|\\bin the morning\\b|\\bon the day\\b", Pattern.CASE_INSENSITIVE);
    private static final double NIGHT = Figures.of("reading.overnight");

    private final List<Clause> clauses;
    private final Kitchen kitchen;

    Nights(Kitchen kitchen, List<Clause> clauses) {
        this.kitchen = kitchen;
        this.clauses = clauses;
    }

    /** @return whether the clause only says that what follows is done the day before */
    static boolean heads(Clause clause) {
        return clause.words().endsWith(":")
                && (BEFORE.matcher(clause.words()).find()
                        || NEXT.matcher(clause.words()).find());
    }

    /** Gives a night to the last of what is done the day before. */
    void keep() {
        for (int i = 0; i < clauses.size(); i++) {
            if (BEFORE.matcher(clauses.get(i).words()).find()) {
                lastOf(sentencesOf(i));
            }
        }
    }

    /** A heading's are all of its paragraph up to the next day; any other clause speaks for its sentence. */
    private Set<Integer> sentencesOf(int i) {
        Clause clause = clauses.get(i);
        return !heads(clause)
                ? Set.of(clause.sentence())
                : clauses.stream()
                        .skip(i)
                        .takeWhile(c -> c.step() == clause.step()
                                && (c == clause || !NEXT.matcher(c.words()).find()))
                        .map(Clause::sentence)
                        .collect(Collectors.toSet());
    }

    private void lastOf(Set<Integer> sentences) {
        kitchen.pots.stream()
                .filter(p -> p.steps.stream().anyMatch(s -> sentences.contains(s.sentence())))
                .max(Comparator.comparingInt(p ->
                        Integer.parseInt(p.steps.get(last(p, sentences)).id().substring(1))))
                .ifPresent(pot -> {
                    int at = last(pot, sentences);
                    Step step = pot.steps.get(at);
                    if (step.minutes() == null) {
                        boolean soaks =
                                step.action().equals("cover") && step.words().contains("water");
                        pot.steps.set(at, step.lasting(soaks ? "soak" : step.action(), new Minutes(NIGHT, NIGHT)));
                    }
                });
    }

    private static int last(Pot pot, Set<Integer> sentences) {
        int last = -1;
        for (int i = 0; i < pot.steps.size(); i++) {
            last = sentences.contains(pot.steps.get(i).sentence()) ? i : last;
        }
        return last;
    }
}
