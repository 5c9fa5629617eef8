package nabe.label;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Cuts a label into sentences. A full stop ends one outside brackets; a new line only where it begins something new, so
 * that a line's end inside a list or after "not" takes nothing apart.
 */
final class Statements {
    private static final Set<Frames.Use> BEGINS = EnumSet.of(
            Frames.Use.LIST,
            Frames.Use.HOLDS,
            Frames.Use.MAY,
            Frames.Use.FREE,
            Frames.Use.NONE,
            Frames.Use.UNSUITABLE,
            Frames.Use.BOILERPLATE,
            Frames.Use.ADMIN,
            Frames.Use.CLAIM,
            Frames.Use.NEARLY);
    private static final Set<Frames.Use> HANGS =
            EnumSet.of(Frames.Use.JOINS, Frames.Use.NEGATION, Frames.Use.MAY, Frames.Use.HOLDS, Frames.Use.FREE);
    private static final int FULL_LINE = 45;
    private final Frames frames;
    private final String label;

    Statements(Frames frames, String label) {
        this.frames = frames;
        this.label = label;
    }

    List<List<Node>> of(List<Node> nodes) {
        List<List<Node>> all = new ArrayList<>();
        List<Node> current = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            Node node = nodes.get(i);
            boolean ends =
                    node.isKind(Token.Kind.STOP) && !((Token) node).text().equals("?")
                            || node.isKind(Token.Kind.LINE) && endsAt(nodes, i, current);
            if (ends) {
                all.add(current);
                current = new ArrayList<>();
            } else if (!node.isKind(Token.Kind.LINE) || !wraps(nodes, i, current)) {
                current.add(node);
            }
        }
        all.add(current);
        all.removeIf(List::isEmpty);
        return all;
    }

    private boolean endsAt(List<Node> nodes, int i, List<Node> before) {
        if (i + 1 >= nodes.size() || before.isEmpty()) {
            return true;
        }
        if (hangs(before)) {
            return false;
        }
        Node next = nodes.get(i + 1);
        return next.isKind(Token.Kind.LINE)
                || next.isKind(Token.Kind.NOTE)
                || frames.at(nodes, i + 1, BEGINS) != null
                || FreeWords.at(nodes, i + 1, frames) != null;
    }

    /** "not", "may contain", "suitable for", a comma: the sentence is not over. */
    private boolean hangs(List<Node> before) {
        Node last = before.getLast();
        boolean answer =
                before.size() > 1 && last.isWord("no") && frames.is(Frames.Use.CLAIM, before.get(before.size() - 2))
                        || before.size() > 2
                                && last.isWord("no")
                                && before.get(before.size() - 2).isWord("free");
        return !answer
                && (last.isKind(Token.Kind.COMMA)
                        || last.isKind(Token.Kind.COLON)
                        || last instanceof Token t
                                && t.isWord()
                                && HANGS.stream().anyMatch(u -> frames.is(u, t)));
    }

    /** A full line of a list that goes on in the next one. */
    private boolean wraps(List<Node> nodes, int i, List<Node> before) {
        int at = ((Token) nodes.get(i)).start();
        int begin = label.lastIndexOf('\n', at - 1) + 1;
        return !before.isEmpty() && hangs(before)
                || at - begin >= FULL_LINE && label.substring(begin, at).contains(",");
    }
}
