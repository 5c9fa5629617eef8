package nabe.reading.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.larder.Words;
import nabe.reading.FoodClasses;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.recipe.Bullets;

/** Tells ingredient lines, headings and method steps apart by their look. */
final class LineKind {
    private static final Pattern NUMBERED = Pattern.compile(
            "(?:(?:(?:step\\s*)?\\d{1,2}|step\\s*(?:one|two|three|four|five|six|seven|eight|nine|ten))\\s*[.):/]"
                    + "|step\\s*\\d{1,2}\\s*-)\\s+\\p{L}.*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR_THE = Pattern.compile(
            "(?:for|to make|to)\\s+(?:the|a|an|assembl\\w+|serv\\w+|finish\\w*|topping)\\b.{0,50}"
                    + "|(?:the )?[\\p{L} ]{0,30}(?:sauce|filling|topping|crust|pastry|base|layers?|assembly|ragu|ragù|bechamel|béchamel"
                    + "|mash|lid|dough|batter|custard|garnish|mixture|crumble|streusel|dressing|marinade|extras|finishing|vegetables)",
            Pattern.CASE_INSENSITIVE);

    /** "Cornbread topping", "Spinach filling": names of layers, though the larder knows their first word. */
    private static final Pattern LAYER_NAME = Pattern.compile(
            "(?:the )?(?:\\p{L}+ ){0,3}(?:toppings?|fillings?|layers?|crumble|crust|batter)", Pattern.CASE_INSENSITIVE);

    private static final Pattern MARKS =
            Pattern.compile("^(?:(?:(?:" + Bullets.MARK + "|[#>])+|" + Bullets.BOX + ")\\s*)+|\\*\\*|__");
    /** "Zest ½ lemon" in a list is bought, though it is work as well. */
    private static final Pattern JUICED =
            Pattern.compile("(?:zest|juice|rind) (?:\\d|half )[^ ]*(?: \\p{L}+){1,3}", Pattern.CASE_INSENSITIVE);

    private static final Pattern DIGIT_FIRST = Pattern.compile("\\.?\\d");
    private static final Pattern DIGIT = Pattern.compile("\\d");
    /** "For the pancakes (about 12)". */
    private static final Pattern BRACKETED = Pattern.compile("\\([^()]*\\)");

    /** "Filling 2:". */
    private static final Pattern COUNTED_NAME = Pattern.compile("\\p{L}[^\\d:]{2,40} \\d:");

    private static final Pattern MARKED =
            Pattern.compile("\\*\\*.*\\*\\*:?|\\*[^*]+\\*:?|_{1,3}[^_]+_{1,3}:?|\\[.*\\]|-{1,3}[^-]+-{1,3}");
    private static final Pattern THREE_LETTERS = Pattern.compile("\\p{L}{3}");
    private static final Pattern FOR_OR_TO = Pattern.compile("(?:and |then )?(?:for|to) .*", Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBER_MARK = Pattern.compile(
            "^(?:(?:step\\s*)?\\d+|step\\s*(?:one|two|three|four|five|six|seven|eight|nine|ten))\\s*[-.):/]\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern LOOSE_NUMBER = Pattern.compile("^\\d{1,2}\\s+(?=\\p{Lu})");
    private static final Pattern SENTENCE_END = Pattern.compile(".*[.!]\\s*$", Pattern.DOTALL);
    private static final Pattern TWO_SENTENCES = Pattern.compile("[.!]\\s+\\p{Lu}");

    /** "Hard-boil the eggs", "deep-fry the aubergine". */
    private static final Set<String> HOW_FIRST =
            Set.of("hard", "very", "deep", "shallow", "stir", "pan", "dry", "slow");

    /** "Dough: work everything together and leave for an hour." */
    private static final Pattern NAMED_STEP = Pattern.compile("\\p{L}[\\p{L} ]{2,30}: (?<order>\\p{L}.*[.!])");

    private static final int LEAST_ORDER = 5;

    /** A sentence has more words. */
    private static final int SENTENCE = 7;

    /** As many characters hold the first three words of any line. */
    private static final int OPENING = 60;

    /** "Oven to 375°F", "Oven on": short, and no purchase. */
    private static final Pattern OVEN = Pattern.compile("(?:pre)?heat oven|oven\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern OVEN_AT = Pattern.compile(
            "(?:(?:pre-?)?(?:heat )?(?:the )?oven|pre-?heat) (?:(?:to|at|on) ){0,2}\\d"
                    + "|(?:an? )?\\d{3} ?°? ?(?:degrees? )?[CF]? ?oven\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SIZED = Pattern.compile(
            "\\d\\s?(?:cm|mm|inch(?:es)?|in\\.|\"|litres?|liters?|quarts?|qt)(?!\\w)|\\d ?[x×] ?\\d",
            Pattern.CASE_INSENSITIVE);
    /** "350°F. Butter a baking dish." */
    private static final Pattern DIAL_FIRST =
            Pattern.compile("\\d{3} ?(?:°|degrees) ?[CF]?\\b[.,;:]? .*", Pattern.CASE_INSENSITIVE);

    private static final Pattern TIME_OR_HEAT = Pattern.compile(
            "\\d\\s?(?:°|degrees|min(?:ute)?s?\\b|hours?\\b|hrs?\\b)|\\bgas (?:mark )?\\d", Pattern.CASE_INSENSITIVE);
    private static final Pattern AFTER_STOP = Pattern.compile("(?<=\\p{L}{2}[.!])\\s+");

    /** "The night before: cover the beans": no purchase either. */
    private static final Pattern WHEN = Pattern.compile(
            "(?:on )?the (?:night|day|evening|morning|next day|same day)(?: before| ahead)?\\b[:,]?|in the morning\\b|next day\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PARTS = Pattern.compile(";\\s*");
    private static final Pattern HOW =
            Pattern.compile("\\w+(?:ly|ed)|fresh|large|small|medium|cold|hot|warm|dry|raw|very|of");

    /** How it is readied, after the thing itself. */
    private static final Pattern WORKED = Pattern.compile("\\s*[,(].*$");

    private final Larder larder;
    private final LineWords words;
    private final Strangers strangers;
    private final Map<String, String> bared = new HashMap<>();
    private final Map<String, Boolean> amounts = new HashMap<>();
    private final Map<String, Boolean> steps = new HashMap<>();
    private final Map<String, List<Token>> openings = new HashMap<>();

    /** For one text: what it once found of a line it remembers. */
    LineKind(Larder larder, LineWords words) {
        this.larder = larder;
        this.words = words;
        this.strangers = new Strangers(larder, words);
    }

    LineWords words() {
        return words;
    }

    private String bare(String line) {
        return bared.computeIfAbsent(line, LineKind::withoutMarks);
    }

    private static String withoutMarks(String line) {
        String plain = NumberReader.plain(line);
        boolean unmarked = plain.isEmpty() || Character.isLetterOrDigit(plain.charAt(0)) && !Glance.has(plain, "*_");
        return unmarked ? plain : MARKS.matcher(plain).replaceAll("").strip();
    }

    boolean startsWithAmount(String line) {
        return amounts.computeIfAbsent(line, this::measures);
    }

    private boolean measures(String line) {
        String bare = bare(line);
        if (NUMBERED.matcher(bare).matches()) {
            return false;
        }
        return DIGIT_FIRST.matcher(bare).lookingAt()
                || (!beginsWithVerb(bare) || JUICED.matcher(bare).matches())
                        && new MeasureReader(new Scan(bare)).read().measure() != null;
    }

    /** Starts with an amount of something the larder holds. */
    boolean measuresKnownThing(String line) {
        if (!startsWithAmount(line)) {
            return false;
        }
        Scan scan = new Scan(bare(line));
        return new MeasureReader(scan).read().measure() != null
                && (isKnown(scan.rest())
                        || isKnown(WORKED.matcher(scan.rest()).replaceFirst(""))
                        || scan.rest().isEmpty() && isCountOfThing(bare(line)));
    }

    /** A weight or a volume of something the larder holds. */
    boolean isMeasureOfKnown(String words) {
        Scan scan = new Scan(bare(words));
        Measure measure = new MeasureReader(scan).read().measure();
        return measure != null
                && measure.isFixed()
                && isKnown(WORKED.matcher(scan.rest()).replaceFirst(""));
    }

    /** @return what an amount is of, without how it is readied */
    String nameOf(String line) {
        Scan scan = new Scan(bare(line));
        new MeasureReader(scan).read();
        return WORKED.matcher(scan.rest()).replaceFirst("").strip();
    }

    /** "2 cloves": what is a measure of garlic is a spice by itself. */
    private boolean isCountOfThing(String bare) {
        return isKnown(bare.substring(bare.lastIndexOf(' ') + 1));
    }

    /** Starts with an amount of some thing, known or not; of how thick the slices are it does not. */
    boolean measuresThing(String line) {
        if (measuresKnownThing(line)) {
            return true;
        }
        Scan scan = new Scan(bare(line));
        return startsWithAmount(line)
                && new MeasureReader(scan).read().measure() != null
                && strangers.isStrange(WORKED.matcher(scan.rest()).replaceFirst(""));
    }

    /** "Two dishes about 25 x 30 cm": what it bakes in, and no purchase. */
    boolean isVessel(String line) {
        List<Token> said = SIZED.matcher(line).find() && !isKnown(bare(line)) ? Tokens.of(bare(line)) : List.of();
        return said.stream().anyMatch(t -> KitchenWords.shared().is(t, Use.DISH))
                && said.stream().allMatch(t -> t.isMark() || t.isNumber() || words.isNoThing(t.text()));
    }

    boolean isKnown(String words) {
        return larder.matchExactly(words).isPresent();
    }

    /** The words are a name of the larder from the first to the last. */
    boolean isName(String words) {
        return larder.matchExactly(words)
                .filter(m -> m.words() == Words.of(words).size())
                .isPresent();
    }

    /** An amount with no word for the thing after it: nothing, or only how it is cut. A word nobody knows is a thing. */
    boolean lacksThing(String line) {
        Scan scan = new Scan(bare(line));
        new MeasureReader(scan).read();
        return Words.of(scan.rest()).stream().allMatch(w -> HOW.matcher(w.key()).matches());
    }

    /** "Mash", "Béchamel": a thing that is made of others and so is no purchase. */
    boolean isMade(String line) {
        return !bare(line).contains(" ") && FoodClasses.shared().isMade(bare(line));
    }

    /** "Stack", "Assembly": a word of the kitchen's work, and no food. */
    boolean isWork(String line) {
        List<Token> tokens = Tokens.of(bare(line));
        boolean one = tokens.size() == 1 && !isKnown(bare(line));
        return one
                && (KitchenWords.shared().verb(tokens.getFirst()) != null
                        || KitchenWords.shared().is(tokens.getFirst(), Use.TOPIC));
    }

    /** "Enchilada sauce", "Meat filling": some thing that is made, by its last word. */
    boolean endsMade(String line) {
        String bare = bare(line);
        String last = bare.substring(bare.lastIndexOf(' ') + 1);
        return FoodClasses.shared().isMade(last) || KitchenWords.shared().has(Use.GENERIC, last);
    }

    boolean isHeading(String line) {
        String bare = bare(line);
        boolean figures = DIGIT.matcher(BRACKETED.matcher(bare).replaceAll("")).find()
                && !COUNTED_NAME.matcher(bare).matches();
        if (bare.length() > 60 || bare.isEmpty() || figures && !line.startsWith("#")) {
            return false;
        }
        boolean marked = line.startsWith("#")
                || bare.endsWith(":")
                || MARKED.matcher(line).matches();
        boolean capitals = bare.length() > 3
                && bare.equals(bare.toUpperCase(java.util.Locale.ROOT))
                && THREE_LETTERS.matcher(bare).find();
        if (marked || capitals) {
            return true;
        }
        boolean bullet = !bare.equals(NumberReader.plain(line));
        if (!bullet && (LAYER_NAME.matcher(bare).matches() || isGlossed(bare))) {
            return true;
        }
        boolean named = FOR_THE.matcher(bare).matches()
                || FOR_OR_TO.matcher(bare).matches() && larder.match(bare).isEmpty();
        return !bullet
                && !bare.endsWith(".")
                && !bare.contains(",")
                && named
                && (FOR_OR_TO.matcher(bare).matches() || larder.match(bare).isEmpty());
    }

    /** "Ripieno (filling)": the name of a part in another tongue. */
    private boolean isGlossed(String bare) {
        Matcher bracket = BRACKETED.matcher(bare);
        return bracket.find()
                && bracket.end() == bare.length()
                && FOR_THE.matcher(bracket.group().replaceAll("[()]", "")).matches()
                && larder.match(bare.substring(0, bracket.start())).isEmpty();
    }

    /** A short line that names something of the larder. */
    boolean isIngredient(String line) {
        return startsWithAmount(line)
                || line.length() < 60 && larder.match(bare(line)).isPresent();
    }

    private List<Token> opening(String bare) {
        return openings.computeIfAbsent(bare, b -> Tokens.of(b.substring(0, Math.min(b.length(), OPENING))));
    }

    /** "Hard-boil the eggs", "Caramelise two onions": a verb of the kitchen with its object. */
    private boolean beginsWithVerb(String bare) {
        List<Token> tokens = opening(bare);
        for (int i = 0; i + 1 < Math.min(tokens.size(), 3); i++) {
            Verb.Spoken verb = KitchenWords.shared().verb(tokens.get(i));
            Token next = tokens.get(i + 1);
            boolean object = next.is("the") || next.is("a") || next.is("an") || next.is("half") || next.isNumber();
            if (verb != null && verb.form() == Verb.Form.BASE && (object || isOneOfTwo(tokens, i))) {
                return true;
            }
            if (!HOW_FIRST.contains(tokens.get(i).key()) && !tokens.get(i).key().endsWith("ly")) {
                return false;
            }
        }
        return false;
    }

    /** "Pound or blitz everything". */
    private static boolean isOneOfTwo(List<Token> tokens, int first) {
        Verb.Spoken second = first + 2 < tokens.size() ? KitchenWords.shared().verb(tokens.get(first + 2)) : null;
        return second != null
                && second.form() == Verb.Form.BASE
                && !second.verb().noun()
                && (tokens.get(first + 1).is("or") || tokens.get(first + 1).is("and"));
    }

    /** "Poach chicken in salted water": its first word is a verb, and no thing. */
    private boolean isOrder(String bare) {
        List<Token> tokens = opening(bare);
        Verb.Spoken first = tokens.isEmpty() ? null : KitchenWords.shared().verb(tokens.getFirst());
        return first != null && first.form() == Verb.Form.BASE && !first.verb().noun();
    }

    private boolean isInstruction(String words) {
        return words.contains(" ") && (this.words.opens(words) || beginsWithVerb(words) || isOrder(words));
    }

    /** "Toast bread on a sheet pan at 350°F, 12 minutes": a verb first, though it may be a thing, and a time or a heat. */
    private boolean isTimedOrder(String bare) {
        Verb.Spoken first = KitchenWords.shared().verb(opening(bare).getFirst());
        return first != null
                && first.form() == Verb.Form.BASE
                && TIME_OR_HEAT.matcher(bare).find();
    }

    /** "Uses up Sunday's lamb.": a sentence that tells of the dish. */
    boolean isTold(String line) {
        String bare = bare(line);
        Verb.Spoken first = opening(bare).isEmpty()
                ? null
                : KitchenWords.shared().verb(opening(bare).getFirst());
        return first != null
                && first.form() == Verb.Form.THIRD
                && SENTENCE_END.matcher(bare).matches()
                && opening(bare).size() > 2;
    }

    /** "The potatoes are peeled, cut into cubes and steamed." */
    private boolean isToldPassively(String bare) {
        List<Token> tokens = opening(bare);
        return IntStream.range(1, Math.min(tokens.size(), SENTENCE) - 1)
                .filter(i -> tokens.get(i).is("are") || tokens.get(i).is("is"))
                .mapToObj(i -> KitchenWords.shared().verb(tokens.get(i + 1)))
                .anyMatch(v -> v != null && v.form() == Verb.Form.PAST);
    }

    boolean isStep(String line) {
        return steps.computeIfAbsent(line, this::instructs);
    }

    /** "ragu first. oil in a pan, onions 12 min. add the meat.": sentences in small letters, one of them an order. */
    private boolean tellsInSentences(String bare) {
        List<String> sentences = List.of(AFTER_STOP.split(bare));
        return sentences.size() > 2 && sentences.stream().anyMatch(s -> words.opens(s) || beginsWithVerb(s));
    }

    /** "All vegetables in chunks; salt the aubergines." */
    private boolean ordersLater(String bare) {
        return PARTS.splitAsStream(bare).skip(1).anyMatch(this::beginsWithVerb);
    }

    private boolean instructs(String line) {
        String bare = bare(line);
        int length = Words.of(bare).size();
        if (NUMBERED.matcher(bare).matches()) {
            String rest = NUMBER_MARK.matcher(bare).replaceFirst("");
            boolean sentence = SENTENCE_END.matcher(rest).matches() && !startsWithAmount(rest);
            return length >= 4 && (words.opens(rest) || length >= 9 || sentence)
                    || OVEN.matcher(rest).lookingAt();
        }
        Matcher when = WHEN.matcher(bare);
        if (when.lookingAt() && (length >= LEAST_ORDER || when.end() == bare.length())) {
            return true;
        }
        Matcher loose = LOOSE_NUMBER.matcher(bare);
        if (loose.find() && length >= 6) {
            String rest = bare.substring(loose.end());
            if ((words.opens(rest) || isOrder(rest))
                    && (SENTENCE_END.matcher(rest).matches() || length >= 12)) {
                return true;
            }
        }
        if (OVEN_AT.matcher(bare).lookingAt() || DIAL_FIRST.matcher(bare).matches()) {
            return true;
        }
        if (startsWithAmount(line)) {
            return length > 30;
        }
        Matcher named = NAMED_STEP.matcher(bare);
        if (named.matches() && length >= LEAST_ORDER && isInstruction(named.group("order"))) {
            return true;
        }
        boolean ends = SENTENCE_END.matcher(bare).matches();
        boolean sentence = ends && length >= 5;
        return ends && length > 1 && (words.opens(bare) || length > SENTENCE && isOrder(bare))
                || (words.opens(bare) || beginsWithVerb(bare)) && (length >= 7 || sentence)
                || length > 3 && isTimedOrder(bare)
                || ends && length >= SENTENCE && isToldPassively(bare)
                || length > 22
                || TWO_SENTENCES.matcher(bare).find() && length > 9
                || ends && length >= SENTENCE && bare.indexOf(';') > 0 && ordersLater(bare)
                || length > 11 && tellsInSentences(bare);
    }
}
