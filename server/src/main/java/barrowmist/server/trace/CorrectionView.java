package barrowmist.server.trace;

import barrowmist.core.trace.Correction;
import barrowmist.server.plan.Foretelling.ForetoldFigure;
import barrowmist.server.trace.NextRoastService.SizedChange;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The one change for the next roast.
 *
 * @param sizing where its size comes from, a sentence; left out where that needs none
 * @param foretold empty where the drum's model may not be believed
 */
public record CorrectionView(
        String change,
        double from,
        double to,
        String unit,
        String text,
        String why,
        String mechanism,
        @Nullable String sizing,
        List<ForetoldFigure> foretold) {
    static CorrectionView of(SizedChange sized) {
        Correction c = sized.correction();
        return new CorrectionView(
                c.change(),
                c.from(),
                c.to(),
                c.unit(),
                c.text(),
                c.why(),
                c.mechanism(),
                sized.said().isEmpty() ? null : sized.said(),
                sized.foretold());
    }
}
