package barrowmist.server.cupping;

import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Finds the sample that a sheet is of: by its code or place, on a table that may be told by its roast. */
@Component
class NamedSample {

    private final CuppingSampleRepository samples;
    private final RoastService roasts;

    NamedSample(CuppingSampleRepository samples, RoastService roasts) {
        this.samples = samples;
        this.roasts = roasts;
    }

    /** @throws InputProblems if it names none of the table's */
    CuppingSampleEntity find(CuppingEntity table, SheetEntry entry) {
        List<String> codes =
                table.samples().stream().map(CuppingSampleEntity::code).toList();
        // of shuffled cups the place is the code
        String code = entry.code() == null && entry.place() != null ? String.valueOf(entry.place()) : entry.code();
        if (code != null) {
            return table.ofCode(code)
                    .orElseThrow(() -> new InputProblems(
                            "code", "code is \"" + code + "\", expected one of " + String.join(", ", codes)));
        }
        if (entry.roastId() != null) {
            if (!table.told()) {
                throw new InputProblems(
                        "code", "This table is coded: name the sample by its code, one of " + String.join(", ", codes));
            }
            long roastId = roasts.get(entry.roastId()).id();
            return table.samples().stream()
                    .filter(s -> Objects.equals(s.roastId(), roastId))
                    .findFirst()
                    .orElseGet(() -> lay(table, roastId));
        }
        if (table.samples().size() == 1) {
            return table.samples().get(0);
        }
        throw table.told()
                ? new InputProblems("roastId", "roastId is missing, expected one of " + table.roastIds())
                : new InputProblems("code", "code is missing, expected one of " + String.join(", ", codes));
    }

    private CuppingSampleEntity lay(CuppingEntity table, long roastId) {
        return samples.saveAndFlush(
                table.lay(String.valueOf(table.samples().size() + 1), TableSample.ofRoast(roastId)));
    }
}
