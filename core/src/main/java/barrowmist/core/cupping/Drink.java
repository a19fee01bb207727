package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * How what is in the cups is drunk. Limits are plausibility, house defaults.
 *
 * @param milkMl milk in a cup, mL
 * @param shot of an espresso
 */
public record Drink(Serving serving, OptionalDouble milkMl, Shot shot) {

    private static final int MOST_SHOTS = 30;

    /** How it is served. */
    public enum Serving implements Coded {
        BLACK("black"),
        MILK("with milk"),
        ESPRESSO("as espresso");

        private final String label;

        Serving(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * An espresso, as it was pulled.
     *
     * @param yieldG in the cup, g
     * @param seconds from the pump on, s
     * @param preInfusionS of these with low pressure, s
     * @param shots it took to get there
     */
    public record Shot(OptionalDouble yieldG, OptionalDouble seconds, OptionalDouble preInfusionS, OptionalInt shots) {

        /** Nothing said. */
        public static Shot unsaid() {
            return new Shot(
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalInt.empty());
        }
    }

    /** As a cupping table is drunk. */
    public static Drink black() {
        return new Drink(Serving.BLACK, OptionalDouble.empty(), Shot.unsaid());
    }

    /** Every problem of it. */
    List<FieldProblem> problems() {
        Checks checks = new Checks()
                .range("protocol.milkMl", "Milk", milkMl, 1, 1000, "mL")
                .range("protocol.yieldG", "Yield of the shot", shot.yieldG, 1, 200, "g")
                .range("protocol.shotS", "Shot", shot.seconds, 1, 180, "s")
                .range("protocol.preInfusionS", "Pre-infusion", shot.preInfusionS, 0, shot.seconds.orElse(180), "s");
        shot.shots.ifPresent(n -> checks.range("protocol.shots", "Shots it took", n, 1, MOST_SHOTS, ""));
        return checks.problems();
    }
}
