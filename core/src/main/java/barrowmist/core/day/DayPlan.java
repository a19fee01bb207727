package barrowmist.core.day;

import barrowmist.core.green.Process;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The roasts of a day, one after another on one drum. Times are seconds since the drum is lit.
 *
 * @param slots the roasts in order
 * @param warmUpS preheating before the first charge, s
 * @param chargeChanges how often the drum is charged otherwise than the time before
 * @param settlings how often it differs so much that the drum has to settle first
 * @param endS drop of the last roast, s
 */
public record DayPlan(List<Slot> slots, double warmUpS, int chargeChanges, int settlings, double endS) {

    /** Charges nearer than this are reached in the usual turnaround, °C (house default). */
    public static final double SAME_CHARGE_C = 4;

    /** A charge is planned to whole degrees: from here on two are not the same, °C. */
    public static final double TOLD_APART_C = 1;

    /** A drum brought to another charge takes so much longer to settle, s (house default). */
    public static final double CHANGE_S = 120;

    /**
     * A roast to be put into the day.
     *
     * @param key what it is, unique in the day
     * @param process of the coffee
     * @param dense whether it is a dense bean
     * @param chargeC charge planned, °C
     * @param roastS charge to drop, s, positive
     * @param notBeforeS earliest charge, s; 0 for none
     */
    public record Item(long key, Process process, boolean dense, double chargeC, double roastS, double notBeforeS) {}

    /**
     * A roast with its time.
     *
     * @param item what
     * @param chargeS charge, s
     * @param dropS drop, s
     * @param changed whether the charge differs so much from the one before that the drum has to settle
     */
    public record Slot(Item item, double chargeS, double dropS, boolean changed) {

        /** How much longer than the usual turnaround the drum takes before this charge, s. */
        public double settleS() {
            return changed ? CHANGE_S : 0;
        }
    }

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
        return item.process == Process.WASHED && item.dense ? 0 : 1;
    }

    /** The times of {@code items} in the order given: none overlaps, none comes before its turnaround is over. */
    public static DayPlan of(List<Item> items, Pace pace) {
        List<Slot> slots = new ArrayList<>();
        double freeS = pace.warmUpS;
        int changes = 0;
        int settlings = 0;
        for (Item item : items) {
            Slot before = slots.isEmpty() ? null : slots.get(slots.size() - 1);
            double apartC = before == null ? 0 : Math.abs(before.item.chargeC - item.chargeC);
            boolean changed = apartC > SAME_CHARGE_C;
            changes += apartC >= TOLD_APART_C ? 1 : 0;
            settlings += changed ? 1 : 0;
            double readyS = freeS + (changed ? CHANGE_S : 0);
            double chargeS = Math.max(readyS, item.notBeforeS);
            slots.add(new Slot(item, chargeS, chargeS + item.roastS, changed));
            freeS = chargeS + item.roastS + pace.turnaroundS;
        }
        double endS = slots.isEmpty() ? pace.warmUpS : slots.get(slots.size() - 1).dropS;
        return new DayPlan(List.copyOf(slots), pace.warmUpS, changes, settlings, endS);
    }
}
