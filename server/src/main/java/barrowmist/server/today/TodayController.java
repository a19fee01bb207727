package barrowmist.server.today;

import barrowmist.server.trace.FindingsRenewal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TodayController {

    private final TodayService today;
    private final FindingsRenewal traces;

    TodayController(TodayService today, FindingsRenewal traces) {
        this.traces = traces;
        this.today = today;
    }

    @GetMapping("/api/today")
    TodayView today() {
        traces.renew();
        return today.today();
    }
}
