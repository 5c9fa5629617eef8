package nabe.label;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Weighs what a label says for one need: what it holds decides no; any doubt is check; only what is left is yes. */
final class VerdictMaker {
    private final Findings findings;

    /**
     * @param answer yes, no or check
     * @param words what decided, in the packet's own words where it has some
     */
    record Verdict(String answer, String words) {}

    VerdictMaker(Findings findings) {
        this.findings = findings;
    }

    Verdict of(Need need) {
        String claim = findings.claims().get(need);
        String holds = holds(need);
        if (holds != null) {
            boolean certified = need == Need.GLUTEN_FREE && onlyCertifiedGluten(claim != null);
            String against =
                    claim == null || certified ? holds : Messages.say("label.though-the-packet-claims", holds, claim);
            return new Verdict(certified ? "check" : "no", against);
        }
        if (findings.unsuitable().containsKey(need)) {
            return new Verdict(
                    "no",
                    Messages.say("label.not-suitable-for", findings.unsuitable().get(need)));
        }
        String promise = claim != null || need != Need.VEGETARIAN
                ? claim
                : findings.claims().get(Need.VEGAN);
        String doubt = doubt(need, promise != null);
        if (doubt != null) {
            return new Verdict("check", doubt);
        }
        String earned = promise == null
                ? Messages.say("label.nothing-on-the-label-stands-against")
                : Messages.say("label.the-packet-says", promise);
        return new Verdict("yes", earned);
    }

    private @Nullable String holds(Need need) {
        String allergen = first(findings.contains(), need.forbids());
        if (allergen != null || !need.mindsAnimalAids()) {
            return allergen;
        }
        for (Map.Entry<String, String> kind : findings.kinds().entrySet()) {
            if (need == Need.VEGAN || !kind.getKey().equals("honey")) {
                return kind.getValue();
            }
        }
        return null;
    }

    /** Certified oats and gluten-free wheat starch are lawful in a gluten-free product, but not for everybody. */
    private boolean onlyCertifiedGluten(boolean claimed) {
        Set<Allergen> gluten = EnumSet.copyOf(Need.GLUTEN_FREE.forbids());
        gluten.retainAll(findings.contains().keySet());
        gluten.retainAll(findings.uncertified());
        if (claimed) {
            gluten.remove(Allergen.OATS);
        }
        return gluten.isEmpty();
    }

    private @Nullable String doubt(Need need, boolean claimed) {
        String warned = first(findings.may(), need.forbids());
        if (warned != null) {
            return Messages.say("label.may-contain", warned);
        }
        if (findings.openWarning() != null) {
            return Messages.say("label.a-warning-nabe-cannot-read", findings.openWarning());
        }
        if (findings.refused().containsKey(need)) {
            return Messages.say("label.the-packet-says", findings.refused().get(need));
        }
        if (claimed) {
            return null;
        }
        String hidden = first(findings.hidden(), need.forbids());
        String animal = need.mindsAnimalAids() ? findings.hiddenAnimal() : null;
        String ask = hidden == null ? animal == null ? findings.leftOver() : animal : hidden;
        return ask == null ? null : Messages.say("label.ask-the-maker-about", ask);
    }

    private static @Nullable String first(Map<Allergen, String> said, Set<Allergen> forbidden) {
        return said.entrySet().stream()
                .filter(e -> forbidden.contains(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(null);
    }
}
