package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nabe.build.Layer;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.plan.WrittenMethod.MethodLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Work that only meat or eggs need goes with them; what stands for them is cooked by its own technique. */
class CookedItsOwnWayTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan vegan(String lines, String method) {
        return plan(lines, method, Need.VEGAN);
    }

    private static Plan plan(String lines, String method, Need need) {
        String text = "Supper bake\nServes 4\n\n" + lines + "\nMethod\n" + method + "\n";
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(need), Set.of(), false)));
    }

    private static List<String> said(Plan plan) {
        return Stream.concat(
                        plan.method().stream().map(MethodLine::text),
                        plan.build().layers().stream().map(Layer::words).filter(w -> w != null))
                .toList();
    }

    private static final String CHICKEN = """
            800 g chicken breasts
            400 ml passata
            8 corn tortillas
            """;

    @Test
    void poachedAndPulledMeatIsOneStepOfWhatStandsForIt() {
        List<String> said = said(
                vegan(
                        CHICKEN,
                        "Poach the chicken in salted water for 20 minutes. Shred it with two forks. "
                                + "Stir the chicken into the passata.\nLayer tortillas and sauce in a 2 litre dish. Bake at 190C for 30 minutes."));
        assertThat(said).noneMatch(s -> s.contains("Poach") || s.contains("hred"));
        assertThat(said).filteredOn(s -> s.startsWith("Tear the mushrooms")).hasSize(1);
    }

    @Test
    void liquidThatIsNeededLaterIsStillMade() {
        List<String> said = said(vegan(
                CHICKEN,
                "Simmer the chicken in 1 litre of water for 20 minutes, keeping the broth. Shred the meat and mix it with the passata and a ladle of the broth.\n"
                        + "Layer tortillas and sauce in a 2 litre dish. Bake at 190C for 30 minutes."));
        assertThat(said).anyMatch(s -> s.startsWith("Simmer the torn mushrooms"));
    }

    @Test
    void tofuIsNotBoiledAndPeeled() {
        List<String> said = said(
                vegan(
                        """
                4 eggs
                400 g spinach
                500 ml passata
                """,
                        "Boil the eggs for 8 minutes, cool, peel and quarter. Wilt the spinach.\n"
                                + "Spread the spinach in a 1.5 litre dish, tuck in the eggs, pour over the passata and bake at 190C for 20 minutes."));
        assertThat(said).noneMatch(s -> s.contains("peel") || s.contains("Boil"));
        assertThat(said).anyMatch(s -> s.startsWith("Press the firm tofu 10 min"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Flake the fish into a 1.5 litre dish, discarding the skin and any bones",
                "Flake the fish into a 1.5 litre dish, checking for bones",
                "Lift the fish out with a fish slice, take the flesh off the bones and put it in a 1.5 litre dish"
            })
    void bonesGoWithTheFish(String clause) {
        List<String> said = said(vegan(
                """
                600 g smoked haddock
                500 ml milk
                400 g leeks, sliced
                """,
                "Poach the fish in the milk for 6 minutes. " + clause
                        + ". Scatter over the leeks. Bake at 190C for 25 minutes."));
        assertThat(said)
                .noneMatch(s -> s.contains("bone") || s.contains("skin") || s.contains("jackfruit slice"))
                .noneMatch(s -> s.endsWith(",.") || s.endsWith(","));
    }

    @Test
    void theCheeseOfALayerIsTheOneThatIsLaid() {
        Plan plan = plan(
                """
                250 g cream cheese
                400 g spinach
                9 lasagna sheets
                200 g cheddar, grated
                """,
                "Wilt the spinach and stir in the cream cheese.\n"
                        + "In a 2 litre dish layer 3 sheets, half the spinach, half the cheese; repeat, then the last sheets. Bake at 190C for 30 minutes.",
                Need.DAIRY_FREE);
        assertThat(plan.build().layers())
                .extracting(Layer::words)
                .filteredOn(w -> w != null)
                .noneMatch(w -> w.contains("soft spread"))
                .anyMatch(w -> w.contains("half the coconut-based melting shreds"));
    }

    /** What is put on in the oven is told when it goes on, not among what lies in the dish before. */
    @Test
    void whatGoesOnLateIsToldAtItsTime() {
        List<String> said = plan(
                        """
                1 kg potatoes, sliced
                400 ml cream
                100 g cheddar, grated
                """,
                        "Layer the potatoes in a 2 litre dish and pour over the cream. Cover and bake at 180C for 60 minutes. "
                                + "Uncover, scatter with the cheddar and bake for 15 minutes more.",
                        Need.GLUTEN_FREE)
                .method()
                .stream()
                .map(MethodLine::text)
                .toList();
        int built = at(said, "Into the dish");
        int on = at(said, "Now goes on: 100 g cheddar");
        assertThat(said.get(built)).doesNotContain("cheddar");
        assertThat(at(said, "Bake 60 min")).isBetween(built, on);
        assertThat(at(said, "Bake 15 min")).isGreaterThan(on);
    }

    private static int at(List<String> said, String start) {
        for (int i = 0; i < said.size(); i++) {
            if (said.get(i).startsWith(start)) {
                return i;
            }
        }
        throw new AssertionError(start + " is not in " + said);
    }

    @Test
    void aColourNamedAfterAFoodIsNoFood() {
        assertThat(
                        said(
                                vegan(
                                        """
                1 kg potatoes, sliced
                3 onions, sliced
                400 ml stock
                """,
                                        "Cook the onions in oil until soft and honey coloured.\nLayer potatoes and onions in a 2 litre dish, pour over the stock and bake at 190C for 60 minutes.")))
                .noneMatch(s -> s.contains("left out") || s.contains("honey"));
    }
}
