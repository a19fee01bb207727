package barrowmist.core.trace;

import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.units.Wording;

/** A fault of the rate of rise, in a sentence. */
final class FaultSentence {

    private FaultSentence() {}

    /** The same of what falls short of it. */
    static String nearly(Fault f, Wording wording) {
        return f.kind() == Fault.Kind.STALL
                ? "rate of rise lay flat near %s for %d s from %s, short of a stall"
                        .formatted(wording.rate(f.toCPerMin()), Math.round(f.durationS()), Clock.text(f.fromS()))
                : "rate of rise fell faster at %s, short of a crash: %s to %s in %d s"
                        .formatted(
                                Clock.text(f.fromS()),
                                wording.bareRate(f.fromCPerMin()),
                                wording.rate(f.toCPerMin()),
                                Math.round(f.durationS()));
    }

    static String of(Fault f, Wording wording) {
        return f.kind() == Fault.Kind.STALL
                ? "rate of rise stalled near %s for %d s from %s"
                        .formatted(wording.rate(f.toCPerMin()), Math.round(f.durationS()), Clock.text(f.fromS()))
                : "rate of rise crashed at %s: %s to %s in %d s"
                        .formatted(
                                Clock.text(f.fromS()),
                                wording.bareRate(f.fromCPerMin()),
                                wording.rate(f.toCPerMin()),
                                Math.round(f.durationS()));
    }
}
