package barrowmist.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Coded;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.School;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.sample.BenchJudgement.Standing;
import barrowmist.core.sample.BenchJudgement.Verdict;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a roast is made for decides what is right for it. */
class MadeForTest {

    private static BenchFigures bench(double roastedG) {
        return new BenchFigures(
                OptionalDouble.of(500),
                OptionalDouble.of(roastedG),
                OptionalDouble.of(46),
                OptionalDouble.of(50),
                BenchCounts.in100g(OptionalInt.of(0), OptionalInt.of(0), OptionalInt.of(0), OptionalInt.of(0)),
                Optional.of(true));
    }

    @Test
    void anEspressoRoastOfThirteenMinutesIsFitAndAProtocolSampleOfThatIsNot() {
        OptionalDouble thirteen = OptionalDouble.of(13 * 60);
        BenchFigures f = bench(420);
        assertThat(BenchJudgement.of(f, thirteen, BenchLimits.DEFAULTS, RoastAim.ESPRESSO)
                        .verdict())
                .isEqualTo(Verdict.FIT);
        assertThat(BenchJudgement.of(f, thirteen, BenchLimits.DEFAULTS).verdict())
                .isEqualTo(Verdict.ROAST_AGAIN);
        assertThat(BenchJudgement.of(f, OptionalDouble.of(15 * 60), BenchLimits.DEFAULTS, RoastAim.ESPRESSO)
                        .text())
                .contains("the aim asks for 9:00 to 14:00");
    }

    @Test
    void lossIsJudgedByTheAim() {
        OptionalDouble total = OptionalDouble.of(12.5 * 60);
        // 18 % lost: dark (common practice, no published source: beyond 17 %)
        assertThat(BenchJudgement.of(bench(410), total, BenchLimits.DEFAULTS, RoastAim.DARK)
                        .verdict())
                .isEqualTo(Verdict.FIT);
        assertThat(BenchJudgement.of(bench(410), total, BenchLimits.DEFAULTS, RoastAim.FILTER_MEDIUM)
                        .verdict())
                .isEqualTo(Verdict.ROAST_AGAIN);
        assertThat(BenchJudgement.of(bench(410), OptionalDouble.empty(), BenchLimits.DEFAULTS, RoastAim.OWN)
                        .checks())
                .as("nothing is asked of time, colour or loss")
                .noneMatch(c -> c.label().equals("roast time") || c.label().equals("weight loss"));
        assertThat(BenchJudgement.of(BenchFigures.none(), total, BenchLimits.DEFAULTS, RoastAim.ESPRESSO)
                        .checks())
                .anyMatch(c -> c.standing() == Standing.NOT_MEASURED);
    }

    @Test
    void aRoastOfItsOwnIsHeldToWhatItsPlanAimsAt() {
        Targets plan = new Targets(
                Map.of(
                        KeyFigure.TOTAL_S, new Aim(660, 30),
                        KeyFigure.DEVELOPMENT_PCT, new Aim(22, 2),
                        KeyFigure.BROWNING_PCT, new Aim(40, 3)),
                Targets.DevelopmentFrom.FIRST_CRACK,
                RoastAim.OWN);
        MadeFor made = plan.madeFor();
        assertThat(made.timed()).isTrue();
        assertThat(made.weighed()).isFalse();
        assertThat(made.limits().shortDevelopmentPct()).isEqualTo(20);
        assertThat(made.limits().longBrowningPct()).isEqualTo(43);
        BenchFigures f = bench(380);
        assertThat(BenchJudgement.of(f, OptionalDouble.of(650), BenchLimits.DEFAULTS, made)
                        .verdict())
                .isEqualTo(Verdict.FIT);
        assertThat(BenchJudgement.of(f, OptionalDouble.of(600), BenchLimits.DEFAULTS, made)
                        .text())
                .contains("the aim asks for 10:30 to 11:30");
        // development counted from dry end is another figure, and no limit of this one
        Targets fromDry = new Targets(plan.aims(), Targets.DevelopmentFrom.DRY_END, RoastAim.OWN);
        assertThat(fromDry.madeFor().limits().shortDevelopmentPct())
                .isEqualTo(RoastAim.OWN.limits().shortDevelopmentPct());
        assertThat(new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK, RoastAim.OWN)
                        .madeFor()
                        .timed())
                .isFalse();
        assertThat(plan.madeFor(RoastAim.DARK).madeFor()).isEqualTo(MadeFor.of(RoastAim.DARK));
    }

    @Test
    void aColourIsHeldToTheAimWhereOneWasRead() {
        OptionalDouble total = OptionalDouble.of(11 * 60);
        assertThat(BenchJudgement.of(bench(430), total, BenchLimits.DEFAULTS, RoastAim.FILTER_LIGHT)
                        .text())
                .containsIgnoringCase("colour, whole is 46, the aim asks for 58 to 80");
        BenchFigures unread = new BenchFigures(
                OptionalDouble.of(500),
                OptionalDouble.of(430),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                BenchCounts.none(),
                Optional.of(true));
        assertThat(BenchJudgement.of(unread, total, BenchLimits.DEFAULTS, RoastAim.FILTER_LIGHT)
                        .checks())
                .noneMatch(c -> c.label().equals("colour, whole"));
    }

    @ParameterizedTest
    @EnumSource(RoastAim.class)
    void everyAimHasLimitsThatGoTogetherAndANameOnTheWire(RoastAim aim) {
        RoastAim.Limits l = aim.limits();
        assertThat(l.shortestS()).isLessThan(l.longestS());
        assertThat(l.leastLossPct()).isLessThan(l.mostLossPct());
        assertThat(l.shortDevelopmentPct()).isLessThanOrEqualTo(l.enoughDevelopmentPct());
        assertThat(l.enoughDevelopmentPct()).isLessThanOrEqualTo(l.targetDevelopmentPct());
        assertThat(Coded.find(RoastAim.class, aim.code())).contains(aim);
        assertThat(aim.label()).isNotBlank();
    }

    @Test
    void theStyleOfAnEspressoLiesInsideItsOwnLimits() {
        School espresso = School.defaults().stream()
                .filter(s -> s.id().equals("espresso"))
                .findFirst()
                .orElseThrow();
        RoastAim.Limits l = espresso.targets().aim().limits();
        espresso.targets().aims().forEach((figure, aim) -> {
            if (figure == KeyFigure.TOTAL_S) {
                assertThat(aim.value()).isBetween(l.shortestS(), l.longestS());
            }
            if (figure == KeyFigure.DEVELOPMENT_PCT) {
                assertThat(aim.value()).isGreaterThanOrEqualTo(l.enoughDevelopmentPct());
            }
        });
    }

    @Test
    void theEnvironmentIsReadAtEachEventAndWhereThereIsNoneNothingIsSaid() {
        double[] t = IntStream.rangeClosed(0, 600).asDoubleStream().toArray();
        double[] bean = IntStream.rangeClosed(0, 600)
                .mapToDouble(s -> s < 80 ? 190 - 1.25 * s : 90 + (s - 80) * 0.22)
                .toArray();
        double[] environment = IntStream.rangeClosed(0, 600)
                .mapToDouble(s -> 240 - Math.abs(s - 400) * 0.05)
                .toArray();
        RoastEvents events = RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, 300),
                RoastEvent.at(EventKind.FIRST_CRACK, 500),
                RoastEvent.at(EventKind.DROP, 590));
        Series none = Series.empty();
        RoastFigures with = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(
                        new RoastLog(new Series(t, bean), new Series(t, environment), none, none, none),
                        events,
                        Band.NONE)
                .figures();
        assertThat(with.environment().dryEndC().orElseThrow()).isCloseTo(235, within(0.01));
        assertThat(with.environment().peakC().orElseThrow()).isCloseTo(240, within(0.1));
        assertThat(with.environment().dropC().orElseThrow()).isCloseTo(230.5, within(0.01));
        assertThat(with.gapAtDropC().orElseThrow()).isCloseTo(230.5 - (90 + 510 * 0.22), within(0.1));
        assertThat(with.rorBeforeCrackCPerMin().orElseThrow()).isCloseTo(13.2, within(0.05));
        RoastFigures without = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(new RoastLog(new Series(t, bean), none, none, none, none), events, Band.NONE)
                .figures();
        assertThat(without.environment()).isEqualTo(barrowmist.core.roast.EnvironmentFigures.NONE);
        assertThat(without.gapAtDropC()).isEmpty();
    }
}
