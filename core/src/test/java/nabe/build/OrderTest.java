package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.house.Schools;
import nabe.measure.Spoons;
import nabe.prep.PrepStep;
import nabe.recipe.Family;
import nabe.recipe.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Orders of layers, usual and the cook's own, and what is said of them. */
class OrderTest {
    private static final LidWork SILENT = new LidWork(false, null, false, null);
    private static final Pan PAN = Pan.rectangle(300, 200, 60, Material.CERAMIC);
    private static final Schools USUAL = Schools.usual();

    private static Map<String, Component> components(Set<Part> parts) {
        Map<String, Component> components = new LinkedHashMap<>();
        parts.forEach(p -> components.put(p.id(), new Component(p.id(), p, p.title(), 240, List.of())));
        return components;
    }

    private static List<Layer> layers(List<LayerOrder.Place> places, Set<Part> parts) {
        return new Stack(PAN, Spoons.US).of(places, components(parts));
    }

    private static List<Layer> ownOrder(List<Part> order, Set<Part> parts) {
        return layers(LayerOrder.own(order.stream().map(Part::id).toList(), components(parts), List.of()), parts);
    }

    private static List<Layer> own(Part... order) {
        Set<Part> parts = EnumSet.copyOf(Arrays.asList(order));
        return ownOrder(List.of(order), parts);
    }

    private static Map<Part, Double> grams(List<Layer> layers) {
        return layers.stream().collect(Collectors.groupingBy(Layer::part, Collectors.summingDouble(Layer::grams)));
    }

    @ParameterizedTest
    @EnumSource(Family.class)
    void everyFamilyLaysAllOfEveryPartWhateverParts(Family family) {
        Random random = new Random(family.ordinal());
        for (int i = 0; i < 60; i++) {
            EnumSet<Part> parts = EnumSet.noneOf(Part.class);
            Arrays.stream(Part.values())
                    .filter(p -> p != Part.SEASONING && p != Part.PAN_RELEASE && random.nextBoolean())
                    .forEach(parts::add);
            List<Layer> layers =
                    layers(LayerOrder.of(family, parts, 2 + random.nextInt(4), random.nextBoolean(), USUAL), parts);
            assertThat(grams(layers).keySet()).isEqualTo(parts);
            grams(layers)
                    .forEach((part, grams) ->
                            assertThat(grams).as("%s in %s", part, parts).isCloseTo(240, within(1e-6)));
        }
    }

    @Test
    void theCooksOwnOrderIsKeptAndWhatTheyForgotGoesIn() {
        Random random = new Random(5);
        List<Part> all = new java.util.ArrayList<>(List.of(
                Part.STRUCTURE, Part.RED_SAUCE, Part.FILLING, Part.WHITE_SAUCE, Part.MELTING_CHEESE, Part.TOPPING));
        for (int i = 0; i < 100; i++) {
            Collections.shuffle(all, random);
            List<Part> wanted = List.copyOf(all.subList(0, 1 + random.nextInt(all.size())));
            List<Layer> layers = ownOrder(wanted, EnumSet.copyOf(all));
            assertThat(layers.stream().map(Layer::part).filter(wanted::contains).toList())
                    .isEqualTo(wanted);
            assertThat(grams(layers)).hasSize(all.size());
        }
    }

    @Test
    void theBaseGetsAFilmAndTheTopALittleMoreSetApart() {
        List<Layer> layers = own(Part.RED_SAUCE, Part.STRUCTURE, Part.RED_SAUCE, Part.STRUCTURE, Part.RED_SAUCE);
        List<Layer> sauce =
                layers.stream().filter(l -> l.part() == Part.RED_SAUCE).toList();
        assertThat(sauce.getFirst().grams()).isLessThan(sauce.get(1).grams() / 2);
        assertThat(sauce.getLast().grams()).isGreaterThan(sauce.get(1).grams());
        assertThat(sauce).extracting(Layer::reserved).containsExactly(false, false, true);
    }

    @Test
    void theUsualLasagnaRisksNothing() {
        Set<Part> parts =
                EnumSet.of(Part.STRUCTURE, Part.RED_SAUCE, Part.WHITE_SAUCE, Part.FILLING, Part.MELTING_CHEESE);
        List<Layer> layers = layers(LayerOrder.of(Family.LASAGNA, parts, 4, false, USUAL), parts);
        assertThat(Risks.of(layers, true, false)).isEmpty();
        assertThat(layers.getFirst().part()).isNotEqualTo(Part.STRUCTURE);
    }

    @Test
    void aHouseThatOilsTheBaseLaysNoFilm() {
        Set<Part> parts = EnumSet.of(Part.STRUCTURE, Part.RED_SAUCE);
        assertThat(LayerOrder.of(Family.LASAGNA, parts, 3, false, USUAL.with(Map.of("base", "oil")))
                        .getFirst()
                        .component())
                .isEqualTo("structure");
        Set<Part> both = EnumSet.of(Part.STRUCTURE, Part.RED_SAUCE, Part.WHITE_SAUCE);
        assertThat(LayerOrder.of(Family.LASAGNA, both, 3, false, USUAL.with(Map.of("base", "white-sauce")))
                        .getFirst()
                        .component())
                .isEqualTo("white-sauce");
    }

    @Test
    void everyRiskIsSaidOfItsLayer() {
        said(own(Part.RED_SAUCE, Part.STRUCTURE), 1, true, "stays hard and cracks");
        said(own(Part.RED_SAUCE, Part.STRUCTURE), 1, false, "brush it with oil");
        said(own(Part.STRUCTURE, Part.RED_SAUCE, Part.TOPPING), 0, true, "bare base sticks");
        said(own(Part.RED_SAUCE, Part.STRUCTURE, Part.STRUCTURE, Part.WHITE_SAUCE), 2, true, "nothing wets or joins");
        said(own(Part.RED_SAUCE, Part.STRUCTURE, Part.MELTING_CHEESE), 2, true, "sauce between them");
        said(own(Part.STRUCTURE, Part.RED_SAUCE), 1, false, "browns least");
        said(own(Part.TOPPING, Part.RED_SAUCE, Part.STRUCTURE, Part.WHITE_SAUCE), 0, false, "go soft");
    }

    private static void said(List<Layer> layers, int layer, boolean dry, String words) {
        assertThat(Risks.of(layers, dry, false))
                .filteredOn(r -> r.text().contains(words))
                .extracting(BuildPlan.Risk::layer)
                .contains(layer);
    }

    @Test
    void whatTheMethodSaysOfItsLidStands() {
        LidWork said = LidWork.of(
                List.of(
                        step("filling", "Simmer 5 minutes, then let it cool."),
                        step("crust", "Roll the dough out to a 12-inch round and cut four vents.")),
                "crust",
                null);
        assertThat(said.roundMm()).isCloseTo(304.8, within(0.01));
        assertThat(said.vents()).isEqualTo(4);
        Pan skillet = new Pan(Shape.ROUND, 254, 254, 50, Material.CAST_IRON, 254, 254, 1);
        assertThat(LidPlan.of(skillet, 340, said).words())
                .contains("305 mm across", "cooled filling", "cut 4 vents")
                .doesNotContain("hot");
        assertThat(LidWork.of(List.of(step("crust", "Brush with milk.")), "crust", null))
                .isEqualTo(SILENT);
    }

    private static PrepStep step(String component, String text) {
        PrepStep step = mock(PrepStep.class);
        when(step.component()).thenReturn(component);
        when(step.text()).thenReturn(text);
        return step;
    }

    @Test
    void aLidOverhangsAndWeighsWhatItsDoughDoes() {
        BuildPlan.Lid lid = LidPlan.of(PAN, 400, SILENT);
        assertThat(lid.lengthMm()).isEqualTo(330);
        assertThat(lid.widthMm()).isEqualTo(230);
        assertThat(lid.thicknessMm() * lid.lengthMm() * lid.widthMm() * 1.2 / 1000)
                .isCloseTo(400, within(0.5));
        assertThat(lid.vents()).isGreaterThanOrEqualTo(2);
        assertThat(LidPlan.of(PAN, 120, SILENT).words()).contains("make half as much dough again");
        BuildPlan.Lid small =
                LidPlan.of(new Pan(Shape.ROUND, 120, 120, 50, Material.CERAMIC, 120, 120, 4), 400, SILENT);
        assertThat(small.thicknessMm() * Math.PI * 75 * 75 * 1.2 / 1000).isCloseTo(100, within(1.0));
    }

    @Test
    void fillLinesStandUnderTheRim() {
        for (Family family : Family.values()) {
            List<Layer> layers = own(Part.FILLING, Part.STRUCTURE);
            assertThat(Marks.of(family, layers, PAN)).isNotEmpty().allSatisfy(mark -> {
                assertThat(mark.heightMm()).isBetween(0.0, 60.0);
                assertThat(mark.words()).contains(Math.round(mark.heightMm()) + " mm");
            });
        }
        assertThat(Marks.of(Family.POT_PIE, List.of(), PAN))
                .extracting(BuildPlan.Mark::kind)
                .contains("fill-line");
        assertThat(Marks.of(Family.GRATIN, own(Part.STRUCTURE, Part.WHITE_SAUCE), PAN))
                .extracting(BuildPlan.Mark::kind)
                .contains("liquid-line");
    }
}
