package barrowmist.core.trace;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.GasFigures.Stretch;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * What can be moved of the next roast to mend one thing, for each way in which it came about. Which of them is best only the
 * drum can say. Changes that go back to what is usual have none: there the cause itself is undone. Nor is the air one: it is
 * hardly ever moved alone, so that no model of a drum learns what it does there (tried on the stand-in drums).
 */
final class Levers {

    /** The largest step that is tried, % of full or °C (house default). */
    private static final double MOST = 25;

    /** Gas is set by so much, % of full (house default). */
    private static final double STEP_PCT = 0.5;

    private final Correction house;
    private final RoastAnalysis truly;
    private final NextPlan again;
    private final Function<Correction, NextPlan> planned;
    private final MachineReference reference;
    private final TraceRules rules;
    private final Wording wording;

    /**
     * @param house the change as the house would make it
     * @param truly the roast as it was
     * @param again the roast unchanged
     * @param planned the plan of a cut that is told by its own value
     * @param reference what the machine usually does with such coffee
     */
    Levers(
            Correction house,
            RoastAnalysis truly,
            NextPlan again,
            Function<Correction, NextPlan> planned,
            MachineReference reference,
            TraceRules rules,
            Wording wording) {
        this.house = house;
        this.truly = truly;
        this.again = again;
        this.planned = planned;
        this.reference = reference;
        this.rules = rules;
        this.wording = wording;
    }

    /** The way of the house first. */
    List<Lever> all() {
        return switch (house.change()) {
            case "gas" -> house.atS().isEmpty() ? List.of(lessFirstGas(), lowerCharge()) : cuts().all();
            case "browning" -> List.of(gasFromDryEnd(house.to() > house.from()));
            case "ror-at-first-crack" -> calmer();
            default -> List.of();
        };
    }

    private CutLevers cuts() {
        return new CutLevers(
                house, again, planned, habit(Stretch.DEVELOPMENT, house.from(), -1), rules, wording.controls());
    }

    private Lever lessFirstGas() {
        return new Lever(
                "less gas until dry end",
                Math.min(MOST, house.from()),
                STEP_PCT,
                less -> HeatCorrections.firstGas(house.from(), house.from() - less, wording),
                less -> again.firstGas(NextPlan.dryEndS(truly), -less),
                habit(Stretch.DRYING, 1));
    }

    private Lever lowerCharge() {
        double charge = again.chargeC();
        return new Lever(
                "a lower charge",
                MOST,
                1,
                less -> new Correction(
                        "charge",
                        charge,
                        charge - less,
                        "°C",
                        "Charge at %s, not at %s."
                                .formatted(wording.temperature(charge - less), wording.temperature(charge)),
                        house.why(),
                        house.mechanism()),
                less -> again.charged(charge - less));
    }

    /** Between dry end and first crack less heat makes it longer, and calmer. */
    private Lever gasFromDryEnd(boolean less) {
        return new Lever(
                (less ? "less" : "more") + " gas from dry end on",
                MOST,
                STEP_PCT,
                // where the gas stood is not named when it was not logged
                by -> truly.log().gasPct().isEmpty() ? house : fromDryEnd(less ? -by : by),
                by -> again.shifted(NextPlan.dryEndS(truly), less ? -by : by),
                habit(Stretch.BROWNING, less ? 1 : -1));
    }

    private Correction fromDryEnd(double by) {
        double dryS = NextPlan.dryEndS(truly);
        double from = again.gasPct(Math.rint(dryS));
        String text = "Give %s from dry end at %s, not %s, and hold every later step as much %s: %s."
                .formatted(
                        wording.controls().gasText(Math.max(0, Math.min(100, from + by))),
                        Clock.text(dryS),
                        wording.controls().gasText(from),
                        by < 0 ? "lower" : "higher",
                        meant());
        return house.saying(text);
    }

    private String meant() {
        double by = house.to() - house.from();
        return house.change().equals("browning")
                ? "first crack then comes about %.0f s %s".formatted(Math.abs(by), by > 0 ? "later" : "earlier")
                : "first crack is then reached at about %s, not at %s"
                        .formatted(wording.rate(house.to()), wording.rate(house.from()));
    }

    private List<Lever> calmer() {
        List<Lever> out = new ArrayList<>(List.of(gasFromDryEnd(true)));
        truly.figures().firstCrack().map(m -> m.timeS()).ifPresent(crackS -> {
            GasRise.largest(again.controls(), NextPlan.dryEndS(truly), crackS)
                    .ifPresent(rise -> out.add(lessRise(rise)));
            double atS = crackS - RoastFigures.BEFORE_CRACK_S;
            out.add(lessGas(
                    "less gas from a minute before first crack on",
                    atS,
                    again.gasPct(Math.rint(atS)),
                    MOST,
                    "Give %s from %s, a minute before first crack, not %s, and hold every later step as much lower."));
        });
        return out;
    }

    /** How far the gas stood above the usual, or below it. */
    private Optional<Lever.Habit> habit(Stretch stretch, int sign) {
        OptionalDouble was = truly.figures().gas().of(stretch);
        return was.isPresent() ? habit(stretch, was.getAsDouble(), sign) : Optional.empty();
    }

    private Optional<Lever.Habit> habit(Stretch stretch, double wasPct, int sign) {
        return reference.gasPct(stretch) instanceof Band.Learned usual
                ? Optional.of(new Lever.Habit(sign * (wasPct - usual.median()), usual.spread()))
                : Optional.empty();
    }

    private Lever lessGas(String name, double atS, double from, double most, String text) {
        return new Lever(
                name,
                Math.min(most, from),
                STEP_PCT,
                less -> new Correction(
                                "gas",
                                from,
                                from - less,
                                "%",
                                sentence(text, from - less, atS, from),
                                house.why(),
                                house.mechanism())
                        .at(atS, OptionalDouble.empty()),
                less -> again.shifted(atS, -less),
                habit(Stretch.BEFORE_CRACK, 1));
    }

    /** No farther than to where the gas stood before it: that is the roast without it. */
    private Lever lessRise(GasRise rise) {
        return lessGas(
                "a smaller rise of gas before first crack",
                rise.atS(),
                rise.toPct(),
                rise.byPct(),
                "Give %s at %s, not %s, and hold every later step as much lower.");
    }

    private String sentence(String text, double to, double atS, double from) {
        return text.formatted(
                wording.controls().gasText(to),
                Clock.text(atS),
                wording.controls().gasText(from));
    }
}
