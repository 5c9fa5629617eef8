package nabe.server;

import nabe.larder.Larder;
import nabe.meal.MealPlanner;
import nabe.plan.Planner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lends the core's entry points to the controllers. */
@Configuration
class CoreBeans {
    @Bean
    Larder larder() {
        return Larder.load();
    }

    @Bean
    MealPlanner mealPlanner(Larder larder) {
        return new MealPlanner(larder);
    }

    @Bean
    Planner planner(Larder larder) {
        return new Planner(larder);
    }
}
