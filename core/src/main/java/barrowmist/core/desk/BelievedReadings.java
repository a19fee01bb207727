package barrowmist.core.desk;

import barrowmist.core.machine.Sense;
import barrowmist.core.roast.Reading;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What of a roaster's readings can be true. Mutable, for one batch. */
public final class BelievedReadings {

    private static final double HIGHEST_RPM = 300;

    /** Colder than any lab: a wrong type or scale more likely than a true reading, °C (house default). */
    private static final double COLD_LAB_C = 5;

    private final Sense sense;
    private final ProbeFilter bean;
    private final ProbeFilter environment;
    private int silent;

    public BelievedReadings(Sense sense) {
        this.sense = sense;
        bean = new ProbeFilter(sense.bean());
        environment = new ProbeFilter(sense.environment());
    }

    /** What is to be said of a single reading before anybody relies on it. */
    public static List<String> doubts(Sense sense, RoasterReading raw, Wording wording) {
        List<String> out = new ArrayList<>();
        doubt(out, "Bean", sense.bean(), raw.beanC(), wording);
        doubt(out, "Environment", sense.environment(), raw.environmentC(), wording);
        percent(out, "Gas", raw.gasPct());
        percent(out, "Air", raw.airflowPct());
        if (raw.drumRpm().orElse(0) < 0 || raw.drumRpm().orElse(0) > HIGHEST_RPM) {
            out.add("The drum turns %.0f times a minute: look at type and scale of its register."
                    .formatted(raw.drumRpm().getAsDouble()));
        }
        if (raw.silent() > 0) {
            out.add(raw.silent() + (raw.silent() == 1 ? " quantity has" : " quantities have")
                    + " no value: an open probe, or a wrong register.");
        }
        return List.copyOf(out);
    }

    private static void doubt(List<String> out, String probe, Sense.Range range, OptionalDouble c, Wording wording) {
        if (c.isPresent() && !range.holds(c.getAsDouble())) {
            out.add("%s reads %s, outside of %s to %s: look at type, word order and scale of its register."
                    .formatted(
                            probe,
                            wording.temperature(c.getAsDouble()),
                            wording.temperature(range.lowC()),
                            wording.temperature(range.highC())));
        } else if (c.isPresent() && c.getAsDouble() < COLD_LAB_C) {
            out.add("%s reads %s, colder than a room: look at type, word order and scale of its register."
                    .formatted(probe, wording.temperature(c.getAsDouble())));
        }
    }

    private static void percent(List<String> out, String control, OptionalDouble pct) {
        if (pct.isPresent() && (pct.getAsDouble() < 0 || pct.getAsDouble() > EntryRules.HIGHEST_PCT)) {
            out.add("%s is at %.0f %%, expected 0 to %.0f: look at type and scale of its register."
                    .formatted(control, pct.getAsDouble(), EntryRules.HIGHEST_PCT));
        }
    }

    /** The reading without what cannot be true; where both probes speak nonsense, the controls are not believed either. */
    public Reading of(double timeS, RoasterReading raw) {
        silent += raw.silent();
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

    /** Since when the bean probe has read what it reads now, s. */
    public double sameSinceS() {
        return bean.sameSinceS();
    }

    /** Readings that could not be true, and codes for no value. */
    public int refused() {
        return bean.refused() + environment.refused() + silent;
    }
}
