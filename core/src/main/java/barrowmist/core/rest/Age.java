package barrowmist.core.rest;

import barrowmist.core.green.Process;
import java.util.List;
import java.util.Locale;

/**
 * What age means for a roasted coffee: the window in which it is cupped, the one in which it is drunk, the day from which on a cup
 * tells its age, and the day until which a bag is sold. Each page tells its own part of this.
 */
public final class Age {

    private static final double HOURS_PER_DAY = 24;

    /** From so many days after roasting on a cup tells its age more than its roast (house default). */
    public static final double FADES_FROM_DAYS = 16;

    /** A sealed bag is sold for so long, until the lab sets another time (house default). */
    public static final int BEST_BEFORE_MONTHS = 3;

    private Age() {}

    /** Whether a cup of this age tells its age more than its roast. */
    public static boolean faded(double ageH) {
        return ageH > FADES_FROM_DAYS * HOURS_PER_DAY;
    }

    /** All of it, a line each. */
    public static List<String> told() {
        RestSchool cupping = RestSchool.PROTOCOL;
        RestSchool drinking = RestSchool.DRINKING;
        return List.of(
                String.format(
                        Locale.ROOT,
                        "To be cupped by the protocol: %.0f to %.0f hours after the roast, a natural %.0f to %.0f.",
                        cupping.opensH(Process.WASHED),
                        cupping.closesH(Process.WASHED),
                        cupping.opensH(Process.NATURAL),
                        cupping.closesH(Process.NATURAL)),
                String.format(
                        Locale.ROOT,
                        "To be drunk: at its best from day %.0f to %.0f, a natural from day %.0f to %.0f.",
                        days(drinking.bestFromH(Process.WASHED)),
                        days(drinking.bestToH(Process.WASHED)),
                        days(drinking.bestFromH(Process.NATURAL)),
                        days(drinking.bestToH(Process.NATURAL))),
                String.format(
                        Locale.ROOT,
                        "After day %.0f a cup tells its age more than its roast: stale words speak of the age.",
                        FADES_FROM_DAYS),
                "Best before, on the label: how long a sealed bag is sold, as the lab sets it; it says nothing of its peak.");
    }

    private static double days(double hours) {
        return hours / HOURS_PER_DAY;
    }
}
