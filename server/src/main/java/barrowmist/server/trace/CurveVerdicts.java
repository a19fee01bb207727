package barrowmist.server.trace;

import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.StoredJson;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * Whether a screen says what a curve looks like before the roast has been cupped: some labs hold that no curve tells a taste,
 * and that who has read a verdict tastes it.
 */
@RestController
class CurveVerdicts {

    private static final StoredJson<AfterCup> NAME = StoredJson.of("curve-verdicts", AfterCup.class);

    private final SettingStore settings;
    private final CuppedSheets sheets;

    CurveVerdicts(SettingStore settings, CuppedSheets sheets) {
        this.settings = settings;
        this.sheets = sheets;
    }

    /** Whether verdicts on a curve are shown only after the cup. */
    record AfterCup(boolean afterCup) {}

    /**
     * The same, with the roasts of which they may be shown.
     *
     * @param cupped numbers of roasts with a told sheet; empty where all may be shown
     */
    record CurveVerdictsView(boolean afterCup, Set<Long> cupped) {}

    @GetMapping("/api/curve-verdicts")
    CurveVerdictsView held() {
        boolean afterCup = settings.get(NAME, () -> new AfterCup(false)).afterCup();
        return new CurveVerdictsView(afterCup, afterCup ? new TreeSet<>(sheets.ids()) : Set.of());
    }

    @PutMapping("/api/curve-verdicts")
    CurveVerdictsView keep(@RequestBody AfterCup entry) {
        settings.keep(NAME, entry, null);
        return held();
    }
}
