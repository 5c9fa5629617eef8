package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Recipes in many hands, each with what a cook reads there: pots, layers, oven. Written before they were first run. */
class OtherHandsTest {
    private static final Path FOLDER = Path.of("src/test/resources/readings/otherhands");

    static Stream<String> recipes() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files
                    .map(f -> f.getFileName().toString())
                    .filter(f -> f.endsWith(".txt"))
                    .map(f -> f.replace(".txt", ""))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void isReadAsACookReadsIt(String name) throws IOException {
        Told told = Told.of(Files.readString(FOLDER.resolve(name + ".txt")));
        List<String> expected = Files.readAllLines(FOLDER.resolve(name + ".told"));
        assertThat(told.pots()).isEqualTo(expected.get(0));
        assertThat(told.layers()).isEqualTo(expected.get(1));
        assertThat(told.oven()).isEqualTo(expected.get(2));
    }
}
