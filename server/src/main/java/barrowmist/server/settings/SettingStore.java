package barrowmist.server.settings;

import barrowmist.server.web.Conflict;
import barrowmist.server.web.Json;
import barrowmist.server.web.KeptInTurn;
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

    /** The setting of this name, or the default while nobody has changed it. */
    @Transactional(readOnly = true)
    public <T> T get(String name, Class<T> type, Supplier<T> otherwise) {
        return settings.findById(name).map(s -> Json.read(s.content(), type)).orElseGet(otherwise);
    }

    /** Version of the setting: 0 while nobody has changed it, then counted up from 1. */
    @Transactional(readOnly = true)
    public long version(String name) {
        return settings.findById(name).map(SettingEntity::version).orElse(0L);
    }

    /**
     * Keeps a setting.
     *
     * @param madeFrom the version that was changed; null where none was named
     * @return its version now
     * @throws Conflict if the setting was changed meanwhile
     */
    public long keep(String name, Object content, @Nullable Long madeFrom) {
        SettingEntity setting = settings.findById(name).orElseGet(() -> new SettingEntity(name));
        Conflict.ifStale(madeFrom, setting.version(), "setting");
        setting.setContent(Json.write(content));
        told.publishEvent(new SettingChanged(name));
        return settings.saveAndFlush(setting).version();
    }
}
