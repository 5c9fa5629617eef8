package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** A kitchen with a little more than there is. */
record Relaxed(Meal.Kitchen kitchen, MealPlan.Missing missing) {
    private static final int MOST_BURNERS = 12;

    static List<Relaxed> of(Meal.Kitchen k, Meal meal) {
        LocalDateTime evening = meal.serveAt().minusDays(1).withHour(18).withMinute(0);
        List<Meal.Sitting> longer = new ArrayList<>(k.sittings());
        longer.add(new Meal.Sitting(evening, evening.plusHours(3)));
        longer.add(new Meal.Sitting(meal.serveAt().minusHours(8), meal.serveAt()));
        List<Meal.Oven> high =
                k.ovens().stream().map(o -> new Meal.Oven(5, false)).toList();
        return List.of(
                new Relaxed(
                        new Meal.Kitchen(k.cooks(), k.burners(), k.ovens(), k.tools(), longer),
                        new MealPlan.Missing(
                                "There is too little time.",
                                "Begin the evening before, from six to nine, and eight hours before serving.")),
                new Relaxed(
                        new Meal.Kitchen(k.cooks(), MOST_BURNERS, k.ovens(), k.tools(), k.sittings()),
                        new MealPlan.Missing(
                                "There are too few burners.", "Borrow a hotplate, or cook one sauce the day before.")),
                new Relaxed(
                        new Meal.Kitchen(k.cooks(), k.burners(), high, k.tools(), k.sittings()),
                        new MealPlan.Missing(
                                "The oven does not hold these dishes.",
                                "One more shelf, or a second oven, or one dish fewer.")),
                new Relaxed(
                        new Meal.Kitchen(Math.min(3, k.cooks() + 1), k.burners(), k.ovens(), k.tools(), allHands(k)),
                        new MealPlan.Missing(
                                "One pair of hands is not enough.", "Let somebody help, or begin the evening before.")),
                new Relaxed(
                        new Meal.Kitchen(3, MOST_BURNERS, high, k.tools(), longer),
                        new MealPlan.Missing(
                                "Hands, burners and shelves are too few.",
                                "A helper, a hotplate and a second oven, or one dish fewer.")));
    }

    private static List<Meal.Sitting> allHands(Meal.Kitchen k) {
        return k.sittings().stream()
                .map(s -> new Meal.Sitting(s.from(), s.to()))
                .toList();
    }
}
