package nabe.needs;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * How a thing stands against the needs. Never a promise of safety: only what is known of the kind.
 *
 * @param offends what is in it, or what it is, that some need shuts out
 * @param maybe what some makers put in: the label decides
 * @param traces what it is sometimes contaminated with, where traces matter
 */
public record Judgement(Set<String> offends, Set<String> maybe, Set<String> traces) {
    private static final int MANY_NUTS = 3;
    private static final Set<String> NUTS =
            Allergen.TREE_NUTS.stream().map(Allergen::word).collect(Collectors.toUnmodifiableSet());

    public boolean fits() {
        return offends.isEmpty();
    }

    /** @return whether the packet must be read before it is used */
    public boolean needsLabel() {
        return !maybe.isEmpty() || !traces.isEmpty();
    }

    /** @return how many things some makers put in that do not fit; all tree nuts are one */
    public int doubts() {
        long others = maybe.stream().filter(word -> !NUTS.contains(word)).count();
        return (int) others + (others < maybe.size() ? 1 : 0);
    }

    /** @return what to look for on the packet, in a cook's words, or null when there is nothing */
    public @Nullable String labelAdvice(String name) {
        if (!needsLabel()) {
            return null;
        }
        String text = maybe.isEmpty() ? "" : Messages.say("needs.some-makers-put-in", Lists.or(grouped(maybe)));
        String line = traces.isEmpty()
                ? ""
                : Messages.say("needs.the-kind-is-sometimes-contaminated-with", Lists.or(grouped(traces)));
        String joint = text.isEmpty() || line.isEmpty() ? "" : "; ";
        return Messages.say("needs.check-the-label-of-the", name, text, joint, line);
    }

    /** @return the words, many tree nuts said as one */
    public static List<String> grouped(Collection<String> words) {
        List<String> all = new ArrayList<>(words);
        if (all.stream().filter(NUTS::contains).count() >= MANY_NUTS) {
            all.removeIf(NUTS::contains);
            all.add(Messages.say("needs.tree-nuts"));
        }
        return all;
    }
}
