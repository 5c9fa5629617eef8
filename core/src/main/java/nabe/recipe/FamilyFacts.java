package nabe.recipe;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.larder.CatalogueFile;
import org.apache.commons.csv.CSVRecord;

/**
 * What is usual for a kind of dish. From families.csv.
 *
 * @param build layered, filled, lidded or stirred
 * @param waterLow, waterHigh free water it wants at the end, g in a kg
 * @param bound share of its bound water that dry starch and drying can draw, 0 to 1
 * @param sauce, whiteSauce, overDry how thick its sauces are wanted, wheat-flour equivalents for 240 ml in g
 * @param ovenLow, ovenHigh °C that it stands in a shared oven
 * @param dryHeat whether its top wants an open bake; {@code through} whether a knife should go through its layers
 */
public record FamilyFacts(
        String build,
        double waterLow,
        double waterHigh,
        double bound,
        double sauce,
        double whiteSauce,
        double overDry,
        double ovenLow,
        double ovenHigh,
        boolean dryHeat,
        boolean through,
        Set<String> marks) {
    private static final Set<String> BUILDS = Set.of("layered", "filled", "lidded", "stirred");
    private static final Set<String> MARKS = Set.of("fill-line", "liquid-line", "rise-line");
    private static final Map<Family, FamilyFacts> ALL = load();

    public static FamilyFacts of(Family family) {
        return Objects.requireNonNull(ALL.get(family));
    }

    public boolean isBuilt(String way) {
        return build.equals(way);
    }

    private static Map<Family, FamilyFacts> load() {
        CatalogueFile file = CatalogueFile.open(
                "families.csv",
                "family",
                "build",
                "water_low",
                "water_high",
                "bound",
                "sauce",
                "white_sauce",
                "over_dry",
                "oven_low",
                "oven_high",
                "dry_heat",
                "through",
                "marks");
        Map<Family, FamilyFacts> all = new EnumMap<>(Family.class);
        for (CSVRecord row : file.rows()) {
            FamilyFacts facts = facts(file, row);
            boolean holds = BUILDS.contains(facts.build)
                    && MARKS.containsAll(facts.marks)
                    && facts.waterLow <= facts.waterHigh
                    && facts.ovenLow <= facts.ovenHigh;
            if (!holds || all.put(Family.ofId(file.text(row, "family")), facts) != null) {
                throw file.bad(row, "Each family has one row, with a way to build, a range of water and known marks.");
            }
        }
        if (all.size() != Family.values().length) {
            throw new IllegalStateException("families.csv must have a row for every family.");
        }
        return all;
    }

    private static FamilyFacts facts(CatalogueFile file, CSVRecord row) {
        List<String> marks = file.list(row, "marks", ";");
        return new FamilyFacts(
                file.text(row, "build"),
                file.number(row, "water_low"),
                file.number(row, "water_high"),
                file.number(row, "bound") / 100,
                file.number(row, "sauce"),
                file.number(row, "white_sauce"),
                file.number(row, "over_dry"),
                file.number(row, "oven_low"),
                file.number(row, "oven_high"),
                file.text(row, "dry_heat").equals("yes"),
                file.text(row, "through").equals("yes"),
                Set.copyOf(marks));
    }
}
