package nabe.label;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Need;

/** Reads a packet's words. The one way into this package. In doubt it says check, never yes. */
public final class LabelReader {
    /** Longest label read, in characters. */
    public static final int LONGEST_LABEL = 50_000;

    private static final Pattern FILLER = Pattern.compile(
            "(?i)(?:\\d+(?:[.,]\\d+)?\\s*(?:%|g|mg|kg|ml|kcal|kj|µg)?|organic|fresh|dried|ground|and|or|of|in|from|with|the|a|an|to|for|by|at|on|is|are|as|this|that|which|"
                    + "our|we|it|its|contain|including|include|less|than|each|following|product|ingredient|powder|extract|whole|raw|roasted|toasted|refined|pure|natural|concentrated|chopped|sliced|diced|minced|frozen|cooked|"
                    + "crushed|rehydrated|fermented|puffed|flaked|rolled|milled|non|not|be|may|also|other|some|one|more|per|suitable|vegan|vegetarian|free|added|certified|store|keep|cool|dry|place|best|before|made|"
                    + "produce|proportion|varying|min|fortified|enriched|blend|mix|mixture|base|paste|puree|piece|flake|granule|oil|fat|protein|root|leaf|white|red|green|yellow|black|brown|golden|new|high|low|medium|hot|sweet|smoked|unsweetened|plain|unrefined|cold|pressed|extra|virgin|people|person|allergy|sufferer|allergen|gluten|removed|trace|handle|process|used|use|facility|factory|line|equipment|same|share|where|present|e|s|l|d|b|c|u|uk|eu|usa|us|outer|inner|filling|topping|coating|sauce|"
                    + "crust|layer|processing|aid|content|origin|source|quality|grade|type|style|flavoured|flavored|total|weight|net|approx|about|only|even|if|you|your|have|has|due|method|production|manufacturing|packed|packaged|environment|also|consumer|coeliac|celiac|pasteurised|pasteurized|homogenised|grated|hulled|dehulled|coated|derivative|derived|hydrogenated|partially|partly|fully|stick|strip|plant|none|skinless|boneless|blanched|peeled|unpeeled|unsalted|salted|drained|brine|live|active|selected|traditional|classic|original|premium|deluxe|homemade|mild|strong|mature|spicy|savoury|crunchy|crispy|smooth|creamy|soft|hard|long|short|grain|fine|coarse|instant|quick|whey free|major|declarable|14|specie|country|eu and non|shelf|stable|approved|permitted|combination|variable|following|typical|nutritional|value|energy|carbohydrate|saturate|salt|portion|serving|allergenic|substance|care|taken|however|we cannot|guarantee|absence|total|absent|filtered|filled|into|casing|soluble|insoluble|fatty|isolate|isolated|solid|crafted|remove|reduce|very|aged|cured|flavor|hint|touch|dash|pinch|real|finest|style)");
    private final LabelWords words;

    public LabelReader(Larder larder) {
        words = new LabelWords(larder);
    }

    /**
     * @param label the packet's text: ingredient list, statements, claims
     * @throws IllegalArgumentException when there is nothing to read or far too much
     */
    public LabelReading read(@org.jspecify.annotations.Nullable String label) {
        if (label == null || !label.matches("(?s).*\\p{L}{2}.*")) {
            throw new IllegalArgumentException(
                    "There is no label to read. Paste the words from the packet: its ingredient list and what it says below it.");
        }
        if (label.length() > LONGEST_LABEL) {
            throw new IllegalArgumentException(
                    "This label is longer than any packet's. Paste one packet's words at a time.");
        }
        return new Work(plain(label)).read();
    }

    private static final Pattern NO_PROMISE = Pattern.compile(
            "(?:can(?:not|'t| not)|unable to|no|not|do not|don't|does not)(?: be)? (?:guarantee\\w*|claim\\w*|certif\\w*|ensure|promise|assure)[^.;\\n]*",
            Pattern.CASE_INSENSITIVE);

    /** "We cannot guarantee it is free from nuts" warns of nuts. */
    private static String warned(String label) {
        return NO_PROMISE
                .matcher(label)
                .replaceAll(m -> java.util.regex.Matcher.quoteReplacement("may contain "
                        + m.group()
                                .replaceAll(
                                        "(?i)^\\S+(?: to)?(?: be)? \\S+|\\bfree\\b(?: from| of)?|absence of|-free\\b",
                                        " ")));
    }

    private static String plain(String written) {
        String label = warned(written.replace('’', '\''));
        return label.replaceAll("<[^>]{1,80}>", " ")
                .replaceAll("[*_`]+", "")
                .replace('’', '\'')
                .replace('–', '-')
                .replace('—', '-')
                .replace("\r\n", "\n")
                .replaceAll("(?<=[a-z,])\\n(?=[a-z(])", " ")
                .replaceAll("(?<=,)\\s*\\n", " ")
                .replaceAll("-\\n(?=\\p{Ll})", "");
    }

    /** One label under reading. */
    private final class Work {
        private final String label;
        private final Set<Allergen> contains = EnumSet.noneOf(Allergen.class);
        private final Set<Allergen> may = EnumSet.noneOf(Allergen.class);
        private final Map<Object, String> said = new LinkedHashMap<>();
        private final Map<Object, String> warned = new LinkedHashMap<>();
        private final Set<String> kinds = new LinkedHashSet<>();
        private final Set<Allergen> hidden = EnumSet.noneOf(Allergen.class);
        private boolean hiddenAnimal;
        private boolean unknown;
        private boolean anything;
        private final Set<String> unsuitable = new LinkedHashSet<>();
        private final Map<String, LabelReading.Unclear> unclear = new LinkedHashMap<>();

        Work(String label) {
            this.label = label;
        }

        LabelReading read() {
            Set<String> claims = Claims.in(label);
            String bare = Claims.FREE_WORDS.matcher(label).replaceAll(" ");
            Regions.of(bare).forEach(this::take);
            VerdictMaker maker = new VerdictMaker(
                    contains, may, kinds, hidden, hiddenAnimal, unknown || !anything, claims, unsuitable, label);
            Map<String, String> verdicts = new LinkedHashMap<>();
            List<LabelReading.Because> because = new ArrayList<>();
            for (Need need : Need.values()) {
                String verdict = maker.verdict(need);
                verdicts.put(need.id(), verdict);
                because.add(new LabelReading.Because(
                        need.id(), verdict, maker.words(need, verdict, said, warned, unclear.values())));
            }
            return new LabelReading(
                    List.copyOf(contains),
                    List.copyOf(may),
                    List.copyOf(claims),
                    List.copyOf(unclear.values()),
                    verdicts,
                    because);
        }

        private void take(Region region) {
            if (region.way() == Region.Way.UNSUITABLE) {
                takeUnsuitable(region.text());
                return;
            }
            if (region.way() == Region.Way.FREE) {
                return;
            }
            for (LabelWords.Found found : words.find(region.text())) {
                String phrase = region.text().substring(found.start(), found.end());
                if (found.meaning() == null) {
                    noteUnknown(phrase, region.way());
                } else if (region.way() == Region.Way.MAY) {
                    warn(found.meaning(), phrase);
                } else {
                    hold(found.meaning(), phrase);
                }
            }
        }

        private void takeUnsuitable(String text) {
            for (String who : List.of("vegan", "vegetarian", "coeliac", "celiac")) {
                if (text.toLowerCase(java.util.Locale.ROOT).contains(who)) {
                    unsuitable.add(who);
                }
            }
            words.find(text).stream()
                    .filter(f -> f.meaning() != null)
                    .forEach(f -> warn(f.meaning(), text.substring(f.start(), f.end())));
        }

        private void hold(Meaning meaning, String phrase) {
            anything = true;
            meaning.allergens().forEach(a -> said.putIfAbsent(a, phrase));
            contains.addAll(meaning.allergens());
            meaning.kinds().forEach(k -> said.putIfAbsent(k, phrase));
            kinds.addAll(meaning.kinds());
            if (meaning.isUnclear()) {
                hidden.addAll(meaning.maybe());
                hiddenAnimal |= meaning.maybeAnimal();
                unclear.putIfAbsent(
                        phrase.toLowerCase(java.util.Locale.ROOT), new LabelReading.Unclear(phrase, meaning.why()));
            }
        }

        private void warn(Meaning meaning, String phrase) {
            meaning.allergens().forEach(a -> warned.putIfAbsent(a, phrase));
            may.addAll(meaning.allergens());
        }

        private void noteUnknown(String phrase, Region.Way way) {
            String key = nabe.larder.Words.key(phrase);
            if (way == Region.Way.HOLDS && !FILLER.matcher(key).matches() && phrase.length() > 2) {
                unknown = true;
                unclear.putIfAbsent(
                        key, new LabelReading.Unclear(phrase, "Nabe does not know this word. What is it made from?"));
            }
        }
    }
}
