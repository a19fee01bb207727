package barrowmist.server.rest;

import barrowmist.core.rest.RestSchool;
import barrowmist.server.rest.RestViews.AgeingEntry;
import barrowmist.server.rest.RestViews.AgeingView;
import barrowmist.server.rest.RestViews.ShelfSchool;
import barrowmist.server.rest.RestViews.ShelfView;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShelfController {

    private final ShelfService shelf;
    private final Clock clock;

    ShelfController(ShelfService shelf, Clock clock) {
        this.shelf = shelf;
        this.clock = clock;
    }

    /** @param school another one than the lab keeps to */
    @GetMapping("/api/rest/shelf")
    ShelfView shelf(@RequestParam(required = false) @Nullable RestSchool school) {
        return shelf.shelf(school);
    }

    @PutMapping("/api/rest/school")
    ShelfView keepSchool(@RequestBody ShelfSchool entry) {
        shelf.keepSchool(entry.school(), entry.process());
        return shelf.shelf(null);
    }

    @GetMapping(path = "/api/rest/shelf.ics", produces = "text/calendar")
    ResponseEntity<String> calendar() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rest-shelf.ics\"")
                .body(ShelfCalendar.write(shelf.shelf(null), clock.getZone()));
    }

    @PutMapping("/api/roasts/{id}/ageing")
    AgeingView study(@PathVariable long id, @RequestBody AgeingEntry entry) {
        return shelf.study(id, entry);
    }

    @DeleteMapping("/api/roasts/{id}/ageing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endStudy(@PathVariable long id) {
        shelf.endStudy(id);
    }
}
