package nabe.reading;

import java.util.List;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.ClauseReader;
import nabe.recipe.Line;
import nabe.recipe.Procedure;

/**
 * Compiles a method into a procedure: sentences into clauses, clauses into what they do to which pot, pots into layers.
 * The one way into this package.
 */
public final class ProcedureReader {
    private final ClauseReader clauses = new ClauseReader();
    private final ListedWork listed = new ListedWork(clauses);

    /** @param lines the ingredient lines; {@code steps} the method as written */
    public Procedure read(List<Line> lines, List<String> steps) {
        List<Clause> said = LateSaidEarly.moved(clauses.read(steps));
        Cook cook = follow(ungrouped(lines), said);
        Kitchen kitchen = cook.kitchen();
        kitchen.clause = said.size();
        Leftovers.settle(kitchen);
        listed.of(lines, said).forEach(kitchen::workFirst);
        return new Assembly(kitchen, cook).procedure();
    }

    private static Cook follow(List<Line> lines, List<Clause> clauses) {
        Cook first = new Cook(new Kitchen(lines), clauses, 0);
        first.follow();
        int builds = SecondLook.buildsFrom(first.said());
        if (builds == 0) {
            return first;
        }
        Cook again = new Cook(new Kitchen(lines), clauses, builds);
        again.follow();
        return again;
    }

    /** @return for every clause what each pass made of it, one line each: for whoever wonders why something was read so */
    public List<String> explain(List<Line> lines, List<String> steps) {
        Cook cook = follow(ungrouped(lines), LateSaidEarly.moved(clauses.read(steps)));
        return cook.said().stream().map(ProcedureReader::line).toList();
    }

    private static String line(Cook.Said said) {
        Clause clause = said.clause();
        String verb = clause.verb() == null
                ? "-"
                : clause.base() + "/" + clause.verb().effect().name().toLowerCase(java.util.Locale.ROOT);
        String nouns =
                said.nouns().stream().map(ProcedureReader::noun).collect(java.util.stream.Collectors.joining("; "));
        return said.stage().toLowerCase(java.util.Locale.ROOT) + (clause.conditional() ? " (only in case)" : "") + " | "
                + clause.words()
                + " | " + verb + " | " + nouns + " | "
                + clause.durations().stream()
                        .map(d -> d.minutes().min() + "-" + d.minutes().max())
                        .toList()
                + (clause.heat() == null ? "" : " " + clause.heat().celsius() + " °C")
                + (clause.cover() == null ? "" : " cover " + clause.cover()) + " | in " + said.pot();
    }

    private static String noun(Named noun) {
        String words = noun.slot().tokens().stream()
                .map(nabe.reading.grammar.Token::text)
                .collect(java.util.stream.Collectors.joining(" "));
        String means = noun.pot() != null
                ? noun.pot().id()
                : noun.lines().isEmpty()
                        ? noun.kind().name().toLowerCase(java.util.Locale.ROOT)
                        : "line " + noun.lines();
        return noun.slot().lead().name().toLowerCase(java.util.Locale.ROOT) + " \"" + words + "\" = " + means + " "
                + noun.portion().kind().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** One heading over all of them groups nothing. */
    private static List<Line> ungrouped(List<Line> written) {
        boolean grouped = written.stream().map(Line::heading).distinct().count() > 1;
        return grouped ? written : written.stream().map(l -> l.under(null)).toList();
    }
}
