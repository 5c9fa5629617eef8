package nabe.prep;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Clauses;

/** Joins a sentence's clauses again and makes a sentence of what is left of one. */
final class MethodWords {
    private static final Pattern HEAD =
            Pattern.compile("^(?:[,;:–-]|and\\b|then\\b|but\\b|\\s)+", Pattern.CASE_INSENSITIVE);
    /** What the text says of its own order: the steps have one of their own. */
    private static final Pattern MEANWHILE = Pattern.compile(
            "^(?:meanwhile|in the meantime|at the same time|next(?! (?:day|morning))|now|(?:while|when|as) (?:that|this|it|they|those|the \\p{L}+)(?:'s|'re)?\\b[^,.;]{0,50}(?=,))\\b[,:]?\\s*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TAIL = Pattern.compile(
            "(?:[,;:&+–-]|(?<!\\bnow )\\band|(?<!\\bnow and )\\bthen|\\bbut|\\bso that|\\s)+$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern END = Pattern.compile("[.!?…]\\)?$");

    private static final Set<Effect> ORDERS = EnumSet.of(Effect.JOIN, Effect.MIX, Effect.PLACE);

    private MethodWords() {}

    /** "When it has gone add the tomatoes, paste and cinnamon": what it says of the order ends where the work begins. */
    private static String withoutOrder(String words) {
        Matcher order = MEANWHILE.matcher(words);
        if (!order.find()) {
            return words;
        }
        return Tokens.of(order.group()).stream()
                .skip(2)
                .filter(MethodWords::isOrder)
                .findFirst()
                .map(t -> words.substring(t.start()))
                .orElseGet(() -> words.substring(order.end()));
    }

    private static boolean isOrder(Token token) {
        Verb.Spoken said = KitchenWords.shared().verb(token);
        return said != null
                && said.form() == Verb.Form.BASE
                && ORDERS.contains(said.verb().effect());
    }

    /** "… keep the sauce loose. adding the broccoli": what went on in a sentence that ends now begins one. */
    private static List<String> afterStops(List<String> clauses) {
        List<String> all = new ArrayList<>();
        for (String clause : clauses) {
            boolean stopped = !all.isEmpty() && END.matcher(all.getLast()).find();
            all.add(stopped && Character.isLowerCase(clause.charAt(0)) ? asOrder(clause) : clause);
        }
        return all;
    }

    private static String asOrder(String clause) {
        Token first = Tokens.of(clause).getFirst();
        Verb.Spoken said = KitchenWords.shared().verb(first);
        String order = said != null && said.form() == Verb.Form.ING
                ? said.verb().base() + clause.substring(first.end())
                : clause;
        return Character.toUpperCase(order.charAt(0)) + order.substring(1);
    }

    static String sentence(List<String> clauses) {
        String joined = Clauses.joined(afterStops(clauses))
                .replaceAll("\\s+([,.;:])", "$1")
                .replaceAll("\\s{2,}", " ");
        String begun = withoutOrder(HEAD.matcher(joined).replaceFirst(""));
        String bare = TAIL.matcher(begun).replaceFirst("").strip();
        if (bare.isEmpty()) {
            return "";
        }
        String capital = Character.toUpperCase(bare.charAt(0)) + bare.substring(1);
        return END.matcher(capital).find() ? capital : capital + ".";
    }
}
