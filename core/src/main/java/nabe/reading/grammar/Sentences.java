package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;

/** Steps → sentences of tokens. What stands in brackets is kept apart: it comments, it does not instruct. */
final class Sentences {
    /** "200 C. Meanwhile" is an oven's. */
    private static final double LEAST_DIAL = 60;

    private static final Set<String> APPROXIMATELY = Set.of("approx", "abt", "ca", "circa");

    private Sentences() {}

    /**
     * @param tokens without what stands in brackets; {@code all} with it; {@code text} of the step
     * @param colon whether it ends with a colon
     */
    record Sentence(
            int step, int index, boolean opensStep, List<Token> tokens, List<Token> all, String text, boolean colon) {}

    static List<Sentence> of(List<String> steps) {
        List<Sentence> out = new ArrayList<>();
        int index = 0;
        for (int step = 0; step < steps.size(); step++) {
            List<Token> tokens = Tokens.of(steps.get(step));
            boolean telegram = !tokens.isEmpty()
                    && Character.isLowerCase(tokens.getFirst().text().charAt(0));
            boolean opens = true;
            int from = 0;
            for (int i = 0; i <= tokens.size(); i++) {
                if (i < tokens.size() && !ends(tokens, i, telegram)) {
                    continue;
                }
                boolean colon = i < tokens.size() && tokens.get(i).is(":");
                List<Token> all = tokens.subList(from, i);
                if (!all.isEmpty()) {
                    List<Token> bare = withoutBrackets(all);
                    if (!bare.isEmpty()) {
                        out.add(new Sentence(step, index, opens, bare, List.copyOf(all), steps.get(step), colon));
                        opens = false;
                    }
                }
                index += colon ? 0 : 1;
                from = i + 1;
            }
        }
        return out;
    }

    private static boolean ends(List<Token> tokens, int i, boolean telegram) {
        Token t = tokens.get(i);
        if (t.is("!") || t.is("?") || t.is(";")) {
            return true;
        }
        if (t.is(":")) {
            return i > 0 && !tokens.get(i - 1).isNumber() && depth(tokens, i) == 0;
        }
        if (!t.is(".")) {
            return false;
        }
        boolean abbreviation = i > 0 && isMeasureOfThing(tokens, i)
                || i > 0
                        && !telegram
                        && (isShort(tokens.get(i - 1)) || isOneLetter(tokens.get(i - 1)))
                        && i + 1 < tokens.size()
                        && (tokens.get(i + 1).isMark() && !tokens.get(i + 1).is("+")
                                || Character.isLowerCase(
                                        tokens.get(i + 1).text().charAt(0)));
        return !abbreviation && !isAboutSoMany(tokens, i) && depth(tokens, i) == 0;
    }

    /** "For approx. 40 minutes". */
    private static boolean isAboutSoMany(List<Token> tokens, int stop) {
        return stop > 0
                && stop + 1 < tokens.size()
                && APPROXIMATELY.contains(tokens.get(stop - 1).key())
                && tokens.get(stop + 1).isNumber();
    }

    /** "1/4 c. Parmesan"; "2 c. Stir well" ends there. */
    private static boolean isMeasureOfThing(List<Token> tokens, int stop) {
        return KitchenWords.shared().is(tokens.get(stop - 1), Use.MEASURE)
                && stop > 1
                && tokens.get(stop - 2).isNumber()
                && tokens.get(stop - 2).high() < LEAST_DIAL
                && stop + 1 < tokens.size()
                && tokens.get(stop + 1).isWord()
                && KitchenWords.shared().verb(tokens.get(stop + 1)) == null;
    }

    private static boolean isShort(Token token) {
        return KitchenWords.shared().isAny(token, Use.SHORT, Use.MEASURE);
    }

    /** "B. powder". */
    private static boolean isOneLetter(Token token) {
        return token.isWord() && token.text().length() == 1;
    }

    private static int depth(List<Token> tokens, int upTo) {
        int depth = 0;
        for (int i = upTo - 1; i >= 0 && i > upTo - 60; i--) {
            if (tokens.get(i).is("(")) {
                depth++;
            } else if (tokens.get(i).is(")")) {
                depth--;
            }
        }
        return Math.max(0, depth);
    }

    private static List<Token> withoutBrackets(List<Token> tokens) {
        List<Token> out = new ArrayList<>();
        int depth = 0;
        for (Token t : tokens) {
            if (t.is("(") || t.is("[")) {
                depth++;
            } else if (t.is(")") || t.is("]")) {
                depth = Math.max(0, depth - 1);
            } else if (depth == 0 && !t.is(".")) {
                out.add(t);
            }
        }
        return out;
    }
}
