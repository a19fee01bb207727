package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is said where people go wrong, and the drum noted by hand. */
class PromptsTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static LiveRoast roast(boolean natural) {
        return new LiveRoast(new LiveSetup(
                new BatchConditions(120, 11, 6.5, 190, NONE, 22, natural),
                Optional.empty(),
                new EventTemperatures(158, 1, 195, 1, true),
                MachineReference.NONE,
                Optional.of(new ControlPlan(
                        new ControlLevels(70, 40, 60), List.of(), new DropRule(DropRule.By.DEVELOPMENT_S, 90))),
                new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                new ControlLevels(70, 40, 60)));
    }

    private static void play(LiveRoast live, int fromS, int toS) {
        for (int t = fromS; t < toS; t++) {
            double bean = t < 60 ? 190 - 1.7 * t : 88 + (t - 60) * 0.25;
            live.take(new Reading(t, OptionalDouble.of(bean), NONE, NONE, NONE, NONE));
        }
    }

    @Test
    void aNaturalIsNotCalledDryAtItsFirstBrown() {
        LiveRoast natural = roast(true);
        play(natural, 0, 30);
        assertThat(Prompts.of(natural)).as("before the turning point").isEmpty();
        play(natural, 30, 120);
        assertThat(Prompts.of(natural).orElseThrow()).contains("no green is left");
        LiveRoast washed = roast(false);
        play(washed, 0, 120);
        assertThat(Prompts.of(washed).orElseThrow()).contains("yellow").doesNotContain("natural");
    }

    @Test
    void beforeTheDropTheFanIsSpokenOf() {
        LiveRoast live = roast(false);
        play(live, 0, 300);
        RoastEvents dry = RoastEvents.of().with(EventKind.CHARGE, 0).with(EventKind.DRY_END, 300);
        live.setEvents(dry);
        play(live, 300, 420);
        assertThat(Prompts.of(live)).as("nobody knows when first crack comes").isEmpty();
        live.setEvents(dry.with(EventKind.FIRST_CRACK, 420));
        play(live, 420, 430);
        assertThat(Prompts.of(live)).as("80 s before the drop").isEmpty();
        play(live, 430, 480);
        assertThat(Prompts.of(live).orElseThrow()).contains("cooling fan");
        live.setEvents(dry.with(EventKind.FIRST_CRACK, 420).with(EventKind.DROP, 479));
        assertThat(Prompts.of(live)).isEmpty();
    }

    @Test
    void theDrumIsNotedByHandWithinWhatADrumTurns() {
        assertThat(EntryRules.hasValue(Entry.DRUM)).isTrue();
        assertThat(EntryRules.hasValue(Entry.NOTE)).isFalse();
        assertThat(EntryRules.valueRefused(Entry.DRUM, 120)).isEmpty();
        assertThat(EntryRules.valueRefused(Entry.DRUM, 300).orElseThrow()).contains("0 to 200 1/min");
        assertThat(EntryRules.valueRefused(Entry.GAS, 120)).isPresent();
        assertThat(EntryRules.valueRefused(Entry.PULL, 8)).isEmpty();
        assertThat(EntryRules.valueRefused(Entry.PULL, 0).orElseThrow()).contains("1 to 60 g");
        assertThat(EntryRules.valueRefused(Entry.WARM_UP, 1)).isEmpty();
        assertThat(EntryRules.valueRefused(Entry.WARM_UP, 2)).isPresent();
        Reading set = new Entry(3, Entry.DRUM, 100, 54, "").control(90);
        assertThat(set.drumRpm()).hasValue(54);
        assertThat(set.gasPct()).isEmpty();
        assertThat(new Entry(4, Entry.AIR, 100, 54, "").control(90).airflowPct())
                .hasValue(54);
    }
}
