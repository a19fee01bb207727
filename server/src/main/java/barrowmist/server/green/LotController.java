package barrowmist.server.green;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/lots")
class LotController {

    private final LotService lots;

    LotController(LotService lots) {
        this.lots = lots;
    }

    @GetMapping
    List<LotView> lots() {
        return lots.list();
    }

    @GetMapping("/{id}")
    LotView lot(@PathVariable long id) {
        return lots.view(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LotView add(@RequestBody LotEntry entry) {
        return lots.add(entry.lot());
    }

    /** What was done to a whole lot after it came, and when; both left out for nothing. */
    record ReworkEntry(@Nullable LocalDate on, @Nullable String what) {}

    @PutMapping("/{id}/rework")
    LotView rework(@PathVariable long id, @RequestBody ReworkEntry entry) {
        return lots.rework(id, entry.on(), entry.what());
    }

    @PutMapping("/{id}")
    LotView change(@PathVariable long id, @RequestBody LotEntry entry) {
        return lots.change(id, entry);
    }
}
