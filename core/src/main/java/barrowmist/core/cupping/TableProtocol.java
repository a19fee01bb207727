package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * How the cups of a table are prepared. The usual one is the SCA cupping protocol's (from memory): 8.25 g to 150 mL, water of
 * 93 °C. Limits are plausibility, house defaults.
 *
 * @param doseG ground coffee in a cup, g
 * @param waterMl water in a cup, mL
 * @param waterC water as poured, °C
 * @param tdsPpm dissolved solids of the water, ppm; 125 to 175 is best, 100 to 250 allowed by the protocol
 * @param grind how it is ground
 * @param drink how it is drunk
 * @param timing when the crust is broken and tasting begins
 */
public record TableProtocol(
        OptionalDouble doseG,
        OptionalDouble waterMl,
        OptionalDouble waterC,
        OptionalDouble tdsPpm,
        Grind grind,
        Drink drink,
        TableTiming timing) {

    /** Water as it may be poured, °C. */
    public static final double LEAST_WATER_C = 40;

    public static final double MOST_WATER_C = 100;

    /** Water is poured at 86 to 93 °C, or nearly boiling (common practice, no published source). */
    private static final double MIDDLE_C = 92.5;

    static final double LEAST_SOLIDS_PPM = 100;
    static final double MOST_SOLIDS_PPM = 250;

    /** Doses and water are weighed to this share, temperatures and solids vary by so much, before scores stop comparing. */
    static final double SAME_SHARE = 0.03;

    static final double SAME_C = 2;
    private static final double SAME_S = 2;
    private static final double DOSE_STEPS = 4;
    static final double SAME_PPM = 25;

    /** Dose and water alone: black, and timed as published. */
    public TableProtocol(OptionalDouble doseG, OptionalDouble waterMl, OptionalDouble waterC, OptionalDouble tdsPpm) {
        this(doseG, waterMl, waterC, tdsPpm, Grind.unsaid(), Drink.black(), TableTiming.unsaid());
    }

    /** The same for a drink. */
    public TableProtocol drunk(Drink as) {
        return new TableProtocol(doseG, waterMl, waterC, tdsPpm, grind, as, timing);
    }

    /** The same with other coffee and water. */
    public TableProtocol with(OptionalDouble newDoseG, OptionalDouble newWaterMl) {
        return new TableProtocol(newDoseG, newWaterMl, waterC, tdsPpm, grind, drink, timing);
    }

    /** Nothing said. */
    public static TableProtocol unsaid() {
        OptionalDouble none = OptionalDouble.empty();
        return new TableProtocol(none, none, none, none);
    }

    /** The published one. */
    public static TableProtocol usual() {
        return new TableProtocol(
                OptionalDouble.of(8.25), OptionalDouble.of(150), OptionalDouble.of(93), OptionalDouble.empty());
    }

    /** Coffee for so much water at the ratio of the published protocol, to a quarter of a gram. */
    public static double doseFor(double waterMl) {
        TableProtocol usual = usual();
        double ratio = usual.doseG.orElseThrow() / usual.waterMl.orElseThrow();
        return Math.rint(waterMl * ratio * DOSE_STEPS) / DOSE_STEPS;
    }

    /** The other way round, to a whole millilitre. */
    public static double waterFor(double doseG) {
        TableProtocol usual = usual();
        return Math.rint(doseG * usual.waterMl.orElseThrow() / usual.doseG.orElseThrow());
    }

    /** Every problem of it. */
    public List<FieldProblem> problems() {
        Checks checks = grind.check(new Checks());
        List<FieldProblem> problems = new ArrayList<>(checks.range("protocol.doseG", "Dose", doseG, 1, 100, "g")
                .range("protocol.waterMl", "Water", waterMl, 20, 1000, "mL")
                .range("protocol.waterC", "Water as poured", waterC, LEAST_WATER_C, MOST_WATER_C, "°C")
                .range("protocol.tdsPpm", "Dissolved solids", tdsPpm, 0, 2000, "ppm")
                .problems());
        problems.addAll(drink.problems());
        problems.addAll(timing.problems());
        return List.copyOf(problems);
    }

    /** Parts of drink to one of coffee: of an espresso its yield, or else the water. */
    public OptionalDouble ratio() {
        OptionalDouble out =
                drink.serving() == Drink.Serving.ESPRESSO ? drink.shot().yieldG() : waterMl;
        return out.isPresent() && doseG.isPresent()
                ? OptionalDouble.of(out.getAsDouble() / doseG.getAsDouble())
                : OptionalDouble.empty();
    }

    /** How far coffee to water lies from the published ratio, %; empty when not noted, or not drunk black. */
    public OptionalDouble ratioOffPct() {
        if (ratio().isEmpty() || drink.serving() != Drink.Serving.BLACK) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                100 * Math.abs(ratio().getAsDouble() / usual().ratio().orElseThrow() - 1));
    }

    /**
     * How far the water lies from the middle of what is in use: 1 at 85 and 100 °C, and at the least and most solids that are
     * allowed; empty when not noted.
     */
    public OptionalDouble waterOff() {
        double byHeat = waterC.isPresent() ? Math.abs(waterC.getAsDouble() - MIDDLE_C) / (MOST_WATER_C - MIDDLE_C) : 0;
        double middle = (LEAST_SOLIDS_PPM + MOST_SOLIDS_PPM) / 2;
        double bySolids = tdsPpm.isPresent() ? Math.abs(tdsPpm.getAsDouble() - middle) / (MOST_SOLIDS_PPM - middle) : 0;
        return waterC.isEmpty() && tdsPpm.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(byHeat, bySolids));
    }

    /** What is to be said before the pour: against the published protocol, and against the last table. */
    public List<String> warnings(TableProtocol last) {
        List<String> out = new ArrayList<>();
        tdsPpm.ifPresent(ppm -> {
            if (ppm < LEAST_SOLIDS_PPM || ppm > MOST_SOLIDS_PPM) {
                out.add("Water of %.0f ppm: the protocol allows %.0f to %.0f."
                        .formatted(ppm, LEAST_SOLIDS_PPM, MOST_SOLIDS_PPM));
            }
        });
        grind.offProtocol().ifPresent(out::add);
        differs(out, "Dose", doseG, last.doseG, " g", SAME_SHARE * last.doseG.orElse(0));
        differs(out, "Water", waterMl, last.waterMl, " mL", SAME_SHARE * last.waterMl.orElse(0));
        differs(out, "Water", waterC, last.waterC, " °C", SAME_C);
        differs(out, "Water", tdsPpm, last.tdsPpm, " ppm", SAME_PPM);
        Drink.Shot shot = drink.shot();
        Drink.Shot shotBefore = last.drink.shot();
        differs(
                out,
                "Yield",
                shot.yieldG(),
                shotBefore.yieldG(),
                " g",
                SAME_SHARE * shotBefore.yieldG().orElse(0));
        differs(out, "Shot", shot.seconds(), shotBefore.seconds(), " s", SAME_S);
        differs(
                out,
                "Milk",
                drink.milkMl(),
                last.drink.milkMl(),
                " mL",
                SAME_SHARE * last.drink.milkMl().orElse(0));
        grind.differs(last.grind).ifPresent(out::add);
        return List.copyOf(out);
    }

    private static void differs(
            List<String> out, String what, OptionalDouble now, OptionalDouble before, String unit, double same) {
        if (now.isPresent() && before.isPresent() && Math.abs(now.getAsDouble() - before.getAsDouble()) > same) {
            out.add(what + " " + plain(now) + unit + ", last time " + plain(before) + ": scores will not compare.");
        }
    }

    private static String plain(OptionalDouble value) {
        double v = value.orElseThrow();
        return v == Math.rint(v) ? Long.toString((long) v) : String.format(Locale.ROOT, "%.2f", v);
    }
}
