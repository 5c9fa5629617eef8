package nabe.label;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** What reading a label has brought to light so far, each thing with the words that said it. Only ever grows. */
final class Findings {
    private final Map<Allergen, String> contains = new EnumMap<>(Allergen.class);
    /** Gluten said of a grain without the packet calling that grain gluten-free. */
    private final Set<Allergen> uncertified = EnumSet.noneOf(Allergen.class);

    private final Map<String, String> kinds = new TreeMap<>();
    private final Map<Allergen, String> may = new EnumMap<>(Allergen.class);
    private final Map<Allergen, String> hidden = new EnumMap<>(Allergen.class);
    private final Map<Need, String> claims = new EnumMap<>(Need.class);
    private final Map<Need, String> refused = new EnumMap<>(Need.class);
    private final Map<Need, String> unsuitable = new EnumMap<>(Need.class);
    private final Map<String, LabelReading.Unclear> unclear = new LinkedHashMap<>();
    private final Set<String> foods = new TreeSet<>();
    private boolean notesCertify;
    private @Nullable String hiddenAnimal;
    private @Nullable String openWarning;
    private @Nullable String leftOver;

    /** A footnote calls what it marks certified gluten-free. */
    void notesCertify() {
        notesCertify = true;
    }

    boolean doNotesCertify() {
        return notesCertify;
    }

    void hold(Meaning meaning, String words, boolean certified) {
        foods.add(words);
        meaning.allergens().forEach(a -> contains.merge(a, words, (old, now) -> more(a, old, now)));
        if (!certified) {
            uncertified.addAll(meaning.allergens());
        }
        meaning.kinds().forEach(k -> kinds.putIfAbsent(k, words));
        if (meaning.isUnclear()) {
            meaning.maybe().forEach(a -> hidden.putIfAbsent(a, words));
            hiddenAnimal = hiddenAnimal == null && meaning.maybeAnimal() ? words : hiddenAnimal;
            ask(words, Objects.requireNonNullElse(meaning.why(), Messages.say("label.what-is-in-it")));
        }
    }

    /** "Whey powder (MILK)" is told by the whey: the allergen's bare name gives way to more telling words. */
    private static String more(Allergen allergen, String old, String now) {
        return old.equalsIgnoreCase(allergen.word()) ? now : old;
    }

    void warn(Meaning meaning, String words) {
        foods.add(words);
        meaning.allergens().forEach(a -> may.putIfAbsent(a, words));
        meaning.maybe().forEach(a -> may.putIfAbsent(a, words));
    }

    void leaveOver(String words, String why) {
        leftOver = leftOver == null ? words : leftOver;
        ask(words, why);
    }

    void openWarning(String words) {
        openWarning = openWarning == null ? words : openWarning;
        ask(words, Messages.say("label.the-warning-names-nothing-nabe-can"));
    }

    private void ask(String words, String why) {
        unclear.putIfAbsent(words.toLowerCase(Locale.ROOT), new LabelReading.Unclear(words, why));
    }

    void claim(Need need, String words) {
        claims.putIfAbsent(need, words);
    }

    void refuse(Need need, String words) {
        refused.putIfAbsent(need, words);
    }

    void unsuitable(Need need, String words) {
        unsuitable.putIfAbsent(need, words);
    }

    int foods() {
        return foods.size();
    }

    Map<Allergen, String> contains() {
        return contains;
    }

    Set<Allergen> uncertified() {
        return uncertified;
    }

    Map<String, String> kinds() {
        return kinds;
    }

    Map<Allergen, String> may() {
        return may;
    }

    Map<Allergen, String> hidden() {
        return hidden;
    }

    @Nullable
    String hiddenAnimal() {
        return hiddenAnimal;
    }

    /** @return claims that nothing on the label takes back */
    Map<Need, String> claims() {
        Map<Need, String> standing = new EnumMap<>(claims);
        standing.keySet().removeAll(refused.keySet());
        standing.keySet().removeAll(unsuitable.keySet());
        return standing;
    }

    Map<Need, String> refused() {
        return refused;
    }

    Map<Need, String> unsuitable() {
        return unsuitable;
    }

    Map<String, LabelReading.Unclear> unclear() {
        return unclear;
    }

    /** @return words of a warning that names nothing readable, or null */
    @Nullable
    String openWarning() {
        return openWarning;
    }

    /** @return the first word nobody here knows, or why the list is not whole; null when all is accounted for */
    @Nullable
    String leftOver() {
        return leftOver;
    }
}
