package nabe.server.api;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description: what a record does not mark nullable is always there. */
@Configuration
class OpenApiSetup {
    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .servers(List.of(new io.swagger.v3.oas.models.servers.Server().url("/")))
                .info(
                        new Info()
                                .title("Nabe")
                                .version("1")
                                .description(
                                        "Reads layered bakes, converts them for the people who eat, builds and bakes them. Errors are RFC 9457."));
    }

    @Bean
    ModelConverter recordNullness() {
        return new RecordNullness();
    }

    private static final class RecordNullness implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            JavaType java = TypeFactory.defaultInstance().constructType(type.getType());
            if (schema != null && java.getRawClass().isRecord()) {
                String name = schema.get$ref() == null
                        ? schema.getName()
                        : schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
                Schema<?> model = context.getDefinedModels().getOrDefault(name, schema);
                Arrays.stream(java.getRawClass().getRecordComponents())
                        .filter(RecordNullness::always)
                        .filter(c -> model.getProperties() != null
                                && model.getProperties().containsKey(c.getName()))
                        .filter(c -> model.getRequired() == null
                                || !model.getRequired().contains(c.getName()))
                        .forEach(c -> model.addRequiredItem(c.getName()));
            }
            return schema;
        }

        private static boolean always(RecordComponent component) {
            return !component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        }
    }
}
