package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.TableCodes;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.roast.RoastService;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Component;

/** Draws a table: what stands under which code, or under which mark. */
@Component
class Laying {

    private static final int USUAL_CUPS = 5;

    private final RoastService roasts;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Laying(RoastService roasts, Clock clock) {
        this.roasts = roasts;
        this.clock = clock;
    }

    /**
     * A table that is kept nowhere yet.
     *
     * @param sets of three that a triangle serves
     */
    record Laid(CuppingEntity table, int sets) {}

    Laid lay(CuppingEntry entry) {
        int cups = entry.cups() == null ? USUAL_CUPS : entry.cups();
        TableReader read = new TableReader(entry, roasts);
        TableKind kind = read.kind();
        Blindness blind = read.blind();
        int sets = read.sets();
        List<TableSample> samples = read.samples(cups);
        boolean coded = blind == Blindness.CODED;
        CuppingEntity table = new CuppingEntity(
                kind,
                read.form(),
                entry.cuppedAt() == null ? clock.instant() : entry.cuppedAt(),
                cups,
                new Blinding(blind, blind == Blindness.OPEN ? null : TableCodes.join(random)),
                entry.protocol(),
                read.choice());
        if (coded) {
            Collections.shuffle(samples, random);
        }
        List<String> codes = TableCodes.of(kind, coded, samples.size(), random);
        List<String> marks = blind == Blindness.UNDERSIDE ? TableCodes.marks(samples.size(), random) : List.of();
        for (int i = 0; i < samples.size(); i++) {
            table.lay(
                    codes.get(i),
                    marks.isEmpty() ? samples.get(i) : samples.get(i).marked(marks.get(i)));
        }
        return new Laid(table, sets);
    }
}
