package nabe.budgets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.prep.PrepChoice;
import nabe.prep.PrepStep;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BudgetsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    private static Plan plan(String text, Needs needs, PrepChoice prep, Map<Integer, String> choices) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .choices(choices)
                .prep(prep)
                .brief());
    }

    @Test
    void saltIsCountedFromCompositionAndTheRestIsLeftToTheHand() {
        SaltBudget salt = plan(
                        "Bake\n\nIngredients\n990 g potatoes\n10 g salt\n\nMethod\nBake.", Needs.none(), null, null)
                .budgets()
                .salt();
        assertThat(salt.grams()).isCloseTo(10, within(0.4));
        assertThat(salt.percent()).isCloseTo(1.0, within(0.05));
        assertThat(salt.leftGrams()).isZero();
        assertThat(salt.sources().getFirst().item()).isEqualTo("salt");
    }

    @Test
    void aSauceThatComesOutThinNamesTheCorrection() {
        String thin =
                "Lasagna\n\nIngredients\n9 lasagna sheets\n300 g spinach\n\nFor the white sauce\n10 g flour\n20 g butter\n960 ml milk\n\nMethod\nMake the sauce. Layer and bake.";
        SauceThickness sauce =
                plan(thin, Needs.none(), null, null).budgets().sauces().getFirst();
        assertThat(sauce.per240()).isCloseTo(10 / sauce.liquidGrams() * 240, within(0.01));
        assertThat(sauce.correctionGrams())
                .isCloseTo((sauce.wanted() - sauce.per240()) * sauce.liquidGrams() / 240, within(0.1));
        assertThat(sauce.words()).contains("more");
    }

    @Test
    void theStarchThatSetsInPlaceOfEggsThickensNoSauce() {
        String moussaka =
                "Moussaka\n\n600 g aubergines\n90 g butter\n90 g plain flour\n900 ml milk\n2 eggs\n\nMethod\nSlice and fry the aubergines. Melt the butter, stir in the flour and whisk in the milk. Simmer for 5 minutes. Cool, then beat in the eggs. Lay the aubergines in a 2 litre dish and pour over the sauce. Bake at 180C for 45 minutes.";
        SauceThickness written =
                plan(moussaka, Needs.none(), null, null).budgets().sauces().getFirst();
        SauceThickness vegan = plan(moussaka, new Needs(Set.of(Need.VEGAN), Set.of(), false), null, null)
                .budgets()
                .sauces()
                .getFirst();
        assertThat(vegan.per240()).isCloseTo(written.per240(), within(2.0));
        assertThat(vegan.words()).contains("as your recipe makes it");
    }

    private static final String SAUCE =
            "Leek bake\n\nIngredients\n6 leeks\n\nFor the white sauce:\n50 g flour\n50 g butter\n600 ml milk\n\nMethod\nBake.";

    @Test
    void theWhiteSauceIsAStepOfItsOwnWay() {
        assertThat(sauceStep(SAUCE, null)).contains("in the fat");
        assertThat(sauceStep(SAUCE, Map.of("white-sauce", "slurry"))).contains("cold");
        assertThat(plan("Gratin\n\nIngredients\n1 kg potatoes\n300 ml cream\n\nMethod\nBake.", Needs.none(), null, null)
                        .prep()
                        .steps())
                .noneMatch(s -> s.item().equals("white sauce"));
    }

    private static String sauceStep(String recipe, Map<String, String> schools) {
        Plan plan = PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(recipe))
                .needs(VEGAN)
                .schools(schools)
                .brief());
        return plan.prep().steps().stream()
                .filter(s -> s.item().equals("white sauce"))
                .findFirst()
                .orElseThrow()
                .text();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Toad in the hole | 8 sausages; For the batter:; 140 g plain flour; 4 eggs; 200 ml milk | Bake. | batter",
                "Chicken pie | 600 g chicken; For the crust:; 200 g plain flour; 100 g butter; 40 ml water | Bake. | crust",
                "Root cobbler | 1 kg carrots; Cobbler topping:; 220 g self-raising flour; 60 g butter; 120 ml milk | Bake. | topping dough",
                "Potato gratin | 1 kg potatoes; 300 ml cream | Slice and bake. | -"
            })
    void theStructuresDoughIsAStep(String title, String lines, String method, String item) {
        Plan plan = plan(
                title + "\n\nIngredients\n" + lines.replace("; ", "\n") + "\n\nMethod\n" + method,
                Needs.none(),
                null,
                null);
        Set<String> doughs = Set.of("batter", "crust", "topping dough");
        assertThat(plan.prep().steps().stream().map(PrepStep::item).filter(doughs::contains))
                .isEqualTo(item.equals("-") ? java.util.List.of() : java.util.List.of(item));
    }

    private static SaltBudget salt(String text) {
        return plan(text, Needs.none(), null, null).budgets().salt();
    }

    @Test
    void boiledPastaBringsSaltAndDryPastaNone() {
        String text = "Pasta bake\n\n300 g penne\n800 g passata\n\n"
                + "%s the penne. Mix it with the passata in a 2 litre dish and bake at 190C for 30 minutes.";
        SaltBudget boiled = salt(String.format(text, "Boil"));
        assertThat(boiled.sources()).anyMatch(s -> s.item().contains("salted water") && s.grams() > 1);
        assertThat(salt(String.format(text, "Rinse")).grams()).isLessThan(boiled.grams() - 1);
    }

    @Test
    void saltedSlicesKeepSome() {
        String text = "Aubergine bake\n\n1 kg aubergines, sliced\n500 g passata\n\n"
                + "%sFry the aubergines. Layer with the passata in a 2 litre dish and bake at 190C for 30 minutes.";
        assertThat(salt(String.format(text, "Salt the aubergines 30 minutes, rinse and dry. "))
                        .sources())
                .anyMatch(s -> s.item().contains("salted and blotted") && s.grams() > 3);
        assertThat(salt(String.format(text, "")).sources())
                .noneMatch(s -> s.item().contains("salted"));
    }

    @Test
    void aSoakTakesMostOfTheSaltOutOfSaltFish() {
        String text = "Salt cod bake\n\n500 g salt cod\n1 kg potatoes\n400 ml double cream\n\n"
                + "%sFlake the salt cod. Boil the potatoes and slice them. Layer the potatoes and the salt cod in a 2 litre dish, pour over the cream and bake at 190C for 30 minutes.";
        SaltBudget raw = salt(String.format(text, ""));
        SaltBudget soaked = salt(String.format(text, "Soak the salt cod in cold water overnight, then drain. "));
        assertThat(raw.percent()).isGreaterThan(2);
        assertThat(soaked.grams()).isLessThan(raw.grams() / 2);
    }

    /** Boiling it down takes no salt away: what is left is saltier. */
    @Test
    void stockThatIsReducedTastesSaltier() {
        String text = "Stew bake\n\n600 g beef, diced\n800 ml beef stock\n500 g carrots\n\n"
                + "Bring the beef and the stock to the boil and simmer for %s. Stir in the carrots, tip into a 2 litre dish and bake at 180C for 40 minutes.";
        SaltBudget little = salt(String.format(text, "5 minutes"));
        SaltBudget long_ = salt(String.format(text, "2 hours"));
        assertThat(long_.grams()).isCloseTo(little.grams(), within(0.3));
        assertThat(long_.percent()).isGreaterThan(little.percent());
    }

    @Test
    void aSweetDishWantsAPinch() {
        SaltBudget sweet = salt("Bread pudding\n\n200 g bread\n150 g sugar\n300 g apples\n400 ml milk\n\n"
                + "Mix all in a 1.5 litre dish and bake at 180C for 40 minutes.");
        assertThat(sweet.highPercent()).isLessThan(0.5);
        assertThat(sweet.words()).contains("sweet");
    }

    @Test
    void saltOfOneThingIsCountedOnce() {
        for (String recipe : Recipes.all()) {
            assertThat(plan(recipe, VEGAN, null, null).budgets().salt().sources())
                    .extracting(SaltBudget.Source::item)
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void nutsAreSoakedByTheTimeLeft() {
        String creamy =
                "Gratin\n\nIngredients\n1 kg potatoes\n\nFor the white sauce\n150 g cashews\n400 ml water\n\nMethod\nBake.";
        assertThat(soak(creamy, 900)).contains("overnight");
        assertThat(soak(creamy, 120)).contains("30 min in just-boiled");
        assertThat(soak(creamy, 20)).contains("wait 5 min, blend again");
    }

    private static String soak(String text, int minutes) {
        return plan(text, Needs.none(), new PrepChoice(minutes, null), null).prep().steps().stream()
                .map(PrepStep::text)
                .filter(t -> t.contains("cashews"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void oneCookHasTimeForEveryStepAndOnePairOfHands() {
        for (String recipe : Recipes.all()) {
            boolean[] busy = new boolean[100_000];
            for (PrepStep step : plan(recipe, VEGAN, null, null).prep().steps()) {
                if (step.when() != PrepStep.When.BEFORE) {
                    continue;
                }
                assertThat(step.startMinutesBefore())
                        .isGreaterThanOrEqualTo(step.activeMinutes() + step.passiveMinutes());
                for (int m = 1; m <= step.activeMinutes(); m++) {
                    assertThat(busy[step.startMinutesBefore() - m])
                            .as(step.text())
                            .isFalse();
                    busy[step.startMinutesBefore() - m] = true;
                }
            }
        }
    }

    @Test
    void aMendNobodyOfferedIsRefused() {
        assertThatThrownBy(() -> new PrepChoice(null, Map.of("magic", 3.0))).hasMessageContaining("the plan offered");
    }
}
