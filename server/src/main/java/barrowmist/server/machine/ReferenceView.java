package barrowmist.server.machine;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.KeyFigure;

/** What the machine usually does with coffees of this process. */
public record ReferenceView(
        BandView chargeC,
        BandView turningPointS,
        BandView turningPointC,
        BandView dryEndC,
        BandView firstCrackC,
        BandView peakCPerMin,
        BandView environmentDropC) {
    public static ReferenceView of(MachineReference r) {
        return new ReferenceView(
                BandView.of(r.chargeC()),
                BandView.of(r.turningPointS()),
                BandView.of(r.turningPointC()),
                BandView.of(r.dryEndC()),
                BandView.of(r.firstCrackC()),
                BandView.of(r.peakCPerMin()),
                BandView.of(r.of(KeyFigure.ENVIRONMENT_DROP_C)));
    }
}
