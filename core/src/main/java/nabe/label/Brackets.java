package nabe.label;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Builds the tree of brackets. A bracket that holds only a share, a roman numeral or nothing says nothing and goes. */
final class Brackets {
    private static final Pattern ROMAN = Pattern.compile("[ivx]{1,4}");
    private static final int ADDITIVE_FROM = 100;
    private final List<Token> tokens;
    private int at;
    private boolean open;

    private Brackets(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** @param open whether some bracket is never closed: the label was cut off */
    record Tree(List<Node> nodes, boolean open) {}

    static Tree of(List<Token> tokens) {
        Brackets work = new Brackets(tokens);
        List<Node> nodes = new ArrayList<>();
        while (work.at < tokens.size()) {
            nodes.addAll(work.until());
            work.at++;
        }
        return new Tree(nodes, work.open);
    }

    /** Everything up to a closing bracket or the end. */
    private List<Node> until() {
        List<Node> nodes = new ArrayList<>();
        while (at < tokens.size() && !tokens.get(at).is(Token.Kind.CLOSE)) {
            Token token = tokens.get(at);
            at++;
            if (!token.is(Token.Kind.OPEN)) {
                nodes.add(token);
                continue;
            }
            List<Node> inside = until();
            open |= at >= tokens.size();
            at++;
            if (!saysNothing(inside)) {
                nodes.add(new Node.Bracket(inside));
            }
        }
        return nodes;
    }

    private static boolean saysNothing(List<Node> inside) {
        return inside.stream()
                .allMatch(n -> n instanceof Token t
                        && (t.is(Token.Kind.NOTE)
                                || t.is(Token.Kind.LINE)
                                || t.isWord() && ROMAN.matcher(t.key()).matches()
                                || t.is(Token.Kind.NUMBER) && !isAdditive(t)));
    }

    /** A bare whole number from 100 up may name an additive. */
    static boolean isAdditive(Token number) {
        return number.key().matches("\\d{3,4}") && Integer.parseInt(number.key()) >= ADDITIVE_FROM;
    }
}
