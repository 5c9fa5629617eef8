package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A packet is never safer than its words make it. */
class StandInsTest {
    private static final Larder LARDER = Larder.load();
    private static final LabelReader READER = new LabelReader(LARDER);

    private static Ingredient packet(String standsFor, String label) {
        return StandIns.of(
                        List.of(new KeptProduct("id", "the packet", standsFor, label, null, null, null, null)),
                        LARDER,
                        READER)
                .get(standsFor);
    }

    private static boolean fits(Ingredient ingredient, Need need) {
        Judgement judgement = new Needs(Set.of(need), Set.of(), true).judge(ingredient);
        return judgement.fits()
                && judgement.maybe().isEmpty()
                && judgement.traces().isEmpty();
    }

    @Test
    void anUnreadPacketKeepsEveryWarningOfItsKind() {
        for (Ingredient kind : LARDER.all()) {
            for (String nothing : List.of("", "   ", "- - -")) {
                Ingredient packet = packet(kind.id(), nothing);
                assertThat(packet.allergens()).as(kind.id()).isEqualTo(kind.allergens());
                assertThat(packet.maybe()).isEqualTo(kind.maybe());
                assertThat(packet.traces()).isEqualTo(kind.traces());
                assertThat(packet.origin()).isEqualTo(kind.origin());
            }
        }
    }

    /** Words that say nothing of allergens take no doubt away from any kind. */
    @Test
    void anUnclearLabelClearsNothing() {
        for (Ingredient kind : LARDER.all()) {
            Ingredient packet = packet(kind.id(), "Ingredients: natural flavouring, seasoning, vegetable protein.");
            for (Need need : Need.values()) {
                assertThat(!fits(kind, need) && fits(packet, need))
                        .as("%s became %s by an unclear label", kind.id(), need)
                        .isFalse();
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "brown-rice-lasagna-sheets | Ingredients: brown rice flour, water. Gluten-free. | gluten-free | true",
                "brown-rice-lasagna-sheets | Ingredients: brown rice flour, wheat starch. | gluten-free | false",
                "brown-rice-lasagna-sheets | Ingredients: brown rice flour, egg white. Gluten-free. | egg-free | false",
                "brown-rice-lasagna-sheets | Ingredients: brown rice flour. May contain wheat. | gluten-free | false",
                "mozzarella | Ingredients: coconut oil, potato starch, salt. Vegan. | dairy-free | true",
                "mozzarella | Ingredients: coconut oil, potato starch, casein, salt. | dairy-free | false",
                "vegetable-stock | Ingredients: water, carrot, celery, salt. Gluten-free. Vegan. | gluten-free | true",
                "vegetable-stock | Ingredients: water, carrot, barley malt extract, salt. | gluten-free | false"
            })
    void theLabelDecides(String kind, String label, String need, boolean fits) {
        assertThat(fits(packet(kind, label), Need.ofId(need))).isEqualTo(fits);
    }

    @Test
    void whatALabelNamesIsInIt() {
        Ingredient packet = packet(
                "breadcrumbs", "Ingredients: rice flour, SOY flour, SESAME seeds. May contain cashews and milk.");
        assertThat(packet.allergens()).contains(Allergen.SOY, Allergen.SESAME);
        assertThat(packet.traces()).contains(Allergen.MILK, Allergen.CASHEW);
    }

    @Test
    void itsOwnFiguresStandInToo() {
        KeptProduct product =
                new KeptProduct("id", "thin sheets", "brown-rice-lasagna-sheets", "", 12, 180.0, 14.5, 250.0);
        Ingredient packet = StandIns.of(List.of(product), LARDER, READER).get("brown-rice-lasagna-sheets");
        assertThat(packet.pieceGrams("sheet")).hasValue(14.5);
        assertThat(LARDER.with(java.util.Map.of(packet.id(), packet))
                        .get(packet.id())
                        .pieceGrams("sheet"))
                .hasValue(14.5);
        assertThat(LARDER.get("brown-rice-lasagna-sheets").pieceGrams("sheet").orElseThrow())
                .isNotEqualTo(14.5);
    }

    @Test
    void aPacketWithFiguresNoPacketHasIsRefused() {
        assertThatThrownBy(() -> new KeptProduct("i", " ", "butter", "", null, null, null, null))
                .hasMessageContaining("name");
        assertThatThrownBy(() -> new KeptProduct("i", "x", "", "", null, null, null, null))
                .hasMessageContaining("stands in for");
        assertThatThrownBy(() -> new KeptProduct("i", "x", "butter", "", 0, null, null, null))
                .hasMessageContaining("cooking time");
        assertThatThrownBy(() -> new KeptProduct("i", "x", "butter", "", null, 900.0, null, null))
                .hasMessageContaining("water it drinks");
        assertThatThrownBy(() -> new KeptProduct("i", "x", "butter", "", null, null, Double.NaN, null))
                .hasMessageContaining("one piece");
        assertThatThrownBy(() -> packet("moon-cheese", "")).hasMessageContaining("must be one of the larder");
    }
}
