package barrowmist.server.web;

import barrowmist.core.check.Coded;
import java.util.stream.Stream;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.Version;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.MapperBuilder;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;

/** The core's enumerations travel, and are stored, by their codes (as values, as keys, and in an address); {@link CoreValues}. */
@Configuration
class CodedValues implements WebMvcConfigurer {

    @Bean
    JsonMapperBuilderCustomizer enumerationsByTheirCodes() {
        return CodedValues::addTo;
    }

    /** Makes a mapper write every {@link Coded} enumeration by its code, and read it in capitals or not. */
    static void addTo(MapperBuilder<?, ?> builder) {
        builder.addModule(new CodeModule()).enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS);
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverterFactory(new FromAddress());
    }

    private static final class FromAddress implements ConverterFactory<String, Coded> {

        // nothing said is null: so Spring's own converter of enumerations has it
        @Override
        @SuppressWarnings("NullAway")
        public <T extends Coded> Converter<String, T> getConverter(Class<T> type) {
            return code -> code.isBlank()
                    ? null
                    : Coded.among(type.getEnumConstants(), code).orElseThrow(() -> new IllegalArgumentException(code));
        }
    }

    private static final class CodeModule extends JacksonModule {

        @Override
        public String getModuleName() {
            return "codes";
        }

        @Override
        public Version version() {
            return Version.unknownVersion();
        }

        @Override
        public void setupModule(SetupContext context) {
            context.insertAnnotationIntrospector(new CodeIntrospector());
            context.insertAnnotationIntrospector(new CoreValues());
        }
    }

    private static final class CodeIntrospector extends NopAnnotationIntrospector {

        private static final long serialVersionUID = 1;

        @Override
        public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                if (values[i] instanceof Coded coded) {
                    names[i] = coded.code();
                }
            }
            return names;
        }

        /** The name of the constant too: so it was stored before there were codes. */
        @Override
        public void findEnumAliases(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[][] names) {
            for (int i = 0; i < values.length; i++) {
                if (values[i] instanceof Coded coded) {
                    names[i] = Stream.concat(coded.synonyms().stream(), Stream.of(values[i].name()))
                            .toArray(String[]::new);
                }
            }
        }
    }
}
