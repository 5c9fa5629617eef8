package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whole conversions stay as they were read and found right. */
class ToldConversionTest {
    static Stream<String> recipes() {
        return ToldConversion.cases().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void isToldAsItWasFoundRight(String name) throws IOException {
        assertThat(ToldConversion.of(name, ToldConversion.cases().get(name)))
                .isEqualTo(Files.readAllLines(ToldConversion.KEPT.resolve(name + ".told")));
    }
}
