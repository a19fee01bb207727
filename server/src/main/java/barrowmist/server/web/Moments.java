package barrowmist.server.web;

import barrowmist.core.check.Days;
import barrowmist.core.check.Shown;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Days and moments that come from outside: only such as can be meant, wherever they stand. */
@Configuration
class Moments implements WebMvcConfigurer {

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, LocalDate.class, text -> day(text.strip()));
        registry.addConverter(String.class, Instant.class, text -> instant(text.strip()));
    }

    @Bean
    JsonMapperBuilderCustomizer daysThatCanBeMeant() {
        SimpleModule module = new SimpleModule("days")
                .addDeserializer(LocalDate.class, new Reading<>(LocalDate.class, Moments::day))
                .addDeserializer(LocalDateTime.class, new Reading<>(LocalDateTime.class, Moments::dayAndTime))
                .addDeserializer(Instant.class, new Reading<>(Instant.class, Moments::instant));
        // a null among others says nothing: it is passed over
        return builder -> builder.addModule(module).changeDefaultNullHandling(n -> n.withContentNulls(Nulls.SKIP));
    }

    static LocalDate day(String text) {
        return meant(LocalDate.parse(text), text);
    }

    static LocalDateTime dayAndTime(String text) {
        LocalDateTime at = LocalDateTime.parse(text);
        meant(at.toLocalDate(), text);
        return at;
    }

    static Instant instant(String text) {
        Instant at = Instant.parse(text);
        meant(at.atOffset(ZoneOffset.UTC).toLocalDate(), text);
        return at;
    }

    private static LocalDate meant(LocalDate day, String text) {
        if (!Days.canBeMeant(day)) {
            throw new DateTimeException(Shown.of(text) + " cannot be meant, allowed is " + Days.allowed());
        }
        return day;
    }

    /** Reads one kind of moment from text. */
    private static final class Reading<T> extends ValueDeserializer<T> {
        private final Class<T> type;
        private final transient Function<String, T> read;

        Reading(Class<T> type, Function<String, T> read) {
            this.type = type;
            this.read = read;
        }

        @Override
        public T deserialize(JsonParser p, DeserializationContext context) {
            if (p.currentToken() != JsonToken.VALUE_STRING) {
                return context.reportInputMismatch(type, "expected text");
            }
            String text = p.getString().strip();
            try {
                return read.apply(text);
            } catch (DateTimeException e) {
                throw context.weirdStringException(text, type, String.valueOf(e.getMessage()));
            }
        }
    }
}
