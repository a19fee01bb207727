package barrowmist.benchmarks;

import barrowmist.core.device.DrumKind;
import barrowmist.core.trace.ChangeTrial;
import barrowmist.core.trace.ChangeTrial.Outcome;
import barrowmist.core.trace.ChangeTrial.Wrong;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Writes docs/changes.md: whether the one change that a trace asks for mends what was wrong, drum by drum. */
public final class Changes {

    private static final int SETS = 4;
    private static final int EACH = 25;
    private static final int LOGS = 20;
    private static final long SEED = 2_000_000;

    private Changes() {}

    /** @param args where to write */
    public static void main(String[] args) throws IOException {
        StringBuilder out = new StringBuilder("""
                # Whether the one change mends it

                Made by `benchmarks/changes` on the stand-in drums. A model is fitted to twenty sound logs of a drum, %d times to
                other ones; then %d roasts each time go wrong in a known way, by more or by less. The change that the trace asks
                for is sized by that model and by what is usual on the drum, and the same batch is roasted once more with it: what
                is left wrong is the change's own. None of the drums is the model that is fitted to it. It is invented data.

                *Gone*: a figure has moved by two thirds to one and a half of what it should; a crash is no more. *Size*: within a
                quarter of what the same lever takes on the drum itself, or one step of the control. *House step*: neither the
                model nor what is usual says how much it takes; that is said beside the change, and its size is not counted.

                A rate is wrong when it is beyond what is usual on the drum and its spread, and a crash is one where the same
                batch has none without the cut. A crash on hot air goes back to the gas that is usual there.

                What a figure should be is mostly read from the same roast without the fault, which no lab has: by that too the
                figures are an upper bound. A development that was too short is set by the clock, in seconds, which is always right:
                the last row of a drum is without it.

                | drum | what went wrong | right way | gone | size | house steps | what was moved |
                |---|---|---|---|---|---|---|
                """.formatted(SETS, EACH));
        for (DrumKind kind : DrumKind.values()) {
            Map<Wrong, Outcome> all = new EnumMap<>(Wrong.class);
            for (int set = 0; set < SETS; set++) {
                ChangeTrial trial = new ChangeTrial(kind, LOGS, 1000L * set);
                for (Wrong wrong : trial.believed() ? Wrong.values() : new Wrong[0]) {
                    for (int i = 0; i < EACH; i++) {
                        trial.meet(wrong, SEED + 1000L * set + i);
                    }
                }
                trial.outcomes.forEach((wrong, outcome) ->
                        all.computeIfAbsent(wrong, w -> new Outcome()).add(outcome));
            }
            Outcome together = new Outcome();
            all.forEach((wrong, outcome) -> {
                row(out, kind, wrong.label(), outcome);
                together.add(outcome);
            });
            together.chosen.clear();
            row(out, kind, "**all of these**", together);
            Outcome sized = new Outcome();
            all.entrySet().stream()
                    .filter(e -> e.getKey() != Wrong.SHORT_DEVELOPMENT)
                    .forEach(e -> sized.add(e.getValue()));
            sized.chosen.clear();
            row(out, kind, "**all but development**", sized);
            System.out.println(kind.label());
        }
        Files.writeString(Path.of(args[0]), out.toString());
    }

    private static void row(StringBuilder out, DrumKind kind, String wrong, Outcome o) {
        String moved = o.chosen.entrySet().stream()
                .map(e -> "%s (%d)".formatted(e.getKey(), e.getValue().n))
                .collect(Collectors.joining(", "));
        out.append(String.format(
                Locale.ROOT,
                "| %s | %s | %s | %s | %s | %d | %s |%n",
                kind.label(),
                wrong,
                o.rightWay,
                o.gone.n == 0 ? "" : o.gone,
                o.size.n == 0 ? "" : o.size,
                o.house.right,
                moved));
    }
}
