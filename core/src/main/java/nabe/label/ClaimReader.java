package nabe.label;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.needs.Need;
import org.jspecify.annotations.Nullable;

/**
 * Finds what a packet promises. A claim counts only where the whole sentence is a promise about the whole product: every
 * word of it belongs to the claim, none denies it, and it does not stand in the ingredient list.
 */
final class ClaimReader {
    private static final Set<Frames.Use> WANTED =
            EnumSet.of(Frames.Use.CLAIM, Frames.Use.NEARLY, Frames.Use.CONTEXT, Frames.Use.NEGATION, Frames.Use.FREE);
    private static final Set<Frames.Use> IN_A_NAME =
            EnumSet.of(Frames.Use.DESCRIBES, Frames.Use.JOINS, Frames.Use.STRUCTURE, Frames.Use.MARK);
    /** "No preservatives" denies nothing that a need asks for. */
    private static final Set<String> ADDED = Set.of(
            "added",
            "artificial",
            "preservative",
            "colour",
            "color",
            "flavour",
            "flavor",
            "flavouring",
            "sugar",
            "msg",
            "gmo",
            "palm",
            "additive",
            "sweetener",
            "salt");
    /** "Made without" and "does not contain" tell of ingredients and promise no limit. */
    private static final Set<String> PROMISES = Set.of("free", "sans", "ohne", "senza", "sin", "zonder");

    private static final int GLUTEN_LIMIT = 20;
    private static final Set<String> LIMIT_WORDS = Set.of("gluten", "mg", "kg", "ppm");
    private final Lexicon lexicon;
    private final Frames frames;
    private final Findings findings;

    ClaimReader(Lexicon lexicon, Frames frames, Findings findings) {
        this.lexicon = lexicon;
        this.frames = frames;
        this.findings = findings;
    }

    /**
     * @param nodes one sentence outside the ingredient list
     * @param inName whether foods may stand in it, as in a product's name
     * @return whether the sentence is a claim and nothing else
     */
    boolean read(List<Node> nodes, boolean inName, String words) {
        if (!inName && nodes.stream().anyMatch(Node.Bracket.class::isInstance)) {
            return false;
        }
        Sentence sentence = new Sentence(
                Node.flat(nodes), inName || !nodes.isEmpty() && nodes.getFirst().isWord("this"));
        boolean all = sentence.read();
        boolean part = nodes.getFirst().isKind(Token.Kind.NOTE);
        if (sentence.nearly) {
            findings.refuse(Need.GLUTEN_FREE, words);
        }
        sentence.refused.keySet().forEach(need -> findings.refuse(need, words));
        if (sentence.negated) {
            sentence.found.keySet().forEach(need -> findings.refuse(need, words));
        } else if (part && sentence.found.containsKey(Need.GLUTEN_FREE)) {
            findings.notesCertify();
        } else if (all && !part) {
            sentence.found.forEach(findings::claim);
        }
        boolean says = !sentence.found.isEmpty() || !sentence.refused.isEmpty() || sentence.nearly || sentence.claims;
        return all && says && !sentence.names;
    }

    private final class Sentence {
        private final List<Token> tokens;
        private final boolean foodsAllowed;
        private final Map<Need, String> found = new LinkedHashMap<>();
        private final Map<Need, String> refused = new LinkedHashMap<>();
        private boolean negated;
        private boolean nearly;
        private boolean names;
        private boolean claims;
        private boolean limited;
        private @Nullable Need last;

        Sentence(List<Token> tokens, boolean foodsAllowed) {
            this.tokens = tokens;
            this.foodsAllowed = foodsAllowed;
        }

        /** @return whether every word belongs to a claim */
        boolean read() {
            limit();
            boolean all = true;
            int i = 0;
            while (i < tokens.size()) {
                int taken = tokens.get(i).isWord() ? word(i) : mark(i);
                all &= taken > 0;
                i += Math.max(1, taken);
            }
            return all;
        }

        private int mark(int i) {
            boolean no = tokens.get(i).is(Token.Kind.COLON) || tokens.get(i).is(Token.Kind.STOP);
            if (no && i + 1 < tokens.size() && tokens.get(i + 1).key().equals("no") && last != null) {
                refused.put(last, "no");
                found.remove(last);
                return 2;
            }
            return 1;
        }

        /** @return how many tokens belong to the claim here, 0 where the word does not */
        private int word(int i) {
            int list = ownList(i);
            if (list > 0) {
                return list;
            }
            FreeWords.Reading free = FreeWords.at(tokens, i, frames);
            if (free != null && free.need() == null
                    || limited && LIMIT_WORDS.contains(tokens.get(i).key())) {
                return free == null ? 1 : free.nodes();
            }
            Frames.Match match = frames.at(tokens, i, WANTED);
            Lexicon.Phrase food = lexicon.longestAt(tokens, i);
            boolean named = foodsAllowed && match != null && match.use() == Frames.Use.CLAIM;
            if (match != null && (named || food == null || match.nodes() >= food.words())) {
                return take(match, i);
            }
            if (foodsAllowed && food != null) {
                names = true;
                return food.words();
            }
            return foodsAllowed && IN_A_NAME.stream().anyMatch(u -> frames.is(u, tokens.get(i))) ? 1 : 0;
        }

        private int take(Frames.Match match, int i) {
            switch (match.use()) {
                case CLAIM -> {
                    return claim(match, i);
                }
                case NEARLY -> nearly = true;
                case FREE -> {
                    return match.nodes()
                            + freeFrom(
                                    i + match.nodes(),
                                    PROMISES.contains(tokens.get(i).key()));
                }
                case NEGATION -> {
                    return negation(i, match);
                }
                default -> claims |= match.nodes() > 1;
            }
            return match.nodes();
        }

        /** "Vegan: no" and "Vegan no" answer themselves. */
        private int claim(Frames.Match match, int i) {
            int after = i + match.nodes();
            Need need = Objects.requireNonNull(match.need());
            boolean no = after < tokens.size()
                    && tokens.get(after).key().equals("no")
                    && (after + 1 == tokens.size()
                            || tokens.get(after + 1).is(Token.Kind.LINE)
                            || tokens.get(after + 1).is(Token.Kind.COMMA));
            if (no) {
                refused.put(need, "no");
                return match.nodes() + 1;
            }
            found(need, i, match.nodes());
            return match.nodes();
        }

        private void found(Need need, int from, int nodes) {
            last = need;
            claims = true;
            StringBuilder words = new StringBuilder();
            tokens.subList(from, from + nodes)
                    .forEach(t -> words.append(words.isEmpty() || t.gap() == 0 ? "" : " ")
                            .append(t.text()));
            found.putIfAbsent(need, words.toString());
        }

        private int negation(int i, Frames.Match match) {
            boolean added = i + 1 < tokens.size()
                    && tokens.get(i).key().equals("no")
                    && ADDED.contains(tokens.get(i + 1).key());
            if (!added) {
                negated = true;
                return match.nodes();
            }
            claims = true;
            int end = i + 1;
            while (end < tokens.size() && !tokens.get(end).is(Token.Kind.COMMA)) {
                end++;
            }
            return end - i;
        }

        /** "free from gluten, milk and egg": up to a word that ends the list. */
        private int freeFrom(int from, boolean promises) {
            int i = from;
            claims = true;
            while (i < tokens.size()
                    && !frames.is(Frames.Use.END_FREE, tokens.get(i))
                    && !tokens.get(i).is(Token.Kind.SEMICOLON)) {
                Need need = FreeWords.need(tokens.get(i).key());
                if (need != null && promises) {
                    found(need, i, 1);
                }
                i++;
            }
            return i - from;
        }

        /** "gluten, dairy and soy free": its own list, nothing but things to be free of. */
        private int ownList(int from) {
            int i = from;
            while (i < tokens.size()
                    && (isFreeable(i)
                            || tokens.get(i).is(Token.Kind.COMMA)
                            || tokens.get(i).key().equals("and")
                            || tokens.get(i).key().equals("or"))) {
                i++;
            }
            boolean list = i > from + 1
                    && i < tokens.size()
                    && tokens.get(i).key().equals("free")
                    && !(i + 1 < tokens.size() && tokens.get(i + 1).key().equals("from"));
            if (!list) {
                return 0;
            }
            for (int k = from; k < i; k++) {
                Need need = FreeWords.need(tokens.get(k).key());
                if (need != null) {
                    found(need, k, 1);
                }
            }
            return i - from + 1;
        }

        private boolean isFreeable(int i) {
            String key = tokens.get(i).key();
            Meaning meaning = lexicon.of(key);
            return FreeWords.need(key) != null
                    || key.equals("lactose")
                    || key.equals("grain")
                    || tokens.get(i).isWord()
                            && meaning != null
                            && !meaning.allergens().isEmpty();
        }

        /** "below 20 mg/kg gluten" is what gluten-free means in law; more than that is not. */
        private void limit() {
            boolean gluten = tokens.stream().anyMatch(t -> t.key().equals("gluten"));
            for (int i = 0; gluten && i < tokens.size(); i++) {
                String text = tokens.get(i).key().replaceAll("\\s", "");
                boolean unit = text.matches("\\d+(?:mg|ppm)")
                        || text.matches("\\d+")
                                && i + 1 < tokens.size()
                                && tokens.get(i + 1).key().matches("ppm|mg|part");
                if (unit) {
                    claims = true;
                    limited = true;
                    boolean low = Integer.parseInt(text.replaceAll("\\D", "")) <= GLUTEN_LIMIT;
                    nearly |= !low;
                    if (low) {
                        found(Need.GLUTEN_FREE, i, 1);
                    }
                }
            }
        }
    }
}
