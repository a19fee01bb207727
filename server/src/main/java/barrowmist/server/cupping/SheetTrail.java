package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.ScoreTrail;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * How the scores of a sheet went while its cups cooled, as kept and on the wire.
 *
 * @param scores by attribute name
 */
record SheetTrail(Map<String, ScoreTrail> scores) {

    static final SheetTrail NONE = new SheetTrail(Map.of());

    /** With the scores as they stand on this sheet now; one that was taken back is forgotten. */
    SheetTrail then(CuppingSheet sheet, Instant now, OptionalDouble cupC) {
        Map<String, ScoreTrail> out = new LinkedHashMap<>();
        sheet.attributes().forEach((name, score) -> {
            ScoreTrail before = scores.get(name);
            ScoreTrail.Mark mark = new ScoreTrail.Mark(score, now, cupC);
            out.put(name, before == null ? ScoreTrail.begun(mark) : before.then(mark));
        });
        return new SheetTrail(out);
    }
}
