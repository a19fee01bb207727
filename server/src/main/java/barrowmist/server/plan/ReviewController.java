package barrowmist.server.plan;

import barrowmist.server.roast.DeskRecord;
import barrowmist.server.roast.EventChange;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Looks back: a roast against its plan, the roasts of one plan against each other, the outlook against what came. */
@RestController
class ReviewController {

    private final ReviewService reviews;
    private final ChangedPlans changed;

    ReviewController(ReviewService reviews, ChangedPlans changed) {
        this.changed = changed;
        this.reviews = reviews;
    }

    /** The plan of a roast; left out for none. */
    record FollowedEntry(@Nullable Long planId) {}

    /** A figure against its aim. */
    record ReviewRow(
            String figure,
            String label,
            String unit,
            double planned,
            double tolerance,
            @Nullable Double actual,
            @Nullable Double off,
            boolean inside) {}

    /** A roast looked back at. {@code desk} is left out for a log that was imported. */
    record ReviewView(
            @Nullable Long planId,
            List<ReviewRow> rows,
            @Nullable DeskRecord desk,
            List<EventChange> history) {}

    /** A roast of a plan. */
    record RepeatedRoast(long roastId, int number, Instant roastedAt) {}

    /** How far a figure strays: {@code values} in the order of the roasts. */
    record RepeatedFigure(
            String figure,
            String label,
            String unit,
            double planned,
            double tolerance,
            double mean,
            double sd,
            double strays,
            boolean holds,
            List<@Nullable Double> values) {}

    /** Roasts of one plan beside each other. */
    record RepeatabilityView(List<RepeatedRoast> roasts, List<RepeatedFigure> figures, String text) {}

    /** How good the outlook was: mean of the misses without their signs, and with them. */
    record PredictionScore(String from, String figure, int roasts, double meanMiss, double bias) {}

    @GetMapping("/api/roasts/{id}/review")
    ReviewView review(@PathVariable long id) {
        return reviews.review(id);
    }

    /** Says by which plan a roast was roasted, where it was logged elsewhere. */
    @PutMapping("/api/roasts/{id}/followed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void followed(@PathVariable long id, @RequestBody FollowedEntry entry) {
        changed.followed(id, entry.planId());
    }

    @GetMapping("/api/plans/{id}/repeatability")
    RepeatabilityView repeatability(@PathVariable long id) {
        return reviews.repeatability(id);
    }

    @GetMapping("/api/machines/{id}/predictions")
    List<PredictionScore> predictions(@PathVariable long id) {
        return reviews.predictions(id);
    }
}
