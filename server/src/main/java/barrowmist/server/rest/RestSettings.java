package barrowmist.server.rest;

import barrowmist.core.check.Checks;
import barrowmist.core.green.Process;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.StoredJson;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
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
     * @param byProcess the school of a process; left out in labs of before
     */
    record KeptSchools(RestSchool school, @Nullable Map<Process, RestSchool> byProcess) {

        Map<Process, RestSchool> own() {
            return byProcess == null ? Map.of() : byProcess;
        }
    }

    KeptSchools kept() {
        return settings.get(SCHOOL, () -> new KeptSchools(RestSchool.PROTOCOL, null));
    }

    public RestSchool school(Process process) {
        return schools().apply(process);
    }

    /** The same, read once for many. */
    public Function<Process, RestSchool> schools() {
        KeptSchools kept = kept();
        return process -> kept.own().getOrDefault(process, kept.school());
    }

    /**
     * @param school left out for a process, which then goes with the others
     * @param process the process that it holds for; left out for all that have none of their own
     * @throws InputProblems if neither is given
     */
    void keep(@Nullable RestSchool school, @Nullable Process process) {
        KeptSchools before = kept();
        if (process == null) {
            InputProblems.refuseIfAny(
                    new Checks().chosen("school", RestSchool.class, school).problems());
            settings.keep(SCHOOL, new KeptSchools(Objects.requireNonNull(school), before.own()), null);
            return;
        }
        Map<Process, RestSchool> own = new EnumMap<>(Process.class);
        own.putAll(before.own());
        if (school == null) {
            own.remove(process);
        } else {
            own.put(process, school);
        }
        settings.keep(SCHOOL, new KeptSchools(before.school(), own), null);
    }
}
