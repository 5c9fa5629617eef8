package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.needs.Needs;
import org.junit.jupiter.api.Test;

/** What stands twice on the cook's list is bought once, by a name the cook knows. */
class CommonNamesTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static List<String> bought(String... lines) {
        String text = "Pie\n\n" + String.join("\n", lines)
                + "\n\nMix everything, put into a greased 30 x 20 cm dish and bake at 180C for 40 minutes.";
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), Needs.none())).ingredients().stream()
                .map(ShoppingItem::item)
                .toList();
    }

    @Test
    void theFullerOfTwoNamesIsBought() {
        assertThat(bought("200 g all-purpose flour", "30 g flour", "500 g potatoes"))
                .contains("all-purpose flour")
                .doesNotContain("flour");
        assertThat(bought("100 g mature cheddar", "50 g cheddar", "500 g potatoes"))
                .contains("cheddar");
    }

    @Test
    void iceIsNotBoughtForTheStock() {
        assertThat(bought("60 ml ice water", "400 ml water", "100 g cold butter", "20 g butter", "500 g potatoes"))
                .contains("water", "butter")
                .doesNotContain("ice water", "cold butter");
    }

    @Test
    void whatGoesIntoTwoPotsIsBoughtAsItsLineCountsIt() {
        String text = """
                Shells
                3 cloves garlic, minced
                500 g ricotta
                400 g tin tomatoes
                250 g pasta shells
                Method
                Simmer the tomatoes with 2 of the garlic cloves for 15 minutes. Mix the ricotta with the remaining garlic.
                Boil the shells for 8 minutes. Spread the sauce in a 2 litre dish, then the shells and the ricotta.
                Bake at 190C for 25 minutes.
                """;
        assertThat(PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), Needs.none()))
                        .ingredients())
                .filteredOn(i -> i.item().equals("garlic"))
                .extracting(ShoppingItem::display)
                .containsExactly("3 cloves (9 g)");
    }
}
