package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.CupCooling;
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

    private static final double USUAL_GAP_S = 20;
    private static final double USUAL_WATER_C = 93;
    private static final double USUAL_ROOM_C = 22;

    static ClockContent none() {
        return new ClockContent(USUAL_GAP_S, USUAL_WATER_C, USUAL_ROOM_C, List.of(), Map.of());
    }

    CupCooling cooling() {
        return CupCooling.usual(waterC, roomC).fitted(readings);
    }

    ClockContent read(CupCooling.Reading reading) {
        List<CupCooling.Reading> all = new ArrayList<>(readings);
        all.add(reading);
        return new ClockContent(gapS, waterC, roomC, all, brokenS);
    }

    ClockContent broken(String code, double atS) {
        Map<String, Double> all = new LinkedHashMap<>(brokenS);
        all.putIfAbsent(code, atS);
        return new ClockContent(gapS, waterC, roomC, readings, all);
    }
}
