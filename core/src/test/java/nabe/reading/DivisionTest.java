package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.recipe.Share;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;

class DivisionTest {
    private static Recipe divided(String text) {
        Told told = Told.of(text);
        return Division.of(told.recipe(), told.procedure());
    }

    private static List<Share> shares(String lines, String method, String item) {
        return divided("Bake\n\nIngredients\n" + lines.replace("; ", "\n") + "\n\nMethod\n" + method).lines().stream()
                .filter(l -> l.item().equals(item))
                .findFirst()
                .orElseThrow()
                .shares();
    }

    @Test
    void aDividedCheeseWorksWhereEachShareGoes() {
        List<Share> parmesan = shares(
                "9 lasagna sheets; 250 g ricotta; 80 g parmesan, divided",
                "Beat half of the parmesan into the ricotta. Spread the ricotta in a dish, cover with the sheets and scatter with the rest of the parmesan.",
                "parmesan");
        assertThat(parmesan).extracting(Share::share).containsExactly(0.5, 0.5);
        assertThat(parmesan).extracting(Share::part).containsExactly(Part.SOFT_CHEESE, Part.HARD_CHEESE);
    }

    @Test
    void butterOfASauceIsSauceAndOfCrumbsTopping() {
        List<Share> butter = shares(
                "60 g butter; 40 g flour; 500 ml milk; 50 g breadcrumbs; 400 g penne",
                "Melt 40 g of the butter, stir in the flour and cook for 1 minute. Whisk in the milk and simmer for 5 minutes. Boil the penne and fold it into the sauce. Tip into a dish. Mix the breadcrumbs with the rest of the butter and scatter over. Bake for 20 minutes.",
                "butter");
        assertThat(butter).extracting(Share::part).containsExactly(Part.WHITE_SAUCE, Part.TOPPING);
        assertThat(butter.getFirst().share()).isCloseTo(2 / 3.0, within(0.01));
    }

    @Test
    void sharesOfEveryLineMakeOneAndKeepItsWeight() {
        for (String text : Recipes.all()) {
            for (Line line : divided(text).lines()) {
                double sum = line.shares().stream().mapToDouble(Share::share).sum();
                assertThat(line.shares().isEmpty() ? 1 : sum).as(line.text()).isCloseTo(1, within(1e-6));
                assertThat(line.portions().stream()
                                .mapToDouble(Line::gramsOrZero)
                                .sum())
                        .as(line.text())
                        .isCloseTo(line.gramsOrZero(), within(1e-6));
            }
        }
    }
}
