package barrowmist.server.cupping;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TableProtocol;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was on the tables beside a roast, as far as it may be told. */
@Service
@Transactional(readOnly = true)
public class TablesAround {

    private final CuppedSheets cupped;
    private final Tables tables;

    TablesAround(CuppedSheets cupped, Tables tables) {
        this.cupped = cupped;
        this.tables = tables;
    }

    /**
     * A table on which a roast stood.
     *
     * @param protocol how it was prepared
     * @param others finished sheets of the other samples, by their roasts, in the order of the samples
     * @param before the roast whose sample stood just before; 0 when it was the first, or no roast of the lab
     */
    public record Around(TableProtocol protocol, Map<Long, List<CuppingSheet>> others, long before) {}

    /** The told tables of a roast, the first first. */
    public List<Around> of(long roastId) {
        List<Around> out = new ArrayList<>();
        Map<Long, CuppingEntity> around = new LinkedHashMap<>();
        cupped.ofRoast(roastId, CupUse.TRACE).every().forEach(s -> around.computeIfAbsent(s.cuppingId(), this::table));
        for (CuppingEntity table : around.values()) {
            out.add(new Around(Preparation.ofTable(table), others(table, roastId), before(table, roastId)));
        }
        return out;
    }

    private CuppingEntity table(long id) {
        return tables.get(id);
    }

    private Map<Long, List<CuppingSheet>> others(CuppingEntity table, long roastId) {
        Map<Long, List<CuppingSheet>> out =
                new LinkedHashMap<>(cupped.ofTable(table.id(), CupUse.TRACE).allByRoast());
        out.remove(roastId);
        return out;
    }

    private static long before(CuppingEntity table, long roastId) {
        Long last = null;
        for (CuppingSampleEntity sample : table.samples()) {
            if (Objects.equals(sample.roastId(), roastId)) {
                return last == null ? 0 : last;
            }
            last = sample.roastId();
        }
        return 0;
    }
}
