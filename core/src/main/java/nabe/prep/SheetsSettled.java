package nabe.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.house.Schools;
import nabe.recipe.Procedure.Placement;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import org.jspecify.annotations.Nullable;

/**
 * A dish's sheets, tubes or shells with one way for all that follows: what the recipe does with them unless the house or
 * the sheets themselves say otherwise.
 *
 * @param conversion without the boiling where they go in dry after all
 * @param schools with that way as the answer
 * @param asWritten the recipe's own way where that was given up and such sheets would still bear it, else null
 */
public record SheetsSettled(
        Conversion conversion, Schools schools, @Nullable String asWritten) {
    private static final Set<String> BOILS =
            Set.of("boil", "cook", "parboil", "blanch", "simmer", "drain", "bring", "poach");
    private static final Set<String> COOLS = Set.of(
            "lift", "spread", "separate", "rinse", "refresh", "plunge", "cool", "dry", "pat", "lay", "transfer", "put");
    private static final Pattern SHORT = Pattern.compile(
            "\\bhalf\\b|\\bpar-?(?:boil|cook)|\\bblanch|\\bshort of|\\bless than|\\bpliable|\\bbend|\\bal dente|\\bunder",
            Pattern.CASE_INSENSITIVE);

    /** @return the conversion and schools that prep, build and budgets go by */
    public static SheetsSettled of(Conversion conversion, Schools schools, SheetWays ways) {
        PlannedProcedure procedure = conversion.procedure();
        boolean silent = procedure.components().stream().allMatch(p -> p.steps().isEmpty());
        if (!silent) {
            for (Pot pot : procedure.components()) {
                for (Constituent of : pot.of()) {
                    if (isSheet(of, schools, ways)) {
                        return settled(conversion, schools, ways, pot, Objects.requireNonNull(of.line()));
                    }
                }
            }
        }
        return new SheetsSettled(conversion, schools, null);
    }

    private static boolean isSheet(Constituent of, Schools schools, SheetWays ways) {
        return of.line() != null
                && of.line().ingredient() != null
                && ways.decide(of.line().ingredient(), schools).isPresent();
    }

    private static SheetsSettled settled(
            Conversion conversion, Schools schools, SheetWays ways, Pot pot, ConvertedLine line) {
        List<Work> boiling = boiling(pot, line);
        boolean boils = boiling.stream()
                .anyMatch(w -> BOILS.contains(w.action()) && !w.action().equals("drain"));
        boolean shorter =
                boiling.stream().anyMatch(w -> SHORT.matcher(w.words()).find());
        String said = !boils ? "unboiled" : shorter ? "parboil" : "boil";
        String settled = ways.settle(line.food(), schools, said, line.swapped());
        boolean rolled = line.food().role().equals("sheets") && isRolled(conversion, pot);
        String way = rolled ? ways.pliable(line.food(), settled) : settled;
        String why = ways.decide(line.food(), schools).orElseThrow().why();
        return new SheetsSettled(
                boils && !way.equals(said)
                        ? conversion.following(conversion.procedure().dropping(pot.id(), boiling, why))
                        : conversion,
                ways.isAsked(schools) ? schools : schools.with(Map.of("sheets", way)),
                boils && !way.equals(said) && bears(line, schools, ways, said) ? said : null);
    }

    /** What boils them, and what only cools and parts them after it. */
    private static List<Work> boiling(Pot pot, ConvertedLine line) {
        List<Work> boiling = new ArrayList<>();
        boolean after = false;
        for (Work work : pot.steps()) {
            boolean theirs = work.uses().isEmpty() || work.uses().stream().anyMatch(c -> c.line() == line);
            boolean boils = theirs && BOILS.contains(work.action());
            after = boils || after && theirs && COOLS.contains(work.action());
            if (after) {
                boiling.add(work);
            }
        }
        return boiling;
    }

    /** Sheets that are rolled round a filling: dry ones break. */
    private static boolean isRolled(Conversion conversion, Pot pot) {
        List<Placement> layers = conversion.procedure().layers();
        return IntStream.range(0, layers.size() - 1)
                .anyMatch(i ->
                        layers.get(i).of().equals(pot.id()) && layers.get(i + 1).inside());
    }

    private static boolean bears(ConvertedLine line, Schools schools, SheetWays ways, String said) {
        return ways.decide(line.food(), schools.with(Map.of("sheets", said)))
                .map(d -> d.refused() == null)
                .orElse(false);
    }
}
