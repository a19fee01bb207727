package barrowmist.server.rest;

import barrowmist.core.rest.RestSchool;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Which school of resting the lab keeps to. Whoever judges a rest asks here. */
@Service
public class RestSettings {

    private static final String SCHOOL = "rest-school";

    private final SettingStore settings;

    RestSettings(SettingStore settings) {
        this.settings = settings;
    }

    /** The school that is kept to. */
    record KeptSchool(String school) {}

    public RestSchool school() {
        return named(settings.get(SCHOOL, KeptSchool.class, () -> new KeptSchool(RestSchool.PROTOCOL.label()))
                .school());
    }

    /** @throws InputProblems if there is no such school */
    static RestSchool named(@Nullable String name) {
        return RestSchool.parse(name == null ? "" : name)
                .orElseThrow(() -> new InputProblems(
                        "school", "The school is \"" + name + "\", expected protocol, drinking or late"));
    }

    void keep(@Nullable String name) {
        settings.keep(SCHOOL, new KeptSchool(named(name).label()), null);
    }
}
