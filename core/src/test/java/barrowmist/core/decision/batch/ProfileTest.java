package barrowmist.core.decision.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.decision.batch.Outturn.HeldBack;
import barrowmist.core.decision.batch.Profile.Held;
import barrowmist.core.decision.batch.WhatChanged.Done;
import barrowmist.core.plan.Aim;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
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
            assertThat(BatchFigure.parse(f.code())).contains(f);
        }
    }

    @Test
    void theFirstBatchOfADayAndAPersonAreNamedWhereTheyStandOut() {
        Random chance = new Random(5);
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double first = i % 4 == 0 ? -0.6 : 0;
            batches.add(SomeBatches.batch(
                    i, 14 + first + 0.2 * chance.nextGaussian(), "Lot", i % 3 == 0 ? "Ada" : "Bo", false));
        }
        List<String> said =
                WhatChanged.of(ControlChart.of(BatchFigure.LOSS_PCT, batches, false), batches, List.of(), Wording.SI);
        assertThat(said).hasSize(1);
        assertThat(said.get(0))
                .startsWith("The first batch of a day lies")
                .contains("% lower than the rest (15 and 45");
    }

    @Test
    void aNewGreenBeforeADriftIsNamed() {
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            boolean late = i >= 35;
            batches.add(SomeBatches.batch(i, 14 + (i % 2) * 0.3 + (late ? 0.6 : 0), late ? "New" : "Old", "", false));
        }
        assertThat(WhatChanged.of(
                        ControlChart.of(BatchFigure.LOSS_PCT, batches, false), batches, List.of(), Wording.SI))
                .anyMatch(s -> s.contains("green was changed to New"));
    }

    @Test
    void whatWasDoneToTheRoasterIsNamedWhereTheFigureMovedWithIt() {
        Random chance = new Random(8);
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            batches.add(SomeBatches.batch(i, 14 + (i >= 32 ? 0.5 : 0) + 0.2 * chance.nextGaussian(), "Lot", "", false));
        }
        Done probe = new Done(SomeBatches.FIRST.plusDays(8), "the bean probe was changed or moved");
        Done cleaned = new Done(SomeBatches.FIRST.minusDays(30), "the fan was cleaned");
        ControlChart chart = ControlChart.of(BatchFigure.LOSS_PCT, batches, false);
        assertThat(WhatChanged.of(chart, batches, List.of(probe, cleaned), Wording.SI))
                .anyMatch(s -> s.startsWith("Since the bean probe was changed or moved (2026-03-10) it lies")
                        && s.contains("% higher than the rest (28 and 32 batches)"))
                .noneMatch(s -> s.contains("fan"));
    }

    @Test
    void aProbeChangedJustBeforeADriftIsNamedHoweverFewBatchesThereAre() {
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            batches.add(SomeBatches.batch(i, 14 + (i % 2) * 0.3 + Math.max(0, i - 33) * 0.35, "Lot", "", false));
        }
        ControlChart chart = ControlChart.of(BatchFigure.LOSS_PCT, batches, false);
        assertThat(chart.driftsNow()).isPresent();
        assertThat(WhatChanged.of(
                        chart,
                        batches,
                        List.of(new Done(SomeBatches.FIRST.plusDays(9), "the bean probe was changed")),
                        Wording.SI))
                .anyMatch(s -> s.equals("Since 2026-03-11 the bean probe was changed."));
    }

    @Test
    void aSeasonIsNamedOnceMostOfAYearIsThere() {
        Random chance = new Random(4);
        List<Batch> year = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            LocalDate day = LocalDate.of(2025, 9, 1).plusDays(4L * i);
            boolean cold = day.getMonthValue() == 12 || day.getMonthValue() <= 2;
            year.add(new Batch(
                    i + 1,
                    day,
                    1,
                    "Lot",
                    "",
                    RoastFigures.NONE,
                    OptionalDouble.of(14 - (cold ? 0.5 : 0) + 0.2 * chance.nextGaussian()),
                    OptionalDouble.empty(),
                    false));
        }
        assertThat(WhatChanged.of(ControlChart.of(BatchFigure.LOSS_PCT, year, false), year, List.of(), Wording.SI)
                        .get(0))
                .startsWith("In December to February it lies 0.")
                .contains("% lower");
        List<Batch> half = year.subList(0, 50);
        assertThat(WhatChanged.of(ControlChart.of(BatchFigure.LOSS_PCT, half, false), half, List.of(), Wording.SI))
                .noneMatch(s -> s.startsWith("In "));
    }

    @Test
    void nothingIsSaidOfChance() {
        int said = 0;
        for (int seed = 0; seed < 50; seed++) {
            Random chance = new Random(seed);
            List<Batch> batches = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                batches.add(SomeBatches.batch(i, chance.nextGaussian(), "Lot", i % 3 == 0 ? "Ada" : "Bo", false));
            }
            said += WhatChanged.of(
                                    ControlChart.of(BatchFigure.LOSS_PCT, batches, false),
                                    batches,
                                    List.of(),
                                    Wording.SI)
                            .isEmpty()
                    ? 0
                    : 1;
        }
        // a tenth of what is said may be chance: where nothing is, a tenth of the charts say something
        assertThat(said).isLessThanOrEqualTo(9);
    }

    @Test
    void batchesThatFollowEachOtherAlikeAreNoChangeOfADay() {
        int said = 0;
        Done serviced = new Done(SomeBatches.FIRST.plusDays(8), "the burner was serviced");
        for (int seed = 0; seed < 100; seed++) {
            Random chance = new Random(1000 + seed);
            List<Batch> batches = new ArrayList<>();
            double value = 0;
            for (int i = 0; i < 60; i++) {
                value = 0.6 * value + 0.8 * chance.nextGaussian();
                batches.add(SomeBatches.batch(i, value, "Lot", "", false));
            }
            said +=
                    WhatChanged.of(
                                            ControlChart.of(BatchFigure.LOSS_PCT, batches, false),
                                            batches,
                                            List.of(serviced),
                                            Wording.SI)
                                    .stream()
                                    .anyMatch(s -> s.startsWith("Since the burner was serviced"))
                            ? 1
                            : 0;
        }
        assertThat(said).isLessThanOrEqualTo(15);
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
