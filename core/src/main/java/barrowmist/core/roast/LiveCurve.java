package barrowmist.core.roast;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * The readings of a roast under way, and its rate of rise as it can be known now. Takes in a reading without going
 * through the earlier ones. Mutable; not safe for several threads.
 */
public final class LiveCurve {

    /** The probe has turned when it has risen so far above its lowest, °C, so long after it, s (house defaults). */
    private static final double TURNED_C = 0.8;

    private static final double TURNED_S = 6;

    private static final int FEW = 20;

    private final GrowingSeries bean = new GrowingSeries();
    private final GrowingSeries environment = new GrowingSeries();
    private final GrowingSeries gas = new GrowingSeries();
    private final GrowingSeries air = new GrowingSeries();
    private final GrowingSeries drum = new GrowingSeries();
    private final GrowingSeries ror = new GrowingSeries();
    private final LiveNoise noise = new LiveNoise();
    private double lastS = Double.NEGATIVE_INFINITY;
    private int segment;
    private int lowest;
    private Optional<Milestone> turningPoint = Optional.empty();

    /**
     * Takes in a reading.
     *
     * @return false for one that is earlier than the last: time does not run backwards
     */
    public boolean add(Reading r) {
        boolean beanAgain = r.beanC().isPresent() && bean.n > 0 && r.timeS() <= bean.t[bean.n - 1];
        if (!(r.timeS() >= lastS) || beanAgain) {
            return false;
        }
        lastS = r.timeS();
        environment.addIfThere(r.timeS(), r.environmentC());
        gas.addIfThere(r.timeS(), r.gasPct());
        air.addIfThere(r.timeS(), r.airflowPct());
        drum.addIfThere(r.timeS(), r.drumRpm());
        if (r.beanC().isPresent()) {
            addBean(r.timeS(), r.beanC().getAsDouble());
        }
        return true;
    }

    private void addBean(double timeS, double beanC) {
        double spacing = spacingS();
        if (bean.n > 0 && timeS - bean.t[bean.n - 1] > RateOfRise.gapS(spacing)) {
            segment = bean.n;
        }
        bean.add(timeS, beanC);
        noise.hear(bean, segment);
        if (timeS >= 0) {
            seekTurn();
        }
        double window = RateOfRise.windowS(spacing);
        int lo = bean.n - 1;
        while (lo > segment && bean.t[lo - 1] >= timeS - window) {
            lo--;
        }
        RateOfRise.latest(bean.t, bean.v, lo, bean.n, window).ifPresent(rate -> ror.add(timeS, rate));
    }

    /** Standard deviation of the noise in a straight slope over the last {@code windowS} seconds, °C/min. */
    public double slopeNoiseCPerMin(double windowS) {
        return noise.slopeCPerMin(windowS, spacingS());
    }

    private double spacingS() {
        int few = Math.min(FEW, bean.n - 1);
        return few < 1 ? 0 : (bean.t[bean.n - 1] - bean.t[bean.n - 1 - few]) / few;
    }

    private void seekTurn() {
        int last = bean.n - 1;
        boolean sinceCharge = bean.t[lowest] >= 0;
        lowest = !sinceCharge || bean.v[last] < bean.v[lowest] ? last : lowest;
        boolean turned = bean.v[last] >= bean.v[lowest] + TURNED_C && bean.t[last] >= bean.t[lowest] + TURNED_S;
        if (turned && turningPoint.isEmpty()) {
            turningPoint = BeanCurve.turningPoint(bean.series().slice(0, bean.t[last], 0));
        }
    }

    /** The turning point, once the probe has turned. */
    public Optional<Milestone> turningPoint() {
        return turningPoint;
    }

    /** Rate of rise at the last bean reading, °C/min; empty before the turning point, where it has no meaning. */
    public OptionalDouble rorCPerMin() {
        boolean fresh = ror.n > 0 && bean.n > 0 && ror.t[ror.n - 1] == bean.t[bean.n - 1];
        return turningPoint.isPresent() && fresh ? ror.last() : OptionalDouble.empty();
    }

    /** The rates of rise so far, °C/min, each as it could be known then; those before the turning point too. */
    public Series ror() {
        return ror.series();
    }

    /** The slope of the bean probe over the last {@code windowS} seconds and its change, °C/s and °C/s². */
    public Optional<LocalFit> slope(double windowS, boolean quadratic) {
        if (bean.n == 0) {
            return Optional.empty();
        }
        double now = bean.t[bean.n - 1];
        int lo = bean.n - 1;
        while (lo > segment && bean.t[lo - 1] >= now - windowS) {
            lo--;
        }
        boolean enough = bean.n - lo >= RateOfRise.FEWEST_READINGS && now - bean.t[lo] >= windowS / 2;
        return enough ? Optional.of(LocalFit.of(bean.t, bean.v, lo, bean.n, now, quadratic)) : Optional.empty();
    }

    /** The line through the environment's readings in {@code [fromS, toS]}, °C and °C/s; empty with fewer than four. */
    public Optional<LocalFit> environmentSlope(double fromS, double toS) {
        return environment.line(fromS, toS);
    }

    /** The line through the rates of rise in {@code [fromS, toS]}, given at {@code toS}; empty with fewer than four. */
    public Optional<LocalFit> rorTrend(double fromS, double toS) {
        return ror.line(fromS, toS);
    }

    /** How far the rate of rise came over so many seconds, °C/min; empty while it still comes up from below 0. */
    public OptionalDouble rorChange(double overS) {
        return rorTrend(lastS() - overS, lastS()).stream()
                .filter(f -> f.value() >= f.slopePerS() * overS)
                .mapToDouble(f -> f.slopePerS() * overS)
                .findFirst();
    }

    /** The rates of rise in {@code [fromS, toS]}, °C/min, newest first. */
    public DoubleStream ror(double fromS, double toS) {
        return IntStream.iterate(ror.n - 1, i -> i >= 0 && ror.t[i] >= fromS, i -> i - 1)
                .filter(i -> ror.t[i] <= toS)
                .mapToDouble(i -> ror.v[i]);
    }

    public int beanReadings() {
        return bean.n;
    }

    /** Time of the last reading, s since charge; negative infinity before the first. */
    public double lastS() {
        return lastS;
    }

    public OptionalDouble beanC() {
        return bean.last();
    }

    /** The bean reading at or just before a time, °C; empty before the first. */
    public OptionalDouble beanC(double atS) {
        int i = bean.n - 1;
        while (i >= 0 && bean.t[i] > atS) {
            i--;
        }
        return i < 0 ? OptionalDouble.empty() : OptionalDouble.of(bean.v[i]);
    }

    /** Where the gas stood at a time, %; where it stands now when nothing earlier is known. */
    public OptionalDouble gasPct(double atS) {
        return gas.held(atS);
    }

    /** Where the airflow stood at a time, %; the same. */
    public OptionalDouble airflowPct(double atS) {
        return air.held(atS);
    }

    public OptionalDouble environmentC() {
        return environment.last();
    }

    public OptionalDouble gasPct() {
        return gas.last();
    }

    public OptionalDouble airflowPct() {
        return air.last();
    }

    public OptionalDouble drumRpm() {
        return drum.last();
    }

    /** Everything so far as a log. */
    public RoastLog log() {
        return new RoastLog(bean.series(), environment.series(), gas.series(), air.series(), drum.series());
    }
}
