package nabe.reading;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Recipe texts with what a careful cook understood from them, under {@code /readings}. */
record Readings(String name, String text, JsonNode answer) {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** @param shelf "practice" or "own" */
    static List<Readings> of(String shelf) {
        try (Stream<Path> files = Files.list(
                Path.of(Readings.class.getResource("/readings/" + shelf).toURI()))) {
            return files.filter(f -> f.toString().endsWith(".json"))
                    .sorted()
                    .map(Readings::open)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Readings open(Path answer) {
        String name = answer.getFileName().toString().replace(".json", "");
        try {
            String text = Files.readString(answer.resolveSibling(name + ".txt"));
            return new Readings(name, text, JSON.readTree(Files.readString(answer)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
