package barrowmist.server.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** A setting as kept. */
@Entity
@Table(name = "setting")
class SettingEntity {

    @Id
    private String name;

    private String content;

    // null until it is saved first, so that saving inserts
    @Version
    private @Nullable Long version;

    protected SettingEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    SettingEntity(String name) {
        this.name = name;
    }

    void setContent(String content) {
        this.content = content;
    }

    /** 0 for a setting that was never saved, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }

    String content() {
        return content;
    }
}
