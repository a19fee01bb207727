package barrowmist.server.web;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document: a field is required unless it is marked {@link Nullable} or is an optional number. */
@Configuration
class ApiDocument {

    private static final Map<Class<?>, Class<?>> OPTIONAL =
            Map.of(OptionalDouble.class, Double.class, OptionalInt.class, Integer.class);

    static {
        OPTIONAL.forEach(SpringDocUtils.getConfig()::replaceWithClass);
    }

    @Bean
    OpenApiCustomizer title() {
        return api -> api.info(new Info()
                        .title("Barrowmist")
                        .version("1")
                        .description("Times in seconds since charge, temperatures in °C, rates in °C/min, masses in g"
                                + " or kg. A field that is not known is left out."))
                .servers(List.of());
    }

    @Bean
    ModelConverter requiredUnlessNullable() {
        return new RequiredFields();
    }

    /** Reads from records which fields are always there. */
    private static final class RequiredFields implements ModelConverter {

        private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            Class<?> raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            Schema<?> model = raw.isRecord() ? context.getDefinedModels().get(raw.getSimpleName()) : null;
            if (model != null) {
                Class<?> other = named.putIfAbsent(raw.getSimpleName(), raw);
                if (other != null && other != raw) {
                    // the document knows simple names alone: one of the two would be lost without a word
                    throw new IllegalStateException(other + " and " + raw + " have one name on the wire");
                }
                model.setRequired(Arrays.stream(raw.getRecordComponents())
                        .filter(c -> !c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                        .filter(c -> !OPTIONAL.containsKey(c.getType()))
                        .map(c -> c.getName())
                        .toList());
            }
            return resolved;
        }
    }
}
