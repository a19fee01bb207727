package barrowmist.server.day;

import barrowmist.server.day.DayViews.BatchesEntry;
import barrowmist.server.day.DayViews.BatchesView;
import barrowmist.server.day.DayViews.DayChange;
import barrowmist.server.day.DayViews.DayView;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Days of roasting, and production batches. */
@RestController
@RequestMapping("/api")
class DayController {

    private final DayService days;
    private final Clock clock;

    DayController(DayService days, Clock clock) {
        this.days = days;
        this.clock = clock;
    }

    @GetMapping("/days/{date}")
    DayView day(@PathVariable LocalDate date) {
        return days.view(date);
    }

    @PutMapping("/days/{date}")
    DayView keepDay(@PathVariable LocalDate date, @RequestBody DayChange change) {
        return days.keep(date, change);
    }

    /** The day as it would be in the order that spares changes of the charge; nothing is kept. */
    @PostMapping("/days/{date}/order")
    DayView orderDay(@PathVariable LocalDate date, @RequestBody DayChange change) {
        return days.ordered(date, change);
    }

    @GetMapping(value = "/days/{date}/calendar.ics", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar(@PathVariable LocalDate date) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"roasting-" + date + ".ics\"")
                .body(DayCalendar.of(days.view(date), clock));
    }

    @PostMapping("/batches")
    BatchesView batches(@RequestBody BatchesEntry entry) {
        return days.batches(entry);
    }
}
