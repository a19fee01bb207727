package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KeyFigure;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Why a plan stands outside its own aims. */
class OutsideAimsTest {

    private static Optional<String> text(double totalS, double dropC, Optional<String> template) {
        Targets targets = new Targets(
                Map.of(KeyFigure.TOTAL_S, new Aim(600, 20), KeyFigure.DROP_C, new Aim(205, 2)),
                Targets.DevelopmentFrom.FIRST_CRACK);
        return OutsideAims.text(
                new Prediction(
                        null,
                        Map.of(
                                KeyFigure.TOTAL_S, new Prediction.Predicted(totalS, Optional.empty()),
                                KeyFigure.DROP_C, new Prediction.Predicted(dropC, Optional.empty())),
                        true,
                        false,
                        List.of()),
                targets,
                template);
    }

    @Test
    void aPlanWithinItsAimsSaysNothing() {
        assertThat(text(620, 203, Optional.empty())).isEmpty();
    }

    @Test
    void whatIsMissedIsNamedWithWhoseMovesItFollows() {
        assertThat(text(621, 205, Optional.of("Hill, roast 2")))
                .hasValueSatisfying(t -> assertThat(t)
                        .startsWith("Outside its targets yet: " + KeyFigure.TOTAL_S.label() + ". Its moves are those of"
                                + " Hill, roast 2"));
        assertThat(text(500, 210, Optional.empty()))
                .hasValueSatisfying(t -> assertThat(t)
                        .contains(KeyFigure.TOTAL_S.label())
                        .contains(KeyFigure.DROP_C.label())
                        .contains("house defaults"));
    }
}
