package barrowmist.server.cupping;

import barrowmist.core.check.Coded;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Three cups of a triangle, two of one coffee and one of the other, and what was answered. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "cup_set")
public class CupSetEntity implements TableStreams.OfTable {

    private static final char FIRST = 'A';
    private static final char SECOND = 'B';

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private int number;
    private @Nullable String served;
    private @Nullable String cupper;
    private @Nullable Integer odd;
    private @Nullable String what;

    @Enumerated(EnumType.STRING)
    private @Nullable Side sweeter;

    @Enumerated(EnumType.STRING)
    private @Nullable Side preferred;

    private @Nullable Instant answeredAt;

    /** The two coffees of a set, as one who tastes tells them apart: the odd one, or the pair. */
    public enum Side implements Coded {
        ODD("the odd one"),
        PAIR("the other two");

        private final String label;

        Side(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    @Version
    private long version;

    protected CupSetEntity() {}

    /** A set that is shuffled by hand: what is in its cups is known when they are turned over. */
    CupSetEntity(CuppingEntity cupping, int number) {
        this.cupping = cupping;
        this.number = number;
    }

    /** @param second for each cup whether the table's second sample is in it */
    final CupSetEntity serve(List<Boolean> second) {
        served = second.stream().map(s -> String.valueOf(s ? SECOND : FIRST)).collect(Collectors.joining());
        return this;
    }

    void answer(
            String by,
            int oddCup,
            @Nullable String words,
            @Nullable Side sweeterOne,
            @Nullable Side liked,
            Instant at) {
        cupper = by;
        odd = oddCup;
        what = words;
        sweeter = sweeterOne;
        preferred = liked;
        answeredAt = at;
    }

    CuppingEntity cupping() {
        return cupping;
    }

    int number() {
        return number;
    }

    /** The samples as they are served; empty of cups that nobody has turned over yet. */
    List<CuppingSampleEntity> cups() {
        return Objects.requireNonNullElse(served, "")
                .chars()
                .mapToObj(c -> cupping.samples().get(c - FIRST))
                .toList();
    }

    /** Which cup holds the coffee that is there once, 1 to 3; empty while nobody knows. */
    OptionalInt oddOne() {
        return served == null ? OptionalInt.empty() : OptionalInt.of(served.indexOf(single(served)) + 1);
    }

    private static char single(String cups) {
        return cups.chars().filter(c -> c == SECOND).count() == 1 ? SECOND : FIRST;
    }

    /** Whether that side of this set is the table's first coffee; empty while nobody knows, or where nothing was said. */
    Optional<Boolean> isFirst(@Nullable Side side) {
        return served == null || side == null
                ? Optional.empty()
                : Optional.of((single(served) == FIRST) == (side == Side.ODD));
    }

    @Nullable
    Side sweeter() {
        return sweeter;
    }

    @Nullable
    Side preferred() {
        return preferred;
    }

    @Nullable
    String cupper() {
        return cupper;
    }

    OptionalInt answered() {
        return odd == null ? OptionalInt.empty() : OptionalInt.of(odd);
    }

    boolean right() {
        return odd != null && OptionalInt.of(odd).equals(oddOne());
    }

    @Nullable
    String what() {
        return what;
    }

    @Override
    public long tableId() {
        return cupping.id();
    }
}
