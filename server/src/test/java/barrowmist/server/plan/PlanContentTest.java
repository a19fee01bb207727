package barrowmist.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import barrowmist.core.machine.HeatSource;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.DropRule.By;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.machine.ControlRange;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.plan.PlanContent.MoveView;
import barrowmist.server.plan.PlanViews.DropEntry;
import barrowmist.server.plan.WhenView.Kind;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A plan between the wire and the core. */
class PlanContentTest {

    private static final MachineSettings MACHINE = new MachineSettings(
            60,
            150,
            HeatSource.GAS,
            "",
            new ControlRange(0, 100, 1, null),
            null,
            null,
            22,
            1800,
            150,
            List.of(),
            null,
            null,
            null);

    private static final MoveView BY_TIME =
            new MoveView(new WhenView(Kind.TIME, 120.0, null, null, null), Control.GAS, 70);
    private static final MoveView BY_BEAN =
            new MoveView(new WhenView(Kind.BEAN, null, 150.0, null, null), Control.AIR, 50);
    private static final MoveView BY_EVENT =
            new MoveView(new WhenView(Kind.EVENT, null, null, EventKind.FIRST_CRACK, 20.0), Control.DRUM, 55);

    private static PlanContent content(List<MoveView> steps, DropRule drop) {
        return new PlanContent(
                "own",
                DevelopmentFrom.DRY_END,
                Map.of(KeyFigure.TOTAL_S, new Aim(600, 20), KeyFigure.DROP_C, new Aim(205, 2)),
                120,
                190,
                new ControlLevels(80, 40, 60),
                steps,
                drop,
                null,
                null,
                null);
    }

    private static final DropRule DROP = new DropRule(By.DEVELOPMENT_PCT, 17);

    @Test
    void movesAndRulesReachTheCore() {
        PlanContent content = content(List.of(BY_TIME, BY_BEAN, BY_EVENT), DROP);
        content.check(MACHINE);
        var plan = content.controls();
        assertThat(plan.steps().get(0).when()).isEqualTo(new Trigger.AtTime(120));
        assertThat(plan.steps().get(1).when()).isEqualTo(new Trigger.AtBean(150));
        assertThat(plan.steps().get(2).when()).isEqualTo(new Trigger.AtEvent(EventKind.FIRST_CRACK, 20));
        assertThat(plan.drop()).isEqualTo(new DropRule(DropRule.By.DEVELOPMENT_PCT, 17));
        assertThat(content.aimedAt().developmentFrom()).isEqualTo(DevelopmentFrom.DRY_END);
    }

    @Test
    void whatTheCoreGivesBackIsTheSameContent() {
        PlanContent content = content(List.of(BY_TIME, BY_BEAN, BY_EVENT), DROP);
        assertThat(content.with(190, content.controls())).isEqualTo(content);
        assertThat(PlanEntity.CONTENT.read(PlanEntity.CONTENT.write(content))).isEqualTo(content);
    }

    private static List<String> refused(PlanContent content) {
        try {
            content.check(MACHINE);
            return List.of();
        } catch (InputProblems e) {
            return e.problems().stream().map(p -> p.message()).toList();
        }
    }

    @Test
    void badMovesAreNamedOneByOne() {
        List<String> said = refused(content(
                List.of(
                        new MoveView(new WhenView(Kind.TIME, -5.0, null, null, null), Control.GAS, 70),
                        new MoveView(new WhenView(Kind.EVENT, null, null, EventKind.DROP, 0.0), Control.GAS, 70),
                        new MoveView(new WhenView(null, null, null, null, null), Control.GAS, 170),
                        new MoveView(BY_TIME.when(), null, 10)),
                new DropRule(By.BEAN_C, -1)));
        assertThat(said)
                .anyMatch(m -> m.startsWith("Time of the move is -5 s"))
                .anyMatch(m -> m.endsWith("not drop"))
                .anyMatch(m -> m.startsWith("A move comes at a time"))
                .anyMatch(m -> m.startsWith("Move 3 is 170 %"))
                .anyMatch(m -> m.contains("gas, air or drum"))
                .anyMatch(m -> m.startsWith("Drop is -1"));
    }

    @Test
    void twoThingsEndARoastWhenTheyDifferAndBothCanBe() {
        PlanContent both = content(
                List.of(), new DropRule(By.BEAN_C, 208, Optional.of(new DropRule.Other(true, By.DEVELOPMENT_PCT, 16))));
        assertThat(both.with(both.chargeC(), both.controls())).isEqualTo(both);
        assertThat(PlanEntity.CONTENT.read(PlanEntity.CONTENT.write(both))).isEqualTo(both);
        assertThat(refused(content(
                        List.of(),
                        new DropRule(By.BEAN_C, 208, Optional.of(new DropRule.Other(true, By.BEAN_C, 210))))))
                .anyMatch(m -> m.startsWith("The drop is ruled twice by the same"));
        assertThat(refused(content(
                        List.of(),
                        new DropRule(By.BEAN_C, 208, Optional.of(new DropRule.Other(true, By.DEVELOPMENT_PCT, 99))))))
                .anyMatch(m -> m.startsWith("Drop is 99"));
        assertThat(refused(content(
                        List.of(), new DropRule(By.BEAN_C, 208, Optional.of(new DropRule.Other(true, null, 9))))))
                .anyMatch(m -> m.startsWith("drop is missing"));
    }

    @Test
    void aBatchOutsideTheDrumIsRefusedWithItsRange() {
        PlanContent big = new PlanContent(
                "own",
                DevelopmentFrom.FIRST_CRACK,
                Map.of(),
                400,
                190,
                new ControlLevels(80, 40, 60),
                List.of(),
                DROP,
                null,
                null,
                null);
        assertThatThrownBy(() -> big.check(MACHINE))
                .asInstanceOf(type(InputProblems.class))
                .extracting(e -> e.problems().get(0).message())
                .isEqualTo("Batch is 400 g, allowed are 60 to 150 g");
    }

    @Test
    void anEndIsProposedFromTheTargetsAndAnUnknownOneIsRefused() {
        Map<KeyFigure, Aim> targets = Map.of(KeyFigure.DROP_C, new Aim(207, 2));
        assertThat(PlanReader.drop(new DropEntry(By.BEAN_C, targets, DevelopmentFrom.FIRST_CRACK)))
                .isEqualTo(new DropRule(By.BEAN_C, 207));
        assertThat(PlanReader.drop(new DropEntry(By.DEVELOPMENT_PCT, targets, DevelopmentFrom.FIRST_CRACK))
                        .by())
                .isEqualTo(By.DEVELOPMENT_PCT);
        assertThatThrownBy(() -> PlanReader.drop(new DropEntry(null, targets, DevelopmentFrom.FIRST_CRACK)))
                .isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> PlanReader.drop(new DropEntry(null, null, null)))
                .isInstanceOf(InputProblems.class);
    }

    @Test
    void whatIsFirstAimedAtIsAPlanThatIsTaken() {
        PlanContent content = new PlanContent(
                "own",
                DevelopmentFrom.FIRST_CRACK,
                PlanContent.firstAims(),
                120,
                190,
                new ControlLevels(80, 40, 60),
                List.of(),
                DROP,
                null,
                null,
                null);
        content.check(MACHINE);
        assertThat(content.aimedAt().aims()).hasSameSizeAs(PlanContent.firstAims());
    }
}
