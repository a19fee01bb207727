package barrowmist.core.sample;

import barrowmist.core.green.Process;
import barrowmist.core.roast.RoastAim;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** What a bench shows that has no limit: said, and nothing refused for it (common practice, no published source). */
public final class BenchNotes {

    private BenchNotes() {}

    /** A sentence each. */
    public static List<String> of(BenchFigures f, Process process, RoastAim aim) {
        BenchCounts c = f.counts();
        List<String> out = new ArrayList<>();
        counted(
                out,
                c,
                c.dark(),
                "much darker than the rest",
                "Without them the cup is not the lot as it came: cup some as it is too, say so, and look for the cause.");
        counted(
                out,
                c,
                c.broken(),
                "broken",
                "Pieces roast faster than whole beans. Left out, the cup is not the lot as it came: say so.");
        counted(
                out,
                c,
                c.quakers(),
                c.quakers().orElse(0) == 1 ? "quaker" : "quakers",
                "Each is worth a note: one may turn a cup.");
        counted(out, c, c.misshapen(), "misshapen", "Such beans roast unevenly; many of them speak of the green.");
        counted(out, c, c.peaberries(), "peaberries", "Sound: they stay in.");
        out.addAll(f.look().says(process, aim.protocol()));
        f.pulledG()
                .ifPresent(g -> out.add(
                        "%.0f g were drawn while it roasted: they count with what is weighed out.".formatted(g)));
        return out;
    }

    private static void counted(List<String> out, BenchCounts counts, OptionalInt n, String what, String then) {
        if (n.orElse(0) > 0) {
            out.add("%d %s in 100 g. %s".formatted(counts.per100g(n).getAsInt(), what, then));
        }
    }
}
