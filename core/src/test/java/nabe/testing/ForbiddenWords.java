package nabe.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.needs.Need;

/** What must not stand in a converted dish, by plain words: knows nothing of the catalogue. */
public final class ForbiddenWords {
    private static final String DAIRY =
            "milk|butter|cream|cheese|ricotta|mozzarella|parmesan|cheddar|gruy[eè]re|feta|yogh?urt|ghee|kefalotyri|pecorino|whey|soup";
    private static final String MEAT =
            "beef|lamb|chicken|pork|mince|bacon|ham|sausage|turkey|anchov|worcester|lard|gelatine|honey";
    private static final Map<Need, Pattern> WORDS = Map.of(
            Need.GLUTEN_FREE,
                    words(
                            "wheat|flour|breadcrumbs|bread|lasagna sheets|pasta|couscous|bulgur|barley|rye|soy sauce|beer|malt|soup|worcester"),
            Need.DAIRY_FREE, words(DAIRY),
            Need.EGG_FREE, words("eggs?|mayonnaise"),
            Need.NUT_FREE, words("almonds?|cashews?|walnuts?|pecans?|hazelnuts?|pistachios?|peanuts?|nuts?"),
            Need.SOY_FREE, words("soy|soya|tofu|tempeh|edamame|miso|tamari"),
            Need.VEGAN, words(DAIRY + "|" + MEAT + "|eggs?|fish"));
    /** Words that make an innocent thing of a guilty one. */
    private static final Pattern INNOCENT = Pattern.compile(
            "(?:gluten-free|brown-rice|maize-rice|red-lentil|plant-based|egg-free) (?:[\\w-]+ ){0,2}[\\w-]+|soured soy cream|(?:rice|chickpea|sorghum|buckwheat|oat)-?\\s?flour"
                    + "|(?:sunflower-seed|cashew|soy cooking|oat cooking|coconut|silken tofu|white-bean|almond) cream|(?:tofu|white-bean|almond|cashew|sunflower-seed|mixed tofu and almond) ricotta|soy yogurt|coconut (?:milk|yogurt)"
                    + "|mushroom and lentil mince|butternut|without|egg-free mayonnaise|tomato soup",
            Pattern.CASE_INSENSITIVE);

    private ForbiddenWords() {}

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(?:" + alternatives + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** @return each forbidden word that stands in a sentence of the method, with the words around it */
    public static List<String> in(String sentence, Set<Need> needs) {
        String rest = INNOCENT.matcher(sentence).replaceAll("");
        List<String> found = new ArrayList<>();
        for (Need need : needs) {
            Matcher m = WORDS.get(need).matcher(need == Need.SOY_FREE || need == Need.NUT_FREE ? sentence : rest);
            String in = need == Need.SOY_FREE || need == Need.NUT_FREE ? sentence : rest;
            while (m.find()) {
                found.add(need.id() + ": " + in.substring(Math.max(0, m.start() - 25), m.start()) + "<" + m.group()
                        + ">" + in.substring(m.end(), Math.min(in.length(), m.end() + 15)));
            }
        }
        return found;
    }

    public static void check(String item, Set<Need> needs) {
        String rest = INNOCENT.matcher(item).replaceAll("");
        for (Need need : needs) {
            boolean found = WORDS.get(need)
                    .matcher(need == Need.SOY_FREE || need == Need.NUT_FREE ? item : rest)
                    .find();
            assertThat(found).as("'%s' for %s", item, need).isFalse();
        }
    }
}
