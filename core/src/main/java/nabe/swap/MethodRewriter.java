package nabe.swap;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.recipe.Recipe;

/** Writes the swaps into the method: names where only a name changes, whole sentences where the order of work does. */
final class MethodRewriter {
    /** "Break in the eggs": nobody breaks what stands in for them. */
    private static final Pattern BREAKS = Pattern.compile(
            "\\b((?:break|crack)(?: (?:in|over))?) (?:the |in the |into it the )?$", Pattern.CASE_INSENSITIVE);

    /** "A 9 x 13 in. dish" goes on behind its stop. */
    private static final Pattern SENTENCE = Pattern.compile(
            "(?<=[.!;])(?!(?<=\\b(?:in|mins?|hrs?|oz|lbs?|tbsp|tsp|approx|ca|qt|pt)\\.)\\s+\\p{Ll})\\s+");
    /** Oil needs no melting. */
    private static final Pattern MELTED_OIL = Pattern.compile(
            "\\b(?:[Mm]elt|[Bb]rown)(?=(?: (?!(?:and|with|in|into|over)\\b)[^\\s,;.]+){0,7} (?:olive|sunflower|rapeseed|vegetable) oil)");

    private static final Pattern OIL_MELTED = Pattern.compile(
            "(?<=\\b(?:olive|sunflower|rapeseed|vegetable) oil )(?:melted|browned)\\b|(?<= oil, )melt\\b");
    /** "The eggs and the yolk", "sheets of pasta" become one thing. */
    private static final Pattern SAID_TWICE = Pattern.compile(
            "\\b((?:the )?([\\p{L} -]{4,40}))(?:,| and|, and) (?:the )?\\2\\b|\\b([\\p{L}-]+ [\\p{L} -]{4,40}) of \\3\\b");

    /** "The shreds and the rest of the shreds", where two cheeses became one. */
    private static final Pattern AND_ITS_REST =
            Pattern.compile("\\b(?:the )?([\\p{L} -]{4,40}) and (?=the rest of (?:the )?\\1\\b)");

    private static final Pattern ARTICLE = Pattern.compile("^the ");

    private final Recipe recipe;
    private final List<Swap> swaps;
    private final SwapBook book;
    private final Subjects subjects;
    private final SauceSentences sauces;
    private final ReadyBrowned browned;
    private final Set<Swap> noted = Collections.newSetFromMap(new IdentityHashMap<>());

    /** @param names the words of each line's name; {@code parts} of all swaps of the recipe */
    MethodRewriter(
            Larder larder,
            Recipe recipe,
            List<ConvertedLine> lines,
            List<Swap> swaps,
            SwapBook book,
            List<List<String>> names,
            PartWords parts) {
        this.recipe = recipe;
        this.swaps = swaps;
        this.book = book;
        this.subjects = new Subjects(larder, recipe, swaps, book, names, parts);
        this.sauces = new SauceSentences(recipe, lines, swaps, book);
        this.browned = new ReadyBrowned(
                book,
                line -> recipe.lines().get(line).hasRole("oil")
                        || recipe.lines().get(line).hasRole("butter"));
    }

    /**
     * @param at where each step stands; empty where that is not known
     * @return one step for each of the recipe's, in order
     */
    List<MethodStep> rewrite(List<Converting.Place> at) {
        List<MethodStep> steps = new ArrayList<>();
        for (int i = 0; i < recipe.steps().size(); i++) {
            String step = recipe.steps().get(i);
            Converting.Place place = i < at.size() ? at.get(i) : Converting.Place.UNKNOWN;
            steps.add(swaps.isEmpty() ? new MethodStep(step, step, false, List.of(), null) : rewritten(step, place));
        }
        return List.copyOf(steps);
    }

    private MethodStep rewritten(String step, Converting.Place place) {
        List<String> sentences = new ArrayList<>();
        List<MethodStep.Note> notes = new ArrayList<>();
        Swap instead = null;
        for (String sentence : SENTENCE.split(step)) {
            List<Subjects.Mention> mentions = subjects.in(sentence, place);
            mentions.stream()
                    .flatMap(m -> m.swaps().stream())
                    .filter(noted::add)
                    .forEach(s -> notes.addAll(note(s)));
            SauceSentences.Said sauce = sauces.instead(sentence, mentions);
            SauceSentences.Said said = sauce != null
                    ? sauce
                    : browned.instead(sentence, mentions, place.used(), named(sentence, mentions));
            instead = said == null ? instead : said.swap();
            sentences.add(said != null ? said.text() : named(sentence, mentions));
        }
        String text = String.join(" ", sentences).trim();
        return new MethodStep(
                text, step, !text.equals(step), notes.stream().distinct().toList(), instead);
    }

    private List<MethodStep.Note> note(Swap swap) {
        return swap.becomes().isEmpty() || swap.change() == null
                ? List.of()
                : List.of(new MethodStep.Note(book.called(swap), swap.method(), swap.rule()));
    }

    private String named(String sentence, List<Subjects.Mention> mentions) {
        if (mentions.isEmpty()) {
            return sentence;
        }
        StringBuilder out = new StringBuilder();
        int at = 0;
        for (Subjects.Mention mention : mentions) {
            out.append(sentence, at, mention.start());
            Matcher breaks = BREAKS.matcher(out);
            if (mention.swaps().stream().anyMatch(this::isOfEggs) && breaks.find()) {
                out.replace(breaks.start(1), breaks.end(1), breaks.group(1).startsWith("B") ? "Add" : "add");
            }
            out.append(Pieces.ofOne(out, mention.says()));
            at = mention.end();
        }
        String all = out.append(sentence.substring(at)).toString();
        String once = isSaidTwice(mentions)
                ? SAID_TWICE.matcher(AND_ITS_REST.matcher(all).replaceAll("")).replaceAll("$1$3")
                : all;
        return LooseWords.fitted(once.contains(" oil") ? warmed(once) : once);
    }

    private boolean isOfEggs(Swap swap) {
        Ingredient was = recipe.lines().get(swap.source()).ingredient();
        return was != null && was.role().equals("egg");
    }

    private static String warmed(String words) {
        String led = MELTED_OIL
                .matcher(words)
                .replaceAll(m -> Character.isUpperCase(m.group().charAt(0)) ? "Warm" : "warm");
        return OIL_MELTED.matcher(led).replaceAll(m -> m.group().equals("melt") ? "warm" : "warmed");
    }

    private static boolean isSaidTwice(List<Subjects.Mention> mentions) {
        Set<String> said = new HashSet<>();
        return mentions.stream()
                .anyMatch(m -> !said.add(
                        ARTICLE.matcher(m.says().toLowerCase(Locale.ROOT)).replaceFirst("")));
    }
}
