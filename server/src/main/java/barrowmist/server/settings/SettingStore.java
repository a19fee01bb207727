package barrowmist.server.settings;

import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.StoredJson;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps settings by name. */
@Service
@KeptInTurn
public class SettingStore {

    private final SettingRepository settings;

    private final ApplicationEventPublisher told;

    SettingStore(SettingRepository settings, ApplicationEventPublisher told) {
        this.told = told;
        this.settings = settings;
    }

    /** The setting, or the default while nobody has changed it. */
    @Transactional(readOnly = true)
    public <T> T get(StoredJson<T> setting, Supplier<T> otherwise) {
        return settings.findById(setting.name())
                .map(s -> setting.read(s.content()))
                .orElseGet(otherwise);
    }

    /** Version of the setting: 0 while nobody has changed it, then counted up from 1. */
    @Transactional(readOnly = true)
    public long version(StoredJson<?> setting) {
        return settings.findById(setting.name()).map(SettingEntity::version).orElse(0L);
    }

    /**
     * Keeps a setting.
     *
     * @param madeFrom the version that was changed; null where none was named
     * @return its version now
     * @throws Conflict if the setting was changed meanwhile
     */
    public <T> long keep(StoredJson<T> kind, T content, @Nullable Long madeFrom) {
        SettingEntity setting = settings.findById(kind.name()).orElseGet(() -> new SettingEntity(kind.name()));
        Conflict.ifStale(madeFrom, setting.version(), "setting");
        setting.setContent(kind.write(content));
        told.publishEvent(new SettingChanged(kind.name()));
        return settings.saveAndFlush(setting).version();
    }
}
