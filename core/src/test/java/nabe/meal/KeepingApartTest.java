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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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

    @ParameterizedTest
    @CsvSource({"spoon:wood(no), OWN_TOOL, wood", "spoon:steel, WASH, spoon", "board:wood(no), OWN_TOOL, board"})
    void whatIsSaidOfAToolTellsWhetherWashingHelps(String tool, Breach.Way first, String named) {
        List<MealTask> tasks = List.of(task("t a 0-10 away +wheat " + tool), task("t b 20-30 away c2 -wheat " + tool));
        assertThat(breaches(tasks)).singleElement().satisfies(b -> {
            assertThat(b.from()).isEqualTo("a");
            assertThat(b.ways().getFirst()).isEqualTo(first);
            assertThat(b.mend()).contains(named);
        });
    }

    @Test
    void handsAndWorktopAreNamedAsWhatTheyAre() {
        assertThat(breaches(List.of(task("t a 0-10 away +wheat"), task("t b 20-30 away -wheat"))))
                .singleElement()
                .satisfies(b -> assertThat(b.mend()).contains("hands"));
        assertThat(breaches(List.of(task("t a 0-10 +wheat"), task("t b 20-30 c2 -wheat"))))
                .singleElement()
                .satisfies(b -> assertThat(b.mend()).contains("worktop"));
    }

    /** Washing between mends what washes clean; what is in use elsewhere meanwhile is not washed. */
    @Test
    void aToolInUseStaysAsItIs() {
        MealTask dirty = task("t a 0-10 away +wheat spoon:steel");
        MealTask wash = task("wash 12-15 away c2 spoon:steel");
        MealTask strict = task("t b 30-40 away c2 -wheat spoon:steel");
        MealTask stillIn = task("t c 11-25 away spoon:steel");
        assertThat(breaches(List.of(dirty, wash, strict))).isEmpty();
        assertThat(breaches(List.of(dirty, stillIn, wash, strict))).isNotEmpty();
    }

    /** A dish guarded from what it handles itself is no breach of its own in the oven. */
    @Test
    void nothingFallsOnItself() {
        assertThat(breaches(List.of(task("t a 0-30 away +milk -milk oven 1 open"))))
                .isEmpty();
    }

    private static List<Breach> breaches(List<MealTask> tasks) {
        return KeepingApart.breaches(tasks, List.of(new Meal.Oven(3, false)));
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
