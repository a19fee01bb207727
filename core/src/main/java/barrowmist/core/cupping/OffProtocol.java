package barrowmist.core.cupping;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What of a table's preparation is not as the house prepares. */
public final class OffProtocol {

    /** A dose so far from the protocol's ratio tastes of itself, % (house default). */
    private static final double RATIO_OFF_PCT = 7;

    /** From here on the water is as far off as anybody brews with, as {@link TableProtocol#waterOff}. */
    private static final double WATER_OFF = 1;

    /** As poured, °C: 200 °F ±2 °F (SCA cupping protocol, values from memory). */
    private static final double PUBLISHED_LEAST_C = 92.2;

    private static final double PUBLISHED_MOST_C = 94.4;

    /** A thermometer of a kettle shows whole degrees. */
    private static final double READ_C = 0.5;

    private final TableProtocol table;
    private final List<TableProtocol> house;

    private OffProtocol(TableProtocol table, Collection<TableProtocol> house) {
        this.table = table;
        this.house = house.stream()
                .filter(p -> p.drink().serving() == table.drink().serving())
                .toList();
    }

    /**
     * Dose, water and grind, as far as they are off; what was not noted is not.
     *
     * @param house the house's own protocols, the published one among them
     */
    public static Set<CupTrait> of(TableProtocol table, Collection<TableProtocol> house) {
        OffProtocol off = new OffProtocol(table, house);
        EnumSet<CupTrait> out = EnumSet.noneOf(CupTrait.class);
        if (off.dose()) {
            out.add(CupTrait.DOSE_OFF);
        }
        if (off.water()) {
            out.add(CupTrait.WATER_OFF);
        }
        if (table.grind().off(off.house.stream().map(TableProtocol::grind).toList())) {
            out.add(CupTrait.GRIND_OFF);
        }
        return out;
    }

    /** That the water is not poured as published, where the house has not chosen so; of black cups alone. */
    public static Optional<String> pour(TableProtocol table, Collection<TableProtocol> house) {
        if (table.waterC().isEmpty() || table.drink().serving() != Drink.Serving.BLACK) {
            return Optional.empty();
        }
        double c = table.waterC().getAsDouble();
        boolean published = c >= PUBLISHED_LEAST_C - READ_C && c <= PUBLISHED_MOST_C + READ_C;
        boolean chosen =
                house.stream().flatMap(p -> p.waterC().stream().boxed()).anyMatch(own -> Math.abs(own - c) <= READ_C);
        return published || chosen
                ? Optional.empty()
                : Optional.of(
                        "Water at %.1f °C: the published protocol pours at %.1f to %.1f °C, and none of the house's own"
                                        .formatted(c, PUBLISHED_LEAST_C, PUBLISHED_MOST_C)
                                + " says otherwise.");
    }

    private boolean dose() {
        return table.ratioOffPct().orElse(0) > RATIO_OFF_PCT && house.stream().noneMatch(this::sameRatio);
    }

    private boolean water() {
        return table.waterOff().orElse(0) > WATER_OFF && house.stream().noneMatch(this::sameWater);
    }

    private boolean sameRatio(TableProtocol other) {
        return other.ratio().isPresent()
                && Math.abs(table.ratio().orElseThrow() / other.ratio().getAsDouble() - 1) <= TableProtocol.SAME_SHARE;
    }

    private boolean sameWater(TableProtocol other) {
        return table.waterC().stream()
                        .allMatch(c -> other.waterC().stream().anyMatch(o -> Math.abs(c - o) <= TableProtocol.SAME_C))
                && table.tdsPpm().stream().allMatch(ppm -> asHard(ppm, other));
    }

    private static boolean asHard(double ppm, TableProtocol other) {
        return ppm >= TableProtocol.LEAST_SOLIDS_PPM && ppm <= TableProtocol.MOST_SOLIDS_PPM
                || other.tdsPpm().stream().anyMatch(o -> Math.abs(ppm - o) <= TableProtocol.SAME_PPM);
    }
}
