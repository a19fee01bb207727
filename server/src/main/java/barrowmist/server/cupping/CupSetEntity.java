package barrowmist.server.cupping;

import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
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
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Three cups of a triangle, two of one coffee and one of the other, and what was answered. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "cup_set")
class CupSetEntity implements TableStreams.OfTable {

    private static final char FIRST = 'A';
    private static final char SECOND = 'B';

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private int number;
    private String served;
    private @Nullable String cupper;
    private @Nullable Integer odd;
    private @Nullable String what;
    private @Nullable Instant answeredAt;

    @Version
    private long version;

    protected CupSetEntity() {}

    /** @param second for each cup whether the table's second sample is in it */
    CupSetEntity(CuppingEntity cupping, int number, List<Boolean> second) {
        this.cupping = cupping;
        this.number = number;
        this.served =
                second.stream().map(s -> String.valueOf(s ? SECOND : FIRST)).collect(Collectors.joining());
    }

    void answer(String by, int oddCup, @Nullable String words, Instant at) {
        cupper = by;
        odd = oddCup;
        what = words;
        answeredAt = at;
    }

    CuppingEntity cupping() {
        return cupping;
    }

    int number() {
        return number;
    }

    /** The samples as they are served. */
    List<CuppingSampleEntity> cups() {
        return served.chars().mapToObj(c -> cupping.samples().get(c - FIRST)).toList();
    }

    /** Which cup holds the coffee that is there once, 1 to 3. */
    int oddOne() {
        long seconds = served.chars().filter(c -> c == SECOND).count();
        return served.indexOf(seconds == 1 ? SECOND : FIRST) + 1;
    }

    @Nullable
    String cupper() {
        return cupper;
    }

    OptionalInt answered() {
        return odd == null ? OptionalInt.empty() : OptionalInt.of(odd);
    }

    boolean right() {
        return Objects.equals(odd, oddOne());
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
