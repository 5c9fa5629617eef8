package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import nabe.recipe.PanSize;
import org.junit.jupiter.api.Test;

class PanTest {
    @Test
    void straightPansHoldBaseTimesDepth() {
        assertThat(Pan.rectangle(300, 200, 50, Material.GLASS).litres()).isCloseTo(3.0, within(1e-9));
        assertThat(Pan.round(200, 50, Material.CERAMIC).litres()).isCloseTo(Math.PI * 0.5, within(0.02));
        assertThat(new Pan(Shape.OVAL, 320, 230, 60, Material.CERAMIC).litres())
                .isCloseTo(Math.PI * 1.6 * 1.15 * 0.6, within(0.02));
    }

    /** A cone cut off: pi h (R² + R r + r²) / 3; a trough of slanting sides: the prismatoid formula. */
    @Test
    void taperedPansHoldWhatAFrustumHolds() {
        Pan pie = new Pan(Shape.ROUND, 250, 250, 45, Material.METAL, 210, 210, 1);
        assertThat(pie.litres())
                .isCloseTo(Math.PI * 0.45 * (1.25 * 1.25 + 1.25 * 1.05 + 1.05 * 1.05) / 3, within(0.02));
        Pan tin = new Pan(Shape.RECTANGLE, 230, 130, 70, Material.METAL, 210, 110, 1);
        assertThat(tin.volumeTo(70)).isCloseTo(70 / 6.0 * (230 * 130 + 210 * 110 + 4 * 220 * 120), within(1.0));
    }

    @Test
    void heightAndVolumeAreEachOthersInverse() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            int length = 120 + random.nextInt(300);
            int width = 100 + random.nextInt(Math.max(1, length - 100));
            Pan pan = new Pan(
                    Shape.values()[random.nextInt(3)],
                    length,
                    width,
                    30 + random.nextInt(80),
                    Material.GLASS,
                    length - random.nextInt(40),
                    width - random.nextInt(30),
                    1 + random.nextInt(4));
            double height = random.nextDouble() * pan.depthMm() * 1.2;
            assertThat(pan.heightOf(pan.volumeTo(height)))
                    .as("%s at %s", pan, height)
                    .isCloseTo(height, within(0.01));
            assertThat(pan.volumeTo(height)).isLessThanOrEqualTo(pan.volumeTo(height + 1));
        }
    }

    @Test
    void severalSmallOnesCountTogether() {
        Pan one = new Pan(Shape.ROUND, 120, 120, 50, Material.CERAMIC, 120, 120, 1);
        Pan six = new Pan(Shape.ROUND, 120, 120, 50, Material.CERAMIC, 120, 120, 6);
        assertThat(six.litres()).isCloseTo(6 * one.litres(), within(1e-9));
        assertThat(six.openM2()).isCloseTo(6 * one.openM2(), within(1e-9));
        assertThat(six.heightOf(one.volumeTo(30) * 6)).isCloseTo(30, within(0.01));
    }

    @Test
    void everyPanOfTheLibraryIsOneAKitchenHas() {
        assertThat(Pans.library())
                .extracting(Pans.Named::name)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(10);
        assertThat(Pans.library())
                .allSatisfy(named ->
                        assertThat(named.pan().litres()).as(named.name()).isBetween(0.9, 12.0));
        for (double litres = 0.3; litres < 6; litres += 0.1) {
            assertThat(Pans.smallest(litres).litres()).isGreaterThan(litres);
        }
    }

    /** What a recipe calls a 2-litre dish takes the recipe, and is none twice as large. */
    @Test
    void aDishToldByItsLitresTakesTheFoodInItsUsualDepth() {
        PanSize said = new PanSize("rectangle", null, null, null, null, 2.0, null);
        for (double food = 0.5; food < 2.6; food += 0.1) {
            Pan pan = Pans.choose(null, said, food, false);
            assertThat(pan.litres()).isBetween(1.9, 3.7);
            assertThat(pan.litres()).isGreaterThan(food);
            assertThat(Pans.library())
                    .anyMatch(named -> named.pan().depthMm() == pan.depthMm()
                            && named.pan().lengthMm() == pan.lengthMm());
        }
    }

    @Test
    void aBaseWiderThanItsRimIsRefused() {
        assertThatThrownBy(() -> new Pan(Shape.ROUND, 200, 200, 50, Material.METAL, 220, 220, 1))
                .hasMessageContaining("no larger than its rim");
        assertThatThrownBy(() -> new Pan(Shape.ROUND, 200, 200, 50, Material.METAL, 200, 200, 40))
                .hasMessageContaining("between 1 and 24");
    }
}
