package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.recipe.Part;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Vessel;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a pot is called once things in it changed: by what is in it, never by what is gone. */
class PotNameTest {
    private static final Larder LARDER = Larder.load();

    private static ConvertedLine line(String id, double grams, boolean swapped) {
        return ConvertedLineBuilder.builder()
                .item(LARDER.get(id).name())
                .ingredient(LARDER.get(id))
                .grams(grams)
                .part(Part.FILLING)
                .swapped(swapped)
                .build();
    }

    /** "olive-oil 30, tofu-firm 400 swapped". */
    private static List<ConvertedLine> lines(String written) {
        return Arrays.stream(written.split(", "))
                .map(w -> w.split(" "))
                .map(w -> line(w[0], Double.parseDouble(w[1]), w.length > 2))
                .toList();
    }

    private static String name(String was, Kind kind, String written) {
        List<ConvertedLine> lines = lines(written);
        List<Of> of = IntStream.range(0, lines.size())
                .mapToObj(i -> new Of(i, null, 1))
                .toList();
        return PotName.of(new Vessel("c1", "c1", was, kind, of, List.of()), lines);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // what is still there keeps its name
                "leek sauce | WHITE_SAUCE | leek 300, whole-milk 500 | Leek sauce",
                "mushroom filling | FILLING | mushroom 400, olive-oil 30 swapped | Mushroom filling",
                "filling | FILLING | tofu-firm 400 swapped, onion 100 | Filling",
                // what is gone is not named
                "beef filling | FILLING | cooked-lentils 400 swapped, onion 100 | Filling",
                "butter dough | CRUST | buckwheat-flour 300 swapped, olive-oil 60 swapped | Crust",
                // one thing laid as it is has its own name
                "mozzarella | MELTING_CHEESE | plant-shreds 200 swapped | Coconut-based melting shreds"
            })
    void aPotIsCalledByWhatIsInIt(String was, Kind kind, String written, String name) {
        assertThat(name(was, kind, written)).isEqualTo(name);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    @Test
    void waterIsNotWhatAPotIsCalledBy() {
        assertThat(name("chicken broth", Kind.BINDER, "water 500 swapped, tofu-silken 200 swapped"))
                .contains(capital(LARDER.get("tofu-silken").name()))
                .doesNotContainIgnoringCase("water");
    }

    @Test
    void pastaCarriesTheNameOfWhatCoatsIt() {
        String mostly = name("macaroni in sauce", Kind.FILLING, "gf-macaroni 900 swapped, olive-oil 20 swapped");
        String some = name("macaroni in sauce", Kind.FILLING, "gf-macaroni 300 swapped, passata 900 swapped");

        assertThat(mostly).isEqualTo(capital(LARDER.get("gf-macaroni").name()));
        assertThat(some).contains(capital(LARDER.get("gf-macaroni").name())).isNotEqualTo(mostly);
    }

    @Test
    void twoPotsOfOneNameAreToldApartByWhatThereIsMostOf() {
        Map<String, List<ConvertedLine>> in = new LinkedHashMap<>();
        in.put("a", lines("tofu-firm 400 swapped, onion 100"));
        in.put("b", lines("mushroom 300, water 500, onion 50"));
        in.put("c", lines("cheddar 200"));
        Map<String, String> names = new LinkedHashMap<>(Map.of("a", "Filling", "b", "Filling", "c", "Topping"));

        Map<String, String> apart = PotName.apart(names, in::get);

        assertThat(apart.get("a")).isEqualTo("Firm tofu filling");
        assertThat(apart.get("b")).isEqualTo("Mushroom filling");
        assertThat(apart.get("c")).isEqualTo("Topping");
    }
}
