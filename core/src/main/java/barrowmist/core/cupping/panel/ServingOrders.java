package barrowmist.core.cupping.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * In what order each cupper goes through the samples, so that none is always first and each follows each other equally
 * often (Williams 1949): as many orders as samples, twice as many for an odd number.
 */
public final class ServingOrders {

    private ServingOrders() {}

    /** All orders for so many samples, each a list of places from 0. */
    public static List<List<Integer>> of(int samples) {
        List<List<Integer>> orders = new ArrayList<>();
        for (int shift = 0; shift < samples; shift++) {
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < samples; i++) {
                // 0, 1, n-1, 2, n-2, … and each of it shifted on
                int place = i == 0 ? 0 : i % 2 == 1 ? (i + 1) / 2 : samples - i / 2;
                order.add((place + shift) % samples);
            }
            orders.add(List.copyOf(order));
        }
        if (samples % 2 == 1 && samples > 1) {
            List.copyOf(orders).forEach(o -> orders.add(reversed(o)));
        }
        return List.copyOf(orders);
    }

    /** The order of the cupper who sat down as number {@code seat}, from 0. */
    public static List<Integer> of(int samples, int seat) {
        List<List<Integer>> orders = of(samples);
        return orders.isEmpty() ? List.of() : orders.get(seat % orders.size());
    }

    private static List<Integer> reversed(List<Integer> order) {
        List<Integer> back = new ArrayList<>(order);
        Collections.reverse(back);
        return List.copyOf(back);
    }
}
