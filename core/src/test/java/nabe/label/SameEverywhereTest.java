package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import nabe.larder.Larder;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The JDK shuffles its sets anew in every process; the same text must give the same answer all the same. */
class SameEverywhereTest {
    private static final int PROCESSES = 3;

    /** Prints one line that stands for every answer to every label of the corpora. */
    public static final class Answers {
        public static void main(String[] args) throws IOException {
            LabelReader reader = new LabelReader(Larder.load());
            StringBuilder all = new StringBuilder();
            for (String file : List.of("labels.csv", "labels-hard.csv")) {
                try (InputStream corpus = Answers.class.getResourceAsStream("/corpus/" + file)) {
                    String text = new String(corpus.readAllBytes(), StandardCharsets.UTF_8);
                    text.lines()
                            .skip(1)
                            .forEach(line -> all.append(reader.read(line.substring(0, line.lastIndexOf('|')))));
                }
            }
            System.out.println(all.length() + " " + all.toString().hashCode());
        }
    }

    @Tag("sweep")
    @Test
    void anyProcessAnswersAlike() throws Exception {
        List<Process> running = new ArrayList<>();
        for (int i = 0; i < PROCESSES; i++) {
            running.add(new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            Answers.class.getName())
                    .start());
        }
        List<String> answers = new ArrayList<>();
        for (Process process : running) {
            answers.add(new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip());
            assertThat(process.waitFor()).isZero();
        }
        assertThat(answers).allMatch(a -> a.matches("\\d{4,} -?\\d+")).containsOnly(answers.getFirst());
    }
}
