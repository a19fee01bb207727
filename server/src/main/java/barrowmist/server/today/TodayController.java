package barrowmist.server.today;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TodayController {

    private final TodayService today;

    TodayController(TodayService today) {
        this.today = today;
    }

    @GetMapping("/api/today")
    TodayView today() {
        return today.today();
    }
}
