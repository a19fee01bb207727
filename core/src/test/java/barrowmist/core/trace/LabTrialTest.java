package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.Coded;
import barrowmist.core.cupping.Vocabulary;
import org.junit.jupiter.api.Test;

/** A short form of docs/trace.md: the engine on cases of a simulated lab, of which the truth is known. */
class LabTrialTest {

    @Test
    void theMainCauseComesFirstAndTheOddsComeTrue() {
        LabTrial trial = new LabTrial(TraceRules.DEFAULTS).run(11, 40);
        assertThat(trial.first.share()).as("main cause first").isGreaterThan(0.95);
        assertThat(trial.supportedClear.share()).as("clear, supported").isGreaterThan(0.92);
        assertThat(trial.supportedMild.share()).as("mild, supported").isGreaterThan(0.75);
        assertThat(trial.falseOnSound.share()).as("supported on a sound cup").isLessThan(0.01);
        assertThat(trial.falseOnOther.share()).as("another cause supported").isLessThan(0.03);
        assertThat(trial.bothNamed.share()).as("both of two").isGreaterThan(0.75);
        assertThat(trial.brier()).as("Brier score").isLessThan(0.08);
        assertThat(trial.said[9].share()).as("said 0.9 and more").isGreaterThan(0.95);
        assertThat(trial.said[0].share()).as("said less than 0.1").isLessThan(0.01);
    }

    @Test
    void everyWordOfTheTableIsInTheVocabularyAndEverySignIsUsed() {
        TraceRules.DEFAULTS.all().stream()
                .filter(r -> r.name().startsWith("word."))
                .map(r -> r.name().substring(r.name().indexOf('.', 5) + 1))
                .forEach(word -> assertThat(Vocabulary.find(word)).as(word).isPresent());
        for (Sign sign : Sign.values()) {
            assertThat(TraceRules.DEFAULTS.all())
                    .as(sign.code())
                    .anyMatch(r -> r.name().startsWith("shows.") && r.name().endsWith("." + sign.code()));
        }
        TraceRules.DEFAULTS.all().stream()
                .filter(r -> r.name().startsWith("shows."))
                .map(r -> r.name().substring(r.name().lastIndexOf('.') + 1))
                .forEach(sign ->
                        assertThat(Coded.find(Sign.class, sign)).as(sign).isPresent());
    }
}
