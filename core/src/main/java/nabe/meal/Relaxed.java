package nabe.meal;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import nabe.words.Messages;

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
                                Messages.say("meal.there-is-too-little-time"),
                                Messages.say("meal.begin-the-evening-before-from-six"))),
                new Relaxed(
                        new Meal.Kitchen(k.cooks(), MOST_BURNERS, k.ovens(), k.tools(), k.sittings()),
                        new MealPlan.Missing(
                                Messages.say("meal.there-are-too-few-burners"),
                                Messages.say("meal.borrow-a-hotplate-or-cook-one"))),
                new Relaxed(
                        new Meal.Kitchen(k.cooks(), k.burners(), high, k.tools(), k.sittings()),
                        new MealPlan.Missing(
                                Messages.say("meal.the-oven-does-not-hold-these"),
                                Messages.say("meal.one-more-shelf-or-a-second"))),
                new Relaxed(
                        new Meal.Kitchen(Math.min(3, k.cooks() + 1), k.burners(), k.ovens(), k.tools(), allHands(k)),
                        new MealPlan.Missing(
                                Messages.say("meal.one-pair-of-hands-is-not"),
                                Messages.say("meal.let-somebody-help-or-begin-the"))),
                new Relaxed(
                        new Meal.Kitchen(3, MOST_BURNERS, high, k.tools(), longer),
                        new MealPlan.Missing(
                                Messages.say("meal.hands-burners-and-shelves-are-too"),
                                Messages.say("meal.a-helper-a-hotplate-and-a"))));
    }

    private static List<Meal.Sitting> allHands(Meal.Kitchen k) {
        return k.sittings().stream()
                .map(s -> new Meal.Sitting(s.from(), s.to()))
                .toList();
    }
}
