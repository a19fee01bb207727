package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The watch on curves whose rate of rise is known, °C/min by s since charge; dry end is called at 300 s. */
class FaultWatchTest {

    private static final LiveSetup SETUP = new LiveSetup(
            new BatchConditions(120, 11, 6.5, 190, OptionalDouble.empty(), 22),
            Optional.empty(),
            new EventTemperatures(158, 1, 195, 1, true),
            MachineReference.NONE,
            Optional.empty(),
            new Targets(
                    Map.of(KeyFigure.ROR_AT_FIRST_CRACK, new Aim(8, 1.5), KeyFigure.DEVELOPMENT_PCT, new Aim(17, 2)),
                    Targets.DevelopmentFrom.FIRST_CRACK),
            new ControlLevels(70, 40, 60));
    private static final ControlLevels LEVELS = new ControlLevels(60, 45, 60);
    private static final RoastEvents DRY =
            RoastEvents.of().with(EventKind.CHARGE, 0).with(EventKind.DRY_END, 300);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Optional<Kind> watch(
            DoubleUnaryOperator rate, double endS, RoastEvents called, Optional<Outlook> o) {
        return all(rate, endS, called, o).get((int) endS);
    }

    /** What was shown at each second. */
    private static List<Optional<Kind>> all(
            DoubleUnaryOperator rate, double endS, RoastEvents called, Optional<Outlook> o) {
        FaultWatch watch = new FaultWatch(SETUP);
        LiveCurve curve = new LiveCurve();
        double c = 190;
        List<Optional<Kind>> seen = new ArrayList<>();
        for (int t = 0; t <= endS; t++) {
            c += (t < 60 ? -100 : rate.applyAsDouble(t)) / 60;
            curve.add(new Reading(t, OptionalDouble.of(c), NONE, NONE, NONE, NONE));
            seen.add(watch.look(curve, called, o, untilS -> Series.empty()).map(Warning::kind));
        }
        return seen;
    }

    private static double steady(double t) {
        return 20 - 0.03 * (t - 60);
    }

    private static Outlook outlook(double atS, double crackS, double rate, double developmentPct) {
        return new Outlook(
                atS,
                Optional.empty(),
                Optional.of(new Expected(crackS, 5)),
                Optional.of(new Expected(rate, 0.3)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Expected(developmentPct, 0.5)),
                new RoastLog(Series.empty(), Series.empty(), Series.empty(), Series.empty(), Series.empty()));
    }

    @Test
    void aSteadyRoastIsLeftAlone() {
        assertThat(watch(FaultWatchTest::steady, 480, DRY, Optional.empty())).isEmpty();
        assertThat(watch(FaultWatchTest::steady, 480, DRY, Optional.of(outlook(480, 490, 8.5, 17))))
                .isEmpty();
    }

    @Test
    void beforeDryEndNothingIsWarnedOf() {
        RoastEvents charged = RoastEvents.of().with(EventKind.CHARGE, 0);
        assertThat(watch(t -> t < 250 ? steady(t) : 2, 290, charged, Optional.empty()))
                .isEmpty();
    }

    @Test
    void aFallThatIsMeasuredIsACrash() {
        assertThat(watch(
                        t -> t < 440 ? steady(t) : Math.max(1, steady(t) - 0.4 * (t - 440)),
                        465,
                        DRY,
                        Optional.empty()))
                .contains(Kind.CRASH);
    }

    @Test
    void aFlatRateIsAStallAndATurnUpwardsAFlick() {
        assertThat(watch(t -> t < 430 ? steady(t) : 7.5, 540, DRY, Optional.empty()))
                .contains(Kind.FLAT);
        // at 11.3 °C/min it still carries the roast on
        assertThat(watch(t -> t < 350 ? steady(t) : steady(350), 460, DRY, Optional.empty()))
                .isNotEqualTo(Optional.of(Kind.FLAT));
        assertThat(watch(t -> Math.max(1, 20 - 0.05 * (t - 60)), 490, DRY, Optional.empty()))
                .contains(Kind.STALL);
        assertThat(watch(t -> t < 400 ? steady(t) : steady(400) + 0.06 * (t - 400), 450, DRY, Optional.empty()))
                .contains(Kind.FLICK);
    }

    @Test
    void tooMuchHeatAtFirstCrackRunsAwayOnlyWhenItIsNear() {
        assertThat(watch(FaultWatchTest::steady, 420, DRY, Optional.of(outlook(420, 500, 11, 17))))
                .contains(Kind.RUNNING_AWAY);
        assertThat(watch(FaultWatchTest::steady, 420, DRY, Optional.of(outlook(420, 600, 11, 17))))
                .isEmpty();
        assertThat(watch(FaultWatchTest::steady, 420, DRY, Optional.of(outlook(420, 500, 9.5, 17))))
                .isEmpty();
    }

    @Test
    void developmentIsWarnedOfOnBothSidesOfItsTolerance() {
        assertThat(watch(FaultWatchTest::steady, 470, DRY, Optional.of(outlook(470, 480, 8, 13))))
                .contains(Kind.DEVELOPMENT_SHORT);
        assertThat(watch(FaultWatchTest::steady, 470, DRY, Optional.of(outlook(470, 480, 8, 21))))
                .contains(Kind.DEVELOPMENT_LONG);
        assertThat(watch(FaultWatchTest::steady, 470, DRY, Optional.of(outlook(470, 480, 8, 19.2))))
                .isEmpty();
        // too early to say
        assertThat(watch(FaultWatchTest::steady, 400, DRY, Optional.of(outlook(400, 480, 8, 13))))
                .isEmpty();
    }

    @Test
    void aWarningThatLastsHoldsBackTheOppositeForHalfAMinuteAndNotForGood() {
        List<Optional<Kind>> shown = all(
                t -> t < 440 ? steady(t) : Math.max(1, steady(t) - 0.4 * (t - 440)),
                500,
                DRY,
                Optional.of(outlook(420, 550, 11, 17)));
        int asked = shown.lastIndexOf(Optional.of(Kind.RUNNING_AWAY));
        int crash = shown.indexOf(Optional.of(Kind.CRASH));
        assertThat(asked).isBetween(440, 465);
        assertThat(crash).isBetween(asked + 30, asked + 31);
        assertThat(shown.subList(asked + 1, crash)).containsOnly(Optional.empty());
    }

    @Test
    void aDevelopmentThatFallsShortHoldsNoCrashBack() {
        DoubleUnaryOperator falls = t -> t < 440 ? steady(t) : Math.max(1, steady(t) - 0.4 * (t - 440));
        Optional<Outlook> shortOf = Optional.of(outlook(420, 450, 8, 13));
        int alone = all(falls, 500, DRY, Optional.empty()).indexOf(Optional.of(Kind.CRASH));
        List<Optional<Kind>> shown = all(falls, 500, DRY, shortOf);
        assertThat(shown.get(alone - 1)).contains(Kind.DEVELOPMENT_SHORT);
        assertThat(shown.indexOf(Optional.of(Kind.CRASH))).isEqualTo(alone);
    }

    @ParameterizedTest
    // what is said of a roast that runs on past its drop is a temperature: OverrunWatchTest
    @EnumSource(
            value = Kind.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"BURNER_OFF", "DROP_NOW"})
    void eachWarningNamesTheReadingAndTheUsualAnswer(Kind kind) {
        Warning warning = new Warning(kind, 400, 6.1, 11.2, 20);
        WarningText text = WarningText.of(warning, Wording.SI);
        assertThat(text.title()).isNotBlank();
        boolean beside = kind == Kind.STALL || kind == Kind.FLAT || kind == Kind.FLICK;
        assertThat(text.says()).contains(beside ? "11.2" : "6.1");
        assertThat(text.answer()).isNotBlank();
        assertThat(kind.code()).matches("[a-z-]+");
        if (kind != Kind.DEVELOPMENT_SHORT && kind != Kind.DEVELOPMENT_LONG) {
            // 6.1 °C/min is 11.0 °F/min and 11.2 is 20.2, without the offset of 32
            assertThat(WarningText.of(warning, new Wording(true, false)).says())
                    .contains(beside ? "20.2 °F/min" : "11.0 °F/min");
        }
    }

    @Test
    void theRateOfNowStandsLargeOnTheDeskAndNowhereElse() {
        for (Kind kind : List.of(Kind.CRASH, Kind.STALL, Kind.FLAT, Kind.FLICK)) {
            assertThat(WarningText.of(new Warning(kind, 0, 7.3, 5.1, 0), Wording.SI)
                            .says())
                    .as(kind.name())
                    .doesNotContain("7.3")
                    .contains("5.1");
        }
        assertThat(WarningText.of(new Warning(Kind.CRASH, 0, 1.2, 7.3, 15), Wording.SI)
                        .says())
                .doesNotContain("7.3")
                .contains("1.2")
                .contains("0:15");
    }
}
