package barrowmist.core.desk;

import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.DropRule;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastEvents;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Watches a roast that runs on past its drop: beans that go on roasting smoke, burn, and set chaff on fire. It asks for no
 * mark and no model, only for the bean probe. All limits are house defaults on the side of caution.
 */
final class OverrunWatch {

    /** So far over the planned drop it is dropped now, °C. */
    private static final double OVER_C = 3;

    /** So far over it the burner goes off, °C. */
    private static final double FAR_OVER_C = 12;

    /** So long after a drop that is planned by the clock, s. */
    private static final double OVER_S = 45;

    private static final double FAR_OVER_S = 150;

    private static final double SECOND_CRACK_C = RoastAim.DARK.dropOverCrackC().orElseThrow();

    /** No roast is meant to end so far above first crack, °C. */
    private static final double HOTTEST_C = 42;

    private static final double PERCENT = 100;

    private final LiveSetup setup;

    OverrunWatch(LiveSetup setup) {
        this.setup = setup;
    }

    /** What is seen; of the two kinds one, the graver. Nothing before the beans have turned. */
    Optional<Warning> look(LiveCurve curve, RoastEvents known) {
        Optional<Milestone> turned = curve.turningPoint();
        OptionalDouble beanC = curve.beanC();
        if (turned.isEmpty() || beanC.isEmpty() || known.find(EventKind.DROP).isPresent()) {
            return Optional.empty();
        }
        double c = beanC.getAsDouble();
        double crackC = crackC(curve, known);
        OptionalDouble planned = plannedC(crackC);
        double hottest = Math.max(crackC + HOTTEST_C, planned.orElse(0) + FAR_OVER_C);
        double overS = curve.lastS() - plannedS(known);
        double limit = planned.orElse(crackC + SECOND_CRACK_C);
        boolean inSecond = known.find(EventKind.SECOND_CRACK).isPresent() && c >= limit - OVER_C;
        if (c >= hottest || planned.isPresent() && c >= limit + FAR_OVER_C || overS >= FAR_OVER_S) {
            return Optional.of(new Warning(Kind.BURNER_OFF, 0, c, limit, Math.max(0, overS)));
        }
        boolean over = c >= limit + (planned.isPresent() ? OVER_C : 0) || inSecond || overS >= OVER_S;
        return over ? Optional.of(new Warning(Kind.DROP_NOW, 0, c, limit, Math.max(0, overS))) : Optional.empty();
    }

    /** Where first crack was, or where this probe usually reads at it. */
    private double crackC(LiveCurve curve, RoastEvents known) {
        double usual = setup.events().firstCrackC();
        OptionalDouble at = known.timeS(EventKind.FIRST_CRACK);
        return at.isPresent() ? curve.beanC(at.getAsDouble()).orElse(usual) : usual;
    }

    /** The bean probe at the planned drop; empty where it is planned by time alone, or not at all. */
    private OptionalDouble plannedC(double crackC) {
        OptionalDouble byRule = parts().flatMap(d -> switch (d.by()) {
                    case BEAN_C -> Stream.of(d.value());
                    case OVER_CRACK_C -> Stream.of(crackC + d.value());
                    default -> Stream.<Double>empty();
                })
                .mapToDouble(Double::doubleValue)
                .max();
        OptionalDouble aimed = Optional.ofNullable(setup.targets().aims().get(KeyFigure.DROP_C)).stream()
                .mapToDouble(a -> a.value())
                .findFirst();
        return byRule.isPresent() ? byRule : aimed;
    }

    /** When it was to be dropped by the clock, s since charge; never where no clock decides. */
    private double plannedS(RoastEvents known) {
        double crackS = known.timeS(EventKind.FIRST_CRACK).orElse(Double.POSITIVE_INFINITY);
        return parts().mapToDouble(d -> switch (d.by()) {
                    case TOTAL_S -> d.value();
                    case DEVELOPMENT_S -> crackS + d.value();
                    case DEVELOPMENT_PCT -> crackS / (1 - d.value() / PERCENT);
                    default -> Double.NEGATIVE_INFINITY;
                })
                .filter(s -> s > 0)
                .max()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private Stream<DropRule> parts() {
        return setup.plan().map(ControlPlan::drop).stream().flatMap(d -> d.parts().stream());
    }
}
