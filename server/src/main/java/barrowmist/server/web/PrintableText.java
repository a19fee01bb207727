package barrowmist.server.web;

import barrowmist.core.check.Names;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Texts that come from outside: only such as can stand on a page, wherever they are kept. */
@Configuration
class PrintableText {

    @Bean
    JsonMapperBuilderCustomizer textThatCanBePrinted() {
        SimpleModule module = new SimpleModule("text").addDeserializer(String.class, new Reading());
        return builder -> builder.addModule(module);
    }

    private static final class Reading extends ValueDeserializer<String> {

        @Override
        public String getEmptyValue(DeserializationContext context) {
            return "";
        }

        @Override
        public String deserialize(JsonParser p, DeserializationContext context) {
            String text = StringDeserializer.instance.deserialize(p, context);
            if (!Names.printable(text)) {
                throw context.weirdStringException(
                        Names.printableOnly(text), String.class, "a control character, or no character at all");
            }
            return text;
        }
    }
}
