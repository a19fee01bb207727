package barrowmist.core.desk;

import barrowmist.core.roast.Reading;
import java.util.OptionalDouble;

/** What of a roaster's readings can be true. Mutable, for one batch. */
public final class BelievedReadings {

    private static final double HIGHEST_RPM = 300;

    private final ProbeFilter bean = new ProbeFilter();
    private final ProbeFilter environment = new ProbeFilter();

    /** The reading without what cannot be true; where both probes speak nonsense, the controls are not believed either. */
    public Reading of(double timeS, RoasterReading raw) {
        OptionalDouble beanC = bean.pass(timeS, raw.beanC());
        OptionalDouble environmentC = environment.pass(timeS, raw.environmentC());
        boolean believed = beanC.isPresent() || environmentC.isPresent();
        return new Reading(
                timeS,
                beanC,
                environmentC,
                within(believed, raw.gasPct(), EntryRules.HIGHEST_PCT),
                within(believed, raw.airflowPct(), EntryRules.HIGHEST_PCT),
                within(believed, raw.drumRpm(), HIGHEST_RPM));
    }

    private static OptionalDouble within(boolean believed, OptionalDouble v, double highest) {
        boolean possible = believed && v.isPresent() && v.getAsDouble() >= 0 && v.getAsDouble() <= highest;
        return possible ? v : OptionalDouble.empty();
    }

    public boolean frozen(double timeS) {
        return bean.frozen(timeS);
    }

    public int refused() {
        return bean.refused() + environment.refused();
    }
}
