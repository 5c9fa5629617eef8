package nabe.label;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Parts a label into what it holds, what it may hold, and what it says it is free from. */
final class Regions {
    private static final String PLACE =
            "(?:facilit(?:y|ies)|factor(?:y|ies)|site|bakery|kitchen|plant|equipment|lines?|machinery|premises|environment|mill|area|building|location)";
    private static final Pattern MARKER = Pattern.compile(
            "(?<unsuitable>(?:not (?:be )?|un) ?suitable for)"
                    + "|(?<free>contains? (?:no|neither|0 ?%)\\b|(?:does|do) not (?:contain|use|handle|process|include)|(?:made|prepared|produced|baked|processed) without|free (?:from|of)\\b|\\bno (?:added )?(?=(?:gluten|wheat|milk|dairy|egg|soya?|nuts?|peanuts?|lactose|animal|fish|sesame|celery|mustard|lupin|artificial|preservatives?|colou?rs?|flavou?rings?|gmo|palm|msg|barley|rye|oats)\\b)|without (?:added )?(?=\\p{L}))"
                    + "|(?<may>may (?:also )?(?:contain|include|have)|may be present|can(?:not| not) (?:be )?guarantee\\w*|can contain|(?:contains? )?(?:possible )?traces?(?: of|\\s*:)|(?:made|produced|manufactured|processed|packed|packaged|prepared|handled|baked|packing|milled|stored|grown)[^.;]{0,25}?\\b(?:in|on|at|by|near|alongside)\\b[^.;]{0,30}?\\b"
                    + PLACE
                    + "|same (?:line|equipment|" + PLACE + ")|shared (?:line|equipment|" + PLACE + ")|" + PLACE
                    + " (?:that|which|where)|also (?:handles?|process(?:es)?|packs?|uses?|makes?|produces?)|cross[- ]contamina\\w+|our (?:factory|bakery|kitchen))"
                    + "|(?<holds>ingredients?\\s*:|contains?\\s*:?|allergens?\\s*:|allergy (?:advice|information)\\s*:|allergen (?:advice|information|statement)\\s*:|made (?:from|with|of)|composition\\s*:|with\\b(?=[^.]{0,20}:))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BOILERPLATE = Pattern.compile(
            "(?:allergy advice\\s*:?\\s*)?(?:for allergens?,?(?: including)?(?: cereals containing gluten)?,?\\s*(?:please )?see (?:the )?(?:ingredients?|allergens?|words?|items?)?[^.\\n]{0,40}(?:bold|capitals?|upper ?case|highlighted|underlined|above|red)\\b|allergens? (?:are )?(?:listed |shown |highlighted )?in (?:bold|capitals?)[^.\\n]*|see (?:ingredients )?in (?:bold|capitals))\\.?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SENTENCE = Pattern.compile(
            "(?<![\\d(][.])(?<!\\b(?:e\\.g|i\\.e|incl|approx|no|min|max|vit))[.;!]\\s+(?=[^)]*(?:\\(|$))|[.!]\\s*$|\\n+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LIST_START = Pattern.compile("\\bingredients?\\s*:", Pattern.CASE_INSENSITIVE);
    private static final Pattern NAME = Pattern.compile("[^,:;.\\n]{2,70}:\\s*(?=[^:\\n]*(?:,|\\d\\s?%))");
    private static final Pattern DESCRIBES = Pattern.compile(
            "(?i)(?:\\s*(?:pasteuri[sz]ed|homogeni[sz]ed|skimmed|whole|fresh|fortified|enriched|organic|raw|dried|see [^,;.]*|\\d+\\s?%)\\s*[,;.]?)+");
    private static final Pattern LIST_PAUSE = Pattern.compile("[,(;\\[{]");

    private Regions() {}

    static List<Region> of(String label) {
        List<Region> regions = new ArrayList<>();
        for (String sentence :
                SENTENCE.split(withoutName(BOILERPLATE.matcher(label).replaceAll(" ")))) {
            if (!sentence.isBlank()) {
                split(sentence.strip(), regions);
            }
        }
        return regions;
    }

    /**
     * Takes out the product's name: what stands before "Ingredients:", or before a colon that a list follows. The list says it
     * all by law, and a name misleads ("gluten-free bread", "almond-style biscuits").
     */
    private static String withoutName(String label) {
        Matcher list = LIST_START.matcher(label);
        if (list.find()) {
            StringBuilder kept = new StringBuilder();
            for (String sentence : SENTENCE.split(label.substring(0, list.start()))) {
                kept.append(MARKER.matcher(sentence).find() ? sentence + ".\n" : "");
            }
            return kept + label.substring(list.start());
        }
        Matcher name = NAME.matcher(label);
        if (!name.lookingAt()
                || saysMore(name.group())
                || DESCRIBES.matcher(label.substring(name.end())).matches()) {
            return label;
        }
        return label.substring(name.end());
    }

    /** "Contains:" and "May contain:" are no names; "crackers with cheese:" is one. */
    private static boolean saysMore(String name) {
        Matcher m = MARKER.matcher(name);
        return m.find() && !m.group().equalsIgnoreCase("with");
    }

    private static void split(String sentence, List<Region> regions) {
        Matcher m = MARKER.matcher(sentence);
        Region.Way way = Region.Way.HOLDS;
        int from = 0;
        while (m.find()) {
            boolean insideOther = m.group("holds") != null
                    && way == Region.Way.MAY
                    && !m.group().contains(":");
            if (insideOther) {
                continue;
            }
            addPiece(way, sentence.substring(from, m.start()), from > 0 && isList(sentence), regions);
            way = wayOf(m);
            from = m.end();
        }
        addPiece(way, sentence.substring(from), isList(sentence), regions);
    }

    private static boolean isList(String sentence) {
        return sentence.matches("(?is).*\\bingredients?\\s*:.*");
    }

    /** In an ingredient list "contains no colours, whey" is free from colours only: the list goes on at the comma. */
    private static void addPiece(Region.Way way, String piece, boolean inList, List<Region> regions) {
        if (piece.isBlank()) {
            return;
        }
        Matcher pause = LIST_PAUSE.matcher(piece);
        if (way == Region.Way.FREE && inList && pause.find()) {
            regions.add(new Region(way, piece.substring(0, pause.start())));
            regions.add(new Region(Region.Way.HOLDS, piece.substring(pause.start())));
        } else {
            regions.add(new Region(way, piece));
        }
    }

    private static Region.Way wayOf(Matcher m) {
        if (m.group("unsuitable") != null) {
            return Region.Way.UNSUITABLE;
        }
        if (m.group("free") != null) {
            return Region.Way.FREE;
        }
        return m.group("may") != null ? Region.Way.MAY : Region.Way.HOLDS;
    }
}
