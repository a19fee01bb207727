package barrowmist.core.trace;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.LeverTrial.Tried;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which change, and how large, does it on this drum: each that could be made is tried on what foretells its roasts, from this
 * very roast; chosen is the one that takes the other figures least away from where they are meant to be. What the model sees
 * between the roast as it was and as it would be is what counts, so that its own error falls out. Changes of charge, drum,
 * batch and drop that go back to what the machine usually does need no model. Pure.
 */
public final class ChangeSizing {

    private static final String NOT_BELIEVED = "A house step: this drum's model may not be believed yet.";
    private static final String BACK = "Sized to go back to within what is usual on this drum.";
    private static final String NOT_TOLD = "A house step: nothing on this drum tells how much it takes.";
    private static final String NOT_GONE = "A house step: on this drum's model no single change does it alone.";

    private final RoastAnalysis truly;
    private final ControlLevels usual;
    private final double greenG;
    private final TraceRules rules;
    private final MachineReference reference;
    private final ChangeCost cost;

    /**
     * @param truly the roast as it was
     * @param usual where a control stands that was not logged
     * @param greenG what was weighed in, g
     * @param reference what the machine usually does with such coffee
     * @param targets of the plan that it followed; without aims where it followed none
     */
    public ChangeSizing(
            RoastAnalysis truly,
            ControlLevels usual,
            double greenG,
            TraceRules rules,
            MachineReference reference,
            Targets targets) {
        this.truly = truly;
        this.usual = usual;
        this.greenG = greenG;
        this.rules = rules;
        this.reference = reference;
        this.cost = new ChangeCost(truly.figures(), reference, targets, rules);
    }

    /**
     * A change with its size.
     *
     * @param plan the roast with it; empty where nothing in the roast is to be changed, or the log lacks charge or drop
     * @param said where the size comes from, a sentence; empty where that needs none
     * @param weighed what else would have done it on this drum, and why it was not chosen; a sentence each
     */
    public record Sized(Correction correction, Optional<NextPlan> plan, String said, List<String> weighed) {}

    /** The size that is used where no model may be believed: back to what is usual, or a step of the house. */
    public Sized house(Correction c, Wording wording) {
        return house(c, wording, NOT_BELIEVED);
    }

    /** @param why a step of the house is made where nothing is usual either, a sentence */
    private Sized house(Correction c, Wording wording, String why) {
        return NextPlan.again(truly, usual, greenG).stream()
                .flatMap(same -> levers(c, same, wording).all().stream())
                .filter(lever -> lever.clearHabit(rules).isPresent())
                .findFirst()
                .map(lever ->
                        backToUsual(lever, lever.settable(lever.habit().get().size())))
                .orElseGet(() -> new Sized(c, plan(c), ofGas(c) ? why : "", List.of()));
    }

    private static Sized backToUsual(Lever lever, double size) {
        return new Sized(lever.told().apply(size), Optional.of(lever.plan().apply(size)), BACK, List.of());
    }

    private Levers levers(Correction c, NextPlan same, Wording wording) {
        return new Levers(c, truly, same, to -> plan(to).orElseThrow(), reference, rules, wording);
    }

    /** Whether the change is one of gas, whose size only the drum can say. */
    private static boolean ofGas(Correction c) {
        return c.change().equals("gas")
                || c.change().equals("browning")
                || c.change().equals("ror-at-first-crack");
    }

    private Optional<NextPlan> plan(Correction c) {
        return NextPlan.of(truly, usual, greenG, c, rules.value("correct.ease"));
    }

    /**
     * The change that does it on this drum and costs the other aims least; the house step where the drum does not show what is
     * to be mended.
     */
    public Sized onDrum(Correction c, Wording wording, ForetoldDrum drum) {
        Optional<Mending> mending = Mending.of(c, truly, reference, rules);
        if (NextPlan.again(truly, usual, greenG).isEmpty() || mending.isEmpty()) {
            return house(c, wording, NOT_TOLD);
        }
        List<Tried> tried = tried(c, mending.get(), wording, drum);
        return tried.isEmpty() ? house(c, wording, NOT_GONE) : chosen(tried);
    }

    /** Each lever that does it, at the size that it takes; the one that costs least first. */
    List<Tried> tried(Correction c, Mending mending, Wording wording, ForetoldDrum drum) {
        NextPlan same = NextPlan.again(truly, usual, greenG).orElseThrow();
        return new LeverTrial(truly, mending, cost, rules, drum)
                .of(same, from -> levers(c, from, wording).all());
    }

    private static Sized chosen(List<Tried> tried) {
        Tried best = tried.get(0);
        Correction change = best.lever().told().apply(best.size());
        List<String> weighed = tried.subList(1, tried.size()).stream()
                .map(t -> beside(best, t))
                .toList();
        return new Sized(change, Optional.of(best.plan()), said(best), weighed);
    }

    private static String beside(Tried best, Tried other) {
        String name = capital(other.lever().name());
        return other.modelled()
                ? "%s would do it too, and costs the other aims more (by %s tolerances)."
                        .formatted(name, number(Math.max(0.1, other.cost() - best.cost())))
                : "%s would go back to what is usual too, and does less of it by this drum's model.".formatted(name);
    }

    private static String said(Tried best) {
        if (!best.modelled()) {
            return BACK;
        }
        return best.usual()
                ? "Sized by this drum's own model and by what is usual on it."
                : "Sized by this drum's own model.";
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static String number(double x) {
        return String.format(Locale.ROOT, x == Math.rint(x) ? "%.0f" : "%.1f", x);
    }
}
