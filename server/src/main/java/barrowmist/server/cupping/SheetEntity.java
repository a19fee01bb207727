package barrowmist.server.cupping;

import barrowmist.core.check.Coded;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.server.web.Optionals;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
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
import org.jspecify.annotations.Nullable;

/** A cupping sheet as kept. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "sheet")
class SheetEntity implements TableStreams.OfTable {

    static final StoredJson<SheetContent> CONTENT = StoredJson.of("sheet", SheetContent.class);
    static final StoredJson<SheetTrail> TRAIL = StoredJson.of("sheet-trail", SheetTrail.class);
    static final StoredJson<String[]> OWN_WORDS = StoredJson.of("own-words", String[].class);

    /** The content as JSON text. */
    @Converter
    static class ContentColumn implements AttributeConverter<SheetContent, String> {

        @Override
        public String convertToDatabaseColumn(SheetContent content) {
            return CONTENT.write(content);
        }

        @Override
        public SheetContent convertToEntityAttribute(String json) {
            return CONTENT.read(json);
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

    /** How the scores went while the cups cooled, as JSON text. */
    private @Nullable String trail;

    /** Words that are not of the program's vocabulary, as JSON text; null when all are. */
    private @Nullable String ownWords;

    private @Nullable Double finalScore;
    private Instant updatedAt;

    @Version
    private long version;

    protected SheetEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    SheetEntity(CuppingEntity cupping, CuppingSampleEntity sample, @Nullable String seat, CuppingForm form) {
        this.cupping = cupping;
        this.sample = sample;
        this.roastId = sample.roastId();
        this.seat = seat;
        this.form = form.code();
    }

    void keep(SheetContent filled, CuppingSheet sheet, SheetTrail newTrail, String newCupper, Instant now) {
        cupper = newCupper;
        content = new SheetReader(filled).settled(sheet);
        trail = TRAIL.write(newTrail);
        List<String> own = sheet.words().stream()
                .map(TasteNote::word)
                .filter(w -> Vocabulary.find(w).isEmpty())
                .toList();
        ownWords = own.isEmpty() ? null : OWN_WORDS.write(own.toArray(String[]::new));
        finalScore = Optionals.orNull(sheet.finalScore());
        updatedAt = now;
    }

    CuppingSheet sheet() {
        return new SheetReader(content).sheet(form(), cupping.cups());
    }

    SheetTrail trail() {
        return trail == null ? SheetTrail.NONE : TRAIL.read(trail);
    }

    List<String> ownWords() {
        return ownWords == null ? List.of() : List.of(OWN_WORDS.read(ownWords));
    }

    @Nullable
    Double finalScore() {
        return finalScore;
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

    /** What it is a sheet of has become known. */
    void matched() {
        roastId = sample.roastId();
    }

    /** The roast; null for a coffee from outside. */
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

    /** Whose it is; empty while nobody has put a name to it. */
    @SuppressWarnings("NullAway")
    String named() {
        // null before it is first kept
        return cupper == null ? "" : cupper;
    }

    void writeOn(CuppingForm other) {
        form = other.code();
    }

    CuppingForm form() {
        return Coded.find(CuppingForm.class, form).orElseThrow();
    }

    long version() {
        return version;
    }

    Instant updatedAt() {
        return updatedAt;
    }

    @Override
    public long tableId() {
        return cupping.id();
    }
}
