package barrowmist.core.sample;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a roasted sample looks. What follows from it is common practice, no published source.
 *
 * @param evenness whether the beans are alike in colour
 * @param surface whether they are dry or shine
 * @param swollen whether they have swollen and their crease has opened
 * @param hue of what colour most are
 */
public record BenchLook(
        Optional<Evenness> evenness, Optional<Surface> surface, Optional<Boolean> swollen, Optional<Hue> hue) {

    /** Whether the beans are alike in colour. */
    public enum Evenness implements Coded {
        EVEN,
        MIXED
    }

    /** Whether they are dry. */
    public enum Surface implements Coded {
        MATT,
        OILY
    }

    /** Of what colour most are. */
    public enum Hue implements Coded {
        YELLOW,
        TAN,
        ORANGE,
        REDDISH,
        BROWN,
        DARK
    }

    /** Nobody looked. */
    public static BenchLook none() {
        return new BenchLook(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * What it says, a sentence each.
     *
     * @param sample whether it was roasted to be cupped by the protocol
     */
    public List<String> says(Process process, boolean sample) {
        List<String> out = new ArrayList<>();
        boolean natural = process == Process.NATURAL;
        boolean mixed = evenness.filter(Evenness.MIXED::equals).isPresent();
        boolean red = hue.filter(Hue.REDDISH::equals).isPresent();
        if (natural && (mixed || red)) {
            out.add("Redder and more varied is usual for a natural.");
        } else if (mixed) {
            out.add(
                    "Mixed: sizes or ripeness differ, or some beans met more heat than others. Look at the screens and at"
                            + " the quakers.");
        }
        if (surface.filter(Surface.OILY::equals).isPresent()) {
            out.add(
                    sample
                            ? "Oily: the oil came out, so it went far past first crack. A sample by the protocol is matt."
                            : "Oily: the oil came out. It ages faster: cup and sell it sooner.");
        }
        if (swollen.filter(s -> !s).isPresent()) {
            out.add("Not swollen: too little pressure inside, it may be underdeveloped. Break a bean open.");
        }
        if (hue.filter(Hue.YELLOW::equals).isPresent()) {
            out.add("Yellow: it was dropped before it browned.");
        }
        if (hue.filter(h -> h == Hue.TAN || h == Hue.ORANGE).isPresent()) {
            out.add("Tan or orange: hardly browned. Look whether it came to first crack at all.");
        }
        return out;
    }
}
