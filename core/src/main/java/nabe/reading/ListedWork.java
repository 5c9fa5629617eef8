package nabe.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Origin;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.ClauseReader;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Line;
import org.jspecify.annotations.Nullable;

/** "6 eggs, hard-boiled", "1 onion, diced and fried in butter": work that only the list asks for, as orders before the method. */
public final class ListedWork {
    private static final Set<String> COOKS = Set.of(
            "boil",
            "parboil",
            "blanch",
            "steam",
            "poach",
            "fry",
            "saute",
            "sauté",
            "sweat",
            "brown",
            "roast",
            "toast",
            "wilt",
            "caramelise",
            "caramelize");
    /** Meat that nobody buys cooked. */
    private static final Set<String> RAW = Set.of("mince", "poultry-mince", "cured-meat", "sausage");

    private static final String HARD = "hard-";

    private static final Pattern MATTER = Pattern.compile("\\s*,");
    private static final Pattern BOUGHT_SO =
            Pattern.compile("\\b(?:tins?|cans?|tinned|canned|jars?|frozen|packs?|left-?overs?|bought|or)\\b");

    /** Sentences of the list's own work, each far from the next: none goes on with another. */
    private static final int BEFORE_ALL = -100_000;

    private static final int APART = 10;

    private static final KitchenWords WORDS = KitchenWords.shared();
    private final ClauseReader clauses;

    ListedWork(ClauseReader clauses) {
        this.clauses = clauses;
    }

    /** @return the orders by line, of those whose work the method does not tell */
    Map<Integer, List<Clause>> of(List<Line> lines, List<Clause> method) {
        Map<Integer, List<Clause>> orders = new LinkedHashMap<>();
        for (int i = 0; i < lines.size(); i++) {
            String order = order(lines.get(i), method);
            if (order != null) {
                int sentence = sentence(i);
                orders.put(
                        i,
                        clauses.read(List.of(order)).stream()
                                .map(c -> c.at(sentence))
                                .toList());
            }
        }
        return orders;
    }

    /** @return the sentence in which the list tells of this line */
    static int sentence(int line) {
        return BEFORE_ALL + APART * line;
    }

    /** @return whether the list asks for heat there, so that it is no mere cutting */
    public static boolean isCooking(Line line) {
        return verbs(line) != null;
    }

    private static @Nullable String order(Line line, List<Clause> method) {
        Verbs verbs = verbs(line);
        if (verbs == null || isTold(line, verbs, method)) {
            return null;
        }
        String first = verbs.bases.getFirst();
        StringBuilder order = new StringBuilder(first.substring(0, 1).toUpperCase(Locale.ROOT) + first.substring(1));
        for (int i = 1; i < verbs.bases.size(); i++) {
            order.append(i == verbs.bases.size() - 1 ? " and " : ", ").append(verbs.bases.get(i));
        }
        return order + " the " + named(line) + verbs.rest;
    }

    /** "Eggs 2, hard-boiled": its capital is the line's. */
    private static String named(Line line) {
        String item = line.item();
        return line.text().startsWith(item) ? item.substring(0, 1).toLowerCase(Locale.ROOT) + item.substring(1) : item;
    }

    /** @param bases what is done, as orders; {@code rest} what is said behind it */
    private record Verbs(List<String> bases, String rest) {}

    private static @Nullable Verbs verbs(Line line) {
        String said = line.preparation();
        String behind = behindName(line);
        if (said == null
                || line.ingredient() == null
                || behind.isEmpty()
                || BOUGHT_SO.matcher(line.text().toLowerCase(Locale.ROOT)).find()) {
            return null;
        }
        String plain = said.split("[;(]", 2)[0].replace("hard-boil", "hard boil");
        List<String> bases = new ArrayList<>();
        int end = 0;
        boolean hard = false;
        List<Token> tokens = Tokens.of(plain);
        for (Token token : tokens) {
            Verb.Spoken spoken = WORDS.verb(token);
            if (spoken != null && spoken.form() == Verb.Form.PAST || token.is("cut")) {
                bases.add(hard ? HARD + baseOf(token) : baseOf(token));
                hard = false;
                end = token.end();
            } else if (token.is("hard")) {
                hard = true;
            } else if (!token.is(",")
                    && !WORDS.isAny(token, Use.LINK, Use.ADVERB)
                    && !token.key().endsWith("ly")) {
                break;
            }
        }
        List<String> later = new ArrayList<>();
        String rest = rest(ordered(plain.substring(end), later));
        List<String> all = new ArrayList<>(bases);
        all.addAll(later);
        boolean cooks = all.stream().anyMatch(base -> COOKS.contains(base) && isSaidIn(behind, base))
                || bases.contains(HARD + "boil")
                || bases.contains("soften") && rest.startsWith(" in ")
                || cooksRawMeat(line, bases) && behind.contains("cooked");
        return !bases.isEmpty() && cooks && isRaw(line) ? new Verbs(bases, rest) : null;
    }

    /** "200 g cooked ham, torn" was cooked by others: what the cook is to do stands behind the name. */
    private static String behindName(Line line) {
        int comma = line.text().indexOf(',');
        return comma < 0 ? "" : line.text().substring(comma).toLowerCase(Locale.ROOT);
    }

    private static boolean isSaidIn(String text, String base) {
        return Tokens.of(text).stream()
                .map(WORDS::verb)
                .anyMatch(v -> v != null && v.verb().base().equals(base));
    }

    private static String baseOf(Token token) {
        return Objects.requireNonNull(WORDS.verb(token)).verb().base();
    }

    /** " into cubes and boiled until tender": " into cubes and boil until tender". */
    private static String ordered(String rest, List<String> bases) {
        StringBuilder text = new StringBuilder();
        int at = 0;
        List<Token> tokens = Tokens.of(rest);
        for (int i = 1; i < tokens.size(); i++) {
            Verb.Spoken spoken = WORDS.verb(tokens.get(i));
            boolean joined = tokens.get(i - 1).is("and") || tokens.get(i - 1).is("then");
            if (joined && spoken != null && spoken.form() == Verb.Form.PAST) {
                bases.add(spoken.verb().base());
                text.append(rest, at, tokens.get(i).start())
                        .append(spoken.verb().base());
                at = tokens.get(i).end();
            }
        }
        return text.append(rest.substring(at)).toString();
    }

    /** " in 2 tbsp of the butter", up to what is another matter. */
    private static String rest(String after) {
        Matcher matter = MATTER.matcher(after);
        return matter.find() ? after.substring(0, matter.start()) : after.stripTrailing();
    }

    private static boolean cooksRawMeat(Line line, List<String> bases) {
        return bases.contains("cook") && RAW.contains(line.food().role());
    }

    private static boolean isRaw(Line line) {
        Origin origin = line.food().origin();
        return origin != Origin.MEAT && origin != Origin.FISH
                || RAW.contains(line.food().role());
    }

    /** Whether the method itself has an order of this kind for it. */
    private static boolean isTold(Line line, Verbs verbs, List<Clause> method) {
        Set<String> names = new HashSet<>();
        Tokens.of(line.item()).forEach(t -> names.add(t.key()));
        return method.stream()
                .filter(c -> c.does(Effect.HEAT, Effect.START, Effect.BAKE))
                .filter(c -> verbs.bases.stream().anyMatch(b -> b.endsWith(c.base())))
                .anyMatch(c -> c.tokens().stream().anyMatch(t -> names.contains(t.key())));
    }
}
