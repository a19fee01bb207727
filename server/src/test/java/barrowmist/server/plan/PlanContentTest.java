package barrowmist.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.server.machine.ControlRange;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.plan.PlanContent.AimView;
import barrowmist.server.plan.PlanContent.DropView;
import barrowmist.server.plan.PlanContent.LevelsView;
import barrowmist.server.plan.PlanContent.MoveView;
import barrowmist.server.plan.PlanContent.OtherDropView;
import barrowmist.server.plan.PlanViews.DropEntry;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A plan between the wire and the core. */
class PlanContentTest {

    private static final MachineSettings MACHINE = new MachineSettings(
            60,
            150,
            "gas",
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

    private static final MoveView BY_TIME = new MoveView(new WhenView("time", 120.0, null, null, null), "gas", 70);
    private static final MoveView BY_BEAN = new MoveView(new WhenView("bean", null, 150.0, null, null), "air", 50);
    private static final MoveView BY_EVENT =
            new MoveView(new WhenView("event", null, null, "first_crack", 20.0), "drum", 55);

    private static PlanContent content(List<MoveView> steps, DropView drop) {
        return new PlanContent(
                "own",
                "dry-end",
                Map.of("totalS", new AimView(600, 20), "dropC", new AimView(205, 2)),
                120,
                190,
                new LevelsView(80, 40, 60),
                steps,
                drop,
                null,
                null,
                null);
    }

    private static final DropView DROP = new DropView("development-pct", 17, null);

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
                        new MoveView(new WhenView("time", -5.0, null, null, null), "gas", 70),
                        new MoveView(new WhenView("event", null, null, "drop", 0.0), "gas", 70),
                        new MoveView(new WhenView("moon", null, null, null, null), "gas", 170),
                        new MoveView(BY_TIME.when(), "steam", 10)),
                new DropView("bean-c", -1, null)));
        assertThat(said)
                .anyMatch(m -> m.startsWith("Time of the move is -5 s"))
                .anyMatch(m -> m.endsWith("not drop"))
                .anyMatch(m -> m.contains("not \"moon\""))
                .anyMatch(m -> m.startsWith("Move 3 is 170 %"))
                .anyMatch(m -> m.contains("gas, air or drum"))
                .anyMatch(m -> m.startsWith("Drop is -1"));
    }

    @Test
    void twoThingsEndARoastWhenTheyDifferAndBothCanBe() {
        PlanContent both =
                content(List.of(), new DropView("bean-c", 208, new OtherDropView(true, "development-pct", 16)));
        assertThat(both.with(both.chargeC(), both.controls())).isEqualTo(both);
        assertThat(PlanEntity.CONTENT.read(PlanEntity.CONTENT.write(both))).isEqualTo(both);
        assertThat(refused(content(List.of(), new DropView("bean-c", 208, new OtherDropView(true, "bean-c", 210)))))
                .anyMatch(m -> m.startsWith("The drop is ruled twice by the same"));
        assertThat(refused(content(
                        List.of(), new DropView("bean-c", 208, new OtherDropView(true, "development-pct", 99)))))
                .anyMatch(m -> m.startsWith("Drop is 99"));
        assertThat(refused(content(List.of(), new DropView("bean-c", 208, new OtherDropView(true, "moon", 9)))))
                .anyMatch(m -> m.contains("not moon"));
    }

    @Test
    void aBatchOutsideTheDrumIsRefusedWithItsRange() {
        PlanContent big = new PlanContent(
                "own",
                "first-crack",
                Map.of(),
                400,
                190,
                new LevelsView(80, 40, 60),
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
        Map<String, AimView> targets = Map.of("dropC", new AimView(207, 2));
        assertThat(PlanReader.drop(new DropEntry("bean-c", targets, "first-crack")))
                .isEqualTo(new DropView("bean-c", 207, null));
        assertThat(PlanReader.drop(new DropEntry("development-pct", targets, "first-crack"))
                        .by())
                .isEqualTo("development-pct");
        assertThatThrownBy(() -> PlanReader.drop(new DropEntry("smell", targets, "first-crack")))
                .isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> PlanReader.drop(new DropEntry(null, null, null)))
                .isInstanceOf(InputProblems.class);
    }

    @Test
    void whatIsFirstAimedAtIsAPlanThatIsTaken() {
        PlanContent content = new PlanContent(
                "own",
                "first-crack",
                PlanContent.firstAims(),
                120,
                190,
                new LevelsView(80, 40, 60),
                List.of(),
                DROP,
                null,
                null,
                null);
        content.check(MACHINE);
        assertThat(content.aimedAt().aims()).hasSameSizeAs(PlanContent.firstAims());
    }
}
