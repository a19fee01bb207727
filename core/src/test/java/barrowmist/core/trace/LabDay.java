package barrowmist.core.trace;

import barrowmist.core.green.Defect;
import barrowmist.core.roast.Fault;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Everything of one roast in a simulated lab, before it is known what was measured. */
final class LabDay {

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

    /** A sound roast of an ordinary day. */
    static LabDay usual(LabChance luck) {
        LabDay d = new LabDay();
        d.chargeC += luck.g(1.5);
        d.turnC += 0.3 * (d.chargeC - 190) + luck.g(1.2);
        d.peak += luck.g(0.7);
        d.rpm += luck.g(1);
        d.batchG += luck.g(1);
        d.browningPct += luck.g(1.5);
        d.developmentPct += luck.g(0.9);
        d.totalS += luck.g(18);
        d.riseC += luck.g(1);
        d.crackRor += luck.g(0.7);
        d.whole += luck.g(1);
        d.gap += luck.g(1);
        d.lossPct += luck.g(0.5);
        d.scorched = luck.chance(0.2) ? 1 : 0;
        d.tipped = luck.chance(0.2) ? 1 : 0;
        d.quakers = luck.chance(0.25) ? 1 : 0;
        d.dark = luck.chance(0.3) ? 1 : 0;
        d.moisture += luck.g(0.4);
        d.activity += luck.g(0.025);
        d.months = 4 + 9 * luck.random.nextDouble();
        d.spread += luck.g(0.15);
        d.restH = 9 + 14 * luck.random.nextDouble();
        d.doseOff = Math.abs(luck.g(2));
        d.acidity += luck.g(0.25);
        if (luck.chance(0.3)) {
            d.defects.put(Defect.IMMATURE, luck.random.nextInt(4));
        }
        return d;
    }
}
