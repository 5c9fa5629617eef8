package nabe.swap;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.Step;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Reads the verb and the minutes of a sentence of Nabe's own. */
final class SaidWork {
    private static final Pattern FIRST = Pattern.compile("^(\\p{L}+)");
    private static final Pattern TIME = Pattern.compile("(\\d+)(?:-(\\d+))? (min|h)\\b");
    /** "Boil 3 min", "fry until brown": no word what. */
    private static final Pattern VERB_ALONE = Pattern.compile("^(\\p{L}+) (?=(\\d)|(?:in|on|until|till|well|hard)\\b)");

    private static final int HOUR = 60;

    private SaidWork() {}

    static String action(String words, String otherwise) {
        Matcher first = FIRST.matcher(words);
        return first.find() ? first.group(1).toLowerCase(Locale.ROOT) : otherwise;
    }

    /** @return the first work at the stove that the words name, else what they begin with */
    static String stoveAction(String words, String otherwise) {
        return Words.of(words).stream()
                .map(Words.Word::key)
                .filter(w -> KitchenWords.shared().effect(w) == Effect.HEAT)
                .findFirst()
                .orElseGet(() -> action(words, otherwise));
    }

    /** @return the swap's own technique where the recipe's steps on it were; {@code last} the last of them, {@code used} what all of them took */
    static PlannedProcedure.Work inPlaceOf(
            Step last, Swap swap, String action, List<PlannedProcedure.Constituent> used) {
        String method = Objects.requireNonNull(swap.change());
        return PlannedProcedureWorkBuilder.builder()
                .id(last.id())
                .action(action)
                .words(withObject(method, swap))
                .sentence(last.sentence())
                .uses(List.copyOf(used))
                .minutes(minutes(method))
                .changed(true)
                .why(swap.reason())
                .build();
    }

    /** @return the swap's own technique for a thing that the recipe lays as it is */
    static PlannedProcedure.Work alone(String id, Swap swap, List<ConvertedLine> lines) {
        String method = Objects.requireNonNull(swap.change());
        return PlannedProcedureWorkBuilder.builder()
                .id(id)
                .action(stoveAction(method, "cook"))
                .words(withObject(method, swap))
                .sentence(-1)
                .uses(lines.stream()
                        .map(l -> PlannedProcedure.Constituent.of(l, 1))
                        .toList())
                .minutes(minutes(method))
                .changed(true)
                .why(swap.reason())
                .build();
    }

    /** "Boil 3 min less than the packet", "fry until brown": boil and fry what. */
    private static String withObject(String method, Swap swap) {
        Matcher verb = VERB_ALONE.matcher(method);
        if (!verb.find() || verb.group(2) == null && !heats(verb.group(1))) {
            return method;
        }
        String named = swap.becomes().getFirst().item();
        return Messages.say("swap.work-on-the", verb.group(1), named) + " " + method.substring(verb.end());
    }

    private static boolean heats(String verb) {
        return KitchenWords.shared().effect(verb.toLowerCase(Locale.ROOT)) == Effect.HEAT;
    }

    static @Nullable Minutes minutes(String words) {
        Matcher time = TIME.matcher(words);
        if (!time.find()) {
            return null;
        }
        double unit = time.group(3).equals("h") ? HOUR : 1;
        double min = Double.parseDouble(time.group(1)) * unit;
        return new Minutes(min, time.group(2) == null ? min : Double.parseDouble(time.group(2)) * unit);
    }
}
