package barrowmist.server.web;

import barrowmist.core.check.Coded;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
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
            Class<?> raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            if (raw.isEnum() && Coded.class.isAssignableFrom(raw)) {
                return coded(raw.asSubclass(Coded.class), context);
            }
            if (Map.class.isAssignableFrom(raw) && isByCode(type)) {
                type.type(byText(type));
            }
            String name = nameOf(raw);
            if (raw.isRecord() && CoreValues.isOfTheCore(raw)) {
                type.name(name);
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            Schema<?> model = raw.isRecord() ? context.getDefinedModels().get(name) : null;
            if (model != null) {
                only(name, raw);
                model.setRequired(required(raw).toList());
            }
            return resolved;
        }

        private static Stream<String> required(Class<?> type) {
            return CoreValues.parts(type)
                    .filter(c -> !c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .filter(c -> !OPTIONAL.containsKey(c.getType()) && c.getType() != Optional.class)
                    .map(RecordComponent::getName);
        }

        private static boolean isByCode(AnnotatedType type) {
            Class<?> key = TypeFactory.defaultInstance()
                    .constructType(type.getType())
                    .getKeyType()
                    .getRawClass();
            return Coded.class.isAssignableFrom(key);
        }

        /** The keys of a map are texts: each is a code, and any may be left out. */
        private static Type byText(AnnotatedType type) {
            TypeFactory types = TypeFactory.defaultInstance();
            return types.constructMapType(
                    Map.class,
                    types.constructType(String.class),
                    types.constructType(type.getType()).getContentType());
        }

        /** A closed set has one place in the document, with its labels: whoever uses it refers to it. */
        private Schema<?> coded(Class<? extends Coded> type, ModelConverterContext context) {
            String name = nameOf(type);
            only(name, type);
            StringSchema schema = new StringSchema();
            Map<String, String> labels = new LinkedHashMap<>();
            Map<String, String> meanings = new LinkedHashMap<>();
            for (Coded value : type.getEnumConstants()) {
                schema.addEnumItem(value.code());
                labels.put(value.code(), value.label());
                meanings.put(value.code(), value.meaning());
            }
            schema.addExtension("x-labels", labels);
            if (meanings.values().stream().anyMatch(m -> !m.isEmpty())) {
                schema.addExtension("x-meanings", meanings);
            }
            context.defineModel(name, schema);
            return new Schema<>().$ref("#/components/schemas/" + name);
        }

        /** The core names a part within its whole, such as the line of an advice: here it carries both names. */
        private static String nameOf(Class<?> type) {
            Class<?> whole = type.getEnclosingClass();
            boolean both = whole != null && (CoreValues.isOfTheCore(type) || type.isEnum());
            return both ? whole.getSimpleName() + type.getSimpleName() : type.getSimpleName();
        }

        /** The document knows simple names alone: one of two would be lost without a word. */
        private void only(String name, Class<?> type) {
            Class<?> other = named.putIfAbsent(name, type);
            if (other != null && other != type) {
                throw new IllegalStateException(other + " and " + type + " have one name on the wire");
            }
        }
    }
}
