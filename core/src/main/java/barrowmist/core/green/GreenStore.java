package barrowmist.core.green;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/** A lot while it lies in the store: what is left of it, how it keeps, and which bags a sample is drawn from. */
public final class GreenStore {

    private static final double G_PER_KG = 1000;

    /** So long after the last measurement it is measured again (house default). */
    public static final int MEASURED_EVERY_DAYS = 30;

    /** Below this, nothing worth a measurement is left, kg (house default). */
    private static final double NOTHING_KG = 0.5;

    /** Between these the air of a store does no harm (common practice, no published source). */
    private static final double LEAST_RH_PCT = 50;

    private static final double MOST_RH_PCT = 65;
    private static final double MOULD_RH_PCT = 70;
    private static final double LEAST_C = 5;
    private static final double MOST_C = 25;

    /** Changes up to these are within what two readings of one meter give (as between stages, house defaults). */
    private static final double SAME_MOISTURE = 0.5;

    private static final double SAME_ACTIVITY = 0.03;

    private GreenStore() {}

    /**
     * Measured again.
     *
     * @param on the day
     * @param moisturePct empty where it was not measured
     * @param waterActivity empty likewise
     */
    public record Remeasured(LocalDate on, OptionalDouble moisturePct, OptionalDouble waterActivity) {}

    /** Kilos that are left; below none where more was roasted than came. */
    public static double kgLeft(double arrivedKg, double roastedG, double soldKg) {
        return arrivedKg - roastedG / G_PER_KG - soldKg;
    }

    /** Whether it is to be measured again: something is left, and it was long ago. */
    public static boolean isDue(LocalDate last, LocalDate today, double kgLeft) {
        return kgLeft >= NOTHING_KG && !nextOn(last).isAfter(today);
    }

    public static LocalDate nextOn(LocalDate last) {
        return last.plusDays(MEASURED_EVERY_DAYS);
    }

    /** How it keeps, the first measurement against the last, a sentence. */
    public static String keeps(List<Remeasured> inOrder) {
        List<String> said = new ArrayList<>();
        change(inOrder.stream().map(Remeasured::moisturePct).toList(), SAME_MOISTURE, "moisture", " %", said);
        change(inOrder.stream().map(Remeasured::waterActivity).toList(), SAME_ACTIVITY, "water activity", "", said);
        if (said.isEmpty()) {
            return "Measured once, or not at all: how it keeps shows from the second time on.";
        }
        LocalDate from = inOrder.get(0).on();
        return "Since " + from + ": " + String.join(", ", said) + ".";
    }

    /**
     * What the air of a store does to green coffee, a sentence; empty where nothing is known or nothing is to be said (common
     * practice, no published source: cool, out of the sun, at 50 to 65 % relative humidity).
     */
    public static Optional<String> climate(OptionalDouble storageC, OptionalDouble storageRhPct) {
        List<String> said = new ArrayList<>();
        storageRhPct.ifPresent(rh -> {
            if (rh > MOULD_RH_PCT) {
                said.add(text("%.0f %% humidity: it takes up water, and mould can grow", rh));
            } else if (rh > MOST_RH_PCT) {
                said.add(text("%.0f %% humidity: it takes up water", rh));
            } else if (rh < LEAST_RH_PCT) {
                said.add(text("%.0f %% humidity: it dries out", rh));
            }
        });
        storageC.ifPresent(c -> {
            if (c > MOST_C) {
                said.add(text("%.0f °C: it ages faster", c));
            } else if (c < LEAST_C) {
                said.add(text(
                        "%.0f °C: water settles on it when it comes into the warm, so let closed bags warm up first",
                        c));
            }
        });
        return said.isEmpty() ? Optional.empty() : Optional.of("The store: " + String.join("; ", said) + ".");
    }

    private static String text(String pattern, double value) {
        return String.format(Locale.ROOT, pattern, value);
    }

    private static void change(List<OptionalDouble> values, double same, String name, String unit, List<String> said) {
        double[] known = values.stream()
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .toArray();
        if (known.length < 2) {
            return;
        }
        double by = known[known.length - 1] - known[0];
        String pattern = same < 0.1 ? "%s %s by %.2f%s" : "%s %s by %.1f%s";
        said.add(
                Math.abs(by) <= same + 1e-9
                        ? name + " as it was"
                        : String.format(Locale.ROOT, pattern, name, by > 0 ? "rose" : "fell", Math.abs(by), unit));
    }

    /**
     * Bags that a sample is drawn from, each as likely as any other.
     *
     * @param bags how many there are, numbered from 1
     * @param count how many are drawn, no more than there are
     * @return their numbers, rising
     */
    public static List<Integer> draw(int bags, int count, long seed) {
        List<Integer> all = new ArrayList<>();
        for (int i = 1; i <= bags; i++) {
            all.add(i);
        }
        Collections.shuffle(all, new Random(seed));
        List<Integer> drawn = new ArrayList<>(all.subList(0, Math.min(count, bags)));
        Collections.sort(drawn);
        return drawn;
    }

    /**
     * How many bags are usually drawn from: the square root of all, and at least three (common practice, no published
     * source; ISO 4072 has its own rule for a shipment).
     */
    public static int usualDraw(int bags) {
        return Math.min(bags, Math.max(3, (int) Math.ceil(Math.sqrt(bags))));
    }
}
