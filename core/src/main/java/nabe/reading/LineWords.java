package nabe.reading;

import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Words;
import nabe.measure.Unit;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.text.UnitWords;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/**
 * The words a line may be called by.
 *
 * @param all every word of the line and of its food; {@code heads} those that may stand for it alone
 * @param item the words that name it in the line; {@code text} all words as written; {@code own} the last word of its name
 */
record LineWords(Set<String> all, Set<String> heads, Set<String> item, Set<String> text, String own) {
    /** The larder's aliases, parted into words once. */
    private static final Map<List<String>, Set<String>> ALIASES = new ConcurrentHashMap<>();

    private static final Pattern QUALIFIED = Pattern.compile("(?<=\\S) (?:with|in) ");
    private static final Set<Use> VESSELS = EnumSet.of(Use.DISH, Use.POT, Use.BOWL, Use.TRAY, Use.BASE, Use.GENERIC);

    static LineWords of(Line line) {
        Set<String> all = new HashSet<>();
        Set<String> heads = new HashSet<>();
        List<String> item = keys(named(line.item()));
        all.addAll(item);
        if (!item.isEmpty()) {
            heads.add(item.getLast());
        }
        if (line.ingredient() != null) {
            List<String> name = keys(line.ingredient().name());
            all.addAll(name);
            if (!name.isEmpty()) {
                heads.add(name.getLast());
            }
            Set<String> others = ALIASES.computeIfAbsent(line.ingredient().aliases(), LineWords::ofOneWord);
            all.addAll(others);
            heads.addAll(others);
        }
        line.also().forEach(other -> {
            List<String> name = keys(other.name());
            all.addAll(name);
            if (!isPackedIn(line.item(), name.getLast())) {
                heads.add(name.getLast());
            }
        });
        Set<String> text = new HashSet<>();
        keys(line.text()).stream()
                .filter(k -> k.length() > 2 && !isVessel(k) && !isPackedIn(line.item(), k))
                .forEach(text::add);
        all.addAll(text);
        return new LineWords(all, heads, Set.copyOf(item), text, item.isEmpty() ? "" : item.getLast());
    }

    /** "Potatoes with firm flesh" are called potatoes, and "tuna in spring water" tuna. */
    private static @Nullable String named(@Nullable String item) {
        return item == null ? null : QUALIFIED.split(item, 2)[0];
    }

    /** "Tuna in oil": the oil is not what the line is called. */
    private static boolean isPackedIn(@Nullable String item, String word) {
        String lower = item == null ? "" : item.toLowerCase(Locale.ROOT);
        int in = lower.indexOf(" in ");
        return in >= 0 && lower.indexOf(word, in) >= 0;
    }

    private static Set<String> ofOneWord(List<String> aliases) {
        return aliases.stream()
                .map(LineWords::keys)
                .filter(k -> k.size() == 1)
                .map(List::getFirst)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** "Package", "tin": how it is bought, never what it is called. */
    private static boolean isPack(String key) {
        Unit unit = UnitWords.ofWord(key);
        return unit != null && unit.kind() == Unit.Kind.PACK;
    }

    private static boolean isVessel(String key) {
        return isPack(key)
                || !Collections.disjoint(VESSELS, KitchenWords.shared().usesOf(key));
    }

    private static List<String> keys(@Nullable String text) {
        return text == null
                ? List.of()
                : Words.of(text).stream().map(Words.Word::key).toList();
    }
}
