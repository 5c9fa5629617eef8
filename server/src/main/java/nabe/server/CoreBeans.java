package nabe.server;

import nabe.larder.Larder;
import nabe.plan.Planner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Lends the core's two entry points to the controllers. */
@Configuration
class CoreBeans {
    @Bean
    Larder larder() {
        return Larder.load();
    }

    @Bean
    Planner planner(Larder larder) {
        return new Planner(larder);
    }
}
