package barrowmist.core.trace;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.Mending.Gone;
import barrowmist.core.trace.Mending.Moved;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import java.util.function.Function;

/** Levers, tried on what foretells a drum's roasts. */
final class LeverTrial {

    private static final int HALVINGS = 10;

    /** The model's heat is off by no more than this, % of full (house default). */
    private static final double MOST_OFF_PCT = 15;

    private final RoastAnalysis truly;
    private final Mending mending;
    private final ChangeCost cost;
    private final TraceRules rules;
    private final ForetoldDrum drum;

    LeverTrial(RoastAnalysis truly, Mending mending, ChangeCost cost, TraceRules rules, ForetoldDrum drum) {
        this.truly = truly;
        this.mending = mending;
        this.cost = cost;
        this.rules = rules;
        this.drum = drum;
    }

    /**
     * A lever at the size that it takes.
     *
     * @param cost to the other aims, in tolerances
     * @param mends the share of what is to be mended that it does, by the model; 1 where it does it
     * @param modelled whether the model has a say in its size
     * @param usual whether what is usual has one
     */
    record Tried(Lever lever, double size, NextPlan plan, double cost, double mends, boolean modelled, boolean usual) {}

    /**
     * Each lever that does it, or that goes back to what is usual and does it as nearly as the model can tell: the one that
     * costs least first. Then those that only go back to what is usual, the one that does most first.
     *
     * @param same the roast unchanged
     * @param levers those of a roast that is planned so
     */
    List<Tried> of(NextPlan same, Function<NextPlan, List<Lever>> levers) {
        NextPlan modelled = mending instanceof Moved moved ? anchored(moved, same) : same;
        Function<NextPlan, RoastAnalysis> next = mending instanceof Gone ? laidOn(same) : drum.roast();
        RoastAnalysis again = next.apply(modelled);
        List<Lever> real = levers.apply(same);
        List<Lever> onModel = levers.apply(modelled);
        List<Tried> out = new ArrayList<>();
        for (int i = 0; i < real.size(); i++) {
            Lever lever = real.get(i);
            DoubleFunction<NextPlan> plan = onModel.get(i).plan();
            double least = least(lever, size -> mending.done(again, next.apply(plan.apply(size)), drum));
            boolean does = !Double.isNaN(least);
            if (does || lever.clearHabit(rules).isPresent()) {
                double size = sized(lever, least);
                // what it costs to do all of it: one that goes back but half way is no cheaper
                RoastAnalysis would = next.apply(plan.apply(does ? lever.settable(least) : size));
                out.add(new Tried(
                        lever,
                        size,
                        lever.plan().apply(size),
                        cost.of(again, would, mending),
                        does ? 1 : mends(again, would),
                        does,
                        usual(lever, least)));
            }
        }
        double nearly = 1 - off(1);
        out.sort(Comparator.comparing((Tried t) -> t.mends() < nearly)
                .thenComparingDouble(t -> t.mends() < nearly ? -t.mends() : t.cost()));
        return out;
    }

    private double mends(RoastAnalysis again, RoastAnalysis would) {
        double share = mending instanceof Moved moved ? moved.share(again, would, drum) : 0;
        // where the figure is no longer there, nothing is known
        return Double.isNaN(share) ? 0 : share;
    }

    /** By the model and by what is usual, as far as each says anything. */
    private double sized(Lever lever, double least) {
        if (!usual(lever, least)) {
            return lever.settable(least);
        }
        Lever.Habit habit = lever.habit().orElseThrow();
        return lever.settable(Double.isNaN(least) ? habit.size() : habit.with(least, off(least), apart(least)));
    }

    private boolean usual(Lever lever, double least) {
        return lever.habit()
                .filter(h -> Double.isNaN(least)
                        || mending instanceof Moved && h.speaks(least, off(least), apart(least), rules))
                .isPresent();
    }

    /** How far the model may be off, one standard deviation: as it is known of this drum, else as models mostly are. */
    private double off(double least) {
        return least
                * (mending instanceof Moved moved ? drum.off(moved.meant(), rules) : rules.value("change.model-off"));
    }

    /** What sound roasts differ by in the figure that is to move, as a size of the lever: going back to its usual leaves that. */
    private double apart(double least) {
        return mending instanceof Moved moved ? least * moved.apart() / Math.abs(moved.by()) : 0;
    }

    /** The smallest size of a lever that does it; NaN where none does. */
    private static double least(Lever lever, DoublePredicate does) {
        double low = 0;
        double high = lever.most();
        for (int i = 0; i < HALVINGS && high - low > lever.step() / 4; i++) {
            double size = (low + high) / 2;
            if (does.test(size)) {
                high = size;
            } else {
                low = size;
            }
        }
        return does.test(lever.settable(high)) ? high : Double.NaN;
    }

    /** On the curve itself, run on far enough that what came late in it is in the model too. */
    private Function<NextPlan, RoastAnalysis> laidOn(NextPlan same) {
        RoastAnalysis again = drum.roast().apply(LaidOn.longer(truly, same));
        return plan -> LaidOn.of(truly, again, drum.roast().apply(LaidOn.longer(truly, plan)), plan.controls());
    }

    /**
     * The roast unchanged, with so much more or less gas that the model's figure is that of the roast: what a change does
     * depends on where it begins. The same where that is not to be had.
     */
    private NextPlan anchored(Moved moved, NextPlan same) {
        double dryS = NextPlan.dryEndS(truly);
        boolean early = moved.meant() == KeyFigure.ROR_PEAK;
        DoubleFunction<NextPlan> shifted = by -> early ? same.firstGas(dryS, by) : same.shifted(dryS, by);
        double wanted = moved.of().applyAsDouble(truly);
        // more gas makes browning shorter, and the rates higher; a duration is as much a matter of where the events are
        // called
        boolean duration = moved.meant().unit() == KeyFigure.Unit.PERCENT;
        double sense = duration ? -1 : 1;
        double low = -MOST_OFF_PCT;
        double high = MOST_OFF_PCT;
        for (int i = 0; i < HALVINGS; i++) {
            double by = (low + high) / 2;
            // a roast that never gets there has too little
            if (sense * (moved.of().applyAsDouble(drum.roast().apply(shifted.apply(by))) - wanted) >= 0) {
                high = by;
            } else {
                low = by;
            }
        }
        return high >= MOST_OFF_PCT || low <= -MOST_OFF_PCT ? same : shifted.apply(duration ? high / 2 : high);
    }
}
