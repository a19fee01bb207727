package barrowmist.core.trace;

import barrowmist.core.trace.Finding.Standing;
import barrowmist.core.trace.LabSimulator.Case;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/** Cases of {@link LabSimulator} met by the engine, and how often it was right. */
public final class LabTrial {

    /** Right, of so many. */
    public static final class Tally {
        public int right;
        public int n;

        void add(boolean hit) {
            n++;
            right += hit ? 1 : 0;
        }

        void add(Tally other) {
            right += other.right;
            n += other.n;
        }

        public double share() {
            return n == 0 ? Double.NaN : (double) right / n;
        }

        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%.1f %% of %d", 100 * share(), n);
        }
    }

    private final TraceEngine engine;
    public final Map<Cause, Tally> mainFirst = new EnumMap<>(Cause.class);
    public final Tally first = new Tally();
    public final Tally supportedClear = new Tally();
    public final Tally supportedMild = new Tally();
    public final Tally falseOnSound = new Tally();
    public final Tally falseOnOther = new Tally();
    public final Tally bothNamed = new Tally();

    /** For each band of ten points of what was said of any answer: how often it was so. */
    public final Tally[] said = new Tally[10];

    public final double[] saidMean = new double[10];
    private double brier;
    private int cases;

    public LabTrial(TraceRules rules) {
        engine = new TraceEngine(rules);
        for (int i = 0; i < said.length; i++) {
            said[i] = new Tally();
        }
    }

    public double brier() {
        return brier / cases;
    }

    /** So many of each cause, as many of two causes, and four times as many sound ones. */
    public LabTrial run(long seed, int each) {
        LabSimulator lab = new LabSimulator(seed);
        Random random = new Random(seed + 1);
        for (Cause cause : Cause.values()) {
            for (int i = 0; i < each; i++) {
                meet(lab.of(List.of(cause), 0.4 + 1.1 * random.nextDouble(), 0.25 + 0.75 * random.nextDouble()));
            }
        }
        for (int i = 0; i < 10 * each; i++) {
            meet(lab.of(List.of(), 1, 0.25 + 0.75 * random.nextDouble()));
        }
        for (int i = 0; i < each / 2; i++) {
            meetUnexplained(lab.unexplained());
        }
        for (int i = 0; i < 2 * each; i++) {
            List<Cause> two = new ArrayList<>(List.of(Cause.values()));
            Collections.shuffle(two, random);
            meetTwo(lab.of(two.subList(0, 2), 1.2, 0.9));
        }
        return this;
    }

    /** A cup that none of the causes explains. */
    private void meetUnexplained(Case c) {
        Traced t = engine.trace(c.input(), Wording.SI);
        for (Finding f : all(t)) {
            count(f.probability(), false);
        }
        count(t.sound(), false);
        count(t.none(), true);
        cases++;
    }

    private void meetTwo(Case c) {
        Traced t = engine.trace(c.input(), Wording.SI);
        bothNamed.add(c.causes().stream()
                .allMatch(cause -> all(t).stream().anyMatch(f -> f.cause() == cause && f.atWork() >= 0.25)));
        for (Finding f : t.findings()) {
            if (f.standing() == Standing.SUPPORTED) {
                falseOnOther.add(!c.causes().contains(f.cause()));
            }
        }
    }

    private static List<Finding> all(Traced t) {
        List<Finding> all = new ArrayList<>(t.findings());
        all.addAll(t.folded());
        return all;
    }

    public void meet(Case c) {
        Traced t = engine.trace(c.input(), Wording.SI);
        List<Finding> all = all(t);
        Finding best = all.stream()
                .max(Comparator.comparingDouble(Finding::probability))
                .orElseThrow();
        boolean supportedOther = false;
        for (Finding f : all) {
            boolean so = c.causes().contains(f.cause());
            count(f.probability(), so);
            supportedOther |= f.standing() == Standing.SUPPORTED && !so;
        }
        count(t.sound(), c.causes().isEmpty());
        count(t.none(), false);
        cases++;
        if (c.causes().isEmpty()) {
            falseOnSound.add(supportedOther);
            return;
        }
        falseOnOther.add(supportedOther);
        Cause cause = c.causes().get(0);
        boolean decidable = c.witnessed();
        if (decidable) {
            boolean hit = best.cause() == cause && best.probability() > t.sound();
            mainFirst.computeIfAbsent(cause, x -> new Tally()).add(hit);
            first.add(hit);
            boolean supported =
                    t.findings().stream().anyMatch(f -> f.cause() == cause && f.standing() == Standing.SUPPORTED);
            (c.clear() ? supportedClear : supportedMild).add(supported);
        }
    }

    private void count(double p, boolean so) {
        brier += Math.pow(p - (so ? 1 : 0), 2);
        int band = (int) Math.min(9, p * 10);
        said[band].add(so);
        saidMean[band] += p;
    }
}
