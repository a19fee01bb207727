package barrowmist.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.day.DayPlan.Item;
import barrowmist.core.day.DayPlan.Pace;
import barrowmist.core.day.DayPlan.Slot;
import barrowmist.core.green.Process;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DayTest {

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static Item item(long key, Process process, double density, double chargeC) {
        return new Item(key, process, density >= 700, chargeC, 600, 0);
    }

    private static List<Item> random(Random random) {
        List<Item> items = new ArrayList<>();
        int n = 1 + random.nextInt(14);
        for (int i = 0; i < n; i++) {
            Process process = Process.values()[random.nextInt(Process.values().length)];
            boolean dense = random.nextInt(4) == 0;
            double notBefore = random.nextInt(4) == 0 ? random.nextInt(9000) : 0;
            items.add(new Item(i, process, dense, 180 + random.nextInt(16), 420 + random.nextInt(400), notBefore));
        }
        return items;
    }

    /** 30 minutes of preheating, 10 of a warm-up batch, 2:30 to the next charge. */
    @Test
    void aWarmUpBatchGoesBeforeAndLaterBatchesAreChargedHigher() {
        FirstBatches none = FirstBatches.NONE;
        assertThat(none.warmUpS(1800, 150)).isEqualTo(1800);
        assertThat(none.higherC(1)).isZero();
        assertThat(none.higherC(5)).isZero();
        FirstBatches higher = new FirstBatches(false, 6);
        assertThat(higher.higherC(1)).isZero();
        assertThat(higher.higherC(2)).isEqualTo(6);
        FirstBatches warmUp = new FirstBatches(true, 6);
        assertThat(warmUp.warmUpS(1800, 150)).isEqualTo(2550);
        assertThat(warmUp.higherC(1)).as("the warm-up was the first").isEqualTo(6);
        assertThat(new FirstBatches(true, 60).problems())
                .extracting(p -> p.field())
                .containsExactly("firstBatches.laterC");
        assertThat(warmUp.problems()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noRoastOverlapsAndTheTurnaroundIsNeverCutShort(long seed) {
        Random random = new Random(seed);
        List<Item> items = random(random);
        Pace pace = new Pace(random.nextInt(2400), random.nextInt(400));
        DayPlan day = DayPlan.of(items, pace);
        double freeS = pace.warmUpS();
        for (Slot slot : day.slots()) {
            assertThat(slot.chargeS()).isGreaterThanOrEqualTo(freeS + (slot.changed() ? DayPlan.CHANGE_S : 0));
            assertThat(slot.chargeS()).isGreaterThanOrEqualTo(freeS + slot.settleS());
            assertThat(slot.chargeS()).isGreaterThanOrEqualTo(slot.item().notBeforeS());
            assertThat(slot.dropS() - slot.chargeS()).isCloseTo(slot.item().roastS(), within(1e-9));
            freeS = slot.dropS() + pace.turnaroundS();
        }
        assertThat(day.slots()).extracting(Slot::item).containsExactlyElementsOf(items);
        assertThat(day.endS()).isEqualTo(day.slots().get(items.size() - 1).dropS());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderKeepsNaturalsTogetherAndLast(long seed) {
        List<Item> items = random(new Random(seed));
        List<Item> ordered = DayPlan.ordered(items);
        assertThat(ordered).containsExactlyInAnyOrderElementsOf(items);
        int firstNatural = -1;
        for (int i = 0; i < ordered.size(); i++) {
            boolean natural = ordered.get(i).process() == Process.NATURAL;
            firstNatural = natural && firstNatural < 0 ? i : firstNatural;
            assertThat(firstNatural >= 0 && !natural).isFalse();
        }
    }

    @Test
    void denseWashedCoffeesComeFirstAndTheChargeChangesOnce() {
        List<Item> items = List.of(
                item(1, Process.NATURAL, 680, 184),
                item(2, Process.WASHED, 690, 190),
                item(3, Process.WASHED, 730, 192),
                item(4, Process.NATURAL, 676, 183),
                item(5, Process.WASHED, 712, 191),
                item(6, Process.HONEY, 715, 188));
        List<Item> ordered = DayPlan.ordered(items);
        assertThat(ordered).extracting(Item::key).containsExactly(3L, 5L, 2L, 6L, 1L, 4L);
        Pace pace = new Pace(1800, 150);
        assertThat(DayPlan.of(ordered, pace).settlings()).isZero();
        assertThat(DayPlan.of(items, pace).settlings()).isEqualTo(3);
    }

    @Test
    void aChargeThatIsAnotherCountsHoweverNearItIs() {
        List<Item> items = new ArrayList<>();
        for (double chargeC : new double[] {191, 189, 189, 185, 182}) {
            items.add(item(items.size(), Process.WASHED, 690, chargeC));
        }
        DayPlan day = DayPlan.of(items, new Pace(1800, 150));
        assertThat(day.chargeChanges()).isEqualTo(3);
        assertThat(day.settlings()).isZero();
    }

    @Test
    void anEmptyDayEndsWithItsWarmUpAndANegativeOneIsRefused() {
        assertThat(DayPlan.of(List.of(), new Pace(900, 120)).endS()).isEqualTo(900);
        assertThatThrownBy(() -> new Pace(900, -1)).hasMessageContaining("neither may be negative");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void batchesGiveWhatIsWantedAndOneFewerWouldNot(long seed) {
        Random random = new Random(seed);
        Batches.Wanted wanted = new Batches.Wanted(
                0.1 + random.nextInt(400) / 10.0,
                80 + random.nextInt(400),
                10 + random.nextInt(10),
                500 + random.nextInt(200),
                100 + random.nextInt(100));
        Batches batches = Batches.of(wanted);
        double perBatch = batches.roastedKg() / batches.batches();
        assertThat(batches.roastedKg()).isGreaterThanOrEqualTo(wanted.roastedKg() - 1e-6);
        assertThat(batches.roastedKg() - perBatch).isLessThan(wanted.roastedKg());
        assertThat(batches.greenKg() * (1 - wanted.lossPct() / 100)).isCloseTo(batches.roastedKg(), within(1e-9));
        assertThat(batches.durationS())
                .isEqualTo(batches.batches() * wanted.roastS() + (batches.batches() - 1) * wanted.turnaroundS());
    }

    @Test
    void exactlyFullBatchesMakeNoExtraOne() {
        // 10 batches of 500 g at 16 % loss give 4.2 kg
        Batches batches = Batches.of(new Batches.Wanted(4.2, 500, 16, 600, 150));
        assertThat(batches.batches()).isEqualTo(10);
        assertThat(batches.greenKg()).isCloseTo(5, within(1e-9));
        assertThat(batches.durationS()).isEqualTo(10 * 600 + 9 * 150);
    }

    @Test
    void aBatchOutsideTheDrumIsRefusedWithItsRange() {
        assertThat(new Batches.Wanted(4, 900, 16, 600, 150).problems(60, 150))
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.field()).isEqualTo("batchG");
                    assertThat(p.message()).isEqualTo("Batch is 900 g, allowed are 60 to 150 g");
                });
    }
}
