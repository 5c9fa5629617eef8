package nabe.label;

import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** Finds what a packet promises. "Lactose-free", "wheat-free", "non-dairy" and "plant-based" promise less than they seem to, and count for nothing. */
final class Claims {
    private static final String NOT = "(?<!not )(?<!not certified )(?<!isn't )(?<!non[- ])";
    private static final Map<String, Pattern> CLAIMS = Map.of(
            "gluten-free",
            free("gluten"),
            "dairy-free",
            free("dairy|milk"),
            "egg-free",
            free("eggs?"),
            "nut-free",
            free("nuts?"),
            "soy-free",
            free("soya?|soya? ?beans?"),
            "vegan",
            Pattern.compile(
                    NOT
                            + "(?<!suitable for )(?<!un)\\bvegan\\b(?! ?(?:option|recipe))|(?<!not )(?<!un)suitable for (?:vegetarians (?:and|&) )?vegans?",
                    Pattern.CASE_INSENSITIVE),
            "vegetarian",
            Pattern.compile(
                    "(?<!not )(?<!un)suitable for (?:vegans (?:and|&) )?vegetarians?|" + NOT
                            + "(?<!for )\\bvegetarian\\b(?! rennet| enzyme| coagulant)",
                    Pattern.CASE_INSENSITIVE));
    /** Every "X-free" as a whole, to be taken out before words are looked at. */
    static final Pattern FREE_WORDS = Pattern.compile(
            "\\b(?:gluten|wheat|dairy|milk|lactose|egg|nut|peanut|tree[- ]nut|soya?|grain|oat|barley|rye|sesame|fish|allergen|casein|sugar|palm[- ]oil|gmo|alcohol)(?:\\s*(?:,|and|&|/)\\s*(?:gluten|wheat|dairy|milk|lactose|egg|nut|soya?))*[- ]free\\b(?! (?:(?:plain|white|self[- ]raising) )?flour)"
                    + "|\\bnon[- ]dairy\\b(?! creamer)|\\bnon[- ]gmo\\b",
            Pattern.CASE_INSENSITIVE);

    private Claims() {}

    private static Pattern free(String what) {
        return Pattern.compile(
                NOT + "\\b(?:" + what
                        + ")[- ]free\\b(?! (?:facility|kitchen|factory|ingredients|oats?\\b|soy|flour))|\\bfree (?:from|of) (?:[\\w ,&]{0,40}\\b)?(?:"
                        + what + ")\\b" + "|\\b(?:contains no|no|does not contain) (?:" + what + ")\\b(?! containing)",
                Pattern.CASE_INSENSITIVE);
    }

    static Set<String> in(String label) {
        Set<String> found = new LinkedHashSet<>();
        String plain = label.toLowerCase(Locale.ROOT);
        CLAIMS.forEach((need, pattern) -> {
            if (pattern.matcher(plain).find()) {
                found.add(need);
            }
        });
        return found;
    }
}
