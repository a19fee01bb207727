package barrowmist.core.trace;

import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads the rest and the table: the age of the sample, the other samples, the preparation, the other roasts of the lot. */
final class TableSigns {

    private static final int FEWEST_OTHERS = 2;
    private static final double HOURS_A_DAY = 24;

    private final TraceInput in;
    private final TableFacts table;
    private final Set<String> words;
    private final SignReading out;

    /** @param words the words of faults that were found in these cups */
    TableSigns(TraceInput in, Set<String> words, SignReading out) {
        this.in = in;
        this.table = in.table();
        this.words = words;
        this.out = out;
    }

    void read() {
        in.restHours().stream()
                // nobody cups within minutes of the roast: then its time was not entered
                .filter(h -> h >= out.rules.value("rest.believed"))
                .forEach(this::rest);
        if (!words.isEmpty()) {
            others();
            lot();
        }
        table.doseOffPct()
                .ifPresent(off ->
                        out.figure(Sign.DOSE_OFF, off, "coffee to water %.0f %% off the usual ratio".formatted(off)));
        table.waterOff()
                .ifPresent(off -> out.figure(
                        Sign.WATER_OFF, off, off > 1 ? "water far from what is usual" : "water about as usual"));
    }

    private void rest(double hours) {
        double opens = in.school().opensH(in.green().process());
        String text = hours < 2 * HOURS_A_DAY
                ? "cupped after %.0f h".formatted(hours)
                : "cupped after %.0f days".formatted(hours / HOURS_A_DAY);
        out.figure(
                Sign.TOO_YOUNG,
                (opens - hours) / opens,
                text + "; the %s style waits %.0f h".formatted(in.school().label(), opens));
        out.figure(Sign.TOO_OLD, hours / HOURS_A_DAY, text);
    }

    private void others() {
        List<Map<String, Integer>> others = table.others();
        if (others.size() >= FEWEST_OTHERS) {
            long sharing = others.stream().filter(this::shares).count();
            out.figure(
                    Sign.OTHERS_TOO,
                    (double) sharing / others.size(),
                    "%d of the %d other samples of the table share it".formatted(sharing, others.size()));
        }
        List<String> same = table.before().stream().filter(words::contains).toList();
        if (!table.before().isEmpty()) {
            out.seen(
                    Sign.GROUND_BEFORE,
                    !same.isEmpty(),
                    same.isEmpty()
                            ? "the sample ground before tastes of something else"
                            : "the sample ground before tastes of %s too".formatted(String.join(", ", same)));
        }
    }

    private void lot() {
        List<Map<String, Integer>> lot = table.lot();
        if (!lot.isEmpty()) {
            long sharing = lot.stream().filter(this::shares).count();
            out.figure(
                    Sign.WHOLE_LOT,
                    (double) sharing / lot.size(),
                    "%d of %d other %s of the lot %s it"
                            .formatted(
                                    sharing,
                                    lot.size(),
                                    lot.size() == 1 ? "roast" : "roasts",
                                    sharing == 1 ? "shares" : "share"));
        }
    }

    private boolean shares(Map<String, Integer> other) {
        return other.keySet().stream().anyMatch(words::contains);
    }
}
