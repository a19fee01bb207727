package barrowmist.server.report;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.CupReading;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.report.LotReports.Told;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastService.Analyzed;
import barrowmist.server.web.Conflict;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The report of one roast, and of all roasts of a table that was revealed. */
@Service
@Transactional(readOnly = true)
public class RoastReports {

    private final RoastService roasts;
    private final CuppedSheets sheets;
    private final RoastTelling telling;
    private final ReportPages pages;

    RoastReports(RoastService roasts, CuppedSheets sheets, RoastTelling telling, ReportPages pages) {
        this.roasts = roasts;
        this.sheets = sheets;
        this.telling = telling;
        this.pages = pages;
    }

    byte[] roast(long roastId, Wording wording) {
        CupReading reading = sheets.ofRoast(roastId, CupUse.REPORT);
        List<ToldSheet> told = reading.counted();
        Told one = told(roastId, told, wording);
        return pages.roasts(one.roast().title(), List.of(one), CupTelling.scores(reading, Map.of()), wording);
    }

    /** @throws Conflict if nothing is told of the table: it is blind, or nothing is finished */
    byte[] table(long cuppingId, Wording wording) {
        CupReading reading = sheets.ofTable(cuppingId, CupUse.REPORT);
        Map<Long, List<ToldSheet>> byRoast = reading.everyByRoast();
        List<Long> ids = List.copyOf(byRoast.keySet());
        if (ids.isEmpty()) {
            throw new Conflict("Nothing can be told of this table yet: finish its sheets, and reveal it.", Map.of());
        }
        List<Told> all = new ArrayList<>();
        for (long id : ids) {
            List<ToldSheet> told = byRoast.getOrDefault(id, List.of());
            all.add(told(id, told, wording));
        }
        return pages.roasts("Table " + cuppingId, all, CupTelling.scores(reading, Map.of()), wording);
    }

    private Told told(long roastId, List<ToldSheet> told, Wording wording) {
        Analyzed a = roasts.analyzed(roastId);
        return new Told(telling.of(a.roast(), a.analysis(), told, wording), a.analysis());
    }
}
