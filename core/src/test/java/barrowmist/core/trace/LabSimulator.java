package barrowmist.core.trace;

import barrowmist.core.green.Defect;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EnvironmentFigures;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.FaultSettings;
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
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;

/**
 * A lab with known truth, built otherwise than the engine: it knows no signs and no probabilities. A day's figures are drawn
 * about their usual values; a cause then moves the physical figures that it moves, by a severity; cuppers write down words of the
 * trade's own table (common practice, no published source), now and then one that is wrong; and not everything is measured.
 */
public final class LabSimulator {

    /** Words for each cause as people of the trade name them, the telling ones first. */
    private static final Map<Cause, List<String>> WORDS = words();

    private static final List<String> STRAY = List.of(
            "flat",
            "bitter",
            "papery",
            "dull",
            "sour",
            "hay",
            "drying",
            "thin",
            "smoky",
            "bready",
            "woody",
            "heavy",
            "little acidity",
            "harsh",
            "musty",
            "plain");

    private static final List<String> PLEASANT =
            List.of("sweet", "caramel", "citrus", "berry", "nutty", "clean", "floral");

    private static final LocalDate ROASTED = LocalDate.of(2026, 6, 1);

    private final Random random;

    public LabSimulator(long seed) {
        random = new Random(seed);
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

    /** Everything of one roast, before it is known what was measured. */
    private static final class Day {
        double chargeC = 190;
        double turnC = 92;
        double peak = 17;
        double rpm = 55;
        double batchG = 100;
        double dryPct = 48;
        double browningPct = 35;
        double developmentPct = 17;
        double totalS = 600;
        double crackC = 196;
        double riseC = 12;
        double crackRor = 8.5;
        boolean secondCrack;
        Optional<Fault> fault = Optional.empty();
        double whole = 58;
        double gap = 4.5;
        double lossPct = 13;
        boolean paleInside;
        int scorched;
        int tipped;
        int quakers;
        int dark;
        boolean mixed;
        boolean oily;
        boolean unswollen;
        double moisture = 11;
        double activity = 0.55;
        List<String> smells = new ArrayList<>(List.of("fresh"));
        String colour = "green";
        double months = 8;
        Map<Defect, Integer> defects = new EnumMap<>(Defect.class);
        double spread = 0.9;
        double restH = 15;
        double othersShare;
        boolean groundBefore;
        double doseOff;
        double waterOff = 0.4;
        double acidity = 7.5;
        double[] lotShare = {-1, 0};
    }

    private double g(double sd) {
        return sd * random.nextGaussian();
    }

    private boolean chance(double p) {
        return random.nextDouble() < p;
    }

    /** A case with these causes; none for a sound roast. */
    public Case of(List<Cause> causes, double severity, double measured) {
        Day d = usual();
        List<String> said = new ArrayList<>();
        Map<String, Found> found = new LinkedHashMap<>();
        int cuppers = 1 + random.nextInt(3);
        for (int i = 0; i < causes.size(); i++) {
            double s = severity * (i == 0 ? 1 : 0.75);
            befall(d, causes.get(i), s);
            write(found, said, causes.get(i), s, cuppers, i == 0 ? 3 : 2);
        }
        if (chance(causes.isEmpty() ? 0.25 : 0.35)) {
            stray(found, cuppers);
        }
        if (chance(causes.isEmpty() ? 0.8 : 0.25)) {
            put(found, pick(PLEASANT), cuppers, cuppers, 5);
        }
        TraceInput input = input(d, found, cuppers, said, measured);
        boolean witnessed = !causes.isEmpty() && witnessed(causes.get(0), input);
        return new Case(causes, severity, witnessed, input);
    }

    /** A faulty cup that nothing known explains: two words of anything, found by all in all cups. */
    public Case unexplained() {
        Map<String, Found> found = new LinkedHashMap<>();
        int cuppers = 1 + random.nextInt(3);
        put(found, pick(STRAY), cuppers, cuppers, 5);
        put(found, pick(STRAY), cuppers, cuppers, 5);
        return new Case(List.of(), 1, false, input(usual(), found, cuppers, List.of(), 0.9));
    }

    private Day usual() {
        Day d = new Day();
        d.chargeC += g(1.5);
        d.turnC += 0.3 * (d.chargeC - 190) + g(1.2);
        d.peak += g(0.7);
        d.rpm += g(1);
        d.batchG += g(1);
        d.browningPct += g(1.5);
        d.developmentPct += g(0.9);
        d.totalS += g(18);
        d.riseC += g(1);
        d.crackRor += g(0.7);
        d.whole += g(1);
        d.gap += g(1);
        d.lossPct += g(0.5);
        d.scorched = chance(0.2) ? 1 : 0;
        d.tipped = chance(0.2) ? 1 : 0;
        d.quakers = chance(0.25) ? 1 : 0;
        d.dark = chance(0.3) ? 1 : 0;
        d.moisture += g(0.4);
        d.activity += g(0.025);
        d.months = 4 + 9 * random.nextDouble();
        d.spread += g(0.15);
        d.restH = 9 + 14 * random.nextDouble();
        d.doseOff = Math.abs(g(2));
        d.acidity += g(0.25);
        if (chance(0.3)) {
            d.defects.put(Defect.IMMATURE, random.nextInt(4));
        }
        return d;
    }

    private void befall(Day d, Cause cause, double s) {
        switch (cause) {
            case BAKED -> baked(d, s);
            case SCORCHED -> {
                double way = random.nextDouble();
                if (way < 0.45) {
                    d.chargeC += 3 + 6 * s;
                    d.turnC += 2 + 2.5 * s;
                    d.peak += 1.2 * s;
                } else if (way < 0.72) {
                    d.rpm -= 9 + 9 * s;
                } else {
                    d.batchG -= 16 + 20 * s;
                    d.peak += 1.5 * s;
                }
                d.scorched += (int) Math.rint(2 + 5 * s);
            }
            case TIPPED -> {
                d.peak += 2 + 2.8 * s;
                d.tipped += (int) Math.rint(2 + 5 * s);
            }
            case UNDERDEVELOPED -> underdeveloped(d, s);
            case OVERDEVELOPED -> {
                d.developmentPct += 3 + 5.5 * s;
                d.riseC += 3.5 + 5 * s;
                d.secondCrack = chance(0.5 * s);
                d.whole -= 4 + 5 * s;
                d.lossPct += 1.5 + 1.5 * s;
                d.oily = chance(0.7 * s);
                d.acidity -= 0.5 * s;
            }
            case TART -> {
                d.browningPct -= 7 + 5 * s;
                d.dryPct += 4;
                d.acidity += 0.3 * s;
            }
            case MUTED -> d.browningPct += 6.5 + 4.5 * s;
            case QUAKERS -> {
                d.quakers += (int) Math.rint(1.6 + 4 * s);
                d.defects.merge(Defect.IMMATURE, (int) Math.rint(11 * s), Integer::sum);
            }
            case GREEN_MOULD -> {
                d.moisture += 1 + 0.9 * s;
                d.activity += 0.06 + 0.06 * s;
                d.smells = new ArrayList<>(List.of(chance(0.7) ? "musty" : "mould"));
                d.defects.put(Defect.FUNGUS, (int) Math.rint(2.5 * s));
            }
            case GREEN_FERMENT -> {
                d.smells = new ArrayList<>(List.of("ferment"));
                d.defects.put(Defect.FULL_SOUR, (int) Math.rint(1 + 2.5 * s));
            }
            case GREEN_PHENOL -> {
                d.smells = new ArrayList<>(List.of("chemical"));
                d.defects.put(Defect.SEVERE_INSECT, (int) Math.rint(7 * s));
            }
            case PAST_CROP -> {
                d.months = 19 + 8 * s;
                d.moisture -= 1.3 + s;
                d.colour = chance(0.75) ? "yellow" : "yellow-green";
                d.smells = new ArrayList<>(List.of(chance(0.6) ? "woody" : "hay"));
                d.acidity -= 0.5 * s;
            }
            case UNDER_RESTED -> d.restH = Math.max(0.5, 6 - 4 * s);
            case STALE -> d.restH = 24 * (17 + 14 * s);
            case PREPARATION -> preparation(d, s);
            case UNEVEN -> {
                d.mixed = true;
                d.spread += 0.6 + 0.4 * s;
                d.dark += (int) Math.rint(5 * s);
            }
        }
        boolean green = cause == Cause.PAST_CROP || cause.code().startsWith("green");
        if (chance(0.4)) {
            int n = 1 + random.nextInt(3);
            int sharing = 0;
            for (int i = 0; i < n; i++) {
                sharing += chance(green ? 0.85 : 0.12) ? 1 : 0;
            }
            d.lotShare = new double[] {n, sharing};
        }
    }

    private void baked(Day d, double s) {
        double way = random.nextDouble();
        if (way < 0.55) {
            d.fault = Optional.of(new Fault(Fault.Kind.CRASH, 470, 505, 3.4 + 2.4 * s, 9, 3));
            d.totalS += 25;
        } else if (way < 0.75) {
            d.fault = Optional.of(new Fault(Fault.Kind.STALL, 430, 430 + 62 + 45 * s, 1.2, 6, 6));
            d.totalS += 40;
        } else {
            d.totalS += 120 + 70 * s;
            d.browningPct += 4 + 5 * s;
        }
        d.acidity -= 0.45 * s;
    }

    private void underdeveloped(Day d, double s) {
        double way = random.nextDouble();
        if (way < 0.4) {
            d.developmentPct -= 3.8 + 2.6 * s;
            d.riseC -= 3 + 3 * s;
        } else if (way < 0.62) {
            d.riseC -= 4.5 + 3 * s;
        } else if (way < 0.85) {
            d.crackRor += 2.6 + 2.2 * s;
        } else {
            d.rpm += 9 + 9 * s;
        }
        d.gap += 3 + 3 * s;
        d.paleInside = chance(0.6 + 0.35 * s);
        d.lossPct -= 1.4 + s;
        d.whole += 2 * s;
        d.unswollen = chance(0.4 * s);
    }

    private void preparation(Day d, double s) {
        double way = random.nextDouble();
        if (way < 0.5) {
            d.othersShare = 0.75 + 0.25 * random.nextDouble();
            if (chance(0.5)) {
                d.doseOff = 8 + 8 * s;
            } else {
                d.waterOff = 1.2 + 0.5 * s;
            }
        } else if (way < 0.75) {
            d.groundBefore = true;
        } else {
            d.othersShare = 0.7 + 0.3 * random.nextDouble();
        }
    }

    private void write(Map<String, Found> found, List<String> said, Cause cause, double s, int cuppers, int most) {
        List<String> list = WORDS.getOrDefault(cause, List.of());
        int n = Math.max(1, Math.min(most, (int) Math.rint(0.7 + 1.6 * s + g(0.5))));
        for (int i = 0; i < n; i++) {
            // the first third of a list is told most
            // now and then a cupper says something else
            String word =
                    chance(0.12) ? pick(STRAY) : list.get((int) (list.size() * Math.pow(random.nextDouble(), 1.5)));
            int who = 1;
            for (int c = 1; c < cuppers; c++) {
                who += chance(0.45 + 0.3 * s) ? 1 : 0;
            }
            put(found, word, who, cuppers, cupsOf(cause));
            said.add(word);
        }
    }

    private int cupsOf(Cause cause) {
        return switch (cause) {
            case QUAKERS -> 1 + random.nextInt(2);
            case GREEN_MOULD, GREEN_FERMENT, GREEN_PHENOL -> chance(0.5) ? 1 : 5;
            case PREPARATION -> chance(0.2) ? 1 : 5;
            default -> chance(0.75) ? 5 : 4;
        };
    }

    private void stray(Map<String, Found> found, int cuppers) {
        put(found, pick(STRAY), 1, cuppers, 1 + random.nextInt(5));
    }

    private void put(Map<String, Found> found, String word, int who, int cuppers, int cups) {
        found.putIfAbsent(
                word, new Found(Math.min(who, cuppers), Math.min(who, cuppers) * cups, 5 * Math.min(who, cuppers)));
    }

    private String pick(List<String> list) {
        return list.get(random.nextInt(list.size()));
    }

    private TraceInput input(Day d, Map<String, Found> found, int cuppers, List<String> said, double measured) {
        OptionalDouble none = OptionalDouble.empty();
        GreenFacts green = new GreenFacts(
                Process.WASHED,
                ROASTED.minusMonths(3),
                maybe(d.moisture, measured),
                maybe(700 + g(15), measured),
                Optional.empty(),
                maybe(d.spread, measured),
                Optional.of(ROASTED.minusDays((long) (30.4 * d.months))),
                GreenLimits.DEFAULTS);
        boolean smelled = chance(measured);
        boolean counted = chance(measured);
        Inspection seen = new Inspection(
                none,
                maybe(d.activity, measured),
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
                new CupFacts(5 * cuppers, cuppers, found, chance(0.7) ? OptionalDouble.of(d.acidity) : none),
                OptionalDouble.of(d.restH),
                RestSchool.PROTOCOL,
                table(d, said, measured));
    }

    private TableFacts table(Day d, List<String> said, double measured) {
        List<Map<String, Integer>> others = new ArrayList<>();
        int n = chance(measured) ? 3 + random.nextInt(4) : 0;
        for (int i = 0; i < n; i++) {
            boolean shares = chance(d.othersShare > 0 ? d.othersShare : 0.06);
            others.add(shares && !said.isEmpty() ? Map.of(said.get(0), 5) : Map.of("sweet", 5));
        }
        List<Map<String, Integer>> lot = new ArrayList<>();
        for (int i = 0; i < d.lotShare[0]; i++) {
            lot.add(i < d.lotShare[1] && !said.isEmpty() ? Map.of(said.get(0), 5) : Map.of());
        }
        List<String> before = n == 0 ? List.of() : d.groundBefore && !said.isEmpty() ? said : List.of("sweet");
        return new TableFacts(others, before, lot, maybe(d.doseOff, measured), maybe(d.waterOff, measured));
    }

    private BenchFigures bench(Day d, double measured) {
        boolean colour = chance(measured);
        boolean weighed = chance(measured);
        boolean counted = chance(measured);
        boolean looked = chance(measured);
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

    private OptionalDouble maybe(double value, double measured) {
        return chance(measured) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    private TraceInput.Roast roast(Day d, double measured) {
        OptionalDouble rpm = maybe(d.rpm, 0.5 + measured / 2);
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
                rpm);
        Series ror = new Series(new double[] {100, 300, d.totalS}, new double[] {15, 10, 4});
        RoastAnalysis analysis = new RoastAnalysis(
                new RoastLog(ror, Series.empty(), Series.empty(), Series.empty(), Series.empty()),
                ror,
                figures,
                d.fault.map(List::of).orElse(List.of()),
                FaultSettings.DEFAULTS,
                List.of(),
                List.of());
        boolean known = chance(0.8);
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
    private static boolean witnessed(Cause cause, TraceInput in) {
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
            case PREPARATION -> in.table().others().size() >= 2;
            case UNEVEN ->
                in.bench().look().evenness().isPresent()
                        || in.green().screenSpread().isPresent();
            default -> true;
        };
    }

    private static Map<Cause, List<String>> words() {
        Map<Cause, List<String>> w = new EnumMap<>(Cause.class);
        w.put(
                Cause.BAKED,
                List.of(
                        "flat",
                        "dull",
                        "hollow",
                        "bready",
                        "papery",
                        "little sweetness",
                        "little acidity",
                        "little aroma"));
        w.put(Cause.SCORCHED, List.of("ashy", "charred", "smoky", "burnt", "harsh", "bitter"));
        w.put(Cause.TIPPED, List.of("sharp", "burnt", "harsh", "smoky", "bitter", "ashy"));
        w.put(
                Cause.UNDERDEVELOPED,
                List.of("grassy", "hay", "raw grain", "wheat", "doughy", "peanut skin", "sour", "thin", "drying"));
        w.put(Cause.OVERDEVELOPED, List.of("roasty", "bittersweet", "smoky", "charred", "little acidity"));
        w.put(Cause.TART, List.of("tart", "pointed", "little sweetness", "thin"));
        w.put(Cause.MUTED, List.of("muted", "heavy", "plain", "dull"));
        w.put(Cause.QUAKERS, List.of("oats", "peanut", "wheat", "bready", "papery"));
        w.put(Cause.GREEN_MOULD, List.of("musty", "earthy"));
        w.put(Cause.GREEN_FERMENT, List.of("ferment", "ferment", "sour"));
        w.put(Cause.GREEN_PHENOL, List.of("medicinal"));
        w.put(Cause.PAST_CROP, List.of("woody", "papery", "hay", "little acidity"));
        w.put(Cause.UNDER_RESTED, List.of("flat", "closed", "gassy"));
        w.put(Cause.STALE, List.of("dull", "cardboard", "stale"));
        w.put(Cause.PREPARATION, List.of("papery", "drying", "tobacco", "off water", "another coffee"));
        w.put(Cause.UNEVEN, List.of("uneven", "grassy", "smoky", "bitter", "hay"));
        return w;
    }
}
