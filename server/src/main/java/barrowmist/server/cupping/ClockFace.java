package barrowmist.server.cupping;

import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.cupping.panel.TableClock;
import barrowmist.server.cupping.ClockViews.ClockSample;
import barrowmist.server.cupping.ClockViews.ClockView;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** A table's clock as it stands at a moment. */
final class ClockFace {

    private ClockFace() {}

    /** When each sample was or will be poured, s since the first pour. */
    static List<Double> pours(CuppingEntity table) {
        ClockContent content = table.clock();
        Map<Integer, Double> tapped = new HashMap<>();
        for (int i = 0; i < table.samples().size(); i++) {
            Double at = content.tapped().get(table.samples().get(i).code());
            if (at != null) {
                tapped.put(i, at);
            }
        }
        return TableClock.pours(table.samples().size(), content.gapS(), tapped);
    }

    static ClockView at(CuppingEntity table, Instant now) {
        ClockContent content = table.clock();
        TableProtocol protocol = Preparation.ofTable(table);
        List<Double> pours = pours(table);
        TableClock clockOf = new TableClock(content.cooling(), pours, protocol.timing());
        List<ClockSample> samples = new ArrayList<>();
        for (int i = 0; i < pours.size(); i++) {
            samples.add(sample(
                    table.samples().get(i).code(),
                    pours.get(i),
                    content,
                    protocol.timing().toBreakS()));
        }
        boolean brewed = protocol.drink().serving() != Drink.Serving.ESPRESSO;
        Instant pourBy = content.pourBy();
        Instant poured = table.pouredAt();
        return new ClockView(
                now,
                poured,
                content.groundAt(),
                Boolean.TRUE.equals(content.covered()),
                pourBy,
                poured != null && pourBy != null && poured.isAfter(pourBy),
                brewed ? clockOf.steps() : List.of(),
                samples,
                content.gapS(),
                content.readings().size());
    }

    private static ClockSample sample(String code, double pourS, ClockContent content, double breakS) {
        Double brokenS = content.brokenS().get(code);
        TableClock.Break how = TableClock.Break.at(brokenS == null ? breakS : brokenS - pourS);
        return new ClockSample(
                code,
                pourS,
                content.tapped().containsKey(code),
                pourS + breakS,
                brokenS == null ? OptionalDouble.empty() : OptionalDouble.of(brokenS),
                how.early(),
                how.late());
    }
}
