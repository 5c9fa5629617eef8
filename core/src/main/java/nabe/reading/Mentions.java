package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Words;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** Finds what a clause speaks of: lines by their words or their class, pots by their names, and "it". */
final class Mentions {
    private static final Set<String> WEAK = Set.of(
            "fresh",
            "dried",
            "large",
            "small",
            "medium",
            "big",
            "red",
            "green",
            "white",
            "black",
            "hot",
            "cold",
            "warm",
            "whole",
            "plain",
            "extra",
            "good",
            "soft",
            "finely",
            "the",
            "and",
            "of",
            "with",
            "for",
            "a",
            "to",
            "or",
            "in",
            "dish",
            "more",
            "tin",
            "can",
            "jar",
            "packet",
            "piece",
            "pinch",
            "taste",
            "each",
            "about",
            "ball",
            "bunch",
            "handful",
            "clove",
            "stick",
            "leaf",
            "head",
            "sprig",
            "top",
            "serve",
            "grated",
            "chopped",
            "sliced",
            "ground",
            "sea",
            "free",
            "range",
            "olive",
            "caster",
            "double",
            "single",
            "semi",
            "skimmed",
            "natural",
            "ripe",
            "light",
            "low",
            "salt",
            "unsalted",
            "dry",
            "mature",
            "strong");
    private static final Map<String, Set<String>> CLASSES = new HashMap<>();

    static {
        String veg = "onion aromatic vegetable root slice-vegetable slice-root mushroom leaf frozen-leaf";
        cls("veg vegetable", veg);
        cls("meat mince", "mince poultry-mince meat sausage poultry cured-meat mock-meat soy-granules plant-mince");
        cls("cheese", "melting-cheese hard-cheese crumbly-cheese soft-cheese");
        cls("herb", "herb dried-herb");
        cls("spice", "spice spice-blend");
        cls("pasta", "short-pasta noodles sheets fresh-sheets tubes shells filled-pasta");
        cls("sheet noodle lasagne lasagna", "sheets fresh-sheets noodles");
        cls("tube shell cannelloni", "tubes shells");
        cls("tomato passata", "tomato tomato-sauce");
        cls("puree paste", "tomato-paste");
        cls("stock broth", "stock stock-cube");
        cls("crumb breadcrumb", "crumbs");
        cls("oil", "oil");
        cls("liquid milk", "milk cream sour-milk");
        cls("bean pulse lentil", "pulse");
        cls("potato spud", "slice-root");
        cls("fish", "fish fish-cooked");
        cls("chicken", "poultry poultry-cooked");
        cls("seasoning", "salt spice");
        cls("bread", "bread");
        cls("egg yolk", "egg egg-yolk");
        cls("cream", "cream sour-cream");
        cls("pastry", "pastry pastry-thin");
        cls("wrap tortilla crepe pancake", "wrap");
        cls("wine", "wine");
        cls("nut", "nut");
    }

    private static void cls(String words, String roles) {
        for (String word : words.split(" ")) {
            CLASSES.put(word, Set.of(roles.split(" ")));
        }
    }

    private static final Pattern PRONOUN = Pattern.compile("it|them|this|that|everything|mixture|lot|all|mix|pan|both");
    private final List<Line> lines;
    private final List<List<String>> words = new ArrayList<>();

    /** What was meant, where it stands and how much of it. Either lines or a pot. */
    record Mention(List<Integer> lines, @Nullable Pot pot, Portion portion, int start, int end, boolean pronoun) {}

    Mentions(List<Line> lines) {
        this.lines = lines;
        lines.forEach(l -> words.add(wordsOf(l)));
    }

    private static List<String> wordsOf(Line line) {
        List<String> all = new ArrayList<>(
                Words.of(line.item()).stream().map(Words.Word::key).toList());
        if (line.ingredient() != null) {
            Words.of(line.ingredient().name()).forEach(w -> all.add(w.key()));
        }
        return all.stream().filter(w -> !WEAK.contains(w) && w.length() > 2).toList();
    }

    /** @param left share left of every line; {@code pots} made so far, the newest last; {@code heading} the current pot's, or null */
    List<Mention> in(String clause, double[] left, List<Pot> pots, @Nullable Pot current) {
        List<Words.Word> spoken = Words.of(clause);
        List<Mention> all = new ArrayList<>();
        int from = 0;
        int i = 0;
        while (i < spoken.size()) {
            Words.Word word = spoken.get(i);
            String before = clause.substring(from, word.start());
            Mention found = pot(spoken, i, pots, left);
            if (found == null) {
                found = line(spoken, i, left, current, pots);
            }
            if (found == null
                    && PRONOUN.matcher(word.key()).matches()
                    && current != null
                    && !word.key().equals("pan")) {
                found = new Mention(List.of(), current, Portion.UNSAID, word.start(), word.end(), true);
            }
            if (found == null) {
                i++;
                continue;
            }
            all.add(new Mention(
                    found.lines(), found.pot(), Portion.before(before), found.start(), found.end(), found.pronoun()));
            from = found.end();
            while (i < spoken.size() && spoken.get(i).start() < found.end()) {
                i++;
            }
        }
        return all;
    }

    private Mention pot(List<Words.Word> spoken, int i, List<Pot> pots, double[] left) {
        String key = spoken.get(i).key();
        for (int k = pots.size() - 1; k >= 0; k--) {
            Pot pot = pots.get(k);
            if (!pot.names.contains(key) || WEAK.contains(key) && !pot.names.contains(key + "!")) {
                continue;
            }
            int end = i;
            while (end + 1 < spoken.size()
                    && (pot.names.contains(spoken.get(end + 1).key())
                            || isThing(spoken.get(end + 1).key()))) {
                end++;
            }
            boolean raw = end == i && !pot.names.contains(key + "!") && rawLeft(key, left);
            if (!raw) {
                return new Mention(
                        List.of(),
                        pot,
                        Portion.UNSAID,
                        spoken.get(i).start(),
                        spoken.get(end).end(),
                        false);
            }
        }
        return null;
    }

    private static boolean isThing(String key) {
        return key.equals("sauce") || key.equals("mixture") || key.equals("filling") || key.equals("topping");
    }

    /** Whether the word names a line of which something is left. */
    private boolean rawLeft(String key, double[] left) {
        for (int l = 0; l < lines.size(); l++) {
            if (left[l] > 0.01 && words.get(l).contains(key)) {
                return true;
            }
        }
        return false;
    }

    private Mention line(List<Words.Word> spoken, int i, double[] left, Pot current, List<Pot> pots) {
        String key = spoken.get(i).key();
        if (WEAK.contains(key) && !key.equals("salt") && !key.equals("leaf")) {
            return null;
        }
        int best = -1;
        int bestRun = 0;
        double bestScore = 0;
        for (int l = 0; l < lines.size(); l++) {
            int run = run(spoken, i, words.get(l));
            if (run == 0) {
                continue;
            }
            double score = run * 4
                    + (left[l] > 0.01 ? 2 : 0)
                    + (left[l] > 0.99 ? 1 : 0)
                    + (words.get(l).getLast().equals(key)
                                    || words.get(l).getFirst().equals(key)
                            ? 0.5
                            : 0)
                    + (current != null
                                    && java.util.Objects.equals(
                                            current.heading, lines.get(l).heading())
                                    && current.heading != null
                            ? 1.5
                            : 0);
            if (score > bestScore) {
                best = l;
                bestRun = run;
                bestScore = score;
            }
        }
        if (best >= 0) {
            int end = spoken.get(i + bestRun - 1).end();
            return mention(List.of(best), spoken.get(i).start(), end, left, pots);
        }
        Set<String> roles = CLASSES.get(key);
        if (roles == null) {
            return null;
        }
        List<Integer> members = new ArrayList<>();
        for (int l = 0; l < lines.size(); l++) {
            if (lines.get(l).ingredient() != null
                    && roles.contains(lines.get(l).ingredient().role())) {
                members.add(l);
            }
        }
        List<Integer> fresh = members.stream().filter(l -> left[l] > 0.01).toList();
        List<Integer> meant = fresh.isEmpty() ? members : fresh;
        List<Integer> own = meant.stream()
                .filter(l -> current != null
                        && current.heading != null
                        && current.heading.equals(lines.get(l).heading()))
                .toList();
        return meant.isEmpty()
                ? null
                : mention(
                        own.isEmpty() ? meant : own,
                        spoken.get(i).start(),
                        spoken.get(i).end(),
                        left,
                        pots);
    }

    /** A line that is spent means the pot it went into. */
    private static Mention mention(List<Integer> found, int start, int end, double[] left, List<Pot> pots) {
        boolean spent = found.stream().allMatch(l -> left[l] <= 0.01);
        if (spent) {
            for (int k = pots.size() - 1; k >= 0; k--) {
                if (pots.get(k).holds(found.getFirst())) {
                    return new Mention(found, pots.get(k), Portion.UNSAID, start, end, false);
                }
            }
        }
        return new Mention(found, null, Portion.UNSAID, start, end, false);
    }

    private static int run(List<Words.Word> spoken, int i, List<String> own) {
        int n = 0;
        while (i + n < spoken.size() && own.contains(spoken.get(i + n).key())) {
            n++;
        }
        return n;
    }
}
