package nabe.build;

import java.util.List;
import java.util.Set;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;

/** The recipe's words of a layer where this pan takes another number of sheets than it says. */
final class SheetWords {
    private static final int WORDS_BETWEEN = 7;
    /** What comes after these is another thing than was counted. */
    private static final Set<String> PARTING =
            Set.of("of", "over", "on", "onto", "under", "between", "with", "and", "the");

    private SheetWords() {}

    /** @param perLayer sheets that cover this pan once */
    static String of(String words, int perLayer) {
        List<Token> said = Tokens.of(words);
        for (int i = 0; i < said.size(); i++) {
            Token number = said.get(i);
            List<Token> next = said.subList(i + 1, Math.min(said.size(), i + 1 + WORDS_BETWEEN));
            boolean counts = number.isNumber()
                    && number.low() >= 1
                    && next.stream()
                            .takeWhile(t -> t.isWord() && !PARTING.contains(t.key()))
                            .anyMatch(t -> t.is("sheet"));
            if (counts) {
                return words.substring(0, number.start()) + perLayer + words.substring(number.end());
            }
        }
        return words;
    }
}
