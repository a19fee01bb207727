package barrowmist.core.check;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One value of a closed set, implemented by an enumeration: its code, its label, and what it means. */
public interface Coded {

    /** The name of the constant; every enumeration has it. */
    String name();

    /** The name in running text, such as "past crop". */
    default String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The name on the wire and in what is stored, such as {@code past-crop}: it never changes. */
    default String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** One sentence for whoever meets it first; empty where the label says it all. */
    default String meaning() {
        return "";
    }

    /** Other codes that are read as this one. */
    default Set<String> synonyms() {
        return Set.of();
    }

    /** The value of this code, in capitals or not, with blanks, dashes or underscores; empty when there is none. */
    static <E extends Enum<E> & Coded> Optional<E> find(Class<E> type, @Nullable String code) {
        return among(type.getEnumConstants(), code);
    }

    /** The one of these with this code. */
    static <C extends Coded> Optional<C> among(C[] values, @Nullable String code) {
        String wanted = code == null ? "" : plain(code);
        return Arrays.stream(values)
                .filter(v -> plain(v.code()).equals(wanted) || v.synonyms().contains(wanted))
                .findFirst();
    }

    private static String plain(String code) {
        return code.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", "-");
    }

    /** All codes as a sentence lists them: "protocol, drinking or late". */
    static String codes(Class<? extends Coded> type) {
        Coded[] all = type.getEnumConstants();
        return Arrays.stream(all).limit(all.length - 1L).map(Coded::code).collect(Collectors.joining(", ")) + " or "
                + all[all.length - 1].code();
    }
}
