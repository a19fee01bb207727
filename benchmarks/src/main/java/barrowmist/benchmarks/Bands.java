package barrowmist.benchmarks;

import barrowmist.core.desk.LiveTrial;
import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Mishap;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.BandTrial;
import barrowmist.core.machine.BandTrial.Tally;
import barrowmist.core.roast.KeyFigure;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** Writes docs/bands.md: how well bands, outlook, warnings and review hold on every stand-in drum. */
public final class Bands {

    private static final int[] LOGS = {6, 12, 20};

    /** Models of few logs differ most, and are fitted soonest: the more of them. */
    private static final int[] MODELS = {300, 150, 60};

    /** Foretold by each model, so that no row is of fewer than 600, though some models are not believed. */
    private static final int ROASTS = 15;

    private static final int LIVE_SETS = 5;
    private static final int LIVE_ROASTS = 40;
    private static final int LIVE_MISHAPS = 12;
    private static final long LIVE_SEED = 3_000_000;
    private static final Mishap[] MISHAPS = {Mishap.CUT_AT_CRACK, Mishap.AIR_AT_CRACK, Mishap.FLAME_FAILS};

    private Bands() {}

    /** @param args where to write; then "live" to make only the second half anew */
    public static void main(String[] args) throws IOException {
        Path file = Path.of(args[0]);
        StringBuilder out = new StringBuilder();
        if (args.length > 1 && args[1].equals("live")) {
            String kept = Files.readString(file);
            out.append(kept, 0, kept.indexOf(LIVE_TITLE));
        } else {
            out.append(bands());
        }
        live(out);
        Files.writeString(file, out.toString());
    }

    private static final String LIVE_TITLE = "\n## Outlook, warnings and review\n\n";

    private static StringBuilder bands() {
        StringBuilder out = new StringBuilder("""
                # How far the numbers hold

                Made by `benchmarks/bands` on the stand-in drums: a gas drum, an electric one with slow metal, and hot air.
                None of them is the model that is fitted to them. Every roast differs in charge, batch, moisture, bean size,
                crack temperature, gas, air, heat loss and room; readings come once a second with noise of 0.15 °C; dry end
                and first crack are called by what the beans do. It is invented data: on a real drum the page of the roaster
                shows the same figures of its own roasts.

                ## Bands of a plan

                """);
        out.append(
                        "For each row %d roasts are foretold by each of %d models of six logs, %d of twelve or %d of twenty, which have not seen them.%n"
                                .formatted(ROASTS, MODELS[0], MODELS[1], MODELS[2]))
                .append(
                        "Wanted: 62 to 74 % within ±1 standard deviation, 92 to 98 % within ±2 (a normal distribution has 68 and 95),\n")
                .append(
                        "and with 20 logs an error of at most 0.7 of that of the roaster's own usual value. A row moves by one\n")
                .append(
                        "or two points with the models that were drawn; those that are not believed foretell nothing.\n")
                .append(
                        "What a band counts on beside its own roasts was chosen on these drums, by models like these.\n\n")
                .append(
                        "| drum | logs (models believed) | figure | error | stated ± | within ±1 | within ±2 | usual value's error | ratio |\n")
                .append("|---|---|---|---|---|---|---|---|---|\n");
        for (DrumKind kind : DrumKind.values()) {
            for (int i = 0; i < LOGS.length; i++) {
                int logs = LOGS[i];
                int models = MODELS[i];
                BandTrial.Result result = BandTrial.of(kind, logs, models, ROASTS);
                for (KeyFigure figure : BandTrial.FIGURES) {
                    String row = row(
                            kind,
                            logs + " (" + result.believed() + " of " + models + ")",
                            figure,
                            result.tallies().get(figure));
                    System.out.print(row);
                    out.append(row);
                }
            }
        }
        return out;
    }

    private static String row(DrumKind kind, String logs, KeyFigure figure, Tally t) {
        String unit = figure == KeyFigure.DROP_C ? "°C" : "s";
        String name = figure == KeyFigure.TOTAL_S
                ? "drop, at its temperature"
                : figure == KeyFigure.DROP_C ? "drop, so long after crack" : figure.label();
        return String.format(
                Locale.ROOT,
                "| %s | %s | %s | %.1f %s | %.1f | %.0f %% | %.0f %% | %.1f | %.2f |%n",
                kind.label(),
                logs,
                name,
                t.error(),
                unit,
                t.stated(),
                100 * t.within1(),
                100 * t.within2(),
                t.usualError(),
                t.error() / t.usualError());
    }

    private static void live(StringBuilder out) {
        out.append(LIVE_TITLE)
                .append("Twenty logs, %d times other ones, and each time %d roasts met live; then %d of each mishap.%n"
                        .formatted(LIVE_SETS, LIVE_ROASTS, LIVE_MISHAPS))
                .append(
                        "The outlook is asked every ten seconds, for dry end from a minute after the turning point on, for first crack\n")
                .append(
                        "from dry end on. A roast is sound when its true rate of rise never falls by a third within 45 s. A crash counts\n")
                .append(
                        "as warned in time 15 s and more ahead of the lowest true rate, and not before its cause, unless the roast falls\n")
                .append("so without it.\n\n")
                .append(
                        "| drum | dry end: mean, error | first crack: mean, error | within ±1 | within ±2 | sound, warned of a crash | other warnings that were wrong | contradictions | review wrong | crashes missed by it |\n")
                .append("|---|---|---|---|---|---|---|---|---|---|\n");
        StringBuilder crashes =
                new StringBuilder("\n| drum | what befell it | true crashes | warned in time |\n|---|---|---|---|\n");
        for (DrumKind kind : DrumKind.values()) {
            Sums sums = new Sums();
            for (int set = 0; set < LIVE_SETS; set++) {
                LiveTrial live = new LiveTrial(kind, 20, 1000L * set);
                sums.take(live, set, kind);
            }
            sums.write(out, crashes, kind);
            System.out.println(kind.label() + ", live");
        }
        out.append(crashes)
                .append(
                        "\nA flame that fails behind a valve which says nothing is read off the environment within some seconds, where the air\n")
                .append(
                        "answers so fast. With hot air the rate of rise is at its lowest within 15 s of the failing itself: nobody can\n")
                .append("be warned 15 s ahead of that (HeatWatchTest).\n");
    }

    /** What several sets came to. */
    private static final class Sums {
        private final Tally dryEnd = new Tally();
        private final Tally crack = new Tally();
        private final int[] counts = new int[7];
        private final Map<Mishap, int[]> crashes = new java.util.EnumMap<>(Mishap.class);

        void take(LiveTrial live, int set, DrumKind kind) {
            long seed = LIVE_SEED + 1000L * set;
            for (int i = 0; i < LIVE_ROASTS; i++) {
                Trial trial = TrialRoasts.of(kind, seed + i, Mishap.NONE);
                live.meet(trial, Mishap.NONE, trial);
            }
            for (Mishap mishap : MISHAPS) {
                for (int i = 0; i < LIVE_MISHAPS; i++) {
                    live.meet(
                            TrialRoasts.of(kind, seed + i, mishap),
                            mishap,
                            TrialRoasts.of(kind, seed + i, Mishap.NONE));
                }
            }
            dryEnd.add(live.dryEnd);
            crack.add(live.crack);
            int[] of = {
                live.sound,
                live.warnedWrongly,
                live.otherWrongly,
                live.contradictions,
                live.reviewed,
                live.reviewedWrongly,
                live.crashesMissed
            };
            for (int i = 0; i < of.length; i++) {
                counts[i] += of[i];
            }
            live.crashes.forEach((m, n) -> {
                int[] sum = crashes.computeIfAbsent(m, x -> new int[2]);
                sum[0] += n[0];
                sum[1] += n[1];
            });
        }

        void write(StringBuilder out, StringBuilder table, DrumKind kind) {
            out.append(String.format(
                    Locale.ROOT,
                    "| %s | %+.1f s, %.1f s | %+.1f s, %.1f s | %.0f %% | %.0f %% | %d of %d | %d | %d | %d of %d | %d |%n",
                    kind.label(),
                    dryEnd.mean(),
                    dryEnd.error(),
                    crack.mean(),
                    crack.error(),
                    100 * crack.within1(),
                    100 * crack.within2(),
                    counts[1],
                    counts[0],
                    counts[2],
                    counts[3],
                    counts[5],
                    counts[4],
                    counts[6]));
            crashes.forEach((mishap, n) -> table.append("| %s | %s | %d | %d |%n"
                    .formatted(
                            kind.label(), mishap.name().toLowerCase(Locale.ROOT).replace('_', ' '), n[0], n[1])));
        }
    }
}
