package barrowmist.core.trace;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EnvironmentFigures;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.GasFigures;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.RorPoint;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchCounts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import barrowmist.core.sample.BenchLook;
import barrowmist.core.trace.CupFacts.Found;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** What is measured of a day in a simulated lab: not everything. */
final class LabMeasuring {

    private static final LocalDate ROASTED = LocalDate.of(2026, 6, 1);

    private final LabChance luck;

    LabMeasuring(LabChance luck) {
        this.luck = luck;
    }

    /** What the lab knows in the end. */
    TraceInput input(LabDay d, Map<String, Found> found, int cuppers, List<String> said, double measured) {
        OptionalDouble none = OptionalDouble.empty();
        GreenFacts green = new GreenFacts(
                Process.WASHED,
                ROASTED.minusMonths(3),
                luck.maybe(d.moisture, measured),
                luck.maybe(700 + luck.g(15), measured),
                Optional.empty(),
                luck.maybe(d.spread, measured),
                Optional.of(ROASTED.minusDays((long) (30.4 * d.months))),
                GreenLimits.DEFAULTS);
        boolean smelled = luck.chance(measured);
        boolean counted = luck.chance(measured);
        Inspection seen = new Inspection(
                none,
                luck.maybe(d.activity, measured),
                none,
                none,
                none,
                none,
                Map.of(),
                Optional.empty(),
                OptionalDouble.of(350),
                counted ? Optional.of(d.defects) : Optional.empty(),
                smelled ? d.smells : List.of(),
                smelled ? Optional.of(d.colour) : Optional.empty(),
                "",
                Optional.empty(),
                false);
        return new TraceInput(
                green,
                seen,
                roast(d, measured),
                bench(d, measured),
                BenchLimits.DEFAULTS,
                new CupFacts(
                        5 * cuppers, cuppers, found, luck.chance(0.7) ? OptionalDouble.of(intensity(d.acidity)) : none),
                OptionalDouble.of(d.restH),
                RestSchool.PROTOCOL,
                table(d, said, measured));
    }

    private TableFacts table(LabDay d, List<String> said, double measured) {
        List<Map<String, Integer>> others = new ArrayList<>();
        int n = luck.chance(measured) ? 3 + luck.random.nextInt(4) : 0;
        for (int i = 0; i < n; i++) {
            boolean shares = luck.chance(d.othersShare > 0 ? d.othersShare : 0.06);
            others.add(shares && !said.isEmpty() ? Map.of(said.get(0), 5) : Map.of("sweet", 5));
        }
        List<Map<String, Integer>> lot = new ArrayList<>();
        for (int i = 0; i < d.lotShare[0]; i++) {
            lot.add(i < d.lotShare[1] && !said.isEmpty() ? Map.of(said.get(0), 5) : Map.of());
        }
        List<String> before = n == 0 ? List.of() : d.groundBefore && !said.isEmpty() ? said : List.of("sweet");
        return new TableFacts(others, before, lot, luck.maybe(d.doseOff, measured), luck.maybe(d.waterOff, measured));
    }

    private BenchFigures bench(LabDay d, double measured) {
        boolean colour = luck.chance(measured);
        boolean weighed = luck.chance(measured);
        boolean counted = luck.chance(measured);
        boolean looked = luck.chance(measured);
        OptionalDouble none = OptionalDouble.empty();
        OptionalInt not = OptionalInt.empty();
        return new BenchFigures(
                OptionalDouble.of(d.batchG),
                weighed ? OptionalDouble.of(d.batchG * (1 - d.lossPct / 100)) : none,
                none,
                colour ? OptionalDouble.of(d.whole) : none,
                colour ? OptionalDouble.of(d.whole + d.gap) : none,
                counted
                        ? new BenchCounts(
                                none,
                                OptionalInt.of(d.quakers),
                                OptionalInt.of(d.scorched),
                                OptionalInt.of(d.tipped),
                                not,
                                OptionalInt.of(d.dark),
                                not,
                                not,
                                not)
                        : BenchCounts.none(),
                looked ? Optional.of(!d.paleInside) : Optional.empty(),
                looked
                        ? new BenchLook(
                                Optional.of(d.mixed ? BenchLook.Evenness.MIXED : BenchLook.Evenness.EVEN),
                                Optional.of(d.oily ? BenchLook.Surface.OILY : BenchLook.Surface.MATT),
                                Optional.of(!d.unswollen),
                                Optional.empty())
                        : BenchLook.none());
    }

    private TraceInput.Roast roast(LabDay d, double measured) {
        OptionalDouble rpm = luck.maybe(d.rpm, 0.5 + measured / 2);
        double crackS = d.totalS * (1 - d.developmentPct / 100);
        double dryS = crackS - d.totalS * d.browningPct / 100;
        RoastFigures figures = new RoastFigures(
                OptionalDouble.of(d.chargeC),
                Optional.of(new Milestone(92, d.turnC)),
                Optional.of(new Milestone(dryS, 158)),
                Optional.of(new Milestone(crackS, d.crackC)),
                Optional.of(new Milestone(d.totalS, d.crackC + d.riseC)),
                OptionalDouble.of(d.crackRor),
                OptionalDouble.of(4),
                Optional.of(new RorPoint(130, d.peak)),
                OptionalDouble.empty(),
                EnvironmentFigures.NONE,
                rpm,
                GasFigures.NONE);
        Series ror = new Series(new double[] {100, 300, d.totalS}, new double[] {15, 10, 4});
        RoastAnalysis analysis = new RoastAnalysis(
                new RoastLog(ror, Series.empty(), Series.empty(), Series.empty(), Series.empty()),
                ror,
                figures,
                d.fault.map(List::of).orElse(List.of()),
                FaultSettings.DEFAULTS,
                List.of(),
                List.of());
        boolean known = luck.chance(0.8);
        return new TraceInput.Roast(
                analysis,
                "Drum 1",
                known ? REFERENCE : MachineReference.NONE,
                new Band.Learned(100, 2, 12),
                ROASTED,
                MadeFor.of(RoastAim.PROTOCOL_SAMPLE),
                d.secondCrack ? OptionalDouble.of(crackS + 90) : OptionalDouble.empty());
    }

    private static final MachineReference REFERENCE = new MachineReference(
            new Band.Learned(190, 1.5, 12),
            new Band.NotYetLearned(0),
            new Band.Learned(92, 1.3, 12),
            new Band.NotYetLearned(0),
            new Band.NotYetLearned(0),
            new Band.Learned(17, 0.8, 12),
            new Band.Learned(55, 1.2, 12),
            Map.of(
                    KeyFigure.DROP_C, new Band.Learned(208, 1.2, 12),
                    KeyFigure.BROWNING_PCT, new Band.Learned(35, 1.5, 12),
                    KeyFigure.DEVELOPMENT_PCT, new Band.Learned(17, 0.9, 12),
                    KeyFigure.ROR_AT_FIRST_CRACK, new Band.Learned(8.5, 0.7, 12)));

    /** Whether anything beside the cup was measured in which the cause could show. */
    static boolean witnessed(Cause cause, TraceInput in) {
        boolean counted = in.bench().quakersPer100g().isPresent();
        boolean smelled = !in.inspection().smells().isEmpty();
        boolean learned = in.roast().reference() != MachineReference.NONE;
        boolean drum = in.roast().analysis().figures().drumRpm().isPresent();
        return switch (cause) {
            case SCORCHED -> counted || learned && drum;
            case TIPPED -> counted || learned;
            case UNDERDEVELOPED ->
                in.bench().colourGap().isPresent()
                        || in.bench().oneColourThrough().isPresent();
            case QUAKERS -> counted;
            case GREEN_MOULD -> smelled || in.green().moisturePct().isPresent();
            case GREEN_FERMENT, GREEN_PHENOL ->
                smelled || in.inspection().defects().isPresent();
            // single beans that look sound: nothing beside the cup shows them for sure
            case GREEN_POTATO -> false;
            case PREPARATION -> in.table().others().size() >= 2;
            case UNEVEN ->
                in.bench().look().evenness().isPresent()
                        || in.green().screenSpread().isPresent();
            default -> true;
        };
    }

    /** How much is marked where a cup would score so: what the two marks of little and of much lie at stays what it was. */
    private static double intensity(double score) {
        return Math.max(0, Math.min(1, 0.3 + (score - 6.8) * (0.75 - 0.3) / (8.1 - 6.8)));
    }
}
