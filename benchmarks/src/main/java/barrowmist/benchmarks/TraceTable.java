package barrowmist.benchmarks;

import barrowmist.core.trace.LabTrial;
import barrowmist.core.trace.LabTrial.Tally;
import barrowmist.core.trace.TraceRules;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Writes docs/trace.md: how often the trace is right on cases of a simulated lab. */
public final class TraceTable {

    private static final int EACH = 400;
    private static final long SEED = 2026;

    private TraceTable() {}

    /** @param args where to write */
    public static void main(String[] args) throws IOException {
        LabTrial trial = new LabTrial(TraceRules.DEFAULTS).run(SEED, EACH);
        StringBuilder out = new StringBuilder("""
                # How often the trace is right

                Made by `benchmarks/trace` on a simulated lab: 400 cases of each cause from mild to clear, 4,000 sound roasts, 200
                cups that none of the causes explains, and 800 of two causes at once. The lab shares the trace's words for each cause and
                its share of words gone astray, and its sound roasts never crash, smell of anything or fade: by both the figures are an
                upper bound of what a real lab sees. A cause moves physical figures, and a quarter to all of it is measured. It is
                invented data, and made by the same hands as the rules: a real lab has its own record.

                ## Which cause is named first

                Where something beside the cup was measured that could show it.

                | cause | first |
                |---|---|
                """);
        trial.mainFirst.forEach((cause, tally) -> row(out, cause.label(), tally));
        row(out, "all", trial.first);
        out.append("\n## How far it is borne out\n\n| what | share |\n|---|---|\n");
        row(out, "supported, clear cases", trial.supportedClear);
        row(out, "supported, mild cases", trial.supportedMild);
        row(out, "anything supported on a sound roast", trial.falseOnSound);
        row(out, "another cause supported", trial.falseOnOther);
        row(out, "both of two causes kept in view", trial.bothNamed);
        out.append(String.format(Locale.ROOT, "%nBrier score over causes, sound and none: %.3f.%n", trial.brier()));
        out.append("\n## Whether the odds come true\n\n| said | on average | came true |\n|---|---|---|\n");
        for (int i = 0; i < trial.said.length; i++) {
            out.append(String.format(
                    Locale.ROOT,
                    "| %d to %d %% | %.1f %% | %s |%n",
                    10 * i,
                    10 * (i + 1),
                    100 * trial.saidMean[i] / Math.max(1, trial.said[i].n),
                    trial.said[i]));
        }
        Files.writeString(Path.of(args[0]), out.toString());
    }

    private static void row(StringBuilder out, String what, Tally tally) {
        out.append("| ").append(what).append(" | ").append(tally).append(" |\n");
    }
}
