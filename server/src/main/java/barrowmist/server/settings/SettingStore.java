package barrowmist.server.settings;

import barrowmist.server.web.Json;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps settings by name. */
@Service
@Transactional
public class SettingStore {

    private final SettingRepository settings;

    SettingStore(SettingRepository settings) {
        this.settings = settings;
    }

    /** The setting of this name, or the default while nobody has changed it. */
    @Transactional(readOnly = true)
    public <T> T get(String name, Class<T> type, Supplier<T> otherwise) {
        return settings.findById(name).map(s -> Json.read(s.content(), type)).orElseGet(otherwise);
    }

    public void keep(String name, Object content) {
        SettingEntity setting = settings.findById(name).orElseGet(() -> new SettingEntity(name));
        setting.setContent(Json.write(content));
        settings.save(setting);
    }
}
