package nabe.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.prep.PrepStep.Used;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * The steps have an order of their own: where the work of another pot came between, "mash them" says what it means. Left
 * as it is where more was in the pot than can be said in a few words.
 */
final class FarFromItsName {
    private static final Pattern OBJECT =
            Pattern.compile("^(\\p{Lu}\\p{L}+(?: \\p{L}+ly)?) (?:them|it)\\b(?! (?:off|together)\\b)");
    private static final int MOST = 2;

    private FarFromItsName() {}

    /** @param steps in the order they are told */
    static List<PrepStep> named(List<PrepStep> steps) {
        Map<String, PrepStep> lastOf = new HashMap<>();
        List<PrepStep> all = new ArrayList<>();
        String before = null;
        for (PrepStep step : steps) {
            String pot = step.component();
            all.add(Objects.equals(pot, before) ? step : named(step, lastOf.get(pot)));
            if (pot != null && !step.uses().isEmpty()) {
                lastOf.put(pot, step);
            }
            before = pot;
        }
        return List.copyOf(all);
    }

    /** What is more than a tenth of the heaviest: nobody mashes the salt. */
    private static List<String> most(List<Used> uses) {
        double heaviest = uses.stream().mapToDouble(FarFromItsName::grams).max().orElse(0);
        return uses.stream()
                .filter(u -> grams(u) > heaviest / 10)
                .map(u -> u.item().toLowerCase(Locale.ROOT))
                .toList();
    }

    private static double grams(Used used) {
        return Objects.requireNonNullElse(used.grams(), 0.0);
    }

    private static PrepStep named(PrepStep step, @Nullable PrepStep last) {
        Matcher object = OBJECT.matcher(step.text());
        List<String> things = last == null ? List.of() : most(last.uses());
        if (step.own() || things.isEmpty() || things.size() > MOST || !object.find()) {
            return step;
        }
        String rest = step.text().substring(object.end());
        return PrepStepBuilder.builder(step)
                .text(object.group(1) + " " + Messages.say("prep.the-things", Lists.and(things)) + rest)
                .build();
    }
}
