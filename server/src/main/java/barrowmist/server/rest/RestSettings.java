package barrowmist.server.rest;

import barrowmist.core.green.Process;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Which schools of resting the lab keeps to, by process. Whoever judges a rest asks here. */
@Service
public class RestSettings {

    private static final StoredJson<KeptSchools> SCHOOL = StoredJson.of("rest-school", KeptSchools.class);

    private final SettingStore settings;

    RestSettings(SettingStore settings) {
        this.settings = settings;
    }

    /**
     * What is kept.
     *
     * @param school of every process that has none of its own
     * @param byProcess the school of a process, by its label; left out in labs of before
     */
    record KeptSchools(String school, @Nullable Map<String, String> byProcess) {

        Map<String, String> own() {
            return byProcess == null ? Map.of() : byProcess;
        }
    }

    KeptSchools kept() {
        return settings.get(SCHOOL, () -> new KeptSchools(RestSchool.PROTOCOL.label(), null));
    }

    public RestSchool school(Process process) {
        return schools().apply(process);
    }

    /** The same, read once for many. */
    public Function<Process, RestSchool> schools() {
        KeptSchools kept = kept();
        RestSchool main = named(kept.school());
        return process -> Optional.ofNullable(kept.own().get(process.label()))
                .map(RestSettings::named)
                .orElse(main);
    }

    /** @throws InputProblems if there is no such school */
    static RestSchool named(@Nullable String name) {
        return RestSchool.parse(name == null ? "" : name)
                .orElseThrow(() -> new InputProblems(
                        "school", "The school is \"" + name + "\", expected protocol, drinking or late"));
    }

    /**
     * @param name a school; left out for a process, which then goes with the others
     * @param process the process that it holds for; left out for all that have none of their own
     */
    void keep(@Nullable String name, @Nullable String process) {
        KeptSchools before = kept();
        if (process == null) {
            settings.keep(SCHOOL, new KeptSchools(named(name).label(), before.own()), null);
            return;
        }
        if (Process.parse(process).isEmpty()) {
            throw new InputProblems("process", "There is no process \"" + process + "\"");
        }
        Map<String, String> own = new LinkedHashMap<>(before.own());
        if (name == null) {
            own.remove(process);
        } else {
            own.put(process, named(name).label());
        }
        settings.keep(SCHOOL, new KeptSchools(before.school(), own), null);
    }
}
