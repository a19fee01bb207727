package barrowmist.core.plan;

import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import java.util.List;
import java.util.Map;

/**
 * A way of roasting: what it aims at.
 *
 * @param id short name on the wire
 * @param name name on screen
 * @param note what it holds, a sentence
 * @param targets its aims
 */
public record School(String id, String name, String note, Targets targets) {

    /**
     * The schools a lab begins with; all editable. Shares are common practice, no published source; the 8 to 12 minutes
     * are those of the SCA cupping protocol, value from memory; the other times and tolerances are house defaults for a
     * sample roaster.
     */
    public static List<School> defaults() {
        return List.of(
                school(
                        "protocol",
                        "Protocol sample roast",
                        "8 to 12 minutes, light to light-medium, for cupping by the protocol.",
                        aims(600, 115, 295, 20, 490, 25, 206, 2.5, 17, 2.5)),
                school(
                        "classic",
                        "Classic 20 %",
                        "A fifth of the roast, up to a quarter, after first crack.",
                        aims(615, 30, 300, 20, 490, 25, 208, 2.5, 20, 1.5).madeFor(RoastAim.FILTER_MEDIUM)),
                school(
                        "light-medium",
                        "Light-medium drum",
                        "15 to 17 % of the roast after first crack.",
                        aims(600, 30, 305, 20, 504, 25, 205, 2.5, 16, 1).madeFor(RoastAim.FILTER_LIGHT)),
                school(
                        "fruit-forward",
                        "Fruit-forward natural",
                        "13 to 17 % after first crack and a slow end, so that the core cooks through; browning 35 % or more.",
                        fruitForward()),
                school(
                        "espresso",
                        "Espresso, full city",
                        "Up to 14 minutes, %.0f °C above first crack at the drop."
                                .formatted(overCrackC(RoastAim.ESPRESSO)),
                        aims(705, 45, 340, 25, 555, 30, dropC(RoastAim.ESPRESSO), 3, 21, 2)
                                .madeFor(RoastAim.ESPRESSO)),
                school(
                        "dark",
                        "Dark",
                        "To second crack, %.0f °C above the first: smoke is at hand, the chaff is emptied first."
                                .formatted(overCrackC(RoastAim.DARK)),
                        aims(800, 60, 360, 30, 605, 35, dropC(RoastAim.DARK), 3, 24, 3)
                                .madeFor(RoastAim.DARK)),
                new School(
                        "from-yellow",
                        "Counted from yellow",
                        "Development is browning too: counted from dry end.",
                        new Targets(
                                Map.of(
                                        KeyFigure.TOTAL_S,
                                        new Aim(600, 30),
                                        KeyFigure.DRY_END_S,
                                        new Aim(300, 20),
                                        KeyFigure.DROP_C,
                                        new Aim(206, 2.5),
                                        KeyFigure.DEVELOPMENT_PCT,
                                        new Aim(50, 3)),
                                DevelopmentFrom.DRY_END)));
    }

    private static Targets fruitForward() {
        return aims(570, 30, 285, 20, 484, 25, 202, 2.5, 15, 2)
                .with(
                        KeyFigure.ROR_AT_FIRST_CRACK,
                        new Aim(RoastAim.FRUIT_NATURAL.limits().fastAtFirstCrackCPerMin(), 1))
                .with(KeyFigure.BROWNING_PCT, new Aim(37, 2.5))
                .madeFor(RoastAim.FRUIT_NATURAL);
    }

    private static double overCrackC(RoastAim aim) {
        return aim.dropOverCrackC().orElseThrow();
    }

    /** On a probe that hears first crack at the house default; {@link PlanStart#onThisProbe} moves it to another. */
    private static double dropC(RoastAim aim) {
        return EventTemperatures.usual(Process.WASHED).firstCrackC() + overCrackC(aim);
    }

    private static School school(String id, String name, String note, Targets targets) {
        return new School(id, name, note, targets);
    }

    private static Targets aims(
            double totalS,
            double totalTolerance,
            double dryEndS,
            double dryEndTolerance,
            double crackS,
            double crackTolerance,
            double dropC,
            double dropTolerance,
            double developmentPct,
            double developmentTolerance) {
        return new Targets(
                Map.of(
                        KeyFigure.TOTAL_S, new Aim(totalS, totalTolerance),
                        KeyFigure.DRY_END_S, new Aim(dryEndS, dryEndTolerance),
                        KeyFigure.FIRST_CRACK_S, new Aim(crackS, crackTolerance),
                        KeyFigure.DROP_C, new Aim(dropC, dropTolerance),
                        KeyFigure.DEVELOPMENT_PCT, new Aim(developmentPct, developmentTolerance)),
                DevelopmentFrom.FIRST_CRACK);
    }
}
