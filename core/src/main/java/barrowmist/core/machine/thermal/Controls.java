package barrowmist.core.machine.thermal;

import barrowmist.core.roast.RoastLog;

/** Where the controls stand as a roast goes on. */
@FunctionalInterface
public interface Controls {

    /**
     * Levels from {@code timeS} until the next step; called once for each step, in order of time.
     *
     * @param timeS s since charge
     * @param probeC what the bean probe reads, °C
     */
    ControlLevels at(double timeS, double probeC);

    /**
     * The same where the environment probe counts too.
     *
     * @param environmentC what it reads, °C
     */
    default ControlLevels at(double timeS, double probeC, double environmentC) {
        return at(timeS, probeC);
    }

    /** As logged. A control that the log lacks stands at {@code otherwise}. */
    static Controls logged(RoastLog sinceCharge, ControlLevels otherwise) {
        var gas = sinceCharge.gasPct();
        var air = sinceCharge.airflowPct();
        var drum = sinceCharge.drumRpm();
        return (t, probeC) -> new ControlLevels(
                gas.isEmpty() ? otherwise.gasPct() : gas.held(t),
                air.isEmpty() ? otherwise.airflowPct() : air.held(t),
                drum.isEmpty() ? otherwise.drumRpm() : drum.held(t));
    }
}
