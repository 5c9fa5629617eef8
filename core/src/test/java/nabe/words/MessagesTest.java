package nabe.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class MessagesTest {
    private static final Pattern CODE = Pattern.compile("\"([a-z]+\\.[a-z0-9.-]+)\"");
    /** Of a closed set by its id, or told by the pages, which have a test of their own. */
    private static final Pattern BUILT =
            Pattern.compile("^(?:reading\\.doubt\\.|recipe\\.(?:family|part|need|allergen)-|web\\.)");

    private static final Pattern SAID = Pattern.compile("Messages\\.say\\(\\s*\"([^\"]+)\"(?! \\+)");

    @Test
    void whatIsPutInKeepsItsForm() {
        assertThat(Messages.say("measure.c", 1750)).isEqualTo("1750 °C");
        assertThat(Messages.say("swap.days-ahead", 1, "fridge")).isEqualTo("a day ahead, in the fridge");
        assertThat(Messages.say("swap.days-ahead", 2, "box")).isEqualTo("2 days ahead, in a closed box");
        assertThatIllegalArgumentException().isThrownBy(() -> Messages.say("measure.no-such"));
        assertThatIllegalArgumentException().isThrownBy(() -> Messages.load("no-such"));
    }

    @Test
    void severalThingsAreNamedInARow() {
        assertThat(Lists.and(List.of())).isEmpty();
        assertThat(Lists.or(List.of("milk"))).isEqualTo("milk");
        assertThat(Lists.or(List.of("milk", "eggs"))).isEqualTo("milk or eggs");
        assertThat(Lists.and(List.of("milk", "eggs", "nuts", "soy"))).isEqualTo("milk, eggs, nuts and soy");
    }

    @Test
    void everyCodeHasASentenceAndEverySentenceIsTold() throws IOException {
        Set<String> codes = Messages.load("en").patterns().keySet();
        String sources = sources();
        Set<String> said = new TreeSet<>();
        Matcher matcher = SAID.matcher(sources);
        while (matcher.find()) {
            said.add(matcher.group(1));
        }
        assertThat(codes).containsAll(said);
        Set<String> named = new TreeSet<>();
        CODE.matcher(sources).results().forEach(m -> named.add(m.group(1)));
        assertThat(codes.stream().filter(c -> !BUILT.matcher(c).find() && !named.contains(c)))
                .isEmpty();
    }

    @Test
    void everySentenceIsAPattern() {
        assertThat(Messages.load("en").patterns().values())
                .allSatisfy(p -> assertThat(new MessagePattern(p).countParts()).isPositive());
    }

    private static String sources() throws IOException {
        StringBuilder all = new StringBuilder();
        for (String room : List.of("../core/src/main/java", "../server/src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(room))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    all.append(Files.readString(file));
                }
            }
        }
        return all.toString();
    }
}
