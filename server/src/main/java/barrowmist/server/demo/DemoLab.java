package barrowmist.server.demo;

import static barrowmist.core.green.Process.HONEY;
import static barrowmist.core.green.Process.NATURAL;
import static barrowmist.core.green.Process.WASHED;
import static barrowmist.core.green.Process.WET_HULLED;
import static barrowmist.server.demo.DemoLot.lot;

import barrowmist.core.green.LotRules;
import barrowmist.server.demo.DemoBatch.Coffee;
import barrowmist.server.demo.DemoBatch.Hand;
import java.time.LocalDate;
import java.util.List;

/** The invented scenario: ten lots of four suppliers, and the roasts that were made of nine of them. */
final class DemoLab {

    static final String MACHINE = "Drum 1";
    static final double MACHINE_CAPACITY_G = 150;
    static final List<String> CUPPERS = List.of("Ines K.", "Tobin W.");

    private static final List<String> ROASTERS = List.of("Marit O.", "Joss A.");

    private static final String LAKE = "Lakeshore Green";
    private static final String VANE = "Ostrander & Vane";
    private static final String SACK = "Meridian Sack";
    private static final String HARBOUR = "Pale Harbour Trading";

    private static final int GATOVU = 0;
    private static final int KIVUMBA = 1;
    private static final int MWENDO = 2;
    private static final int VELQUORA = 3;
    private static final int QUIMBROA = 4;
    private static final int TRELUNHO = 5;
    private static final int OSTRELMO = 6;
    private static final int KAPENDA = 7;
    private static final int SEMBUYAN = 8;

    private DemoLab() {}

    /** The line of a log that says who roasted: they take turns. */
    static String by(int turn) {
        return "# roasted_by: " + ROASTERS.get(turn % ROASTERS.size()) + "\n";
    }

    static List<LotRules.Entry> lots(LocalDate today) {
        return List.of(
                lot("Gatovu Hill", LAKE, "Burundi", WASHED, today.minusDays(61), 60, 10.9, 712, "16/17"),
                lot("Kivumba Ridge", LAKE, "Rwanda", WASHED, today.minusDays(54), 30, 11.2, 705, "15/16"),
                lot("Mwendo Slope", VANE, "Kenya", WASHED, today.minusDays(47), 60, 10.6, 731, "17/18"),
                lot("Velquora Hollow", SACK, "Honduras", WASHED, today.minusDays(40), 138, 11.0, 692, "16/18"),
                lot("Serra Quimbroa", HARBOUR, "Brazil", NATURAL, today.minusDays(58), 120, 10.8, 676, "16/17"),
                lot("Vale do Trelunho", HARBOUR, "Brazil", NATURAL, today.minusDays(33), 60, 11.1, 684, "17/18"),
                lot("Ostrelmo Terraces", SACK, "Nicaragua", NATURAL, today.minusDays(29), 69, 11.3, 688, "15/17"),
                lot("Kapenda Station", VANE, "Tanzania", WASHED, today.minusDays(25), 60, 10.7, 708, "15/17"),
                lot("Batu Sembuyan", HARBOUR, "Sumatra", WET_HULLED, today.minusDays(12), 60, 11.9, 668, "17/19"),
                lot("Zaramonde Bench", SACK, "Costa Rica", HONEY, today.minusDays(2), 34.5, 10.9, 715, "16/17"));
    }

    /** The roasts in order of time. */
    static List<DemoRoast> roasts() {
        return List.of(
                sound(
                        GATOVU,
                        24,
                        washed(191.0, 478, 580),
                        12.7,
                        DemoRoast.cup(24, 7.75, 5, "citrus", "honey", "lively")),
                sound(
                        KIVUMBA,
                        24,
                        washed(190.2, 475, 579),
                        12.9,
                        DemoRoast.cup(25, 7.75, 5, "floral", "apple", "clean")),
                sound(
                        QUIMBROA,
                        22,
                        natural(183.4, 462, 556),
                        13.1,
                        DemoRoast.cup(48, 7.5, 5, "cocoa", "nutty", "sweet")),
                sound(
                        MWENDO,
                        21,
                        washed(192.1, 486, 592),
                        12.6,
                        DemoRoast.cup(23, 8.0, 5, "berry", "citrus", "lively")),
                sound(
                        QUIMBROA,
                        20,
                        natural(184.1, 466, 561),
                        13.0,
                        DemoRoast.cup(49, 7.5, 5, "chocolate", "dried fruit")),
                sound(VELQUORA, 19, washed(190.7, 480, 583), 12.8, DemoRoast.cup(24, 7.5, 5, "caramel", "stone fruit")),
                sound(TRELUNHO, 18, natural(182.8, 460, 553), 13.2, DemoRoast.cup(47, 7.75, 5, "berry", "cocoa")),
                sound(KIVUMBA, 17, washed(189.6, 472, 575), 12.7, DemoRoast.cup(24, 7.75, 5, "apple", "tea-like")),
                sound(TRELUNHO, 16, natural(183.9, 464, 558), 13.0, DemoRoast.cup(48, 7.75, 5, "dried fruit", "sweet")),
                sound(OSTRELMO, 15, natural(184.6, 468, 564), 12.9, DemoRoast.cup(48, 8.0, 5, "tropical", "berry")),
                sound(KAPENDA, 14, washed(191.4, 482, 586), 12.8, DemoRoast.cup(25, 7.5, 5, "citrus", "malt")),
                sound(VELQUORA, 13, washed(190.0, 479, 581), 12.9, DemoRoast.cup(23, 7.5, 5, "caramel", "nutty")),
                sound(OSTRELMO, 12, natural(183.2, 463, 557), 13.1, DemoRoast.cup(48, 7.75, 5, "tropical", "honey")),
                faulty(
                        GATOVU,
                        9,
                        new DemoBatch(Coffee.WASHED, 190.6, 0, 106, Hand.CRASH),
                        bench(12.4, 58, 62, 0, 0, true),
                        DemoRoast.cup(24, 6.75, 3, "flat", "bready", "little sweetness")),
                faulty(
                        MWENDO,
                        8,
                        new DemoBatch(Coffee.WASHED, 191.3, 0, 112, Hand.STALL),
                        bench(13.2, 57, 61, 0, 0, true),
                        DemoRoast.cup(24, 6.75, 3, "dull", "papery", "little acidity")),
                faulty(
                        QUIMBROA,
                        8,
                        new DemoBatch(Coffee.NATURAL, 199.5, 0, 94, Hand.HOT_START),
                        bench(13.4, 56, 61, 0, 11, true),
                        DemoRoast.cup(47, 6.75, 4, "ashy", "burnt", "bitter")),
                faulty(
                        KIVUMBA,
                        7,
                        new DemoBatch(Coffee.WASHED, 190.4, 0, 50, Hand.STEADY),
                        bench(10.6, 63, 72, 0, 0, false),
                        DemoRoast.cup(23, 6.75, 4, "grassy", "sour", "thin")),
                faulty(
                        OSTRELMO,
                        6,
                        new DemoBatch(Coffee.NATURAL, 184.0, -3, 72, Hand.HOT_END),
                        bench(11.6, 57, 67, 0, 0, false),
                        DemoRoast.cup(49, 6.75, 4, "raw grain", "drying", "peanut skin")),
                faulty(
                        KAPENDA,
                        5,
                        new DemoBatch(Coffee.WASHED, 190.9, 0, 105, Hand.CRASH),
                        bench(12.6, 58, 62, 0, 0, true),
                        DemoRoast.cup(24, 7.75, 5, "citrus", "sweet", "lively")),
                faulty(
                        VELQUORA,
                        4,
                        washed(190.3, 481, 584),
                        bench(12.7, 58, 62, 1, 0, true),
                        DemoRoast.cup(9, 6.75, 4, "flat", "hollow")),
                new DemoRoast(TRELUNHO, 1, natural(183.6, 465, 560), false, bench(13.0, 57, 62, 0, 0, true), null),
                new DemoRoast(
                        SEMBUYAN, 1, new DemoBatch(Coffee.WET_HULLED, 184.8, 4, 96, Hand.STEADY), false, null, null));
    }

    /** A steady washed roast: earlier first crack by a little more gas. */
    private static DemoBatch washed(double chargeC, double crackS, double dropS) {
        return new DemoBatch(Coffee.WASHED, chargeC, bias(481, crackS), dropS - crackS, Hand.STEADY);
    }

    private static DemoBatch natural(double chargeC, double crackS, double dropS) {
        return new DemoBatch(Coffee.NATURAL, chargeC, bias(464, crackS), dropS - crackS, Hand.STEADY);
    }

    private static double bias(double usualS, double crackS) {
        return Math.rint((usualS - crackS) / 3);
    }

    private static DemoRoast sound(int lot, int daysAgo, DemoBatch curve, double lossPct, DemoRoast.Cup cup) {
        return new DemoRoast(lot, daysAgo, curve, true, bench(lossPct, 58, 63, 0, 0, true), cup);
    }

    private static DemoRoast faulty(int lot, int daysAgo, DemoBatch curve, DemoRoast.Bench bench, DemoRoast.Cup cup) {
        return new DemoRoast(lot, daysAgo, curve, false, bench, cup);
    }

    private static DemoRoast.Bench bench(
            double lossPct, double whole, double ground, int quakers, int scorched, boolean oneColour) {
        return new DemoRoast.Bench(lossPct, whole, ground, quakers, scorched, 0, oneColour);
    }
}
