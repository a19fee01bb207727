package barrowmist.server.past;

import barrowmist.server.past.PastViews.LikeRoast;
import barrowmist.server.past.PastViews.OverTimeView;
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

    PastController(PastService past, FindingsRenewal renewal) {
        this.past = past;
        this.renewal = renewal;
    }

    /** Cupped roasts whose curve is most like this one, and what came of them. */
    @GetMapping("/api/roasts/{id}/trace/like")
    List<LikeRoast> like(@PathVariable long id) {
        return past.like(id);
    }

    /** How often each cause was found, by machine, process, supplier or month, and whether it got rarer. */
    @GetMapping("/api/traces/over-time")
    OverTimeView overTime(@RequestParam(defaultValue = "month") String by) {
        renewal.renew();
        return past.overTime(by);
    }
}
