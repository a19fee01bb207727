package barrowmist.core.plan;

import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastLog;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a plan begins with, before anybody has changed it. */
public final class PlanStart {

    private static final String NATURAL_STYLE = "fruit-forward";
    private static final String USUAL_STYLE = "protocol";

    /** A roast that was never dropped is followed for so long, s (house default). */
    private static final double USUAL_TOTAL_S = 600;

    /** Where a style aims at neither drop nor development, % (house default). */
    private static final double USUAL_DEVELOPMENT_PCT = 17;

    /** Where a plan that aims at no drop temperature is ended by one, °C, or by the time after first crack, s (house defaults). */
    private static final double USUAL_DROP_C = 204;

    private static final double USUAL_DEVELOPMENT_S = 100;

    private static final double FULL_CITY_C = RoastAim.ESPRESSO.dropOverCrackC().orElseThrow();

    private PlanStart() {}

    /** An earlier roast whose moves a plan can follow. */
    public record Candidate(long roastId, Process process, boolean accepted, Instant roastedAt) {}

    /** The id of the style that suits a process. */
    public static String styleFor(Process process) {
        return process == Process.NATURAL ? NATURAL_STYLE : USUAL_STYLE;
    }

    /** The newest accepted roast of the same process, else the newest accepted one; empty without any. */
    public static Optional<Candidate> template(List<Candidate> all, Process process) {
        Comparator<Candidate> newest = Comparator.comparing(Candidate::roastedAt);
        List<Candidate> accepted = all.stream().filter(Candidate::accepted).toList();
        return accepted.stream()
                .filter(c -> c.process() == process)
                .max(newest)
                .or(() -> accepted.stream().max(newest));
    }

    /** A style's drop is written for a probe that hears first crack at the house default: moved to this one. */
    public static Targets onThisProbe(Targets targets, EventTemperatures events) {
        double shift =
                events.firstCrackC() - EventTemperatures.usual(Process.WASHED).firstCrackC();
        Aim drop = targets.aims().get(KeyFigure.DROP_C);
        return drop == null
                ? targets
                : targets.with(KeyFigure.DROP_C, new Aim(Math.rint(drop.value() + shift), drop.tolerance()));
    }

    /** What ends the roast: so many degrees above first crack for a dark one, else the drop aimed at, else the development. */
    public static DropRule drop(Targets targets) {
        if (targets.aim().dropOverCrackC().isPresent()) {
            return drop(DropRule.By.OVER_CRACK_C, targets);
        }
        Aim drop = targets.aims().get(KeyFigure.DROP_C);
        Aim share = targets.aims().get(KeyFigure.DEVELOPMENT_PCT);
        return drop != null
                ? new DropRule(DropRule.By.BEAN_C, drop.value())
                : new DropRule(DropRule.By.DEVELOPMENT_PCT, share == null ? USUAL_DEVELOPMENT_PCT : share.value());
    }

    /** What ends the roast when a person chooses by what: where the targets say, else the usual. */
    public static DropRule drop(DropRule.By by, Targets targets) {
        return new DropRule(
                by,
                switch (by) {
                    case BEAN_C -> aimed(targets, KeyFigure.DROP_C, USUAL_DROP_C);
                    case TOTAL_S -> aimed(targets, KeyFigure.TOTAL_S, USUAL_TOTAL_S);
                    case DEVELOPMENT_PCT -> aimed(targets, KeyFigure.DEVELOPMENT_PCT, USUAL_DEVELOPMENT_PCT);
                    case DEVELOPMENT_S -> USUAL_DEVELOPMENT_S;
                    case OVER_CRACK_C -> targets.aim().dropOverCrackC().orElse(FULL_CITY_C);
                });
    }

    private static double aimed(Targets targets, KeyFigure figure, double usual) {
        Aim aim = targets.aims().get(figure);
        return aim == null ? usual : aim.value();
    }

    /** What a figure is first aimed at when a person adds it to a plan (house defaults). */
    public static Aim aim(KeyFigure figure) {
        return switch (figure) {
            case DEVELOPMENT_S -> new Aim(USUAL_DEVELOPMENT_S, 15);
            case ROR_BEFORE_CRACK -> new Aim(9, 1);
            case ROR_AT_DROP -> new Aim(5, 1);
            case ENVIRONMENT_DROP_C -> new Aim(240, 8);
            default -> aim(figure.unit());
        };
    }

    private static Aim aim(KeyFigure.Unit unit) {
        return switch (unit) {
            case SECONDS -> new Aim(USUAL_TOTAL_S, 20);
            case CELSIUS -> new Aim(205, 2);
            case PERCENT -> new Aim(20, 2);
            case CELSIUS_PER_MINUTE -> new Aim(7, 1);
        };
    }

    /** The moves of an earlier roast. */
    public static ControlPlan following(
            RoastLog sinceCharge, OptionalDouble totalS, ControlLevels usual, DropRule drop) {
        return ControlPlan.of(sinceCharge, usual, drop, totalS.orElse(USUAL_TOTAL_S));
    }

    /** Where no earlier roast can be followed (house defaults). */
    public static ControlPlan usualMoves(ControlLevels usual, DropRule drop) {
        return new ControlPlan(
                usual,
                List.of(
                        new ControlStep(new Trigger.AtBean(145), Control.AIR, 50),
                        new ControlStep(new Trigger.AtBean(185), Control.GAS, 60),
                        new ControlStep(new Trigger.AtBean(187), Control.AIR, 60),
                        new ControlStep(new Trigger.AtEvent(EventKind.FIRST_CRACK, 20), Control.GAS, 50)),
                drop);
    }
}
