package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Mishap;
import barrowmist.core.device.TrialRoasts.Trial;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A short form of the second table of docs/bands.md: the outlook, the warnings and the review on every stand-in drum. */
class LiveOnDrumsTest {

    private static final long SEED = 2_000_000;

    @ParameterizedTest
    @EnumSource(DrumKind.class)
    void whatComesIsToldAndOnlyTrueCrashesAreWarnedOf(DrumKind kind) {
        LiveTrial live = new LiveTrial(kind, 10, 0);
        for (int i = 0; i < 10; i++) {
            Trial trial = TrialRoasts.of(kind, SEED + i, Mishap.NONE);
            live.meet(trial, Mishap.NONE, trial);
        }
        for (Mishap mishap : new Mishap[] {Mishap.CUT_AT_CRACK, Mishap.AIR_AT_CRACK, Mishap.FLAME_FAILS}) {
            for (int i = 0; i < 2; i++) {
                live.meet(TrialRoasts.of(kind, SEED + i, mishap), mishap, TrialRoasts.of(kind, SEED + i, Mishap.NONE));
            }
        }
        assertThat(live.crack.n()).isGreaterThan(100);
        assertThat(Math.abs(live.crack.mean())).as("first crack, mean miss").isLessThan(10);
        assertThat(live.crack.within1()).isBetween(0.4, 0.95);
        assertThat(live.crack.within2()).isGreaterThan(0.8);
        assertThat(Math.abs(live.dryEnd.mean())).as("dry end, mean miss").isLessThan(8);
        assertThat(live.sound).isGreaterThanOrEqualTo(5);
        assertThat(live.warnedWrongly).isLessThanOrEqualTo(1);
        assertThat(live.otherWrongly).isLessThanOrEqualTo(3);
        assertThat(live.contradictions).isZero();
        assertThat(live.reviewedWrongly).isLessThanOrEqualTo(live.reviewed / 10);
        assertThat(live.crashesMissed).isZero();
        for (Map.Entry<Mishap, int[]> crash : live.crashes.entrySet()) {
            int[] of = crash.getValue();
            // with hot air the lowest rate comes within 15 s of the failing itself: HeatWatchTest
            if (crash.getKey() != Mishap.FLAME_FAILS || kind != DrumKind.HOT_AIR) {
                assertThat(of[1])
                        .as("%s on %s, of %d", crash.getKey(), kind, of[0])
                        .isGreaterThanOrEqualTo(of[0] - 1);
            }
        }
    }
}
