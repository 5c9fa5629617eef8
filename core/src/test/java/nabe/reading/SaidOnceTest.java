package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.plan.Planner;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A word said once may stand for several things, and what is said early for what is done late. */
class SaidOnceTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Procedure read(String lines, String method) {
        return PLANNER.read("Bake\n\n" + lines.replace("; ", "\n") + "\n\n" + method)
                .procedure();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 green bell pepper; 1 red bell pepper | bell peppers",
                "2 green peppers; 2 red peppers | peppers",
                "1 can cream of celery soup; 1 can cream of chicken soup | soups",
                "200 g brown mushrooms; 200 g oyster mushrooms | mushrooms"
            })
    void aPluralNamesEveryLineThatHasItsWords(String lines, String words) {
        Procedure procedure = read(
                lines + "; 400 g penne; 500 ml passata",
                "Boil the penne. Cook the " + words + " for 6 minutes and add the passata. Mix with the penne in a"
                        + " 2 litre dish. Bake at 180C for 30 minutes.");
        assertThat(procedure.doubts()).isEmpty();
        assertThat(procedure.components().stream()
                        .filter(c ->
                                c.of().stream().anyMatch(o -> Integer.valueOf(3).equals(o.line())))
                        .findFirst()
                        .orElseThrow()
                        .of())
                .extracting(Procedure.Of::line)
                .contains(0, 1, 3);
    }

    @Test
    void whatIsCookedOnUnderALidIsCovered() {
        List<Step> steps = read(
                        "500 g beef mince; 300 ml beef stock; 800 g potatoes",
                        "Brown the mince. Pour in the stock, cover and simmer for 20 minutes, then uncover and cook for 5"
                                + " minutes. Stir for 1 minute. Boil the potatoes and mash them. Put the mince in a dish"
                                + " and top with the mash. Bake at 200C for 30 minutes.")
                .components()
                .getFirst()
                .steps();
        assertThat(steps)
                .filteredOn(s -> s.minutes() != null)
                .extracting(Step::covered)
                .containsExactly(true, false, null);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Top with the cheddar for the last 15 minutes. Bake at 180C for 60 minutes.",
                "Scatter over the cheddar for the final 15 minutes. Cover and bake at 180C for 30 minutes. Uncover and bake for 30 minutes."
            })
    void whatIsToldWithTheLayersIsDoneInTheOvenWhenItSaysSo(String end) {
        Procedure procedure = read(
                "1 kg potatoes; 500 ml cream; 100 g cheddar",
                "Slice the potatoes. Layer them in a 2 litre dish and pour the cream over. " + end);
        assertThat(procedure.layers().getLast().late()).isTrue();
        assertThat(procedure.oven().getLast().minutes().max()).isEqualTo(15);
        assertThat(procedure.oven().getLast().adds()).hasSize(1);
        assertThat(procedure.oven().stream().mapToDouble(p -> p.minutes().max()).sum())
                .isEqualTo(60);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Grill for 5 minutes, or bake at 200C for 20 minutes. | 5",
                "If eating straight away, bake at 200C for 25 minutes. | 25",
                "Bake at 200C for 25 minutes. Can be chilled overnight; add 15 minutes to the baking time. | 25",
                "Bake at 200C for 25 minutes. | 25"
            })
    void oneWayOfSeveralIsBaked(String end, double minutes) {
        Procedure procedure = read(
                "400 g penne; 500 ml passata; 100 g cheddar",
                "Boil the penne, mix with the passata in a dish and top with the cheddar. " + end);
        assertThat(procedure.oven()).hasSize(1);
        assertThat(procedure.oven().getFirst().minutes().max()).isEqualTo(minutes);
    }

    @Test
    void whatASlowCookerWouldNeedIsForThoseWhoHaveOne() {
        Procedure procedure = read(
                "500 g beef mince; 1 onion; 800 g potatoes",
                "Fry the onion and the mince for 10 minutes.\nBoil the potatoes and mash them.\n"
                        + "Put the mince in a dish and top with the mash.\nBake at 200C for 30 minutes.\n"
                        + "If you want to use a slow cooker, brown the mince in batches. Cook on high for 5 hours.");
        assertThat(procedure.oven()).hasSize(1);
        assertThat(procedure.onlyIf()).extracting(o -> o.words()).contains("Cook on high for 5 hours");
    }
}
