package nabe.label;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Allergen;
import nabe.needs.Need;

/** Weighs what a label says for one need: what it holds decides no; any doubt is check; only what is left is yes. */
final class VerdictMaker {
    private static final Pattern CODEX_STARCH = Pattern.compile(
            "gluten[- ]free wheat starch|wheat starch \\(?gluten[- ]free|codex wheat starch|deglutenised wheat",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEARLY_FREE = Pattern.compile(
            "(?:very low|low|reduced|removed?|remove) gluten|gluten[- ](?:removed|reduced)|not gluten[- ]free|not certified gluten[- ]free|crafted to remove",
            Pattern.CASE_INSENSITIVE);
    private final Set<Allergen> contains;
    private final Set<Allergen> may;
    private final Set<String> kinds;
    private final Set<Allergen> hidden;
    private final boolean hiddenAnimal;
    private final boolean doubtful;
    private final Set<String> claims;
    private final Set<String> unsuitable;
    private final String label;

    VerdictMaker(
            Set<Allergen> contains,
            Set<Allergen> may,
            Set<String> kinds,
            Set<Allergen> hidden,
            boolean hiddenAnimal,
            boolean doubtful,
            Set<String> claims,
            Set<String> unsuitable,
            String label) {
        this.contains = contains;
        this.may = may;
        this.kinds = kinds;
        this.hidden = hidden;
        this.hiddenAnimal = hiddenAnimal;
        this.doubtful = doubtful;
        this.claims = claims;
        this.unsuitable = unsuitable;
        this.label = label;
    }

    String verdict(Need need) {
        if (holds(need)) {
            return need == Need.GLUTEN_FREE && onlyCertifiedGluten() ? "check" : "no";
        }
        boolean promised = claims.contains(need.id());
        boolean warned = meets(may, need.forbids());
        boolean hides = meets(hidden, need.forbids()) || need.mindsAnimalAids() && hiddenAnimal;
        boolean nearly = need == Need.GLUTEN_FREE && NEARLY_FREE.matcher(label).find();
        if (warned || nearly || !promised && (hides || doubtful)) {
            return "check";
        }
        return "yes";
    }

    private boolean holds(Need need) {
        boolean animal = need == Need.VEGAN && !kinds.isEmpty()
                || need == Need.VEGETARIAN && (kinds.contains("meat") || kinds.contains("animal"));
        boolean refused = need == Need.VEGAN && (unsuitable.contains("vegan") || unsuitable.contains("vegetarian"))
                || need == Need.VEGETARIAN && unsuitable.contains("vegetarian")
                || need == Need.GLUTEN_FREE && (unsuitable.contains("coeliac") || unsuitable.contains("celiac"));
        return animal || refused || meets(contains, need.forbids());
    }

    /** Certified oats and gluten-free wheat starch are lawful in a gluten-free product, but not for everybody. */
    private boolean onlyCertifiedGluten() {
        Set<Allergen> gluten = EnumSet.noneOf(Allergen.class);
        contains.stream().filter(Need.GLUTEN_FREE.forbids()::contains).forEach(gluten::add);
        gluten.remove(Allergen.OATS);
        if (CODEX_STARCH.matcher(label).find()) {
            gluten.remove(Allergen.WHEAT);
        }
        boolean promised = claims.contains("gluten-free")
                || Pattern.compile("gluten[- ]free oats?", Pattern.CASE_INSENSITIVE)
                        .matcher(label)
                        .find();
        return promised && gluten.isEmpty() && unsuitable.isEmpty();
    }

    private static boolean meets(Set<Allergen> some, Set<Allergen> others) {
        return some.stream().anyMatch(others::contains);
    }

    /** The words that decided, or a plain sentence where no single word did. */
    String words(
            Need need,
            String verdict,
            Map<Object, String> said,
            Map<Object, String> warned,
            Collection<LabelReading.Unclear> unclear) {
        String decided = first(said, need);
        if (!verdict.equals("yes") && decided != null) {
            return decided;
        }
        if (verdict.equals("no")) {
            return "not suitable for " + String.join(", ", unsuitable);
        }
        if (verdict.equals("yes")) {
            return claims.contains(need.id())
                    ? "the packet claims " + need.id()
                    : "nothing on the label stands against it; check the packet in your hand all the same";
        }
        String warning = first(warned, need);
        if (warning != null) {
            return "may contain " + warning;
        }
        return unclear.isEmpty()
                ? "no ingredient list was found"
                : "ask the maker about " + unclear.iterator().next().words();
    }

    private static String first(Map<Object, String> words, Need need) {
        for (Map.Entry<Object, String> entry : words.entrySet()) {
            boolean allergen =
                    entry.getKey() instanceof Allergen a && need.forbids().contains(a);
            boolean kind = entry.getKey() instanceof String k
                    && (need == Need.VEGAN || need == Need.VEGETARIAN && !k.equals("honey"));
            if (allergen || kind) {
                return entry.getValue();
            }
        }
        return null;
    }
}
