package barrowmist.server.web;

import barrowmist.core.check.Coded;
import barrowmist.core.check.Days;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.check.Shown;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says in words of the lab, and never of the program, why a body cannot be read. */
final class Unreadable {

    private Unreadable() {}

    /** Of a part of the address that is not what is expected there. */
    static String text(TypeMismatchException e) {
        String name = e instanceof MethodArgumentTypeMismatchException m ? m.getName() : e.getPropertyName();
        Object value = e.getValue();
        String said = value instanceof Object[] many
                ? " is given " + many.length + " times"
                : " is \"" + shown(String.valueOf(value)) + "\"";
        String wanted = e.getRequiredType() == null ? null : kind(e.getRequiredType());
        return (name == null ? "A part of the address" : name)
                + said
                + (wanted == null ? "." : ", expected " + wanted + ".");
    }

    static FieldProblem problem(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof UnrecognizedPropertyException unknown) {
            return unknown(unknown);
        }
        if (e.getCause() instanceof JacksonException json && !json.getPath().isEmpty()) {
            String field = json.getPath().stream()
                    .map(r -> r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName())
                    .collect(Collectors.joining("."));
            return new FieldProblem(field, field + said(json) + expected(json));
        }
        return new FieldProblem("", "The body is not the JSON that is expected here");
    }

    private static FieldProblem unknown(UnrecognizedPropertyException e) {
        Class<?> of = e.getReferringClass();
        Stream<String> fields = of != null && of.isRecord()
                ? CoreValues.parts(of).map(RecordComponent::getName)
                : e.getKnownPropertyIds().stream().map(Object::toString);
        String known = fields.sorted().collect(Collectors.joining(", "));
        String name = shown(e.getPropertyName());
        return new FieldProblem(name, "%s is not a field here, expected one of %s".formatted(name, known));
    }

    private static String said(JacksonException e) {
        return e instanceof InvalidFormatException f && f.getValue() != null
                ? " is \"" + shown(f.getValue().toString()) + "\""
                : " cannot be read";
    }

    private static String expected(JacksonException e) {
        Class<?> type = e instanceof MismatchedInputException m ? m.getTargetType() : null;
        String wanted = type == null ? null : kind(type);
        return wanted == null ? "" : ", expected " + wanted;
    }

    private static final Map<Class<?>, String> KINDS = Map.of(
            String.class,
            "text without control characters",
            LocalDate.class,
            "a date such as 2026-03-02, " + Days.allowed(),
            LocalTime.class,
            "a time such as 08:00",
            LocalDateTime.class,
            "a date and a time such as 2026-03-02T08:00:00",
            Instant.class,
            "a moment such as 2026-03-02T08:00:00Z, " + Days.allowed());

    private static @Nullable String kind(Class<?> type) {
        if (List.of(int.class, Integer.class, long.class, Long.class).contains(type)) {
            return "a whole number";
        }
        if (type == double.class || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (Coded.class.isAssignableFrom(type)) {
            return Coded.codes(type.asSubclass(Coded.class));
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "a list";
        }
        return Map.class.isAssignableFrom(type) || type.isRecord() ? "an object with fields" : KINDS.get(type);
    }

    private static String shown(String text) {
        return Shown.of(text);
    }
}
