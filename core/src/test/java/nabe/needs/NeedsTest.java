package nabe.needs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import org.junit.jupiter.api.Test;

class NeedsTest {
    private static final Larder LARDER = Larder.load();

    private static Judgement judge(String ingredient, boolean strict, Need... needs) {
        return new Needs(Set.of(needs), Set.of(), strict).judge(LARDER.get(ingredient));
    }

    @Test
    void dairyFreeIsNotEggFreeAndVeganIsBoth() {
        assertThat(judge("egg", false, Need.DAIRY_FREE).fits()).isTrue();
        assertThat(judge("egg", false, Need.VEGAN).fits()).isFalse();
        assertThat(judge("butter", false, Need.EGG_FREE).fits()).isTrue();
        assertThat(judge("honey", false, Need.VEGAN).fits()).isFalse();
        assertThat(judge("honey", false, Need.VEGETARIAN).fits()).isTrue();
    }

    @Test
    void oatsAreShutOutOfGlutenFreeUntilAClaimIsMade() {
        assertThat(judge("rolled-oats", false, Need.GLUTEN_FREE).fits()).isFalse();
        assertThat(new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true)
                        .judge(LARDER.get("rolled-oats"), List.of("gluten-free"))
                        .fits())
                .isTrue();
    }

    @Test
    void tracesMatterOnlyWhenStrict() {
        assertThat(judge("lentils-dry", true, Need.GLUTEN_FREE).traces()).contains("wheat");
        assertThat(judge("lentils-dry", false, Need.GLUTEN_FREE).needsLabel()).isFalse();
    }

    @Test
    void whatSomeMakersAddAsksForTheLabel() {
        Judgement cube = judge("chicken-stock-cube", false, Need.GLUTEN_FREE);
        assertThat(cube.fits()).isTrue();
        assertThat(cube.labelAdvice("stock cube")).startsWith("Check the label").contains("wheat");
        assertThat(judge("red-wine", false, Need.VEGAN).maybe()).isNotEmpty();
    }

    @Test
    void rennetMattersToVegetarians() {
        assertThat(judge("parmesan", false, Need.VEGETARIAN).needsLabel()).isTrue();
    }

    @Test
    void nutFreeMeansTreeNutsAndPeanuts() {
        assertThat(Need.NUT_FREE.forbids())
                .contains(Allergen.PEANUT, Allergen.ALMOND, Allergen.PINE)
                .doesNotContain(Allergen.SESAME);
        assertThat(judge("coconut-milk", true, Need.NUT_FREE).fits()).isTrue();
    }
}
