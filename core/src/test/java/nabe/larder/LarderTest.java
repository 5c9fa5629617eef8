package nabe.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LarderTest {
    private static final Larder LARDER = Larder.load();

    @Test
    void everyCompositionAddsUpToItsHundredGrams() {
        for (Ingredient i : LARDER.all()) {
            Composition c = i.composition();
            double sum = c.water() + c.protein() + c.fat() + c.carbohydrate() + c.ash();
            // Alcohol (vanilla extract too) and vinegar's acid stand outside these; table salt's ash is all of it.
            boolean outside = i.name().endsWith("extract") && i.role().equals("condiment")
                    || i.roles().contains("wine")
                    || i.roles().contains("acid")
                    || i.roles().contains("leavening")
                    || i.roles().contains("beer");
            assertThat(sum).as(i.id()).isLessThan(106);
            if (!outside) {
                assertThat(sum).as(i.id()).isGreaterThan(90);
            }
        }
    }

    @Test
    void everyAnimalAllergenStandsOnAnAnimalOrigin() {
        for (Ingredient i : LARDER.all()) {
            boolean fromMilk =
                    i.allergens().contains(Allergen.MILK) || i.allergens().contains(Allergen.EGG);
            assertThat(fromMilk && i.origin().isVegan())
                    .as(i.id() + " holds milk or egg but is said to be plant")
                    .isFalse();
        }
    }

    @Test
    void everythingFromAnAnimalSaysSo() {
        var animal = java.util.Set.of(
                "mince",
                "poultry-mince",
                "meat",
                "poultry",
                "poultry-cooked",
                "cured-meat",
                "sausage",
                "animal-fat",
                "fish",
                "fish-cooked",
                "shellfish",
                "anchovy",
                "fish-sauce",
                "gelatine",
                "honey",
                "milk-powder",
                "sour-milk",
                "crumbly-cheese",
                "egg-yolk",
                "egg-white");
        var homeMade = java.util.Set.of("mushroom-lentil-mince", "tofu-feta", "seed-feta");
        for (Ingredient i : LARDER.all()) {
            boolean says = !i.origin().isVegan();
            boolean standIn = i.name().startsWith("plant-based")
                    || i.make().kind().startsWith("plant-")
                    || homeMade.contains(i.id());
            assertThat(says || standIn || i.roles().stream().noneMatch(animal::contains))
                    .as(i.id() + " must not be plant")
                    .isTrue();
        }
    }

    @Test
    void everyNameAndAliasFindsAnIngredient() {
        for (Ingredient i : LARDER.all()) {
            assertThat(LARDER.match(i.name()))
                    .as(i.name())
                    .hasValueSatisfying(m -> assertThat(m.ingredient()).isEqualTo(i));
            for (String alias : i.aliases()) {
                assertThat(LARDER.match(alias)).as(alias).isPresent();
            }
        }
        assertThat(LARDER.all()).hasSizeGreaterThan(400);
    }

    @ParameterizedTest
    @CsvSource({
        "chicken stock, chicken-stock",
        "boneless skinless chicken thighs, chicken",
        "butter beans, cannellini",
        "coconut milk, coconut-milk",
        "peanut butter, peanut-butter",
        "freshly grated parmesan cheese, parmesan",
        "butternut squash, butternut",
        "mozarella, mozzarella",
        "parmesean, parmesan",
        "zuchini, courgette",
        "Crème Fraîche, creme-fraiche",
        "lamb mince, ground-lamb",
        "glutinous rice flour, sweet-rice-flour",
        "cream of mushroom soup, mushroom-soup",
        "buckwheat flour, buckwheat-flour",
        "oat milk, oat-drink",
        "vegan butter, plant-block"
    })
    void theLongestNameWinsAndASlipIsForgiven(String words, String id) {
        assertThat(LARDER.match(words).orElseThrow().ingredient().id()).isEqualTo(id);
    }

    @Test
    void piecesSayWhereTheirWeightComesFrom() {
        assertThat(LARDER.get("onion").pieces().get("each").source()).startsWith("USDA SR24 ndb:");
        assertThat(LARDER.get("cannelloni").pieces().get("each").source()).isEqualTo("kitchen practice");
        assertThat(LARDER.get("butter").gramsPerMl().orElseThrow()).isCloseTo(227 / 236.6, within(0.01));
    }

    @Test
    void saltFollowsSodium() {
        assertThat(LARDER.get("parmesan").composition().saltGramsPer100()).isBetween(1.6, 4.2);
        assertThat(LARDER.get("soy-sauce").composition().saltGramsPer100()).isBetween(13.0, 17.0);
    }

    @Test
    void slipsCountLettersAddedLostChangedAndSwapped() {
        assertThat(List.of(
                        Slips.between("parsley", "parlsey", 2),
                        Slips.between("garlic", "garlick", 2),
                        Slips.between("leek", "leek", 2)))
                .containsExactly(1, 1, 0);
        assertThat(Slips.between("cream", "cinnamon", 2)).isGreaterThan(2);
    }

    @ParameterizedTest
    @CsvSource({
        "smoky tofu block, smoked-tofu",
        "organic kamut semolina grits, semolina",
        "sourdough rye crispbred, crispbreads",
        "gorgonzolla dolce, gorgonzola"
    })
    void wordsThatNameNothingComeNearToWhatTheyMean(String words, String id) {
        assertThat(LARDER.nearest(words))
                .hasSizeLessThan(4)
                .extracting(Ingredient::id)
                .contains(id);
    }

    @Test
    void wordsLikeNothingComeNearToNothing() {
        assertThat(LARDER.nearest("zibbik")).isEmpty();
    }
}
