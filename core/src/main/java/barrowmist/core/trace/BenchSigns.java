package barrowmist.core.trace;

import barrowmist.core.green.Process;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLook;
import java.util.Locale;
import java.util.OptionalInt;

/** Reads the roasted sample: colour, weight, counts, look. */
final class BenchSigns {

    private final TraceInput in;
    private final BenchFigures bench;
    private final RoastAim.Limits limits;
    private final SignReading out;

    BenchSigns(TraceInput in, SignReading out) {
        this.in = in;
        this.bench = in.bench();
        this.limits = in.roast().madeFor().limits();
        this.out = out;
    }

    void read() {
        colour();
        loss();
        counts();
        look();
    }

    private void colour() {
        bench.colourWhole().ifPresent(c -> {
            String text = "colour of the whole beans %.0f, wanted %.0f to %.0f"
                    .formatted(c, limits.darkestColour(), limits.lightestColour());
            out.figure(Sign.DARK, limits.darkestColour() - c, text);
            out.figure(Sign.PALE, c - limits.lightestColour(), text);
        });
        bench.colourGap()
                .ifPresent(gap -> out.figure(
                        Sign.GAP,
                        gap - in.benchLimits().mostGap(),
                        "ground %.0f, whole %.0f: %.0f apart"
                                .formatted(
                                        bench.colourGround().orElseThrow(),
                                        bench.colourWhole().orElseThrow(),
                                        gap)));
        bench.oneColourThrough()
                .ifPresent(one -> out.seen(
                        Sign.PALE_INSIDE,
                        !one,
                        one ? "a broken bean is one colour through" : "a broken bean is paler inside"));
    }

    private void loss() {
        boolean protocol = in.roast().madeFor().aim().protocol();
        double least = protocol ? in.benchLimits().leastLossPct() : limits.leastLossPct();
        double most = protocol ? in.benchLimits().mostLossPct() : limits.mostLossPct();
        bench.weightLossPct().ifPresent(loss -> {
            String text = String.format(Locale.ROOT, "weight loss %.1f %%, wanted %.0f to %.0f", loss, least, most);
            out.figure(Sign.LOW_LOSS, least - loss, text);
            out.figure(Sign.HIGH_LOSS, loss - most, text);
        });
    }

    private void counts() {
        count(Sign.SCORCHED_BEANS, bench.scorchedPer100g(), "scorched bean", 0);
        count(Sign.TIPPED_BEANS, bench.tippedPer100g(), "tipped bean", 0);
        count(
                Sign.QUAKER_BEANS,
                bench.quakersPer100g(),
                "quaker",
                in.benchLimits().mostQuakers());
        count(Sign.DARK_BEANS, bench.counts().per100g(bench.counts().dark()), "dark bean", 0);
    }

    private void count(Sign sign, OptionalInt n, String what, int allowed) {
        n.ifPresent(k -> out.figure(
                sign, k - allowed, (k == 0 ? "no " + what : k + " " + what + (k == 1 ? "" : "s")) + " in 100 g"));
    }

    private void look() {
        BenchLook look = bench.look();
        boolean natural = in.green().process() == Process.NATURAL;
        // a natural is more varied by nature: it says little
        look.evenness()
                .filter(e -> !natural)
                .ifPresent(e -> out.seen(
                        Sign.MIXED_LOOK,
                        e == BenchLook.Evenness.MIXED,
                        e == BenchLook.Evenness.MIXED
                                ? "light and dark beans together"
                                : "the beans are alike in colour"));
        look.surface()
                .ifPresent(s -> out.seen(
                        Sign.OILY,
                        s == BenchLook.Surface.OILY,
                        s == BenchLook.Surface.OILY ? "the beans shine with oil" : "the beans are matt"));
        look.swollen()
                .ifPresent(s ->
                        out.seen(Sign.NOT_SWOLLEN, !s, s ? "the beans have swollen" : "the beans are not swollen"));
    }
}
