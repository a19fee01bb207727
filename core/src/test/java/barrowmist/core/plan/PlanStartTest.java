package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.Checks;
import barrowmist.core.green.Process;
import barrowmist.core.machine.DrumSize;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.plan.PlanStart.Candidate;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a plan begins with. The styles and the usual moves are house defaults. */
class PlanStartTest {

    private static Candidate roast(long id, Process process, boolean accepted, int day) {
        return new Candidate(id, process, accepted, Instant.parse("2026-03-%02dT09:00:00Z".formatted(day)));
    }

    @Test
    void theNewestAcceptedRoastOfTheSameProcessIsFollowed() {
        List<Candidate> all = List.of(
                roast(1, Process.WASHED, true, 1),
                roast(2, Process.NATURAL, true, 2),
                roast(3, Process.WASHED, true, 3),
                roast(4, Process.WASHED, false, 4),
                roast(5, Process.NATURAL, false, 5));
        assertThat(PlanStart.template(all, Process.WASHED))
                .map(Candidate::roastId)
                .hasValue(3L);
        assertThat(PlanStart.template(all, Process.NATURAL))
                .map(Candidate::roastId)
                .hasValue(2L);
        assertThat(PlanStart.template(all, Process.HONEY))
                .map(Candidate::roastId)
                .hasValue(3L);
        assertThat(PlanStart.template(List.of(roast(9, Process.WASHED, false, 1)), Process.WASHED))
                .isEmpty();
    }

    @ParameterizedTest(name = "first crack at {0}: drop at {1}")
    @CsvSource({"196, 206", "201.4, 211", "190, 200"})
    void aStylesDropIsMovedToTheProbe(double crackC, double dropC) {
        double usual = EventTemperatures.usual(Process.WASHED).firstCrackC();
        Targets style = new Targets(Map.of(KeyFigure.DROP_C, new Aim(206, 2.5)), Targets.DevelopmentFrom.FIRST_CRACK);
        EventTemperatures probe = new EventTemperatures(158, 1, crackC, 1, true);
        Aim moved = PlanStart.onThisProbe(style, probe).aims().get(KeyFigure.DROP_C);
        assertThat(moved.value()).isEqualTo(Math.rint(206 + crackC - usual));
        assertThat(moved.tolerance()).isEqualTo(2.5);
        assertThat(Math.abs(moved.value() - dropC))
                .as("about where it is expected")
                .isLessThanOrEqualTo(2);
    }

    @Test
    void whatTheStyleAimsAtEndsTheRoast() {
        Targets hot = new Targets(Map.of(KeyFigure.DROP_C, new Aim(204, 2)), Targets.DevelopmentFrom.FIRST_CRACK);
        Targets share =
                new Targets(Map.of(KeyFigure.DEVELOPMENT_PCT, new Aim(20, 1)), Targets.DevelopmentFrom.FIRST_CRACK);
        Targets none = new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK);
        assertThat(PlanStart.drop(hot)).isEqualTo(new DropRule(DropRule.By.BEAN_C, 204));
        assertThat(PlanStart.drop(share)).isEqualTo(new DropRule(DropRule.By.DEVELOPMENT_PCT, 20));
        assertThat(PlanStart.drop(none).by()).isEqualTo(DropRule.By.DEVELOPMENT_PCT);
        assertThat(PlanStart.drop(hot.madeFor(RoastAim.ESPRESSO)))
                .as("30 °F above first crack, wherever this probe hears it (common practice, no published source)")
                .isEqualTo(new DropRule(DropRule.By.OVER_CRACK_C, 17));
        assertThat(PlanStart.drop(share.madeFor(RoastAim.DARK)))
                .as("second crack, 50 °F above the first (common practice, no published source)")
                .isEqualTo(new DropRule(DropRule.By.OVER_CRACK_C, 28));
    }

    @Test
    void aChosenEndTakesItsNumberFromTheTargetsAndElseTheUsualOne() {
        Targets aims = new Targets(
                Map.of(
                        KeyFigure.DROP_C, new Aim(207, 2),
                        KeyFigure.TOTAL_S, new Aim(570, 20),
                        KeyFigure.DEVELOPMENT_PCT, new Aim(22, 2)),
                Targets.DevelopmentFrom.FIRST_CRACK);
        Targets none = new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK);
        assertThat(PlanStart.drop(DropRule.By.BEAN_C, aims).value()).isEqualTo(207);
        assertThat(PlanStart.drop(DropRule.By.TOTAL_S, aims).value()).isEqualTo(570);
        assertThat(PlanStart.drop(DropRule.By.DEVELOPMENT_PCT, aims).value()).isEqualTo(22);
        for (DropRule.By by : DropRule.By.values()) {
            Checks checks = new Checks();
            PlanLimits.drop(checks, PlanStart.drop(by, none));
            assertThat(checks.problems()).as(by.name()).isEmpty();
        }
    }

    @Test
    void everyFigureIsFirstAimedAtWithinWhatAPlanMayAsk() {
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = PlanStart.aim(figure);
            assertThat(PlanLimits.aim(aim.value(), aim.tolerance()))
                    .as(figure.label())
                    .isTrue();
        }
    }

    @Test
    void naturalsGetAStyleOfTheirOwn() {
        assertThat(PlanStart.styleFor(Process.NATURAL)).isNotEqualTo(PlanStart.styleFor(Process.WASHED));
        assertThat(School.defaults())
                .extracting(School::id)
                .contains(PlanStart.styleFor(Process.NATURAL), PlanStart.styleFor(Process.WASHED));
    }

    @Test
    void theUsualBatchIsTheMiddleOfWhatWasWeighedElseAShareOfTheDrum() {
        DrumSize drum = new DrumSize(OptionalDouble.of(150), 150);
        assertThat(drum.usualG(new double[] {100, 130, 118})).isEqualTo(118);
        assertThat(drum.usualG(new double[0])).isEqualTo(120);
        assertThat(new DrumSize(OptionalDouble.of(150), 110).usualG()).isEqualTo(110);
        assertThat(new DrumSize(OptionalDouble.empty(), 500).holdsG()).isEqualTo(150);
    }
}
