package nabe.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.house.Schools;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.junit.jupiter.api.Test;

/** The catalogue holds together, and a file that does not says where. */
class CatalogueTest {
    private static final Larder LARDER = Larder.load();
    private static final ComponentBook COMPONENTS = new ComponentBook(LARDER);

    @Test
    void aFileThatDoesNotHoldTogetherSaysWhere() {
        assertThatThrownBy(() -> ListCatalogue.read("unknown-key.json5", Schools.Question[].class))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining("unknown-key.json5")
                .hasMessageContaining("4")
                .hasMessageContaining("colour");
        assertThatThrownBy(() -> ListCatalogue.read("nowhere.json5", Schools.Question[].class))
                .hasMessageContaining("missing");
        assertThatThrownBy(() -> CatalogueFile.open("nowhere.csv")).hasMessageContaining("missing");
        assertThatThrownBy(() -> CatalogueFile.open("uneven.csv", "id", "name"))
                .hasMessageContaining("uneven.csv")
                .hasMessageContaining("line 4")
                .hasMessageContaining("as many cells");
    }

    @Test
    void aCellWithoutItsNumberSaysWhere() {
        CatalogueFile words = CatalogueFile.open("no-number.csv", "id", "grams");
        assertThatThrownBy(() -> words.number(words.rows().getFirst(), "grams"))
                .hasMessageContaining("line 2")
                .hasMessageContaining("a dozen");
        assertThatThrownBy(() -> words.number(words.rows().get(1), "grams"))
                .hasMessageContaining("line 3")
                .hasMessageContaining("grams");
        assertThat(words.numberOr(words.rows().get(1), "grams", 7)).isEqualTo(7);
    }

    @Test
    void aColumnThatNothingReadsOrThatIsMissingIsAnError() {
        assertThatThrownBy(() -> CatalogueFile.open("no-number.csv", "id"))
                .hasMessageContaining("no-number.csv")
                .hasMessageContaining("Nothing reads the column (grams)");
        assertThatThrownBy(() -> CatalogueFile.open("no-number.csv", "id", "grams", "litres"))
                .hasMessageContaining("The column (litres) is missing");
    }

    @Test
    void whatIsReadAlongsideThrowsWhereItIsAskedFor() {
        assertThat(new Alongside<>(() -> 7).get()).isEqualTo(7);
        Alongside<Object> bad = new Alongside<>(() -> {
            throw new CatalogueException("a.csv", "b", "Bad.");
        });
        assertThatThrownBy(bad::get).isInstanceOf(CatalogueException.class).hasMessageContaining("a.csv");
    }

    @Test
    void everyComponentRecipeYieldsNoMoreThanGoesIn() {
        assertThat(COMPONENTS.all())
                .hasSizeGreaterThanOrEqualTo(60)
                .extracting(ComponentRecipe::id)
                .doesNotHaveDuplicates();
        for (ComponentRecipe recipe : COMPONENTS.all()) {
            double in = recipe.of().values().stream().mapToDouble(d -> d).sum();
            assertThat(in).as(recipe.id()).isPositive();
            assertThat(recipe.of().keySet())
                    .as(recipe.id())
                    .allSatisfy(id -> assertThat(LARDER.find(id)).isPresent())
                    .doesNotContain(recipe.makes());
            assertThat(COMPONENTS.making(LARDER.get(recipe.makes()))).contains(recipe);
        }
    }

    /** A made row fits a need only if everything in some recipe of it does. */
    @Test
    void noHomeMadeThingPromisesMoreThanItsParts() {
        for (ComponentRecipe recipe : COMPONENTS.all()) {
            for (Need need : Need.values()) {
                Needs needs = new Needs(Set.of(need), Set.of(), false);
                if (needs.judge(LARDER.get(recipe.makes())).fits()) {
                    assertThat(recipe.of().keySet())
                            .as("%s promises %s", recipe.id(), need)
                            .allSatisfy(
                                    id -> assertThat(needs.judge(LARDER.get(id)).fits())
                                            .isTrue());
                }
            }
        }
    }

    @Test
    void rolesAreSharedOrMeant() {
        Map<String, List<String>> byRole = LARDER.all().stream()
                .collect(Collectors.groupingBy(
                        Ingredient::role, Collectors.mapping(Ingredient::id, Collectors.toList())));
        assertThat(byRole.get("flour")).contains("plain-flour").hasSizeGreaterThan(3);
        assertThat(byRole.get("starch")).contains("maize-starch");
        Thickeners thickeners = new Thickeners();
        for (String role : List.of("flour", "starch")) {
            byRole.get(role)
                    .forEach(id ->
                            assertThat(thickeners.of(LARDER.get(id))).as(id).isPositive());
        }
    }

    @Test
    void propertiesStandInTheirRanges() {
        Properties properties = new Properties(LARDER);
        for (Ingredient i : LARDER.all()) {
            properties
                    .mid(i, "absorption")
                    .ifPresent(drinks -> assertThat(drinks).as(i.id()).isBetween(0.0, 400.0));
            properties
                    .mid(i, "swelling")
                    .ifPresent(swells -> assertThat(swells).as(i.id()).isBetween(0.0, 60.0));
        }
    }
}
