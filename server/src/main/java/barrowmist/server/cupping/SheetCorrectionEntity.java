package barrowmist.server.cupping;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A sheet as it was before somebody corrected it after the reveal. Never changed. */
@Entity
@Table(name = "sheet_correction")
class SheetCorrectionEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long sheetId;
    private String was;
    private @Nullable Double wasScore;
    private @Nullable Double nowScore;
    private String reason;
    private String correctedBy;
    private Instant correctedAt;

    protected SheetCorrectionEntity() {}

    // what it came to is known once it was kept
    SheetCorrectionEntity(SheetEntity sheet, String reason, String by, Instant at) {
        this.sheetId = sheet.id();
        this.was = SheetEntity.CONTENT.write(sheet.content());
        this.wasScore = sheet.finalScore();
        this.reason = reason;
        this.correctedBy = by;
        this.correctedAt = at;
    }

    void became(@Nullable Double score) {
        nowScore = score;
    }

    long sheetId() {
        return sheetId;
    }

    SheetContent was() {
        return SheetEntity.CONTENT.read(was);
    }

    @Nullable
    Double wasScore() {
        return wasScore;
    }

    @Nullable
    Double nowScore() {
        return nowScore;
    }

    String reason() {
        return reason;
    }

    String correctedBy() {
        return correctedBy;
    }

    Instant correctedAt() {
        return correctedAt;
    }
}
