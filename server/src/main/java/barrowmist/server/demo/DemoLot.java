package barrowmist.server.demo;

import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalDouble;

/** The lots of the demo, as they are entered. */
final class DemoLot {

    private static final Map<String, String> SUPPLIERS_SAY = Map.of(
            "Gatovu Hill", "Orange, black tea, cane sugar; bright and clean",
            "Mwendo Slope", "Blackcurrant, grapefruit, long",
            "Serra Quimbroa", "Milk chocolate, dried fruit, low acidity",
            "Velquora Hollow", "Caramel, apple, round");

    private DemoLot() {}

    /** @param kg what came; density in g/L, moisture in % */
    static LotRules.Entry lot(
            String name,
            String supplier,
            String origin,
            Process process,
            LocalDate arrival,
            double kg,
            double moisture,
            double density,
            String screen) {
        return new LotRules.Entry(
                name,
                supplier,
                origin,
                process,
                arrival,
                kg,
                OptionalDouble.of(moisture),
                OptionalDouble.of(density),
                screen,
                SUPPLIERS_SAY.get(name));
    }
}
