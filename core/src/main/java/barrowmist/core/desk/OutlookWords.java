package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.By;
import barrowmist.core.machine.Pace;
import java.util.Optional;

/** Who tells what is coming, in a sentence. */
public final class OutlookWords {

    private OutlookWords() {}

    /** @param outlook what is foretold now; empty when nothing is */
    public static String of(LiveSetup setup, Optional<Outlook> outlook) {
        Optional<By> by = outlook.flatMap(Outlook::by);
        int roasts = setup.pace().roasts();
        if (by.isPresent() && by.get() == By.MODEL) {
            return "By this roaster\u2019s model, corrected by how it did in its own roasts.";
        }
        if (by.isPresent()) {
            return why(setup) + "by the pace of its last %d roasts.".formatted(roasts);
        }
        if (setup.believed().isPresent() || roasts >= Pace.FEWEST) {
            return setup.believed().isPresent()
                    ? "Nothing more is to come by this roaster\u2019s model."
                    : "By the pace of its last roasts nothing can be said yet: the probe has to turn first.";
        }
        return setup.model().isPresent()
                ? "Nothing is foretold: this roaster\u2019s model is not believed, its page says why."
                : "Nothing is foretold: this roaster has no model yet. Fit one on its page.";
    }

    private static String why(LiveSetup setup) {
        if (setup.believed().isPresent()) {
            return "Nearer than this roaster\u2019s model in its own roasts: ";
        }
        return setup.model().isPresent()
                ? "This roaster\u2019s model is not believed: "
                : "This roaster has no model yet: ";
    }
}
