package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingSheet;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was found at one table, for those who read it; of a table that is not revealed, nothing. */
@Service
@Transactional(readOnly = true)
public class ToldTables {

    private final Tables tables;
    private final SheetRepository sheets;
    private final LabVocabulary words;

    ToldTables(Tables tables, SheetRepository sheets, LabVocabulary words) {
        this.tables = tables;
        this.sheets = sheets;
        this.words = words;
    }

    /**
     * A table with its finished sheets of coffees to which nothing was done; where two forms were written on, those of the one
     * that most were.
     *
     * @param told whether it may be told; where not, there are no sheets here
     * @param byRoast sheets by the roast they are of
     * @param outside sheets by the name of the coffee that came from outside
     */
    public record ToldTable(
            long cuppingId,
            Instant cuppedAt,
            boolean told,
            Map<Long, List<CuppingSheet>> byRoast,
            Map<String, List<CuppingSheet>> outside) {}

    /** @throws barrowmist.server.web.NotFound if there is no such table */
    public ToldTable of(long cuppingId) {
        CuppingEntity table = tables.get(cuppingId);
        Map<Long, List<CuppingSheet>> byRoast = new LinkedHashMap<>();
        Map<String, List<CuppingSheet>> outside = new LinkedHashMap<>();
        List<SheetEntity> given = table.told() ? sheets.findAllByCuppingIdOrderById(cuppingId) : List.of();
        for (SheetEntity s : SheetForms.on(SheetForms.main(given), given)) {
            if (s.sample().treatment() != null || s.sheet().finalScore().isEmpty()) {
                continue;
            }
            CuppingSheet spoken = words.spoken(List.of(s.sheet())).get(0);
            Long roastId = s.roastId();
            TableEntries.OutsideCoffee other = s.sample().outside();
            if (roastId != null) {
                byRoast.computeIfAbsent(roastId, id -> new ArrayList<>()).add(spoken);
            } else if (other != null) {
                outside.computeIfAbsent(other.name(), name -> new ArrayList<>()).add(spoken);
            }
        }
        return new ToldTable(cuppingId, table.cuppedAt(), table.told(), byRoast, outside);
    }
}
