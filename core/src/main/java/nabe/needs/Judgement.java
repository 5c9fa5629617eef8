package nabe.needs;

import java.util.Set;

/**
 * How a thing stands against the needs. Never a promise of safety: only what is known of the kind.
 *
 * @param offends what is in it, or what it is, that some need shuts out
 * @param maybe what some makers put in: the label decides
 * @param traces what it is sometimes contaminated with, where traces matter
 */
public record Judgement(Set<String> offends, Set<String> maybe, Set<String> traces) {

    public boolean fits() {
        return offends.isEmpty();
    }

    /** @return whether the packet must be read before it is used */
    public boolean needsLabel() {
        return !maybe.isEmpty() || !traces.isEmpty();
    }

    /** @return what to look for on the packet, in a cook's words, or null when there is nothing */
    public String labelAdvice(String name) {
        if (!needsLabel()) {
            return null;
        }
        String text = maybe.isEmpty() ? "" : "some makers' " + name + " holds " + String.join(", ", maybe);
        String line = traces.isEmpty()
                ? ""
                : "the " + name + " is of a kind sometimes contaminated with " + String.join(", ", traces);
        String both = text.isEmpty() ? line : line.isEmpty() ? text : text + "; " + line;
        return "Check the label: " + both + (traces.isEmpty() ? "." : "; buy one with a claim, or ask the maker.");
    }
}
