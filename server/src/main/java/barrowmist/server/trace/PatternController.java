package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.CupMetric;
import barrowmist.core.trace.LearnedRules.Offer;
import barrowmist.core.trace.Pattern;
import barrowmist.server.trace.PatternService.Point;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What this lab has learned of its own cups. */
@RestController
class PatternController {

    private final PatternService patterns;
    private final FindingsRenewal renewal;

    private final OfferService offers;

    PatternController(PatternService patterns, OfferService offers, FindingsRenewal renewal) {
        this.offers = offers;
        this.patterns = patterns;
        this.renewal = renewal;
    }

    /**
     * What one figure has to do with a cause.
     *
     * @param direction on which side of the threshold more are called so
     * @param lower lower end of the threshold's 95 % interval
     * @param n roasts that have the figure
     * @param called so many of them were called so
     * @param p corrected for the number of figures looked at
     * @param wanting so many roasts more are wanted
     */
    record PatternView(
            String metric,
            String label,
            String unit,
            String direction,
            OptionalDouble threshold,
            OptionalDouble lower,
            OptionalDouble upper,
            double auc,
            int n,
            int called,
            double p,
            String standing,
            int wanting) {
        static PatternView of(Pattern p) {
            return new PatternView(
                    p.metric(),
                    CupMetric.parse(p.metric()).map(CupMetric::label).orElse(p.metric()),
                    CupMetric.parse(p.metric()).map(CupMetric::unit).orElse(""),
                    p.above() ? "above" : "below",
                    known(p.threshold()),
                    known(p.lower()),
                    known(p.upper()),
                    p.auc(),
                    p.n(),
                    p.called(),
                    p.p(),
                    p.standing().code(),
                    p.wanting());
        }

        private static OptionalDouble known(double x) {
            return Double.isNaN(x) ? OptionalDouble.empty() : OptionalDouble.of(x);
        }
    }

    /** Which figures of a roaster's cupped roasts separate the cups called so, best first. */
    @GetMapping("/api/patterns")
    List<PatternView> patterns(@RequestParam long machineId, @RequestParam Cause cause) {
        renewal.renew();
        return patterns.of(machineId, cause).stream().map(PatternView::of).toList();
    }

    /** The newest of them along one figure, as a picture shows them. */
    @GetMapping("/api/patterns/points")
    List<Point> points(@RequestParam long machineId, @RequestParam Cause cause, @RequestParam String metric) {
        return patterns.points(machineId, cause, metric);
    }

    /** Other values for the rules, as this lab's own cups would have them; nothing is taken in by itself. */
    @GetMapping("/api/patterns/offers")
    List<Offer> offers(@RequestParam long machineId, @RequestParam Cause cause) {
        return offers.of(machineId, cause);
    }
}
