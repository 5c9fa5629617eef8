package nabe.build;

import java.util.List;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;

/** The recipe's words of a layer where this pan takes another number of sheets than it says. */
final class SheetWords {
    private static final int WORDS_BETWEEN = 4;

    private SheetWords() {}

    /** @param perLayer sheets that cover this pan once */
    static String of(String words, int perLayer) {
        List<Token> said = Tokens.of(words);
        for (int i = 0; i < said.size(); i++) {
            Token number = said.get(i);
            List<Token> next = said.subList(i + 1, Math.min(said.size(), i + 1 + WORDS_BETWEEN));
            boolean counts = number.isNumber()
                    && number.low() >= 1
                    && next.stream().takeWhile(Token::isWord).anyMatch(t -> t.is("sheet"));
            if (counts) {
                return words.substring(0, number.start()) + perLayer + words.substring(number.end());
            }
        }
        return words;
    }
}
