package barrowmist.server.day;

import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** The roasts of a day as kept. */
@Entity
@Table(name = "roast_day")
class DayEntity {

    static final StoredJson<DayViews.DayContent> CONTENT = StoredJson.of("day", DayViews.DayContent.class);

    @Id
    private LocalDate onDate;

    @Column(name = "content")
    private String contentJson;

    // null until it is saved first, so that saving inserts
    @Version
    private @Nullable Long version;

    protected DayEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    DayEntity(LocalDate onDate) {
        this.onDate = onDate;
    }

    void keep(DayViews.DayContent content) {
        contentJson = CONTENT.write(content);
    }

    DayViews.DayContent content() {
        return CONTENT.read(contentJson);
    }

    LocalDate onDate() {
        return onDate;
    }

    /** 0 for a day that was never saved, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }
}
