package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Finds the faults of a rate of rise: {@link Fault.Kind}, by {@link FaultSettings}. */
final class FaultFinder {

    /** Where dry end is not marked, faults are looked for from so long after the peak, s (house default). */
    private static final double AFTER_PEAK_S = 60;

    private FaultFinder() {}

    /**
     * What was found.
     *
     * @param faults in order of time
     * @param meant falls and rises that the controls explain, a sentence each
     */
    record Found(List<Fault> faults, List<String> meant) {}

    /**
     * @param ror centred rate of rise from the turning point to the drop
     * @param noise standard deviation of its noise, °C/min
     * @param gapS from which distance on there is a gap, s
     * @param log readings since charge, for what was done at the controls
     * @param marked events, s since charge
     */
    static Found find(
            Series ror,
            double noise,
            double gapS,
            RoastLog log,
            RoastEvents marked,
            RorPoint peak,
            Band peakBand,
            FaultSettings settings) {
        List<Fault> faults = new ArrayList<>();
        List<String> meant = new ArrayList<>();
        OptionalDouble dryEndS = marked.timeS(EventKind.DRY_END);
        surge(peak, ror, peakBand, settings).ifPresent(faults::add);
        double fromS = dryEndS.orElse(peak.timeS() + AFTER_PEAK_S);
        for (RorTrace part : parts(ror.slice(peak.timeS(), Double.MAX_VALUE, 0), gapS, fromS, noise, log, marked)) {
            new CrashFinder(part, settings, meant)
                    .find().stream().filter(f -> f.toS() >= fromS).forEach(faults::add);
            faults.addAll(new FlickFinder(part, settings, meant).find());
            faults.addAll(new StallFinder(part, settings).find());
        }
        faults.sort(Comparator.comparingDouble(Fault::fromS));
        return new Found(List.copyOf(faults), List.copyOf(meant));
    }

    private static List<RorTrace> parts(
            Series ror, double gapS, double fromS, double noise, RoastLog log, RoastEvents marked) {
        List<RorTrace> parts = new ArrayList<>();
        double[] t = ror.timesS();
        double[] r = ror.values();
        int first = ror.indexFrom(fromS);
        for (int start = 0; start < t.length; ) {
            int end = RateOfRise.segmentEnd(t, start, gapS);
            parts.add(new RorTrace(
                    Arrays.copyOfRange(t, start, end),
                    Arrays.copyOfRange(r, start, end),
                    Math.min(Math.max(0, first - start), end - start),
                    noise,
                    marked.timeS(EventKind.FIRST_CRACK),
                    log.gasPct(),
                    log.airflowPct()));
            start = end;
        }
        return parts;
    }

    /** The stretch of rate of rise that lies above the band, when its peak does. */
    private static Optional<Fault> surge(RorPoint peak, Series ror, Band band, FaultSettings settings) {
        if (!(band instanceof Band.Learned learned)) {
            return Optional.empty();
        }
        double ceiling = learned.high(settings.surgeSpreads());
        int i = ror.indexFrom(peak.timeS());
        double peakCPerMin = ror.value(i);
        if (peakCPerMin <= ceiling) {
            return Optional.empty();
        }
        int from = i;
        int to = i;
        while (from > 0 && ror.value(from - 1) > ceiling) {
            from--;
        }
        while (to + 1 < ror.size() && ror.value(to + 1) > ceiling) {
            to++;
        }
        return Optional.of(new Fault(
                Fault.Kind.SURGE,
                ror.timeS(from),
                ror.timeS(to),
                peakCPerMin - ceiling,
                ror.value(from),
                ror.value(to)));
    }
}
