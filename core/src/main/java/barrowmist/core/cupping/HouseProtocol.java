package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A way to prepare a table, under a name of the house.
 *
 * @param name as it is chosen
 * @param cups cups a sample: 1, 3 or 5
 * @param form on which it is written down; empty where that is left as it is
 * @param protocol dose and water; what is not said is left as it is
 */
public record HouseProtocol(String name, int cups, Optional<CuppingForm> form, TableProtocol protocol) {

    private static final int MOST = 20;
    private static final int LONGEST_NAME = 60;

    /** What a lab begins with: the published one (SCA cupping protocol, from memory) first, then what the trade does. */
    public static final List<HouseProtocol> USUAL = List.of(
            new HouseProtocol("Published: five cups", 5, TableProtocol.usual()),
            new HouseProtocol("Three cups", 3, TableProtocol.usual()),
            // one roaster's each, no published source
            new HouseProtocol("Selection: one cup, 12 g at 1:18", 1, poured(12, 216)),
            new HouseProtocol("Nine grams to the brim", 3, poured(9, OptionalDouble.empty())),
            // so much milk, and such a shot, are house defaults
            new HouseProtocol(
                    "With milk",
                    3,
                    TableProtocol.usual()
                            .drunk(new Drink(Drink.Serving.MILK, OptionalDouble.of(50), Drink.Shot.unsaid()))),
            new HouseProtocol("As espresso", 1, espresso(18, 36, 28)));

    /** One that says nothing of the form. */
    public HouseProtocol(String name, int cups, TableProtocol protocol) {
        this(name, cups, Optional.empty(), protocol);
    }

    private static TableProtocol espresso(double doseG, double yieldG, double seconds) {
        OptionalDouble none = OptionalDouble.empty();
        Drink.Shot shot =
                new Drink.Shot(OptionalDouble.of(yieldG), OptionalDouble.of(seconds), none, OptionalInt.empty());
        return new TableProtocol(
                OptionalDouble.of(doseG),
                none,
                TableProtocol.usual().waterC(),
                none,
                Grind.unsaid(),
                new Drink(Drink.Serving.ESPRESSO, none, shot),
                TableTiming.unsaid());
    }

    private static TableProtocol poured(double doseG, double waterMl) {
        return poured(doseG, OptionalDouble.of(waterMl));
    }

    private static TableProtocol poured(double doseG, OptionalDouble waterMl) {
        return new TableProtocol(
                OptionalDouble.of(doseG), waterMl, TableProtocol.usual().waterC(), OptionalDouble.empty());
    }

    /** What each number of cups is for (common practice, no published source; five by the SCA cupping protocol). */
    public static String reason(int cups) {
        return switch (cups) {
            case 1 -> "One cup: to choose among many; a single bad bean is taken for the coffee.";
            case 3 -> "Three cups: enough to see whether one differs, with less coffee.";
            default -> "Five cups: shows whether a fault is in the coffee or in a bean, as the protocol asks.";
        };
    }

    /** Every problem of a house's protocols, by their names on the wire. */
    public static List<FieldProblem> problems(List<HouseProtocol> all) {
        Checks checks = new Checks();
        if (all.isEmpty() || all.size() > MOST) {
            checks.add("protocols", "There are " + all.size() + " protocols, 1 to " + MOST + " are kept");
        }
        Set<String> seen = new HashSet<>();
        List<FieldProblem> problems = new ArrayList<>();
        for (HouseProtocol p : all) {
            checks.name("protocols", "The name of a protocol", p.name, LONGEST_NAME);
            if (!seen.add(p.name.toLowerCase(Locale.ROOT))) {
                checks.add("protocols", "\"" + p.name + "\" is there twice");
            }
            if (!HundredPointSheet.CUP_COUNTS.contains(p.cups)) {
                checks.add("protocols", p.name + ": " + p.cups + " cups, allowed are 1, 3 or 5");
            }
            if (p.form.filter(f -> f == CuppingForm.TRIAGE).isPresent()) {
                checks.add("protocols", p.name + ": a triage has its own form");
            }
            problems.addAll(p.protocol.problems());
        }
        problems.addAll(checks.problems());
        return problems;
    }
}
