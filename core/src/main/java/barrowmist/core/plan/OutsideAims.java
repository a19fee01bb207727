package barrowmist.core.plan;

import barrowmist.core.roast.KeyFigure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Why a plan stands outside its own aims, in a sentence. */
public final class OutsideAims {

    private OutsideAims() {}

    /**
     * @param template name of the roast whose moves the plan follows; empty where it follows none
     * @return empty when every figure that is aimed at lies within its tolerance
     */
    public static Optional<String> text(Prediction prediction, Targets targets, Optional<String> template) {
        List<String> out = new ArrayList<>();
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim != null && !reached(prediction.figure(figure), aim)) {
                out.add(figure.label());
            }
        }
        if (out.isEmpty()) {
            return Optional.empty();
        }
        String whose = template.map(t -> "Its moves are those of " + t + ", which was not roasted to these targets")
                .orElse("Its moves are house defaults and were not made for these targets");
        return Optional.of("Outside its targets yet: " + String.join(", ", out) + ". " + whose + ".");
    }

    private static boolean reached(Optional<Prediction.Predicted> predicted, Aim aim) {
        return predicted.filter(p -> aim.reachedBy(p.value())).isPresent();
    }
}
