package barrowmist.core.trace;

import barrowmist.core.green.Defect;
import barrowmist.core.roast.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a cause does to the figures of a day, by its severity. */
final class LabMishaps {

    private final LabChance luck;

    LabMishaps(LabChance luck) {
        this.luck = luck;
    }

    /** What goes wrong in a day moves the figures that it moves. */
    void befall(LabDay d, Cause cause, double s) {
        switch (cause) {
            case BAKED -> baked(d, s);
            case SCORCHED -> {
                double way = luck.random.nextDouble();
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
                d.secondCrack = luck.chance(0.5 * s);
                d.whole -= 4 + 5 * s;
                d.lossPct += 1.5 + 1.5 * s;
                d.oily = luck.chance(0.7 * s);
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
                d.smells = new ArrayList<>(List.of(luck.chance(0.7) ? "musty" : "mould"));
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
            case GREEN_POTATO -> d.defects.put(Defect.SEVERE_INSECT, (int) Math.rint(4 * s));
            case PAST_CROP -> {
                d.months = 19 + 8 * s;
                d.moisture -= 1.3 + s;
                d.colour = luck.chance(0.75) ? "yellow" : "yellow-green";
                d.smells = new ArrayList<>(List.of(luck.chance(0.6) ? "woody" : "hay"));
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
        if (luck.chance(0.4)) {
            int n = 1 + luck.random.nextInt(3);
            int sharing = 0;
            for (int i = 0; i < n; i++) {
                sharing += luck.chance(green ? 0.85 : 0.12) ? 1 : 0;
            }
            d.lotShare = new double[] {n, sharing};
        }
    }

    private void baked(LabDay d, double s) {
        double way = luck.random.nextDouble();
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

    private void underdeveloped(LabDay d, double s) {
        double way = luck.random.nextDouble();
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
        d.paleInside = luck.chance(0.6 + 0.35 * s);
        d.lossPct -= 1.4 + s;
        d.whole += 2 * s;
        d.unswollen = luck.chance(0.4 * s);
    }

    private void preparation(LabDay d, double s) {
        double way = luck.random.nextDouble();
        if (way < 0.5) {
            d.othersShare = 0.75 + 0.25 * luck.random.nextDouble();
            if (luck.chance(0.5)) {
                d.doseOff = 8 + 8 * s;
            } else {
                d.waterOff = 1.2 + 0.5 * s;
            }
        } else if (way < 0.75) {
            d.groundBefore = true;
        } else {
            d.othersShare = 0.7 + 0.3 * luck.random.nextDouble();
        }
    }
}
