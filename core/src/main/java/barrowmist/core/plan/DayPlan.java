package barrowmist.core.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The roasts of a day, one after another on one drum. Times are seconds since the drum is lit.
 *
 * @param slots the roasts in order
 * @param warmUpS preheating before the first charge, s
 * @param chargeChanges how often the drum has to be brought to another charge temperature
 * @param endS drop of the last roast, s
 */
public record DayPlan(List<Slot> slots, double warmUpS, int chargeChanges, double endS) {

    /** Charges nearer than this are reached in the usual turnaround, °C (house default). */
    public static final double SAME_CHARGE_C = 4;

    /** A drum brought to another charge takes so much longer to settle, s (house default). */
    public static final double CHANGE_S = 120;

    /**
     * A roast to be put into the day.
     *
     * @param key what it is, unique in the day
     * @param process of the coffee
     * @param densityGPerL its density, g/L
     * @param chargeC charge planned, °C
     * @param roastS charge to drop, s, positive
     * @param notBeforeS earliest charge, s; 0 for none
     */
    public record Item(
            long key, Process process, OptionalDouble densityGPerL, double chargeC, double roastS, double notBeforeS) {}

    /**
     * A roast with its time.
     *
     * @param item what
     * @param chargeS charge, s
     * @param dropS drop, s
     * @param changed whether the charge differs from the one before
     */
    public record Slot(Item item, double chargeS, double dropS, boolean changed) {}

    /** How the day runs: warm-up and turnaround, s, neither negative. */
    public record Pace(double warmUpS, double turnaroundS) {
        public Pace {
            if (!(warmUpS >= 0 && turnaroundS >= 0)) {
                throw new IllegalArgumentException(
                        "Warm-up is " + warmUpS + " s and turnaround " + turnaroundS + " s, neither may be negative");
            }
        }
    }

    /**
     * An order that spares changes of the charge: dense washed coffees, then the others, naturals together last; hottest
     * charge first within each.
     */
    public static List<Item> ordered(List<Item> items) {
        return items.stream()
                .sorted(Comparator.comparingInt(DayPlan::group)
                        .thenComparing(Comparator.comparingDouble(Item::chargeC).reversed())
                        .thenComparingLong(Item::key))
                .toList();
    }

    private static int group(Item item) {
        if (item.process == Process.NATURAL) {
            return 2;
        }
        boolean dense = item.densityGPerL.isPresent() && item.densityGPerL.getAsDouble() >= GreenFacts.DENSE_G_PER_L;
        return item.process == Process.WASHED && dense ? 0 : 1;
    }

    /** The times of {@code items} in the order given: none overlaps, none comes before its turnaround is over. */
    public static DayPlan of(List<Item> items, Pace pace) {
        List<Slot> slots = new ArrayList<>();
        double freeS = pace.warmUpS;
        int changes = 0;
        for (Item item : items) {
            Slot before = slots.isEmpty() ? null : slots.get(slots.size() - 1);
            boolean changed = before != null && Math.abs(before.item.chargeC - item.chargeC) > SAME_CHARGE_C;
            changes += changed ? 1 : 0;
            double readyS = freeS + (changed ? CHANGE_S : 0);
            double chargeS = Math.max(readyS, item.notBeforeS);
            slots.add(new Slot(item, chargeS, chargeS + item.roastS, changed));
            freeS = chargeS + item.roastS + pace.turnaroundS;
        }
        double endS = slots.isEmpty() ? pace.warmUpS : slots.get(slots.size() - 1).dropS;
        return new DayPlan(List.copyOf(slots), pace.warmUpS, changes, endS);
    }
}
