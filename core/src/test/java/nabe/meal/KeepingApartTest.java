package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import nabe.larder.Allergen;
import nabe.meal.MealTask.Hands;
import nabe.meal.MealTask.Held;
import nabe.meal.MealTask.InOven;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Timelines written by hand in corpus/timelines.txt: every breach found, none invented. */
class KeepingApartTest {
    private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 6, 12, 0);

    static Stream<String> cases() throws IOException {
        try (InputStream in = KeepingApartTest.class.getResourceAsStream("/corpus/timelines.txt")) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^case ")).skip(1);
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void findsEveryBreachAndInventsNone(String written) {
        List<MealTask> tasks = new ArrayList<>();
        Set<String> expected = new TreeSet<>();
        boolean fan = false;
        for (String line : written.lines().skip(1).toList()) {
            if (line.startsWith("!")) {
                expected.add(line.substring(2));
            } else if (line.equals("fan")) {
                fan = true;
            } else if (!line.isBlank()) {
                tasks.add(task(line));
            }
        }
        Set<String> found = new TreeSet<>();
        KeepingApart.breaches(tasks, List.of(new Meal.Oven(3, fan)))
                .forEach(b ->
                        found.add(b.task() + " " + b.tool() + " " + b.allergen().word()));
        assertThat(found).as(written).isEqualTo(expected);
    }

    private static MealTask task(String line) {
        List<String> words = new ArrayList<>(List.of(line.strip().split(" ")));
        boolean wash = words.removeFirst().equals("wash");
        String id = wash ? "wash" : words.removeFirst();
        String[] span = words.removeFirst().split("-");
        LocalDateTime from = NOON.plusMinutes(Integer.parseInt(span[0]));
        LocalDateTime to = NOON.plusMinutes(Integer.parseInt(span[1]));
        Set<Allergen> handles = EnumSet.noneOf(Allergen.class);
        Set<Allergen> guards = EnumSet.noneOf(Allergen.class);
        List<Held> tools = new ArrayList<>();
        InOven oven = null;
        for (String word : words) {
            if (word.startsWith("+") || word.startsWith("-")) {
                Stream.of(Allergen.values())
                        .filter(a -> a.word().equals(word.substring(1)))
                        .forEach(word.startsWith("+") ? handles::add : guards::add);
            } else if (word.contains(":")) {
                String item = word.substring(0, word.indexOf(':'));
                tools.add(new Held(
                        item, item, word.substring(word.indexOf(':') + 1).replace("(no)", ""), !word.endsWith("(no)")));
            } else if (word.equals("oven")) {
                int at = words.indexOf("oven");
                oven = new InOven(
                        0,
                        Integer.parseInt(words.get(at + 1)),
                        180,
                        words.get(at + 2).equals("lid"));
            }
        }
        return MealTaskBuilder.builder()
                .id(id)
                .dishes(List.of(0))
                .words(id)
                .action("work")
                .hands(List.of(new Hands(words.contains("c2") ? 2 : 1, from, to)))
                .from(from)
                .to(to)
                .tools(tools)
                .surface(words.contains("away") ? null : "worktop")
                .burner(words.contains("hob"))
                .oven(oven)
                .handles(handles)
                .guards(guards)
                .after(List.of())
                .wash(wash)
                .flour(words.contains("flour"))
                .build();
    }
}
