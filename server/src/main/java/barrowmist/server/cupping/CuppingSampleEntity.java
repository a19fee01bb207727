package barrowmist.server.cupping;

import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** What stands on a table under one code: a roast of ours, or a coffee from outside. */
@Entity
@Table(name = "cupping_sample")
class CuppingSampleEntity {

    static final StoredJson<TableEntries.OutsideCoffee> OUTSIDE =
            StoredJson.of("outside-coffee", TableEntries.OutsideCoffee.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private int position;
    private String code;
    private @Nullable Long roastId;

    @Column(name = "outside")
    private @Nullable String outsideJson;

    private @Nullable String treatment;
    private @Nullable String mark;
    private @Nullable String entrant;

    protected CuppingSampleEntity() {}

    CuppingSampleEntity(CuppingEntity cupping, int position, String code, TableSample what) {
        this.cupping = cupping;
        this.position = position;
        this.code = code;
        put(what);
    }

    /** Says what stands under this code. */
    final void put(TableSample what) {
        this.roastId = what.roastId();
        this.outsideJson = what.outside() == null ? null : OUTSIDE.write(what.outside());
        this.treatment = what.treatment();
        this.mark = what.mark();
        this.entrant = what.entrant();
    }

    /**
     * What is laid; one of the two, and what was done to it.
     *
     * @param entrant whose entry it is
     * @param mark what stands under its cups, where they are shuffled
     */
    record TableSample(
            @Nullable Long roastId,
            TableEntries.@Nullable OutsideCoffee outside,
            @Nullable String treatment,
            @Nullable String entrant,
            @Nullable String mark) {

        static TableSample ofRoast(long roastId) {
            return new TableSample(roastId, null, null, null, null);
        }

        TableSample marked(String newMark) {
            return new TableSample(roastId, outside, treatment, entrant, newMark);
        }

        /** The coffee itself: a hidden pair is two of these that are alike. */
        TableSample coffee() {
            return new TableSample(roastId, outside, treatment, null, null);
        }
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    int position() {
        return position;
    }

    String code() {
        return code;
    }

    @Nullable
    Long roastId() {
        return roastId;
    }

    TableEntries.@Nullable OutsideCoffee outside() {
        return outsideJson == null ? null : OUTSIDE.read(outsideJson);
    }

    /** What stands under the code, whatever the code. */
    TableSample what() {
        return new TableSample(roastId, outside(), treatment, entrant, mark);
    }

    @Nullable
    String mark() {
        return mark;
    }

    @Nullable
    String entrant() {
        return entrant;
    }

    @Nullable
    String treatment() {
        return treatment;
    }
}
