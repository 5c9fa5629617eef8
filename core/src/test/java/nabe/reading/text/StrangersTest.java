package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.recipe.Line;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a line names that nobody knows, beside what is known. */
class StrangersTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    private static List<Line> linesOf(String line) {
        return READER
                .read("Bake\n\nIngredients\n400 g penne\n" + line + "\n300 ml passata\n\nMethod\n1. Mix and bake.")
                .lines()
                .stream()
                .filter(l -> !l.text().equals("400 g penne") && !l.text().equals("300 ml passata"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "frumble, pepper and nutmeg | frumble",
                "salt, frumble and pepper | frumble",
                "salt, pepper and frumble | frumble",
                "pepper, frumble | frumble",
                "grated frumble and parmesan, to serve | grated frumble",
                "200 g mushrooms and frumble, sliced | frumble",
                "1 tbsp each cumin, frumble and paprika | frumble",
                "1 tin tomatoes plus a good glug of frumble | frumble",
                "250 g ricotta mixed with 50 g frumble | 50 g frumble",
                "500 g penne (cooked, with frumble and parsley) | frumble",
                "parsley and peppr | peppr",
            })
    void isNamedBesideTheRest(String line, String unknown) {
        assertThat(linesOf(line)).singleElement().satisfies(l -> {
            assertThat(l.ingredient()).isNotNull();
            assertThat(l.unknown()).containsExactly(unknown);
            assertThat(l.doubt()).contains(unknown);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 frumble, 2 carrots and 2 celery sticks | 1 frumble",
                "2 tsp cumin, 1 tbsp frumble | 1 tbsp frumble",
                "1 frumble + 1 yolk | 1 frumble",
                "For the batter: 140g plain flour, 4 frumble, 200ml milk | 4 frumble",
                "100 g frumble; 2 eggs; salt | 100 g frumble",
                "1 frumble, halved, and 2 bay leaves | 1 frumble, halved",
            })
    void isALineOfItsOwnWhereItHasAnAmount(String line, String own) {
        assertThat(linesOf(line))
                .filteredOn(l -> l.ingredient() == null)
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.text()).isEqualTo(own);
                    assertThat(l.amount()).isNotNull();
                });
        assertThat(linesOf(line)).allSatisfy(l -> assertThat(l.unknown()).isEmpty());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 1/2 pounds frumble (or half pork)",
                "1 frumble (450 g shortcrust)",
                "2 tins frumble in spring water",
                "300 g chicken dumplings",
            })
    void isNotTakenForWhatIsSaidOfIt(String line) {
        assertThat(linesOf(line))
                .singleElement()
                .satisfies(l -> assertThat(l.ingredient()).isNull());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 kg boneless, skinless chicken thighs",
                "100 g vintage, extra mature cheddar",
                "4 potatoes, 2 cm thick slices",
                "2 carrots, 1 grated",
                "1 onion, half moons",
                "1 cauliflower, broken into small florets, core and leaves kept",
                "2 eggs, lightly beaten with a pinch of salt",
                "1 double pie crust (450 g shortcrust)",
                "salt and a generous grind of black pepper",
                "12 lasagna sheets, the no-boil kind",
                "80 g kefalotyri or parmesan, grated",
            })
    void isNoWordThatOnlyDescribes(String line) {
        assertThat(linesOf(line)).singleElement().satisfies(l -> {
            assertThat(l.ingredient()).isNotNull();
            assertThat(l.unknown()).isEmpty();
        });
    }

    @Test
    void isSettledWhereTheCookSaysWhatTheLineIs() {
        Line line = linesOf("vintege, strong cheddar").getFirst();
        assertThat(line.unknown()).containsExactly("vintege");
        assertThat(READER.readLineAs(line, line.ingredient()).unknown()).isEmpty();
    }
}
