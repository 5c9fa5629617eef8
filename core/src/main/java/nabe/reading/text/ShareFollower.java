package nabe.reading.text;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Words;
import nabe.measure.Spoons;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Share;

/**
 * Follows "2 tablespoons of the butter", "half the cheese" and "the rest" through the method to the parts they go to.
 * Shares come only from amounts the recipe states; where it says none, the line stays whole.
 */
final class ShareFollower {
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.;!])\\s+|\\n|,? then ");
    private static final Map<String, Double> FRACTIONS = Map.ofEntries(
            Map.entry("half", 0.5),
            Map.entry("one half", 0.5),
            Map.entry("a third", 1 / 3d),
            Map.entry("one third", 1 / 3d),
            Map.entry("one-third", 1 / 3d),
            Map.entry("two thirds", 2 / 3d),
            Map.entry("two-thirds", 2 / 3d),
            Map.entry("a quarter", 0.25),
            Map.entry("one quarter", 0.25),
            Map.entry("one-quarter", 0.25),
            Map.entry("three quarters", 0.75),
            Map.entry("three-quarters", 0.75),
            Map.entry("1/2", 0.5),
            Map.entry("1/3", 1 / 3d),
            Map.entry("2/3", 2 / 3d),
            Map.entry("1/4", 0.25),
            Map.entry("3/4", 0.75));
    private static final String REST = "(?:the )?(?:rest|remainder|remaining|other half|reserved|leftover)";
    private static final Pattern AMOUNT_WORD =
            Pattern.compile("\\d|\\b(?:half|thirds?|quarters?|rest|remainder|remaining|reserved|leftover)\\b");
    private static final double MOST = 1.02;
    private static final double CRUMB = 0.005;
    private final List<String> sentences;
    private final PartByContext context;
    private final Spoons spoons;
    private final boolean oneCheese;

    ShareFollower(List<Line> lines, List<String> steps, Family family, Spoons spoons) {
        this.oneCheese = lines.stream().filter(ShareFollower::isCheese).count() == 1;
        this.sentences = SENTENCE.splitAsStream(
                        NumberReader.plain(String.join("\n", steps).replace("\n", " \n "))
                                .toLowerCase(java.util.Locale.ROOT))
                .filter(s -> AMOUNT_WORD.matcher(s).find())
                .toList();
        this.context = new PartByContext(family);
        this.spoons = spoons;
    }

    /** @return the line with its shares, or itself where it all goes to one part */
    Line follow(Line line) {
        if (line.ingredient() == null || line.gramsOrZero() <= 0 || sentences.isEmpty()) {
            return line;
        }
        List<Share> found = mentions(line);
        double stated = found.stream()
                .filter(s -> s.share() > 0)
                .mapToDouble(Share::share)
                .sum();
        boolean usable = stated > CRUMB
                && stated <= MOST
                && found.stream().map(Share::part).distinct().count() + (stated < 1 - CRUMB ? 1 : 0) > 1;
        if (!usable) {
            return line;
        }
        List<Share> shares = gathered(line, found, stated);
        return shares.size() < 2 ? line : line.withShares(shares);
    }

    /** Shares by part; the rest goes where the method says, else where the line naturally works. */
    private static List<Share> gathered(Line line, List<Share> found, double stated) {
        Map<Part, Share> byPart = new EnumMap<>(Part.class);
        double left = Math.max(0, 1 - stated);
        Share rest = found.stream()
                .filter(s -> s.share() < 0)
                .reduce((a, b) -> b)
                .orElse(new Share(line.part(), -1, "what is left"));
        found.stream().filter(s -> s.share() > 0).forEach(s -> add(byPart, s));
        if (left > CRUMB) {
            add(byPart, new Share(rest.part(), left, rest.words()));
        }
        double sum = byPart.values().stream().mapToDouble(Share::share).sum();
        return byPart.values().stream()
                .map(s -> new Share(s.part(), s.share() / sum, s.words()))
                .toList();
    }

    private static void add(Map<Part, Share> byPart, Share share) {
        byPart.merge(
                share.part(),
                share,
                (a, b) -> new Share(a.part(), a.share() + b.share(), a.words() + "; " + b.words()));
    }

    /** Each statement of how much of the line goes where; a share of -1 is "the rest". */
    private List<Share> mentions(Line line) {
        List<String> nouns = nouns(line);
        List<Share> found = new ArrayList<>();
        if (sentences.stream().noneMatch(s -> nouns.stream().anyMatch(s::contains))) {
            return found;
        }
        Pattern statement = statement(nouns);
        for (String sentence : sentences) {
            Matcher m = statement.matcher(sentence);
            while (m.find()) {
                double share = m.group("rest") != null ? -1 : stated(m.group("amount"), line);
                if (share != 0) {
                    found.add(new Share(
                            context.partOf(sentence, line), share, m.group().strip()));
                }
            }
        }
        return found;
    }

    /** The last word of what the line and the larder call it, in the singular. */
    private List<String> nouns(Line line) {
        Stream<String> own = Stream.of(line.item(), line.ingredient().name())
                .map(Words::of)
                .filter(w -> !w.isEmpty())
                .map(w -> w.getLast().key());
        return Stream.concat(own, oneCheese && isCheese(line) ? Stream.of("cheese") : Stream.empty())
                .distinct()
                .toList();
    }

    private static boolean isCheese(Line line) {
        return line.hasRole("melting-cheese") || line.hasRole("hard-cheese") || line.hasRole("crumbly-cheese");
    }

    private static Pattern statement(List<String> nouns) {
        String amount = "(?:" + String.join("|", FRACTIONS.keySet())
                + "|[\\d/. -]*\\d ?(?:g|kg|ml|oz|lb|cups?|tbsp|tbsps|tsp|tsps|tablespoons?|teaspoons?|ounces?|grams?))";
        return Pattern.compile(
                "\\b(?:(?<amount>" + amount + ")|(?<rest>" + REST + "))\\b(?: of)?(?: the)?(?: [\\p{L}-]+){0,3}? (?:"
                        + nouns.stream().map(Pattern::quote).collect(Collectors.joining("|")) + ")(?:es|s)?\\b");
    }

    private double stated(String words, Line line) {
        Double fraction = FRACTIONS.get(words.strip());
        if (fraction != null) {
            return fraction;
        }
        Measure measure = new MeasureReader(new Scan(words.strip())).read().measure();
        var grams = measure == null ? null : Weights.grams(line.ingredient(), measure, List.of(), "", spoons);
        return grams == null ? 0 : grams.mid() / line.gramsOrZero();
    }
}
