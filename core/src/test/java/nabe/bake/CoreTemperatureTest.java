package nabe.bake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CoreTemperatureTest {
    private static final Larder LARDER = Larder.load();

    private static Ingredient named(String name) {
        List<NameIndex.Match> found = LARDER.scanForgiving(name);
        assertThat(found).as(name).isNotEmpty();
        return found.getFirst().ingredient();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "chicken livers",
                "duck livers",
                "goose",
                "quail",
                "guinea fowl",
                "pheasant breasts",
                "pigeon",
                "poussin",
                "turkey sausages",
                "turkey mince",
                "duck legs",
                "chicken meatballs",
                "rabbit",
                "pork shoulder",
                "salmon",
                "prawns",
                "eggs",
                "mayonnaise"
            })
    void whatMustBeCookedThroughAsksForACasserolesCore(String food) {
        assertThat(CoreTemperature.of(List.of(named("onion"), named(food)), Start.ROOM))
                .isEqualTo(74);
    }

    @Test
    void vegetablesAskForNoneUnlessTheyAreReheated() {
        List<Ingredient> vegetables = List.of(named("onion"), named("lentils"), named("vegetable stock"));
        assertThat(CoreTemperature.of(vegetables, Start.ROOM)).isNull();
        assertThat(CoreTemperature.of(vegetables, Start.FRIDGE)).isEqualTo(74);
    }
}
