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
 * @param colourWhole reflectance reading of whole beans, 0–100, higher is lighter
 * @param colourGround reflectance reading of the ground coffee, same scale
 * @param quakersPer100g pale beans that did not brown, in 100 g
 * @param scorchedPer100g beans with flat burnt faces, in 100 g
 * @param tippedPer100g beans with burnt ends, in 100 g
 * @param oneColourThrough whether a broken bean is one colour inside
 * @param shellsPer100g shells and hollow beans, in 100 g
 */
public record BenchFigures(
        OptionalDouble greenG,
        OptionalDouble roastedG,
        OptionalDouble colourWhole,
        OptionalDouble colourGround,
        OptionalInt quakersPer100g,
        OptionalInt scorchedPer100g,
        OptionalInt tippedPer100g,
        Optional<Boolean> oneColourThrough,
        OptionalInt shellsPer100g) {

    /** Figures without a count of shells. */
    public BenchFigures(
            OptionalDouble greenG,
            OptionalDouble roastedG,
            OptionalDouble colourWhole,
            OptionalDouble colourGround,
            OptionalInt quakersPer100g,
            OptionalInt scorchedPer100g,
            OptionalInt tippedPer100g,
            Optional<Boolean> oneColourThrough) {
        this(
                greenG,
                roastedG,
                colourWhole,
                colourGround,
                quakersPer100g,
                scorchedPer100g,
                tippedPer100g,
                oneColourThrough,
                OptionalInt.empty());
    }

    /** Wanted whole-bean reading of a protocol roast, ±1 (SCA cupping protocol, value from memory). */
    public static final double PROTOCOL_COLOUR_WHOLE = 58;

    private static final double MAX_BATCH_G = 60_000;

    /** 100 g of the smallest beans hold fewer than this many. */
    private static final int MAX_BEANS_PER_100G = 1200;

    /** Roasted coffee keeps more than half of its mass, or a weight was misread (house default). */
    private static final double MAX_LOSS_PCT = 40;

    /** Nothing measured yet. */
    public static BenchFigures none() {
        return new BenchFigures(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    /** The same with nothing but what went in. */
    public BenchFigures onlyGreen() {
        BenchFigures none = none();
        return new BenchFigures(
                greenG,
                none.roastedG,
                none.colourWhole,
                none.colourGround,
                none.quakersPer100g,
                none.scorchedPer100g,
                none.tippedPer100g,
                none.oneColourThrough,
                none.shellsPer100g);
    }

    /** Mass lost in the roast, % of the green mass; empty until both are weighed. */
    public OptionalDouble weightLossPct() {
        if (greenG.isEmpty() || roastedG.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(100 * (greenG.getAsDouble() - roastedG.getAsDouble()) / greenG.getAsDouble());
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
        count(checks, "quakersPer100g", "Quakers", quakersPer100g);
        count(checks, "scorchedPer100g", "Scorched beans", scorchedPer100g);
        count(checks, "tippedPer100g", "Tipped beans", tippedPer100g);
        count(checks, "shellsPer100g", "Shells", shellsPer100g);
        if (checks.problems().isEmpty()) {
            weightLossPct().ifPresent(loss -> checkLoss(checks, loss));
        }
        return checks.problems();
    }

    private static void count(Checks checks, String field, String label, OptionalInt n) {
        if (n.isPresent()) {
            checks.range(field, label, n.getAsInt(), 0, MAX_BEANS_PER_100G, "in 100 g");
        }
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
