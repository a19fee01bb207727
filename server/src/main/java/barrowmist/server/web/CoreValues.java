package barrowmist.server.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.AnnotatedWithParams;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.introspect.VisibilityChecker;

/** The core's records travel as they are: a list, a map or a text that is left out is an empty one, never null. */
final class CoreValues extends NopAnnotationIntrospector {

    private static final long serialVersionUID = 1;
    private static final JsonSetter.Value EMPTY = JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY);

    static boolean isOfTheCore(Class<?> type) {
        return type.getName().startsWith("barrowmist.core.");
    }

    /** The fields of a record as it travels: those of a part that is unwrapped are its own. */
    static Stream<RecordComponent> parts(Class<?> type) {
        return Arrays.stream(type.getRecordComponents())
                .flatMap(c ->
                        c.getAccessor().isAnnotationPresent(JsonUnwrapped.class) ? parts(c.getType()) : Stream.of(c));
    }

    /** What a record is asked, such as {@code isRisky()}, is no part of it. */
    @Override
    public VisibilityChecker findAutoDetectVisibility(
            MapperConfig<?> config, AnnotatedClass type, VisibilityChecker checker) {
        return isOfTheCore(type.getRawType()) ? checker.withIsGetterVisibility(Visibility.NONE) : checker;
    }

    @Override
    public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated part) {
        return part instanceof AnnotatedParameter p && isOfTheCore(p.getDeclaringClass()) && canBeEmpty(p)
                ? EMPTY
                : JsonSetter.Value.empty();
    }

    private static boolean canBeEmpty(AnnotatedParameter part) {
        Class<?> type = part.getRawType();
        return (Collection.class.isAssignableFrom(type)
                        || Map.class.isAssignableFrom(type)
                        || type == String.class
                        || type == boolean.class)
                && !isNullable(part.getOwner(), part.getIndex());
    }

    private static boolean isNullable(AnnotatedWithParams maker, int index) {
        return maker.getMember() instanceof java.lang.reflect.Executable e
                && e.getAnnotatedParameterTypes()[index].isAnnotationPresent(Nullable.class);
    }
}
