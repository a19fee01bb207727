package barrowmist.server.trace;

import barrowmist.core.trace.Correction;
import barrowmist.server.plan.Foretelling.ForetoldFigure;
import java.util.List;

/** The one change for the next roast; {@code foretold} is empty where the drum's model may not be believed. */
public record CorrectionView(
        String change,
        double from,
        double to,
        String unit,
        String text,
        String why,
        String mechanism,
        List<ForetoldFigure> foretold) {
    static CorrectionView of(Correction c, List<ForetoldFigure> foretold) {
        return new CorrectionView(c.change(), c.from(), c.to(), c.unit(), c.text(), c.why(), c.mechanism(), foretold);
    }
}
