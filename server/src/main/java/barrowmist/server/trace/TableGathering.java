package barrowmist.server.trace;

import barrowmist.core.trace.CupFacts;
import barrowmist.core.trace.TableFacts;
import barrowmist.server.cupping.TablesAround;
import barrowmist.server.cupping.TablesAround.Around;
import barrowmist.server.cupping.TracedCups;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Gathers what the table says of a roast: its other samples, its preparation, and the other roasts of the lot. */
@Component
class TableGathering {

    private final TablesAround tables;
    private final TracedCups sheets;
    private final RoastService roasts;

    TableGathering(TablesAround tables, TracedCups sheets, RoastService roasts) {
        this.tables = tables;
        this.sheets = sheets;
        this.roasts = roasts;
    }

    TableFacts of(RoastEntity roast) {
        List<Map<String, Integer>> others = new ArrayList<>();
        List<String> before = new ArrayList<>();
        List<Around> all = tables.of(roast.id());
        for (Around table : all) {
            table.others().forEach((id, sheetsOfOne) -> {
                Map<String, Integer> words = CupFacts.of(sheetsOfOne).words();
                if (roasts.get(id).lot().id() != roast.lot().id()) {
                    others.add(words);
                }
                if (id == table.before()) {
                    before.addAll(words.keySet());
                }
            });
        }
        return new TableFacts(
                others,
                before,
                lot(roast),
                worst(all, t -> t.protocol().ratioOffPct()),
                worst(all, t -> t.protocol().waterOff()));
    }

    private static OptionalDouble worst(List<Around> tables, Function<Around, OptionalDouble> of) {
        return tables.stream().map(of).flatMapToDouble(OptionalDouble::stream).max();
    }

    private List<Map<String, Integer>> lot(RoastEntity roast) {
        return sheets
                .cuppedNear(roast.lot().id(), roast.id(), roast.roastedAt(), TableFacts.MOST_OF_LOT)
                .values()
                .stream()
                .map(cups -> CupFacts.of(cups).words())
                .toList();
    }
}
