package nabe.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.house.Schools;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.Placement;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.swap.PlannedProcedureWorkBuilder;
import nabe.swap.Swap;
import nabe.words.Messages;

/** Finds the one way in which a dish's sheets, tubes or shells go in, and has the recipe's steps agree with it. */
public final class SettlingSheets {
    private static final Set<String> BOILS = Set.of("boil", "cook", "parboil", "blanch", "simmer", "poach");
    private static final Set<String> WITH_BOILING = Set.of("drain", "bring");
    private static final Set<String> COOLS = Set.of(
            "lift", "spread", "separate", "rinse", "refresh", "plunge", "cool", "dry", "pat", "lay", "transfer", "put");
    private static final String TOO_DRY = Messages.say("prep.too-dry-for-unboiled");
    private static final String LAID_DRY = Messages.say("prep.sheets-go-in-unboiled");
    private static final Map<String, String> LAID = Map.of(
            "parboil", Messages.say("prep.sheets-go-in-parboil"), "boil", Messages.say("prep.sheets-go-in-boil"));
    private static final Pattern THEN = Pattern.compile(
            "(?:[,;]|\\s)(?:\\s*(?:and|then)\\b)*\\s*(?:drain|" + String.join("|", COOLS) + ")\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SHORT = Pattern.compile(
            "\\bhalf\\b|\\bpar-?(?:boil|cook)|\\bblanch|\\bshort of|\\bless than|\\bpliable|\\bbend|\\bal dente|\\bunder",
            Pattern.CASE_INSENSITIVE);

    private final SheetWays ways;
    private final Schools schools;
    private final Map<String, Integer> packetMinutes;

    /** @param packetMinutes the packet's own cooking time, by larder id, where a kept product gives it */
    public SettlingSheets(SheetWays ways, Schools schools, Map<String, Integer> packetMinutes) {
        this.ways = ways;
        this.schools = schools;
        this.packetMinutes = packetMinutes;
    }

    /** @return the conversion and schools that prep, build and budgets go by, where the dish has water enough */
    public SheetsSettled settled(Conversion conversion) {
        return settled(conversion, true);
    }

    /** @return the same for a dish too dry for sheets that go in unboiled: the recipe's boiling stays as far as they bear it */
    public SheetsSettled boiled(Conversion conversion) {
        return settled(conversion, false);
    }

    private SheetsSettled settled(Conversion conversion, boolean wet) {
        PlannedProcedure procedure = conversion.procedure();
        boolean silent = procedure.components().stream().allMatch(p -> p.steps().isEmpty());
        if (!silent) {
            for (Pot pot : procedure.components()) {
                for (Constituent of : pot.of()) {
                    if (isSheet(of)) {
                        return settled(conversion, pot, Objects.requireNonNull(of.line()), wet);
                    }
                }
            }
        }
        return new SheetsSettled(conversion, schools, null, false);
    }

    private boolean isSheet(Constituent of) {
        return of.line() != null
                && of.line().ingredient() != null
                && ways.decide(of.line().ingredient(), schools).isPresent();
    }

    private SheetsSettled settled(Conversion conversion, Pot pot, ConvertedLine line, boolean wet) {
        List<Work> boiling = boiling(pot, line);
        boolean boils = boiling.stream().anyMatch(SettlingSheets::isBoiled);
        boolean shorter =
                boiling.stream().anyMatch(w -> SHORT.matcher(w.words()).find());
        String said = !boils ? "unboiled" : shorter ? "parboil" : "boil";
        boolean asked = ways.isAsked(schools);
        boolean rolled = line.food().role().equals("sheets") && isRolled(conversion, pot);
        String settled = ways.settle(line.food(), schools, said, line.swapped());
        String way = rolled || boils && !wet && !asked ? ways.pliable(line.food(), settled) : settled;
        boolean other = boils && !way.equals(said);
        String why = wet ? ways.decide(line.food(), schools).orElseThrow().why() : TOO_DRY;
        Conversion agreeing = other
                ? conversion.following(otherwise(conversion.procedure(), pot, boiling, line, way, why))
                : conversion;
        return new SheetsSettled(
                saying(agreeing, line, way),
                asked ? schools : schools.with(Map.of("sheets", way)),
                other && bears(line, said) ? said : null,
                boils && way.equals("unboiled") && !asked);
    }

    /** A swap's words are for the usual way of such sheets: in another way other words hold. */
    private Conversion saying(Conversion conversion, ConvertedLine line, String way) {
        boolean usual =
                ways.decide(line.food(), Schools.usual()).orElseThrow().way().equals(way);
        Conversion said = conversion;
        for (Swap swap : conversion.swaps()) {
            if (!usual && swap.source() == line.source() && swap.change() != null) {
                said = said.saying(swap, LAID.getOrDefault(way, LAID_DRY));
            }
        }
        return said;
    }

    /** What boils them, and what only cools and parts them after it. */
    private static List<Work> boiling(Pot pot, ConvertedLine line) {
        List<Work> boiling = new ArrayList<>();
        boolean after = false;
        for (Work work : pot.steps()) {
            boolean theirs = work.uses().isEmpty() || work.uses().stream().anyMatch(c -> c.line() == line);
            boolean boils = theirs && (BOILS.contains(work.action()) || WITH_BOILING.contains(work.action()));
            after = boils || after && theirs && COOLS.contains(work.action());
            if (after) {
                boiling.add(work);
            }
        }
        return boiling;
    }

    private static boolean isBoiled(Work work) {
        return BOILS.contains(work.action());
    }

    /** A shorter boiling takes the place of the recipe's, and what cools and parts them stays; without boiling all of it goes. */
    private PlannedProcedure otherwise(
            PlannedProcedure procedure, Pot pot, List<Work> boiling, ConvertedLine line, String way, String why) {
        if (!way.equals("parboil")) {
            return procedure.dropping(pot.id(), boiling, why);
        }
        List<Work> boils = boiling.stream().filter(SettlingSheets::isBoiled).toList();
        return procedure
                .dropping(pot.id(), boils.subList(1, boils.size()), why)
                .replacing(pot.id(), boils.getFirst(), shortened(boils.getFirst(), line, why));
    }

    private Work shortened(Work boils, ConvertedLine line, String why) {
        PacketTime time =
                PacketTime.of(line.food(), packetMinutes, ways, schools).orElseThrow();
        return PlannedProcedureWorkBuilder.builder(boils)
                .action("parboil")
                .words(Messages.say("prep.parboiled-instead", line.item(), time.half(), time.minutes(), time.known())
                        + afterwards(boils.words()))
                .minutes(new Minutes(time.half(), time.half()))
                .until(null)
                .changed(true)
                .why(why)
                .build();
    }

    /** ", lift them into iced water, then" where the clause of the boiling goes on with it. */
    private static String afterwards(String words) {
        Matcher more = THEN.matcher(words);
        return more.find() ? words.substring(more.start()) : "";
    }

    /** Sheets that are rolled round a filling: dry ones break. */
    private static boolean isRolled(Conversion conversion, Pot pot) {
        List<Placement> layers = conversion.procedure().layers();
        return IntStream.range(0, layers.size() - 1)
                .anyMatch(i ->
                        layers.get(i).of().equals(pot.id()) && layers.get(i + 1).inside());
    }

    private boolean bears(ConvertedLine line, String said) {
        return ways.decide(line.food(), schools.with(Map.of("sheets", said)))
                .map(d -> d.refused() == null)
                .orElse(false);
    }
}
