package barrowmist.core.decision.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Coded;
import barrowmist.core.decision.batch.Outturn.HeldBack;
import barrowmist.core.decision.batch.Profile.Held;
import barrowmist.core.plan.Aim;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ProfileTest {

    private static final Profile PROFILE =
            new Profile(Map.of(BatchFigure.LOSS_PCT, new Aim(14, 0.5), BatchFigure.CHARGE_C, new Aim(190, 3)));

    @Test
    void eachFigureIsInOrOutByHowMuch() {
        List<Held> held = PROFILE.of(SomeBatches.of(14.75).get(0));
        assertThat(held).extracting(Held::figure).containsExactly(BatchFigure.CHARGE_C, BatchFigure.LOSS_PCT);
        assertThat(held.get(0).value()).isEmpty();
        assertThat(held.get(0).within()).isFalse();
        assertThat(held.get(1).off().orElseThrow()).isEqualTo(0.75, within(1e-9));
        assertThat(held.get(1).within()).isFalse();
        assertThat(PROFILE.of(SomeBatches.of(14.5).get(0)).get(1).within()).isTrue();
    }

    @Test
    void everyFigureHasAToleranceAndANameOfItsOwn() {
        for (BatchFigure f : BatchFigure.values()) {
            assertThat(f.tolerance()).isPositive();
            assertThat(Coded.find(BatchFigure.class, f.code())).contains(f);
        }
    }

    @Test
    void whatWasHeldIsCountedWithItsKilosAndItsCause() {
        assertThat(Outturn.text(0, List.of())).isEqualTo("No batch followed it yet.");
        assertThat(Outturn.text(90, List.of())).isEqualTo("None of 90 held.");
        assertThat(Outturn.text(
                        92,
                        List.of(new HeldBack(12_000, "dry end late, warm-up cut short"), new HeldBack(12_000, "dark"))))
                .isEqualTo("2 of 92 held (24.0 kg green): dark; dry end late, warm-up cut short.");
        assertThat(Outturn.text(3, List.of(new HeldBack(0, "dark"), new HeldBack(0, "dark"))))
                .isEqualTo("2 of 3 held: dark (2).");
    }
}
