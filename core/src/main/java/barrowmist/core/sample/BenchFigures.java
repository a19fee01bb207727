package barrowmist.core.sample;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What was weighed, read and counted on a roasted sample. Anything not measured is empty.
 *
 * @param greenG mass charged, g
 * @param roastedG mass after cooling, g
 * @param pulledG drawn from the batch while it roasted, g: it is not in {@code roastedG}
 * @param colourWhole reflectance reading of whole beans, 0–100, higher is lighter
 * @param colourGround reflectance reading of the ground coffee, same scale
 * @param counts beans picked out
 * @param oneColourThrough whether a broken bean is one colour inside
 * @param look how it looks
 */
public record BenchFigures(
        OptionalDouble greenG,
        OptionalDouble roastedG,
        OptionalDouble pulledG,
        OptionalDouble colourWhole,
        OptionalDouble colourGround,
        BenchCounts counts,
        Optional<Boolean> oneColourThrough,
        BenchLook look) {

    /** Wanted whole-bean reading of a protocol roast, ±1 (SCA cupping protocol, value from memory). */
    public static final double PROTOCOL_COLOUR_WHOLE = 58;

    private static final double MAX_BATCH_G = 60_000;

    /** Roasted coffee keeps more than half of its mass, or a weight was misread (house default). */
    private static final double MAX_LOSS_PCT = 40;

    /** Figures of a batch that nothing was drawn from and nobody looked over. */
    public BenchFigures(
            OptionalDouble greenG,
            OptionalDouble roastedG,
            OptionalDouble colourWhole,
            OptionalDouble colourGround,
            BenchCounts counts,
            Optional<Boolean> oneColourThrough) {
        this(
                greenG,
                roastedG,
                OptionalDouble.empty(),
                colourWhole,
                colourGround,
                counts,
                oneColourThrough,
                BenchLook.none());
    }

    /** Nothing measured yet. */
    public static BenchFigures none() {
        return new BenchFigures(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                BenchCounts.none(),
                Optional.empty());
    }

    /** The same with nothing but what was weighed out: of a pull the desk knows that and no more. */
    public BenchFigures asDrawn() {
        BenchFigures none = none();
        return new BenchFigures(
                none.greenG,
                roastedG,
                none.pulledG,
                none.colourWhole,
                none.colourGround,
                none.counts,
                none.oneColourThrough,
                none.look);
    }

    /** The same with nothing but what was weighed in, and drawn while it roasted. */
    public BenchFigures asDropped() {
        BenchFigures none = none();
        return new BenchFigures(
                greenG,
                none.roastedG,
                pulledG,
                none.colourWhole,
                none.colourGround,
                none.counts,
                none.oneColourThrough,
                none.look);
    }

    /** Quakers in 100 g. */
    public OptionalInt quakersPer100g() {
        return counts.per100g(counts.quakers());
    }

    /** Scorched beans in 100 g. */
    public OptionalInt scorchedPer100g() {
        return counts.per100g(counts.scorched());
    }

    /** Tipped beans in 100 g. */
    public OptionalInt tippedPer100g() {
        return counts.per100g(counts.tipped());
    }

    /** Shells in 100 g. */
    public OptionalInt shellsPer100g() {
        return counts.per100g(counts.shells());
    }

    /**
     * Mass lost in the roast, % of the green mass; empty until both are weighed. What was drawn is taken to have come out with
     * the rest: it lost a little less by then, which for a few grams is below a tenth of a per cent of a batch.
     */
    public OptionalDouble weightLossPct() {
        if (greenG.isEmpty() || roastedG.isEmpty()) {
            return OptionalDouble.empty();
        }
        double outG = roastedG.getAsDouble() + pulledG.orElse(0);
        return OptionalDouble.of(100 * (greenG.getAsDouble() - outG) / greenG.getAsDouble());
    }

    /** Ground reading minus whole reading: how far the inside is lighter than the surface; empty until both are read. */
    public OptionalDouble colourGap() {
        if (colourWhole.isEmpty() || colourGround.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(colourGround.getAsDouble() - colourWhole.getAsDouble());
    }

    /** Every problem of these figures, by their names on the wire. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks()
                .range("greenG", "Weight in", greenG, 1, MAX_BATCH_G, "g")
                .range("roastedG", "Weight out", roastedG, 1, MAX_BATCH_G, "g")
                .range("colourWhole", "Colour, whole", colourWhole, 0, 100, "")
                .range("colourGround", "Colour, ground", colourGround, 0, 100, "");
        counts.check(checks);
        if (checks.problems().isEmpty()) {
            weightLossPct().ifPresent(loss -> checkLoss(checks, loss));
        }
        return checks.problems();
    }

    private void checkLoss(Checks checks, double lossPct) {
        if (lossPct <= 0) {
            checks.add("roastedG", "Weight out is not below weight in (" + greenG.getAsDouble() + " g): weigh again");
        } else if (lossPct > MAX_LOSS_PCT) {
            checks.add(
                    "roastedG",
                    "Weight out would mean a loss of " + Math.round(lossPct) + " %, at most " + Math.round(MAX_LOSS_PCT)
                            + " % is believed: check both weights");
        }
    }
}
