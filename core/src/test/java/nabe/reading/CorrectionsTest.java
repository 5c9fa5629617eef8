package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Correction;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Placement;
import nabe.recipe.Procedure.Vessel;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;

class CorrectionsTest {
    private static final RecipeReader RECIPES = new RecipeReader(Larder.load());
    private static final ProcedureReader READER = new ProcedureReader();
    private static final String BAKE = """
            Leek and potato gratin
            1 kg potatoes
            3 leeks
            300 ml double cream
            100 g gruyère, grated

            Slice the potatoes. Fry the leeks for 10 minutes.
            Lay half the potatoes in a dish, then the leeks, then the rest of the potatoes. Pour over the cream and scatter with the gruyère.
            Cover with foil and bake at 180C for 1 hour.
            """;

    private static Procedure read(String text, Correction... corrections) {
        Recipe recipe = RECIPES.read(text);
        return Corrections.apply(READER.read(recipe.lines(), recipe.steps()), recipe.lines(), List.of(corrections));
    }

    private static Vessel pot(Procedure procedure, String key) {
        return procedure.components().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static List<Placement> layers(Procedure procedure, String key) {
        String id = pot(procedure, key).id();
        return procedure.layers().stream().filter(l -> l.of().equals(id)).toList();
    }

    @Test
    void aCountLaysAPotInSoManyEvenLayersAndLosesNothing() {
        Procedure more = read(BAKE, new Correction.Count("potatoes", 3));
        assertThat(layers(more, "potatoes"))
                .hasSize(3)
                .allSatisfy(l -> assertThat(l.share()).isCloseTo(1 / 3.0, within(0.01)));
        Procedure one = read(BAKE, new Correction.Count("potatoes", 1));
        assertThat(layers(one, "potatoes"))
                .singleElement()
                .satisfies(l -> assertThat(l.share()).isCloseTo(1, within(0.01)));
    }

    @Test
    void aMovedLineIsInOnePotOnlyAndAnEmptyPotIsGone() {
        Procedure procedure = read(BAKE, new Correction.Move("3 leeks", "potatoes"));
        assertThat(procedure.components()).extracting(Vessel::key).doesNotContain("leeks");
        assertThat(pot(procedure, "potatoes").of()).hasSize(2);
        assertThat(procedure.layers())
                .allSatisfy(l -> assertThat(procedure.components())
                        .extracting(Vessel::id)
                        .contains(l.of()));
    }

    @Test
    void whatOneLayerTakesTheOthersGive() {
        Procedure procedure = read(BAKE, new Correction.Share("potatoes", 0, 0.7));
        assertThat(layers(procedure, "potatoes")).extracting(Placement::share).satisfies(shares -> {
            assertThat(shares.getFirst()).isCloseTo(0.7, within(1e-9));
            assertThat(shares.stream().mapToDouble(d -> d).sum()).isCloseTo(1, within(1e-9));
        });
    }

    @Test
    void aLiftedLayerStaysInTheDish() {
        Procedure before = read(BAKE);
        Procedure after = read(BAKE, new Correction.Lift("leeks", 0, 99));
        assertThat(after.layers()).hasSameSizeAs(before.layers());
        assertThat(after.layers().getLast().of()).isEqualTo(pot(after, "leeks").id());
    }

    @Test
    void coverAndNameAreTheCooks() {
        Procedure procedure = read(BAKE, new Correction.Cover(0, false), new Correction.Rename("leeks", "soft leeks"));
        assertThat(procedure.oven().getFirst().covered()).isFalse();
        assertThat(pot(procedure, "leeks").name()).isEqualTo("soft leeks");
    }

    @Test
    void correctionsSurviveAnEditedTextAndSayWhenTheyCannot() {
        String edited = BAKE.replace(
                "Fry the leeks for 10 minutes.", "Melt the leeks slowly for 20 minutes in their own juice.");
        assertThat(pot(read(edited, new Correction.Rename("leeks", "soft leeks")), "leeks")
                        .name())
                .isEqualTo("soft leeks");
        Procedure lost = read(BAKE.replace("leeks", "onions"), new Correction.Rename("leeks", "soft leeks"));
        assertThat(lost.doubts()).extracting(Procedure.Doubt::code).contains(DoubtCode.CORRECTION_LOST);
    }

    @Test
    void correctionsInAnyOrderNeverSpendALineTwice() {
        Procedure procedure = read(
                BAKE,
                new Correction.Move("3 leeks", "double cream"),
                new Correction.Move("3 leeks", "potatoes"),
                new Correction.Share("potatoes", 1, 1));
        IntStream.range(0, 4)
                .forEach(line -> assertThat(procedure.components().stream()
                                .flatMap(c -> c.of().stream())
                                .filter(o -> o.line() != null && o.line() == line)
                                .mapToDouble(Procedure.Of::share)
                                .sum())
                        .isCloseTo(1, within(0.01)));
    }
}
