package barrowmist.core.desk;

import barrowmist.core.desk.Warning.Kind;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The warnings that hold at a moment, and the one of them that is shown. Mutable: each is held a moment longer than it is true,
 * so that it does not flicker.
 */
final class HeldWarnings {

    /** A warning stays for so long after it was last true, s. */
    private static final double HOLD_S = 8;

    /** For so long after a warning that asks for heat none asks for less, and the other way round, s (house default). */
    private static final double OPPOSITE_S = 30;

    private final Map<Kind, Warning> held = new EnumMap<>(Kind.class);
    private final Map<Kind, Double> lastTrueS = new EnumMap<>(Kind.class);
    private int lastHeat;
    private double lastShownS = Double.NEGATIVE_INFINITY;

    /**
     * The most urgent, unless it asks for the opposite of what was asked for just now. Then what was asked for is silent too,
     * or a lesser warning that lasts would hold back the greater for good.
     */
    Optional<Warning> shown(double nowS) {
        Optional<Warning> overrun =
                held.values().stream().filter(w -> w.kind().overrun()).findFirst();
        if (overrun.isPresent()) {
            lastHeat = -1;
            lastShownS = nowS;
            return overrun;
        }
        int wanted = held.values().stream()
                .mapToInt(w -> w.kind().heat())
                .filter(h -> h != 0)
                .findFirst()
                .orElse(0);
        boolean tooSoon = wanted * lastHeat < 0 && nowS - lastShownS < OPPOSITE_S;
        Optional<Warning> next = held.values().stream()
                .filter(w -> w.kind().heat() == 0 || w.kind().heat() == wanted && !tooSoon)
                .findFirst();
        next.filter(w -> w.kind().heat() != 0).ifPresent(w -> {
            lastHeat = w.kind().heat();
            lastShownS = nowS;
        });
        return next;
    }

    /** @param seen what is true of this kind now; empty when it is not */
    void take(Kind kind, Optional<Warning> seen, double nowS) {
        if (seen.isPresent()) {
            double since = held.containsKey(kind) ? held.get(kind).sinceS() : nowS;
            held.put(kind, seen.get().since(since));
            lastTrueS.put(kind, nowS);
        } else if (held.containsKey(kind) && nowS - lastTrueS.getOrDefault(kind, nowS) > HOLD_S) {
            held.remove(kind);
        }
    }
}
