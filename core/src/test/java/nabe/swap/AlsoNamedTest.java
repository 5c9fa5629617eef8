package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.plan.WrittenMethod.MethodLine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A mince of two meats is one mince, and what comes browned is not browned again. */
class AlsoNamedTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan vegan(String meat, String method) {
        String text = "Supper bake\nServes 4\n\n" + meat
                + "\n2 tbsp oil\n1 onion, chopped\n400 g macaroni\n400 g passata\n\nMethod\n"
                + method
                + " Add the passata and simmer for 20 minutes. Boil the macaroni, stir it in and tip into a 20 x 30 cm dish."
                + " Bake at 190C for 30 minutes.\n";
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(Need.VEGAN), Set.of(), false)));
    }

    private static List<Swap> ofTheMeat(String meat) {
        return vegan(meat, "Brown the mince in the oil for 8 minutes.").conversion().swaps().stream()
                .filter(s -> s.source() == 0)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "400 g minced beef and pork",
                "300 g pork & veal mince",
                "500 g ground beef, veal and pork",
                "400 g mixed mince (pork and beef)"
            })
    void oneMinceHasOneSwap(String meat) {
        assertThat(ofTheMeat(meat)).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"200 g minced beef and diced bacon", "300 g beef mince and 100 g chorizo"})
    void whatIsNoPartOfTheMinceIsSwappedToo(String meat) {
        Plan plan = vegan(meat, "Brown the mince in the oil for 8 minutes.");

        assertThat(plan.conversion().swaps().stream().filter(s -> !s.becomes().isEmpty()))
                .hasSizeGreaterThan(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Brown the mince in the oil over a high heat for 8 minutes, until no longer pink. | Warm the walnut and mushroom crumble in the oil",
                "Fry the mince in the oil, breaking it up, 10 min. | Warm the walnut and mushroom crumble in the oil"
            })
    void whatIsBrownAlreadyIsWarmed(String browned, String warmed) {
        List<String> said = vegan("400 g beef mince", browned).method().stream()
                .map(MethodLine::text)
                .toList();

        assertThat(said)
                .anyMatch(t -> t.startsWith(warmed))
                .noneMatch(t -> t.contains("pink") || t.contains("high heat"));
    }

    @Test
    void whatIsCookedWithItKeepsItsTime() {
        List<String> said =
                vegan("400 g beef mince", "Cook the mince and the onion in the oil for 8 minutes.").method().stream()
                        .map(MethodLine::text)
                        .toList();

        assertThat(said).anyMatch(t -> t.contains("onion") && t.contains("8 minutes"));
    }

    @Test
    void workThatBeginsAfterASignIsSaid() {
        List<String> said = vegan(
                        "400 g lamb mince",
                        "Brown the mince in the oil. Stir in the onion. When it has softened add the passata, stir well.")
                .method()
                .stream()
                .map(MethodLine::text)
                .toList();

        assertThat(said).anyMatch(t -> t.toLowerCase(Locale.ROOT).contains("add the passata"));
    }
}
