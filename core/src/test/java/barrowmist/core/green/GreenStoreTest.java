package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.green.GreenStore.Remeasured;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GreenStoreTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static Remeasured at(int days, double moisture, double activity) {
        return new Remeasured(DAY.plusDays(days), OptionalDouble.of(moisture), OptionalDouble.of(activity));
    }

    @Test
    void kilosThatAreLeftAreWhatCameLessWhatWentInAndWhatWasSold() {
        assertThat(GreenStore.kgLeft(60, 12_500, 7)).isEqualTo(40.5, within(1e-9));
        assertThat(GreenStore.kgLeft(1, 1200, 0)).isNegative();
    }

    @Test
    void itIsMeasuredAgainAfterAMonthWhileSomethingIsLeft() {
        assertThat(GreenStore.isDue(DAY, DAY.plusDays(29), 20)).isFalse();
        assertThat(GreenStore.isDue(DAY, DAY.plusDays(30), 20)).isTrue();
        assertThat(GreenStore.isDue(DAY, DAY.plusDays(300), 0.1)).isFalse();
    }

    @Test
    void howItKeepsIsSaidOnlyBeyondWhatAMeterGives() {
        assertThat(GreenStore.climate(OptionalDouble.of(18), OptionalDouble.of(60)))
                .isEmpty();
        assertThat(GreenStore.climate(OptionalDouble.empty(), OptionalDouble.empty()))
                .isEmpty();
        assertThat(GreenStore.climate(OptionalDouble.of(29), OptionalDouble.of(72)))
                .contains("The store: 72 % humidity: it takes up water, and mould can grow; 29 °C: it ages faster.");
        assertThat(GreenStore.climate(OptionalDouble.empty(), OptionalDouble.of(40)))
                .contains("The store: 40 % humidity: it dries out.");
        assertThat(GreenStore.keeps(List.of())).contains("from the second time on");
        assertThat(GreenStore.keeps(List.of(at(0, 11, 0.55), at(40, 11.4, 0.57))))
                .contains("moisture as it was", "water activity as it was");
        assertThat(GreenStore.keeps(List.of(at(0, 11, 0.55), at(40, 12.2, 0.62))))
                .isEqualTo("Since 2026-03-02: moisture rose by 1.2 %, water activity rose by 0.07.");
        assertThat(GreenStore.keeps(List.of(
                        at(0, 11, 0.55),
                        new Remeasured(DAY.plusDays(9), OptionalDouble.empty(), OptionalDouble.of(0.5)))))
                .isEqualTo("Since 2026-03-02: water activity fell by 0.05.");
    }

    @Test
    void bagsAreDrawnWithoutOneTwiceAndEachIsAsLikely() {
        int[] drawn = new int[26];
        for (int seed = 0; seed < 5000; seed++) {
            List<Integer> bags = GreenStore.draw(25, 5, seed);
            assertThat(bags).hasSize(5).doesNotHaveDuplicates().isSorted();
            bags.forEach(b -> drawn[b]++);
        }
        for (int bag = 1; bag <= 25; bag++) {
            // 1000 of 5000 expected, five standard deviations of a binomial count
            assertThat(drawn[bag]).isBetween(1000 - 142, 1000 + 142);
        }
        assertThat(GreenStore.draw(2, 5, 1)).containsExactly(1, 2);
        assertThat(GreenStore.usualDraw(100)).isEqualTo(10);
        assertThat(GreenStore.usualDraw(2)).isEqualTo(2);
    }
}
