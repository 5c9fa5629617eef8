package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.junit.jupiter.api.Test;

/** One line of butter that becomes oil here and a block there: its shares are the whole of each. */
class PartWordsTest {
    private static final String RECIPE = """
            Hash brown bake
            1 kg frozen hash browns, thawed
            300 g sour cream
            100 g butter, melted, divided
            1 onion, minced
            60 g cornflakes, crushed

            Mix everything but the cornflakes and half of the butter. Put into a greased 30 x 20 cm dish.
            Toss the cornflakes with the other half of the butter and scatter over.
            Bake at 180C for 45 minutes.
            """;

    private static String words(Need need) {
        Kitchen kitchen = Kitchen.of(new Needs(Set.of(need), Set.of(), false));
        return Conversions.of(RECIPE, kitchen).procedure().components().stream()
                .flatMap(p -> p.steps().stream())
                .map(PlannedProcedure.Work::words)
                .collect(Collectors.joining(" | "));
    }

    @Test
    void aShareOfWhatBecameTwoThingsIsAllOfOneOfThem() {
        assertThat(words(Need.DAIRY_FREE))
                .contains("everything but the cornflakes and the olive oil")
                .contains("Toss the cornflakes with the olive oil")
                .doesNotContain("half of");
    }

    @Test
    void aShareOfWhatStayedOneThingStands() {
        assertThat(words(Need.NUT_FREE)).contains("half of the butter").contains("the other half of the butter");
        assertThat(List.of(words(Need.EGG_FREE))).containsExactly(words(Need.NUT_FREE));
    }
}
