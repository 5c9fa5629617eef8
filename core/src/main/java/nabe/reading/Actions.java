package nabe.reading;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nabe.larder.CatalogueFile;
import org.apache.commons.csv.CSVRecord;

/** The kitchen's verbs in all their forms, from actions.csv. */
final class Actions {
    /** What a verb does; described in the file's head. */
    enum Effect {
        HEAT,
        MIX,
        JOIN,
        PREP,
        PLACE,
        INSIDE,
        GREASE,
        BAKE,
        COVER,
        UNCOVER,
        REST,
        REPEAT,
        SERVE
    }

    /** @param verb its base form */
    record Action(String verb, Effect effect) {}

    private final Map<String, Action> byForm = new HashMap<>();

    Actions() {
        CatalogueFile file = CatalogueFile.open("actions.csv");
        for (CSVRecord row : file.rows()) {
            Effect effect = effect(file, row);
            for (String verb : file.list(row, "verbs", ";")) {
                String[] forms = verb.split("/");
                Action action = new Action(forms[0], effect);
                for (String form : forms) {
                    byForm.put(form, action);
                }
                regular(forms[0], action);
            }
        }
    }

    private static Effect effect(CatalogueFile file, CSVRecord row) {
        try {
            return Effect.valueOf(file.text(row, "effect").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw file.bad(row, "The effect must be one of those the head of the file names.");
        }
    }

    private void regular(String base, Action action) {
        String stem = base.endsWith("e") ? base.substring(0, base.length() - 1) : base;
        String doubled = base.matches(".*[^aeiou][aeiou][bdgmnprt]") ? base + base.charAt(base.length() - 1) : stem;
        String past = base.endsWith("y") && !base.matches(".*[aeiou]y")
                ? base.substring(0, base.length() - 1) + "i"
                : doubled;
        byForm.putIfAbsent(doubled + "ing", action);
        byForm.putIfAbsent(stem + "ing", action);
        byForm.putIfAbsent(past + "ed", action);
        byForm.putIfAbsent(stem + "ed", action);
    }

    /** @param word as written */
    Optional<Action> of(String word) {
        return Optional.ofNullable(byForm.get(word.toLowerCase(Locale.ROOT).replace("é", "e")));
    }
}
