package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import org.junit.jupiter.api.Test;

/** "Shell and quarter them" is work: a name of the larder that is a verb as well must be known to be one. */
class NamesAndVerbsTest {
    private static final KitchenWords WORDS = KitchenWords.shared();

    private static boolean isVerb(String name) {
        List<Token> tokens = name.matches("\\p{L}+") ? Tokens.of(name) : List.of();
        Verb.Spoken verb = tokens.size() == 1 ? WORDS.verb(tokens.getFirst()) : null;
        boolean said = verb != null && verb.form() == Verb.Form.BASE;
        return said && Stream.of(Use.WORK_OR_FOOD, Use.SELDOM_WORK, Use.FOODS).noneMatch(u -> WORDS.has(u, name));
    }

    @Test
    void noNameOfTheLarderIsAVerbUnawares() {
        Set<String> both = new TreeSet<>();
        Larder.load().all().stream()
                .flatMap((Ingredient i) -> Stream.concat(Stream.of(i.name()), i.aliases().stream()))
                .filter(name -> isVerb(name) || isVerb(Words.key(name)))
                .forEach(both::add);
        assertThat(both).isEmpty();
    }
}
