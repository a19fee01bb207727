package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Mishap;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.device.TrueRate;
import barrowmist.core.machine.BandTrial;
import barrowmist.core.machine.BandTrial.Tally;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.Pace;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Roasts met live on a drum by what was learned of other roasts on it: what was foretold, what was warned of, and what the
 * review finds afterwards, each against what the rate of rise truly did.
 */
public final class LiveTrial {

    /** Limits a little below those of a crash: a roast that does not reach even these is sound beyond doubt. */
    private static final double SOUND_SHARE = 0.32;

    private static final double SOUND_DEPTH = 2.8;

    private static final double AHEAD_S = 15;
    private static final int CHECKED_EVERY_S = 10;
    private static final double OPPOSITE_S = 30;

    private final LiveSetupOf setupOf;
    private final RoastAnalyzer analyzer = new RoastAnalyzer(FaultSettings.DEFAULTS);

    /** When first crack comes, each ten seconds from dry end on. */
    public final Tally crack = new Tally();

    /** When dry end comes, each ten seconds from a minute after the turning point on. */
    public final Tally dryEnd = new Tally();

    /** Sound roasts, and how many of them were warned of a crash. */
    public int sound;

    public int warnedWrongly;

    /** Other warnings of what the rate of rise did not do: flat, stalling, turning up. */
    public int otherWrongly;

    /**
     * Roasts that truly crashed, and how many were warned of 15 s and more ahead of the low, and not before the cause where they
     * would not have fallen without it.
     */
    public final Map<Mishap, int[]> crashes = new EnumMap<>(Mishap.class);

    /** Faults that the review finds and the true rate does not have, and crashes that it misses. */
    public int reviewedWrongly;

    public int crashesMissed;
    public int reviewed;

    /** Warnings that asked for the opposite of what was asked for less than half a minute before. */
    public int contradictions;

    /** Fits one drum and learns its pace. */
    private record LiveSetupOf(FittedModel model, Pace pace, EventTemperatures events) {
        LiveSetup of(Trial trial, ControlPlan plan) {
            return new LiveSetup(
                    trial.fit().batch(),
                    Optional.of(model),
                    pace,
                    events,
                    MachineReference.NONE,
                    Optional.of(plan),
                    new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                    new ControlLevels(50, 40, 60),
                    FaultSettings.DEFAULTS);
        }
    }

    /** @param firstSeed of the logs that are learned from */
    public LiveTrial(DrumKind kind, int logs, long firstSeed) {
        List<Trial> learned = TrialRoasts.sound(kind, firstSeed, logs);
        FittedModel model = BandTrial.fitted(kind, logs, firstSeed);
        Pace pace = Pace.of(learned.stream()
                .map(t -> new Pace.Roast(t.fit().log(), t.fit().figures()))
                .toList());
        setupOf = new LiveSetupOf(model, pace, TrialRoasts.events(learned));
    }

    /** Meets a roast. {@code meant} is how it was planned. */
    public void meet(Trial trial, Mishap mishap, Trial meant) {
        List<Warning> warned = play(trial, meant, mishap == Mishap.NONE);
        TrueRate truth = new TrueRate(trial);
        Optional<Warning> crashWarned =
                warned.stream().filter(w -> w.kind().code().equals("crash")).findFirst();
        OptionalDouble crashed = truth.crashS();
        if (crashed.isPresent() && mishap != Mishap.NONE) {
            double lowS = truth.lowestS(crashed.getAsDouble());
            double causeS = trial.timeS(EventKind.FIRST_CRACK) - 6;
            boolean inTime = crashWarned
                    .filter(w -> lowS - w.sinceS() >= AHEAD_S && (w.sinceS() >= causeS || fallsByItself(meant)))
                    .isPresent();
            int[] of = crashes.computeIfAbsent(mishap, m -> new int[2]);
            of[0]++;
            of[1] += inTime ? 1 : 0;
        } else if (mishap == Mishap.NONE
                && truth.crashS(SOUND_SHARE, SOUND_DEPTH).isEmpty()) {
            sound++;
            warnedWrongly += crashWarned.isPresent() ? 1 : 0;
        }
        otherWrongly += (int) warned.stream().filter(w -> wrong(w, truth)).count();
        review(trial, truth);
    }

    /** Whether it would have fallen without the mishap, so that a warning before that is none too early. */
    private static boolean fallsByItself(Trial meant) {
        return new TrueRate(meant).crashS(SOUND_SHARE, SOUND_DEPTH).isPresent();
    }

    private static boolean wrong(Warning w, TrueRate truth) {
        return switch (w.kind()) {
            case FLAT -> truth.leastChange() > 0.9;
            case STALL -> truth.lowFor() > 2.2;
            case FLICK -> truth.turnedUp() < 1.2;
            default -> false;
        };
    }

    private void review(Trial trial, TrueRate truth) {
        List<Fault> faults = analyzer.analyze(trial.roast().log(), trial.roast().events(), Band.NONE)
                .faults();
        boolean crash = faults.stream().anyMatch(f -> f.kind() == Fault.Kind.CRASH);
        boolean wrong = crash && truth.crashS(SOUND_SHARE, SOUND_DEPTH).isEmpty()
                || faults.stream().anyMatch(f -> f.kind() == Fault.Kind.FLICK) && truth.turnedUp() < 1.1
                || faults.stream().anyMatch(f -> f.kind() == Fault.Kind.STALL)
                        && truth.leastChange() > 0.9
                        && truth.lowFor() > 2.2;
        reviewed++;
        reviewedWrongly += wrong ? 1 : 0;
        // well beyond the limits, so that no noise excuses missing it
        crashesMissed += !crash && truth.crashS(0.55, 5.5).isPresent() ? 1 : 0;
    }

    private List<Warning> play(Trial trial, Trial meant, boolean tallied) {
        LiveRoast live = new LiveRoast(setupOf.of(trial, plan(meant)));
        RoastLog log = trial.roast().log();
        double dryS = trial.timeS(EventKind.DRY_END);
        double crackS = trial.timeS(EventKind.FIRST_CRACK);
        double turnS = trial.fit().figures().turningPoint().orElseThrow().timeS();
        RoastEvents called = RoastEvents.of();
        List<Warning> warned = new ArrayList<>();
        double lastShownS = Double.NEGATIVE_INFINITY;
        int lastHeat = 0;
        for (int s = 0; s < log.beanC().size(); s++) {
            for (RoastEvent event : trial.roast().events().list()) {
                if ((int) event.timeS() == s) {
                    called = called.with(event.kind(), s);
                    live.setEvents(called);
                }
            }
            live.take(new Reading(
                    s,
                    OptionalDouble.of(log.beanC().value(s)),
                    OptionalDouble.of(log.environmentC().value(s)),
                    OptionalDouble.of(log.gasPct().value(s)),
                    OptionalDouble.of(log.airflowPct().value(s)),
                    OptionalDouble.of(60)));
            Optional<Warning> shown = live.warning();
            if (shown.isPresent()) {
                int heat = shown.get().kind().heat();
                contradictions += heat * lastHeat < 0 && s - lastShownS < OPPOSITE_S ? 1 : 0;
                lastHeat = heat == 0 ? lastHeat : heat;
                lastShownS = heat == 0 ? lastShownS : s;
                if (warned.stream().noneMatch(w -> w.kind() == shown.get().kind())) {
                    warned.add(shown.get());
                }
            }
            if (tallied && s % CHECKED_EVERY_S == 0) {
                if (s >= turnS + 60 && s < dryS - CHECKED_EVERY_S) {
                    tally(dryEnd, live.outlook().flatMap(Outlook::dryEndS), dryS);
                }
                if (s >= dryS && s < crackS - CHECKED_EVERY_S) {
                    tally(crack, live.outlook().flatMap(Outlook::firstCrackS), crackS);
                }
            }
        }
        return warned;
    }

    private static void tally(Tally tally, Optional<Expected> expected, double cameS) {
        expected.ifPresent(e -> tally.add(e.value() - cameS, e.plusMinus(), 0));
    }

    private static ControlPlan plan(Trial meant) {
        List<ControlStep> steps = new ArrayList<>();
        for (int i = 1; i < meant.gas().length; i++) {
            steps.add(new ControlStep(new Trigger.AtTime(meant.gas()[i][0]), Control.GAS, meant.gas()[i][1]));
        }
        for (int i = 1; i < meant.air().length; i++) {
            steps.add(new ControlStep(new Trigger.AtTime(meant.air()[i][0]), Control.AIR, meant.air()[i][1]));
        }
        return new ControlPlan(
                new ControlLevels(meant.gas()[0][1], meant.air()[0][1], 60),
                steps,
                new DropRule(DropRule.By.DEVELOPMENT_S, 100));
    }
}
