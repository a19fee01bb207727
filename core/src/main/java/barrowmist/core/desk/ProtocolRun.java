package barrowmist.core.desk;

import barrowmist.core.machine.Protocol;
import barrowmist.core.machine.Protocol.Kind;
import barrowmist.core.machine.Protocol.Probe;
import barrowmist.core.machine.Protocol.Step;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The steps between two batches as they are done: a step that waits for a reading ends by itself, one for a hand is
 * ended by it. Mutable.
 */
public final class ProtocolRun {

    /** A control stands where it is to stand when it is this near, % (house default). */
    private static final double NEAR_PCT = 1.5;

    private final List<Step> steps;
    private final double beganS;
    private int at;
    private double stepBeganS;

    /**
     * @param beganS when the first step began, s on any clock
     */
    public ProtocolRun(Protocol protocol, double beganS) {
        this.steps = protocol.steps();
        this.beganS = beganS;
        this.stepBeganS = beganS;
    }

    /** What the roaster says while the steps are done. Empty where it says nothing. */
    public record Seen(
            double timeS,
            OptionalDouble beanC,
            OptionalDouble environmentC,
            OptionalDouble gasPct,
            OptionalDouble airflowPct) {}

    /** Goes on over every step that is fulfilled by what is seen. */
    public void see(Seen seen) {
        while (at < steps.size() && fulfilled(steps.get(at), seen)) {
            goOn(seen.timeS());
        }
    }

    private boolean fulfilled(Step step, Seen seen) {
        double value = step.value().orElse(0);
        OptionalDouble probe = step.probe() == Probe.BEAN ? seen.beanC : seen.environmentC;
        return switch (step.kind()) {
            case FALL_TO -> probe.isPresent() && probe.getAsDouble() <= value;
            case RISE_TO -> probe.isPresent() && probe.getAsDouble() >= value;
            case WAIT -> seen.timeS - stepBeganS >= value;
            case SET_GAS -> near(seen.gasPct, value);
            case SET_AIR -> near(seen.airflowPct, value);
            case DO -> false;
        };
    }

    private static boolean near(OptionalDouble read, double wanted) {
        return read.isPresent() && Math.abs(read.getAsDouble() - wanted) <= NEAR_PCT;
    }

    /** A person says that the present step is done. */
    public void done(int step, double timeS) {
        // two presses end one step
        if (step == at && at < steps.size()) {
            goOn(timeS);
        }
    }

    private void goOn(double timeS) {
        at++;
        stepBeganS = timeS;
    }

    /** Index of the present step; the number of steps when all are done. */
    public int at() {
        return at;
    }

    public Optional<Step> step() {
        return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
    }

    /** Whether the present step waits for a hand and not for a reading. */
    public boolean needsHand() {
        return step().map(s -> s.kind() == Kind.DO || s.kind() == Kind.SET_GAS || s.kind() == Kind.SET_AIR)
                .orElse(false);
    }

    public List<Step> steps() {
        return steps;
    }

    /** Since the first step began, s. */
    public double elapsedS(double nowS) {
        return nowS - beganS;
    }

    public double stepElapsedS(double nowS) {
        return nowS - stepBeganS;
    }
}
