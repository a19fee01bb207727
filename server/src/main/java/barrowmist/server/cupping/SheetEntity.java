package barrowmist.server.cupping;

import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.server.web.Optionals;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/** A cupping sheet as kept. */
@Entity
@Table(name = "sheet")
class SheetEntity {

    /** The content as JSON text. */
    @Converter
    static class ContentColumn implements AttributeConverter<SheetContent, String> {

        private static final JsonMapper JSON = JsonMapper.shared();

        @Override
        public String convertToDatabaseColumn(SheetContent content) {
            return JSON.writeValueAsString(content);
        }

        @Override
        public SheetContent convertToEntityAttribute(String json) {
            return JSON.readValue(json, SheetContent.class);
        }
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "sample_id")
    private CuppingSampleEntity sample;

    private @Nullable Long roastId;

    /** On a coded table the cupper, who has one sheet a sample there. */
    private @Nullable String seat;

    private String cupper;
    private String form;

    @Convert(converter = ContentColumn.class)
    private SheetContent content;

    private @Nullable Double finalScore;
    private Instant updatedAt;

    @Version
    private long version;

    protected SheetEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    SheetEntity(CuppingEntity cupping, CuppingSampleEntity sample, @Nullable String seat, String form) {
        this.cupping = cupping;
        this.sample = sample;
        this.roastId = sample.roastId();
        this.seat = seat;
        this.form = form;
    }

    void keep(HundredPointSheet sheet, String newCupper, Instant now) {
        cupper = newCupper;
        content = SheetContent.of(sheet);
        finalScore = Optionals.orNull(sheet.finalScore());
        updatedAt = now;
    }

    HundredPointSheet sheet() {
        return content.sheet(cupping.cups());
    }

    SheetContent content() {
        return content;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    CuppingEntity cupping() {
        return cupping;
    }

    /** The roast; null for a coffee from outside. */
    /** What it is a sheet of has become known. */
    void matched() {
        roastId = sample.roastId();
    }

    @Nullable
    Long roastId() {
        return roastId;
    }

    @Nullable
    String seat() {
        return seat;
    }

    CuppingSampleEntity sample() {
        return sample;
    }

    String cupper() {
        return cupper;
    }

    String form() {
        return form;
    }

    long version() {
        return version;
    }

    Instant updatedAt() {
        return updatedAt;
    }
}
