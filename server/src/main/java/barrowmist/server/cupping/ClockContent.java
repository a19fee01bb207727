package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.CupCooling;
import barrowmist.core.cupping.panel.TableClock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a table's clock knows beside the pour.
 *
 * @param gapS between one sample's pour and the next, s
 * @param waterC as poured, °C
 * @param roomC °C
 * @param brokenS by code, s since the first pour
 */
record ClockContent(
        double gapS, double waterC, double roomC, List<CupCooling.Reading> readings, Map<String, Double> brokenS) {

    /** A rate is known long before so many were read: older ones make room. */
    private static final int MOST_READINGS = 50;

    static ClockContent none() {
        return of(TableClock.Pour.usual());
    }

    static ClockContent of(TableClock.Pour pour) {
        return new ClockContent(pour.gapS(), pour.waterC(), pour.roomC(), List.of(), Map.of());
    }

    CupCooling cooling() {
        return CupCooling.usual(waterC, roomC).fitted(readings);
    }

    ClockContent read(CupCooling.Reading reading) {
        List<CupCooling.Reading> all =
                new ArrayList<>(readings.subList(Math.max(0, readings.size() - MOST_READINGS + 1), readings.size()));
        all.add(reading);
        return new ClockContent(gapS, waterC, roomC, all, brokenS);
    }

    ClockContent broken(String code, double atS) {
        Map<String, Double> all = new LinkedHashMap<>(brokenS);
        all.putIfAbsent(code, atS);
        return new ClockContent(gapS, waterC, roomC, readings, all);
    }
}
