package nabe.prep;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nabe.house.Schools;
import nabe.larder.CatalogueFile;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Decides whether sheets, tubes and shells go in unboiled, parboiled or boiled. From sheets.csv. */
public final class SheetWays {
    private static final String QUESTION = "sheets";
    private static final List<String> WAYS = List.of("unboiled", "parboil", "boil");
    private static final Set<String> GRADES = Set.of("good", "fair", "no");
    private final Map<String, Kind> kinds = new HashMap<>();

    private record Kind(Map<String, String> grades, String usual, int parboilMinutes, boolean brittle, String why) {}

    /**
     * @param way unboiled, parboil or boil
     * @param parboilMinutes usual minutes in the water when parboiled
     * @param brittle whether it goes in dry and snaps
     * @param why what this kind of sheet is like
     * @param refused the way that was asked for and would fail, or null
     */
    public record Decision(
            String way,
            int parboilMinutes,
            boolean brittle,
            String why,
            @Nullable String refused) {
        /** @return g of water that 100 g dry still drink in the bake, where {@code dryThirst} is what they drink unboiled; domain table */
        public double thirst(double dryThirst) {
            return switch (way) {
                case "parboil" -> Math.min(40, dryThirst);
                case "boil" -> Math.min(7.5, dryThirst);
                default -> dryThirst;
            };
        }
    }

    /** @throws nabe.larder.CatalogueException for a row that names no ingredient, or a way or grade that is none */
    public SheetWays(Larder larder) {
        CatalogueFile file = CatalogueFile.open(
                "sheets.csv", "id", "unboiled", "parboil", "boil", "usual", "parboil_min", "brittle", "why");
        for (CSVRecord row : file.rows()) {
            Map<String, String> grades = new HashMap<>();
            WAYS.forEach(way -> grades.put(way, file.text(row, way)));
            String usual = file.text(row, "usual");
            if (larder.find(file.text(row, "id")).isEmpty()
                    || !GRADES.containsAll(grades.values())
                    || grades.getOrDefault(usual, "no").equals("no")) {
                throw file.bad(
                        row,
                        "It must name an ingredient, grade each way good, fair or no, and not refuse its usual way.");
            }
            kinds.put(
                    file.text(row, "id"),
                    new Kind(
                            grades,
                            usual,
                            (int) file.number(row, "parboil_min"),
                            file.text(row, "brittle").equals("yes"),
                            Messages.translated(file.text(row, "why"))));
        }
    }

    /** @return how it goes in in this house, empty where it is nothing that is boiled */
    public Optional<Decision> decide(Ingredient ingredient, Schools schools) {
        Kind kind = kinds.get(ingredient.id());
        if (kind == null) {
            return Optional.empty();
        }
        String asked = schools.answer(QUESTION);
        boolean refused = WAYS.contains(asked) && "no".equals(kind.grades.get(asked));
        String way = WAYS.contains(asked) && !refused ? asked : kind.usual;
        return Optional.of(new Decision(
                way, kind.parboilMinutes, kind.brittle && way.equals("unboiled"), kind.why, refused ? asked : null));
    }

    /**
     * The way of a dish's sheets: the house's own answer, else the recipe's where such sheets bear it, else their usual one.
     *
     * @param said unboiled, parboil or boil, as the recipe has it; {@code swapped} whether other sheets stand in
     */
    String settle(Ingredient ingredient, Schools schools, String said, boolean swapped) {
        Decision usual = decide(ingredient, schools).orElseThrow();
        if (isAsked(schools)) {
            return usual.way();
        }
        String grade = Objects.requireNonNull(kinds.get(ingredient.id())).grades.get(said);
        return "good".equals(grade) || "fair".equals(grade) && !swapped ? said : usual.way();
    }

    /** @return the way, or the next softer one that such sheets bear, for those that must bend */
    String pliable(Ingredient ingredient, String way) {
        Kind kind = Objects.requireNonNull(kinds.get(ingredient.id()));
        if (!way.equals("unboiled") || !kind.brittle) {
            return way;
        }
        return "no".equals(kind.grades.get("parboil")) ? "boil" : "parboil";
    }

    /** @return whether the house itself asks for a way */
    boolean isAsked(Schools schools) {
        return WAYS.contains(schools.answer(QUESTION));
    }

    /** @return the house's schools with this ingredient's way in place of its answer about sheets */
    Schools schoolsFor(Ingredient ingredient, Schools schools) {
        return decide(ingredient, schools)
                .map(d -> schools.with(Map.of(QUESTION, d.way())))
                .orElse(schools);
    }
}
