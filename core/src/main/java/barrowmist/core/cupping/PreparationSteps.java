package barrowmist.core.cupping;

import barrowmist.core.cupping.panel.TableClock;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * What is to be done before a table can be tasted, in order, for whoever prepares it (SCA cupping protocol, from memory,
 * where the house says nothing else).
 *
 * @param protocol how the cups are prepared
 * @param kind what the table was laid for
 * @param blind how it is blind
 * @param wording how temperatures are written
 */
public record PreparationSteps(TableProtocol protocol, TableKind kind, Blindness blind, Wording wording) {

    private static final String VENTILATE =
            "Ground coffee gives off carbon monoxide and vapours such as diacetyl: ventilate where it is ground, and follow"
                    + " the local limits.";
    private static final String SCALDS =
            "Water as hot as this scalds: pour away from yourself, and mind who stands near.";
    private static final String ALLERGENS =
            "Milk is an allergen: ask who tastes before it is poured, and say which it is.";
    private static final String MOULD = "What is visibly mouldy or smells of chemicals is not tasted: leave it out.";

    /** In order, a sentence or two each. */
    public List<String> steps() {
        return protocol.drink().serving() == Drink.Serving.ESPRESSO ? pulled() : brewed();
    }

    private List<String> brewed() {
        List<String> out = new ArrayList<>();
        protocol.tdsPpm().ifPresent(ppm -> out.add("Fresh water of %s ppm in the kettle.".formatted(plain(ppm))));
        out.add("Bowls all alike, empty, in that order%s.".formatted(underside()));
        out.add("Sample by sample: purge the grinder with a dose of it, then grind each cup on its own, %s."
                .formatted(protocol.grind().asked()));
        out.add(
                ("Press \"ground\" at the first one. From there the water is on within %d minutes, or %d where the cups are"
                                + " covered at once.")
                        .formatted(minutes(false), minutes(true)));
        // within a quarter of an hour of grinding, before any water (SCA cupping protocol, from memory)
        out.add(
                "Smell the dry grounds of every cup before any water: that is the fragrance, scored with the aroma after the"
                        + " break.");
        out.add("Pour%s%s to wet all of it, in %s."
                .formatted(
                        part(protocol.waterMl(), " mL"),
                        protocol.waterC().isPresent()
                                ? " at " + wording.temperature(protocol.waterC().getAsDouble())
                                : "",
                        blind == Blindness.UNDERSIDE ? "the order in which they stand" : "the same order"));
        if (protocol.drink().serving() == Drink.Serving.MILK) {
            out.add("When it is skimmed, milk%s into each cup, all from one jug."
                    .formatted(part(protocol.drink().milkMl(), " mL")));
        }
        if (kind == TableKind.TRIANGLE) {
            out.add(sets());
        }
        return List.copyOf(out);
    }

    private List<String> pulled() {
        Drink.Shot shot = protocol.drink().shot();
        List<String> out = new ArrayList<>();
        out.add("Warm cups, all alike, in that order%s.".formatted(underside()));
        out.add("For each: purge the grinder, dose%s, and pull%s%s%s."
                .formatted(
                        part(protocol.doseG(), " g"),
                        part(shot.yieldG(), " g"),
                        shot.seconds().isPresent()
                                ? " in " + plain(shot.seconds().getAsDouble()) + " s"
                                : "",
                        shot.preInfusionS().isPresent()
                                ? ", " + plain(shot.preInfusionS().getAsDouble()) + " s of them pre-infusion"
                                : ""));
        out.add("Throw away what runs too fast or too slow, and note how many shots it took.");
        if (kind == TableKind.TRIANGLE) {
            out.add(sets());
        }
        return List.copyOf(out);
    }

    private String underside() {
        if (blind == Blindness.UNDERSIDE && protocol.drink().serving() == Drink.Serving.ESPRESSO) {
            return ", its mark under each; somebody who does not taste shuffles them";
        }
        return blind == Blindness.UNDERSIDE
                ? ", its mark under each; shuffle them once the coffee is in them, before any water"
                : "";
    }

    private String sets() {
        return blind == Blindness.UNDERSIDE
                ? "Of each set prepare two cups of either coffee, shuffle the four, and take one away without looking under"
                        + " it: nobody knows which coffee is there once."
                : "Fill the cups of each set from left to right, and put its number before them.";
    }

    /** What to take care of. */
    public List<String> cautions() {
        List<String> out = new ArrayList<>(List.of(VENTILATE, SCALDS));
        if (protocol.drink().serving() == Drink.Serving.MILK
                || protocol.drink().milkMl().isPresent()) {
            out.add(ALLERGENS);
        }
        out.add(MOULD);
        return List.copyOf(out);
    }

    private static int minutes(boolean covered) {
        return (int) (TableClock.groundS(covered) / 60);
    }

    private static String part(OptionalDouble value, String unit) {
        return value.isPresent() ? " " + plain(value.getAsDouble()) + unit : "";
    }

    private static String plain(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }
}
