package nabe.label;

import java.util.ArrayList;
import java.util.List;

/** A token, or a bracket with what stands in it. */
sealed interface Node permits Token, Node.Bracket {

    /** What stands between an opening and its closing bracket. */
    record Bracket(List<Node> inside) implements Node {}

    default boolean isKind(Token.Kind kind) {
        return this instanceof Token t && t.is(kind);
    }

    default boolean isAWord() {
        return this instanceof Token t && t.isWord();
    }

    default boolean isWord(String key) {
        return this instanceof Token t && t.is(Token.Kind.WORD) && t.key().equals(key);
    }

    /** @return every token, brackets opened up */
    static List<Token> flat(List<Node> nodes) {
        List<Token> all = new ArrayList<>();
        for (Node node : nodes) {
            switch (node) {
                case Token t -> all.add(t);
                case Bracket b -> all.addAll(flat(b.inside()));
            }
        }
        return all;
    }

    /** @return what was written from the first to the last of them */
    static String written(String label, List<? extends Node> nodes) {
        List<Token> flat = flat(List.copyOf(nodes));
        return flat.isEmpty()
                ? ""
                : label.substring(flat.getFirst().start(), flat.getLast().end()).replaceAll("\\s+", " ");
    }
}
