package barrowmist.server.trace;

import barrowmist.core.trace.ChangeSizing.Sized;
import barrowmist.core.trace.Correction;
import barrowmist.server.plan.Foretelling.ForetoldFigure;
import barrowmist.server.roast.CurveView.SeriesView;
import barrowmist.server.trace.NextRoastService.SizedChange;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The one change for the next roast.
 *
 * @param sizing where its size comes from, a sentence; left out where that needs none
 * @param weighed what else would have done it on this drum, and why it was not chosen; a sentence each
 * @param foretold empty where the drum's model may not be believed
 * @param curve the roast with the change, as that model has it; left out where it says nothing
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
        List<String> weighed,
        List<ForetoldFigure> foretold,
        @Nullable ForetoldCurve curve) {

    /** A curve that is foretold, by s since charge. */
    public record ForetoldCurve(SeriesView beanC, SeriesView rorCPerMin) {}

    static CorrectionView of(SizedChange change) {
        Sized sized = change.sized();
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
                sized.weighed(),
                change.foretold(),
                change.curve()
                        .map(n -> new ForetoldCurve(SeriesView.thinned(n.beanC()), SeriesView.thinned(n.rorCPerMin())))
                        .orElse(null));
    }
}
