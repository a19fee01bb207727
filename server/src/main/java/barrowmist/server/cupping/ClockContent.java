package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.CupCooling;
import barrowmist.core.cupping.panel.TableClock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a table's clock knows beside the pour.
 *
 * @param gapS between one sample's pour and the next, s
 * @param waterC as poured, °C
 * @param roomC °C
 * @param brokenS by code, s since the first pour
 * @param tappedS by code, when somebody poured, s since the first pour
 * @param groundAt when the first of it was ground
 * @param covered whether the ground coffee stands covered
 */
record ClockContent(
        double gapS,
        double waterC,
        double roomC,
        List<CupCooling.Reading> readings,
        Map<String, Double> brokenS,
        @Nullable Map<String, Double> tappedS,
        @Nullable Instant groundAt,
        @Nullable Boolean covered) {

    /** A rate is known long before so many were read: older ones make room. */
    private static final int MOST_READINGS = 50;

    static ClockContent none() {
        TableClock.Pour usual = TableClock.Pour.usual();
        return new ClockContent(usual.gapS(), usual.waterC(), usual.roomC(), List.of(), Map.of(), Map.of(), null, null);
    }

    /** Begins to pour; what was ground before stays. */
    ClockContent poured(TableClock.Pour pour) {
        return new ClockContent(
                pour.gapS(), pour.waterC(), pour.roomC(), List.of(), Map.of(), Map.of(), groundAt, covered);
    }

    ClockContent ground(@Nullable Instant at, boolean isCovered) {
        return new ClockContent(gapS, waterC, roomC, readings, brokenS, tappedS, at, at == null ? null : isCovered);
    }

    /** Until when the water is to be on it; null where nothing was ground yet. */
    @Nullable
    Instant pourBy() {
        return groundAt == null
                ? null
                : groundAt.plus(Duration.ofSeconds((long) TableClock.groundS(Boolean.TRUE.equals(covered))));
    }

    CupCooling cooling() {
        return CupCooling.usual(waterC, roomC).fitted(readings);
    }

    ClockContent read(CupCooling.Reading reading) {
        List<CupCooling.Reading> all =
                new ArrayList<>(readings.subList(Math.max(0, readings.size() - MOST_READINGS + 1), readings.size()));
        all.add(reading);
        return new ClockContent(gapS, waterC, roomC, all, brokenS, tappedS, groundAt, covered);
    }

    ClockContent broken(String code, double atS) {
        return new ClockContent(gapS, waterC, roomC, readings, with(brokenS, code, atS), tappedS, groundAt, covered);
    }

    ClockContent tapped(String code, double atS) {
        return new ClockContent(gapS, waterC, roomC, readings, brokenS, with(tapped(), code, atS), groundAt, covered);
    }

    Map<String, Double> tapped() {
        return Objects.requireNonNullElse(tappedS, Map.of());
    }

    private static Map<String, Double> with(Map<String, Double> before, String code, double atS) {
        Map<String, Double> all = new LinkedHashMap<>(before);
        all.putIfAbsent(code, atS);
        return all;
    }
}
