package nabe.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.measure.AmountStyle;
import nabe.measure.Spoons;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.junit.jupiter.api.Test;

class HouseTest {
    private static final Larder LARDER = Larder.load();
    private static final Person COELIAC = new Person("w", "Wenna", Set.of(Need.GLUTEN_FREE), Set.of(), true, false);
    private static final Person OATS_FINE =
            new Person("o", "Osk", Set.of(Need.GLUTEN_FREE), Set.of(Allergen.SESAME), false, true);

    private static House house(Set<String> lacks, Set<String> apart, Person... people) {
        return new House(List.of(people), Schools.usual(), lacks, apart, Spoons.US, AmountStyle.BOTH);
    }

    @Test
    void theStricterOfTwoIsCookedFor() {
        Needs both = house(Set.of(), Set.of(), COELIAC, OATS_FINE).needsOf(List.of("w", "o"));
        assertThat(both.strict()).isTrue();
        assertThat(both.avoid()).containsExactly(Allergen.SESAME);
        assertThat(house(Set.of(), Set.of(), COELIAC).needsOf(List.of("nobody")).isEmpty())
                .isTrue();
    }

    @Test
    void certifiedOatsAreForThoseWhoStandThem() {
        House house = house(Set.of(), Set.of(), COELIAC, OATS_FINE);
        assertThat(house.needsOf(List.of("o")).judge(LARDER.get("gf-oats")).fits())
                .isTrue();
        assertThat(house.needsOf(List.of("w", "o")).judge(LARDER.get("gf-oats")).fits())
                .isFalse();
    }

    @Test
    void aToolIsMissingOrKeptApartNotBoth() {
        assertThatThrownBy(() -> house(Set.of("blender"), Set.of("blender")))
                .hasMessageContaining("both missing and kept apart");
        assertThatThrownBy(() -> house(Set.of("cauldron"), Set.of())).hasMessageContaining("must be one of");
        assertThatThrownBy(() -> house(Set.of(), Set.of(), COELIAC, COELIAC)).hasMessageContaining("same id");
        assertThatThrownBy(() -> new Person("x", " ", Set.of(), Set.of(), false, false))
                .hasMessageContaining("name");
    }

    @Test
    void whatWashesCleanIsKnownOfEveryTool() {
        assertThat(Tool.ofId("colander").cleans()).isFalse();
        assertThat(Tool.ofId("wooden-spoon").cleans()).isFalse();
        assertThat(Tool.ofId("saucepan").cleans()).isTrue();
    }

    @Test
    void aDishAnswersOverItsHouse() {
        Schools house = new Schools(Map.of("cover", "sealed", "nuts", "overnight"));
        Schools dish = house.with(Map.of("cover", "open"));
        assertThat(dish.answer("cover")).isEqualTo("open");
        assertThat(dish.answer("nuts")).isEqualTo("overnight");
        assertThat(dish.answer("salt")).isEqualTo("total");
        assertThat(dish.chose("salt", "total")).isFalse();
        assertThatThrownBy(() -> new Schools(Map.of("weather", "fine"))).hasMessageContaining("must be one of");
        assertThatThrownBy(() -> new Schools(Map.of("cover", "sideways"))).hasMessageContaining("two-phases");
    }

    @Test
    void everyQuestionHasADefaultAndAReason() {
        assertThat(Schools.questions()).hasSize(14).allSatisfy(q -> {
            assertThat(q.answers()).hasSizeGreaterThan(1);
            assertThat(q.why()).isNotBlank();
            assertThat(Schools.usual().answer(q.id()))
                    .isEqualTo(q.answers().getFirst().id());
        });
    }
}
