package barrowmist.server.desk;

import barrowmist.core.device.ProbeFilter;
import barrowmist.core.roast.Reading;
import barrowmist.server.device.RoasterReading;
import java.util.OptionalDouble;

/** What of a roaster's readings can be true. Mutable, for one batch. */
final class Sense {

    private static final double HIGHEST_PCT = 100;
    private static final double HIGHEST_RPM = 300;

    private final ProbeFilter bean = new ProbeFilter();
    private final ProbeFilter environment = new ProbeFilter();

    /** The reading without what cannot be true; where both probes speak nonsense, the controls are not believed either. */
    Reading of(double timeS, RoasterReading raw) {
        OptionalDouble beanC = bean.pass(timeS, raw.beanC());
        OptionalDouble environmentC = environment.pass(timeS, raw.environmentC());
        boolean believed = beanC.isPresent() || environmentC.isPresent();
        return new Reading(
                timeS,
                beanC,
                environmentC,
                within(believed, raw.gasPct(), HIGHEST_PCT),
                within(believed, raw.airflowPct(), HIGHEST_PCT),
                within(believed, raw.drumRpm(), HIGHEST_RPM));
    }

    private static OptionalDouble within(boolean believed, OptionalDouble v, double highest) {
        boolean possible = believed && v.isPresent() && v.getAsDouble() >= 0 && v.getAsDouble() <= highest;
        return possible ? v : OptionalDouble.empty();
    }

    boolean frozen(double timeS) {
        return bean.frozen(timeS);
    }

    int refused() {
        return bean.refused() + environment.refused();
    }
}
