package barrowmist.core.plan;

import barrowmist.core.plan.Prediction.Predicted;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Says what a search changed and what it could not reach. */
final class FoundWords {

    private static final double CHANGED = 1e-6;

    private final Wording wording;
    private final Sentences words;
    private final ChangedPlan changed;

    FoundWords(Wording wording, ChangedPlan changed) {
        this.wording = wording;
        this.words = new Sentences(wording);
        this.changed = changed;
    }

    /** What was changed, a sentence each. */
    List<String> changes(double[] x) {
        List<String> changes = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            if (Math.abs(x[i] - changed.from(i)) > CHANGED) {
                changes.add(i == 0 ? charge(x[0]) : gas(i, x[i]));
            }
        }
        return changes;
    }

    private String charge(double c) {
        return "Charge at %s instead of %s".formatted(wording.temperature(c), wording.temperature(changed.from(0)));
    }

    private String gas(int i, double pct) {
        String when = i == 1
                ? "Gas at charge"
                : "Gas " + words.when(changed.gasStep(i).when());
        ControlWords controls = wording.controls();
        return "%s: %s instead of %s".formatted(when, controls.gasText(pct), controls.gasText(changed.from(i)));
    }

    /** Which targets are missed and why, a sentence each. */
    List<String> missed(Targets targets, double[] x, Prediction prediction) {
        List<String> missed = new ArrayList<>();
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim == null) {
                continue;
            }
            OptionalDouble value = prediction.figure(figure).stream()
                    .mapToDouble(Predicted::value)
                    .findFirst();
            if (value.isEmpty() || !aim.reachedBy(value.getAsDouble())) {
                missed.add(words.missed(figure, aim, value) + why(x));
            }
        }
        return missed;
    }

    private String why(double[] x) {
        List<String> ends = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            String what = i == 0 ? "the charge" : "the gas";
            if (x[i] >= changed.high(i) - changed.step(i) / 2) {
                ends.add(what + " is as high as is trusted");
            }
            if (x[i] <= changed.low(i) + changed.step(i) / 2) {
                ends.add(what + " is as low as is trusted");
            }
        }
        return ends.isEmpty()
                ? ": it pulls against the other targets; loosen one of them."
                : ": " + String.join(", ", ends.stream().distinct().toList()) + ".";
    }
}
