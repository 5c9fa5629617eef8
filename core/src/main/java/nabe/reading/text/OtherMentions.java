package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;

/**
 * Finds what else a line brings into the dish besides the thing it measures: "fresh basil and grated parmesan",
 * "onions, fried in butter". Alternatives ("or margarine") and things said to be absent ("without skin") do not count.
 */
final class OtherMentions {
    private static final Pattern JOINTS =
            Pattern.compile("[,;()]|\\s(?:and|plus|with|in|\\+|&)\\s", Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_IN = Pattern.compile(
            "(?i)^\\s*(?:or|such as|e\\.?g\\.?|like|about|not|no|without|see|if|from|for|use|save|reserve"
                    + "|instead|cut|sliced|as)\\b.*|.*\\b(?:free|instead|alternative|substitute|style|size|sized|seeds? removed|skin)\\b.*"
                    + "|.*\\b(?:is|are|would be) (?:fine|okay|ok|good|nice|great)\\b.*|.*\\b(?:works?|will do|would do|does)(?: (?:too|well|fine|as well))?\\s*");
    private static final Pattern CHOICE = Pattern.compile("\\s*\\bor\\b.*", Pattern.CASE_INSENSITIVE);
    private final Larder larder;

    OtherMentions(Larder larder) {
        this.larder = larder;
    }

    List<Ingredient> find(String[] segments, int chosen, NameIndex.Match match, List<String> notes) {
        List<Ingredient> found = new ArrayList<>();
        String own = segments.length == 0 ? "" : segments[chosen];
        if (match.end() <= own.length()) {
            if (!isCrumbOf(own.substring(0, match.start()), match)) {
                look(own.substring(0, match.start()), match, found);
            }
            look(own.substring(match.end()), match, found);
        }
        for (int i = chosen + 1; i < segments.length; i++) {
            look(segments[i], match, found);
        }
        notes.forEach(note -> look(note, match, found));
        return List.copyOf(found);
    }

    /** "Sourdough breadcrumbs" are one thing. */
    private boolean isCrumbOf(String before, NameIndex.Match match) {
        return match.food().role().equals("crumbs")
                && larder.matchExactly(before)
                        .filter(m -> m.food().role().equals("bread")
                                && m.end() == before.stripTrailing().length())
                        .isPresent();
    }

    private void look(String text, NameIndex.Match match, List<Ingredient> found) {
        if (text.isBlank()) {
            return;
        }
        for (String piece : JOINTS.split(CHOICE.matcher(text).replaceAll(""))) {
            if (!NOT_IN.matcher(piece).matches()) {
                larder.matchExactly(piece)
                        .map(NameIndex.Match::ingredient)
                        .filter(i -> i != match.ingredient()
                                && !found.contains(i)
                                && !i.role().equals("water"))
                        .ifPresent(found::add);
            }
        }
    }
}
