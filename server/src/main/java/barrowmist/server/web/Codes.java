package barrowmist.server.web;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Names of enumerations on the wire. */
public final class Codes {

    private Codes() {}

    /** Such as {@code roast-again} for {@code ROAST_AGAIN}. */
    public static String of(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The value of this code, in capitals or not; empty when there is none. */
    public static <E extends Enum<E>> Optional<E> parse(Class<E> type, @Nullable String code) {
        return Arrays.stream(type.getEnumConstants())
                .filter(v -> of(v).equalsIgnoreCase(code))
                .findFirst();
    }
}
