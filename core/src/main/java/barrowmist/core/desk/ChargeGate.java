package barrowmist.core.desk;

import barrowmist.core.check.Coded;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether a drum is ready for its charge.
 *
 * @param call what to do
 * @param bean the bean probe against its band
 * @param environment the environment probe against its band; empty when it is not judged
 * @param inS how long until the bean probe is in its band, s; empty when it is, or does not move towards it
 */
public record ChargeGate(Call call, Against bean, Optional<Against> environment, OptionalDouble inS) {

    /** Half width of the band of the bean probe, °C (house default). */
    public static final double BEAN_C = 2;

    /** Half width of the band of the environment probe, °C (house default). */
    public static final double ENVIRONMENT_C = 8;

    private static final double STILL_C_PER_S = 0.02;
    private static final double LONGEST_S = 1800;

    /** What to do. */
    public enum Call implements Coded {
        CHARGE_NOW("Charge now"),
        WAIT("Wait"),
        TOO_HOT("Too hot: let it fall"),
        /** The bean probe does not answer. */
        NO_READING("No reading from the bean probe");

        private final String label;

        Call(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** A probe and its band, °C. */
    public record Against(double readC, double fromC, double toC) {
        boolean inside() {
            return readC >= fromC && readC <= toC;
        }

        static Against of(double readC, double wantedC, double halfC) {
            return new Against(readC, wantedC - halfC, wantedC + halfC);
        }
    }

    /**
     * @param beanC bean probe, °C; empty when it does not answer
     * @param environmentC environment probe, °C
     * @param chargeC planned charge, °C
     * @param wantedEnvironmentC where the environment usually stands then, °C; empty when that is not known
     * @param cPerS how fast the bean probe moves, °C/s
     */
    public static ChargeGate judge(
            OptionalDouble beanC,
            OptionalDouble environmentC,
            double chargeC,
            OptionalDouble wantedEnvironmentC,
            double cPerS) {
        Against bean = Against.of(beanC.orElse(Double.NaN), chargeC, BEAN_C);
        Optional<Against> environment = environmentC.isPresent() && wantedEnvironmentC.isPresent()
                ? Optional.of(Against.of(environmentC.getAsDouble(), wantedEnvironmentC.getAsDouble(), ENVIRONMENT_C))
                : Optional.empty();
        if (beanC.isEmpty()) {
            return new ChargeGate(Call.NO_READING, bean, environment, OptionalDouble.empty());
        }
        boolean hot =
                bean.readC > bean.toC || environment.map(e -> e.readC > e.toC).orElse(false);
        boolean ready = bean.inside() && environment.map(Against::inside).orElse(true);
        Call call = ready ? Call.CHARGE_NOW : hot ? Call.TOO_HOT : Call.WAIT;
        return new ChargeGate(
                call, bean, environment, bean.inside() ? OptionalDouble.empty() : untilInside(bean, cPerS));
    }

    private static OptionalDouble untilInside(Against bean, double cPerS) {
        double wayC = bean.readC < bean.fromC ? bean.fromC - bean.readC : bean.toC - bean.readC;
        double s = wayC / cPerS;
        boolean towards = Math.abs(cPerS) >= STILL_C_PER_S && s > 0 && s <= LONGEST_S;
        return towards ? OptionalDouble.of(s) : OptionalDouble.empty();
    }
}
