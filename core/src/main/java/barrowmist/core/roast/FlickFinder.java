package barrowmist.core.roast;

import java.util.ArrayList;
import java.util.List;

/** Finds flicks: the rate of rise turns upward again. */
final class FlickFinder {

    /** A rise within so many standard deviations of the noise is none. */
    private static final double NOISE_SDS = 4;

    /** A flick starts where it has made this share of its height (house default). */
    private static final double START_SHARE = 0.1;

    private final RorTrace ror;
    private final double rise;
    private final double holdS;
    private final List<String> meant;

    /** @param meant takes what the controls explain, a sentence each */
    FlickFinder(RorTrace ror, FaultSettings settings, List<String> meant) {
        this.ror = ror;
        this.meant = meant;
        this.rise = Math.max(settings.flickRiseCPerMin(), NOISE_SDS * ror.noise());
        this.holdS = settings.flickHoldS();
    }

    List<Fault> find() {
        List<Fault> flicks = new ArrayList<>();
        int low = ror.first();
        for (int i = low + 1; i < ror.size(); i++) {
            if (ror.r()[i] < ror.r()[low]) {
                low = i;
            } else if (ror.r()[i] - ror.r()[low] >= rise) {
                int end = i;
                int top = i;
                while (end + 1 < ror.size() && ror.r()[end + 1] - ror.r()[low] >= rise) {
                    end++;
                    top = ror.r()[end] > ror.r()[top] ? end : top;
                }
                if (ror.t()[end] - ror.t()[i] >= holdS) {
                    take(flick(low, top), flicks);
                }
                i = end;
                low = end;
            }
        }
        return flicks;
    }

    private void take(Fault flick, List<Fault> flicks) {
        if (ror.done(flick.fromS() - HeatChange.BELONGS_S, flick.toS()).putIn()) {
            meant.add("From %s to %s the rate of rise was raised: gas was put in or air was taken back. It is no flick."
                    .formatted(Clock.text(flick.fromS()), Clock.text(flick.toS())));
        } else {
            flicks.add(flick);
        }
    }

    private Fault flick(int low, int top) {
        double height = ror.r()[top] - ror.r()[low];
        int begin = top;
        while (begin > low && ror.r()[begin] - ror.r()[low] > START_SHARE * height) {
            begin--;
        }
        return new Fault(Fault.Kind.FLICK, ror.t()[begin], ror.t()[top], height, ror.r()[low], ror.r()[top]);
    }
}
