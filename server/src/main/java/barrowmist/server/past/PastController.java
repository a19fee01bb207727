package barrowmist.server.past;

import barrowmist.server.past.PastViews.LikeRoast;
import barrowmist.server.past.PastViews.OverTimeView;
import barrowmist.server.past.PastViews.TogetherView;
import barrowmist.server.trace.FindingsRenewal;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PastController {

    private final PastService past;
    private final FindingsRenewal renewal;

    private final TogetherService together;

    PastController(PastService past, TogetherService together, FindingsRenewal renewal) {
        this.together = together;
        this.past = past;
        this.renewal = renewal;
    }

    /** Cupped roasts whose curve is most like this one, and what came of them. */
    @GetMapping("/api/roasts/{id}/trace/like")
    List<LikeRoast> like(@PathVariable long id) {
        return past.like(id);
    }

    /** A whole lot: what its cupped roasts share. */
    @GetMapping("/api/lots/{id}/trace")
    TogetherView lot(@PathVariable long id) {
        renewal.renew();
        return together.lot(id);
    }

    /** A whole table: what its samples share; empty until it is revealed. */
    @GetMapping("/api/cuppings/{id}/trace")
    TogetherView table(@PathVariable long id) {
        renewal.renew();
        return together.table(id);
    }

    /** How often each cause was found, by machine, process, supplier, person or month, and whether it got rarer. */
    @GetMapping("/api/traces/over-time")
    OverTimeView overTime(@RequestParam(defaultValue = "month") String by) {
        renewal.renew();
        return past.overTime(by);
    }
}
