package barrowmist.core.trace;

import barrowmist.core.trace.CupFacts.Found;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A lab with known truth, built otherwise than the engine: it knows no signs and no probabilities. A day's figures are drawn
 * about their usual values; a cause then moves the physical figures that it moves, by a severity; cuppers write down words of the
 * trade's own table (common practice, no published source), now and then one that is wrong; and not everything is measured.
 */
public final class LabSimulator {

    private final LabChance luck;
    private final LabMishaps mishaps;
    private final LabCuppers cuppers;
    private final LabMeasuring measuring;

    public LabSimulator(long seed) {
        luck = new LabChance(seed);
        mishaps = new LabMishaps(luck);
        cuppers = new LabCuppers(luck);
        measuring = new LabMeasuring(luck);
    }

    /**
     * A case.
     *
     * @param causes what is wrong, the main thing first; empty where nothing is
     * @param severity from 0.5 (mild) over 1 (clear) to 1.5
     * @param witnessed whether something beside the cup was measured that shows it
     * @param input what the lab knows
     */
    public record Case(List<Cause> causes, double severity, boolean witnessed, TraceInput input) {
        public boolean clear() {
            return severity >= 0.9;
        }
    }

    /** A case with these causes; none for a sound roast. */
    public Case of(List<Cause> causes, double severity, double measured) {
        LabDay d = LabDay.usual(luck);
        List<String> said = new ArrayList<>();
        Map<String, Found> found = new LinkedHashMap<>();
        int people = 1 + luck.random.nextInt(3);
        for (int i = 0; i < causes.size(); i++) {
            double s = severity * (i == 0 ? 1 : 0.75);
            mishaps.befall(d, causes.get(i), s);
            cuppers.write(found, said, causes.get(i), s, people, i == 0 ? 3 : 2);
        }
        if (luck.chance(causes.isEmpty() ? 0.25 : 0.35)) {
            cuppers.stray(found, people);
        }
        if (luck.chance(causes.isEmpty() ? 0.8 : 0.25)) {
            cuppers.put(found, luck.pick(LabCuppers.PLEASANT), people, people, 5);
        }
        TraceInput input = measuring.input(d, found, people, said, measured);
        boolean witnessed = !causes.isEmpty() && LabMeasuring.witnessed(causes.get(0), input);
        return new Case(causes, severity, witnessed, input);
    }

    /** A faulty cup that nothing known explains: two words of anything, found by all in all cups. */
    public Case unexplained() {
        Map<String, Found> found = new LinkedHashMap<>();
        int people = 1 + luck.random.nextInt(3);
        cuppers.put(found, luck.pick(LabCuppers.STRAY), people, people, 5);
        cuppers.put(found, luck.pick(LabCuppers.STRAY), people, people, 5);
        return new Case(List.of(), 1, false, measuring.input(LabDay.usual(luck), found, people, List.of(), 0.9));
    }
}
