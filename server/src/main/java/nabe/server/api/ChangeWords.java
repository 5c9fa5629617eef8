package nabe.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nabe.server.brief.BriefRequest;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Says in a few words what differs between two briefs, for the history. */
final class ChangeWords {
    private ChangeWords() {}

    static String between(BriefRequest before, BriefRequest after) {
        List<String> words = new ArrayList<>();
        note(words, before.title(), after.title(), "title");
        note(words, before.recipe(), after.recipe(), "recipe");
        note(
                words,
                List.of(
                        Objects.requireNonNullElse(before.needs(), List.of()),
                        Objects.requireNonNullElse(before.avoid(), List.of()),
                        Objects.requireNonNullElse(before.strict(), false)),
                List.of(
                        Objects.requireNonNullElse(after.needs(), List.of()),
                        Objects.requireNonNullElse(after.avoid(), List.of()),
                        Objects.requireNonNullElse(after.strict(), false)),
                "needs");
        note(words, before.eaters(), after.eaters(), Messages.say("server.who-eats"));
        note(words, before.choices(), after.choices(), "a swap");
        note(words, before.made(), after.made(), Messages.say("server.home-made-or-bought"));
        note(words, before.schools(), after.schools(), Messages.say("server.how-it-is-cooked"));
        note(words, before.prep(), after.prep(), Messages.say("server.how-it-is-prepared"));
        note(words, before.pan(), after.pan(), "pan");
        note(words, before.build(), after.build(), Messages.say("server.how-it-is-built"));
        note(words, before.oven(), after.oven(), "oven");
        note(words, before.servings(), after.servings(), "servings");
        note(words, before.notes(), after.notes(), "notes");
        return words.isEmpty()
                ? Messages.say("server.saved-again")
                : Messages.say("server.changed", String.join(", ", words));
    }

    private static void note(List<String> words, @Nullable Object before, @Nullable Object after, String word) {
        if (!Objects.equals(before, after)) {
            words.add(word);
        }
    }
}
