package nabe.bake;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nabe.larder.CatalogueException;
import nabe.larder.CatalogueFile;
import nabe.recipe.FamilyFacts;
import nabe.words.Messages;
import org.apache.commons.csv.CSVRecord;

/** What done looks like, by the state of the dish. From signs.csv. */
final class Signs {
    private static final String FILE = "signs.csv";
    private static final Map<PracticeRange.State, List<Sign>> ALL = load();

    private record Sign(String words, boolean through) {}

    private Signs() {}

    static List<String> of(Baking baking) {
        boolean through = FamilyFacts.of(baking.recipe.family()).through();
        List<String> signs = new ArrayList<>();
        ALL.getOrDefault(PracticeRange.state(baking), List.of()).stream()
                .filter(s -> through || !s.through)
                .forEach(s -> signs.add(s.words));
        signs.add(
                1,
                baking.safeCore == null
                        ? Messages.say("bake.a-knife-left-in-the-centre")
                        : Messages.say("bake.a-thermometer-in-the-centre-shows", Math.round(baking.safeCore)));
        return List.copyOf(signs);
    }

    private static Map<PracticeRange.State, List<Sign>> load() {
        CatalogueFile file = CatalogueFile.open(FILE, "state", "sign", "through");
        Map<PracticeRange.State, List<Sign>> all = new EnumMap<>(PracticeRange.State.class);
        for (CSVRecord row : file.rows()) {
            all.computeIfAbsent(PracticeRange.state(file, row), s -> new ArrayList<>())
                    .add(new Sign(
                            Messages.translated(file.text(row, "sign")),
                            row.get("through").equals("yes")));
        }
        for (PracticeRange.State state : PracticeRange.State.values()) {
            if (!all.containsKey(state)) {
                throw new CatalogueException(FILE, state.name(), "Every state must have a sign.");
            }
        }
        return all;
    }
}
