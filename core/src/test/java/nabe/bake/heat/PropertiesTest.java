package nabe.bake.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What foods, ovens and cooking are made of, against known figures. */
class PropertiesTest {
    private static final List<Foodstuff> FOODS = List.of(Dishes.SAUCE, Dishes.FILLING, Dishes.SHEET, Dishes.CHEESE);

    @Test
    void temperatureAndHeatAreEachOthersInverse() {
        for (Foodstuff food : FOODS) {
            ThermalTable table = new ThermalTable(food, 0);
            for (double t = -29; t < 160; t += 0.37) {
                assertThat(table.celsius(table.enthalpy(t))).isCloseTo(t, within(1e-6));
                assertThat(table.enthalpy(t + 0.37)).isGreaterThan(table.enthalpy(t));
                assertThat(table.conductivity(t)).isBetween(0.05, 2.5);
            }
            assertThat(table.after(20, table.enthalpy(50) - table.enthalpy(20))).isCloseTo(50, within(1e-6));
        }
    }

    /** Heat from -30 to 20 °C is the sensible heat and that of the ice there was. */
    @Test
    void thawingTakesTheHeatOfItsIce() {
        for (Foodstuff food : FOODS) {
            double sensible = 0;
            for (double t = -29.95; t < 20; t += 0.1) {
                sensible += food.sensible(t) * 0.1;
            }
            double expected = food.packed() * (sensible + Foodstuff.MELTING * food.ice(-30));
            assertThat(new ThermalTable(food, 0).enthalpy(20)).isCloseTo(expected, within(0.02 * expected));
        }
    }

    @Test
    void waterFreezesBelowItsPointAndSomeNeverDoes() {
        assertThat(Dishes.SAUCE.ice(-1)).isZero();
        assertThat(Dishes.SAUCE.ice(-5)).isBetween(0.4, 0.6);
        assertThat(Dishes.SAUCE.ice(-25)).isLessThan(Dishes.SAUCE.water()).isGreaterThan(Dishes.SAUCE.ice(-10));
    }

    /** Usual figures of cookery and food engineering: sauces 3.5-4 kJ/(kg K) and half a watt, dry sheets far less. */
    @Test
    void foodsConductAndStoreAsTablesSay() {
        assertThat(Dishes.SAUCE.sensible(40)).isBetween(3500.0, 4000.0);
        assertThat(Dishes.SAUCE.conductivity(40)).isBetween(0.48, 0.62);
        assertThat(Dishes.SHEET.sensible(40)).isBetween(2000.0, 3000.0);
        assertThat(Dishes.CHEESE.conductivity(20)).isLessThan(0.3);
        assertThatThrownBy(() -> new Foodstuff(0.9, 0.2, 0, 0, 0, 0, 1000)).hasMessageContaining("add up to 1");
    }

    @Test
    void anOvenComesUpAndDipsAtTheDoor() {
        OvenAir cold = new OvenAir(false, false, 0, 0, false);
        assertThat(cold.celsius(0, 3600, 190)).isCloseTo(21, within(0.1));
        assertThat(cold.celsius(1800, 3600, 190)).isBetween(180.0, 190.0);
        OvenAir usual = OvenAir.USUAL;
        assertThat(usual.celsius(1799, 3600, 190)).isGreaterThan(189);
        assertThat(usual.celsius(1800, 3600, 190)).isBetween(155.0, 170.0);
        assertThat(usual.celsius(2400, 3600, 190)).isGreaterThan(188);
        OvenAir shared = new OvenAir(false, true, 1, 2, false);
        assertThat(shared.celsius(600, 3600, 190)).isLessThan(usual.celsius(600, 3600, 190) - 15);
        assertThat(new OvenAir(true, true, 1, 0, false).convection()).isGreaterThan(usual.convection());
    }

    @ParameterizedTest
    @CsvSource({"95, 17, 0.95", "95, 8, 0.76", "81, 34, 0.95", "50, 120, 0"})
    void aSheetGetsTenderByTimeAndHeat(double celsius, int minutes, double tender) {
        assertThat(cooked(celsius, 20, 1, minutes, true).leastTender()).isCloseTo(tender, within(0.02));
    }

    @Test
    void aDryTopBrownsAWetOrCoveredOneDoesNot() {
        assertThat(cooked(90, 118, 0, 7.5, true).browning()).isCloseTo(1, within(0.25));
        assertThat(cooked(90, 130, 0, 7.5, true).browning()).isGreaterThan(1.6);
        assertThat(cooked(90, 118, 1, 7.5, true).browning()).isZero();
        assertThat(cooked(90, 118, 0, 7.5, false).browning()).isZero();
    }

    private static Cooking cooked(double inside, double surface, double wetness, double minutes, boolean bare) {
        HeatDish dish = Dishes.lasagna(Wall.GLASS, 0.05);
        Section section = new Section(dish, 4, 16);
        Conduction heat = new Conduction(section.nx, section.nz);
        java.util.Arrays.fill(heat.t, inside);
        Cooking cooking = new Cooking(dish, section);
        for (int second = 0; second < minutes * 60; second += 5) {
            cooking.advance(heat, surface, wetness, 5, bare);
        }
        return cooking;
    }
}
