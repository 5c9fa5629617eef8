package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.build.Layer;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.prep.PrepStep;
import org.junit.jupiter.api.Test;

/** A cook's sentence still says what is done once its things are swapped. */
class WordsAfterSwapsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN), Set.of(), false);

    private static Plan plan(String text) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), VEGAN));
    }

    private static List<String> steps(Plan plan) {
        return plan.prep().steps().stream().map(PrepStep::text).toList();
    }

    private static final String STRATA = """
            Strata
            400 g bread, cubed
            6 eggs
            700 ml milk
            150 g cheddar, grated
            200 g mozzarella, grated

            Method
            Toast bread on a tray at 180C for 10 minutes. Break the eggs into a bowl and whisk in the milk and half the cheddar.
            Spread the bread in a 2 litre dish. Pour the custard over.
            Scatter the mozzarella and the rest of the cheddar on top. Bake at 180C for 40 minutes.
            """;

    @Test
    void toToastIsWorkThoughToastIsBread() {
        assertThat(steps(plan(STRATA))).anyMatch(s -> s.startsWith("Toast gluten-free bread on a tray"));
    }

    @Test
    void nobodyBreaksWhatStandsInForEggs() {
        assertThat(steps(plan(STRATA))).noneMatch(s -> s.toLowerCase().contains("break"));
    }

    @Test
    void theCustardIsWhatTheRecipeMakes() {
        assertThat(plan(STRATA).build().layers())
                .extracting(Layer::words)
                .anyMatch(w -> w != null && w.startsWith("Pour the custard over"));
    }

    @Test
    void custardThatIsServedBesideIsJudged() {
        assertThat(plan(STRATA + "Serve with custard.\n").conversion().methodFoods())
                .extracting(MethodFood::name)
                .contains("custard");
        assertThat(plan(STRATA).conversion().methodFoods())
                .extracting(MethodFood::name)
                .doesNotContain("custard");
    }

    @Test
    void twoCheesesThatBecomeOneAreSaidOnce() {
        assertThat(plan(STRATA).build().layers())
                .extracting(Layer::words)
                .filteredOn(w -> w != null && w.startsWith("Scatter"))
                .allSatisfy(w -> assertThat(w.split("shreds", -1)).hasSize(2));
    }

    @Test
    void twoFillingsThatLoseTheirNamesAreToldApart() {
        Plan plan = plan("""
                Hotdish
                800 g beef mince
                1 onion
                2 cans cream of mushroom soup
                120 ml milk
                400 g green beans

                Method
                Brown the mince with the onion and press into a 33 x 23 cm dish.
                Mix the soup and milk. Spread the beans over the meat and pour over the soup mixture. Bake at 190C for 45 minutes.
                """);
        List<String> names = plan.build().layers().stream().map(Layer::name).toList();
        assertThat(names).doesNotHaveDuplicates();
    }

    @Test
    void aPotThatIsCalledLikeItsBatchKeepsItsName() {
        Plan plan = plan("""
                Bake
                500 g ricotta
                1 egg
                600 g passata
                9 lasagna sheets

                Method
                Stir the ricotta with the egg.
                Layer the passata, the sheets and the ricotta in a 2 litre dish. Bake at 190C for 40 minutes.
                """);
        assertThat(plan.prep().steps())
                .extracting(PrepStep::item)
                .noneMatch(item -> item.toLowerCase().matches(".*(\\b\\w+ \\w+\\b) \\1.*"));
    }

    @Test
    void sheetsThatAreRolledAreBoiledThoughSuchSheetsGoInDry() {
        Plan plan = plan("""
                Rolled pasta
                500 g lasagne sheets
                400 g ricotta
                300 g spinach
                600 g passata

                Method
                Blanch the sheets for one minute, lift into cold water, then spread out on a cloth.
                Wilt the spinach, chop and mix with the ricotta.
                Spread the filling over each sheet and roll up. Pour the passata into a 2 litre dish and sit the rolls in it.
                Bake at 190C for 30 minutes.
                """);
        assertThat(steps(plan)).anyMatch(s -> s.matches("(?i).*\\b(?:blanch|boil)\\b.*sheets.*"));
    }

    @Test
    void anUnthickenedCreamIsNoWhiteSauce() {
        Plan plan = plan("""
                Gratin
                1 kg potatoes
                300 ml single cream
                150 ml vegetable stock

                Method
                Slice the potatoes and put them in a 2 litre dish.
                Bring the cream and stock to the boil and pour over. Bake at 180C for 70 minutes.
                """);
        assertThat(plan.build().layers()).extracting(Layer::name).noneMatch(n -> n.equals("White sauce"));
    }

    @Test
    void oneOfManyIsNamedInTheSingular() {
        Plan plan = plan("""
                Shells
                24 jumbo pasta shells
                500 g ricotta
                600 g passata

                Method
                Boil the shells for 9 minutes. Spread the passata in a 33 x 23 cm dish.
                Stuff each shell with the ricotta and set it in the dish. Bake at 180C for 30 minutes.
                """);
        assertThat(plan.build().layers())
                .extracting(Layer::words)
                .anyMatch(w -> w != null && w.startsWith("Stuff each ") && w.contains(" shell with"));
    }

    private static final String RAISED_MASH = """
            Cottage pie
            600 g beef mince
            400 g passata
            900 g potatoes
            50 g butter
            3 eggs, separated
            Brown the mince, add the passata and simmer for 20 minutes. Boil and mash the potatoes with the butter. Beat the yolks into the mash. Whisk the whites stiff and fold them in. Put the mince in a 2-litre dish, pile the mash on top and bake at 190C for 35 minutes.
            """;

    @Test
    void whitesOfEggsThatAreGoneAreNotWhisked() {
        assertThat(steps(plan(RAISED_MASH)))
                .noneMatch(
                        s -> s.contains("white") || s.contains("yolk") || s.contains("left out") || s.contains("fold"))
                .anyMatch(s -> s.startsWith("Beat the") && s.endsWith("into the mash."));
    }

    private static final String MEATBALLS = """
            Meatball bake
            500 g beef mince
            1 egg
            1 tbsp olive oil
            25 g butter
            800 ml passata
            400 g penne
            200 g mozzarella

            Method
            Mix the mince with the egg and roll into small balls. Heat the oil and butter in a pan and fry the meatballs for 8 minutes.
            Boil the pasta for 8 minutes, adding the passata for the final minute. Drain. Mix the pasta with the meatballs in a 2 litre dish.
            Top with the mozzarella, cover with plastic wrap and chill for 2 hours. Unwrap and bake at 200C for 25 minutes.
            """;
    private static final Needs DAIRY_FREE = new Needs(Set.of(Need.GLUTEN_FREE, Need.DAIRY_FREE), Set.of(), true);

    @Test
    void whatIsMadeHereAndWhatIsNoFoodStands() {
        Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(MEATBALLS), DAIRY_FREE));
        assertThat(plan.conversion().methodFoods()).extracting(MethodFood::name).doesNotContain("wrap", "meatballs");
        assertThat(steps(plan)).anyMatch(s -> s.contains("fry the meatballs"));
    }

    @Test
    void butterThatBecomesTheOilThereIsSaidOnce() {
        Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(MEATBALLS), DAIRY_FREE));
        assertThat(steps(plan)).anyMatch(s -> s.contains("Heat the olive oil in a pan"));
    }

    @Test
    void aSentenceThatEndsEarlyIsFollowedByAnOther() {
        Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(MEATBALLS), DAIRY_FREE));
        assertThat(steps(plan)).noneMatch(s -> s.matches(".*\\. \\p{Ll}.*"));
    }

    @Test
    void whatNobodyKnowsIsNotSwappedByHalfItsName() {
        Plan plan = plan("""
                Rice bake
                200 g rice
                1 jar frumble cheese glop
                300 ml passata

                Method
                Boil the rice. Stir in the cheese glop and passata. Spread in a 2 litre dish and bake at 180C for 30 minutes.
                """);
        assertThat(steps(plan)).anyMatch(s -> s.contains("the cheese glop"));
    }
}
