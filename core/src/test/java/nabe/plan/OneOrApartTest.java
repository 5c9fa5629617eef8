package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.house.House;
import nabe.house.Person;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.OneOrApart.Advice;
import nabe.plan.OneOrApart.Compared;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;

/** One dish for everybody, or a small one apart. */
class OneOrApartTest {
    private static final Person ADA = person("ada", Need.GLUTEN_FREE);
    private static final Person BO = person("bo", Need.NUT_FREE);
    private static final Person CY = new Person("cy", "Cy", Set.of(), Set.of(), false, false);
    private static final String PUDDING = """
            Herb pudding
            Serves 4

            400 g carrots
            140 g plain flour
            4 eggs
            200 ml milk

            Whisk the flour, eggs and milk to a smooth batter. Roast the carrots at 220C in a tin. Pour the batter round and bake 30 minutes at 220C.
            """;

    private static Person person(String id, Need need) {
        return new Person(id, id.substring(0, 1).toUpperCase() + id.substring(1), Set.of(need), Set.of(), true, false);
    }

    private static Compared compare(String text, Map<String, String> schools, Person... people) {
        House house = House.usual();
        House home = new House(
                List.of(people), house.schools().with(schools), Set.of(), Set.of(), house.spoons(), house.amounts());
        Brief brief = Brief.of(Brief.RecipeBrief.ofText(text), Needs.none())
                .eatenBy(List.of(people).stream().map(Person::id).toList(), null);
        return new Planner(Larder.load())
                .at(new Home(home, List.of(), Map.of()))
                .oneOrApart(brief);
    }

    @Test
    void oneDishIsLessWorkAndNothingIsKeptApart() {
        Compared compared = compare(Recipes.LASAGNA, Map.of(), ADA, BO, CY);
        assertThat(compared.advice()).isEqualTo(Advice.ONE);
        assertThat(compared.one().strictMoments()).isZero();
        assertThat(compared.apart().strictMoments()).isPositive();
        assertThat(compared.apart().activeMinutes())
                .isGreaterThan(compared.one().activeMinutes());
        assertThat(compared.apart().fidelity()).isGreaterThan(compared.one().fidelity());
        assertThat(compared.apart().dishes().getFirst().people()).containsExactly("Ada");
        assertThat(compared.apart().dishes().getLast().people()).containsExactly("Bo", "Cy");
    }

    @Test
    void servingsOfTheTwoAddUpToTheOne() {
        Compared compared = compare(Recipes.LASAGNA, Map.of(), ADA, BO, CY);
        assertThat(compared.apart().dishes().stream()
                        .mapToInt(OneOrApart.DishFor::servings)
                        .sum())
                .isEqualTo(compared.one().dishes().getFirst().servings());
    }

    @Test
    void whereNothingDoesTheWorkTheOthersKeepTheirs() {
        Compared compared = compare(PUDDING, Map.of(), person("eve", Need.EGG_FREE), CY);
        assertThat(compared.one().open()).isPositive();
        assertThat(compared.advice()).isEqualTo(Advice.APART);
    }

    @Test
    void theHousesOwnWayCounts() {
        assertThat(compare(Recipes.LASAGNA, Map.of("one-strict", "separate"), ADA, CY)
                        .advice())
                .isEqualTo(Advice.APART);
    }

    @Test
    void thereIsNothingToDecideWhereAllOrNoneNeedIt() {
        assertThat(compare(Recipes.LASAGNA, Map.of(), ADA, person("deb", Need.DAIRY_FREE))
                        .apart())
                .isNull();
        assertThat(compare(Recipes.LASAGNA, Map.of(), BO, CY).one()).isNull();
    }
}
