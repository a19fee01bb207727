package barrowmist.core.trace;

import barrowmist.core.trace.Lever.Habit;
import barrowmist.core.units.ControlWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;

/**
 * The cut of gas that brought a crash made smaller, earlier as the house makes it or where it was; or the heat that a stall
 * wants.
 *
 * @param house the change as the house would make it
 * @param again the roast unchanged
 * @param planned the plan of a cut that is told by its own value
 * @param usual how far the gas stood below what is usual from first crack on, once it was cut; empty where nothing is
 */
record CutLevers(
        Correction house,
        NextPlan again,
        Function<Correction, NextPlan> planned,
        Optional<Habit> usual,
        TraceRules rules,
        ControlWords words) {

    /** The way of the house first. Back to what is usual goes the cut where it was. */
    List<Lever> all() {
        List<Lever> out = new ArrayList<>();
        String first = house.wasS().isPresent() ? "a smaller cut made earlier" : "more gas before it";
        out.add(cut(first, house, Optional.empty()));
        house.wasS()
                .ifPresent(was -> out.add(cut("a smaller cut at the same time", house.at(was, house.wasS()), usual)));
        return out;
    }

    private Lever cut(String name, Correction at, Optional<Habit> habit) {
        double step = rules.value("correct.gas-step");
        // on the marks of the scale, above where it stood
        double first = Math.floor(at.from() / step) * step;
        DoubleFunction<Correction> told = by -> GasCorrections.resized(at, Math.min(100, first + by), words);
        double before = house.wasS().isPresent() ? again.gasPct(house.wasS().getAsDouble()) : 100;
        return new Lever(
                name,
                Math.max(step, before - first),
                step,
                told,
                by -> planned.apply(told.apply(by)),
                // a spread above the usual: the next roast is never quite the same
                habit.map(h -> new Habit(h.size() + h.spread() + at.from() - first, h.spread())));
    }
}
