package barrowmist.server.report;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.decision.LabelText;
import barrowmist.core.decision.LabelText.Coffee;
import barrowmist.core.rest.Age;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.report.ReportViews.LabelSettings;
import barrowmist.server.report.ReportViews.LabelTextView;
import barrowmist.server.report.ReportViews.WordCups;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.StoredJson;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands on a bag, from the cups and the house's own scales. */
@Service
@KeptInTurn
public class LabelTexts {

    private static final StoredJson<LabelSettings> BEST_FOR =
            StoredJson.of("label-best-for-months", LabelSettings.class);
    private static final int MOST_MONTHS = 36;

    private final LotService lots;
    private final CuppedSheets sheets;
    private final SettingStore settings;
    private final Clock clock;

    LabelTexts(LotService lots, CuppedSheets sheets, SettingStore settings, Clock clock) {
        this.lots = lots;
        this.sheets = sheets;
        this.settings = settings;
        this.clock = clock;
    }

    /** @param roastedOn today when it is left out */
    @Transactional(readOnly = true)
    LabelTextView of(long lotId, @Nullable LocalDate roastedOn) {
        LotEntity lot = lots.get(lotId);
        LocalDate roasted = roastedOn == null ? LocalDate.now(clock) : roastedOn;
        int months = settings().bestForMonths();
        List<ToldSheet> told = sheets.ofLot(lotId, CupUse.REPORT).counted();
        Coffee coffee = new Coffee(
                lot.name(),
                lot.origin() + ", " + lot.process().label(),
                CupTelling.words(told).stream().map(WordCups::word).toList(),
                scales(told));
        return new LabelTextView(LabelText.lines(coffee, roasted, months), LabelText.bestBy(roasted, months));
    }

    private Map<String, Double> scales(List<ToldSheet> told) {
        Map<String, Double> out = new LinkedHashMap<>();
        for (String name : sheets.houseScales()) {
            OptionalDouble mean = told.stream()
                    .map(s -> s.scales().get(name))
                    .filter(Objects::nonNull)
                    .mapToInt(Integer::intValue)
                    .average();
            mean.ifPresent(m -> out.put(name, m));
        }
        return out;
    }

    @Transactional(readOnly = true)
    LabelSettings settings() {
        LabelSettings kept = settings.get(BEST_FOR, () -> new LabelSettings(Age.BEST_BEFORE_MONTHS, null));
        return new LabelSettings(kept.bestForMonths(), settings.version(BEST_FOR));
    }

    /** @throws InputProblems if the months are out of range */
    LabelSettings keep(LabelSettings changed) {
        InputProblems.refuseIfAny(new Checks()
                .range("bestForMonths", "Best before", changed.bestForMonths(), 1, MOST_MONTHS, "months")
                .problems());
        return new LabelSettings(changed.bestForMonths(), settings.keep(BEST_FOR, changed, changed.version()));
    }
}
