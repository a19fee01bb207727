package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.desk.LiveLab.Case;
import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.roast.EventKind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * How good the outlook and the crash warning are over fifty seeded roasts on the simulated drum, met by a model that was
 * fitted to other roasts and is off by up to 5 % in each constant. With {@code -Dtable.write=true} the table in
 * docs/live-prediction.md is written anew.
 */
class LivePredictionTest {

    private static final double AFTER_TURN_S = 60;
    private static final List<Result> RESULTS = new ArrayList<>();

    /** What was foretold of one roast, and when it was warned of; NaN for never. */
    private record Result(Case roast, double dryMiss, double crackMiss, double warnedS) {
        boolean warned() {
            return !Double.isNaN(warnedS);
        }

        double aheadOfLowS() {
            return roast.crash().orElseThrow().toS() - warnedS;
        }
    }

    @BeforeAll
    static void roastAll() {
        for (Case one : LiveLab.cases(LiveLab.fitted())) {
            RESULTS.add(watch(one));
        }
    }

    private static Result watch(Case one) {
        double dryS = one.timeS(EventKind.DRY_END);
        double crackS = one.timeS(EventKind.FIRST_CRACK);
        double[] seen = {Double.NaN, Double.NaN, Double.NaN};
        LiveLab.play(one, (t, live) -> {
            double turn = live.curve().turningPoint().map(p -> p.timeS()).orElse(Double.NaN);
            if (Double.isNaN(seen[0]) && t >= turn + AFTER_TURN_S) {
                seen[0] = value(live.outlook().flatMap(Outlook::dryEndS)) - dryS;
            }
            if (Double.isNaN(seen[1]) && t >= dryS) {
                seen[1] = value(live.outlook().flatMap(Outlook::firstCrackS)) - crackS;
            }
            boolean crash =
                    live.warning().filter(w -> w.kind() == Warning.Kind.CRASH).isPresent();
            seen[2] = Double.isNaN(seen[2]) && crash ? t : seen[2];
        });
        return new Result(one, seen[0], seen[1], seen[2]);
    }

    private static double value(Optional<Expected> e) {
        return e.map(Expected::value).orElse(Double.POSITIVE_INFINITY);
    }

    @Test
    void dryEndIsForetoldAMinuteAfterTheTurningPoint() {
        assertThat(RESULTS).hasSize(LiveLab.ROASTS);
        assertThat(RESULTS.stream().filter(r -> Math.abs(r.dryMiss) <= 20).count())
                .isGreaterThanOrEqualTo(9 * LiveLab.ROASTS / 10);
    }

    @Test
    void firstCrackIsForetoldAtDryEnd() {
        assertThat(RESULTS.stream().filter(r -> Math.abs(r.crackMiss) <= 15).count())
                .isGreaterThanOrEqualTo(9 * LiveLab.ROASTS / 10);
    }

    @Test
    void crashesAreWarnedOfAndSoundRoastsAreNot() {
        List<Result> crashes =
                RESULTS.stream().filter(r -> r.roast.crash().isPresent()).toList();
        List<Result> sound =
                RESULTS.stream().filter(r -> r.roast.crash().isEmpty()).toList();
        assertThat(crashes.size()).isBetween(15, 35);
        long inTime = crashes.stream()
                .filter(r -> r.warned() && r.aheadOfLowS() >= 15 && r.aheadOfLowS() < 90)
                .count();
        assertThat((double) inTime / crashes.size()).isGreaterThanOrEqualTo(0.9);
        assertThat((double) sound.stream().filter(Result::warned).count() / sound.size())
                .isLessThanOrEqualTo(0.05);
    }

    @Test
    void theTableInTheDocumentsIsOfTheseRoasts() throws IOException {
        Path file = Path.of("../docs/live-prediction.md");
        if (Boolean.getBoolean("table.write")) {
            Files.writeString(file, table());
        }
        String kept = Files.readString(file);
        for (Result r : RESULTS) {
            assertThat(kept).contains("| %d | %.0f |".formatted(r.roast.seed() + 1, r.roast.timeS(EventKind.DRY_END)));
        }
    }

    private static String table() {
        StringBuilder out = new StringBuilder("""
                # How good the outlook is

                Fifty seeded roasts on the simulated drum, met live by a model that was fitted to twenty other roasts and
                then put off by up to 5 % in each of its constants. Readings come once a second with noise of 0.15 °C, some
                are lost; moisture, batch, charge, heat loss and the crack temperature vary; in two of five the gas is cut at
                or just after first crack. Made by `LivePredictionTest` with `-Dtable.write=true`; all times in s.

                """);
        long dry = RESULTS.stream().filter(r -> Math.abs(r.dryMiss) <= 20).count();
        long crack = RESULTS.stream().filter(r -> Math.abs(r.crackMiss) <= 15).count();
        List<Result> crashes =
                RESULTS.stream().filter(r -> r.roast.crash().isPresent()).toList();
        long inTime = crashes.stream()
                .filter(r -> r.warned() && r.aheadOfLowS() >= 15)
                .count();
        long wrong = RESULTS.stream()
                .filter(r -> r.roast.crash().isEmpty() && r.warned())
                .count();
        out.append("- Dry end, foretold a minute after the turning point: within 20 s in %d of %d.%n"
                        .formatted(dry, RESULTS.size()))
                .append("- First crack, foretold at dry end: within 15 s in %d of %d.%n"
                        .formatted(crack, RESULTS.size()))
                .append(
                        "- Crashes warned of 15 s or more ahead of their low: %d of %d; sound roasts warned of one: %d of %d.%n%n"
                                .formatted(inTime, crashes.size(), wrong, RESULTS.size() - crashes.size()))
                .append("| roast | dry end | off by | first crack | off by | crash, its low | warned at |\n")
                .append("|---|---|---|---|---|---|---|\n");
        for (Result r : RESULTS) {
            out.append(String.format(
                    Locale.ROOT,
                    "| %d | %.0f | %+.0f | %.0f | %+.0f | %s | %s |%n",
                    r.roast.seed() + 1,
                    r.roast.timeS(EventKind.DRY_END),
                    r.dryMiss,
                    r.roast.timeS(EventKind.FIRST_CRACK),
                    r.crackMiss,
                    r.roast
                            .crash()
                            .map(f -> String.valueOf(Math.round(f.toS())))
                            .orElse("–"),
                    r.warned() ? String.valueOf(Math.round(r.warnedS)) : "–"));
        }
        return out.toString();
    }
}
