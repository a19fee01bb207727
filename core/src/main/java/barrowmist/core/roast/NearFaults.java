package barrowmist.core.roast;

import java.util.List;

/** What falls short of a fault. */
public final class NearFaults {

    private NearFaults() {}

    /**
     * Falls and flat stretches that reach a share of what makes a crash or a stall, by the limits the roast was judged by.
     *
     * @param share from 0 to 1
     */
    public static List<Fault> of(RoastAnalysis a, double share) {
        FaultSettings softer = a.judgedBy().softer(share);
        RoastEvents marked = RoastEvents.of();
        if (a.figures().dryEnd().isPresent()) {
            marked = marked.with(EventKind.DRY_END, a.figures().dryEnd().get().timeS());
        }
        if (a.figures().firstCrack().isPresent()) {
            marked = marked.with(
                    EventKind.FIRST_CRACK, a.figures().firstCrack().get().timeS());
        }
        RoastEvents known = marked;
        Series bean = a.log().beanC();
        return a
                .figures()
                .rorPeak()
                .map(peak -> FaultFinder.find(
                        a.ror(),
                        RateOfRise.noiseCPerMin(bean),
                        RateOfRise.gapS(bean),
                        a.log(),
                        known,
                        peak,
                        Band.NONE,
                        softer))
                .map(FaultFinder.Found::faults)
                .orElse(List.of())
                .stream()
                .filter(f -> f.kind() == Fault.Kind.CRASH || f.kind() == Fault.Kind.STALL)
                .toList();
    }
}
