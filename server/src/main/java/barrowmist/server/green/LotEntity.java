package barrowmist.server.green;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenRange;
import barrowmist.server.web.Optionals;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A green lot as kept. */
@Entity
@Table(name = "lot")
public class LotEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;
    private String supplier;
    private String origin;

    @Enumerated(EnumType.STRING)
    private Process process;

    private LocalDate arrivalDate;
    private double kg;
    private @Nullable Double moisturePct;

    @Column(name = "density_g_per_l")
    private @Nullable Double densityGPerL;

    private @Nullable String screen;
    private @Nullable String supplierNotes;
    private @Nullable LocalDate reworkedOn;
    private @Nullable String rework;

    // written by its correction alone
    @Column(insertable = false, updatable = false)
    private boolean putAside;

    @Version
    private long version;

    protected LotEntity() {}

    LotEntity(LotRules.Entry entry) {
        fill(entry);
    }

    /** Takes over a checked entry. */
    final void fill(LotRules.Entry entry) {
        name = Objects.requireNonNull(entry.name()).strip();
        supplier = Objects.requireNonNull(entry.supplier()).strip();
        origin = Objects.requireNonNull(entry.origin()).strip();
        process = Objects.requireNonNull(entry.process());
        arrivalDate = Objects.requireNonNull(entry.arrivalDate());
        kg = Objects.requireNonNull(entry.kg());
        moisturePct = Optionals.orNull(entry.moisturePct());
        densityGPerL = Optionals.orNull(entry.densityGPerL());
        screen = said(entry.screen());
        supplierNotes = said(entry.supplierNotes());
    }

    private static @Nullable String said(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }

    public GreenFacts facts() {
        Optional<ScreenRange> range = Optional.ofNullable(screen).flatMap(ScreenRange::parse);
        return new GreenFacts(process, arrivalDate, Optionals.of(moisturePct), Optionals.of(densityGPerL), range);
    }

    /** As it was entered, for the table. */
    LotRules.Entry entry() {
        return new LotRules.Entry(
                name,
                supplier,
                origin,
                process,
                arrivalDate,
                kg,
                Optionals.of(moisturePct),
                Optionals.of(densityGPerL),
                screen,
                supplierNotes);
    }

    public String supplier() {
        return supplier;
    }

    /** What the supplier says of the cup. */
    public @Nullable String supplierNotes() {
        return supplierNotes;
    }

    public String origin() {
        return origin;
    }

    /** Kilos that came. */
    public double kg() {
        return kg;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public String name() {
        return name;
    }

    public Process process() {
        return process;
    }

    public LocalDate arrivalDate() {
        return arrivalDate;
    }

    long version() {
        return version;
    }

    /** Whether lists leave it out. */
    boolean putAside() {
        return putAside;
    }

    void reworked(@Nullable LocalDate on, @Nullable String what) {
        reworkedOn = on;
        rework = what;
    }

    LotView view(long roasts, LotView.@Nullable NewestSample newest) {
        return new LotView(
                id(),
                name,
                supplier,
                origin,
                process,
                arrivalDate,
                kg,
                moisturePct,
                densityGPerL,
                screen,
                supplierNotes,
                reworkedOn,
                rework,
                roasts,
                version,
                newest);
    }
}
