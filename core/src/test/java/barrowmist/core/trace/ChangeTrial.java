package barrowmist.core.trace;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Mishap;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.BandTrial;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Phases.Phase;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.ChangeSizing.Sized;
import barrowmist.core.trace.LabTrial.Tally;
import barrowmist.core.trace.LeverTrial.Tried;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.TreeMap;

/**
 * Roasts that went wrong in a known way on a stand-in drum, corrected by the model that was fitted to other roasts of it, and
 * roasted once more: the same batch on the same day, so that what is left wrong is the correction's.
 */
public final class ChangeTrial {

    /** What went wrong. */
    public enum Wrong {
        SHORT_BROWNING("browning too short"),
        LONG_BROWNING("browning too long"),
        FAST_AT_CRACK("too fast at first crack"),
        EARLY_HEAT("too much heat early"),
        SHORT_DEVELOPMENT("development too short"),
        CRASH("gas cut far too hard at first crack");

        private final String label;

        Wrong(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** How the corrections of one kind of wrong did. */
    public static final class Outcome {
        /** The model did not have the fault, or no single change took it away: the house step was made. */
        public final Tally house = new Tally();

        public final Tally rightWay = new Tally();
        public final Tally gone = new Tally();
        public final Tally size = new Tally();
        /** By what was moved, whether the fault was gone. */
        public final Map<String, Tally> chosen = new TreeMap<>();

        /** The outcomes of another trial beside these. */
        public void add(Outcome other) {
            house.add(other.house);
            rightWay.add(other.rightWay);
            gone.add(other.gone);
            size.add(other.size);
            other.chosen.forEach((name, tally) ->
                    chosen.computeIfAbsent(name, n -> new Tally()).add(tally));
        }
    }

    public final Map<Wrong, Outcome> outcomes = new EnumMap<>(Wrong.class);

    private final DrumKind kind;
    private final FittedModel model;
    private final MachineReference reference;
    private final EventTemperatures events;

    public ChangeTrial(DrumKind kind, int logs, long firstSeed) {
        this.kind = kind;
        List<Trial> trials = TrialRoasts.sound(kind, firstSeed, logs);
        model = BandTrial.fitted(kind, logs, firstSeed);
        events = TrialRoasts.events(trials);
        reference = MachineReference.learn(
                trials.stream().map(t -> t.fit().figures()).toList());
    }

    public boolean believed() {
        return model.believed();
    }

    /** One that went wrong, if it did so by enough to be seen. */
    public void meet(Wrong wrong, long seed) {
        Random random = TrialRoasts.luck(104_729 * seed + wrong.ordinal());
        Trial day = TrialRoasts.of(kind, seed, wrong == Wrong.CRASH ? Mishap.CUT_AT_CRACK : Mishap.NONE);
        RoastAnalysis sound =
                RoastedPlans.analysis(TrialRoasts.of(kind, seed, Mishap.NONE).roast());
        RoastAnalysis truly =
                wrong == Wrong.CRASH ? RoastedPlans.analysis(day.roast()) : SpoiledRoasts.of(wrong, day, sound, random);
        if (truly.figures().drop().isEmpty() || truly.figures().firstCrack().isEmpty()) {
            return;
        }
        if (wrong == Wrong.CRASH && !sound.faults(Fault.Kind.CRASH).isEmpty()) {
            // it falls so without the cut as well
            return;
        }
        correction(wrong, truly, sound).ifPresent(c -> correct(wrong, c, day, truly));
    }

    private void correct(Wrong wrong, Correction c, Trial day, RoastAnalysis truly) {
        Outcome out = outcomes.computeIfAbsent(wrong, w -> new Outcome());
        ChangeSizing sizing = new ChangeSizing(
                truly,
                RoastedPlans.USUAL,
                day.fit().batch().greenG(),
                TraceRules.DEFAULTS,
                reference,
                new Targets(Map.of(), DevelopmentFrom.FIRST_CRACK));
        Sized sized = sizing.onDrum(c, Wording.SI, modelled(day));
        boolean house = sized.said().startsWith("A house step");
        boolean exact = sized.said().isEmpty();
        out.house.add(house);
        RoastAnalysis after =
                RoastedPlans.analysis(RoastedPlans.roasted(day, sized.plan().orElseThrow(), RoastedPlans.NOISE_C));
        if (wrong == Wrong.CRASH) {
            boolean gone = after.faults(Fault.Kind.CRASH).isEmpty();
            out.rightWay.add(gone || deepest(after) < deepest(truly));
            compare(out, c, sizing, day, truly, gone, house);
        } else {
            double target = wrong == Wrong.EARLY_HEAT ? usualPeak() : figure(wrong, truly) + c.to() - c.from();
            double moved = (figure(wrong, after) - figure(wrong, truly)) / (target - figure(wrong, truly));
            out.rightWay.add(moved > 0);
            boolean gone = moved >= 2.0 / 3 && moved <= 1.5;
            if (exact) {
                out.gone.add(gone);
            } else {
                compare(out, c, sizing, day, truly, gone, house);
            }
        }
    }

    /** The size that the drum itself would have wanted of the same lever. */
    private void compare(
            Outcome out,
            Correction c,
            ChangeSizing sizing,
            Trial day,
            RoastAnalysis truly,
            boolean gone,
            boolean house) {
        out.gone.add(gone);
        Optional<Mending> meant = Mending.of(c, truly, reference, TraceRules.DEFAULTS);
        if (house || meant.isEmpty()) {
            return;
        }
        Mending mending = meant.get();
        Tried best = sizing.tried(c, mending, Wording.SI, modelled(day)).get(0);
        out.chosen.computeIfAbsent(best.lever().name(), n -> new Tally()).add(gone);
        ForetoldDrum drum = ForetoldDrum.asItStands(plan -> RoastedPlans.analysis(RoastedPlans.roasted(day, plan, 0)));
        sizing.tried(c, mending, Wording.SI, drum).stream()
                .filter(t -> t.lever().name().equals(best.lever().name()))
                .findFirst()
                .ifPresent(t -> out.size.add(Math.abs(best.size() - t.size())
                        <= Math.max(0.25 * t.size(), best.lever().step())));
    }

    private double usualPeak() {
        return reference.peakCPerMin() instanceof Band.Learned l ? l.median() : Double.NaN;
    }

    /** The least that is wrong: of a rate, what lies beyond the usual of the drum, and its spread. */
    private double least(Wrong wrong, double wanted) {
        Band usual = switch (wrong) {
            case EARLY_HEAT -> reference.peakCPerMin();
            case FAST_AT_CRACK -> reference.of(KeyFigure.ROR_AT_FIRST_CRACK);
            default -> Band.NONE;
        };
        double rate = wrong == Wrong.FAST_AT_CRACK || wrong == Wrong.EARLY_HEAT ? 1.5 : 12;
        return usual instanceof Band.Learned l ? Math.max(rate, l.median() + l.spread() - wanted) : rate;
    }

    private static double deepest(RoastAnalysis a) {
        return a.faults(Fault.Kind.CRASH).stream()
                .mapToDouble(Fault::depthCPerMin)
                .max()
                .orElse(0);
    }

    private Optional<Correction> correction(Wrong wrong, RoastAnalysis truly, RoastAnalysis sound) {
        if (wrong == Wrong.CRASH) {
            return truly.faults(Fault.Kind.CRASH).stream()
                    .findFirst()
                    .map(f -> GasCorrections.forCrash(truly, f, ControlWords.PLAIN, TraceRules.DEFAULTS))
                    .filter(c -> c.atS().isPresent());
        }
        double was = figure(wrong, truly);
        double wanted = wrong == Wrong.EARLY_HEAT ? usualPeak() : figure(wrong, sound);
        double way = wrong == Wrong.LONG_BROWNING || wrong == Wrong.FAST_AT_CRACK || wrong == Wrong.EARLY_HEAT ? 1 : -1;
        if (!(way * (was - wanted) >= least(wrong, wanted))) {
            return Optional.empty();
        }
        return Optional.of(
                switch (wrong) {
                    case SHORT_BROWNING -> new Correction("browning", was, wanted, "s", "", "", "short-browning");
                    case LONG_BROWNING -> new Correction("browning", was, wanted, "s", "", "", "long-browning");
                    case FAST_AT_CRACK ->
                        new Correction("ror-at-first-crack", was, wanted, "°C/min", "", "", "ran-ahead");
                    case SHORT_DEVELOPMENT -> new Correction("development", was, wanted, "s", "", "", "short");
                    default -> {
                        double gas = truly.log().gasPct().held(60);
                        yield HeatCorrections.firstGas(gas, gas - 10, Wording.SI);
                    }
                });
    }

    private static double figure(Wrong wrong, RoastAnalysis a) {
        return switch (wrong) {
            case SHORT_BROWNING, LONG_BROWNING ->
                a.figures().phases().browning().map(Phase::durationS).orElse(Double.NaN);
            case FAST_AT_CRACK -> KeyFigure.ROR_AT_FIRST_CRACK.of(a.figures()).orElse(Double.NaN);
            case EARLY_HEAT -> KeyFigure.ROR_PEAK.of(a.figures()).orElse(Double.NaN);
            default -> KeyFigure.DEVELOPMENT_S.of(a.figures()).orElse(Double.NaN);
        };
    }

    private ForetoldDrum modelled(Trial day) {
        return new ForetoldDrum(plan -> onModel(plan, day), model.calibration());
    }

    private RoastAnalysis onModel(NextPlan plan, Trial day) {
        BatchConditions b = day.fit().batch();
        BatchConditions batch = new BatchConditions(
                plan.greenG(), b.moisturePct(), b.diameterMm(), plan.chargeC(), OptionalDouble.empty(), b.roomC());
        return new Predictor(model, reference, events)
                .predict(batch, plan.controls(), DevelopmentFrom.FIRST_CRACK)
                .analysis();
    }
}
