package nabe.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class FiguresTest {
    private static final Pattern ASKED = Pattern.compile("Figures\\.(?:of|whole)\\(\"([^\"]+)\"\\)");

    @Test
    void whatCooksCountOnHolds() {
        assertThat(Figures.of("bake.safe-core")).isGreaterThanOrEqualTo(Figures.of("bake.hot-through"));
        assertThat(Figures.of("bake.custard-set")).isLessThan(Figures.of("bake.custard-weeps"));
        assertThat(Figures.of("budgets.salt-low")).isLessThan(Figures.of("budgets.salt-high"));
        assertThat(Figures.whole("meal.out-of-fridge")).isEqualTo(120);
        assertThatExceptionOfType(CatalogueException.class).isThrownBy(() -> Figures.of("bake.no-such"));
    }

    @Test
    void everyFigureIsCountedOnAndEveryOneCountedOnIsThere() throws IOException {
        Set<String> asked = new TreeSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                ASKED.matcher(Files.readString(file)).results().forEach(m -> asked.add(m.group(1)));
            }
        }
        assertThat(asked).containsExactlyInAnyOrderElementsOf(Figures.names());
    }
}
