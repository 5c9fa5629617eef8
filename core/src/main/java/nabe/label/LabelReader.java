package nabe.label;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.measure.WrongValueException;
import nabe.needs.Need;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * Reads a packet's words. The one way into this package. A yes is earned: every word is a food whose content is known, a
 * frame around foods, or harmless where it stands; whatever is left over makes check, never yes.
 */
public final class LabelReader {
    /** Longest label read, in characters. */
    public static final int LONGEST_LABEL = 50_000;

    private static final int NAME_WORDS = 8;
    private static final Set<Frames.Use> SPEAKS =
            EnumSet.of(Frames.Use.HOLDS, Frames.Use.MAY, Frames.Use.FREE, Frames.Use.NONE, Frames.Use.UNSUITABLE);

    private final Lexicon lexicon;
    private final Frames frames = new Frames();
    private final Mender mender;

    public LabelReader(Larder larder) {
        lexicon = new Lexicon(larder);
        mender = new Mender(lexicon, frames);
    }

    /**
     * @param label the packet's text: ingredient list, statements, claims
     * @throws WrongValueException when there is nothing to read or far too much
     */
    public LabelReading read(@Nullable String label) {
        if (label == null || !label.matches("(?s).*\\p{L}{2}.*")) {
            throw new WrongValueException(Messages.say("label.there-is-no-label-to-read"));
        }
        if (label.length() > LONGEST_LABEL) {
            throw new WrongValueException(Messages.say("label.this-label-is-longer-than-any"));
        }
        return new Work(PlainText.of(label)).read();
    }

    /** One label under reading. */
    private final class Work {
        private final String label;
        private final Findings findings = new Findings();
        private final List<List<Node>> statements;
        private final SentenceReader sentences;
        private boolean nutrition;

        Work(String label) {
            this.label = label;
            Set<Integer> slipped = new HashSet<>();
            List<Token> tokens = mender.mend(Lexer.tokens(label), slipped);
            Brackets.Tree tree = Brackets.of(tokens);
            sentences = new SentenceReader(lexicon, frames, label, slipped, findings);
            statements = partedAtLists(new Statements(frames, label).of(tree.nodes()));
            if (tree.open() || cutOff(tokens)) {
                findings.leaveOver(
                        Messages.say("label.the-end-of-the-list"), Messages.say("label.the-list-is-cut-off-what"));
            }
        }

        /** Dots, or a comma, a colon or an "and" at the very end: there is more on the packet. */
        private boolean cutOff(List<Token> tokens) {
            Token last = null;
            for (Token token : tokens) {
                if (token.is(Token.Kind.CUT)) {
                    return true;
                }
                last = token.is(Token.Kind.LINE) ? last : token;
            }
            return last != null
                    && (last.is(Token.Kind.COMMA)
                            || last.is(Token.Kind.COLON)
                            || last.is(Token.Kind.SEMICOLON)
                            || last.key().equals("and"));
        }

        /** What stands before "Ingredients:" in the same sentence is a statement of its own. */
        private List<List<Node>> partedAtLists(List<List<Node>> whole) {
            List<List<Node>> parted = new ArrayList<>();
            for (List<Node> statement : whole) {
                int at = sentences.listAt(statement);
                if (at > 0) {
                    parted.add(statement.subList(0, at));
                }
                parted.add(at > 0 ? statement.subList(at, statement.size()) : statement);
            }
            return parted;
        }

        LabelReading read() {
            int list = -1;
            for (int i = 0; i < statements.size() && list < 0; i++) {
                list = sentences.listAt(statements.get(i)) == 0 ? i : -1;
            }
            statements.stream()
                    .filter(s -> s.getFirst().isKind(Token.Kind.NOTE))
                    .forEach(s -> sentences.read(s, false));
            statements.removeIf(s -> s.getFirst().isKind(Token.Kind.NOTE));
            for (int i = 0; i < statements.size(); i++) {
                read(statements.get(i), i, list);
            }
            if (findings.foods() == 0) {
                findings.leaveOver(
                        Messages.say("label.the-ingredients"),
                        Messages.say("label.nabe-found-no-ingredient-list-what"));
            }
            return reading();
        }

        private void read(List<Node> statement, int i, int list) {
            if (isNutrition(statement)) {
                return;
            }
            if (sentences.listAt(statement) == 0) {
                sentences.readList(statement);
                return;
            }
            if (list < 0 && i == 0 && isNameBeforeList()) {
                sentences.readName(statement);
                return;
            }
            int colon = list < 0 && i == 0 ? endOfName(statement) : -1;
            if (colon > 0) {
                sentences.readName(statement.subList(0, colon));
                sentences.readList(statement.subList(colon + 1, statement.size()));
            } else {
                sentences.read(statement, i < list);
            }
        }

        /** The nutrition panel: its heading, and lines of nothing but its words and figures. */
        private boolean isNutrition(List<Node> statement) {
            List<Token> flat = Node.flat(statement);
            boolean only = flat.stream().allMatch(t -> !t.isWord() || frames.is(Frames.Use.NUTRITION, t));
            boolean begins = flat.getFirst().key().startsWith("nutrition");
            boolean energy = flat.stream()
                    .anyMatch(t -> t.key().equals("energy")
                            || t.key().endsWith("kj")
                            || t.key().endsWith("kcal"));
            nutrition = only && (begins || energy || nutrition);
            return nutrition;
        }

        /** "Cream crackers. Wheat flour, palm oil, salt": a name in a sentence of its own, and its list in the next. */
        private boolean isNameBeforeList() {
            List<Node> name = statements.getFirst();
            boolean plain = statements.size() > 1
                    && name.size() <= NAME_WORDS
                    && name.stream().allMatch(Node::isAWord)
                    && !speaks(name)
                    && !isClass(name);
            List<Node> next = plain ? statements.get(1) : List.of();
            long commas = next.stream().filter(n -> n.isKind(Token.Kind.COMMA)).count();
            return commas > 0 && !speaks(next) && lexicon.longestAt(next, 0) != null;
        }

        /** Whether it says what is in it, may be in it or is not: a statement, no name and no list. */
        private boolean speaks(List<Node> statement) {
            return IntStream.range(0, statement.size()).anyMatch(i -> frames.at(statement, i, SPEAKS) != null);
        }

        /** @return where the colon after a product's name stands, or -1 where the statement has no name */
        private int endOfName(List<Node> statement) {
            int colon = -1;
            for (int i = 0; i < statement.size() && colon < 0; i++) {
                colon = statement.get(i).isKind(Token.Kind.COLON) ? i : -1;
                if (statement.get(i).isKind(Token.Kind.COMMA) || frames.at(statement, i, SPEAKS) != null) {
                    return -1;
                }
            }
            boolean named = colon > 0 && colon <= NAME_WORDS && !isClass(statement.subList(0, colon));
            return named && namesFood(statement.subList(colon + 1, statement.size())) ? colon : -1;
        }

        private boolean isClass(List<Node> name) {
            Lexicon.Phrase phrase = lexicon.longestAt(name, 0);
            return phrase != null
                    && phrase.words() == name.size()
                    && phrase.meaning().kind() == Meaning.Kind.CLASS;
        }

        private boolean namesFood(List<Node> nodes) {
            List<Token> flat = Node.flat(nodes);
            for (int i = 0; i < flat.size(); i++) {
                if (lexicon.longestAt(flat, i) != null) {
                    return true;
                }
            }
            return false;
        }

        private LabelReading reading() {
            VerdictMaker maker = new VerdictMaker(findings);
            Map<String, String> verdicts = new LinkedHashMap<>();
            List<LabelReading.Because> because = new ArrayList<>();
            for (Need need : Need.values()) {
                VerdictMaker.Verdict verdict = maker.of(need);
                verdicts.put(need.id(), verdict.answer());
                because.add(new LabelReading.Because(need.id(), verdict.answer(), verdict.words()));
            }
            return new LabelReading(
                    List.copyOf(findings.contains().keySet()),
                    findings.may().keySet().stream()
                            .filter(a -> !findings.contains().containsKey(a))
                            .toList(),
                    findings.claims().keySet().stream().map(Need::id).toList(),
                    List.copyOf(findings.unclear().values()),
                    verdicts,
                    because);
        }
    }
}
