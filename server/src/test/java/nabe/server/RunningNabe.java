package nabe.server;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Gives tests the real application on a free port with a real PostgreSQL, started once for the whole run. (Spring 7's own
 * extension asks for JUnit 6.)
 */
public final class RunningNabe implements ParameterResolver {
    private static RunningNabe started;
    private final PostgresCluster database;
    private final ConfigurableApplicationContext context;

    public RunningNabe() {
        if (started == null) {
            database = new PostgresCluster();
            context = SpringApplication.run(
                    NabeApplication.class,
                    "--server.port=0",
                    "--spring.datasource.url=" + database.url(),
                    "--nabe.demo=true",
                    "--logging.level.nabe.server.api=off");
            started = this;
        } else {
            database = started.database;
            context = started.context;
        }
    }

    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public PostgresCluster database() {
        return database;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == RunningNabe.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return this;
    }
}
