package barrowmist.core.roast;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a kept roast is. */
public enum RoastKind {
    /** A batch like any other. */
    BATCH,
    /** What a trier drew from a batch while it roasted. */
    PULL,
    /** The first batch of a day, by which the roaster becomes warm through (common practice, no published source). */
    WARM_UP,
    /** Roasted to learn by, such as a fault on purpose: nothing of it counts for a lot or a roaster. */
    PRACTICE;

    /** The name on the wire. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The kind of this name; empty for none of them. */
    public static Optional<RoastKind> parse(@Nullable String code) {
        return Arrays.stream(values()).filter(k -> k.code().equals(code)).findFirst();
    }

    /** Whether its curve tells what its roaster usually does: a pull repeats its batch, a warm-up is like no other. */
    public boolean teaches() {
        return this == BATCH;
    }

    /** Whether it is measured, rested and cupped. */
    public boolean isTasted() {
        return this != WARM_UP;
    }
}
