package barrowmist.server.demo;

import static barrowmist.server.demo.DemoLot.lot;

import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import barrowmist.core.trace.Cause;
import barrowmist.server.demo.DemoBatch.Coffee;
import barrowmist.server.demo.DemoBatch.Hand;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * The season before, and an arrival that got wet: three lots that were roasted over and over while the lab was looking for its charge. What the cups were
 * called follows the log, with some calls gone astray, so that there is something to learn from it: a charge from which cups
 * taste scorched is learned, a development time below which they taste raw is in sight, tipping is too rare to say.
 */
final class DemoSeason {

    /** The charge from which this drum scorches, °C, and how many of ten such cups are called so. */
    static final double SCORCHES_FROM_C = 196.5;

    private static final double CALLED = 0.95;
    private static final double ASTRAY = 0.03;

    /** Raw below this development, s; called so in so many of ten. */
    private static final double RAW_BELOW_S = 95;

    private static final double CALLED_RAW = 0.4;

    private static final int ROASTS = 36;
    private static final int FIRST_DAY = 74;
    private static final int LONG_SINCE = 110;

    private DemoSeason() {}

    /**
     * A roast of the season.
     *
     * @param roast as the others
     * @param held the cause that the lead held of its cup, with a word why; empty where none was given
     */
    record Past(DemoRoast roast, Optional<Verdict> held) {}

    /** What the lead held. */
    record Verdict(Cause cause, String why) {}

    static List<LotRules.Entry> lots(LocalDate today) {
        LocalDate before = today.minusDays(LONG_SINCE);
        return List.of(
                lot("Nyakazuba Mill", "Lakeshore Green", "Burundi", Process.WASHED, before, 60, 10.8, 709, "16/17"),
                lot("Alto Veredim", "Pale Harbour Trading", "Brazil", Process.NATURAL, before, 60, 11.0, 680, "16/17"),
                lot("Cerro Palquita", "Meridian Sack", "Honduras", Process.WASHED, before, 60, 11.1, 701, "15/17"),
                lot(
                        "Rimba Sengkara",
                        "Ostrander & Vane",
                        "Sumatra",
                        Process.WET_HULLED,
                        today.minusDays(6),
                        60,
                        13.3,
                        664,
                        "17/19"));
    }

    /** In order of time. */
    static List<Past> roasts() {
        Random chance = new Random(4107);
        List<Past> out = new ArrayList<>();
        for (int i = 0; i < ROASTS; i++) {
            int lot = i % 3;
            boolean natural = lot == 1;
            double chargeC = round((natural ? 190 : 193) + 6.5 * Math.max(-1.8, Math.min(1.6, chance.nextGaussian())));
            double developmentS = Math.round(100 + 13 * Math.max(-1.9, Math.min(2, chance.nextGaussian())));
            DemoBatch batch =
                    new DemoBatch(natural ? Coffee.NATURAL : Coffee.WASHED, chargeC, 0, developmentS, Hand.STEADY);
            out.add(past(lot, FIRST_DAY - i, batch, i, chance));
        }
        return out;
    }

    private static Past past(int lot, int daysAgo, DemoBatch batch, int i, Random chance) {
        boolean scorched = chance.nextDouble() < (batch.chargeC() > SCORCHES_FROM_C ? CALLED : ASTRAY);
        boolean raw = batch.developmentS() < RAW_BELOW_S && chance.nextDouble() < CALLED_RAW;
        int rest = lot == 1 ? 47 : 24;
        if (i == 7 || i == 22) {
            return told(
                    lot, daysAgo, batch, bench(12.9, 0, 6), cup(rest, "sharp", "tipped"), Cause.TIPPED, "Black tips");
        }
        if (scorched) {
            int beans = 6 + chance.nextInt(6);
            DemoRoast.Cup cup = cup(rest, "ashy", "charred", "burnt");
            return told(
                    lot, daysAgo, batch, bench(13.3, beans, 0), cup, Cause.SCORCHED, "Ash in every cup, marked beans");
        }
        if (raw) {
            DemoRoast.Cup cup = cup(rest, "grassy", "raw grain", "thin");
            return told(lot, daysAgo, batch, bench(11.4, 0, 0), cup, Cause.UNDERDEVELOPED, "Raw beside the sound one");
        }
        String[] words = lot == 1 ? new String[] {"cocoa", "sweet"} : new String[] {"citrus", "lively"};
        DemoRoast.Cup cup = DemoRoast.cup(rest, chance.nextBoolean() ? 7.5 : 7.75, 5, words);
        return new Past(new DemoRoast(lot, daysAgo, batch, false, bench(12.8, 0, 0), cup), Optional.empty());
    }

    private static Past told(
            int lot, int daysAgo, DemoBatch batch, DemoRoast.Bench bench, DemoRoast.Cup cup, Cause cause, String why) {
        DemoRoast roast = new DemoRoast(lot, daysAgo, batch, false, bench, cup);
        return new Past(roast, Optional.of(new Verdict(cause, why)));
    }

    private static DemoRoast.Cup cup(int restHours, String... words) {
        return DemoRoast.cup(restHours, 6.75, 4, words);
    }

    private static DemoRoast.Bench bench(double lossPct, int scorched, int tipped) {
        return new DemoRoast.Bench(lossPct, 58, 63, 0, scorched, tipped, true);
    }

    private static double round(double c) {
        return Math.round(10 * c) / 10.0;
    }
}
